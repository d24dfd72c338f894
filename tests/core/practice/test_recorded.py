"""A recording worked out: the same stages as a plan, on the recording's clock, for whoever looks at the picture."""

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from kemvo.core.language.sides import mirror_text
from kemvo.core.model.form import Form
from kemvo.core.model.session import OwnCue, Session
from kemvo.core.practice.pipeline import work_out
from kemvo.core.practice.recorded import work_out_recording
from kemvo.core.practice.recorded_cures import recorded_cures
from kemvo.core.recording.model import Again, Does, Filmed, KeptTalk, Mark, Media, Recording
from kemvo.core.recording.performed import keyed, performances_of
from kemvo.core.recording.recorded_timeline import frozen, guessed_ms
from kemvo.core.timing.score import score_of
from kemvo.core.timing.timeline import timed
from kemvo.core.views.recording_sheet import recording_sheet
from strategies import practices, talk
from takes import DONE, FORMS, SESSION, TIMELINE


def recording(**more: object) -> Recording:
    return Recording(media=Media(ms=TIMELINE.total_ms), frozen=frozen(SESSION, FORMS), sound=SESSION.sound, **more)


def test_a_recording_as_planned_is_the_planned_practice() -> None:
    """A recording without marks, as long as the plan: every span, cue and sound as planned."""
    planned = work_out(SESSION, FORMS, talk)
    made = work_out_recording(recording(), SESSION, FORMS, talk).practice
    assert made.timeline.spans == planned.timeline.spans
    assert [(d.cue.id, d.text, d.start_ms) for d in made.decisions] == [
        (d.cue.id, d.text, d.start_ms) for d in planned.decisions
    ]
    assert made.sounds == planned.sounds


@settings(max_examples=40)
@given(practice=practices(), data=st.data())
def test_nothing_is_said_outside_the_recording_or_over_kept_talk(
    practice: tuple[Session, dict[str, Form]], data: st.DataObject
) -> None:
    session, forms = practice
    score = score_of(session, forms)
    plan = timed(score, session, forms)
    done = keyed(score, plan)
    total = data.draw(st.integers(2000, 300_000))
    names = [name for name, _ in performances_of(done)]
    again = [Again(performance=data.draw(st.sampled_from(names)), times=3)] if names else []
    marks = [Mark(place=k.key, at_ms=data.draw(st.integers(0, total))) for k in done[::5]]
    begin = data.draw(st.integers(0, total))
    kept = (KeptTalk(from_ms=begin, to_ms=min(total, begin + 20_000)),)
    take = Recording(
        media=Media(ms=total), frozen=frozen(session, forms), marks=tuple(marks), again=tuple(again), talk=kept, sound=session.sound,
        own_cues=(OwnCue(id="o1", text="Late words of my own", at_ms=total - 300),),
    )  # fmt: skip
    made = work_out_recording(take, session, forms, talk)
    for s in made.practice.sounds:
        assert s.at_ms >= 0
        assert s.at_ms + s.ms <= total
        assert s.at_ms + s.ms <= kept[0].from_ms or s.at_ms >= kept[0].to_ms
    ids = [d.cue.id for d in made.practice.decisions]
    assert len(set(ids)) == len(ids)
    assert made.practice.heard.total_ms == (total if made.practice.heard.spans else 0)


def lines(does: Does, turned_over: bool) -> list[str]:
    take = recording(filmed=(Filmed(pass_id="a1", does=does),), turned_over=turned_over)
    made = work_out_recording(take, SESSION, FORMS, talk).practice
    return [s.movement.line for s in made.heard.spans if s.movement and s.movement_no == 0]


@pytest.mark.parametrize(
    ("does", "turned_over", "other_side"),
    [
        ("away", False, False), ("away", True, True),
        ("facing", False, False), ("facing", True, False),
        ("mirrored", False, False), ("mirrored", True, False),
        ("side", False, False), ("side", True, True),
    ],
)  # fmt: skip
def test_the_viewer_hears_the_side_they_see(does: Does, turned_over: bool, other_side: bool) -> None:
    own = [k.place.movement.line for k in DONE if k.place.movement and k.place.movement_no == 0]
    assert lines(does, turned_over) == ([mirror_text(x) for x in own] if other_side else own)


