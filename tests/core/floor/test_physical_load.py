"""The ledger of a block: time on each leg from the weight's curve, time on one leg from the feet."""

from itertools import pairwise

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.floor.one_leg import one_leg_times
from kemvo.core.floor.physical_load import account, legs
from kemvo.core.floor.walker import trace
from kemvo.core.model.form import Form, Movement
from kemvo.core.model.mirror import mirror_form
from kemvo.core.model.session import Part, Session
from kemvo.core.movement.fields import with_typed_read
from kemvo.core.timing.score import STILL
from kemvo.core.timing.timeline import Span, plan_form
from kemvo.core.timing.timeline import plan as plan_session
from kemvo.core.views.blanks import MOVEMENT, PASS, POSTURE, SECTION


def form_of(*movements: Movement, **more: object) -> Form:
    rows = tuple(m.model_copy(update={"id": f"m{n}"}) for n, m in enumerate(movements))
    posture = POSTURE.model_copy(update={"id": "p", "name": "Reeds", "movements": rows})
    return Form(title="Reeds", sections=(SECTION.model_copy(update={"id": "s", "postures": (posture,)}),), **more)


def told(*lines: str) -> Form:
    return with_typed_read(form_of(*(MOVEMENT.model_copy(update={"line": line}) for line in lines)))


def weighed(*left: int, counts: float = 4.0) -> Form:
    return form_of(*(Movement(line="Shift", left_pct=w, counts=counts) for w in left))


def spans_of(form: Form, repeats: int = 1, alternate: bool = False) -> list[Span]:
    done = PASS.model_copy(
        update={"id": "x", "part": Part(form_id="f"), "repeats": repeats, "alternate": alternate, "tempo": 60.0}
    )
    return list(plan_session(Session(title="T", passes=(done,)), {"f": form}).spans)


@given(st.lists(st.integers(0, 100), min_size=1, max_size=9), st.integers(20, 240))
def test_time_on_each_leg_is_that_of_the_curve(left: list[int], tempo: int) -> None:
    form = weighed(*left).model_copy(update={"tempo": float(tempo)})
    spans = plan_form(form).spans
    on_left = on_right = 0.0
    for s in (s for s in spans if s.kind not in STILL):
        u = (np.arange(20_000) + 0.5) / 20_000
        weight = s.left_from + (s.left_to - s.left_from) * (3 * u**2 - 2 * u**3)
        ms = s.end_ms - s.start_ms
        on_left += float((weight > 50).mean()) * ms
        on_right += float((weight < 50).mean()) * ms
    found = legs(spans)
    assert found == pytest.approx((on_left, on_right), abs=2 + 1e-3 * spans[-1].end_ms)


@given(
    st.lists(st.integers(0, 100), min_size=1, max_size=5),
    st.integers(1, 8),
)
def test_a_symmetrical_drill_is_even(half: list[int], repeats: int) -> None:
    """A drill whose second half is the first on the other side: each leg carries as long as the other."""
    both = weighed(*half, *(100 - w for w in half))
    left, right = legs(spans_of(both, repeats=2 * repeats))
    assert abs(left - right) <= 2 * len(half) * 2 * repeats
    assert account(spans_of(both, repeats=2 * repeats), both).even_pct in (99, 100)


@given(st.lists(st.integers(0, 100), min_size=1, max_size=5), st.integers(1, 8))
def test_what_alternates_an_even_number_of_times_is_even(left: list[int], repeats: int) -> None:
    form = weighed(*left)
    form = form.model_copy(
        update={
            "sections": tuple(
                s.model_copy(update={"postures": tuple(p.model_copy(update={"side": "L"}) for p in s.postures)})
                for s in form.sections
            )
        }
    )
    assert account(spans_of(form, repeats=2 * repeats, alternate=True), form).even_pct >= 99


