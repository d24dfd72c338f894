"""Turns: the body's new facing, and a foot's new angle, after a turn."""

from __future__ import annotations

from math import cos, radians, sin
from typing import NamedTuple

from kemvo.core.facts import Fact
from kemvo.core.floor.feet import Foot, ahead, nearest, outward
from kemvo.core.language.lexicon import LITTLE, ROOM
from kemvo.core.tables.body_segments import BALL_AT, Body
from kemvo.core.tables.rooms import SIDE_TURN, Room
from kemvo.core.tables.schools import Manner
from kemvo.core.types import Front, Side

LITTLE_DEG = 15

TURN_DEG = 45
""" "A little" is put at 15 degrees; toes that turn no one says how far, and corners, at 45 (own choice, common practice)."""

WIDE_TURN = frozenset({"corner", "diagonal"})

COMPASS_DEG = {"north": 0, "northeast": 45, "east": 90, "southeast": 135, "south": 180, "southwest": 225, "west": 270, "northwest": 315}  # fmt: skip

NAMED_SIDES = frozenset(ROOM.values()) - {"front", "back", "corner", "around", "side"}
"""What a side of the room can be told by: the window, the mirror, the door."""

SIDE_DEG = {"left": -90, "right": 90}

WHOLE_BODY = frozenset({"whole", "body"})
""" "Turn the whole body to the right": not the waist alone."""

SIGN = {"left": -1, "right": 1}


class Act(NamedTuple):
    """A fact to be done on the floor, with the words it comes from; None stands for the shift of weight."""

    fact: Fact | None
    words: frozenset[str]


def towards(to: str, front: Front) -> float | None:
    """The angle of an hour or of a point of the compass from the form's front, in degrees; None for another word."""
    if to.isdecimal():
        return 30.0 * int(to)
    return (COMPASS_DEG[to] - COMPASS_DEG[front]) % 360 if to in COMPASS_DEG else None


def faced(act: Act, facing: float, foot: Side | None, room: Room | None, front: Front = "north") -> float:
    """Which way the body faces after a turn; `front`: what the form's front is on the compass. A turn to the left or right that says no angle and no corner is one of
    the waist, which comes back by itself."""
    fact = act.fact
    assert fact is not None
    to = fact.to or ""
    there = towards(to, front)
    if there is not None:
        return nearest(there, facing)
    if to in ("front", "back"):
        return nearest(SIDE_TURN[to], facing)
    if to in NAMED_SIDES:
        named = _named_side(room, to)
        return facing if named is None else nearest(named, facing)
    sign = SIGN.get(to) or {"L": -1, "R": 1}.get(foot or "", 0)
    if to == "around":
        return facing + (sign or 1) * 180 if fact.degrees is None else facing + sign * fact.degrees
    if act.words & WIDE_TURN or to == "corner":
        return facing + sign * TURN_DEG
    if to in SIDE_DEG and (any(w.startswith("fac") for w in act.words) or act.words >= WHOLE_BODY):
        return nearest(SIDE_DEG[to], facing)
    return facing + sign * fact.degrees if fact.degrees else facing


def _named_side(room: Room | None, word: str) -> float | None:
    """The direction of the side of the room that has this word in its name, from the form's front."""
    if room is None:
        return None
    return next((d for side, d in SIDE_TURN.items() if word in getattr(room.sides, side).lower()), None)


def pivoted(
    act: Act, side: Side, foot: Foot, facing: float, facing_from: float, prepares: bool, manner: Manner, lengths: Body
) -> Foot:
    """A foot after it has turned on the spot. `prepares`: the next movement turns the body, and this one does not."""
    fact = act.fact
    assert fact is not None
    mirror = 1 if side == "R" else -1
    degrees: float | None = fact.angle if fact.angle is not None else LITTLE_DEG if act.words & LITTLE else None
    now = outward(side, foot.angle, facing)
    back = manner.back_foot_deg
    if fact.to and fact.to.isdecimal():
        new = nearest(30.0 * int(fact.to), foot.angle)
    elif fact.degrees is not None:
        new = nearest(facing + mirror * fact.degrees, foot.angle)
    elif fact.toes == "out":
        new = foot.angle + mirror * (TURN_DEG if degrees is None else degrees)
    elif fact.toes == "in":
        if degrees is None:
            # Back to the school's angle, else straight; farther in only to prepare a turn that is said to come.
            degrees = now - back if now >= back + 10 else now if now > 5 else TURN_DEG if prepares else 0
        new = foot.angle - mirror * degrees
    elif degrees is not None and facing != facing_from:
        new = foot.angle + (degrees if facing > facing_from else -degrees)
    else:
        new = facing + mirror * (0 if degrees is None else degrees)
        new = nearest(new, foot.angle)
    if fact.on == "ball":
        bx, by = ahead(foot, BALL_AT * lengths.foot)
        a = radians(new)
        return foot._replace(x=bx - BALL_AT * lengths.foot * sin(a), y=by - BALL_AT * lengths.foot * cos(a), angle=new)
    return foot._replace(angle=new)
