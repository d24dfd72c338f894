"""The story of the cue desk: a left-out cue, a cure, a pin, a take, and the finished sound with the take in its place."""

import json
from pathlib import Path

import numpy as np
import pyloudnorm
import soundfile
from playwright.sync_api import Page, expect

from waiting import until


def saved(page: Page) -> None:
    expect(page.locator("[data-saving]")).to_have_attribute("data-saving", "saved")


def desk(page: Page, demo: str) -> None:
    page.goto(f"{demo}/desk/evening-class")
    expect(page.locator("[data-slip]").first).to_be_visible()
    expect(page.locator("[data-measuring]")).to_have_count(0, timeout=60_000)


def cues(page: Page, demo: str) -> list[dict]:
    return page.request.get(f"{demo}/api/sessions/evening-class/cues").json()["cues"]


def put_session(page: Page, demo: str, body: dict) -> None:
    there = page.request.get(f"{demo}/api/sessions/evening-class").json()
    page.request.put(f"{demo}/api/sessions/evening-class", data={"version": there["version"], "body": body})


def test_a_left_out_cue_is_cured_pinned_recorded_and_rendered(page: Page, demo: str, tmp_path: Path) -> None:
    desk(page, demo)
    # The problems are walked through by key; what is left out says why, in numbers.
    page.get_by_role("tab", name="Problems").click()
    here = page.locator("[data-cue]")
    for _ in range(60):
        page.keyboard.press("Alt+n")
        if here.get_attribute("data-cue-state") == "left out":
            break
    expect(here).to_have_attribute("data-cue-state", "left out")
    expect(page.locator("[data-told]")).to_contain_text("Left out.")
    expect(page.locator("[data-told]")).to_contain_text("free")
    left_out = here.get_attribute("data-cue")
    slip = page.locator(f'[data-slip="{left_out}"]')
    expect(slip).to_have_attribute("data-state", "left out")

    # A cure is taken by key, undone, and taken again.
    expect(page.locator("[data-cures]")).not_to_have_attribute("data-cures", "-1", timeout=30_000)
    expect(page.locator("[data-cures]")).not_to_have_attribute("data-cures", "0")
    page.keyboard.press("Alt+1")
    expect(page.locator(f'[data-slip="{left_out}"][data-state="left out"]')).to_have_count(0)
    saved(page)
    now = next(c for c in cues(page, demo) if c["id"] == left_out)
    assert now["state"] != "left out"

    # Another cue is nudged and pinned; its words are changed where they stand.
    page.get_by_role("tab", name="Cue", exact=True).click()
    page.locator("[data-desk-scroll]").focus()
    page.keyboard.press("ArrowDown")
    page.keyboard.press("ArrowDown")
    chosen = here.get_attribute("data-cue")
    before = next(c for c in cues(page, demo) if c["id"] == chosen)
    page.keyboard.press("ArrowLeft")
    saved(page)
    after = next(c for c in cues(page, demo) if c["id"] == chosen)
    assert after["pinned"]
    assert abs(after["start_ms"] - (before["start_ms"] - 100)) <= 10
    page.keyboard.press("Alt+k")
    # The key is taken and saved in a moment: waited for, since "saved" is shown before it as well as after it.
    until(page, lambda: not next(c for c in cues(page, demo) if c["id"] == chosen)["pinned"])
    saved(page)

    # Sparse says less than full.
    full = page.locator("[data-share]").get_attribute("data-share")
    page.get_by_label("How much is said").fill("40")
    saved(page)
    expect(page.locator("[data-share]")).not_to_have_attribute("data-share", full)
    assert float(page.locator("[data-share]").get_attribute("data-share")) < float(full)
    page.get_by_label("How much is said").fill("100")
    saved(page)

    # A line is spoken in the booth, with the microphone that ships with Kemvo.
    page.goto(f"{demo}/booth/evening-class")
    expect(page.locator("[data-line-text]")).to_be_visible(timeout=30_000)
    missing = int(page.locator("[data-booth]").get_attribute("data-missing"))
    line = page.locator("[data-line-text]").inner_text()
    page.get_by_label("simulated microphone").check()
    page.locator("h1").click()
    page.keyboard.press("Space")
    expect(page.locator("[data-left]")).to_contain_text("left")
    page.wait_for_timeout(400)
    page.keyboard.press("Space")
    expect(page.locator("[data-takes]")).to_have_attribute("data-takes", "1")
    expect(page.locator("[data-booth]")).to_have_attribute("data-missing", str(missing - 1))

    # The finished sound, of the first two passes: the take lies at its time, and the loudness is within its limits.
    whole = page.request.get(f"{demo}/api/sessions/evening-class").json()["body"]
    put_session(page, demo, {**whole, "passes": whole["passes"][:2]})
    page.goto(f"{demo}/sessions/evening-class/files")
    page.get_by_role("button", name="Make FLAC").click()
    with page.expect_download(timeout=240_000) as downloading:
        page.get_by_role("link", name="Save evening-class.flac").click(timeout=200_000)
    expect(page.locator("[data-loudness]")).to_contain_text("Loudness −1")
    path = tmp_path / "x.flac"
    downloading.value.save_as(path)
    samples, rate = soundfile.read(str(path), dtype="float32")
    assert abs(pyloudnorm.Meter(rate).integrated_loudness(samples.astype(float)) + 16) <= 0.5
    assert np.abs(samples).max() <= 10 ** (-0.9 / 20)
    takes = page.request.get(f"{demo}/api/takes", params={"text": line}).json()
    take_path = tmp_path / "take.wav"
    take_path.write_bytes(page.request.get(f"{demo}/api/takes/{takes[0]['number']}.wav").body())
    take, _ = soundfile.read(str(take_path), dtype="float32")
    at = next(c for c in cues(page, demo) if c["said"] == line)["start_ms"]
    first = max(0, at * rate // 1000 - rate)
    near = samples[first : first + len(take) + 2 * rate]
    found = first + int(np.argmax(np.correlate(near[::2], take[::2], "valid"))) * 2
    assert abs(found * 1000 / rate - at) <= 15
    put_session(page, demo, whole)


def test_a_file_changed_elsewhere_is_taken_back(page: Page, demo: str, tmp_path: Path) -> None:
    desk(page, demo)
    text = page.request.get(f"{demo}/api/sessions/evening-class/cue-files/subrip").text()
    path = tmp_path / "changed.srt"
    path.write_text(text.replace("Good evening.", "Good evening, all."), encoding="utf-8")
    page.goto(f"{demo}/sessions/evening-class/files")
    page.get_by_label("Cue file to take back").set_input_files(str(path))
    expect(page.locator("[data-file-told]")).to_contain_text("1 in other words")
    page.get_by_role("button", name="Apply the file").click()
    for key, there in (("", True), ("Control+z", False)):
        if key:
            page.keyboard.press(key)
        until(
            page, lambda there=there: any(c["said"].startswith("Good evening, all.") for c in cues(page, demo)) == there
        )


def test_what_is_called_is_chosen_and_every_line_is_reached_by_key(page: Page, demo: str) -> None:
    desk(page, demo)
    page.get_by_role("tab", name="Calls").click()
    page.get_by_label("counts aloud").check()
    until(page, lambda: any(c["kind"] == "count" for c in cues(page, demo)))
    saved(page)
    page.get_by_label("counts aloud").uncheck()
    saved(page)
    page.get_by_label("Maximum talk in Over the causeway, again, percent; empty: as much as fits").fill("20")
    page.keyboard.press("Tab")
    saved(page)
    session = page.request.get(f"{demo}/api/sessions/evening-class").json()["body"]
    assert [p["talk_pct"] for p in session["passes"]].count(20) == 1
    page.locator("[data-desk-scroll]").focus()
    page.keyboard.press("Alt+w")
    field = page.locator("[data-words-field]")
    expect(field).to_have_value("Words of your own")
    field.fill("Smile")
    saved(page)
    assert any(c["said"] == "Smile" for c in cues(page, demo))
    assert json.dumps(page.request.get(f"{demo}/api/sessions/evening-class").json()["body"]["own_cues"])


def test_a_session_in_which_nothing_is_said(page: Page, empty: str) -> None:
    made = page.request.post(f"{empty}/api/sessions").json()
    for place, words in (
        ("desk", "Nothing is said in this"),
        ("booth", "Nothing is said here yet"),
    ):
        page.goto(f"{empty}/{place}/{made['id']}")
        expect(page.get_by_text(words)).to_be_visible()
