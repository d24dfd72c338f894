import { useQuery } from "@tanstack/react-query";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { Link, useParams } from "react-router";
import { call, type Desk, type RecordingView, type Stage, type StageSound, sentence } from "../shared/api";
import { clock } from "../shared/format";
import { Waiting } from "../shared/Shell";
import { type Keys, useKeys } from "../shared/useKeys";
import { useTitle } from "../shared/useTitle";
import { Player } from "../stage/player";
import { LANE_WIDTH, PX_PER_MS, StageScroll } from "../stage/StageScroll";

/** The voice may be so far from the picture before it is brought in step again. */
const APART_MS = 60;
const LOOK_MS = 200;

/** A recording on the stage: large, with its cues spoken and the sway scroll beside it. The picture is the clock. */
export default function WatchPage() {
  const { id = "" } = useParams();
  const recording = useQuery({
    queryKey: ["recordings", id],
    queryFn: () => call(`recordings/${id}`),
    gcTime: 0,
  });
  const stage = useQuery({
    queryKey: ["stage", "recordings", id, "watch"],
    queryFn: () => call(`recordings/${id}/stage`),
    gcTime: 0,
  });
  const desk = useQuery({
    queryKey: ["cues", "recordings", id, "watch"],
    queryFn: () => call(`recordings/${id}/cues`),
    gcTime: 0,
  });
  const error = recording.error ?? stage.error ?? desk.error;
  if (!recording.data || !stage.data || !desk.data) return <Waiting error={error && sentence(error)} />;
  return <Watching recording={recording.data} stage={stage.data} desk={desk.data} />;
}

function Watching({ recording, stage, desk }: { recording: RecordingView; stage: Stage; desk: Desk }) {
  const { id, body, derived } = recording;
  useTitle(`Stage: ${body.title}`);
  const media = useRef<HTMLVideoElement>(null);
  const frame = useRef<HTMLDivElement>(null);
  const player = useRef<Player | null>(null);
  const [playing, setPlaying] = useState(false);
  const [at, setAt] = useState(0);
  const [captions, setCaptions] = useState(true);
  const [scroll, setScroll] = useState(true);
  const speech = desk.speech;
  const levels = useQuery({
    queryKey: ["levels", id, recording.version],
    queryFn: () => call(`recordings/${id}/own-levels`),
  });
  const spoken = useMemo(() => stage.sounds.filter((s) => s.kind === "speech"), [stage.sounds]);

  useEffect(() => () => player.current?.close(), []);
  const inStep = useCallback(async () => {
    const picture = media.current;
    if (!picture || picture.paused) return;
    player.current ??= new Player([...stage.sounds], stage.total_ms, speech, () => {});
    const here = player.current;
    await here.seek(picture.currentTime * 1000);
    await here.play();
  }, [stage, speech]);
  useEffect(() => {
    if (!playing) return;
    const timer = window.setInterval(() => {
      const picture = media.current;
      const voice = player.current;
      if (!picture) return;
      const now = picture.currentTime * 1000;
      setAt(now);
      picture.volume = levels.data ? factorAt(levels.data.points, now) : body.keep_sound ? 1 : 0;
      if (voice?.playing && Math.abs(voice.position() - now) > APART_MS && !speaking(spoken, now))
        void inStep();
    }, LOOK_MS);
    return () => window.clearInterval(timer);
  }, [playing, levels.data, body.keep_sound, inStep, spoken]);

  const toggle = () => {
    const picture = media.current;
    if (!picture) return;
    if (picture.paused) void picture.play();
    else picture.pause();
  };
  const seek = (ms: number) => {
    if (media.current) media.current.currentTime = Math.max(0, ms) / 1000;
    setAt(ms);
  };
  const posture = (by: 1 | -1) => {
    const starts = derived.places.filter((p) => p.first).map((p) => p.start_ms);
    const now = (media.current?.currentTime ?? 0) * 1000;
    const to = by > 0 ? starts.find((t) => t > now + 300) : starts.findLast((t) => t < now - 1500);
    if (to !== undefined) seek(to);
  };
  const full = () => {
    if (document.fullscreenElement) void document.exitFullscreen();
    else void frame.current?.requestFullscreen();
  };
  const keys: Keys = {
    Space: toggle,
    ArrowLeft: () => seek(at - 3000),
    ArrowRight: () => seek(at + 3000),
    "Shift+ArrowLeft": () => posture(-1),
    "Shift+ArrowRight": () => posture(1),
    Home: () => seek(0),
    KeyF: full,
    KeyC: () => setCaptions((c) => !c),
    KeyV: () => setScroll((s) => !s),
  };
  useKeys(keys, {}, "*");

  const now = stage.spans.findLastIndex((s) => s.start_ms <= at);
  const span = stage.spans[Math.max(0, now)];
  const words = spoken.findLast((s) => s.at_ms <= at && at < s.at_ms + s.ms + 800)?.text ?? "";
  return (
    <div ref={frame} className="flex h-screen flex-col bg-base-200" data-watch={playing}>
      <div className="flex min-h-0 flex-1 flex-col gap-3 p-3 md:flex-row">
        <div className="relative flex min-h-0 min-w-0 flex-1 items-center justify-center overflow-hidden rounded-box bg-base-300/60">
          {derived.here ? (
            <video
              ref={media}
              src={`/api/recordings/${id}/media`}
              playsInline
              preload="auto"
              className={
                body.media.picture ? `h-full w-full object-contain ${body.turned_over ? "" : ""}` : "hidden"
              }
              onPlay={() => {
                setPlaying(true);
                void inStep();
              }}
              onPause={() => {
                setPlaying(false);
                player.current?.pause();
              }}
              onSeeked={() => void inStep()}
              onEnded={() => setPlaying(false)}
            >
              <track kind="captions" srcLang="en" label="Cues" src={`/api/recordings/${id}/captions.vtt`} />
            </video>
          ) : (
            <p className="p-6">The file of this recording is not here. Bring it in again under Recordings.</p>
          )}
          {!body.media.picture && <p className="font-name quiet text-3xl">Sound, {clock(body.media.ms)}</p>}
          {captions && words && (
            <p
              className="absolute inset-x-4 bottom-4 mx-auto w-fit max-w-full rounded-box bg-base-100/90 px-4 py-2 text-center text-2xl md:text-3xl"
              data-words
            >
              {words}
            </p>
          )}
        </div>
        {scroll && span && (
          <div className="relative h-56 shrink-0 overflow-hidden rounded-box border border-base-300 bg-base-100 md:h-auto md:w-[24rem]">
            <Sway
              stage={stage}
              now={() => (media.current?.currentTime ?? 0) * 1000}
              at={Math.max(0, now)}
              playing={playing}
            />
          </div>
        )}
      </div>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1 px-3 pb-3">
        <button type="button" className="btn btn-primary min-w-24" onClick={toggle} disabled={!derived.here}>
          {playing ? "Pause" : "Play"}
        </button>
        <p className="font-name min-w-40 flex-1 truncate text-2xl font-semibold" data-doing>
          {span?.posture_title || body.title}
        </p>
        <input
          type="range"
          className="range range-primary range-xs w-56"
          aria-label="Where in the recording"
          min={0}
          max={stage.total_ms}
          step={100}
          value={Math.round(at)}
          onChange={(e) => seek(Number(e.target.value))}
        />
        <span className="tabular-nums">
          {clock(at)} of {clock(stage.total_ms)}
        </span>
        <button
          type="button"
          className="btn btn-sm"
          aria-pressed={captions}
          onClick={() => setCaptions(!captions)}
        >
          {captions ? "Words off" : "Words on"} <kbd className="kbd kbd-xs">C</kbd>
        </button>
        <button type="button" className="btn btn-sm" aria-pressed={scroll} onClick={() => setScroll(!scroll)}>
          {scroll ? "Scroll off" : "Scroll on"} <kbd className="kbd kbd-xs">V</kbd>
        </button>
        <button type="button" className="btn btn-sm" onClick={full}>
          Full screen <kbd className="kbd kbd-xs">F</kbd>
        </button>
        <Link className="btn btn-sm" to={`/recordings/${id}`}>
          Back to the recording
        </Link>
      </div>
    </div>
  );
}

