/**
 * A form or a session being edited. What is typed lives in `body` and is never overwritten by an answer;
 * saving follows by itself, one write at a time, and undo and redo are the server's.
 */
import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { ApiError, call, type DocumentView, type Kind, type Problem, sentence } from "./api";

const TYPING_MS = 700;
const RETRY_MS = 3000;

export type Saving = "saved" | "waiting" | "saving" | "refused" | "offline" | "conflict";

export interface Editing<Body, Derived> {
  view: DocumentView<Body, Derived>;
  body: Body;
  saving: Saving;
  problems: Problem[];
  message: string;
  /** Change the body. `typing` waits for a pause before it saves. */
  edit: (change: (body: Body) => Body, how?: "typing") => void;
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

export function useDocument<Body, Derived>(
  kind: Kind,
  first: DocumentView<Body, Derived>,
): Editing<Body, Derived> {
  const cache = useQueryClient();
  const path = `${kind}/${first.id}`;
  const [view, setView] = useState(first);
  const [body, setBody] = useState(first.body);
  const [saving, setSaving] = useState<Saving>("saved");
  const [problems, setProblems] = useState<Problem[]>([]);
  const [message, setMessage] = useState("");
  const now = useRef({ body: first.body, saved: first.body, version: first.version, busy: false });
  const timer = useRef<number | undefined>(undefined);

  const adopt = useCallback(
    (answer: DocumentView<Body, Derived>, withBody: boolean) => {
      now.current.version = answer.version;
      if (withBody) {
        now.current.body = now.current.saved = answer.body;
        setBody(answer.body);
      }
      setView(answer);
      cache.setQueryData([kind, answer.id], answer);
      cache.removeQueries({ queryKey: ["cues"] });
      cache.removeQueries({ queryKey: ["stage"] });
    },
    [cache, kind],
  );

  /** Send what is not saved yet; true if afterwards all is. */
  const save = useCallback(async (): Promise<boolean> => {
    const here = now.current;
    window.clearTimeout(timer.current);
    if (here.busy) return false;
    here.busy = true;
    try {
      while (here.body !== here.saved) {
        setSaving("saving");
        const sent = here.body;
        const answer = await call<DocumentView<Body, Derived>>(path, "PUT", {
          version: here.version,
          body: sent,
        });
        here.saved = sent;
        adopt(answer, false);
      }
      setSaving("saved");
      setProblems([]);
      setMessage("");
      return true;
    } catch (error) {
      const status = error instanceof ApiError ? error.status : 0;
      setMessage(sentence(error));
      setProblems(error instanceof ApiError ? error.problems : []);
      setSaving(status === 409 ? "conflict" : status >= 400 && status < 500 ? "refused" : "offline");
      if (status === 0 || status >= 500) timer.current = window.setTimeout(() => void save(), RETRY_MS);
      return false;
    } finally {
      here.busy = false;
    }
  }, [adopt, path]);

  const edit = useCallback(
    (change: (body: Body) => Body, how?: "typing") => {
      const here = now.current;
      const changed = change(here.body);
      if (changed === here.body) return;
      here.body = changed;
      setBody(changed);
      setSaving((s) => (s === "conflict" ? s : "waiting"));
      window.clearTimeout(timer.current);
      timer.current = window.setTimeout(() => void save(), how === "typing" ? TYPING_MS : 0);
    },
    [save],
  );

  const ask = useCallback(
    async (what: string, more: object | FormData = {}) => {
      // A write that begins meanwhile is waited for too, so that what is asked is never dropped.
      do {
        while (now.current.busy) await new Promise((done) => window.setTimeout(done, 20));
        if (now.current.body !== now.current.saved && !(await save()) && !now.current.busy) return;
      } while (now.current.busy || now.current.body !== now.current.saved);
      try {
        const { version } = now.current;
        if (more instanceof FormData) more.set("version", String(version));
        adopt(
          await call(`${path}/${what}`, "POST", more instanceof FormData ? more : { version, ...more }),
          true,
        );
      } catch (error) {
        const status = error instanceof ApiError ? error.status : 0;
        setMessage(sentence(error));
        setProblems(error instanceof ApiError ? error.problems : []);
        setSaving(status === 409 ? "conflict" : status >= 400 && status < 500 ? "refused" : "offline");
      }
    },
    [adopt, path, save],
  );

  const settle = useCallback(
    async (mine: boolean) => {
      const theirs = await call<DocumentView<Body, Derived>>(path);
      adopt(theirs, !mine);
      setProblems([]);
      setMessage("");
      if (mine) await save();
      else setSaving("saved");
    },
    [adopt, path, save],
  );

  useEffect(() => {
    const unsaved = () => now.current.body !== now.current.saved;
    const leave = (event: BeforeUnloadEvent) => {
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
