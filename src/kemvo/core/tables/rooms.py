"""A room: its floor, its front, the names of its sides, and what a camera in it sees.

Metres; x to the right and y away, as on a plan held with its front up. Angles are clockwise from the plan's up.
"""

from __future__ import annotations

from itertools import combinations
from math import cos, radians, sin
from typing import Annotated

from pydantic import Field, model_validator

from kemvo.core.types import Title, Value

Metres = Annotated[float, Field(ge=-200, le=200, allow_inf_nan=False)]
RoomLength = Annotated[float, Field(ge=0.5, le=200, allow_inf_nan=False)]
TurnDegrees = Annotated[float, Field(ge=-360, le=360, allow_inf_nan=False)]
Point = tuple[float, float]

FAR = 60.0
"""How far a camera is taken to see, in metres: farther than any room."""


class Camera(Value):
    """A camera: where it stands, which way it looks, how wide it sees (degrees), and from which distance on a
    person is wholly in the picture."""

    x: Metres
    y: Metres
    towards_deg: TurnDegrees = 180
    wide_deg: Annotated[float, Field(ge=10, le=150)] = 65
    near: Annotated[float, Field(ge=0, le=50)] = 2.0


class SideNames(Value):
    """What the four sides of a room are called, seen with its front up: "mirror wall", "window side"."""

    front: Title = ""
    right: Title = ""
    back: Title = ""
    left: Title = ""


SIDE_WORDS = {"front": "front", "right": "right side", "back": "back", "left": "left side"}
SIDE_TURN = {"front": 0.0, "right": 90.0, "back": 180.0, "left": 270.0}
"""Which way each side of a room is, in degrees from its front."""


def side_name(names: SideNames, side: str) -> str:
    """What a side of the room is called: "the window side"."""
    name = getattr(names, side).strip() or SIDE_WORDS[side]
    return name if name.lower().startswith("the ") else f"the {name}"


class Room(Value):
    """A floor: a rectangle of `width` by `depth`, or a polygon of `corners` where there are any. `front_deg`: which
    way its front is. `sides`: what its sides are called."""

    title: Title = ""
    width: RoomLength = 6.0
    depth: RoomLength = 5.0
    corners: Annotated[tuple[tuple[Metres, Metres], ...], Field(max_length=60)] = ()
    front_deg: TurnDegrees = 0
    sides: SideNames = SideNames()
    camera: Camera | None = None

    @model_validator(mode="after")
    def _is_a_floor(self) -> Room:
        """Three corners or more, no two walls that cross, and an area to stand on."""
        corners = self.corners
        if not corners:
            return self
        if len(corners) < 3:
            raise ValueError("A room has at least three corners. Add the missing ones, or give width and depth only.")
        n = len(corners)
        for (i, a), (j, b) in combinations(enumerate(zip(corners, corners[1:] + corners[:1], strict=True)), 2):
            if j - i in (1, n - 1):
                continue
            if _cross(*a, *b):
                raise ValueError(
                    f"The wall from corner {i + 1} crosses the wall from corner {j + 1}. Give the corners in the order"
                    " in which you meet them along the walls."
                )
        if abs(area(corners)) < 0.25:
            raise ValueError("These corners enclose no floor. Give them in metres, in order along the walls.")
        return self

    def outline(self) -> tuple[Point, ...]:
        """The corners of the floor, in order."""
        return self.corners or ((0.0, 0.0), (self.width, 0.0), (self.width, self.depth), (0.0, self.depth))


class Spot(Value):
    """A place to begin: where the form's start is in the room (metres on its plan), and the way the form's front faces
    there (degrees clockwise from the plan's up)."""

    x: Metres
    y: Metres
    facing_deg: TurnDegrees = 0


def camera_at_front(room: Room) -> Camera:
    """A camera in the middle of the front of a floor of any shape and any front, looking back over it. Rounded to whole
    centimetres."""
    a = radians(room.front_deg)
    ahead = [x * sin(a) + y * cos(a) for x, y in room.outline()]
    aside = [x * cos(a) - y * sin(a) for x, y in room.outline()]
    far, middle = max(ahead), (min(aside) + max(aside)) / 2
    x, y = (
        max(-200.0, min(200.0, round(n, 2) + 0.0))
        for n in (far * sin(a) + middle * cos(a), far * cos(a) - middle * sin(a))
    )
    return Camera(x=x, y=y, towards_deg=(room.front_deg + 180) % 360)


def area(corners: tuple[Point, ...]) -> float:
    """The area within corners in order; negative when they run clockwise."""
    return sum(a[0] * b[1] - b[0] * a[1] for a, b in zip(corners, corners[1:] + corners[:1], strict=True)) / 2


def _cross(a: Point, b: Point, c: Point, d: Point) -> bool:
    """Whether the stretches a–b and c–d touch or cross."""

    def turn(p: Point, q: Point, r: Point) -> float:
        return (q[0] - p[0]) * (r[1] - p[1]) - (q[1] - p[1]) * (r[0] - p[0])

    def within(p: Point, q: Point, r: Point) -> bool:
        return min(p[0], q[0]) <= r[0] <= max(p[0], q[0]) and min(p[1], q[1]) <= r[1] <= max(p[1], q[1])

    t1, t2, t3, t4 = turn(a, b, c), turn(a, b, d), turn(c, d, a), turn(c, d, b)
    if (t1 > 0) != (t2 > 0) and (t3 > 0) != (t4 > 0) and 0 not in (t1, t2, t3, t4):
        return True
    return any(t == 0 and within(*s) for t, s in ((t1, (a, b, c)), (t2, (a, b, d)), (t3, (c, d, a)), (t4, (c, d, b))))
