"""Takes the pictures in docs/screenshots from the demo data, at 1280 by 800. Run with "make screenshots"."""

from __future__ import annotations

import shutil
import sys
import tempfile
from collections.abc import Callable
from pathlib import Path

from playwright.sync_api import Page, sync_playwright

from bench.__main__ import served

FOLDER = Path(__file__).parent.parent / "docs/screenshots"
FLAGS = "--headless --no-sandbox --disable-gpu --disable-quic --no-first-run --disable-background-networking --autoplay-policy=no-user-gesture-required"


def ready(page: Page, sign: str) -> None:
    """Wait until a part of the page is there, and for the fonts."""
    page.locator(sign).first.wait_for()
    page.evaluate("document.fonts.ready")
    page.wait_for_timeout(400)


def forms(page: Page) -> None:
    """The list of forms."""
    page.goto("/forms")
    ready(page, "main li")


def form_sheet(page: Page) -> None:
    """The form sheet with a movement chosen."""
    page.goto("/forms/nine-willows")
    ready(page, "[data-totals]")
    page.get_by_label("Words of movement 2").first.focus()
    page.wait_for_timeout(300)


def read_through(page: Page) -> None:
    """The read-through of the long form, a finding with its mend chosen, and the whole way on the floor."""
    page.goto("/forms/long-causeway")
    ready(page, "[data-totals]")
    page.get_by_role("button", name="Whole way").click()
    for _ in range(4):
        page.keyboard.press("Alt+n")
        page.wait_for_timeout(250)
    page.locator("[data-mends]").wait_for()
    page.wait_for_timeout(900)


def desk(page: Page) -> None:
    """The cue desk of the evening class, a left-out cue chosen with its cures."""
    page.goto("/desk/evening-class")
    ready(page, "[data-slip]")
    page.locator("[data-measuring]").wait_for(state="hidden", timeout=120_000)
    page.get_by_role("tab", name="Problems").click()
    for _ in range(60):
        page.keyboard.press("Alt+n")
        if page.locator("[data-cue]").get_attribute("data-cue-state") == "left out":
            break
    page.locator("[data-cures] button").first.wait_for(timeout=60_000)
    page.wait_for_timeout(500)


def booth(page: Page) -> None:
    """The booth while a line is spoken."""
    page.goto("/booth/evening-class")
    ready(page, "[data-line-text]")
    page.get_by_label("simulated microphone").check()
    page.locator("h1").click()
    page.keyboard.press("Space")
    page.wait_for_timeout(1500)


FILMED_MS = 240_000
"""Milliseconds it may take until the demo's recordings are filmed."""


