import {
  ChevronLeft,
  ChevronRight,
  ChevronsLeft,
  ChevronsRight,
  Maximize,
  MoreHorizontal,
  Pause,
  Play,
  Repeat,
  RotateCcw,
  Undo,
  X,
} from "lucide-react";
import { useState } from "react";
import type { SessionView, Stage, View } from "../shared/api";
import { Check } from "../shared/Check";
import { clock } from "../shared/format";
import { KeysDialog } from "../shared/KeysDialog";
import { STAGE_KEYS } from "../shared/keys";
import { FACES, type Face } from "./faces";
import { spanAt } from "./places";
import type { Choices } from "./useLive";
import type { Command } from "./windows";

export const SPEEDS = [0.6, 0.7, 0.8, 0.9, 1, 1.1, 1.2, 1.3, 1.4];
export const VIEWS: { id: View; name: string }[] = [
  { id: "class", name: "Class’s sides" },
  { id: "instructor", name: "Instructor’s sides" },
  { id: "turned", name: "Mirrored" },
];
const COUNT_INS = [0, 2000, 3000, 5000, 8000];

interface ControlsProps {
  session: SessionView;
  stage: Stage;
  choices: Choices;
  playing: boolean;
  holding: boolean;
  face: Face;
  position: () => number;
  command: (command: Command) => void;
  onFace: (face: Face) => void;
  onFull: () => void;
  onLeave: () => void;
}

const ROUND = "btn btn-ghost btn-square";

/** The row below the stage: everything the keys do, for a finger or a mouse; what is chosen once is behind “More”. */
export function Controls(props: ControlsProps) {
  const { stage, playing, holding, choices, command } = props;
  const [more, setMore] = useState(false);
  const simply = (what: "toggle" | "again" | "restart" | "onward") => () => command({ what });
  return (
    <div className="shrink-0 border-base-300 border-t bg-base-100 px-2 py-1">
      {more && <More {...props} />}
      <div className="flex flex-wrap items-center gap-1">
        <button
          type="button"
          className={ROUND}
          aria-label="From the beginning"
          title="From the beginning (Home)"
          onClick={simply("restart")}
        >
          <RotateCcw />
        </button>
        <Steps steps={STEPS.slice(0, 2)} command={command} />
        <button
          type="button"
          className="btn btn-primary w-28"
          onClick={simply(holding ? "onward" : "toggle")}
          disabled={stage.total_ms === 0}
        >
          {playing ? <Pause size={20} /> : <Play size={20} />}{" "}
          {playing ? "Pause" : holding ? "Go on" : "Play"}
        </button>
        <Steps steps={STEPS.slice(2)} command={command} />
        <button
          type="button"
          className="btn"
          title="This posture once more (A, page up)"
          onClick={simply("again")}
        >
          <Undo size={18} /> Again
        </button>
        <button
          type="button"
          className={`btn ${choices.loop ? "btn-neutral" : ""}`}
          aria-pressed={choices.loop !== null}
          title="This posture again and again (L); one posture more (Shift L)"
          onClick={(e) => command({ what: "loop", more: e.shiftKey })}
        >
          <Repeat size={18} /> Loop
        </button>
        <PassChoice stage={stage} command={command} className="max-sm:hidden" />
        <span className="flex-1" />
        <label className="flex items-center gap-1 text-sm">
          speed
          <select
            className="select select-sm w-auto"
            aria-label="speed"
            value={choices.speed}
            onChange={(e) => {
              command({ what: "change", part: { speed: Number(e.target.value) } });
              e.target.blur();
            }}
          >
            {SPEEDS.map((s) => (
              <option key={s} value={s}>
                {Math.round(100 * s)} %
              </option>
            ))}
          </select>
        </label>
        <button
          type="button"
          className={`btn ${more ? "btn-neutral" : ""}`}
          aria-expanded={more}
          onClick={() => setMore(!more)}
        >
          <MoreHorizontal size={18} /> More
        </button>
        <span className="max-sm:hidden">
          <KeysDialog keys={STAGE_KEYS} title="stage" />
        </span>
        <button
          type="button"
          className={ROUND}
          aria-label="Full screen"
          title="Full screen (F)"
          onClick={props.onFull}
        >
          <Maximize size={20} />
        </button>
        <button
          type="button"
          className={ROUND}
          aria-label="Back to the session"
          title="Back to the session (Esc)"
          onClick={props.onLeave}
        >
          <X size={20} />
        </button>
      </div>
    </div>
  );
}

interface PassChoiceProps {
  stage: Stage;
  command: ControlsProps["command"];
  className: string;
}

