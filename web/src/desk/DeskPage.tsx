import { useQuery } from "@tanstack/react-query";
import { useMemo, useState } from "react";
import { useNavigate, useParams } from "react-router";
import { type CueChoice, type CueLine, call, type Decided, type DocumentView, sentence } from "../shared/api";
import { KeysDialog } from "../shared/KeysDialog";
import { DESK_KEYS } from "../shared/keys";
import { newId } from "../shared/newId";
import { SaveState, SaveTrouble } from "../shared/SaveState";
import { Waiting } from "../shared/Shell";
import { useDocument } from "../shared/useDocument";
import { type Keys, useKeys } from "../shared/useKeys";
import { useMeasuring } from "../shared/useMeasuring";
import { useTitle } from "../shared/useTitle";
import { WorkHead } from "../shared/WorkHead";
import { decided, forgotten, inOrder, nudged, withOwnWords } from "./cueChoices";
import { DeskAside, type DeskLeaf } from "./DeskAside";
import { DeskFigures } from "./DeskFigures";
import { DeskScroll } from "./DeskScroll";
import { useListening } from "./useListening";

type Source = "sessions" | "recordings";

/** The cue desk of a session, or of a recording: what is said when, and why so. */
export default function DeskPage({ kind }: { kind: Source }) {
  const { id = "" } = useParams();
  const found = useQuery({
    queryKey: [kind, id],
    queryFn: () => call(`${kind}/${id}`),
    gcTime: 0,
  });
  if (!found.data) return <Waiting error={found.error && sentence(found.error)} />;
  return <DeskSheet key={id} kind={kind} first={found.data} />;
}

