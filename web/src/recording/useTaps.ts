/** Taps made while watching: gathered, shown at once, and sent together, so that every breath of work is one step to undo. */
import { useCallback, useEffect, useRef, useState } from "react";
import type { PlaceLine, RecordingSheet } from "../shared/api";

export type TapKind = "posture" | "movement" | "stopped" | "on";
export interface PendingTap {
  at: number;
  kind: TapKind;
  /** The place it lands on; for "stopped", the one it ends. */
  place: PlaceLine | undefined;
}

const SEND_AFTER_MS = 5000;

export interface Taps {
  pending: readonly PendingTap[];
  /** What the next tap for a posture, and for a movement, lands on. */
  coming: PlaceLine | undefined;
  comingMovement: PlaceLine | undefined;
  stopped: boolean;
  /** Whether the next tap was let land on a posture by hand. */
  aimed: boolean;
  tap: (kind: TapKind, at: number) => void;
  /** Let the next tap land on a posture; without one, on what comes after the last mark before a moment. */
  aim: (place: PlaceLine | undefined, now: number) => void;
  /** Take the last tap back that is not sent yet; false when there is none. */
  takeBack: () => boolean;
  send: () => void;
}

export function useTaps(
  sheet: RecordingSheet,
  handMs: () => number,
  post: (taps: [number, TapKind][], fromPlace: string, handMs: number) => void,
): Taps {
  const { places } = sheet;
  const [next, setNext] = useState(0);
  const [aimed, setAimed] = useState(false);
  const [pending, setPending] = useState<PendingTap[]>([]);
  const waiting = useRef<PendingTap[]>([]);
  const from = useRef("");
  const timer = useRef<number | undefined>(undefined);

  const keep = useCallback((list: PendingTap[]) => {
    waiting.current = list;
    setPending(list);
  }, []);
  const send = useCallback(() => {
    window.clearTimeout(timer.current);
    const taps = waiting.current;
    if (!taps.length) return;
    keep([]);
    post(
      taps.map((t) => [t.at, t.kind]),
      from.current,
      handMs(),
    );
  }, [keep, post, handMs]);
  useEffect(() => () => window.clearTimeout(timer.current), []);
  // What was tapped is sent when one leaves.
  const leaving = useRef(send);
  leaving.current = send;
  useEffect(() => () => leaving.current(), []);

  const posture = places.slice(next).find((p) => p.first);
  const movement = places[next];
  const stopped = pending.at(-1)?.kind === "stopped";

  const tap = useCallback(
    (kind: TapKind, at: number) => {
      const lands = kind === "stopped" ? places[next - 1] : kind === "posture" ? posture : movement;
      if (!lands) return;
      if (!waiting.current.length) from.current = (kind === "stopped" ? places[next - 1] : lands)?.key ?? "";
      keep([...waiting.current, { at: Math.max(0, Math.round(at)), kind, place: lands }]);
      if (kind !== "stopped") setNext(places.indexOf(lands) + 1);
      setAimed(false);
      window.clearTimeout(timer.current);
      timer.current = window.setTimeout(send, SEND_AFTER_MS);
    },
    [keep, movement, next, places, posture, send],
  );
  const aim = useCallback(
    (place: PlaceLine | undefined, now: number) => {
      send();
      setAimed(!!place);
      if (place) {
        setNext(places.findIndex((p) => p.key === place.key));
        return;
      }
      // After the last mark, past what is surely over.
      const before = places.findLastIndex((p) => p.mark && p.start_ms <= now);
      const open = places.findIndex((p, i) => i > before && p.over_ms >= now);
      setNext(open < 0 ? places.length : open);
    },
    [places, send],
  );
  const takeBack = useCallback(() => {
    const last = waiting.current.at(-1);
    if (!last) return false;
    keep(waiting.current.slice(0, -1));
    if (last.kind !== "stopped" && last.place) setNext(places.findIndex((p) => p.key === last.place?.key));
    return true;
  }, [keep, places]);
  return { pending, coming: posture, comingMovement: movement, stopped, aimed, tap, aim, takeBack, send };
}
