/** Days as people write them. */

/** "2026-12-03" -> "Thu 3 Dec", with the year where it is another one. */
export function dayWords(iso: string): string {
  const d = new Date(`${iso}T12:00:00`);
  const year = d.getFullYear() === new Date().getFullYear() ? undefined : ("numeric" as const);
  return d.toLocaleDateString("en-GB", { weekday: "short", day: "numeric", month: "short", year });
}

/** Today by this device's clock, as a field of a date has it. */
export function todayIso(): string {
  const d = new Date();
  return `${d.getFullYear()}-${String(d.getMonth() + 1).padStart(2, "0")}-${String(d.getDate()).padStart(2, "0")}`;
}

/** 92000 -> "1.5 min", 1830000 -> "31 min" */
export function minutesOf(ms: number): string {
  const m = ms / 60_000;
  return `${m < 10 ? m.toFixed(1).replace(/\.0$/, "") : Math.round(m)} min`;
}
