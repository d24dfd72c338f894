/** What ran, noted as it ran and sent to Kemvo now and then. */
import type { Live, Stage, Stretch } from "../shared/api";
import { newId } from "../shared/newId";
import { COUNT_IN, placeAt } from "./places";

const SEND_MS = 15_000;
const LEAST_MS = 1000;

export class RunRecord {
  private readonly id = newId();
  private open: { stage: Stage; live: Live; from: number; began: string } | null = null;
  private waiting: Stretch[] = [];
  private readonly timer: number;

  constructor(private readonly session: string) {
    this.timer = window.setInterval(() => void this.send(), SEND_MS);
  }

  /** It plays from here on; `live`: what the practice was asked with. */
  begin(stage: Stage, live: Live, at: number): void {
    this.open = { stage, live, from: at, began: new Date().toISOString() };
  }

  /** It plays no more, or otherwise from here on. */
  end(at: number): void {
    const { open } = this;
    this.open = null;
    if (!open) return;
    // Still time that was only counted in is not part of what was done.
    const counted = open.stage.spans.find((s) => s.key === COUNT_IN);
    const from = counted && open.from < counted.end_ms ? counted.end_ms : open.from;
    if (at - from < LEAST_MS) return;
    const a = placeAt(open.stage, from);
    const b = placeAt(open.stage, at - 1);
    this.waiting.push({
      place: a.place,
      share: a.share,
      until: b.place,
      until_share: b.share,
      began: open.began,
      ms: Math.round(at - from),
      speed: open.live.speed,
      without: open.live.without,
    });
  }

  /** Send what waits; also while the page goes away. */
  async send(): Promise<void> {
    const stretches = this.waiting.splice(0);
    if (!stretches.length) return;
    try {
      const answer = await fetch(`/api/sessions/${this.session}/runs/${this.id}`, {
        method: "PUT",
        headers: { "Content-Type": "application/json" },
        body: JSON.stringify({ stretches }),
        keepalive: true,
      });
      if (!answer.ok) throw new Error(answer.statusText);
    } catch {
      this.waiting.unshift(...stretches);
    }
  }

  close(): void {
    window.clearInterval(this.timer);
    void this.send();
  }
}
