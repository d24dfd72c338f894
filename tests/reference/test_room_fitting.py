"""The fitting of the room against a general geometry library (GEOS, through shapely) on random cases."""

import random

import pytest
from shapely import affinity
from shapely.geometry import Point, Polygon

from kemvo.core.floor.footprint import Disc
from kemvo.core.floor.placement import at, best_of_all, best_spot
from kemvo.core.tables.rooms import Room

FINE = 64
"""Corners of a quarter of a circle where GEOS rounds."""


def random_room(rng: random.Random) -> Room:
    """A star-shaped polygon of four to nine corners, seldom convex."""
    from math import cos, pi, sin

    n = rng.randint(4, 9)
    angles = sorted(rng.uniform(0, 2 * pi) for _ in range(n))
    while any(not 0.2 < b - a < 2.5 for a, b in zip(angles, [*angles[1:], angles[0] + 2 * pi], strict=True)):
        angles = sorted(rng.uniform(0, 2 * pi) for _ in range(n))
    return Room(corners=tuple((5 + r * cos(a), 5 + r * sin(a)) for a in angles for r in [rng.uniform(1.5, 5)]))


def random_discs(rng: random.Random) -> tuple[Disc, ...]:
    return tuple(
        Disc(rng.uniform(-1.2, 1.2), rng.uniform(-1.2, 1.2), rng.choice([0.0, 0.3, 0.6]))
        for _ in range(rng.randint(1, 7))
    )


def allowed(discs: tuple[Disc, ...], floor: Polygon, facing: float, more: float) -> Polygon:
    """All start spots from which every disc, `more` metres larger, stays on the floor: the floor shrunk by each
    disc's radius and moved back by where the disc is."""
    from math import cos, radians, sin

    a = radians(facing)
    left = None
    for d in discs:
        x, y = d.x * cos(a) + d.y * sin(a), -d.x * sin(a) + d.y * cos(a)
        shrunk = floor.buffer(-(d.r + more), quad_segs=FINE)
        part = affinity.translate(shrunk, -x, -y)
        left = part if left is None else left.intersection(part)
    return left


@pytest.mark.parametrize("seed", range(60))
def test_the_greatest_clearance_is_the_geometry_librarys(seed: int) -> None:
    rng = random.Random(seed)
    room, discs, facing = random_room(rng), random_discs(rng), rng.choice([0.0, 90.0, 37.0])
    floor = Polygon(room.outline())
    found = best_spot(discs, room, facing)
    low, high = -6.0, 6.0
    while high - low > 1e-4:
        middle = (low + high) / 2
        if allowed(discs, floor, facing, middle).is_empty:
            high = middle
        else:
            low = middle
    # Outside its corners a grown floor is round in GEOS as in the plane; both are exact to the rounding of circles.
    assert found.clearance == pytest.approx(low, abs=0.004)
    for d in discs:
        x, y = at(d, found.spot)
        away = floor.exterior.distance(Point(x, y)) * (1 if floor.contains(Point(x, y)) else -1)
        assert away - d.r >= found.clearance - 1e-6


@pytest.mark.parametrize("seed", range(8))
def test_any_facing_finds_what_a_fine_sweep_finds(seed: int) -> None:
    rng = random.Random(1000 + seed)
    room, discs = random_room(rng), random_discs(rng)
    floor = Polygon(room.outline())
    found = best_of_all(discs, room)
    for facing in range(0, 360, 5):
        assert allowed(discs, floor, facing, found.clearance + 0.011).is_empty
