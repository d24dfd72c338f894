"""A gentler way of a posture: made from the usual one, changed, taken where the form's people need it, or as a pass is told."""

from playwright.sync_api import Page, expect


def saved(page: Page) -> None:
    expect(page.locator("[data-saving]")).to_have_attribute("data-saving", "saved")


def test_a_gentler_way_is_written_and_taken(page: Page, demo: str) -> None:
    page.goto(f"{demo}/forms/nine-willows")
    heron = page.locator('[data-posture="p7"]')
    heron.get_by_label("Name of the posture").click()
    page.keyboard.press("Alt+7")
    page.get_by_role("button", name="Gentler way").click()
    saved(page)
    way = page.locator('[data-variant="gentler"]')
    expect(way).to_contain_text("Gentler way of 7 Heron stands")
    block = page.locator("[data-posture]", has=way)
    line = block.get_by_label("Words of movement 3")
    line.fill("The right toe stays on the floor")
    saved(page)
    expect(way).to_contain_text("1 movement done otherwise")
    # The form is as long as it was, and has as many postures.
    expect(page.get_by_text("9 postures ·").first).to_be_visible()

    # Moved, the posture takes it along.
    heron.get_by_label("Name of the posture").click()
    page.keyboard.press("Alt+ArrowDown")
    saved(page)
    order = [p.get_attribute("data-posture") for p in page.locator("[data-posture]").all()]
    assert order.index(block.get_attribute("data-posture") or "") == order.index("p7") + 1
    assert order.index("p8") < order.index("p7")
    page.keyboard.press("Control+z")
    saved(page)

    # A session over the form takes the gentler way for people who are unsure of their balance.
    page.keyboard.press("Alt+9")
    page.get_by_label("Who it is for").select_option("balance")
    saved(page)
    page.keyboard.press("Alt+p")
    first = page.locator("[data-pass]").last
    expect(first.locator("[data-ways]")).to_contain_text("gentler: 7 Heron stands")
    first.locator("[data-title]").click()
    page.get_by_label("Which ways").last.select_option("usual")
    saved(page)
    expect(first.locator("[data-ways]")).to_have_count(0)
    page.keyboard.press("Control+z")
    expect(first.locator("[data-ways]")).to_contain_text("gentler: 7 Heron stands")
