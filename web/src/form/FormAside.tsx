import { ChevronDown, ChevronUp } from "lucide-react";
import { type ReactNode, useEffect, useState } from "react";
import { Link } from "react-router";
import {
  call,
  type Finding,
  type Form,
  type Movement,
  type Posture,
  type Sheet,
  sentence,
} from "../shared/api";
import { pressed } from "../shared/keys";
import { TabList } from "../shared/TabList";
import type { Editing } from "../shared/useDocument";
import { Circumstances } from "./Circumstances";
import * as edits from "./edits";
import { FloorView } from "./FloorView";
import { focusRow, showRow } from "./focus";
import { LineSigns } from "./LineSigns";
import { ReadAgain } from "./ReadAgain";
import { ReadThrough } from "./ReadThrough";
import { MovementDetails, PostureDetails, TotalsTable } from "./RowDetails";
import { Suggestions } from "./Suggestions";
import { onSide } from "./useSuggestions";

const LEAVES = ["row", "read", "setting", "totals"] as const;
type Leaf = (typeof LEAVES)[number];

interface FormAsideProps {
  id: string;
  doc: Editing<Form, Sheet>;
  here: edits.RowRef | null;
  /** The movement that stands where one reads, for the floor, while no row is typed in. */
  seenId: string | undefined;
  onOtherSide: (row: edits.RowRef) => void;
  onTold: (text: string) => void;
}

