/** The bounds of numbers, as the server has them (`kemvo blanks`, written by “make types”). */
import made from "./blanks.json";

export type Bounded = keyof typeof made.bounds;

/** The least and the most a number may be; `scale`: how many of the server's units are one on the page. */
export function boundsOf(of: Bounded, scale = 1): { least: number; most: number } {
  const [least, most] = made.bounds[of] as [number, number];
  return { least: least / scale, most: most / scale };
}
