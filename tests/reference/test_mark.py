"""The mark against trying everything: what Kemvo says of the single step that would close a form, and a search that walks
every step of the form in every other way.

The search knows nothing of how likely a change is: it tries all of them (own check, no published source).
"""

from __future__ import annotations

from collections.abc import Iterator
from itertools import combinations, product
from math import atan2, cos, degrees, hypot, radians, sin

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from floors import forms, walk
from kemvo.core.floor.closing import Closing, EndPlace, closings, mark_of
from kemvo.core.floor.feet import FloorStep, Trace
from kemvo.core.floor.walker import Tweak, trace
from kemvo.core.model.form import Form
from kemvo.core.model.mirror import mirror_form

WALKS = (
    "Left foot steps forward, heel first", "Right foot steps forward, heel first", "Left foot steps back, toes first",
    "Right foot steps back, toes first", "Left foot steps out", "Right foot steps out", "Left foot steps in beside the right",
    "Right foot steps in beside the left", "Right foot half step up", "All the weight into the left",
    "All the weight into the right", "Weight even", "Turn right 90 degrees", "Turn left 90 degrees", "Left heel steps to the corner",
)  # fmt: skip

walks = st.lists(st.sampled_from(WALKS), min_size=1, max_size=7).map(lambda lines: walk(*lines))


def middle(feet: object, foot_m: float) -> tuple[float, float]:
    """Halfway between the middles of both feet, worked out from the prints: a foot's place is its heel, and it points
    clockwise from the front."""
    at = [
        (f.x + foot_m / 2 * sin(radians(f.angle)), f.y + foot_m / 2 * cos(radians(f.angle)))
        for f in (feet.of("L"), feet.of("R"))  # type: ignore[attr-defined]
    ]
    return (at[0][0] + at[1][0]) / 2, (at[0][1] + at[1][1]) / 2


def every_change(form: Form, t: Trace) -> Iterator[tuple[Tweak, EndPlace]]:
    """Every step made the other way round, by the other foot, and longer or shorter in twentieths."""
    for i, step in enumerate(t.steps):
        for side in sides_of(step):
            for tweak in (Tweak(i, side, "reversed"), Tweak(i, side, "other foot")):
                yield tweak, mark_of(trace(form, tweaks=(tweak,)))
            for k in range(8, 37):
                tweak = Tweak(i, side, "longer", k / 20)
                yield tweak, mark_of(trace(form, tweaks=(tweak,)))


def sides_of(step: FloorStep) -> list:
    """The feet that step in a movement, each once."""
    return list(dict.fromkeys(e.side for e in step.events if e.kind == "step" and e.way))


@given(st.one_of(walks, forms))
def test_the_mark_is_how_far_the_prints_are_apart(form: Form) -> None:
    t = trace(form)
    mark = mark_of(t)
    (x0, y0), (x1, y1) = middle(t.opening.feet, t.body.foot), middle(t.end().feet, t.body.foot)
    assert hypot(mark.right - (x1 - x0), mark.ahead - (y1 - y0)) < 0.001
    turned = degrees(atan2(sin(radians(t.end().facing)), cos(radians(t.end().facing))))
    assert min(abs(mark.turned - turned), 360 - abs(mark.turned - turned)) < 0.02


@given(st.one_of(walks, forms))
def test_the_mirrored_form_has_the_mirrored_mark(form: Form) -> None:
    here, there = mark_of(trace(form)), mark_of(trace(mirror_form(form)))
    assert abs(here.ahead - there.ahead) < 0.001
    assert abs(here.right + there.right) < 0.001
    assert abs(here.turned + there.turned) < 0.02 or abs(abs(here.turned) - 180) < 0.02


@given(walks)
@settings(max_examples=60)
def test_every_change_that_is_told_closes_the_form(form: Form) -> None:
    t = trace(form)
    for told in closings(form, t):
        tweaks = tuple(Tweak(c.step, c.side, c.how, c.factor) for c in told.changes)  # type: ignore[arg-type]
        again = mark_of(trace(form, tweaks=tweaks))
        assert again.distance() < 0.16  # the factor is told in thousandths
        assert told.mark.closed()
        assert told.says.endswith(".")


