"""Weight brought to both legs: even, in the middle, at the centre."""

from __future__ import annotations

from kemvo.core.language import lexicon as lx
from kemvo.core.reading.actions.weight_onward import GO
from kemvo.core.reading.clause import Memory, Piece
from kemvo.core.reading.quantities import number_at

EVEN = frozenset(
    "share shares split divide divides divided equalise equalises equalize equalizes equalised equalized distribute distributed balanced shared centred centered even evenly equal equally centre center central middle fifty-fifty between".split()
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
