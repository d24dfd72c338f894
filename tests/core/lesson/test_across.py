"""A drill across the hall: as often as it fits, and no oftener; divided at the walls, nothing of it is lost."""

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from kemvo.core.errors import KemvoError
from kemvo.core.floor.footprint import space
from kemvo.core.floor.placement import best_spot, facings_of
from kemvo.core.floor.walker import trace
from kemvo.core.lesson.across import across, turned_at_walls
from kemvo.core.model.form import Form, Movement, Posture, Section
from kemvo.core.model.session import Forms, Part, Pass, Session, with_pass_ids
from kemvo.core.movement.readings import finished
from kemvo.core.tables.rooms import Room
from kemvo.core.timing.timeline import plan


def walk(width: float, depth: float, repeats: int, **more: object) -> tuple[Session, Forms]:
    """A drill that goes a step ahead on either side every time, in a room."""
    lines = (
        ("Weight into the right leg", 0),
        ("Left heel steps forward", 0),
        ("Weight into the left leg", 100),
        ("Right heel steps forward", 100),
        ("Weight into the right leg", 0),
    )
    movements = tuple(Movement(line=line, left_pct=left, counts=2) for line, left in lines)
    form = finished(
        Form(
            room=Room(width=width, depth=depth),
            sections=(Section(postures=(Posture(name="Walk", movements=movements),)),),
        )
    )
    drill = Pass(id="a", kind="drill", part=Part(form_id="f"), repeats=repeats, **more)
    return with_pass_ids(Session(passes=(drill, Pass(part=Part(form_id="f"))))), {"f": form}


def fits(session: Session, forms: Forms, times: int) -> bool:
    one = session.model_copy(update={"passes": (session.passes[0].model_copy(update={"repeats": times}),)})
    form = forms["f"]
    assert form.room
    discs = space(trace(form, [s for s in plan(one, forms).spans if s.kind == "movement"]))
    return any(best_spot(discs, form.room, f, picture=False).fits() for f in facings_of(form.room, "four"))


@settings(max_examples=25, deadline=None)
@given(st.integers(3, 14), st.integers(3, 14), st.integers(2, 14))
def test_so_often_it_fits_and_no_oftener(width: int, depth: int, repeats: int) -> None:
    session, forms = walk(width, depth, repeats)
    found = across(session, forms, "a")
    assert found is not None
    assert sum(found.ways) == (repeats if found.fits else 0)
    if found.fits:
        assert fits(session, forms, found.fits)
        assert max(found.ways) <= found.fits
    if found.fits < repeats:
        assert not fits(session, forms, found.fits + 1)


@pytest.mark.parametrize("alternate", [False, True])
def test_divided_at_the_walls_all_of_it_is_done(alternate: bool) -> None:
    session, forms = walk(4, 6, 9, alternate=alternate)
    found = across(session, forms, "a")
    assert found
    assert 1 < found.fits < 9
    made = turned_at_walls(session, forms, "a")
    ways = made.passes[: len(found.ways)]
    assert [p.repeats for p in ways] == list(found.ways)
    assert made.passes[len(found.ways) :] == session.passes[1:]
    assert all(p.say.startswith("Turn round at the wall") for p in ways[1:])
    before = [s.movement.left_pct for s in plan(session, forms).spans if s.movement and s.round.id == "a"]
    after = [s.movement.left_pct for s in plan(made, forms).spans if s.movement and s.round.no < len(found.ways)]
    assert before == after
    with pytest.raises(KemvoError, match=r"does not travel|fit across"):
        turned_at_walls(made, forms, "a")


def test_what_does_not_travel_or_has_no_room_is_left_alone() -> None:
    session, forms = walk(6, 6, 4)
    assert across(session, forms, "none") is None
    assert across(session, {"f": forms["f"].model_copy(update={"room": None})}, "a") is None
    still = finished(Form(room=Room(), sections=(Section(postures=(Posture(movements=(Movement(line="Sink"),)),)),)))
    assert across(session, {"f": still}, "a") is None
    assert "All 2 times fit" in across(*walk(20, 20, 2), "a").says  # type: ignore[union-attr]
    tiny = across(*walk(1, 1, 3), "a")
    assert tiny
    assert tiny.ways == ()
