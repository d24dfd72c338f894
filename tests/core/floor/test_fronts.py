"""A form's front on the compass: the same form written for a front in the north and in the south walks the same way."""

import re

from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.cues.directions import directed
from kemvo.core.floor.walker import trace
from kemvo.core.model.form import Form, Movement, Posture, Section
from kemvo.core.model.mirror import mirror_form
from kemvo.core.model.session import Directions, Part, Pass, Session, with_pass_ids
from kemvo.core.movement.readings import finished
from kemvo.core.timing.timeline import plan

OTHER = {"north": "south", "south": "north", "east": "west", "west": "east"}

LINES = (
    "Face {north}", "Turn to the {east}", "Turn to the {south} and sit back", "Step left to the {north}-{west} corner",
    "Face {west}, weight into the right leg", "Turn the body to face {north}{east}", "Step forward with the left foot",
    "Turn to three o'clock", "Turn left a quarter", "Shift the weight to the right leg",
)  # fmt: skip


def written(lines: list[str], front: str) -> Form:
    """A form whose lines are written for a front."""
    words = {w: (w if front == "north" else OTHER[w]) for w in OTHER}
    movements = tuple(Movement(line=line.format(**words), left_pct=100 * (n % 2)) for n, line in enumerate(lines))
    return finished(Form(front=front, sections=(Section(postures=(Posture(name="One", movements=movements),)),)))


@given(st.lists(st.sampled_from(LINES), min_size=1, max_size=8))
def test_the_same_form_for_either_front_walks_the_same_way(lines: list[str]) -> None:
    north, south = (trace(written(lines, f)).steps for f in ("north", "south"))
    assert [(s.after, s.facing) for s in north] == [(s.after, s.facing) for s in south]


@given(st.lists(st.sampled_from(LINES), min_size=1, max_size=8))
def test_mirrored_it_is_its_mirror_image(lines: list[str]) -> None:
    form = written(lines, "south")
    for a, b in zip(trace(form).steps, trace(mirror_form(form)).steps, strict=True):
        assert abs((a.facing + b.facing) % 360) in (0, 360)
        assert abs(a.after.left.x + b.after.right.x) < 1e-9


@given(st.lists(st.sampled_from(LINES), min_size=1, max_size=8), st.booleans())
def test_every_dialect_agrees_under_either_front(lines: list[str], other_side: bool) -> None:
    session = with_pass_ids(Session(passes=(Pass(part=Part(form_id="f"), other_side=other_side),)))
    told = {}
    for front in ("north", "south"):
        forms = {"f": written(lines, front)}
        for words in ("plain", "clock", "compass", "room"):
            spans = directed(plan(session, forms).spans, forms, Directions(words=words), "class")
            told[front, words] = [s.movement.line for s in spans if s.movement]
    for words in ("plain", "clock", "room"):
        # What these say of a turn does not depend on the compass; lines that tell no turn keep their words.
        for a, b in zip(told["north", words], told["south", words], strict=True):
            assert a == b or turned(a) == b
    for a, b in zip(told["north", "compass"], told["south", "compass"], strict=True):
        assert turned(a) == b


def turned(line: str) -> str:
    """A line with its compass words for the other front."""
    return re.sub("|".join(OTHER), lambda m: OTHER[m[0]], line)
