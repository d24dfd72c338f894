"""The interpretation of a movement: facts from its line and its foot notes, with the instructor's corrections applied."""

from __future__ import annotations

import re
from functools import lru_cache
from typing import Literal, NamedTuple

from kemvo.core.facts import Fact, FactKind
from kemvo.core.language.abbreviations import written_out
from kemvo.core.model.form import Correction, Movement, Readings
from kemvo.core.tables.stances import Named, stance_in
from kemvo.core.types import Side, StanceId

KEPT = 8192
"""How many movements' words are remembered: the same ones come again with every edit."""

FEET: frozenset[FactKind] = frozenset({"step", "lift", "pivot", "kick"})


FactOrigin = Literal["read", "guessed", "hand"]
"""Where a fact comes from: read by rule, guessed from how its words sound, or put right by hand."""


class SaidFact(NamedTuple):
    """A fact with the words it was read from, and where it comes from."""

    fact: Fact
    words: str
    origin: FactOrigin


def line_facts(m: Movement) -> tuple[SaidFact, ...]:
    """The facts that a movement's line was read as, with what was put right by hand in its place."""
    return _corrected(m.line, m.read, m.corrections) if m.read else ()


@lru_cache(maxsize=KEPT)
def _corrected(line: str, read: Readings, corrections: tuple[Correction, ...]) -> tuple[SaidFact, ...]:
    facts = read.line
    fixed: list[Fact] = []
    for c in corrections:
        at = line.find(c.words)
        if at < 0:
            continue
        end = at + len(c.words)
        facts = tuple(f for f in facts if f.start < at or f.end > end)
        fixed += [f.model_copy(update={"start": at + f.start, "end": at + f.end}) for f in c.facts]
    said = [
        *(SaidFact(f, line[f.start : f.end], "guessed" if f.guessed else "read") for f in facts),
        *(SaidFact(f, line[f.start : f.end], "hand") for f in fixed),
    ]
    return tuple(sorted(said, key=lambda s: (s.fact.start, s.fact.end)))


@lru_cache(maxsize=KEPT)
def _acts(line: str, foot: str, read: Readings, corrections: tuple[Correction, ...]) -> tuple[SaidFact, ...]:
    of_line = _corrected(line, read, corrections)
    of_feet = [SaidFact(f, foot[f.start : f.end], "hand") for f in read.foot]
    if not of_feet:
        return of_line
    told = {s.fact.kind for s in of_feet}
    replaced = FEET if told & FEET else frozenset[FactKind]()
    of_feet = [_completed(s, of_line) for s in of_feet]
    kept = [s for s in of_line if s.fact.kind not in replaced | told]
    at = next((i for i, s in enumerate(of_line) if s.fact.kind in replaced), len(kept))
    return (*kept[:at], *of_feet, *kept[at:])


@lru_cache(maxsize=KEPT)
def words_in(text: str) -> frozenset[str]:
    """The words of a text, in lower case, joined ones apart, short forms written out."""
    return frozenset(re.findall(r"[^\W_]+(?:'[^\W_]+)?", written_out(text).lower()))


def _completed(s: SaidFact, of_line: tuple[SaidFact, ...]) -> SaidFact:
    """A fact about a foot with what only the line says of it: its direction, for one."""
    alike = next(
        (o.fact for o in of_line if o.fact.kind == s.fact.kind and o.fact.side in (s.fact.side, None, "both")), None
    )
    if alike is None or s.fact.kind not in FEET:
        return s
    empty = {
        k: v for k in ("direction", "touch", "on", "toes", "angle", "part")
        if getattr(s.fact, k) is None and (v := getattr(alike, k)) is not None
    }  # fmt: skip
    return s._replace(fact=s.fact.model_copy(update=empty)) if empty else s


def said(m: Movement) -> tuple[SaidFact, ...]:
    """What a movement's words say, in order. Words about the feet (`foot`) go before what the line says of them."""
    return _acts(m.line, m.foot, m.read, m.corrections) if m.read else ()


def stance_of(m: Movement) -> Named | None:
    """The stance a movement reaches: as set, else as named in its words."""
    named = stance_in(m.line) or stance_in(m.foot)
    if m.stance is None:
        return named
    chosen: StanceId = m.stance
    return named if named and named.id == chosen else Named(chosen, None)


def foot_side(m: Movement) -> Side | None:
    """The foot that a movement moves, if one is named; None for none."""
    for s in said(m):
        if s.fact.kind in FEET:
            if s.fact.side == "L" or s.fact.side == "R":
                return s.fact.side
            return None if s.fact.side == "both" else m.side
    return None
