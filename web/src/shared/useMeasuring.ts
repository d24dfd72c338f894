/** While the lengths of a voice are only estimated: has them measured, and tells when that is done. */
import { useEffect, useRef, useState } from "react";
import { call } from "./api";
import { followed } from "./useJob";

const AGAIN_MS = 2000;

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
  // What is said may have changed meanwhile: as long as lengths are estimated, they are asked for again.
  const [round, setRound] = useState(0);
  // biome-ignore lint/correctness/useExhaustiveDependencies: every round asks once more
  useEffect(() => {
    if (!wanted) return;
    let live = true;
    const follow = async () => {
      try {
        const begun = await call(`${kind}/${id}/measure`, "POST");
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
        again = window.setTimeout(() => setRound((n) => n + 1), AGAIN_MS);
      }
    };
    let again = 0;
    void follow();
    return () => {
      live = false;
      window.clearTimeout(again);
    };
  }, [kind, id, wanted, round]);
  return wanted ? (progress ?? 0) : null;
}
