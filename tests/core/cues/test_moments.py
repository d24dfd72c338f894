"""When things are said: each clause at its own moment, care where the body does it, openings that fit, rounds that start over."""

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from kemvo.core.cues.candidates import candidates
from kemvo.core.cues.kinds import CUE_KINDS, NOTES
from kemvo.core.cues.save_wording import kept
from kemvo.core.language.speech_estimate import estimated_ms
from kemvo.core.model.form import Form, Movement, Posture, Section
from kemvo.core.model.session import Calls, CueChoice, Part, Pass, Session, with_pass_ids
from kemvo.core.movement.readings import finished
from kemvo.core.practice.pipeline import Practice, work_out
from kemvo.core.tables.groups import STOP, Who
from kemvo.core.text_import.draft import draft
from kemvo.core.text_import.whole_text.script import read_script
from kemvo.core.timing.opening_pause import with_pauses
from kemvo.core.timing.pass_breath import breaths_of
from kemvo.core.timing.timeline import plan
from kemvo.formats.texts.scripts import script_entries


def form(*postures: Posture, **more: object) -> Form:
    return finished(Form(tempo=30, sections=(Section(postures=postures),), **more))  # type: ignore[arg-type]


def over(f: Form, calls: Calls | None = None, **how: object) -> tuple[Session, dict[str, Form]]:
    one = Pass(part=Part(form_id="f"), **how)  # type: ignore[arg-type]
    return with_pass_ids(Session(passes=(one,), calls=calls or Calls())), {"f": f}


def done(f: Form, **how: object) -> Practice:
    session, forms = over(f, **how)  # type: ignore[arg-type]
    return work_out(session, forms, lambda texts: {t: estimated_ms(t, 130) for t in texts})


def said(practice: Practice, kind: str) -> list[str]:
    return [d.text for d in practice.decisions if d.cue.kind == kind and d.text]


@pytest.mark.parametrize(
    ("line", "moments"),
    [
        ("Pivot the right heel out, shift left, and step with the right foot", [0, 1 / 3, 2 / 3]),
        ("Turn left, then step with the right foot", [0, 1 / 2]),
        ("Shift right while the hands part", [0, 0]),
        ("While the hands rise, step with the left foot", [0, 0]),
        ("Shift right and turn the waist right", [0, 0]),
        ("Step forward with the left foot, heel first", [0]),
        ("Left foot steps out, the hands rise", [0, 0]),
    ],
)
def test_clauses_that_follow_each_other_have_their_own_moments(line: str, moments: list[float]) -> None:
    f = form(Posture(movements=(Movement(line="Stand", counts=8), Movement(line=line, counts=6))))
    session, forms = over(f)
    timeline = plan(session, forms)
    span = next(s for s in timeline.spans if s.movement and s.movement.line == line)
    found = candidates(timeline, breaths_of(timeline, session, forms), session, forms).cues
    at = [
        (c.target_ms - span.start_ms) / (span.end_ms - span.start_ms)
        for c in found
        if found and c.span == timeline.spans.index(span)
    ]
    assert at == pytest.approx(moments, abs=1e-3)


@given(
    st.lists(
        st.sampled_from(["Step back with the right foot", "Shift left", "Turn left", "Left toes in"]),
        min_size=1,
        max_size=4,
    )
)
@settings(max_examples=40, deadline=None)
def test_no_cue_ends_after_its_moment(clauses: list[str]) -> None:
    practice = done(form(Posture(name="Heron", movements=(Movement(line=", ".join(clauses), counts=5),) * 3)))
    for d in practice.decisions:
        if d.end_ms is not None and d.cue.kind in ("foot", "turn", "name"):
            assert d.end_ms <= d.cue.target_ms


def test_a_caution_is_told_where_the_body_does_it_and_only_in_a_pass_that_does() -> None:
    heron = Posture(
        name="Heron", cautions=("Hold on to a chair if your balance is poor",),
        movements=(Movement(line="Sit into the right leg", counts=8), Movement(line="Lift the left knee", counts=8)),
    )  # fmt: skip
    lift = next(s.start_ms for s in done(form(heron)).heard.spans if s.movement and "knee" in s.movement.line)
    practice = done(form(heron))
    (told,) = [d for d in practice.decisions if d.cue.kind == "caution" and d.text != STOP]
    assert told.end_ms is not None
    assert told.end_ms <= lift
    assert told.cue.target_ms in {s.start_ms for s in practice.heard.spans}
    assert said(done(form(heron), kind="watch", facing="watch"), "caution") == [STOP]
    assert said(done(form(heron), only="hands", kind="hands"), "caution") == [STOP]


@pytest.mark.parametrize("cautions", [True, False])
@pytest.mark.parametrize("silent_first", [True, False])
def test_when_to_stop_is_said_once_and_time_is_kept_for_what_opens_a_pass_only_where_it_is_said(
    cautions: bool, silent_first: bool
) -> None:
    heron = form(Posture(name="Heron", movements=(Movement(line="Sit into the right leg", counts=8),)))
    passes = tuple(
        Pass(id=f"p{n}", part=Part(form_id="f"), voice="silent" if n == 0 and silent_first else "full")
        for n in range(3)
    )
    told = tuple(f"A long caution of this class, number {n}, that takes some seconds to say" for n in range(4))
    s = Session(passes=passes, cautions=told, calls=Calls(cautions=cautions))
    practice = work_out(s, {"f": heron}, lambda texts: {t: estimated_ms(t, 130) for t in texts})
    assert [d.text for d in practice.decisions if d.cue.kind == "caution"] == ([STOP, *told] if cautions else [])
    still = {x.round.no: x.end_ms - x.start_ms for x in reversed(practice.heard.spans) if x.kind == "pause"}
    first = 1 if silent_first else 0
    assert (still[first] > 15_000) == cautions, "no stillness in which nothing is said"
    assert all(ms < 10_000 for no, ms in still.items() if no != first)


