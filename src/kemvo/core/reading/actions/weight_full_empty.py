"""Legs called full or empty: which one then bears the weight."""

from __future__ import annotations

from kemvo.core.language import lexicon as lx
from kemvo.core.reading.clause import Memory, Piece
from kemvo.core.types import OTHER_SIDE, Side

BARELY_FULL = lx.FULL | lx.LIGHT | frozenset("left right leg foot side and then now so the your all".split())
""" "Left leg full, right leg empty"."""
BEARING_LEG = frozenset("supporting standing support weight-bearing bearing weighted".split())
WHICH = frozenset("that this it front back rear".split())


def emptied_leg(p: Piece, memory: Memory) -> tuple[Side | None, int] | None:
    """ "Empty the left leg", "the left leg is light": the other one receives."""
    states = (
        p.words() & lx.LIGHT
        and (p.where(lx.FOOT) or "becomes" in p.words())
        and p.words() & {"is", "becomes", "goes", "now", "feels"}
    )
    if not (p.verb_in(lx.EMPTY) or states):
        return None
    named = [i for i in p.sides() if not p.verb_in(lx.EMPTY) or i > p.verb] or p.sides()
    side = p.side(named[0]) if named else None
    if side is None:
        which = [i for i in p.where(("front", "back", "rear")) if p.w(i + 1) in ("leg", "foot")]
        alone = p.verb_in(lx.EMPTY) and p.w(p.first) not in ("so", "until", "till")
        return (None, which[0]) if which and alone else None
    memory.moved, memory.noun = side, "foot"
    return OTHER_SIDE[side], named[0]


def filled_leg(p: Piece, memory: Memory) -> tuple[Side | None, int] | None:
    """ "Load the left leg", "the right leg is full"."""
    full = p.where(lx.FULL)
    states = bool(full and p.words() & {"is", "becomes", "fills", "takes", "make", "makes"})
    states = states and any(i < full[-1] for i in p.where(lx.FOOT))
    if p.verb < 0 and full and len(p.sides()) <= 2 and p.words() <= BARELY_FULL:
        return p.side(p.sides()[0]) if p.sides() and p.sides()[0] < full[0] else None, full[0]
    light = p.last - 1 if p.w(p.last - 1) in lx.LIGHT and p.w(p.last - 2) in ("leg", "foot") else p.first
    if p.verb < 0 and not memory.weighed and p.words() <= BARELY_FULL and p.side(light - 2):
        memory.moved, memory.noun = p.side(light - 2), "foot"
        return OTHER_SIDE[p.side(light - 2) or "L"], light  # "the left leg light as a feather"
    stands = [i for i in p.where(("leg", "foot")) if p.w(i - 1) in BEARING_LEG]
    if stands and len(p.sides()) == 1 and "is" in p.words() and not p.where(lx.HAND):
        return p.side(p.sides()[0]), p.sides()[0]  # "the right is your standing leg"
    loaded = p.verb_in(lx.FILL) and not p.hand_first() and {p.w(p.verb + 1), p.w(p.verb + 2)} & WHICH
    made = full and p.words() & {"make", "makes"} and p.words() & {"it", "leg"}
    if (loaded or made) and not p.sides():
        return (memory.moved or memory.named if "it" in p.words() else None), p.verb if p.verb >= 0 else full[0]
    bearing = p.where(lx.BEARING) if p.words() & {"load", "weight", "you", "percent"} else []
    bears = bearing and any(i < bearing[0] for i in p.where(lx.FOOT))
    if p.verb_in(lx.FILL) and not p.sides() and not p.hand_first() and p.w(p.verb - 1) in ("foot", "leg"):
        return memory.moved, p.verb  # "then the foot fills with weight"
    if p.hand_first() or not p.sides() or not (p.verb_in(lx.FILL) or states or bears):
        return None
    return p.side(p.sides()[0]), p.sides()[0]
