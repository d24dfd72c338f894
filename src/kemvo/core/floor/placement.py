"""Where in a room a form fits: the start spot and the facing that leave the most room around it.

The answer is the greatest clearance there is, found by branch and bound: the clearance of a place changes by no more
than the place is moved, so a box of places whose middle is far worse than the best known one holds nothing better.
Rooms of any shape, a camera's picture, any shift, one facing or all of them.
"""

from __future__ import annotations

from collections.abc import Callable, Sequence
from functools import lru_cache
from math import cos, hypot, pi, radians, sin
from typing import Literal, NamedTuple

import numpy as np
import numpy.typing as npt

from kemvo.core.floor.footprint import Disc
from kemvo.core.tables.rooms import FAR, Camera, Point, Room, Spot

Facings = Literal["front", "four", "all"]
Array = npt.NDArray[np.float64]

EXACT_M = 0.002
"""The clearance found is at most this much less than the greatest, in metres."""

EXACT_ALL_M = 0.01
"""The tolerance where every facing may be chosen, in metres (in rooms longer than 30 m, a three-thousandth of their length)."""

FINEST_M = 1e-4
"""Whether a form fits at all is decided to this, in metres."""

MOST_CELLS = 1_000_000
"""With more boxes than this left to look into, it is decided to `EXACT_M` instead."""

NEAR_M = 0.02
"""Of places with one clearance, the one nearest to the middle of the room is taken, to this."""

AT_ONCE = 400_000
"""How many numbers are worked on at once."""


class BestSpot(NamedTuple):
    """A spot, and the least distance that anything of a form begun there keeps from the walls and from the edge of the
    picture, in metres; negative where it would go beyond them."""

    spot: Spot
    clearance: float

    def fits(self) -> bool:
        """Whether the whole form stays inside."""
        return self.clearance >= 0


def regions(room: Room, picture: bool = True) -> tuple[tuple[Point, ...], ...]:
    """The polygons in which everything must stay: the floor, and what the camera sees."""
    floor = room.outline()
    return (floor, seen_by(room.camera)) if picture and room.camera else (floor,)


def seen_by(camera: Camera) -> tuple[Point, ...]:
    """What a camera sees of the floor, from where a person is wholly in the picture."""
    half = radians(camera.wide_deg / 2)
    corners = []
    for sign, away in ((-1, camera.near), (1, camera.near), (1, FAR), (-1, FAR)):
        a = radians(camera.towards_deg) + sign * half
        length = max(away, 1e-6) / cos(half)
        corners.append((camera.x + length * sin(a), camera.y + length * cos(a)))
    return tuple(corners)


def at(disc: Disc, spot: Spot) -> Point:
    """Where a place of the form is in the room."""
    a = radians(spot.facing_deg)
    return spot.x + disc.x * cos(a) + disc.y * sin(a), spot.y - disc.x * sin(a) + disc.y * cos(a)


def seen_from(spot: Spot, place: Point) -> Point:
    """Where a place of the room is, seen from the form's start: the way back of `at`."""
    a = radians(spot.facing_deg)
    dx, dy = place[0] - spot.x, place[1] - spot.y
    return dx * cos(a) - dy * sin(a), dx * sin(a) + dy * cos(a)


def clearance(discs: Sequence[Disc], room: Room, spot: Spot, picture: bool = True) -> list[float]:
    """How far each place of a form keeps from the walls (and the edge of the picture) when begun at a spot."""
    places = np.array([at(d, spot) for d in discs])
    free = np.min([_inside_by(places, np.array(r)) for r in regions(room, picture)], axis=0)
    return [float(f - d.r) for f, d in zip(free, discs, strict=True)]


def facings_of(room: Room, which: Facings) -> tuple[float, ...]:
    """The facings that are tried one by one, in degrees on the plan; the room's front first."""
    return tuple(room.front_deg + turn for turn in ((0,) if which == "front" else (0, 90, 180, 270)))


@lru_cache(maxsize=64)
def best_spot(discs: tuple[Disc, ...], room: Room, facing_deg: float, picture: bool = True) -> BestSpot:
    """The spot with the greatest clearance for one facing, to `EXACT_M`."""
    return _search(discs, room, picture, radians(facing_deg), 0.0, EXACT_M)


