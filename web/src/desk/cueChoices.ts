/** What was decided about single cues, and the cues in order. */
import type { CueChoice, CueLine, Decided } from "../shared/api";

/** Cues in the order in which they are heard; those left out at the moment they were for. */
export function inOrder(cues: readonly CueLine[]): CueLine[] {
  return [...cues].sort((a, b) => (a.start_ms ?? a.target_ms) - (b.start_ms ?? b.target_ms));
}

export function ownCue(session: Decided, cue: CueLine) {
  return session.own_cues.find((c) => cue.id === `own.${c.id}.text`);
}

/** A session in which something more is decided about a cue; a decision that says nothing is none. */
export function decided(s: Decided, cue: CueLine, change: Partial<CueChoice>): Decided {
  const before = s.cue_choices.find((c) => c.cue === cue.id);
  const made = {
    cue: cue.id,
    text: "",
    said: null,
    pin_ms: null,
    sooner_ms: 0,
    later_ms: 0,
    must: null,
    ...before,
    ...change,
  };
  const says =
    made.text ||
    [made.said, made.pin_ms, made.must].some((x) => x !== null) ||
    made.sooner_ms ||
    made.later_ms;
  const others = s.cue_choices.filter((c) => c.cue !== cue.id);
  return { ...s, cue_choices: says ? [...others, made] : others };
}
