/** What new rows begin with, as the core has it (`kemvo blanks`, written by “make types”). */
import type { CueChoice, Mark, Movement, OwnCue, Pass, Posture, Room, Section } from "./api";
import made from "./blanks.json";
import { newId } from "./newId";

const { goes_on } = made;
export const BLANK_ROOM = made.room as Room;
/** Nothing decided about a cue. */
export const BLANK_CHOICE = made.cue_choice as Omit<CueChoice, "cue">;
/** Words of one's own, and how long after the end of a cue they come. */
export const BLANK_OWN_CUE = made.own_cue as OwnCue;
/** A mark set by hand. */
export const BLANK_MARK = made.mark as Omit<Mark, "place" | "at_ms">;
/** What another way of doing a posture does not take over from it. */
export const OTHER_WAY = made.other_way as Partial<Posture>;

function going<T extends object>(blank: T, fields: readonly string[], like: T | undefined): T {
  const taken = fields.map((name) => [name, like?.[name as keyof T]] as const);
  return like ? { ...blank, ...Object.fromEntries(taken) } : blank;
}

/** A movement that goes on from the one before. */
export function newMovement(like?: Movement): Movement {
  return { ...going(made.movement as Movement, goes_on.movement, like), id: newId() };
}

export function newPosture(): Posture {
  const posture = made.posture as Posture;
  return { ...posture, id: newId(), movements: posture.movements.map((m) => ({ ...m, id: newId() })) };
}

export function newSection(): Section {
  const section = made.section as Section;
  return { ...section, id: newId(), postures: section.postures.map(newPosture) };
}

/** A pass that goes on from the one before, or begins with a form. */
export function newPass(formId: string, like?: Pass): Pass {
  const pass = going(made.pass as Pass, goes_on.pass, like);
  return { ...pass, id: newId(), part: like ? pass.part : { ...pass.part, form_id: formId } };
}
