/** Changes to the row of passes: add, copy, move, delete. */
import type { Pass, Session } from "../shared/api";
import { newId } from "../shared/newId";

const at = (s: Session, id: string) => s.passes.findIndex((p) => p.id === id);

export function changePass(s: Session, id: string, change: Partial<Pass>): Session {
  return { ...s, passes: s.passes.map((p) => (p.id === id ? { ...p, ...change } : p)) };
}

export function addPass(s: Session, pass: Pass, after?: string): Session {
  const i = after === undefined ? s.passes.length : at(s, after) + 1;
  return { ...s, passes: s.passes.toSpliced(i, 0, pass) };
}

export function copyPass(s: Session, id: string, made: string): Session {
  const pass = s.passes[at(s, id)];
  return pass ? addPass(s, { ...pass, id: made }, id) : s;
}

export function removePass(s: Session, id: string): Session {
  return { ...s, passes: s.passes.filter((p) => p.id !== id) };
}

/** The passes of a group moved before the pass above them, or after the one below. */
export function moveGroup(s: Session, ids: readonly string[], by: -1 | 1): Session {
  const from = s.passes.findIndex((p) => p.id === ids[0]);
  const to = by < 0 ? from - 1 : from + 1;
  if (from < 0 || to < 0 || from + ids.length + (by > 0 ? 1 : 0) > s.passes.length) return s;
  const moved = s.passes.slice(from, from + ids.length);
  return { ...s, passes: s.passes.toSpliced(from, ids.length).toSpliced(to, 0, ...moved) };
}

/** A copy of the passes of a group below it. */
export function copyGroup(s: Session, ids: readonly string[]): Session {
  const from = s.passes.findIndex((p) => p.id === ids[0]);
  const copies = s.passes
    .slice(from, from + ids.length)
    .map((p) => ({ ...p, id: newId(), group: `${p.group} again`.slice(0, 200) }));
  return from < 0 ? s : { ...s, passes: s.passes.toSpliced(from + ids.length, 0, ...copies) };
}

export function changeAll(s: Session, ids: readonly string[], change: Partial<Pass>): Session {
  return { ...s, passes: s.passes.map((p) => (ids.includes(p.id) ? { ...p, ...change } : p)) };
}

export function movePass(s: Session, id: string, to: number): Session {
  const from = at(s, id);
  const pass = s.passes[from];
  if (!pass || to < 0 || to >= s.passes.length || to === from) return s;
  return { ...s, passes: s.passes.toSpliced(from, 1).toSpliced(to, 0, pass) };
}
