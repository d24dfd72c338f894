"""Breath schools: the laws of a plan, and worked examples."""

from itertools import pairwise

from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.tables.breath_schools import Comfort
from kemvo.core.timing.breath_planner import (
    BreathTarget,
    comfortable_tempos,
    cure_tempo,
    drift,
    matched,
    paced,
    points_of,
)

COMFORT = Comfort(2000, 6000, 2000, 7000)
wishes = st.lists(
    st.builds(
        BreathTarget,
        st.sampled_from([500, 1000, 2000, 3000, 4000, 8000, 15_000]),
        st.sampled_from(["in", "out", "free"]),
    ),
    max_size=12,
)
comforts = st.builds(
    Comfort,
    st.sampled_from([1000, 2000]),
    st.sampled_from([4000, 6000]),
    st.sampled_from([1000, 2500]),
    st.sampled_from([5000, 9000]),
)


@given(wishes, comforts)
def test_a_plan_alternates_covers_the_time_and_stays_in_comfort_or_says_not(
    asked: list[BreathTarget], comfort: Comfort
) -> None:
    plan = matched(asked, comfort)
    total = sum(w.ms for w in asked)
    at = 0
    for a, b in pairwise(plan.breaths):
        assert a.way != b.way
    for b in plan.breaths:
        assert b.start_ms == at
        at = b.end_ms
        least, most = comfort.of(b.way)
        assert plan.strained_ms or least <= b.end_ms - b.start_ms <= most
    assert at == total
    assert 0 <= plan.kept <= plan.wished == sum(w.breath != "free" for w in asked)


@given(wishes, comforts)
def test_breath_changes_only_at_its_points(asked: list[BreathTarget], comfort: Comfort) -> None:
    points = dict(points_of(asked, comfort))
    plan = matched(asked, comfort)
    changes = [b.end_ms for b in plan.breaths[:-1]]
    assert all(c in points for c in changes)
    assert plan.within == sum(points[c] for c in changes)


def test_breaths_that_fit_are_left_as_they_were_wished() -> None:
    plan = matched(
        [BreathTarget(4000, "in"), BreathTarget(4000, "out"), BreathTarget(4000, "in"), BreathTarget(6000, "out")],
        COMFORT,
    )
    assert [(b.end_ms, b.way) for b in plan.breaths] == [(4000, "in"), (8000, "out"), (12_000, "in"), (18_000, "out")]
    assert (plan.kept, plan.within, plan.strained_ms) == (4, 0, 0)


def test_nobody_holds_the_breath_in_a_long_movement() -> None:
    """A long movement takes an extra breath (common practice, no source)."""
    plan = matched([BreathTarget(4000, "in"), BreathTarget(15_000, "out"), BreathTarget(4000, "in")], COMFORT)
    assert len(plan.breaths) >= 5
    assert plan.strained_ms == 0


def test_a_tempo_that_cures_is_told() -> None:
    slow = [BreathTarget(8000, "in"), BreathTarget(8000, "out")]
    assert cure_tempo(slow, 24, COMFORT) == 32
    assert cure_tempo([BreathTarget(4000, "in"), BreathTarget(4000, "out")], 24, COMFORT) is None


def test_a_paced_breath_keeps_its_ratio_and_says_where_it_locks() -> None:
    breaths = paced(60_000, 6, 0.4)
    assert len(breaths) == 12
    assert [b.end_ms - b.start_ms for b in breaths[:2]] == [4000, 6000]
    told = drift([BreathTarget(4000, "in")] * 10, 30, 7, 0.5)
    assert told.counts == 4
    assert told.locks_at == 28


@given(st.integers(0, 200_000), st.sampled_from([4.0, 6.0, 7.5]), st.sampled_from([0.3, 0.5]))
def test_a_paced_breath_covers_the_time(ms: int, per_minute: float, share: float) -> None:
    breaths = paced(ms, per_minute, share)
    assert sum(b.end_ms - b.start_ms for b in breaths) == ms
    assert all(a.way != b.way and a.end_ms == b.start_ms for a, b in pairwise(breaths))


def test_the_comfortable_tempos_of_breaths_as_written() -> None:
    assert comfortable_tempos([(4, "in"), (2, "out"), (2, "out")], Comfort(2000, 8000, 2000, 8000)) == (30, 120)
    assert comfortable_tempos([(1, "in"), (40, "out")], Comfort(2000, 8000, 2000, 8000)) is None
