import { scaleLinear } from "d3-scale";
import type { Plan } from "../shared/api";
import { clock } from "../shared/format";

/** The session in true proportion of time, with a mark at the wished length. */
export function Strip({ plan, wishedMs }: { plan: Plan; wishedMs: number | null }) {
  const x = scaleLinear([0, Math.max(plan.totals.ms, wishedMs ?? 0, 1)], [0, 100]);
  return (
    <div
      className="relative h-14 w-full"
      role="img"
      aria-label={`Plan: ${plan.passes.map((p) => `${p.title} ${clock(p.totals.ms)}`).join(", ")}`}
    >
      <div className="absolute inset-x-0 top-1/2 border-t border-dashed border-base-300" />
      {plan.passes.map((p, i) => (
        <div
          key={p.id}
          title={`${p.title} · ${clock(p.totals.ms)}`}
          className={`absolute inset-y-1 overflow-hidden rounded-sm border border-base-100 px-1.5 py-0.5 text-sm leading-tight ${
            i % 2 ? "bg-neutral text-neutral-content" : "bg-primary text-primary-content"
          }`}
          style={{ left: `${x(p.start_ms)}%`, width: `${x(p.totals.ms)}%` }}
        >
          <span className="block truncate font-semibold">{p.title}</span>
          <span className="block truncate">{clock(p.totals.ms)}</span>
        </div>
      ))}
      {wishedMs !== null && (
        <div
          className="absolute inset-y-0 w-0 border-r-3 border-accent"
          style={{ left: `calc(${x(wishedMs)}% - 3px)` }}
          title={`Wished: ${clock(wishedMs)}`}
        />
      )}
    </div>
  );
}
