import { ArrowDown, ArrowUp, Copy, GripVertical, Trash2 } from "lucide-react";
import { useRef } from "react";
import type { RowRef } from "./edits";
import { rowOf } from "./focus";

/** What can be done with a row by hand. */
export type RowAct = "up" | "down" | "copy" | "remove" | "drop" | "movement" | "posture" | "section";
export type OnRow = (row: RowRef, act: RowAct, onto?: RowRef) => void;

const TOOLS = [
  { act: "up", name: "Move up", Icon: ArrowUp },
  { act: "down", name: "Move down", Icon: ArrowDown },
  { act: "copy", name: "Copy", Icon: Copy },
  { act: "remove", name: "Delete", Icon: Trash2 },
] as const;

interface RowToolsProps {
  row: RowRef;
  /** What the row is called, for those who do not see it. */
  name: string;
  onRow: OnRow;
}

/** Move, copy and delete a row by mouse or finger: shown while the pointer or the focus is in it. */
export function RowTools({ row, name, onRow }: RowToolsProps) {
  return (
    <span
      // A posture's block cuts off what stands out of it.
      className={`absolute ${row.level === "posture" ? "top-0.5" : "-top-3"} right-1 z-2 hidden rounded-field border border-base-300 bg-base-100 shadow-sm group-focus-within/tools:flex group-hover/tools:flex data-dragging:flex`}
      data-tools={`${row.level}:${row.id}`}
    >
      <Grip row={row} name={name} onRow={onRow} />
      {TOOLS.map(({ act, name: does, Icon }) => (
        <button
          key={act}
          type="button"
          tabIndex={-1}
          className="btn btn-ghost btn-xs h-7 min-h-7 w-7 px-0"
          aria-label={`${does}: ${name}`}
          title={does}
          // The field that has the focus keeps it, so that what was typed is not lost on the way.
          onMouseDown={(e) => e.preventDefault()}
          onClick={() => onRow(row, act)}
        >
          <Icon size={15} />
        </button>
      ))}
    </span>
  );
}

/** What row an element of the sheet is: a section's names itself, others hold what names them. */
const refOf = (row: HTMLElement | null | undefined): RowRef | undefined =>
  row ? rowOf(row.matches("[data-row]") ? row : row.querySelector("[data-row]"))?.row : undefined;

/** The row below which something would be dropped at a place of the window. */
function rowUnder(x: number, y: number, dragged: RowRef): HTMLElement | null {
  const row = document.elementFromPoint(x, y)?.closest<HTMLElement>(".sheet-row");
  const at = refOf(row);
  const fits = dragged.level === "section" || at?.level !== "section";
  return at && fits && at.id !== dragged.id ? (row ?? null) : null;
}

/** A handle that is dragged with the mouse or a finger: the row comes below the one where it is let go. */
function Grip({ row, name, onRow }: RowToolsProps) {
  const over = useRef<HTMLElement | null>(null);
  const show = (to: HTMLElement | null) => {
    over.current?.removeAttribute("data-drop");
    to?.setAttribute("data-drop", "");
    over.current = to;
  };
  return (
    <button
      type="button"
      tabIndex={-1}
      className="btn btn-ghost btn-xs h-7 min-h-7 w-7 cursor-grab touch-none px-0"
      aria-label={`Drag: ${name}`}
      title="Drag"
      onMouseDown={(e) => e.preventDefault()}
      onPointerDown={(e) => {
        e.currentTarget.setPointerCapture(e.pointerId);
        // The tools stay where the pointer leaves their row.
        if (e.currentTarget.parentElement) e.currentTarget.parentElement.dataset.dragging = "";
      }}
      onPointerMove={(e) => {
        if (!e.currentTarget.hasPointerCapture(e.pointerId)) return;
        const edge = e.clientY < 60 ? -12 : e.clientY > window.innerHeight - 60 ? 12 : 0;
        if (edge) window.scrollBy(0, edge);
        show(rowUnder(e.clientX - 60, e.clientY, row) ?? rowUnder(e.clientX, e.clientY, row));
      }}
      onPointerUp={(e) => {
        delete e.currentTarget.parentElement?.dataset.dragging;
        const to = over.current && refOf(over.current);
        show(null);
        if (to) onRow(row, "drop", to);
      }}
      onPointerCancel={(e) => {
        delete e.currentTarget.parentElement?.dataset.dragging;
        show(null);
      }}
    >
      <GripVertical size={15} />
    </button>
  );
}

/** A button that adds something at the end. */
export function AddRow({ name, onAdd }: { name: string; onAdd: () => void }) {
  return (
    <button type="button" tabIndex={-1} className="btn btn-ghost btn-xs quiet h-7 min-h-7" onClick={onAdd}>
      + {name}
    </button>
  );
}
