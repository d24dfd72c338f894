/** Finding places in a practice by time. */
import type { Stage, StageSound, StageSpan } from "../shared/api";

export const COUNT_IN = "count-in";

/** The index of the span that holds a time. */
export function spanAt(stage: Stage, ms: number): number {
  let low = 0;
  let high = stage.spans.length - 1;
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if ((stage.spans[middle]?.start_ms ?? 0) <= ms) low = middle;
    else high = middle - 1;
  }
  return low;
}

/** A place by what names it at every tempo: the span and how far in it. Still time before one begins in the middle belongs to what
 * comes after it. */
export function placeAt(stage: Stage, ms: number): { place: string; share: number } {
  const i = spanAt(stage, ms);
  const span = stage.spans[i];
  if (!span) return { place: "", share: 0 };
  if (span.key === COUNT_IN) return { place: stage.spans[i + 1]?.key ?? "", share: 0 };
  const length = span.end_ms - span.start_ms;
  return { place: span.key, share: length ? Math.min(1, Math.max(0, (ms - span.start_ms) / length)) : 0 };
}

/** The time of a place; null where it is not there (any more). */
export function timeOf(stage: Stage, place: string, share: number): number | null {
  const span = stage.spans.find((s) => s.key === place);
  return span ? Math.round(span.start_ms + share * (span.end_ms - span.start_ms)) : null;
}

/** Whether a posture, or a still time, begins with a span. */
function begins(stage: Stage, i: number, over: "movement" | "posture"): boolean {
  const s = stage.spans[i];
  if (!s || s.key === COUNT_IN) return false;
  if (s.kind === "turn" || s.kind === "pause") return stage.spans[i - 1]?.kind !== "turn";
  return over === "movement" ? s.kind !== "hold" : s.movement_no === 0 && s.kind === "movement";
}

/** Where to go for one movement (or posture) back or on. Back goes to the beginning first, when well into it. */
export function jump(stage: Stage, ms: number, by: -1 | 1, over: "movement" | "posture"): StageSpan | null {
  const starts = stage.spans.filter((_, i) => begins(stage, i, over));
  // While it is counted in, one is at what comes after.
  const here = stage.spans[spanAt(stage, ms)];
  if (here?.key === COUNT_IN) ms = here.end_ms;
  if (by > 0) return starts.find((s) => s.start_ms > ms + 20) ?? null;
  return starts.findLast((s) => s.start_ms < ms - 900) ?? stage.spans[0] ?? null;
}

/** The first and the last span of the posture that is done at a time; of the one to come, in a still time. */
export function postureAt(stage: Stage, ms: number): { first: StageSpan; last: StageSpan } | null {
  let i = spanAt(stage, ms);
  while (stage.spans[i] && (stage.spans[i]?.posture ?? -1) < 0) i++;
  const no = stage.spans[i]?.posture;
  if (no === undefined) return null;
  const all = stage.spans.filter((s) => s.posture === no);
  const [first, last] = [all[0], all.at(-1)];
  return first && last ? { first, last } : null;
}

/** When the posture that is done at a time (or comes after a still time) ends; null where none comes any more. */
export function postureEnd(stage: Stage, ms: number): number | null {
  return postureAt(stage, ms)?.last.end_ms ?? null;
}

/** The value of a sampled curve at a time, between its samples in a straight line. */
export function sampled(values: readonly number[], stepMs: number, ms: number): number {
  const at = ms / stepMs;
  const i = Math.min(Math.floor(at), values.length - 1);
  const a = values[i] ?? 50;
  const b = values[i + 1] ?? a;
  return a + (b - a) * (at - i);
}

/** The words being said at a time. */
export function wordsAt(sounds: readonly StageSound[], ms: number): string {
  return sounds.find((s) => s.kind === "speech" && s.at_ms <= ms && ms < s.at_ms + s.ms)?.text ?? "";
}

/** What is said next, from a time on. */
export function comingWords(sounds: readonly StageSound[], ms: number, many: number): StageSound[] {
  return sounds.filter((s) => s.kind === "speech" && s.at_ms + s.ms > ms).slice(0, many);
}
