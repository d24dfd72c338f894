import { useQueryClient } from "@tanstack/react-query";
import { Link } from "react-router";
import { type Choices, type Session, upload } from "../shared/api";
import { Check } from "../shared/Check";
import { JobProgress } from "../shared/JobProgress";
import { Level } from "../shared/Level";
import { NumberField } from "../shared/NumberField";
import { speechAddress } from "../shared/speech";
import { made, useJob } from "../shared/useJob";

interface SoundPanelProps {
  id: string;
  session: Session;
  choices: Choices;
  edit: (change: (session: Session) => Session) => void;
}

/** The voice, and what sounds beside it. */
export function SoundPanel({ id, session, choices, edit }: SoundPanelProps) {
  const { speech, sound } = session;
  const bringing = useJob();
  const setSpeech = (part: Partial<Session["speech"]>) =>
    edit((s) => ({ ...s, speech: { ...s.speech, ...part } }));
  const setSound = (part: Partial<Session["sound"]>) =>
    edit((s) => ({ ...s, sound: { ...s.sound, ...part } }));
  const voice = `${speech.engine}|${speech.voice}`;
  const cache = useQueryClient();
  const bring = async (file: File) => {
    const job = await bringing.run(() => upload("brought-sounds", file));
    if (!job) return;
    await cache.invalidateQueries({ queryKey: ["choices"] });
    setSound({ background: "own", background_file: made<{ id: string }>(job).id });
  };
  return (
    <section className="rounded-box border-base-300 grid gap-3 border bg-base-100 p-3">
      <h2 className="text-lg">Voice and sound</h2>
      <div className="flex flex-wrap items-center gap-3">
        <select
          className="select select-sm w-auto max-w-56"
          aria-label="Voice"
          value={voice}
          onChange={(e) => {
            const [engine, name] = e.target.value.split("|");
            setSpeech({ engine: engine as Session["speech"]["engine"], voice: name ?? "" });
          }}
        >
          {!choices.voices.some((v) => `${v.engine}|${v.id}` === voice) && (
            <option value={voice}>{speech.voice}</option>
          )}
          {choices.voices.map((v) => (
            <option key={v.engine + v.id} value={`${v.engine}|${v.id}`}>
              {v.title}
            </option>
          ))}
        </select>
        <Sample speech={speech} />
        <label className="flex items-center gap-1 text-sm">
          <NumberField
            label="Speed of speech in words a minute, 80 to 300"
            className="!w-14"
            value={speech.wpm}
            of="SpeechChoice.wpm"
            whole
            onNumber={(wpm) => setSpeech({ wpm })}
          />
          words a minute
        </label>
      </div>
      <div className="flex flex-wrap items-center gap-4 text-sm">
        <Check
          name="my own voice where I recorded it"
          on={speech.takes}
          onChange={(takes) => setSpeech({ takes })}
        />
        <Link className="btn btn-xs" to={`/booth/${id}`}>
          The booth
        </Link>
      </div>
      <div className="flex flex-wrap gap-4 text-sm">
        <Check
          name="breath tones"
          on={sound.breath_tones}
          onChange={(on) => setSound({ breath_tones: on })}
        />
        <Check name="chime between passes" on={sound.chime} onChange={(on) => setSound({ chime: on })} />
      </div>
      <div className="flex flex-wrap items-center gap-2 text-sm">
        <select
          className="select select-sm w-auto max-w-56"
          aria-label="Background"
          value={sound.background === "own" ? `own|${sound.background_file}` : sound.background}
          onChange={(e) => {
            const [kind, file] = e.target.value.split("|");
            setSound({ background: kind as Session["sound"]["background"], background_file: file ?? "" });
          }}
        >
          {choices.backgrounds
            .filter((b) => b.id !== "own")
            .map((b) => (
              <option key={b.id} value={b.id}>
                {b.title}
              </option>
            ))}
          {choices.brought.map((b) => (
            <option key={b.id} value={`own|${b.id}`}>
              {b.title}
            </option>
          ))}
        </select>
        <label className="btn btn-sm">
          Add a sound file
          <input
            type="file"
            className="sr-only"
            accept=".wav,.flac,.ogg,.opus,.mp3,.m4a"
            aria-label="Add a sound file to go under it"
            onChange={(e) => {
              const file = e.target.files?.[0];
              e.target.value = "";
              if (file) void bring(file);
            }}
          />
        </label>
        {sound.background !== "none" && (
          <>
            <Level
              name="level, dB"
              value={sound.background_db}
              of="SoundChoice.background_db"
              onNumber={(n) => setSound({ background_db: n })}
            />
            <Level
              name="Lower under speech, dB"
              value={sound.duck_db}
              of="SoundChoice.duck_db"
              onNumber={(n) => setSound({ duck_db: n })}
            />
          </>
        )}
      </div>
      <JobProgress work={bringing} name="Bringing in the sound" />
      {bringing.job?.state === "done" && bringing.job.note && (
        <p role="status" className="text-sm">
          {bringing.job.note}
        </p>
      )}
    </section>
  );
}

const SAMPLE = "Sink into the right leg, and let the left foot float.";

/** A sentence in the chosen voice, to compare voices by ear. */
function Sample({ speech }: { speech: Session["speech"] }) {
  return (
    <button
      type="button"
      className="btn btn-sm"
      onClick={() => void new Audio(speechAddress(SAMPLE, { ...speech, takes: false })).play()}
    >
      Play sample
    </button>
  );
}
