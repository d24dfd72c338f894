"""The stage: voice and picture together, views, speed."""

import pytest
from playwright.sync_api import Page, expect

# Notes every sound as it is put on the audio clock: when it will be heard, and where it then is in its clip.
LISTEN = """
const LATE_MS = 20;
window.heard = [];
const start = AudioBufferSourceNode.prototype.start;
AudioBufferSourceNode.prototype.start = function (when, skip) {
  window.heard.push({ when, skip: skip || 0, length: this.buffer.duration, context: this.context });
  return start.call(this, when, skip);
};
window.lag = async (ms) => {
  const place = document.querySelector("[data-position-ms]");
  const worst = [];
  const until = performance.now() + ms;
  while (performance.now() < until) {
    // After the frame is drawn; a look that itself comes late, on a loaded machine, says nothing about the picture.
    const drawn = await new Promise(requestAnimationFrame);
    await new Promise((done) => setTimeout(done));
    const context = window.heard.at(-1)?.context;
    if (!context || performance.now() - drawn > LATE_MS) continue;
    const now = (context.currentTime - (context.outputLatency || context.baseLatency || 0)) * 1000;
    worst.push(Number(place.dataset.positionMs) - now);
  }
  return { spread: Math.max(...worst) - Math.min(...worst), offset: worst.at(-1), frames: worst.length };
};
"""


def stage(page: Page, demo: str, then: str = "") -> None:
    page.goto(f"{demo}/stage/thursday-class")
    expect(page.locator("[data-position-ms]")).to_be_visible()
    # The voice is measured the first time.
    expect(page.locator("[data-stage]")).to_have_attribute("data-busy", "false", timeout=60_000)
    for key in then.split():
        page.keyboard.press(key)


def position(page: Page) -> float:
    return float(page.locator("[data-position-ms]").get_attribute("data-position-ms"))


@pytest.mark.parametrize("at", [0, 1, 4])
def test_voice_and_picture_stay_within_50_ms(page: Page, demo: str, at: int) -> None:
    """Every sound stands on the audio clock at its own time from the beginning, and the picture reads that
    clock; so the distance is the same after seconds and after a quarter of an hour."""
    page.add_init_script(LISTEN)
    stage(page, demo)
    page.get_by_label("Go to a pass").select_option(index=1 + at)
    begun = position(page)
    page.keyboard.press("Space")
    while page.evaluate("window.heard.length") == 0:
        page.wait_for_timeout(50)
    page.wait_for_timeout(500)
    lag = page.evaluate("window.lag(3000)")
    assert lag["frames"] > 20
    assert lag["spread"] < 50, "the picture keeps to the audio clock"
    sounds = page.evaluate("fetch('/api/sessions/thursday-class/stage').then((r) => r.json()).then((s) => s.sounds)")
    coming = [s for s in sounds if s["at_ms"] >= begun]
    for heard in page.evaluate("window.heard.map(({ when, skip }) => ({ when, skip }))"):
        planned = (heard["when"] - heard["skip"]) * 1000 + lag["offset"]
        assert min(abs(planned - s["at_ms"]) for s in coming) < 50


def test_it_plays_pauses_and_begins_again(page: Page, demo: str) -> None:
    stage(page, demo, "Space")
    expect(page.locator("[data-playing=true]")).to_be_visible()
    page.wait_for_timeout(900)
    page.keyboard.press("Space")
    expect(page.locator("[data-playing=false]")).to_be_visible()
    # The picture of the moment it stopped at is drawn with the next frame.
    page.evaluate("new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame(drawn)))")
    stopped = position(page)
    assert stopped > 300
    page.wait_for_timeout(300)
    assert position(page) == stopped
    page.keyboard.press("Home")
    expect(page.locator("[data-position-ms='0.0']")).to_be_visible()


def test_the_words_being_said_are_shown(page: Page, demo: str) -> None:
    stage(page, demo)
    page.keyboard.press("Space")
    expect(page.locator("[data-words]")).to_contain_text("Good morning, Saltmarsh Hall", timeout=12_000)


def test_another_speed_keeps_the_place(page: Page, demo: str) -> None:
    stage(page, demo, "Shift+ArrowRight Shift+ArrowRight ArrowRight")
    line = "Elbows sink, palms press down to the hips"
    expect(page.locator("[data-line]")).to_have_text(line)
    total = page.locator("[data-elapsed]").locator("..").inner_text()
    page.keyboard.press("Minus")
    expect(page.get_by_label("speed")).to_have_value("0.9")
    expect(page.locator("[data-elapsed]").locator("..")).not_to_have_text(total)
    expect(page.locator("[data-line]")).to_have_text(line)


def test_the_view_turns_the_sides_over(page: Page, demo: str) -> None:
    stage(page, demo)
    page.get_by_label("Go to a pass").select_option(index=3)
    page.keyboard.press("Shift+ArrowRight")
    page.keyboard.press("ArrowRight")
    expect(page.locator("[data-posture-title]")).to_have_text("Part the reeds, left")
    expect(page.locator("[data-line]")).to_have_text("Left heel steps to the left corner")
    page.keyboard.press("v")
    expect(page.locator("[data-posture-title]")).to_have_text("Part the reeds, right")
    expect(page.locator("[data-line]")).to_have_text("Right heel steps to the right corner")
    page.get_by_label("Go to a pass").select_option(index=2)
    page.keyboard.press("Shift+ArrowRight")
    page.keyboard.press("ArrowRight")
    expect(page.locator("[data-line]")).to_have_text("Sink into the right leg, the left heel floats")
    page.keyboard.press("v")
    expect(page.locator("[data-line]")).to_have_text("Sink into the left leg, the right heel floats")


def test_the_main_words_are_large_enough_for_three_metres(page: Page, demo: str) -> None:
    """At least 5 % of the screen's height (our own bound)."""
    for width, height in ((768, 1024), (1280, 800), (1920, 1080)):
        page.set_viewport_size({"width": width, "height": height})
        stage(page, demo, "Shift+ArrowRight")
        for part in ("[data-posture-title]", "[data-line]", "[data-full]", "[data-count]"):
            size = page.locator(part).evaluate("(e) => parseFloat(getComputedStyle(e).fontSize)")
            assert size >= 0.05 * height
        assert page.evaluate("document.documentElement.scrollWidth") <= width
