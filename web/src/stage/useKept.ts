/** Where one is in a practice, kept in this browser for after a reload. */
import { useEffect } from "react";
import type { Stage } from "../shared/api";
import { type Choices, type Kept, keptName } from "./choices";
import { placeAt } from "./places";

const KEEP_MS = 2000;

/** Keep it every two seconds, and when the page is left; `leaving` is what else is done then. */
export function useKept(
  id: string,
  now: () => { stage: Stage; choices: Choices },
  here: () => number,
  leaving: () => void,
): void {
  useEffect(() => {
    const keep = () => {
      const { place, share } = placeAt(now().stage, here());
      const { loop: _, ...kept } = now().choices;
      const row: Kept = { place, share, choices: { ...kept, loop: null }, when: Date.now() };
      localStorage.setItem(keptName(id), JSON.stringify(row));
    };
    const leave = () => {
      keep();
      leaving();
    };
    const timer = window.setInterval(keep, KEEP_MS);
    window.addEventListener("pagehide", leave);
    return () => {
      keep();
      window.clearInterval(timer);
      window.removeEventListener("pagehide", leave);
    };
  }, [id, now, here, leaving]);
}
