/** Where a spoken text is had from. */
import type { Session } from "./api";

export function speechAddress(text: string, speech: Session["speech"]): string {
  const asked = new URLSearchParams({
    text,
    engine: speech.engine,
    takes: String(speech.takes),
    voice: speech.voice,
    wpm: String(speech.wpm),
  });
  return `/api/sound/speech.wav?${asked}`;
}
