"""The weight curve between the legs, its shifts, and the time on each leg."""

from __future__ import annotations

import math
from collections.abc import Iterable
from functools import lru_cache
from typing import NamedTuple

from kemvo.core.types import EMPTY_UP_TO, EVEN, Side

SHIFT_POINTS = 25
"""More points than this moving from leg to leg are a weight shift, even when the full side stays."""


def smoothstep(u: float) -> float:
    """Ease from 0 to 1 with no speed at either end: 3u² - 2u³, u in 0..1."""
    u = min(1.0, max(0.0, u))
    return u * u * (3 - 2 * u)


def unsmoothstep(s: float) -> float:
    """The u at which `smoothstep` gives s, both in 0..1: the closed form of the cubic's middle root."""
    s = min(1.0, max(0.0, s))
    return 0.5 - math.sin(math.asin(1 - 2 * s) / 3)


def along(start: float, end: float, u: float) -> float:
    """The value a share `u` of the way from start to end, eased."""
    return start + (end - start) * smoothstep(u)


def full_side(left_pct: float) -> Side | None:
    """The full leg: the one with more than half the weight; None when even."""
    if left_pct == EVEN:
        return None
    return "L" if left_pct > EVEN else "R"


def is_full(side: Side | None, left_pct: float) -> bool:
    """Whether that side's foot carries more than an empty one may."""
    return side is not None and (left_pct if side == "L" else 100 - left_pct) > EMPTY_UP_TO


def shifts(weights: Iterable[int]) -> list[bool]:
    """For each weight after the first: whether getting there is a weight shift.

    A shift = the full side changes (even between does not make it two), or more than 25 points move.
    """
    out = []
    before: int | None = None
    full: Side | None = None
    for w in weights:
        side = full_side(w)
        if before is not None:
            changed = side is not None and full is not None and side != full
            out.append(changed or abs(w - before) > SHIFT_POINTS)
        full = side or full
        before = w
    return out


class LegTime(NamedTuple):
    """Milliseconds in which the left leg, the right leg, or neither is the full one."""

    left: int
    right: int
    even: int


@lru_cache(maxsize=8192)
def leg_time(left_from: int, left_to: int, ms: int) -> LegTime:
    """How a stretch of `ms` divides between the legs while the weight moves along its curve. Adds up to `ms`."""
    a, b = full_side(left_from), full_side(left_to)
    if a is None and b is None:
        return LegTime(0, 0, ms)
    if a == b or a is None or b is None:
        return LegTime(ms, 0, 0) if "L" in (a, b) else LegTime(0, ms, 0)
    until = round(ms * unsmoothstep((EVEN - left_from) / (left_to - left_from)))
    return LegTime(until, ms - until, 0) if a == "L" else LegTime(ms - until, until, 0)
