"""The lists of forms and sessions, and the choices of a pass."""

import json

from playwright.sync_api import Page, expect


def saved(page: Page) -> None:
    expect(page.locator("[data-saving]")).to_have_attribute("data-saving", "saved")


def test_a_form_is_duplicated_put_away_and_brought_back(page: Page, demo: str) -> None:
    page.goto(f"{demo}/forms")
    rows = page.get_by_role("main").get_by_role("listitem")
    expect(rows).to_have_count(2)
    rows.filter(has_text="Nine Willows").get_by_role("button", name="Duplicate, other side").click()
    expect(rows).to_have_count(3)
    copy = rows.filter(has_text="Nine Willows (other side)")
    copy.get_by_role("button", name="Put away").click()
    expect(page.get_by_role("status")).to_contain_text("is put away")
    expect(rows.filter(has_text="Save file")).to_have_count(2)
    page.get_by_role("button", name="Bring it back").click()
    expect(rows.filter(has_text="Save file")).to_have_count(3)
    copy.get_by_role("link", name="Nine Willows (other side)").click()
    expect(page.get_by_label("Name of the posture").nth(2)).to_have_value("Part the reeds")
    expect(page.get_by_label("Words of movement 2").nth(2)).to_have_value("Right heel steps to the right corner")


def test_a_form_goes_out_as_a_file_and_comes_in_again(page: Page, demo: str) -> None:
    page.goto(f"{demo}/forms/long-causeway")
    with page.expect_download() as file:
        page.get_by_role("link", name="Save file").click()
    content = file.value.path().read_bytes()
    # 431 counts at 32 a minute are 808 s, and 20 s of holds.
    assert json.loads(content)["form"]["title"] == "Long Causeway"
    page.goto(f"{demo}/forms")
    page.get_by_label("File with a form").set_input_files(
        {"name": "l.json", "mimeType": "application/json", "buffer": content}
    )
    expect(page.locator("[data-totals]")).to_contain_text("36 postures · 431 counts · 13:48")


def test_a_session_file_is_opened_and_lists_its_length(page: Page, demo: str) -> None:
    content = page.request.get(f"{demo}/api/sessions/thursday-class/file").body()
    page.goto(f"{demo}/sessions")
    page.get_by_label("File with a session").set_input_files(
        {"name": "s.json", "mimeType": "application/json", "buffer": content}
    )
    expect(page.locator("[data-pass]")).to_have_count(5)
    page.goto(f"{demo}/sessions")
    expect(page.get_by_role("main").get_by_role("listitem")).to_have_count(3)
    expect(page.get_by_text("5 passes · 19:48 of 20:00 to fill").first).to_be_visible()


def test_the_choices_of_a_pass_change_the_plan_and_the_words(page: Page, demo: str) -> None:
    page.goto(f"{demo}/sessions/thursday-class")
    last = page.locator("[data-pass]").last
    last.get_by_label("Title of pass 5").click()
    last.get_by_label("How much is said").select_option("silent")
    saved(page)
    # Nothing is said in a silent pass.
    expect(page.locator("[data-talk]")).to_be_visible()
    cues = page.request.get(f"{demo}/api/sessions/thursday-class/cues").json()["cues"]
    assert cues
    assert all(c["pass_no"] != 4 for c in cues)
    last.get_by_label("From posture").select_option(index=4)
    last.get_by_label("To posture").select_option(index=4)
    saved(page)
    expect(last).to_contain_text("1 posture")
    last.get_by_label("Facing").select_option("mirror")
    last.get_by_label("other side").check()
    last.get_by_label("pause before the pass, in seconds").fill("2.5 s")
    page.keyboard.press("Enter")
    saved(page)
    page.get_by_label("Title of pass 1").click()
    expect(last).to_contain_text("Nine Willows · 1 posture · Facing, mirrored · Silent · 34 counts/min · other side")
    for _ in range(6):
        page.keyboard.press("Control+z")
        page.wait_for_timeout(250)
    expect(last).to_contain_text("whole form · Back to the class · Names only")


def test_the_voice_is_chosen_and_measured_anew(page: Page, demo: str) -> None:
    page.goto(f"{demo}/sessions/thursday-class")
    expect(page.locator("[data-state=full]")).to_contain_text("in full")
    before = page.locator("[data-state=shorter]").inner_text()
    slow = page.get_by_label("Speed of speech in words a minute, 80 to 300")
    slow.fill("80")
    page.keyboard.press("Enter")
    saved(page)
    expect(page.locator("[data-state=shorter]")).not_to_have_text(before)
    slow.fill("40")
    slow.press("Tab")
    expect(slow).to_have_attribute("aria-invalid", "true")
    expect(page.get_by_role("alert")).to_contain_text("“40” is not taken. A whole number from 80 to 300.")
    expect(page.locator("[data-saving]")).to_contain_text("but for 1 value not taken")
    slow.fill("130")
    page.keyboard.press("Enter")
    saved(page)


def test_a_render_can_be_stopped(page: Page, demo: str) -> None:
    page.goto(f"{demo}/sessions/thursday-class/files")
    page.get_by_role("button", name="Make MP3").click()
    page.get_by_role("button", name="Stop").click()
    expect(page.get_by_text("Stopped. Nothing was kept.")).to_be_visible()
