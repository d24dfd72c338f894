/** Finding places in a practice by time. */
import type { Stage, StageSound } from "../shared/api";

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

/** Where to go for one movement (or posture) back or on. Back goes to the beginning first, when well into it. */
export function jump(stage: Stage, ms: number, by: -1 | 1, over: "movement" | "posture"): number {
  const starts = stage.spans
    .filter((s, i) => {
      if (s.kind === "turn" || s.kind === "pause") return stage.spans[i - 1]?.kind !== "turn";
      return over === "movement" ? s.kind !== "hold" : s.movement_no === 0 && s.kind === "movement";
    })
    .map((s) => s.start_ms);
  if (by > 0) return starts.find((t) => t > ms + 20) ?? stage.total_ms;
  return starts.findLast((t) => t < ms - 900) ?? 0;
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

/** The same place in a practice at another speed: the same span, as far into it. */
export function samePlace(from: Stage, to: Stage, ms: number): number {
  const i = spanAt(from, ms);
  const a = from.spans[i];
  const b = to.spans[i];
  if (!a || !b || a.end_ms === a.start_ms) return b?.start_ms ?? 0;
  return Math.round(b.start_ms + ((ms - a.start_ms) / (a.end_ms - a.start_ms)) * (b.end_ms - b.start_ms));
}
