"""A recording in the browser: brought in, marked by key and by captions, looked at on the desk, given back, played with captions."""

import json
import re
from pathlib import Path

import pytest
from playwright.sync_api import Page, expect
from typer.testing import CliRunner

from kemvo.cli import app
from kemvo.formats.documents.kemvo_json import write_session
from takes import FORMS, SESSION


@pytest.fixture(scope="module")
def film(tmp_path_factory: pytest.TempPathFactory) -> Path:
    """A folder with a film of the small form, its truth, its captions, and the session."""
    folder = tmp_path_factory.mktemp("film")
    (folder / "six.session.json").write_text(write_session(SESSION.model_copy(update={"title": "Six postures"}), FORMS))
    done = CliRunner().invoke(
        app,
        [
            "recording",
            "demo",
            str(folder / "six.session.json"),
            "-o",
            str(folder / "six.mp4"),
            "--truth",
            str(folder / "truth.json"),
            "--seed",
            "4",
        ],
    )
    assert done.exit_code == 0, done.output
    names = [p.title() for p in FORMS["f"].postures()]
    blocks = ["WEBVTT\n"]
    for m in json.loads((folder / "truth.json").read_text())["marks"]:
        if m["movement"] == 0 and m["edge"] == "start" and m["posture"] >= 3:
            begin, end = m["at_ms"] - 1650, m["at_ms"] - 150
            blocks.append(f"{_stamp(begin)} --> {_stamp(end)}\n{names[m['posture']]}\n")
    (folder / "six.vtt").write_text("\n".join(blocks))
    return folder


def _stamp(ms: int) -> str:
    return f"{ms // 60_000:02d}:{ms // 1000 % 60:02d}.{ms % 1000:03d}"


def brought_in(page: Page, empty: str, film: Path) -> None:
    page.goto(f"{empty}/sessions")
    page.get_by_label("File with a session").set_input_files(film / "six.session.json")
    expect(page).to_have_url(re.compile("/sessions/"))
    page.get_by_role("link", name="Recordings").click()
    page.get_by_label("File of the recording").set_input_files(film / "six.mp4")
    expect(page).to_have_url(re.compile("/recordings/"), timeout=60_000)
    expect(page.locator("[data-mark-scroll]")).to_be_visible()
    page.wait_for_selector("video")
    expect(page.locator("[data-recording='0']")).to_be_visible()


def go_to(page: Page, ms: int) -> None:
    """Watch from a moment, as somebody who looks at it again."""
    page.evaluate("s => { const v = document.querySelector('video'); v.pause(); v.currentTime = s }", ms / 1000)


def test_from_a_film_to_its_voice(page: Page, empty: str, film: Path, tmp_path: Path) -> None:
    brought_in(page, empty, film)
    true = [
        m["at_ms"]
        for m in json.loads((film / "truth.json").read_text())["marks"]
        if m["movement"] == 0 and m["edge"] == "start"
    ]
    names = [p.title() for p in FORMS["f"].postures()]
    for n in range(3):
        expect(page.locator("[data-next]")).to_contain_text(names[n])
        go_to(page, true[n])
        page.keyboard.press("Enter")
    expect(page.locator("[data-recording='3']")).to_be_visible(timeout=30_000)
    page.get_by_label("Captions or marks").set_input_files(film / "six.vtt")
    expect(page.locator("[data-recording='6']")).to_be_visible()
    id_ = page.url.rsplit("/", 1)[-1]
    sheet = page.request.get(f"{empty}/api/recordings/{id_}").json()["derived"]
    starts = [p["start_ms"] for p in sheet["places"] if p["first"]]
    assert all(abs(a - b) <= 150 for a, b in zip(starts, true, strict=True)), (starts, true)
    page.locator("[data-step=cues]").click()
    expect(page.locator("[data-desk-scroll]")).to_be_visible()
    expect(page.locator("[data-desk]")).not_to_have_attribute("data-desk", "0")
    page.locator("[data-step=mark]").click()
    page.get_by_role("tab", name="Give back").click()
    page.get_by_role("button", name="The film, its picture as it is").click()
    ready = page.locator("[data-ready]")
    expect(ready).to_be_visible(timeout=120_000)
    with page.expect_download() as coming:
        ready.click()
    out = tmp_path / coming.value.suggested_filename
    coming.value.save_as(out)
    assert out.suffix == ".mp4"
    length = page.evaluate(
        """async src => {
          const v = document.createElement('video'); v.src = src; v.muted = true
          await new Promise((done, failed) => { v.onloadedmetadata = done; v.onerror = () => failed(v.error.message) })
          await v.play(); v.pause()
          return v.duration
        }""",
        ready.get_attribute("href"),
    )
    assert abs(length * 1000 - sheet["total_ms"]) < 200
    page.goto(f"{empty}/recordings/{id_}/watch")
    expect(page.locator("[data-watch]")).to_be_visible()
    page.keyboard.press("Space")
    expect(page.locator("[data-watch='true']")).to_be_visible()
    cues = page.evaluate(
        "async () => { const t = document.querySelector('track'); t.track.mode = 'hidden';"
        " while (t.readyState < 2) await new Promise(r => setTimeout(r, 50)); return t.track.cues.length }"
    )
    assert cues > 5
    expect(page.locator("[data-words]")).to_be_visible(timeout=30_000)


