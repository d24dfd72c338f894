import { useQuery } from "@tanstack/react-query";
import { type KeyboardEvent, useCallback, useEffect, useRef, useState } from "react";
import { useNavigate, useParams } from "react-router";
import {
  call,
  type Form,
  type FormView,
  type Movement,
  type Posture,
  type Sheet,
  sentence,
} from "../shared/api";
import { pressed } from "../shared/keys";
import { SaveTrouble } from "../shared/SaveState";
import { Waiting } from "../shared/Shell";
import { useDocument } from "../shared/useDocument";
import { useKeys } from "../shared/useKeys";
import { useTitle } from "../shared/useTitle";
import { ChosenBar } from "./ChosenBar";
import * as edits from "./edits";
import { FindBar } from "./FindBar";
import { FormAside } from "./FormAside";
import { FormHead } from "./FormHead";
import { focusRow, rowOf, useSeenMovement } from "./focus";
import { AddRow, type OnRow } from "./RowTools";
import { afterAct, afterKey, isBlank, neighbour } from "./rowKeys";
import { SectionBlock } from "./SectionBlock";
import { LaneHead } from "./SheetHead";
import { copyAll, moveAll, moveAllTo, removeAll } from "./severalRows";
import { ToFill, useToFill } from "./ToFill";
import { useChosenRows } from "./useChosenRows";

export function FormPage() {
  const { id = "" } = useParams();
  const { data, error } = useQuery({
    queryKey: ["forms", id],
    queryFn: () => call(`forms/${id}`),
    staleTime: 0,
    gcTime: 0,
  });
  return data ? <FormSheet key={id} first={data} /> : <Waiting error={error && sentence(error)} />;
}

