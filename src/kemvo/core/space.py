"""The space a form takes: the places the body passes with the arms' reach around them, and the prints of the feet."""

from __future__ import annotations

from math import cos, hypot, radians, sin
from typing import NamedTuple

from kemvo.core.floor import Event, Feet, Foot, Trace, ahead, centre
from kemvo.core.segments import FOOT_BREADTH


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
    bodies: dict[tuple[int, int], Disc] = {}
    prints: dict[tuple[int, int, int], Foot] = {}

    def body_at(feet: Feet, left_pct: float) -> None:
        x, y = centre(feet, left_pct, length)
        bodies.setdefault((int(x * 100), int(y * 100)), Disc(x, y, reach))

    def print_of(foot: Foot) -> None:
        prints.setdefault((int(foot.x * 100), int(foot.y * 100), int(foot.angle)), foot)

    body_at(trace.opening.feet, trace.opening.left_pct)
    for foot in trace.opening.feet:
        print_of(foot)
    for step in trace.steps:
        if step.events:
            feet = step.before
            for e in step.events:
                feet = feet.put(e.side, e.after)
                print_of(e.after)
                body_at(feet, step.span.left_from)
        elif step.span.left_from == step.span.left_to:
            continue
        body_at(step.after, step.span.left_to)
    return (*bodies.values(), *(Disc(x, y, 0.0) for f in prints.values() for x, y in corners(f, length)))


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
    front = back = left = right = 0.0
    for x, y, r in discs:
        front, back = max(front, y + r), max(back, r - y)
        left, right = max(left, r - x), max(right, x + r)
    return Needed(front, back, left, right)


def in_a_sentence(n: Needed) -> str:
    """The room needed, as one says it."""
    return (
        f"From the start you need {n.front:.1f} m in front, {n.back:.1f} m behind, {n.left:.1f} m to the left and"
        f" {n.right:.1f} m to the right."
    )


def travel(e: Event) -> float:
    """How far a foot goes in metres."""
    return hypot(e.after.x - e.before.x, e.after.y - e.before.y)
