"""Paces of a stretch: seconds, breaths, counts a shift, sways; what cannot be kept is said."""

from itertools import pairwise

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from kemvo.core.lesson.lesson import fitted
from kemvo.core.model.form import Form, Movement, Posture, Section
from kemvo.core.model.session import BreathChoice, Pace, Part, Pass, Session, with_pass_ids
from kemvo.core.movement.readings import finished
from kemvo.core.timing.paces import BACK_WORDS
from kemvo.core.timing.pass_breath import breaths_of
from kemvo.core.timing.timeline import plan
from kemvo.core.views.session_plan import session_plan
from strategies import one_posture, practices

FORM = finished(
    Form(
        title="Reeds",
        tempo=30,
        sections=(
            Section(
                postures=(
                    Posture(
                        id="a",
                        name="Part the reeds",
                        movements=(
                            Movement(line="Shift into the right leg", counts=4, breath="in", left_pct=0),
                            Movement(line="Left foot steps out", counts=2, breath="free", left_pct=0),
                            Movement(line="Shift into the left leg", counts=4, breath="out", left_pct=70),
                        ),
                    ),
                    Posture(
                        id="b",
                        name="Heron wades",
                        movements=(
                            Movement(line="Sit back", counts=4, breath="in", left_pct=20),
                            Movement(line="Right foot steps in", counts=4, breath="out", left_pct=100),
                        ),
                    ),
                )
            ),
        ),
    )
)
FORMS = {"f": FORM}


def session(*paces: Pace, school: str = "written", **of: object) -> Session:
    one = Pass(part=Part(form_id="f"), pause_before_ms=0, pause_after_ms=0, paces=paces, **of)
    return with_pass_ids(Session(passes=(one,), breath=BreathChoice(school=school)))


def lengths(s: Session, posture: str) -> int:
    return sum(
        x.end_ms - x.start_ms for x in plan(s, FORMS).spans if x.performance and x.performance.posture.id == posture
    )


@pytest.mark.parametrize("school", ["written", "matched", "paced"])
def test_three_breaths_and_twenty_seconds_are_both_kept(school: str) -> None:
    s = session(Pace(first="a", last="a", ms=20_000, breaths=3), school=school)
    assert lengths(s, "a") == 20_000
    inside = [b for b in breaths_of(plan(s, FORMS), s, FORMS) if b.start_ms < 20_000]
    assert [b.way for b in inside] == ["in", "out"] * 3
    assert inside[-1].end_ms == 20_000
    (line,) = session_plan(s, FORMS).passes
    assert (line.postures_done[0].ms, line.postures_done[0].breaths) == (20_000, 3)


def test_breaths_alone_give_the_length() -> None:
    paced = session(Pace(first="a", last="a", breaths=3), school="paced")
    assert lengths(paced, "a") == 30_000
    # Everyone breathes in, and out, for two to nine seconds: eleven seconds a breath in the middle.
    assert lengths(session(Pace(first="a", last="a", breaths=3), school="matched"), "a") == 33_000


def test_every_shift_takes_four_counts() -> None:
    spans = [s for s in plan(session(Pace(counts_a_shift=4)), FORMS).spans if s.kind == "movement"]
    shifted = [s.end_ms - s.start_ms for s in spans if s.movement.line.startswith(("Shift into the left", "Sit"))]
    assert shifted == [8000, 8000]
    assert spans[1].end_ms - spans[1].start_ms == 4000


def test_a_shift_is_swayed_before_the_step_and_the_step_is_done_once() -> None:
    done = [s for s in plan(session(Pace(first="a", last="a", sways=3)), FORMS).spans if s.kind == "movement"]
    told = [(s.movement.line, s.left_from, s.left_to) for s in done if s.performance.posture.id == "a"]
    there, back = ("Shift into the right leg", 50, 0), (BACK_WORDS, 0, 50)
    assert told[:6] == [there, back, there, back, there, ("Left foot steps out", 0, 0)]
    assert [line for line, *_ in told].count("Left foot steps out") == 1
    assert [s.breath for s in done[:3]] == ["in", "out", "in"]


def test_sways_go_to_the_other_side_with_the_pass() -> None:
    done = plan(session(Pace(first="a", last="a", sways=2), other_side=True), FORMS).spans
    assert [(s.left_from, s.left_to) for s in done[:3]] == [(50, 100), (100, 50), (50, 100)]