/** Where one may want to go: the beginning of every pass. */
function PassChoice({ stage, command, className }: PassChoiceProps) {
  return (
    <select
      className={`select select-sm w-auto max-w-44 ${className}`}
      aria-label="Go to a pass"
      value=""
      onChange={(e) => {
        const span = stage.spans[spanAt(stage, Number(e.target.value))];
        if (span) command({ what: "to", place: span.key });
        e.target.blur();
      }}
    >
      <option value="" disabled>
        Go to a pass
      </option>
      {stage.passes.map((p) => (
        <option key={p.start_ms} value={p.start_ms}>
          {clock(p.start_ms)} · {p.title}
          {p.round > 1 ? ` (time ${p.round})` : ""}
        </option>
      ))}
    </select>
  );
}

/** What is chosen now and then: posture to go to, how much is said, tones, whose sides, what the window is for. */
function More({ session, stage, choices, face, position, command, onFace }: ControlsProps) {
  const change = (part: Partial<Choices>) => command({ what: "change", part });
  const { sound, fullness } = session.body;
  const [full, setFull] = useState(choices.fullness ?? fullness);
  const here = stage.spans[spanAt(stage, position())]?.pass_no;
  const postures = stage.spans.filter(
    (s) => s.pass_no === here && s.kind === "movement" && s.movement_no === 0,
  );
  return (
    <div
      className="mb-1 flex flex-wrap items-center gap-x-5 gap-y-2 border-base-300 border-b py-2 text-sm"
      data-more
    >
      <select
        className="select select-sm w-auto max-w-56"
        aria-label="Go to a posture"
        value=""
        onChange={(e) => {
          command({ what: "to", place: e.target.value });
          e.target.blur();
        }}
      >
        <option value="" disabled>
          Go to a posture
        </option>
        {postures.map((s) => (
          <option key={s.key} value={s.key}>
            {[s.number, s.posture_title, s.times].filter(Boolean).join(" · ")}
          </option>
        ))}
      </select>
      <label className="flex items-center gap-2">
        sparse
        <input
          type="range"
          className="range range-primary range-xs w-32"
          aria-label="How much is said"
          min={0}
          max={100}
          step={10}
          value={full}
          onChange={(e) => setFull(Number(e.target.value))}
          onPointerUp={() => change({ fullness: full })}
          onKeyUp={() => full !== (choices.fullness ?? fullness) && change({ fullness: full })}
        />
        full
      </label>
      <Check
        name="breath tones"
        on={choices.breath_tones ?? sound.breath_tones}
        onChange={(on) => change({ breath_tones: on })}
      />
      {sound.background !== "none" && (
        <Check name="sound under it" on={choices.ground} onChange={(on) => change({ ground: on })} />
      )}
      <Check name="wait after every posture (W)" on={choices.led} onChange={(on) => change({ led: on })} />
      <label className="flex items-center gap-1">
        count in
        <select
          className="select select-sm w-auto"
          aria-label="Count in"
          value={choices.count_in_ms}
          onChange={(e) => change({ count_in_ms: Number(e.target.value) })}
        >
          {COUNT_INS.map((ms) => (
            <option key={ms} value={ms}>
              {ms / 1000} s
            </option>
          ))}
        </select>
      </label>
      <select
        className="select select-sm w-auto"
        aria-label="What this window is for"
        value={face}
        onChange={(e) => {
          onFace(e.target.value as Face);
          e.target.blur();
        }}
      >
        {FACES.map((f) => (
          <option key={f.id} value={f.id}>
            {f.name}
          </option>
        ))}
      </select>
      <select
        className="select select-sm w-auto"
        aria-label="Whose left and right"
        value={choices.view}
        onChange={(e) => {
          change({ view: e.target.value as View });
          e.target.blur();
        }}
      >
        {VIEWS.map((v) => (
          <option key={v.id} value={v.id}>
            {v.name}
          </option>
        ))}
      </select>
      {choices.without.length > 0 && (
        <button type="button" className="btn btn-sm" onClick={() => change({ without: [] })}>
          Bring back what was left out ({choices.without.length})
        </button>
      )}
      <a className="link" href={window.location.pathname} target="_blank" rel="noopener">
        Second window
      </a>
    </div>
  );
}

const STEPS = [
  { name: "Posture back", key: "Shift ←", by: -1, over: "posture", icon: <ChevronsLeft /> },
  { name: "Movement back", key: "←", by: -1, over: "movement", icon: <ChevronLeft /> },
  { name: "Movement on", key: "→", by: 1, over: "movement", icon: <ChevronRight /> },
  { name: "Posture on", key: "Shift →", by: 1, over: "posture", icon: <ChevronsRight /> },
] as const;

/** Buttons that go back or on by a movement or a posture. */
function Steps({
  steps,
  command,
}: {
  steps: readonly (typeof STEPS)[number][];
  command: ControlsProps["command"];
}) {
  return steps.map((s) => (
    <button
      key={s.name}
      type="button"
      className="btn btn-ghost btn-square"
      aria-label={s.name}
      title={`${s.name} (${s.key})`}
      onClick={() => command({ what: "step", by: s.by, over: s.over })}
    >
      {s.icon}
    </button>
  ));
}
