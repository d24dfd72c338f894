/** A file that was dropped or opened on one page and is taken up by the page it belongs to. */

let handed: File | null = null;

export function hand(file: File): void {
  handed = file;
}

/** The file, once. */
export function taken(): File | null {
  const file = handed;
  handed = null;
  return file;
}
