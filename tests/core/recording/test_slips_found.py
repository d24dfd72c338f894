"""Postures left out or done again, found from when the others begin."""

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.errors import KemvoError
from kemvo.core.model.form import Form, Movement, Posture, Section
from kemvo.core.movement.readings import finished
from kemvo.core.recording.model import Mark, Media, Recording
from kemvo.core.recording.performed import performance_key
from kemvo.core.recording.recorded_timeline import planned
from kemvo.core.recording.slips_found import Planned, by_moments, not_called, postures_planned, with_slips_found
from takes import DONE, SESSION, TIMELINE

LENGTHS = st.lists(st.integers(5000, 40_000), min_size=8, max_size=30, unique_by=lambda ms: ms // 2500)


def plan(lengths: list[int]) -> list[Planned]:
    return [Planned(f"p{i}", ms, ms) for i, ms in enumerate(lengths)]


def moments(lengths: list[int], order: list[int], pace: float, seed: int) -> list[int]:
    """When each begins that is done, at a pace that wavers a little."""
    chance = np.random.default_rng(seed)
    at, out = 3000.0, []
    for i in order:
        out.append(round(at))
        at += lengths[i] * pace * float(np.exp(chance.normal(0, 0.04)))
    return out


@given(lengths=LENGTHS, pace=st.floats(0.7, 1.5), seed=st.integers(0, 99))
def test_what_was_done_as_planned_is_left_as_it_is(lengths: list[int], pace: float, seed: int) -> None:
    found = by_moments(moments(lengths, list(range(len(lengths))), pace, seed), plan(lengths))
    assert (found.left_out, found.again) == ((), ())


@pytest.mark.parametrize("gone", [2, 5, 8])
def test_a_posture_left_out_is_found(gone: int) -> None:
    lengths = [9000, 22_000, 14_000, 31_000, 11_000, 19_000, 27_000, 8000, 16_000, 24_000, 12_000, 33_000]
    order = [i for i in range(len(lengths)) if i != gone]
    found = by_moments(moments(lengths, order, 1.1, 3), plan(lengths))
    assert found.left_out == (f"p{gone}",)
    assert found.again == ()
    assert [a for a, _ in found.assigned] == order


@pytest.mark.parametrize("twice", [1, 4, 7])
def test_a_posture_done_again_is_found(twice: int) -> None:
    lengths = [9000, 22_000, 14_000, 31_000, 11_000, 19_000, 27_000, 8000, 16_000, 24_000, 12_000, 33_000]
    order = [*range(twice + 1), *range(twice, len(lengths))]
    found = by_moments(moments(lengths, order, 0.9, 5), plan(lengths))
    assert [(a.performance, a.times) for a in found.again] == [(f"p{twice}", 2)]
    assert found.left_out == ()


def test_marks_of_postures_move_to_what_was_done_when_one_was_left_out() -> None:
    lengths = (4, 10, 6, 14, 5, 9, 12, 3, 8, 11)
    postures = tuple(
        Posture(name=f"Ford {n}", movements=(Movement(line="Turn", counts=c),)) for n, c in enumerate(lengths)
    )
    forms = {"f": finished(Form(sections=(Section(postures=postures),)))}
    firsts = [k for k in planned(SESSION, forms) if k.place.performance]
    gone, at, done = 3, 3000, list[int]()
    for n, k in enumerate(firsts):
        if n != gone:
            done.append(at)
            at += k.plan_ms
    take = Recording(
        media=Media(ms=at),
        marks=tuple(Mark(place=k.key, at_ms=ms, hand=True) for k, ms in zip(firsts, done, strict=False)),
    )
    found = with_slips_found(take, SESSION, forms)
    assert found.left_out == (performance_key(firsts[gone].place),)
    assert {m.place: m.at_ms for m in found.marks} == {
        k.key: ms for k, ms in zip([k for n, k in enumerate(firsts) if n != gone], done, strict=True)
    }
    with pytest.raises(KemvoError, match="done as it says"):
        with_slips_found(found, SESSION, forms)
    with pytest.raises(KemvoError, match="Too few postures"):
        with_slips_found(take.model_copy(update={"marks": take.marks[:2]}), SESSION, forms)


def test_too_few_moments_tell_nothing() -> None:
    assert by_moments([1000, 2000], plan([5000, 6000, 7000])).assigned == ((0, 0), (1, 0))
    assert by_moments([], []).assigned == ()


def test_a_posture_that_was_not_called_and_has_no_time_was_left_out() -> None:
    firsts = [
        (k, s)
        for k, s in zip(DONE, TIMELINE.spans, strict=True)
        if k.place.kind == "movement" and k.place.movement_no == 0
    ]
    planned = postures_planned(DONE)
    third = planned[2]
    marks = [
        Mark(place=k.key, at_ms=s.start_ms - (third.to_next_ms if i > 2 else 0))
        for i, (k, s) in enumerate(firsts)
        if i != 2
    ]
    assert not_called(marks, DONE) == (third.key,)
    in_time = [Mark(place=k.key, at_ms=s.start_ms) for i, (k, s) in enumerate(firsts) if i != 2]
    assert not_called(in_time, DONE) == ()
