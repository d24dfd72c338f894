/** The steps one takes through a running practice: on, back, again, stopped for a word, a posture over and over. */
import { useCallback, useMemo } from "react";
import type { Stage } from "../shared/api";
import type { Choices } from "./choices";
import { COUNT_IN, jump, postureAt } from "./places";
import type { Player } from "./player";

export interface Steps {
  step: (by: -1 | 1, over: "movement" | "posture") => void;
  restart: () => void;
  again: () => void;
  correct: () => void;
  loopPosture: (more?: boolean) => void;
  onward: () => void;
}

interface Ways {
  player: () => Player | null;
  now: () => { stage: Stage; choices: Choices };
  /** The place was chosen by hand: the practice is worked out from there before it goes on. */
  chosen: () => void;
  here: () => number;
  go: (place: string, c: Choices, play: boolean) => Promise<void>;
  to: (place: string) => void;
  toggle: () => Promise<void>;
  change: (part: Partial<Choices>) => void;
  noteEnd: () => void;
  setPlaying: (playing: boolean) => void;
  setCorrecting: (correcting: boolean) => void;
}

/** The steps, from how one goes, plays and changes. */
export function useSteps({
  player,
  now,
  chosen,
  here,
  go,
  to,
  toggle,
  change,
  noteEnd,
  setPlaying,
  setCorrecting,
}: Ways): Steps {
  const step = useCallback(
    (by: -1 | 1, over: "movement" | "posture") => {
      const span = jump(now().stage, here(), by, over);
      if (span) to(span.key);
    },
    [here, to, now],
  );
  const again = useCallback(() => {
    const { stage: seen, choices: c } = now();
    const voice = player();
    // Where it waits at the end of a posture, that one is meant.
    const at = voice?.holding ? here() - 60 : here();
    const posture = postureAt(seen, at);
    if (posture) void go(posture.first.key, c, true);
  }, [go, here, now, player]);
  const correct = useCallback(() => {
    const voice = player();
    const posture = postureAt(now().stage, here());
    if (!voice || !posture) return;
    if (!voice.playing) {
      void toggle();
      return;
    }
    noteEnd();
    voice.pause();
    void voice.seek(posture.first.start_ms);
    chosen();
    setPlaying(false);
    setCorrecting(true);
  }, [here, noteEnd, toggle, setCorrecting, setPlaying, player, now, chosen]);
  const loopPosture = useCallback(
    (more = false) => {
      const { stage: seen, choices: c } = now();
      if (c.loop && !more) {
        change({ loop: null });
        return;
      }
      if (c.loop) {
        if (seen.next_until) change({ loop: { ...c.loop, until: seen.next_until } });
        return;
      }
      const posture = postureAt(seen, here());
      if (posture) change({ loop: { from: posture.first.key, until: posture.last.key } });
    },
    [change, here, now],
  );
  const onward = useCallback(() => {
    const voice = player();
    const { choices: c } = now();
    if (!voice) return;
    if (voice.holding) void toggle();
    else if (c.led || voice.playing) step(1, "posture");
    else void toggle();
  }, [step, toggle, player, now]);
  const restart = useCallback(
    () => to(now().stage.spans.find((s) => s.key !== COUNT_IN)?.key ?? ""),
    [now, to],
  );
  return useMemo(
    () => ({ step, restart, again, correct, loopPosture, onward }),
    [step, restart, again, correct, loopPosture, onward],
  );
}
