"""The whole story, as an instructor does it: from nothing to a sound file, by keyboard."""

import io
import itertools
import re
import time
import wave
from pathlib import Path

import pytest
import webvtt
from playwright.sync_api import Page, expect

from waiting import until

POSTURES = {
    "Stand by the water": ["Stand, arms hanging", "Sink into the right leg", "Left foot steps out, weight even"],
    "Part the reeds": ["Sit into the right leg", "Left heel steps to the corner", "Into the left leg, left hand opens"],
    "Gather in": ["Left foot comes back", "Stand quietly"],
}


def saved(page: Page) -> None:
    expect(page.locator("[data-saving]")).to_have_attribute("data-saving", "saved")


def test_from_nothing_to_a_practice_by_keyboard(page: Page, empty: str, tmp_path: Path) -> None:
    page.goto(f"{empty}/forms")
    expect(page.locator("[data-beginnings]")).to_be_visible()
    keys = page.keyboard

    page.get_by_role("button", name="New form").focus()
    keys.press("Enter")
    page.get_by_label("Title of the form").fill("Tide")
    page.locator("[data-row^=posture][data-field=line]").focus()
    for n, (name, lines) in enumerate(POSTURES.items()):
        if n:
            keys.press("Control+Enter")
        expect(page.locator("[data-row^=posture][data-field=line]")).to_have_count(n + 1)
        expect(page.locator("[data-row^=posture][data-field=line]").nth(n)).to_be_focused()
        keys.type(name)
        keys.press("ArrowDown")
        for i, line in enumerate(lines):
            if i:
                keys.press("Enter")
            keys.type(line)
    saved(page)
    expect(page.locator("[data-totals]")).to_contain_text("3 postures · 32 counts · 1:04")

    # The third row: weight into the right leg, breath in, five counts.
    page.get_by_label("Words of movement 2").first.focus()
    for press in ("Alt+r", "Alt+i", "Alt+Equal"):
        keys.press(press)
    saved(page)
    row = page.locator("[data-posture]").first.locator(".group\\/row").nth(1)
    expect(row.get_by_label(re.compile("^Counts"))).to_have_value("5")
    expect(row.get_by_label(re.compile("^Weight"))).to_have_value("100 R")
    expect(row.get_by_role("button", name=re.compile("^Breath"))).to_contain_text("in")
    expect(page.locator("[data-totals]")).to_contain_text("33 counts · 1:06 · 1 breath")
    keys.press("Control+z")
    expect(row.get_by_label(re.compile("^Counts"))).to_have_value("4")
    keys.press("Control+Shift+z")
    expect(row.get_by_label(re.compile("^Counts"))).to_have_value("5")

    # A session with two passes, from the form.
    page.get_by_role("button", name="New session").focus()
    keys.press("Enter")
    expect(page.locator("[data-pass]")).to_have_count(2)
    page.get_by_label("Title of pass 2").focus()
    keys.type("Follow me")
    page.get_by_label("Wished length").fill("3")
    keys.press("Enter")
    saved(page)
    expect(page.locator("[data-total]")).to_contain_text("2:52")
    expect(page.locator("[data-total]")).to_contain_text("0:08 under target")
    expect(page.locator("[data-state=full]")).to_contain_text(re.compile(r"\d+ in full"))

    # On the stage it moves, and jumps by movement and posture.
    keys.press("Alt+p")
    place = page.locator("[data-position-ms]")
    expect(place).to_be_visible()
    keys.press("Shift+ArrowRight")
    expect(page.locator("[data-posture-title]")).to_have_text("Stand by the water")
    began = time.monotonic()
    keys.press("Space")
    until(page, lambda: float(place.get_attribute("data-position-ms") or 0) > 15_400)
    moved = float(place.get_attribute("data-position-ms"))
    assert moved - 15_000 < 1000 * (time.monotonic() - began) + 300  # it goes as the clock does, and not ahead of it
    keys.press("Space")
    keys.press("ArrowRight")
    expect(page.locator("[data-line]")).to_have_text("Sink into the right leg")
    keys.press("Escape")

    # Sound and captions, two steps on in the head that the session's pages share.
    page.get_by_role("navigation", name="Steps of the work").get_by_role("link", name="Files").click()
    page.get_by_role("button", name="Make WAV").click()
    with page.expect_download() as sound:
        page.get_by_role("link", name=re.compile("^Save .*wav$")).click(timeout=30_000)
    sound.value.save_as(tmp_path / "practice.wav")
    with wave.open(str(tmp_path / "practice.wav")) as file:
        assert file.getnframes() / file.getframerate() == pytest.approx(172.0, abs=0.001)
    with page.expect_download() as captions:
        page.get_by_role("link", name="Captions (WebVTT)").click()
    captions.value.save_as(tmp_path / "practice.vtt")
    cues = list(webvtt.from_buffer(io.StringIO((tmp_path / "practice.vtt").read_text())))
    assert len(cues) > 8
    assert all(a.end_in_seconds <= b.start_in_seconds for a, b in itertools.pairwise(cues))
    assert any("Left heel steps to the corner" in c.text for c in cues)


def test_what_was_typed_survives_a_reload(page: Page, empty: str) -> None:
    page.goto(f"{empty}/forms")
    page.get_by_role("button", name="New form").click()
    page.get_by_label("Name of the posture").fill("Heron")
    page.get_by_label("Words of movement 1").fill("Left knee floats up")
    saved(page)
    page.reload()
    expect(page.get_by_label("Name of the posture")).to_have_value("Heron")
    expect(page.get_by_label("Words of movement 1")).to_have_value("Left knee floats up")


def test_two_windows_offer_both_versions(page: Page, demo: str) -> None:
    other = page.context.new_page()
    for window in (page, other):
        window.goto(f"{demo}/forms/nine-willows")
        expect(window.get_by_label("Title of the form")).to_have_value("Nine Willows")
    other.get_by_label("Title of the form").fill("Nine Willows, by the other")
    saved(other)
    page.get_by_label("Title of the form").fill("Nine Willows, mine")
    expect(page.get_by_role("alert")).to_contain_text("changed somewhere else")
    page.get_by_role("button", name="Keep mine").click()
    saved(page)
    page.reload()
    expect(page.get_by_label("Title of the form")).to_have_value("Nine Willows, mine")
    page.get_by_label("Undo").click()
    expect(page.get_by_label("Title of the form")).to_have_value("Nine Willows, by the other")
