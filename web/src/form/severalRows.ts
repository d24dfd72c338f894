/** Changes to several rows of a form at once: which rows are meant, and what becomes of them. */
import type { Form, Movement, Posture, Section } from "../shared/api";
import {
  add,
  changeMovement,
  changePosture,
  copy,
  type Edited,
  freshPostures,
  insertPosture,
  move,
  postureOf,
  type RowRef,
  remove,
  rows,
} from "./edits";

/** Rows of one level from one row to another, in the order of the form. */
export function between(form: Form, from: RowRef, to: RowRef): RowRef[] {
  const all = rows(form);
  const at = (row: RowRef) => all.findIndex((r) => r.level === row.level && r.id === row.id);
  const [a, b] = [at(from), at(to)];
  if (a < 0 || b < 0) return [];
  // A posture whose movement is meant, when postures are chosen.
  let first = Math.min(a, b);
  while (first > 0 && all[first]?.level !== from.level && from.level === "posture") first--;
  return all.slice(first, Math.max(a, b) + 1).filter((r) => r.level === from.level);
}

/** One after the other, each as a single row would be; the rows keep their order. */
export function moveAll(form: Form, chosen: readonly RowRef[], by: -1 | 1): Form {
  const order = by < 0 ? chosen : chosen.toReversed();
  let made = form;
  for (const row of order) {
    const next = move(made, row, by).form;
    // What is at the edge stays there, and the rest stays below it.
    if (next === made && row === order[0]) return form;
    made = next;
  }
  return made;
}

export function removeAll(form: Form, chosen: readonly RowRef[]): Edited {
  return chosen.reduceRight<Edited>((made, row) => remove(made.form, row), { form, go: null });
}

/** Copies of the rows below the last of them, in the same order. */
export function copyAll(form: Form, chosen: readonly RowRef[]): { form: Form; made: RowRef[] } {
  const made: RowRef[] = [];
  let now = form;
  let after = chosen.at(-1);
  for (const row of chosen) {
    const next = copy(now, row);
    if (!next.go || !after) continue;
    now = next.form;
    // The copy stands below its row; it goes down to the others.
    now = moveTo(now, next.go, after);
    after = next.go;
    made.push(next.go);
  }
  return { form: now, made };
}

/** Put a movement below another row, a posture below another posture (or at the beginning of a section), a section below another. */
export function moveTo(form: Form, row: RowRef, after: RowRef): Form {
  if (row.id === after.id) return form;
  if (row.level === "section") return sectionTo(form, row.id, after.id);
  const posture = postureOf(form, row);
  if (!posture) return form;
  if (row.level === "posture") {
    if (after.level === "movement") after = { level: "posture", id: postureOf(form, after)?.id ?? "" };
    if (row.id === after.id || postureOf(form, after)?.variant_of === row.id) return form;
    const ways = form.sections.flatMap((s) => s.postures).filter((p) => p.variant_of === row.id);
    const without = remove(form, row).form;
    // Its other ways come along.
    return [...ways.toReversed()].reduce(
      (f, way) => insertPosture(f, row, way).form,
      insertPosture(without, after, posture).form,
    );
  }
  const movement = posture.movements.find((m) => m.id === row.id);
  if (!movement || after.level === "section") return form;
  const without = remove(form, row).form;
  const made = add(without, after, "movement");
  const first = after.level === "posture";
  const to = made.go?.id;
  return {
    ...made.form,
    sections: made.form.sections.map((s) => ({
      ...s,
      postures: s.postures.map((p) => {
        if (first && p.id === after.id)
          return { ...p, movements: [movement, ...p.movements.filter((m) => m.id !== to)] };
        return p.movements.some((m) => m.id === to)
          ? { ...p, movements: p.movements.map((m) => (m.id === to ? movement : m)) }
          : p;
      }),
    })),
  };
}

/** A section below the one that has a row. */
function sectionTo(form: Form, id: string, row: string): Form {
  const has = (s: Section) =>
    s.id === row || s.postures.some((p) => p.id === row || p.movements.some((m) => m.id === row));
  const section = form.sections.find((s) => s.id === id);
  const target = form.sections.find(has);
  if (!section || !target || target === section) return form;
  const rest = form.sections.filter((s) => s !== section);
  return { ...form, sections: rest.toSpliced(rest.indexOf(target) + 1, 0, section) };
}

