"""Weight shifts without a named leg: "sit back", "and into it", "all the way forward"."""

from __future__ import annotations

from kemvo.core.language import lexicon as lx
from kemvo.core.reading.clause import Memory, Piece

SAME = frozenset("it that them this there".split())
GOING = frozenset("forward back across over other backward backwards forwards front rear".split())
MOVING = frozenset(
    "return returns run runs fall falls move moves take takes bring brings put puts come comes go goes drop drops roll rolls travel travels flow flows pass passes follow follows".split()
)
FORWARD = frozenset({"forward", "forwards"})
SHIFTS = frozenset({"shift", "shifts"})
MELTS = frozenset("melt melts ease eases scoot scoots float drift pour press sway lean".split())
""" "Melt forward", "scoot back": said so briefly, the weight."""
STANCES = frozenset("bow empty horse cat stance".split())
PUSH = frozenset({"push", "pushes", "press", "presses"})
GO = frozenset({"go", "goes", "going", "come", "comes", "move", "moves"})
BEFORE_MELTS = frozenset({"", "and", "then", "now", "we", "you", "i"})
BEFORE_WEIGHT = frozenset("all most more half percent of the your my our body".split())


def takes_weight(p: Piece) -> bool:
    """ "Swing all the weight", "float your weight": it is the weight that the verb moves."""
    k = p.verb + 1
    while p.w(k) in BEFORE_WEIGHT or p.w(k) in lx.NUMBERS:
        k += 1
    return p.verb >= 0 and p.w(k) == "weight"


BEFORE_NAME = frozenset({"into", "your", "the"})
""" "Shift into your single whip": a posture's name is a piece of its own."""

AS_YOU = frozenset("and then now so as you we i shift shifts".split())
SITS = frozenset("and then now so he she you we i sit sits".split())
""" "…, and he sits"."""

AND_BACK = frozenset("and then now so again back forward forwards".split())
ALL_THE_WAY = frozenset("and then now so again all the way forward forwards go".split())
INTO_IT = frozenset("and then now so go onto into it that again we're the leg forward back on to over".split())
""" "And into it"."""
FORWARD_WITH = frozenset("and then now forward back with into for a the push press".split())
""" "And forward with a push"."""


def _onward(p: Piece, memory: Memory) -> bool:
    """ "And into it", "all the way forward", "and forward with a push"; "…, then back" after a shift."""
    words = p.words()
    if words <= FORWARD_WITH and words & PUSH and words & {"forward", "back"} and words & {"with", "into"}:
        return True
    if words <= INTO_IT and (words & {"into", "onto"} or {"on", "to"} <= words) and words & {"it", "leg"}:
        return True
    if words <= SITS and words & {"sit", "sits"}:
        return True
    if words <= ALL_THE_WAY and {"all", "way"} <= words and words & FORWARD:
        return True
    back = memory.weighed and words <= AND_BACK and words & {"back", "forward"}
    return bool(back) and p.tokens[p.first - 1].w not in words  # not: "go forward, and as you go forward"


