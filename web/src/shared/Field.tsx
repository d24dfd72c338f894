import { type KeyboardEvent, useEffect, useRef, useState } from "react";
import { Complaint } from "./Complaint";
import { useWrong } from "./wrongFields";

interface FieldProps {
  label: string;
  value: string;
  className?: string;
  placeholder?: string;
  /** Called with what was typed when the field is left or Enter is pressed; false refuses it. */
  onCommit: (text: string, how?: "typing") => boolean;
  /** Words that may be anything: they count while they are typed. */
  live?: boolean;
  /** What may stand here, said where something else was typed: "A number from 4 to 240." */
  takes?: string;
  onKeyDown?: (e: KeyboardEvent<HTMLInputElement>) => void;
}

/**
 * A short field that is read when it is left: numbers, weights, times. What it cannot read stays, marked. With `live` it is
 * read while one types.
 */
export function Field({
  label,
  value,
  className = "",
  placeholder,
  onCommit,
  live,
  takes,
  onKeyDown,
}: FieldProps) {
  const [text, setText] = useState(value);
  const [wrong, setWrong] = useState(false);
  const input = useRef<HTMLInputElement>(null);
  useWrong(wrong);
  const before = useRef(value);
  const typed = useRef(false);
  useEffect(() => {
    if (before.current !== value) {
      before.current = value;
      if (!typed.current) setText(value);
      setWrong(false);
    }
    typed.current = false;
  }, [value]);
  // What was typed is not lost when the field goes away before it was left.
  const last = useRef({ text, value, onCommit });
  last.current = { text, value, onCommit };
  useEffect(
    () => () => {
      const { text, value, onCommit } = last.current;
      if (text !== value) onCommit(text);
    },
    [],
  );
  const commit = () => {
    if (text === value) return setWrong(false);
    const taken = onCommit(text);
    setWrong(!taken);
    if (taken) setText(value);
  };
  const field = (
    <input
      ref={input}
      className={`cell ${wrong ? "!border-error" : ""} ${className}`}
      aria-label={label}
      aria-invalid={wrong}
      title={label}
      placeholder={placeholder}
      value={text}
      onChange={(e) => {
        setText(e.target.value);
        if (!live) return;
        typed.current = true;
        onCommit(e.target.value, "typing");
      }}
      onBlur={() => (live ? setText(value) : commit())}
      onFocus={(e) => e.target.select()}
      onKeyDown={(e) => {
        if (e.key === "Enter") commit();
        if (e.key === "Escape") {
          setText(value);
          setWrong(false);
        }
        onKeyDown?.(e);
      }}
    />
  );
  const stays = value ? `It stays ${value} until then (Esc).` : "";
  return (
    <>
      {field}
      {wrong && <Complaint field={input} text={`“${text}” is not taken. ${takes ?? ""} ${stays}`} />}
    </>
  );
}
