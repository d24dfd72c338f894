import { useSortable } from "@dnd-kit/sortable";
import { CSS } from "@dnd-kit/utilities";
import { Copy, GripVertical, Trash2 } from "lucide-react";
import { memo } from "react";
import type { Choices, FormRow, Pass, PassLine } from "../shared/api";
import { clock, plural } from "../shared/format";
import { GrowingText } from "../shared/GrowingText";
import { NumberField } from "../shared/NumberField";

interface PassRowProps {
  pass: Pass;
  no: number;
  line: PassLine | undefined;
  forms: FormRow[];
  choices: Choices;
  change: (id: string, change: Partial<Pass>, how?: "typing") => void;
  copy: (id: string) => void;
  remove: (id: string) => void;
  /** Whether its choices are shown; otherwise they are told in one line. */
  open: boolean;
  onOpen: (id: string) => void;
}

/** One pass: its title and length, and below what it goes over and how. */
export const PassRow = memo(function PassRow(props: PassRowProps) {
  const { pass: p, no, line, forms, change } = props;
  const sort = useSortable({ id: p.id });
  const form = forms.find((f) => f.id === p.part.form_id);
  const told = [
    form?.title,
    p.part.first || p.part.last ? plural(line?.postures ?? 0, "posture") : "whole form",
    line?.facing,
    line?.voice,
    line && `${line.tempo} counts/min`,
    p.repeats > 1 && `${p.repeats} times`,
    p.other_side && "other side",
  ];
  return (
    <li
      ref={sort.setNodeRef}
      style={{ transform: CSS.Translate.toString(sort.transform), transition: sort.transition }}
      className={`rounded-box border-base-300 border bg-base-100 p-2 ${sort.isDragging ? "relative z-10 shadow-lg" : ""}`}
      data-pass={p.id}
      aria-label={`Pass ${no}`}
      onFocus={() => props.onOpen(p.id)}
    >
      <div className="flex items-center gap-2">
        <button
          type="button"
          className="cursor-grab px-0.5"
          aria-label={`Move pass ${no}`}
          {...sort.attributes}
          {...sort.listeners}
        >
          <GripVertical size={18} />
        </button>
        <span className="quiet w-6 text-right font-name text-lg">{no}</span>
        <GrowingText
          className="min-w-0 flex-1 font-name text-lg font-semibold"
          label={`Title of pass ${no}`}
          data-title={p.id}
          value={p.title}
          placeholder={line?.title ?? "Title"}
          onType={(text) => change(p.id, { title: text.slice(0, 200) }, "typing")}
        />
        <span className="text-right whitespace-nowrap">
          <span className="quiet text-sm">{line && clock(line.start_ms)} </span>
          <span className="inline-block w-14 font-semibold">{line && clock(line.totals.ms)}</span>
        </span>
        <button
          type="button"
          className="btn btn-ghost btn-sm btn-square"
          aria-label={`Copy pass ${no}`}
          title="Copy (Alt D)"
          onClick={() => props.copy(p.id)}
        >
          <Copy size={16} />
        </button>
        <button
          type="button"
          className="btn btn-ghost btn-sm btn-square"
          aria-label={`Delete pass ${no}`}
          title="Delete (Alt Backspace)"
          onClick={() => props.remove(p.id)}
        >
          <Trash2 size={16} />
        </button>
      </div>
      {props.open ? (
        <PassChoices {...props} form={form} />
      ) : (
        <button
          type="button"
          className="quiet block min-h-7 w-full cursor-pointer pl-10 text-left text-sm"
          onClick={() => props.onOpen(p.id)}
        >
          {told.filter(Boolean).join(" · ")}
        </button>
      )}
      {line && props.open && (
        <p className="quiet mt-1 pl-10 text-sm">
          {plural(line.postures, "posture")} · {plural(line.totals.counts, "count")} ·{" "}
          {plural(line.totals.breaths, "breath")} · {plural(line.totals.shifts, "weight shift")}
        </p>
      )}
    </li>
  );
});

