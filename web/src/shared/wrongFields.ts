/** How many fields hold something that could not be taken: a page must not say that all is saved while there are any. */
import { useEffect, useSyncExternalStore } from "react";

let wrong = 0;
const listeners = new Set<() => void>();

function change(by: number) {
  wrong += by;
  for (const tell of listeners) tell();
}

/** Count a field while it holds something that could not be taken. */
export function useWrong(now: boolean): void {
  useEffect(() => {
    if (!now) return;
    change(1);
    return () => change(-1);
  }, [now]);
}

/** How many such fields there are on the page. */
export function useWrongCount(): number {
  return useSyncExternalStore(
    (tell) => {
      listeners.add(tell);
      return () => listeners.delete(tell);
    },
    () => wrong,
  );
}
