/** How the stage runs, as the instructor chose it; what is asked of the server for it; and what is kept over a reload. */
import { call, type Live, type Stage, type View } from "../shared/api";

const KEPT_HOURS = 12;

/** How the stage runs, as the instructor chose it. */
export interface Choices {
  speed: number;
  view: View;
  fullness: number | null;
  breath_tones: boolean | null;
  ground: boolean;
  count_in_ms: number;
  /** It waits at the end of every posture until it is told to go on. */
  led: boolean;
  /** The stretch that is done again and again. */
  loop: { from: string; until: string } | null;
  without: string[];
  /** The words are the instructor's own to say. */
  silent: boolean;
}

export const FIRST: Choices = {
  speed: 1,
  view: "class",
  fullness: null,
  breath_tones: null,
  ground: true,
  count_in_ms: 3000,
  led: false,
  loop: null,
  without: [],
  silent: false,
};

export interface Going {
  live: Live;
  view: View;
}

/** What of the choices changes the practice itself, and not only how it is gone through. */
export const PLANNED = ["speed", "view", "fullness", "breath_tones", "ground", "without", "loop"] as const;

export const liveOf = (c: Choices, part: Partial<Live>): Live => ({
  speed: c.speed,
  fullness: c.fullness,
  breath_tones: c.breath_tones,
  ground: c.ground,
  place: "",
  share: 0,
  until: c.loop?.until ?? "",
  count_in_ms: 0,
  said: [],
  heard: [],
  busy_ms: 0,
  without: c.without,
  ...part,
});

export const fetchStage = (id: string, going: Going): Promise<Stage> =>
  call(`sessions/${id}/live`, "POST", going);

/** Where a stage was left, and how. */
export interface Kept {
  place: string;
  share: number;
  choices: Choices;
  when: number;
}

export const keptName = (id: string) => `kemvo.stage.${id}`;

export function keptPlace(id: string): Kept | null {
  try {
    const kept: Kept = JSON.parse(localStorage.getItem(keptName(id)) ?? "null");
    const fresh = kept && Date.now() - kept.when < KEPT_HOURS * 3_600_000;
    return fresh ? { ...kept, choices: { ...FIRST, ...kept.choices } } : null;
  } catch {
    return null;
  }
}
