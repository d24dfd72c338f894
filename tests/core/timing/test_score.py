"""The stages from a session to what is heard, each on its own: score, timeline, breath, heard."""

from itertools import groupby, pairwise

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from kemvo.core.cues.directions import directed
from kemvo.core.model.form import Form
from kemvo.core.model.session import Session
from kemvo.core.timing.pass_breath import breaths_of
from kemvo.core.timing.score import STILL, score_of, score_of_form
from kemvo.core.timing.timeline import plan, plan_form, timed
from strategies import forms, practices

Made = tuple[Session, dict[str, Form]]


@given(practices())
@settings(max_examples=60)
def test_a_timeline_is_its_score_in_order_with_times(made: Made) -> None:
    score = score_of(*made)
    timeline = timed(score, *made)
    assert [
        (s.kind, s.round, s.performance, s.movement, s.movement_no, s.left_to, s.breath) for s in timeline.spans
    ] == [(p.kind, p.round, p.performance, p.movement, p.movement_no, p.left_to, p.breath) for p in score.places]
    assert all(a.end_ms == b.start_ms for a, b in zip(timeline.spans, timeline.spans[1:], strict=False))
    assert timeline.total_ms == (timeline.spans[-1].end_ms if timeline.spans else 0)


@given(practices(), st.floats(0.3, 3.5))
@settings(max_examples=60)
def test_speed_changes_movements_alone_and_in_proportion(made: Made, speed: float) -> None:
    score = score_of(*made)
    one, other = timed(score, *made), timed(score, *made, speed)
    evenly = not any(p.paces for p in made[0].passes)
    for place, a, b in zip(score.places, one.spans, other.spans, strict=True):
        long, now = a.end_ms - a.start_ms, b.end_ms - b.start_ms
        if place.kind != "movement":
            assert abs(now - place.still_ms) <= 1
        elif evenly:
            assert now == pytest.approx(long / speed, abs=1 + 1 / speed + 1e-6)  # each length is rounded at both ends


@given(practices())
@settings(max_examples=60)
def test_a_score_holds_what_the_session_asks_for_and_nothing_that_is_left_out(made: Made) -> None:
    session, there = made
    score = score_of(session, there)
    off = {no for no, p in enumerate(session.passes) if p.off}
    assert not {p.round.no for p in score.places} & off
    for no, places in groupby(score.places, lambda p: p.round.no):
        rounds = {(p.round.nth, p.round.of) for p in places if p.performance}
        assert rounds == {(n, of) for _, of in rounds for n in range(1, of + 1)}, no
    assert all(p.counts == 0 for p in score.places if p.kind != "movement")
    assert all(p.still_ms == 0 for p in score.places if p.kind == "movement")
    assert score_of(session, {}).places == tuple(p for p in score.places if not p.round.form_id and p.kind == "pause")


@given(forms)
@settings(max_examples=60)
def test_the_counts_of_a_form_are_those_of_its_score(form: Form) -> None:
    score = score_of_form(form)
    wanted = sum(m.counts * p.repeats for s in form.sections for p in s.postures for m in p.movements)
    assert sum(p.counts for p in score.places) == pytest.approx(wanted)
    assert plan_form(form).total_ms == pytest.approx(
        wanted * 60_000 / form.tempo + sum(p.still_ms for p in score.places), abs=1
    )


@given(practices())
@settings(max_examples=60)
def test_breath_goes_in_and_out_within_the_time_there_is(made: Made) -> None:
    timeline = plan(*made)
    breaths = breaths_of(timeline, *made)
    for _, of_pass in groupby(breaths, lambda b: b.pass_no):
        kept = list(of_pass)
        assert all(a.end_ms <= b.start_ms for a, b in pairwise(kept))
    still = [(s.start_ms, s.end_ms) for s in timeline.spans if s.kind in STILL]
    assert not any(b.start_ms < end and b.end_ms > start for b in breaths for start, end in still)


@given(practices())
@settings(max_examples=40)
def test_what_is_heard_has_the_times_of_the_timeline_and_may_have_other_words(made: Made) -> None:
    session, there = made
    timeline = plan(session, there)
    for reader in ("class", "instructor"):
        heard = directed(timeline.spans, there, session.directions, reader)
        assert [(s.start_ms, s.end_ms, s.kind, s.movement_no) for s in heard] == [
            (s.start_ms, s.end_ms, s.kind, s.movement_no) for s in timeline.spans
        ]
        # Weight is either as it is or, where somebody mirrors, the other way round.
        assert all(h.left_to in (s.left_to, 100 - s.left_to) for h, s in zip(heard, timeline.spans, strict=True))
