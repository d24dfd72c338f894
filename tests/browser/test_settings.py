"""Settings, a flat list turned by a click, and a take that is put away and comes back."""

import re

from playwright.sync_api import Page, expect

from waiting import until


def test_a_voice_is_heard_and_chosen_and_the_theme_stays(page: Page, empty: str) -> None:
    page.goto(f"{empty}/settings")
    voices = page.locator("[data-voices] li")
    expect(voices.first).to_be_visible()
    with page.expect_response(re.compile("/api/sound/speech.wav")) as heard:
        page.get_by_role("button", name="Hear English (Scotland)").click()
    assert heard.value.ok
    page.get_by_role("radio", name=re.compile("Scotland")).check()
    expect(page.get_by_role("status")).to_have_text("Saved")
    page.get_by_label("Tempo in counts a minute").fill("26")
    page.keyboard.press("Enter")
    page.get_by_label("Theme").select_option("dark")
    expect(page.locator("html")).to_have_attribute("data-theme", "night")
    page.goto(f"{empty}/forms")
    expect(page.locator("html")).to_have_attribute("data-theme", "night")
    expect(page).to_have_title("Forms · Kemvo")
    page.get_by_role("button", name="New form").click()
    expect(page.get_by_label("Tempo in counts a minute")).to_have_value("26")
    made = page.request.post(f"{empty}/api/sessions").json()
    assert "scotland" in made["body"]["speech"]["voice"]
    page.request.put(f"{empty}/api/settings", data={})
    page.evaluate("() => localStorage.clear()")


def test_a_flat_list_is_turned_by_a_click(page: Page, empty: str) -> None:
    page.goto(f"{empty}/forms/text")
    page.get_by_label("The text").fill("Harbour form\n- Feet together\n- Left foot out\n- Sink and press\n- Push\n")
    page.get_by_role("button", name="Read the text").click()
    expect(page.locator("[data-items]")).to_have_attribute("data-items", "movements")
    expect(page.get_by_text("1 posture, 4 movements")).to_be_visible()
    page.get_by_role("button", name="postures", exact=True).click()
    expect(page.locator("[data-items]")).to_have_attribute("data-items", "postures")
    page.get_by_role("button", name="Make the form").click()
    expect(page.locator("[data-posture]")).to_have_count(4)


def test_a_take_is_put_away_and_brought_back(page: Page, demo: str) -> None:
    page.goto(f"{demo}/booth/thursday-class")
    page.get_by_label("simulated microphone").check()
    page.keyboard.press("Space")
    expect(page.locator("[data-recording=true]")).to_be_visible()
    page.wait_for_timeout(1500)  # somebody speaks for so long
    page.keyboard.press("Space")
    expect(page.locator("[data-takes]")).to_have_attribute("data-takes", "1")
    page.get_by_role("button", name="Put take 1 away").click()
    expect(page.locator("[data-takes]")).to_have_count(0)
    page.keyboard.press("Control+z")
    expect(page.locator("[data-takes]")).to_have_attribute("data-takes", "1")
    page.get_by_role("button", name="Put take 1 away").click()


def test_must_be_said_and_the_pause_before_a_pass(page: Page, demo: str) -> None:
    page.goto(f"{demo}/desk/thursday-class")
    page.locator("[data-slip]").first.click()
    must = page.get_by_label("Must be said")
    must.check()
    expect(page.locator("[data-cue]")).to_be_visible()
    expect(page.get_by_text("Saved", exact=True)).to_be_visible()
    expect(must).to_be_checked()
    page.keyboard.press("Control+z")
    expect(must).not_to_be_checked()


LATE = """const ask = window.fetch;
window.fetch = (to, how) => how?.method === "PUT"
  ? new Promise((done) => setTimeout(done, 400)).then(() => ask(to, how)) : ask(to, how);"""


def test_settings_changed_quickly_are_all_kept(page: Page, empty: str) -> None:
    """The server answers late: what is changed meanwhile goes after it."""
    page.add_init_script(LATE)
    page.goto(f"{empty}/settings")
    expect(page.get_by_label("Tempo in counts a minute")).to_be_visible()
    page.get_by_label("Tempo in counts a minute").fill("26")
    page.keyboard.press("Enter")
    page.get_by_label("Theme").select_option("dark")
    page.get_by_label("Speed of speech in words a minute").fill("120")
    page.keyboard.press("Enter")
    until(page, lambda: page.request.get(f"{empty}/api/settings").json()["settings"]["speech"]["wpm"] == 120)
    expect(page.get_by_role("status")).to_have_text("Saved")
    kept = page.request.get(f"{empty}/api/settings").json()["settings"]
    assert (kept["tempo"], kept["theme"], kept["speech"]["wpm"]) == (26, "dark", 120)
    expect(page.get_by_label("Tempo in counts a minute")).to_have_value("26")
    page.evaluate("() => localStorage.clear()")


def test_a_setting_is_kept_though_the_page_is_left_at_once(page: Page, empty: str) -> None:
    page.goto(f"{empty}/settings")
    expect(page.get_by_label("Tempo in counts a minute")).to_be_visible()
    page.get_by_label("Tempo in counts a minute").fill("34")
    page.keyboard.press("Enter")
    page.goto(f"{empty}/forms")
    until(page, lambda: page.request.get(f"{empty}/api/settings").json()["settings"]["tempo"] == 34)
    page.evaluate("() => localStorage.clear()")


def test_a_setting_that_is_refused_goes_back_and_the_others_stay(page: Page, empty: str) -> None:
    page.goto(f"{empty}/settings")
    expect(page.get_by_label("Tempo in counts a minute")).to_have_value("30")
    refused = {"title": "No", "detail": "This is not taken.", "problems": []}
    page.route("**/api/settings", lambda route: route.fulfill(status=422, json=refused), times=1)
    page.get_by_label("Tempo in counts a minute").fill("26")
    page.keyboard.press("Enter")
    expect(page.get_by_role("status")).to_have_text("This is not taken.")
    expect(page.get_by_label("Tempo in counts a minute")).to_have_value("30")
    page.get_by_label("Theme").select_option("light")
    expect(page.get_by_role("status")).to_have_text("Saved")
    kept = page.request.get(f"{empty}/api/settings").json()["settings"]
    assert (kept["tempo"], kept["theme"]) == (30, "light")
    page.evaluate("() => localStorage.clear()")
