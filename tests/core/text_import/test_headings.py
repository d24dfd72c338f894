"""Outlines as people lay them out: titles, headings, indents, letters, tables; every one means the same form."""

from __future__ import annotations

import pytest
from bench.reading import NAMES
from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.errors import KemvoError
from kemvo.core.model.form import Form
from kemvo.core.text_import.draft import Draft, draft
from kemvo.core.text_import.whole_text.script import read_script
from kemvo.formats.documents.catalogue import shipped_catalogue
from kemvo.formats.texts.scripts import script_entries


def made(text: str, name: str = "x.txt", title: str = "") -> Draft:
    return draft(read_script(script_entries(text.encode(), name), NAMES), shipped_catalogue(), title, "New form")


def shape(form: Form) -> list[tuple[str, list[tuple]]]:
    return [
        (s.title, [(p.number, p.name, p.side, p.repeats, [m.line for m in p.movements]) for p in s.postures])
        for s in form.sections
    ]


OUTLINE = """\
TIDE FORM
For a windy day

Part one: Opening

1. Willow bends
   a) Feet together, hands by the sides.
   b) Step out with the left foot, weight even. (6 counts)
2. Heron wades, left
   a) Shift to the right leg
   b) Left heel steps forward; shift 70% into it
3. Heron wades, right - same again on the other side

Part two

4. Tide turns [8 counts]
   Turn to the right on the right heel
   Bring the left foot up
5. Push x 2
"""


def test_an_outline_with_numbers_and_letters() -> None:
    found = made(OUTLINE)
    form = found.form
    assert (form.title, form.notes) == ("TIDE FORM", "For a windy day")
    assert [(s.title, [(p.number, p.name, p.side, p.repeats) for p in s.postures]) for s in form.sections] == [
        ("Part one: Opening",
         [("1", "Willow bends", None, 1), ("2", "Heron wades", "L", 1), ("3", "Heron wades", "R", 1)]),
        ("Part two", [("4", "Tide turns", None, 1), ("5", "Push", None, 2)]),
    ]  # fmt: skip
    willow, left, right, tide, push = form.postures()
    assert [m.line for m in willow.movements] == [
        "Feet together, hands by the sides.",
        "Step out with the left foot, weight even.",
    ]
    assert [m.counts for m in willow.movements] == [4, 6]
    assert [100 - m.left_pct for m in left.movements] == [m.left_pct for m in right.movements] == [100, 30]
    assert right.movements[0].line == "Shift to the left leg"
    assert [m.counts for m in tide.movements] == [4, 4]
    assert push.movements  # from the catalogue
    assert {x.became for x in found.lines[:2]} == {"title", "note"}
    assert not [x for x in found.lines if x.state == "not understood"]


SAME_FORM = {
    "numbers": ("x.txt", "1. Willow bends\n   feet together\n   sink\n2. Heron wades (left)\n   shift right\n"),
    "headings": ("x.md", "# Willow bends\n- feet together\n- sink\n\n# Heron wades (left)\n- shift right\n"),
    "title and headings": ("x.md", "# Tide\n\n## Willow bends\nfeet together\n\nsink\n## Heron wades, left\nshift right\n"),
    "bold": ("x.md", "**Willow bends**\n- feet together\n- sink\n\n**Heron wades (left)**\n- shift right\n"),
    "bullets": ("x.md", "- Willow bends\n  - feet together\n  - sink\n- Heron wades (left)\n  - shift right\n"),
    "bullets of text": ("x.txt", "• Willow bends\n  • feet together\n  • sink\n• Heron wades, left\n  • shift right\n"),
    "names over bullets": ("x.txt", "Willow bends\n- feet together\n- sink\n\nHeron wades, left\n- shift right\n"),
    "colons": ("x.txt", "Willow bends:\nfeet together\nsink\n\nHeron wades (left):\nshift right\n"),
    "capitals": ("x.txt", "WILLOW BENDS\nfeet together\nsink\nslowly sink\n\nHERON WADES, LEFT\nshift right\n"),
    "letters": ("x.txt", "1) Willow bends\na) feet together\nb) sink\n2) Heron wades, left\na) shift right\n"),
    "tabs": ("x.txt", "Willow bends\n\tfeet together\n\tsink\nHeron wades, left\n\tshift right\n"),
    "table": ("x.csv", "posture,side,movement\nWillow bends,,feet together\n,,sink\nHeron wades,left,shift right\n"),
    "cells of a spreadsheet": (
        "x.txt", "posture\tside\tmovement\nWillow bends\t\tfeet together\n\t\tsink\nHeron wades\tleft\tshift right\n"
    ),
    "pasted table": ("x.txt", "Posture; Side; Movement\nWillow bends;;feet together\n;;sink\nHeron wades;left;shift right\n"),
    "pasted Markdown": ("x.txt", "# Tide\n\n## Willow bends\n- feet together\n- sink\n\n## Heron wades, left\n- shift right\n"),
    "table of Markdown": (
        "x.md", "| Posture | Side | Movement |\n|---|---|---|\n| Willow bends | | feet together |\n| | | sink |\n"
        "| Heron wades | L | shift right |\n"
    ),
}  # fmt: skip


