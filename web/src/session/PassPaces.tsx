import { Fragment } from "react";
import type { Pass, PassLine } from "../shared/api";
import { NumberField } from "../shared/NumberField";
import type { PassRowProps } from "./passRowProps";

type Pace = Pass["paces"][number];
type Given = Pick<Pace, "tempo" | "to" | "ms" | "breaths" | "counts_a_shift" | "sways">;

const PACE: Pace = {
  first: "",
  last: "",
  movement: "",
  tempo: null,
  to: null,
  ms: null,
  counts_a_shift: null,
  breaths: null,
  sways: null,
};

/** What can be given for a stretch: its field, how its column is called, and what an empty field means. */
const GIVEN = [
  { key: "tempo", name: "counts/min", whole: false, hint: "the pass’s own tempo" },
  { key: "ms", name: "seconds", whole: false, hint: "the pass’s own pace" },
  { key: "breaths", name: "breaths", whole: true, hint: "as they come" },
  {
    key: "counts_a_shift",
    name: "counts per weight shift",
    whole: false,
    hint: "as written",
  },
  { key: "sways", name: "sways", whole: true, hint: "once" },
] as const;

/** Posture by posture: counts and shifts; seconds, breaths, counts per weight shift and sways are typed. And the same for the whole
 * pass, with a tempo that changes evenly to its end. */
export function Paces({ pass: p, line, change }: Pick<PassRowProps, "pass" | "change"> & { line: PassLine }) {
  const of = (first: string, last = first) =>
    p.paces.find((x) => x.first === first && x.last === last && !x.movement);
  const give = (first: string, last: string, given: Partial<Given>) => {
    const before = of(first, last);
    const pace = { ...PACE, first, last, ...before, ...given };
    const says = pace.tempo ?? pace.to ?? pace.ms ?? pace.breaths ?? pace.counts_a_shift ?? pace.sways;
    const others = p.paces.filter((x) => x !== before);
    change(p.id, { paces: says === null || says === undefined ? others : [...others, pace] });
  };
  const field = (
    first: string,
    last: string,
    title: string,
    g: (typeof GIVEN)[number],
    now: number | null,
  ) => {
    const value = of(first, last)?.[g.key] ?? null;
    const shown = g.key === "ms" && value !== null ? value / 1000 : value;
    return (
      <NumberField
        label={`${g.name} of ${title}; empty: ${g.hint}`}
        className={`!w-16 ${value === null ? "quiet" : "font-semibold"}`}
        placeholder={g.hint}
        value={shown ?? now}
        of={`Pace.${g.key}`}
        scale={g.key === "ms" ? 1000 : 1}
        whole={g.whole}
        onNumber={(n) => give(first, last, { [g.key]: g.key === "ms" ? Math.round(n * 1000) : n })}
        onEmpty={() => give(first, last, { [g.key]: null })}
      />
    );
  };
  return (
    <details className="w-full" data-paces>
      <summary className="quiet cursor-pointer">Posture by posture</summary>
      <label className="flex items-center gap-2 py-1">
        Change tempo gradually to
        <NumberField
          label="Tempo at the end of the pass; empty for an even tempo"
          className="!w-14"
          placeholder="even"
          value={of("")?.to ?? null}
          of="Pace.to"
          onNumber={(to) => give("", "", { to })}
          onEmpty={() => give("", "", { to: null })}
        />
        counts a minute by its end
      </label>
      <table className="w-full max-w-2xl text-sm">
        <thead>
          <tr className="quiet text-right">
            <th className="text-left font-normal">posture</th>
            <th className="font-normal">counts</th>
            <th className="font-normal">shifts</th>
            {GIVEN.map((g) => (
              <th key={g.key} className="font-normal">
                {g.name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {line.postures_done.map((q) => (
            <Fragment key={q.id + q.title}>
              {line.sections
                .filter((x) => x.first === q.id)
                .map((x) => (
                  <tr key={x.first} className="text-right">
                    <th scope="row" className="quiet text-left" colSpan={3}>
                      {x.title}
                    </th>
                    {GIVEN.map((g) => (
                      <td key={g.key}>{field(x.first, x.last, x.title, g, null)}</td>
                    ))}
                  </tr>
                ))}
              <tr className="text-right">
                <th scope="row" className="text-left font-normal">
                  {q.title}
                </th>
                <td>{q.counts}</td>
                <td>{q.shifts}</td>
                {GIVEN.map((g) => (
                  <td key={g.key}>
                    {field(
                      q.id,
                      q.id,
                      q.title,
                      g,
                      g.key === "ms" ? Math.round(q.ms / 100) / 10 : g.key === "breaths" ? q.breaths : null,
                    )}
                  </td>
                ))}
              </tr>
            </Fragment>
          ))}
          <tr className="text-right">
            <th scope="row" className="text-left font-semibold" colSpan={6}>
              Throughout the pass
            </th>
            {GIVEN.slice(3).map((g) => (
              <td key={g.key}>{field("", "", "the whole pass", g, null)}</td>
            ))}
          </tr>
        </tbody>
      </table>
    </details>
  );
}
