import { Pin } from "lucide-react";
import { memo, useCallback, useEffect, useLayoutEffect, useMemo, useRef, useState } from "react";
import type { CueLine, Stage, StageSpan } from "../shared/api";
import { clock } from "../shared/format";
import { FootShape, Guides, middlePath, ribbonPath } from "../shared/Ribbon";

/** How much of the page a millisecond takes: a second is 30 pixels. */
export const PX_PER_MS = 0.03;
const LANE = 150;
const BEYOND = 500;
const across = (leftPct: number) => 128 - leftPct * 1.06;

/** On a narrow screen all that is said stands in one column beside the ribbon. */
const PLACE =
  "pointer-events-none relative col-start-2 row-start-1 *:pointer-events-auto sm:row-start-1 sm:[&[data-column=left]]:col-start-1 sm:[&[data-column=right]]:col-start-3 sm:[&[data-column=all]]:col-start-4";

/** The columns beside the ribbon: what speaks of the left leg, of the right leg, and what speaks of no leg. */
const COLUMNS = { L: "left", R: "right", none: "all" } as const;
type Column = keyof typeof COLUMNS;

export interface Placed {
  cue: CueLine;
  column: Column;
  top: number;
  height: number;
  /** Whether something said and something left out stand beside each other here. */
  beside: boolean;
}

/** Where every slip lies: as long as what is said lasts; what is left out, at the moment it was for. */
export function placed(cues: readonly CueLine[]): Placed[] {
  const waiting = new Map<string, number>();
  const out: Placed[] = [];
  for (const cue of cues) {
    if (cue.together.length > 1 && cue.together[0] !== cue.id) continue;
    const column: Column = cue.leg ?? "none";
    if (cue.start_ms !== null && cue.end_ms !== null) {
      const height = (cue.end_ms - cue.start_ms) * PX_PER_MS;
      out.push({ cue, column, top: cue.start_ms * PX_PER_MS, height, beside: false });
    } else {
      const place = `${column}.${cue.target_ms}`;
      const shift = waiting.get(place) ?? 0;
      waiting.set(place, shift + 1);
      out.push({ cue, column, top: cue.target_ms * PX_PER_MS + shift * 26 - 24, height: 24, beside: false });
    }
  }
  const said = out.filter((s) => s.cue.start_ms !== null);
  for (const left of out)
    if (left.cue.start_ms === null)
      for (const s of said)
        if (s.column === left.column && s.top < left.top + left.height && s.top + s.height > left.top)
          s.beside = left.beside = true;
  return out;
}

interface DeskScrollProps {
  stage: Stage;
  cues: readonly CueLine[];
  chosenId: string;
  onChoose: (id: string) => void;
  /** The place that is heard now, in milliseconds; null when nothing is played. */
  heard: number | null;
}

/** Time runs down: the ribbon in the middle, beside it what is said, each slip as long as it lasts. */
export function DeskScroll({ stage, cues, chosenId, onChoose, heard }: DeskScrollProps) {
  const box = useRef<HTMLElement>(null);
  const [seen, setSeen] = useState({ from: 0, to: 1200 });
  const slips = useMemo(() => placed(cues), [cues]);
  const height = stage.total_ms * PX_PER_MS + 60;
  const look = useCallback(() => {
    const at = box.current;
    if (at) setSeen({ from: at.scrollTop - BEYOND, to: at.scrollTop + at.clientHeight + BEYOND });
  }, []);
  useLayoutEffect(look, [look]);
  useEffect(() => {
    window.addEventListener("resize", look);
    return () => window.removeEventListener("resize", look);
  }, [look]);
  const leader = cues.find((c) => c.id === chosenId)?.together[0] ?? chosenId;
  const top = slips.find((s) => s.cue.id === leader)?.top;
  useEffect(() => {
    const at = box.current;
    if (!at || top === undefined) return;
    if (top < at.scrollTop + 40 || top > at.scrollTop + at.clientHeight - 160)
      at.scrollTo({ top: top - at.clientHeight / 3 });
    look();
  }, [top, look]);
  useEffect(() => {
    const at = box.current;
    if (!at || heard === null) return;
    const y = heard * PX_PER_MS;
    if (y > at.scrollTop + at.clientHeight * 0.7 || y < at.scrollTop) at.scrollTop = y - at.clientHeight / 4;
  }, [heard]);
  const near = (y: number, h: number) => y + h > seen.from && y < seen.to;

  return (
    <section
      ref={box}
      onScroll={look}
      className="relative h-[calc(100vh-15.5rem)] min-h-80 overflow-y-auto rounded-box border border-base-300 bg-base-100"
      data-desk-scroll
      // biome-ignore lint/a11y/noNoninteractiveTabindex: a stretch that scrolls must be reached by key
      tabIndex={0}
      aria-label="What is said, in time"
    >
      <div
        className="relative grid grid-cols-[4.5rem_minmax(0,1fr)] sm:grid-cols-[1fr_9.5rem_1fr_1.1fr]"
        style={{ height }}
      >
        <div className="absolute inset-0" aria-hidden="true">
          {stage.spans.map((s) =>
            s.movement_no === 0 && s.kind === "movement" && near(s.start_ms * PX_PER_MS, 30) ? (
              <div
                key={s.start_ms}
                className="absolute inset-x-0 border-t border-base-300"
                style={{ top: s.start_ms * PX_PER_MS }}
              >
                <span className="quiet absolute left-2 top-0.5 bg-base-100/80 px-1 font-name text-sm">
                  {s.number && `${s.number} `}
                  {s.posture_title} · {clock(s.start_ms)}
                </span>
              </div>
            ) : null,
          )}
        </div>
        {(["L", "lane", "R", "none"] as const).map((column) =>
          column === "lane" ? (
            <svg
              key={column}
              className="col-start-1 row-start-1 sm:col-start-2"
              width="100%"
              height={height}
              viewBox={`0 0 ${LANE} ${height}`}
              preserveAspectRatio="none"
              aria-hidden="true"
            >
              <Guides x={across} height={height} />
              {stage.spans.map((s) =>
                near(s.start_ms * PX_PER_MS, (s.end_ms - s.start_ms) * PX_PER_MS) ? (
                  <Stretch key={s.start_ms} span={s} />
                ) : null,
              )}
              {heard !== null && (
                <line
                  x1="0"
                  x2={LANE}
                  y1={heard * PX_PER_MS}
                  y2={heard * PX_PER_MS}
                  className="stroke-accent"
                  strokeWidth="3"
                />
              )}
            </svg>
          ) : (
            <div key={column} className={PLACE} data-column={COLUMNS[column]}>
              {slips
                .filter((s) => s.column === column && near(s.top, s.height))
                .map((s) => (
                  <Slip key={s.cue.id} slip={s} chosen={s.cue.id === leader} onChoose={onChoose} />
                ))}
            </div>
          ),
        )}
      </div>
    </section>
  );
}

