import { useEffect, useState } from "react";
import type { Desk } from "../shared/api";
import { plural } from "../shared/format";

/** How much is said, as a slider; what follows from it, in figures. */
export function DeskFigures({
  desk,
  fullness: chosen,
  measuring,
  onFullness,
}: {
  desk: Desk;
  fullness: number;
  /** The share of the voice that is measured, 0 to 1, while it is. */
  measuring: number | null;
  onFullness: (value: number) => void;
}) {
  const { share_pct, words_a_minute, missed, counts } = desk;
  const [fullness, setFullness] = useState(chosen);
  useEffect(() => setFullness(chosen), [chosen]);
  return (
    <div className="mb-3 flex flex-wrap items-center gap-x-5 gap-y-1">
      <label className="flex items-center gap-2 text-sm">
        sparse
        <input
          type="range"
          className="range range-primary range-xs w-44"
          aria-label="How much is said"
          min={0}
          max={100}
          step={2}
          value={fullness}
          onChange={(e) => {
            const value = Number(e.target.value);
            setFullness(value);
            onFullness(value);
          }}
        />
        full
      </label>
      <p data-share={share_pct}>
        <b>{share_pct} %</b> of the time is talk · {words_a_minute} words a minute
      </p>
      <p className="quiet text-sm">
        {plural(counts.left_out, "cue")} left out,{" "}
        {counts.unwished > 0 && `${counts.unwished} more by choice of how much is said, `}
        {counts.shorter} shorter, {counts.moved} early
      </p>
      {measuring !== null && (
        <p role="status" className="text-sm" data-measuring>
          Measuring the voice, {Math.round(measuring * 100)} %: lengths are estimated until then.
        </p>
      )}
      {missed > 0 && (
        <p role="alert" className="text-error">
          {plural(missed, "essential cue")} {missed === 1 ? "does" : "do"} not fit.
        </p>
      )}
    </div>
  );
}
