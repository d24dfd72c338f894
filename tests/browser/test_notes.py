"""Notes in short forms, from the text to what the voice says; and a form as long as forms get."""

import re

from playwright.sync_api import Page, expect

NOTES = """HERON MARSH

1. Opening
feet tog, wt even; wt R, LF out; wt 50/50
arms up - in, arms down - out

2. Part the Reeds L/R/L
- turn R, wt R, LF to R ankle
- LF out to NW, heel first, 70% L
(other side)
- RF out to NE, heel first, 70% R
"""


def saved(page: Page) -> None:
    expect(page.locator("[data-saving]")).to_have_attribute("data-saving", "saved")


def test_notes_become_a_form_and_are_said_as_words(page: Page, empty: str) -> None:
    page.goto(f"{empty}/forms/text")
    page.get_by_label("The text").fill(NOTES)
    page.get_by_role("button", name="Read the text").click()
    lines = page.locator("[data-lines] li")
    expect(lines.filter(has_text="LF to R ankle")).to_contain_text("weight into the right · left foot steps in")
    page.get_by_role("button", name="Make the form").click()
    expect(page.locator("[data-posture]")).to_have_count(3)
    expect(page.get_by_label("Name of the posture").nth(1)).to_have_value("Part the Reeds")
    reeds = page.locator("[data-posture]").nth(1)
    expect(reeds).to_contain_text("3 times, alternating")
    # What was written stays as it was written; a note of the weight goes into its field.
    words = reeds.get_by_label("Words of movement 2")
    expect(words).to_have_value("LF out to NW, heel first")
    expect(reeds.get_by_label("Weight at the end of movement 2")).to_have_value("70 L")
    # The voice says words.
    page.get_by_role("button", name="New session").click()
    expect(page).to_have_url(re.compile("/sessions/"))
    id_ = page.url.rsplit("/", 1)[1]
    said = [c["wish"] for c in page.request.get(f"{empty}/api/sessions/{id_}/cues").json()["cues"]]
    told = " ".join(said).lower()
    assert "left foot out to north-west" in told
    assert not re.search(r"\b(lf|rf|wt|nw|ne|tog)\b", told)


def test_a_hundred_and_eight_postures_are_brought_in_edited_and_undone(page: Page, empty: str) -> None:
    names = ["Brush knee", "Cloud hands", "Heron wades through the very long and very cold evening marsh", "Push"]
    lines = []
    for i in range(108):
        lines.append(f"{i + 1}. {names[i % 4]}")
        lines += [
            "Sit back into the right leg",
            "Left heel steps out to the corner",
            "Shift into the left leg, breathe out",
        ]
    page.goto(f"{empty}/forms/text")
    page.get_by_label("The text").fill("\n".join(lines))
    page.get_by_role("button", name="Read the text").click()
    expect(page.get_by_text(re.compile("^108 postures"))).to_be_visible()
    page.get_by_role("button", name="Make the form").click()
    expect(page.locator("[data-totals]")).to_contain_text("108 postures")
    last = page.locator("[data-posture]").last
    words = last.get_by_label("Words of movement 3")
    words.scroll_into_view_if_needed()
    words.fill("Shift into the right leg, breathe in")
    words.press("Tab")
    saved(page)
    expect(last.get_by_label("Weight at the end of movement 3")).to_have_value("100 R")
    page.keyboard.press("Control+z")
    expect(last.get_by_label("Weight at the end of movement 3")).to_have_value("100 L")
    page.reload()
    expect(page.locator("[data-totals]")).to_contain_text("108 postures")


def test_a_room_that_is_no_rectangle_says_where_to_stand_or_how_small_to_step(page: Page, demo: str) -> None:
    page.goto(f"{demo}/forms/nine-willows")
    page.get_by_role("tab", name="Setup").click()
    if page.get_by_role("button", name="Add a room").count():
        page.get_by_role("button", name="Add a room").click()
    corners = page.get_by_label("Corners of the room: x y; x y; …")
    corners.fill("0 0; 9 0; 9 4; 6 4; 6 8; 0 8")
    corners.press("Enter")
    saved(page)
    page.get_by_label("Suggested start position, facing").select_option("all")
    expect(page.locator("[data-standing]")).to_contain_text("It fits: stand")
    corners.fill("0 0; 2 0; 2 1.5; 0 1.5")
    corners.press("Enter")
    saved(page)
    expect(page.locator("[data-standing]")).not_to_contain_text("It fits: stand")
    # Corners that make no room are marked, and nothing changes.
    corners.fill("0 0; 1")
    corners.press("Enter")
    expect(corners).to_have_attribute("aria-invalid", "true")
