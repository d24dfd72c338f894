import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from "@dnd-kit/sortable";
import { useQuery } from "@tanstack/react-query";
import { Plus } from "lucide-react";
import { Fragment, type KeyboardEvent, useCallback, useEffect, useRef, useState } from "react";
import { Link, useLocation, useNavigate, useParams } from "react-router";
import {
  type Choices,
  call,
  type FormRow,
  type Pass,
  type Plan,
  type Session,
  type SessionView,
  sentence,
} from "../shared/api";
import { newPass } from "../shared/blanks";
import { GrowingText } from "../shared/GrowingText";
import { KeysDialog } from "../shared/KeysDialog";
import { pressed, SESSION_KEYS } from "../shared/keys";
import { newId } from "../shared/newId";
import { SaveState, SaveTrouble } from "../shared/SaveState";
import { Waiting } from "../shared/Shell";
import { useDocument } from "../shared/useDocument";
import { useTitle } from "../shared/useTitle";
import { WorkHead } from "../shared/WorkHead";
import { CueReport } from "./CueReport";
import { type Group, GroupHead } from "./GroupHead";
import { LessonPanel } from "./LessonPanel";
import { PassRow } from "./PassRow";
import { Played } from "./Played";
import { addPass, changePass, copyPass, movePass, removePass } from "./passes";
import { SessionTotal } from "./SessionTotal";
import { SoundPanel } from "./SoundPanel";
import { Strip } from "./Strip";

export function SessionPage() {
  const { id = "" } = useParams();
  const session = useQuery({
    queryKey: ["sessions", id],
    queryFn: () => call(`sessions/${id}`),
    gcTime: 0,
  });
  const forms = useQuery({ queryKey: ["forms", "list"], queryFn: () => call("forms") });
  const choices = useQuery({
    queryKey: ["choices"],
    queryFn: () => call("choices"),
    staleTime: Number.POSITIVE_INFINITY,
  });
  const error = session.error ?? forms.error ?? choices.error;
  if (!session.data || !forms.data || !choices.data) return <Waiting error={error && sentence(error)} />;
  return <SessionSheet key={id} first={session.data} forms={forms.data} choices={choices.data} />;
}

