import { useEffect, useState } from "react";
import type { Floor, FloorLine, Print } from "../shared/api";

const STATE_WORDS = {
  full: "carries weight",
  empty: "is empty",
  heel: "touches with the heel",
  toe: "touches with the toes",
  off: "is off the floor",
} as const;

const SOLE =
  "M11 2c4 0 6 4 6 9 0 4-2 6-2.5 9-.4 2 .3 4-.2 7-.5 3-2 5-4.6 5s-4-2-4-5c0-4 .8-6 .3-10C5.500 12 5 2 11 2Z";
/** The sole's drawing is 30 units from heel to toe, its heel at (10, 32). */
const SOLE_LENGTH = 30;

interface FloorViewProps {
  floor: Floor;
  /** The movement that is looked at: its first time is shown. */
  movementId: string | undefined;
  /** Told when the floor is gone through by hand, so that the sheet can follow. */
  onStep: (movementId: string) => void;
}

/** The feet from above: where they stand, where they came from, the way of the body, the room. */
export function FloorView({ floor, movementId, onStep }: FloorViewProps) {
  const [whole, setWhole] = useState(false);
  const [by, setBy] = useState<number | null>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another row takes the floor along
  useEffect(() => setBy(null), [movementId]);
  const first = floor.steps.findIndex((s) => s.movement_id === movementId);
  const at = Math.min(by ?? first, floor.steps.length - 1);
  const here = floor.steps[at] ?? floor.opening;
  const before = at > 0 ? floor.steps[at - 1] : floor.opening;
  const box = whole ? boundsOf(floor) : around(here, before ?? floor.opening);
  const go = (n: number) => {
    setBy(n);
    const to = floor.steps[n];
    if (to) onStep(to.movement_id);
  };

  return (
    <figure className="grid gap-1.5" data-floor={at}>
      <svg
        viewBox={box.join(" ")}
        className="h-60 w-full rounded-box border border-base-300 bg-base-100"
        role="img"
        aria-label={`Left foot ${STATE_WORDS[here.left[3]]}, right foot ${STATE_WORDS[here.right[3]]}.`}
      >
        <Ground floor={floor} />
        {whole ? <Trace floor={floor} /> : before && <Feet line={before} foot={floor.foot} faint />}
        {here.moved?.map(([side, x0, y0, x1, y1]) => (
          <path
            key={`${side}${x1}${y1}`}
            d={`M${x0} ${-y0}L${x1} ${-y1}`}
            className="stroke-accent"
            strokeWidth="0.015"
            strokeDasharray="0.04 0.03"
            fill="none"
          />
        ))}
        <Facing line={here} />
        <Feet line={here} foot={floor.foot} />
      </svg>
      <figcaption className="flex items-center gap-2 text-sm">
        <input
          type="range"
          className="range range-xs flex-1"
          aria-label="Through the form on the floor"
          min={0}
          max={Math.max(0, floor.steps.length - 1)}
          value={Math.max(0, at)}
          onChange={(e) => go(Number(e.target.value))}
        />
        <button
          type="button"
          className="btn btn-xs"
          aria-pressed={whole}
          onClick={() => setWhole((w) => !w)}
          title="The whole way of the form, or only the feet now"
        >
          {whole ? "Feet now" : "Whole way"}
        </button>
      </figcaption>
    </figure>
  );
}

/** The room's walls, the edge of the picture, and the mark. */
function Ground({ floor }: { floor: Floor }) {
  return (
    <g>
      {floor.picture.length > 0 && (
        <polygon points={points(floor.picture)} className="fill-base-200/60 stroke-none" />
      )}
      {floor.walls.length > 0 && (
        <polygon
          points={points(floor.walls)}
          className="fill-none stroke-base-content/60"
          strokeWidth="0.05"
        />
      )}
      <path d="M-0.12 0H0.12M0 -0.12V0.12" className="stroke-base-content/50" strokeWidth="0.02" />
    </g>
  );
}

