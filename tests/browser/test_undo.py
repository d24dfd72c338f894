"""Undo and redo where every answer takes its time, and what typed words change and leave alone."""

import re
import time

import pytest
from playwright.sync_api import Locator, Page, Route, expect

SLOW_S = 0.3


@pytest.fixture
def slow(page: Page) -> Page:
    """A page whose every question to the server takes a while."""

    def later(route: Route) -> None:
        time.sleep(SLOW_S)
        route.continue_()

    page.route("**/api/**", later)
    return page


def saved(page: Page) -> None:
    expect(page.locator("[data-saving]")).to_have_attribute("data-saving", "saved")


def typed(page: Page, address: str, *lines: str) -> None:
    """A new form whose only posture has these lines, typed without a pause."""
    page.goto(f"{address}/forms")
    page.get_by_role("button", name="New form").first.click()
    page.locator("[data-row^=posture][data-field=line]").focus()
    page.keyboard.type("Opening")
    page.keyboard.press("ArrowDown")
    for i, line in enumerate(lines):
        if i:
            page.keyboard.press("Enter")
            expect(page.get_by_label(f"Words of movement {i + 1}")).to_be_focused()
        page.keyboard.type(line)
    saved(page)


def weight(page: Page, no: int) -> Locator:
    return page.get_by_label(re.compile(f"^Weight at the end of movement {no}:"))


def counts(page: Page, no: int) -> Locator:
    return page.get_by_label(f"Counts of movement {no}", exact=True)


def test_every_line_is_read_however_fast_it_is_typed(slow: Page, empty: str) -> None:
    typed(slow, empty, "weight into the right leg", "turn to the left", "weight left", "weight even, breathe out")
    for no, words in enumerate(("100 R", "100 R", "100 L", "even"), 1):
        expect(weight(slow, no)).to_have_value(words)
    expect(slow.get_by_label(re.compile("^Breath of movement 4: out"))).to_be_visible()
    # Set by hand, it takes the row along that only carries it on; one step back brings both back.
    slow.get_by_label("Words of movement 1").focus()
    slow.keyboard.press("Alt+l")
    for no, words in enumerate(("100 L", "100 L", "100 L", "even"), 1):
        expect(weight(slow, no)).to_have_value(words)
    slow.keyboard.press("Control+z")
    expect(weight(slow, 2)).to_have_value("100 R")


def test_keys_pressed_in_a_row_are_all_undone_and_done_again(slow: Page, empty: str) -> None:
    typed(slow, empty, "stand", "step left")
    slow.get_by_label("Words of movement 2").focus()
    for n in range(4):
        slow.keyboard.press("Alt+Equal")
        expect(counts(slow, 2)).to_have_value(str(5 + n))
        saved(slow)
    for _ in range(4):
        slow.keyboard.press("Control+z")
    expect(counts(slow, 2)).to_have_value("4")
    for _ in range(4):
        slow.keyboard.press("Control+Shift+z")
    expect(counts(slow, 2)).to_have_value("8")
    saved(slow)
    expect(slow.get_by_role("alert")).to_have_count(0)


def test_what_is_typed_while_something_is_undone_stays(slow: Page, empty: str) -> None:
    typed(slow, empty, "stand", "step left")
    line = slow.get_by_label("Words of movement 2")
    line.focus()
    slow.keyboard.press("Alt+Equal")
    saved(slow)
    slow.keyboard.press("Control+z")
    slow.keyboard.press("Enter")
    slow.keyboard.type("weight into the left leg")
    expect(counts(slow, 2)).to_have_value("4")
    expect(slow.get_by_label("Words of movement 3")).to_have_value("weight into the left leg")
    expect(weight(slow, 3)).to_have_value("100 L")
    saved(slow)


def test_looking_at_a_row_changes_nothing(page: Page, empty: str) -> None:
    """A posture of the catalogue says its weight more exactly than its words; only typing lets the words decide."""
    typed(page, empty, "stand")
    page.keyboard.press("Control+Enter")
    page.keyboard.type("repulse")
    expect(page.locator("[data-suggestions]")).to_contain_text("Repulse")
    page.keyboard.press("Alt+1")
    saved(page)
    form_id = page.url.rsplit("/", 1)[-1]
    rows = page.locator("[data-posture]").nth(1).get_by_label(re.compile("^Words of movement"))
    expect(rows.first).to_have_value(re.compile("."))

    def version() -> int:
        return page.request.get(f"{page.url.split('/forms')[0]}/api/forms/{form_id}").json()["version"]

    before = version()
    assert rows.count() > 1
    for row in rows.all():
        row.focus()
        page.wait_for_timeout(400)
    assert version() == before
