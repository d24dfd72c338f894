"""Parts of a movement's line by subject: feet and weight, turning, hands, late details."""

from __future__ import annotations

import re
from functools import lru_cache
from typing import Literal, NamedTuple

from kemvo.core.language.lexicon import HAND
from kemvo.core.model.form import Correction
from kemvo.core.movement.fact_words import in_words
from kemvo.core.movement.interpretation import FEET, line_facts, words_in

PortionKind = Literal["foot", "turn", "hands", "late"]

LATE = re.compile(r"\b(?:last|at the (?:very )?end|finally|to finish|in the end|late)\b", re.IGNORECASE)


class Portion(NamedTuple):
    """A part of a line: what it speaks of, and where in the line it stands."""

    kind: PortionKind
    start: int
    end: int


@lru_cache(maxsize=8192)
def portions(line: str, corrections: tuple[Correction, ...] = ()) -> tuple[Portion, ...]:
    """The parts of a line in order, neighbours of one kind together. A line of one kind is one part."""
    facts = [s.fact for s in line_facts(line, corrections)]
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


@lru_cache(maxsize=8192)
def hands_words(line: str) -> str:
    """What is left of a line without what it says of feet and weight: its clauses in which nothing of that was read."""
    told = [s.fact for s in line_facts(line) if s.fact.kind in FEET or s.fact.kind == "shift"]
    kept = [c for c in line_clauses(line) if not any(f.start < c.end and f.end > c.start for f in told)]
    words = ", ".join(line[c.start : c.end].strip(" ,;.") for c in kept)
    return words[:1].upper() + words[1:]


@lru_cache(maxsize=8192)
def feet_words(line: str, foot: str) -> str:
    """What a movement says of feet, weight and turning, in words."""
    facts = [s.fact for s in line_facts(line) if s.fact.kind in FEET or s.fact.kind in ("shift", "turn")]
    own = [s.fact for s in line_facts(foot) if s.fact.kind in FEET or s.fact.kind in ("shift", "turn")]
    kinds = {f.kind for f in own}
    words = ", ".join(
        in_words(f)
        for f in (*own, *(f for f in facts if f.kind not in kinds and not (kinds & FEET and f.kind in FEET)))
    )
    return words[:1].upper() + words[1:]


def line_clauses(line: str) -> list[Cut]:
    """Where the clauses of a line stand."""
    cuts, start = [], 0
    for m in re.finditer(r"[,;.:]|\b(?:and|while|as|then)\b", line):
        cuts.append(Cut(start, m.start()))
        start = m.end()
    cuts.append(Cut(start, len(line)))
    return [c for c in cuts if line[c.start : c.end].strip()]
