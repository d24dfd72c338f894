import { useQuery } from "@tanstack/react-query";
import { type KeyboardEvent, useEffect, useRef, useState } from "react";
import { call, type Movement } from "../shared/api";
import { GUESSED, ORIGINS } from "../shared/format";
import { pressed } from "../shared/keys";
import type { Body } from "../shared/paths";

const ASK_AFTER_MS = 200;

/** Which key puts which part of a reading right. */
const KEYS: Record<string, What> = {
  KeyS: "side",
  KeyW: "direction",
  KeyT: "touch",
  KeyZ: "size",
  KeyI: "toes",
  KeyO: "on",
  KeyG: "to",
  KeyP: "part",
  Delete: "gone",
  Backspace: "gone",
  KeyR: "read",
};
const NAMES: Record<string, string> = {
  side: "S",
  direction: "W",
  touch: "T",
  size: "Z",
  toes: "I",
  on: "O",
  to: "G",
  part: "P",
  gone: "Del",
};

interface LineSignsProps {
  formId: string;
  movement: Movement;
  /** A reading put right, or taken into all fields. */
  onRead: (read: Movement) => void;
}

type What = NonNullable<Body<"read/correct", "POST">["what"]>;

/** What Kemvo reads from a movement's words, as they are typed; signs are put right by key. */
export function LineSigns({ formId, movement, onRead }: LineSignsProps) {
  const [asked, setAsked] = useState(movement);
  const [chosen, setChosen] = useState(0);
  const list = useRef<HTMLUListElement>(null);
  const latest = useRef(movement);
  latest.current = movement;
  useEffect(() => {
    const waiting = window.setTimeout(() => setAsked(movement), ASK_AFTER_MS);
    return () => window.clearTimeout(waiting);
  }, [movement]);
  const { data } = useQuery({
    queryKey: ["read", asked],
    queryFn: () => call(`read/movement?form=${formId}`, "POST", asked),
    placeholderData: (before) => before,
  });

  const correct = async (no: number, what: What) => {
    const asked = { movement: latest.current, no, what };
    const answer = await call(`read/correct?form=${formId}`, "POST", asked);
    onRead(answer.movement);
  };
  const takeAll = async () =>
    onRead((await call(`read/movement?form=${formId}`, "POST", latest.current)).over);

  useEffect(() => {
    const listen = (e: globalThis.KeyboardEvent) => {
      const key = pressed(e);
      if (key === "Alt+KeyW") void takeAll();
      else if (key === "Alt+KeyC") list.current?.querySelector<HTMLElement>("button")?.focus();
      else return;
      e.preventDefault();
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  });

  const signs = movement.line.trim() && data?.movement.id === movement.id ? data.signs : [];
  const onKeyDown = (e: KeyboardEvent, no: number) => {
    const what = KEYS[e.code];
    if (e.key === "ArrowLeft" || e.key === "ArrowRight") {
      const buttons = list.current?.querySelectorAll<HTMLElement>("[data-sign]");
      buttons?.[no + (e.key === "ArrowLeft" ? -1 : 1)]?.focus();
    } else if (e.key === "Escape") {
      document.querySelector<HTMLElement>(`[data-row="movement:${movement.id}"][data-field="line"]`)?.focus();
    } else if (
      what &&
      !e.altKey &&
      !e.ctrlKey &&
      (what === "read" || signs[no]?.choices.some(([field]) => field === what))
    ) {
      void correct(no, what);
    } else return;
    e.preventDefault();
    e.stopPropagation();
  };

  return (
    <div className="grid gap-1.5" data-signs={signs.length}>
      <span className="quiet text-sm">
        Read from your text · <kbd className="kbd kbd-xs">Alt C</kbd> to put right
      </span>
      {signs.length ? (
        <ul className="flex flex-wrap gap-1" ref={list}>
          {signs.map((s, no) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a sign put right keeps its place, and the focus
            <li key={no}>
              <button
                type="button"
                data-sign={s.kind}
                data-origin={s.origin}
                className={`badge border-base-300 ${s.origin === "hand" ? "badge-neutral" : "badge-outline"}`}
                title={`“${movement.line.slice(s.start, s.end)}” · ${ORIGINS[s.origin]}`}
                onFocus={() => setChosen(no)}
                onKeyDown={(e) => onKeyDown(e, no)}
              >
                {s.origin === "guessed" && <span aria-hidden>{GUESSED} </span>}
                {s.words}
                {s.origin !== "read" && <span className="sr-only">, {ORIGINS[s.origin]}</span>}
              </button>
            </li>
          ))}
        </ul>
      ) : (
        <p className="text-sm">
          {movement.line.trim() ? "No foot, weight, turn or breath found." : "Nothing written yet."}
        </p>
      )}
      {signs[chosen] && (
        <div className="flex flex-wrap gap-1">
          {signs[chosen].choices.map(([what, words]) => (
            <button
              key={what}
              type="button"
              className="btn btn-xs font-normal"
              onClick={() => void correct(chosen, what)}
            >
              <kbd className="kbd kbd-xs">{NAMES[what]}</kbd> {words}
            </button>
          ))}
          {signs[chosen].origin === "hand" && (
            <button
              type="button"
              className="btn btn-xs font-normal"
              onClick={() => void correct(chosen, "read")}
            >
              <kbd className="kbd kbd-xs">R</kbd> use the original reading
            </button>
          )}
        </div>
      )}
    </div>
  );
}
