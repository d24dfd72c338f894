import { useRef } from "react";
import type { Recording, RecordingSheet } from "../shared/api";

interface DeskFootProps {
  id: string;
  /** Mark by a file: captions, or marks. */
  onFile: (what: "captions" | "marks-file", file: File) => void;
}

/** The keys for all that is done while watching, and marks that come from a file or go into one. */
export function DeskFoot({ id, onFile }: DeskFootProps) {
  const chooser = useRef<HTMLInputElement>(null);
  return (
    <div className="quiet mt-2 flex flex-wrap items-center gap-x-4 gap-y-1 text-sm">
      <span>
        <kbd className="kbd kbd-xs">Space</kbd> play · <kbd className="kbd kbd-xs">Enter</kbd> a posture
        begins · <kbd className="kbd kbd-xs">M</kbd> a movement · <kbd className="kbd kbd-xs">S</kbd> stopped,
        on again · <kbd className="kbd kbd-xs">, .</kbd> move the mark · <kbd className="kbd kbd-xs">N</kbd>{" "}
        what helps most
      </span>
      <button type="button" className="link" onClick={() => chooser.current?.click()}>
        Mark by captions or by a file of marks
      </button>
      <a className="link" href={`/api/recordings/${id}/marks.json`} download>
        Save the marks
      </a>
      <input
        ref={chooser}
        type="file"
        accept=".vtt,.srt,.json"
        className="hidden"
        aria-label="Captions or marks"
        onChange={(e) => {
          const file = e.target.files?.[0];
          e.target.value = "";
          if (file) onFile(file.name.toLowerCase().endsWith(".json") ? "marks-file" : "captions", file);
        }}
      />
    </div>
  );
}

/** What an instructor should know of a recording. */
export function Notices({ recording, sheet }: { recording: Recording; sheet: RecordingSheet }) {
  const told = [
    ...recording.media.notes,
    ...(sheet.session_here
      ? []
      : ["The session that was done in it is put away or gone; bring it back to go on."]),
    ...(sheet.unknown.length
      ? [
          `${sheet.unknown.length} marks belong to movements that the session does not have any more. They are kept.`,
        ]
      : []),
    ...(sheet.unused.length ? [`${sheet.unused.length} marks contradict surer ones and do not count.`] : []),
  ];
  if (!told.length) return null;
  return (
    <ul role="status" className="alert mb-2 block text-sm">
      {told.map((t) => (
        <li key={t}>{t}</li>
      ))}
    </ul>
  );
}
