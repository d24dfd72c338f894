"""What a foot does: step, lift or pivot."""

from __future__ import annotations

from kemvo.core.language import lexicon as lx
from kemvo.core.reading.actions.foot_place import kind_of_place
from kemvo.core.reading.actions.foot_words import (
    A_BIT,
    AWAY,
    BALLS,
    COMES_DOWN,
    DRAG,
    FOLLOWS,
    HEELS,
    HOOK,
    OPEN,
    PASSING,
    PLACES,
    PUT,
    RAISE,
    RESTING,
    ROUND,
    STAMP,
    TARGETS,
    TIPS,
    TOES,
    FootKind,
    of_a_side,
    rises_on_toes,
    shifts_a_foot,
    toe_ways,
)
from kemvo.core.reading.clause import SAME_ONE, Memory, Piece
from kemvo.core.reading.quantities import angle
from kemvo.core.reading.segment.left_context import is_bare_shift

WALKERS = frozenset("we you they i we'll you'll i'll to that".split())
BALL_OVER = frozenset("and then now you turn turns turning the ball over again around".split())
PRESS = frozenset({"press", "presses", "pressing"})


DOWN_FIRST = TIPS | frozenset("foot down first the your and then now flat".split())
""" "Foot down heel first"."""
ROLLED = frozenset("outward outwards inward inwards".split())
GATHERS = frozenset("gather join".split())
GATHERED = GATHERS | frozenset("and then now".split())
COMES = frozenset("come comes go goes swing swings sweep sweeps".split())
OUT_TO = frozenset("and then now out to the left right front corner diagonal o'clock".split()) | frozenset(lx.NUMBERS)
LEFT_THERE = frozenset("keeping leaving leave leaves".split())
TIPS_OR_KNEE = TIPS | {"knee"}
TIPS_OR_FEET = TIPS | {"feet"}
TIPS_OR_WHOLE = TIPS | {"foot", "feet"}
TIPS_OR_FOOT = TIPS | {"foot"}


