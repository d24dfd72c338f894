import { useEffect, useRef } from "react";
import { EVERYWHERE, type Key } from "./keys";

/** The keys of the page, opened by "?" (or F1 while typing) and closed by Esc. */
export function KeysDialog({ keys, title }: { keys: Key[]; title: string }) {
  const dialog = useRef<HTMLDialogElement>(null);
  useEffect(() => {
    const listen = (e: KeyboardEvent) => {
      const typing = e.target instanceof HTMLElement && e.target.matches("input, textarea, select");
      if (e.key === "F1" || (e.key === "?" && !typing)) {
        e.preventDefault();
        if (dialog.current?.open) dialog.current.close();
        else dialog.current?.showModal();
      }
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  }, []);
  return (
    <>
      <button
        type="button"
        className="btn btn-ghost btn-sm"
        aria-label="Show the keys"
        onClick={() => dialog.current?.showModal()}
      >
        <kbd className="kbd kbd-sm">?</kbd> Keys
      </button>
      <dialog ref={dialog} className="modal" aria-label={`Keys: ${title}`}>
        <div className="modal-box max-w-xl">
          <h2 className="mb-3 text-xl">Keys: {title}</h2>
          <dl className="grid grid-cols-[auto_1fr] items-center gap-x-5 gap-y-1.5">
            {[...keys, ...EVERYWHERE].map((k) => (
              <div key={k.shown} className="contents">
                <dt>
                  <kbd className="kbd kbd-sm whitespace-nowrap">{k.shown}</kbd>
                </dt>
                <dd>{k.does}</dd>
              </div>
            ))}
          </dl>
          <form method="dialog" className="modal-action">
            <button type="submit" className="btn">
              Close
            </button>
          </form>
        </div>
        <form method="dialog" className="modal-backdrop">
          <button type="submit" tabIndex={-1}>
            Close
          </button>
        </form>
      </dialog>
    </>
  );
}
