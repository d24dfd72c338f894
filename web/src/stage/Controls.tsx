import {
  ChevronLeft,
  ChevronRight,
  ChevronsLeft,
  ChevronsRight,
  Maximize,
  Pause,
  Play,
  RotateCcw,
  X,
} from "lucide-react";
import type { Stage, View } from "../shared/api";
import { clock } from "../shared/format";
import { KeysDialog } from "../shared/KeysDialog";
import { STAGE_KEYS } from "../shared/keys";

export const SPEEDS = [0.5, 0.6, 0.7, 0.8, 0.9, 1, 1.1, 1.25, 1.5, 2];
export const VIEWS: { id: View; name: string }[] = [
  { id: "class", name: "Class’s sides" },
  { id: "instructor", name: "Instructor’s sides" },
  { id: "turned", name: "Mirrored" },
];

interface ControlsProps {
  stage: Stage;
  playing: boolean;
  busy: boolean;
  speed: number;
  view: View;
  setSpeed: (speed: number) => void;
  setView: (view: View) => void;
  onToggle: () => void;
  onStep: (by: -1 | 1, over: "movement" | "posture") => void;
  onRestart: () => void;
  onSeek: (ms: number) => void;
  onFull: () => void;
  onLeave: () => void;
}

/** The row below the stage: everything the keys do, for a finger or a mouse. */
export function Controls(props: ControlsProps) {
  const { stage, playing } = props;
  const round = "btn btn-ghost btn-square";
  return (
    <div className="flex flex-wrap items-center gap-1 border-base-300 border-t bg-base-100 px-3 py-1.5">
      <button
        type="button"
        className={round}
        aria-label="From the beginning"
        title="From the beginning (Home)"
        onClick={props.onRestart}
      >
        <RotateCcw />
      </button>
      <Steps steps={STEPS.slice(0, 2)} onStep={props.onStep} />
      <button
        type="button"
        className="btn btn-primary w-28"
        onClick={props.onToggle}
        disabled={stage.total_ms === 0}
      >
        {playing ? <Pause size={20} /> : <Play size={20} />} {playing ? "Pause" : "Play"}
      </button>
      <Steps steps={STEPS.slice(2)} onStep={props.onStep} />
      <select
        className="select select-sm ml-2 w-auto max-w-52"
        aria-label="Go to a pass"
        value=""
        onChange={(e) => {
          props.onSeek(Number(e.target.value));
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
      <span className="flex-1" />
      <label className="flex items-center gap-1 text-sm">
        speed
        <select
          className="select select-sm w-auto"
          value={props.speed}
          onChange={(e) => {
            props.setSpeed(Number(e.target.value));
            e.target.blur();
          }}
        >
          {SPEEDS.map((s) => (
            <option key={s} value={s}>
              {s} ×
            </option>
          ))}
        </select>
      </label>
      <select
        className="select select-sm w-auto"
        aria-label="Whose left and right"
        value={props.view}
        onChange={(e) => {
          props.setView(e.target.value as View);
          e.target.blur();
        }}
      >
        {VIEWS.map((v) => (
          <option key={v.id} value={v.id}>
            {v.name}
          </option>
        ))}
      </select>
      <KeysDialog keys={STAGE_KEYS} title="stage" />
      <button
        type="button"
        className={round}
        aria-label="Full screen"
        title="Full screen (F)"
        onClick={props.onFull}
      >
        <Maximize size={20} />
      </button>
      <button
        type="button"
        className={round}
        aria-label="Back to the session"
        title="Back to the session (Esc)"
        onClick={props.onLeave}
      >
        <X size={20} />
      </button>
    </div>
  );
}

const STEPS = [
  { name: "Posture back", key: "Shift ←", by: -1, over: "posture", icon: <ChevronsLeft /> },
  { name: "Movement back", key: "←", by: -1, over: "movement", icon: <ChevronLeft /> },
  { name: "Movement on", key: "→", by: 1, over: "movement", icon: <ChevronRight /> },
  { name: "Posture on", key: "Shift →", by: 1, over: "posture", icon: <ChevronsRight /> },
] as const;

interface StepsProps {
  steps: readonly (typeof STEPS)[number][];
  onStep: ControlsProps["onStep"];
}

/** Buttons that go back or on by a movement or a posture. */
function Steps({ steps, onStep }: StepsProps) {
  return steps.map((s) => (
    <button
      key={s.name}
      type="button"
      className="btn btn-ghost btn-square"
      aria-label={s.name}
      title={`${s.name} (${s.key})`}
      onClick={() => onStep(s.by, s.over)}
    >
      {s.icon}
    </button>
  ));
}
