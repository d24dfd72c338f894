/** Ids for what is made on the page, and changes that make the same ids when they are done again. */

let tape: { ids: string[]; at: number } | null = null;

/** A new id for something made on the page. */
export function newId(): string {
  const known = tape?.ids[tape.at];
  const id =
    known ?? crypto.getRandomValues(new Uint32Array(2)).reduce((text, n) => text + n.toString(36), "n");
  if (tape) tape.ids[tape.at++] = id;
  return id;
}

/** A change that gives the same new ids every time it is done, so that what points at them stays right. */
export function repeatable<T>(change: (before: T) => T): (before: T) => T {
  const ids: string[] = [];
  return (before) => {
    const outer = tape;
    tape = { ids, at: 0 };
    try {
      return change(before);
    } finally {
      tape = outer;
    }
  };
}