@pytest.mark.parametrize("way", SAME_FORM)
def test_every_way_to_lay_it_out_means_the_same_form(way: str) -> None:
    name, text = SAME_FORM[way]
    (section,) = shape(made(text, name).form)
    told = [(p[1].lower(), p[2], [line for line in p[4] if line != "slowly sink"]) for p in section[1]]
    assert told == [("willow bends", None, ["feet together", "sink"]), ("heron wades", "L", ["shift right"])]


def test_three_levels_of_headings_are_the_title_the_sections_and_the_postures() -> None:
    text = "# Tide\n\n## Opening\n\n### Willow bends\nsink\n\n## Middle\n\n### Middle step\nweight left\n\n### Push\n"
    found = made(text, "x.md").form
    assert found.title == "Tide"
    assert [(s.title, [p.name for p in s.postures]) for s in found.sections] == [
        ("Opening", ["Willow bends"]),
        ("Middle", ["Middle step", "Push"]),
    ]


def test_sections_over_names_stay_sections() -> None:
    text = "Opening\n  Willow bends\n  Heron wades\nMiddle\n  Cloud hands\n  Tide turns\n"
    found = shape(made(text).form)
    assert [(title, [p[1] for p in postures]) for title, postures in found] == [
        ("Opening", ["Willow bends", "Heron wades"]),
        ("Middle", ["Cloud hands", "Tide turns"]),
    ]


def test_a_heading_that_sounds_like_a_movement_stays_one_and_a_line_in_capitals_that_tells_one_does_not() -> None:
    assert [x.became for x in made("# A\n## Middle\nsink\n## End\nrise\n", "x.md").lines][:2] == ["title", "section"]
    found = made("Willow bends:\nSTEP LEFT\nslowly\nand again\n").lines
    assert [x.became for x in found][:2] == ["section", "movement"]


@pytest.mark.parametrize(
    ("text", "title"),
    [
        ("Tide form\n\n1. Willow bends\n2. Push\n", "Tide form"),
        ("Step out with the left foot.\n\nSit back.\n", "New form"),
        ("1. Willow bends\n\n2. Push\n", "New form"),
        ("welcome everybody\n\nstep left\n", "New form"),
        ("Sit back\nstep left\n", "New form"),
    ],
)
def test_what_is_a_title(text: str, title: str) -> None:
    assert made(text).form.title == title
    assert made(text, title="My own").form.title == "My own"


def test_a_posture_is_done_again_by_its_name_alone() -> None:
    text = "Willow bends:\nshift left\nsink\n\nPush:\nshift right\n\nWillow bends:\n"
    assert [(p.name, len(p.movements)) for p in made(text).form.postures()] == [
        ("Willow bends", 2), ("Push", 1), ("Willow bends", 2),
    ]  # fmt: skip


