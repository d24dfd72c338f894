/** Keys of a page, heard wherever one is on it: never behind an open dialog, and never in the place of what is typed. */
import { useEffect, useRef } from "react";
import { pressed } from "./keys";

export type Keys = Record<string, (() => void) | undefined>;

const TYPED = "input:not([type=range], [type=checkbox], [type=radio]), textarea, select";

/**
 * `keys`: by what is pressed. `anywhere`: keys that work while one types, too. A button or link that has the focus keeps Enter and
 * the space bar for itself, unless `ours` (a selector) says that it is one of the page's own.
 */
export function useKeys(keys: Keys, anywhere: Keys = {}, ours = "[data-own-keys]"): void {
  const latest = useRef({ keys, anywhere, ours });
  latest.current = { keys, anywhere, ours };
  useEffect(() => {
    const listen = (e: KeyboardEvent) => {
      if (e.defaultPrevented || document.querySelector("dialog[open]")) return;
      const at = e.target instanceof HTMLElement ? e.target : null;
      const key = pressed(e);
      const now = latest.current;
      const pressing = (key === "Enter" || key === "Space") && at?.matches("button, a, summary");
      if (pressing && !at?.matches(now.ours)) return;
      // A slider that has the focus is moved by its own keys.
      if (at?.matches("input[type=range]") && /^(?:Arrow|Home|End|Page)/.test(key)) return;
      const work = now.anywhere[key] ?? (at?.matches(TYPED) ? undefined : now.keys[key]);
      if (!work) return;
      e.preventDefault();
      work();
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  }, []);
}
