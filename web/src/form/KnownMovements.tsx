import type { Posture } from "../shared/api";
import { plural } from "../shared/format";
import { freshPosture } from "./edits";
import { onSide, useSuggestions } from "./useSuggestions";

interface KnownMovementsProps {
  posture: Posture;
  onTake: (change: Partial<Posture>) => void;
}

/** For a posture of which only the name is typed: the movements that Kemvo knows for such a name. The name stays as it is. */
export function KnownMovements({ posture, onTake }: KnownMovementsProps) {
  const known = useSuggestions(posture.name)[0];
  if (!known) return null;
  const wished = onSide(known, posture.side);
  return (
    <p className="flex flex-wrap items-center gap-2 px-3 pb-1.5 text-sm" data-known={posture.id}>
      <span className="quiet">Nothing is written in it yet. Kemvo knows “{known.name}”:</span>
      <button
        type="button"
        tabIndex={-1}
        className="btn btn-xs h-7 min-h-7"
        onMouseDown={(e) => e.preventDefault()}
        onClick={() => {
          const { movements, side, kinds, cautions, gentler } = freshPosture(wished);
          onTake({ movements, side: posture.side ?? side, kinds, cautions, gentler });
        }}
      >
        Take its {plural(wished.movements.length, "movement")}
      </button>
    </p>
  );
}
