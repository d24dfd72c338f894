/**
 * A practice that runs and may be changed while it does. The rules (what is said when, what was said already, what could only be
 * late) are the server's: here it is kept where one is, what was begun, and the moment at which the changed practice takes over.
 */
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { type Live, type SessionView, type Stage, sentence } from "../shared/api";
import { type Choices, fetchStage, liveOf, PLANNED } from "./choices";
import { COUNT_IN, placeAt, postureEnd, timeOf } from "./places";
import { Player } from "./player";
import { RunRecord } from "./runRecord";
import { useKept } from "./useKept";
import { type Steps, useSteps } from "./useSteps";

const SOON_MS = 450;
const TRIES = 4;
const SLIPPED_MS = 40;

export interface Running extends Steps {
  stage: Stage;
  choices: Choices;
  playing: boolean;
  /** It waits at the end of a posture. */
  holding: boolean;
  /** It was paused for a word, and goes on from the beginning of its posture. */
  correcting: boolean;
  busy: boolean;
  told: string;
  /** What the present practice was asked with: another window asks for the same. */
  going: () => Live;
  position: () => number;
  look: () => void;
  /** Lengths that were estimated are known better now. */
  measured: () => void;
  toggle: () => void;
  change: (part: Partial<Choices>) => void;
  to: (place: string) => void;
}

interface Begun {
  stage: Stage;
  choices: Choices;
  place: string;
  share: number;
  /** What it was asked with and whether it played, where another window that led was closed: it goes on as it was. */
  taken?: { live: Live; playing: boolean } | undefined;
}

