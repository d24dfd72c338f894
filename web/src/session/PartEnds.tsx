import { useQuery } from "@tanstack/react-query";
import { call, type FormRow, type Pass } from "../shared/api";
import type { PassRowProps } from "./passRowProps";

interface PartEndsProps {
  pass: Pass;
  form: FormRow;
  change: PassRowProps["change"];
  select: string;
}

const ENDS = [
  { end: "first", at: "first_movement", word: "from", whole: "the beginning", label: "From" },
  { end: "last", at: "last_movement", word: "to", whole: "the end", label: "To" },
] as const;

/** Where a pass begins and ends: a posture, and within it a movement. */
export function PartEnds({ pass: p, form, change, select }: PartEndsProps) {
  const { data } = useQuery({
    queryKey: ["forms", form.id, "movements"],
    queryFn: () => call(`forms/${form.id}`),
    staleTime: 0,
  });
  const postures = data?.body.sections.flatMap((s) => s.postures) ?? [];
  return ENDS.map(({ end, at, word, whole, label }) => {
    const posture =
      postures.find((x) => x.id === p.part[end]) ?? (end === "first" ? postures[0] : postures.at(-1));
    const movements = posture?.movements ?? [];
    return (
      <label key={end} className="flex min-w-0 flex-wrap items-center gap-1">
        {word}
        <select
          className={select}
          aria-label={`${label} posture`}
          value={p.part[end]}
          onChange={(e) => change(p.id, { part: { ...p.part, [end]: e.target.value, [at]: "" } })}
        >
          <option value="">{whole}</option>
          {form.posture_ids.map((id, i) => (
            <option key={id} value={id}>
              {i + 1} · {form.posture_titles[i]}
            </option>
          ))}
        </select>
        {movements.length > 1 && (
          <select
            className={select}
            aria-label={`${label} movement`}
            value={p.part[at]}
            onChange={(e) => change(p.id, { part: { ...p.part, [at]: e.target.value } })}
          >
            <option value="">{end === "first" ? "its first movement" : "its last movement"}</option>
            {movements.map((m, i) => (
              <option key={m.id} value={m.id}>
                {i + 1} · {m.line || `${m.counts} counts`}
              </option>
            ))}
          </select>
        )}
      </label>
    );
  });
}