def kind_of(p: Piece, noun: int | None, memory: Memory) -> FootKind | None:
    """Step, lift or pivot, by the verb; None when the clause moves no foot."""
    if noun is not None and p.w(noun + 1) in ("leaves", "leave", "clear", "clears") and p.words() & {"ground", "floor"}:
        return "lift"
    leaves = noun is not None and "leave" in p.in_order()[noun + 1 - p.first : noun + 4 - p.first]
    if leaves and p.words() & {"ground", "floor"}:
        return "lift"  # "the right foot can now leave the ground"
    off = noun is not None and (p.w(noun + 1) == "off" or "get" in p.words()) and "off" in p.words()
    if off and not p.where(lx.HAND) and (p.words() & {"ground", "floor"} or (noun or 0) + 2 == p.last):
        return "lift"
    if noun is not None and rises_on_toes(p):
        return "lift"
    if memory.raised and noun is None and "down" in p.words() and p.words() <= COMES_DOWN:
        return "step"
    if noun is None and memory.weighed and p.verb_in(GATHERS) and "and" in p.words() <= GATHERED:
        return "step"  # "shift across and join"
    curved = p.verb_in(COMES) and not p.words().isdisjoint({"crescent", "semicircle"})
    if noun is None and curved and not p.where(lx.HAND, lx.TRUNK):
        return "step"
    if p.verb < 0:
        return None if is_bare_shift(p.tokens, p.first, p.last) else _kind_without_verb(p, noun, memory)
    if p.verb_in(("swing", "swings")) and noun is None and "it" in p.words() and memory.moved:
        return "step"
    if noun is not None and p.w(noun) in HEELS and p.verb_in(PRESS) and p.words() & ROUND:
        return "pivot"
    if p.verb_in(lx.TURN) and noun is not None and p.w(noun) == "ball" and p.words() <= BALL_OVER:
        return None  # "turn the ball over"
    if p.verb_in(lx.PIVOT):
        moves = p.verb_word().startswith("pivot") or noun is not None or (memory.raised and bool(toe_ways(p)))
        moves = moves or (p.w(p.verb - 1) == "it" and bool(memory.noun))  # "let it swivel"
        upper = p.where(lx.HAND, lx.TRUNK)
        return "pivot" if moves and not (upper and (noun is None or upper[0] < noun)) else None
    whole_foot = noun is not None and p.w(noun) in ("foot", "leg")
    if whole_foot and (
        (p.verb_in(HOOK) and "behind" in p.words())
        or (
            p.verb_in(OPEN)
            and (
                p.words() & {"stance", "side", "width"}
                or "step" in p.in_order()[(noun or 0) - p.first :]
                or p.words() >= {"heel", "first"}
            )
        )
    ):
        return "step"
    if p.verb_in(("swing", "swings")) and noun is not None and {"in", "front"} <= p.words():
        return "step"
    wide = noun is not None and p.w(noun) == "feet" and p.words() & {"width", "shoulder"} and not p.sides()
    if wide and not p.verb_in(lx.STEP):
        return None
    if p.verb_in(lx.CLOSE) and noun is None and of_a_side(p):
        return "step"
    if p.verb_in(STAMP) and noun is None and p.sides() and p.last - p.verb <= 5:
        return "step"
    if p.verb_in(STAMP, DRAG) and (
        "it" in p.words() or whole_foot or (p.verb_in(DRAG) and noun is not None and p.w(noun) in TOES)
    ):
        return "step"
    on_heel = {"on", "heel"} <= p.words() or angle(p.tokens, p.first, p.last) is not None
    if p.verb_in(lx.CLOSE) and whole_foot and on_heel and toe_ways(p):
        return "pivot"
    if p.verb_in(lx.CLOSE) and (whole_foot or (noun is not None and p.w(noun) == "feet")):
        return "step"
    if noun is not None and shifts_a_foot(p):
        return "pivot" if p.w(noun) in TIPS and toe_ways(p) else "step"
    rolled = not p.words().isdisjoint(ROLLED) and {"on", "heel"} <= p.words() and whole_foot
    if rolled and not p.verb_in(lx.STEP, PUT):
        return "pivot"  # "move the right foot outward on the heel"
    if p.verb_in(lx.TURN, lx.AIM) and not (p.verb_in(lx.PLACE) and whole_foot):
        return _kind_of_turn(p, noun, memory)
    if p.verb_in(lx.LIFT):
        return _kind_of_lift(p, noun, memory)
    if p.verb_in(lx.STEP):
        when = (
            p.w(p.first) in ("as", "when", "while", "before", "after", "until", "till")
            and p.w(p.first + 1) in ("you", "we", "i")
            and noun is None
            and not p.sides()
        )
        when = when and not any(w in lx.STEP_WAYS for w in p.words())
        if p.verb_word() == "walk" and noun is None and not p.sides() and p.w(p.verb - 1) in WALKERS:
            return None  # "now we'll walk backwards"
        if p.w(p.verb + 1) + p.w(p.verb + 2) == "overhere" or (
            p.verb_word() == "walk" and p.words() & {"around", "about"}
        ):
            return None
        return "step" if step_is_verb(p) and not when else None
    if whole_foot and p.verb_in(("swing", "swings")) and {"on", "heel", "out"} <= p.words():
        return "pivot"
    if p.verb_in(lx.PLACE):
        return kind_of_place(p, noun, memory)
    if p.verb_in(RESTING) and noun is not None and noun < p.verb and p.words() & {"by", "beside", "near", "next"}:
        return "step"
    if p.verb_in(RESTING) and noun == p.verb - 1 and p.w(noun) == "foot" and p.words() & TIPS:
        return "step"
    together = noun is not None and p.w(noun) == "feet" and "together" in p.words()
    return "step" if together and p.verb_in(lx.STAND) and "with" not in p.words() else None