@given(walks)
@settings(max_examples=40)
def test_where_any_single_change_closes_a_form_one_is_told(form: Form) -> None:
    t = trace(form)
    if mark_of(t).closed():
        return
    found = [(mark.distance(), tweak) for tweak, mark in every_change(form, t) if mark.closed()]
    told = closings(form, t)
    assert bool(told) >= bool(found), min(found)[1]
    if found and told:
        assert nearest(told) <= min(d for d, _ in found) + 0.03


def nearest(told: list[Closing]) -> float:
    """How near the best of them comes to the mark, in metres."""
    return min(c.mark.distance() for c in told)


@given(walks)
def test_a_form_that_ends_on_its_mark_wants_no_change(form: Form) -> None:
    t = trace(form)
    assert closings(form, t) == [] or not mark_of(t).closed()


def every_pair(form: Form, t: Trace) -> Iterator[tuple[Tweak, Tweak]]:
    """Every two steps, both longer or shorter in tenths."""
    places = [(i, side) for i, step in enumerate(t.steps) for side in sides_of(step)]
    for (i, a), (j, b) in combinations(places, 2):
        if i != j:
            for k, m in product(range(4, 19), repeat=2):
                yield Tweak(i, a, "longer", k / 10), Tweak(j, b, "longer", m / 10)


@given(walks)
@settings(max_examples=40)
def test_where_no_single_change_closes_a_form_and_two_lengths_do_two_are_told(form: Form) -> None:
    t = trace(form)
    if mark_of(t).closed() or any(mark.closed() for _, mark in every_change(form, t)):
        return
    told = closings(form, t)
    assert all(len(c.changes) == 2 for c in told)
    if not told:
        closing = next((p for p in every_pair(form, t) if mark_of(trace(form, tweaks=p)).distance() < 0.1), None)
        assert closing is None or abs(mark_of(t).turned) > 10


TWO_STEPS = (
    ["Left foot steps forward, heel first", "All the weight into the left", "Right foot steps out", "All the weight into the right",
     "Left foot steps in beside the right"],
    ["Right foot steps out", "All the weight into the right", "Left foot steps in beside the right", "All the weight into the left",
     "Right foot steps back, toes first", "All the weight into the right", "Left foot steps in beside the right",
     "Left foot steps back, toes first", "All the weight into the left", "Right foot steps forward, heel first",
     "All the weight into the right", "Left foot steps forward, heel first", "Right foot steps in beside the left"],
)  # fmt: skip


AT_THEIR_BOUNDS = (
    ["All the weight into the right", "Right foot steps back, toes first", "Left heel steps to the corner"],
    ["Weight even", "Left foot steps back, toes first", "Right foot half step up", "Right foot steps out",
     "Right foot steps in beside the left", "Left heel steps to the corner"],
    ["Left foot steps out", "Right foot steps in beside the left", "Left foot steps back, toes first",
     "Right foot steps forward, heel first"],
)  # fmt: skip
"""Walks that end within the tolerance only where one of two steps is as short, or as long, as it may be."""


@pytest.mark.parametrize("lines", AT_THEIR_BOUNDS)
def test_two_steps_are_told_also_where_one_of_them_is_as_short_as_it_may_be(lines: list[str]) -> None:
    form = walk(*lines)
    told = closings(form, trace(form))
    assert told
    assert all(len(c.changes) == 2 and c.mark.closed() for c in told)


@pytest.mark.parametrize("lines", TWO_STEPS)
def test_two_steps_are_told_in_a_sentence_each(lines: list[str]) -> None:
    form = walk(*lines)
    for told in closings(form, trace(form)):
        assert told.says.count(".") >= len(told.changes)
        assert told.mark.closed()
