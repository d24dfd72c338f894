"""The page of postures: found by letters, own ones brought in from a file, saved as one, and put away again."""

import json
import re
from pathlib import Path

from playwright.sync_api import Page, expect

OWN = {
    "postures": [
        {
            "id": "heron-steps-out",
            "name": "Heron steps out of the reeds and looks twice along the long bank",
            "side": "L",
            "movements": [
                {"counts": 4, "left_pct": 0, "line": "All the weight into the right leg"},
                {"counts": 4, "left_pct": 70, "breath": "out", "line": "Left heel steps to the corner, shift into it"},
            ],
        }
    ]
}


def test_postures_are_found_by_letters_in_english_and_pinyin(page: Page, empty: str) -> None:
    page.goto(f"{empty}/postures")
    entries = page.locator("[data-entry]")
    expect(entries.nth(69)).to_be_attached()
    letters = page.get_by_label("Letters of a name")
    for typed, name in (("br kn", "Brush knee"), ("yun sh", "Cloud hands"), ("gold roo", "rooster")):
        letters.fill(typed)
        expect(entries.first).to_contain_text(name)
    letters.fill("qqqq")
    expect(page.get_by_text("No matching posture.")).to_be_visible()


def test_a_posture_shows_its_movements_its_care_and_the_gentler_way(page: Page, empty: str) -> None:
    page.goto(f"{empty}/postures")
    page.get_by_label("Letters of a name").fill("heel kick")
    first = page.locator("[data-entry]").first
    expect(first.locator("summary")).to_contain_text(re.compile("heel", re.IGNORECASE))
    first.locator("summary").click()
    expect(first.locator("ol li").first).to_be_visible()
    expect(first).to_contain_text("Gentler:")


def test_own_postures_come_from_a_file_go_into_a_form_and_out_again(page: Page, empty: str, tmp_path: Path) -> None:
    page.goto(f"{empty}/postures")
    file = tmp_path / "mine.json"
    file.write_text(json.dumps(OWN))
    page.get_by_label("File with postures").set_input_files(file)
    own = page.locator("[data-entry]").filter(has_text="mine")
    expect(own).to_have_count(1)
    expect(own).to_contain_text("Heron steps out of the reeds")

    # It is put into a form by a few letters.
    page.goto(f"{empty}/forms")
    page.get_by_role("button", name="New form").click()
    page.get_by_label("Name of the posture").click()
    page.keyboard.type("her st reeds")
    expect(page.locator("[data-suggestions] li").first).to_contain_text("Heron steps out of the reeds")
    page.keyboard.press("Alt+1")
    expect(page.get_by_label("Words of movement 2")).to_have_value("Left heel steps to the corner, shift into it")

    # And out again as a file that holds it.
    page.goto(f"{empty}/postures")
    with page.expect_download() as saving:
        page.get_by_role("link", name="Save my own").click()
    assert "Heron steps out of the reeds" in saving.value.path().read_text()
    own.locator("summary").click()
    own.get_by_role("button", name="Put away").click()
    expect(own).to_have_count(0)


def test_a_file_that_holds_no_postures_says_so_and_keeps_what_is_there(page: Page, empty: str, tmp_path: Path) -> None:
    page.goto(f"{empty}/postures")
    expect(page.locator("[data-entry]").first).to_be_visible()
    before = page.locator("[data-entry]").count()
    for content in ("{", '{"postures": [{"name": 5}]}', "not a table at all"):
        file = tmp_path / "bad.json"
        file.write_text(content)
        page.get_by_label("File with postures").set_input_files(file)
        expect(page.get_by_role("alert")).to_be_visible()
        assert len(page.get_by_role("alert").inner_text()) > 20
    expect(page.locator("[data-entry]")).to_have_count(before)
