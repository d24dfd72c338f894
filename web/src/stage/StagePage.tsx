import { useQuery } from "@tanstack/react-query";
import { useEffect, useMemo, useRef, useState } from "react";
import { useParams } from "react-router";
import { call, type SessionView, type Stage, sentence } from "../shared/api";
import { Waiting } from "../shared/Shell";
import { useMeasuring } from "../shared/useMeasuring";
import { useTitle } from "../shared/useTitle";
import { type Choices, FIRST, fetchStage, keptPlace } from "./choices";
import { placeAt, timeOf } from "./places";
import { StageWindow } from "./StageWindow";
import { type Running, useLive } from "./useLive";
import { type Beat, type Command, followed, useWindows } from "./windows";

/** The stage: a session being played, seen from three metres away. */
export default function StagePage() {
  const { id = "" } = useParams();
  const session = useQuery({
    queryKey: ["sessions", id],
    queryFn: () => call(`sessions/${id}`),
    gcTime: 0,
  });
  useTitle(session.data ? `Stage: ${session.data.body.title}` : "");
  const running = useRef<Running | null>(null);
  const windows = useWindows(
    id,
    () => beatOf(running.current),
    (asked) => running.current && obeyed(running.current, asked),
  );
  /** Where a window that takes over goes on. */
  const [from, setFrom] = useState<{ stage: Stage; beat: Beat; at: number } | null>(null);
  if (!session.data) return <Waiting error={session.error && sentence(session.error)} />;
  if (windows.leads === null) return <Waiting error={null} />;
  if (windows.leads) return <Leading session={session.data} running={running} from={from} />;
  return (
    <Following
      session={session.data}
      beat={windows.beat}
      changes={windows.changes}
      command={windows.command}
      onSeen={(stage) => {
        const beat = windows.beat.current;
        if (beat) setFrom({ stage, beat, at: followed(beat, stage.total_ms) });
      }}
    />
  );
}

function beatOf(running: Running | null): Beat | null {
  if (!running) return null;
  const { choices, playing, holding } = running;
  return { live: running.going(), choices, position: running.position(), at: Date.now(), playing, holding };
}

function obeyed(running: Running, asked: Command): void {
  const doing: Record<Command["what"], () => void> = {
    toggle: running.toggle,
    again: running.again,
    correct: running.correct,
    onward: running.onward,
    restart: running.restart,
    loop: () => asked.what === "loop" && running.loopPosture(asked.more),
    step: () => asked.what === "step" && running.step(asked.by, asked.over),
    to: () => asked.what === "to" && running.to(asked.place),
    change: () => asked.what === "change" && running.change(asked.part),
  };
  doing[asked.what]();
}

interface LeadingProps {
  session: SessionView;
  running: React.RefObject<Running | null>;
  from: { stage: Stage; beat: Beat; at: number } | null;
}

/** The window that is heard: it begins where it was left, or where the one before it was closed. */
function Leading({ session, running, from }: LeadingProps) {
  const id = session.id;
  const kept = useMemo(() => (from ? null : keptPlace(id)), [from, id]);
  const choices: Choices = from?.beat.choices ?? kept?.choices ?? FIRST;
  const first = useQuery({
    queryKey: ["stage", id, "first"],
    queryFn: () =>
      from
        ? Promise.resolve(from.stage)
        : fetchStage(id, { live: { ...LIVE, ...planned(choices) }, view: choices.view }),
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
  });
  if (!first.data) return <Waiting error={first.error && sentence(first.error)} />;
  const at = from
    ? placeAt(first.data, from.at)
    : kept && timeOf(first.data, kept.place, 0) !== null
      ? { place: kept.place, share: kept.share }
      : { place: "", share: 0 };
  return (
    <Playing
      session={session}
      running={running}
      begun={{ stage: first.data, choices, ...at, taken: from?.beat }}
    />
  );
}

const LIVE = { place: "", share: 0, until: "", count_in_ms: 0, said: [], heard: [], busy_ms: 0 };
const planned = ({ speed, fullness, breath_tones, ground, without }: Choices) => ({
  speed,
  fullness,
  breath_tones,
  ground,
  without,
});

interface PlayingProps {
  session: SessionView;
  running: React.RefObject<Running | null>;
  begun: Parameters<typeof useLive>[1];
}

function Playing({ session, running, begun }: PlayingProps) {
  const live = useLive(session, begun);
  running.current = live;
  const measuring = useMeasuring("sessions", session.id, live.stage.estimated, live.measured);
  useAwake(live.playing);
  return (
    <StageWindow
      session={session}
      stage={live.stage}
      choices={live.choices}
      playing={live.playing}
      holding={live.holding}
      busy={live.busy || measuring !== null}
      working={live.busy}
      told={live.correcting ? "Paused for a word: it goes on from the beginning of this posture." : live.told}
      position={live.position}
      look={live.look}
      command={(asked) => obeyed(live, asked)}
    />
  );
}

/** The screen stays awake while it plays; asked for again when one comes back to it. */
function useAwake(playing: boolean) {
  useEffect(() => {
    if (!playing || !("wakeLock" in navigator)) return;
    let lock: Promise<WakeLockSentinel | null> = Promise.resolve(null);
    const take = () => {
      if (document.visibilityState === "visible")
        lock = navigator.wakeLock.request("screen").catch(() => null);
    };
    take();
    document.addEventListener("visibilitychange", take);
    return () => {
      document.removeEventListener("visibilitychange", take);
      void lock.then((l) => l?.release());
    };
  }, [playing]);
}

interface FollowingProps {
  session: SessionView;
  beat: React.RefObject<Beat | null>;
  changes: number;
  command: (command: Command) => void;
  onSeen: (stage: Stage) => void;
}

/** A window that follows another one: the same practice and moment, without a sound, with a face and a view of its own. */
function Following({ session, beat, changes, command, onSeen }: FollowingProps) {
  const now = beat.current;
  const [view, setView] = useState(now?.choices.view ?? "class");
  const stage = useQuery({
    queryKey: ["stage", session.id, "following", JSON.stringify(now?.live), view, changes > 0],
    queryFn: () => fetchStage(session.id, { live: now?.live ?? LIVE_FIRST, view }),
    placeholderData: (before) => before,
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
  });
  const seen = useRef(onSeen);
  seen.current = onSeen;
  // Whoever takes over goes on from what was seen last.
  useEffect(() => {
    if (!stage.data) return;
    const { data } = stage;
    const timer = window.setInterval(() => seen.current(data), 250);
    return () => window.clearInterval(timer);
  }, [stage.data, stage]);
  if (!stage.data || !now) return <Waiting error={stage.error && sentence(stage.error)} />;
  const total = stage.data.total_ms;
  return (
    <StageWindow
      session={session}
      stage={stage.data}
      choices={{ ...now.choices, view }}
      playing={now.playing}
      holding={now.holding}
      busy={stage.isFetching}
      working={false}
      told="This window follows the first one."
      position={() => followed(beat.current, total)}
      look={() => {}}
      command={(asked) => {
        if (asked.what === "change" && asked.part.view) setView(asked.part.view);
        else command(asked);
      }}
    />
  );
}

const LIVE_FIRST = { ...LIVE, speed: 1, fullness: null, breath_tones: null, ground: true, without: [] };