def test_a_gentler_version_is_told_to_a_group_that_asks_for_it() -> None:
    kick = Posture(
        name="Kick",
        kinds=("kick",),
        gentler="Only lift the heel",
        movements=(Movement(line="Kick with the left heel"),) * 2,
    )
    assert said(done(form(kick, who=Who(group="sore-knees"))), "gentler")


def test_the_still_time_before_a_pass_is_as_long_as_its_opening_words_need() -> None:
    f = form(Posture(name="Heron wades", movements=(Movement(line="Left foot steps out to shoulder width"),) * 2))
    long = (
        "Good morning, Saltmarsh Hall. Today we learn how the heron wades, slowly, with soft knees and a quiet breath."
    )
    for say in ("", long):
        practice = done(f, say=say)
        first = next(s for s in practice.heard.spans if s.kind == "movement")
        assert first.start_ms >= 5000
        told = [d for d in practice.decisions if d.cue.target_ms <= first.start_ms]
        assert all(d.state == "full" for d in told), [(d.cue.kind, d.state) for d in told]
    assert next(s for s in done(f, say=long, pause_before_ms=2000).heard.spans if s.kind == "movement").start_ms == 2000


def test_a_drill_counts_what_is_really_repeated() -> None:
    heron = Posture(name="Heron", side="L", movements=(Movement(line="Step", counts=8),))
    names = said(done(form(heron), kind="drill", repeats=10, alternate=True), "name")
    assert names[2] == "Heron, left, three of ten"
    assert names[9] == "Heron, right, ten of ten"


def test_a_chain_of_one_adds_none_and_a_longer_one_starts_over() -> None:
    one = Posture(name="Heron", movements=(Movement(line="Step", counts=8),))
    two = Posture(name="Ford", movements=(Movement(line="Sit back into the right leg", counts=8, left_pct=0),))
    assert not any("We add" in t for t in said(done(form(one), kind="chain"), "pass"))
    practice = done(form(one, two), kind="chain")
    assert any("We add one posture" in t for t in said(practice, "pass"))
    assert "From the beginning, once more" in said(practice, "pass")
    spans = practice.timeline.spans
    again = next(i for i, s in enumerate(spans) if s.kind == "pause" and s.round.nth == 2)
    assert spans[again].left_to == spans[0].left_to


def test_must_be_said_is_a_switch() -> None:
    f = form(Posture(name="Heron", cautions=("Knees soft",), movements=(Movement(line="Step", counts=8),)))
    session, forms = over(f)
    measure = lambda texts: {t: estimated_ms(t, 130) for t in texts}  # noqa: E731
    caution = next(d.cue for d in work_out(session, forms, measure).decisions if d.cue.kind == "caution")
    assert caution.must
    off = session.model_copy(update={"cue_choices": (CueChoice(cue=caution.id, must=False),)})
    assert not next(d.cue for d in work_out(off, forms, measure).decisions if d.cue.id == caution.id).must


def test_a_caution_told_before_lengthens_no_later_pause() -> None:
    f = form(
        Posture(
            name="Heron",
            cautions=("Hold on to a chair or a wall if your balance is poor today",),
            movements=(Movement(line="Step", counts=8),) * 2,
        )
    )
    twice = with_pass_ids(Session(passes=(Pass(part=Part(form_id="f")),) * 2))
    first, second = with_pauses(twice, {"f": f}).passes
    assert first.pause_before_ms is not None
    assert second.pause_before_ms is not None
    assert second.pause_before_ms < first.pause_before_ms


def test_what_feet_do_beside_the_line_is_told_and_kept_there() -> None:
    f = form(
        Posture(
            name="Heron", movements=(Movement(line="The hands rise", foot="left heel steps forward", counts=8),) * 2
        )
    )
    practice = done(f)
    told = next(d for d in practice.decisions if d.cue.part == NOTES)
    assert told.cue.wordings[0].text == "Left heel steps forward"
    assert told.text.startswith("Left heel steps forward")
    span = practice.heard.spans[told.cue.span]
    changed = kept(f, told.cue, span, "Left heel forward, softly", "movement").postures()[0].movements[0]
    assert (changed.foot, changed.line, changed.cues.full) == ("Left heel forward, softly", "The hands rise", "")


def test_a_reminder_may_be_late_without_a_price_and_hands_may_not() -> None:
    assert CUE_KINDS["reminder"].late == 0 < CUE_KINDS["hands"].late


def test_counts_that_a_line_says_are_shared_by_its_movements() -> None:
    read = read_script(
        script_entries(
            b"1. Heron\nShift to the left leg, then shift to the right leg (6 counts)\n2. Ford\nStep\n", "x.txt"
        )
    )
    heron = draft(read, (), "").form.postures()[0]
    assert [m.counts for m in heron.movements] == [3, 3]
