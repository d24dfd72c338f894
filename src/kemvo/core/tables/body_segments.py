"""Lengths of the body as shares of its height, and what follows for feet, stances and reach.

Shares: Drillis & Contini, as tabulated in Winter, Biomechanics and Motor Control of Human Movement.
"""

from __future__ import annotations

from typing import NamedTuple

SEGMENTS: dict[str, float] = {
    "foot": 0.152,
    "shoulders": 0.259,
    "hips": 0.191,
    "knee height": 0.285,
    "hip height": 0.530,
    "upper arm": 0.186,
    "forearm": 0.146,
    "hand": 0.108,
}
"""Foot length, biacromial breadth, hip breadth, knee and hip height, and the arm, as shares of stature."""

ARM = SEGMENTS["upper arm"] + SEGMENTS["forearm"] + SEGMENTS["hand"]

BALL_AT = 0.7
"""Where the ball of the foot is, as a share of its length from the heel (own choice)."""

FOOT_BREADTH = 0.37
"""Breadth of a foot as a share of its length (own choice, for drawing and for the room it takes)."""


class Body(NamedTuple):
    """Lengths in metres. `step` makes every step longer or shorter: 1 is as the stance table says."""

    stature: float
    step: float
    foot: float
    shoulders: float
    reach: float


def body(stature_cm: float, step_pct: float = 100, reach_cm: float | None = None) -> Body:
    """The lengths of somebody `stature_cm` tall. Without a reach it is an arm's length: one arm held out from the
    middle of the body, elbow rounded."""
    height = stature_cm / 100
    return Body(
        stature=height,
        step=step_pct / 100,
        foot=SEGMENTS["foot"] * height,
        shoulders=SEGMENTS["shoulders"] * height,
        reach=ARM * height if reach_cm is None else reach_cm / 100,
    )
