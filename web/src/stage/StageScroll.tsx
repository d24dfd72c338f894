import { memo, useMemo } from "react";
import type { Stage, StageSpan } from "../shared/api";
import { FootShape, middlePath, ribbonPath } from "../shared/Ribbon";

export const PX_PER_MS = 0.032;
const WIDTH = 360;
const across = (leftPct: number) => 310 - leftPct * 2.6;

/** A stretch of the scroll, drawn once and then only moved. */
const Stretch = memo(function Stretch({ span, current }: { span: StageSpan; current: boolean }) {
  const top = span.start_ms * PX_PER_MS;
  const bottom = span.end_ms * PX_PER_MS;
  const ends = { from: span.left_from, to: span.left_to, fillFrom: span.fill_from, fillTo: span.fill_to };
  return (
    <g opacity={span.kind === "pause" || span.kind === "turn" ? 0.45 : 1}>
      <path className="ribbon" d={ribbonPath(ends, top - 0.4, bottom + 0.4, across, 2.6)} />
      <path className="ribbon-line" strokeWidth="2" d={middlePath(ends, top, bottom, across)} />
      {span.kind === "movement" && span.movement_no === 0 && (
        <g>
          <line x1="0" x2={WIDTH} y1={top} y2={top} className="stroke-base-content/25" />
          <text
            x="4"
            y={top - 6}
            className="fill-base-content stroke-base-100 font-name text-[15px] font-semibold"
            paintOrder="stroke"
            strokeWidth="5"
          >
            {span.posture_title}
          </text>
        </g>
      )}
      {span.kind === "movement" && span.foot_side && (
        <g
          className="text-accent"
          transform={`translate(${span.foot_side === "L" ? 12 : WIDTH - 32} ${top + 8})`}
        >
          <FootShape side={span.foot_side} full={span.foot_full} />
        </g>
      )}
      {span.kind === "movement" && current && (
        <rect x="0" y={top} width="5" height={bottom - top} className="fill-accent" />
      )}
    </g>
  );
});

interface StageScrollProps {
  stage: Stage;
  /** The span that is being done: what is drawn is the stretch around it. */
  at: number;
}

/** The sway scroll, in its own coordinates; the page moves it up past the fixed line. */
export function StageScroll({ stage, at }: StageScrollProps) {
  const first = Math.floor(at / 10) * 10 - 10;
  const shown = useMemo(() => {
    const here = stage.spans[Math.max(0, first)]?.start_ms ?? 0;
    return stage.spans
      .map((span, i) => ({ span, i }))
      .filter(({ span, i }) => i >= first && (i < first + 32 || span.start_ms < here + 90_000));
  }, [stage, first]);
  return (
    <>
      {shown.map(({ span, i }) => (
        <Stretch key={i} span={span} current={i === at} />
      ))}
    </>
  );
}

export const laneX = across;
export const LANE_WIDTH = WIDTH;
