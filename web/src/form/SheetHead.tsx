import type { Sheet } from "../shared/api";
import { clock, plural } from "../shared/format";

/** What the columns of the sheet are. */
export function LaneHead() {
  return (
    <div
      className="quiet hidden sm:grid grid-cols-[minmax(7rem,17rem)_minmax(10rem,1fr)_3.6rem_4.6rem_4.8rem] px-px pb-1 text-sm"
      aria-hidden="true"
    >
      <span className="flex justify-between px-1">
        <span>all left</span>
        <span>even</span>
        <span>all right</span>
      </span>
      <span className="pl-4">words</span>
      <span className="pr-2 text-right">counts</span>
      <span className="pr-2 text-right">weight</span>
      <span className="pl-2">breath</span>
    </div>
  );
}

/** How long a section is. */
export function SectionLine({ totals }: { totals: Sheet["totals"] | undefined }) {
  if (!totals) return null;
  return (
    <span className="quiet text-sm whitespace-nowrap">
      {plural(totals.counts, "count")} · {clock(totals.ms)}
    </span>
  );
}
