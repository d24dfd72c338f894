"""A whole text read: its entries (sentences, lines, caption blocks), each with its time and its facts."""

from __future__ import annotations

from collections.abc import Sequence
from itertools import pairwise
from typing import Any, NamedTuple

from kemvo.core.facts import Fact, as_plain
from kemvo.core.reading.posture_names import NameIndex
from kemvo.core.reading.reader import read_with_clauses
from kemvo.core.text_import.whole_text.entries import ScriptEntry
from kemvo.core.text_import.whole_text.line_joining import cut_at_sentences, line_goes_on


class ReadEntry(NamedTuple):
    """An entry with the facts read from it, and where clauses begin in it; both count within its text."""

    entry: ScriptEntry
    facts: list[Fact]
    clauses: Sequence[int] = ()


def read_script(entries: Sequence[ScriptEntry], names: NameIndex | None = None) -> list[ReadEntry]:
    """Read all entries, in order. Entries that flow into each other are read as one text, and a fact belongs to
    the entry in which it begins."""
    out: list[ReadEntry] = []
    cut = cut_at_sentences(entries)
    at = 0
    while at < len(entries):
        end = at + 1
        while end < len(entries) and entries[end - 1].flows:
            end += 1
        out += _read_together(entries[at:end], names, cut)
        at = end
    return _kicks_told(out)


def _kicks_told(read: list[ReadEntry]) -> list[ReadEntry]:
    """Where most entries tell movements, "kick with the right heel" does too: it is a kick, and no posture's name.
    A number before it, or a heading, says that it is a name all the same."""
    told = [r for r in read if r.facts]
    names = sum(any(f.kind == "posture" for f in r.facts) for r in told)
    if names > MOSTLY_NAMES * len(told):
        return read
    return [r._replace(facts=_without_kick_names(r)) for r in read]


def _without_kick_names(r: ReadEntry) -> list[Fact]:
    if r.entry.heading or r.entry.given or r.entry.text.lstrip()[:1].isdigit():
        return r.facts
    kicks = [f for f in r.facts if f.kind == "kick"]
    return [f for f in r.facts if f.kind != "posture" or not any(k.start < f.end and f.start < k.end for k in kicks)]


MOSTLY_NAMES = 0.4
"""From this share of entries that name a posture on, a text is a list of names (own choice)."""


def _read_together(entries: Sequence[ScriptEntry], names: NameIndex | None, cut: bool) -> list[ReadEntry]:
    text = entries[0].text
    for before, e in pairwise(entries):
        text += ("\n" if cut and not line_goes_on(before.text, e.text) else " ") + e.text
    out = []
    begins = 0
    facts, clauses = read_with_clauses(text, names)
    for e in entries:
        ends = begins + len(e.text)
        mine = [f for f in facts if begins <= f.start <= ends and f.start < max(ends, begins + 1)]
        starts = [c - begins for c in clauses if begins <= c < ends]
        out.append(ReadEntry(e, [within(f, begins, len(e.text)) for f in mine], starts))
        begins = ends + 1
    return out


def within(fact: Fact, begins: int, length: int) -> Fact:
    """A fact as it stands in a piece of its text: from `begins` on, and so long."""
    return fact.model_copy(update={"start": max(0, fact.start - begins), "end": max(0, min(fact.end - begins, length))})


def moved(fact: Fact, by: int) -> Fact:
    """A fact so many letters further on."""
    return fact.model_copy(update={"start": max(0, fact.start + by), "end": max(0, fact.end + by)}) if by else fact


def as_plain_entry(read: ReadEntry) -> dict[str, Any]:
    """An entry as plain data: time, line, text, facts."""
    return {
        "t_ms": read.entry.t_ms,
        "line": read.entry.line,
        "text": read.entry.text,
        "facts": [as_plain(f) for f in read.facts],
    }
