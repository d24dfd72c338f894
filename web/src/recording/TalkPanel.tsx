import type { Recording, RecordingSheet } from "../shared/api";
import { clock } from "../shared/format";
import type { Editing } from "../shared/useDocument";

type Kept = Recording["talk"][number];
const HOWS: Record<Kept["how"], string> = {
  keep: "stays; no cue is spoken over it",
  lower: "is lowered where cues come",
  mute: "is silent where cues come",
};

interface TalkPanelProps {
  recording: Recording;
  /** Stretches that sound like speech (ms). */
  speech: readonly (readonly number[])[];
  edit: Editing<Recording, RecordingSheet>["edit"];
}

/** The recording's own sound: whether it stays, and what becomes of the talk in it. */
export function TalkPanel({ recording, speech, edit }: TalkPanelProps) {
  const found = speech.filter(([a, b]) => a !== undefined && b !== undefined && b - a >= 1500);
  const put = (from_ms: number, to_ms: number, how: Kept["how"] | "") =>
    edit((r) => ({
      ...r,
      talk: [
        ...r.talk.filter((t) => t.to_ms <= from_ms || t.from_ms >= to_ms),
        ...(how ? [{ from_ms, to_ms, how }] : []),
      ].sort((a, b) => a.from_ms - b.from_ms),
    }));
  const of = (a: number, b: number) => recording.talk.find((t) => t.from_ms < b && t.to_ms > a)?.how ?? "";
  return (
    <div className="grid gap-4">
      <label className="flex items-center gap-2">
        <input
          type="checkbox"
          className="checkbox checkbox-sm"
          checked={recording.keep_sound}
          onChange={(e) => {
            const keep_sound = e.target.checked;
            edit((r) => ({ ...r, keep_sound }));
          }}
        />
        Its own sound stays, and goes down under the cues
      </label>
      <section>
        <h2 className="font-semibold">Somebody seems to speak</h2>
        {found.length === 0 ? (
          <p className="quiet">Nowhere for longer than a second and a half.</p>
        ) : (
          <>
            <p className="mb-2 flex flex-wrap gap-2 text-sm">
              All of it:
              {(["", "keep", "lower", "mute"] as const).map((how) => (
                <button
                  key={how}
                  type="button"
                  className="btn btn-xs"
                  onClick={() =>
                    edit((r) => ({
                      ...r,
                      talk: how
                        ? found.map(([a, b]) => ({ from_ms: a as number, to_ms: b as number, how }))
                        : [],
                    }))
                  }
                >
                  {how ? HOWS[how] : "like the rest"}
                </button>
              ))}
            </p>
            <ul className="grid gap-0.5">
              {found.map(([a = 0, b = 0]) => (
                <li key={a} className="flex items-center gap-3">
                  <span className="w-32 tabular-nums">
                    {clock(a)}, {((b - a) / 1000).toFixed(1)} s
                  </span>
                  <select
                    className="select select-xs w-72"
                    aria-label={`Talk at ${clock(a)}`}
                    value={of(a, b)}
                    onChange={(e) => put(a, b, e.target.value as Kept["how"] | "")}
                  >
                    <option value="">is treated like the rest</option>
                    {Object.entries(HOWS).map(([id, words]) => (
                      <option key={id} value={id}>
                        {words}
                      </option>
                    ))}
                  </select>
                </li>
              ))}
            </ul>
          </>
        )}
      </section>
    </div>
  );
}
