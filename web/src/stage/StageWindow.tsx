import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { useNavigate } from "react-router";
import type { SessionView, Stage } from "../shared/api";
import { type Keys, useKeys } from "../shared/useKeys";
import { Controls, SPEEDS } from "./Controls";
import type { Choices } from "./choices";
import { EndBy } from "./EndBy";
import { FACES, type Face } from "./faces";
import { VIEWS } from "./More";
import { Scene, type SceneHandle } from "./Scene";
import type { Command } from "./windows";

interface WindowProps {
  session: SessionView;
  stage: Stage;
  choices: Choices;
  playing: boolean;
  holding: boolean;
  busy: boolean;
  working: boolean;
  told: string;
  position: () => number;
  look: () => void;
  command: (command: Command) => void;
}

/** What one window shows, and the keys that steer it. */
export function StageWindow(props: WindowProps) {
  const { session, stage, choices, playing, holding, position, look, command } = props;
  const id = session.id;
  const navigate = useNavigate();
  const cache = useQueryClient();
  const scene = useRef<SceneHandle>(null);
  const frame = useRef<HTMLElement>(null);
  const [face, setFace] = useState<Face>("class");

  useEffect(() => {
    let waiting = 0;
    const draw = () => {
      look();
      scene.current?.draw(position());
      waiting = requestAnimationFrame(draw);
    };
    draw();
    return () => cancelAnimationFrame(waiting);
  }, [position, look]);

  const full = useCallback(() => {
    if (document.fullscreenElement) void document.exitFullscreen();
    else void frame.current?.requestFullscreen();
  }, []);
  const leave = useCallback(() => {
    void cache.invalidateQueries({ queryKey: ["sessions", id] });
    navigate(`/sessions/${id}`);
  }, [cache, id, navigate]);
  const chooseFace = (next: Face) => {
    setFace(next);
    const row = FACES.find((f) => f.id === next);
    if (row) command({ what: "change", part: { view: row.view, silent: row.silent } });
  };

  const faster = (by: -1 | 1) => {
    const at = SPEEDS.findIndex((s) => s >= choices.speed - 0.001);
    command({
      what: "change",
      part: { speed: SPEEDS[Math.min(SPEEDS.length - 1, Math.max(0, at + by))] ?? 1 },
    });
  };
  const step = (by: -1 | 1, over: "movement" | "posture") => () => command({ what: "step", by, over });
  const simply = (what: "toggle" | "again" | "correct" | "onward" | "restart") => () => command({ what });
  const slower = () => faster(-1);
  const quicker = () => faster(1);
  const keys: Keys = {
    Space: simply("toggle"),
    ArrowLeft: step(-1, "movement"),
    ArrowRight: step(1, "movement"),
    "Shift+ArrowLeft": step(-1, "posture"),
    "Shift+ArrowRight": step(1, "posture"),
    PageDown: simply("onward"),
    Period: simply("onward"),
    KeyB: simply("onward"),
    PageUp: simply("again"),
    KeyA: simply("again"),
    KeyC: simply("correct"),
    KeyL: () => command({ what: "loop", more: false }),
    "Shift+KeyL": () => command({ what: "loop", more: true }),
    KeyW: () => command({ what: "change", part: { led: !choices.led } }),
    Home: simply("restart"),
    Minus: slower,
    NumpadSubtract: slower,
    Equal: quicker,
    "Shift+Equal": quicker,
    NumpadAdd: quicker,
    KeyV: () =>
      command({
        what: "change",
        part: {
          view: VIEWS[(VIEWS.findIndex((v) => v.id === choices.view) + 1) % VIEWS.length]?.id ?? "class",
        },
      }),
    KeyI: () => chooseFace(FACES[(FACES.findIndex((f) => f.id === face) + 1) % FACES.length]?.id ?? "class"),
    KeyF: full,
    Escape: leave,
  };
  useKeys(keys, {}, "*");

  return (
    <main
      ref={frame}
      className="flex h-dvh flex-col overflow-hidden bg-base-200"
      data-stage
      data-face={face}
      data-playing={playing}
      data-holding={holding}
      data-busy={props.busy}
    >
      <Scene
        ref={scene}
        stage={stage}
        face={face}
        holding={holding}
        told={props.working ? "Working it out anew…" : props.told}
        loop={choices.loop !== null}
      />
      <EndBy
        session={session}
        stage={stage}
        choices={choices}
        playing={playing}
        position={position}
        command={command}
      />
      <Controls
        {...{ session, stage, choices, playing, holding, face, position, command }}
        onFace={chooseFace}
        onFull={full}
        onLeave={leave}
      />
    </main>
  );
}
