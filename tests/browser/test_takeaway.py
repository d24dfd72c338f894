"""The take-away, made on the page of files and opened with the network off."""

from pathlib import Path

from playwright.sync_api import Browser, Page, expect

from kemvo.core.model.session import Part, Pass, Session


def test_it_plays_without_a_network(page: Page, browser: Browser, demo: str, tmp_path: Path) -> None:
    session = Session(title="Home", passes=(Pass(part=Part(form_id="nine-willows"), tempo=90),)).model_dump(mode="json")
    id_ = page.request.post(f"{demo}/api/sessions", data=session).json()["id"]
    page.goto(f"{demo}/sessions/{id_}/files")
    part = page.locator("[data-take-away]")
    before = part.locator("[data-bytes]")
    expect(before).to_contain_text("B")
    told = before.get_attribute("data-bytes")
    part.get_by_label("slower (85 %)").check()
    expect(before).not_to_have_attribute("data-bytes", told)
    part.get_by_role("button", name="Make the page").click()
    with page.expect_download(timeout=120_000) as coming:
        part.get_by_role("link", name="Save home.html").click(timeout=120_000)
    path = tmp_path / "home.html"
    coming.value.save_as(path)
    for width, height in ((390, 844), (1280, 800)):
        context = browser.new_context(viewport={"width": width, "height": height}, offline=True)
        home = context.new_page()
        wrong: list[str] = []
        home.on("pageerror", lambda e, wrong=wrong: wrong.append(str(e)))
        home.on("request", lambda r, wrong=wrong: None if r.url.startswith(("file:", "blob:")) else wrong.append(r.url))
        home.goto(path.as_uri())
        home.get_by_role("button", name="On").click()
        home.get_by_role("button", name="Play", exact=True).click()
        expect(home.locator("#posture")).to_have_text("Stand among willows")
        expect(home.locator("#said")).not_to_have_text("", timeout=15_000)
        home.get_by_label("tempo").select_option("0")
        expect(home.locator("#posture")).to_have_text("Stand among willows")
        expect(home.get_by_role("button", name="Pause")).to_be_visible()
        assert home.evaluate("document.documentElement.scrollWidth") <= width
        assert home.locator("#next").bounding_box()["y"] < height - 100
        assert not wrong
        context.close()
