import { useQuery } from "@tanstack/react-query";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { useParams, useSearchParams } from "react-router";
import {
  call,
  filed,
  type PlaceLine,
  type Recording,
  type RecordingSheet,
  type RecordingView,
  sentence,
} from "../shared/api";
import { SaveTrouble } from "../shared/SaveState";
import { Waiting } from "../shared/Shell";
import { TabList } from "../shared/TabList";
import { useDocument } from "../shared/useDocument";
import { type Keys, useKeys } from "../shared/useKeys";
import { useTitle } from "../shared/useTitle";
import { WorkHead } from "../shared/WorkHead";
import { DeskFoot, Notices } from "./DeskFoot";
import { FilmedPanel } from "./FilmedPanel";
import { GiveBack } from "./GiveBack";
import { HandTrial, handMs } from "./HandTrial";
import { HowFilmed } from "./HowFilmed";
import { MarkScroll } from "./MarkScroll";
import { marked, unmarked } from "./marks";
import { RecordingHead } from "./RecordingHead";
import { TalkPanel } from "./TalkPanel";
import { useTaps } from "./useTaps";
import { Watch } from "./Watch";

const LEAVES = [
  { id: "marks", name: "Marks" },
  { id: "filmed", name: "How it was filmed" },
  { id: "talk", name: "Its own sound" },
  { id: "back", name: "Give back" },
] as const;
type Leaf = (typeof LEAVES)[number]["id"];

const POINTS_A_SECOND = 5;

/** The recording desk: where each posture is in a recording of the whole form. */
export default function RecordingPage() {
  const { id = "" } = useParams();
  const { data, error } = useQuery({
    queryKey: ["recordings", id],
    queryFn: () => call(`recordings/${id}`),
    staleTime: 0,
    gcTime: 0,
  });
  return data ? <RecordingDesk key={id} first={data} /> : <Waiting error={error && sentence(error)} />;
}

