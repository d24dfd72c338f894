"""Signs of what a foot does: toes that go in or out, a side that stands for its foot."""

from __future__ import annotations

from typing import Literal

from kemvo.core.language import lexicon as lx
from kemvo.core.reading.actions.foot_words import A_BIT, NOT_A_WAY
from kemvo.core.reading.clause import Piece
from kemvo.core.reading.segment.boundary import ARTICLES

FootKind = Literal["step", "lift", "pivot"]


def of_a_side(p: Piece, between: int = 0) -> bool:
    """ "Lift the left", "close your right", "bring up the left": the foot of that side. `between`: how many words may
    stand between."""
    at = p.last - 1
    return p.w(at - 1) in ARTICLES and p.side(at) is not None and 0 <= at - 2 - p.verb <= between


def rises_on_toes(p: Piece) -> bool:
    """ "Come up on the ball of the left foot", "up onto your left toes": the heel lifts."""
    return not p.verb_in(lx.AIM) and any(
        p.w(i - 1) == "up" and not {"toes", "toe", "ball", "balls"}.isdisjoint({p.w(k) for k in range(i + 1, i + 4)})
        for i in p.where(("on", "onto"))
    )


def shifts_a_foot(p: Piece) -> bool:
    """ "Shift the left foot back": the foot goes there, and no weight."""
    at = p.verb + 1 + (p.w(p.verb + 1) in ARTICLES)
    foot = p.verb_in(("shift", "shifts")) and p.side(at) is not None and p.w(at + 1) in ("foot", "toes", "heel")
    return foot and "weight" not in p.words() and at + 2 < p.last


def toe_ways(p: Piece) -> set[str]:
    """The ways toes can turn that are said: in, out and their like."""
    return {p.w(i) for i in p.where(lx.INWARD, lx.OUTWARD) if not is_place(p, i)}


def is_place(p: Piece, i: int) -> bool:
    """ "In" before a place ("in front", "in a line") and not a way for the toes ("in a little")."""
    if i - 1 == p.verb and p.verb_in(lx.PLACE) and p.w(i + 1) in ARTICLES:
        return False  # "draw in your right foot"
    return p.w(i + 1) in NOT_A_WAY and not (p.w(i + 1) == "a" and p.w(i + 2) in A_BIT)
