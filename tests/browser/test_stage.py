"""The stage: voice and picture together, views, speed."""

import itertools
import re

import pytest
from playwright.sync_api import Page, expect

from waiting import until

pytestmark = pytest.mark.alone

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


def stage(page: Page, demo: str, then: str = "", session: str = "thursday-class") -> None:
    page.goto(f"{demo}/stage/{session}")
    expect(page.locator("[data-position-ms]")).to_be_visible()
    # The voice is measured the first time.
    expect(page.locator("[data-stage]")).to_have_attribute("data-busy", "false", timeout=60_000)
    for key in then.split():
        page.keyboard.press(key)


def quick(page: Page, demo: str) -> str:
    """A session whose postures are over in a few seconds each."""
    passes = [{"part": {"form_id": "nine-willows"}, "tempo": 160}]
    return page.request.post(f"{demo}/api/sessions", data={"title": "Quick", "passes": passes}).json()["id"]


def position(page: Page) -> float:
    return float(page.locator("[data-position-ms]").get_attribute("data-position-ms"))


@pytest.mark.parametrize("at", [0, 1, 4])
def test_voice_and_picture_stay_within_50_ms(page: Page, demo: str, at: int) -> None:
    """Every sound stands on the audio clock at its own time from the beginning, and the picture reads that
    clock; so the distance is the same after seconds and after a quarter of an hour."""
    page.add_init_script(LISTEN)
    plans = []
    page.on("response", lambda r: plans.append(r) if r.url.endswith("/live") else None)
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
    sounds = plans[-1].json()["sounds"]
    coming = [s for s in sounds if s["at_ms"] >= begun]
    for heard in page.evaluate("window.heard.map(({ when, skip }) => ({ when, skip }))"):
        planned = (heard["when"] - heard["skip"]) * 1000 + lag["offset"]
        assert min(abs(planned - s["at_ms"]) for s in coming) < 50


def test_it_plays_pauses_and_begins_again(page: Page, demo: str) -> None:
    stage(page, demo, "Space")
    expect(page.locator("[data-playing=true]")).to_be_visible()
    until(page, lambda: position(page) > 400)
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
    expect(page.get_by_label("speed", exact=True)).to_have_value("0.9")
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


# Notes every spoken clip as it begins, by its address, and whether it was stopped before it began.
SPOKEN = """
window.begun = [];
const begin = AudioBufferSourceNode.prototype.start;
AudioBufferSourceNode.prototype.start = function (when, skip) {
  const entry = { when, skip: skip || 0, length: this.buffer.duration, context: this.context, stopped: null };
  window.begun.push(entry);
  const stop = this.stop.bind(this);
  this.stop = (at) => {
    entry.stopped = at ?? 0;
    return stop(at);
  };
  return begin.call(this, when, skip);
};
window.told = () => {
  const now = window.begun.at(-1)?.context.currentTime ?? 0;
  return window.begun
    .filter((e) => e.when <= now && (e.stopped === null || e.stopped > e.when + 0.15))
    .map(({ when, skip, length, stopped }) => ({ when, end: when + length - skip, cut: stopped !== null && stopped < when + length - skip - 0.2 }));
};
"""


MOMENT = """new Promise((tell) => requestAnimationFrame(() => requestAnimationFrame(() =>
  tell(Number(document.querySelector("[data-position-ms]").dataset.positionMs) - Date.now()))))"""


def until_words(page: Page) -> None:
    expect(page.locator("[data-words]")).not_to_have_text("", timeout=40_000)


