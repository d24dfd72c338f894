"""Footprints: the types for a foot, a step and a whole trace, and where both feet are at any moment.

Everything is told from the form's own start: x to the right and y to the front in metres, angles in degrees clockwise
from the front. A foot's place is its heel.
"""

from __future__ import annotations

from math import cos, hypot, radians, sin
from typing import Literal, NamedTuple

from kemvo.core.model.form import Movement
from kemvo.core.tables.body_segments import Body
from kemvo.core.tables.stances import Contact
from kemvo.core.timing.score import Performance
from kemvo.core.timing.timeline import Span
from kemvo.core.timing.weight_curve import smoothstep
from kemvo.core.types import Side

EventKind = Literal["step", "lift", "pivot", "kick", "place"]


class Foot(NamedTuple):
    """A foot: its heel (x, y in metres), where its toes point (degrees), and what of it touches the floor."""

    x: float
    y: float
    angle: float
    contact: Contact


class Feet(NamedTuple):
    """Both feet."""

    left: Foot
    right: Foot

    def of(self, side: Side) -> Foot:
        """One of them."""
        return self.left if side == "L" else self.right

    def put(self, side: Side, foot: Foot) -> Feet:
        """Both, with one in a new place."""
        return Feet(foot, self.right) if side == "L" else Feet(self.left, foot)


class Event(NamedTuple):
    """Something a foot does: `load` is the percent of the weight on it while it does; `begins` and `ends` are shares
    of the movement's time, 0 to 1; `way` is the direction of a step."""

    kind: EventKind
    side: Side
    load: float
    begins: float
    ends: float
    before: Foot
    after: Foot
    way: str


def travel(before: Foot, after: Foot) -> float:
    """How far apart two places of a foot are, in metres."""
    return hypot(after.x - before.x, after.y - before.y)


class FloorStep(NamedTuple):
    """A movement on the floor: both feet before and after, what they do, and which way the body faces (degrees).
    `shift_at`: the shares of its time between which the weight moves. `unsure`: its words tell a step, and nothing
    tells of which foot."""

    span: Span
    before: Feet
    after: Feet
    events: tuple[Event, ...]
    facing_from: float
    facing: float
    shift_at: tuple[float, float]
    unsure: bool

    @property
    def movement(self) -> Movement:
        """The movement."""
        assert self.span.movement is not None
        return self.span.movement

    @property
    def performance(self) -> Performance:
        """The posture it belongs to, this time."""
        assert self.span.performance is not None
        return self.span.performance


class Moment(NamedTuple):
    """Both feet at one moment, the weight on the left one in percent, and the way the body faces."""

    feet: Feet
    left_pct: float
    facing: float


class Trace(NamedTuple):
    """A form on the floor: the opening stance, and every movement as often as it is done. `body`: whose lengths."""

    body: Body
    opening: Moment
    steps: tuple[FloorStep, ...]

    def end(self) -> Moment:
        """How it ends."""
        if not self.steps:
            return self.opening
        last = self.steps[-1]
        return Moment(last.after, last.span.left_to, last.facing)


SAME_PLACE = 0.03
"""Metres within which a foot is taken to stand where it should."""


def moment(step: FloorStep, u: float) -> Moment:
    """Both feet, weight and facing a share `u` (0 to 1) of the way through a movement. Feet travel in straight lines;
    where feet act, the weight moves between their actions, not during them."""
    feet = step.before
    for e in step.events:
        if u >= e.ends:
            feet = feet.put(e.side, e.after)
        elif u > e.begins:
            feet = feet.put(e.side, _between(e, (u - e.begins) / (e.ends - e.begins)))
    if u >= 1:
        feet = step.after
    a, b = step.shift_at
    share = smoothstep((u - a) / (b - a)) if b > a else float(u >= b)
    left = step.span.left_from + (step.span.left_to - step.span.left_from) * share
    return Moment(feet, left, step.facing_from + (step.facing - step.facing_from) * smoothstep(u))


def _between(e: Event, v: float) -> Foot:
    eased = smoothstep(v)
    mix = [p + (q - p) * eased for p, q in zip(e.before[:3], e.after[:3], strict=True)]
    contact: Contact = e.after.contact if e.kind in ("pivot", "place") else "off"
    return Foot(mix[0], mix[1], mix[2], contact)


def centre(feet: Feet, left_pct: float, foot_length: float) -> tuple[float, float]:
    """Where the middle of the body is: between the middles of the feet, by the weight on each."""
    share, half = left_pct / 100, foot_length / 2
    left, right = feet
    a, b = radians(left.angle), radians(right.angle)
    rx, ry = right.x + half * sin(b), right.y + half * cos(b)
    return rx + (left.x + half * sin(a) - rx) * share, ry + (left.y + half * cos(a) - ry) * share


def ahead(foot: Foot, distance: float) -> tuple[float, float]:
    """The place a distance from the heel towards the toes."""
    a = radians(foot.angle)
    return foot.x + distance * sin(a), foot.y + distance * cos(a)


def turned_by(angle: float) -> float:
    """An angle as a turn of at most half a circle: from -180 (left) up to 180 degrees (right)."""
    return (angle + 180) % 360 - 180


def outward(side: Side, angle: float, facing: float) -> float:
    """How far a foot points outward from where the body faces, in degrees from -180 to 180; inward is negative."""
    turned = turned_by(angle - facing)
    return turned if side == "R" else -turned


def offset(from_: Foot, to: Foot, facing: float) -> tuple[float, float]:
    """How far `to` is ahead of `from_`, and how far to its right, seen the way the body faces; in metres."""
    a = radians(facing)
    dx, dy = to.x - from_.x, to.y - from_.y
    return dx * sin(a) + dy * cos(a), dx * cos(a) - dy * sin(a)


def in_front(feet: Feet, facing: float) -> Side | None:
    """The foot that stands farther to where the body faces; None when neither does."""
    by, _ = offset(feet.right, feet.left, facing)
    return None if abs(by) < SAME_PLACE else "L" if by > 0 else "R"


def placed(
    foot: Foot, stand: Foot, side: Side, facing: float, along: float, across: float, toes: float, contact: Contact
) -> Foot:
    """A foot set down from the standing one: `along` metres ahead, `across` metres to its own side, toes pointing
    `toes` degrees outward from the facing; it turns there the short way from where it was."""
    a = radians(facing)
    own = 1 if side == "R" else -1
    return Foot(
        stand.x + along * sin(a) + own * across * cos(a),
        stand.y + along * cos(a) - own * across * sin(a),
        nearest(facing + own * toes, foot.angle),
        contact,
    )


def nearest(angle: float, to: float) -> float:
    """The angle as many whole turns away as brings it nearest to another."""
    return angle + 360 * round((to - angle) / 360)


def half_turn(angle: float, from_: float, side: Side | None) -> float:
    """An angle half a turn away is reached by the side that acts (to the left by the left foot), so that the other side of a movement
    turns the other way; all other angles stay."""
    if side is None or abs(abs(angle - from_) - 180) > 1e-6:
        return angle
    return from_ + (180 if side == "R" else -180)
