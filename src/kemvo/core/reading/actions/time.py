"""Holds and counts that a clause names."""

from __future__ import annotations

from kemvo.core.facts import Fact
from kemvo.core.language import lexicon as lx
from kemvo.core.reading.clause import Piece
from kemvo.core.reading.quantities import duration, number_at

HOVER = frozenset({"hover", "hovers"})
HOLD_TAILS = frozenset({"", "and", "here", "there", "still", "position", "posture", "a", "moment", "for"})
THE = frozenset("this the that your".split())
SHAPES = frozenset("stance posture position pose shape".split())

HANGING = frozenset({"hang", "hangs"})
""" "Let it hang there" is no hold; "hang on there for two breaths" is one."""


THEY = frozenset("they we i he she you who".split())
""" "They held this for ten minutes": told of another time."""


def time(p: Piece) -> list[Fact]:
    """A hold, with its time if one is said, or a number of counts for the movement."""
    said = duration(p.tokens, p.first, p.last)
    held = [i for i in p.where(lx.HOLD) if not (p.w(i) == "held" and p.w(i - 1) in THEY)]
    held = held or (p.where(("keep", "keeps")) if p.words() & SHAPES and "for" in p.words() else [])
    if said:
        ms, counts, a, b = said
        held = held or (p.where(lx.STAND) if ms is not None else p.where(HOVER))
        if held and held[0] < a:
            return [p.fact("hold", (held[0], b - 1), ms=ms, counts=counts)]
        return [p.fact("counts", (a, b - 1), counts=counts)] if counts is not None else []
    there = p.verb_in(lx.STAND) and p.w(p.verb + 1) in ("here", "there") and "for" in p.words()
    held = held or (p.where(lx.STAND) if there or p.words() & {"breath", "breaths"} else [])
    if held and p.words() - {"and", "then", "now"} == {"hold"}:
        return [p.fact("hold", held)]
    for i in held:
        at = next((k for k in p.where(("for",)) if k == i + 1 or (k > i and p.w(k - 1) == "still")), p.last)
        counted = number_at(p.tokens, at + 1, p.last) if at < p.last else None
        if (
            (p.w(i + 1) == "for" or i == p.verb)
            and "for" in p.words()
            and (p.words() & {"breath", "breaths"} or counted)
        ):
            return [p.fact("hold", (i, i + 1))]
        counted = number_at(p.tokens, i + 1, p.last)
        if counted and (counted[1] == p.last or p.w(counted[1]) in ("breath", "breaths")):
            return [p.fact("hold", (i, counted[1] - 1))]  # "hold 3", "hold two breaths"
        at = i + 1 + (p.w(i + 1) == "right" and p.side(i + 1) is None)
        if p.w(i) in HANGING:
            continue
        here = p.w(i + 1) == "for" and not {"moment", "second", "breath", "bit"}.isdisjoint((p.w(i + 2), p.w(i + 3)))
        here = here or (p.w(at) in ("here", "there", "it", "still", "this", "that") and p.w(at + 1) in HOLD_TAILS)
        here = here or (i == p.verb and p.w(i + 1) in THE and p.w(i + 2) in SHAPES)
        here = here or (i == p.verb and p.w(i + 1) == "in" and p.w(i + 2) in THE and p.w(i + 3) in SHAPES)
        if here or (p.w(i) in ("pause", "pauses") and p.w(i + 1) in ("", "a", "for", "briefly")):
            return [p.fact("hold", (i, i + 1) if here else (i,))]
    return []
