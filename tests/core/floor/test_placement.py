"""A form in a room: examples, and the laws of turning and moving the room."""

from math import cos, radians, sin

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from pydantic import ValidationError

from floors import CORRIDOR, L_SHAPED, forms, walk
from kemvo.core.errors import KemvoError
from kemvo.core.floor.footprint import Disc, space
from kemvo.core.floor.placement import at, best_of_all, best_spot, clearance, seen_from, step_that_fits
from kemvo.core.floor.start_position import standing
from kemvo.core.floor.walker import trace
from kemvo.core.model.form import Form
from kemvo.core.tables.rooms import Camera, Room, SideNames, Spot, camera_at_front

ONE = (Disc(0, 0, 1.0),)


def test_a_single_place_stands_in_the_middle() -> None:
    found = best_spot(ONE, Room(width=6, depth=4), 0.0)
    assert found.clearance == pytest.approx(1.0, abs=0.003)
    assert found.spot.y == pytest.approx(2, abs=0.01)
    assert found.spot.x == pytest.approx(3, abs=0.05)  # of all places with this clearance, the one in the middle


def test_a_long_form_is_turned_along_a_corridor() -> None:
    across = (Disc(0, 0, 0.5), Disc(5, 0, 0.5))
    assert not best_spot(across, CORRIDOR, 0.0).fits()
    assert best_spot(across, CORRIDOR, 90.0).fits()
    assert best_of_all(across, CORRIDOR).clearance == pytest.approx(1.0, abs=0.02)


def test_a_camera_keeps_the_form_in_the_picture() -> None:
    room = Room(width=8, depth=8, camera=Camera(x=4, y=8, towards_deg=180, wide_deg=60, near=2))
    found = best_spot(ONE, room, 0.0)
    free = best_spot(ONE, room, 0.0, False)
    assert found.clearance < free.clearance
    assert found.spot.y < 4
    assert min(clearance(ONE, room, found.spot)) == pytest.approx(found.clearance)


def test_the_largest_step_that_fits_is_found() -> None:
    def discs(pct: float) -> tuple[Disc, ...]:
        return Disc(0, 0, 0.5), Disc(0, 4 * pct / 100, 0.5)

    found = step_that_fits(discs, Room(width=3, depth=3), 100, "front")
    assert found is not None
    assert found[0] == 50
    assert step_that_fits(discs, Room(width=0.8, depth=3), 100, "front") is None


def test_where_to_stand_is_told_by_the_names_of_the_sides() -> None:
    form = walk("All the weight into the right", "Left heel steps forward", "All the weight into the left")
    names = SideNames(front="stage", right="window side", back="kitchen", left="door side")
    room = Room(width=5, depth=4, sides=names)
    told = standing(form.model_copy(update={"room": room}))
    assert told.best.fits
    assert "facing the stage" in told.says
    assert "from the kitchen" in told.says
    tight = standing(form.model_copy(update={"room": Room(width=1.8, depth=1.7)}))
    assert not tight.best.fits
    assert tight.step_pct is not None
    assert tight.step_pct < 100
    assert "steps of" in tight.says
    none = standing(form.model_copy(update={"room": Room(width=1, depth=1)}))
    assert none.step_pct is None
    assert "does not fit" in none.says
    with pytest.raises(KemvoError, match="no room"):
        standing(form)


def test_a_start_that_is_set_is_told_with_its_clearance() -> None:
    form = walk("Wrists float up").model_copy(update={"room": Room(width=4, depth=4), "start": Spot(x=0.2, y=2)})
    told = standing(form)
    assert told.now is not None
    assert not told.now.fits


@pytest.mark.parametrize(
    "corners",
    [((0, 0), (1, 1)), ((0, 0), (4, 4), (4, 0), (0, 4)), ((0, 0), (1, 0), (2, 0)), ((0, 0), (0, 0), (0, 0))],
)
def test_what_is_no_room_is_refused_with_a_sentence(corners: tuple[tuple[float, float], ...]) -> None:
    with pytest.raises(ValidationError, match=r"corner|floor"):
        Room(corners=corners)


# Laws


def turned(room: Room, degrees: float, dx: float, dy: float) -> Room:
    a = radians(degrees)

    def move(x: float, y: float) -> tuple[float, float]:
        return x * cos(a) + y * sin(a) + dx, -x * sin(a) + y * cos(a) + dy

    return Room(corners=tuple(move(*c) for c in room.outline()), front_deg=room.front_deg + degrees)


rooms = st.sampled_from([Room(width=6, depth=4), CORRIDOR, L_SHAPED, Room(width=3, depth=9)])
discs = st.lists(
    st.builds(Disc, st.floats(-2, 2), st.floats(-2, 3), st.sampled_from([0.0, 0.4, 0.7])), min_size=1, max_size=8
).map(tuple)


@settings(max_examples=40)
@given(discs, rooms, st.floats(-180, 180), st.floats(-5, 5), st.floats(-5, 5))
def test_turning_the_room_turns_the_answer(
    places: tuple[Disc, ...], room: Room, degrees: float, dx: float, dy: float
) -> None:
    here = best_spot(places, room, room.front_deg)
    new = turned(room, degrees, dx, dy)
    there = best_spot(places, new, new.front_deg)
    assert there.clearance == pytest.approx(here.clearance, abs=0.005)
    a = radians(degrees)
    x, y = here.spot.x * cos(a) + here.spot.y * sin(a) + dx, -here.spot.x * sin(a) + here.spot.y * cos(a) + dy
    moved = Spot(x=x, y=y, facing_deg=((here.spot.facing_deg + degrees + 180) % 360) - 180)
    assert min(clearance(places, new, moved)) == pytest.approx(here.clearance, abs=1e-6)