function RecordingDesk({ first }: { first: RecordingView }) {
  const doc = useDocument<Recording, RecordingSheet>("recordings", first);
  useTitle(doc.body.title || "Untitled recording");
  const { body: recording, edit, ask } = doc;
  const { derived: sheet } = doc.view;
  const media = useRef<HTMLVideoElement>(null);
  const [leaf, setLeaf] = useState<Leaf>("marks");
  const [playing, setPlaying] = useState(false);
  const [rate, setRate] = useState(1);
  const [moved, setMoved] = useState(0);
  const [chosenKey, setChosenKey] = useState("");
  const [trial, setTrial] = useState(false);
  const desk = useRef<HTMLDivElement>(null);
  // The keys are the desk's from the first moment on, and no longer those of the link that led here.
  useEffect(() => desk.current?.focus(), []);
  const points = Math.min(20_000, Math.max(10, Math.round((sheet.total_ms / 1000) * POINTS_A_SECOND)));
  const loudness = useQuery({
    queryKey: ["loudness", recording.media.sha256],
    queryFn: () => call(`recordings/${first.id}/loudness?points=${points}`),
    staleTime: Number.POSITIVE_INFINITY,
  });
  const post = useCallback(
    (taps: [number, string][], from_place: string, hand_ms: number) =>
      void ask("taps", { taps, from_place, hand_ms, speed: rate }),
    [ask, rate],
  );
  const taps = useTaps(sheet, handMs, post);
  const now = useCallback(() => (media.current?.currentTime ?? 0) * 1000, []);
  const chosen = sheet.places.find((p) => p.key === chosenKey);
  const firsts = useMemo(() => sheet.places.filter((p) => p.first), [sheet.places]);

  const seek = useCallback(
    (ms: number, aimed?: PlaceLine) => {
      const at = Math.min(sheet.total_ms, Math.max(0, ms));
      if (media.current) media.current.currentTime = at / 1000;
      taps.aim(aimed, at);
      setMoved((n) => n + 1);
    },
    [sheet.total_ms, taps.aim],
  );
  const choose = useCallback(
    (place: PlaceLine) => {
      setChosenKey(place.key);
      if (!media.current || media.current.paused) seek(place.start_ms, undefined);
    },
    [seek],
  );
  // A place that was asked for (from the cue desk) is gone to, and is what the next tap lands on.
  const [asked] = useSearchParams();
  const wanted = useRef(sheet.places.find((p) => p.key === asked.get("place")));
  const arrive = () => {
    const place = wanted.current;
    wanted.current = undefined;
    if (!place) return;
    setChosenKey(place.key);
    seek(place.start_ms - 3000, place);
  };
  const toggle = () => {
    const at = media.current;
    if (!at) return;
    if (at.paused) {
      if (!taps.aimed) taps.aim(undefined, now());
      void at.play();
    } else {
      at.pause();
      taps.send();
    }
  };
  const again = (place: PlaceLine | undefined) => {
    if (!place) return;
    setChosenKey(place.key);
    seek(place.start_ms - 4000, place);
    void media.current?.play();
  };
  const setMark = (place: PlaceLine, at_ms: number) => edit((r) => marked(r, place, at_ms), "typing");
  const nudge = (ms: number) => {
    if (!chosen) return;
    const mark = recording.marks.find((m) => m.place === chosen.key && m.edge === "start");
    const to = (mark?.at_ms ?? chosen.start_ms) + ms;
    setMark(chosen, to);
    if (media.current?.paused) media.current.currentTime = to / 1000;
    setMoved((n) => n + 1);
  };
  const unmark = () => chosen && edit((r) => unmarked(r, chosen));
  const walk = (by: 1 | -1) => {
    const at = firsts.findIndex((p) => p.key === chosenKey);
    const near = at >= 0 ? at + by : firsts.findLastIndex((p) => p.start_ms <= now()) + (by > 0 ? 1 : 0);
    const to = firsts[Math.min(firsts.length - 1, Math.max(0, near))];
    if (to) {
      setChosenKey(to.key);
      seek(to.start_ms);
    }
  };
  const faster = (by: number) => setRate((r) => Math.min(1.5, Math.max(0.5, Math.round((r + by) * 10) / 10)));
  const undo = () => {
    if (!taps.takeBack()) doc.undo();
  };

  const keys: Keys = {
    Space: toggle,
    Enter: () => taps.tap("posture", now()),
    KeyM: () => taps.tap("movement", now()),
    KeyS: () => taps.tap(taps.stopped ? "on" : "stopped", now()),
    ArrowLeft: () => seek(now() - 2000),
    ArrowRight: () => seek(now() + 2000),
    "Shift+ArrowLeft": () => seek(now() - 200),
    "Shift+ArrowRight": () => seek(now() + 200),
    ArrowUp: () => walk(-1),
    ArrowDown: () => walk(1),
    Comma: () => nudge(-40),
    Period: () => nudge(40),
    "Shift+Comma": () => nudge(-200),
    "Shift+Period": () => nudge(200),
    Backspace: unmark,
    Delete: unmark,
    Minus: () => faster(-0.1),
    Equal: () => faster(0.1),
    "Shift+Equal": () => faster(0.1),
    NumpadSubtract: () => faster(-0.1),
    NumpadAdd: () => faster(0.1),
    KeyN: () => again(sheet.places.find((p) => p.key === sheet.next?.key)),
    KeyG: () => again(chosen ?? firsts.findLast((p) => p.start_ms <= now())),
  };
  useKeys(keys, {}, "[data-place], [data-posture]");
  useEffect(() => {
    if (media.current) media.current.playbackRate = rate;
  }, [rate]);

  return (
    <div
      ref={desk}
      tabIndex={-1}
      className="outline-none"
      data-recording={sheet.marked}
      data-version={doc.view.version}
    >
      <RecordingHead doc={{ ...doc, undo }} postures={firsts.length} />
      <WorkHead kind="recordings" id={first.id} at="mark" stamp={doc.view.version} />
      <SaveTrouble doc={doc} />
      <Notices recording={recording} sheet={sheet} />
      <HowFilmed recording={recording} sheet={sheet} edit={edit} onOther={() => setLeaf("filmed")} />
      <div className="grid grid-cols-[minmax(0,1fr)] gap-4 lg:h-[calc(100vh-15rem)] lg:min-h-[34rem] lg:grid-cols-[minmax(0,1fr)_minmax(0,1.1fr)]">
        <Watch
          {...{ media, recording, sheet, taps, playing, rate, chosen }}
          id={first.id}
          now={now}
          onPlaying={setPlaying}
          onReady={arrive}
          onToggle={toggle}
          onRate={faster}
          onSeek={seek}
          onAgain={again}
          onUndo={undo}
          onTrial={() => setTrial(true)}
        />
        <div className="flex min-h-0 flex-col">
          <TabList label="Of the recording" tabs={LEAVES} chosen={leaf} onChoose={setLeaf} />
          <div role="tabpanel" className="h-[70vh] min-h-0 flex-none lg:h-auto lg:flex-1">
            {leaf === "marks" ? (
              <MarkScroll
                {...{ sheet, chosenKey, now, playing, moved }}
                loudness={loudness.data}
                pending={taps.pending}
                onChoose={choose}
                onSeek={seek}
              />
            ) : (
              <div className="h-full overflow-y-auto rounded-box border border-base-300 bg-base-100 p-4">
                {leaf === "filmed" && (
                  <FilmedPanel {...{ recording, sheet, edit, now }} onSlips={() => void ask("slips")} />
                )}
                {leaf === "talk" && (
                  <TalkPanel recording={recording} speech={loudness.data?.speech ?? []} edit={edit} />
                )}
                {leaf === "back" && <GiveBack id={first.id} recording={recording} sheet={sheet} />}
              </div>
            )}
          </div>
        </div>
      </div>
      <DeskFoot id={first.id} onFile={(what, file) => void ask(what, filed(file))} />
      {trial && <HandTrial onEnd={() => setTrial(false)} />}
    </div>
  );
}
