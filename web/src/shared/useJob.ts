/** Long work of the server, followed until it has ended: one way for all of it. */
import { useCallback, useEffect, useRef, useState } from "react";
import { ApiError, call, type Job, sentence } from "./api";

const ENDED = new Set(["done", "cancelled", "failed"]);

/** Follow a job; answers with it when it has ended. `onChange` is told every step, `live` says whether to go on. */
export function followed(first: Job, onChange: (job: Job) => void, live = () => true): Promise<Job> {
  onChange(first);
  return new Promise((done, failed) => {
    const source = new EventSource(`/api/jobs/${first.id}/events`);
    source.onmessage = (e) => {
      const now: Job = JSON.parse(e.data);
      if (live()) onChange(now);
      if (ENDED.has(now.state) || !live()) {
        source.close();
        done(now);
      }
    };
    source.onerror = () => {
      source.close();
      failed(new TypeError());
    };
  });
}

export interface Working {
  job: Job | null;
  working: boolean;
  /** What went wrong, in a sentence; empty where nothing did. */
  told: string;
  /** Begin work and follow it; answers with the job when it is done, null when it failed or was stopped. */
  run: (begin: () => Promise<Job>) => Promise<Job | null>;
  stop: () => void;
}

/** One piece of long work of a component. It goes on when the component goes; only nobody is told. */
export function useJob(): Working {
  const [job, setJob] = useState<Job | null>(null);
  const [told, setTold] = useState("");
  const here = useRef(true);
  useEffect(() => {
    here.current = true;
    return () => {
      here.current = false;
    };
  }, []);
  const run = useCallback(async (begin: () => Promise<Job>) => {
    setTold("");
    setJob(null);
    try {
      const ended = await followed(await begin(), setJob, () => here.current);
      if (ended.problem) setTold(`${ended.problem.what} ${ended.problem.mend}`);
      return ended.state === "done" ? ended : null;
    } catch (error) {
      setJob(null);
      setTold(sentence(error));
      return null;
    }
  }, []);
  const stop = useCallback(() => {
    if (job) void call(`jobs/${job.id}`, "DELETE");
  }, [job]);
  return { job, working: job !== null && !ENDED.has(job.state), told, run, stop };
}

/** What a job made. */
export function made<T>(job: Job): T {
  if (job.made === null) throw new ApiError(500, [], "Nothing came of this. Try again.");
  return job.made as T;
}
