import { useEffect } from "react";
import type { Suggestion } from "../shared/api";
import { useSuggestions } from "./useSuggestions";

interface SuggestionsProps {
  /** The letters typed so far. */
  letters: string;
  onTake: (suggestion: Suggestion) => void;
}

/** Postures of the catalogue that the letters can stand for; Alt 1 to Alt 6 puts one into the form. */
export function Suggestions({ letters, onTake }: SuggestionsProps) {
  const shown = useSuggestions(letters);

  useEffect(() => {
    const listen = (e: KeyboardEvent) => {
      const n = e.altKey && !e.ctrlKey ? /^(?:Digit|Numpad)([1-6])$/.exec(e.code) : null;
      const taken = n ? shown[Number(n[1]) - 1] : undefined;
      if (!taken) return;
      e.preventDefault();
      onTake(taken);
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  });

  if (!shown.length) return null;
  return (
    <div className="rounded-box border-base-300 border bg-base-100 p-3" data-suggestions>
      <h2 className="mb-1 text-base">From the catalogue</h2>
      <ol className="grid gap-0.5">
        {shown.map((s, i) => (
          <li key={s.id}>
            <button
              type="button"
              className="flex min-h-7 w-full items-baseline gap-2 rounded px-1 text-left hover:bg-base-200"
              onMouseDown={(e) => e.preventDefault()}
              onClick={() => onTake(s)}
            >
              <kbd className="kbd kbd-sm whitespace-nowrap">Alt {i + 1}</kbd>
              <span className="flex-1">
                {s.name} <span className="quiet text-sm">{s.pinyin[0]}</span>
              </span>
            </button>
          </li>
        ))}
      </ol>
    </div>
  );
}
