import type { Recording, RecordingSheet } from "../shared/api";
import { clock } from "../shared/format";
import type { Editing } from "../shared/useDocument";
import { useWaysFilmed } from "./HowFilmed";

interface FilmedPanelProps {
  recording: Recording;
  sheet: RecordingSheet;
  edit: Editing<Recording, RecordingSheet>["edit"];
  now: () => number;
  /** Find what was left out or done again by when the marked postures begin. */
  onSlips: () => void;
}

/** What only the instructor knows: how it was filmed, where the form begins and ends, what was left out or done again. */
export function FilmedPanel({ recording, sheet, edit, now, onSlips }: FilmedPanelProps) {
  const ways = useWaysFilmed();
  const done = (key: string, times: number) =>
    edit((r) => ({
      ...r,
      left_out:
        times === 0 ? [...r.left_out.filter((k) => k !== key), key] : r.left_out.filter((k) => k !== key),
      again: [
        ...r.again.filter((a) => a.performance !== key),
        ...(times > 1 ? [{ performance: key, times }] : []),
      ],
    }));
  return (
    <div className="grid gap-5">
      <fieldset className="grid gap-2">
        <legend className="mb-1 font-semibold">Who faces the camera</legend>
        {sheet.passes.map((p) => (
          <label key={p.id} className="flex flex-wrap items-center gap-2">
            <span className="min-w-32 flex-1">{p.title}</span>
            <select
              className="select select-sm w-80 max-w-full"
              aria-label={`How ${p.title} was filmed`}
              value={p.does}
              onChange={(e) => {
                const does = e.target.value as typeof p.does;
                edit((r) => ({
                  ...r,
                  filmed: [...r.filmed.filter((f) => f.pass_id !== p.id), { pass_id: p.id, does }],
                }));
              }}
            >
              {Object.entries(ways ?? { [p.does]: "…" }).map(([id, words]) => (
                <option key={id} value={id}>
                  {words}
                </option>
              ))}
            </select>
          </label>
        ))}
        {recording.media.picture && (
          <label className="flex items-center gap-2">
            <input
              type="checkbox"
              className="checkbox checkbox-sm"
              checked={recording.turned_over}
              onChange={(e) => {
                const turned_over = e.target.checked;
                edit((r) => ({ ...r, turned_over }));
              }}
            />
            The picture is turned over: left looks like right, as with many cameras on the front of a phone
          </label>
        )}
        <p className="quiet text-sm">
          The viewer hears the side they see. Your own sheet has your own sides.
        </p>
      </fieldset>
      <fieldset className="grid gap-2">
        <legend className="mb-1 font-semibold">Where the form begins and ends</legend>
        {(["begins_ms", "ends_ms"] as const).map((edge) => (
          <p key={edge} className="flex flex-wrap items-center gap-2">
            <span className="w-56">
              {edge === "begins_ms" ? "Begins" : "Ends"} at {clock(recording[edge] ?? sheet[edge])}
              {recording[edge] === null && <span className="quiet"> (guessed)</span>}
            </span>
            <button
              type="button"
              className="btn btn-sm"
              onClick={() => {
                const at = Math.round(now());
                edit((r) => ({ ...r, [edge]: at }));
              }}
            >
              Here, where I am
            </button>
            {recording[edge] !== null && (
              <button
                type="button"
                className="btn btn-ghost btn-sm"
                onClick={() => edit((r) => ({ ...r, [edge]: null }))}
              >
                Let it be guessed
              </button>
            )}
          </p>
        ))}
        <p className="quiet text-sm">What lies before and after is not touched; no cue is spoken there.</p>
      </fieldset>
      <fieldset>
        <legend className="mb-1 font-semibold">Left out, done again</legend>
        <button type="button" className="btn btn-sm mb-2" onClick={onSlips}>
          Find it by the marks
        </button>
        <ul className="grid gap-0.5">
          {sheet.postures.map((p) => (
            <li key={p.key} className="flex items-center gap-2">
              <span className={`min-w-0 flex-1 truncate ${p.times === 0 ? "quiet line-through" : ""}`}>
                {p.title}
              </span>
              <select
                className="select select-xs w-36"
                aria-label={`How often ${p.title} was done`}
                value={p.times}
                onChange={(e) => done(p.key, Number(e.target.value))}
              >
                <option value={0}>left out</option>
                <option value={1}>done</option>
                {[2, 3, 4].map((n) => (
                  <option key={n} value={n}>
                    done {n} times
                  </option>
                ))}
              </select>
            </li>
          ))}
        </ul>
      </fieldset>
      {sheet.second_take.length > 0 && (
        <section>
          <h3 className="mb-1 font-semibold">For a second take</h3>
          <ul className="grid gap-0.5" data-second-take={sheet.second_take.length}>
            {sheet.second_take.map((n) => (
              <li key={n.place} className="flex items-center gap-2">
                <span className="w-14 tabular-nums">{clock(n.at_ms)}</span>
                <span className="min-w-0 flex-1">{n.says}</span>
                <button
                  type="button"
                  className="btn btn-ghost btn-xs"
                  onClick={() =>
                    edit((r) => ({ ...r, second_take: r.second_take.filter((x) => x.place !== n.place) }))
                  }
                >
                  Cross it off
                </button>
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}
