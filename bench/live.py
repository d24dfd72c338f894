"""The stage changed while it runs: how far voice and picture are apart, how soon a change is heard, whether a word is cut.

python -m bench.live [minutes] [changes]
"""

from __future__ import annotations

import random
import sys
import tempfile
import time
from pathlib import Path

from playwright.sync_api import Page, sync_playwright

from bench.__main__ import served
from bench.screenshots import FLAGS

LISTEN = """
window.begun = [];
const begin = AudioBufferSourceNode.prototype.start;
AudioBufferSourceNode.prototype.start = function (when, skip) {
  const entry = { when, skip: skip || 0, length: this.buffer.duration, context: this.context, stopped: null };
  window.begun.push(entry);
  const stop = this.stop.bind(this);
  this.stop = (at) => { entry.stopped = at ?? 0; return stop(at); };
  return begin.call(this, when, skip);
};
// After a frame is drawn: the place that is shown less the audio clock.
window.offset = () => new Promise((tell) => requestAnimationFrame(() => setTimeout(() => {
  const context = window.begun.at(-1)?.context;
  const place = Number(document.querySelector("[data-position-ms]").dataset.positionMs);
  tell(context ? place - (context.currentTime - (context.outputLatency || context.baseLatency || 0)) * 1000 : null);
})));
window.cut = () => {
  const now = window.begun.at(-1)?.context.currentTime ?? 0;
  return window.begun.filter((e) => e.when < now && e.stopped !== null && e.stopped > e.when + 0.1
    && e.stopped < e.when + e.length - e.skip - 0.2 && e.length < 3).length;
};
"""

KEYS = ("Minus", "Minus", "Equal", "Equal", "v", "Minus", "Equal")


def spread(page: Page, looks: int = 12) -> float:
    """How much the distance between picture and voice changes over some looks without a change, in milliseconds."""
    seen = [x for x in (page.evaluate("window.offset()") for _ in range(looks)) if x is not None]
    return max(seen) - min(seen) if seen else 0.0


def main(minutes: float, changes: int) -> None:
    """Play, change at random, and print what came of it."""
    rng = random.Random(7)
    with tempfile.TemporaryDirectory() as name, served("demo", Path(name)) as (client, _), sync_playwright() as driver:
        browser = driver.chromium.launch(executable_path="/usr/bin/chromium", args=FLAGS.split())
        page = browser.new_page(viewport={"width": 1280, "height": 800}, base_url=str(client.base_url))
        page.add_init_script(LISTEN)
        page.goto("/stage/thursday-class")
        page.locator("[data-stage][data-busy=false]").wait_for(timeout=120_000)
        page.get_by_label("Go to a pass").select_option(index=2)
        page.keyboard.press("Space")
        page.wait_for_timeout(4000)
        apart, taken = [], []
        for _ in range(changes):
            page.wait_for_timeout(int(60_000 * minutes / changes * rng.uniform(0.6, 1.2)))
            apart.append(spread(page))
            begun = time.monotonic()
            page.keyboard.press(rng.choice(KEYS))
            page.wait_for_timeout(30)
            page.locator("[data-stage][data-busy=false]").wait_for()
            taken.append(time.monotonic() - begun)
        apart.append(spread(page))
        print(f"{changes} changes in {minutes:g} minutes")
        print(
            f"picture against voice, spread between changes: worst {max(apart):.0f} ms, median {sorted(apart)[len(apart) // 2]:.0f} ms"
        )
        print(f"a change takes over after: worst {max(taken):.2f} s, median {sorted(taken)[len(taken) // 2]:.2f} s")
        print(f"words cut: {page.evaluate('window.cut()')}")
        browser.close()


if __name__ == "__main__":
    main(float(sys.argv[1]) if len(sys.argv) > 1 else 10, int(sys.argv[2]) if len(sys.argv) > 2 else 20)
