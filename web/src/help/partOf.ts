/** Which part of the guide is about a page. */
const PARTS: readonly (readonly [RegExp, string])[] = [
  [/^\/(forms|postures)/, "write-a-form"],
  [/^\/sessions\/[^/]+\/files/, "take-it-away"],
  [/^\/sessions/, "lay-out-a-session"],
  [/^\/desk|\/cues$/, "decide-what-is-said-the-cue-desk"],
  [/^\/booth|\/booth$/, "decide-what-is-said-the-cue-desk"],
  [/^\/recordings/, "your-own-recording"],
  [/^\/(today|classes)/, "remember-what-was-taught"],
  [/^\/settings/, "settings"],
  [/^\/data/, "your-data"],
];

export const partOf = (path: string): string => PARTS.find(([page]) => page.test(path))?.[1] ?? "";
