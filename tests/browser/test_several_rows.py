"""Several rows of a form at once: by keys, by mouse, by finger; found, replaced, dragged, copied into another form."""

from playwright.sync_api import Browser, Page, expect


def lines(page: Page) -> list[str]:
    expect(page.get_by_label("Words of movement 1").first).to_be_visible()
    return [x.input_value() for x in page.locator("textarea[aria-label^='Words of movement']").all()]


def saved(page: Page) -> None:
    expect(page.locator("[data-saving]")).to_have_text("Saved")


def test_rows_are_chosen_by_key_and_changed_together(page: Page, demo: str) -> None:
    page.goto(f"{demo}/forms/nine-willows")
    bar = page.locator("[data-chosen-bar]")
    page.get_by_label("Words of movement 1").first.click()
    page.keyboard.press("Shift+ArrowDown")
    page.keyboard.press("Shift+ArrowDown")
    expect(bar).to_have_attribute("data-chosen-bar", "3")
    before = lines(page)
    bar.get_by_role("button", name="Copy").click()
    expect(bar).to_have_attribute("data-chosen-bar", "3")
    assert lines(page)[:6] == [*before[:3], *before[:3]]
    bar.get_by_label("Counts of all chosen movements").fill("5")
    page.keyboard.press("Enter")
    counts = [x.input_value() for x in page.locator("input[aria-label^='Counts of movement']").all()[:7]]
    assert counts[3:6] == ["5", "5", "5"]
    assert counts[:3] != ["5", "5", "5"]
    bar.get_by_role("button", name="Down").click()
    assert lines(page)[3:7] == [before[3], *before[:3]]
    bar.get_by_role("button", name="Delete").click()
    assert lines(page) == before
    expect(bar).to_have_count(0)
    saved(page)


def test_rows_are_chosen_by_mouse_numbered_and_copied_into_another_form(page: Page, demo: str) -> None:
    page.goto(f"{demo}/forms/nine-willows")
    names = page.get_by_label("Name of the posture")
    names.nth(1).click()
    names.nth(3).click(modifiers=["Shift"])
    bar = page.locator("[data-chosen-bar]")
    expect(bar).to_have_attribute("data-chosen-bar", "3")
    bar.get_by_label("Number the chosen postures from").fill("20")
    page.keyboard.press("Enter")
    numbers = [x.input_value() for x in page.get_by_label("Number of the posture").all()[:5]]
    assert numbers[1:4] == ["20", "21", "22"]
    titles = [names.nth(n).input_value() for n in (1, 2, 3)]
    bar.get_by_label("Copy into another form").focus()
    bar.get_by_label("Copy into another form").select_option(label="Long Causeway")
    expect(page.get_by_role("alert")).to_contain_text("Copied to the end of “Long Causeway”")
    form = page.request.get(f"{demo}/api/forms/long-causeway").json()["body"]
    assert [p["name"] for p in form["sections"][-1]["postures"]] == titles
    page.keyboard.press("Control+z")
    saved(page)


def test_a_row_is_dragged_and_words_are_found_and_replaced(page: Page, demo: str) -> None:
    page.goto(f"{demo}/forms/nine-willows")
    first = lines(page)[:3]
    page.get_by_label("Words of movement 1").first.hover()
    grip = page.get_by_role("button", name=f"Drag: {first[0]}").first.bounding_box()
    to = page.get_by_label("Words of movement 3").first.bounding_box()
    page.mouse.move(grip["x"] + 8, grip["y"] + 8)
    page.mouse.down()
    page.mouse.move(to["x"] + 80, to["y"] + 10, steps=5)
    page.mouse.up()
    expect(page.get_by_label("Words of movement 3").first).to_have_value(first[0])
    assert lines(page)[:3] == [first[1], first[2], first[0]]
    page.keyboard.press("Control+f")
    page.get_by_label("Words to find").fill("right leg")
    found = int(page.locator("[data-found]").get_attribute("data-found"))
    assert found > 1
    page.get_by_label("Replace by").fill("right foot")
    page.get_by_role("button", name="Replace everywhere").click()
    expect(page.locator("[data-found]")).to_have_attribute("data-found", "0")
    assert sum("right foot" in x.lower() for x in lines(page)) >= found
    page.keyboard.press("Control+z")
    saved(page)


