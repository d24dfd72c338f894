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
import type { SessionView, Stage } from "../shared/api";
import { KeysDialog } from "../shared/KeysDialog";
import { STAGE_KEYS } from "../shared/keys";
import type { Choices } from "./choices";
import type { Face } from "./faces";
import { More, PassChoice } from "./More";
import type { Command } from "./windows";

export const SPEEDS = [0.6, 0.7, 0.8, 0.9, 1, 1.1, 1.2, 1.3, 1.4];
export interface ControlsProps {
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
