import { useEffect, useState } from "react";
import type { Form } from "../shared/api";

type Pairs = Form["phrases"];

interface WordPairsProps {
  name: string;
  hint: string;
  pairs: Pairs;
  onPairs: (pairs: Pairs) => void;
}

/** Words and what is said instead, one pair a line: "ball = melon". Taken when the field is left. */
export function WordPairs({ name, hint, pairs, onPairs }: WordPairsProps) {
  const written = pairs.map((p) => `${p.words} = ${p.instead}`).join("\n");
  const [text, setText] = useState(written);
  useEffect(() => setText(written), [written]);
  const lines = text.split("\n").filter((line) => line.trim());
  const wrong = lines.filter((line) => !/^[^=]*\S[^=]*=/.test(line));
  return (
    <label className="grid gap-1">
      <span className="quiet text-sm">{name}</span>
      <textarea
        className="textarea min-h-16 w-full text-sm"
        aria-label={name}
        aria-invalid={wrong.length > 0}
        placeholder={hint}
        value={text}
        onChange={(e) => setText(e.target.value)}
        onBlur={() => {
          if (wrong.length) return;
          const read = lines.map((line) => {
            const [words = "", ...instead] = line.split("=");
            return { words: words.trim().slice(0, 200), instead: instead.join("=").trim().slice(0, 200) };
          });
          if (JSON.stringify(read) !== JSON.stringify(pairs)) onPairs(read);
        }}
      />
      {wrong.length > 0 && (
        <span className="text-error text-sm">
          “{wrong[0]}” has no “=”: write the words, “=”, and what is said instead.
        </span>
      )}
    </label>
  );
}