const PAUSES = [
  { field: "pause_before_ms", name: "still before" },
  { field: "pause_after_ms", name: "still after" },
] as const;

interface PassChoicesProps extends PassRowProps {
  form: FormRow | undefined;
}

/** What a pass goes over and how: form, part, facing, voice, tempo, repeats, pauses. */
function PassChoices({ pass: p, line, form, forms, choices, change }: PassChoicesProps) {
  const select = "select select-sm w-auto min-w-0 max-w-64";
  return (
    <div className="mt-1 flex flex-wrap items-center gap-x-3 gap-y-1.5 pl-10 text-sm">
      <select
        className={select}
        aria-label="Form"
        value={p.part.form_id}
        onChange={(e) => change(p.id, { part: { form_id: e.target.value, first: "", last: "" } })}
      >
        {!form && <option value={p.part.form_id}>Form is missing: choose one</option>}
        {forms.map((f) => (
          <option key={f.id} value={f.id}>
            {f.title || "Untitled form"}
          </option>
        ))}
      </select>
      {(["first", "last"] as const).map((end) => (
        <label key={end} className="flex min-w-0 items-center gap-1">
          {end === "first" ? "from" : "to"}
          <select
            className={select}
            aria-label={end === "first" ? "From posture" : "To posture"}
            value={p.part[end]}
            onChange={(e) => change(p.id, { part: { ...p.part, [end]: e.target.value } })}
          >
            <option value="">{end === "first" ? "the beginning" : "the end"}</option>
            {form?.posture_ids.map((id, i) => (
              <option key={id} value={id}>
                {i + 1} · {form.posture_titles[i]}
              </option>
            ))}
          </select>
        </label>
      ))}
      <select
        className={select}
        aria-label="Facing"
        value={p.facing}
        onChange={(e) => change(p.id, { facing: e.target.value as Pass["facing"] })}
      >
        {choices.facings.map((c) => (
          <option key={c.id} value={c.id}>
            {c.title}
          </option>
        ))}
      </select>
      <select
        className={select}
        aria-label="How much is said"
        value={p.voice}
        onChange={(e) => change(p.id, { voice: e.target.value as Pass["voice"] })}
      >
        {choices.voice_levels.map((c) => (
          <option key={c.id} value={c.id}>
            {c.title}
          </option>
        ))}
      </select>
      <label className="flex items-center gap-1">
        <NumberField
          label="Tempo of the pass in counts a minute; empty takes the form’s own"
          className="!w-14"
          placeholder={String(line?.tempo ?? "")}
          value={p.tempo ?? null}
          least={4}
          most={240}
          onNumber={(tempo) => change(p.id, { tempo })}
          onEmpty={() => change(p.id, { tempo: null })}
        />
        counts/min
      </label>
      <label className="flex items-center gap-1">
        <NumberField
          label="How many times in a row"
          className="!w-10"
          value={p.repeats}
          least={1}
          most={99}
          whole
          onNumber={(repeats) => change(p.id, { repeats })}
        />
        {p.repeats === 1 ? "time" : "times"}
      </label>
      <label className="flex items-center gap-1">
        <input
          type="checkbox"
          className="checkbox checkbox-sm"
          checked={p.other_side}
          onChange={(e) => change(p.id, { other_side: e.target.checked })}
        />
        other side
      </label>
      {PAUSES.map(({ field, name }) => (
        <label key={field} className="flex items-center gap-1">
          {name}
          <NumberField
            label={`${name} the pass, in seconds`}
            className="!w-16"
            value={p[field]}
            least={0}
            most={1800}
            seconds
            onNumber={(ms) => change(p.id, { [field]: ms })}
          />
        </label>
      ))}
      <input
        className="input input-sm min-w-40 flex-1"
        aria-label="Said before the pass"
        placeholder="Said before it begins"
        value={p.say}
        onChange={(e) => change(p.id, { say: e.target.value }, "typing")}
      />
    </div>
  );
}
