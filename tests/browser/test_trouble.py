"""Trouble as an instructor meets it: a damaged file, a form that cannot be read, a locked file, a server that is gone, a
conflict; and a copy made, restored and gone back to."""

import os
import re
import sqlite3
import subprocess
import sys
from contextlib import closing
from pathlib import Path

import pytest
from playwright.sync_api import Browser, Page, expect

from demo_made import demo_copied


class Served:
    """A Kemvo on a folder of its own, to be stopped and started."""

    def __init__(self, folder: Path) -> None:
        self.folder = folder
        self.start()

    def start(self, port: int = 0) -> None:
        command = [sys.executable, "-m", "kemvo.cli", "serve", "--no-browser", "--port", str(port)]
        self.server = subprocess.Popen(
            command, stdout=subprocess.PIPE, stderr=subprocess.DEVNULL, text=True,
            env={**os.environ, "KEMVO_HOME": str(self.folder)},
        )  # fmt: skip
        self.address = re.search(r"http://\S+", self.server.stdout.readline())[0].replace("localhost", "127.0.0.1")

    def stop(self) -> None:
        self.server.terminate()
        self.server.wait(10)

    def database(self) -> sqlite3.Connection:
        return sqlite3.connect(self.folder / "kemvo.sqlite", isolation_level=None)


@pytest.fixture
def kemvo(tmp_path: Path):
    folder = tmp_path / "data"
    demo_copied(folder)
    made = Served(folder)
    yield made
    made.stop()


def saving(page: Page, state: str) -> None:
    expect(page.locator("[data-saving]")).to_have_attribute("data-saving", state)


def test_a_damaged_file_is_said_on_every_page_and_a_copy_brings_all_back(page: Page, kemvo: Served) -> None:
    page.goto(f"{kemvo.address}/data")
    page.get_by_role("button", name="Make the file").click()
    expect(page.get_by_text("Checked by restoring it")).to_be_visible()
    with page.expect_download() as saved:
        page.get_by_role("link", name=re.compile(r"Save kemvo-.*\.zip")).click()
    copy = kemvo.folder.parent / "copy.zip"
    saved.value.save_as(copy)
    kemvo.stop()
    for end in ("-wal", "-shm"):
        (kemvo.folder / f"kemvo.sqlite{end}").unlink(missing_ok=True)
    (kemvo.folder / "kemvo.sqlite").write_bytes(b"damaged " * 4000)
    kemvo.start()
    for path in ("forms", "sessions", "forms/nine-willows", "data"):
        page.goto(f"{kemvo.address}/{path}")
        expect(page.get_by_role("alert").first).to_contain_text("is damaged")
    page.get_by_label("File of everything").set_input_files(copy)
    page.get_by_role("button", name="Replace what is here").click()
    expect(page.get_by_text("2 forms and 2 sessions are here again")).to_be_visible()
    page.get_by_role("link", name="Forms").click()
    expect(page.get_by_role("link", name="Nine Willows")).to_be_visible()


def test_a_form_that_cannot_be_read_is_shown_as_such_and_goes_back(page: Page, kemvo: Served) -> None:
    with closing(kemvo.database()) as db:
        db.execute("UPDATE document SET body = '{' WHERE id = 'nine-willows'")
    page.goto(f"{kemvo.address}/forms")
    expect(page.get_by_role("link", name="Long Causeway")).to_be_visible()
    broken = page.locator("[data-unreadable=nine-willows]")
    expect(broken).to_contain_text("cannot be read")
    broken.get_by_role("button", name="Go back to the version").click()
    expect(page.get_by_role("link", name="Nine Willows")).to_be_visible()
    expect(broken).to_have_count(0)


def test_a_locked_file_and_a_server_that_is_gone_are_told_apart(page: Page, kemvo: Served) -> None:
    page.goto(f"{kemvo.address}/forms/nine-willows")
    title = page.get_by_label("Title of the form")
    with closing(kemvo.database()) as other:
        other.execute("BEGIN EXCLUSIVE")
        title.fill("Nine Willows, evening")
        saving(page, "trouble")
        expect(page.get_by_role("alert")).to_contain_text("Another program is using the file")
        other.execute("ROLLBACK")
    saving(page, "saved")
    port = int(kemvo.address.rsplit(":", 1)[1])
    kemvo.stop()
    title.fill("Nine Willows, morning")
    saving(page, "offline")
    expect(page.get_by_role("alert")).to_contain_text("cannot be reached")
    kemvo.start(port)
    saving(page, "saved")
    page.reload()
    expect(title).to_have_value("Nine Willows, morning")


@pytest.mark.parametrize("choice", ["Keep mine", "Use the other version"])
def test_the_first_click_on_a_way_out_of_a_conflict_counts(
    page: Page, browser: Browser, kemvo: Served, choice: str
) -> None:
    """The field that is left by the click would save; that must not take the question away."""
    page.goto(f"{kemvo.address}/forms/nine-willows")
    elsewhere = browser.new_page()
    elsewhere.goto(f"{kemvo.address}/forms/nine-willows")
    elsewhere.get_by_label("Title of the form").fill("Elsewhere")
    saving(elsewhere, "saved")
    words = page.get_by_label("Words of movement 1").first
    words.fill("Stand quietly")
    saving(page, "conflict")
    words.press_sequentially(" and breathe")
    page.get_by_role("button", name=choice).click()
    saving(page, "saved")
    mine = choice == "Keep mine"
    expect(page.get_by_label("Title of the form")).to_have_value("Nine Willows" if mine else "Elsewhere")
    page.reload()
    expect(words).to_have_value(re.compile("quietly and breathe") if mine else re.compile("heels together"))
    elsewhere.close()


def test_a_gentler_version_is_saved_though_its_field_is_never_left(page: Page, kemvo: Served) -> None:
    page.goto(f"{kemvo.address}/forms/nine-willows")
    page.get_by_label("Name of the posture").first.click()
    gentler = page.get_by_label("Gentler version")
    gentler.press_sequentially("Smaller step, hands lower")
    saving(page, "saved")
    page.goto(f"{kemvo.address}/forms/nine-willows")
    page.get_by_label("Name of the posture").first.click()
    expect(gentler).to_have_value("Smaller step, hands lower")


def test_no_page_breaks_its_own_policy(page: Page, kemvo: Served) -> None:
    said: list[str] = []
    page.on("console", lambda m: said.append(m.text) if "Content Security Policy" in m.text else None)
    for path in (
        "forms", "forms/nine-willows", "forms/text", "postures", "sessions", "sessions/evening-class",
        "desk/evening-class", "booth/evening-class", "stage/thursday-class", "data", "api/docs",
        "api/sessions/thursday-class/paper.html",
    ):  # fmt: skip
        page.goto(f"{kemvo.address}/{path}")
        page.wait_for_load_state("networkidle")
    assert said == []


def test_another_sites_page_changes_nothing(page: Page, kemvo: Served) -> None:
    """A page of another address posts a form, and asks by script; Kemvo keeps what it has."""
    port = kemvo.address.rsplit(":", 1)[1]
    page.route("http://elsewhere.example/", lambda route: route.fulfill(content_type="text/html", body="<form></form>"))
    page.goto("http://elsewhere.example/")
    for host in ("127.0.0.1", "localhost"):
        page.evaluate(
            "url => fetch(url, {method: 'POST', mode: 'no-cors'}).catch(() => 0)", f"http://{host}:{port}/api/forms"
        )
    assert len(page.request.get(f"{kemvo.address}/api/forms").json()) == 2