@settings(max_examples=40)
@given(discs, rooms, st.floats(0, 10), st.floats(0, 10), st.sampled_from([0.0, 90.0, 180.0, 270.0]))
def test_no_spot_is_better_than_the_best(
    places: tuple[Disc, ...], room: Room, x: float, y: float, facing: float
) -> None:
    best = best_spot(places, room, facing)
    assert min(clearance(places, room, Spot(x=x, y=y, facing_deg=facing))) <= best.clearance + 0.0021
    assert min(clearance(places, room, best.spot)) == pytest.approx(best.clearance, abs=1e-9)


@settings(max_examples=15)
@given(discs, rooms, st.sampled_from([0.0, 33.0, 90.0, 181.0]))
def test_any_facing_is_at_least_as_good_as_a_given_one(places: tuple[Disc, ...], room: Room, facing: float) -> None:
    assert best_of_all(places, room).clearance >= best_spot(places, room, facing).clearance - 0.011


@given(st.floats(-5, 5), st.floats(-5, 5), st.floats(-180, 180), st.floats(-3, 3), st.floats(-3, 3))
def test_places_are_seen_from_the_start_as_they_lie_in_the_room(
    sx: float, sy: float, facing: float, x: float, y: float
) -> None:
    spot = Spot(x=sx, y=sy, facing_deg=facing)
    back = seen_from(spot, at(Disc(x, y, 0), spot))
    assert back == pytest.approx((x, y), abs=1e-9)


@settings(max_examples=25)
@given(forms)
def test_a_form_that_fits_never_leaves_its_room(form: Form) -> None:
    room = Room(width=9, depth=9)
    places = space(trace(form))
    found = best_spot(places, room, 0.0)
    inside = all(
        d.r - 1e-9 <= x <= 9 - d.r + 1e-9 and d.r - 1e-9 <= y <= 9 - d.r + 1e-9
        for d in places
        for x, y in [at(d, found.spot)]
    )
    assert inside == found.fits()


@given(st.floats(-180, 180), st.sampled_from([Room(width=6, depth=4), CORRIDOR, L_SHAPED]))
def test_a_new_camera_stands_at_the_front_and_looks_back_over_the_floor(front: float, room: Room) -> None:
    room = room.model_copy(update={"front_deg": front})
    camera = camera_at_front(room)
    a = radians(front)
    ahead = [(x - camera.x) * sin(a) + (y - camera.y) * cos(a) for x, y in room.outline()]
    aside = [(x - camera.x) * cos(a) - (y - camera.y) * sin(a) for x, y in room.outline()]
    assert max(ahead) == pytest.approx(0, abs=0.02), "no part of the floor is behind it"
    assert min(aside) == pytest.approx(-max(aside), abs=0.04)
    assert (camera.towards_deg - front) % 360 == pytest.approx(180)


def test_a_form_that_only_just_fits_in_most_of_a_room_is_placed_all_the_same() -> None:
    """Along the narrow part nothing is to spare, and the search must not go on for ever there for a nearer place."""
    pocket = Room(corners=((0, 0), (2, 0), (2, 8), (2.002, 8), (2.002, 10), (0, 10)))
    placed = best_spot((Disc(-1, 0, 0), Disc(1, 0, 0)), pocket, 0.0)
    assert 0 <= placed.clearance <= 0.001
    assert placed.spot.x == pytest.approx(1, abs=0.001)


cameras = st.builds(
    Camera,
    x=st.floats(-12, 20),
    y=st.floats(-12, 20),
    towards_deg=st.floats(0, 359),
    wide_deg=st.sampled_from([40.0, 60.0, 90.0]),
    near=st.sampled_from([0.5, 2.0]),
)


@given(discs, cameras, st.floats(-12, 20), st.floats(-12, 20), st.sampled_from([0.0, 90.0, 211.0]))
def test_no_spot_misses_room_and_picture_by_less_wherever_the_camera_looks(
    places: tuple[Disc, ...], camera: Camera, x: float, y: float, facing: float
) -> None:
    room = Room(width=6, depth=5, camera=camera)
    found = best_spot(places, room, facing)
    assert min(clearance(places, room, Spot(x=x, y=y, facing_deg=facing))) <= found.clearance + 0.006
    assert min(clearance(places, room, found.spot)) == pytest.approx(found.clearance, abs=1e-6)


def test_a_picture_that_misses_the_room_is_told() -> None:
    """The camera stands at the front and looks away: what is best stands outside, and that the room itself does is said."""
    room = Room(width=6, depth=5, camera=Camera(x=3, y=6, towards_deg=0, wide_deg=60, near=1))
    form = walk("All the weight into the right", "Left heel steps forward").model_copy(update={"room": room})
    told = standing(form)
    assert not told.best.fits
    assert "In the room itself it fits" in told.says
    assert "Move or turn the camera." in told.says
    turned = room.model_copy(update={"camera": room.camera.model_copy(update={"towards_deg": 180})})  # type: ignore[union-attr]
    assert standing(form.model_copy(update={"room": turned})).best.fits
