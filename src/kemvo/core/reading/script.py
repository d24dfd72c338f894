"""A whole text read: its entries (sentences, lines, caption blocks), each with its time and its facts."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Any, NamedTuple

from kemvo.core.reading.facts import Fact, as_plain
from kemvo.core.reading.names import NameIndex
from kemvo.core.reading.read import read_line


class ScriptEntry(NamedTuple):
    """A piece of a text. `t_ms`: its time in milliseconds, None if it has none; `line`: where it begins in the
    file, counted from 1; `flows`: the sentence may go on into the next piece, as in captions; `heading`: the text marks
    it as one."""

    t_ms: int | None
    line: int
    text: str
    flows: bool = False
    heading: bool = False


class ReadEntry(NamedTuple):
    """An entry with the facts read from it; spans count within its text."""

    entry: ScriptEntry
    facts: list[Fact]


def read_script(entries: Sequence[ScriptEntry], names: NameIndex | None = None) -> list[ReadEntry]:
    """Read all entries, in order. Entries that flow into each other are read as one text, and a fact belongs to
    the entry in which it begins."""
    out: list[ReadEntry] = []
    at = 0
    while at < len(entries):
        end = at + 1
        while end < len(entries) and entries[end - 1].flows:
            end += 1
        out += _read_together(entries[at:end], names)
        at = end
    return out


def _read_together(entries: Sequence[ScriptEntry], names: NameIndex | None) -> list[ReadEntry]:
    text = " ".join(e.text for e in entries)
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
