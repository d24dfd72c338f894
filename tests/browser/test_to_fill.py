"""A form whose postures have only a name: filled from the catalogue at once, marked, undone as one step."""

from playwright.sync_api import Page, expect

NAMES = ("White crane spreads its wings", "Single whip", "Salt the marsh", "Cloud hands")


def test_all_are_filled_at_once_and_count_as_the_instructors_when_changed(page: Page, empty: str) -> None:
    sections = [{"title": "All", "postures": [{"name": n} for n in NAMES]}]
    made = page.request.post(f"{empty}/api/forms", data={"title": "Names", "sections": sections}).json()
    page.goto(f"{empty}/forms/{made['id']}")
    expect(page.locator("[data-to-fill]")).to_contain_text("4 have nothing but a name")
    expect(page.locator("[data-known]")).to_have_count(3)
    page.get_by_role("button", name="Fill 3 from the catalogue").click()
    marks = page.locator("[data-from-catalogue]")
    expect(marks).to_have_count(3)
    expect(page.locator("[data-to-fill]")).to_have_count(0)
    names = page.get_by_label("Name of the posture")
    assert [names.nth(i).input_value() for i in range(4)] == list(NAMES)
    # One is found right, one is changed: both are the instructor's now.
    crane = page.get_by_role("group", name=NAMES[0])
    crane.get_by_role("button", name="It’s right").click()
    expect(marks).to_have_count(2)
    line = page.get_by_role("group", name="Single whip").get_by_label("Words of movement 1", exact=True)
    line.fill("Turn the left toes in, weight stays right")
    line.blur()
    expect(marks).to_have_count(1)
    for _ in range(3):
        page.locator("h1").click(force=True)
        page.keyboard.press("Control+z")
    expect(page.locator("[data-to-fill]")).to_contain_text("4 have nothing but a name")
