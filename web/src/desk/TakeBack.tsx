import { useState } from "react";
import { sentence, upload } from "../shared/api";
import { Check } from "../shared/Check";

const intoView = (element: HTMLElement | null) => element?.scrollIntoView({ block: "nearest" });

interface TakeBackProps {
  kind: "sessions" | "recordings";
  id: string;
  onTake: (file: File, only: boolean) => void;
}

/** A file of what is said that was changed elsewhere, taken back: first what it would change, then the change. */
export function TakeBack({ kind, id, onTake }: TakeBackProps) {
  const [file, setFile] = useState<File | null>(null);
  const [only, setOnly] = useState(false);
  const [told, setTold] = useState("");
  const look = async (chosen: File, all: boolean) => {
    try {
      const found = await upload(`${kind}/${id}/cue-file/look`, chosen, { only: all });
      setFile(chosen);
      setTold(found.says);
    } catch (error) {
      setFile(null);
      setTold(sentence(error));
    }
  };
  return (
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
  );
}
