import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { call, sentence } from "../shared/api";
import { plural } from "../shared/format";

interface ReadAgainProps {
  formId: string;
  version: number;
  /** Read the words of one movement, or of all, again. */
  onReadAgain: (movement: string) => void;
}

/** Words that an earlier version of the reader read: what would be read otherwise now, as a choice. */
export function ReadAgain({ formId, version, onReadAgain }: ReadAgainProps) {
  const [open, setOpen] = useState(false);
  const { data, error } = useQuery({
    queryKey: ["read-again", formId, version],
    queryFn: () => call(`forms/${formId}/read-again`),
  });
  if (error) return <p className="text-error">{sentence(error)}</p>;
  if (!data?.earlier) return null;
  const { changes } = data;
  return (
    <div className="border-base-300 mt-2 grid gap-1 border-t pt-2 text-sm" data-read-again={changes.length}>
      <p>
        The words of {plural(data.earlier, "movement")} were read by an earlier Kemvo and stay as they were
        read.{" "}
        {changes.length
          ? `Read again, ${plural(changes.length, "of them")} would say something else.`
          : "Read again, they would say the same."}
      </p>
      {changes.length > 0 && (
        <button type="button" className="btn btn-sm justify-self-start" onClick={() => setOpen(!open)}>
          {open ? "Hide what would change" : "Show what would change"}
        </button>
      )}
      {open && (
        <ul className="grid max-h-[40vh] gap-2 overflow-y-auto">
          {changes.map((c) => (
            <li key={c.movement_id} className="grid gap-0.5">
              <b className="font-medium">{c.line}</b>
              <span className="quiet">was: {c.was.join(" · ") || "nothing"}</span>
              <span>now: {c.now.join(" · ") || "nothing"}</span>
              <button
                type="button"
                className="btn btn-xs justify-self-start"
                onClick={() => onReadAgain(c.movement_id)}
              >
                Read this line again
              </button>
            </li>
          ))}
        </ul>
      )}
      {changes.length > 0 && (
        <button type="button" className="btn btn-sm justify-self-start" onClick={() => onReadAgain("")}>
          Read all words again
        </button>
      )}
    </div>
  );
}
