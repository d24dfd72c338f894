import { useState } from "react";
import type { Stage, View } from "../shared/api";
import { Check } from "../shared/Check";
import { clock } from "../shared/format";
import type { ControlsProps } from "./Controls";
import type { Choices } from "./choices";
import { FACES, type Face } from "./faces";
import { spanAt } from "./places";

export const VIEWS: { id: View; name: string }[] = [
  { id: "class", name: "Class’s sides" },
  { id: "instructor", name: "Instructor’s sides" },
  { id: "turned", name: "Mirrored" },
];
const COUNT_INS = [0, 2000, 3000, 5000, 8000];

interface PassChoiceProps {
  stage: Stage;
  command: ControlsProps["command"];
  className: string;
}

/** Where one may want to go: the beginning of every pass. */
export function PassChoice({ stage, command, className }: PassChoiceProps) {
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
export function More({ session, stage, choices, face, position, command, onFace }: ControlsProps) {
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
