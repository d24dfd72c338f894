"""Captions opened as a text of instruction: SubRip and WebVTT, as people write them and as recognisers do.

A recogniser's captions often roll: each block repeats what the one before showed and adds a line, words carry times of
their own inside, and sounds stand in brackets.
"""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence
from itertools import pairwise
from typing import NamedTuple

import pysubs2

from kemvo.core.errors import KemvoError, Problem
from kemvo.core.reading.tokens import without_sounds
from kemvo.core.recording.calls import TimedText
from kemvo.core.text_import.whole_text.entries import ScriptEntry
from kemvo.formats.texts.tidy import without_speaker
from kemvo.formats.webvtt import as_text, without_tags

LONG_SILENCE_MS = 3000
"""After a silence of this length a caption begins a new sentence (own choice)."""

TOUCHING_MS = 60
"""Blocks that roll follow each other within this time, or overlap (own choice)."""

ROLLING = 0.5
"""From this share of blocks that repeat the end of the one before them on, captions roll (own choice)."""

_TIMES = re.compile(r"^\s*(?:\d+:)?\d{1,2}:\d{2}[.,]\d{1,3}\s*-->", re.MULTILINE)
_CHANGE_OF_SPEAKER = re.compile(r"^(?:>>+|[-–—])\s*")


def has_caption_times(text: str) -> bool:
    """Whether a text is made of captions, whatever its ending says."""
    return bool(_TIMES.search(text))


class _Block(NamedTuple):
    start: int
    end: int
    lines: tuple[str, ...]


def caption_entries(text: str, name: str) -> Iterator[ScriptEntry]:
    """Every caption block with what it adds. Blocks flow into each other unless one ends a sentence or a long silence
    follows. Raises KemvoError for what is no captions."""
    rows = [_shown(row) for row in text.splitlines()]
    blocks = _unrolled(_blocks(text, name))
    no = 0
    for block, after in pairwise([*blocks, None]):
        assert block
        words = _CHANGE_OF_SPEAKER.sub("", " ".join(block.lines))
        no = next((k for k in range(no, len(rows)) if block.lines[0] in rows[k]), no)
        flows = after is not None and words[-1:] not in (".", "!", "?") and after.start - block.end < LONG_SILENCE_MS
        if words:
            yield ScriptEntry(block.start, no + 1, words, flows, until_ms=block.end)
        no += 1


def timed_texts(text: str, name: str) -> list[TimedText]:
    """The caption blocks with what each adds, from when to when. Raises KemvoError for what is no captions."""
    return [
        TimedText(b.start, b.end, _CHANGE_OF_SPEAKER.sub("", " ".join(b.lines))) for b in _unrolled(_blocks(text, name))
    ]


def _blocks(text: str, name: str) -> list[_Block]:
    """The blocks that show something."""
    kind = "vtt" if text.lstrip("\ufeff").lstrip().startswith("WEBVTT") else "srt"
    try:
        # Times inside a block would be taken for a block's own.
        events = list(pysubs2.SSAFile.from_string(without_tags(text), kind))
    except Exception as error:
        raise KemvoError(
            Problem(
                what=f"These captions cannot be read ({error or type(error).__name__}).",
                where=name,
                mend="Save them again as SubRip or WebVTT.",
            )
        ) from None
    shown = [(e, tuple(line for row in e.plaintext.splitlines() if (line := _shown(row)))) for e in events]
    blocks = _without_speaker([_Block(e.start, e.end, lines) for e, lines in shown if lines])
    if text.strip() and not blocks and "-->" not in text and not text.lstrip().startswith("WEBVTT"):
        raise KemvoError(
            Problem(what="There are no captions in this file.", where=name, mend="Choose a SubRip or WebVTT file.")
        )
    return blocks


def _shown(row: str) -> str:
    """The words of a line, without tags and without what only sounds."""
    return " ".join(without_sounds(as_text(row)).split())


def _without_speaker(blocks: Sequence[_Block]) -> list[_Block]:
    """The blocks without the name of the one who speaks nearly all of them."""
    firsts = without_speaker([_CHANGE_OF_SPEAKER.sub("", b.lines[0]) for b in blocks])
    return [b._replace(lines=(first, *b.lines[1:])) for b, first in zip(blocks, firsts, strict=True)]


def _unrolled(blocks: Sequence[_Block]) -> list[_Block]:
    """The blocks with only what each adds to the one before it, where captions roll."""
    repeats = [_repeated(a, b) for a, b in pairwise(blocks)]
    adding = any(0 < n < len(b.lines) or _grows(a, b) for (a, b), n in zip(pairwise(blocks), repeats, strict=True))
    if not adding or sum(n > 0 for n in repeats) < ROLLING * len(repeats):
        return list(blocks)
    out = list(blocks[:1])
    for (a, b), n in zip(pairwise(blocks), repeats, strict=True):
        lines = b.lines[n:]
        if _grows(a, b):
            lines = (" ".join(b.lines)[len(" ".join(a.lines)) :].strip(),)
        if lines:
            out.append(b._replace(lines=lines))
        else:
            out[-1] = out[-1]._replace(end=max(out[-1].end, b.end))
    return out


def _repeated(a: _Block, b: _Block) -> int:
    """How many of a block's lines the one before it ended with (all of them, if it only grows)."""
    if b.start - a.end > TOUCHING_MS:
        return 0
    if _grows(a, b):
        return len(b.lines)
    return next((n for n in range(min(len(a.lines), len(b.lines)), 0, -1) if a.lines[-n:] == b.lines[:n]), 0)


def _grows(a: _Block, b: _Block) -> bool:
    """Whether a block is the one before it with more words in its last line."""
    before, now = " ".join(a.lines), " ".join(b.lines)
    return len(a.lines) == len(b.lines) and now.startswith(before + " ")
