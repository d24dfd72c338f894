import { useQuery } from "@tanstack/react-query";
import { createContext, useContext, useMemo } from "react";
import { call, type Filling, type Form, type Posture, type Sheet } from "../shared/api";
import { plural } from "../shared/format";
import type { Editing } from "../shared/useDocument";

interface Known {
  /** The postures that have only a name. */
  toFill: readonly string[];
  fillings: readonly Filling[];
  /** Fill one posture from the catalogue, or all whose whole name it knows. */
  fill: (posture: string) => void;
}

const ToFillContext = createContext<Known>({ toFill: [], fillings: [], fill: () => {} });
export const ToFill = ToFillContext.Provider;

/** What the catalogue would put into the postures of a form that have only a name. */
export function useToFill(id: string, doc: Editing<Form, Sheet>): Known {
  const toFill = doc.view.derived.to_fill;
  const { data } = useQuery({
    queryKey: ["fillings", id, doc.view.version],
    queryFn: () => call(`forms/${id}/fill`),
    enabled: toFill.length > 0,
    placeholderData: (before) => before,
  });
  const { ask } = doc;
  return useMemo(
    () => ({
      toFill,
      fillings: (data ?? []).filter((f) => toFill.includes(f.posture_id)),
      fill: (posture: string) => void ask("fill", { posture }),
    }),
    [toFill, data, ask],
  );
}

/** In the head of the sheet: how many postures have only a name, and all at once what the catalogue would put into them. */
export function ToFillLine() {
  const { toFill, fillings, fill } = useContext(ToFillContext);
  const sure = fillings.filter((f) => f.sure);
  if (toFill.length < 2) return null;
  return (
    <span data-to-fill={toFill.length}>
      {" "}
      · {toFill.length} have nothing but a name{" "}
      {sure.length > 0 && (
        <button type="button" className="btn btn-xs h-7 min-h-7" onClick={() => fill("")}>
          Fill {sure.length} from the catalogue
        </button>
      )}
    </span>
  );
}

/** In a posture of which only the name is typed: the movements that the catalogue has under such a name. The name stays as it is. */
export function KnownMovements({ posture }: { posture: Posture }) {
  const { fillings, fill } = useContext(ToFillContext);
  const known = fillings.find((f) => f.posture_id === posture.id);
  if (!known) return null;
  return (
    <p className="flex flex-wrap items-center gap-2 px-3 pb-1.5 text-sm" data-known={posture.id}>
      <span className="quiet">Nothing is written in it yet. Kemvo knows “{known.known_as}”:</span>
      <button
        type="button"
        tabIndex={-1}
        className="btn btn-xs h-7 min-h-7"
        onMouseDown={(e) => e.preventDefault()}
        onClick={() => fill(posture.id)}
      >
        Take its {plural(known.movements, "movement")}
      </button>
    </p>
  );
}

/** On a posture that stands as the catalogue gave it: whose it is, until it is changed or found right. */
export function FromCatalogue({ onRight }: { onRight: () => void }) {
  return (
    <span className="flex items-center gap-1 pr-1 text-sm" data-from-catalogue>
      <span className="badge badge-outline border-base-300" title="Nobody has changed it since">
        from the catalogue
      </span>
      <button
        type="button"
        className="btn btn-ghost btn-xs h-7 min-h-7"
        title="It is right as it stands: count it as yours"
        onMouseDown={(e) => e.preventDefault()}
        onClick={onRight}
      >
        It’s right
      </button>
    </span>
  );
}
