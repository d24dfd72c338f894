import type { FormRow, Pass } from "../shared/api";
import { Check } from "../shared/Check";
import { NumberField } from "../shared/NumberField";
import { PartEnds } from "./PartEnds";
import { Paces } from "./PassPaces";
import type { PassRowProps } from "./passRowProps";

const PAUSES = [
  { field: "pause_before_ms", name: "pause before" },
  { field: "between_ms", name: "before it starts over" },
  { field: "pause_after_ms", name: "pause after" },
] as const;

interface PassChoicesProps extends PassRowProps {
  form: FormRow | undefined;
}

/** What a block is, what it goes over and how: kind, form, part, facing, voice, tempo, repeats, pauses. */
export function PassChoices({ pass: p, line, form, forms, choices, change }: PassChoicesProps) {
  const select = "select select-sm w-auto min-w-0 max-w-64";
  const kind = choices.kinds.find((k) => k.id === p.kind);
  const chooseKind = (id: string) => {
    const k = choices.kinds.find((x) => x.id === id);
    if (!k) return;
    change(p.id, {
      kind: k.id as Pass["kind"],
      facing: k.facing,
      voice: k.voice,
      repeats: k.repeats,
      still_ms: k.still_ms,
      alternate: k.alternate,
      only: "all",
    });
  };
  return (
    <div className="mt-1 flex flex-wrap items-center gap-x-3 gap-y-1.5 pl-10 text-sm">
      <select
        className={select}
        aria-label="Kind of block"
        value={p.kind}
        onChange={(e) => chooseKind(e.target.value)}
      >
        {choices.kinds.map((k) => (
          <option key={k.id} value={k.id}>
            {k.title}
          </option>
        ))}
      </select>
      <Check name="include" on={!p.off} onChange={(on) => change(p.id, { off: !on })} />
      <input
        className="input input-sm w-32"
        aria-label="Group the pass stands in"
        placeholder="Group"
        value={p.group}
        onChange={(e) => change(p.id, { group: e.target.value.slice(0, 200) }, "typing")}
      />
      {kind?.moves ? (
        <MovingChoices {...{ pass: p, line, form, forms, choices, change, select }} />
      ) : (
        <label className="flex items-center gap-1">
          <NumberField
            label="How long it lasts, in minutes"
            className="!w-16"
            value={p.still_ms / 60_000}
            of="Pass.still_ms"
            scale={60_000}
            onNumber={(minutes) => change(p.id, { still_ms: Math.round(minutes * 60_000) })}
          />
          minutes
        </label>
      )}
      {kind?.moves && line && <Paces pass={p} line={line} change={change} />}
      <Fits pass={p} change={change} moves={kind?.moves ?? true} />
      <input
        className="input input-sm min-w-40 flex-1"
        aria-label="Said before the pass"
        placeholder="Spoken introduction"
        value={p.say}
        onChange={(e) => change(p.id, { say: e.target.value }, "typing")}
      />
    </div>
  );
}

type MovingProps = Pick<PassChoicesProps, "pass" | "line" | "form" | "forms" | "choices" | "change"> & {
  select: string;
};

/** The choices of a block that goes over a form. */
function MovingChoices({ pass: p, line, form, forms, choices, change, select }: MovingProps) {
  return (
    <>
      <select
        className={select}
        aria-label="Form"
        value={p.part.form_id}
        onChange={(e) =>
          change(p.id, {
            part: { form_id: e.target.value, first: "", last: "", first_movement: "", last_movement: "" },
          })
        }
      >
        {!form && <option value={p.part.form_id}>Form is missing: choose one</option>}
        {forms.map((f) => (
          <option key={f.id} value={f.id}>
            {f.title || "Untitled form"}
          </option>
        ))}
      </select>
      {form && <PartEnds pass={p} form={form} change={change} select={select} />}
      {!!form?.variants.length && (
        <select
          className={select}
          aria-label="Which ways"
          value={p.variant ?? ""}
          onChange={(e) => change(p.id, { variant: (e.target.value || null) as Pass["variant"] })}
        >
          <option value="">The ways its people need</option>
          {choices.ways
            .filter((w) => w.id === "usual" || form.variants.includes(w.id))
            .map((w) => (
              <option key={w.id} value={w.id}>
                {w.title}
              </option>
            ))}
        </select>
      )}
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
          of="Pass.tempo"
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
          of="Pass.repeats"
          whole
          onNumber={(repeats) => change(p.id, { repeats })}
        />
        {p.repeats === 1 ? "time" : "times"}
      </label>
      <Check name="other side" on={p.other_side} onChange={(on) => change(p.id, { other_side: on })} />
      {PAUSES.filter((x) => x.field !== "between_ms" || line?.between_ms != null).map(({ field, name }) => (
        <label key={field} className="flex items-center gap-1">
          {name}
          <NumberField
            label={`${name} the pass, in seconds`}
            className="!w-16"
            value={p[field] ?? null}
            of={`Pass.${field}`}
            seconds
            onNumber={(ms) => change(p.id, { [field]: ms })}
            {...(field === "pause_after_ms" ? {} : { onEmpty: () => change(p.id, { [field]: null }) })}
            placeholder={line && field !== "pause_after_ms" ? `${(line[field] ?? 0) / 1000} s` : ""}
          />
        </label>
      ))}
      <Check name="sides alternate" on={p.alternate} onChange={(on) => change(p.id, { alternate: on })} />
      <select
        className={select}
        aria-label="Breath of the pass"
        value={p.breath?.school ?? ""}
        onChange={(e) =>
          change(p.id, {
            breath: e.target.value
              ? {
                  school: e.target.value as NonNullable<Pass["breath"]>["school"],
                  per_minute: p.breath?.per_minute ?? 6,
                  in_share: p.breath?.in_share ?? 0.5,
                }
              : null,
          })
        }
      >
        <option value="">breath as in the session</option>
        {choices.schools.map((c) => (
          <option key={c.id} value={c.id}>
            {c.title}
          </option>
        ))}
      </select>
    </>
  );
}

/** What fitting may change: whether it may be left out, how much it matters, tempo and repeats from-to. */
function Fits({ pass: p, change, moves }: Pick<PassChoicesProps, "pass" | "change"> & { moves: boolean }) {
  const set = (part: Partial<Pass["bounds"]>) => change(p.id, { bounds: { ...p.bounds, ...part } });
  return (
    <details className="w-full">
      <summary className="quiet cursor-pointer">If time is short</summary>
      <div className="flex flex-wrap items-center gap-3 py-1">
        <Check name="may be left out" on={p.bounds.drop} onChange={(on) => set({ drop: on })} />
        <label className="flex items-center gap-1">
          priority
          <NumberField
            label="Priority, 1 to 5"
            className="!w-10"
            value={p.bounds.matters}
            of="Bounds.matters"
            whole
            onNumber={(matters) => set({ matters })}
          />
        </label>
        {moves &&
          (
            [
              ["tempo_least", "tempo from"],
              ["tempo_most", "to"],
              ["repeats_least", "times from"],
              ["repeats_most", "to"],
            ] as const
          ).map(([key, name]) => (
            <label key={key} className="flex items-center gap-1">
              {name}
              <NumberField
                label={key.replace("_", " ")}
                className="!w-14"
                value={p.bounds[key] ?? null}
                of={`Bounds.${key}`}
                whole={key.startsWith("repeats")}
                onNumber={(n) => set({ [key]: n })}
                onEmpty={() => set({ [key]: null })}
              />
            </label>
          ))}
      </div>
    </details>
  );
}
