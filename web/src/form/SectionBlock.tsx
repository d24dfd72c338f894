import type { Form, Movement, Posture, Section, Sheet } from "../shared/api";
import { Field } from "../shared/Field";
import type { Editing } from "../shared/useDocument";
import * as edits from "./edits";
import { PostureBlock } from "./PostureBlock";
import { AddRow, type OnRow, RowTools } from "./RowTools";
import { SectionLine } from "./SheetHead";

/** A section of the form sheet with its postures. */
export function SectionBlock({
  section: s,
  derived,
  edit,
  onRow,
  changePosture,
  changeMovement,
}: {
  section: Section;
  derived: Sheet;
  edit: Editing<Form, Sheet>["edit"];
  onRow: OnRow;
  changePosture: (id: string, change: Partial<Posture>, how?: "typing") => void;
  changeMovement: (id: string, change: Partial<Movement>, how?: "typing") => void;
}) {
  return (
    <div className="border-base-300 mb-4 overflow-hidden rounded-box border" data-section={s.id}>
      <div
        className="sheet-row group/tools relative flex items-baseline gap-2 bg-base-300/60 px-2 py-1"
        data-row={`section:${s.id}`}
        data-field="line"
      >
        <Field
          label="Title of the section"
          className="font-semibold"
          placeholder="Title of the section"
          value={s.title}
          onCommit={(text) => {
            edit((f) => edits.changeSection(f, s.id, { title: text.slice(0, 200) }));
            return true;
          }}
        />
        <SectionLine totals={derived.sections[s.id]} />
        <RowTools
          row={{ level: "section", id: s.id }}
          name={s.title || "section without a title"}
          onRow={onRow}
        />
      </div>
      {s.postures.map((p) => (
        <PostureBlock
          key={p.id}
          posture={p}
          totals={derived.postures[p.id]}
          movements={derived.movements}
          changePosture={changePosture}
          changeMovement={changeMovement}
          onRow={onRow}
          usual={p.variant_of ? s.postures.find((x) => x.id === p.variant_of) : undefined}
          way={derived.ways[p.id]}
          untouched={derived.untouched.includes(p.id)}
        />
      ))}
      <p className="border-base-300 border-t p-1">
        <AddRow
          name="posture"
          onAdd={() =>
            onRow(
              s.postures.length
                ? { level: "posture", id: s.postures.at(-1)?.id ?? "" }
                : { level: "section", id: s.id },
              "posture",
            )
          }
        />
      </p>
    </div>
  );
}
