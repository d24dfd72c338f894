"""The story of a lesson: a pattern, 45 minutes, a group with sore knees, fitted, explained, and both sheets on paper."""

import re
from pathlib import Path

from playwright.sync_api import Page, expect


def saved(page: Page) -> None:
    expect(page.locator("[data-saving]")).to_have_attribute("data-saving", "saved")


def test_a_lesson_is_laid_out_fitted_and_printed(page: Page, demo: str, tmp_path: Path) -> None:
    page.goto(f"{demo}/forms/nine-willows")
    expect(page.locator("[data-posture]").first).to_be_visible()
    page.keyboard.press("Alt+9")
    page.get_by_label("Who it is for").select_option("sore-knees")
    saved(page)
    page.goto(f"{demo}/sessions")
    page.get_by_text("Plan a lesson").click()
    page.get_by_label("First new posture").select_option("2")
    page.get_by_label("Last new posture").select_option("4")
    page.get_by_role("button", name="Create the lesson").click()
    expect(page.locator("[data-pass]").first).to_be_visible()
    expect(page.locator("[data-total]")).to_contain_text("under target")

    # The answer is explained block by block, taken over by one key, undone by one.
    fit = page.locator("[data-fit]")
    expect(fit).to_contain_text("It takes 45:00")
    expect(fit).to_contain_text("times")
    page.keyboard.press("Alt+f")
    expect(page.locator("[data-total]")).to_contain_text("45:00 exactly on target")
    page.keyboard.press("Control+z")
    expect(page.locator("[data-total]")).to_contain_text("under target")
    page.keyboard.press("Control+Shift+z")
    expect(page.locator("[data-total]")).to_contain_text("exactly on target")

    # A shorter hour: typing the minutes is enough to see the new answer.
    page.get_by_label("Wished length: minutes, or minutes:seconds; empty for none").fill("30")
    page.keyboard.press("Tab")
    saved(page)
    expect(fit).to_contain_text("It takes 30:00")
    page.get_by_role("button", name="Use this").click()
    expect(page.locator("[data-total]")).to_contain_text("30:00 exactly on target")

    page.get_by_label("Time on the clock at which it begins").fill("10:30")
    page.keyboard.press("Tab")
    saved(page)
    page.get_by_label("Breath", exact=True).select_option("matched")
    saved(page)
    expect(page.locator("[data-account]")).to_contain_text("Left/right balance")

    page.get_by_role("navigation", name="Steps of the work").get_by_role("link", name="Files").click()
    for name in ("instructor", "class"):
        for ending, begins in (("PDF", b"%PDF"), ("MD", b"# Nine Willows"), ("CSV", b"clock,block")):
            with page.expect_download() as got:
                page.get_by_role("link", name=f"Plan for the {name} ({ending})").click()
            path = tmp_path / f"{name}.{ending}"
            got.value.save_as(path)
            assert path.read_bytes().startswith(begins)
    assert "10:30" in (tmp_path / "instructor.MD").read_text()
    assert "ask a doctor" in (tmp_path / "class.MD").read_text()


def test_a_block_is_turned_off_and_its_kind_is_changed(page: Page, demo: str) -> None:
    page.goto(f"{demo}/sessions/thursday-class")
    first = page.locator("[data-pass]").first
    first.get_by_label("Title of pass 1").click()
    first.get_by_label("Kind of block").select_option("rest")
    saved(page)
    expect(first.get_by_label("How long it lasts, in minutes")).to_have_value("1")
    first.get_by_label("include").uncheck()
    saved(page)
    expect(first).to_contain_text(re.compile(r"0:00"))


def test_a_pass_goes_over_a_few_movements_and_repeats_them(page: Page, demo: str) -> None:
    """Closing breaths in threes: from one movement of a posture to another."""
    page.goto(f"{demo}/sessions/thursday-class")
    first = page.locator("[data-pass]").nth(1)
    first.get_by_label("Title of pass 2").click()
    form = page.request.get(f"{demo}/api/forms/nine-willows").json()["body"]
    last = form["sections"][-1]["postures"][-1]
    first.get_by_label("From posture").select_option(last["id"])
    first.get_by_label("From movement").select_option(index=2)
    first.get_by_label("To movement").select_option(index=3)
    saved(page)
    plan = page.request.get(f"{demo}/api/sessions/thursday-class").json()
    part = plan["body"]["passes"][1]["part"]
    assert (part["first_movement"], part["last_movement"]) == (last["movements"][1]["id"], last["movements"][2]["id"])
    counts = sum(m["counts"] for m in last["movements"][1:3])
    assert plan["derived"]["passes"][1]["totals"]["counts"] == counts


def test_a_drill_across_the_hall_turns_at_the_wall(page: Page, demo: str) -> None:
    page.goto(f"{demo}/sessions/evening-class")
    drill = page.locator('[data-pass="a5"]')
    drill.locator("[data-title]").click()
    expect(drill.locator("[data-across]")).to_contain_text("All 4 times fit across Saltmarsh Hall")
    drill.get_by_label("How many times in a row").fill("14")
    page.keyboard.press("Tab")
    saved(page)
    expect(drill.locator("[data-across]")).to_contain_text("of 14 times fit across Saltmarsh Hall")
    drill.get_by_role("button", name="Turn at the wall").click()
    expect(page.locator("[data-pass]")).to_have_count(8)
    saved(page)
    page.keyboard.press("Control+z")
    expect(page.locator("[data-pass]")).to_have_count(7)
