"""Words of the feet, as tables: parts, verbs, places."""

from __future__ import annotations

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