def filmed(page: Page) -> None:
    """Wait until the demo's recordings are there."""
    for _ in range(FILMED_MS // 1000):
        if len(page.request.get("/api/recordings").json()) == 2:
            return
        page.wait_for_timeout(1000)


def recording(page: Page) -> None:
    """The recording desk: the half marked film, at a posture that is guessed."""
    filmed(page)
    page.goto("/recordings/willows-1")
    ready(page, "[data-mark-scroll]")
    page.wait_for_timeout(1000)
    for _ in range(3):
        page.keyboard.press("ArrowDown")
        page.wait_for_timeout(400)


def watch(page: Page) -> None:
    """A recording on the stage while a cue is spoken."""
    filmed(page)
    page.goto("/recordings/willows-2/watch")
    ready(page, "[data-watch]")
    page.keyboard.press("Space")
    for _ in range(3):
        page.wait_for_timeout(900)
        page.keyboard.press("Shift+ArrowRight")
    page.locator("[data-words]").wait_for(timeout=30_000)
    page.wait_for_timeout(700)


def room(page: Page) -> None:
    """School, group and room, and where to stand."""
    page.goto("/forms/nine-willows")
    ready(page, "[data-totals]")
    page.keyboard.press("Alt+9")
    page.get_by_label("Suggested start position, facing").select_option("four")
    page.get_by_text("It fits").wait_for()
    page.get_by_text("It fits").scroll_into_view_if_needed()


def postures(page: Page) -> None:
    """The catalogue, with a posture open."""
    page.goto("/postures")
    ready(page, "[data-entry]")
    page.locator("summary").nth(3).click()


def session(page: Page) -> None:
    """The session of the Thursday class, with a pass open."""
    page.goto("/sessions/thursday-class")
    ready(page, "[data-state]")
    page.get_by_label("Title of pass 3").click()
    page.wait_for_timeout(300)


def stage(page: Page) -> None:
    """The stage in the middle of a movement, while it is spoken."""
    page.goto("/stage/thursday-class")
    ready(page, "[data-stage][data-busy=false]")
    page.get_by_label("Go to a pass").select_option(index=2)
    for _ in range(4):
        page.keyboard.press("Shift+ArrowRight")
    page.keyboard.press("ArrowRight")
    page.keyboard.press("Space")
    page.locator("[data-words]:not(:empty)").first.wait_for()
    page.keyboard.press("Space")


def files(page: Page) -> None:
    """Everything a session can be saved as."""
    page.goto("/sessions/thursday-class/files")
    ready(page, "[data-sound-file]")
    page.locator("[data-bytes]").wait_for()
    page.wait_for_timeout(2500)


TEXT = """Evening at the weir: notes for Thursday

Say hello, ask about knees.

1. Willow bends
Feet together, weight even.
Sink into the right leg, the left foot steps out.
Easier: only touch with the toes.

2. Heron wades, left
Shift into the right leg. Left heel steps to the corner.
Press forward, 70 % left.
Caution: the knee goes where the toes point.
Tell them about the heron on the roof.

3. Heron wades, right - same on the other side

4. Close
Half the weight on each leg, hands down, breathe out.
Bring biscuits next week.
"""


def text(page: Page) -> None:
    """A text brought in, as it was understood."""
    page.goto("/forms/text")
    page.get_by_label("The text").fill(TEXT)
    page.get_by_role("button", name="Read the text").click()
    ready(page, "[data-lines]")


def settings(page: Page) -> None:
    """The settings: voices to hear, what new forms and sessions begin with."""
    page.goto("/settings")
    ready(page, "[data-voices]")


def your_data(page: Page) -> None:
    """Where everything is kept, and the way back from a copy."""
    page.goto("/data")
    ready(page, "h1")
    # The folder of this one run is nobody's.
    page.locator("code").first.evaluate("place => { place.textContent = '/home/hall/kemvo' }")


def today(page: Page) -> None:
    """The next lessons, open points, what waits, the week."""
    page.goto("/today")
    ready(page, "[data-next]")


def logbook(page: Page) -> None:
    """What a class had: the weave."""
    page.goto("/classes/thursdays/log")
    ready(page, "[data-weave]")


def course(page: Page) -> None:
    """A form over weeks."""
    page.goto("/classes/evenings/course")
    ready(page, "[data-day]")


PICTURES: dict[str, tuple[Callable[[Page], None], str]] = {
    "today": (today, "light"),
    "logbook": (logbook, "light"),
    "course": (course, "light"),
    "forms": (forms, "light"),
    "form-sheet": (form_sheet, "light"),
    "form-sheet-dark": (form_sheet, "dark"),
    "read-through": (read_through, "light"),
    "room": (room, "light"),
    "postures": (postures, "light"),
    "session": (session, "light"),
    "desk": (desk, "light"),
    "booth": (booth, "light"),
    "stage": (stage, "light"),
    "files": (files, "light"),
    "text": (text, "light"),
    "settings": (settings, "light"),
    "your-data": (your_data, "light"),
    "recording": (recording, "light"),
    "watch": (watch, "light"),
}

if __name__ == "__main__":
    FOLDER.mkdir(parents=True, exist_ok=True)
    with (
        tempfile.TemporaryDirectory() as name,
        served("demo", Path(name) / "saltmarsh-hall") as (client, _),
        sync_playwright() as driver,
    ):
        browser = driver.chromium.launch(executable_path=shutil.which("chromium"), args=FLAGS.split())
        for title, (show, scheme) in PICTURES.items():
            if sys.argv[1:] and title not in sys.argv[1:]:
                continue
            page = browser.new_page(
                viewport={"width": 1280, "height": 800}, color_scheme=scheme, base_url=str(client.base_url)
            )
            show(page)
            page.screenshot(path=FOLDER / f"{title}.png")
            page.close()
            print(FOLDER / f"{title}.png")
        browser.close()
