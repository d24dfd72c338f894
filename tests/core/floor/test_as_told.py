"""Feet go where they are told: right place, right angle, both where both are meant."""

import pytest

from kemvo.core.floor.feet import FloorStep
from kemvo.core.floor.walker import trace
from kemvo.core.model.form import FILLED_IN, Form, Movement, Posture, Section
from kemvo.core.model.mirror import mirror_form
from kemvo.core.movement.fields import with_typed_read
from kemvo.core.movement.readings import finished


def form_of(*lines: str) -> Form:
    movements = tuple(Movement(line=x, unread=True, origins=FILLED_IN) for x in lines)
    return with_typed_read(finished(Form(sections=(Section(postures=(Posture(name="One", movements=movements),)),))))


def last(*lines: str) -> FloorStep:
    return trace(form_of(*lines)).steps[-1]


ON_RIGHT, ON_LEFT = "Weight into the right leg", "Weight into the left leg"

PLACES = [
    # The foot, how far it goes to its side and ahead (-1, 0, 1), and its angle (None: any).
    ((ON_RIGHT, "Step to the left with the left foot"), "L", -1, 0, 0),
    ((ON_RIGHT, "Step out to the left, feet parallel"), "L", -1, 0, 0),
    ((ON_LEFT, "Step to the right with the right foot"), "R", 1, 0, 0),
    ((ON_RIGHT, "Step left to the corner and sit into it"), "L", -1, 1, None),
    ((ON_RIGHT, "Step back in a curve"), "L", -1, -1, None),
    ((ON_RIGHT, "Step back with the left foot in a small arc"), "L", -1, -1, None),
    ((ON_LEFT, "Step forward with the right foot in an arc"), "R", 0, 1, None),
    ((ON_LEFT, "Pivot on the right heel to three o'clock"), "R", 0, 0, 90),
    ((ON_RIGHT, "Pivot on the left heel to ten o'clock"), "L", 0, 0, -60),
    ((ON_LEFT, "Right foot at 45"), "R", 0, 0, 45),
    ((ON_RIGHT, "Left foot at forty five degrees"), "L", 0, 0, -45),
    ((ON_LEFT, "Turn the right toes out to 45"), "R", 0, 0, 45),
    ((ON_LEFT, "Turn the right toes out to sixty degrees"), "R", 0, 0, 60),
    ((ON_RIGHT, "Left toes out to 45"), "L", 0, 0, -45),
    (
        ("Weight into the right leg", "Left heel steps forward", "Bring the left foot to the right foot"),
        "L",
        0,
        0,
        None,
    ),
    (("Weight into the left leg", "Right foot steps out", "Right foot closes to the left foot"), "R", 0, 0, None),
    ((ON_RIGHT, "Step to the left side and a fist's width back, ball first"), "L", -1, 0, 0),
    ((ON_RIGHT, "Circle step to the west with the left foot"), "L", -1, 0, None),
    ((ON_LEFT, "Circle step to the east"), "R", 1, 0, None),
    ((ON_LEFT, "Right foot steps to three o'clock"), "R", 1, 0, 90),
    ((ON_RIGHT, "Left foot steps out heel first to nine o'clock"), "L", -1, 0, -90),
    ((ON_RIGHT, "Step out with the left heel to eleven o'clock", ON_LEFT), "L", -1, 1, -30),
    ((ON_LEFT, "Right foot steps to the north-east, heel first", ON_RIGHT), "R", 1, 0, 45),
    ((ON_LEFT, "Step to the south with the right foot"), "R", 1, -1, None),
    ((ON_RIGHT, "Step back with the left foot to seven o'clock"), "L", -1, -1, None),
    ((ON_LEFT, "Right foot steps to the north"), "R", 0, 1, 0),
    (("Heels together in a V, a fist between them",), "L", 0, 0, -30),
    (("Heels together in a V",), "R", 0, 0, 30),
    (("Feet together",), "R", 0, 0, 0),
]


@pytest.mark.parametrize(("lines", "side", "aside", "ahead", "angle"), PLACES, ids=[x[0][-1] for x in PLACES])
def test_a_foot_ends_where_it_is_told(
    lines: tuple[str, ...], side: str, aside: int, ahead: int, angle: float | None
) -> None:
    step = last(*lines)
    foot = step.after.of(side)  # type: ignore[arg-type]
    for value, wanted in ((foot.x, aside), (foot.y, ahead)):
        assert (value > 0.25) - (value < -0.25) == wanted
    if angle is not None:
        assert foot.angle == pytest.approx(angle)
    # Mirrored, it is the mirror image.
    other = trace(mirror_form(form_of(*lines))).steps[-1].after.of("R" if side == "L" else "L")
    assert (other.x, other.y) == pytest.approx((-foot.x, foot.y))
    assert (other.angle + foot.angle) % 360 == pytest.approx(0)


def test_both_feet_are_parallel_where_that_is_told() -> None:
    after = last(ON_RIGHT, "Step out to the left, feet parallel").after
    assert (after.left.angle, after.right.angle) == (0, 0)


def test_both_feet_turn_where_both_are_told() -> None:
    after = last("Turn the right toes out to 45, then the left in on the ball").after
    assert after.right.angle == 45
    assert after.left.angle > -30


@pytest.mark.parametrize(
    ("line", "facing"),
    [
        ("Turn the whole body to the right", 90),
        ("Turn the whole body to the left", -90),
        ("Turn the body to the right", 0),
        ("Turn the waist to the right", 0),
    ],
)
def test_the_whole_body_turns_and_the_waist_comes_back(line: str, facing: float) -> None:
    assert last(ON_RIGHT, line).facing == facing


@pytest.mark.parametrize(
    ("line", "left"),
    [
        ("Keep sixty on the left", 60),
        ("Keep sixty percent of the weight on the left leg", 60),
        ("Leave twenty on the right leg", 80),
        ("Keep forty on the right", 60),
        ("Keep one hand on the left", 50),
        ("Keep your eyes on the left", 50),
        ("Hold ten seconds on the left", 50),
    ],
)
def test_what_is_kept_on_a_leg_is_there(line: str, left: int) -> None:
    assert trace(form_of(line)).steps[-1].span.left_to == left


BACK_BY = [
    ("Step out to the left", "a fist's width back", -10),
    ("Step out to the left", "two fists' width back", -20),
    ("Left foot steps to the side", "ten centimetres back", -10),
    ("Step to the left with the left foot", "a fist's width forward", 10),
    ("Step out with the left foot", "five centimetres forward", 5),
]


@pytest.mark.parametrize(("step", "more", "cm"), BACK_BY)
@pytest.mark.parametrize("join", [" and ", ", "])
def test_what_is_told_besides_a_way_moves_the_foot_by_that(step: str, more: str, cm: int, join: str) -> None:
    plain, moved = last(ON_RIGHT, step).after.left, last(ON_RIGHT, f"{step}{join}{more}, ball first").after.left
    assert (moved.x - plain.x, moved.y - plain.y) == pytest.approx((0, cm / 100))
    assert moved.contact == "toe"


@pytest.mark.parametrize(
    "line",
    [
        "Turn right, then back to the middle",
        "Turn the waist left and back to the centre",
        "The waist returns to centre",
    ],
)
def test_back_to_the_middle_of_the_facing_moves_no_weight(line: str) -> None:
    step = last(ON_RIGHT, line)
    assert step.facing == 0
    assert step.span.left_to == 0


def test_back_to_the_middle_of_the_weight_moves_it() -> None:
    assert last(ON_RIGHT, "Shift left, then back to the centre").span.left_to == 50
