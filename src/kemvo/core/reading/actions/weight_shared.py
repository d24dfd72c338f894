"""Weight told by how it is shared: even on both legs, or a leg called full or empty, and which one then bears it."""

from __future__ import annotations

from kemvo.core.language import lexicon as lx
from kemvo.core.reading.actions.weight_onward import GO
from kemvo.core.reading.clause import Memory, Piece
from kemvo.core.reading.quantities import number_at
from kemvo.core.types import OTHER_SIDE, Side

EVEN = frozenset(
    "share shares spread spreads level levels split divide divides divided equalise equalises equalize equalizes equalised equalized distribute distributed balanced shared centred centered even evenly equal equally centre center central middle fifty-fifty between".split()
)
EVEN_PARTS = frozenset("both half each fifty equal feet legs".split())
WE_ARE = frozenset({"i'm", "you're", "we're"})
TO_THE = frozenset("and then come comes to the".split())
BACK_HOME = frozenset("and then so back to the in middle centre center again now".split())


INTO_OR_BETWEEN = lx.INTO | {"between"}
EQUAL_ON = frozenset("and now so equal even weight on in both feet legs the".split())
ENDING = WE_ARE | {"we", "finish", "end", "settle"}
SHARED = lx.FOOT | {"both", "even", "equal", "middle"}


def settles_even(p: Piece, memory: Memory) -> bool:
    """The weight comes to both legs without being named: "sink into both legs", "centre yourself between the feet", "come
    back to the centre", "we're in the middle", "sink down evenly"."""
    words = p.words()
    legs = (
        {"both"} <= words
        and words & {"legs", "feet"}
        and (p.verb_in(lx.SINK, lx.SHIFT) or (p.verb_in(lx.STAND) and words & EVEN))
        and words & (INTO_OR_BETWEEN)
        and is_even(p)
        and not p.hand_first()
    )
    centred = p.verb_in(lx.SHIFT) and "between" in words and p.where(lx.FOOT) and not p.sides()
    middle = not words.isdisjoint(("centre", "center", "middle", "neutral")) and not memory.turned
    home = middle and ((p.verb_in(GO) and "back" in words) or p.verb_in(("return", "returns")))
    home = home and not p.where(lx.HAND, lx.TRUNK, lx.FOOT)
    sunk = p.verb_in(lx.SIT_BACK, ("ground", "root")) and words & {"evenly", "equally"} and not p.where(lx.HAND)
    standing = {"in", "the", "middle"} <= words and words & (ENDING) and "of" not in words
    both = {"on", "both"} <= words and words & WE_ARE and words & {"feet", "legs"} and not p.where(lx.HAND)
    home = home or (middle and p.verb < 0 and "back" in words and words <= BACK_HOME)
    if memory.weight and p.verb < 0 and {"even", "both"} <= words:
        return True
    it_is = "it's" in words or {"it", "is"} <= words
    same = bool((memory.weighed and "it's" in words) or (memory.weight and it_is))
    same = same and not (words.isdisjoint(EVEN) or words.isdisjoint(SHARED))
    even = bool(same) or bool(words & WE_ARE and words & {"even", "equal"} and not p.where(lx.HAND))
    shared = {"same", "weight"} <= words and words & {"both", "two"} and words.isdisjoint({"thirds", "third"})
    shared = shared or ({"load", "both"} <= words and words & EVEN)
    if p.verb < 0 and words <= EQUAL_ON and words & {"equal", "even"} and "both" in words:
        return True
    if words - {"now", "it's", "so", "then"} <= {"half", "and"} and len(p.where(("half",))) == 2:
        return True
    out = p.verb < 0 and p.in_order()[-3:] in (
        ["even", "that", "out"],
        ["even", "it", "out"],
        ["even", "things", "out"],
    )
    alone = out or words - TO_THE in ({"centre"}, {"center"}, {"even", "up"}, {"even", "out"}, {"even"}, {"middle"})
    return bool(
        even
        or shared
        or both
        or legs
        or centred
        or home
        or sunk
        or (standing and (p.verb < 0 or p.verb_in(("settle", "settles"))))
        or alone
    )


def is_even(p: Piece) -> bool:
    """ "Even", "between both feet", "half on each leg", "fifty fifty"."""
    words = p.words()
    if "between" in words and any(number_at(p.tokens, i + 1, p.last) for i in p.where(("between",))):
        words = words - {"between"}  # "between sixty and seventy percent"
    fifties = [n for i in p.range() if (n := number_at(p.tokens, i, p.last)) and n[0] == 50]
    return bool(
        words & EVEN
        or ("weight" in words and p.in_order()[-2:] in (["on", "both"], ["in", "both"], ["into", "both"]))
        or (words & {"each", "both"} and words & lx.FOOT)
        or len(fifties) >= 2
        or len(p.where(("half",))) >= 2
    )


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
