import { type RefObject, useEffect, useRef, useState } from "react";
import { Link } from "react-router";
import type { PlaceLine, Recording, RecordingSheet } from "../shared/api";
import { clock } from "../shared/format";
import type { Taps } from "./useTaps";

interface WatchProps {
  id: string;
  media: RefObject<HTMLVideoElement | null>;
  recording: Recording;
  sheet: RecordingSheet;
  taps: Taps;
  playing: boolean;
  rate: number;
  chosen: PlaceLine | undefined;
  now: () => number;
  onPlaying: (playing: boolean) => void;
  /** The file is there, and one can go to a moment in it. */
  onReady: () => void;
  onToggle: () => void;
  onRate: (by: number) => void;
  onSeek: (ms: number) => void;
  onAgain: (place: PlaceLine | undefined) => void;
  onUndo: () => void;
  onTrial: () => void;
}

/** The picture (or the sound), what comes next in large type, and the taps, by key or by finger. */
export function Watch(props: WatchProps) {
  const { media, recording, sheet, taps, playing, rate, onPlaying } = props;
  const [broken, setBroken] = useState(false);
  const next = taps.coming;
  const best = sheet.next && sheet.places.find((p) => p.key === sheet.next?.key);
  return (
    <div className="flex min-h-0 flex-col gap-2">
      <div className="relative flex min-h-40 flex-1 items-center justify-center overflow-hidden rounded-box border border-base-300 bg-base-300/60">
        {sheet.here && !broken ? (
          // biome-ignore lint/a11y/useMediaCaption: what is said in it is what is being marked here
          <video
            ref={media}
            src={`/api/recordings/${props.id}/media`}
            preload="auto"
            playsInline
            className={recording.media.picture ? "h-full max-h-[56vh] w-full object-contain" : "hidden"}
            onPlay={() => onPlaying(true)}
            onPause={() => onPlaying(false)}
            onError={() => setBroken(true)}
            onLoadedMetadata={(e) => {
              e.currentTarget.playbackRate = rate;
              props.onReady();
            }}
          />
        ) : (
          <p className="p-6 text-center">
            {sheet.here
              ? "This browser cannot play this file. Marks, cues and giving it back work all the same; save it as MP4 to see it here."
              : "The file of this recording is not here. Its marks and words are kept; bring it in again under Recordings."}
          </p>
        )}
        {sheet.here && !broken && !recording.media.picture && (
          <p className="font-name quiet text-2xl">Sound, {clock(recording.media.ms)}</p>
        )}
      </div>
      <div className="flex flex-wrap items-center gap-2">
        <button type="button" className="btn btn-primary min-w-24" onClick={props.onToggle}>
          {playing ? "Pause" : "Play"}
        </button>
        <Moment now={props.now} playing={playing} total={sheet.total_ms} onSeek={props.onSeek} />
        <div className="join">
          <button
            type="button"
            className="btn btn-sm join-item"
            onClick={() => props.onRate(-0.1)}
            aria-label="Slower"
          >
            −
          </button>
          <span className="btn btn-sm join-item pointer-events-none min-w-16" data-rate={rate}>
            × {rate.toFixed(1)}
          </span>
          <button
            type="button"
            className="btn btn-sm join-item"
            onClick={() => props.onRate(0.1)}
            aria-label="Faster"
          >
            +
          </button>
        </div>
      </div>
      <div
        className="rounded-box border border-base-300 bg-base-100 px-4 py-2"
        aria-live="polite"
        data-next={next?.key ?? ""}
      >
        <p className="quiet text-sm">
          {taps.stopped ? "Stopped. On again with:" : next ? "Next" : "All is marked from here on"}
        </p>
        <p className="font-name truncate text-4xl leading-tight font-semibold">{next?.title ?? "—"}</p>
        <p className="truncate text-lg">
          {taps.comingMovement && !taps.comingMovement.first && (
            <span className="quiet text-sm">movement </span>
          )}
          {taps.comingMovement?.line || " "}
        </p>
      </div>
      <div className="grid grid-cols-3 gap-2">
        <Tap
          name="Posture"
          shown="Enter"
          primary
          onTap={() => taps.tap("posture", props.now())}
          off={!next}
        />
        <Tap
          name="Movement"
          shown="M"
          onTap={() => taps.tap("movement", props.now())}
          off={!taps.comingMovement}
        />
        <Tap
          name={taps.stopped ? "On again" : "Stopped"}
          shown="S"
          onTap={() => taps.tap(taps.stopped ? "on" : "stopped", props.now())}
          off={false}
        />
      </div>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1 text-sm">
        {best && sheet.next && (
          <button type="button" className="link text-left" onClick={() => props.onAgain(best)}>
            Helps most: {sheet.next.title}, guessed within {(sheet.next.within_ms / 1000).toFixed(1)} s
          </button>
        )}
        <button type="button" className="link" onClick={props.onUndo}>
          Take back
        </button>
        {props.chosen && (
          <button type="button" className="link" onClick={() => props.onAgain(props.chosen)}>
            Go over it from {props.chosen.title}
          </button>
        )}
        <button type="button" className="link quiet ml-auto" onClick={props.onTrial}>
          How late is my hand?
        </button>
        {sheet.places.length === 0 && (
          <p role="status">
            Its session has no movements.{" "}
            <Link className="link" to={`/sessions/${recording.session_id}`}>
              To the session
            </Link>
          </p>
        )}
      </div>
    </div>
  );
}

function Tap(props: { name: string; shown: string; onTap: () => void; off: boolean; primary?: boolean }) {
  return (
    <button
      type="button"
      className={`btn h-14 border border-base-300 bg-base-100 text-lg ${props.primary ? "!border-primary !border-2" : ""}`}
      disabled={props.off}
      onPointerDown={(e) => {
        // At the touch, not when the finger leaves: that is a tenth of a second later.
        e.preventDefault();
        props.onTap();
      }}
      onKeyDown={(e) => {
        if (e.key === "Enter" || e.key === " ") {
          e.preventDefault();
          e.stopPropagation();
          props.onTap();
        }
      }}
    >
      {props.name} <kbd className="kbd kbd-sm">{props.shown}</kbd>
    </button>
  );
}

/** Where one is, as time and as a place on a line. */
function Moment(props: { now: () => number; playing: boolean; total: number; onSeek: (ms: number) => void }) {
  const { now, playing, total } = props;
  const [at, setAt] = useState(0);
  const read = useRef(now);
  read.current = now;
  useEffect(() => {
    const timer = window.setInterval(() => setAt(read.current()), playing ? 200 : 400);
    return () => window.clearInterval(timer);
  }, [playing]);
  return (
    <>
      <input
        type="range"
        className="range range-primary range-xs min-w-32 flex-1"
        aria-label="Where in the recording"
        min={0}
        max={total}
        step={100}
        value={Math.min(total, Math.round(at))}
        onChange={(e) => {
          setAt(Number(e.target.value));
          props.onSeek(Number(e.target.value));
        }}
      />
      <span className="tabular-nums" data-moment={Math.round(at)}>
        {clock(at)} of {clock(total)}
      </span>
    </>
  );
}