/** Rows of one level below another row, in their order. */
export function moveAllTo(form: Form, chosen: readonly RowRef[], after: RowRef): Form {
  if (chosen.some((r) => r.id === after.id)) return form;
  let [made, below] = [form, after];
  for (const row of chosen) {
    made = moveTo(made, row, below);
    below = row;
  }
  return made;
}

/** The same change to all movements that are meant: those chosen, or those of the postures chosen. */
export function setMovements(form: Form, chosen: readonly RowRef[], change: Partial<Movement>): Form {
  return movementsOf(form, chosen).reduce((f, id) => changeMovement(f, id, change), form);
}

export function setPostures(
  form: Form,
  chosen: readonly RowRef[],
  change: (nth: number, posture: Posture) => Partial<Posture>,
): Form {
  const postures = chosen.filter((r) => r.level === "posture");
  return postures.reduce((f, r, nth) => {
    const posture = postureOf(f, r);
    return posture ? changePosture(f, r.id, change(nth, posture)) : f;
  }, form);
}

function movementsOf(form: Form, chosen: readonly RowRef[]): string[] {
  return chosen.flatMap((r) => {
    if (r.level === "movement") return [r.id];
    if (r.level === "posture") return postureOf(form, r)?.movements.map((m) => m.id) ?? [];
    const section = form.sections.find((s) => s.id === r.id);
    return section?.postures.flatMap((p) => p.movements.map((m) => m.id)) ?? [];
  });
}

/** The rows as postures for another form: whole ones, or the chosen movements within their posture's name. */
export function passage(form: Form, chosen: readonly RowRef[]): Posture[] {
  const ids = new Set(chosen.map((r) => r.id));
  const taken = form.sections.flatMap((s) =>
    s.postures.flatMap((p) => {
      if (ids.has(s.id) || ids.has(p.id) || (p.variant_of && ids.has(p.variant_of))) return [p];
      const movements = p.movements.filter((m) => ids.has(m.id));
      return movements.length ? [{ ...p, movements }] : [];
    }),
  );
  return freshPostures(taken);
}

/** The form with a passage of another one at its end, in a section of its own. */
export function withPassage(form: Form, title: string, postures: Posture[], id: string): Form {
  return { ...form, sections: [...form.sections, { id, title, postures }] };
}

/** Where words stand in a form: in names or in lines, without regard to capitals. */
export function found(form: Form, words: string): RowRef[] {
  const wanted = words.trim().toLowerCase();
  if (!wanted) return [];
  const has = (text: string) => text.toLowerCase().includes(wanted);
  return form.sections.flatMap((s) => [
    ...(has(s.title) ? [{ level: "section" as const, id: s.id }] : []),
    ...s.postures.flatMap((p) => [
      ...(has(p.name) ? [{ level: "posture" as const, id: p.id }] : []),
      ...p.movements.filter((m) => has(m.line)).map((m) => ({ level: "movement" as const, id: m.id })),
    ]),
  ]);
}

/** The form in which words are replaced wherever they stand, in names and lines. */
export function replaced(form: Form, words: string, by: string): Form {
  const escaped = words.trim().replace(/[.*+?^${}()|[\]\\]/g, "\\$&");
  if (!escaped) return form;
  const every = new RegExp(escaped, "gi");
  const change = (text: string) =>
    text.replace(every, (was) =>
      was[0] === was[0]?.toUpperCase() && was[0] !== was[0]?.toLowerCase()
        ? by.charAt(0).toUpperCase() + by.slice(1)
        : by,
    );
  let made = form;
  for (const row of found(form, words)) {
    const posture = row.level === "section" ? null : postureOf(made, row);
    if (row.level === "posture" && posture)
      made = changePosture(made, row.id, { name: change(posture.name).slice(0, 200) });
    const movement = row.level === "movement" && posture?.movements.find((m) => m.id === row.id);
    if (movement) made = changeMovement(made, row.id, { line: change(movement.line) });
    if (row.level === "section")
      made = {
        ...made,
        sections: made.sections.map((s) => (s.id === row.id ? { ...s, title: change(s.title) } : s)),
      };
  }
  return made;
}
