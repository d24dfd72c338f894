import { memo } from "react";
import type { Movement, MovementLine } from "../shared/api";
import { Field } from "../shared/Field";
import { GUESSED, ORIGINS, readNumber, readWeight, seconds, weight } from "../shared/format";
import { GrowingText } from "../shared/GrowingText";
import { FootPrint, RibbonStrip } from "../shared/Ribbon";
import { fieldOf } from "./focus";
import { type OnRow, RowTools } from "./RowTools";

export const ROW_GRID =
  "grid grid-cols-[4.5rem_repeat(3,minmax(0,1fr))] sm:grid-cols-[minmax(7rem,17rem)_minmax(10rem,1fr)_3.6rem_4.6rem_4.8rem] items-stretch";

const BREATHS = { in: "↑ in", out: "↓ out", free: "free" } as const;
const NEXT_BREATH = { in: "out", out: "free", free: "in" } as const;

/** Set by hand, read from the words, or filled in. */
const ORIGIN_STYLE = { hand: "", read: "underline decoration-dotted underline-offset-3", filled: "italic" };

interface MovementRowProps {
  movement: Movement;
  line: MovementLine | undefined;
  no: number;
  change: (id: string, change: Partial<Movement>, how?: "typing") => void;
  onRow: OnRow;
}

/** One movement: its stretch of the ribbon, its words, counts, weight and breath. */
export const MovementRow = memo(function MovementRow({
  movement: m,
  line,
  no,
  change,
  onRow,
}: MovementRowProps) {
  const row = { level: "movement" as const, id: m.id };
  const foot = line?.foot_side;
  return (
    <div
      className={`${ROW_GRID} sheet-row group/row group/tools relative focus-within:bg-base-200/70`}
      style={{ minHeight: `${Math.max(2.3, 1.2 + m.counts * 0.55)}rem` }}
    >
      <div className="relative max-sm:row-span-2">
        {line && (
          <RibbonStrip
            from={line.left_from}
            to={line.left_to}
            fillFrom={line.fill_from}
            fillTo={line.fill_to}
          />
        )}
        {line && foot && (
          <span className={`absolute top-1/2 -translate-y-1/2 ${foot === "L" ? "left-0.5" : "right-0.5"}`}>
            <FootPrint side={foot} full={line.foot_full} title={m.foot} />
          </span>
        )}
      </div>
      <div className="relative flex flex-col justify-center py-0.5 pl-2 max-sm:col-span-3">
        <RowTools row={row} name={m.line || `movement ${no}`} onRow={onRow} />
        <GrowingText
          {...fieldOf(row, "line")}
          label={`Words of movement ${no}`}
          value={m.line}
          placeholder="Describe the movement"
          onType={(text) => change(m.id, { line: text }, "typing")}
        />
        {!!line?.signs.length && (
          <p className="quiet px-2 text-xs leading-tight" data-read={no}>
            {line.signs.map(([words, origin], i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: signs have no names of their own
              <span key={i} className={origin === "hand" ? "underline" : undefined}>
                {i > 0 && " · "}
                {origin === "guessed" && <span title={ORIGINS.guessed}>{GUESSED} </span>}
                {words}
              </span>
            ))}
          </p>
        )}
      </div>
      <div className="flex items-center" {...fieldOf(row, "counts")}>
        <Field
          label={`Counts of movement ${no}`}
          className={`text-right ${ORIGIN_STYLE[m.origins.counts ?? "hand"]}`}
          value={String(m.counts)}
          takes="Counts: a number from 0.25 to 64."
          onCommit={(text) => {
            const counts = readNumber(text, 0.25, 64);
            if (counts !== null) change(m.id, { counts });
            return counts !== null;
          }}
        />
      </div>
      <div className="flex items-center" {...fieldOf(row, "weight")}>
        <Field
          label={`Weight at the end of movement ${no}: 70 L, 100 R, even`}
          className={`text-right ${line?.shift ? "font-semibold" : ""} ${ORIGIN_STYLE[m.origins.left_pct ?? "hand"]}`}
          value={weight(m.left_pct)}
          takes="The share and the leg: 70 L, 100 R, 70/30 L, all left, even."
          onCommit={(text) => {
            const left = readWeight(text);
            if (left !== null) change(m.id, { left_pct: left });
            return left !== null;
          }}
        />
      </div>
      <div className="flex items-center gap-1">
        <button
          type="button"
          data-row={`movement:${m.id}`}
          className={`cell text-left ${m.breath === "free" ? "quiet" : ""} ${ORIGIN_STYLE[m.origins.breath ?? "hand"]}`}
          aria-label={`Breath of movement ${no}: ${m.breath}. Press to change.`}
          onClick={() => change(m.id, { breath: NEXT_BREATH[m.breath] })}
        >
          {BREATHS[m.breath]}
        </button>
      </div>
      {m.hands_on && (
        <span className="quiet pointer-events-none absolute -bottom-2.5 left-1/2 z-1 rounded bg-base-100 px-1 text-xs">
          hands go on ↓
        </span>
      )}
      {m.hold_ms > 0 && (
        <span className="quiet pointer-events-none absolute right-1 -bottom-2.5 z-1 rounded bg-base-100 px-1 text-xs">
          hold {seconds(m.hold_ms)}
        </span>
      )}
    </div>
  );
});
