"""Parts of a movement's line by subject: feet and weight, turning, hands, late details."""

from __future__ import annotations

import re
from functools import lru_cache
from typing import Literal, NamedTuple

from kemvo.core.facts import Fact
from kemvo.core.language.lexicon import HAND
from kemvo.core.model.form import Movement
from kemvo.core.movement.fact_words import in_words
from kemvo.core.movement.interpretation import FEET, SaidFact, line_facts, words_in

PortionKind = Literal["foot", "turn", "hands", "late"]

LATE = re.compile(r"\b(?:last|at the (?:very )?end|finally|to finish|in the end|late)\b", re.IGNORECASE)


class Portion(NamedTuple):
    """A part of a line: what it speaks of, and where in the line it stands."""

    kind: PortionKind
    start: int
    end: int


def portions(m: Movement) -> tuple[Portion, ...]:
    """The parts of a movement's line in order, neighbours of one kind together. A line of one kind is one part."""
    return _portions(m.line, line_facts(m))


@lru_cache(maxsize=8192)
def _portions(line: str, said: tuple[SaidFact, ...]) -> tuple[Portion, ...]:
    facts = [s.fact for s in said]
    kinds: list[PortionKind | None] = []
    cuts = line_clauses(line)
    for cut in cuts:
        here = {f.kind for f in facts if f.start < cut.end and f.end > cut.start}
        words = words_in(line[cut.start : cut.end])
        if here & FEET or "shift" in here:
            kinds.append("foot")
        elif LATE.search(line[cut.start : cut.end]):
            kinds.append("late")
        elif "turn" in here:
            kinds.append("turn")
        else:
            kinds.append("hands" if words & HAND else None)
    known = [k for k in kinds if k]
    if not known:
        return (Portion("foot", 0, len(line)),) if line.strip() else ()
    told: list[PortionKind] = []
    for kind in kinds:
        told.append(kind or (told[-1] if told else known[0]))
    out: list[Portion] = []
    for kind, cut in zip(told, cuts, strict=True):
        if out and out[-1].kind == kind:
            out[-1] = out[-1]._replace(end=cut.end)
        else:
            out.append(Portion(kind, cut.start, cut.end))
    return tuple(out)


def words_of(line: str, start: int, end: int) -> str:
    """A stretch of a line as a sentence of its own."""
    text = line[start:end].strip(" ,;:.")
    return text[:1].upper() + text[1:]


class Cut(NamedTuple):
    """A stretch of a line."""

    start: int
    end: int


class Words(NamedTuple):
    """Words with the facts in them."""

    text: str
    facts: tuple[Fact, ...]


NOT_HANDS = FEET | {"shift"}


def hands_words(m: Movement) -> Words:
    """What is left of a movement's line without what it says of feet and weight: its clauses in which nothing of that was
    read."""
    facts = [s.fact for s in line_facts(m)]
    told = [f for f in facts if f.kind in NOT_HANDS]
    kept = [c for c in line_clauses(m.line) if not any(f.start < c.end and f.end > c.start for f in told)]
    text, found = "", list[Fact]()
    for c in kept:
        words = m.line[c.start : c.end].strip(" ,;.")
        text += ", " if text else ""
        by = len(text) - (c.start + m.line[c.start : c.end].index(words))
        inside = [f for f in facts if c.start <= f.start and f.end <= c.end]
        text += words
        found += [_placed(f, max(0, f.start + by), min(len(text), f.end + by)) for f in inside]
    return Words(text[:1].upper() + text[1:], tuple(found))


OF_FEET = FEET | {"shift", "turn"}


def feet_words(m: Movement) -> Words:
    """What a movement says of feet, weight and turning, in words."""
    of_line = [s.fact for s in line_facts(m) if s.fact.kind in OF_FEET]
    own = [f for f in (m.read.foot if m.read else ()) if f.kind in OF_FEET]
    kinds = {f.kind for f in own}
    text, found = "", list[Fact]()
    for f in (*own, *(f for f in of_line if f.kind not in kinds and not (kinds & FEET and f.kind in FEET))):
        text += ", " if text else ""
        found.append(_placed(f, len(text), len(text) + len(in_words(f))))
        text += in_words(f)
    return Words(text[:1].upper() + text[1:], tuple(found))


def _placed(f: Fact, start: int, end: int) -> Fact:
    return f.model_copy(update={"start": start, "end": end})


def line_clauses(line: str) -> list[Cut]:
    """Where the clauses of a line stand."""
    cuts, start = [], 0
    for m in re.finditer(r"[,;.:]|\b(?:and|while|as|then)\b", line):
        cuts.append(Cut(start, m.start()))
        start = m.end()
    cuts.append(Cut(start, len(line)))
    return [c for c in cuts if line[c.start : c.end].strip()]