@lru_cache(maxsize=16)
def best_of_all(discs: tuple[Disc, ...], room: Room, picture: bool = True) -> BestSpot:
    """The spot and facing with the greatest clearance, to `EXACT_ALL_M`."""
    xs, ys = zip(*room.outline(), strict=True)
    longest = max(max(xs) - min(xs), max(ys) - min(ys))
    return _search(discs, room, picture, radians(room.front_deg), pi, max(EXACT_ALL_M, longest / 3000))


def step_that_fits(
    discs_at: Callable[[float], tuple[Disc, ...]], room: Room, now_pct: float, which: Facings
) -> tuple[float, BestSpot] | None:
    """The largest size of step, in whole percent up to `now_pct`, with which a form fits, and its spot; None if it
    does not fit even with steps of 10 %. `discs_at` gives the space the form takes with a size of step."""

    def spot_at(pct: float) -> BestSpot:
        discs = discs_at(pct)
        if which == "all":
            return best_of_all(discs, room)
        return max((best_spot(discs, room, f) for f in facings_of(room, which)), key=lambda s: s.clearance)

    low, high = 10, int(now_pct)
    spot = spot_at(low)
    if not spot.fits():
        return None
    while high > low:
        middle = (low + high + 1) // 2
        tried = spot_at(middle)
        if tried.fits():
            low, spot = middle, tried
        else:
            high = middle - 1
    return float(low), spot


# The search


class _Shape(NamedTuple):
    """Places around their middle, and how far each must stay away from any edge."""

    x: Array
    y: Array
    r: Array
    middle: Point
    radius: float


def _shape(discs: Sequence[Disc]) -> _Shape:
    kept = _outermost(discs)
    xs, ys = [d.x for d in kept], [d.y for d in kept]
    mx, my = (min(xs) + max(xs)) / 2, (min(ys) + max(ys)) / 2
    x, y, r = np.array(xs) - mx, np.array(ys) - my, np.array([d.r for d in kept])
    return _Shape(x, y, r, (mx, my), float(np.max(np.hypot(x, y))))


def _outermost(discs: Sequence[Disc]) -> list[Disc]:
    """The discs that lie in no other one."""
    kept: list[Disc] = []
    for d in sorted(discs, key=lambda d: -d.r):
        if all(hypot(d.x - k.x, d.y - k.y) + d.r > k.r + 1e-9 for k in kept):
            kept.append(d)
    return kept


def _search(discs: tuple[Disc, ...], room: Room, picture: bool, facing: float, spread: float, exact: float) -> BestSpot:
    """The best middle (x, y) and facing within `spread` of `facing` (radians): first the greatest clearance, then,
    for a single facing in which it fits, the place nearest to the middle of the room that has it."""
    shape = _shape(discs)
    polygons = [np.array(r) for r in regions(room, picture)]
    low, high = polygons[0].min(axis=0), polygons[0].max(axis=0)
    start = np.array([[*((low + high) / 2), facing]])
    best, best_at = float(_free(start, shape, polygons)[0]), start[0]
    # Where a camera's picture misses the room, the least that is missing may be at a place outside it; but no farther than what is
    # missing in the middle of the room.
    half = np.array([*((high - low) / 2 + max(0.0, -best)), spread])

    cells, size = start, half
    while len(cells):
        free = _free(cells, shape, polygons)
        top = int(np.argmax(free))
        if free[top] > best:
            best, best_at = float(free[top]), cells[top]
        reach = _reach(size, shape)
        # Whether it fits at all is told more finely than how well.
        undecided = best < 0 and reach > FINEST_M and len(cells) <= MOST_CELLS
        hopeful = free + reach > (0 if undecided and best + exact > 0 else best + exact)
        cells, size = _split(cells[hopeful], size, shape.radius)

    if spread == 0 and best >= 0:
        goal = _centroid(room.outline())
        nearest, cells, size = hypot(best_at[0] - goal[0], best_at[1] - goal[1]), start, half
        least = max(0.0, best - exact)
        # Where it fits only just, along a line, no box's middle need lie on it: smaller boxes would find no nearer place.
        while len(cells) and _reach(size, shape) > FINEST_M:
            free = _free(cells, shape, polygons)
            away = np.hypot(cells[:, 0] - goal[0], cells[:, 1] - goal[1])
            good = np.where(free >= least, away, np.inf)
            top = int(np.argmin(good))
            if good[top] < nearest:
                nearest, best_at = float(good[top]), cells[top]
            reach = _reach(size, shape)
            cells, size = _split(cells[(free + reach >= least) & (away - reach < nearest - NEAR_M)], size, shape.radius)

    x, y, angle = best_at
    free = _free(best_at[None, :], shape, polygons)
    mx, my = shape.middle
    spot = Spot(
        x=float(x - mx * cos(angle) - my * sin(angle)),
        y=float(y + mx * sin(angle) - my * cos(angle)),
        facing_deg=float(np.degrees(angle)) % 360,
    )
    return BestSpot(spot, float(free[0]))


