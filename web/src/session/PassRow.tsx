import { useSortable } from "@dnd-kit/sortable";
import { CSS } from "@dnd-kit/utilities";
import { Copy, GripVertical, Trash2 } from "lucide-react";
import { memo } from "react";
import { clock, plural } from "../shared/format";
import { GrowingText } from "../shared/GrowingText";
import { AcrossRoom } from "./AcrossRoom";
import { PassChoices } from "./PassChoices";
import type { PassRowProps } from "./passRowProps";

/** One pass: its title and length, and below what it goes over and how. */
export const PassRow = memo(function PassRow(props: PassRowProps) {
  const { pass: p, no, line, forms, change } = props;
  const sort = useSortable({ id: p.id });
  const form = forms.find((f) => f.id === p.part.form_id);
  const moves = props.choices.kinds.find((k) => k.id === p.kind)?.moves ?? true;
  const told = [
    p.off ? "left out" : line?.kind,
    ...(moves
      ? [
          form?.title,
          p.part.first || p.part.last ? plural(line?.postures ?? 0, "posture") : "whole form",
          line?.facing,
          line?.voice,
          line && `${line.tempo} counts/min`,
          p.repeats > 1 && `${p.repeats} times`,
          p.other_side && "other side",
        ]
      : []),
  ];
  return (
    <li
      ref={sort.setNodeRef}
      style={{ transform: CSS.Translate.toString(sort.transform), transition: sort.transition }}
      className={`rounded-box border-base-300 border bg-base-100 p-2 ${props.grouped ? "ml-5" : ""} ${p.off ? "opacity-60" : ""} ${sort.isDragging ? "relative z-10 shadow-lg" : ""}`}
      data-pass={p.id}
      aria-label={`Pass ${no}`}
      onFocus={() => props.onOpen(p.id)}
    >
      <div className="flex items-center gap-2">
        <button
          type="button"
          className="cursor-grab px-0.5"
          aria-label={`Move pass ${no}`}
          {...sort.attributes}
          {...sort.listeners}
        >
          <GripVertical size={18} />
        </button>
        <span className="quiet w-6 text-right font-name text-lg">{no}</span>
        <GrowingText
          className="min-w-0 flex-1 font-name text-lg font-semibold"
          label={`Title of pass ${no}`}
          data-title={p.id}
          value={p.title}
          placeholder={line?.title ?? "Title"}
          onType={(text) => change(p.id, { title: text.slice(0, 200) }, "typing")}
        />
        <span className="text-right whitespace-nowrap">
          <span className="quiet text-sm">{line && (line.clock || clock(line.start_ms))} </span>
          <span className="inline-block w-14 font-semibold">{line && clock(line.totals.ms)}</span>
        </span>
        <button
          type="button"
          className="btn btn-ghost btn-sm btn-square"
          aria-label={`Copy pass ${no}`}
          title="Copy (Alt D)"
          onClick={() => props.copy(p.id)}
        >
          <Copy size={16} />
        </button>
        <button
          type="button"
          className="btn btn-ghost btn-sm btn-square"
          aria-label={`Delete pass ${no}`}
          title="Delete (Alt Backspace)"
          onClick={() => props.remove(p.id)}
        >
          <Trash2 size={16} />
        </button>
      </div>
      {props.open ? (
        <PassChoices {...props} form={form} />
      ) : (
        <button
          type="button"
          className="quiet block min-h-7 w-full cursor-pointer pl-10 text-left text-sm"
          onClick={() => props.onOpen(p.id)}
        >
          {told.filter(Boolean).join(" · ")}
        </button>
      )}
      {line?.turn && (
        <p className="pl-10 text-sm">
          ↻ {line.turn} ({Math.round(line.turn_ms / 1000)} s of the still time before)
        </p>
      )}
      {line?.ways && (
        <p className="pl-10 text-sm" data-ways>
          {line.ways}
        </p>
      )}
      {line?.called_tempo && (
        <p className="pl-10 text-sm" data-called>
          To be called in full it needs about {line.called_tempo} counts a minute; now shorter words are said.
        </p>
      )}
      {line && props.open && moves && (
        <p className="quiet mt-1 pl-10 text-sm">
          {plural(line.postures, "posture")} · {plural(line.totals.counts, "count")} ·{" "}
          {plural(line.totals.breaths, "breath")} · {plural(line.totals.shifts, "weight shift")} ·{" "}
          {line.account.walked_m} m walked · one leg {clock(line.account.one_leg_ms)}
          {line.breath && <span className="block">{line.breath}</span>}
        </p>
      )}
      {line && props.open && moves && p.repeats > 1 && (
        <AcrossRoom session={props.session} version={props.version} pass={p.id} onTurn={props.onTurn} />
      )}
    </li>
  );
});
