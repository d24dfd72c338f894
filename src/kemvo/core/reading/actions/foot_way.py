"""Details of a foot action: whose foot, which direction, toe angle, touch-down."""

from __future__ import annotations

from kemvo.core.facts import FactSide, StepSize
from kemvo.core.language import lexicon as lx
from kemvo.core.reading.actions.foot_words import (
    BALLS,
    BRING,
    FIRST,
    HEELS,
    NEAR,
    PLACES,
    RESTING,
    STAMP,
    TIPS,
    TOES,
    TOUCHES,
    FootKind,
    is_place,
)
from kemvo.core.reading.clause import SAME_ONE, Memory, Piece
from kemvo.core.reading.quantities import FISTS, distance, number_at
from kemvo.core.types import OTHER_SIDE

CURVES = frozenset(w for w, way in lx.STEP_WAYS.items() if way == "circle")
LEVEL = frozenset("level parallel line even".split())
""" "Bring the foot level with the left"."""
STRAIGHT = frozenset({"back", "forward", "out", "side", "behind"})
OF_A_FOOT = lx.FOOT | {"corner", "stance"}


def sides_named(p: Piece, noun: int | None) -> list[int]:
    """The side words that can name the foot that acts, the likeliest first."""
    sides = p.sides()
    mine = p.side_of(noun) if noun is not None else None
    own = [i for i in sides if mine and p.verb_in(lx.STEP) and p.w(i - 2) == "with" and {"to"} & p.before(noun or 0, 3)]
    if own:
        return own  # "step up to the left foot with the right"
    if mine:
        return sorted(sides, key=lambda i: (p.side(i) != mine, abs(i - (noun or 0))))
    if p.w(p.verb + 1) == "it" and noun is None and p.verb_in(BRING, CARRY):
        sides = [i for i in sides if i < p.verb or "to" not in p.before(i)]  # "draw it in to the right"
    with_ = [i for i in sides if "with" in p.before(i) and p.before(i, 4).isdisjoint(LEVEL)]
    subject = [i for i in sides if i < p.verb]
    # "Step to the left" is done with the left foot; "beside the left" and "to the left corner" are not.
    other = [i for i in sides if p.w(i + 1) not in PLACES and not stands_by(p, i)]
    return with_ or subject or [i for i in other if not (noun is None and p.w(i + 1) == "ankle")]


CARRY = frozenset({"carry", "carries"})
INSIDE = frozenset({"front", "side", "instep", "inside", "arch", "ankle"})


def stands_by(p: Piece, i: int) -> bool:
    """Whether a side names the foot that stands: "beside the left", "in front of the right"."""
    before = p.before(i, 3)
    return bool(before & NEAR) or "by" in p.before(i) or ("of" in before and not before.isdisjoint(INSIDE))


POINTED = frozenset({"it", "that"})
""" "Shift into the left leg, turn it out"."""


def side_of_foot(p: Piece, noun: int | None, kind: FootKind, named: list[int], memory: Memory) -> FactSide | None:
    words = p.words()
    heels = noun is not None and p.w(noun) == "heels" and (kind != "pivot" or "on" in p.before(noun))
    plural = heels or (noun is not None and p.w(noun) in ("feet", "balls"))
    together = kind == "step" and p.verb_in(lx.STEP) and p.w(p.verb + 1) == "together" and noun is None
    on_heels = heels and kind == "pivot" and all("to" in p.before(i) for i in p.sides())
    if kind == "step" and noun is not None and p.w(noun) == "feet" and "together" in words:
        return "both"
    if "both" in words or on_heels or ((plural or together) and not p.sides()):
        return "both"
    if kind == "step" and p.w(p.verb - 1) == "it" and memory.moved and named and named[0] > p.verb:
        return memory.moved  # "the left leg is empty and it draws in to the right"
    if named:
        return p.side(named[0])
    if kind == "lift" and noun is not None and p.w(noun) in TOES and {"up", "on"} <= words and memory.moved is None:
        return None if words & {"foot", "its"} else "both"
    if kind == "step" and p.w(p.verb + 1) == "it" and (memory.moved or memory.named):
        return memory.moved or memory.named
    if noun is not None and words & {"other", "opposite"}:
        return OTHER_SIDE[memory.named] if memory.named else None
    if noun is not None and p.w(noun - 1) in ("back", "front", "rear"):
        return None
    stood_by = [i for i in p.sides() if stands_by(p, i)]
    if kind == "step" and stood_by and memory.moved is None:
        return OTHER_SIDE[p.side(stood_by[0]) or "L"]
    if kind == "pivot":
        pointed = p.w(p.verb + 1) in POINTED or (noun is not None and p.w(noun - 1) == "that")
        return memory.moved or (memory.named if memory.noun or pointed else None)
    same_one = p.verb_word().endswith("s") and p.w(p.verb - 1) in SAME_ONE
    return memory.moved or (memory.acting if same_one else None)


def pivot_on(p: Piece) -> str | None:
    for i in p.where(("on",)):
        for k in range(i + 1, i + 5):
            if p.w(k) in HEELS:
                return "heel"
            if p.w(k) in BALLS:
                return "ball"
    return None


