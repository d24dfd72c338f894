import type { ReactNode } from "react";
import type { CueLine } from "../shared/api";
import { clock } from "../shared/format";

interface ProblemsProps {
  problems: readonly CueLine[];
  chosenId: string;
  onChoose: (id: string) => void;
  /** The chosen one, with its cures. */
  children: ReactNode;
}

const SIGNS: Record<string, string> = { "left out": "✕", shorter: "…", moved: "↑" };

/** Everything that is not said as it should be; the chosen one with its cures below. */
export function Problems({ problems, chosenId, onChoose, children }: ProblemsProps) {
  if (!problems.length) return <p>Everything is said in full and in time.</p>;
  return (
    <div className="grid gap-3" data-problems={problems.length}>
      <ol className="grid max-h-56 overflow-y-auto text-sm">
        {problems.map((c) => (
          <li key={c.id}>
            <button
              type="button"
              aria-current={c.id === chosenId}
              className={`grid w-full grid-cols-[3rem_1rem_1fr] gap-1 rounded-sm px-1 py-0.5 text-left ${c.id === chosenId ? "bg-base-200 font-semibold" : ""}`}
              onClick={() => onChoose(c.id)}
            >
              <span className="quiet text-right">{clock(c.target_ms)}</span>
              <span title={c.state}>{SIGNS[c.state]}</span>
              <span className="truncate">{c.wish}</span>
            </button>
          </li>
        ))}
      </ol>
      {children}
    </div>
  );
}
