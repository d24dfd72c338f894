/** Going from row to row: every field of a row carries its row and its name. */
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
