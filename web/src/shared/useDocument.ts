/**
 * A form or a session being edited. What is typed lives in `body` and is never overwritten by an answer;
 * saving follows by itself, and undo and redo are the server's. Whatever changes the document on the server goes one
 * after the other, in the order in which it was asked for.
 */
import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { ApiError, callAny, type DocumentView, type Kind, type Problem, sentence } from "./api";
import { repeatable } from "./newId";

const TYPING_MS = 700;
const RETRY_MS = 3000;

export type Saving = "saved" | "waiting" | "saving" | "refused" | "offline" | "trouble" | "conflict";

export interface Editing<Body, Derived> {
  view: DocumentView<Body, Derived>;
  body: Body;
  saving: Saving;
  problems: Problem[];
  message: string;
  /** Change the body. `typing` waits for a pause before it saves. */
  edit: (change: Change<Body>, how?: "typing") => void;
  /** Save now what waits. */
  flush: () => void;
  /** Let the server change the document (after saving what waits), and take what it answers. */
  ask: (what: string, more?: object | FormData) => Promise<void>;
  undo: () => void;
  redo: () => void;
  /** After a conflict: keep what is here, or take what was saved elsewhere. */
  keepMine: () => void;
  takeTheirs: () => void;
}

type Change<Body> = (body: Body) => Body;

interface Here<Body> {
  body: Body;
  /** The body as it was last written or answered: what is not this is not saved. */
  saved: Body;
  version: number;
  /** Whether a write is under way. */
  busy: boolean;
  /** Whether it was changed elsewhere: nothing is sent until it is settled which of the two stays. */
  conflict: boolean;
  /** The changes made while the server is asked for one. */
  meanwhile: Change<Body>[] | null;
  /** The last of what was asked of the server. */
  asked: Promise<void>;
}

export function useDocument<Body, Derived>(
  kind: Kind,
  first: DocumentView<Body, Derived>,
): Editing<Body, Derived> {
  const cache = useQueryClient();
  const path = `${kind}/${first.id}` as const;
  const [view, setView] = useState(first);
  const [body, setBody] = useState(first.body);
  const [saving, setSaving] = useState<Saving>("saved");
  const [problems, setProblems] = useState<Problem[]>([]);
  const [message, setMessage] = useState("");
  const now = useRef<Here<Body>>({
    body: first.body,
    saved: first.body,
    version: first.version,
    busy: false,
    conflict: false,
    meanwhile: null,
    asked: Promise.resolve(),
  });
  const timer = useRef<number | undefined>(undefined);

  const hold = useCallback((body: Body) => {
    now.current.body = body;
    setBody(body);
  }, []);

  /** Take what follows from an answer; its body is what is saved now. */
  const adopt = useCallback(
    (answer: DocumentView<Body, Derived>) => {
      now.current.version = answer.version;
      now.current.saved = answer.body;
      setView(answer);
      cache.setQueryData([kind, answer.id], answer);
      cache.removeQueries({ queryKey: ["cues"] });
      cache.removeQueries({ queryKey: ["stage"] });
    },
    [cache, kind],
  );

  const fail = useCallback((error: unknown): number => {
    const status = error instanceof ApiError ? error.status : 0;
    setMessage(sentence(error));
    setProblems(error instanceof ApiError ? error.problems : []);
    now.current.conflict = status === 409;
    setSaving(status === 409 ? "conflict" : status >= 500 ? "trouble" : status ? "refused" : "offline");
    return status;
  }, []);

  /** Send what is not saved yet; true if afterwards all is. */
  const save = useCallback(async (): Promise<boolean> => {
    const here = now.current;
    window.clearTimeout(timer.current);
    if (here.busy || here.conflict) return false;
    here.busy = true;
    try {
      while (here.body !== here.saved) {
        setSaving("saving");
        const { version, body } = here;
        const answer = await callAny<DocumentView<Body, Derived>>(path, "PUT", { version, body });
        adopt(answer);
        if (here.body === body) hold(answer.body);
      }
      setSaving("saved");
      setProblems([]);
      setMessage("");
      return true;
    } catch (error) {
      const status = fail(error);
      if (status === 0 || status >= 500) timer.current = window.setTimeout(() => void save(), RETRY_MS);
      return false;
    } finally {
      here.busy = false;
    }
  }, [adopt, fail, hold, path]);

  const edit = useCallback(
    (change: Change<Body>, how?: "typing") => {
      const here = now.current;
      const again = repeatable(change);
      const changed = again(here.body);
      if (changed === here.body) return;
      here.meanwhile?.push(again);
      hold(changed);
      setSaving((s) => (s === "conflict" ? s : "waiting"));
      window.clearTimeout(timer.current);
      timer.current = window.setTimeout(() => void save(), how === "typing" ? TYPING_MS : 0);
    },
    [hold, save],
  );

  const ask = useCallback(
    (what: string, more: object | FormData = {}) => {
      const here = now.current;
      const send = async () => {
        while (here.busy || here.body !== here.saved) {
          if (here.busy) await new Promise((done) => window.setTimeout(done, 20));
          else if (!(await save())) return;
        }
        here.busy = true;
        const meanwhile: Change<Body>[] = [];
        here.meanwhile = meanwhile;
        try {
          const { version } = here;
          if (more instanceof FormData) more.set("version", String(version));
          const sent = more instanceof FormData ? more : { version, ...more };
          const answer = await callAny<DocumentView<Body, Derived>>(`${path}/${what}`, "POST", sent);
          adopt(answer);
          // What was changed since it was asked is done again to what came of it.
          hold(meanwhile.reduce((body, change) => change(body), answer.body));
        } catch (error) {
          fail(error);
        } finally {
          here.busy = false;
          here.meanwhile = null;
          if (meanwhile.length) void save();
        }
      };
      here.asked = here.asked.then(send);
      return here.asked;
    },
    [adopt, fail, hold, path, save],
  );

  const settle = useCallback(
    async (mine: boolean) => {
      let theirs: DocumentView<Body, Derived>;
      try {
        theirs = await callAny<DocumentView<Body, Derived>>(path);
      } catch (error) {
        setMessage(sentence(error));
        return;
      }
      now.current.conflict = false;
      adopt(theirs);
      if (!mine) hold(theirs.body);
      setProblems([]);
      setMessage("");
      if (mine) await save();
      else setSaving("saved");
    },
    [adopt, hold, path, save],
  );

  useEffect(() => {
    const unsaved = () => now.current.body !== now.current.saved;
    const leave = (event: BeforeUnloadEvent) => {
      // A field that takes what was typed when it is left is left now.
      if (document.activeElement instanceof HTMLElement) document.activeElement.blur();
      if (!unsaved()) return;
      void save();
      event.preventDefault();
    };
    window.addEventListener("beforeunload", leave);
    return () => {
      window.removeEventListener("beforeunload", leave);
      if (unsaved()) void save();
    };
  }, [save]);

  return {
    view,
    body,
    saving,
    problems,
    message,
    edit,
    flush: useCallback(() => void save(), [save]),
    ask,
    undo: useCallback(() => void ask("undo"), [ask]),
    redo: useCallback(() => void ask("redo"), [ask]),
    keepMine: useCallback(() => void settle(true), [settle]),
    takeTheirs: useCallback(() => void settle(false), [settle]),
  };
}
