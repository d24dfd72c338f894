"""Parts of a movement's line by subject: feet and weight, turning, hands, late details."""

from __future__ import annotations

import re
from collections.abc import Sequence
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
    """A part of a line: what it speaks of, and where in the line it stands. `slot`: parts of one slot are done together, those
    of the next one after them; `run`, `in_run`: which row of neighbours of one kind it belongs to, and its place there.
    `facts`: what was read in it, placed in the line."""

    kind: PortionKind
    start: int
    end: int
    slot: int = 0
    run: int = 0
    in_run: int = 0
    facts: tuple[Fact, ...] = ()


def portions(m: Movement) -> tuple[Portion, ...]:
    """The parts of a movement's line in order: neighbours of one kind that are done together are one part. A line of one kind
    that is done at once is one part."""
    return _portions(m.line, line_facts(m))


def part_facts(p: Portion) -> tuple[Fact, ...]:
    """The facts of a part, placed in its own words."""
    return tuple(_placed(f, max(0, f.start - p.start), min(f.end, p.end) - p.start) for f in p.facts)


@lru_cache(maxsize=8192)
def _portions(line: str, said: tuple[SaidFact, ...]) -> tuple[Portion, ...]:
    facts = [s.fact for s in said]
    cuts = line_clauses(line)
    kinds = [_kind_of(line, cut, facts) for cut in cuts]
    known = [k for k in kinds if k]
    if not known:
        return (Portion("foot", 0, len(line)),) if line.strip() else ()
    told: list[PortionKind] = []
    for kind in kinds:
        told.append(kind or (told[-1] if told else known[0]))
    out: list[Portion] = []
    for n, (kind, cut) in enumerate(zip(told, cuts, strict=True)):
        before = out[-1] if out else None
        slot = 0 if before is None else before.slot + _after(n, cuts, kinds, told, line, facts)
        if before and before.kind == kind and before.slot == slot:
            out[-1] = before._replace(end=cut.end)
        elif before and before.kind == kind:
            out.append(Portion(kind, cut.start, cut.end, slot, before.run, before.in_run + 1))
        else:
            out.append(Portion(kind, cut.start, cut.end, slot, before.run + 1 if before else 0))
    by_part: list[list[Fact]] = [[] for _ in out]
    for f in facts:
        most = max(range(len(out)), key=lambda k: (min(f.end, out[k].end) - max(f.start, out[k].start), k))
        by_part[most].append(f)
    return tuple(p._replace(facts=tuple(of)) for p, of in zip(out, by_part, strict=True))


def _kind_of(line: str, cut: Cut, facts: Sequence[Fact]) -> PortionKind | None:
    here = {f.kind for f in facts if f.start < cut.end and f.end > cut.start}
    if here & FEET or "shift" in here:
        return "foot"
    if LATE.search(line[cut.start : cut.end]):
        return "late"
    if "turn" in here:
        return "turn"
    return "hands" if words_in(line[cut.start : cut.end]) & HAND else None


TOGETHER = frozenset({"while", "as"})
"""A clause after one of these is done with the one before it."""


def _after(
    n: int, cuts: Sequence[Cut], kinds: Sequence[PortionKind | None], told: Sequence[PortionKind], line: str,
    facts: Sequence[Fact],
) -> bool:  # fmt: skip
    """Whether a clause is done after the one before it, and not with it."""
    lead, kind = cuts[n].lead, kinds[n]
    if (
        SET_DOWN.match(line, cuts[n].start)
        or kind in (None, "late")
        or not any(kinds[:n])
        or lead in TOGETHER
        or (n == 1 and cuts[0].lead in TOGETHER)
    ):
        return False
    before = told[n - 1]
    if kind == "hands" and before in ("foot", "turn"):
        return lead == "then" or bool(THEN.match(line[cuts[n].start :]))
    if lead == "and":
        here = [{f.kind for f in facts if f.start < c.end and f.end > c.start} for c in (cuts[n - 1], cuts[n])]
        return {"turn"} not in here or not any("shift" in kinds and not kinds & FEET for kinds in here)
    return True


SET_DOWN = re.compile(r"\s*(?:the\s+)?(?:heel|toes?|ball)\s+(?:first|down|touch\w*)\b", re.IGNORECASE)
"""How a foot is set down belongs to its step."""

THEN = re.compile(r"\s*(?:then|next|after that)\b", re.IGNORECASE)


def words_of(line: str, start: int, end: int) -> str:
    """A stretch of a line as a sentence of its own."""
    text = line[start:end].strip(" ,;:.")
    return text[:1].upper() + text[1:]


class Cut(NamedTuple):
    """A clause of a line: where it stands, and the word that leads it in ("and", "while", "as", "then"; empty: a mark)."""

    start: int
    end: int
    lead: str = ""


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
    cuts, start, lead = [], 0, ""
    for m in re.finditer(r"[,;.:]|\b(?:and|while|as|then)\b", line, re.IGNORECASE):
        cuts.append(Cut(start, m.start(), lead))
        start = m.end()
        word = m[0].lower() if m[0][0].isalpha() else ""
        lead = word or lead if not line[cuts[-1].start : cuts[-1].end].strip() else word
    cuts.append(Cut(start, len(line), lead))
    return [c for c in cuts if line[c.start : c.end].strip()]
