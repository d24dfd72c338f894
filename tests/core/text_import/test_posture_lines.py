"""Lines of a list of postures: numbers, sides and how often, in the ways lists are written (common practice, no source)."""

from __future__ import annotations

import pytest
from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.text_import.one_line.labels import unlabelled, unnumbered
from kemvo.core.text_import.one_line.posture_lines import NameLine, name_line

LINES = {
    "4. Cloud hands x3": ("4", "Cloud hands", None, 3, False),
    "5. Brush knee (3 times)": ("5", "Brush knee", None, 3, False),
    "6) Repulse monkey, four times": ("6", "Repulse monkey", None, 4, False),
    "7b: Heron wades (left)": ("7b", "Heron wades", "L", 1, False),
    "8 - Heron wades, right": ("8", "Heron wades", "R", 1, False),
    "Posture 9 – Heron wades on the left side": ("9", "Heron wades", "L", 1, False),
    "No. 10: Golden rooster left and right": ("10", "Golden rooster", "L", 2, True),
    "Golden rooster (right/left)": ("", "Golden rooster", "R", 2, True),
    "Part the mane, both sides, twice": ("", "Part the mane", None, 4, True),
    "Part the mane (R)": ("", "Part the mane", "R", 1, False),
    "Part the mane L/R/L": ("", "Part the mane", "L", 3, True),
    "Part the mane (R, L, R)": ("", "Part the mane", "R", 3, True),
    "3. Cloud hands, left right left right": ("3", "Cloud hands", "L", 4, True),
    "Step and brush left, right and left": ("", "Step and brush", "L", 3, True),
    "Pat the horse, right/right/right": ("", "Pat the horse", "R", 3, False),
    "Brush knee three times, alternating": ("", "Brush knee", None, 3, True),
    "4 x Push": ("", "Push", None, 4, False),
    "Grasp the tail ×2.": ("", "Grasp the tail", None, 2, False),
    "Carry the tiger (return to mountain)": ("", "Carry the tiger (return to mountain)", None, 1, False),
    "11-Wade like a heron": ("11", "Wade like a heron", None, 1, False),
    "Heron looks to the left": ("", "Heron looks to the left", None, 1, False),
    "Heron lifts the right": ("", "Heron lifts the right", None, 1, False),
    "24 hours by the sea": ("", "24 hours by the sea", None, 1, False),
    "Left": ("", "Left", None, 1, False),
    "": ("", "", None, 1, False),
}


@pytest.mark.parametrize(("text", "wanted"), LINES.items())
def test_usual_lines(text: str, wanted: tuple) -> None:
    assert name_line(text)[:5] == wanted


names = st.sampled_from(["Heron wades", "Cloud hands", "Push", "Turn the wheel", "White crane spreads its wings"])
sides = st.sampled_from([("", None), (", left", "L"), (" (right)", "R"), (" on the left", "L"), (" - right side", "R")])
times = st.sampled_from([("", 1), (" x3", 3), (" (twice)", 2), (", five times", 5), (" (4x)", 4), (" × 12", 12)])


@given(st.sampled_from(["", "1. ", "12) ", "3b: ", "Posture 4: "]), names, sides, times, st.booleans())
def test_side_and_times_are_read_in_either_order(
    number: str, name: str, side: tuple, often: tuple, first: bool
) -> None:
    ends = (side[0], often[0]) if first else (often[0], side[0])
    read = name_line(f"{number}{name}{ends[0]}{ends[1]}")
    assert read[1:5] == (name, side[1], often[1], False)
    assert read.number == number.strip(" .):").removeprefix("Posture ")


@given(names, st.lists(st.sampled_from("LR"), min_size=3, max_size=9), st.sampled_from(["/", ", ", " ", "-", " & "]))
def test_a_row_of_sides_tells_how_often_and_which_is_first(name: str, row: list[str], between: str) -> None:
    words = [{"L": "left", "R": "right"}[s] for s in row]
    for written in (between.join(words), f"({between.join(row)})"):
        read = name_line(f"{name} {written}")
        assert read[1:5] == (name, row[0], len(row), len(set(row)) > 1)


@given(st.text(max_size=80))
def test_any_text_can_be_asked_and_a_name_is_a_part_of_it(text: str) -> None:
    read = name_line(text)
    assert isinstance(read, NameLine)
    assert read.name in text
    assert unnumbered(text) in text
    assert 1 <= read.times <= 99


@pytest.mark.parametrize(
    ("line", "name", "counts"),
    [
        ("Tide turns [4 counts]", "Tide turns", 4),
        ("2. Tide turns – 8 counts", "Tide turns", 8),
        ("Tide turns, left, over 6 counts", "Tide turns", 6),
        ("Tide turns (2.5 beats) x3", "Tide turns", 2.5),
        ("Tide turns, 1 count", "Tide turns", 1),
        ("Count the counts", "Count the counts", None),
        ("Four counts of jade", "Four counts of jade", None),
    ],
)
def test_how_many_counts_a_name_lasts(line: str, name: str, counts: float | None) -> None:
    said = name_line(line)
    assert (said.name, said.counts) == (name, counts)


@pytest.mark.parametrize(
    ("line", "name", "side", "other"),
    [
        ("3. Heron wades, right - same again on the other side", "Heron wades", "R", True),
        ("Heron wades (same on the other side)", "Heron wades", None, True),
        ("Heron wades - mirrored", "Heron wades", None, True),
        ("Heron wades, as before", "Heron wades", None, False),
        ("Heron wades, the same thing on the other side", "Heron wades", None, True),
        ("Heron wades again", "Heron wades", None, False),
        ("Heron wades (repeat)", "Heron wades", None, False),
        ("Heron wades the same sea", "Heron wades the same sea", None, False),
    ],
)
def test_a_name_may_say_that_it_is_done_as_before(line: str, name: str, side: str | None, other: bool) -> None:
    said = name_line(line)
    assert (said.name, said.side, said.other) == (name, side, other)


@pytest.mark.parametrize(
    ("line", "words"),
    [
        ("a) sit back", "sit back"),
        ("(b) sit back", "sit back"),
        ("12. sit back", "sit back"),
        ("iv) sit back", "sit back"),
        ("• sit back", "sit back"),
        ("- sit back", "sit back"),
        ("sit back", "sit back"),
        ("a step to the left", "a step to the left"),
        ("45 degrees left", "45 degrees left"),
        ("1.", "1."),
    ],
)
def test_a_movement_is_told_without_the_label_of_its_list(line: str, words: str) -> None:
    assert unlabelled(line) == words