def _kind_without_verb(p: Piece, noun: int | None, memory: Memory) -> FootKind | None:
    """ "Right toes in", "left heel to the corner", "toes up"."""
    words = p.words()
    if noun is None:
        if {"let", "it", "down"} <= words and memory.lifted:
            return "step"
        brief = (
            p.last - p.first == 2
            and p.side(p.first)
            and p.w(p.first + 1) in lx.STEP_WAYS
            and p.w(p.first + 1) != "side"
        )
        steps = p.where(("step",))
        counted = steps and p.w(steps[0] - 1) == "one" and (p.sides() or any(w in lx.STEP_WAYS for w in words))
        to_corner = (
            words >= {"out", "to"} and not words.isdisjoint({"corner", "diagonal", "o'clock"}) and words <= OUT_TO
        )
        return "step" if brief or to_corner or counted or ("step" in words and words & {"half", "follow"}) else None
    if words & PASSING and "through" not in words:
        return None
    if p.w(noun) == "feet" and words & {"parallel", "width", "shoulder"} and not p.sides():
        return None
    if "pivot" in words and "on" in p.before(noun, 3):
        return "pivot"
    straight = p.w(noun + 1) == "straight" and p.w(noun + 2) not in ("ahead", "forward")
    straight = straight and (p.side_of(noun) is not None or "make" in words)
    if p.w(p.first) == "toe" and p.w(p.first + 1) in lx.IN_OR_OUT and noun > p.first:
        return "pivot"
    if (straight and p.w(noun) == "foot") or (p.w(noun) == "toes" and p.side_of(noun) and words & PLACES):
        return "pivot"
    if p.w(noun) in TOES and (toe_ways(p) or straight or angle(p.tokens, p.first, p.last) is not None):
        return "pivot"
    if (
        p.w(noun) == "foot"
        and p.side_of(noun)
        and p.w(noun + 1) == "at"
        and angle(p.tokens, p.first, p.last) is not None
    ):
        return "pivot"  # "right foot at forty five"
    if "up" in words and p.w(noun) in TIPS_OR_KNEE:
        return "lift"
    if (
        "up" in words
        and p.w(noun) == "foot"
        and not words & FOLLOWS
        and any(p.before(i, 3) & {"on", "onto"} for i in p.where(BALLS))
    ):
        return "lift"
    if p.w(noun) == "foot" and p.w(noun + 1) == "down" and words - {"left", "right"} <= DOWN_FIRST:
        return "step"
    if words & LEFT_THERE or (p.w(noun) in ("knee", "knees") and "over" in words):
        return None
    if p.w(noun) == "foot" and toe_ways(p) and angle(p.tokens, p.first, p.last) is not None:
        return "pivot"
    if p.w(noun - 1) == "back" and p.w(noun + 1) in lx.IN_OR_OUT and toe_ways(p) and words & A_BIT:
        return "pivot"
    if p.w(noun) in ("feet", "heels") and "with" in p.words():
        return None
    if "with" in p.before(noun, 3) and {"in", "front"} <= words:
        return None
    mine = p.side_of(noun) or memory.moved
    if mine and p.w(noun + 1) == "is" and p.w(noun + 2) in ("by", "beside", "next"):
        return "step"
    if p.w(noun + 1) in ("has", "have"):
        return None  # "the left foot has nothing in it"
    if words & {"flat", "are", "is", "lengthens", "stretches", "bends"} or (
        p.w(noun) in TOES and not mine and not words & {"down", "touch", "behind"}
    ):
        return None
    going = any(
        p.w(i) in lx.STEP_WAYS and "at" not in p.before(i) and not (p.w(i) == "in" and p.w(i + 1) == "line")
        for i in (*range(noun + 1, p.last), *(k for k in range(p.first, noun) if p.w(k + 1) == "with"))
    ) or words & (PLACES | {"past"})
    aimed = "o'clock" in words or any(i > noun and "to" in p.before(i) for i in p.sides())
    return "step" if (going or aimed) and (mine or p.w(noun) in TIPS_OR_FEET) else None


