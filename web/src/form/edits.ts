/** Changes to a form as lists of rows: add, move, copy, delete. Each gives the new form and the row to go to. */
import type { Form, Movement, Posture, Section } from "../shared/api";
import { newMovement, newPosture, newSection, OTHER_WAY } from "../shared/blanks";
import { newId } from "../shared/newId";

export type Level = "section" | "posture" | "movement";
export interface RowRef {
  level: Level;
  id: string;
}
export interface Edited {
  form: Form;
  go: RowRef | null;
}

/** Where a row stands: indexes of section, posture and movement (-1 where it is above that level). */
interface Place {
  s: number;
  p: number;
  m: number;
}

/** All rows of a form from top to bottom. */
export function rows(form: Form): RowRef[] {
  return form.sections.flatMap((s) => [
    { level: "section" as const, id: s.id },
    ...s.postures.flatMap((p) => [
      { level: "posture" as const, id: p.id },
      ...p.movements.map((m) => ({ level: "movement" as const, id: m.id })),
    ]),
  ]);
}

function find(form: Form, row: RowRef): Place | null {
  for (const [s, section] of form.sections.entries()) {
    if (row.level === "section" && section.id === row.id) return { s, p: -1, m: -1 };
    for (const [p, posture] of section.postures.entries()) {
      if (row.level === "posture" && posture.id === row.id) return { s, p, m: -1 };
      const m = row.level === "movement" ? posture.movements.findIndex((x) => x.id === row.id) : -1;
      if (m >= 0) return { s, p, m };
    }
  }
  return null;
}

const splice = <T>(list: readonly T[], at: number, remove: number, ...add: T[]): T[] =>
  list.toSpliced(at, remove, ...add);

function withPostures(form: Form, s: number, change: (postures: Posture[]) => Posture[]): Form {
  return {
    ...form,
    sections: form.sections.map((x, i) => (i === s ? { ...x, postures: change(x.postures) } : x)),
  };
}

function withMovements(form: Form, at: Place, change: (movements: Movement[]) => Movement[]): Form {
  return withPostures(form, at.s, (ps) =>
    ps.map((x, i) => (i === at.p ? { ...x, movements: change(x.movements) } : x)),
  );
}

/** A movement as the server gave it back. */
export function putMovement(form: Form, id: string, put: Partial<Movement>): Form {
  const at = find(form, { level: "movement", id });
  return at ? withMovements(form, at, (ms) => ms.map((m) => (m.id === id ? { ...m, ...put } : m))) : form;
}

/** A change by hand: what is set so stays, whatever the words say; words that are typed are read when they are saved. */
export function changeMovement(form: Form, id: string, change: Partial<Movement>): Form {
  if ("line" in change) return putMovement(form, id, { ...change, unread: true });
  const at = find(form, { level: "movement", id });
  const origins = at && form.sections[at.s]?.postures[at.p]?.movements[at.m]?.origins;
  const byHand = Object.keys(change).filter((k) => k in (origins ?? {}));
  if (!byHand.length) return putMovement(form, id, change);
  const set = Object.fromEntries(byHand.map((k) => [k, "hand" as const]));
  return putMovement(form, id, { ...change, origins: { ...origins, ...set } });
}

export function changePosture(form: Form, id: string, change: Partial<Posture>): Form {
  const at = find(form, { level: "posture", id });
  return at ? withPostures(form, at.s, (ps) => ps.map((p) => (p.id === id ? { ...p, ...change } : p))) : form;
}

export function changeSection(form: Form, id: string, change: Partial<Section>): Form {
  return { ...form, sections: form.sections.map((s) => (s.id === id ? { ...s, ...change } : s)) };
}

/** The first section of a form that has none. */
export function begin(form: Form): Edited {
  const section = newSection();
  return { form: { ...form, sections: [section] }, go: { level: "section", id: section.id } };
}

/** A new row of a level below the given one. */
export function add(form: Form, after: RowRef, level: Level): Edited {
  const at = find(form, after);
  if (!at) return { form, go: null };
  if (level === "section") {
    const section = newSection();
    return {
      form: { ...form, sections: splice(form.sections, at.s + 1, 0, section) },
      go: { level, id: section.id },
    };
  }
  if (level === "posture" || at.p < 0) {
    const posture = newPosture();
    return {
      form: withPostures(form, at.s, (ps) => splice(ps, at.p + 1, 0, posture)),
      go: { level: "posture", id: posture.id },
    };
  }
  const before = form.sections[at.s]?.postures[at.p]?.movements;
  const movement = newMovement(before?.[Math.max(at.m, 0)]);
  return {
    form: withMovements(form, at, (ms) => splice(ms, at.m + 1, 0, movement)),
    go: { level, id: movement.id },
  };
}

const freshMovement = (m: Movement): Movement => ({ ...m, id: newId() });
export const freshPosture = (p: Posture): Posture => ({
  ...p,
  id: newId(),
  movements: p.movements.map(freshMovement),
});
/** Copies of several postures: other ways stay with the copies of theirs. */
export function freshPostures(postures: readonly Posture[]): Posture[] {
  const made = postures.map(freshPosture);
  const ids = new Map(postures.map((p, i) => [p.id, made[i]?.id ?? ""]));
  return made.flatMap((p) => {
    if (!p.variant_of) return [p];
    const of = ids.get(p.variant_of);
    return of ? [{ ...p, variant_of: of }] : [];
  });
}
const freshSection = (s: Section): Section => ({ ...s, id: newId(), postures: freshPostures(s.postures) });

