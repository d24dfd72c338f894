"""Typed lines are read into the fields that are open to them; a weight that is not said is as the movement before left it."""

from __future__ import annotations

import pytest
from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.language.sides import mirror_text
from kemvo.core.model.form import FILLED_IN, Form, Movement, Origins, Posture, Section
from kemvo.core.movement.fields import carried, corrected, filled, filled_in, with_typed_read
from kemvo.core.movement.readings import finished

LINES = ["", "raise the arms", "weight into the left leg", "shift 70 % onto the right", "weight even, breathe in"]
TOLD = {LINES[2]: 100, LINES[3]: 30, LINES[4]: 50}

movements = st.builds(
    Movement,
    line=st.sampled_from(LINES),
    left_pct=st.sampled_from([0, 30, 50, 70, 100]),
    origins=st.sampled_from([FILLED_IN, Origins(), Origins(left_pct="hand"), Origins(left_pct="read")]),
    unread=st.booleans(),
)
postures = st.builds(Posture, movements=st.lists(movements, max_size=5).map(tuple))
forms = st.builds(
    Form,
    sections=st.lists(st.builds(Section, postures=st.lists(postures, max_size=3).map(tuple)), max_size=2).map(tuple),
    opening_left_pct=st.sampled_from([50, 100]),
).map(finished)


def all_of(form: Form) -> list[Movement]:
    return [m for p in form.postures() for m in p.movements]


def form_of(*lines: Movement) -> Form:
    return finished(Form(sections=(Section(postures=(Posture(movements=lines),)),)))


def typed(line: str, **more: object) -> Movement:
    return Movement(line=line, origins=FILLED_IN, unread=True, **more)


def weights(form: Form) -> list[int]:
    return [m.left_pct for m in all_of(form)]


@given(forms)
def test_after_it_nothing_is_unread_and_a_second_time_changes_nothing(form: Form) -> None:
    read = with_typed_read(form)
    assert not any(m.unread for m in all_of(read))
    assert with_typed_read(read) == read
    assert [m.line for m in all_of(read)] == [m.line for m in all_of(form)]


@given(forms)
def test_typed_weights_are_as_said_or_as_before_and_those_set_by_hand_stay(form: Form) -> None:
    left = form.opening_left_pct
    for was, now in zip(all_of(form), all_of(with_typed_read(form)), strict=True):
        if was.origins.left_pct in (None, "hand"):
            assert now.left_pct == was.left_pct
        elif was.unread and was.line in TOLD:
            assert (now.left_pct, now.origins.left_pct) == (TOLD[was.line], "read")
        elif was.unread and was.origins.left_pct == "filled":
            assert now.left_pct == left
        left = now.left_pct


@given(forms)
def test_where_nothing_was_typed_nothing_changes(form: Form) -> None:
    read = with_typed_read(form)
    assert with_typed_read(read) == with_typed_read(read, read) == read


def test_rows_typed_one_after_the_other_keep_the_weight() -> None:
    form = with_typed_read(form_of(*map(typed, ("weight into the right leg", "turn to the left", "raise the arms"))))
    assert weights(form) == [0, 0, 0]


def test_a_changed_line_takes_the_movements_after_it_along_up_to_the_next_that_says_its_own() -> None:
    form = with_typed_read(
        form_of(*map(typed, ("weight into the right leg", "turn to the left", "weight into the left", "sink")))
    )
    assert weights(form) == [0, 0, 100, 100]
    first, *others = all_of(form)
    changed = with_typed_read(
        form_of(first.model_copy(update={"line": "shift 70 % onto the right", "unread": True}), *others)
    )
    assert weights(changed) == [30, 30, 100, 100]


def test_a_weight_set_by_hand_or_put_right_takes_along_those_that_carried_the_old_one() -> None:
    before = with_typed_read(
        form_of(*map(typed, ("weight into the right leg", "turn to the left", "weight even", "sink")))
    )
    first, *others = all_of(before)
    by_hand = {"left_pct": 100, "origins": FILLED_IN.model_copy(update={"left_pct": "hand"})}
    for changed in (first.model_copy(update=by_hand), corrected(first, 0, "side")):
        after = with_typed_read(form_of(changed, *others), before)
        assert changed.left_pct != first.left_pct
        assert weights(after) == [changed.left_pct, changed.left_pct, 50, 50]


