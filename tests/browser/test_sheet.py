"""The form sheet and the session page by their keys."""

import re

from playwright.sync_api import Locator, Page, expect

from waiting import until

VALUES = "fields => fields.map((field) => field.value)"
"""All at once: a field that is just taken away is not waited for."""


def saved(page: Page) -> None:
    expect(page.locator("[data-saving]")).to_have_attribute("data-saving", "saved")


def names(page: Page) -> list[str]:
    return page.get_by_label("Name of the posture").evaluate_all(VALUES)


def lines(posture: Locator) -> list[str]:
    return posture.get_by_label(re.compile("^Words of movement")).evaluate_all(VALUES)


def sheet(page: Page, demo: str) -> Locator:
    page.goto(f"{demo}/forms/nine-willows")
    first = page.locator("[data-posture]").first
    expect(first).to_be_visible()
    return first


def test_movements_are_moved_copied_deleted_and_undone(page: Page, demo: str) -> None:
    first = sheet(page, demo)
    before = lines(first)
    first.get_by_label("Words of movement 1").focus()
    page.keyboard.press("Alt+ArrowDown")
    until(page, lambda: lines(first) == [before[1], before[0], *before[2:]])
    page.keyboard.press("Alt+d")
    until(page, lambda: lines(first) == [before[1], before[0], before[0], *before[2:]])
    page.keyboard.press("Alt+Backspace")
    until(page, lambda: len(lines(first)) == len(before))
    for _ in range(3):
        page.keyboard.press("Control+z")
        page.wait_for_timeout(100)
    until(page, lambda: lines(first) == before)


def test_a_posture_is_moved_over_the_edge_of_its_section_and_copied_to_the_other_side(page: Page, demo: str) -> None:
    sheet(page, demo)
    before = names(page)
    page.get_by_label("Name of the posture").nth(2).focus()
    page.keyboard.press("Alt+ArrowUp")
    expect(page.locator("[data-section]").first.locator("[data-posture]")).to_have_count(3)
    saved(page)
    assert names(page) == before
    page.keyboard.press("Alt+s")
    expect(page.locator("[data-posture]")).to_have_count(10)
    copy = page.locator("[data-posture]").nth(3)
    until(page, lambda: lines(copy)[:1] == ["Sit into the left leg, hold the ball on the left"])
    for _ in range(2):
        page.keyboard.press("Control+z")
        page.wait_for_timeout(100)
    until(page, lambda: names(page) == before)


def test_fields_take_what_people_type_and_mark_what_they_cannot_read(page: Page, demo: str) -> None:
    first = sheet(page, demo)
    weight = first.get_by_label(re.compile("^Weight at the end of movement 1"))
    for typed, shown in (("70l", "70 L"), ("all right", "100 R"), ("even", "even"), ("30 r", "70 L")):
        weight.fill(typed)
        weight.press("Tab")
        expect(weight).to_have_value(shown)
    weight.fill("banana")
    weight.press("Tab")
    expect(weight).to_have_attribute("aria-invalid", "true")
    expect(weight).to_have_value("banana")
    saved(page)
    page.keyboard.press("Control+z")


def test_arrows_walk_all_rows_and_enter_makes_one(page: Page, demo: str) -> None:
    first = sheet(page, demo)
    page.get_by_label("Name of the posture").first.focus()
    page.keyboard.press("ArrowDown")
    expect(first.get_by_label("Words of movement 1")).to_be_focused()
    page.keyboard.press("Enter")
    expect(first.get_by_label("Words of movement 2")).to_be_focused()
    expect(first.get_by_label("Words of movement 2")).to_have_value("")
    page.keyboard.press("Backspace")
    expect(first.get_by_label("Words of movement 1")).to_be_focused()


def test_up_and_down_keep_to_the_column_and_a_new_section_is_typed_into(page: Page, demo: str) -> None:
    first = sheet(page, demo)
    first.get_by_label(re.compile("^Counts of movement 1")).focus()
    page.keyboard.press("ArrowDown")
    expect(first.get_by_label(re.compile("^Counts of movement 2"))).to_be_focused()
    before = page.get_by_label("Title of the section").count()
    page.keyboard.press("Control+Shift+Enter")
    expect(page.get_by_label("Title of the section")).to_have_count(before + 1)
    expect(page.get_by_label("Title of the section").nth(1)).to_be_focused()
    page.keyboard.type("More")
    page.keyboard.press("Enter")
    expect(page.get_by_label("Name of the posture").nth(2)).to_be_focused()
    saved(page)
    assert page.get_by_label("Title of the section").nth(1).input_value() == "More"


