"""Cue files read back: WebVTT, SubRip, CSV, label lists, the sheet, and the cue sheet as PDF."""

from __future__ import annotations

import re
from collections.abc import Callable, Iterator

import pysubs2

from kemvo.core.errors import KemvoError, Problem
from kemvo.core.practice.cue_import import FileCue
from kemvo.core.types import LONGEST_MS, number_in
from kemvo.formats.csv_text import csv_rows
from kemvo.formats.paper.cue_pdf import attached
from kemvo.formats.text import decoded, stamp_ms, unknown_ending
from kemvo.formats.tracks.timed import is_metadata
from kemvo.formats.webvtt import as_text, read_vtt


def read_cues(data: bytes, name: str) -> list[FileCue]:
    """The lines of a cue file, by its ending, in order of time. Raises KemvoError where there are none."""
    ending = name.rsplit(".", 1)[-1].lower() if "." in name else ""
    reader = READERS.get(ending)
    if reader is None and ending != "pdf":
        raise unknown_ending("takes no cues from", "files", name, "Choose one of", (*READERS, "pdf"))
    if reader is None:
        data, reader = attached(data, name), _read_csv
    text = decoded(data, name)
    found = sorted((c for c in reader(text, name) if c.text.strip()), key=lambda c: c.start_ms)
    if not found:
        raise KemvoError(
            Problem(
                what="There are no cues with times in this file.",
                where=name,
                mend="Choose another file; docs/formats.md shows what is read.",
            )
        )
    return found


def _read_vtt(text: str, name: str) -> Iterator[FileCue]:
    if is_metadata(text) or name.lower().endswith(".chapters.vtt"):
        raise KemvoError(
            Problem(
                what="These are chapters or a metadata track; they hold nothing that is said.",
                where=name,
                mend="Make a form of them with “Bring in a text”, or choose the captions.",
            )
        )
    for b in read_vtt(text):
        yield FileCue(b.start_ms, as_text(b.payload), b.id)


def _read_srt(text: str, name: str) -> Iterator[FileCue]:
    try:
        events = list(pysubs2.SSAFile.from_string(text, "srt"))
    except Exception as error:
        raise KemvoError(
            Problem(
                what=f"These captions cannot be read ({error or type(error).__name__}).",
                where=name,
                mend="Save them again as SubRip.",
            )
        ) from None
    for e in events:
        yield FileCue(max(0, e.start), " ".join(e.plaintext.split()))


def _read_csv(text: str, name: str) -> Iterator[FileCue]:
    rows = csv_rows(text, name)
    heads = {h.strip().lower(): i for i, h in enumerate(next(rows, (0, []))[1]) if h.strip()}
    start = next((h for h in ("start_ms", "start", "time") if h in heads), None)
    words = next((h for h in ("text", "words", "cue", "line") if h in heads), None)
    if start is None or words is None:
        raise KemvoError(
            Problem(
                what="This table has no columns for times and words.",
                where=name,
                mend="Name them “start_ms” (or “start”) and “text” in its first row.",
            )
        )
    for no, row in rows:
        cells = {head: row[i].strip() for head, i in heads.items() if i < len(row)}
        cell, said_ = cells.get(start, ""), " ".join(cells.get(words, "").split())
        if not cell or not said_:
            continue
        ms = _cell_ms(cell, start)
        if ms is None:
            raise KemvoError(
                Problem(
                    what=f"“{cell}” is no time.",
                    where=f"{name}, row {no}",
                    mend="Write milliseconds, seconds, or minutes:seconds.",
                )
            )
        yield FileCue(ms, said_, cells.get("id", ""))


_SHEET = re.compile(r"^ {4}\s*(\d+):([0-5]\d)\.(\d)  (.+?)\s*$")
SHEET_GRAIN_MS = 50
"""The sheet has tenths of a second."""


def _read_txt(text: str, name: str) -> Iterator[FileCue]:
    """A label list, or the sheet that is made to be read from."""
    rows = [_SHEET.match(row) for row in text.splitlines()]
    if "\t" in text or not any(rows):
        yield from _read_labels(text, name)
        return
    for row in rows:
        if row and not row[4].endswith("  (left out)"):
            ms = (int(row[1]) * 60 + int(row[2])) * 1000 + int(row[3]) * 100
            yield FileCue(ms, " ".join(row[4].split()), "", SHEET_GRAIN_MS)


def _read_labels(text: str, name: str) -> Iterator[FileCue]:
    for no, row in enumerate(text.splitlines(), 1):
        if not row.strip():
            continue
        cells = row.split("\t")
        try:
            start = number_in(cells[0])
        except ValueError:
            raise KemvoError(
                Problem(
                    what=f"“{cells[0][:40]}” is no time.",
                    where=f"{name}, line {no}",
                    mend="Every line has start and end in seconds and the words, with tabs between them.",
                )
            ) from None
        if 0 <= start < 86_400 and len(cells) > 2:
            yield FileCue(round(start * 1000), " ".join(" ".join(cells[2:]).split()))


def _cell_ms(cell: str, head: str) -> int | None:
    if re.fullmatch(r"(?:\d+:)?\d{1,3}:\d{2}(?:[.,]\d{1,3})?", cell):
        return stamp_ms(cell if re.search(r"[.,]", cell) else f"{cell}.0")
    try:
        number = number_in(cell)
    except ValueError:
        return None
    ms = number if head.endswith("_ms") else number * 1000
    return round(ms) if 0 <= ms < LONGEST_MS else None


READERS: dict[str, Callable[[str, str], Iterator[FileCue]]] = {
    "vtt": _read_vtt,
    "srt": _read_srt,
    "csv": _read_csv,
    "txt": _read_txt,
}
"""How each ending is read back."""