/** The practice of a session, from what was had first. */
export function useLive(session: SessionView, begun: Begun): Running {
  const id = session.id;
  const { speech } = session.body;
  const [stage, setStage] = useState(begun.stage);
  const [choices, setChoices] = useState(begun.choices);
  const [playing, setPlaying] = useState(false);
  const [holding, setHolding] = useState(false);
  const [correcting, setCorrecting] = useState(false);
  const [busy, setBusy] = useState(false);
  const [told, setTold] = useState("");
  const player = useRef<Player | null>(null);
  const record = useRef<RunRecord | null>(null);
  /** The newest of what was asked; whatever comes of an older one is too late. */
  const asked = useRef(0);
  const took = useRef(SOON_MS);
  /** What was said since one came to where one is, and from where in the present practice that is counted. */
  const said = useRef<{ cues: string[]; from: number }>({ cues: [], from: 0 });
  /** All that was said before. */
  const heard = useRef<ReadonlySet<string>>(new Set());
  /** The place was chosen while nothing played: the practice is worked out from there before it goes on. */
  const moved = useRef(!begun.taken && begun.place !== "");
  const now = useRef({ stage, choices });
  now.current = { stage, choices };

  const present = useCallback(() => now.current, []);
  const voice = useCallback(() => player.current, []);
  const chosen = useCallback(() => {
    moved.current = true;
  }, []);
  const here = useCallback(() => player.current?.position() ?? 0, []);
  const heardNow = useCallback(() => {
    const { cues, from } = said.current;
    return new Set([...heard.current, ...cues, ...(player.current?.begun(from, here()) ?? [])]);
  }, [here]);
  const stopNext = useCallback((made: Stage, c: Choices, at: number) => {
    if (player.current) player.current.stopAt = c.led ? postureEnd(made, at + 30) : null;
  }, []);
  const noteEnd = useCallback(() => record.current?.end(here()), [here]);

  const going = useRef<Live>(begun.taken?.live ?? liveOf(begun.choices, {}));
  const show = useCallback((made: Stage, live: Live) => {
    going.current = live;
    now.current = { ...now.current, stage: made };
    setStage(made);
  }, []);

  /** Stand, or play on, at the place a practice begins with. */
  const arrive = useCallback(
    async (made: Stage, live: Live, at: number, play: boolean) => {
      const voice = player.current;
      if (!voice) return;
      noteEnd();
      heard.current = heardNow();
      said.current = { cues: [], from: at };
      show(made, live);
      voice.stopAt = null;
      await voice.change([...made.sounds], made.total_ms, speech, at);
      stopNext(made, now.current.choices, at);
      setHolding(false);
      setCorrecting(false);
      moved.current = false;
      if (play && !voice.playing) await voice.play();
      setPlaying(voice.playing);
      if (voice.playing) record.current?.begin(made, live, at);
    },
    [heardNow, noteEnd, show, speech, stopNext],
  );

  /** Where one is on the way to. */
  const pending = useRef<{ place: string; play: boolean } | null>(null);
  const ask = useCallback(async (work: (mine: () => boolean) => Promise<void>) => {
    const no = ++asked.current;
    setBusy(true);
    setTold("");
    try {
      await work(() => no === asked.current);
    } catch (error) {
      if (no === asked.current) setTold(sentence(error));
    }
    if (no === asked.current) setBusy(false);
  }, []);

  /** Go to a place; with still time before it where one plays. */
  const go = useCallback(
    (place: string, c: Choices, play: boolean, counted = true) =>
      ask(async (mine) => {
        pending.current = { place, play };
        const live = liveOf(c, {
          place,
          count_in_ms: counted ? c.count_in_ms : 0,
          heard: [...heardNow()],
        });
        const made = await fetchStage(id, { live, view: c.view });
        if (!mine()) return;
        pending.current = null;
        await arrive(made, live, made.begin_ms, play);
      }),
    [arrive, ask, heardNow, id],
  );

  const ended = useRef<() => void>(() => {});
  ended.current = () => {
    const { choices: c } = now.current;
    if (c.loop) void go(c.loop.from, c, true);
    else {
      noteEnd();
      setPlaying(false);
    }
  };

  // biome-ignore lint/correctness/useExhaustiveDependencies: one player for the life of the page
  useEffect(() => {
    const first = begun.stage;
    const made = new Player(
      [...first.sounds],
      first.total_ms,
      speech,
      () => ended.current(),
      () => {
        noteEnd();
        setPlaying(false);
        setHolding(true);
      },
    );
    const at = begun.place ? timeOf(first, begun.place, begun.share) : null;
    if (at !== null) void made.seek(at);
    made.muted = begun.choices.silent;
    player.current = made;
    record.current = new RunRecord(id);
    if (begun.taken?.playing)
      void made.play().then(() => {
        setPlaying(made.playing);
        if (made.playing) record.current?.begin(first, going.current, made.position());
      });
    return () => {
      noteEnd();
      record.current?.close();
      made.close();
    };
  }, []);

  /** Take what was changed: at once where nothing plays, at a moment soon where it does. */
  const replan = useCallback(
    (c: Choices) => {
      // Where one is on the way to a place, that is what is worked out anew.
      if (pending.current) return go(pending.current.place, c, pending.current.play);
      return ask(async (mine) => {
        for (let n = 0; n < TRIES; n++) {
          const voice = player.current;
          if (!voice) return;
          const before = now.current.stage;
          const running = voice.playing;
          const ahead = running ? Math.max(SOON_MS, 1.5 * took.current) * (n + 1) : 0;
          const at = Math.min(before.total_ms, voice.position() + ahead);
          const cues = [...said.current.cues, ...voice.begun(said.current.from, at)];
          const counted = before.spans.find((s) => s.key === COUNT_IN);
          const inCount = counted && at < counted.end_ms;
          const live = liveOf(c, {
            ...placeAt(before, at),
            said: cues,
            heard: [...heard.current],
            busy_ms: running ? voice.busy(at) : 0,
            count_in_ms: inCount ? Math.max(0, Math.round(counted.end_ms - at)) : 0,
          });
          const sent = performance.now();
          const made = await fetchStage(id, { live, view: c.view });
          took.current = 0.5 * took.current + 0.5 * (performance.now() - sent);
          if (!mine()) return;
          if (!running || !voice.playing) {
            show(made, live);
            const stands = voice.holding;
            await voice.change([...made.sounds], made.total_ms, speech, made.begin_ms);
            voice.holding = stands;
            said.current = { cues, from: made.begin_ms };
            stopNext(made, c, made.begin_ms + (stands ? 60 : 0));
            return;
          }
          if (voice.position() > at + SLIPPED_MS) continue;
          while (voice.playing && voice.position() < at - 4)
            await new Promise((done) => window.setTimeout(done, Math.min(60, at - voice.position())));
          if (!mine() || !voice.playing) return;
          // Words that began since it was asked would be said again.
          if (
            voice.begun(said.current.from, voice.position()).length >
            cues.length - said.current.cues.length
          )
            continue;
          noteEnd();
          show(made, live);
          const begin = made.begin_ms + (voice.position() - at);
          said.current = { cues, from: begin };
          voice.stopAt = null;
          voice.swap([...made.sounds], made.total_ms, begin);
          stopNext(made, c, begin);
          record.current?.begin(made, live, begin);
          return;
        }
        setTold("This machine is too slow to change it while it plays; pause, then change it.");
      });
    },
    [ask, go, id, noteEnd, show, speech, stopNext],
  );

  const change = useCallback(
    (part: Partial<Choices>) => {
      const c = { ...now.current.choices, ...part };
      now.current = { ...now.current, choices: c };
      setChoices(c);
      player.current?.mute(c.silent);
      stopNext(now.current.stage, c, here());
      if (PLANNED.some((name) => name in part)) void replan(c);
    },
    [here, replan, stopNext],
  );

  const to = useCallback(
    (place: string) => {
      const voice = player.current;
      const { stage: seen, choices: c } = now.current;
      if (!voice) return;
      if (voice.playing) {
        void go(place, c, true);
        return;
      }
      // While nothing plays one looks around in what is here; it is worked out when it goes on.
      const at = timeOf(seen, place, 0);
      if (at === null) {
        void go(place, c, false);
        return;
      }
      voice.stopAt = null;
      moved.current = true;
      setHolding(false);
      setCorrecting(false);
      void voice.seek(at);
    },
    [go],
  );

  const toggle = useCallback(async () => {
    const voice = player.current;
    if (!voice) return;
    const { stage: seen, choices: c } = now.current;
    if (voice.playing) {
      noteEnd();
      voice.pause();
      setPlaying(false);
      void record.current?.send();
      return;
    }
    setPlaying(true);
    setHolding(false);
    setCorrecting(false);
    const over = voice.position() >= seen.total_ms;
    if (moved.current || over) {
      const { place } = placeAt(seen, over ? 0 : voice.position());
      const first = seen.spans.find((s) => s.key !== COUNT_IN)?.key;
      await go(c.loop && over ? c.loop.from : place === first ? "" : place, c, true);
      return;
    }
    const at = voice.position();
    voice.stopAt = c.led ? postureEnd(seen, at + 60) : null;
    await voice.play();
    setPlaying(voice.playing);
    if (voice.playing) record.current?.begin(seen, going.current, at);
  }, [go, noteEnd]);

  const leave = useCallback(() => {
    noteEnd();
    void record.current?.send();
  }, [noteEnd]);
  useKept(id, present, here, leave);
  const steps = useSteps({
    player: voice,
    now: present,
    chosen,
    here,
    go,
    to,
    toggle,
    change,
    noteEnd,
    setPlaying,
    setCorrecting,
  });

  return useMemo(
    () => ({
      stage,
      choices,
      playing,
      holding,
      correcting,
      busy,
      told,
      going: () => going.current,
      measured: () => void replan(now.current.choices),
      position: here,
      look: () => player.current?.look(),
      toggle: () => void toggle(),
      change,
      to,
      ...steps,
    }),
    [stage, choices, playing, holding, correcting, busy, told, here, toggle, change, to, steps, replan],
  );
}
