import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { useNavigate, useParams } from "react-router";
import { call, type SessionView, type Stage, sentence, type View } from "../shared/api";
import { Waiting } from "../shared/Shell";
import { type Keys, useKeys } from "../shared/useKeys";
import { useMeasuring } from "../shared/useMeasuring";
import { useTitle } from "../shared/useTitle";
import { Controls, SPEEDS, VIEWS } from "./Controls";
import { jump, samePlace } from "./places";
import { Player } from "./player";
import { Scene, type SceneHandle } from "./Scene";

const load = (id: string, speed: number, view: View) =>
  call<Stage>(`sessions/${id}/stage?speed=${speed}&view=${view}&wait=false`);

/** The stage: a session being played, seen from three metres away. */
export default function StagePage() {
  const { id = "" } = useParams();
  const session = useQuery({
    queryKey: ["sessions", id],
    queryFn: () => call<SessionView>(`sessions/${id}`),
    gcTime: 0,
  });
  const [speed, setSpeed] = useState(1);
  useTitle(session.data ? `Stage: ${session.data.body.title}` : "");
  const [view, setView] = useState<View>("class");
  const { data, error, isFetching, refetch } = useQuery({
    queryKey: ["stage", id, speed, view],
    queryFn: () => load(id, speed, view),
    placeholderData: (before) => before,
  });
  const measuring = useMeasuring("sessions", id, data?.estimated ?? 0, () => void refetch());
  const trouble = session.error ?? error;
  if (!data || !session.data) return <Waiting error={trouble && sentence(trouble)} />;
  return (
    <Playing
      id={id}
      stage={data}
      speech={session.data.body.speech}
      speed={speed}
      view={view}
      busy={isFetching || measuring !== null}
      setSpeed={setSpeed}
      setView={setView}
    />
  );
}

interface PlayingProps {
  id: string;
  stage: Stage;
  speech: SessionView["body"]["speech"];
  speed: number;
  view: View;
  busy: boolean;
  setSpeed: (speed: number) => void;
  setView: (view: View) => void;
}

function Playing({ id, stage, speech, speed, view, busy, setSpeed, setView }: PlayingProps) {
  const navigate = useNavigate();
  const cache = useQueryClient();
  const scene = useRef<SceneHandle>(null);
  const player = useRef<Player | null>(null);
  const shown = useRef(stage);
  const [playing, setPlaying] = useState(false);
  const frame = useRef<HTMLDivElement>(null);

  // biome-ignore lint/correctness/useExhaustiveDependencies: one player for the life of the page
  useEffect(() => {
    const made = new Player([...stage.sounds], stage.total_ms, speech, () => setPlaying(false));
    player.current = made;
    return () => made.close();
  }, []);

  // Another speed or view: the same place in it, playing on if it played.
  useEffect(() => {
    const here = player.current;
    if (!here || shown.current === stage) return;
    const before = shown.current;
    const take = () => {
      const at = samePlace(before, stage, here.position());
      shown.current = stage;
      void here
        .change([...stage.sounds], stage.total_ms, speech, at)
        .then(() => scene.current?.draw(here.position()));
    };
    // The same practice with better known lengths waits until nobody speaks.
    const same = before.speed === stage.speed && before.view === stage.view;
    if (!same || !here.playing) {
      take();
      return;
    }
    const timer = window.setInterval(() => {
      if (here.speaking()) return;
      window.clearInterval(timer);
      take();
    }, 100);
    return () => window.clearInterval(timer);
  }, [stage, speech]);

  useEffect(() => {
    let waiting = 0;
    const draw = () => {
      scene.current?.draw(player.current?.position() ?? 0);
      waiting = requestAnimationFrame(draw);
    };
    draw();
    return () => cancelAnimationFrame(waiting);
  }, []);

  useEffect(() => {
    if (!playing || !("wakeLock" in navigator)) return;
    const lock = navigator.wakeLock.request("screen").catch(() => null);
    return () => void lock.then((l) => l?.release());
  }, [playing]);

  const toggle = useCallback(async () => {
    const here = player.current;
    if (!here) return;
    if (here.playing) here.pause();
    else {
      setPlaying(true);
      void call("beginnings", "POST", { what: "heard" }).catch(() => {});
      await here.play();
    }
    setPlaying(here.playing);
  }, []);
  const to = useCallback((ms: number) => void player.current?.seek(ms), []);
  const step = useCallback(
    (by: -1 | 1, over: "movement" | "posture") =>
      to(jump(shown.current, player.current?.position() ?? 0, by, over)),
    [to],
  );
  const full = useCallback(() => {
    if (document.fullscreenElement) void document.exitFullscreen();
    else void frame.current?.requestFullscreen();
  }, []);
  const leave = useCallback(() => {
    void cache.invalidateQueries({ queryKey: ["sessions", id] });
    navigate(`/sessions/${id}`);
  }, [cache, id, navigate]);

  const keys = useMemo<Keys>(() => {
    const faster = (by: -1 | 1) =>
      setSpeed(SPEEDS[Math.min(SPEEDS.length - 1, Math.max(0, SPEEDS.indexOf(speed) + by))] ?? 1);
    return {
      Space: () => void toggle(),
      ArrowLeft: () => step(-1, "movement"),
      ArrowRight: () => step(1, "movement"),
      "Shift+ArrowLeft": () => step(-1, "posture"),
      "Shift+ArrowRight": () => step(1, "posture"),
      Home: () => to(0),
      Minus: () => faster(-1),
      NumpadSubtract: () => faster(-1),
      Equal: () => faster(1),
      "Shift+Equal": () => faster(1),
      NumpadAdd: () => faster(1),
      KeyV: () => setView(VIEWS[(VIEWS.findIndex((v) => v.id === view) + 1) % VIEWS.length]?.id ?? "class"),
      KeyF: full,
      Escape: leave,
    };
  }, [toggle, step, to, speed, setSpeed, view, setView, full, leave]);

  useKeys(keys, {}, "*");

  return (
    <div
      ref={frame}
      className="flex h-screen flex-col overflow-hidden bg-base-200"
      data-stage
      data-playing={playing}
      data-busy={busy}
    >
      <Scene ref={scene} stage={stage} />
      <Controls
        stage={stage}
        playing={playing}
        busy={busy}
        speed={speed}
        view={view}
        setSpeed={setSpeed}
        setView={setView}
        onToggle={() => void toggle()}
        onStep={step}
        onRestart={() => to(0)}
        onSeek={to}
        onFull={full}
        onLeave={leave}
      />
    </div>
  );
}
