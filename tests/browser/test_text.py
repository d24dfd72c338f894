"""A text brought in, a posture put in by letters, and what is read from the words."""

import re

from playwright.sync_api import Page, expect

TEXT = """Opening:
1. Commencing
2. Part the wild horse's mane, left
3. Heron wades
Pick up your left foot and step back.
The right hand turns over at the very last moment.
Sit into the left leg and breathe out.
"""


def test_a_script_becomes_a_form(page: Page, empty: str) -> None:
    page.goto(f"{empty}/forms")
    page.get_by_role("link", name="Bring in a text or file").click()
    page.get_by_label("The text").fill(TEXT)
    page.get_by_role("button", name="Read the text").click()
    lines = page.locator("[data-lines] li")
    expect(lines).to_have_count(7)
    expect(lines.nth(4)).to_contain_text("left foot lifts · left foot steps back")
    expect(lines.nth(5)).to_have_attribute("data-state", "not understood")
    page.get_by_role("button", name="Make the form").click()
    expect(page.locator("[data-totals]")).to_contain_text("3 postures")
    expect(page.get_by_label("Words of movement 2").last).to_have_value(
        "The right hand turns over at the very last moment."
    )


def test_words_are_read_as_they_are_typed_and_taken_over_by_a_key(page: Page, empty: str) -> None:
    page.goto(f"{empty}/forms")
    page.get_by_role("button", name="New form").click()
    page.get_by_label("Words of movement 1").click()
    page.keyboard.type("All the weight into the right leg, breathe in")
    expect(page.locator("[data-signs]")).to_contain_text("weight into the right 100 %")
    page.keyboard.press("Alt+w")
    expect(page.get_by_label("Weight at the end of movement 1")).to_have_value("100 R")
    expect(page.get_by_label("Breath of movement 1")).to_contain_text("in")


def test_a_posture_is_put_in_by_a_few_letters(page: Page, empty: str) -> None:
    page.goto(f"{empty}/forms")
    page.get_by_role("button", name="New form").click()
    page.get_by_label("Name of the posture").click()
    page.keyboard.type("br kn")
    expect(page.locator("[data-suggestions]")).to_contain_text("Brush knee and push")
    page.keyboard.press("Alt+1")
    expect(page.get_by_label("Name of the posture")).to_have_value("Brush knee and push")
    expect(page.locator("[data-posture] .group\\/row")).to_have_count(4)


def test_captions_cut_anywhere_become_a_form_whose_facts_stand_where_they_are_said(page: Page, empty: str) -> None:
    words = (
        "okay so today we're going to begin by shifting over to the right leg and step out with the left foot"
        " now bring the weight back to the middle and breathe in as the arms come up breathe out as they go down"
    ).split()
    blocks = [" ".join(words[i : i + 7]) for i in range(0, len(words), 7)]
    srt = "\n".join(
        f"{n}\n00:00:{3 * n:02d},000 --> 00:00:{3 * n + 3:02d},000\n{block}\n" for n, block in enumerate(blocks, 1)
    )
    page.goto(f"{empty}/forms/text")
    page.get_by_label("The text").fill(srt)
    page.get_by_role("button", name="Read the text").click()
    for says in ("weight into the right", "left foot steps out", "weight even", "breath in", "breath out"):
        expect(page.get_by_text(says, exact=False).first).to_be_visible()
    page.get_by_role("button", name="Make the form").click()
    rows = page.get_by_label(re.compile(r"^Words of movement \d+$"))
    expect(rows.first).to_have_value("okay so today we're going to begin by shifting over to the right leg")
    # Nothing of the text is lost, and every row begins with what it tells.
    shown = [row.input_value() for row in rows.all()]
    assert " ".join(shown) == " ".join(words)
    assert shown[1:] == [
        "and step out with the left foot",
        "now bring the weight back to the middle",
        "and breathe in as the arms come up",
        "breathe out as they go down",
    ]


OUTLINE = """TIDE FORM
For a windy day

1. Willow bends
   a) Feet together.
   b) Step forward with the left heel.
   c) Shift forward 70 %.
2. Willow bends - same on the other side
"""


