import { useQuery } from "@tanstack/react-query";
import { Pin, PinOff, Play } from "lucide-react";
import { Link } from "react-router";
import { type CueChoice, type CueLine, call, type Decided, sentence } from "../shared/api";
import { Check } from "../shared/Check";
import { clock, seconds } from "../shared/format";
import { GrowingText } from "../shared/GrowingText";

/** A moment that is guessed less surely than this is worth a mark. */
const GUESSED_MS = 300;

export interface CuePanelProps {
  id: string;
  version: number;
  cue: CueLine;
  kind: "sessions" | "recordings";
  session: Decided;
  ready: boolean;
  choose: (change: Partial<CueChoice>, how?: "typing") => void;
  forget: () => void;
  nudge: (ms: number) => void;
  onCure: (no: number) => void;
  onListen: () => void;
  onKeepWords: (scope: "movement" | "phrase") => void;
  onOwnWords: (text: string) => void;
}

/** One cue: its words, when it is said and why so, and what would cure it. */
export function CuePanel(props: CuePanelProps) {
  const { kind, id, version, cue, session, choose } = props;
  const choice = session.cue_choices.find((c) => c.cue === cue.id);
  const own = cue.kind === "text" ? session.own_cues.find((c) => cue.id === `own.${c.id}.text`) : undefined;
  const cures = useQuery({
    queryKey: ["cures", id, version, cue.id],
    queryFn: () => call(`${kind}/${id}/cures?cue=${encodeURIComponent(cue.id)}`),
    enabled: cue.state !== "full" && props.ready,
  });
  const left = choice?.said === false;
  return (
    <section className="grid gap-2" data-cue={cue.id} data-cue-state={cue.state} aria-label="Cue">
      <p className="quiet flex flex-wrap justify-between gap-x-3 text-sm">
        <span>
          {cue.title}
          {cue.posture && ` · ${cue.posture}`}
        </span>
        <span>for {clock(cue.target_ms)}</span>
      </p>
      <GrowingText
        key={cue.id}
        className="!border-base-300 bg-base-100 text-lg"
        label="Words of the cue"
        data-words-field
        value={own?.text ?? (choice?.text || cue.wish)}
        onType={(text) =>
          own ? props.onOwnWords(text) : choose({ text: text.trim() === cue.wish ? "" : text }, "typing")
        }
      />
      <p data-told>
        {cue.state === "left out" ? (
          <b>Left out. </b>
        ) : (
          <>
            <b>
              {cue.state === "full"
                ? "Said in full"
                : cue.state === "shorter"
                  ? "Said shorter"
                  : "Said early"}
            </b>{" "}
            from {moment(cue.start_ms)} to {moment(cue.end_ms)}
            {cue.said !== cue.wish && `: “${cue.said}”`}.{" "}
          </>
        )}
        {cue.reason}
      </p>
      <p className="quiet text-sm">
        Needs {seconds(cue.needs_ms)}; {seconds(cue.free_ms)} free between its neighbours.
        {cue.others.length > 0 && ` Shorter: ${cue.others.map((w) => `“${w}”`).join(", ")}.`}
      </p>
      {kind === "recordings" && cue.guessed_ms >= GUESSED_MS && (
        <p className="text-sm">
          Its moment is guessed within {seconds(cue.guessed_ms)}.{" "}
          <Link className="link" to={`/recordings/${id}?place=${encodeURIComponent(cue.place)}`}>
            Mark it
          </Link>
        </p>
      )}
      {cue.state !== "full" && (
        <div className="grid gap-1" data-cures={cures.data?.length ?? -1}>
          {cures.error && <p className="text-error">{sentence(cures.error)}</p>}
          {cures.data?.map((says, no) => (
            <button
              key={says}
              type="button"
              className="btn btn-sm h-auto min-h-8 justify-start py-1 text-left font-normal"
              onClick={() => props.onCure(no)}
            >
              {no < 3 && <kbd className="kbd kbd-sm whitespace-nowrap">Alt {no + 1}</kbd>}
              <span>{says}</span>
            </button>
          ))}
          {cures.data?.length === 0 && <p className="quiet text-sm">No one-step fix.</p>}
        </div>
      )}
      <div className="flex flex-wrap gap-1.5">
        <button type="button" className="btn btn-xs" onClick={props.onListen}>
          <Play size={14} /> Listen from here <kbd className="kbd kbd-xs">Alt L</kbd>
        </button>
        {cue.start_ms !== null && (
          <button
            type="button"
            className="btn btn-xs"
            aria-pressed={cue.pinned}
            onClick={() =>
              cue.pinned ? choose({ pin_ms: null }) : choose({ pin_ms: (cue.start_ms ?? 0) - cue.target_ms })
            }
          >
            {cue.pinned ? <PinOff size={14} /> : <Pin size={14} />} {cue.pinned ? "Unpin" : "Pin it"}{" "}
            <kbd className="kbd kbd-xs">Alt K</kbd>
          </button>
        )}
        {cue.kind !== "text" && (
          <button type="button" className="btn btn-xs" onClick={() => choose({ said: left ? null : false })}>
            Leave it out <kbd className="kbd kbd-xs">Alt X</kbd>
          </button>
        )}
        {cue.kind !== "text" && (
          <Check name="Must be said" on={choice?.must ?? cue.must} onChange={(must) => choose({ must })} />
        )}
        {choice?.text && (
          <>
            <button type="button" className="btn btn-xs" onClick={() => props.onKeepWords("movement")}>
              Always use for this movement
            </button>
            <button type="button" className="btn btn-xs" onClick={() => props.onKeepWords("phrase")}>
              Use wherever this phrase occurs
            </button>
          </>
        )}
        {(choice || own) && (
          <button type="button" className="btn btn-xs btn-ghost" onClick={props.forget}>
            {own ? "Take it away" : "Reset"}
          </button>
        )}
      </div>
      <div className="flex items-center gap-1.5 text-sm">
        <span className="quiet">Begin</span>
        {[-500, -100, 100, 500].map((ms) => (
          <button
            key={ms}
            type="button"
            className="btn btn-xs"
            disabled={cue.start_ms === null}
            onClick={() => props.nudge(ms)}
          >
            {ms > 0 ? "+" : "−"}
            {Math.abs(ms) / 1000} s
          </button>
        ))}
        <span className="quiet">and pin</span>
      </div>
    </section>
  );
}

/** A moment with its tenth of a second. */
export function moment(ms: number | null): string {
  if (ms === null) return "";
  const tenths = Math.round(ms / 100);
  return `${Math.floor(tenths / 600)}:${String(Math.floor(tenths / 10) % 60).padStart(2, "0")}.${tenths % 10}`;
}
