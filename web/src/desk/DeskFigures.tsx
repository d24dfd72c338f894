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
  const { share_pct, words_a_minute, missed, cues } = desk;
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
        {plural(cues.filter((c) => c.state === "left out" && !c.wished).length, "cue")} left out,{" "}
        {cues.some((c) => c.state === "left out" && c.wished) &&
          `${cues.filter((c) => c.state === "left out" && c.wished).length} by choice of how much is said, `}
        {cues.filter((c) => c.state === "shorter").length} shorter,{" "}
        {cues.filter((c) => c.state === "moved").length} early
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
