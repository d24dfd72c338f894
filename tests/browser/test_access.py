"""Can it be read and used: axe-core's rules for WCAG 2.2 A and AA, on every page, light and dark, and no page wider than its window."""

from pathlib import Path

import pytest
from playwright.sync_api import Browser, Route, expect

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


@pytest.mark.parametrize("scheme", ["light", "dark"])
@pytest.mark.parametrize(("path", "ready"), PAGES.items(), ids=PAGES)
def test_every_page_can_be_read_and_used(browser: Browser, demo: str, path: str, ready: str, scheme: str) -> None:
    # The rules are put into the page as a script, which the page's own policy would not let in.
    page = browser.new_page(viewport={"width": 1280, "height": 800}, color_scheme=scheme, bypass_csp=True)
    page.goto(f"{demo}/{path}")
    expect(page.locator(ready).first).to_be_visible()
    page.add_script_tag(path=AXE)
    found = page.evaluate("(rules) => axe.run(document, rules)", RULES)["violations"]
    assert not [(v["id"], v["nodes"][0]["html"][:160], v["nodes"][0]["failureSummary"][:300]) for v in found]
    page.close()


@pytest.mark.parametrize("width", [390, 768, 1280, 1920])
@pytest.mark.parametrize(("path", "ready"), PAGES.items(), ids=PAGES)
def test_no_page_is_wider_than_its_window(browser: Browser, demo: str, path: str, ready: str, width: int) -> None:
    page = browser.new_page(viewport={"width": width, "height": 900})
    page.goto(f"{demo}/{path}")
    expect(page.locator(ready).first).to_be_visible()
    assert page.evaluate("document.documentElement.scrollWidth") <= width
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
def test_the_main_thing_is_within_ten_stops(browser: Browser, demo: str, path: str) -> None:
    page = browser.new_page(viewport={"width": 1280, "height": 800})
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
def test_every_page_says_that_it_waits_and_when_it_cannot_be_had(browser: Browser, demo: str, path: str) -> None:
    page = browser.new_page(viewport={"width": 1280, "height": 800})
    held: list[Route] = []
    page.route("**/api/**", lambda route: held.append(route))
    page.goto(f"{demo}/{path}")
    expect(page.get_by_text("One moment…").first).to_be_visible()
    page.route("**/api/**", lambda route: route.abort())
    for route in held:
        route.abort()
    expect(page.get_by_role("alert").first).to_contain_text("Kemvo cannot be reached")
    page.close()
