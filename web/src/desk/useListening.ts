import { useEffect, useRef, useState } from "react";
import type { Session, Stage } from "../shared/api";
import { Player } from "../stage/player";

/** Plays the practice from a place, with the place that is heard. */
export function useListening(stage: Stage | undefined, speech: Session["speech"] | undefined) {
  const player = useRef<Player | null>(null);
  const [heard, setHeard] = useState<number | null>(null);
  useEffect(() => () => player.current?.close(), []);
  useEffect(() => {
    if (heard === null) return;
    const timer = window.setInterval(
      () => setHeard(player.current?.playing ? player.current.position() : null),
      200,
    );
    return () => window.clearInterval(timer);
  }, [heard]);
  const toggle = async (from: number) => {
    if (player.current?.playing) {
      player.current.pause();
      setHeard(null);
      return;
    }
    if (!stage || !speech) return;
    player.current?.close();
    const made = new Player([...stage.sounds], stage.total_ms, speech, () => setHeard(null));
    player.current = made;
    await made.seek(from);
    await made.play();
    setHeard(made.position());
  };
  return { heard, toggle: (from: number) => void toggle(from) };
}
