"""Can it be read and used: axe-core's rules for WCAG 2.2 A and AA, on every page, light and dark, and no page wider than its window."""

from collections.abc import Iterator
from pathlib import Path

import pytest
from playwright.sync_api import Browser, BrowserContext, Route, expect

AXE = Path(__file__).parents[2] / "web/node_modules/axe-core/axe.min.js"
RULES = {"runOnly": ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"]}
PAGES = {
    "today": "[data-next]",
    "classes": "h1",
    "classes/thursdays": "[data-recap]",
    "classes/thursdays/log": "[data-weave]",
    "classes/thursdays/course": "[data-day]",
    "classes/thursdays/class": "[data-class-setup]",
    "forms": "[data-list], h1",
    "forms/nine-willows": "[data-totals]",
    "forms/text": "h1",
    "sessions": "h1",
    "sessions/thursday-class": "[data-state]",
    "sessions/thursday-class/files": "[data-sound-file]",
    "postures": "h1",
    "settings": "[data-voices]",
    "recordings": "h1",
    "stage/thursday-class": "[data-position-ms]",
    "desk/evening-class": "[data-slip]",
    "booth/thursday-class": "[data-line-text]",
    "data": "h1",
}


@pytest.fixture(scope="module")
def one_window(browser: Browser) -> Iterator[BrowserContext]:
    """A window whose scripts are loaded once for all pages."""
    context = browser.new_context(viewport={"width": 1280, "height": 800})
    yield context
    context.close()


@pytest.fixture(scope="module")
def open_window(browser: Browser) -> Iterator[BrowserContext]:
    """A window that lets the rules in as a script, which the page's own policy would not.

    Motion is reduced, so that colours do not fade from one scheme to the other while they are judged.
    """
    context = browser.new_context(viewport={"width": 1280, "height": 800}, bypass_csp=True, reduced_motion="reduce")
    yield context
    context.close()


@pytest.mark.parametrize(("path", "ready"), PAGES.items(), ids=PAGES)
def test_every_page_can_be_read_and_used_light_and_dark(
    open_window: BrowserContext, demo: str, path: str, ready: str
) -> None:
    page = open_window.new_page()
    page.goto(f"{demo}/{path}")
    expect(page.locator(ready).first).to_be_visible()
    page.add_script_tag(path=AXE)
    for scheme in ("light", "dark"):
        page.emulate_media(color_scheme=scheme)
        found = page.evaluate("(rules) => axe.run(document, rules)", RULES)["violations"]
        told = [(v["id"], v["nodes"][0]["html"][:160], v["nodes"][0]["failureSummary"][:300]) for v in found]
        assert not told, scheme
    page.close()


@pytest.mark.parametrize(("path", "ready"), PAGES.items(), ids=PAGES)
def test_no_page_is_wider_than_its_window(one_window: BrowserContext, demo: str, path: str, ready: str) -> None:
    page = one_window.new_page()
    page.goto(f"{demo}/{path}")
    expect(page.locator(ready).first).to_be_visible()
    for width in (390, 768, 1280, 1920):
        page.set_viewport_size({"width": width, "height": 900})
        # Two frames later everything has its place.
        page.evaluate("new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)))")
        assert page.evaluate("document.documentElement.scrollWidth") <= width, width
    page.close()


MAIN_THINGS = {
    "today": "Lay out the lesson",
    "classes": "New class",
    "classes/thursdays": "What next",
    "forms": "New form",
    "forms/nine-willows": "Title of the form",
    "forms/text": "The text",
    "sessions": "New session",
    "sessions/thursday-class": "Wished length",
    "sessions/thursday-class/files": "Make WAV",
    "postures": "Letters of a name",
    "recordings": "Bring in",
}


@pytest.mark.parametrize("path", MAIN_THINGS)
def test_the_main_thing_is_within_ten_stops(one_window: BrowserContext, demo: str, path: str) -> None:
    page = one_window.new_page()
    page.goto(f"{demo}/{path}")
    page.locator("main h1, main [aria-label]").first.wait_for(state="attached")
    page.wait_for_timeout(500)
    page.keyboard.press("Tab")
    expect(page.get_by_role("button", name="To the page")).to_be_focused()
    page.keyboard.press("Enter")
    met = []
    for _ in range(9):
        page.keyboard.press("Tab")
        met.append(
            page.evaluate(
                "(document.activeElement.getAttribute('aria-label') || document.activeElement.placeholder || '') + ' ' +"
                " document.activeElement.innerText"
            )
        )
    assert any(MAIN_THINGS[path] in m for m in met), met
    page.close()


@pytest.mark.parametrize("path", [p for p in PAGES if p not in ("forms/text",)])
def test_every_page_says_that_it_waits_and_when_it_cannot_be_had(
    one_window: BrowserContext, demo: str, path: str
) -> None:
    page = one_window.new_page()
    held: list[Route] = []
    page.route("**/api/**", lambda route: held.append(route))
    page.goto(f"{demo}/{path}")
    expect(page.get_by_text("One moment…").first).to_be_visible()
    page.route("**/api/**", lambda route: route.abort())
    for route in held:
        route.abort()
    expect(page.get_by_role("alert").first).to_contain_text("Kemvo cannot be reached")
    page.close()
