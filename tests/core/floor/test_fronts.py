"""A form's front on the compass: the same form written for a front in any direction walks the same way."""

import re

import pytest
from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.cues.directions import NORTH, directed
from kemvo.core.floor.walker import trace
from kemvo.core.language.sides import mirror_text
from kemvo.core.model.form import Form, Movement, Posture, Section
from kemvo.core.model.mirror import mirror_form
from kemvo.core.model.session import Directions, Part, Pass, Session, with_pass_ids
from kemvo.core.movement.readings import finished
from kemvo.core.timing.timeline import plan

POINTS = ("north", "north-east", "east", "south-east", "south", "south-west", "west", "north-west")
FRONTS = tuple(NORTH)

LINES = (
    "Face {0}", "Turn to the {2}", "Turn to the {4} and sit back", "Step left to the {7} corner",
    "Face {6}, weight into the right leg", "Turn the body to face {1}", "Step forward with the left foot",
    "Turn to three o'clock", "Turn left a quarter", "Shift the weight to the right leg", "Step to the {2} with the right foot",
    "Circle step to the {3} with the left foot", "Right foot steps towards the {5}, toes first",
)  # fmt: skip
"""Lines with points of the compass as eighths from the front."""

some_lines = st.lists(st.sampled_from(LINES), min_size=1, max_size=8)


def turned(line: str, front: str) -> str:
    """A line for a front in the north, with its compass words for another front."""
    by = round(NORTH[front] / 45)
    return re.sub(
        "|".join(sorted(POINTS, key=len, reverse=True)),
        lambda m: POINTS[(POINTS.index(m[0]) + by) % 8],
        line,
    )


def written(lines: list[str], front: str) -> Form:
    """A form whose lines are written for a front."""
    told = [turned(line.format(*POINTS), front) for line in lines]
    movements = tuple(Movement(line=line, left_pct=100 * (n % 2)) for n, line in enumerate(told))
    return finished(Form(front=front, sections=(Section(postures=(Posture(name="One", movements=movements),)),)))


@given(some_lines)
def test_the_same_form_for_any_front_walks_the_same_way(lines: list[str]) -> None:
    north, *others = ([(s.after, s.facing) for s in trace(written(lines, f)).steps] for f in FRONTS)
    assert all(other == north for other in others)


@given(some_lines, st.sampled_from(FRONTS))
def test_mirrored_it_is_its_mirror_image(lines: list[str], front: str) -> None:
    form = written(lines, front)
    for a, b in zip(trace(form).steps, trace(mirror_form(form)).steps, strict=True):
        assert abs((a.facing + b.facing) % 360) in (0, 360)
        assert abs(a.after.left.x + b.after.right.x) < 1e-9
        assert abs(a.after.left.y - b.after.right.y) < 1e-9


@given(some_lines, st.sampled_from(FRONTS))
def test_mirrored_twice_it_is_the_form(lines: list[str], front: str) -> None:
    form = written(lines, front)
    assert mirror_form(mirror_form(form)) == form


@given(some_lines, st.sampled_from(FRONTS))
def test_a_mirrored_form_is_the_form_written_mirrored(lines: list[str], front: str) -> None:
    """Mirroring and turning the compass go together in either order."""
    here = mirror_form(written(lines, front)).postures()[0].movements
    there = mirror_form(written(lines, "north")).postures()[0].movements
    assert [m.line for m in here] == [turned(m.line, front) for m in there]


@pytest.mark.parametrize(
    ("line", "front", "other"),
    [
        ("Step to the east", "north", "Step to the west"),
        ("Step to the east", "south", "Step to the west"),
        ("Step to the east", "east", "Step to the east"),
        ("Step to the north", "east", "Step to the south"),
        ("Face north-east", "west", "Face south-east"),
        ("Face NE", "east", "Face SE"),
        ("Face NE", "north", "Face NW"),
        ("Face N", "east", "Face S"),
        ("Turn southwards, left foot", "west", "Turn northwards, right foot"),
        ("A northerly step", "north", "A northerly step"),
        ("The North Star is on the left", "east", "The South Star is on the right"),
        ("Turn to the southeast corner", "north", "Turn to the southwest corner"),
    ],
)
def test_the_points_beside_the_front_are_exchanged(line: str, front: str, other: str) -> None:
    assert mirror_text(line, front) == other
    assert mirror_text(other, front) == line


@given(some_lines, st.booleans(), st.sampled_from(FRONTS))
def test_every_dialect_agrees_under_any_front(lines: list[str], other_side: bool, front: str) -> None:
    session = with_pass_ids(Session(passes=(Pass(part=Part(form_id="f"), other_side=other_side),)))
    told = {}
    for here in ("north", front):
        forms = {"f": written(lines, here)}
        for words in ("written", "plain", "clock", "compass", "room"):
            spans = directed(plan(session, forms).spans, forms, Directions(words=words), "class")
            told[here, words] = [s.movement.line for s in spans if s.movement]
    for words in ("plain", "clock", "room"):
        # What these say of a turn does not depend on the compass; lines that tell no turn keep their words.
        for a, b in zip(told["north", words], told[front, words], strict=True):
            assert a == b or turned(a, front) == b
    for words in ("written", "compass"):
        for a, b in zip(told["north", words], told[front, words], strict=True):
            assert turned(a, front) == b