/** A copy of the row below it. */
export function copy(form: Form, row: RowRef): Edited {
  const at = find(form, row);
  const section = at && form.sections[at.s];
  const posture = section?.postures[at?.p ?? -1];
  const movement = posture?.movements[at?.m ?? -1];
  if (!at || !section) return { form, go: null };
  if (movement) {
    const made = freshMovement(movement);
    return {
      form: withMovements(form, at, (ms) => splice(ms, at.m + 1, 0, made)),
      go: { ...row, id: made.id },
    };
  }
  if (posture) return insertPosture(form, row, freshPosture(posture));
  const made = freshSection(section);
  return {
    form: { ...form, sections: splice(form.sections, at.s + 1, 0, made) },
    go: { ...row, id: made.id },
  };
}

/** Put a posture below the one a row belongs to. */
export function insertPosture(form: Form, row: RowRef, posture: Posture): Edited {
  const at = find(form, row);
  if (!at) return { form, go: null };
  return {
    form: withPostures(form, at.s, (ps) => splice(ps, at.p + 1, 0, posture)),
    go: { level: "posture", id: posture.id },
  };
}

/** The posture a row is or belongs to. */
export function postureOf(form: Form, row: RowRef): Posture | null {
  const at = find(form, row);
  return (at && form.sections[at.s]?.postures[at.p]) ?? null;
}

/** Delete a row; the form keeps at least one section. */
export function remove(form: Form, row: RowRef): Edited {
  const at = find(form, row);
  if (!at) return { form, go: null };
  const all = rows(form);
  const here = all.findIndex((r) => r.level === row.level && r.id === row.id);
  if (at.m >= 0)
    return { form: withMovements(form, at, (ms) => splice(ms, at.m, 1)), go: all[here - 1] ?? null };
  const above = all[here - 1] ?? null;
  // Other ways of doing a posture go with it.
  if (at.p >= 0)
    return {
      form: withPostures(form, at.s, (ps) => ps.filter((p) => p.id !== row.id && p.variant_of !== row.id)),
      go: above,
    };
  if (form.sections.length === 1) return { form, go: row };
  const sections = splice(form.sections, at.s, 1);
  return { form: { ...form, sections }, go: above ?? { level: "section", id: sections[0]?.id ?? "" } };
}

/** Move a row up (-1) or down (+1) past its neighbour, and over the edge of its posture or section. */
export function move(form: Form, row: RowRef, by: -1 | 1): Edited {
  const at = find(form, row);
  if (!at) return { form, go: row };
  if (at.m >= 0) return { form: moveMovement(form, at, by), go: row };
  if (at.p >= 0) return { form: movePosture(form, at, by), go: row };
  return { form: { ...form, sections: swapped(form.sections, at.s, at.s + by) }, go: row };
}

function swapped<T>(list: T[], i: number, j: number): T[] {
  const a = list[i];
  const b = list[j];
  return a === undefined || b === undefined ? list : list.with(i, b).with(j, a);
}

/** A posture moves with its other ways, past the next posture with all of its own. */
function movePosture(form: Form, at: Place, by: -1 | 1): Form {
  const section = form.sections[at.s];
  const posture = section?.postures[at.p];
  if (!section || !posture || posture.variant_of) return form;
  const units = inUnits(section.postures);
  const unit = units.findIndex((u) => u[0] === posture);
  if (units[unit + by]) return withPostures(form, at.s, () => swapped(units, unit, unit + by).flat());
  if (!form.sections[at.s + by]) return form;
  const moved = units[unit] ?? [];
  const without = withPostures(form, at.s, (ps) => ps.filter((p) => !moved.includes(p)));
  return withPostures(without, at.s + by, (ps) => (by < 0 ? [...ps, ...moved] : [...moved, ...ps]));
}

function inUnits(postures: readonly Posture[]): Posture[][] {
  const units: Posture[][] = [];
  for (const p of postures) {
    const last = units.at(-1);
    if (p.variant_of && last) last.push(p);
    else units.push([p]);
  }
  return units;
}

/** Another way of doing a posture, to begin with as it is done usually. */
export function addVariant(form: Form, id: string, variant: Posture["variant"]): Edited {
  const row = { level: "posture" as const, id };
  const posture = postureOf(form, row);
  if (!posture) return { form, go: null };
  const made = { ...freshPosture(posture), ...OTHER_WAY, variant_of: id, variant };
  return insertPosture(form, row, made);
}

function moveMovement(form: Form, at: Place, by: -1 | 1): Form {
  const movements = form.sections[at.s]?.postures[at.p]?.movements;
  const movement = movements?.[at.m];
  if (!movements || !movement) return form;
  if (movements[at.m + by]) return withMovements(form, at, (ms) => swapped(ms, at.m, at.m + by));
  const places = form.sections.flatMap((x, s) => x.postures.map((_, p) => ({ s, p, m: -1 })));
  const next = places[places.findIndex((x) => x.s === at.s && x.p === at.p) + by];
  if (!next) return form;
  const without = withMovements(form, at, (ms) => splice(ms, at.m, 1));
  return withMovements(without, next, (ms) => (by < 0 ? [...ms, movement] : [movement, ...ms]));
}
