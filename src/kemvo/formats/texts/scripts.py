"""Texts of instruction, opened: plain text, Markdown, tables, captions, Kemvo's own tracks → entries with times."""

from __future__ import annotations

import re
from collections.abc import Callable, Iterator, Sequence

from kemvo.core.errors import KemvoError, Problem
from kemvo.core.text_import.whole_text.entries import Given, ScriptEntry
from kemvo.core.text_import.whole_text.line_joining import running
from kemvo.formats.text import CLOCK, decoded, stamp_ms, unknown_ending, unquoted
from kemvo.formats.texts.script_captions import caption_entries, has_caption_times
from kemvo.formats.texts.script_table import is_records, is_table, record_entries, row_entries, table_entries
from kemvo.formats.texts.tidy import FEWEST_IN_A_ROW, tidied
from kemvo.formats.tracks.timed import chapter_entries, is_metadata, metadata_entries, midi_entries

_TIME = re.compile(rf"^\s*[\[(]?({CLOCK})(?:\s*(?:-->|[-–—]|to)\s*{CLOCK})?[\])]?\s*[-–—:]?\s*")
_SENTENCE = re.compile(r"(?<=[.!?])(?<!\b\d\.)(?<!\b\d\d\.)(?<!\b\d\d\d\.)\s+(?=[A-Z“\"'(\d])")
_LABEL = re.compile(r"(?:[IVXL]{1,6}|[A-Z]\d{0,2}|(?:Section|Part|Chapter|Set|Group)\s+[A-Z])\.\s+(?=\S)")
_BULLET = re.compile(r"^\s*(?:[-*+•–]\s+)?")
_HEADING = re.compile(r"^\s*(?:(#{1,6})\s|()(?:\*\*|__)[^*_]+(?:\*\*|__):?\s*$)")
_ROW = re.compile(r"^\s*\|(.*)\|\s*$")
_ITEM = re.compile(r"^\s*[-*+•]\s+")
_ARROW = re.compile(r"\s*(?:→|⇒|➔|➜|▸|»|->|=>)\s*")
"""What stands between the items of a list in one line: "Commencing → Press → Push"."""
_EMPHASIS = re.compile(r"(?<![\w*_])([*_])(?=[^\s*_])([^*_]*[^\s*_])\1(?![\w*_])")
_MARK = re.compile(r"^\s*(?:#{1,6}\s+|[-*+•]\s+(?:\[[ xX]?\]\s+)?|>\s+)")


def script_entries(data: bytes, name: str) -> list[ScriptEntry]:
    """The entries of a file, by its ending. Raises KemvoError for what cannot be read."""
    ending = name.rsplit(".", 1)[-1].lower() if "." in name else "txt"
    reader = READERS.get(ending)
    if reader is None and ending not in BINARY:
        raise unknown_ending("does not read", "texts", name, "Save it as one of", (*READERS, *BINARY))
    if ending in BINARY:
        return BINARY[ending](data, name)
    text = decoded(data, name)
    assert reader
    timed = ending in TIMED or has_caption_times(text)
    _check_size(text, name, MOST_CAPTION_LINES if timed else MOST_LINES)
    entries = list(reader(unquoted(text), name))
    if len(entries) > MOST_LINES:
        raise _too_long(f"has more than {MOST_LINES:,} lines", name)
    return entries


MOST_LINES, MOST_CAPTION_LINES = 5_000, 40_000
"""The most lines of a text, and of captions, which take several for one."""
LONGEST_LINE = 5_000
TIMED = frozenset({"srt", "vtt"})


def _check_size(text: str, name: str, most: int) -> None:
    lines = [(no, line) for no, line in enumerate(text.splitlines(), 1) if line.strip()]
    if len(lines) > most:
        raise _too_long(f"has {len(lines):,} lines; Kemvo reads {most:,} at once", name)
    long = next((no for no, line in lines if len(line) > LONGEST_LINE), None)
    if long is not None:
        where = ", ".join(x for x in (name, f"line {long}") if x)
        raise KemvoError(
            Problem(
                what=f"This line is longer than {LONGEST_LINE:,} letters.",
                where=where,
                mend="Begin a new line for every movement, or at least for every sentence.",
            )
        )


def _too_long(what: str, name: str) -> KemvoError:
    return KemvoError(Problem(what=f"This text {what}.", where=name, mend="Bring it in in parts."))


def _plain(text: str, name: str) -> Iterator[ScriptEntry]:
    """Every line; a line of several sentences gives one entry each, a sentence that is wrapped over several lines one. A
    time may stand before a line, or alone above it. Captions, a table or Markdown may have been pasted or named so."""
    text = text if has_caption_times(text) else tidied(text)
    other = next((reader for is_so, reader in PASTED if is_so(text)), None)
    if other:
        yield from other(text, name)
        return
    lines = text.splitlines()
    # An empty line ends a sentence, but not where all lines are apart so.
    apart = sum(not line.strip() for line in lines) * 3 >= len(lines)
    new = set() if apart else _after_empty(lines)
    levels = _capitals(lines) | _title(lines)
    yield from running([e._replace(heading=levels.get(e.line, 0)) for e in _of_lines(lines, lines)], new)


