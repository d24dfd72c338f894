import type { HowFar } from "../shared/api";

/** How far through the form: a thread with a stitch for every posture, those the class has had filled. */
export function HowFarThread({ far }: { far: HowFar }) {
  const gap = Math.min(14, 420 / Math.max(1, far.of));
  const width = gap * far.of + 6;
  return (
    <figure className="min-w-0">
      <svg
        viewBox={`0 0 ${width} 16`}
        className="max-w-full"
        style={{ width, height: 16 }}
        role="img"
        aria-label={`${far.done} of ${far.of} postures`}
      >
        <line x1={3} x2={width - 3} y1={8} y2={8} stroke="currentColor" strokeOpacity={0.35} />
        {Array.from({ length: far.of }, (_, i) => (
          <circle
            // biome-ignore lint/suspicious/noArrayIndexKey: stitches have no other name
            key={i}
            cx={3 + gap * (i + 0.5)}
            cy={8}
            r={Math.min(4.5, gap * 0.36)}
            className={i < far.done ? "fill-primary" : "fill-base-100"}
            stroke="currentColor"
            strokeOpacity={i < far.done ? 0 : 0.5}
          />
        ))}
      </svg>
      <figcaption className="text-sm">
        <b>
          {far.done} of {far.of}
        </b>{" "}
        postures, {Math.round(far.time_pct)} % of the form’s time
      </figcaption>
    </figure>
  );
}
