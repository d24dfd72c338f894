import { type ComponentProps, useEffect, useRef, useState } from "react";

interface GrowingTextProps extends Omit<ComponentProps<"textarea">, "value" | "onChange"> {
  label: string;
  value: string;
  onType: (text: string) => void;
}

/** A line of words that grows with what is typed; it holds no line breaks. */
export function GrowingText({ label, value, onType, className = "", ...rest }: GrowingTextProps) {
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
      {...rest}
      ref={field}
      rows={1}
      aria-label={label}
      className={`cell block resize-none ${className}`}
      value={text}
      onChange={(e) => {
        const typed = e.target.value.replace(/\s*\n\s*/g, " ");
        setText(typed);
        onType(typed);
      }}
    />
  );
}
