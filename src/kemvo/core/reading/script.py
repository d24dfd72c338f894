"""A whole text read: its entries (sentences, lines, caption blocks), each with its time and its facts."""

from __future__ import annotations

import re
from collections.abc import Sequence
from itertools import pairwise
from typing import Any, Literal, NamedTuple

from kemvo.core.reading import lexicon as lx
from kemvo.core.reading.facts import Fact, as_plain
from kemvo.core.reading.names import NameIndex
from kemvo.core.reading.quantities import COUNTED
from kemvo.core.reading.read import read_line
from kemvo.core.values import Breath


class Given(NamedTuple):
    """What an entry is known to be, where its file says so and nothing is to be guessed: a section, a posture, or a
    movement. `counts`, `hold_ms`, `left_pct` and `breath` as a movement has them; None where the file has none."""

    kind: Literal["section", "posture", "movement"]
    counts: float | None = None
    hold_ms: int = 0
    left_pct: int | None = None
    breath: Breath | None = None


class ScriptEntry(NamedTuple):
    """A piece of a text. `t_ms`: its time in milliseconds, None if it has none; `line`: where it begins in the
    file, counted from 1; `flows`: the sentence may go on into the next piece, as in captions; `heading`: the text marks
    it as one; `given`: what it is, where the file says so."""

    t_ms: int | None
    line: int
    text: str
    flows: bool = False
    heading: bool = False
    given: Given | None = None


class ReadEntry(NamedTuple):
    """An entry with the facts read from it; spans count within its text."""

    entry: ScriptEntry
    facts: list[Fact]


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

SELDOM = 0.25
"""Up to this share of captions that end within a sentence, captions count as cut at its end (own choice)."""


def cut_at_sentences(entries: Sequence[ScriptEntry]) -> bool:
    """Whether captions without punctuation are cut where a sentence ends, as a person cuts them, and not anywhere, as a
    recogniser does."""
    flowing = [goes_on(a.text, b.text) for a, b in pairwise(entries) if a.flows]
    return bool(flowing) and sum(flowing) <= SELDOM * len(flowing)


def goes_on(before: str, after: str) -> bool:
    """Whether a caption goes on into the next within one sentence: it ends where no sentence ends, or the next begins as
    none begins. Captions are cut anywhere, but seldom without a reason."""
    last = re.findall(r"[a-z'’]+|\d+", before.lower())[-1:] or [""]
    first = re.findall(r"[a-z'’]+|\d+|%", after.lower())[:1] or [""]
    if before.rstrip().endswith((",", "-", "–")):
        return True
    number = last[0] in lx.NUMBERS or last[0].isdigit()
    return (
        last[0] in lx.UNENDING
        or first[0] in UNBEGINNING
        or (last[0] in ("left", "right", "front", "back", "other", "both") and first[0] in lx.FOOT | lx.HAND | {"side"})
        or (number and first[0] in COUNTED | set(lx.NUMBERS))
    )


UNBEGINNING = frozenset(
    "foot feet leg legs heel heels toe toes knee knees percent % degrees of to into onto and then until or but counts"
    " seconds onto beside behind past towards toward than which".split()
)


def _read_together(entries: Sequence[ScriptEntry], names: NameIndex | None, cut: bool) -> list[ReadEntry]:
    text = entries[0].text
    for before, e in pairwise(entries):
        text += ("\n" if cut and not goes_on(before.text, e.text) else " ") + e.text
    out = []
    begins = 0
    facts = read_line(text, names)
    for e in entries:
        ends = begins + len(e.text)
        mine = [f for f in facts if begins <= f.start <= ends and f.start < max(ends, begins + 1)]
        out.append(ReadEntry(e, [_within(f, begins, len(e.text)) for f in mine]))
        begins = ends + 1
    return out


def _within(fact: Fact, begins: int, length: int) -> Fact:
    return fact.model_copy(update={"start": fact.start - begins, "end": min(fact.end - begins, length)})


def as_plain_entry(read: ReadEntry) -> dict[str, Any]:
    """An entry as plain data: time, line, text, facts."""
    return {
        "t_ms": read.entry.t_ms,
        "line": read.entry.line,
        "text": read.entry.text,
        "facts": [as_plain(f) for f in read.facts],
    }