/** The sway scroll, moved every frame with the picture. */
function Sway(props: { stage: Stage; now: () => number; at: number; playing: boolean }) {
  const { stage, now, at, playing } = props;
  const paper = useRef<HTMLDivElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: it is moved when the place changes while it stands, too
  useEffect(() => {
    let frame = 0;
    const move = () => {
      const box = paper.current?.parentElement;
      if (paper.current && box)
        paper.current.style.transform = `translateY(${box.clientHeight * 0.35 - now() * PX_PER_MS}px)`;
      if (playing) frame = requestAnimationFrame(move);
    };
    move();
    return () => cancelAnimationFrame(frame);
  }, [now, playing, at]);
  return (
    <>
      <div ref={paper} className="absolute inset-x-0 top-0 flex justify-center">
        <svg
          width={LANE_WIDTH}
          height={stage.total_ms * PX_PER_MS}
          className="overflow-visible"
          aria-hidden="true"
        >
          <StageScroll stage={stage} at={at} />
        </svg>
      </div>
      <div className="absolute inset-x-0 top-[35%] border-t-3 border-accent" aria-hidden="true" />
    </>
  );
}

function speaking(spoken: readonly StageSound[], now: number): boolean {
  return spoken.some((s) => s.at_ms - 100 <= now && now < s.at_ms + s.ms);
}

/** How loud the recording's own sound is at a moment, between the points that are told. */
function factorAt(points: readonly [number, number][], now: number): number {
  const after = points.findIndex(([at]) => at > now);
  const to = points[after];
  const from = points[after < 0 ? points.length - 1 : Math.max(0, after - 1)];
  if (!from || !to) return from?.[1] ?? 1;
  return from[1] + ((to[1] - from[1]) * (now - from[0])) / Math.max(1, to[0] - from[0]);
}