function SessionSheet({ first, forms, choices }: { first: SessionView; forms: FormRow[]; choices: Choices }) {
  const doc = useDocument<Session, Plan>("sessions", first);
  useTitle(doc.body.title || "Untitled session");
  const { edit, body: session } = doc;
  const { derived } = doc.view;
  const navigate = useNavigate();
  const go = useRef<string | null>(null);
  const [open, setOpen] = useState("");
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );

  const { state } = useLocation();
  // A session that was just made begins in its first pass; one without any, in its title.
  // biome-ignore lint/correctness/useExhaustiveDependencies: only when the page is opened
  useEffect(() => {
    if (!state?.fresh) return;
    const pass = session.passes[0];
    const at = pass ? `[data-title="${pass.id}"]` : '[aria-label="Title of the session"]';
    document.querySelector<HTMLElement>(at)?.focus();
  }, []);

  // biome-ignore lint/correctness/useExhaustiveDependencies: once the new pass is on the page, go to it
  useEffect(() => {
    if (go.current) document.querySelector<HTMLElement>(`[data-title="${go.current}"]`)?.focus();
    go.current = null;
  }, [session.passes]);

  const change = useCallback(
    (id: string, change: Partial<Pass>, how?: "typing") => edit((s) => changePass(s, id, change), how),
    [edit],
  );
  const copy = useCallback(
    (id: string) => {
      const made = newId();
      go.current = made;
      edit((s) => copyPass(s, id, made));
    },
    [edit],
  );
  const remove = useCallback(
    (id: string) =>
      edit((s) => {
        const at = s.passes.findIndex((p) => p.id === id);
        go.current = (s.passes[at - 1] ?? s.passes[at + 1])?.id ?? null;
        return removePass(s, id);
      }),
    [edit],
  );
  const add = (after?: string) => {
    const made = newPass(
      forms[0]?.id ?? "",
      session.passes.find((p) => p.id === after) ?? session.passes.at(-1),
    );
    go.current = made.id;
    edit((s) => addPass(s, made, after));
  };
  const drop = ({ active, over }: DragEndEvent) => {
    if (over)
      edit((s) =>
        movePass(
          s,
          String(active.id),
          s.passes.findIndex((p) => p.id === over.id),
        ),
      );
  };

  const { ask } = doc;
  const turnAtWall = useCallback((pass_id: string) => void ask("turn-at-walls", { pass_id }), [ask]);

  const groupAt = (id: string) => derived.groups.find((g) => g.pass_ids[0] === id);

  const onKeyDown = (e: KeyboardEvent) => {
    const key = pressed(e);
    const id =
      e.target instanceof HTMLElement
        ? e.target.closest<HTMLElement>("[data-pass]")?.dataset.pass
        : undefined;
    const at = session.passes.findIndex((p) => p.id === id);
    const doing: Record<string, (() => void) | undefined> = {
      "Alt+KeyP": () => navigate(`/stage/${first.id}`),
      Enter: id && e.target instanceof HTMLElement && e.target.dataset.title ? () => add(id) : undefined,
      "Alt+ArrowUp": id ? () => edit((s) => movePass(s, id, at - 1)) : undefined,
      "Alt+ArrowDown": id ? () => edit((s) => movePass(s, id, at + 1)) : undefined,
      "Alt+KeyD": id ? () => copy(id) : undefined,
      "Alt+Backspace": id ? () => remove(id) : undefined,
    };
    const work = doing[key];
    if (!work) return;
    e.preventDefault();
    work();
  };

  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: the keys belong to the fields inside
    <div onKeyDown={onKeyDown}>
      <div className="mb-3 flex flex-wrap items-end gap-x-4 gap-y-1">
        <div className="min-w-64 flex-1">
          <h1 className="sr-only">{session.title || "Untitled session"}</h1>
          <GrowingText
            className="font-name !px-1 !py-0 text-3xl font-semibold"
            label="Title of the session"
            value={session.title}
            placeholder="Title of the session"
            onType={(text) => edit((s) => ({ ...s, title: text.slice(0, 200) }), "typing")}
          />
        </div>
        <div className="flex items-center gap-1">
          <SaveState doc={doc} />
          <KeysDialog keys={SESSION_KEYS} title="session" />
        </div>
      </div>
      <WorkHead kind="sessions" id={first.id} at="lay_out" stamp={doc.view.version} />
      <SaveTrouble doc={doc} />
      <SessionTotal
        plan={derived}
        wishedMs={session.wished_ms ?? null}
        onWished={(wished_ms) => edit((x) => ({ ...x, wished_ms }))}
      />
      <Strip plan={derived} wishedMs={session.wished_ms ?? null} />
      {derived.problems.length > 0 && (
        <ul role="alert" className="alert alert-warning mt-3 block">
          {derived.problems.map((p) => (
            <li key={p.pointer + p.what}>
              {p.where}: {p.what} {p.mend}
            </li>
          ))}
        </ul>
      )}
      <div className="mt-4 grid grid-cols-[minmax(0,1fr)] items-start gap-4 xl:grid-cols-[minmax(0,1fr)_24rem]">
        <div>
          <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
            <SortableContext items={session.passes.map((p) => p.id)} strategy={verticalListSortingStrategy}>
              <ol className="grid gap-2">
                {session.passes.map((p, i) => (
                  <Fragment key={p.id}>
                    {groupAt(p.id) && (
                      <GroupHead group={groupAt(p.id) as Group} passes={session.passes} edit={edit} />
                    )}
                    <PassRow
                      grouped={p.group.trim() !== ""}
                      pass={p}
                      no={i + 1}
                      line={derived.passes.find((line) => line.id === p.id)}
                      forms={forms}
                      choices={choices}
                      change={change}
                      copy={copy}
                      remove={remove}
                      open={open === p.id}
                      onOpen={setOpen}
                      session={first.id}
                      version={open === p.id ? doc.view.version : 0}
                      onTurn={turnAtWall}
                    />
                  </Fragment>
                ))}
              </ol>
            </SortableContext>
          </DndContext>
          {forms.length === 0 ? (
            <p className="rounded-box border-base-300 border border-dashed p-6 text-center">
              A pass goes over a form, and there is none yet.{" "}
              <Link className="link" to="/forms">
                Begin a form
              </Link>
            </p>
          ) : (
            <button type="button" className="btn mt-3" onClick={() => add()}>
              <Plus size={17} /> Add a pass
            </button>
          )}
        </div>
        <aside className="grid gap-4" aria-label="Voice and sound">
          <LessonPanel
            id={first.id}
            version={doc.view.version}
            session={session}
            plan={derived}
            choices={choices}
            saved={doc.saving === "saved"}
            edit={edit}
            onFit={() => void doc.ask("fit")}
            onClass={(class_id) => void doc.ask("for-class", { class_id })}
          />
          <SoundPanel id={first.id} session={session} choices={choices} edit={edit} />
          <Played id={first.id} classId={session.class_id} />
          <CueReport id={first.id} version={doc.view.version} />
        </aside>
      </div>
    </div>
  );
}
