/** How the pages look: kept on this device, so that it is there before the first page. */
const KEY = "kemvo.theme";
const NAMES: Record<string, string> = { light: "ebb", dark: "night" };

/** Show the pages as chosen ("device": as the device has it); without a choice, as chosen before. */
export function showTheme(theme?: string): void {
  if (theme !== undefined) localStorage.setItem(KEY, theme);
  const name = NAMES[theme ?? localStorage.getItem(KEY) ?? ""];
  if (name) document.documentElement.dataset.theme = name;
  else delete document.documentElement.dataset.theme;
}