def _of_lines(lines: Sequence[str], words: Sequence[str]) -> Iterator[ScriptEntry]:
    """The sentences of lines. `words`: what each of them says, without marks."""
    waiting: int | None = None
    last: ScriptEntry | None = None
    for no, (raw, said) in enumerate(zip(lines, words, strict=True), 1):
        time = _TIME.match(said)
        t_ms = stamp_ms(time[1]) if time else waiting
        line = (said[time.end() :] if time else said).strip()
        waiting = t_ms if not line else None
        indent = len(raw.expandtabs(4)) - len(_BULLET.sub("", raw.expandtabs(4)))
        arrows = _ARROW.split(line)
        listed = len(arrows) >= FEWEST_IN_A_ROW and all(re.search(r"[^\W\d_]{3}", part) for part in arrows)
        for sentence in arrows if listed else _sentences(line):
            if sentence.strip():
                if last:
                    yield last
                item = raw is not said and bool(_ITEM.match(raw)) and not _ITEM.match(said)
                given = Given("posture", listed=True) if listed else None
                last = ScriptEntry(t_ms, no, sentence.strip(), indent=indent, item=item, given=given)
    if last:
        # A time at the very end is when the last words end.
        yield last._replace(until_ms=waiting)


def _sentences(line: str) -> list[str]:
    """The sentences of a line; its label belongs to the first."""
    label = _LABEL.match(line)
    begin = label.end() if label else 0
    first, *others = _SENTENCE.split(line[begin:])
    return [line[:begin] + first, *others]


def _after_empty(lines: Sequence[str]) -> set[int]:
    return {no + 1 for no, line in enumerate(lines, 1) if not line.strip()}


def _title(lines: Sequence[str]) -> dict[int, int]:
    """The line that stands alone at the top as a title does, with its level."""
    no = next((no for no, line in enumerate(lines, 1) if line.strip()), 0)
    text = lines[no - 1].strip() if no else ""
    # "The long crossing (25 to 32 of 64)": the brackets are no part of its length.
    words = re.sub(r"\s*\([^()]*\)$", "", text).split()
    alone = no < len(lines) and not lines[no].strip() and len([x for x in lines[no:] if x.strip()]) > 1
    named = bool(words) and text[0].isupper() and len(words) <= TITLE_WORDS and words[-1][-1].isalnum()
    return {no: 1} if alone and named and words[0].lower() not in PARTS and not _TIME.match(text) else {}


def _capitals(lines: Sequence[str]) -> dict[int, int]:
    """Lines all in capitals, where most are not: headings, with their level."""
    full = [no for no, line in enumerate(lines, 1) if len(re.findall(r"[^\W\d_]", line)) > 3 and line.isupper()]
    few = len(full) <= MOSTLY_CAPITALS * sum(bool(line.strip()) for line in lines)
    return dict.fromkeys(full, CAPITALS_LEVEL) if few else {}


PARTS = ("part", "section", "chapter")
TITLE_WORDS = 6
"""A title has at most so many words (own choice)."""
MOSTLY_CAPITALS = 0.4
"""From this share of lines in capitals on, capitals say nothing (own choice)."""
BOLD_LEVEL = 7
"""A line that is all bold is a heading, below all that are marked…"""
CAPITALS_LEVEL = 8
"""…and so is one in capitals."""


def _markdown(text: str, name: str) -> Iterator[ScriptEntry]:
    """As plain text, without the marks of lists; headings and tables are known as such."""
    lines = tidied(text).splitlines()
    plain = [
        "" if _ROW.match(line) else _EMPHASIS.sub(r"\2", _MARK.sub("", line).replace("**", "").replace("__", ""))
        for line in lines
    ]
    levels = {no: len(h[1]) if h[1] else BOLD_LEVEL for no, line in enumerate(lines, 1) if (h := _HEADING.match(line))}
    levels = _capitals(plain) | _title([p or line for p, line in zip(plain, lines, strict=True)]) | levels
    new = {no for no, line in enumerate(lines, 1) if _MARK.match(line)} | _after_empty(lines)
    entries = [e._replace(heading=levels.get(e.line, 0)) for e in _of_lines(lines, plain)]
    yield from sorted([*running(entries, new), *_tables(lines)], key=lambda e: e.line)


def _tables(lines: Sequence[str]) -> Iterator[ScriptEntry]:
    rows: list[tuple[int, list[str]]] = []
    for no, line in enumerate([*lines, ""], 1):
        found = _ROW.match(line)
        if found and not re.fullmatch(r"[\s|:-]*", line):
            rows.append((no, [cell.replace("**", "") for cell in found[1].split("|")]))
        elif not found and rows:
            yield from row_entries(rows)
            rows = []


def _vtt(text: str, name: str) -> Iterator[ScriptEntry]:
    """Captions, or one of the tracks that Kemvo writes of a timeline."""
    if is_metadata(text):
        yield from metadata_entries(text, name)
    elif name.lower().endswith(".chapters.vtt"):
        yield from chapter_entries(text, name)
    else:
        yield from caption_entries(text, name)


def _is_markdown(text: str) -> bool:
    return any(_HEADING.match(line) or _ROW.match(line) for line in text.splitlines())


PASTED: tuple[tuple[Callable[[str], bool], Callable[[str, str], Iterator[ScriptEntry]]], ...] = (
    (has_caption_times, caption_entries),
    (is_table, table_entries),
    (is_records, record_entries),
    (_is_markdown, _markdown),
)
"""What a plain text may be instead, and how it is then opened."""

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
"""Readers of files that are no text, by their ending."""
