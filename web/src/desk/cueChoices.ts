/** What was decided about single cues, and the cues in order. */
import type { CueChoice, CueLine, Decided } from "../shared/api";
import { BLANK_CHOICE, BLANK_OWN_CUE } from "../shared/blanks";

/** Cues in the order in which they are heard; those left out at the moment they were for. */
export function inOrder(cues: readonly CueLine[]): CueLine[] {
  return [...cues].sort((a, b) => (a.start_ms ?? a.target_ms) - (b.start_ms ?? b.target_ms));
}

export function ownCue(session: Decided, cue: CueLine) {
  return session.own_cues.find((c) => cue.id === `own.${c.id}.text`);
}

/** A session in which something more is decided about a cue. */
export function decided(s: Decided, cue: CueLine, change: Partial<CueChoice>): Decided {
  const before = s.cue_choices.find((c) => c.cue === cue.id);
  const others = s.cue_choices.filter((c) => c.cue !== cue.id);
  return { ...s, cue_choices: [...others, { ...BLANK_CHOICE, ...before, ...change, cue: cue.id }] };
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
  const at_ms = (after.end_ms ?? after.target_ms) + BLANK_OWN_CUE.at_ms;
  return { ...s, own_cues: [...s.own_cues, { ...BLANK_OWN_CUE, id, at_ms }] };
}

export function ownWordsChanged(s: Decided, cue: CueLine, text: string): Decided {
  return { ...s, own_cues: s.own_cues.map((c) => (`own.${c.id}.text` === cue.id ? { ...c, text } : c)) };
}