def _kind_of_turn(p: Piece, noun: int | None, memory: Memory) -> FootKind | None:
    ways, degrees = toe_ways(p), angle(p.tokens, p.first, p.last)
    with_foot = noun is not None and p.w(noun) in TIPS_OR_FOOT and bool(ways)
    with_foot = with_foot or (noun is not None and p.w(noun) in HEELS and noun < p.verb and bool(p.words() & ROUND))
    with_foot = with_foot and all(i < p.verb or i > (noun or 0) for i in p.where(lx.TRUNK))
    if (p.where(lx.TRUNK) and not with_foot) or (noun is None and p.where(lx.HAND)):
        return None
    if noun is None and "straight" in p.words() and memory.moved and not p.sides():
        return "pivot"
    if noun is None and of_a_side(p) and not p.verb_in(lx.AIM):
        return "pivot"
    if noun is None and p.w(p.verb + 1) in lx.OUTWARD and p.verb + 2 == p.last and not p.sides():
        return "pivot"
    if noun is None:
        again = p.words() & {"it", "them"} and degrees is not None
        toes = memory.noun in TOES and (degrees is not None or p.sides())
        if "them" in (p.w(p.verb + 1), p.w(p.verb - 1)) and (ways or toes):
            return "pivot"
        told = memory.noun or (p.w(p.verb + 1) == "it" and p.w(p.verb + 2) in lx.IN_OR_OUT | {"open"})
        again = again or (p.w(p.verb + 1) == "it" and p.w(p.verb + 2) == "open")
        return "pivot" if (ways or again) and told and not p.sides() else None
    rolled = degrees is not None or not p.words().isdisjoint({"inward", "inwards", "outward", "outwards"})
    turned_leg = p.w(noun) == "leg" and rolled
    if p.w(noun) not in TIPS_OR_WHOLE and "ball" not in p.words() and not turned_leg:
        return None
    aimed = (
        p.w(noun) in TOES
        or p.words() & TARGETS
        or ways
        or angle(p.tokens, p.first, p.last) is not None
        or (p.w(noun) == "foot" and p.verb_in(OPEN))
        or (p.w(noun) in HEELS and p.words() & ROUND)
        or p.verb_in(("square", "squares"))
        or p.verb_in(
            (
                "adjust",
                "fix",
                "fixes",
                "adjusts",
                "straighten",
                "straightens",
                "correct",
                "corrects",
                "realign",
                "realigns",
                "align",
                "aligns",
            )
        )
    )
    return "pivot" if aimed or not p.verb_in(lx.AIM) else None


def _kind_of_lift(p: Piece, noun: int | None, memory: Memory) -> FootKind | None:
    words = p.words()
    if noun is None and of_a_side(p):
        return "lift"
    if noun is None and memory.acting and p.verb_word().endswith("s") and p.w(p.verb - 1) in SAME_ONE:
        return "lift"
    if noun is None and {"it", "up", "from"} <= words:
        return None  # "we pick it up from the single whip"
    if noun is None and p.w(p.verb - 1) == "it" and p.verb_word() == "lifts":
        return "lift"
    if noun is None:
        picked = p.verb_in(("pick", "picks")) and p.sides() and not p.where(lx.HAND, lx.TRUNK)
        if picked:
            return "lift"
        again = (
            p.verb_in(("lift", "lifts", "pick", "picks", "raise", "raises"))
            and memory.noun
            and words & {"it", "up"}
            and not (p.verb_in(RAISE) and p.w(p.verb + 1) == "up")
        )
        again = again or (p.verb_in(("pick", "picks")) and p.w(p.verb + 1) == "it")
        again = again or (p.verb_word() == "lift" and p.w(p.verb + 1) == "it" and p.w(p.verb - 1) in SAME_ONE)
        return "lift" if again and not p.where(lx.HAND) else None
    if noun > p.verb and "from" in p.before(noun, 2):
        return None  # "the breath rises from the feet"
    if p.before(noun, 3) & {"on", "onto", "into", "through"}:
        on_toes = p.verb_in(("rise", "rises")) and p.w(noun) in TOES | BALLS
        return "lift" if on_toes else None
    sideways = words & AWAY and p.verb_in(("float", "floats", "rise", "raise"))
    return "step" if sideways and p.w(noun) in ("foot", "leg") else "lift"


def step_is_verb(p: Piece) -> bool:
    """ "Step the left foot out" moves a foot, "step the pressure up" does not."""
    if p.w(p.verb + 1) not in ("the", "your", "my", "a", "an"):
        return True
    following = {p.w(k) for k in range(p.verb + 2, p.verb + 5)}
    return bool(following & (lx.FOOT | {"step"})) or p.side(p.verb + 2) is not None
