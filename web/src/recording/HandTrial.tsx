import { useEffect, useRef, useState } from "react";
import { call, sentence } from "../shared/api";

const KEPT = "kemvo.hand_ms";
const USUAL_MS = 80;
const BEATS = 10;
const EVERY_MS = 1200;

/** How late this hand taps, in milliseconds; the usual value where it was not tried. */
export function handMs(): number {
  const kept = Number(window.localStorage.getItem(KEPT) ?? Number.NaN);
  return Number.isFinite(kept) ? kept : USUAL_MS;
}

/** A short trial: a ring closes evenly, one taps when it is closed; the middle of how late that was is taken off every tap. */
export function HandTrial({ onEnd }: { onEnd: () => void }) {
  const dialog = useRef<HTMLDialogElement>(null);
  const ring = useRef<HTMLDivElement>(null);
  const begun = useRef(0);
  const late = useRef<number[]>([]);
  const [count, setCount] = useState(0);
  const [found, setFound] = useState<number | null>(null);
  const [told, setTold] = useState("");
  useEffect(() => {
    dialog.current?.showModal();
    begun.current = performance.now();
    let frame = requestAnimationFrame(function step() {
      const share = ((performance.now() - begun.current) % EVERY_MS) / EVERY_MS;
      if (ring.current) ring.current.style.transform = `scale(${1 + 1.6 * (1 - share)})`;
      frame = requestAnimationFrame(step);
    });
    return () => cancelAnimationFrame(frame);
  }, []);
  const tap = () => {
    if (late.current.length >= BEATS) return;
    const since = (performance.now() - begun.current) % EVERY_MS;
    late.current.push(since > EVERY_MS / 2 ? since - EVERY_MS : since);
    setCount(late.current.length);
    if (late.current.length < BEATS) return;
    void call("recordings/hand-trial", "POST", { late_ms: late.current }).then(
      (answer) => setFound(answer.hand_ms),
      (error: unknown) => setTold(sentence(error)),
    );
  };
  return (
    <dialog
      ref={dialog}
      className="modal"
      aria-label="How late is my hand?"
      onClose={onEnd}
      onKeyDown={(e) => {
        if (e.key === "Enter" || e.key === " ") {
          if (e.target instanceof HTMLButtonElement) return;
          e.preventDefault();
          tap();
        }
      }}
    >
      <div className="modal-box max-w-md text-center">
        <h2 className="text-2xl">How late is my hand?</h2>
        <p className="my-2">
          Tap with Enter, the space bar or a finger each time the ring closes on the disc.
        </p>
        <button
          type="button"
          className="mx-auto flex h-56 w-56 items-center justify-center"
          aria-label="Tap"
          onPointerDown={(e) => {
            e.preventDefault();
            tap();
          }}
          onKeyDown={(e) => {
            if (e.key === "Enter" || e.key === " ") {
              e.preventDefault();
              tap();
            }
          }}
        >
          <span className="relative flex h-16 w-16 items-center justify-center rounded-full bg-primary/80">
            <span ref={ring} className="absolute inset-0 rounded-full border-3 border-accent" />
          </span>
        </button>
        <p role="status" className="min-h-12">
          {told}
          {found === null
            ? `${count} of ${BEATS}`
            : `Your hand is about ${Math.abs(found)} milliseconds ${found < 0 ? "early" : "late"}.`}
        </p>
        <div className="modal-action justify-center">
          {found !== null && (
            <button
              type="button"
              className="btn btn-primary"
              onClick={() => {
                window.localStorage.setItem(KEPT, String(found));
                dialog.current?.close();
              }}
            >
              Take it off every tap
            </button>
          )}
          <button type="button" className="btn" onClick={() => dialog.current?.close()}>
            Leave it at {handMs()} milliseconds
          </button>
        </div>
      </div>
    </dialog>
  );
}
