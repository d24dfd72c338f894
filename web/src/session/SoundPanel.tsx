import { Download } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { type Choices, call, type Job, type Session, sentence } from "../shared/api";
import { Check } from "../shared/Check";
import { NumberField } from "../shared/NumberField";

interface SoundPanelProps {
  id: string;
  session: Session;
  choices: Choices;
  edit: (change: (session: Session) => Session) => void;
  saved: boolean;
  empty: boolean;
}

/** The voice and what sounds beside it; and the sound file, the captions and the session file to save. */
export function SoundPanel({ id, session, choices, edit, saved, empty }: SoundPanelProps) {
  const { speech, sound } = session;
  return (
    <section className="rounded-box border-base-300 grid gap-3 border bg-base-100 p-3">
      <h2 className="text-lg">Voice and sound</h2>
      <div className="flex flex-wrap items-center gap-3">
        <select
          className="select select-sm w-auto"
          aria-label="Voice"
          value={speech.voice}
          onChange={(e) => edit((s) => ({ ...s, speech: { ...s.speech, voice: e.target.value } }))}
        >
          {!choices.voices.some((v) => v.id === speech.voice) && (
            <option value={speech.voice}>{speech.voice}</option>
          )}
          {choices.voices.map((v) => (
            <option key={v.id} value={v.id}>
              {v.title}
            </option>
          ))}
        </select>
        <label className="flex items-center gap-1 text-sm">
          <NumberField
            label="Speed of speech in words a minute, 80 to 300"
            className="!w-14"
            value={speech.wpm}
            least={80}
            most={300}
            whole
            onNumber={(wpm) => edit((s) => ({ ...s, speech: { ...s.speech, wpm } }))}
          />
          words a minute
        </label>
      </div>
      <div className="flex flex-wrap gap-4 text-sm">
        <Check
          name="breath tones"
          on={sound.breath_tones}
          onChange={(on) => edit((s) => ({ ...s, sound: { ...s.sound, breath_tones: on } }))}
        />
        <Check
          name="chime between passes"
          on={sound.chime}
          onChange={(on) => edit((s) => ({ ...s, sound: { ...s.sound, chime: on } }))}
        />
      </div>
      <Rendering id={id} ready={saved && !empty} />
      <div className="flex flex-wrap gap-2">
        <a className="btn btn-sm" href={`/api/sessions/${id}/captions.vtt`} download>
          <Download size={15} /> Captions (WebVTT)
        </a>
        <a className="btn btn-sm" href={`/api/sessions/${id}/captions.srt`} download>
          <Download size={15} /> Captions (SRT)
        </a>
        <a className="btn btn-sm" href={`/api/sessions/${id}/file`} download>
          <Download size={15} /> Session file
        </a>
      </div>
    </section>
  );
}

const ENDED = new Set(["done", "cancelled", "failed"]);

/** Makes the sound file, shows how far it is, and gives it to be saved. */
function Rendering({ id, ready }: { id: string; ready: boolean }) {
  const [job, setJob] = useState<Job | null>(null);
  const [told, setTold] = useState("");
  const events = useRef<EventSource | null>(null);
  useEffect(() => () => events.current?.close(), []);

  const start = async (ending: string) => {
    setTold("");
    try {
      const begun = await call<Job>(`sessions/${id}/render?ending=${ending}`, "POST");
      setJob(begun);
      events.current?.close();
      const source = new EventSource(`/api/jobs/${begun.id}/events`);
      events.current = source;
      source.onmessage = (e) => {
        const now: Job = JSON.parse(e.data);
        setJob(now);
        if (!ENDED.has(now.state)) return;
        source.close();
        if (now.problem) setTold(`${now.problem.what} ${now.problem.mend}`);
      };
    } catch (error) {
      setTold(sentence(error));
    }
  };
  const working = job !== null && !ENDED.has(job.state);
  return (
    <div className="grid gap-2">
      <div className="flex flex-wrap items-center gap-2">
        {["wav", "mp3"].map((ending) => (
          <button
            key={ending}
            type="button"
            className="btn btn-sm"
            disabled={working || !ready}
            onClick={() => void start(ending)}
          >
            Make {ending.toUpperCase()}
          </button>
        ))}
        {working && (
          <button
            type="button"
            className="btn btn-sm btn-ghost"
            onClick={() => void call(`jobs/${job.id}`, "DELETE")}
          >
            Stop
          </button>
        )}
        {job?.state === "done" && (
          <a className="btn btn-sm btn-primary" href={`/api/jobs/${job.id}/result`} download={job.filename}>
            <Download size={15} /> Save {job.filename}
          </a>
        )}
      </div>
      {working && (
        <progress
          className="progress progress-primary w-full"
          value={job.progress}
          max={1}
          aria-label="Making the sound file"
        />
      )}
      {job?.state === "cancelled" && <p className="quiet text-sm">Stopped. Nothing was written.</p>}
      {told && (
        <p role="alert" className="text-error text-sm">
          {told}
        </p>
      )}
    </div>
  );
}