def somewhere(p: Piece, part: int | None, memory: Memory) -> int | None:
    """ "Sit back", "shift forward", "the weight into your back leg": a shift whose side is not named.
    The index of the word that says where to, or None."""
    words = p.words()
    sits = p.verb_in(lx.SIT_BACK) and p.w(p.verb + 1) in GOING
    hands = [i for i in p.where(lx.HAND) if not (sits and i > p.verb + 2)]
    if hands and "weight" not in words:
        return None
    if (p.verb < 0 or p.verb_word() in ("go", "sit", "sits")) and _onward(p, memory):
        return p.first
    if p.verb_in(("roll", "rolls")) and "weight" not in words:
        onward = p.w(p.verb + 1) in FORWARD or (p.w(p.verb + 1) == "back" and p.verb + 2 == p.last)
        if onward and p.verb_word() == "roll" and not p.where(lx.TRUNK):
            return p.verb + 1
        over = [i for i in p.where(("onto", "over", "through")) if "foot" in p.w(i + 1) + p.w(i + 2) + p.w(i + 3)]
        return over[0] if over and "forward" in words else None
    if (
        part is not None
        and p.verb < 0
        and words & {"front", "back", "forward", "over", "across"}
        and not words & (lx.FOOT - {"leg", "foot"})
        and "has" not in words
        and all(p.w(i + 1) in STANCES for i in p.sides())
    ):
        return next(iter(p.where(GOING)))
    if p.verb < 0 and "all" in words and words & {"it's", "it"} and words & {"in", "on"} and words & {"foot", "leg"}:
        return next((i for i in p.where(("front", "back", "rear", "other"))), None)
    has = p.where(("has", "carries", "takes", "bears"))
    if part is not None and has and has[0] > p.first and p.w(has[0] - 1) in ("leg", "foot") and not p.sides():
        return has[0]  # "the front leg has seventy percent"
    bare_way = p.verb_in(GO) and (p.w(p.verb + 1) in GOING or p.w(p.verb + 1) == "through") and p.verb + 2 == p.last
    if (
        bare_way
        and (memory.weighed or memory.pivoted or p.w(p.verb + 1) in ("forward", "forwards", "across"))
        and not p.sides()
        and not p.where(lx.FOOT, lx.HAND)
    ):
        return p.verb + 1
    brief = (
        p.verb_in(MELTS)
        and p.w(p.verb + 1) in FORWARD | {"back"}
        and p.verb + 2 == p.last
        and p.w(p.verb - 1) in BEFORE_MELTS
    )
    if brief and not p.sides() and not p.where(lx.FOOT, lx.TRUNK):
        return p.verb + 1
    if p.verb_in(lx.SIT_BACK, lx.SHIFT):
        reach = min(p.verb + 4 if p.verb_in(lx.SIT_BACK) else p.last, p.last)
        going = [i for i in range(p.verb + 1, reach) if p.w(i) in GOING]
        on_it = [i for i in range(p.verb + 1, reach) if p.w(i) in SAME and p.w(i - 1) in lx.INTO]
        stance = (
            p.verb_in(lx.SHIFT) and "into" in words and ("stance" in words or p.tokens[p.last - 1].w in BEFORE_NAME)
        )
        bare = part is not None or stance or (p.verb_in(lx.SHIFT) and "weight" in words)
        alone = p.last - p.first <= 2 or (words <= AS_YOU and p.last - p.first <= 4 and not memory.weighed)
        bare = bare or (p.verb_in(SHIFTS) and alone and p.verb == p.last - 1)
        bare = bare or p.verb_word().startswith("transfer") or (p.verb_in(SHIFTS) and p.w(p.verb + 1) == "through")
        bare = bare or (p.verb_in(SHIFTS) and p.w(p.verb + 1) in ("in", "up") and p.verb + 2 == p.last)
        return next(iter([*going, *on_it]), p.verb if bare else None)
    legs = {"front", "back", "rear", "other"}
    into = [i for i in p.where(lx.INTO) if {p.w(i + 1), p.w(i + 2)} & legs and words & lx.FOOT]
    if into and ("weight" in words or (p.verb_in(lx.SINK) and p.w(into[0]) in ("into", "onto"))):
        return into[0]
    if "weight" not in words:
        return None
    if p.verb < 0 and {"after", "it"} <= words:
        return p.first  # "weight after it"
    if p.verb_in(lx.ACTS) and takes_weight(p) and p.where(GOING):
        return p.where(GOING)[0]
    if p.verb_in(GO) and "through" in words and p.w(p.verb - 1) == "weight":
        return p.verb
    if p.verb_in(MOVING) and "with" in words and words & (SAME | {"you", "us", "me"}):
        return p.verb
    return next(iter(p.where(GOING)), None) if p.verb < 0 or p.verb_in(MOVING) else None