/** Beside the sheet: the floor, and four leaves: the row, the read-through, school and room, totals. */
export function FormAside({ id, doc, here, seenId, onOtherSide, onTold }: FormAsideProps) {
  const [leaf, setLeaf] = useState<Leaf>("row");
  /** On a narrow screen all this is a drawer. */
  const [open, setOpen] = useState(false);
  const { body: form, edit, ask } = doc;
  const { derived, version } = doc.view;
  useEffect(() => {
    const listen = (e: KeyboardEvent) => {
      const no = /^Alt\+Digit([789]|0)$/.exec(pressed(e));
      const key = pressed(e);
      if (no) setLeaf(LEAVES["7890".indexOf(no[1] ?? "7")] ?? "row");
      else if (["Alt+KeyN", "Alt+Shift+KeyN", "Alt+KeyM"].includes(key)) setLeaf("read");
      else return;
      setOpen(true);
      e.preventDefault();
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  }, []);

  const posture = here && edits.postureOf(form, here);
  const movement = here?.level === "movement" ? posture?.movements.find((m) => m.id === here.id) : undefined;
  const goTo = (f: Finding) => {
    if (f.movement_id) focusRow({ level: "movement", id: f.movement_id });
    else if (f.posture_id) focusRow({ level: "posture", id: f.posture_id });
  };
  const titles: Record<Leaf, string> = {
    row: "Row",
    read: `Read-through ${derived.findings.length || ""}`,
    setting: "Setup",
    totals: "Totals",
  };
  const totals = posture && derived.postures[posture.id];

  const nameOf = (f: Finding) => {
    const p = form.sections.flatMap((s) => s.postures).find((x) => x.id === f.posture_id);
    return p ? `${p.number} ${p.name}`.trim() : "";
  };
  const leaves: Record<Exclude<Leaf, "read">, ReactNode> = {
    row: posture ? (
      <RowLeaf
        {...{ id, form, posture, movement, here, onOtherSide, onTold }}
        gentler={derived.care.gentler[posture.id]}
        line={movement && derived.movements[movement.id]}
        change={edit}
      />
    ) : (
      <p className="quiet">Click a row to see its details.</p>
    ),
    setting: (
      <Circumstances
        formId={id}
        version={version}
        form={form}
        byItself={derived.by_itself}
        change={(part) => edit((x) => ({ ...x, ...part }))}
      />
    ),
    totals: (
      <div className="grid gap-4">
        {posture && totals && <TotalsTable totals={totals} title={posture.name || "This posture"} />}
        <TotalsTable totals={derived.totals} title="Whole form" />
        <p className="text-sm">{derived.floor.sentence}</p>
        <p className="text-sm">{derived.floor.mark_sentence}</p>
      </div>
    ),
  };

  return (
    <aside
      className="sticky bottom-0 z-3 grid max-h-[70vh] grid-cols-[minmax(0,1fr)] items-start gap-3 overflow-y-auto border-t border-base-300 bg-base-200 py-2 sm:grid-cols-[15rem_minmax(0,1fr)] lg:top-4 lg:max-h-[calc(100vh-2rem)] lg:grid-cols-1 lg:border-0 lg:py-0"
      aria-label="Details"
      data-drawer={open}
    >
      <button
        type="button"
        className="btn btn-sm w-full sm:col-span-2 lg:hidden"
        aria-expanded={open}
        // The field that has the focus keeps it: the drawer is about its row.
        onMouseDown={(e) => e.preventDefault()}
        onClick={() => setOpen((o) => !o)}
      >
        {open ? <ChevronDown size={16} /> : <ChevronUp size={16} />}
        {open ? "Close" : `Floor, row, ${titles.read.toLowerCase()}, setup, totals`}
      </button>
      <div className={`contents ${open ? "" : "max-lg:*:hidden"}`}>
        <FloorView
          floor={derived.floor}
          movementId={movement?.id ?? posture?.movements[0]?.id ?? seenId}
          onStep={(m) => showRow({ level: "movement", id: m })}
        />
        <div className="rounded-box border-base-300 border bg-base-100">
          <TabList
            label="Details"
            tabs={LEAVES.map((name, i) => ({ id: name, name: titles[name], title: `Alt ${"7890"[i]}` }))}
            chosen={leaf}
            onChoose={setLeaf}
            keepsFocus
          />
          <div role="tabpanel" className="p-3">
            {leaf !== "read" && leaves[leaf]}
            <ReadThrough
              formId={id}
              version={version}
              findings={derived.findings}
              care={derived.care}
              rowId={here?.id}
              shown={leaf === "read"}
              nameOf={nameOf}
              asideCount={form.set_aside.length}
              onGo={goTo}
              onMend={(finding, no) => void ask("mends", { finding: finding.id, no })}
              onSetAside={(f) => edit((x) => ({ ...x, set_aside: [...x.set_aside, f.id] }))}
              onBringBack={() => edit((x) => ({ ...x, set_aside: [] }))}
            />
            {leaf === "read" && (
              <ReadAgain
                formId={id}
                version={version}
                onReadAgain={(movement) => void ask("read-again", { movement })}
              />
            )}
          </div>
        </div>
        <p className="quiet text-sm sm:col-span-2 lg:col-span-1">
          {derived.care.advice}{" "}
          <Link className="link" to="/forms">
            All forms
          </Link>
        </p>
      </div>
    </aside>
  );
}

interface RowLeafProps {
  id: string;
  form: Form;
  posture: Posture;
  movement: Movement | undefined;
  here: edits.RowRef | null;
  line: Sheet["movements"][string] | undefined;
  gentler: string | undefined;
  change: Editing<Form, Sheet>["edit"];
  onOtherSide: (row: edits.RowRef) => void;
  onTold: (text: string) => void;
}

/** What the row holds besides what stands in it. */
function RowLeaf({ id, posture, movement, here, line, gentler, change, onOtherSide, onTold }: RowLeafProps) {
  const changePosture = (id: string, part: Partial<Posture>, how?: "typing") =>
    change((f) => edits.changePosture(f, id, part), how);
  const keep = async () => {
    try {
      await call("catalogue", "POST", { posture });
      onTold(`“${posture.name}” is kept among your postures.`);
    } catch (error) {
      onTold(sentence(error));
    }
  };
  if (movement)
    return (
      <div className="grid gap-4">
        <LineSigns
          formId={id}
          movement={movement}
          onRead={(read) => change((f) => edits.putMovement(f, movement.id, read), "typing")}
        />
        <MovementDetails
          movement={movement}
          line={line}
          change={(id, part, how) => change((f) => edits.changeMovement(f, id, part), how)}
        />
      </div>
    );
  return (
    <div className="grid gap-3">
      {here?.level === "posture" && posture.movements.every((m) => !m.line) && (
        <Suggestions
          letters={posture.name}
          onTake={(s) => {
            changePosture(posture.id, {
              ...edits.freshPosture(onSide(s, posture.side)),
              id: posture.id,
              number: posture.number,
            });
          }}
        />
      )}
      {gentler && (
        <p className="text-sm">
          <b>Gentler here:</b> {gentler}
        </p>
      )}
      <PostureDetails
        key={posture.id}
        posture={posture}
        change={changePosture}
        onOtherSide={() => onOtherSide({ level: "posture", id: posture.id })}
        onVariant={(variant) => change((f) => edits.addVariant(f, posture.id, variant).form)}
      />
      <button type="button" className="btn btn-sm justify-self-start" onClick={() => void keep()}>
        Save to my postures
      </button>
    </div>
  );
}
