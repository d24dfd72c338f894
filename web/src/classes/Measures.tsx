import type { Account } from "../shared/api";
import { dayWords, minutesOf } from "./days";

/** Minutes a week, and how even the sides are. */
export function Measures({ account }: { account: Account }) {
  const most = Math.max(1, ...account.weeks.map((w) => w.minutes));
  const sided = account.left_ms + account.right_ms;
  return (
    <>
      {account.weeks.length > 0 && (
        <section aria-label="Minutes a week">
          <h2 className="mb-1 text-xl">Minutes a week</h2>
          <ul className="grid gap-0.5 text-sm">
            {account.weeks.slice(-10).map((w) => (
              <li key={w.monday} className="flex items-center gap-2">
                <span className="w-20 shrink-0">{dayWords(w.monday).split(" ").slice(1).join(" ")}</span>
                <span
                  className="h-2 rounded-full bg-secondary"
                  style={{ width: `${(60 * w.minutes) / most}%` }}
                />
                <span>{Math.round(w.minutes)}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
      <TempoLine lessons={account.lessons} />
      {sided > 0 && (
        <section aria-label="Left and right">
          <h2 className="mb-1 text-xl">Left and right</h2>
          <p className="text-sm">
            Of postures with a side: left {minutesOf(account.left_ms)}, right {minutesOf(account.right_ms)}.
          </p>
          <div className="mt-1 flex h-3 overflow-hidden rounded-full border border-base-300" aria-hidden>
            <span className="bg-primary" style={{ width: `${(100 * account.left_ms) / sided}%` }} />
          </div>
        </section>
      )}
    </>
  );
}

const [LINE_WIDE, LINE_HIGH] = [260, 48];

/** The tempo of the lessons, one after the other. */
function TempoLine({ lessons }: { lessons: Account["lessons"] }) {
  const known = lessons.filter((l) => l.tempo > 0);
  const first = known[0];
  const last = known.at(-1);
  if (!first || !last || known.length < 2) return null;
  const tempos = known.map((l) => l.tempo);
  const least = Math.min(...tempos) - 1;
  const most = Math.max(...tempos) + 1;
  const points = known.map((l, n) => [
    6 + ((LINE_WIDE - 12) * n) / (known.length - 1),
    6 + ((LINE_HIGH - 12) * (most - l.tempo)) / (most - least),
  ]);
  return (
    <section aria-label="Tempo over time">
      <h2 className="mb-1 text-xl">Tempo over time</h2>
      <svg
        viewBox={`0 0 ${LINE_WIDE} ${LINE_HIGH}`}
        className="w-full max-w-72"
        role="img"
        aria-label={`From ${Math.round(first.tempo)} to ${Math.round(last.tempo)} counts a minute in ${known.length} lessons`}
      >
        <polyline
          points={points.map((p) => p.join(",")).join(" ")}
          fill="none"
          className="stroke-primary"
          strokeWidth={2}
        />
        {points.map(([cx, cy], n) => (
          <circle key={known[n]?.lesson_id} cx={cx} cy={cy} r={3.5} className="fill-primary" />
        ))}
      </svg>
      <p className="text-sm">
        {Math.round(first.tempo) !== Math.round(last.tempo)
          ? `${Math.round(first.tempo)} to ${Math.round(last.tempo)} counts a minute`
          : `${Math.round(last.tempo)} counts a minute all the time`}
      </p>
    </section>
  );
}
