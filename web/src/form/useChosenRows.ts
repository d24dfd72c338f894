/** Several rows chosen at once: with shift and the mouse, with Shift and the arrows, with a long press. */
import { type RefObject, useEffect, useRef, useState } from "react";
import type { Form } from "../shared/api";
import { type RowRef, rows } from "./edits";
import { rowOf } from "./focus";
import { neighbour } from "./rowKeys";
import { between } from "./severalRows";

const LONG_MS = 500;
const STILL_PX = 8;

export interface ChosenRows {
  chosen: RowRef[];
  /** Choose these rows and no others. */
  choose: (rows: RowRef[]) => void;
  clear: () => void;
  /** Take one row more above or below. */
  extend: (from: RowRef, by: -1 | 1) => void;
}

export function useChosenRows(sheet: RefObject<HTMLElement | null>, form: Form): ChosenRows {
  const [chosen, setChosen] = useState<RowRef[]>([]);
  const anchor = useRef<RowRef | null>(null);
  const end = useRef<RowRef | null>(null);
  const latest = useRef({ form, chosen });
  latest.current = { form, chosen };

  const upTo = (from: RowRef, to: RowRef) => {
    anchor.current = from;
    end.current = to;
    setChosen(between(latest.current.form, from, to));
  };

  // Rows are marked on the page itself: nothing of them needs to be drawn anew.
  useEffect(() => {
    const marked = chosen.flatMap((r) => [
      ...document.querySelectorAll<HTMLElement>(`[data-row="${r.level}:${r.id}"]`),
    ]);
    for (const m of marked) m.dataset.chosen = "";
    return () => {
      for (const m of marked) delete m.dataset.chosen;
    };
  }, [chosen]);

  // What is gone from the form is not chosen any more.
  useEffect(() => {
    const ids = new Set(rows(form).map((r) => r.id));
    setChosen((now) => {
      const there = now.filter((r) => ids.has(r.id));
      return there.length === now.length ? now : there;
    });
  }, [form]);

  useEffect(() => {
    const box = sheet.current;
    if (!box) return;
    let press: { x: number; y: number; timer: number } | null = null;
    const stop = () => {
      if (press) window.clearTimeout(press.timer);
      press = null;
    };
    const down = (e: PointerEvent) => {
      const row = rowOf(e.target)?.row;
      if (!row || (e.target as HTMLElement).closest("[data-tools]")) return;
      if (e.shiftKey && e.button === 0) {
        const from = anchor.current ?? rowOf(document.activeElement)?.row ?? row;
        e.preventDefault();
        upTo(from, row);
        return;
      }
      if (latest.current.chosen.length && e.pointerType === "touch") {
        upTo(anchor.current ?? row, row);
        e.preventDefault();
        return;
      }
      anchor.current = row;
      if (latest.current.chosen.length) setChosen([]);
      if (e.pointerType !== "touch") return;
      stop();
      press = { x: e.clientX, y: e.clientY, timer: window.setTimeout(() => upTo(row, row), LONG_MS) };
    };
    const moved = (e: PointerEvent) => {
      if (press && Math.hypot(e.clientX - press.x, e.clientY - press.y) > STILL_PX) stop();
    };
    const held = (e: Event) => {
      if (latest.current.chosen.length || press) e.preventDefault();
    };
    box.addEventListener("pointerdown", down);
    box.addEventListener("pointermove", moved);
    box.addEventListener("pointerup", stop);
    box.addEventListener("pointercancel", stop);
    box.addEventListener("contextmenu", held);
    return () => {
      stop();
      box.removeEventListener("pointerdown", down);
      box.removeEventListener("pointermove", moved);
      box.removeEventListener("pointerup", stop);
      box.removeEventListener("pointercancel", stop);
      box.removeEventListener("contextmenu", held);
    };
  });

  const extend = (from: RowRef, by: -1 | 1) => {
    const now = latest.current;
    const start = now.chosen.length ? (anchor.current ?? from) : from;
    let to: RowRef | null = now.chosen.length ? (end.current ?? from) : from;
    do to = to && neighbour(now.form, to, by);
    while (to && to.level !== start.level && now.chosen.length);
    // The first press chooses the row itself and the next one of its kind.
    while (to && to.level !== start.level) to = neighbour(now.form, to, by);
    upTo(start, to ?? end.current ?? start);
  };
  return {
    chosen,
    choose: (rows) => {
      anchor.current = rows[0] ?? null;
      end.current = rows.at(-1) ?? null;
      setChosen(rows);
    },
    clear: () => setChosen([]),
    extend,
  };
}
