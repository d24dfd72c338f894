"""A foot moved by so much."""

from __future__ import annotations

from math import hypot

import pytest
from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.floor.feet import Foot, nearest, offset
from kemvo.core.floor.steps import SIZES, moved_by, ways
from kemvo.core.tables.schools import SCHOOLS
from kemvo.core.types import OTHER_SIDE, Side

feet = st.builds(Foot, st.floats(-3, 3), st.floats(-3, 3), st.floats(-180, 180), st.just("flat"))
facings = st.floats(-180, 180)


@given(
    feet,
    feet,
    st.sampled_from(["L", "R"]),
    facings,
    st.floats(0.01, 1),
    st.sampled_from([-0.3, 0.0, 0.3]),
    st.booleans(),
)
def test_it_moves_just_so_far(
    foot: Foot, stand: Foot, side: Side, facing: float, metres: float, along: float, inward: bool
) -> None:
    new = moved_by(metres, foot, stand, side, facing, along, inward, 0, "flat")
    assert hypot(new.x - foot.x, new.y - foot.y) == pytest.approx(metres)
    ahead, aside = offset(foot, new, facing)
    if along:
        assert ahead == pytest.approx(metres if along > 0 else -metres)
    else:
        assert ahead == pytest.approx(0, abs=1e-9)
        apart = abs(offset(stand, new, facing)[1])
        assert (apart < abs(offset(stand, foot, facing)[1]) + 1e-9) == inward or abs(aside) > abs(
            offset(stand, foot, facing)[1]
        )


@given(st.floats(0.05, 3), st.floats(-3, 3), st.floats(0.01, 1), st.sampled_from([-0.3, 0.0, 0.3]), st.booleans())
def test_the_other_foot_moves_in_the_mirror(x: float, y: float, metres: float, along: float, inward: bool) -> None:
    right = moved_by(metres, Foot(x, y, 10, "flat"), Foot(0, 0, 0, "flat"), "R", 0, along, inward, 20, "toe")
    left = moved_by(
        metres, Foot(-x, y, -10, "flat"), Foot(0, 0, 0, "flat"), OTHER_SIDE["R"], 0, along, inward, 20, "toe"
    )
    assert (left.x, left.y, nearest(left.angle, 0)) == pytest.approx((-right.x, right.y, nearest(-right.angle, 0)))


@pytest.mark.parametrize("school", SCHOOLS)
def test_the_tables_are_whole(school: str) -> None:
    assert SIZES["small"] < 1 < SIZES["long"]
    here = ways(SCHOOLS[school].manner)
    assert all(abs(w.along) < 0.5 and abs(w.across) < 2 for w in here.values())
    assert here["forward"].lands == "heel"
    assert here["back"].lands == "toe", "forward heel first, backward toes first (common practice, no source)"
