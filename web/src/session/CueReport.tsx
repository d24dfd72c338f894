import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { call, sentence } from "../shared/api";
import { clock } from "../shared/format";
import { useMeasuring } from "../shared/useMeasuring";

const STATES = [
  { id: "left out", name: "left out" },
  { id: "shorter", name: "shorter" },
  { id: "moved", name: "early" },
  { id: "full", name: "in full" },
] as const;

/** What became of every cue: how many were said, shortened or left out, and each with its reason. */
export function CueReport({ id, version }: { id: string; version: number }) {
  const { data, error, refetch } = useQuery({
    queryKey: ["cues", id, version],
    queryFn: () => call(`sessions/${id}/cues`),
  });
  const measuring = useMeasuring("sessions", id, data?.estimated ?? 0, () => void refetch());
  const [state, setState] = useState<string | null>(null);
  if (!data)
    return (
      <section className="rounded-box border-base-300 border bg-base-100 p-3">
        <h2 className="text-lg">What is said</h2>
        <p className="quiet">{error ? sentence(error) : "Measuring the voice…"}</p>
      </section>
    );
  const { cues } = data;
  const count = (s: string) => cues.filter((c) => c.state === s).length;
  const shown = state ?? (count("left out") ? "left out" : count("shorter") ? "shorter" : "full");
  const lines = cues.filter((c) => c.state === shown);
  return (
    <section className="rounded-box border-base-300 border bg-base-100 p-3" aria-label="What is said">
      <div className="mb-2 flex items-center justify-between gap-2">
        <h2 className="text-lg">What is said</h2>
        <Link className="btn btn-sm" to={`/desk/${id}`}>
          Cue desk
        </Link>
      </div>
      <p className="mb-2 text-sm" data-talk>
        {measuring !== null && `Measuring the voice, ${Math.round(measuring * 100)} %. `}
        {data.share_pct} % of the time is talk · {data.words_a_minute} words a minute
      </p>
      <div className="join mb-2">
        {STATES.map((s) => (
          <button
            key={s.id}
            type="button"
            aria-pressed={shown === s.id}
            data-state={s.id}
            className={`btn btn-sm join-item ${shown === s.id ? "btn-neutral" : ""}`}
            onClick={() => setState(s.id)}
          >
            {count(s.id)} {s.name}
          </button>
        ))}
      </div>
      {lines.length === 0 && <p className="quiet text-sm">None.</p>}
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a stretch that scrolls must be reached by key */}
      <ol className="grid max-h-[28rem] gap-1.5 overflow-y-auto pr-1 text-sm" tabIndex={0}>
        {lines.map((c) => (
          <li key={c.id} className="grid grid-cols-[3.2rem_1fr] gap-x-2">
            <span className="quiet text-right">{clock(c.target_ms)}</span>
            <span>
              {c.state === "left out" ? <s>{c.wish}</s> : c.said}
              {c.reason && <span className="quiet block">{c.reason}</span>}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}