def test_a_long_press_chooses_rows_by_finger(browser: Browser, demo: str) -> None:
    page = browser.new_page(viewport={"width": 390, "height": 844}, has_touch=True, is_mobile=True)
    page.goto(f"{demo}/forms/nine-willows")
    row = page.get_by_label("Words of movement 1").first
    box = row.bounding_box()
    touch = page.context.new_cdp_session(page)
    point = {"x": box["x"] + 20, "y": box["y"] + 10}
    touch.send("Input.dispatchTouchEvent", {"type": "touchStart", "touchPoints": [point]})
    expect(page.locator("[data-chosen-bar]")).to_have_attribute("data-chosen-bar", "1")
    touch.send("Input.dispatchTouchEvent", {"type": "touchEnd", "touchPoints": []})
    page.get_by_label("Words of movement 3").first.tap()
    expect(page.locator("[data-chosen-bar]")).to_have_attribute("data-chosen-bar", "3")
    # The side panel is a drawer here.
    drawer = page.locator("[data-drawer]")
    expect(drawer).to_have_attribute("data-drawer", "false")
    drawer.get_by_role("button").first.tap()
    expect(page.get_by_role("tab", name="Setup")).to_be_visible()
    page.close()


def test_chosen_rows_are_dragged_together_and_ways_go_with_their_posture(page: Page, demo: str) -> None:
    page.goto(f"{demo}/forms/nine-willows")
    before = lines(page)
    page.get_by_label("Words of movement 1").first.click()
    page.get_by_label("Words of movement 2").first.click(modifiers=["Shift"])
    page.get_by_label("Words of movement 1").first.hover()
    grip = page.get_by_role("button", name=f"Drag: {before[0]}").first.bounding_box()
    to = page.get_by_label("Words of movement 4").first.bounding_box()
    page.mouse.move(grip["x"] + 8, grip["y"] + 8)
    page.mouse.down()
    page.mouse.move(to["x"] + 80, to["y"] + 10, steps=5)
    page.mouse.up()
    expect(page.get_by_label("Words of movement 3").first).to_have_value(before[0])
    assert lines(page)[:4] == [before[2], before[3], before[0], before[1]]
    saved(page)
    page.keyboard.press("Control+z")
    expect(page.get_by_label("Words of movement 1").first).to_have_value(before[0])
    saved(page)

    page.set_viewport_size({"width": 1280, "height": 1600})
    # A posture with another way is dragged below the next one: both are there.
    postures = page.locator("[data-posture]").count()
    first = page.locator('[data-posture="p1"]')
    first.get_by_label("Name of the posture").click()
    page.keyboard.press("Alt+7")
    page.get_by_role("button", name="Gentler way").click()
    saved(page)
    first.get_by_label("Name of the posture").hover()
    grip = first.locator('[data-tools="posture:p1"] [title="Drag"]').bounding_box()
    to = page.locator('[data-posture="p2"]').get_by_label("Name of the posture").bounding_box()
    page.mouse.move(grip["x"] + 8, grip["y"] + 8)
    page.mouse.down()
    page.mouse.move(to["x"] + 80, to["y"] + 10, steps=5)
    page.mouse.up()
    expect(page.locator("[data-posture]").first).to_have_attribute("data-posture", "p2")
    saved(page)
    body = page.request.get(f"{demo}/api/forms/nine-willows").json()["body"]
    there = [(p["id"] in ("p1", "p2"), p["variant_of"]) for p in body["sections"][0]["postures"]]
    assert there[:3] == [(True, ""), (True, ""), (False, "p1")]
    assert [p["id"] for p in body["sections"][0]["postures"]][:2] == ["p2", "p1"]
    page.keyboard.press("Control+z")
    expect(page.locator("[data-posture]").first).to_have_attribute("data-posture", "p1")
    page.keyboard.press("Control+z")
    expect(page.locator("[data-posture]")).to_have_count(postures)
    saved(page)

    # A section is dragged below the one after it.
    section = page.locator('[data-row="section:s1"]').first
    section.hover()
    grip = page.locator('[data-tools="section:s1"] [title="Drag"]').bounding_box()
    to = page.locator('[data-row="section:s2"]').first.bounding_box()
    page.mouse.move(grip["x"] + 14, grip["y"] + 14)
    page.mouse.down()
    page.mouse.move(to["x"] + 100, to["y"] + 12, steps=5)
    page.mouse.up()
    expect(page.locator('[data-row^="section:"]').first).to_have_attribute("data-row", "section:s2")
    saved(page)
    page.keyboard.press("Control+z")
    saved(page)
