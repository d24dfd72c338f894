import { useQuery } from "@tanstack/react-query";
import { Download } from "lucide-react";
import { useState } from "react";
import { type CueFileView, call, sentence, upload } from "../shared/api";
import { Check } from "../shared/Check";

const intoView = (element: HTMLElement | null) => element?.scrollIntoView({ block: "nearest" });

interface FilesPanelProps {
  kind: "sessions" | "recordings";
  id: string;
  onTake: (file: File, only: boolean) => void;
}

/** What is said, as files to take away; and a file that was changed elsewhere, taken back. */
export function FilesPanel({ kind, id, onTake }: FilesPanelProps) {
  const kinds = useQuery({
    queryKey: ["cue-files"],
    queryFn: () => call<CueFileView[]>(`${kind}/${id}/cue-files`),
    staleTime: Number.POSITIVE_INFINITY,
  });
  const [file, setFile] = useState<File | null>(null);
  const [only, setOnly] = useState(false);
  const [told, setTold] = useState("");
  const look = async (chosen: File, all: boolean) => {
    try {
      const found = await upload<{ says: string }>(`${kind}/${id}/cue-file/look`, chosen, { only: all });
      setFile(chosen);
      setTold(found.says);
    } catch (error) {
      setFile(null);
      setTold(sentence(error));
    }
  };
  return (
    <div className="grid gap-4" data-files>
      <section className="grid gap-2">
        <h2 className="text-lg">Save</h2>
        <div className="flex flex-wrap gap-1.5">
          {kinds.data?.map((k) => (
            <a key={k.id} className="btn btn-xs" href={`/api/${kind}/${id}/cue-files/${k.id}`} download>
              <Download size={13} /> {k.title}
            </a>
          ))}
          {(["instructor", "class"] as const).map((reader) => (
            <a
              key={reader}
              className="btn btn-xs"
              href={`/api/${kind}/${id}/cue-sheet.pdf?reader=${reader}`}
              download
            >
              <Download size={13} /> Cue sheet for the {reader} (PDF)
            </a>
          ))}
          {kind === "sessions" && (
            <a className="btn btn-xs" href={`/api/sessions/${id}/practice.mid`} download>
              <Download size={13} /> Tempo, markers, words (MIDI)
            </a>
          )}
          <a className="btn btn-xs" href={`/api/${kind}/${id}/schedule.json`} download>
            <Download size={13} /> Scheduling problem (JSON)
          </a>
          {kind === "sessions" && (
            <a className="btn btn-xs" href={`/api/sessions/${id}/file`} download>
              <Download size={13} /> Session file
            </a>
          )}
          <a className="btn btn-xs" href={`/api/${kind}/${id}/packed.zip`} download>
            <Download size={13} />{" "}
            {kind === "sessions" ? "Session with its takes and sounds (ZIP)" : "Session and marks (ZIP)"}
          </a>
        </div>
      </section>
      <section className="grid gap-2">
        <h2 className="text-lg">Open a changed file</h2>
        <p className="quiet text-sm">
          Captions (.vtt, .srt), a table (.csv), labels or the sheet (.txt) that were changed elsewhere, or a
          cue sheet (.pdf): their words and times count from then on.
        </p>
        <input
          type="file"
          className="file-input file-input-sm w-full"
          accept=".vtt,.srt,.csv,.txt,.pdf"
          aria-label="Cue file to take back"
          onChange={(e) => {
            const chosen = e.target.files?.[0];
            if (chosen) void look(chosen, only);
          }}
        />
        <Check
          name="remove cues missing from the file"
          on={only}
          onChange={(on) => {
            setOnly(on);
            if (file) void look(file, on);
          }}
        />
        {told && (
          <p role="status" data-file-told ref={intoView} className="scroll-mb-14">
            {told}
          </p>
        )}
        {file && (
          <button
            type="button"
            className="btn btn-primary btn-sm justify-self-start"
            onClick={() => {
              onTake(file, only);
              setFile(null);
              setTold("Taken over. Undo takes it back.");
            }}
          >
            Apply the file
          </button>
        )}
      </section>
    </div>
  );
}
