"""The space a form takes: the places the body passes with the arms' reach around them, and the prints of the feet."""

from __future__ import annotations

from functools import lru_cache
from math import cos, radians, sin
from typing import NamedTuple

from kemvo.core.floor.feet import Event, Feet, Foot, Trace, ahead, centre
from kemvo.core.tables.body_segments import FOOT_BREADTH


class Disc(NamedTuple):
    """A place that must be free, with the radius that must be free around it, in metres."""

    x: float
    y: float
    r: float


class Needed(NamedTuple):
    """How much room there must be in front, behind, left and right of the start, in metres."""

    front: float
    back: float
    left: float
    right: float


def space(trace: Trace) -> tuple[Disc, ...]:
    """Everything a form passes through, as discs: the body's middle with the reach of the arms at every moment when
    a foot or the weight has moved, and the corners of every print. Each place once, to the centimetre."""
    length, reach = trace.body.foot, trace.body.reach
    found: dict[tuple[int, int, int], Disc] = {}
    for disc in _standing(trace.opening.feet, trace.opening.left_pct, length, reach):
        found.setdefault(_place(disc), disc)
    for step in trace.steps:
        if step.events or step.span.left_from != step.span.left_to:
            passed = _passed(
                step.before, step.after, step.events, step.span.left_from, step.span.left_to, length, reach
            )
            for place, disc in passed:
                found.setdefault(place, disc)
    return tuple(found.values())


def _place(d: Disc) -> tuple[int, int, int]:
    return round(d.x * 100), round(d.y * 100), round(d.r * 100)


def _standing(feet: Feet, left_pct: float, length: float, reach: float) -> list[Disc]:
    """The body's middle, and both prints."""
    return [
        Disc(*centre(feet, left_pct, length), reach),
        *(Disc(x, y, 0.0) for foot in feet for x, y in corners(foot, length)),
    ]


@lru_cache(maxsize=16_384)
def _passed(
    before: Feet, after: Feet, events: tuple[Event, ...], left_from: int, left_to: int, length: float, reach: float
) -> tuple[tuple[tuple[int, int, int], Disc], ...]:
    """What one movement passes through, each place with its name to the centimetre."""
    discs: list[Disc] = []
    feet = before
    for e in events:
        feet = feet.put(e.side, e.after)
        discs.append(Disc(*centre(feet, left_from, length), reach))
        discs += (Disc(x, y, 0.0) for x, y in corners(e.after, length))
    discs.append(Disc(*centre(after, left_to, length), reach))
    return tuple((_place(d), d) for d in discs)


def corners(foot: Foot, length: float) -> list[tuple[float, float]]:
    """The four corners of a print."""
    a = radians(foot.angle)
    half = length * FOOT_BREADTH / 2
    tx, ty = ahead(foot, length)
    side_x, side_y = half * cos(a), -half * sin(a)
    return [
        (foot.x - side_x, foot.y - side_y),
        (foot.x + side_x, foot.y + side_y),
        (tx + side_x, ty + side_y),
        (tx - side_x, ty - side_y),
    ]


def needed(discs: tuple[Disc, ...]) -> Needed:
    """The room a form needs around its start."""
    return Needed(
        front=max([0.0, *[d.y + d.r for d in discs]]),
        back=max([0.0, *[d.r - d.y for d in discs]]),
        left=max([0.0, *[d.r - d.x for d in discs]]),
        right=max([0.0, *[d.x + d.r for d in discs]]),
    )


def in_a_sentence(n: Needed) -> str:
    """The room needed, as one says it."""
    return (
        f"From the start you need {n.front:.1f} m in front, {n.back:.1f} m behind, {n.left:.1f} m to the left and"
        f" {n.right:.1f} m to the right."
    )
