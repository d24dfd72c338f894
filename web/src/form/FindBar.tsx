import { X } from "lucide-react";
import { useEffect, useMemo, useRef, useState } from "react";
import type { Form } from "../shared/api";
import { plural } from "../shared/format";
import { focusRow } from "./focus";
import { found, replaced } from "./severalRows";

interface FindBarProps {
  form: Form;
  edit: (change: (form: Form) => Form) => void;
  onClose: () => void;
}

/** Find words in names and lines of a form, and replace them wherever they stand. */
export function FindBar({ form, edit, onClose }: FindBarProps) {
  const [words, setWords] = useState("");
  const [by, setBy] = useState("");
  const at = useRef(-1);
  const field = useRef<HTMLInputElement>(null);
  const places = useMemo(() => found(form, words), [form, words]);
  useEffect(() => field.current?.focus(), []);
  const go = (step: 1 | -1) => {
    if (!places.length) return;
    at.current = (at.current + step + places.length) % places.length;
    const row = places[at.current];
    if (row) focusRow(row);
  };
  return (
    <search
      className="sticky top-0 z-4 mb-2 flex flex-wrap items-center gap-2 rounded-box border border-base-300 bg-base-100 p-2 text-sm shadow-sm"
      aria-label="Find in the form"
    >
      <input
        ref={field}
        className="input input-sm w-56"
        aria-label="Words to find"
        placeholder="Find in names and words"
        value={words}
        onChange={(e) => {
          setWords(e.target.value);
          at.current = -1;
        }}
        onKeyDown={(e) => {
          if (e.key === "Enter") go(e.shiftKey ? -1 : 1);
          if (e.key === "Escape") onClose();
        }}
      />
      <button type="button" className="btn btn-sm" disabled={!places.length} onClick={() => go(1)}>
        Next
      </button>
      <span role="status" data-found={places.length}>
        {words.trim() ? plural(places.length, "place") : ""}
      </span>
      <input
        className="input input-sm w-56"
        aria-label="Replace by"
        placeholder="Replace by"
        value={by}
        onChange={(e) => setBy(e.target.value)}
      />
      <button
        type="button"
        className="btn btn-sm"
        disabled={!places.length || !by.trim()}
        onClick={() => edit((f) => replaced(f, words, by.trim()))}
      >
        Replace everywhere
      </button>
      <span className="flex-1" />
      <button type="button" className="btn btn-ghost btn-sm btn-square" aria-label="Close" onClick={onClose}>
        <X size={15} />
      </button>
    </search>
  );
}
