/** How numbers of the form are written on the page, and read from what is typed. */

/** 284000 -> "4:44"; from an hour on "1:04:44". */
export function clock(ms: number): string {
  const s = Math.round(ms / 1000);
  const h = Math.floor(s / 3600);
  const m = Math.floor(s / 60) % 60;
  const tail = String(s % 60).padStart(2, "0");
  return h ? `${h}:${String(m).padStart(2, "0")}:${tail}` : `${m}:${tail}`;
}

/** 2500 -> "2.5 s" */
export function seconds(ms: number): string {
  return `${(ms / 1000).toFixed(1).replace(/\.0$/, "")} s`;
}

/** 70 -> "70 L", 30 -> "70 R", 50 -> "even": the share on the fuller leg. */
export function weight(leftPct: number): string {
  if (leftPct === 50) return "even";
  return leftPct > 50 ? `${leftPct} L` : `${100 - leftPct} R`;
}

/** What `weight` writes, read back: "70l", "30 R", "all left", "r", "even"; null if it is none of these. */
export function readWeight(text: string): number | null {
  const t = text.trim().toLowerCase();
  if (/^(e|even|50)$/.test(t)) return 50;
  const after =
    /^(all|\d{1,3})?\s*%?\s*(?:[/:-]\s*(\d{1,3})\s*%?)?\s*(?:on )?(?:the )?(l|r|left|right)$/.exec(t);
  const before = /^(l|r|left|right)\s*(all|\d{1,3})\s*%?$/.exec(t);
  const [share, rest, side] = after ? after.slice(1) : [before?.[2], undefined, before?.[1]];
  if (!side) return null;
  const full = share === undefined || share === "all" ? 100 : Number(share);
  if (full > 100 || (rest !== undefined && full + Number(rest) !== 100)) return null;
  return side.startsWith("l") ? full : 100 - full;
}

/** A typed number with dot or comma; null if it is none or out of bounds. */
export function readNumber(text: string, least: number, most: number): number | null {
  const n = Number(text.trim().replace(",", "."));
  return text.trim() !== "" && Number.isFinite(n) && n >= least && n <= most ? n : null;
}

/** "mm:ss" or minutes, in milliseconds. */
export function readClock(text: string): number | null {
  const m = /^(\d{1,3}):([0-5]\d)$/.exec(text.trim());
  if (m) return (Number(m[1]) * 60 + Number(m[2])) * 1000;
  const minutes = readNumber(text, 0, 360);
  return minutes === null ? null : Math.round(minutes * 60_000);
}

export function plural(n: number, one: string, many = `${one}s`): string {
  return `${n} ${n === 1 ? one : many}`;
}

/** An ISO time as a person says it: "today 14:05", "3 Nov 09:10". */
export function when(iso: string): string {
  const d = new Date(iso);
  const time = d.toLocaleTimeString([], { hour: "2-digit", minute: "2-digit" });
  return d.toDateString() === new Date().toDateString()
    ? `today ${time}`
    : `${d.toLocaleDateString([], { day: "numeric", month: "short" })} ${time}`;
}

/** What stands before something that is only guessed. */
export const GUESSED = "◐";

/** Where what is read from words comes from, in words. */
export const ORIGINS = { read: "read", guessed: "best guess from the wording", hand: "set by hand" } as const;

/** 1536000 -> "1.5 MB" */
export function size(bytes: number): string {
  const units = ["bytes", "kB", "MB", "GB", "TB"];
  const at = bytes < 1000 ? 0 : Math.min(units.length - 1, Math.floor(Math.log10(bytes) / 3));
  const n = bytes / 1000 ** at;
  return `${n < 10 && at ? n.toFixed(1) : Math.round(n)} ${units[at]}`;
}
