"""Direction words in the instructor's dialect, and the turning between two facings."""

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from floors import forms
from kemvo.core.cues.directions import DIALECTS, NORTH, directed
from kemvo.core.language.ordinary_words import spoken
from kemvo.core.language.sides import mirror_text
from kemvo.core.model.form import Form, Movement, Posture, Section
from kemvo.core.model.mirror import mirror_form
from kemvo.core.model.session import TURN_MS, Directions, Part, Pass, Session, with_pass_ids
from kemvo.core.movement.readings import finished
from kemvo.core.practice.pipeline import work_out
from kemvo.core.tables.rooms import Room, SideNames, Spot
from kemvo.core.timing.timeline import plan, plan_form
from kemvo.core.views.printed_plan import paper
from kemvo.core.views.session_plan import session_plan
from kemvo.core.views.stage import stage
from strategies import talk

ROOM = Room(width=8, depth=6, sides=SideNames(left="window side", right="door side", front="mirror wall", back="piano"))
FORM = finished(
    Form(
        title="Turns",
        room=ROOM,
        start=Spot(x=4, y=3),
        sections=(
            Section(
                postures=(
                    Posture(
                        id="a",
                        name="First",
                        movements=(
                            Movement(line="Turn 90 degrees left, left foot steps out", left_pct=30),
                            Movement(line="Face two o’clock", left_pct=50),
                            Movement(line="Turn the waist to the right", left_pct=20),
                        ),
                    ),
                    Posture(id="b", name="Second", movements=(Movement(line="Turn round to face the back"),)),
                )
            ),
        ),
    )
)


def told(words: str, reader: str = "class", front: str = "north", form: Form = FORM, **of: object) -> list[str]:
    one = Pass(part=Part(form_id="f"), pause_before_ms=0, pause_after_ms=0, **of)
    spans = plan(with_pass_ids(Session(passes=(one,))), {"f": form}).spans
    made = directed(spans, {"f": form}, Directions(words=words, front=front), reader)
    return [s.movement.line for s in made if s.movement]


@pytest.mark.parametrize(
    ("words", "lines"),
    [
        ("written", ["Turn 90 degrees left, left foot steps out", "Face two o’clock"]),
        ("plain", ["Turn to the left, left foot steps out", "Face past the right side"]),
        ("clock", ["Turn to nine o’clock, left foot steps out", "Face two o’clock"]),
        ("compass", ["Turn to the west, left foot steps out", "Face the north-east"]),
        ("room", ["Turn to the window side, left foot steps out", "Face the corner between the door side and the mirror wall"]),
    ],
)  # fmt: skip
def test_a_turn_is_said_in_each_dialect(words: str, lines: list[str]) -> None:
    assert told(words)[:2] == lines
    # The waist comes back by itself: its words stay.
    assert told(words)[2] == "Turn the waist to the right"


def test_the_front_may_be_called_south() -> None:
    assert told("compass", front="south")[0].startswith("Turn to the east")


def test_a_part_that_begins_later_knows_where_the_body_faces() -> None:
    part = Part(form_id="f", first="b", last="b")
    spans = plan(with_pass_ids(Session(passes=(Pass(part=part),))), {"f": FORM}).spans
    lines = [s.movement.line for s in directed(spans, {"f": FORM}, Directions(words="room"), "class") if s.movement]
    whole = told("room")
    assert lines == whole[-1:]


def test_sides_of_the_room_turn_with_the_view() -> None:
    # The class hears its own side; the instructor who mirrors it goes to the same side of the room, but front and back
    # change; who is watched is heard where the instructor really goes.
    assert told("room", facing="mirror")[0].startswith("Turn to the window side, left")
    assert told("room", "instructor", facing="mirror")[0] == "Turn to the window side, right foot steps out"
    assert told("room", facing="watch")[0].startswith("Turn to the door side, left")
    assert told("room", "instructor", facing="side")[0].startswith("Turn to the mirror wall")
    assert told("clock", "instructor", facing="mirror")[0].startswith("Turn to three o’clock, right")


def test_a_room_that_lies_another_way_and_sides_without_a_name() -> None:
    turned = FORM.model_copy(update={"start": Spot(x=4, y=3, facing_deg=90)})
    assert told("room", form=turned)[0].startswith("Turn to the mirror wall")
    bare = FORM.model_copy(update={"room": Room()})
    assert told("room", form=bare)[0] == told("plain")[0]
    assert told("room", form=FORM.model_copy(update={"room": None, "start": None}))[0] == told("plain")[0]


@given(forms, st.sampled_from([*DIALECTS]), st.sampled_from([*NORTH]))
@settings(max_examples=40, deadline=None)
def test_the_class_sheet_of_a_mirrored_pass_is_the_plain_sheet(form: Form, words: str, front: str) -> None:
    if not form.postures():
        return
    assert told(words, front=front, form=form, facing="mirror") == told(words, front=front, form=form)


@given(forms, st.sampled_from(["plain", "clock"]))
@settings(max_examples=40, deadline=None)
def test_the_other_side_of_the_words_is_the_words_of_the_other_side(form: Form, words: str) -> None:
    choice = Directions(words=words)
    other = mirror_form(form)
    here = directed(plan_form(form).spans, {"": form}, choice, "class")
    there = directed(plan_form(other).spans, {"": other}, choice, "class")
    for a, b in zip(here, there, strict=True):
        if a.movement and b.movement:
            assert spoken(mirror_text(a.movement.line)) == spoken(b.movement.line)


# Turning from one facing to another


def turning(pause: int) -> Session:
    passes = (
        Pass(part=Part(form_id="f"), facing="watch", pause_before_ms=3000),
        Pass(kind="rest", part=Part(form_id=""), still_ms=5000),
        Pass(part=Part(form_id="f"), facing="behind", pause_before_ms=pause),
        Pass(part=Part(form_id="f"), facing="behind", pause_before_ms=3000),
    )
    return with_pass_ids(Session(passes=passes))


def test_turning_to_another_facing_is_a_step_of_the_plan_and_takes_no_extra_time() -> None:
    session = turning(10_000)
    turns = [s for s in plan(session, {"f": FORM}).spans if s.kind == "turn"]
    assert [(s.round.no, s.end_ms - s.start_ms) for s in turns] == [(2, TURN_MS)]
    made = session_plan(session, {"f": FORM})
    assert [line.turn for line in made.passes] == ["", "", "Turn your back to the class", ""]
    assert (
        made.passes[2].totals.ms
        == session_plan(session.model_copy(update={"passes": (session.passes[2],)}), {"f": FORM}).totals.ms
    )
    sheet = paper(session, {"f": FORM}, "instructor")
    assert "Turn your back to the class (4 s)" in sheet.blocks[2].how
    assert "Turn" not in paper(session, {"f": FORM}, "class").blocks[2].how
    shown = stage(work_out(session, {"f": FORM}, talk), "", "instructor", 1.0)
    assert "Turn your back to the class" in [s.line for s in shown.spans if s.kind == "turn"]


def test_too_little_time_to_turn_is_said() -> None:
    problems = session_plan(turning(1000), {"f": FORM}).problems
    assert [p.where for p in problems if "too little time to turn" in p.what] == ["pass 3"]


def test_groups_stand_together() -> None:
    session = turning(10_000)
    named = [p.model_copy(update={"group": g}) for p, g in zip(session.passes, ["", "New", "New ", ""], strict=True)]
    (group,) = session_plan(session.model_copy(update={"passes": tuple(named)}), {"f": FORM}).groups
    assert (group.title, len(group.pass_ids)) == ("New", 2)