ROWS = ("weight into the right leg", "turn to the left", "weight into the left", "sink", "raise the arms")


def moved(form: Form, order: list[int]) -> Form:
    rows = all_of(form)
    return form.model_copy(
        update={"sections": (Section(postures=(Posture(movements=tuple(rows[i] for i in order)),)),)}
    )


@pytest.mark.parametrize(
    ("order", "left"),
    [
        ([1, 2, 3, 4], [50, 100, 100, 100]),  # the first is taken out
        ([0, 1, 3, 4], [0, 0, 0, 0]),  # a shift in the middle is taken out
        ([0, 3, 2, 1, 4], [0, 0, 100, 100, 100]),  # two change places
        ([2, 3, 4, 0, 1], [100, 100, 100, 0, 0]),
        ([0, 1, 2, 3, 4], [0, 0, 100, 100, 100]),
    ],
)
def test_weights_go_along_when_movements_are_taken_out_or_moved(order: list[int], left: list[int]) -> None:
    before = with_typed_read(form_of(*map(typed, ROWS)))
    assert weights(with_typed_read(moved(before, order), before)) == left


@given(st.permutations(range(len(ROWS))), st.integers(1, len(ROWS)))
def test_rows_moved_and_read_again_are_as_if_typed_so(order: list[int], kept: int) -> None:
    before = with_typed_read(form_of(*map(typed, ROWS)))
    order = list(order)[:kept]
    typed_so = with_typed_read(form_of(*(typed(ROWS[i]) for i in order)))
    assert weights(with_typed_read(moved(before, order), before)) == weights(typed_so)


def test_a_posture_of_the_catalogue_keeps_its_weights_when_what_is_before_it_is_typed() -> None:
    own = filled_in(Posture(movements=(Movement(line="hands rise", left_pct=50), Movement(line="press", left_pct=70))))
    form = finished(Form(sections=(Section(postures=(Posture(movements=(typed("weight left"),)), own)),)))
    assert weights(with_typed_read(form)) == [100, 50, 70]


@given(st.lists(movements, max_size=6), st.sampled_from([0, 50, 100]))
def test_what_is_carried_begins_with_what_was_there(rows: list[Movement], left: int) -> None:
    for was, now in zip(rows, carried(rows, left), strict=True):
        carried_on = TOLD.get(was.line, left)
        assert now.left_pct == (carried_on if was.origins.left_pct == "filled" else was.left_pct)
        left = now.left_pct


@pytest.mark.parametrize(
    ("lines", "left"),
    [
        # A foot that steps carries nothing: the right leg stands, though nobody said so.
        (["step forward with the left heel", "shift forward 70 %"], [0, 70]),
        (["step forward with the left heel", "shift 70 %", "sit back", "turn to the left", "forward again"], [0, 70, 0, 0, 100]),
        (["weight into the right leg", "left foot steps back", "sit back", "and shift forward"], [0, 0, 100, 0]),
        (["weight into the left leg", "shift to the other leg", "transfer your weight"], [100, 0, 100]),
        (["step out with the right foot and shift the weight 60 %"], [40]),
        (["rock back", "shift your weight"], [50, 50]),
        (["bring the feet together", "step back with the right and sit back 80 %"], [50, 20]),
    ],
)  # fmt: skip
def test_a_shift_of_which_no_leg_is_said_goes_where_the_feet_say(lines: list[str], left: list[int]) -> None:
    assert weights(with_typed_read(form_of(*map(typed, lines)))) == left
    rows = [Movement(line=line, origins=FILLED_IN) for line in lines]
    assert [m.left_pct for m in carried([filled(m) for m in rows], 50)] == left


SPOKEN = (
    "step forward with the left heel", "step back with the right foot", "sit back", "shift forward 70 %", "shift your weight",
    "weight into the left leg", "bring the left foot in", "turn to the right", "half step up with the right", "weight even",
)  # fmt: skip


@given(st.lists(st.sampled_from(SPOKEN), max_size=8))
def test_the_mirrored_words_give_the_mirrored_weights(lines: list[str]) -> None:
    whole = weights(with_typed_read(form_of(*map(typed, lines))))
    mirrored = weights(with_typed_read(form_of(*map(typed, map(mirror_text, lines)))))
    assert mirrored == [100 - left for left in whole]
