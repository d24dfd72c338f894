"""Stances as a school, and as an instructor, has them."""

from __future__ import annotations

import pytest
from hypothesis import given
from hypothesis import strategies as st
from pydantic import ValidationError

from floors import walk
from kemvo.core.errors import KemvoError
from kemvo.core.floor.feet import offset
from kemvo.core.floor.walker import trace
from kemvo.core.model.form import Form, Movement, read_form
from kemvo.core.review.checks import read_through
from kemvo.core.review.context import seen
from kemvo.core.review.mends import mends
from kemvo.core.tables.schools import SCHOOLS, Manner, OwnStance
from kemvo.core.tables.stances import STANCES, stance_of_school

ids = st.sampled_from(sorted(STANCES))
own = st.builds(
    OwnStance,
    id=ids,
    along=st.none() | st.floats(0.05, 0.6),
    across=st.none() | st.floats(0.1, 2.5),
    front_deg=st.none() | st.integers(-20, 60),
    back_deg=st.none() | st.integers(-20, 80),
    front_least=st.none() | st.integers(0, 100),
    front_most=st.none() | st.integers(0, 100),
)


@pytest.mark.parametrize("school", SCHOOLS)
@pytest.mark.parametrize("row", STANCES.values(), ids=lambda r: r.id)
def test_a_school_fills_what_the_table_leaves_open(school: str, row: object) -> None:
    manner = SCHOOLS[school].manner
    here = stance_of_school(row.id, manner)
    assert (here.along, here.across, here.front_deg) == (row.along, row.across, row.front_deg)
    assert here.back_deg == (manner.back_foot_deg if row.back_deg is None else row.back_deg)
    assert 0 <= here.front_least <= here.front_most <= 100
    if row.id == "bow":
        assert here.front_least <= manner.bow_front_pct <= here.front_most


@given(own, ids)
def test_what_is_told_counts_and_the_rest_stays(changed: OwnStance, other: str) -> None:
    manner = Manner(stances=(changed,))
    usual, here = stance_of_school(changed.id, Manner()), stance_of_school(changed.id, manner)
    for name in ("along", "across", "front_deg", "back_deg"):
        told = getattr(changed, name)
        assert getattr(here, name) == (getattr(usual, name) if told is None else told)
    shares = [
        usual.front_least if changed.front_least is None else changed.front_least,
        usual.front_most if changed.front_most is None else changed.front_most,
    ]
    assert (here.front_least, here.front_most) == (min(shares), max(shares))
    if other != changed.id:
        assert stance_of_school(other, manner) == stance_of_school(other, Manner())


def into(stance: str, side: str, manner: Manner, left_pct: int) -> Form:
    other = "right" if side == "L" else "left"
    line = Movement(line="Stand", stance=stance, left_pct=left_pct, side=side)
    return walk(f"All the weight into the {other}", line, manner=manner)


@given(own.filter(lambda o: STANCES[o.id].sided and o.id != "one-leg"))
def test_the_feet_stand_as_told_on_either_side(changed: OwnStance) -> None:
    """Named by itself, a stance is reached as it is told; the other side is its mirror image."""
    manner = Manner(stances=(changed,))
    here = stance_of_school(changed.id, manner)
    body = trace(into(changed.id, "L", manner, 0)).body
    left, right = (trace(into(changed.id, s, manner, pct)).end().feet for s, pct in (("L", 0), ("R", 100)))
    along, across = offset(left.right, left.left, 0)
    assert along == pytest.approx(here.along * body.stature, abs=1e-6)
    assert -across == pytest.approx(here.across * body.shoulders, abs=1e-6)
    assert left.left.angle % 360 == pytest.approx(-here.front_deg % 360)
    assert left.right.angle % 360 == pytest.approx(here.back_deg % 360)
    mirrored = offset(right.left, right.right, 0)
    assert mirrored == pytest.approx((along, -across), abs=1e-6)


def test_a_step_forward_goes_as_far_as_the_bow_stance_is_long() -> None:
    lines = ("All the weight into the right", "Left heel steps forward", "Seventy percent into the left")
    short = trace(walk(*lines, manner=Manner(stances=(OwnStance(id="bow", along=0.25, across=0.8),))))
    along, across = offset(short.end().feet.right, short.end().feet.left, 0)
    assert (along, -across) == pytest.approx((0.25 * short.body.stature, 0.8 * short.body.shoulders), abs=1e-6)


def test_the_read_through_and_its_mend_go_by_the_own_weight() -> None:
    """A cross stance with forty percent in front is as the table has it; here it is to have sixty at least."""
    lines = (
        "All the weight into the right",
        "Left foot steps forward",
        Movement(line="Left cross stance", left_pct=40),
    )
    assert "stance-weight" not in {f.kind for f in read_through(seen(walk(*lines)))}
    strict = walk(*lines, manner=Manner(stances=(OwnStance(id="cross", front_least=60),)))
    (found,) = [f for f in read_through(seen(strict)) if f.kind == "stance-weight"]
    assert "60 to 80 %" in found.says
    mended = mends(strict, found.id)[0].form
    assert 60 <= mended.postures()[0].movements[-1].left_pct <= 80


def test_a_stance_that_is_told_twice_or_out_of_bounds_is_refused_with_a_sentence() -> None:
    with pytest.raises(ValidationError, match="told twice"):
        Manner(stances=(OwnStance(id="bow", along=0.3), OwnStance(id="bow", along=0.4)))
    with pytest.raises(KemvoError) as refused:
        read_form({"manner": {"stances": [{"id": "bow", "along": 3}]}}, "my form")
    assert "stance 1 “bow”" in str(refused.value)
    assert "Along must be" in str(refused.value)