def toes_way(p: Piece) -> str | None:
    for i in p.range():
        if p.w(i) in lx.OUTWARD:
            return "out"
        if p.w(i) in lx.INWARD and not is_place(p, i):
            return "in"
    return {
        "open": "out",
        "opens": "out",
        "opening": "out",
        "closing": "in",
        "close": "in",
        "closes": "in",
        "hook": "in",
        "hooks": "in",
    }.get(p.verb_word())


def way_of(p: Piece, noun: int | None) -> tuple[str | None, int | None]:
    """The way a foot goes, and the index of the word that says it."""
    found: dict[str, int] = {}
    for i in p.range():
        if i != p.verb and p.w(i) in lx.STEP_WAYS and not _is_no_way(p, i, bool(found)):
            found.setdefault(lx.STEP_WAYS[p.w(i)], i)
    if "circle" in found and found.keys() & STRAIGHT:
        found.pop("circle")  # "back in a curve": it is back where it ends
        found.pop("in", None)
    for way in lx.WAY_RANK:
        if way in found:
            return way, found[way]
    if p.verb_in(lx.GATHER):
        return "in", p.verb
    if p.verb_in(RESTING):
        return "in", p.verb
    if p.verb_in(("follow", "follows")):
        return "half", p.verb
    if p.verb_in(STAMP):
        return "down", p.verb
    with_it = noun is not None and "with" in p.before(noun, 3)  # "to the left with the left foot"
    to_side = [
        i
        for i in p.sides()
        if (noun is None or i > noun or with_it) and "to" in p.before(i) and p.w(i + 1) not in (*PLACES, *lx.FOOT)
    ]
    if to_side:
        return "side", to_side[0]
    # "Bring the left foot to the right foot": beside it.
    to_foot = [i for i in p.sides() if noun is not None and i > noun and "to" in p.before(i) and p.w(i + 1) in lx.FOOT]
    return ("in", to_foot[0]) if to_foot else (None, None)


def towards(p: Piece) -> str | None:
    """The point of the compass or the hour a step goes towards: "step to the east", "…towards three o'clock"."""
    for i in p.where(lx.COMPASS):
        if not p.before(i) & {"facing", "face", "turn", "look"}:
            after = p.w(i + 1)
            return (
                w + after if (w := p.w(i)) in ("north", "south") and after in ("east", "west") else w.replace("-", "")
            )
    return hour(p)


def hour(p: Piece) -> str | None:
    """ "…to three o'clock"."""
    for i in p.where(("o'clock", "oclock")):
        for k in range(max(p.first, i - 2), i):
            found = number_at(p.tokens, k, p.last)
            if found and found[1] == i and 1 <= found[0] <= 12:
                return str(int(found[0]))
    return None


AHEAD = {"forward": 1, "forwards": 1, "ahead": 1, "back": -1, "backward": -1, "backwards": -1, "behind": -1}


def farther(p: Piece) -> int | None:
    """Where a step goes besides its way, in centimetres ahead (negative: back): "…and a fist's width back"."""
    far = distance(p.tokens, p.first, p.last)
    on = [t.w for t in p.tokens[p.first : p.last + 1] if t.w in AHEAD]
    others = p.sides() or not p.words().isdisjoint((lx.HAND | lx.FOOT) - FISTS - TOUCHES.keys())
    return far * AHEAD[on[0]] if far and on and p.verb < 0 and not others else None


def _is_no_way(p: Piece, i: int, others: bool) -> bool:
    """Words of direction that say something else: "back foot", "in front", "heel down" after another way."""
    w, after = p.w(i), p.w(i + 1)
    if w in ("back", "front", "rear"):
        if "at" in p.before(i):
            return True
        return after in OF_A_FOOT or p.side(i + 1) is not None
    if w == "close":
        return p.verb >= 0
    if w == "in":
        return is_place(p, i) or (after in ("a", "an") and any(x in CURVES for x in p.in_order()[i - p.first :]))
    if w == "down":
        return others and p.w(i - 1) in TIPS
    if w in ("half", "follow"):
        return "step" not in {p.w(i + 1), p.w(i + 2), p.w(i + 3)} and not p.verb_in(lx.STEP)
    return False


def size_of(p: Piece) -> StepSize | None:
    """A step smaller or longer than usual."""
    words = {w for i, w in enumerate(p.in_order()) if p.w(p.first + i + 1) not in ("arc", "circle", "curve")}
    if "half" in words:
        return None
    return "small" if words & lx.SMALL else "long" if words & lx.LONG else None


def touch_of(p: Piece, noun: int | None) -> str | None:
    """How the foot touches down: "heel first", "on the toes", or the part that is named as stepping.

    It may stand behind a comma: "left foot steps out, heel first"."""
    last = p.last
    while last < len(p.tokens) and not p.tokens[last - 1].hard and last < p.last + 4:
        last += 1
    for i in range(p.first, last):
        if p.tokens[i].w in TOUCHES:
            after = p.tokens[i + 1].w if i + 1 < last else ""
            before = {p.tokens[k].w for k in range(max(p.first, i - 3), i)}
            if after in FIRST or (i < p.last and "on" in before) or "first" in before:
                return TOUCHES[p.tokens[i].w]
    return TOUCHES.get(p.w(noun)) if noun is not None else None
