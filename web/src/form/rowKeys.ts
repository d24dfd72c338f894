/** What the keys do in a row of the form sheet: a table from pressed key to change. */
import type { Form, Movement, Posture } from "../shared/api";
import {
  add,
  changeMovement,
  changePosture,
  copy,
  type Edited,
  move,
  postureOf,
  type RowRef,
  remove,
  rows,
} from "./edits";

import type { RowAct } from "./RowTools";
import { moveTo } from "./severalRows";

const bounded = (n: number, least: number, most: number) => Math.min(most, Math.max(least, n));

const ROW_KEYS: Record<string, (form: Form, row: RowRef) => Edited> = {
  Enter: (f, r) => intoFirst(f, r) ?? add(f, r, r.level === "section" ? "posture" : "movement"),
  "Ctrl+Enter": (f, r) => add(f, r, "posture"),
  "Ctrl+Shift+Enter": (f, r) => add(f, r, "section"),
  "Alt+ArrowUp": (f, r) => move(f, r, -1),
  "Alt+ArrowDown": (f, r) => move(f, r, 1),
  "Alt+KeyD": copy,
  "Alt+Backspace": remove,
};

/** After a posture's name: its first movement, where nothing is written in that yet. */
function intoFirst(form: Form, row: RowRef): Edited | null {
  const first = row.level === "posture" ? postureOf(form, row)?.movements[0] : undefined;
  return first && !first.line ? { form, go: { level: "movement", id: first.id } } : null;
}

/** What the buttons of a row change in a form. */
export function afterAct(form: Form, row: RowRef, act: RowAct, onto?: RowRef): Edited {
  switch (act) {
    case "up":
    case "down":
      return move(form, row, act === "up" ? -1 : 1);
    case "drop":
      return { form: onto ? moveTo(form, row, onto) : form, go: row };
    case "copy":
      return copy(form, row);
    case "remove":
      return remove(form, row);
    default:
      return add(form, row, act);
  }
}

const MOVEMENT_KEYS: Record<string, (m: Movement) => Partial<Movement>> = {
  "Alt+Equal": (m) => ({ counts: bounded(m.counts + 1, 0.25, 64) }),
  "Alt+Shift+Equal": (m) => ({ counts: bounded(m.counts + 1, 0.25, 64) }),
  "Alt+NumpadAdd": (m) => ({ counts: bounded(m.counts + 1, 0.25, 64) }),
  "Alt+Minus": (m) => ({ counts: m.counts > 1 ? m.counts - 1 : m.counts }),
  "Alt+NumpadSubtract": (m) => ({ counts: m.counts > 1 ? m.counts - 1 : m.counts }),
  "Alt+ArrowLeft": (m) => ({ left_pct: bounded(m.left_pct + 10, 0, 100) }),
  "Alt+ArrowRight": (m) => ({ left_pct: bounded(m.left_pct - 10, 0, 100) }),
  "Alt+KeyL": () => ({ left_pct: 100 }),
  "Alt+KeyR": () => ({ left_pct: 0 }),
  "Alt+KeyE": () => ({ left_pct: 50 }),
  "Alt+KeyI": () => ({ breath: "in" }),
  "Alt+KeyO": () => ({ breath: "out" }),
  "Alt+KeyF": () => ({ breath: "free" }),
};

const POSTURE_KEYS: Record<string, () => Partial<Posture>> = {
  "Alt+KeyL": () => ({ side: "L" }),
  "Alt+KeyR": () => ({ side: "R" }),
  "Alt+KeyE": () => ({ side: null }),
};

/** What a key changes in a form when it is pressed in a row; null if it means nothing there. */
export function afterKey(form: Form, row: RowRef, key: string): Edited | null {
  const change = ROW_KEYS[key];
  if (change) return change(form, row);
  const onMovement = row.level === "movement" ? MOVEMENT_KEYS[key] : undefined;
  if (onMovement) {
    const movement = postureOf(form, row)?.movements.find((m) => m.id === row.id);
    return movement ? { form: changeMovement(form, row.id, onMovement(movement)), go: null } : null;
  }
  const onPosture = row.level === "posture" ? POSTURE_KEYS[key] : undefined;
  return onPosture ? { form: changePosture(form, row.id, onPosture()), go: null } : null;
}

/** The row above (-1) or below (+1). */
export function neighbour(form: Form, row: RowRef, by: -1 | 1): RowRef | null {
  const all = rows(form);
  return all[all.findIndex((r) => r.level === row.level && r.id === row.id) + by] ?? null;
}

/** Whether a row holds no words at all, so that clearing it may delete it. */
export function isBlank(form: Form, row: RowRef): boolean {
  const posture = postureOf(form, row);
  if (!posture) return false;
  const asked =
    row.level === "movement" ? posture.movements.filter((m) => m.id === row.id) : posture.movements;
  return (row.level === "movement" || !posture.name) && asked.every((m) => !m.line);
}
