import { curveMonotoneX, line as lineOf } from "d3-shape";

/** A stretch of the sway scroll: the ribbon from one weight to another, as wide as the breath is full. */

const NARROW = 1.6;
const WIDE = 7;

interface RibbonProps {
  /** Weight on the left leg at the upper and lower end, 0 to 100. */
  from: number;
  to: number;
  /** How full the lungs are at both ends, 0 to 1. */
  fillFrom: number;
  fillTo: number;
}

/** The path between two heights. A cubic with its handles at thirds of the height is smoothstep exactly. */
export function ribbonPath(
  r: RibbonProps,
  top: number,
  bottom: number,
  x: (leftPct: number) => number,
  scale = 1,
): string {
  const a = x(r.from);
  const b = x(r.to);
  const wa = scale * (NARROW + (WIDE - NARROW) * r.fillFrom);
  const wb = scale * (NARROW + (WIDE - NARROW) * r.fillTo);
  const h = (bottom - top) / 3;
  return (
    `M${a - wa} ${top}C${a - wa} ${top + h} ${b - wb} ${bottom - h} ${b - wb} ${bottom}` +
    `L${b + wb} ${bottom}C${b + wb} ${bottom - h} ${a + wa} ${top + h} ${a + wa} ${top}Z`
  );
}

/** The middle line of the same stretch. */
export function middlePath(
  r: RibbonProps,
  top: number,
  bottom: number,
  x: (leftPct: number) => number,
): string {
  const h = (bottom - top) / 3;
  return `M${x(r.from)} ${top}C${x(r.from)} ${top + h} ${x(r.to)} ${bottom - h} ${x(r.to)} ${bottom}`;
}

/** The fixed guides behind a ribbon that runs down: all left, even, all right. */
export function Guides({ x, height }: { x: (leftPct: number) => number; height: number }) {
  return (
    <>
      {[100, 50, 0].map((pct) => (
        <line
          key={pct}
          x1={x(pct)}
          x2={x(pct)}
          y1="0"
          y2={height}
          className="stroke-base-300"
          strokeDasharray={pct === 50 ? undefined : "2 6"}
        />
      ))}
    </>
  );
}

const across = (leftPct: number) => 88 - leftPct * 0.76;

/** The ribbon beside a row, stretched to the row's height whatever that is. */
export function RibbonStrip(props: RibbonProps) {
  return (
    <svg
      className="absolute inset-0 h-full w-full overflow-visible"
      viewBox="0 0 100 100"
      preserveAspectRatio="none"
      aria-hidden="true"
    >
      {[12, 50, 88].map((x) => (
        <line
          key={x}
          x1={x}
          x2={x}
          y1="0"
          y2="100"
          className="stroke-base-300"
          strokeDasharray={x === 50 ? undefined : "2 5"}
          vectorEffect="non-scaling-stroke"
        />
      ))}
      <path className="ribbon" d={ribbonPath(props, -0.6, 100.6, across)} />
      <path
        className="ribbon-line"
        d={middlePath(props, 0, 100, across)}
        strokeWidth="1.3"
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  );
}

/** A footprint: filled when that leg carries weight, an outline when it is empty. */
export function FootPrint({ side, full, title }: { side: "L" | "R"; full: boolean; title: string }) {
  return (
    <svg viewBox="0 0 20 34" className="h-7 w-4 text-accent" role="img" aria-label={title}>
      <title>{title}</title>
      <FootShape side={side} full={full} />
    </svg>
  );
}

/** The outline of a sole in a box of 20 by 34. */
export function FootShape({ side, full }: { side: "L" | "R"; full: boolean }) {
  return (
    <path
      transform={side === "R" ? "matrix(-1 0 0 1 20 0)" : undefined}
      d="M11 2c4 0 6 4 6 9 0 4-2 6-2.5 9-.4 2 .3 4-.2 7-.5 3-2 5-4.600 5s-4-2-4-5c0-4 .8-6 .3-10C5.500 12 5 2 11 2Z"
      fill={full ? "currentColor" : "none"}
      stroke="currentColor"
      strokeWidth="2"
    />
  );
}

/** A whole form as one small line from left to right: up is the left leg, down the right. */
export function SwayLine({ sway }: { sway: readonly (readonly number[])[] }) {
  const whole = sway.at(-1)?.[0] || 1;
  const path = lineOf<readonly number[]>(
    (d) => ((d[0] ?? 0) / whole) * 1000,
    (d) => 3 + (100 - (d[1] ?? 50)) * 0.3,
  ).curve(curveMonotoneX)(sway as number[][]);
  return (
    <svg
      viewBox="0 0 1000 36"
      preserveAspectRatio="none"
      className="my-1 h-9 w-full max-w-xl"
      aria-hidden="true"
    >
      <line x1="0" x2="1000" y1="18" y2="18" className="stroke-base-300" vectorEffect="non-scaling-stroke" />
      <path
        d={path ?? ""}
        className="stroke-primary"
        fill="none"
        strokeWidth="2.5"
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  );
}