def test_an_outline_becomes_a_form_with_its_title_and_the_weight_where_the_words_send_it(
    page: Page, empty: str
) -> None:
    page.goto(f"{empty}/forms/text")
    page.get_by_label("The text").fill(OUTLINE)
    page.get_by_role("button", name="Read the text").click()
    expect(page.get_by_role("heading", name="2 postures, 6 movements from the text")).to_be_visible()
    page.get_by_role("button", name="Make the form").click()
    expect(page.get_by_label("Title of the form")).to_have_value("TIDE FORM")
    weights = page.get_by_label("Weight at the end of movement")
    expect(weights.nth(2)).to_have_value("70 L")
    expect(weights.nth(5)).to_have_value("70 R")


TOLD = """so let's start with single whip weight back on the right
turn the left toes in and bring the right foot in
now into cloud hands weight left step in with the right
from cloud hands we go back to single whip so step left
"""


def test_a_lesson_told_in_one_go_shows_which_postures_begin_where(page: Page, empty: str) -> None:
    page.goto(f"{empty}/forms/text")
    page.get_by_label("The text").fill(TOLD)
    page.get_by_role("button", name="Read the text").click()
    expect(page.locator("[data-begins]")).to_have_text(["Single whip", "Cloud hands", "Single whip"])
    page.get_by_role("button", name="Make the form").click()
    expect(page.locator("[data-totals]")).to_contain_text("3 postures")
    names = page.get_by_label("Name of the posture")
    assert [n.input_value() for n in names.all()] == ["Single whip", "Cloud hands", "Single whip"]
    # Every line is a movement of its posture, in its own words.
    shown = [x.input_value() for x in page.locator('[aria-label^="Words of movement"]').all()]
    assert shown == TOLD.splitlines()


def test_names_after_their_movements_are_turned_by_a_click(page: Page, demo: str) -> None:
    page.goto(f"{demo}/forms/text")
    page.get_by_label("The text").fill(
        "Step left to the corner. Weight into the left leg. That was brush knee.\nSit back. Turn the right toes out. That's single whip."
    )
    page.get_by_role("button", name="Read the text").click()
    expect(page.locator("[data-names]")).to_have_attribute("data-names", "after")
    expect(page.get_by_role("heading", name="2 postures, 4 movements from the text")).to_be_visible()
    page.get_by_role("button", name="before their movements").click()
    expect(page.locator("[data-names]")).to_have_attribute("data-names", "before")
    page.get_by_role("button", name="after their movements").click()
    page.get_by_role("button", name="Make the form").click()
    expect(page.get_by_label("Name of the posture").first).to_have_value("Brush knee")


LESSON = """Millrace: lesson plan

1. Open the Sluice
Stand with the feet together, put your weight on the left and step out to the right with the right foot.
Equalise the weight. Breathe in, lift; breathe out, lower.

2. The Wheel Turns, left
Right leg full. Left foot a step forward.
Go forward until the left knee is over the middle of the foot, arms climb.
Talk about bones liking load, but not surprise.
Chairs: hold on with one hand.

3. Close the Sluice
Left foot in beside the right, even weight, hands down, breathe out.
See the other sheet.
"""


def test_a_text_is_read_while_it_is_typed_and_what_lines_are_is_answered(page: Page, empty: str) -> None:
    page.goto(f"{empty}/forms/text")
    page.get_by_label("The text").fill(LESSON)
    lines = page.locator("[data-lines] li")
    expect(lines.first).to_be_visible()  # nobody pressed a button
    question = page.locator("[data-question]")
    expect(question).to_be_visible()
    # Every question is answered in its order, by the first of its answers.
    for _ in range(6):
        if not question.count():
            break
        at = question.get_attribute("data-question")
        question.get_by_role("button").first.click()
        expect(page.locator(f'[data-question="{at}"]')).to_have_count(0)
    expect(question).to_have_count(0)
    # Any line can be turned over beside it, and what was said stays while the text is changed elsewhere.
    page.get_by_label("What line 10 is").select_option("gentler")
    expect(lines.filter(has_text="Talk about bones")).to_have_attribute("data-kind", "gentler")
    page.get_by_label("The text").fill(LESSON.replace("See the other sheet.\n", ""))
    expect(lines.filter(has_text="See the other sheet")).to_have_count(0)
    expect(lines.filter(has_text="Talk about bones")).to_have_attribute("data-kind", "gentler")
    page.get_by_role("button", name="Make the form").click()
    expect(page.locator("[data-totals]")).to_contain_text("3 postures")
    made = page.url.rsplit("/", 1)[1]
    form = page.request.get(f"{empty}/api/forms/{made}").json()["body"]
    wheel = form["sections"][0]["postures"][1]
    assert "Talk about bones" in wheel["gentler"]