PIECES = st.sampled_from(
    ["Part two", "# Top", "## Low", "Opening:", "1. Willow bends", "   a) sink", "- shift right", "  deep", "\tdeeper", "", "CAPS",
     "Heron wades, left", "same on the other side", "(4 counts)", "| a | b |", "|---|", "0:10 step left", "**Bold**", "Push"]
)  # fmt: skip


@given(st.lists(PIECES, max_size=14), st.sampled_from(["x.txt", "x.md", "x.csv"]))
def test_however_odd_a_text_is_laid_out_all_of_it_is_accounted_for(lines: list[str], name: str) -> None:
    entries = script_entries("\n".join(lines).encode(), name)
    found = draft(read_script(entries, NAMES), shipped_catalogue(), "", "New form")
    assert " ".join(x.text for x in found.lines).split() == " ".join(e.text for e in entries).split()
    assert found.form.title
    movements = sum(len(p.movements) for p in found.form.postures())
    assert movements >= sum(x.became == "movement" and not x.text.startswith("(4") for x in found.lines) - lines.count(
        "(4 counts)"
    )


@pytest.mark.parametrize(
    ("text", "names"),
    [
        ("Heron wades\nTide turns\nStone sinks\nCloud hands\nReeds part, left\nReeds part, right\nMoon over water x3",
         ["Heron wades", "Tide turns", "Stone sinks", "Cloud hands", "Reeds part", "Reeds part", "Moon over water"]),
        ("The Long Walk\n\nHeron Wades\nTide Turns\nGather the Reeds\nPush\n",
         ["Heron Wades", "Tide Turns", "Gather the Reeds", "Push"]),
        ("Raise the arms\nLower the arms\nPress down\nRelax\n", [""]),
        ("Inhale\nExhale\nRest\nWait\n", [""]),
        ("Okay everybody, welcome back.\nRaise the arms.\n", [""]),
    ],
)  # fmt: skip
def test_a_list_of_nothing_but_names_is_one(text: str, names: list[str]) -> None:
    found = made(text).form
    assert [p.name for p in found.postures()] == names
    assert "Heron" not in found.notes


@pytest.mark.parametrize("name", ["x.txt", "x.md"])
def test_a_hundred_and_eight_postures_are_all_there_with_their_numbers(name: str) -> None:
    rows = "\n".join(
        f"{n}. Heron wades over the {'very ' * (n % 9)}long shore {n}, {'left' if n % 2 else 'right'}\n"
        f"   a) Sit back\n   b) Shift forward {50 + n % 50} %"
        for n in range(1, 109)
    )
    found = made(f"THE LONG WALK\n\nPart one\n\n{rows}\n", name)
    assert found.form.title == "THE LONG WALK"
    assert [(p.number, len(p.movements)) for p in found.form.postures()] == [(str(n), 2) for n in range(1, 109)]
    assert [line.state for line in found.lines].count("not understood") == 0


@pytest.mark.parametrize(
    "text",
    [
        "\n".join(f"Part {n}: tide\nsit back" for n in range(1, 121)),
        "\n".join(["Willow bends:", *(f"sit back {n}" for n in range(900))]),
        "\n".join(f"{n}. Heron wades\n   sit back" for n in range(1, 451)),
    ],
    ids=["sections", "movements", "postures"],
)
def test_a_text_with_more_than_a_form_may_have_keeps_every_movement(text: str) -> None:
    found = made(text).form
    assert Form.model_validate(found.model_dump()) == found
    assert sum(len(p.movements) for p in found.postures()) == text.count("sit back")
    if "Part 120" in text:
        assert "Part 120: tide" in found.notes


def test_a_text_that_no_form_can_hold_is_refused_with_a_sentence() -> None:
    text = "\n".join(f"Part {n}: tide\n" + "Push x2\n" * 5 for n in range(1, 260))
    with pytest.raises(KemvoError, match="more postures than one form may have"):
        made(text)
