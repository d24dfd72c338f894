/**
 * Several windows on one practice, on one machine: the first leads and is heard, the others follow it by the machine's own clock,
 * and one of them takes over when it is closed.
 */
import { useCallback, useEffect, useRef, useState } from "react";
import type { Live } from "../shared/api";
import type { Choices } from "./choices";

const BEAT_MS = 200;
const GONE_MS = 1500;
const ASK_MS = 350;

/** How the leading window stands. */
export interface Beat {
  live: Live;
  choices: Choices;
  position: number;
  /** When that was (ms since 1970). */
  at: number;
  playing: boolean;
  holding: boolean;
}

/** What a window that follows may ask of the one that leads. */
export type Command =
  | { what: "toggle" | "again" | "correct" | "onward" | "restart" }
  | { what: "loop"; more: boolean }
  | { what: "step"; by: -1 | 1; over: "movement" | "posture" }
  | { what: "to"; place: string }
  | { what: "change"; part: Partial<Choices> };

type Message =
  | { kind: "who" }
  | { kind: "beat"; beat: Beat }
  | { kind: "bye" }
  | { kind: "command"; command: Command };

interface Windows {
  /** Whether this window leads; null while it is not known. */
  leads: boolean | null;
  /** How the leading window stood last, for one that follows. */
  beat: React.RefObject<Beat | null>;
  /** Grows with every change that a following window should look at. */
  changes: number;
  command: (command: Command) => void;
}

/** `state`: how this window stands, where it leads; `obey`: what it does when it is asked. */
export function useWindows(id: string, state: () => Beat | null, obey: (command: Command) => void): Windows {
  const [leads, setLeads] = useState<boolean | null>(null);
  const [changes, setChanges] = useState(0);
  const beat = useRef<Beat | null>(null);
  const channel = useRef<BroadcastChannel | null>(null);
  const latest = useRef({ state, obey, leads });
  latest.current = { state, obey, leads };

  useEffect(() => {
    const line = new BroadcastChannel(`kemvo.stage.${id}`);
    channel.current = line;
    let heard = 0;
    const say = (message: Message) => line.postMessage(message);
    const tell = () => {
      const now = latest.current.leads ? latest.current.state() : null;
      if (now) say({ kind: "beat", beat: now });
    };
    line.onmessage = ({ data }: MessageEvent<Message>) => {
      if (data.kind === "who") tell();
      if (data.kind === "command" && latest.current.leads) latest.current.obey(data.command);
      if (data.kind === "bye" && latest.current.leads === false) setLeads(true);
      if (data.kind === "beat" && !latest.current.leads) {
        heard = Date.now();
        const before = beat.current;
        beat.current = data.beat;
        if (latest.current.leads === null) setLeads(false);
        const other =
          !before ||
          before.playing !== data.beat.playing ||
          before.holding !== data.beat.holding ||
          JSON.stringify([before.live, before.choices]) !==
            JSON.stringify([data.beat.live, data.beat.choices]);
        if (other) setChanges((n) => n + 1);
      }
    };
    say({ kind: "who" });
    const first = window.setTimeout(() => latest.current.leads === null && setLeads(true), ASK_MS);
    const timer = window.setInterval(() => {
      tell();
      if (latest.current.leads === false && Date.now() - heard > GONE_MS) setLeads(true);
    }, BEAT_MS);
    const bye = () => latest.current.leads && say({ kind: "bye" });
    window.addEventListener("pagehide", bye);
    return () => {
      bye();
      window.clearTimeout(first);
      window.clearInterval(timer);
      window.removeEventListener("pagehide", bye);
      line.close();
    };
  }, [id]);

  const command = useCallback((asked: Command) => {
    channel.current?.postMessage({ kind: "command", command: asked } satisfies Message);
  }, []);
  return { leads, beat, changes, command };
}

/** Where the leading window is now. */
export function followed(beat: Beat | null, total: number): number {
  if (!beat) return 0;
  return Math.min(total, beat.position + (beat.playing ? Date.now() - beat.at : 0));
}
