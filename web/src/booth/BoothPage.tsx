import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Mic, Square } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { useParams } from "react-router";
import { call, sentence, type TakeView } from "../shared/api";
import { Check } from "../shared/Check";
import { clock, plural, seconds } from "../shared/format";
import { KeysDialog } from "../shared/KeysDialog";
import { BOOTH_KEYS } from "../shared/keys";
import { Waiting } from "../shared/Shell";
import { followed, made } from "../shared/useJob";
import { type Keys, useKeys } from "../shared/useKeys";
import { useTitle } from "../shared/useTitle";
import { WorkHead } from "../shared/WorkHead";
import { LineRow } from "./LineRow";
import { type Recording, record, simulate } from "./microphone";
import { TakeList } from "./TakeList";

interface Sorted {
  taken: TakeView[];
  strange: string[];
  refused: string[];
}

/** The booth: the instructor speaks the lines of a session (or of a recording), one after another. */
export default function BoothPage({ kind }: { kind: "sessions" | "recordings" }) {
  const { id = "" } = useParams();
  const cache = useQueryClient();
  const session = useQuery({
    queryKey: [kind, id],
    queryFn: () => call(`${kind}/${id}`),
    gcTime: 0,
  });
  const booth = useQuery({
    queryKey: ["booth", kind, id],
    queryFn: () => call(`${kind}/${id}/booth`),
    gcTime: 0,
  });
  const [chosen, setChosen] = useState("");
  useTitle(`Booth: ${session.data?.body.title ?? ""}`);
  const [onlyMissing, setOnlyMissing] = useState(false);
  const [simulated, setSimulated] = useState(!navigator.mediaDevices);
  const [told, setTold] = useState("");
  /** Takes put away since the page was opened: each can come back. */
  const [away, setAway] = useState<TakeView[]>([]);
  const all = booth.data?.lines ?? [];
  const lines = onlyMissing ? all.filter((x) => !x.own || x.text === chosen) : all;
  const line = all.find((x) => x.text === chosen) ?? all.find((x) => !x.own) ?? all[0];
  const takes = useQuery({
    queryKey: ["takes", line?.text, booth.dataUpdatedAt],
    queryFn: () => call(`takes?text=${encodeURIComponent(line?.text ?? "")}`),
    enabled: !!line,
  });
  const recording = useRef<Recording | null>(null);
  const [level, setLevel] = useState<{ level: number; ms: number } | null>(null);
  const here = useRef<HTMLLIElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the chosen line is kept in sight
  useEffect(() => {
    const row = here.current;
    const list = row?.parentElement;
    if (!row || !list) return;
    const top = row.offsetTop - list.offsetTop;
    if (top < list.scrollTop || top + row.offsetHeight > list.scrollTop + list.clientHeight)
      list.scrollTop = top - list.clientHeight / 3;
  }, [line?.text]);

  const changed = async () => {
    await booth.refetch();
    cache.removeQueries({ queryKey: ["cues"] });
    cache.removeQueries({ queryKey: ["stage"] });
  };
  const walk = (by: 1 | -1) => {
    const at = lines.findIndex((x) => x.text === line?.text);
    const to = lines[Math.min(lines.length - 1, Math.max(0, at + by))];
    if (to) setChosen(to.text);
  };
  const toggle = async () => {
    if (!line) return;
    setTold("");
    try {
      if (!recording.current) {
        const onLevel = (now: number, ms: number) => setLevel({ level: now, ms });
        setLevel({ level: 0, ms: 0 });
        recording.current = simulated ? await simulate(line.text, onLevel) : await record(onLevel);
        return;
      }
      const file = await recording.current.stop();
      recording.current = null;
      setLevel(null);
      const form = new FormData();
      form.append("file", file, "take.wav");
      const take = await call(`${kind}/${id}/takes?text=${encodeURIComponent(line.text)}`, "POST", form);
      const over = take.ms - line.may_ms;
      const noted = take.note ? `${take.note} ` : "";
      setTold(
        over > 0
          ? `${noted}It takes ${seconds(take.ms)}: ${seconds(over)} more than there is. Say it quicker, or give it more time at the cue desk.`
          : `${noted}It takes ${seconds(take.ms)}; there are ${seconds(line.may_ms)}.`,
      );
      setChosen(line.text);
      await changed();
    } catch (error) {
      recording.current = null;
      setLevel(null);
      const none = error instanceof DOMException;
      setTold(
        none
          ? "The microphone cannot be used. Allow it in the browser, or take the simulated one."
          : sentence(error),
      );
    }
  };
  const putAway = async (take: TakeView) => {
    await call(`takes/${take.number}`, "DELETE");
    setAway((list) => [...list, take]);
    setTold("The take is put away.");
    await changed();
  };
  const bringBack = async () => {
    const last = away.at(-1);
    if (!last) return;
    await call(`takes/${last.number}/bring-back`, "POST");
    setAway((list) => list.slice(0, -1));
    setChosen(last.text);
    setTold("The take is back.");
    await changed();
  };
  const hear = (take: TakeView | undefined) => take && void new Audio(`/api/takes/${take.number}.wav`).play();
  const files = async (chosenFiles: FileList | null) => {
    if (!chosenFiles?.length) return;
    const form = new FormData();
    for (const f of chosenFiles) form.append("files", f);
    try {
      const begun = await call(`${kind}/${id}/take-files`, "POST", form);
      const job = await followed(begun, () => setTold("Reading the files…"));
      if (job.problem) throw new Error(`${job.problem.what} ${job.problem.mend}`);
      const came = made<Sorted>(job);
      const strange = came.strange.length ? ` No line is called like ${came.strange.join(", ")}.` : "";
      setTold(`${plural(came.taken.length, "line")} taken from files.${strange} ${came.refused.join(" ")}`);
      await changed();
    } catch (error) {
      setTold(sentence(error));
    }
  };

  const walking: Keys = {
    ArrowDown: () => walk(1),
    ArrowUp: () => walk(-1),
    "Ctrl+KeyZ": () => void bringBack(),
    KeyH: () => hear(takes.data?.[0]),
  };
  useKeys({ Space: () => void toggle(), ...(level ? {} : walking) }, {}, "*");

  const error = session.error ?? booth.error;
  if (!booth.data || !session.data) return <Waiting error={error && sentence(error)} />;
  const left = line ? line.may_ms - (level?.ms ?? 0) : 0;
  return (
    <div data-booth={all.length} data-missing={booth.data.missing}>
      <div className="mb-3 flex flex-wrap items-end gap-x-4 gap-y-1">
        <h1 className="min-w-64 flex-1 truncate text-3xl">{session.data.body.title || "Untitled"}</h1>
        <KeysDialog keys={BOOTH_KEYS} title="booth" />
      </div>
      <WorkHead kind={kind} id={id} at="voice" stamp={`${session.data.version}/${booth.data.missing}`} />
      {all.length === 0 && <p className="quiet">Nothing is said here yet.</p>}
      {line && (
        <section
          className="mb-4 grid gap-3 rounded-box border border-base-300 bg-base-100 p-4"
          aria-label="Line to speak"
        >
          <p className="quiet flex justify-between text-sm">
            <span>
              {line.kind} · first at {clock(line.at_ms)} · {plural(line.times, "time")}
            </span>
            <span>
              {booth.data.missing} of {all.length} still to record
            </span>
          </p>
          <p className="font-name text-4xl leading-tight" data-line-text>
            {line.text}
          </p>
          <div className="relative h-4 overflow-hidden rounded-sm border border-base-300" aria-hidden="true">
            <div
              className={`h-full ${left < 0 ? "bg-error" : "bg-primary"}`}
              style={{ width: `${Math.min(100, (100 * (level?.ms ?? 0)) / Math.max(1, line.may_ms))}%` }}
            />
          </div>
          <div className="flex flex-wrap items-center gap-4">
            <button
              type="button"
              className={`btn ${level ? "btn-error" : "btn-primary"}`}
              onClick={() => void toggle()}
              data-recording={level !== null}
            >
              {level ? <Square size={18} /> : <Mic size={18} />} {level ? "Stop" : "Record"}{" "}
              <kbd className="kbd kbd-sm text-base-content">Space</kbd>
            </button>
            <span className="text-lg" data-left>
              {level
                ? `${seconds(Math.abs(left))} ${left < 0 ? "too long" : "left"}`
                : `time available: ${seconds(line.may_ms)}`}
            </span>
            <meter
              className="h-4 w-40"
              min={0}
              max={1}
              low={0.05}
              high={0.9}
              optimum={0.5}
              value={level?.level ?? 0}
              aria-label="Loudness"
            >
              {Math.round((level?.level ?? 0) * 100)} %
            </meter>
            <Check name="simulated microphone" on={simulated} onChange={setSimulated} />
            <label className="btn btn-sm">
              Import recordings
              <input
                type="file"
                multiple
                className="sr-only"
                accept=".wav,.flac,.ogg,.opus,.mp3,.m4a"
                aria-label="Sound files named after the lines"
                onChange={(e) => void files(e.target.files)}
              />
            </label>
            <span className="quiet text-sm">a file of this line: {line.file}.wav</span>
          </div>
          {told && (
            <p role="status" data-told>
              {told}{" "}
              {away.length > 0 && (
                <button type="button" className="btn btn-xs" onClick={() => void bringBack()}>
                  Bring it back
                </button>
              )}
            </p>
          )}
          <TakeList takes={takes.data ?? []} onHear={hear} onPutAway={(take) => void putAway(take)} />
        </section>
      )}
      {all.length > 0 && (
        <>
          <Check name="only lines not yet recorded" on={onlyMissing} onChange={setOnlyMissing} />
          <ol className="grid max-h-[46vh] overflow-y-auto rounded-box border border-base-300 bg-base-100">
            {lines.map((x) => (
              <LineRow
                key={x.text}
                line={x}
                chosen={x.text === line?.text}
                onChoose={setChosen}
                place={x.text === line?.text ? here : undefined}
              />
            ))}
          </ol>
        </>
      )}
    </div>
  );
}
