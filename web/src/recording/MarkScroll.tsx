import { memo, useCallback, useEffect, useLayoutEffect, useRef, useState } from "react";
import type { Loudness, PlaceLine, RecordingSheet } from "../shared/api";
import { clock } from "../shared/format";
import { Guides, middlePath, ribbonPath } from "../shared/Ribbon";
import { BAND, LoudnessBand, PX } from "./LoudnessBand";
import type { PendingTap } from "./useTaps";

const LANE = 110;
const BEYOND = 400;
const HERE = 0.3;
const across = (leftPct: number) => 96 - leftPct * 0.82;

interface MarkScrollProps {
  sheet: RecordingSheet;
  loudness: Loudness | undefined;
  pending: readonly PendingTap[];
  chosenKey: string;
  /** The moment that is seen, read every frame while it plays. */
  now: () => number;
  playing: boolean;
  /** Changes when the moment was set by hand. */
  moved: number;
  onChoose: (place: PlaceLine) => void;
  onSeek: (ms: number) => void;
}

/** Time runs down: the sway, the recording's loudness beside it, a line across for every mark, and for each posture how long it
 * really took against how long it was planned. */
export function MarkScroll(props: MarkScrollProps) {
  const { sheet, now, playing, moved } = props;
  const box = useRef<HTMLElement>(null);
  const line = useRef<HTMLDivElement>(null);
  const [seen, setSeen] = useState({ from: 0, to: 1200 });
  const height = sheet.total_ms * PX + 80;
  const look = useCallback(() => {
    const at = box.current;
    if (!at) return;
    const from = at.scrollTop - BEYOND;
    const to = at.scrollTop + at.clientHeight + BEYOND;
    setSeen((s) =>
      Math.abs(s.from - from) > BEYOND / 2 || Math.abs(s.to - to) > BEYOND / 2 ? { from, to } : s,
    );
  }, []);
  useLayoutEffect(look, [look]);
  const follow = useCallback(() => {
    const at = box.current;
    const y = now() * PX;
    if (line.current) line.current.style.transform = `translateY(${y}px)`;
    if (at) at.scrollTop = y - at.clientHeight * HERE;
  }, [now]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a moment set by hand is gone to
  useEffect(follow, [follow, moved]);
  useEffect(() => {
    if (!playing) return;
    let frame = requestAnimationFrame(function step() {
      follow();
      frame = requestAnimationFrame(step);
    });
    return () => cancelAnimationFrame(frame);
  }, [playing, follow]);
  const near = (from: number, to: number) => to * PX > seen.from && from * PX < seen.to;
  const shown = sheet.places.filter((p) => near(p.start_ms, p.end_ms));
  const postures = posturesOf(sheet.places).filter((p) => near(p.start, p.end));

  return (
    <section
      ref={box}
      onScroll={look}
      className="relative h-full min-h-80 overflow-y-auto rounded-box border border-base-300 bg-base-100"
      aria-label="The recording in time"
      data-mark-scroll={sheet.places.length}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: a stretch that scrolls must be reached by key
      tabIndex={0}
    >
      <div className="relative" style={{ height }}>
        <svg
          className="absolute top-0 left-0"
          width={LANE}
          height={height}
          viewBox={`0 0 ${LANE} ${height}`}
          aria-hidden="true"
        >
          <Guides x={across} height={height} />
          {shown.map((p) => (
            <Sway key={p.key} place={p} />
          ))}
        </svg>
        <LoudnessBand
          {...{ sheet, seen, height }}
          loudness={props.loudness}
          left={LANE}
          onSeek={props.onSeek}
        />
        {sheet.stop_ms.map(([a, b]) =>
          near(a, b) ? (
            <div
              key={a}
              className="quiet absolute flex items-center justify-center bg-base-200/70 text-sm"
              style={{ top: a * PX, height: (b - a) * PX, left: LANE + BAND, right: 0 }}
            >
              {(b - a) * PX > 18 && a > sheet.begins_ms && b < sheet.ends_ms
                ? `stopped ${seconds(b - a)}`
                : ""}
            </div>
          ) : null,
        )}
        {shown.map((p) => (
          <MarkLine key={p.key} place={p} chosen={p.key === props.chosenKey} onChoose={props.onChoose} />
        ))}
        {shown.map((p) => (
          <Words key={p.key} place={p} />
        ))}
        {postures.map((p) => (
          <PostureLine
            key={p.first.key}
            posture={p}
            chosen={p.first.key === props.chosenKey}
            onChoose={props.onChoose}
          />
        ))}
        {props.pending.map((t) => (
          <div
            key={`${t.at}${t.kind}`}
            className="absolute right-0 left-0 border-t-3 border-secondary"
            style={{ top: t.at * PX }}
            aria-hidden="true"
          />
        ))}
        <div
          ref={line}
          className="pointer-events-none absolute inset-x-0 top-0 border-t-3 border-accent"
          data-now
        />
      </div>
    </section>
  );
}

const seconds = (ms: number) => `${(ms / 1000).toFixed(ms < 10_000 ? 1 : 0)} s`;

interface Done {
  first: PlaceLine;
  start: number;
  end: number;
  planned: number;
  /** Within how many milliseconds its beginning is guessed; 0 where it is marked. */
  within: number;
}

/** The postures that were done, each from its first movement to its last. */
function posturesOf(places: readonly PlaceLine[]): Done[] {
  const out: Done[] = [];
  for (const p of places) {
    const last = out.at(-1);
    if (last && last.first.posture === p.posture) {
      last.end = p.end_ms;
      last.planned += p.plan_ms;
    } else out.push({ first: p, start: p.start_ms, end: p.end_ms, planned: p.plan_ms, within: p.within_ms });
  }
  return out;
}

const Sway = memo(function Sway({ place }: { place: PlaceLine }) {
  const ends = { from: place.left_from, to: place.left_to, fillFrom: 0.35, fillTo: 0.35 };
  return (
    <>
      <path
        className="ribbon"
        d={ribbonPath(ends, place.start_ms * PX - 0.4, place.end_ms * PX + 0.4, across)}
      />
      <path
        className="ribbon-line"
        strokeWidth="1.3"
        d={middlePath(ends, place.start_ms * PX, place.end_ms * PX, across)}
      />
    </>
  );
});

/** A line across where a movement begins: whole where it is marked, broken where it is guessed. */
const MarkLine = memo(function MarkLine(props: {
  place: PlaceLine;
  chosen: boolean;
  onChoose: (p: PlaceLine) => void;
}) {
  const { place, chosen, onChoose } = props;
  const looks = place.hand
    ? "border-solid border-base-content/80"
    : place.mark
      ? "border-solid border-primary/60"
      : "border-dashed border-base-content/25";
  return (
    <button
      type="button"
      tabIndex={-1}
      className="absolute right-0 left-0 h-6 -translate-y-3 text-left"
      style={{ top: place.start_ms * PX }}
      onClick={() => onChoose(place)}
      aria-label={`${place.line || place.title}, ${clock(place.start_ms)}, ${place.mark ? "marked" : "guessed"}`}
      data-place={place.key}
      data-mark={place.mark}
    >
      <span
        className={`block ${place.first ? "border-t-2" : "border-t"} ${looks} ${chosen ? "!border-t-4 !border-accent" : ""}`}
      />
    </button>
  );
});

/** The words of a movement beside its mark, where there is room for them. */
const Words = memo(function Words({ place }: { place: PlaceLine }) {
  if ((place.end_ms - place.start_ms) * PX < 22 || !place.line) return null;
  return (
    <p
      className="quiet pointer-events-none absolute right-2 hidden w-[36%] truncate text-sm sm:block"
      style={{ top: place.start_ms * PX + 1 }}
    >
      {place.line}
    </p>
  );
});

const PostureLine = memo(function PostureLine(props: {
  posture: Done;
  chosen: boolean;
  onChoose: (p: PlaceLine) => void;
}) {
  const { posture, chosen, onChoose } = props;
  const { first, start, end, planned, within } = posture;
  const real = end - start;
  const more = Math.round((100 * (real - planned)) / Math.max(1, planned));
  const tall = (end - start) * PX;
  return (
    <div
      className="pointer-events-none absolute right-2 overflow-hidden sm:right-[38%]"
      style={{ top: start * PX, height: Math.max(20, tall), left: LANE + BAND + 12 }}
    >
      {within > 0 && (
        <span
          className="absolute -left-1 w-1 rounded bg-warning/40"
          style={{ top: 0, height: Math.min(tall, within * PX) }}
          aria-hidden="true"
        />
      )}
      <button
        type="button"
        className={`pointer-events-auto block max-w-full truncate text-left font-name leading-tight hover:underline ${chosen ? "text-accent" : ""}`}
        onClick={() => onChoose(first)}
        data-posture={first.posture}
      >
        {first.title}
      </button>
      {tall > 38 && (
        <p className="quiet text-sm leading-tight">
          {clock(start)} · {seconds(real)} (
          {more === 0 ? "as planned" : `${more > 0 ? "+" : "−"}${Math.abs(more)} %`})
          {within > 0 && ` · guessed within ${seconds(within)}`}
        </p>
      )}
      {tall > 62 && (
        <span
          className="mt-1 flex h-1.5 w-40 rounded bg-base-300"
          title={`planned ${seconds(planned)}`}
          aria-hidden="true"
        >
          <span
            className="h-1.5 rounded bg-primary"
            style={{ width: `${Math.min(100, (50 * real) / Math.max(1, planned))}%` }}
          />
        </span>
      )}
    </div>
  );
});
