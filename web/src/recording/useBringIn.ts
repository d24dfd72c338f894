/** A large file on its way in: piece by piece, so that a stop or a lost connection goes on where it was. */
import { useCallback, useRef, useState } from "react";
import { ApiError, call, type Job, sentence } from "../shared/api";
import { made, useJob, type Working } from "../shared/useJob";

const PIECE = 8 * 1024 * 1024;
const TRIES = 5;
const WAIT_MS = 1500;

export interface BringingIn {
  /** The share that is sent; null when nothing is. */
  sent: number | null;
  told: string;
  /** The work on what was sent. */
  work: Working;
  /** Bring a file in; answers with the id of its recording, or null. `begin`: what is made of it. */
  bring: (file: File, begin: (coming: string) => Promise<Job>) => Promise<string | null>;
  stop: () => void;
}

export function useBringIn(): BringingIn {
  const [sent, setSent] = useState<number | null>(null);
  const [told, setTold] = useState("");
  const stopped = useRef(false);
  const work = useJob();
  const { run } = work;

  const bring = useCallback(
    async (file: File, begin: (coming: string) => Promise<Job>) => {
      stopped.current = false;
      setTold("");
      setSent(0);
      try {
        const coming = await whole(file, setSent, () => stopped.current);
        setSent(null);
        if (!coming) {
          setTold("Stopped. Choose the same file to go on where it was.");
          return null;
        }
        const job = await run(() => begin(coming));
        if (!job) return null;
        if (job.note) setTold(job.note);
        return made<{ id: string }>(job).id;
      } catch (error) {
        setSent(null);
        setTold(`${sentence(error)} Choose the same file to go on where it was.`);
        return null;
      }
    },
    [run],
  );
  const stop = useCallback(() => {
    stopped.current = true;
    work.stop();
  }, [work.stop]);
  return { sent, told, work, bring, stop };
}

/** Send what is missing of a file; its number when all is there, "" when it was stopped. */
async function whole(file: File, onSent: (share: number) => void, stopped: () => boolean): Promise<string> {
  const about = { name: file.name.slice(0, 200), bytes: file.size, changed: file.lastModified };
  let here = await call("recordings/incoming", "POST", about);
  let failed = 0;
  while (here.received < here.bytes) {
    if (stopped()) return "";
    onSent(here.received / here.bytes);
    const at = here.received;
    try {
      const answer = await fetch(`/api/recordings/incoming/${here.id}?at=${at}`, {
        method: "PUT",
        body: file.slice(at, at + PIECE),
      });
      if (!answer.ok) {
        const says = await answer.json().catch(() => ({}));
        throw new ApiError(
          answer.status,
          says.problems ?? [],
          says.detail ?? "This file could not be taken in.",
        );
      }
      here = await answer.json();
      failed = 0;
    } catch (error) {
      failed += 1;
      if (failed > TRIES || error instanceof ApiError) throw error;
      await new Promise((done) => window.setTimeout(done, WAIT_MS));
      here = await call("recordings/incoming", "POST", about).catch(() => here);
    }
  }
  return here.id;
}
