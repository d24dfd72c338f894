"""The first hour: from an empty Kemvo to a saved sound file in four ways of working, files dropped anywhere, the demo beside
one's own data."""

import re
import wave
from pathlib import Path

import pytest
from playwright.sync_api import Browser, Locator, Page, expect

SOONER = 300


class Hands:
    """One way of working, and how often something was done by it."""

    def __init__(self, page: Page, way: str) -> None:
        self.page = page
        self.way = way
        self.actions = 0

    def press(self, name: str, exact: bool = False, role: str = "button") -> None:
        """Press a button or follow a link: with the Tab key and Enter, with the mouse, or with a finger."""
        self.go(self.page.get_by_role(role, name=name, exact=exact).first)

    def go(self, at: Locator, key: str = "Tab") -> None:
        """The same for what is known by another sign than its name."""
        expect(at).to_be_visible()
        if self.way == "keys":
            self.reach(at, key)
            self.page.keyboard.press("Enter")
        elif self.way == "mouse":
            at.click()
        else:
            at.tap()
        self.actions += 1

    def reach(self, at: Locator, key: str) -> None:
        """Go on (or back) with Tab until it has the focus: no farther than a person would."""
        for _ in range(60):
            if at.evaluate("e => e === document.activeElement"):
                return
            self.page.keyboard.press(key)
            self.actions += 1
        raise AssertionError("not reached within 60 stops")

    def type(self, text: str) -> None:
        self.page.keyboard.type(text)
        self.actions += 1


@pytest.mark.parametrize(
    ("way", "width", "height"),
    [("keys", 1280, 800), ("mouse", 1280, 800), ("touch", 768, 1024), ("touch", 390, 844)],
    ids=["keys", "mouse", "touch-768", "touch-390"],
)
def test_from_empty_to_a_saved_sound_file(
    browser: Browser, empty: str, tmp_path: Path, way: str, width: int, height: int
) -> None:
    touch = way == "touch"
    context = browser.new_context(viewport={"width": width, "height": height}, has_touch=touch, accept_downloads=True)
    page = context.new_page()
    hands = Hands(page, way)
    page.goto(empty)
    expect(page.locator("[data-beginnings]")).to_be_visible()
    hands.press("Type a form")
    # The typing goes to the title without a click; Enter goes on to the posture, and to its movement.
    expect(page.get_by_label("Title of the form")).to_be_focused()
    hands.type("Two by the water")
    page.keyboard.press("Enter")
    expect(page.get_by_label("Name of the posture")).to_be_focused()
    hands.type("Brush knee and push")
    hands.press("Take its") if way != "keys" else page.keyboard.press("Alt+1")
    expect(page.locator("[data-totals]")).to_contain_text(re.compile("1 posture · 1?[0-9] counts"))
    if way == "keys":
        page.keyboard.press("Control+Enter")
    else:
        hands.press("+ posture")
    expect(page.get_by_label("Name of the posture").nth(1)).to_be_focused()
    hands.type("Heron waits")
    page.keyboard.press("Enter") if way == "keys" else page.get_by_label("Words of movement 1").nth(1).click()
    hands.type("All the weight sinks into the right leg")
    page.keyboard.press("Enter")
    hands.type("Left knee floats up")
    expect(page.locator("[data-saving]")).to_have_text("Saved")
    expect(page.locator("[data-first-steps]")).to_have_attribute("data-first-steps", "2", timeout=20_000)
    page.keyboard.press("Alt+p") if way == "keys" else hands.press("New session")
    expect(page.locator("[data-total]")).to_be_visible()
    head = page.get_by_role("navigation", name="Steps of the work")
    # The head says what is open once that is worked out; until then its steps may still move.
    expect(head).to_contain_text("spoken by Kemvo")
    # A new session begins in its first pass: the head is a few stops back.
    hands.go(head.locator("[data-step=practise]"), "Shift+Tab")
    expect(page.locator("[data-stage]")).to_be_visible()
    hands.press("Play")
    expect(page.locator("[data-stage]")).to_have_attribute("data-playing", "true")
    page.wait_for_timeout(1200)
    hands.press("Back to the session")
    hands.go(head.locator("[data-step=files]"))
    hands.press("Make WAV")
    with page.expect_download(timeout=60_000) as coming:
        hands.press("Save two", role="link")
    coming.value.save_as(tmp_path / "first.wav")
    with wave.open(str(tmp_path / "first.wav")) as file:
        assert file.getnframes() / file.getframerate() > 10
    # All five are done: the steps put themselves away.
    page.goto(f"{empty}/forms")
    expect(page.locator("h1")).to_be_visible()
    expect(page.locator("[data-first-steps]")).to_have_count(0)
    print(f"{way} at {width}: {hands.actions} actions")
    assert hands.actions < SOONER
    context.close()


def test_a_file_dropped_anywhere_goes_where_it_belongs(page: Page, empty: str) -> None:
    page.goto(f"{empty}/settings")
    expect(page.locator("[data-voices]")).to_be_visible()

    def drop(name: str, text: str, kind: str) -> None:
        page.evaluate(
            """([name, text, kind]) => {
                const data = new DataTransfer();
                data.items.add(new File([text], name, { type: kind }));
                const at = document.querySelector("h1");
                for (const what of ["dragenter", "dragover", "drop"])
                    at.dispatchEvent(new DragEvent(what, { bubbles: true, cancelable: true, dataTransfer: data }));
            }""",
            [name, text, kind],
        )

    drop("names.txt", "1. Commencing\n2. Brush knee, left\n3. Closing", "text/plain")
    expect(page.get_by_role("region", name="What was understood")).to_contain_text("3 postures")
    page.get_by_role("button", name="Make the form").click()
    expect(page.get_by_label("Name of the posture").first).to_have_value("Commencing")
    form = page.request.get(f"{empty}/api/forms").json()[0]["id"]
    saved_file = page.request.get(f"{empty}/api/forms/{form}/file").text()
    page.goto(f"{empty}/sessions")
    expect(page.get_by_role("heading", name="Sessions")).to_be_visible()
    drop("mine.form.json", saved_file, "application/json")
    expect(page.get_by_label("Title of the form")).to_be_visible()
    assert len(page.request.get(f"{empty}/api/forms").json()) == 2
    drop("late.exe", "x", "application/octet-stream")
    expect(page.get_by_role("alert")).to_contain_text("does not know what to do with “late.exe”")
    drop("film.mp4", "x", "video/mp4")
    expect(page.get_by_text("Bring in “film.mp4”")).to_be_visible()


def test_the_demo_stands_beside_ones_own_and_goes_away(page: Page, empty: str) -> None:
    page.goto(empty)
    page.get_by_role("button", name="Look around").click()
    expect(page.get_by_role("link", name="Thursday morning class")).to_be_visible()
    page.goto(f"{empty}/forms")
    page.get_by_role("button", name="New form").click()
    expect(page.get_by_label("Title of the form")).to_be_focused()
    page.goto(f"{empty}/forms")
    page.get_by_role("button", name="Put the demo away").click()
    expect(page.get_by_role("link", name="Nine Willows")).to_have_count(0)
    expect(page.get_by_role("link", name="New form")).to_be_visible()
