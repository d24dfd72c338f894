"""Splits a sentence that describes several movements: a movement has one weight and one breath."""

from __future__ import annotations

import re
from collections.abc import Sequence
from itertools import pairwise
from typing import NamedTuple

from kemvo.core.facts import Fact

_END = re.compile(r"[.;:!?–—]\s+")
_COMMA = re.compile(r",\s+")
_JOINS = re.compile(r"\s+(?=(?:and|then|now|so|as|while|before|until|but|next|from)\b)", re.IGNORECASE)
"""Where a sentence may be cut, the best place first."""

OF_FEET = frozenset({"step", "lift", "pivot", "kick"})


class DraftMovement(NamedTuple):
    """The words of one movement, and the facts read from them."""

    text: str
    facts: list[Fact]


def told_apart(text: str, facts: Sequence[Fact]) -> list[DraftMovement]:
    """The movements a sentence tells, in order. All its words are kept: joined by blanks they are the sentence again.

    `facts`: what was read from it, in order. A second shift to another place begins a movement, and so does a second
    breath; the step that goes before such a shift goes with it, if a step went before the first one too.
    """
    firsts = _first_facts(text, facts)
    cuts = [0, *(c for a in firsts if (c := _cut(text, facts[a - 1], facts[a])) is not None), len(text)]
    out = []
    taken = 0
    for begin, end in pairwise(cuts):
        words = text[begin:end].strip()
        if words:
            here = [f for f in facts[taken:] if f.start < end]
            taken += len(here)
            out.append(DraftMovement(words, here))
    return out


def _first_facts(text: str, facts: Sequence[Fact]) -> list[int]:
    """With which facts a new movement begins."""
    out: list[int] = []
    begin = 0
    shift = breath = None  # where this movement tells them
    for i, f in enumerate(facts):
        if f.kind == "breath":
            again, new = breath is not None and facts[breath].direction != f.direction, i
            breath = i
        elif f.kind == "shift":
            again, new = shift is not None and not _same(facts[shift], f, text), i
            if again and shift is not None and _steps(facts[begin:shift]) and _steps(facts[shift + 1 : i]):
                new = shift + 1
            shift = i
        else:
            continue
        if again and new > begin:
            out.append(new)
            begin = new
            shift = i if f.kind == "shift" else None
            breath = next((k for k in range(new, i + 1) if facts[k].kind == "breath"), None)
    return out


def _same(a: Fact, b: Fact, text: str) -> bool:
    """Whether a second shift only says more of the first: how much it is ("into the left leg, all of it"), or, as "weight 70 %
    left" does, where the weight then is."""
    if a.side is None:
        return b.side is not None and text[b.start : b.end].lower().startswith("weight")
    return a.side == b.side and (None in (a.share, b.share) or a.share == b.share)


def _steps(facts: Sequence[Fact]) -> bool:
    return any(f.kind in OF_FEET for f in facts)


def _cut(text: str, before: Fact, after: Fact) -> int | None:
    """Where the words between two facts part; None where they do not (one lies within the other)."""
    if before.end > after.start:
        return None
    for mark in (_END, _COMMA, _JOINS):
        found = list(mark.finditer(text, before.end, after.start + 1))
        if found:
            return found[-1].end()
    return None if text[: after.start].rstrip().endswith("/") else after.start
