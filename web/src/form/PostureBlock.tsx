import { memo } from "react";
import type { Movement, MovementLine, Posture, Sheet, Totals } from "../shared/api";
import { Field } from "../shared/Field";
import { clock, plural } from "../shared/format";
import { GrowingText } from "../shared/GrowingText";
import { RibbonStrip } from "../shared/Ribbon";
import type { RowRef } from "./edits";
import { fieldOf } from "./focus";
import { MovementRow, ROW_GRID } from "./MovementRow";
import { AddRow, type OnRow, RowTools } from "./RowTools";
import { FromCatalogue, KnownMovements } from "./ToFill";

interface PostureBlockProps {
  posture: Posture;
  totals: Totals | undefined;
  movements: Sheet["movements"];
  changePosture: (id: string, change: Partial<Posture>, how?: "typing") => void;
  changeMovement: (id: string, change: Partial<Movement>, how?: "typing") => void;
  onRow: OnRow;
  /** Of another way of doing a posture: the posture, and what differs. */
  usual?: Posture;
  way?: Sheet["ways"][string];
  /** It stands as the catalogue gave it. */
  untouched: boolean;
}

const SIDES = { L: "left", R: "right" } as const;

/** A posture: its name, number, side and repeats above, its movements below. */
export const PostureBlock = memo(
  function PostureBlock(props: PostureBlockProps) {
    const {
      posture: p,
      totals,
      movements,
      changePosture,
      changeMovement,
      onRow,
      usual,
      way,
      untouched,
    } = props;
    const row = { level: "posture" as const, id: p.id };
    const first: MovementLine | undefined = p.movements[0] && movements[p.movements[0].id];
    const at = first
      ? { from: first.left_from, to: first.left_from, fillFrom: first.fill_from, fillTo: first.fill_from }
      : null;
    const last = movements[p.movements.at(-1)?.id ?? ""];
    const after = last
      ? { from: last.left_to, to: last.left_to, fillFrom: last.fill_to, fillTo: last.fill_to }
      : null;
    return (
      // biome-ignore lint/a11y/useSemanticElements: a group of rows, no set of fields of one form
      <div
        role="group"
        className={`border-base-300 border-t bg-base-100 ${p.variant_of ? "shadow-[inset_4px_0_0_var(--color-secondary)]" : ""} [contain-intrinsic-size:auto_15rem] [content-visibility:auto]`}
        aria-label={p.name || "Posture without a name"}
        data-posture={p.id}
      >
        <div className={`${ROW_GRID} sheet-row group/tools relative focus-within:bg-base-200/70`}>
          <div className="relative">{at && <RibbonStrip {...at} />}</div>
          <RowTools row={row} name={p.name || "posture without a name"} onRow={onRow} />
          <div
            className="col-span-3 flex flex-wrap items-center gap-x-1 py-1 pl-2 sm:col-span-4"
            data-row={`posture:${p.id}`}
          >
            {p.variant_of ? (
              <p className="min-w-40 flex-1 py-1 pl-3" data-variant={p.variant}>
                <b>{way?.title ?? "Another way"}</b> of {usual?.number} {usual?.name || "this posture"}
                <span className="quiet block text-sm">{way?.differs}</span>
              </p>
            ) : (
              <>
                <Field
                  label="Number of the posture"
                  className="!w-11 text-right font-name text-lg"
                  placeholder="no."
                  value={p.number}
                  onCommit={(text) => {
                    changePosture(p.id, { number: text.trim().slice(0, 12) });
                    return true;
                  }}
                />
                <div className="min-w-40 flex-1 sm:min-w-48">
                  <GrowingText
                    {...fieldOf(row, "line")}
                    label="Name of the posture"
                    value={p.name}
                    placeholder="Name of the posture"
                    className="font-name text-lg font-semibold"
                    onType={(text) => changePosture(p.id, { name: text.slice(0, 200) }, "typing")}
                  />
                </div>
              </>
            )}
            {p.side && <span className="badge badge-outline border-base-300">{SIDES[p.side]}</span>}
            {p.repeats > 1 && (
              <span className="badge badge-outline border-base-300">
                {p.repeats} times{p.alternate ? ", alternating" : ""}
              </span>
            )}
            {untouched && <FromCatalogue onRight={() => changePosture(p.id, { filled_as: "" })} />}
            {totals && (
              <span className="quiet pr-2 text-right text-sm whitespace-nowrap">
                {plural(totals.counts, "count")} · {clock(totals.ms)}
              </span>
            )}
          </div>
        </div>
        <KnownMovements posture={p} />
        {p.movements.map((m, i) => (
          <MovementRow
            key={m.id}
            movement={m}
            line={movements[m.id]}
            no={i + 1}
            change={changeMovement}
            onRow={onRow}
          />
        ))}
        <p className={`${ROW_GRID} items-center`}>
          <span className="relative self-stretch">{after && <RibbonStrip {...after} />}</span>
          <span className="col-span-3 pl-2 sm:col-span-4">
            <AddRow name="movement" onAdd={() => onRow(lastRow(p), "movement")} />
          </span>
        </p>
      </div>
    );
  },
  (a, b) =>
    a.posture === b.posture &&
    a.untouched === b.untouched &&
    a.totals?.counts === b.totals?.counts &&
    a.totals?.ms === b.totals?.ms &&
    a.way?.title === b.way?.title &&
    a.way?.differs === b.way?.differs &&
    a.usual?.name === b.usual?.name &&
    a.usual?.number === b.usual?.number &&
    a.changePosture === b.changePosture &&
    a.posture.movements.every((m) => sameLine(a.movements[m.id], b.movements[m.id])),
);

/** The row after which a new movement of a posture comes. */
function lastRow(p: Posture): RowRef {
  const last = p.movements.at(-1);
  return last ? { level: "movement", id: last.id } : { level: "posture", id: p.id };
}

/** Whether two lines look alike, so that an edit far away draws nothing anew here. */
function sameLine(a: MovementLine | undefined, b: MovementLine | undefined): boolean {
  return (
    a === b ||
    (!!a &&
      !!b &&
      a.left_from === b.left_from &&
      a.left_to === b.left_to &&
      a.fill_from === b.fill_from &&
      a.fill_to === b.fill_to &&
      a.shift === b.shift &&
      a.foot_side === b.foot_side &&
      a.foot_full === b.foot_full &&
      a.signs.join() === b.signs.join())
  );
}