function DeskSheet({ kind, first }: { kind: Source; first: DocumentView<Decided, unknown> }) {
  const doc = useDocument<Decided, unknown>(kind, first);
  useTitle(`Cues: ${doc.body.title || "untitled"}`);
  const { body: session, edit, ask } = doc;
  const id = first.id;
  const { version } = doc.view;
  const navigate = useNavigate();
  const toStage = kind === "sessions" ? `/stage/${id}` : `/recordings/${id}/watch`;
  const desk = useQuery({
    queryKey: ["cues", kind, id, version],
    queryFn: () => call(`${kind}/${id}/cues`),
    placeholderData: (before) => before,
  });
  const stage = useQuery({
    queryKey: ["stage", kind, id, "desk", version],
    queryFn: () => call(`${kind}/${id}/stage?wait=false`),
    placeholderData: (before) => before,
  });
  const [chosenId, setChosenId] = useState("");
  const [leaf, setLeaf] = useState<DeskLeaf>("cue");
  const [told, setTold] = useState("");
  const cues = desk.data?.cues ?? [];
  const spoken = useMemo(() => inOrder(cues), [cues]);
  const cue = cues.find((c) => c.id === chosenId) ?? spoken[0];
  // What the class would miss most comes first; what is alike, in time.
  const problems = useMemo(
    () =>
      cues
        .filter((c) => c.state !== "full" && !c.wished)
        .sort((a, b) => b.loss - a.loss || a.target_ms - b.target_ms),
    [cues],
  );
  const measuring = useMeasuring(kind, id, desk.data?.estimated ?? 0, () => {
    void desk.refetch();
    void stage.refetch();
  });
  const listening = useListening(stage.data, desk.data?.speech);
  const saved = doc.saving === "saved";

  const choose = (change: Partial<CueChoice>, how?: "typing") => {
    if (cue) edit((s) => decided(s, cue, change), how);
  };
  const nudge = (ms: number) => {
    if (cue) edit((s) => nudged(s, cue, ms));
  };
  const forget = () => {
    if (cue) edit((s) => forgotten(s, cue));
  };
  const add = () => {
    if (!cue) return;
    const made = newId();
    edit((s) => withOwnWords(s, made, cue));
    setChosenId(`own.${made}.text`);
    setLeaf("cue");
  };
  const walk = (list: readonly CueLine[], by: 1 | -1) => {
    if (!list.length) return;
    const at = cue ? list.findIndex((c) => c.id === cue.id) : -1;
    const near =
      at >= 0
        ? at + by
        : by > 0
          ? list.findIndex((c) => c.target_ms > (cue?.target_ms ?? -1))
          : list.findLastIndex((c) => c.target_ms < (cue?.target_ms ?? 0));
    const to = list[Math.min(list.length - 1, Math.max(0, near))] ?? list[0];
    if (to) setChosenId(to.id);
    setLeaf((l) => (l === "problems" ? l : "cue"));
  };
  const cure = (no: number) => {
    if (cue && cue.state !== "full") void ask("cures", { cue: cue.id, no });
  };
  const listen = () => listening.toggle(cue ? Math.max(0, (cue.start_ms ?? cue.target_ms) - 1500) : 0);
  const keepWords = async (scope: "movement" | "phrase") => {
    const words = cue && session.cue_choices.find((c) => c.cue === cue.id)?.text;
    if (!cue || !words) return;
    await ask("words", { cue: cue.id, text: words, scope });
    setTold(
      scope === "movement"
        ? "The form says so for this movement now."
        : "The form says so wherever these words come now.",
    );
  };

  const keys: Keys = {
    ArrowDown: () => walk(spoken, 1),
    ArrowUp: () => walk(spoken, -1),
    ArrowLeft: () => nudge(-100),
    ArrowRight: () => nudge(100),
    "Shift+ArrowLeft": () => nudge(-500),
    "Shift+ArrowRight": () => nudge(500),
    Enter: () => document.querySelector<HTMLElement>("[data-words-field]")?.focus(),
  };
  const anywhere: Keys = {
    "Alt+KeyN": () => walk(problems, 1),
    "Alt+Shift+KeyN": () => walk(problems, -1),
    "Alt+Digit1": () => cure(0),
    "Alt+Digit2": () => cure(1),
    "Alt+Digit3": () => cure(2),
    "Alt+KeyK": () =>
      cue && choose({ pin_ms: cue.pinned ? null : (cue.start_ms ?? cue.due_ms) - cue.target_ms }),
    "Alt+KeyX": () =>
      cue &&
      choose({ said: session.cue_choices.find((c) => c.cue === cue.id)?.said === false ? null : false }),
    "Alt+KeyL": listen,
    "Alt+KeyW": add,
    "Alt+KeyP": () => navigate(toStage),
    Escape: () => (document.activeElement as HTMLElement | null)?.blur(),
  };
  useKeys(keys, anywhere);

  const error = desk.error ?? stage.error;
  if (!desk.data || !stage.data)
    return error ? <Waiting error={sentence(error)} /> : <p className="quiet p-6">Measuring the voice…</p>;
  return (
    <div data-desk={cues.length} data-desk-version={desk.isPlaceholderData ? "" : version}>
      <div className="mb-2 flex flex-wrap items-end gap-x-4 gap-y-1">
        <h1 className="min-w-64 flex-1 truncate text-3xl">{session.title || "Untitled"}</h1>
        <div className="flex items-center gap-1">
          <SaveState doc={doc} />
          <KeysDialog keys={DESK_KEYS} title="cue desk" />
        </div>
      </div>
      <WorkHead kind={kind} id={id} at="cues" stamp={version} />
      <SaveTrouble doc={doc} />
      {told && (
        <p role="status" className="alert mb-2">
          {told}
        </p>
      )}
      <DeskFigures
        desk={desk.data}
        fullness={session.fullness}
        measuring={measuring}
        onFullness={(value) => edit((s) => ({ ...s, fullness: value }), "typing")}
      />
      <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-[minmax(0,1fr)_22rem] 2xl:grid-cols-[minmax(0,1fr)_28rem]">
        <div>
          <div
            className="quiet hidden grid-cols-[1fr_9.5rem_1fr_1.1fr] pr-3 pb-1 text-center text-sm sm:grid"
            aria-hidden="true"
          >
            <span>left leg</span>
            <span className="flex justify-between px-1">
              <span>all left</span>
              <span>all right</span>
            </span>
            <span>right leg</span>
            <span>for the whole body</span>
          </div>
          {cues.length === 0 ? (
            <p className="quiet rounded-box border border-base-300 border-dashed p-6">
              Nothing is said in this session yet. Add passes whose voice is not silent.
            </p>
          ) : (
            <DeskScroll
              stage={stage.data}
              cues={cues}
              chosenId={cue?.id ?? ""}
              onChoose={(c) => {
                setChosenId(c);
                setLeaf("cue");
              }}
              heard={listening.heard}
            />
          )}
        </div>
        <DeskAside
          {...{ kind, id, version, doc, cue, problems, leaf, choose, forget, nudge }}
          desk={desk.data}
          ready={saved && !desk.isPlaceholderData && measuring === null}
          onLeaf={setLeaf}
          onChoose={setChosenId}
          onCure={cure}
          onListen={listen}
          onKeepWords={(scope) => void keepWords(scope)}
        />
      </div>
      <p className="quiet mt-2 text-sm">
        <kbd className="kbd kbd-xs">↑ ↓</kbd> walk · <kbd className="kbd kbd-xs">← →</kbd> begin earlier,
        later · <kbd className="kbd kbd-xs">Enter</kbd> change the words ·{" "}
        <kbd className="kbd kbd-xs">Alt N</kbd> next problem ·{" "}
        <button type="button" className="link" onClick={add}>
          Add words of your own
        </button>{" "}
        <kbd className="kbd kbd-xs">Alt W</kbd>
      </p>
    </div>
  );
}
