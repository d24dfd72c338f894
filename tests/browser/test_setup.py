"""What a form is set up with, by hand: its front, its still time, where it stands in a longer form; hands that go on; and a text with
times that brings them along."""

import re

from playwright.sync_api import Page, expect


def saved(page: Page) -> None:
    expect(page.locator("[data-saving]")).to_have_attribute("data-saving", "saved")


def setup(page: Page, demo: str, form: str) -> None:
    page.goto(f"{demo}/forms/{form}")
    page.get_by_role("tab", name="Setup").click()


def test_a_form_is_part_of_a_longer_one_and_it_is_said(page: Page, demo: str) -> None:
    setup(page, demo, "nine-willows")
    page.get_by_role("button", name="Part of a longer form").click()
    saved(page)
    expect(page.locator("[data-totals]")).to_contain_text("9 postures (1 to 9 of 9)")
    for name, value in (("of", "64"), ("to", "33"), ("postures", "25")):
        page.get_by_label(f"In the longer form: {name}", exact=True).fill(value)
        page.keyboard.press("Tab")
    page.get_by_label("Name of the longer form").fill("the long crossing")
    page.keyboard.press("Tab")
    saved(page)
    expect(page.locator("[data-totals]")).to_contain_text("9 postures (25 to 33 of 64)")
    # What cannot be is marked, and nothing is changed.
    page.get_by_label("In the longer form: to", exact=True).fill("80")
    page.keyboard.press("Tab")
    expect(page.get_by_label("In the longer form: to", exact=True)).to_have_attribute("aria-invalid", "true")
    expect(page.locator("[data-totals]")).to_contain_text("(25 to 33 of 64)")
    # A session says it where that is wished.
    page.goto(f"{demo}/desk/thursday-class")
    page.get_by_role("tab", name="Calls").click()
    page.get_by_label("where the form stands in a longer one").check()
    saved(page)
    expect(page.locator("[data-slip$='.within']").first).to_be_attached()
    expect(page.locator("[data-slip$='.within']").first).to_contain_text("Postures 25 to")
    # It stands by itself again.
    setup(page, demo, "nine-willows")
    page.get_by_role("button", name="It stands by itself").click()
    saved(page)
    expect(page.locator("[data-totals]")).not_to_contain_text("of 64")


def test_the_front_and_the_still_time_are_set(page: Page, demo: str) -> None:
    setup(page, demo, "long-causeway")
    before = page.locator("[data-totals]").inner_text()
    page.get_by_label("Its front is").select_option("east")
    page.get_by_label("Still time before the form begins, in seconds").fill("20")
    page.keyboard.press("Tab")
    saved(page)
    expect(page.locator("[data-totals]")).not_to_have_text(before)
    body = page.request.get(f"{demo}/api/forms/long-causeway").json()["body"]
    assert (body["front"], body["lead_ms"]) == ("east", 20_000)
    page.keyboard.press("Control+z")
    page.keyboard.press("Control+z")
    saved(page)
    expect(page.locator("[data-totals]")).to_have_text(before)


def test_hands_that_go_on_are_shown_between_the_rows(page: Page, demo: str) -> None:
    page.goto(f"{demo}/forms/nine-willows")
    page.get_by_label("Words of movement 3").first.focus()
    page.get_by_label("hands go on, and arrive with the next movement").check()
    saved(page)
    expect(page.get_by_text("hands go on ↓")).to_have_count(1)
    page.get_by_label("Words of movement 3").first.focus()
    page.get_by_label("hands go on, and arrive with the next movement").uncheck()
    saved(page)
    expect(page.get_by_text("hands go on ↓")).to_have_count(0)


def test_a_text_with_times_keeps_the_time_before_its_first_words(page: Page, empty: str) -> None:
    page.goto(f"{empty}/forms/text")
    page.get_by_label("The text").fill(
        "The ford (10 to 11 of 36)\n\n1. Wait\n0:12 Stand facing east.\n0:18 Sink into the right leg.\n"
        "2. Cross\n0:24 Left foot steps to the north-east, heel first.\n0:30 Weight into the left leg.\n0:40\n"
    )
    page.get_by_role("button", name="Read the text").click()
    expect(page.locator("[data-lead]")).to_contain_text("0:12")
    page.get_by_role("button", name="Make the form").click()
    expect(page.locator("[data-totals]")).to_contain_text("2 postures (10 to 11 of 36)")
    expect(page.locator("[data-totals]")).to_contain_text("0:40")
    page.get_by_role("tab", name="Setup").click()
    expect(page.get_by_label("Its front is")).to_have_value("east")
    expect(page.get_by_label("Still time before the form begins, in seconds")).to_have_value(re.compile("^12"))
