"""A text brought in, a posture put in by letters, and what is read from the words."""

from playwright.sync_api import Page, expect

TEXT = """Opening:
1. Commencing
2. Part the wild horse's mane, left
3. Heron wades
Pick up your left foot and step back.
The right hand turns over at the very last moment.
Sit into the left leg and breathe out.
"""


def test_a_script_becomes_a_form(page: Page, empty: str) -> None:
    page.goto(empty)
    page.get_by_role("link", name="Bring in a text").click()
    page.get_by_label("The text").fill(TEXT)
    page.get_by_role("button", name="Read it").click()
    lines = page.locator("[data-lines] li")
    expect(lines).to_have_count(7)
    expect(lines.nth(4)).to_contain_text("left foot lifts · left foot steps back")
    expect(lines.nth(5)).to_have_attribute("data-state", "not understood")
    page.get_by_role("button", name="Make the form").click()
    expect(page.locator("[data-totals]")).to_contain_text("3 postures")
    expect(page.get_by_label("Words of movement 2").last).to_have_value(
        "The right hand turns over at the very last moment."
    )


def test_words_are_read_as_they_are_typed_and_taken_over_by_a_key(page: Page, empty: str) -> None:
    page.goto(empty)
    page.get_by_role("button", name="New form").click()
    page.get_by_label("Words of movement 1").click()
    page.keyboard.type("All the weight into the right leg, breathe in")
    expect(page.locator("[data-signs]")).to_contain_text("weight into the right 100 %")
    page.keyboard.press("Alt+w")
    expect(page.get_by_label("Weight at the end of movement 1")).to_have_value("100 R")
    expect(page.get_by_label("Breath of movement 1")).to_contain_text("in")


def test_a_posture_is_put_in_by_a_few_letters(page: Page, empty: str) -> None:
    page.goto(empty)
    page.get_by_role("button", name="New form").click()
    page.get_by_label("Name of the posture").click()
    page.keyboard.type("br kn")
    expect(page.locator("[data-suggestions]")).to_contain_text("Brush knee and push")
    page.keyboard.press("Alt+1")
    expect(page.get_by_label("Name of the posture")).to_have_value("Brush knee and push")
    expect(page.locator("[data-posture] .group\\/row")).to_have_count(4)
