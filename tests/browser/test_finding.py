"""Lists: searched, ordered, tagged; a form in use is not put away unasked; work that runs is seen on every page."""

from playwright.sync_api import Page, expect


def test_a_list_is_searched_ordered_and_tagged(page: Page, demo: str) -> None:
    for title in ("Alder", "Birch", "Cedar"):
        page.request.post(f"{demo}/api/forms", data={"title": title})
    page.goto(f"{demo}/forms")
    rows = page.locator("main li h2, main li a.font-name")
    expect(rows).to_have_count(5)
    page.get_by_label("Order").select_option("title")
    assert rows.all_inner_texts() == ["Alder", "Birch", "Cedar", "Long Causeway", "Nine Willows"]
    page.get_by_label("Search by title or tag").fill("willow")
    expect(rows).to_have_count(1)
    page.get_by_label("Search by title or tag").fill("")
    page.get_by_label("Tags of Birch").fill("trees,  evening class , trees")
    page.keyboard.press("Enter")
    chip = page.get_by_role("button", name="evening class", exact=True)
    chip.click()
    expect(rows).to_have_count(1)
    expect(rows).to_have_text("Birch")
    chip.click()
    expect(rows).to_have_count(5)
    page.get_by_label("Tags of Birch").fill("x" * 41)
    page.keyboard.press("Tab")
    expect(page.get_by_role("alert")).to_contain_text("at most 40 letters")


def test_a_form_in_use_is_not_put_away_unasked(page: Page, demo: str) -> None:
    page.goto(f"{demo}/forms")
    row = page.get_by_role("listitem").filter(has_text="Long Causeway")
    row.get_by_role("button", name="Put away").click()
    expect(row.get_by_role("alert")).to_contain_text("It is used in “")
    row.get_by_role("button", name="Keep it").click()
    expect(row).to_be_visible()
    row.get_by_role("button", name="Put away").click()
    row.get_by_role("button", name="Put it away all the same").click()
    expect(page.get_by_role("status")).to_contain_text("“Long Causeway” is put away.")
    page.get_by_role("button", name="Bring it back").click()
    expect(page.get_by_role("link", name="Long Causeway")).to_be_visible()


def test_work_that_runs_is_seen_on_every_page(page: Page, demo: str) -> None:
    page.goto(f"{demo}/sessions/evening-class/files")
    page.get_by_role("button", name="Make MP3").click()
    page.goto(f"{demo}/settings")
    going = page.locator("[data-under-way]")
    expect(going).to_contain_text("Evening class (MP3)")
    going.get_by_role("link").click()
    # Found again, where it was begun; a reload loses nothing.
    page.reload()
    page.get_by_role("button", name="Stop").click()
    expect(page.get_by_text("Stopped. Nothing was kept.")).to_be_visible()


def test_a_new_session_begins_in_its_first_pass(page: Page, demo: str) -> None:
    page.goto(f"{demo}/forms/nine-willows")
    page.get_by_role("button", name="New session").click()
    expect(page.get_by_label("Title of pass 1")).to_be_focused()
