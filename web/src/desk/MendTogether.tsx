import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { call, sentence } from "../shared/api";
import { clock, plural } from "../shared/format";

interface MendTogetherProps {
  kind: "sessions" | "recordings";
  id: string;
  version: number;
  problems: number;
  onTake: (no: number) => void;
}

/** All problems mended together: ways worked out whole, each with what it changes and what it leaves. */
export function MendTogether({ kind, id, version, problems, onTake }: MendTogetherProps) {
  const [asked, setAsked] = useState(0);
  const { data, error, isFetching } = useQuery({
    queryKey: ["mendings", kind, id, version],
    queryFn: () => call(`${kind}/${id}/mendings`),
    enabled: asked === version,
    gcTime: 0,
  });
  if (problems < 2) return null;
  if (asked !== version)
    return (
      <button type="button" className="btn btn-sm justify-self-start" onClick={() => setAsked(version)}>
        Mend them together
      </button>
    );
  if (isFetching)
    return (
      <p role="status" className="text-sm">
        Trying slower postures…
      </p>
    );
  if (error) return <p role="alert">{sentence(error)}</p>;
  if (!data?.length) return <p className="text-sm">Nothing mends several of them at once.</p>;
  return (
    <ol className="grid gap-2" data-mendings={data.length} aria-label="Ways to mend them together">
      {data.map((m, no) => (
        <li key={m.longer_ms} className="grid gap-1 rounded-box bg-base-200 p-2 text-sm">
          <p>
            <b>
              {plural(m.before, "problem")} → {m.after}
            </b>
            , {m.longer_ms ? `${clock(m.longer_ms)} longer` : "no longer"}
            {m.essential > 0 && `; ${plural(m.essential, "essential cue")} still left out`}
          </p>
          {m.says.map((line) => (
            <p key={line}>{line}</p>
          ))}
          <button
            type="button"
            className="btn btn-primary btn-xs h-7 justify-self-start"
            onClick={() => onTake(no)}
          >
            Take this
          </button>
        </li>
      ))}
    </ol>
  );
}