function FormSheet({ first }: { first: FormView }) {
  const doc = useDocument<Form, Sheet>("forms", first);
  const { edit, flush, body: form } = doc;
  const [here, setHere] = useState<edits.RowRef | null>(null);
  const [told, setTold] = useState("");
  const [finding, setFinding] = useState(false);
  const sheet = useRef<HTMLDivElement>(null);
  const rows = useChosenRows(sheet, form);
  const go = useRef<edits.RowRef | null>(null);
  const latest = useRef(form);
  latest.current = form;
  const navigate = useNavigate();
  useTitle(form.title || "Untitled form");
  // A form that was just made begins with its title, ready to be typed over.
  // biome-ignore lint/correctness/useExhaustiveDependencies: only when the page is opened
  useEffect(() => {
    if (first.version > 1 || !first.body.title.startsWith("New form")) return;
    const title = document.querySelector<HTMLTextAreaElement>('[aria-label="Title of the form"]');
    title?.focus();
    title?.select();
  }, []);

  // biome-ignore lint/correctness/useExhaustiveDependencies: once the changed form is on the page, go to its row
  useEffect(() => {
    if (go.current) focusRow(go.current);
    go.current = null;
  }, [form]);

  const apply = useCallback(
    (change: (form: Form) => edits.Edited) =>
      edit((f) => {
        const made = change(f);
        go.current = made.go;
        return made.form;
      }),
    [edit],
  );
  const changeMovement = useCallback(
    (id: string, change: Partial<Movement>, how?: "typing") =>
      edit((f) => edits.changeMovement(f, id, change), how),
    [edit],
  );
  const changePosture = useCallback(
    (id: string, change: Partial<Posture>, how?: "typing") =>
      edit((f) => edits.changePosture(f, id, change), how),
    [edit],
  );

  const several = useRef<edits.RowRef[]>([]);
  several.current = rows.chosen;
  const onRow = useCallback<OnRow>(
    (row, act, onto) => {
      const chosen = several.current;
      // A row that is dragged takes the others along that are chosen with it.
      if (act === "drop" && onto && chosen.length > 1 && chosen.some((r) => r.id === row.id))
        return apply((f) => ({ form: moveAllTo(f, chosen, onto), go: null }));
      apply((f) => afterAct(f, row, act, onto));
    },
    [apply],
  );

  const otherSide = async (row: edits.RowRef) => {
    const posture = edits.postureOf(latest.current, row);
    if (!posture) return;
    try {
      const turned = await call(`other-side/posture?front=${latest.current.front}`, "POST", posture);
      apply((f) => edits.insertPosture(f, row, edits.freshPosture(turned)));
      setTold("");
    } catch (error) {
      setTold(sentence(error));
    }
  };

  const onKeyDown = (e: KeyboardEvent) => {
    const at = rowOf(e.target);
    if (!at) return;
    const key = pressed(e);
    if (key === "Shift+ArrowUp" || key === "Shift+ArrowDown") {
      rows.extend(at.row, key === "Shift+ArrowUp" ? -1 : 1);
      e.preventDefault();
      return;
    }
    if (rows.chosen.length && keyOfChosen(key)) {
      e.preventDefault();
      return;
    }
    if (key === "ArrowUp" || key === "ArrowDown") {
      const next = neighbour(latest.current, at.row, key === "ArrowUp" ? -1 : 1);
      if (next) focusRow(next, at.field);
      e.preventDefault();
      return;
    }
    if (key === "Alt+KeyS") {
      e.preventDefault();
      void otherSide(at.row);
      return;
    }
    const cleared = key === "Backspace" && e.target instanceof HTMLTextAreaElement && e.target.value === "";
    const means = cleared && isBlank(latest.current, at.row) ? "Alt+Backspace" : key;
    const made = afterKey(latest.current, at.row, means);
    if (!made) return;
    e.preventDefault();
    if (e.target instanceof HTMLInputElement) e.target.blur();
    if (made.form === latest.current) {
      if (made.go) focusRow(made.go);
      return;
    }
    apply((f) => afterKey(f, at.row, means) ?? made);
  };

  useKeys({}, { "Ctrl+KeyF": () => setFinding(true), "Alt+KeyP": () => void play() });

  /** What a key does with all the rows that are chosen; whether it does anything. */
  const keyOfChosen = (key: string): boolean => {
    const { chosen } = rows;
    const changes: Record<string, (() => void) | undefined> = {
      "Alt+ArrowUp": () => edit((f) => moveAll(f, chosen, -1)),
      "Alt+ArrowDown": () => edit((f) => moveAll(f, chosen, 1)),
      "Alt+KeyD": () => edit((f) => copyAll(f, chosen).form),
      "Alt+Backspace": () => {
        edit((f) => removeAll(f, chosen).form);
        rows.clear();
      },
      Delete: () => {
        edit((f) => removeAll(f, chosen).form);
        rows.clear();
      },
      Escape: rows.clear,
    };
    changes[key]?.();
    return changes[key] !== undefined;
  };

  const play = async () => {
    try {
      const made = await call(`sessions?form_id=${first.id}`, "POST");
      navigate(`/sessions/${made.id}`, { state: { fresh: true } });
    } catch (error) {
      setTold(sentence(error));
    }
  };

  const { derived } = doc.view;
  const seenId = useSeenMovement();
  const toFill = useToFill(first.id, doc);

  return (
    <ToFill value={toFill}>
      <FormHead id={first.id} doc={doc} onFind={() => setFinding(true)} onPlay={() => void play()} />
      <SaveTrouble doc={doc} />
      {told && (
        <div role="alert" className="alert alert-error mb-3">
          {told}
        </div>
      )}
      <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-[minmax(0,1fr)_20rem] 2xl:grid-cols-[minmax(0,1fr)_26rem]">
        {/* biome-ignore lint/a11y/noStaticElementInteractions: the keys belong to the fields inside */}
        <div
          ref={sheet}
          onKeyDown={onKeyDown}
          onFocus={(e) => setHere(rowOf(e.target)?.row ?? null)}
          onBlur={(e) => e.target instanceof HTMLTextAreaElement && flush()}
        >
          {finding && <FindBar form={form} edit={edit} onClose={() => setFinding(false)} />}
          <ChosenBar formId={first.id} form={form} rows={rows} edit={edit} onTold={setTold} />
          <LaneHead />
          {form.sections.map((s) => (
            <SectionBlock
              key={s.id}
              section={s}
              derived={derived}
              {...{ edit, onRow, changePosture, changeMovement }}
            />
          ))}
          <p className="mb-4">
            <AddRow
              name="section"
              onAdd={() => {
                const last = form.sections.at(-1);
                if (last) onRow({ level: "section", id: last.id }, "section");
                else apply(edits.begin);
              }}
            />
          </p>
          <p className="quiet px-2 pb-10 text-sm">
            <kbd className="kbd kbd-sm">Enter</kbd> new movement ·{" "}
            <kbd className="kbd kbd-sm">Ctrl Enter</kbd> new posture · <kbd className="kbd kbd-sm">F1</kbd>{" "}
            all keys
          </p>
        </div>
        <FormAside
          id={first.id}
          doc={doc}
          here={here}
          seenId={seenId}
          onOtherSide={(row) => void otherSide(row)}
          onTold={setTold}
        />
      </div>
    </ToFill>
  );
}