const Stretch = memo(function Stretch({ span }: { span: StageSpan }) {
  const top = span.start_ms * PX_PER_MS;
  const bottom = span.end_ms * PX_PER_MS;
  const ends = { from: span.left_from, to: span.left_to, fillFrom: span.fill_from, fillTo: span.fill_to };
  return (
    <g opacity={span.kind === "movement" || span.kind === "hold" ? 1 : 0.4}>
      <path className="ribbon" d={ribbonPath(ends, top - 0.4, bottom + 0.4, across, 1.2)} />
      <path className="ribbon-line" strokeWidth="1.5" d={middlePath(ends, top, bottom, across)} />
      {span.kind === "movement" && (
        <line x1="0" x2="6" y1={top} y2={top} className="stroke-base-content/50" />
      )}
      {span.kind === "movement" && span.foot_side && bottom - top > 30 && (
        <g
          className="text-accent"
          transform={`translate(${span.foot_side === "L" ? 4 : LANE - 20} ${top + 4}) scale(.62)`}
        >
          <FootShape side={span.foot_side} full={span.foot_full} />
        </g>
      )}
    </g>
  );
});

const LOOK: Record<string, string> = {
  full: "border-solid bg-base-200",
  shorter: "border-dashed bg-base-200",
  moved: "border-double bg-base-200",
  "left out": "border-dotted bg-base-100 line-through opacity-80",
};

const Slip = memo(function Slip({
  slip,
  chosen,
  onChoose,
}: {
  slip: Placed;
  chosen: boolean;
  onChoose: (id: string) => void;
}) {
  const { cue, top, height } = slip;
  const out = cue.start_ms === null;
  const edge = slip.column === "L" ? "border-r-4" : slip.column === "R" ? "border-l-4" : "border-l-2";
  return (
    <button
      type="button"
      tabIndex={-1}
      data-slip={cue.id}
      data-state={cue.state}
      title={`${cue.title}: ${cue.reason || cue.state}`}
      onClick={() => onChoose(cue.id)}
      className={`absolute flex ${slip.beside ? (out ? "right-1.5 left-[54%]" : "right-[48%] left-1.5") : "inset-x-1.5"} ${out ? "max-sm:left-[66%]" : "max-sm:right-[36%]"} items-start overflow-hidden rounded-sm border px-1.5 text-left text-sm leading-tight ${edge} ${LOOK[cue.state]} ${
        chosen ? "z-10 border-accent ring-2 ring-accent" : "border-primary/60"
      }`}
      style={{ top, height: Math.max(height, 22) }}
    >
      <span className={`min-w-0 ${out ? "truncate" : ""}`}>
        {cue.pinned && <Pin size={12} className="mr-1 inline" aria-label="pinned" />}
        {cue.state === "shorter" && <span className="quiet mr-1">short:</span>}
        {out ? cue.wish : cue.said}
      </span>
    </button>
  );
});
