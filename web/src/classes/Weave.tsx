import type { Account } from "../shared/api";
import { dayWords, minutesOf } from "./days";

const ROW = 26;
const [NARROW, WIDE] = [46, 84];
/** Lessons stand apart while they are few. */
const columns = (n: number) => Math.max(NARROW, Math.min(WIDE, 860 / Math.max(1, n)));
const [LABELS, SHORT_LABELS, PHONE] = [230, 140, 640];
const HEAD = 58;
const MOST = 20;

/** How thick the thread is for so many minutes: a quarter of an hour fills its row. */
const thick = (ms: number) => (ms ? Math.max(2.5, Math.min(MOST, Math.sqrt(ms / 900_000) * MOST)) : 0);

/**
 * The weave: postures down, lessons across. A posture's thread begins where it was first shown, is as thick as the time spent on it,
 * and has a knot where a point was left open.
 */
export function Weave({ account }: { account: Account }) {
  const { postures, lessons, cells, knots } = account;
  const phone = window.innerWidth < PHONE;
  const labels = phone ? SHORT_LABELS : LABELS;
  const column = columns(lessons.length);
  const width = labels + column * lessons.length + 16;
  const height = HEAD + ROW * postures.length + 6;
  const x = (n: number) => labels + column * (n + 0.5);
  const y = (i: number) => HEAD + ROW * (i + 0.5);
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: a region that scrolls sideways is reached by keys
    <section className="overflow-x-auto" aria-label="The weave" tabIndex={0}>
      <svg
        width={width}
        height={height}
        role="img"
        aria-label={`Postures down, lessons across: ${postures.length} postures in ${lessons.length} lessons. The table below says the same.`}
        data-weave
      >
        {lessons.map((l, n) => (
          <g key={l.lesson_id}>
            <line
              x1={x(n)}
              x2={x(n)}
              y1={HEAD - 4}
              y2={height - 4}
              stroke="currentColor"
              strokeOpacity={0.28}
            />
            <text x={x(n)} y={HEAD - 26} textAnchor="middle" className="fill-current text-xs">
              {dayWords(l.day).split(" ").slice(1, 3).join(" ")}
            </text>
            <text x={x(n)} y={HEAD - 10} textAnchor="middle" className="fill-current text-xs" opacity={0.75}>
              {Math.round(l.ms / 60_000)}
              {l.stopped ? " ⊣" : ""}
            </text>
          </g>
        ))}
        {postures.map((p, i) => (
          <g key={p.posture_id} data-thread={p.posture_id}>
            <text x={4} y={y(i) + 4} className="fill-current text-sm" opacity={p.shown || p.known ? 1 : 0.6}>
              {shortened(`${p.number} ${p.title}`.trim(), phone ? 17 : 29)}
            </text>
            <Thread cells={cells[i] ?? []} known={p.known} x={x} column={column} y={y(i)} width={width} />
            {knots[i]?.map(
              (many, n) =>
                many > 0 && (
                  <g
                    key={lessons[n]?.lesson_id}
                    transform={`translate(${x(n)} ${y(i)})`}
                    data-knot={p.posture_id}
                  >
                    <title>{p.open.map((o) => o.text).join("; ")}</title>
                    <circle r={8.5} className="fill-base-100 stroke-accent" strokeWidth={2.5} />
                    <circle r={3} className="fill-accent" />
                  </g>
                ),
            )}
          </g>
        ))}
      </svg>
    </section>
  );
}

const shortened = (text: string, most: number) => (text.length > most ? `${text.slice(0, most - 1)}…` : text);

interface ThreadProps {
  cells: readonly number[];
  known: boolean;
  x: (n: number) => number;
  column: number;
  y: number;
  width: number;
}

/** The thread of one posture: from where it begins to the last lesson, swelling where it was done. */
function Thread({ cells, known, x, column, y, width }: ThreadProps) {
  const first = known ? 0 : cells.findIndex((ms) => ms > 0);
  if (first < 0 || !cells.length) return null;
  const half = column / 2;
  const from = known ? x(0) - half : x(first) - 8;
  const ups: string[] = [];
  const downs: string[] = [];
  for (let n = first; n < cells.length; n++) {
    const r = thick(cells[n] ?? 0) / 2;
    if (!r) continue;
    const at = x(n);
    // A spindle, which tapers out half way to the lessons beside it.
    ups.push(
      `M${at - half} ${y}C${at - 10} ${y} ${at - 10} ${y - r} ${at} ${y - r}S${at + 10} ${y} ${at + half} ${y}`,
    );
    downs.push(`C${at + 10} ${y} ${at + 10} ${y + r} ${at} ${y + r}S${at - 10} ${y} ${at - half} ${y}Z`);
  }
  return (
    <>
      <line
        x1={from}
        x2={width - 12}
        y1={y}
        y2={y}
        className="stroke-primary"
        strokeWidth={1.4}
        strokeOpacity={0.75}
      />
      {ups.map((up, i) => (
        <path key={up} d={`${up}${downs[i]}`} className="fill-primary" />
      ))}
    </>
  );
}

/** The same as a table. */
export function WeaveTable({ account }: { account: Account }) {
  const { postures } = account;
  return (
    <details className="mt-2">
      <summary className="cursor-pointer">As a table</summary>
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a region that scrolls sideways is reached by keys */}
      <section className="overflow-x-auto" aria-label="Postures in a table" tabIndex={0}>
        <table className="mt-2 w-full min-w-[46rem] text-sm">
          <thead>
            <tr className="text-left">
              {[
                "Posture",
                "First shown",
                "Last done",
                "Lessons",
                "Times",
                "Time",
                "Left, right",
                "Watched",
                "Tempo",
                "Words",
                "Open",
              ].map((name) => (
                <th key={name} scope="col" className="border-b border-base-300 px-2 py-1">
                  {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {postures.map((p) => (
              <tr key={p.posture_id} className="align-top">
                <th scope="row" className="border-b border-base-300 px-2 py-1 text-left font-semibold">
                  {p.number} {p.title}
                </th>
                {[
                  p.shown ? dayWords(p.shown) : p.known ? "before this log" : "–",
                  p.last ? dayWords(p.last) : "–",
                  p.lessons,
                  p.times,
                  p.ms ? minutesOf(p.ms) : "–",
                  p.left_ms + p.right_ms ? `${minutesOf(p.left_ms)}, ${minutesOf(p.right_ms)}` : "–",
                  p.watched_ms ? minutesOf(p.watched_ms) : "–",
                  p.tempo ? Math.round(p.tempo * 10) / 10 : "–",
                  p.voice ?? "–",
                  p.open.map((o) => o.text).join("; "),
                ].map((cell, n) => (
                  // biome-ignore lint/suspicious/noArrayIndexKey: cells of a row have no other name
                  <td key={n} className="border-b border-base-300 px-2 py-1">
                    {cell}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </section>
    </details>
  );
}
