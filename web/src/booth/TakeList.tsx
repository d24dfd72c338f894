import { Play, Trash2 } from "lucide-react";
import type { TakeView } from "../shared/api";
import { seconds } from "../shared/format";

interface TakeListProps {
  takes: readonly TakeView[];
  onHear: (take: TakeView) => void;
  onPutAway: (take: TakeView) => void;
}

/** The takes of a line, the one that counts first: each can be heard and put away. */
export function TakeList({ takes, onHear, onPutAway }: TakeListProps) {
  if (takes.length === 0) return null;
  return (
    <ul className="flex flex-wrap gap-2 text-sm" data-takes={takes.length}>
      {takes.map((t, i) => (
        <li key={t.number} className="flex items-center gap-1 rounded-field bg-base-200 px-2">
          {i === 0 ? <b>Heard</b> : "Earlier"} {seconds(t.ms)}
          <button
            type="button"
            className="btn btn-ghost btn-xs btn-square"
            aria-label={`Hear take ${i + 1}`}
            onClick={() => onHear(t)}
          >
            <Play size={14} />
          </button>
          <button
            type="button"
            className="btn btn-ghost btn-xs btn-square"
            aria-label={`Put take ${i + 1} away`}
            onClick={() => onPutAway(t)}
          >
            <Trash2 size={14} />
          </button>
        </li>
      ))}
    </ul>
  );
}
