import { ArrowDown, ArrowUp, Copy, Trash2 } from "lucide-react";
import type { RowRef } from "./edits";

/** What can be done with a row by hand. */
export type RowAct = "up" | "down" | "copy" | "remove" | "movement" | "posture" | "section";
export type OnRow = (row: RowRef, act: RowAct) => void;

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
      className="absolute -top-3 right-1 z-2 hidden rounded-field border border-base-300 bg-base-100 shadow-sm group-focus-within/tools:flex group-hover/tools:flex"
      data-tools={`${row.level}:${row.id}`}
    >
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

/** A button that adds something at the end. */
export function AddRow({ name, onAdd }: { name: string; onAdd: () => void }) {
  return (
    <button type="button" tabIndex={-1} className="btn btn-ghost btn-xs quiet h-7 min-h-7" onClick={onAdd}>
      + {name}
    </button>
  );
}
