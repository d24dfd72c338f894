import type { Plan } from "../shared/api";
import { Field } from "../shared/Field";
import { clock, readClock } from "../shared/format";

/** How long a session takes, and how long it should. */
export function SessionTotal({
  plan,
  wishedMs,
  onWished,
}: {
  plan: Plan;
  wishedMs: number | null;
  onWished: (ms: number | null) => void;
}) {
  return (
    <div className="mb-4 flex flex-wrap items-center gap-x-6 gap-y-2">
      <p className="text-2xl" data-total>
        {clock(plan.totals.ms)} <Over ms={plan.over_ms ?? null} />
      </p>
      <label className="flex items-center gap-1">
        time to fill
        <Field
          label="Wished length: minutes, or minutes:seconds; empty for none"
          className="!w-20 !border-base-300 bg-base-100 text-right"
          placeholder="minutes"
          value={wishedMs ? clock(wishedMs) : ""}
          takes="Minutes from 1 to 360, or minutes:seconds; empty for no target."
          onCommit={(text) => {
            const ms = text.trim() === "" ? null : readClock(text);
            if (text.trim() !== "" && (ms === null || ms < 60_000)) return false;
            onWished(ms);
            return true;
          }}
        />
      </label>
    </div>
  );
}

function Over({ ms }: { ms: number | null }) {
  if (ms === null) return null;
  if (Math.abs(ms) < 1000) return <span className="text-base">exactly on target</span>;
  return (
    <span className={`text-base ${ms > 0 ? "text-warning font-semibold" : ""}`}>
      {clock(Math.abs(ms))} {ms > 0 ? "over target" : "under target"}
    </span>
  );
}
