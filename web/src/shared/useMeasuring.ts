/** While the lengths of a voice are only estimated: has them measured, and tells when that is done. */
import { useEffect, useRef, useState } from "react";
import { call, type Job } from "./api";

const EVERY_MS = 400;
const ENDED = new Set(["done", "cancelled", "failed"]);

/** Answers with how far it is, 0 to 1; null when nothing is being measured. */
export function useMeasuring(id: string, estimated: number, onDone: () => void): number | null {
  const [progress, setProgress] = useState<number | null>(null);
  const done = useRef(onDone);
  done.current = onDone;
  const wanted = estimated > 0;
  useEffect(() => {
    if (!wanted) return;
    let live = true;
    const follow = async () => {
      try {
        let job = await call<Job>(`sessions/${id}/measure`, "POST");
        while (live && !ENDED.has(job.state)) {
          setProgress(job.progress);
          await new Promise((later) => window.setTimeout(later, EVERY_MS));
          job = await call<Job>(`jobs/${job.id}`);
        }
      } catch {
        // It stays estimated; the next look tries again.
      }
      if (live) {
        setProgress(null);
        done.current();
      }
    };
    void follow();
    return () => {
      live = false;
    };
  }, [id, wanted]);
  return wanted ? (progress ?? 0) : null;
}
