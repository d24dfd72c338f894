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

/** A session in which a cue begins so much earlier or later. */
export function nudged(s: Decided, cue: CueLine, ms: number): Decided {
  if (cue.start_ms === null) return s;
  const own = ownCue(s, cue);
  if (!own) return decided(s, cue, { pin_ms: cue.start_ms - cue.target_ms + ms });
  return {
    ...s,
    own_cues: s.own_cues.map((c) => (c.id === own.id ? { ...c, at_ms: c.at_ms + ms } : c)),
  };
}

/** A session in which nothing is decided about a cue; words of one's own are gone. */
export function forgotten(s: Decided, cue: CueLine): Decided {
  const own = ownCue(s, cue);
  return {
    ...s,
    cue_choices: s.cue_choices.filter((c) => c.cue !== cue.id),
    own_cues: own ? s.own_cues.filter((c) => c.id !== own.id) : s.own_cues,
  };
}

/** A session with words of one's own more, after a cue. */
export function withOwnWords(s: Decided, id: string, after: CueLine): Decided {
  const at_ms = (after.end_ms ?? after.target_ms) + 300;
  return { ...s, own_cues: [...s.own_cues, { id, text: "Words of your own", at_ms, by: "" }] };
}

export function ownWordsChanged(s: Decided, cue: CueLine, text: string): Decided {
  return { ...s, own_cues: s.own_cues.map((c) => (`own.${c.id}.text` === cue.id ? { ...c, text } : c)) };
}
