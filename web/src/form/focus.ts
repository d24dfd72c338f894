/** Going from row to row: every field of a row carries its row and its name. */
import { useEffect, useState } from "react";
import type { RowRef } from "./edits";

export type FieldName = "line" | "counts" | "weight";

/** The attributes that let a field be found again. */
export function fieldOf(row: RowRef, field: FieldName) {
  return { "data-row": `${row.level}:${row.id}`, "data-field": field };
}

export function focusRow(row: RowRef, field: FieldName = "line") {
  const at = `[data-row="${row.level}:${row.id}"]`;
  const holder =
    document.querySelector<HTMLElement>(`${at}[data-field="${field}"]`) ??
    document.querySelector<HTMLElement>(`${at}[data-field="line"]`);
  const found = holder?.matches("input, textarea")
    ? holder
    : holder?.querySelector<HTMLElement>("input, textarea");
  found?.focus();
  found?.scrollIntoView({ block: "nearest" });
}

/** The row and field an element belongs to. */
export function rowOf(element: EventTarget | null): { row: RowRef; field: FieldName } | null {
  if (!(element instanceof HTMLElement)) return null;
  const holder = element.closest<HTMLElement>("[data-row]");
  const [level, id] = holder?.dataset.row?.split(":") ?? [];
  if (!level || !id) return null;
  return {
    row: { level: level as RowRef["level"], id },
    field: (holder?.dataset.field ?? "line") as FieldName,
  };
}

/** Bring a row into view without going into it. */
export function showRow(row: RowRef) {
  document
    .querySelector(`[data-row="${row.level}:${row.id}"]`)
    ?.scrollIntoView({ block: "center", behavior: "auto" });
}

/** How far down the window one reads, as a share of its height. */
const READING_AT = 0.4;

/** The movement that stands where one reads, while the sheet is scrolled. */
export function useSeenMovement(): string | undefined {
  const [seen, setSeen] = useState<string>();
  useEffect(() => {
    let waiting = 0;
    const look = () => {
      waiting = 0;
      const at = window.innerHeight * READING_AT;
      const rows = document.querySelectorAll<HTMLElement>('[data-row^="movement:"][data-field="line"]');
      for (const row of rows)
        if (row.getBoundingClientRect().bottom >= at) return setSeen(row.dataset.row?.split(":")[1]);
    };
    const listen = () => {
      if (!waiting) waiting = requestAnimationFrame(look);
    };
    window.addEventListener("scroll", listen, { passive: true });
    return () => window.removeEventListener("scroll", listen);
  }, []);
  return seen;
}