@pytest.mark.parametrize("turned_over", [False, True])
def test_the_instructors_sheet_has_their_own_sides(turned_over: bool) -> None:
    """In front of the class as its mirror they did the other side; with the back to it, their own, whatever the picture shows."""
    own = [k.place.movement.line for k in DONE if k.place.movement]
    for does, wanted in (("away", own), ("mirrored", [mirror_text(x) for x in own])):
        take = recording(filmed=(Filmed(pass_id="a1", does=does),), turned_over=turned_over)
        made = work_out_recording(take, SESSION, FORMS, talk).practice
        assert [s.movement.line for s in made.instructor() if s.movement] == wanted


def test_a_stop_is_no_breath() -> None:
    """An unplanned stop calls no breath: breaths end before it and begin after it."""
    first = [k for k in DONE if k.place.kind == "movement"][3]
    after = [k for k in DONE if k.place.kind == "movement"][4]
    marks = (Mark(place=first.key, edge="end", at_ms=30_000), Mark(place=after.key, at_ms=50_000))
    made = work_out_recording(recording(marks=marks), SESSION, FORMS, talk).practice
    assert all(b.end_ms <= 30_000 or b.start_ms >= 50_000 for b in made.breaths)
    stop = next(s for s in made.timeline.spans if s.start_ms == 30_000)
    assert (stop.kind, stop.end_ms) == ("pause", 50_000)


def test_own_cue_choices_are_the_recordings() -> None:
    made = work_out_recording(recording(fullness=0), SESSION, FORMS, talk)
    assert made.session.fullness == 0
    assert SESSION.fullness == 100


def test_kept_talk_in_the_way_of_a_cue_can_be_lowered() -> None:
    target = [k for k in DONE if k.place.kind == "movement"][6]
    start = next(s.start_ms for k, s in zip(DONE, TIMELINE.spans, strict=True) if k.key == target.key)
    take = recording(talk=(KeptTalk(from_ms=max(0, start - 25_000), to_ms=start + 2000),))
    made = work_out_recording(take, SESSION, FORMS, talk).practice
    bad = next(d for d in made.decisions if d.state == "left out" and d.cue.target_ms == start)
    found = recorded_cures(take, SESSION, FORMS, talk, bad.cue.id)
    assert found[0].says.startswith("Lower the talk")
    then = work_out_recording(found[0].recording, SESSION, FORMS, talk).practice
    assert next(d for d in then.decisions if d.cue.id == bad.cue.id).state != "left out"
    assert not any("counts a minute" in c.says for c in found)


def test_what_does_not_fit_may_end_a_little_late_or_is_noted_for_the_second_take() -> None:
    target = [k for k in DONE if k.place.kind == "movement"][6]
    start = next(s.start_ms for k, s in zip(DONE, TIMELINE.spans, strict=True) if k.key == target.key)
    take = recording(talk=(KeptTalk(from_ms=max(0, start - 25_000), to_ms=start - 200),))
    bad = next(
        d
        for d in work_out_recording(take, SESSION, FORMS, talk).practice.decisions
        if d.state == "left out" and d.cue.target_ms == start
    )
    found = recorded_cures(take, SESSION, FORMS, talk, bad.cue.id)
    late = next(c for c in found if "late" in c.says)
    then = work_out_recording(late.recording, SESSION, FORMS, talk).practice
    said = next(d for d in then.decisions if d.cue.id == bad.cue.id)
    assert said.end_ms is not None
    assert said.end_ms <= bad.cue.due_ms + late.recording.cue_choices[0].later_ms
    note = next(c for c in found if "second take" in c.says)
    (noted,) = recording_sheet(note.recording, SESSION, FORMS, here=True).second_take
    assert (noted.at_ms, noted.says[:6]) == (start, "Leave ")
    assert not any("second take" in c.says for c in recorded_cures(note.recording, SESSION, FORMS, talk, bad.cue.id))


def test_places_that_are_guessed_are_told() -> None:
    made = work_out_recording(recording(marks=(Mark(place=DONE[1].key, at_ms=5000),)), SESSION, FORMS, talk)
    near = guessed_ms(made.recorded)
    assert DONE[1].key not in near
    assert near[[k for k in DONE if k.place.kind == "movement"][9].key] > 500
