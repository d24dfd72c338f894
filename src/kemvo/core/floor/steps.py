"""Where steps go: how far, which way the toes point, what touches first."""

from __future__ import annotations

from collections.abc import Mapping
from functools import lru_cache
from math import cos, radians, sin
from typing import NamedTuple

from kemvo.core.floor.feet import Foot, nearest, offset
from kemvo.core.tables.schools import Manner
from kemvo.core.tables.stances import STANCES, Contact, stance_of_school
from kemvo.core.types import Side


class StepWay(NamedTuple):
    """Where a step goes from the standing foot: `along` in shares of stature, `across` in shoulder widths to the
    stepping foot's own side; `toes`: how far they point outward from the facing; `lands`: what touches first."""

    along: float
    across: float
    toes: int
    lands: Contact


@lru_cache(maxsize=64)
def ways(manner: Manner) -> Mapping[str, StepWay]:
    """Where steps go, by their direction: forward and back as far as the school's bow stance is long and wide. Forward
    steps land heel first, backward ones toes first (common practice, no source)."""
    bow = stance_of_school("bow", manner)
    forward = StepWay(bow.along, bow.across, bow.front_deg, "heel")
    return {
        "forward": forward,
        "corner": forward,
        "circle": forward,
        "back": StepWay(-bow.along, bow.across, bow.back_deg, "toe"),
        "out": StepWay(0, 1.0, 0, "toe"),
        "side": StepWay(0, 1.7, 0, "toe"),
        "in": StepWay(0, 0.4, 0, "toe"),
        "up": StepWay(0, 0.4, 0, "toe"),
        "half": StepWay(-bow.along / 2, 0.4, 30, "toe"),
        "behind": StepWay(-0.14, -0.3, 30, "toe"),
    }


STEPPED_INTO = frozenset(STANCES) - {"one-leg", "sitting"}
"""Stances whose geometry a step takes when the same words name both."""

EMPTY_WAYS = frozenset({None, "forward", "corner", "circle"})


def empty_step(manner: Manner) -> StepWay:
    """A foot set down in front that gets no weight: an empty stance."""
    row = stance_of_school("empty-toe", manner)
    return StepWay(row.along, row.across, row.front_deg, "toe")


SIZES: dict[str, float] = {"small": 0.6, "long": 1.35}
"""A small and a long step, as shares of the usual one (own choice)."""


def moved_by(
    metres: float, foot: Foot, stand: Foot, side: Side, facing: float, along: float, inward: bool, toes: float, lands: Contact
) -> Foot:  # fmt: skip
    """A foot moved by so much from where it is, the way a step would go that ends `along` metres ahead of the standing
    foot: along the facing; or where that is nothing, sideways, away from it or (`inward`) towards it."""
    a = radians(facing)
    own = 1 if side == "R" else -1
    if along:
        way = metres if along > 0 else -metres
        dx, dy = way * sin(a), way * cos(a)
    else:
        _, now = offset(stand, foot, facing)
        away = 1 if now > 0 or (now == 0 and own > 0) else -1
        way = -metres * away if inward else metres * away
        dx, dy = way * cos(a), -way * sin(a)
    return Foot(foot.x + dx, foot.y + dy, nearest(facing + own * toes, foot.angle), lands)
