"""Laws of the timeline, the ledger and the curves; worked examples by hand."""

import itertools
from fractions import Fraction

import pytest
from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.model.form import Form, Movement, Posture, Section
from kemvo.core.model.mirror import mirror_form
from kemvo.core.model.session import Part, Pass, Session
from kemvo.core.movement.readings import finished
from kemvo.core.timing.score import done_times, performances
from kemvo.core.timing.timeline import mirrored, plan, plan_form
from kemvo.core.timing.totals import totals, totals_by
from kemvo.core.timing.weight_curve import is_full, leg_time, shifts, smoothstep, unsmoothstep
from kemvo.core.views.form_sheet import sheet
from kemvo.core.views.session_plan import session_plan
from strategies import forms, one_posture, practices


@given(practices(), st.sampled_from([0.5, 1.0, 1.25]))
def test_spans_follow_each_other_without_gap_or_overlap(practice: tuple, speed: float) -> None:
    timeline = plan(*practice, speed)
    at = 0
    for s in timeline.spans:
        assert isinstance(s.start_ms, int)
        assert s.start_ms == at
        assert s.end_ms >= s.start_ms
        at = s.end_ms
    assert at == timeline.total_ms


@given(practices())
def test_the_total_is_the_exact_sum_rounded_once(practice: tuple) -> None:
    session, here = practice
    exact = Fraction(0)
    for s in plan(session, here).spans:
        p = session.passes[s.round.no]
        if s.kind == "movement":
            exact += Fraction(s.movement.counts) * 60_000 / Fraction(p.tempo or here[p.part.form_id].tempo)
        elif s.kind == "hold":
            exact += s.movement.hold_ms
        else:
            exact += s.end_ms - s.start_ms
    assert abs(plan(session, here).total_ms - exact) <= Fraction(1, 2) + len(session.passes)


@given(practices())
def test_weight_and_lungs_go_on_from_where_they_were(practice: tuple) -> None:
    spans = plan(*practice).spans
    for a, b in itertools.pairwise(spans):
        assert a.left_to == b.left_from
        assert a.fill_to == pytest.approx(b.fill_from)
    assert all(0 <= s.fill_to <= 1 for s in spans)


@given(practices())
def test_faster_never_lengthens_and_still_times_stay(practice: tuple) -> None:
    slow, fast = plan(*practice), plan(*practice, 1.5)
    assert fast.total_ms <= slow.total_ms
    still = [[s.movement.hold_ms if s.kind == "hold" else 0 for s in t.spans] for t in (slow, fast)]
    assert still[0] == still[1]


@given(forms)
def test_the_mirrored_form_has_the_mirrored_timeline(form: Form) -> None:
    there, here = plan_form(mirror_form(form)), plan_form(form)
    assert [(s.start_ms, s.end_ms, s.left_to) for s in there.spans] == [
        (s.start_ms, s.end_ms, 100 - s.left_to) for s in here.spans
    ]
    a, b = totals(here.spans), totals(there.spans)
    assert (a.left_ms, a.right_ms, a.shifts, a.breaths) == (b.right_ms, b.left_ms, b.shifts, b.breaths)


@given(practices())
def test_spans_mirrored_twice_are_the_spans(practice: tuple) -> None:
    spans = list(plan(*practice).spans)
    assert mirrored(mirrored(spans)) == spans


@given(forms)
def test_totals_add_up_over_postures_and_sections(form: Form) -> None:
    spans = plan_form(form).spans
    whole = totals(spans)
    for key in (lambda s: s.performance.section_id, lambda s: s.performance.posture.id):
        parts = totals_by(spans, key)[0].values()
        for field in ("ms", "movements", "breaths", "shifts", "left_ms", "right_ms", "even_ms"):
            assert sum(getattr(p, field) for p in parts) == getattr(whole, field)
        assert sum(p.counts for p in parts) == pytest.approx(whole.counts)
    assert whole.left_ms + whole.right_ms + whole.even_ms == whole.ms


@given(practices())
def test_the_passes_of_a_plan_add_up_to_the_session(practice: tuple) -> None:
    planned = session_plan(*practice)
    assert sum(p.totals.ms for p in planned.passes) == planned.totals.ms
    starts = [p.start_ms for p in planned.passes]
    assert starts == sorted(starts)


@given(forms)
def test_the_sheet_has_a_line_for_every_movement(form: Form) -> None:
    lines = sheet(form).movements
    assert set(lines) == {m.id for p in form.postures() for m in p.movements}
    for p in form.postures():
        for m in p.movements:
            assert lines[m.id].left_to == m.left_pct
            words = [len(w.text.split()) for w in lines[m.id].wordings]
            assert words == sorted(words, reverse=True)


