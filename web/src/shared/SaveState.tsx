import { Redo2, Undo2 } from "lucide-react";
import { useEffect } from "react";
import { plural, when } from "./format";
import { pressed } from "./keys";
import type { Editing } from "./useDocument";
import { useWrongCount } from "./wrongFields";

const SAID: Record<Editing<unknown, unknown>["saving"], string> = {
  saved: "Saved",
  waiting: "Not saved yet",
  saving: "Saving…",
  refused: "Not saved: something needs fixing",
  offline: "Not saved: Kemvo cannot be reached, trying again",
  trouble: "Not saved: Kemvo has trouble, trying again",
  conflict: "Not saved: changed somewhere else",
};

/** What is told of a document's saving, whatever is in it. */
type Saved = Omit<Editing<unknown, unknown>, "edit" | "body">;

/**
 * Whether all is saved, undo and redo, and what to do when it could not be saved. `quiet`: the keys belong to another document on
 * the page.
 */
export function SaveState({ doc, quiet }: { doc: Saved; quiet?: boolean }) {
  const { undo, redo } = doc;
  const wrong = useWrongCount();
  useEffect(() => {
    if (quiet) return;
    const listen = (e: KeyboardEvent) => {
      const key = pressed(e);
      if (key === "Ctrl+KeyZ") undo();
      else if (key === "Ctrl+Shift+KeyZ" || key === "Ctrl+KeyY") redo();
      else return;
      e.preventDefault();
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  }, [undo, redo, quiet]);
  return (
    <div className="flex items-center gap-1 text-sm">
      <span
        role="status"
        data-saving={doc.saving}
        title={`Last saved ${when(doc.view.saved)}`}
        className={`px-1 ${doc.saving === "saved" || doc.saving === "waiting" || doc.saving === "saving" ? (wrong ? "font-semibold" : "quiet") : "text-error font-semibold"}`}
      >
        {wrong ? `${SAID[doc.saving]}, but for ${plural(wrong, "value")} not taken` : SAID[doc.saving]}
      </span>
      <button
        type="button"
        className="btn btn-ghost btn-sm btn-square"
        aria-label="Undo"
        title="Undo (Ctrl Z)"
        onClick={undo}
        disabled={!doc.view.can_undo && doc.saving === "saved"}
      >
        <Undo2 size={17} />
      </button>
      <button
        type="button"
        className="btn btn-ghost btn-sm btn-square"
        aria-label="Redo"
        title="Redo (Ctrl Shift Z)"
        onClick={redo}
        disabled={!doc.view.can_redo || doc.saving !== "saved"}
      >
        <Redo2 size={17} />
      </button>
    </div>
  );
}

/** The sentences about what could not be saved, with both ways out of a conflict. */
export function SaveTrouble({ doc }: { doc: Saved }) {
  if (doc.saving === "conflict")
    return (
      <div role="alert" className="alert alert-warning mb-3">
        <span>
          {doc.message} What you typed is still here. The other version can be found again with undo if you
          keep yours.
        </span>
        <div className="flex gap-2">
          <button type="button" className="btn btn-sm" onClick={doc.keepMine}>
            Keep mine
          </button>
          <button type="button" className="btn btn-sm" onClick={doc.takeTheirs}>
            Use the other version
          </button>
        </div>
      </div>
    );
  if (doc.saving !== "refused" && doc.saving !== "offline" && doc.saving !== "trouble") return null;
  return (
    <div role="alert" className="alert alert-error mb-3">
      <ul>
        {(doc.problems.length
          ? doc.problems.map((p) => `${p.where ? `${p.where}: ` : ""}${p.what} ${p.mend}`)
          : [doc.message]
        ).map((t) => (
          <li key={t}>{t}</li>
        ))}
      </ul>
    </div>
  );
}
