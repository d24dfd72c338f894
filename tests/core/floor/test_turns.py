"""Which way the body faces after a turn, and the feet after a pivot."""

from __future__ import annotations

import pytest

from floors import walk
from kemvo.core.floor.feet import moment, turned_by
from kemvo.core.floor.walker import trace
from kemvo.core.model.form import Form, Movement
from kemvo.core.model.mirror import mirror_form
from kemvo.core.reading.reader import read_line
from kemvo.core.tables.rooms import Room, SideNames
from kemvo.core.types import OTHER_SIDE

HALL = Room(width=8, depth=8, sides=SideNames(right="window side", left="door", back="mirror wall", front="stage"))


def faces(*lines: str | Movement, **of_form: object) -> float:
    """Where the body faces at the end, from -180 (left about) to 180 degrees."""
    return turned_by(trace(walk(*lines, **of_form)).end().facing)


@pytest.mark.parametrize(
    ("line", "degrees"),
    [
        ("Turn right 90 degrees", 90),
        ("Turn left 45 degrees", -45),
        ("Turn to the right corner", 45),
        ("Turn to the left corner", -45),
        ("Face left", -90),
        ("Face the right", 90),
        ("Turn to face the back", -180),
        ("Turn around", -180),
        ("Face three o'clock", 90),
        ("Face eleven o'clock", -30),
        ("Turn to the north-east", 45),
        ("Face west", -90),
        ("Turn to the south", -180),
        ("Turn the waist left", 0),
        ("Turn right a little", 0),
    ],
)
def test_a_turn_goes_where_it_says(line: str, degrees: float) -> None:
    """A turn without an angle, a corner or a place is one of the waist, which comes back by itself."""
    assert faces(line) == pytest.approx(degrees)


@pytest.mark.parametrize(
    ("line", "degrees"),
    [
        ("Turn to face the window", 90),
        ("Face the door", -90),
        ("Turn to face the mirror", -180),
        ("Face the stage", 0),
        ("Face the fireplace", 0),
    ],
)
def test_a_side_of_the_room_is_faced_by_its_name(line: str, degrees: float) -> None:
    assert faces(line, room=HALL) == pytest.approx(degrees)
    assert faces(line) == 0, "without a room nobody knows where it is"


@pytest.mark.parametrize("line", ["Face left", "Turn right 90 degrees", "Turn to the right corner", "Face two o'clock"])
def test_turns_are_mirrored(line: str) -> None:
    form: Form = walk(line)
    here, there = (turned_by(trace(f).end().facing) for f in (form, mirror_form(form)))
    assert here == pytest.approx(-there)
    assert here != 0


@pytest.mark.parametrize(
    ("line", "left", "right"),
    [
        ("Left toes turn out 45 degrees", -75, 30),
        ("Right toes turn in 30 degrees", -30, 0),
        ("Right toes turn in a little", -30, 15),
        ("Left toes turn in", 0, 30),
        ("Both feet pivot straight", 0, 0),
    ],
)
def test_a_pivot_turns_its_foot_from_the_opening_v(line: str, left: float, right: float) -> None:
    """The opening stance is a V of twice thirty degrees."""
    feet = trace(walk(line)).end().feet
    assert (turned_by(feet.left.angle), turned_by(feet.right.angle)) == pytest.approx((left, right))


def test_a_foot_turned_on_its_heel_or_ball_keeps_that_in_its_place() -> None:
    from kemvo.core.floor.feet import ahead
    from kemvo.core.tables.body_segments import BALL_AT

    for line, at in (("Right toes turn out 40 degrees on the heel", 0.0), ("Pivot on the ball of the right foot, toes out 40", BALL_AT)):  # fmt: skip
        t = trace(walk(line))
        before, after = t.opening.feet.right, t.end().feet.right
        assert after.angle - before.angle == pytest.approx(40)
        here, there = (ahead(f, at * t.body.foot) for f in (before, after))
        assert here == pytest.approx(there)


@pytest.mark.parametrize(
    ("text", "to"),
    [
        ("Turn on the right heel to face the door", "door"),
        ("Pivot on both heels to face the back", "back"),
        ("Swivel on the left foot to face north", "north"),
    ],
)
def test_a_pivot_tells_where_the_body_then_faces(text: str, to: str) -> None:
    facts = read_line(text)
    assert [f.kind for f in facts] == ["pivot", "turn"]
    assert facts[1].to == to


def test_toes_that_come_to_face_somewhere_are_one_pivot() -> None:
    assert [f.kind for f in read_line("Turn the left toes to face the corner")] == ["pivot"]
    assert [f.kind for f in read_line("The right foot straightens to face the front")] == ["pivot"]


def test_the_waist_turns_and_what_the_hands_do_from_it_does_not() -> None:
    (turn,) = read_line("open the door with your waist to the left")
    assert (turn.kind, turn.to) == ("turn", "left")
    assert not [f for f in read_line("push with the right hand from the waist") if f.kind == "turn"]


HALF_TURNS = (
    "Turn around, the left toes turn in", "Turn to face the back, the right toes turn in", "Right foot steps back, turn around",
    "Face six o'clock, left foot steps in beside the right", "Turn to the south and step out with the left foot",
    "Shift all into the left leg and turn to the back", "Sit into the right leg, turn around",
)  # fmt: skip


@pytest.mark.parametrize("line", HALF_TURNS)
def test_half_a_turn_goes_the_other_way_on_the_other_side(line: str) -> None:
    """Both ways end alike; on the way the bodies are mirror images at every moment."""
    form: Form = walk(line)
    (here,), (there,) = trace(form).steps, trace(mirror_form(form)).steps
    assert abs(here.facing - here.facing_from) == pytest.approx(180)
    for u in (0.25, 0.5, 0.75, 1):
        assert moment(here, u).facing == pytest.approx(-moment(there, u).facing)
        for side in ("L", "R"):
            a, b = moment(here, u).feet.of(side), moment(there, u).feet.of(OTHER_SIDE[side])
            assert (a.x, a.y, a.angle, a.contact) == (
                pytest.approx(-b.x),
                pytest.approx(b.y),
                pytest.approx(-b.angle),
                b.contact,
            )
