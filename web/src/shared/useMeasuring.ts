/** While the lengths of a voice are only estimated: has them measured, and tells when that is done. */
import { useEffect, useRef, useState } from "react";
import { call, type Job } from "./api";
import { followed } from "./useJob";

/** Answers with how far it is, 0 to 1; null when nothing is being measured. */
export function useMeasuring(
  kind: "sessions" | "recordings",
  id: string,
  estimated: number,
  onDone: () => void,
): number | null {
  const [progress, setProgress] = useState<number | null>(null);
  const done = useRef(onDone);
  done.current = onDone;
  const wanted = estimated > 0;
  useEffect(() => {
    if (!wanted) return;
    let live = true;
    const follow = async () => {
      try {
        const begun = await call<Job>(`${kind}/${id}/measure`, "POST");
        await followed(
          begun,
          (job) => setProgress(job.progress),
          () => live,
        );
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
  }, [kind, id, wanted]);
  return wanted ? (progress ?? 0) : null;
}
