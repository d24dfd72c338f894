import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Mic, Play, Square, Trash2 } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { Link, useParams } from "react-router";
import {
  type Booth,
  type BoothLine,
  call,
  type Job,
  type SessionView,
  sentence,
  type TakeView,
} from "../shared/api";
import { Check } from "../shared/Check";
import { clock, plural, seconds } from "../shared/format";
import { KeysDialog } from "../shared/KeysDialog";
import { BOOTH_KEYS } from "../shared/keys";
import { Waiting } from "../shared/Shell";
import { followed, made } from "../shared/useJob";
import { type Keys, useKeys } from "../shared/useKeys";
import { type Recording, record, simulate } from "./microphone";

interface Sorted {
  taken: TakeView[];
  strange: string[];
  refused: string[];
}

/** The booth: the instructor speaks the lines of a session, one after another. */
export default function BoothPage() {
  const { id = "" } = useParams();
  const cache = useQueryClient();
  const session = useQuery({
    queryKey: ["sessions", id],
    queryFn: () => call<SessionView>(`sessions/${id}`),
    gcTime: 0,
  });
  const booth = useQuery({
    queryKey: ["booth", id],
    queryFn: () => call<Booth>(`sessions/${id}/booth`),
    gcTime: 0,
  });
  const [chosen, setChosen] = useState("");
  const [onlyMissing, setOnlyMissing] = useState(false);
  const [simulated, setSimulated] = useState(!navigator.mediaDevices);
  const [told, setTold] = useState("");
  const all = booth.data?.lines ?? [];
  const lines = onlyMissing ? all.filter((x) => !x.own || x.text === chosen) : all;
  const line = all.find((x) => x.text === chosen) ?? all.find((x) => !x.own) ?? all[0];
  const takes = useQuery({
    queryKey: ["takes", line?.text, booth.dataUpdatedAt],
    queryFn: () => call<TakeView[]>(`takes?text=${encodeURIComponent(line?.text ?? "")}`),
    enabled: !!line,
  });
  const recording = useRef<Recording | null>(null);
  const [level, setLevel] = useState<{ level: number; ms: number } | null>(null);
  const here = useRef<HTMLLIElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the chosen line is kept in sight
  useEffect(() => {
    here.current?.scrollIntoView({ block: "nearest" });
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
      const take = await call<TakeView>(
        `sessions/${id}/takes?text=${encodeURIComponent(line.text)}`,
        "POST",
        form,
      );
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
  const hear = (take: TakeView | undefined) => take && void new Audio(`/api/takes/${take.number}.wav`).play();
  const files = async (chosenFiles: FileList | null) => {
    if (!chosenFiles?.length) return;
    const form = new FormData();
    for (const f of chosenFiles) form.append("files", f);
    try {
      const begun = await call<Job>(`sessions/${id}/take-files`, "POST", form);
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
    KeyH: () => hear(takes.data?.[0]),
  };
  useKeys({ Space: () => void toggle(), ...(level ? {} : walking) }, {}, "*");

  const error = session.error ?? booth.error;
  if (!booth.data || !session.data) return <Waiting error={error && sentence(error)} />;
  const left = line ? line.may_ms - (level?.ms ?? 0) : 0;
  return (
    <div data-booth={all.length} data-missing={booth.data.missing}>
      <div className="mb-3 flex flex-wrap items-end gap-x-4 gap-y-1">
        <h1 className="min-w-64 flex-1 truncate text-3xl">The booth: {session.data.body.title}</h1>
        <KeysDialog keys={BOOTH_KEYS} title="booth" />
        <Link className="btn btn-sm" to={`/desk/${id}`}>
          Cue desk
        </Link>
        <Link className="btn btn-sm" to={`/sessions/${id}`}>
          The session
        </Link>
      </div>
      {all.length === 0 && <p className="quiet">Nothing is said in this session yet.</p>}
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
                : `may take ${seconds(line.may_ms)}`}
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
              Take from files
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
              {told}
            </p>
          )}
          {takes.data && takes.data.length > 0 && (
            <ul className="flex flex-wrap gap-2 text-sm" data-takes={takes.data.length}>
              {takes.data.map((t, i) => (
                <li key={t.number} className="flex items-center gap-1 rounded-field bg-base-200 px-2">
                  {i === 0 ? <b>Heard</b> : "Earlier"} {seconds(t.ms)}
                  <button
                    type="button"
                    className="btn btn-ghost btn-xs btn-square"
                    aria-label={`Hear take ${i + 1}`}
                    onClick={() => hear(t)}
                  >
                    <Play size={14} />
                  </button>
                  <button
                    type="button"
                    className="btn btn-ghost btn-xs btn-square"
                    aria-label={`Put take ${i + 1} away`}
                    onClick={() => void call(`takes/${t.number}`, "DELETE").then(changed)}
                  >
                    <Trash2 size={14} />
                  </button>
                </li>
              ))}
            </ul>
          )}
        </section>
      )}
      {all.length > 0 && (
        <>
          <Check name="only those still to record" on={onlyMissing} onChange={setOnlyMissing} />
          <ol className="grid max-h-[46vh] overflow-y-auto rounded-box border border-base-300 bg-base-100">
            {lines.map((x) => (
              <Line
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

function Line({
  line,
  chosen,
  onChoose,
  place,
}: {
  line: BoothLine;
  chosen: boolean;
  onChoose: (text: string) => void;
  place: React.RefObject<HTMLLIElement | null> | undefined;
}) {
  const over = line.own && line.now_ms > line.may_ms;
  return (
    <li ref={place}>
      <button
        type="button"
        aria-current={chosen}
        className={`grid w-full grid-cols-[3.5rem_5.5rem_1fr_9rem] items-center gap-2 px-3 py-1 text-left ${chosen ? "bg-base-200 font-semibold" : ""}`}
        onClick={() => onChoose(line.text)}
      >
        <span className="quiet text-right text-sm">{clock(line.at_ms)}</span>
        <span className={`text-sm ${line.own ? "" : "quiet"}`}>{line.own ? "own voice" : "to record"}</span>
        <span className="truncate">{line.text}</span>
        <span className={`text-right text-sm ${over ? "text-error" : "quiet"}`}>
          {seconds(line.now_ms)} of {seconds(line.may_ms)}
        </span>
      </button>
    </li>
  );
}