def test_marks_are_nudged_taken_back_and_come_back_after_a_reload(page: Page, empty: str, film: Path) -> None:
    brought_in(page, empty, film)
    go_to(page, 9000)
    page.keyboard.press("Enter")
    page.keyboard.press("Enter")
    page.keyboard.press("Control+z")
    expect(page.locator("[data-recording='1']")).to_be_visible(timeout=30_000)
    page.keyboard.press("ArrowDown")
    page.keyboard.press("ArrowUp")
    page.keyboard.press(".")
    expect(page.get_by_text("Saved", exact=True)).to_be_visible()
    first = page.locator("[data-mark-scroll] [data-place]").first
    expect(first).to_have_attribute("data-mark", "hand")
    page.reload()
    expect(page.locator("[data-recording='1']")).to_be_visible()
    page.keyboard.press("ArrowDown")
    page.keyboard.press("ArrowUp")
    page.keyboard.press("Backspace")
    expect(page.locator("[data-recording='0']")).to_be_visible()
    page.keyboard.press("Control+z")
    expect(page.locator("[data-recording='1']")).to_be_visible()


def test_by_touch_and_on_a_small_screen(page: Page, empty: str, film: Path) -> None:
    brought_in(page, empty, film)
    page.set_viewport_size({"width": 390, "height": 844})
    assert page.evaluate("document.documentElement.scrollWidth <= innerWidth")
    page.get_by_role("button", name=re.compile("^Posture")).click()
    expect(page.locator("[data-recording='1']")).to_be_visible(timeout=30_000)
    page.get_by_role("tab", name="How it was filmed").click()
    page.get_by_label("How often Heron wades, left was done").select_option("0")
    page.get_by_role("tab", name="Marks").click()
    expect(page.locator("[data-posture]").filter(has_text="Heron wades")).to_have_count(0)
    page.get_by_role("tab", name="Its own sound").click()
    expect(page.get_by_text("Somebody seems to speak")).to_be_visible()


def test_an_empty_kemvo_says_what_to_do_first(page: Page, empty: str) -> None:
    page.goto(f"{empty}/recordings")
    expect(page.get_by_text("First make the session that is done in it")).to_be_visible()
    expect(page.get_by_role("button", name="Bring in a recording")).to_be_disabled()


def test_how_it_was_filmed_is_asked_once_and_tabs_take_arrows(page: Page, empty: str, film: Path) -> None:
    brought_in(page, empty, film)
    asked = page.locator("[data-asked]")
    expect(asked).to_contain_text("With the back to the camera")
    asked.get_by_role("button", name="It is so").click()
    expect(asked).to_have_count(0)
    page.reload()
    expect(page.locator("[data-mark-scroll]")).to_be_visible()
    expect(asked).to_have_count(0)
    page.get_by_role("tab", name="Marks").focus()
    page.keyboard.press("ArrowRight")
    expect(page.get_by_role("tab", name="How it was filmed")).to_be_focused()
    expect(page.get_by_text("Who faces the camera")).to_be_visible()
    page.keyboard.press("End")
    expect(page.get_by_role("button", name="The film, its picture as it is")).to_be_visible()