def test_times_by_hand() -> None:
    """At 60 counts a minute a count is a second; the hold keeps its 1.5 s at any tempo."""
    form = one_posture(Movement(counts=4, left_pct=100), Movement(counts=2.5, left_pct=0, hold_ms=1500))
    assert [(s.start_ms, s.end_ms, s.kind) for s in plan_form(form).spans] == [
        (0, 4000, "movement"),
        (4000, 6500, "movement"),
        (6500, 8000, "hold"),
    ]
    assert plan_form(form, 120).total_ms == 3250 + 1500


def test_rounding_does_not_add_up() -> None:
    """Three counts at 7 a minute are 8571.43 ms each; nine of them 77143 ms, not 9 x 8571."""
    form = one_posture(*[Movement(counts=1)] * 9)
    assert plan_form(form, 7).total_ms == 77143


def test_shifts_by_hand() -> None:
    """A shift: the full side changes (even in between does not make it two), or more than 25 points move."""
    assert shifts([50, 70, 70, 45, 50, 80, 100, 76, 75]) == [False, False, True, False, True, False, False, False]
    assert shifts([50, 76, 50]) == [True, True]


def test_a_foot_is_full_above_ten_percent() -> None:
    """More than 10 % on the front foot of an empty stance is a fault (common practice, no source)."""
    assert [is_full("L", pct) for pct in (0, 10, 11, 100)] == [False, False, True, True]
    assert [is_full("R", pct) for pct in (0, 89, 90, 100)] == [True, True, False, False]
    assert not is_full(None, 50)


@given(st.sampled_from(["L", "R"]), st.integers(0, 100))
def test_a_full_foot_mirrored_is_full(side: str, pct: int) -> None:
    assert is_full(side, pct) == is_full("R" if side == "L" else "L", 100 - pct)


def test_leg_time_by_hand() -> None:
    """From all right to all left the weight is even half way, at half the time."""
    assert leg_time(0, 100, 3000) == (1500, 1500, 0)
    assert leg_time(50, 70, 900) == (900, 0, 0)
    assert leg_time(50, 50, 900) == (0, 0, 900)


@given(st.floats(0, 1))
def test_smoothstep_and_its_inverse(u: float) -> None:
    assert unsmoothstep(smoothstep(u)) == pytest.approx(u, abs=1e-6)
    assert smoothstep(1 - u) == pytest.approx(1 - smoothstep(u))


@given(st.integers(0, 100), st.integers(0, 100), st.integers(0, 60_000))
def test_leg_times_add_up_and_mirror(a: int, b: int, ms: int) -> None:
    here, there = leg_time(a, b, ms), leg_time(100 - a, 100 - b, ms)
    assert sum(here) == ms
    assert abs(here.left - there.right) <= 1


def breaths(*directions: str) -> int:
    return totals(plan_form(one_posture(*[Movement(breath=b) for b in directions])).spans).breaths


def test_breaths_by_hand() -> None:
    assert breaths("in", "out", "in", "out") == 2
    assert breaths("out", "in", "out") == 2
    assert breaths("in", "in", "out") == 1
    assert breaths("in", "free", "in", "out") == 2
    assert breaths("free", "free") == 0


def test_one_breath_over_two_movements_fills_with_their_time() -> None:
    spans = plan_form(one_posture(Movement(counts=3, breath="in"), Movement(counts=1, breath="in"))).spans
    assert [(s.fill_from, s.fill_to) for s in spans] == [(0, 0.75), (0.75, 1)]


def test_two_of_three_counts_repeats_and_neighbours_of_one_name() -> None:
    repeated = Posture(name="Clouds", side="L", repeats=3)
    alternating = Posture(name="Clouds", side="L", repeats=2, alternate=True)
    assert [(p.nth, p.of) for p in performances([(repeated, "s", "")])] == [(1, 3), (2, 3), (3, 3)]
    sides = [Posture(name="Reeds", side="L"), Posture(name="reeds ", side="R"), Posture(name="Heron")]
    assert [(p.nth, p.of) for p in performances([(p, "s", "") for p in sides])] == [(1, 2), (2, 2), (1, 1)]
    assert [p.side for p in done_times(alternating)] == ["L", "R"]


def test_a_part_begins_with_the_weight_that_comes_before_it() -> None:
    first = Posture(id="a", movements=(Movement(left_pct=100),))
    second = Posture(id="b", movements=(Movement(left_pct=0),))
    here = {"f": finished(Form(sections=(Section(postures=(first, second)),)))}
    spans = plan(Session(passes=(Pass(part=Part(form_id="f", first="b")),)), here).spans
    assert [s.left_from for s in spans] == [100, 100, 0]
    other = plan(Session(passes=(Pass(part=Part(form_id="f", first="b"), other_side=True),)), here).spans
    assert [s.left_from for s in other] == [0, 0, 100]


def test_what_is_missing_is_said_and_the_rest_is_planned() -> None:
    here = {"f": one_posture(Movement())}
    passes = (Pass(part=Part(form_id="gone")), Pass(part=Part(form_id="f", first="old")))
    planned = session_plan(Session(passes=passes), here)
    assert [p.where for p in planned.problems] == ["pass 1", "pass 2"]
    assert planned.totals.movements == 1
