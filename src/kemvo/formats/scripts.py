"""Texts of instruction, opened: plain text, Markdown, CSV, SubRip, WebVTT → entries with times."""

from __future__ import annotations

import csv
import io
import re
from collections.abc import Callable, Iterator

import pysubs2

from kemvo.core.problem import KemvoError, Problem
from kemvo.core.reading.script import ScriptEntry
from kemvo.formats.text import decoded, unknown_ending
from kemvo.formats.timed import chapter_entries, is_metadata, metadata_entries, midi_entries

_TIME = re.compile(r"^\s*[\[(]?(?:(\d{1,2}):)?(\d{1,3}):([0-5]\d)(?:[.,](\d{1,3}))?[\])]?\s*[-–—:]?\s*")
_SENTENCE = re.compile(r"(?<=[.!?])(?<!\b\d\.)(?<!\b\d\d\.)\s+(?=[A-Z“\"'(\d])")
_MARKDOWN = re.compile(r"^\s*(?:#{1,6}\s+|[-*+]\s+|>\s+)?")
TEXT_COLUMNS = ("text", "line", "words", "instruction", "movement", "cue", "description", "posture", "name")
TIME_COLUMNS = ("t_ms", "start_ms", "start", "time", "at")


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
    """Every line; a line of several sentences gives one entry each. A time may stand before it."""
    for no, raw in enumerate(text.splitlines(), 1):
        time = _TIME.match(raw)
        t_ms = _ms(time) if time else None
        line = raw[time.end() :] if time else raw
        for sentence in _SENTENCE.split(line.strip()):
            if sentence.strip():
                yield ScriptEntry(t_ms, no, sentence.strip())


def _markdown(text: str, name: str) -> Iterator[ScriptEntry]:
    """As plain text, without the marks of lists; headings are known as such."""
    lines = text.splitlines()
    plain = "\n".join(_MARKDOWN.sub("", line).replace("**", "").replace("__", "") for line in lines)
    for entry in _plain(plain, name):
        yield entry._replace(heading=lines[entry.line - 1].lstrip().startswith("#"))


def _csv(text: str, name: str) -> Iterator[ScriptEntry]:
    """Every row: the column with the words, and the one with the time if there is one. Without a heading, the
    longest column has the words."""
    try:
        dialect = csv.Sniffer().sniff(text[:4000], delimiters=",;\t")
    except csv.Error:
        dialect = csv.excel
    reader = csv.reader(io.StringIO(text, newline=""), dialect)
    rows = [(reader.line_num, row) for row in reader if any(cell.strip() for cell in row)]
    if not rows:
        return
    heads = [cell.strip().lower() for cell in rows[0][1]]
    words = next((heads.index(c) for c in TEXT_COLUMNS if c in heads), None)
    time = next((heads.index(c) for c in TIME_COLUMNS if c in heads), None)
    body = rows if words is None else rows[1:]
    if words is None:
        width = max(len(row) for _, row in body)
        words = max(range(width), key=lambda i: sum(len(row[i]) for _, row in body if i < len(row)))
    for no, row in body:
        if words < len(row) and row[words].strip():
            at = row[time].strip() if time is not None and time < len(row) else ""
            yield ScriptEntry(_csv_ms(at, heads[time] if time is not None else ""), no, row[words].strip())


def _csv_ms(cell: str, head: str) -> int | None:
    time = _TIME.match(cell)
    if time:
        return _ms(time)
    try:
        number = float(cell)
    except ValueError:
        return None
    return round(number) if head.endswith("_ms") else round(number * 1000)


def _captions(text: str, name: str) -> Iterator[ScriptEntry]:
    """Every caption block. Blocks flow into each other unless one ends a sentence or a long silence follows."""
    try:
        blocks = [e for e in pysubs2.SSAFile.from_string(text, name.rsplit(".", 1)[-1].lower()) if e.plaintext.strip()]
    except Exception as error:
        raise KemvoError(
            Problem(
                what=f"These captions cannot be read ({error or type(error).__name__}).",
                where=name,
                mend="Save them again as SubRip or WebVTT.",
            )
        ) from None
    if text.strip() and not blocks and "-->" not in text and not text.lstrip().startswith("WEBVTT"):
        raise KemvoError(
            Problem(what="There are no captions in this file.", where=name, mend="Choose a SubRip or WebVTT file.")
        )
    lines = text.splitlines()
    no = 0
    for i, block in enumerate(blocks):
        words = " ".join(block.plaintext.split())
        first = block.plaintext.strip().splitlines()[0].strip()
        no = next((k for k in range(no, len(lines)) if first[:12] in lines[k] and "-->" not in lines[k]), no)
        after = blocks[i + 1] if i + 1 < len(blocks) else None
        flows = after is not None and words[-1] not in ".!?" and after.start - block.end < LONG_SILENCE_MS
        yield ScriptEntry(block.start, no + 1, words, flows)
        no += 1


def _vtt(text: str, name: str) -> Iterator[ScriptEntry]:
    """Captions, or one of the tracks that Kemvo writes of a timeline."""
    if is_metadata(text):
        yield from metadata_entries(text, name)
    elif name.lower().endswith(".chapters.vtt"):
        yield from chapter_entries(text, name)
    else:
        yield from _captions(text, name)


LONG_SILENCE_MS = 3000
"""After a silence of this length a caption begins a new sentence (own choice)."""


def _ms(time: re.Match[str]) -> int:
    hours, minutes, seconds, part = time.groups()
    return ((int(hours or 0) * 60 + int(minutes)) * 60 + int(seconds)) * 1000 + int((part or "0").ljust(3, "0"))


READERS: dict[str, Callable[[str, str], Iterator[ScriptEntry]]] = {
    "txt": _plain,
    "text": _plain,
    "md": _markdown,
    "markdown": _markdown,
    "csv": _csv,
    "tsv": _csv,
    "srt": _captions,
    "vtt": _vtt,
}
"""How each ending is opened. To read another kind of text, add a row."""

BINARY: dict[str, Callable[[bytes, str], list[ScriptEntry]]] = {"mid": midi_entries, "midi": midi_entries}
"""The same for files that are no text."""
