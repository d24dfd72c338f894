import { type KeyboardEvent, useEffect, useRef, useState } from "react";

interface FieldProps {
  label: string;
  value: string;
  className?: string;
  placeholder?: string;
  /** Called with what was typed when the field is left or Enter is pressed; false refuses it. */
  onCommit: (text: string) => boolean;
  onKeyDown?: (e: KeyboardEvent<HTMLInputElement>) => void;
}

/** A short field that is read when it is left: numbers, weights, times. What it cannot read stays, marked. */
export function Field({ label, value, className = "", placeholder, onCommit, onKeyDown }: FieldProps) {
  const [text, setText] = useState(value);
  const [wrong, setWrong] = useState(false);
  const before = useRef(value);
  useEffect(() => {
    if (before.current !== value) {
      before.current = value;
      setText(value);
      setWrong(false);
    }
  }, [value]);
  const commit = () => {
    if (text === value) return setWrong(false);
    const taken = onCommit(text);
    setWrong(!taken);
    if (taken) setText(value);
  };
  return (
    <input
      className={`cell ${wrong ? "!border-error" : ""} ${className}`}
      aria-label={label}
      aria-invalid={wrong}
      title={wrong ? `“${text}” cannot be read here. Type it as it was: ${value}` : label}
      placeholder={placeholder}
      value={text}
      onChange={(e) => setText(e.target.value)}
      onBlur={commit}
      onFocus={(e) => e.target.select()}
      onKeyDown={(e) => {
        if (e.key === "Enter") commit();
        if (e.key === "Escape") setText(value);
        onKeyDown?.(e);
      }}
    />
  );
}
