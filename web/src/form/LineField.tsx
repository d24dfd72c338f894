import { useEffect, useRef, useState } from "react";
import type { RowRef } from "./edits";
import { fieldOf } from "./focus";

interface LineFieldProps {
  row: RowRef;
  label: string;
  value: string;
  placeholder: string;
  className?: string;
  onType: (text: string) => void;
}

/** A line of words that grows with what is typed. It keeps its own text while it has the focus. */
export function LineField({ row, label, value, placeholder, className = "", onType }: LineFieldProps) {
  const field = useRef<HTMLTextAreaElement>(null);
  const [text, setText] = useState(value);
  useEffect(() => setText(value), [value]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the height follows the text
  useEffect(() => {
    const area = field.current;
    if (!area || CSS.supports("field-sizing", "content")) return;
    area.style.height = "auto";
    area.style.height = `${area.scrollHeight}px`;
  }, [text]);
  return (
    <textarea
      ref={field}
      rows={1}
      {...fieldOf(row, "line")}
      aria-label={label}
      className={`cell block resize-none ${className}`}
      placeholder={placeholder}
      value={text}
      onChange={(e) => {
        const typed = e.target.value.replace(/\s*\n\s*/g, " ");
        setText(typed);
        onType(typed);
      }}
    />
  );
}