/** Every print of the form once, and the way of the body's middle. */
function Trace({ floor }: { floor: Floor }) {
  const prints = new Map<string, { print: Print; side: "L" | "R" }>();
  for (const line of [floor.opening, ...floor.steps])
    for (const [side, print] of [
      ["L", line.left],
      ["R", line.right],
    ] as const)
      prints.set(`${side}${print[0]} ${print[1]} ${print[2]}`, { print, side });
  const way = [floor.opening, ...floor.steps].map((s) => s.middle);
  return (
    <g>
      <polyline points={points(way)} className="fill-none stroke-primary/60" strokeWidth="0.04" />
      {[...prints].map(([key, p]) => (
        <FootPrint key={key} print={p.print} side={p.side} foot={floor.foot} faint />
      ))}
    </g>
  );
}

function Feet({ line, foot, faint }: { line: FloorLine; foot: number; faint?: boolean }) {
  return (
    <g>
      <FootPrint print={line.left} side="L" foot={foot} faint={faint} />
      <FootPrint print={line.right} side="R" foot={foot} faint={faint} />
    </g>
  );
}

/** One print: filled when it carries weight, an outline when empty; heel or toes only where only they touch. */
function FootPrint({
  print,
  side,
  foot,
  faint,
}: {
  print: Print;
  side: "L" | "R";
  foot: number;
  faint?: boolean;
}) {
  const [x, y, angle, state] = print;
  const scale = foot / SOLE_LENGTH;
  const turned = `translate(${x} ${-y}) rotate(${angle}) scale(${side === "R" ? -scale : scale} ${scale}) translate(-10 -32)`;
  const part = state === "heel" ? "M0 23H20V34H0Z" : state === "toe" ? "M0 0H20V13H0Z" : null;
  const id = `part-${state}`;
  return (
    <g transform={turned} className={faint ? "text-base-content/40" : "text-primary"}>
      {part && (
        <clipPath id={id}>
          <path d={part} />
        </clipPath>
      )}
      <path
        d={SOLE}
        fill={state === "full" && !faint ? "currentColor" : "none"}
        stroke="currentColor"
        strokeWidth={faint ? 1.2 : 1.8}
        strokeDasharray={state === "off" ? "3 2.5" : undefined}
      />
      {part && !faint && <path d={SOLE} fill="currentColor" clipPath={`url(#${id})`} />}
    </g>
  );
}

/** Which way the body faces. */
function Facing({ line }: { line: FloorLine }) {
  const [x, y] = line.middle;
  return (
    <g transform={`translate(${x} ${-y}) rotate(${line.facing})`} className="text-accent">
      <path
        d="M0 -0.06V-0.42M-0.06 -0.34L0 -0.42L0.06 -0.34"
        fill="none"
        stroke="currentColor"
        strokeWidth="0.025"
      />
      <circle r="0.04" fill="currentColor" />
    </g>
  );
}

const points = (list: readonly (readonly number[])[]) => list.map(([x = 0, y = 0]) => `${x},${-y}`).join(" ");

const NEAR = 0.55;

/** A view of the floor around the feet as they are and were. */
function around(line: FloorLine, before: FloorLine): number[] {
  const feet = [line.left, line.right, before.left, before.right];
  const xs = feet.map((f) => f[0]);
  const ys = feet.map((f) => -f[1]);
  const x = (Math.min(...xs) + Math.max(...xs)) / 2;
  const y = (Math.min(...ys) + Math.max(...ys)) / 2;
  const half = Math.max(
    NEAR,
    (Math.max(...xs) - Math.min(...xs)) / 2 / 1.3,
    (Math.max(...ys) - Math.min(...ys)) / 2,
  );
  return [x - (half + 0.35) * 1.3, y - half - 0.35, (half + 0.35) * 2.6, (half + 0.35) * 2];
}

/** A view that holds every print, and the room if there is one. */
function boundsOf(floor: Floor): number[] {
  const all = [
    ...floor.walls,
    ...[floor.opening, ...floor.steps].flatMap((s) => [s.left, s.right, s.middle]),
  ].map(([x = 0, y = 0]) => [x, -y] as const);
  const xs = all.map((p) => p[0]);
  const ys = all.map((p) => p[1]);
  const left = Math.min(...xs) - 0.4;
  const top = Math.min(...ys) - 0.5;
  return [left, top, Math.max(...xs) + 0.4 - left, Math.max(...ys) + 0.4 - top];
}