@pytest.mark.parametrize(
    ("paces", "says"),
    [
        ((Pace(first="gone", last="gone", ms=9000),), "does not go through"),
        ((Pace(first="a", last="a", ms=9000, tempo=30),), "a length in seconds is kept"),
        ((Pace(first="a", last="a", ms=60_000, breaths=2),), "2 breaths in 60 s are 30.0 s each"),
        ((Pace(first="a", last="b", ms=9000), Pace(first="a", last="b", tempo=20)), "the later one is kept"),
        ((Pace(first="b", movement="m5", sways=2),), "leaves both feet in place"),
    ],
)
def test_what_cannot_be_kept_is_said(paces: tuple[Pace, ...], says: str) -> None:
    problems = [p.sentence() for p in session_plan(session(*paces, school="matched"), FORMS).problems]
    assert any(says in p and p.startswith("pass 1") for p in problems)


@given(st.permutations(range(4)))
def test_what_is_given_for_a_shorter_stretch_counts_in_whatever_order(order: list[int]) -> None:
    paces = (
        Pace(tempo=20),
        Pace(first="a", last="a", tempo=50),
        Pace(first="a", movement="m1", ms=5000),
        Pace(first="b", last="b", ms=12_000),
    )
    done = plan(session(*(paces[n] for n in order)), FORMS).spans
    again = plan(session(*paces), FORMS).spans
    assert [(s.start_ms, s.end_ms) for s in done] == [(s.start_ms, s.end_ms) for s in again]
    assert session_plan(session(*(paces[n] for n in order)), FORMS).problems == ()


def test_what_can_be_kept_is_not_spoken_of() -> None:
    kept = (Pace(to=40), Pace(first="a", last="a", ms=20_000, breaths=3), Pace(first="b", last="b", counts_a_shift=4))
    assert session_plan(session(*kept, school="matched"), FORMS).problems == ()


def test_fitting_leaves_lengths_of_their_own_as_they_are() -> None:
    fixed = (Pace(first="a", last="a", ms=20_000),)
    passes = (
        Pass(part=Part(form_id="f"), repeats=2, pause_before_ms=8000, paces=fixed),
        Pass(part=Part(form_id="f"), pause_before_ms=8000),
    )
    made = fitted(with_pass_ids(Session(wished_ms=142_000, passes=passes)), FORMS)
    assert (made.met, made.total_ms, session_plan(made.session, FORMS).over_ms) == (True, 142_000, 0)
    first = [s for s in plan(made.session, FORMS).spans if s.round.no == 0 and s.round.nth == 1 and s.performance]
    assert sum(s.end_ms - s.start_ms for s in first if s.performance.posture.id == "a") == 20_000


@given(practices(), st.integers(1, 12), st.sampled_from(["written", "matched", "paced"]))
@settings(max_examples=40, deadline=None)
def test_in_and_out_stay_in_turn_beside_given_breaths(practice: tuple, n: int, school: str) -> None:
    made, forms = practice
    passes = []
    for p in made.passes:
        postures = forms[p.part.form_id].postures() if p.part.form_id in forms else []
        given_ = (Pace(first=postures[0].id, last=postures[0].id, breaths=n),) if postures else ()
        passes.append(p.model_copy(update={"paces": given_}))
    s = made.model_copy(update={"passes": tuple(passes), "breath": BreathChoice(school=school)})
    breaths = breaths_of(plan(s, forms), s, forms)
    for a, b in pairwise(breaths):
        assert a.end_ms <= b.start_ms
        if school == "matched" and a.end_ms == b.start_ms and a.pass_no == b.pass_no:
            assert a.way != b.way


def test_counts_a_shift_cover_the_first_movement_of_a_round() -> None:
    """A pass that begins even and shifts at once: its first movement takes as long as every other shift."""
    form = one_posture(
        Movement(line="Sit left", counts=1, left_pct=100), Movement(line="Sit right", counts=2, left_pct=0)
    )
    one = Pass(part=Part(form_id="f"), repeats=2, pause_before_ms=0, pause_after_ms=0, paces=(Pace(counts_a_shift=6),))
    spans = [s for s in plan(Session(passes=(one,)), {"f": form}).spans if s.kind == "movement"]
    assert {s.end_ms - s.start_ms for s in spans} == {round(6 * 60_000 / form.tempo)}
