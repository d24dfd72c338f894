"""What was read is kept with the movement: read once, carried through every derived line, read again only when asked."""

from unittest.mock import patch

import pytest
from hypothesis import given
from hypothesis import strategies as st

import kemvo.core.movement.readings as readings_room
from kemvo.core.facts import Fact
from kemvo.core.model.form import Correction, Form, Movement, Readings, words_key
from kemvo.core.model.mirror import mirror_form, mirror_movement
from kemvo.core.movement.fields import with_typed_read
from kemvo.core.movement.interpretation import line_facts, said
from kemvo.core.movement.line_parts import feet_words, hands_words
from kemvo.core.movement.readings import finished, opened, read, read_again, read_as_in, read_earlier, with_readings
from kemvo.core.timing.paces import BACK_SHIFT, BACK_WORDS
from kemvo.core.timing.timeline import plan_form
from kemvo.core.views.form_sheet import sheet
from kemvo.formats.documents.kemvo_json import read_file, write_form
from strategies import LINES, forms, one_posture

WORDS = st.sampled_from(
    [*LINES, "Turn anti-clockwise to nine o'clock, (left) toes out 45", "LF fwd, wt 70 % R, face NW"]
)


def strange(words: str) -> Readings:
    """Readings that no reader would give these words."""
    return Readings(words=words_key(words, ""), reader=0, line=(Fact(kind="kick", start=0, end=3, side="L"),))


@given(line=WORDS, foot=WORDS)
def test_every_fact_stands_on_its_words_also_on_the_other_side(line: str, foot: str) -> None:
    m = read(Movement(line=line, foot=foot))
    other = mirror_movement(m)
    assert other.is_read()
    assert mirror_movement(other) == m
    here, there = (x.read.line if x.read else () for x in (m, other))
    for a, b in zip(here, there, strict=True):
        assert len(line[a.start : a.end].split()) == len(other.line[b.start : b.end].split())
        assert {a.side, b.side} in ({"L", "R"}, {a.side})


@given(line=WORDS)
def test_a_mirrored_line_says_what_it_would_be_read_as(line: str) -> None:
    carried = mirror_movement(read(Movement(line=line)))
    anew = read(Movement(line=carried.line))
    without_places = {"start": 0, "end": 0}
    assert [s.fact.model_copy(update=without_places) for s in line_facts(carried)] == [
        s.fact.model_copy(update=without_places) for s in line_facts(anew)
    ]


@given(line=WORDS, foot=WORDS)
def test_hands_and_feet_alone_keep_the_facts_of_their_words(line: str, foot: str) -> None:
    m = read(Movement(line=line, foot=foot))
    for words in (hands_words(m), feet_words(m)):
        assert all(0 <= f.start <= f.end <= len(words.text) for f in words.facts)
        assert m.reworded(*words).is_read()
    assert {f.kind for f in hands_words(m).facts}.isdisjoint({"step", "lift", "pivot", "kick", "shift"})


@given(form=forms)
def test_nothing_that_follows_from_a_form_reads_its_words(form: Form) -> None:
    with patch.object(readings_room, "read_line", side_effect=AssertionError("read again")):
        sheet(form)
        plan_form(mirror_form(form))
        with_typed_read(form, form)
        assert read_file(write_form(form)).form() == form


def test_words_keep_the_meaning_they_were_given_when_they_were_read() -> None:
    old = Movement(line="Push", read=strange("Push"))
    form = finished(one_posture(old))
    assert form.postures()[0].movements[0].read == old.read, "an older reading stays"
    typed = Form.model_validate(
        form.model_dump(exclude={"sections": {0: {"postures": {0: {"movements": {0: {"read"}}}}}}})
    )
    assert with_readings(typed).postures()[0].movements[0].read != old.read
    assert with_typed_read(typed, form).postures()[0].movements[0].read == old.read, "the page need not send it back"
    assert read_as_in(Movement(line="Push"), form).read == old.read
    assert opened(form.model_dump(mode="json")) == form


def test_readings_of_other_words_do_not_count() -> None:
    stale = Movement(line="Left foot steps forward", read=strange("Push"))
    assert not stale.is_read()
    assert [s.fact.kind for s in said(read(stale))] == ["step"]
    assert Movement().is_read()
    assert read(Movement()).read is None


def test_reading_again_shows_what_would_change_and_touches_nothing_else() -> None:
    form = one_posture(
        Movement(line="Push", read=strange("Push"), counts=7, left_pct=13, breath="out"),
        Movement(line="Left heel steps to the corner", read=strange("Left heel steps to the corner")),
    )
    assert read_earlier(form) == 2
    again, changes = read_again(form)
    assert [c.was for c in changes] == [("left foot kicks",)] * 2
    assert changes[1].now == ("left foot steps to the corner, heel first",)
    first = again.postures()[0].movements[0]
    assert (first.counts, first.left_pct, first.breath) == (7, 13, "out")
    assert read_earlier(again) == 0
    assert read_again(again)[1] == []
    second = form.postures()[0].movements[1]
    only, one = read_again(form, second.id)
    assert [c.movement_id for c in one] == [second.id]
    assert only.postures()[0].movements[0] == form.postures()[0].movements[0]


def test_what_is_said_of_a_sway_is_what_its_words_say() -> None:
    assert readings_room.read_line(BACK_WORDS) == [BACK_SHIFT]


@pytest.mark.parametrize("corrected", [True, False])
def test_a_correction_holds_over_what_was_read(corrected: bool) -> None:
    words = "Left heel steps to the corner"
    gone = (Correction(words=words),) if corrected else ()
    m = read(Movement(line=words, corrections=gone))
    assert bool(said(m)) != corrected
