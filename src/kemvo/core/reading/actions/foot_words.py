"""Words of the feet: tables of parts, verbs and places, and signs of what a foot does."""

from __future__ import annotations

from typing import Literal

from kemvo.core.language import lexicon as lx
from kemvo.core.reading.clause import Piece
from kemvo.core.reading.segment.boundary import ARTICLES

TOES = frozenset({"toe", "toes"})
HEELS = frozenset({"heel", "heels"})
TIPS = TOES | HEELS
BALLS = frozenset({"ball", "balls"})
TOUCHES: dict[str, str] = {
    "heel": "heel",
    "heels": "heel",
    "toe": "toe",
    "toes": "toe",
    "ball": "ball",
    "tiptoe": "toe",
    "tiptoes": "toe",
}

NOT_A_WAY = frozenset("front the a an place line your".split())
"""After "in", words that make it a place and not a way for the toes."""
A_BIT = frozenset("little bit touch tiny fraction tad wee smidge fair".split())
COMES_DOWN = frozenset("and then now it they come comes coming down again".split())
""" "The toes lift, turn out and come down"."""
FIRST = frozenset("first down touches touch lands touching leading".split())
TARGETS = frozenset({"corner", "diagonal", "o'clock", "oclock"})
PLACES = frozenset({"corner", "diagonal"})

NEAR = frozenset({"next", "parallel", "level", "close", "beside", "behind", "than", "past", "facing"})
"""After these, a side names the foot that stands, not the one that moves."""
PASSING = frozenset({"pass", "passes", "passing"})
""" "The right foot passes the left ankle and steps out": one step."""
FOLLOWS = frozenset({"follow", "follows"})
BRING = frozenset({"bring", "brings", "draw", "draws", "pull", "pulls"})
RAISE = frozenset({"raise", "raises", "rise", "rises"})
DROP = frozenset("drop drops lower lowers plant plants rest rests".split())
GOES = frozenset({"come", "comes", "go", "goes"})
CIRCLE = frozenset("circle circles sweep sweeps swing swings".split())
RESTING = frozenset({"rest", "rests"})
HOOK = frozenset({"hook", "hooks"})
OPEN = frozenset({"open", "opens", "opening"})
ROUND = frozenset({"round", "around", "back", "backwards", "backward", "away"})
AWAY = frozenset("out forward back side in behind corner beside next diagonally across close".split())
PARTICIPLES = frozenset(
    "withdrawn placed put set brought moved taken drawn carried swung slid extended lowered replaced".split()
)
SLIDE = frozenset("skid skids slide slides drift drifts glide glides".split())
PUT = frozenset("put puts set sets place places plonk plop".split())
MERELY_MOVES = frozenset({"move", "moves", "moving", "go", "goes"})
DRAG = frozenset({"drag", "drags"})
TAP = frozenset("tap taps touch touches".split())
STAMP = frozenset({"stamp", "stamps", "stomp"})

POINTING = frozenset({"point", "points", "face", "faces"})
""" "…so that the toes point forward" says where a pivot told just before ends."""

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