def test_it_is_changed_while_it_runs(page: Page, demo: str) -> None:
    """Two other tempos and a posture once more: the place goes on where it was, no word is cut or said twice at once."""
    page.add_init_script(SPOKEN)
    stage(page, demo)
    page.get_by_label("Go to a pass").select_option(index=2)
    page.keyboard.press("Shift+ArrowRight")
    page.keyboard.press("Shift+ArrowRight")
    page.keyboard.press("Space")
    until_words(page)
    title = page.locator("[data-posture-title]")
    near = (title.inner_text(), page.get_by_text("Next: ").inner_text().removeprefix("Next: "))
    for key, speed in (("Minus", "0.9"), ("Minus", "0.8"), ("Equal", "0.9")):
        page.keyboard.press(key)
        expect(page.get_by_label("speed", exact=True)).to_have_value(speed)
        expect(page.locator("[data-stage]")).to_have_attribute("data-busy", "false", timeout=5000)
        page.wait_for_timeout(1500)
    assert title.inner_text() in near, "it may have gone on meanwhile, and never back or far"
    until(page, lambda: page.evaluate("window.told().length") >= 2, 40)
    told = page.evaluate("window.told()")
    assert not any(e["cut"] for e in told)
    # Words are one after the other (tones may sound beneath them: those are longer than three seconds and follow the breath).
    line = title.inner_text()
    page.keyboard.press("a")
    expect(page.locator("[data-line]")).to_contain_text("Begins in")
    expect(page.locator("[data-line]")).not_to_contain_text("Begins in", timeout=10_000)
    assert title.inner_text() == line


def test_it_waits_for_the_class_and_is_led_on(page: Page, demo: str) -> None:
    stage(page, demo, session=quick(page, demo))
    page.keyboard.press("w")
    page.keyboard.press("Shift+ArrowRight")
    first = page.locator("[data-posture-title]").inner_text()
    page.keyboard.press("Space")
    expect(page.locator("[data-stage]")).to_have_attribute("data-holding", "true", timeout=90_000)
    expect(page.locator("[data-told]")).to_contain_text("when the class is ready")
    held = position(page)
    page.wait_for_timeout(800)
    assert position(page) == held
    page.keyboard.press("PageDown")
    expect(page.locator("[data-stage]")).to_have_attribute("data-playing", "true")
    expect(page.locator("[data-posture-title]")).not_to_have_text(first)
    # Paused for a word, it goes on from the beginning of the posture.
    page.wait_for_timeout(2500)
    here = page.locator("[data-posture-title]").inner_text()
    page.keyboard.press("c")
    expect(page.locator("[data-told]")).to_contain_text("from the beginning of this posture")
    page.keyboard.press("Space")
    expect(page.locator("[data-line]")).to_contain_text("Begins in")
    assert page.locator("[data-posture-title]").inner_text() == here


def test_a_posture_is_done_again_and_again(page: Page, demo: str) -> None:
    stage(page, demo, session=quick(page, demo))
    page.keyboard.press("Shift+ArrowRight")
    page.keyboard.press("l")
    expect(page.get_by_role("button", name="Loop")).to_have_attribute("aria-pressed", "true")
    page.keyboard.press("Space")
    title = page.locator("[data-posture-title]").inner_text()
    for _ in range(2):
        expect(page.locator("[data-line]")).to_contain_text("Begins in", timeout=90_000)
        expect(page.locator("[data-line]")).not_to_contain_text("Begins in", timeout=10_000)
    assert page.locator("[data-posture-title]").inner_text() == title
    page.keyboard.press("l")
    expect(page.locator("[data-posture-title]")).not_to_have_text(title, timeout=90_000)


def test_it_carries_on_after_a_reload_and_what_ran_is_noted(page: Page, demo: str) -> None:
    stage(page, demo)
    page.get_by_label("Go to a pass").select_option(index=2)
    page.keyboard.press("Shift+ArrowRight")
    page.keyboard.press("Space")
    page.keyboard.press("Equal")
    page.wait_for_timeout(6000)
    with page.expect_response(re.compile("/runs/")):
        page.keyboard.press("Space")
    title, line = page.locator("[data-posture-title]").inner_text(), page.locator("[data-line]").inner_text()
    page.reload()
    expect(page.locator("[data-posture-title]")).to_have_text(title)
    expect(page.locator("[data-line]")).to_have_text(line)
    expect(page.get_by_label("speed", exact=True)).to_have_value("1.1")
    ran = page.request.get(f"{demo}/api/runs", params={"session": "thursday-class"}).json()
    assert ran[0]["line"]["postures"] == 1
    parts = page.request.get(f"{demo}/api/runs/{ran[0]['id']}").json()["parts"]
    assert parts[-1]["posture"] == title
    assert sum(p["ms"] for p in parts) == ran[0]["line"]["ms"]
    assert 1500 < ran[0]["line"]["ms"] < 6500
    page.evaluate("localStorage.clear()")


