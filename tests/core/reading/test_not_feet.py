"""Hands told without the word hand are no feet; feet beside them stay."""

import pytest

from kemvo.core.language.sides import mirror_text
from kemvo.core.reading.reader import read_line


def feet(line: str) -> list[tuple[str, str | None]]:
    return [(f.kind, f.side) for f in read_line(line) if f.kind in ("step", "lift", "pivot", "kick")]


@pytest.mark.parametrize(
    "line",
    [
        "left palm up, right one down",
        "drop the right",
        "pull back with the right",
        "the right sweeps under",
        "along the back",
        "the hand goes out to the side after the turn",
        "arms cross and draw in",
        "wrists touch, lift up",
        "push with the left",
        "circle the right up and over",
        "press the left down",
        "both palms turn, the left one out",
        "Drop the left, raise the right",
        "Left goes under, right over the top",
        "Roll the left over the right and pull down",
        "The left rises above the right",
        "Pull the right back",
    ],
)
def test_hands_without_the_word_are_no_feet(line: str) -> None:
    assert feet(line) == []
    assert feet(mirror_text(line)) == []


@pytest.mark.parametrize(
    ("line", "wanted"),
    [
        ("step through with the right, push with the left", [("step", "R")]),
        ("both hands go to the right side, then the right leg comes up", [("lift", "R")]),
        (
            "Lift the left foot, circle it round and set it down at the corner.",
            [("lift", "L"), ("step", "L"), ("step", "L")],
        ),
        ("left foot out, right one back", [("step", "L"), ("step", "R")]),
        ("bring the right in", [("step", "R")]),
        ("drop it down in front", [("step", None)]),
        ("raise the right knee", [("lift", "R")]),
        ("pull up the left knee", [("lift", "L")]),
        ("bring the right over beside the left", [("step", "R")]),
    ],
)
def test_feet_beside_hands_stay(line: str, wanted: list) -> None:
    assert feet(line) == wanted
