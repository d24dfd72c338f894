"""Mends, kind by kind: what is offered, in which words, and what comes of it."""

from __future__ import annotations

import pytest

from floors import walk
from kemvo.core.floor.closing import mark_of
from kemvo.core.model.form import Form, Movement, Posture, Section
from kemvo.core.movement.readings import finished
from kemvo.core.review.checks import read_through
from kemvo.core.review.context import seen
from kemvo.core.review.findings import Finding
from kemvo.core.review.mends import Mend, mends
from kemvo.core.tables.groups import Who
from kemvo.core.tables.rooms import Camera, Room, Spot

M = Movement


def offered(form: Form, kind: str) -> tuple[Finding, list[Mend]]:
    """The first finding of a kind, and its mends."""
    found = next(f for f in read_through(seen(form)) if f.kind == kind)
    return found, mends(form, found.id, most=12)


def postures(*made: Posture, **of_form: object) -> Form:
    return finished(Form(**of_form, sections=(Section(postures=made),)))


def test_two_sides_get_the_same_counts_one_way_or_the_other() -> None:
    form = postures(
        Posture(name="Reeds", side="L", movements=(M(line="Hands open", counts=2), M(line="Hands close", counts=4))),
        Posture(name="Reeds", side="R", movements=(M(line="Hands open", counts=3), M(line="Hands close", counts=6))),
    )
    _, told = offered(form, "sides-unequal")
    counts = [[[m.counts for m in p.movements] for p in mend.form.postures()] for mend in told]
    assert counts[:2] in ([[[3, 6], [3, 6]], [[2, 4], [2, 4]]], [[[2, 4], [2, 4]], [[3, 6], [3, 6]]])
    assert all("Reeds" in mend.says for mend in told)


def test_a_posture_of_one_side_twice_is_done_on_the_other_side() -> None:
    lines = (M(line="The left palm opens", left_pct=50),)
    form = postures(
        Posture(name="Reeds", side="L", movements=lines),
        Posture(name="Reeds", side="L", movements=lines),
    )
    _, told = offered(form, "not-alternating")
    assert [m.says for m in told] == ["Do it on the other side."]
    changed = [p for p in told[0].form.postures() if p.side == "R"]
    assert [p.movements[0].line for p in changed] == ["The right palm opens"]


def test_a_breath_over_many_movements_is_broken_in_the_middle_or_left_free() -> None:
    form = walk(*(M(line=f"Arms rise {n}", breath="in", counts=4) for n in ("one", "two", "three")), tempo=30.0)
    _, told = offered(form, "breath-long")
    assert told
    for mend in told:
        assert [m.breath for m in mend.form.postures()[0].movements] != ["in", "in", "in"]


def test_a_breath_over_one_long_movement_gets_fewer_counts_or_is_left_free() -> None:
    form = walk(M(line="Arms rise", breath="in", counts=20), tempo=30.0)
    _, told = offered(form, "breath-long")
    (movement,) = told[0].form.postures()[0].movements
    assert movement.breath == "free" or movement.counts < 20


def test_a_form_that_leaves_the_room_begins_elsewhere() -> None:
    lines = ("All the weight into the right", "Left heel steps forward", "Seventy percent into the left")
    form = walk(*lines, room=Room(width=4, depth=4), start=Spot(x=0.1, y=2))
    _, told = offered(form, "leaves-room")
    assert told[0].says == "Begin where it fits."
    assert told[0].form.start != form.start
    assert all(not any(f.kind == "leaves-room" for f in read_through(seen(m.form))) for m in told)


def test_a_room_that_is_too_small_wants_smaller_steps() -> None:
    ahead = [
        line
        for _ in range(4)
        for line in (
            "All the weight into the right", "Left heel steps forward", "All the weight into the left",
            "Right heel steps forward",
        )
    ]  # fmt: skip
    form = walk(*ahead, "All the weight into the right", room=Room(width=3.4, depth=4.6), start=Spot(x=1.7, y=1.0))
    _, told = offered(form, "leaves-room")
    smaller = [m for m in told if m.says.startswith("Steps of")]
    assert smaller
    assert smaller[0].form.who.step() < form.who.step()
    assert not any(f.kind == "leaves-room" for f in read_through(seen(smaller[0].form)))


def test_a_form_that_leaves_the_picture_begins_where_the_camera_sees_it() -> None:
    lines = ("All the weight into the right", "Left heel steps forward", "Seventy percent into the left")
    camera = Camera(x=4, y=8, towards_deg=180, wide_deg=80, near=3)
    form = walk(*lines, room=Room(width=8, depth=8, camera=camera), start=Spot(x=4, y=6))
    _, told = offered(form, "leaves-picture")
    assert told
    assert all(not any(f.kind == "leaves-picture" for f in read_through(seen(m.form))) for m in told)


@pytest.mark.parametrize("says", ["instead of"])
def test_a_form_is_closed_by_a_step_back_instead_of_forward(says: str) -> None:
    beside = M(line="Right foot steps out to shoulder width", left_pct=100)
    there = ("All the weight into the right", "Left foot steps forward", "All the weight into the left", beside)
    back = ("All the weight into the right", "Left foot steps back", "All the weight into the left", beside)
    from kemvo.core.tables.schools import SCHOOLS

    form = walk(*there, *back, *there, *there, "Weight even", manner=SCHOOLS["chen-old"].manner)
    _, told = offered(form, "off-the-mark")
    assert any(says in m.says for m in told)
    assert all(mark_of(seen(m.form).trace).closed() for m in told)


def test_a_kick_of_a_group_with_sore_knees_gets_a_gentler_version_written_down() -> None:
    form = walk("All the weight into the left", "Kick with the right heel", who=Who(group="sore-knees"))
    found, told = offered(form, "no-gentler")
    assert told[0].says.startswith("Write down: “")
    assert told[0].form.postures()[0].gentler
    assert found.level != "fault" or "doctor" not in told[0].says, "a mend is no medical advice"


def test_a_mend_changes_nothing_but_its_place() -> None:
    form = walk("Left foot steps forward", "Arms rise", "Arms sink")
    _, told = offered(form, "moved-loaded")
    for mend in told:
        lines = [m.line for m in mend.form.postures()[0].movements]
        assert lines[-2:] == ["Arms rise", "Arms sink"]
        assert mend.form.model_copy(update={"sections": form.sections}) == form
