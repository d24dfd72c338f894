"""Words that begin an action, and the same words as things."""

from __future__ import annotations

import pytest

from kemvo.core.reading.reader import read_line
from kemvo.core.reading.segment.verbs import is_verb
from kemvo.core.reading.tokens import tokens_of


def verbs(text: str) -> list[str]:
    tokens = tokens_of(text)
    return [t.w for i, t in enumerate(tokens) if is_verb(tokens, i)]


@pytest.mark.parametrize(
    ("text", "acting"),
    [
        ("step two is the right foot", []),
        ("step two steps forward", ["step"]),
        ("three steps later", []),
        ("the left leg is now empty", []),
        ("empty the left leg", ["empty"]),
        ("follow step with the right", ["step"]),
        ("follow the hand", ["follow"]),
        ("face the front", ["face"]),
        ("the hand passes your face", []),
        ("free to step", []),
        ("step by step", []),
        ("into a kick", []),
        ("kicking leg", []),
        ("a small circle", []),
        ("circle the left foot out", ["circle"]),
        ("the rest of the form", []),
        ("a set of three", []),
        ("into an empty step", []),
        ("half step up", ["step"]),
        ("take a small step", ["take", "step"]),
        ("the foot that steps", ["steps"]),
        ("equal load through both feet", []),
        ("load the left leg", ["load"]),
        ("next one we step out", ["step"]),
        ("go to lift the knee", ["lift"]),
        ("a bow step", []),
    ],
)
def test_a_word_begins_an_action_or_is_only_the_thing(text: str, acting: list[str]) -> None:
    assert verbs(text) == acting


@pytest.mark.parametrize(
    "text",
    [
        "step one, two, three and four of the plan",
        "the next step is the hard one",
        "each turn takes its time",
        "this kick comes later",
        "your first step will be small",
        "the rest of you keep still",
        "take it step by step",
        "a turn for the better",
        "the face is calm",
        "an empty room",
    ],
)
def test_things_move_no_foot(text: str) -> None:
    assert [f.kind for f in read_line(text)] == []


@pytest.mark.parametrize("number", ["one", "two", "seven", "twelve"])
@pytest.mark.parametrize(
    ("text", "wanted"),
    [
        ("is weight into the left leg", ("shift", "L")),
        ("the left foot steps forward", ("step", "L")),
        ("left toes turn out", ("pivot", "L")),
        ("lift your right knee", ("lift", "R")),
    ],
)
def test_a_numbered_step_is_no_step(number: str, text: str, wanted: tuple[str, str]) -> None:
    assert [(f.kind, f.side) for f in read_line(f"step {number} {text}")] == [wanted]
