"""The weight as words and body decide it, for the whole form at once."""

from __future__ import annotations

import pytest
from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.language.sides import mirror_text
from kemvo.core.model.form import FILLED_IN, Movement
from kemvo.core.movement.body_state import decided, level
from kemvo.core.movement.readings import read

LINES = (
    "step forward with the left heel", "step back with the right foot", "sit back", "shift forward 70 %", "shift your weight", "press down",
    "weight into the left leg", "bring the left foot in", "turn to the right", "weight even", "lift the right knee", "into a left bow",
    "back to 20/80", "kick with the left heel", "the left foot steps to the corner", "rock forward",
)  # fmt: skip
some = st.lists(st.sampled_from(LINES), min_size=1, max_size=7)


def weights(lines: list[str], opening: int = 50, held: dict[int, int] | None = None) -> list[int]:
    held = held or {}
    rows = [read(Movement(line=line, left_pct=held.get(i, 50), origins=FILLED_IN)) for i, line in enumerate(lines)]
    return [w.left_pct for w in decided(rows, [i not in held for i in range(len(rows))], opening)]


@pytest.mark.parametrize(
    ("lines", "left"),
    [
        # What comes later tells what was meant before.
        (["shift your weight", "the left foot steps forward"], [0, 0]),
        (["shift your weight", "the right foot steps forward"], [100, 100]),
        (["sit", "lift the left knee"], [0, 0]),
        # A foot that carries all has been emptied before it goes, though nobody said so.
        (["weight into the left leg", "bring the left foot up, toes touching"], [100, 0]),
        (["weight into the left leg", "step forward with the left foot", "shift forward"], [100, 0, 100]),
        # A bow stance has most of the weight in front.
        (["step forward with the left heel", "come up into a bow"], [0, 70]),
        (["weight into the left leg", "right foot to the corner", "right bow"], [100, 100, 30]),
        (["weight into the right leg", "LF fwd heel -> bow L 70"], [0, 70]),
        # Two shares: the front foot's, and the other's.
        (["step forward with the left foot", "back to 20/80", "forward to 70/30"], [0, 20, 70]),
        (["step forward with the right foot", "back to 20/80", "forward to 70/30"], [100, 80, 30]),
        # What says nothing of the body carries on.
        (["weight into the right leg", "the arms float up", "look at the hand"], [0, 0, 0]),
        (["the arms float up"], [50]),
    ],
)  # fmt: skip
def test_the_body_decides_what_the_words_leave_open(lines: list[str], left: list[int]) -> None:
    assert weights(lines) == left
    assert weights([mirror_text(line) for line in lines]) == [100 - x for x in left]


@given(some)
def test_mirrored_words_give_mirrored_weights(lines: list[str]) -> None:
    assert weights([mirror_text(line) for line in lines]) == [100 - x for x in weights(lines)]


@given(some, st.data())
def test_what_is_held_stays_and_bends_nothing_that_says_nothing(lines: list[str], data: st.DataObject) -> None:
    at = data.draw(st.integers(0, len(lines) - 1))
    left = data.draw(st.sampled_from([0, 20, 50, 65, 100]))
    found = weights(lines, held={at: left})
    assert found[at] == left
    quiet = ["press down"] * 3
    assert weights([*quiet, lines[0]], opening=100, held={3: left})[:3] == [100, 100, 100]


@given(some)
def test_a_second_decision_changes_nothing(lines: list[str]) -> None:
    once = weights(lines)
    assert weights(lines, held=dict(enumerate(once))) == once


@given(st.integers(0, 100))
def test_levels_are_symmetric(left: int) -> None:
    assert level(100 - left) == 100 - level(left)


def test_how_sure_it_is_falls_where_nothing_tells() -> None:
    rows = [read(Movement(line=line, origins=FILLED_IN)) for line in ("weight into the left leg", "shift your weight")]
    sure, guess = decided(rows, [True, True], 50)
    assert sure.sure > 0.99
    assert 0.5 < guess.sure < 0.95
    (even,) = decided([read(Movement(line="rock back", origins=FILLED_IN))], [True], 50)
    assert even.left_pct == 50
    assert even.sure <= 0.5
