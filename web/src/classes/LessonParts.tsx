import { Plus, Trash2 } from "lucide-react";
import { useState } from "react";
import type { ClassTables, Lesson, LessonPart, LessonSheet } from "../shared/api";
import { NumberField } from "../shared/NumberField";
import { minutesOf } from "./days";
import { PostureSelect } from "./PostureSelect";

interface PartsProps {
  lesson: Lesson;
  sheet: LessonSheet;
  tables: ClassTables;
  set: (part: Partial<Lesson>, how?: "typing") => void;
  /** Postures from one of the sheet's choices to another were done, in so many milliseconds together. */
  onStretch: (first: number, last: number, ms: number) => void;
}

/** What was done: by posture, or part by part to be put right; a lesson without Kemvo is entered here. */
export function LessonParts({ lesson, sheet, tables, set, onStretch }: PartsProps) {
  const [open, setOpen] = useState(lesson.source === "hand");
  const change = (n: number, part: Partial<LessonPart>) =>
    set({ parts: lesson.parts.map((p, i) => (i === n ? { ...p, ...part } : p)) });
  return (
    <section className="grid gap-2" aria-label="What was done">
      <h2 className="text-xl">What was done</h2>
      {sheet.done.length > 0 && !open && (
        <ul className="rounded-box grid gap-x-6 border border-base-300 bg-base-100 p-3 sm:grid-cols-2">
          {sheet.done.map((d) => (
            <li key={`${d.form_id} ${d.posture_id}`} className="flex gap-2">
              <span className="min-w-0 flex-1">
                {d.title}
                {d.sides.length === 2 && <span className="quiet text-sm"> both sides</span>}
              </span>
              <span className="quiet text-sm">
                {d.posture_id ? `${d.times} ×, ` : ""}
                {minutesOf(d.ms + d.watched_ms)}
              </span>
            </li>
          ))}
        </ul>
      )}
      {!open && (
        <button type="button" className="btn btn-sm justify-self-start" onClick={() => setOpen(true)}>
          Put it right, part by part
        </button>
      )}
      {open && (
        <>
          <ol className="grid gap-1">
            {lesson.parts.map((p, n) => (
              <li
                // biome-ignore lint/suspicious/noArrayIndexKey: parts have no other name
                key={n}
                className="grid items-center gap-2 rounded-field border border-base-300 bg-base-100 p-2 sm:grid-cols-[minmax(0,2fr)_minmax(0,1fr)_6rem_6rem_auto]"
                data-part={n}
              >
                <PostureSelect
                  label="Posture"
                  none={p.posture_id ? p.posture : p.pass_title || "Without a posture"}
                  sheet={sheet}
                  of={p}
                  onChoose={(c) =>
                    change(n, {
                      form_id: c?.form_id ?? "",
                      posture_id: c?.posture_id ?? "",
                      posture: c?.title ?? "",
                    })
                  }
                />
                <select
                  className="select select-sm w-full"
                  aria-label="How"
                  value={p.kind}
                  onChange={(e) => {
                    const kind = e.target.value as LessonPart["kind"];
                    change(n, { kind, facing: tables.kinds.find((k) => k.id === kind)?.facing ?? p.facing });
                  }}
                >
                  {tables.kinds.map((k) => (
                    <option key={k.id} value={k.id}>
                      {k.title}
                    </option>
                  ))}
                </select>
                <select
                  className="select select-sm w-full"
                  aria-label="Side"
                  value={p.side ?? ""}
                  onChange={(e) => change(n, { side: (e.target.value || null) as LessonPart["side"] })}
                >
                  <option value="">no side</option>
                  <option value="L">left</option>
                  <option value="R">right</option>
                </select>
                <NumberField
                  label="Minutes"
                  value={Math.round(p.ms / 600) / 100}
                  least={0}
                  most={600}
                  onNumber={(m) => change(n, { ms: Math.round(m * 60_000) })}
                />
                <button
                  type="button"
                  className="btn btn-ghost btn-sm btn-square"
                  aria-label="Take this part away"
                  onClick={() => set({ parts: lesson.parts.filter((_, i) => i !== n) })}
                >
                  <Trash2 size={16} />
                </button>
              </li>
            ))}
          </ol>
          <AddPostures {...{ lesson, sheet, tables, onStretch }} />
        </>
      )}
    </section>
  );
}

/** Postures from one to another, in so many minutes together: a lesson without Kemvo is entered in a minute. */
function AddPostures({ lesson, sheet, tables, onStretch }: Omit<PartsProps, "set">) {
  const last = lesson.parts.findLast((p) => p.posture_id);
  const after = sheet.choices.findIndex((c) => last && c.posture_id === last.posture_id) + 1;
  const next = Math.min(after, sheet.choices.length - 1);
  const [ends, setEnds] = useState<{ from: number; to: number } | null>(null);
  const [minutes, setMinutes] = useState(tables.new_part.ms / 60_000);
  const { from, to } = ends ?? { from: next, to: next };
  const several = Math.abs(to - from) + 1;
  const end = (name: string, value: number, put: (n: number) => void) => (
    <select
      className="select select-sm w-full"
      aria-label={name}
      value={value}
      onChange={(e) => put(Number(e.target.value))}
    >
      {sheet.choices.map((c, i) => (
        <option key={`${c.form_id} ${c.posture_id}`} value={i}>
          {c.title}
        </option>
      ))}
    </select>
  );
  if (!sheet.choices.length) return <p>The form of this class is not here.</p>;
  return (
    <div className="grid items-center gap-2 sm:grid-cols-[minmax(0,1fr)_minmax(0,1fr)_6rem_auto]">
      {end("From posture", from, (n) => setEnds({ from: n, to: Math.max(n, to) }))}
      {end("To posture", to, (n) => setEnds({ from, to: n }))}
      <NumberField label="Minutes together" value={minutes} least={0.1} most={600} onNumber={setMinutes} />
      <button
        type="button"
        className="btn btn-sm"
        onClick={() => {
          onStretch(from, to, Math.round(minutes * 60_000));
          setEnds(null);
        }}
      >
        <Plus size={15} /> {several === 1 ? "Add the posture" : `Add ${several} postures`}
      </button>
    </div>
  );
}