def test_a_form_without_anything_can_be_begun(page: Page, demo: str) -> None:
    bare = page.request.post(f"{demo}/api/forms", data={"title": "Bare"}).json()
    page.goto(f"{demo}/forms/{bare['id']}")
    page.get_by_role("button", name="+ section").click()
    expect(page.get_by_label("Title of the section")).to_be_focused()
    expect(page.get_by_label("Name of the posture")).to_have_count(1)
    page.request.delete(f"{demo}/api/forms/{bare['id']}")


def test_the_keys_are_shown_by_a_question_mark(page: Page, demo: str) -> None:
    for path in ("forms/nine-willows", "sessions/thursday-class", "stage/thursday-class"):
        page.goto(f"{demo}/{path}")
        expect(page.get_by_role("button", name="Show the keys")).to_be_visible()
        page.keyboard.press("Shift+?")
        expect(page.get_by_role("dialog")).to_be_visible()
        page.keyboard.press("Escape")
        expect(page.get_by_role("dialog")).to_be_hidden()


def test_passes_are_added_moved_copied_and_deleted(page: Page, demo: str) -> None:
    page.goto(f"{demo}/sessions/thursday-class")
    titles = page.get_by_label(re.compile("^Title of pass"))
    expect(titles).to_have_count(5)
    titles.nth(1).focus()
    page.keyboard.press("Alt+ArrowUp")
    expect(titles.nth(0)).to_have_value("Follow along")
    page.keyboard.press("Alt+d")
    expect(titles).to_have_count(6)
    page.keyboard.press("Enter")
    expect(titles).to_have_count(7)
    expect(titles.nth(2)).to_be_focused()
    page.keyboard.press("Alt+Backspace")
    expect(titles).to_have_count(6)
    saved(page)
    total = page.locator("[data-total]").inner_text()
    expect(titles.nth(1)).to_be_focused()
    page.get_by_label(re.compile("^How many times")).fill("3")
    page.keyboard.press("Enter")
    saved(page)
    expect(page.locator("[data-total]")).not_to_have_text(total)


def test_a_broken_file_says_why_and_changes_nothing(page: Page, demo: str) -> None:
    page.goto(f"{demo}/forms")
    expect(page.get_by_role("listitem")).to_have_count(2)
    page.get_by_label("File with a form").set_input_files(
        {"name": "x.json", "mimeType": "application/json", "buffer": b"{"}
    )
    expect(page.get_by_role("alert")).to_contain_text("x.json, line 1, column 2")
    expect(page.get_by_role("listitem")).to_have_count(2)


def test_when_kemvo_cannot_be_reached_nothing_typed_is_lost(page: Page, demo: str) -> None:
    first = sheet(page, demo)
    page.route(
        "**/api/forms/nine-willows", lambda route: route.abort() if route.request.method == "PUT" else route.continue_()
    )
    words = first.get_by_label("Words of movement 1")
    words.fill("Stand and listen")
    expect(page.get_by_role("status")).to_contain_text("cannot be reached")
    page.unroute("**/api/forms/nine-willows")
    saved(page)
    page.reload()
    expect(words).to_have_value("Stand and listen")


def test_rows_are_added_moved_copied_and_deleted_by_mouse(page: Page, empty: str) -> None:
    page.goto(f"{empty}/forms")
    page.get_by_role("button", name="New form").click()
    expect(page.get_by_label("Title of the form")).to_be_focused()
    page.keyboard.type("Harbour")
    expect(page).to_have_title("Harbour · Kemvo")
    page.get_by_label("Name of the posture").click()
    page.keyboard.type("Heron wades")
    page.keyboard.press("Enter")
    expect(page.get_by_label("Words of movement 1")).to_be_focused()
    page.keyboard.type("Left heel forward")
    page.get_by_role("button", name="+ movement").click()
    expect(page.get_by_label("Words of movement 2")).to_be_focused()
    page.keyboard.type("Shift into the left leg")
    page.get_by_role("button", name="Move up: Shift into the left leg").click()
    words = page.locator("[data-posture]").first.get_by_label("Words of movement")
    expect(words.first).to_have_value("Shift into the left leg")
    words.first.hover()
    page.get_by_role("button", name="Copy: Shift into the left leg").first.click()
    expect(words).to_have_count(3)
    words.nth(1).hover()
    page.locator("[data-posture]").first.get_by_role("button", name="Delete: Shift into the left leg").last.click()
    expect(words).to_have_count(2)
    page.get_by_role("button", name="+ posture").click()
    expect(page.get_by_label("Name of the posture").nth(1)).to_be_focused()
    page.get_by_role("button", name="+ section").click()
    expect(page.get_by_label("Title of the section").nth(1)).to_be_focused()
    saved(page)