def test_a_second_window_follows_and_takes_over(page: Page, demo: str) -> None:
    stage(page, demo)
    page.get_by_label("Go to a pass").select_option(index=2)
    page.keyboard.press("Space")
    second = page.context.new_page()
    second.goto(f"{demo}/stage/thursday-class")
    expect(second.locator("[data-told]")).to_contain_text("follows the first one")
    expect(second.locator("[data-stage]")).to_have_attribute("data-playing", "true")
    # Each is looked at when it is in front, with the time at which that was: they are at the same place at the same time.
    # (A frame that came late shows an earlier place: the best of several looks counts.)
    best = dict.fromkeys((page, second), float("-inf"))
    for window in (page, second) * 4:
        window.bring_to_front()
        window.wait_for_timeout(300)
        best[window] = max(best[window], window.evaluate(MOMENT))
    assert abs(best[page] - best[second]) < 50
    # It steers the first, and keeps a face of its own.
    second.keyboard.press("i")
    expect(second.locator("[data-stage]")).to_have_attribute("data-face", "instructor")
    expect(page.locator("[data-stage]")).to_have_attribute("data-face", "class")
    second.keyboard.press("Space")
    expect(page.locator("[data-stage]")).to_have_attribute("data-playing", "false")
    second.keyboard.press("Space")
    expect(page.locator("[data-stage]")).to_have_attribute("data-playing", "true")
    # The second has heard of it before the first goes: what it was never told it could not go on with.
    expect(second.locator("[data-stage]")).to_have_attribute("data-playing", "true")
    there = position(page)
    page.close()
    expect(second.locator("[data-told]")).to_have_count(0)
    expect(second.locator("[data-stage]")).to_have_attribute("data-playing", "true")
    until(second, lambda: position(second) > there)
    second.close()


def test_what_to_leave_out_is_offered_and_never_done_by_itself(page: Page, demo: str) -> None:
    stage(page, demo)
    total = page.locator("[data-elapsed]").locator("..").inner_text()
    soon = page.evaluate("new Date(Date.now() + 15 * 60000).toTimeString().slice(0, 5)")
    page.get_by_label("Must end by").fill(soon)
    offers = page.locator("[data-offers]")
    expect(offers.get_by_role("button", name="Leave out").first).to_be_visible(timeout=15_000)
    assert page.locator("[data-elapsed]").locator("..").inner_text() == total
    offers.get_by_role("button", name="Leave out").first.click()
    expect(page.locator("[data-elapsed]").locator("..")).not_to_have_text(total)
    page.evaluate("localStorage.clear()")


@pytest.mark.parametrize(("width", "height"), [(390, 844), (768, 1024), (1280, 800), (1920, 1080), (2560, 1440)])
def test_posture_words_and_next_are_large_in_every_window(page: Page, demo: str, width: int, height: int) -> None:
    page.set_viewport_size({"width": width, "height": height})
    stage(page, demo)
    page.keyboard.press("Space")
    until_words(page)
    for part in ("[data-posture-title]", "[data-words]", "[data-next]", "[data-full]"):
        at = page.locator(part)
        assert at.evaluate("(e) => parseFloat(getComputedStyle(e).fontSize)") >= 0.05 * height
        box = at.bounding_box()
        assert box["y"] >= 0
        assert box["y"] + box["height"] <= height
    # Nothing lies over anything else.
    parts = ["[data-posture-title]", "[data-words]", "[data-next]", "[data-full]"]
    boxes = sorted((page.locator(p).bounding_box() for p in parts), key=lambda b: b["y"])
    assert all(a["y"] + a["height"] <= b["y"] + 1 for a, b in itertools.pairwise(boxes))
    assert page.evaluate("document.documentElement.scrollWidth") <= width
