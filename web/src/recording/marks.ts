/** Marks set and taken away by hand. */
import type { PlaceLine, Recording } from "../shared/api";
import { BLANK_MARK } from "../shared/blanks";

/** A recording in which a place begins at a moment. */
export function marked(r: Recording, place: PlaceLine, at_ms: number): Recording {
  const others = r.marks.filter((m) => m.place !== place.key || m.edge !== BLANK_MARK.edge);
  const mark = { ...BLANK_MARK, place: place.key, at_ms: Math.max(0, Math.round(at_ms)) };
  return { ...r, marks: [...others, mark] };
}

/** A recording in which nothing marks a place. */
export function unmarked(r: Recording, place: PlaceLine): Recording {
  return { ...r, marks: r.marks.filter((m) => m.place !== place.key) };
}