def _reach(half: Array, shape: _Shape) -> float:
    """How far any place of the form moves from a box's middle to its corner, at most."""
    return hypot(half[0], half[1]) + shape.radius * float(half[2])


def _split(cells: Array, half: Array, radius: float) -> tuple[Array, Array]:
    """Every box cut along its longest way into two halves (the turn's way is that of the farthest place)."""
    way = int(np.argmax(half * np.array([1, 1, radius])))
    half = half.copy()
    half[way] /= 2
    shift = np.zeros(3)
    shift[way] = half[way]
    return np.concatenate([cells - shift, cells + shift]), half


def _free(cells: Array, shape: _Shape, polygons: Sequence[Array]) -> Array:
    """The clearance of every cell's middle."""
    edges = sum(len(p) for p in polygons)
    at_once = max(1, AT_ONCE // (len(shape.x) * edges))
    out = []
    for i in range(0, len(cells), at_once):
        part = cells[i : i + at_once]
        c, s = np.cos(part[:, 2:3]), np.sin(part[:, 2:3])
        x = part[:, 0:1] + shape.x * c + shape.y * s
        y = part[:, 1:2] - shape.x * s + shape.y * c
        places = np.stack([x, y], axis=-1)
        free = np.min([_inside_by(places, p) for p in polygons], axis=0)
        out.append((free - shape.r).min(axis=1))
    return np.concatenate(out)


def _inside_by(places: Array, polygon: Array) -> Array:
    """How far places (…, 2) are inside a polygon: their distance from its edge, negative outside."""
    px, py = places[..., 0], places[..., 1]
    best = np.full(px.shape, np.inf)
    inside = np.zeros(px.shape, dtype=bool)
    for (ax, ay), (bx, by) in zip(polygon, np.roll(polygon, -1, axis=0), strict=True):
        ex, ey = bx - ax, by - ay
        wx, wy = px - ax, py - ay
        along = np.clip((wx * ex + wy * ey) / (ex * ex + ey * ey or 1.0), 0, 1)
        dx, dy = wx - along * ex, wy - along * ey
        np.minimum(best, dx * dx + dy * dy, out=best)
        if ay != by:
            with np.errstate(over="ignore", invalid="ignore"):  # where an edge is all but level
                inside ^= ((ay > py) != (by > py)) & (px < ax + (py - ay) * ex / ey)
    distance = np.sqrt(best)
    signed: Array = np.where(inside, distance, -distance)
    return signed


def is_inside(place: Point, polygon: Sequence[Point]) -> bool:
    """Whether a place is inside a polygon."""
    return float(_inside_by(np.array([place]), np.array(polygon))[0]) >= 0


def _centroid(corners: Sequence[Point]) -> Point:
    """The middle of a polygon's area."""
    doubled = x = y = 0.0
    for (ax, ay), (bx, by) in zip(corners, [*corners[1:], corners[0]], strict=True):
        cross = ax * by - bx * ay
        doubled, x, y = doubled + cross, x + (ax + bx) * cross, y + (ay + by) * cross
    return x / (3 * doubled), y / (3 * doubled)