ONE_LEG = {
    ("Shift onto the left leg", "Raise the right knee", "Step down with the right foot forward"): [(1, 2)],
    ("Shift onto the left leg", "Raise the right knee", "Kick with the right heel", "Set the right foot down"): [(1, 3)],
    ("Weight onto the left leg", "Kick with the right heel and step down in front"): [(1, 1.5)],
    ("Weight all left. Lift the right knee and set it down again",): [(0, 0.5)],
    ("Shift onto the left leg", "Step forward with the right foot"): [],
    ("Shift to the left leg", "The right heel comes up"): [],
    ("Right knee up", "Set the right foot down, weight right", "Left knee up", "Set the left foot down"): [(0, 1), (2, 3)],
    ("The right leg comes up",): [(0, 1)],
    ("Stand even", "Right knee up", "The left arm rises", "Sink the shoulders"): [(1, 4)],
}  # fmt: skip
"""Lines, and between which of their four counts only one foot is on the floor (own reading of the words)."""


@pytest.mark.parametrize("lines", ONE_LEG)
@pytest.mark.parametrize("mirrored", [False, True])
def test_kicks_and_raised_knees_are_times_on_one_leg(lines: tuple[str, ...], mirrored: bool) -> None:
    form = told(*lines)
    form = mirror_form(form) if mirrored else form
    spans = plan_form(form).spans
    starts = [s.start_ms for s in spans if s.kind == "movement"] + [spans[-1].end_ms]

    def at(place: float) -> float:
        whole = int(place)
        return starts[whole] + (place - whole) * (starts[whole + 1] - starts[whole] if place != whole else 0)

    found = [(t.start_ms, t.end_ms) for t in one_leg_times(spans, trace(form, spans).steps)]
    wanted = [(at(a), at(b)) for a, b in ONE_LEG[lines]]
    assert len(found) == len(wanted)
    half = 2.2 * 60_000 / form.tempo
    for (a, b), (x, y) in zip(found, wanted, strict=True):
        # A foot goes up and comes down somewhere within its movement: half of one is open.
        assert abs(a - x) <= half
        assert abs(b - y) <= half
    assert all(b <= x for (_, b), (x, _) in pairwise(found))


def test_a_hold_on_one_leg_belongs_to_it() -> None:
    form = told("Shift onto the left leg", "Raise the right knee, hold for five seconds", "Set the right foot down")
    spans = plan_form(form).spans
    (alone,) = one_leg_times(spans, trace(form, spans).steps)
    hold = next(s for s in spans if s.kind == "hold")
    assert alone.start_ms < hold.start_ms
    assert alone.end_ms >= hold.end_ms
    assert account(spans, form).one_leg_ms == alone.ms


UP = [
    "Raise the right knee",
    "The right leg comes up",
    "Right knee comes up, hands rise",
    "Kick with the right heel",
    "Kick with the right toes",
    "Right foot lifts off the floor",
    "Both hands go to the right side, then the right leg comes up",
    "Lift the right foot",
    "Right knee up, then turn the body left",
    "Separate the hands and kick right",
    "The right knee floats up to the height of the hip",
    "Lift the right leg, breathe in",
]


@pytest.mark.parametrize("line", UP)
def test_a_leg_that_comes_up_carries_nothing(line: str) -> None:
    (movement,) = told(line).postures()[0].movements
    assert movement.left_pct == 100
    (other,) = mirror_form(told(line)).postures()[0].movements
    assert other.left_pct == 0


@pytest.mark.parametrize(
    ("line", "left"),
    [("Lift the right heel", 50), ("Raise the right toes", 50), ("Lift the right hand", 50), ("Weight 70 left", 70)],
)
def test_what_is_no_leg_leaves_the_weight(line: str, left: int) -> None:
    assert told(line).postures()[0].movements[0].left_pct == left


def test_a_foot_put_down_again_gets_no_weight_unless_the_words_say_so() -> None:
    lines = told("Raise the right knee", "Set the right foot down", "Weight to the middle").postures()[0].movements
    assert [m.left_pct for m in lines] == [100, 100, 50]
