"""Where to stand: a form in its room, told in sentences. Every facing that was tried, the best one, and if none fits the
size of step with which it does."""

from __future__ import annotations

from math import cos, radians, sin

from kemvo.core.errors import KemvoError, Problem
from kemvo.core.floor.feet import turned_by
from kemvo.core.floor.footprint import Disc, in_a_sentence, needed, space
from kemvo.core.floor.placement import (
    BestSpot,
    Facings,
    best_of_all,
    best_spot,
    clearance,
    facings_of,
    is_inside,
    regions,
    step_that_fits,
)
from kemvo.core.floor.walker import trace
from kemvo.core.model.form import Form
from kemvo.core.tables.rooms import SIDE_TURN, Point, Room, Spot, side_name
from kemvo.core.types import Value


class Facing(Value):
    """One facing: how far the form is turned from the room's front (degrees clockwise), where it begins, whether it
    fits, by how much (metres; negative: how much is missing), and that in words."""

    turned_deg: float
    spot: Spot
    fits: bool
    clearance: float
    says: str


class StartAdvice(Value):
    """A form in a room. `facings`: what was tried, the front first; `best`: the one to take; `step_pct`: the size of
    step with which it fits, if it does not as it is; `now`: the start spot that is set, if one is."""

    needs: str
    facings: tuple[Facing, ...]
    best: Facing
    step_pct: float | None
    smaller: Facing | None
    now: Facing | None
    says: str


def standing(form: Form, which: Facings = "four") -> StartAdvice:
    """Where to begin a form in its room. Raises KemvoError when it has none."""
    room = form.room
    if room is None:
        raise KemvoError(
            Problem(what="This form has no room yet.", mend="Give it one, with width and depth in metres.")
        )
    discs = space(trace(form))
    found = [_facing(room, best_spot(discs, room, f)) for f in facings_of(room, which)]
    if which == "all":
        found.append(_facing(room, best_of_all(discs, room)))
    # The front is kept where it fits; else what leaves the most room.
    best = found[0] if found[0].fits else max(found, key=lambda f: f.clearance)
    step_pct, smaller = None, None
    if not best.fits:
        fitting = step_that_fits(lambda pct: space(trace(form, step_pct=pct)), room, form.who.step(), which)
        if fitting:
            step_pct, smaller = fitting[0], _facing(room, fitting[1])
    now = _facing(room, _placed(discs, room, form.start)) if form.start else None
    needs = in_a_sentence(needed(discs))
    return StartAdvice(
        needs=needs,
        facings=tuple(found),
        best=best,
        step_pct=step_pct,
        smaller=smaller,
        now=now,
        says=_says(form, best, step_pct, smaller) + _without_picture(discs, room, best),
    )


def _placed(discs: tuple[Disc, ...], room: Room, spot: Spot) -> BestSpot:
    return BestSpot(spot, min(clearance(discs, room, spot)))


def _says(form: Form, best: Facing, step_pct: float | None, smaller: Facing | None) -> str:
    if best.fits:
        return f"It fits: {best.says}"
    if smaller is not None:
        return f"It does not fit with steps of {form.who.step():.0f} %. With steps of {step_pct:.0f} % it does: {smaller.says}"
    return "It does not fit, not even with very small steps: the arms alone need more room than there is."


def _without_picture(discs: tuple[Disc, ...], room: Room, best: Facing) -> str:
    """Where a form does not fit only for the camera's picture: that, and where it would."""
    if best.fits or room.camera is None:
        return ""
    in_room = best_spot(discs, room, room.front_deg, picture=False)
    if not in_room.fits():
        return ""
    return f" In the room itself it fits ({_facing(room, in_room).says[:-1]}): it is the camera's picture that misses it. Move or turn the camera."


def _facing(room: Room, placed: BestSpot) -> Facing:
    turned = turned_by(placed.spot.facing_deg - room.front_deg)
    rounded = 180.0 if abs(turned) > 179.95 else round(turned, 1) + 0.0
    clear = round(placed.clearance, 3)
    spare = f"{clear:.2f} m to spare" if placed.fits() else f"{-clear:.2f} m short"
    return Facing(
        turned_deg=rounded,
        spot=Spot(x=round(placed.spot.x, 3), y=round(placed.spot.y, 3), facing_deg=round(placed.spot.facing_deg, 1)),
        fits=placed.fits(),
        clearance=clear,
        says=f"{where(room, placed.spot)}, {towards(room, rounded)}; {spare}.",
    )


def where(room: Room, spot: Spot) -> str:
    """The start spot as one paces it out: the distances to the nearer of the two walls each way."""
    if not is_inside((spot.x, spot.y), regions(room, picture=False)[0]):
        return "stand outside the room"
    told = []
    for pair in (("left", "right"), ("back", "front")):
        away = {side: _to_wall(room, spot, SIDE_TURN[side]) for side in pair}
        side = min(away, key=lambda s: (away[s], s))
        told.append(f"{away[side]:.1f} m from {side_name(room.sides, side)}")
    return f"stand {' and '.join(told)}"


def towards(room: Room, turned: float) -> str:
    """Which way to face, by the name of the side of the room."""
    nearest = min(SIDE_TURN, key=lambda s: abs(turned_by(turned - SIDE_TURN[s])))
    off = turned_by(turned - SIDE_TURN[nearest])
    name = side_name(room.sides, nearest)
    if abs(off) < 1:
        return f"facing {name}"
    return f"facing {name}, {abs(off):.0f} degrees to the {'right' if off > 0 else 'left'}"


def _to_wall(room: Room, spot: Spot, turn: float) -> float:
    """Metres from a spot to the wall, in a direction told from the room's front."""
    a = radians(room.front_deg + turn)
    dx, dy = sin(a), cos(a)
    found = [float("inf")]
    corners: tuple[Point, ...] = regions(room, picture=False)[0]
    for (ax, ay), (bx, by) in zip(corners, (*corners[1:], corners[0]), strict=True):
        ex, ey = bx - ax, by - ay
        across = dx * ey - dy * ex
        if abs(across) < 1e-12:
            continue
        t = ((ax - spot.x) * ey - (ay - spot.y) * ex) / across
        u = ((ax - spot.x) * dy - (ay - spot.y) * dx) / across
        if t >= 0 and -1e-9 <= u <= 1 + 1e-9:
            found.append(t)
    return min(found)
