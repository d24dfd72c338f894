import { useQuery } from "@tanstack/react-query";
import { call, type Form, type Movement, type MovementLine, type Posture, type Totals } from "../shared/api";
import { Check } from "../shared/Check";
import { Choose } from "../shared/Choose";
import { Field } from "../shared/Field";
import { clock, plural } from "../shared/format";
import { NumberField } from "../shared/NumberField";
import { SideChoice } from "../shared/SideChoice";

interface MovementDetailsProps {
  movement: Movement;
  line: MovementLine | undefined;
  change: (id: string, change: Partial<Movement>, how?: "typing") => void;
}

const WORDING_ROWS = [
  { key: "full", name: "Full words" },
  { key: "short", name: "Short words" },
  { key: "keyword", name: "Key word" },
] as const;

/** The rest of a movement: feet, side, hold, and its own cue wordings. */
export function MovementDetails({ movement: m, line, change }: MovementDetailsProps) {
  return (
    <div className="grid gap-3">
      <label className="grid gap-1">
        <span className="quiet text-sm">What the feet do</span>
        <input
          className="input w-full"
          value={m.foot}
          placeholder="left foot steps out, heel first"
          onChange={(e) => change(m.id, { foot: e.target.value }, "typing")}
        />
      </label>
      <div className="flex gap-3">
        <SideChoice title="Side" side={m.side} onSide={(side) => change(m.id, { side })} />
        <label className="grid w-24 gap-1">
          <span className="quiet text-sm">Hold after it</span>
          <NumberField
            label="Hold after the movement, in seconds"
            value={m.hold_ms}
            of="Movement.hold_ms"
            seconds
            onNumber={(hold_ms) => change(m.id, { hold_ms })}
          />
        </label>
      </div>
      <Check
        name="hands go on, and arrive with the next movement"
        on={m.hands_on}
        onChange={(hands_on) => change(m.id, { hands_on })}
      />
      <div className="grid gap-1.5">
        <span className="quiet text-sm">Cue wording (yours takes priority)</span>
        {WORDING_ROWS.map(({ key, name }) => (
          <label key={key} className="grid grid-cols-[5.5rem_1fr] items-center gap-2">
            <span className="text-sm">{name}</span>
            <input
              className="input input-sm w-full"
              value={m.cues[key]}
              placeholder={line?.wordings.find(([length]) => length === key)?.[1] ?? "as above"}
              onChange={(e) => change(m.id, { cues: { ...m.cues, [key]: e.target.value } }, "typing")}
            />
          </label>
        ))}
      </div>
    </div>
  );
}

interface PostureDetailsProps {
  posture: Posture;
  change: (id: string, change: Partial<Posture>, how?: "typing") => void;
  onOtherSide: () => void;
  onVariant: (variant: Posture["variant"]) => void;
}

/** The kinds of other ways there are. */
function useWays() {
  const { data } = useQuery({ queryKey: ["tables"], queryFn: () => call("tables") });
  return data?.variants ?? [];
}

/** The rest of a posture: side, repeats, other names, gentler version, cautions. */
export function PostureDetails({ posture: p, change, onOtherSide, onVariant }: PostureDetailsProps) {
  const ways = useWays();
  if (p.variant_of) return <VariantDetails posture={p} change={change} />;
  return (
    <div className="grid gap-3">
      <div className="flex flex-wrap items-end gap-3">
        <SideChoice title="Side" side={p.side} onSide={(side) => change(p.id, { side })} />
        <label className="grid w-16 gap-1">
          <span className="quiet text-sm">Times</span>
          <NumberField
            label="How many times in a row"
            value={p.repeats}
            of="Posture.repeats"
            whole
            onNumber={(repeats) => change(p.id, { repeats })}
          />
        </label>
        <Check name="sides alternate" on={p.alternate} onChange={(on) => change(p.id, { alternate: on })} />
      </div>
      {[
        {
          name: "Other names (commas between)",
          value: p.aliases.join(", "),
          put: (t: string) => ({ aliases: split(t, ",") }),
        },
        { name: "Gentler version", value: p.gentler, put: (t: string) => ({ gentler: t }) },
        {
          name: "Cautions (semicolons between)",
          value: p.cautions.join("; "),
          put: (t: string) => ({ cautions: split(t, ";") }),
        },
      ].map((row) => (
        <label key={row.name} className="grid gap-1">
          <span className="quiet text-sm">{row.name}</span>
          <Field
            label={row.name}
            className="!border-base-300 bg-base-100"
            value={row.value}
            live
            onCommit={(text, how) => {
              change(p.id, row.put(text), how);
              return true;
            }}
          />
        </label>
      ))}
      <button type="button" className="btn btn-sm justify-self-start" onClick={onOtherSide}>
        Copy below, other side
      </button>
      <div className="flex flex-wrap items-center gap-1">
        <span className="quiet text-sm">Add</span>
        {ways.map((way) => (
          <button
            key={way.id}
            type="button"
            className="btn btn-xs"
            onClick={() => onVariant(way.id as Posture["variant"])}
          >
            {way.title}
          </button>
        ))}
      </div>
    </div>
  );
}

/** Another way of doing a posture: which kind it is. */
function VariantDetails({ posture: p, change }: Pick<PostureDetailsProps, "posture" | "change">) {
  const ways = useWays();
  return (
    <div className="grid gap-2">
      <p className="text-sm">
        Another way of doing the posture above. A pass takes it where its people need it (gentler), or where
        you choose it on the pass. Change its movements here.
      </p>
      <Choose
        name="It is"
        value={p.variant}
        options={ways.map((way) => [way.id, way.title] as const)}
        onChoose={(id) => change(p.id, { variant: id as Posture["variant"] })}
      />
    </div>
  );
}

function split(text: string, by: string): string[] {
  return text
    .split(by)
    .map((t) => t.trim())
    .filter(Boolean);
}

/** Totals as a small table. */
export function TotalsTable({ totals, title }: { totals: Totals; title: string }) {
  const lines: [string, string][] = [
    ["Time", clock(totals.ms)],
    ["Counts", String(totals.counts)],
    ["Movements", String(totals.movements)],
    ["Breaths", String(totals.breaths)],
    ["Weight shifts", String(totals.shifts)],
    ["Time on left leg", clock(totals.left_ms)],
    ["Time on right leg", clock(totals.right_ms)],
    ["Even", clock(totals.even_ms)],
  ];
  return (
    <table className="w-full text-sm">
      <caption className="font-name pb-1 text-left text-base font-semibold">{title}</caption>
      <tbody>
        {lines.map(([name, value]) => (
          <tr key={name}>
            <th scope="row" className="quiet py-0.5 text-left font-normal">
              {name}
            </th>
            <td className="text-right">{value}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** One line under the form's title. */
export function formLine(form: Form, totals: Totals): string {
  const postures = form.sections.flatMap((s) => s.postures).filter((p) => !p.variant_of).length;
  return [
    plural(postures, "posture") +
      (form.within ? ` (${form.within.first} to ${form.within.last} of ${form.within.of})` : ""),
    plural(totals.counts, "count"),
    clock(totals.ms),
    plural(totals.breaths, "breath"),
    plural(totals.shifts, "weight shift"),
  ].join(" · ");
}
