"""Feet that are put, brought, drawn or taken somewhere: step, lift or pivot."""

from __future__ import annotations

from kemvo.core.language import lexicon as lx
from kemvo.core.reading.actions.foot_words import (
    BALLS,
    BRING,
    CIRCLE,
    DROP,
    FOLLOWS,
    GOES,
    HEELS,
    MERELY_MOVES,
    PARTICIPLES,
    PLACES,
    PUT,
    ROUND,
    SLIDE,
    TAP,
    TIPS,
    TOES,
    FootKind,
    of_a_side,
    toe_ways,
)
from kemvo.core.reading.clause import Memory, Piece
from kemvo.core.reading.quantities import angle

LOWERED = frozenset("and then now it them down drop drops lower lowers again".split())
""" "The toes lift, turn out and lower": down they go."""

KNEES_ONLY = frozenset("lower lowers drop drops follows extend extends go goes".split())
""" "The knees go soft": no step."""


def kind_of_place(p: Piece, noun: int | None, memory: Memory) -> FootKind | None:
    """Step, lift or pivot of a clause whose verb puts or moves something; None when it moves no foot."""
    words = p.words()
    # "Take smaller steps" and "take it step by step" tell of none.
    a_step = ("step" in words and "by" not in words) or ("steps" in words and not words.isdisjoint(lx.NUMBERS))
    if p.verb_in(("take", "takes")) and "look" in words:
        return None
    if p.verb_in(("move",)) and p.w(p.verb - 1) == "can" and p.verb + 1 == p.last:
        return None  # "the left foot can move"
    if noun is None and p.verb_in(lx.GATHER) and p.sides() and p.sides()[0] == p.verb + 1:
        return "step"
    if noun is None and a_step and p.verb_in(("take", "takes", "taken", "make", "makes")):
        return "step"
    if noun is None and p.verb_in(SLIDE) and p.sides() and p.before(p.sides()[0]) & {"with"}:
        return "step"  # "slide up with the right"
    if noun is None and of_a_side(p, 1) and (p.verb_in(TAP) or words & {"up", "in"}):
        return "step"
    acts = p.verb - 1 - (p.w(p.verb - 1) in ("can", "will", "may", "also"))
    if noun is None and p.side(acts) and p.verb_in(MERELY_MOVES, ("come", "comes")) and not p.where(lx.HAND):
        return "step" if words & {"out", "forward", "back", "beside", "in", "together", "behind"} else None
    if noun is None:
        it = "it" in words and any(w in lx.STEP_WAYS for w in words) and not p.where(lx.HAND)
        if p.verb_in(PUT) and "it" in words and words & {"again", "there"} and memory.moved:
            return "step"
        placing = p.verb_in(PUT) and "down" in words
        if placing and memory.raised:
            return "step"
        if p.verb_in(DROP) and memory.raised and words <= LOWERED:
            return "step"
        if p.verb_in(("land", "lands")) and any(w in lx.STEP_WAYS for w in words) and not p.where(lx.HAND):
            return "step"
        onward = p.verb_in(GOES) and p.w(p.first) in ("and", "then") and words & {"out", "forward", "back", "through"}
        placed = memory.stepped or memory.lifted or words & {"o'clock", "first"}
        if onward and memory.moved and placed and not p.where(lx.HAND, lx.TRUNK) and "weight" not in words:
            return "step"
        moves = not p.verb_in(("go", "goes", "come", "comes")) or "it" in p.before(p.verb)
        placing = placing or ("it" in p.before(p.verb) and bool(words & PLACES))
        out = words & {"side", "out", "behind", "back", "forward"} and not p.where(lx.HAND, lx.TRUNK)
        placing = placing or (p.verb_in(PUT) and p.w(p.verb + 1) == "it" and bool(out))
        placing = placing or (p.verb_in(BRING) and p.w(p.verb + 1) == "it" and "home" in words)
        placing = placing or {"half", "step"} <= words or {"it", "beside"} <= words or {"it", "side", "of"} <= words
        placing = placing or (p.verb_in(BRING) and p.w(p.verb + 1) == "it" and "through" in words)
        placing = placing or (p.verb_in(SLIDE) and bool(words & {"side", "out", "forward", "back", "behind"}))
        placing = placing or (p.verb_in(DROP) and "down" in words)
        placing = placing or (p.verb_in(CIRCLE) and "behind" in words)
        placing = placing or p.verb_in(("cross", "crosses"))
        if p.verb_in(("reach", "reaches")) and memory.raised and out:
            return "step"  # "pick it up and reach back"
        passive = p.verb_in(PARTICIPLES) and p.w(p.first) in ("and", "then") and not p.where(lx.HAND)
        if passive and memory.moved and any(w in lx.STEP_WAYS for w in words):
            return "step"
        return "step" if it and moves and (memory.moved or placing) else None
    if (
        p.w(noun) == "foot"
        and p.w(noun - 1) != "front"
        and "up" in words
        and not p.verb_in(FOLLOWS)
        and any(p.before(i, 3) & {"on", "onto"} for i in p.where(TOES, BALLS))
    ):
        return "lift"
    if (
        p.w(noun) in HEELS
        and p.verb_in(("slide", "slides"))
        and noun < p.verb
        and words & {"out"}
        and p.last - p.verb == 2
    ):
        return "pivot"
    if p.w(noun) in HEELS and p.verb_in(("slide", "slides")) and words & ROUND and not words & {"in", "beside"}:
        return "pivot"
    described = "with" in p.before(noun, 3) and words & {"position", "stance", "posture"}
    if p.w(noun) == "feet" and not p.sides() and (p.verb_in(FOLLOWS) or described):
        return None
    if p.verb_in(SLIDE) and {"on", "its", "heel"} <= words and toe_ways(p):
        return "pivot"
    if (
        p.w(noun) in TOES
        and p.verb_in(GOES, BRING, ("take", "takes"))
        and "with" in words
        and words & {"you", "it", "us", "me"}
    ):
        return "pivot"
    if (
        p.w(noun) in TIPS
        and noun < p.verb
        and p.verb_in(GOES)
        and p.w(p.verb + 1) in ("open", "straight")
        and p.verb + 2 == p.last
    ):
        return "pivot"  # "the right toe goes open"
    outwards = (
        p.w(noun) in HEELS and p.verb_in(SLIDE, ("slip", "slips")) and not words.isdisjoint({"outward", "outwards"})
    )
    if outwards and noun < p.verb:
        return "pivot"  # "allowing the right heel to slip outward"
    if p.verb_in(GOES) and p.w(p.verb + 1) == "flat":
        return None
    if p.verb_in(("spread", "spreads")) and p.w(noun) in TOES:
        return None
    if p.verb_in(CIRCLE) and p.w(noun) in ("ankle", "ankles", "knee", "knees"):
        return None
    if p.where(lx.HAND) and p.w(noun) in ("foot", "feet") and {"together", "and"} <= words:
        return None  # "the right hand and the left foot move together"
    away = p.verb_in(("come", "comes")) and words & {"away", "off"} and p.w(noun) in TIPS
    if away or ("up" in words and p.w(noun) in TIPS) or (words & {"off", "away"} and words & {"floor", "ground"}):
        return "lift"
    if p.w(noun) in ("knee", "knees") and "over" in words and noun < p.verb:
        return None  # "the knee comes over the toes"
    if p.w(noun) in TOES and p.verb_in(("drawn", "brought")) and "in" in words:
        return "step"
    if p.verb_in(GOES) and p.w(p.verb + 1) == "with" and p.w(noun) == "foot" and words & lx.TRUNK:
        return None  # "the foot goes with the hips"
    if p.verb_in(("meet", "meets")) and p.w(noun) != "foot":
        return None
    if p.verb_in(FOLLOWS) and p.w(p.verb + 1) == "the" and p.w(p.verb + 2) in lx.TRUNK:
        return None
    if "with" in p.before(noun, 3) and p.in_order()[-2:] == ["in", "front"] and noun > p.verb:
        return None  # "go into bow stance with the right leg in front"
    if p.verb_in(KNEES_ONLY) and p.w(noun) in ("knee", "knees") and "up" not in words:
        return None
    if (
        p.verb_in(PUT)
        and "flat" in words
        and p.w(noun) == "foot"
        and not words & {"forward", "back", "out", "in", "down"}
    ):
        return None
    if "whole" in words and p.w(noun) == "foot" and p.verb_in(DROP, PUT) and not p.sides():
        return None
    if p.w(noun) in TOES and p.w(noun + 1) == "pulled":
        return None
    if p.w(noun) in TOES and {"back", "down"} <= words and p.verb_in(GOES):
        return None
    if p.verb_in(("take", "takes")) and p.w(p.verb + 1) == "over":
        return None
    if p.w(noun - 1) in ("lower", "upper") or (_away_from(p, noun) and p.verb_in(GOES)) or {"rest", "of"} <= words:
        return None
    lowered = p.verb_in(("lower", "lowers", "drop", "drops")) and p.w(noun) == "heel"
    if lowered and memory.moved is None and not p.sides():
        return None
    if p.w(noun) in HEELS and p.verb_in(("pull", "pulls")) and "out" in words:
        return "pivot"
    if p.w(noun) in ("knee", "knees") and words & {"through", "high"}:
        return "lift"
    joins = "to" in words and p.w(noun) in ("leg", "legs")
    if "up" in words and p.w(noun) in ("knee", "knees", "leg", "legs") and not words & {"half", "beside"} and not joins:
        return "lift"
    if (
        p.w(noun) == "foot"
        and toe_ways(p)
        and angle(p.tokens, p.first, p.last) is not None
        and not (p.verb_in(CIRCLE) and "at" in words)
        and not words & (PLACES | {"o'clock", "oclock"})
    ):
        return "pivot"
    outward = p.w(noun + 1) in lx.IN_OR_OUT and not words & {"front", "forward"}
    down = words & {"touch", "touches", "touching", "tap", "down"} or (p.verb_in(PUT) and not outward)
    if p.w(noun) in TOES and toe_ways(p) and not down and not words & {"next", "beside", "alongside", "behind"}:
        return "pivot"
    if p.w(noun) in TOES and not down and words & {"round", "around"}:
        return "pivot"
    if p.w(noun) in TOES and not down and "line" in words:
        return None
    return None if p.before(noun, 3) & {"into", "onto"} else "step"


def _away_from(p: Piece, noun: int) -> bool:
    """ "Come back off that foot": the weight leaves it."""
    return "off" in p.before(noun, 3)
