import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { call, type Job, type Recording, type RecordingSheet, sentence } from "../shared/api";
import { size } from "../shared/format";
import { JobProgress } from "../shared/JobProgress";
import type { Body } from "../shared/paths";
import { useJob } from "../shared/useJob";

interface GiveBackProps {
  id: string;
  recording: Recording;
  sheet: RecordingSheet;
}

const SOUNDS = ["wav", "flac", "mp3", "m4a", "ogg"] as const;

/** The recording given back: with its voice, as sound alone, as captions and lists; and its file deleted alone. */
export function GiveBack({ id, recording, sheet }: GiveBackProps) {
  const work = useJob();
  const cache = useQueryClient();
  const [ready, setReady] = useState<{ id: string; filename: string } | null>(null);
  const [told, setTold] = useState("");
  const readyFrom = async (begin: () => Promise<Job>) => {
    setReady(null);
    const job = await work.run(begin);
    if (job) setReady({ id: job.id, filename: job.filename });
  };
  const make = (wish: Body<`recordings/${string}/give-back`, "POST">) =>
    readyFrom(() => call(`recordings/${id}/give-back`, "POST", wish));
  const deleteFile = async () => {
    try {
      const freed = await call(`recordings/${id}/media`, "DELETE");
      setTold(`${size(freed.bytes)} are free. Marks and words are kept.`);
      await cache.invalidateQueries({ queryKey: ["recordings"] });
    } catch (error) {
      setTold(sentence(error));
    }
  };
  const busy = work.working || !sheet.here;
  return (
    <div className="grid gap-5">
      <section className="grid gap-2">
        <h2 className="font-semibold">With its voice</h2>
        <div className="flex flex-wrap gap-2">
          {recording.media.picture && (
            <>
              <button type="button" className="btn btn-primary" disabled={busy} onClick={() => void make({})}>
                The film, its picture as it is
              </button>
              <button
                type="button"
                className="btn"
                disabled={busy}
                onClick={() => void make({ turned: true })}
              >
                A copy turned over
              </button>
            </>
          )}
          {SOUNDS.map((ending) => (
            <button
              key={ending}
              type="button"
              className="btn"
              disabled={busy}
              onClick={() => void make({ ending })}
            >
              Sound, {ending.toUpperCase()}
            </button>
          ))}
          <button
            type="button"
            className="btn"
            disabled={busy}
            onClick={() => void make({ ending: "wav", voice_only: true })}
          >
            The voice alone, WAV
          </button>
          {recording.media.picture && (
            <button
              type="button"
              className="btn"
              disabled={busy}
              onClick={() => void readyFrom(() => call(`recordings/${id}/takeaway`, "POST", {}))}
            >
              A page to lie beside the film, HTML
            </button>
          )}
        </div>
        <JobProgress work={work} name="Giving the recording back" />
        {ready && (
          <p role="status">
            <a className="link font-semibold" href={`/api/jobs/${ready.id}/result`} download data-ready>
              Save {ready.filename}
            </a>{" "}
            {work.job?.note}
          </p>
        )}
        <p className="quiet text-sm">
          The picture is copied without loss; captions and chapters are in it. For other players, save the
          captions beside it:
        </p>
        <p className="flex flex-wrap gap-2">
          {(["vtt", "srt"] as const).map((ending) => (
            <a key={ending} className="btn btn-sm" href={`/api/recordings/${id}/captions.${ending}`} download>
              Captions, {ending.toUpperCase()}
            </a>
          ))}
          <a className="btn btn-sm" href={`/api/recordings/${id}/cue-files/table`} download>
            Cue sheet, CSV
          </a>
          <a className="btn btn-sm" href={`/api/recordings/${id}/cue-sheet.pdf?reader=instructor`} download>
            Your sheet for a second take, PDF
          </a>
          <a className="btn btn-sm" href={`/api/recordings/${id}/cue-files/labels`} download>
            Labels
          </a>
          <Link className="btn btn-sm" to={`/recordings/${id}/cues`}>
            To its cues
          </Link>
        </p>
      </section>
      <section className="grid gap-2">
        <h2 className="font-semibold">Keep it elsewhere</h2>
        <p className="flex flex-wrap gap-2">
          <a className="btn btn-sm" href={`/api/recordings/${id}/packed.zip`} download>
            Marks and session, ZIP
          </a>
          <a className="btn btn-sm" href={`/api/recordings/${id}/packed.zip?media=true`} download>
            With the file itself ({size(recording.media.bytes)})
          </a>
        </p>
        <p className="flex flex-wrap items-center gap-3">
          <button
            type="button"
            className="btn btn-sm"
            disabled={!sheet.here}
            onClick={() => void deleteFile()}
          >
            Delete the file here ({size(recording.media.bytes)})
          </button>
          <span className="quiet text-sm">Marks and words stay; bring it in again when it is needed.</span>
        </p>
        {told && <p role="status">{told}</p>}
      </section>
    </div>
  );
}
