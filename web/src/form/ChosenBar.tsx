import { ArrowDown, ArrowUp, Copy, Trash2, X } from "lucide-react";
import { useState } from "react";
import { call, type Form, type FormRow, sentence } from "../shared/api";
import { Field } from "../shared/Field";
import { plural, readNumber, readWeight } from "../shared/format";
import { newId } from "../shared/newId";
import type { RowRef } from "./edits";
import { copyAll, moveAll, passage, removeAll, setMovements, setPostures, withPassage } from "./severalRows";
import type { ChosenRows } from "./useChosenRows";

interface ChosenBarProps {
  formId: string;
  form: Form;
  rows: ChosenRows;
  edit: (change: (form: Form) => Form) => void;
  onTold: (text: string) => void;
}

const NAMES = { section: "section", posture: "posture", movement: "movement" } as const;
const BREATHS = ["in", "out", "free"] as const;
const SMALL = "!w-20 !border-base-300 bg-base-100 !py-1";

/** What can be done with all the rows that are chosen. */
export function ChosenBar({ formId, form, rows, edit, onTold }: ChosenBarProps) {
  const { chosen } = rows;
  const [others, setOthers] = useState<FormRow[] | null>(null);
  const first = chosen[0];
  if (!first) return null;
  const postures = first.level === "posture";
  const all = (change: (f: Form, r: readonly RowRef[]) => Form) => edit((f) => change(f, chosen));
  const toOther = async (id: string) => {
    try {
      const other = await call(`forms/${id}`);
      const made = withPassage(
        other.body,
        `From ${form.title || "another form"}`.slice(0, 200),
        passage(form, chosen),
        newId(),
      );
      await call(`forms/${id}`, "PUT", { version: other.version, body: made });
      onTold(`Copied to the end of “${other.body.title || "Untitled form"}”.`);
      rows.clear();
    } catch (error) {
      onTold(sentence(error));
    }
  };
  return (
    <section
      aria-label="Chosen rows"
      data-chosen-bar={chosen.length}
      className="sticky top-0 z-4 mb-2 flex flex-wrap items-center gap-2 rounded-box border border-primary bg-base-100 p-2 text-sm shadow-sm"
    >
      <b aria-live="polite">{plural(chosen.length, NAMES[first.level])}</b>
      <button type="button" className="btn btn-sm" onClick={() => all((f, r) => moveAll(f, r, -1))}>
        <ArrowUp size={15} /> Up
      </button>
      <button type="button" className="btn btn-sm" onClick={() => all((f, r) => moveAll(f, r, 1))}>
        <ArrowDown size={15} /> Down
      </button>
      <button
        type="button"
        className="btn btn-sm"
        onClick={() => {
          let made: RowRef[] = [];
          edit((f) => {
            const copied = copyAll(f, chosen);
            made = copied.made;
            return copied.form;
          });
          rows.choose(made);
        }}
      >
        <Copy size={15} /> Copy
      </button>
      <button
        type="button"
        className="btn btn-sm"
        onClick={() => {
          all((f, r) => removeAll(f, r).form);
          rows.clear();
        }}
      >
        <Trash2 size={15} /> Delete
      </button>
      <label className="flex items-center gap-1">
        counts
        <Field
          label="Counts of all chosen movements"
          className={`${SMALL} !w-14`}
          value=""
          takes="Counts: a number from 0.25 to 64."
          onCommit={(text) => {
            const counts = readNumber(text, 0.25, 64);
            if (counts !== null) all((f, r) => setMovements(f, r, { counts }));
            return counts !== null;
          }}
        />
      </label>
      {!postures && (
        <label className="flex items-center gap-1">
          weight
          <Field
            label="Weight at the end of all chosen movements"
            className={SMALL}
            value=""
            takes="The share and the leg: 70 L, 100 R, even."
            onCommit={(text) => {
              const left_pct = readWeight(text);
              if (left_pct !== null) all((f, r) => setMovements(f, r, { left_pct }));
              return left_pct !== null;
            }}
          />
        </label>
      )}
      <span className="join">
        {BREATHS.map((breath) => (
          <button
            key={breath}
            type="button"
            className="btn btn-sm join-item"
            onClick={() => all((f, r) => setMovements(f, r, { breath }))}
          >
            {breath}
          </button>
        ))}
      </span>
      {postures && (
        <>
          <span className="join">
            {(
              [
                ["L", "left"],
                ["R", "right"],
                [null, "no side"],
              ] as const
            ).map(([side, name]) => (
              <button
                key={name}
                type="button"
                className="btn btn-sm join-item"
                onClick={() => all((f, r) => setPostures(f, r, () => ({ side })))}
              >
                {name}
              </button>
            ))}
          </span>
          <label className="flex items-center gap-1">
            number from
            <Field
              label="Number the chosen postures from"
              className={`${SMALL} !w-14`}
              value=""
              takes="A whole number from 1 to 999."
              onCommit={(text) => {
                const from = readNumber(text, 1, 999);
                if (from !== null)
                  all((f, r) => setPostures(f, r, (nth) => ({ number: String(Math.round(from) + nth) })));
                return from !== null;
              }}
            />
          </label>
        </>
      )}
      <select
        className="select select-sm w-auto"
        aria-label="Copy into another form"
        value=""
        onFocus={() => void call("forms").then(setOthers, () => setOthers([]))}
        onChange={(e) => void toOther(e.target.value)}
      >
        <option value="" disabled>
          Copy into…
        </option>
        {others
          ?.filter((f) => f.id !== formId)
          .map((f) => (
            <option key={f.id} value={f.id}>
              {f.title || "Untitled form"}
            </option>
          ))}
      </select>
      <span className="flex-1" />
      <button type="button" className="btn btn-ghost btn-sm" onClick={rows.clear}>
        <X size={15} /> Done
      </button>
    </section>
  );
}
