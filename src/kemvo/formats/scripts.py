"""Texts of instruction, opened: plain text, Markdown, tables, captions, Kemvo's own tracks → entries with times."""

from __future__ import annotations

import re
from collections.abc import Callable, Iterator

from kemvo.core.problem import KemvoError, Problem
from kemvo.core.reading.entries import ScriptEntry
from kemvo.core.reading.running import running
from kemvo.formats.script_captions import caption_entries, has_caption_times
from kemvo.formats.script_table import table_entries
from kemvo.formats.text import decoded, stamp_ms, unknown_ending
from kemvo.formats.timed import chapter_entries, is_metadata, metadata_entries, midi_entries

_CLOCK = r"(?:\d{1,2}:)?\d{1,3}:[0-5]\d(?:[.,]\d{1,3})?"
_TIME = re.compile(rf"^\s*[\[(]?({_CLOCK})(?:\s*(?:-->|[-–—]|to)\s*{_CLOCK})?[\])]?\s*[-–—:]?\s*")
_SENTENCE = re.compile(r"(?<=[.!?])(?<!\b\d\.)(?<!\b\d\d\.)\s+(?=[A-Z“\"'(\d])")
_MARK = re.compile(r"^\s*(?:#{1,6}\s+|[-*+•]\s+|>\s+)")


def script_entries(data: bytes, name: str) -> list[ScriptEntry]:
    """The entries of a file, by its ending. Raises KemvoError for what cannot be read."""
    ending = name.rsplit(".", 1)[-1].lower() if "." in name else "txt"
    reader = READERS.get(ending)
    if reader is None and ending not in BINARY:
        raise unknown_ending("does not read", "texts", name, "Save it as one of", (*READERS, *BINARY))
    if ending in BINARY:
        return BINARY[ending](data, name)
    text = decoded(data, name)
    if "\0" in text:
        raise KemvoError(Problem(what="This file is not text.", where=name, mend="Choose a text file."))
    assert reader
    return list(reader(text, name))


def _plain(text: str, name: str) -> Iterator[ScriptEntry]:
    """Every line; a line of several sentences gives one entry each, a sentence that is wrapped over several lines one. A
    time may stand before a line, or alone above it. Captions may have been pasted or named so."""
    if has_caption_times(text):
        yield from caption_entries(text, name)
        return
    lines = text.splitlines()
    # An empty line ends a sentence, but not where all lines are apart so.
    apart = sum(not line.strip() for line in lines) * 3 >= len(lines)
    new = set() if apart else {no + 1 for no, line in enumerate(lines, 1) if not line.strip()}
    yield from running(list(_of_lines(lines)), new)


def _of_lines(lines: list[str]) -> Iterator[ScriptEntry]:
    waiting: int | None = None
    for no, raw in enumerate(lines, 1):
        time = _TIME.match(raw)
        t_ms = stamp_ms(time[1]) if time else waiting
        line = (raw[time.end() :] if time else raw).strip()
        waiting = t_ms if not line else None
        for sentence in _SENTENCE.split(line):
            if sentence.strip():
                yield ScriptEntry(t_ms, no, sentence.strip())


def _markdown(text: str, name: str) -> Iterator[ScriptEntry]:
    """As plain text, without the marks of lists; headings are known as such."""
    lines = text.splitlines()
    plain = [_MARK.sub("", line).replace("**", "").replace("__", "") for line in lines]
    new = {no for no, line in enumerate(lines, 1) if _MARK.match(line)}
    new |= {no + 1 for no, line in enumerate(lines, 1) if not line.strip()}
    entries = [e._replace(heading=lines[e.line - 1].lstrip().startswith("#")) for e in _of_lines(plain)]
    yield from running(entries, new)


def _vtt(text: str, name: str) -> Iterator[ScriptEntry]:
    """Captions, or one of the tracks that Kemvo writes of a timeline."""
    if is_metadata(text):
        yield from metadata_entries(text, name)
    elif name.lower().endswith(".chapters.vtt"):
        yield from chapter_entries(text, name)
    else:
        yield from caption_entries(text, name)


READERS: dict[str, Callable[[str, str], Iterator[ScriptEntry]]] = {
    "txt": _plain,
    "text": _plain,
    "md": _markdown,
    "markdown": _markdown,
    "csv": table_entries,
    "tsv": table_entries,
    "srt": caption_entries,
    "vtt": _vtt,
}
"""How each ending is opened. To read another kind of text, add a row."""

BINARY: dict[str, Callable[[bytes, str], list[ScriptEntry]]] = {"mid": midi_entries, "midi": midi_entries}
"""The same for files that are no text."""
