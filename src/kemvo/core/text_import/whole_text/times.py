"""The times of a text as counts: how long there is until the next words, and before the first."""

from __future__ import annotations

from collections.abc import Sequence

from kemvo.core.movement.interpretation import words_in
from kemvo.core.text_import.one_line.labels import unnumbered
from kemvo.core.text_import.one_line.posture_lines import NAME_SHARE
from kemvo.core.text_import.whole_text.headings import BODY, COMMANDS
from kemvo.core.text_import.whole_text.script import ReadEntry
from kemvo.core.types import DEFAULT_TEMPO, LEAST_COUNTS, MOST_COUNTS

LONGEST_LEAD_MS = 30 * 60_000


def lead_ms(read: Sequence[ReadEntry]) -> int:
    """The time before the first words, where they have one; a track that Kemvo wrote has the still time of its session there."""
    first = next((r.entry for r in read if r.entry.t_ms is not None), None)
    return min(LONGEST_LEAD_MS, first.t_ms or 0) if first and not first.given else 0


def time_counts(read: Sequence[ReadEntry], i: int, movements: int) -> float:
    """The counts of the movements of an entry: its share of the time until the next one, where there are times, which all entries of
    one time have together; else four each."""
    timed = timed_counts(read, i)
    return 4.0 * movements if timed is None else min(MOST_COUNTS, max(LEAST_COUNTS, timed))


def timed_counts(read: Sequence[ReadEntry], i: int) -> float | None:
    """The counts of an entry by its time, None where there are no times. What only names a posture takes none of the time of the words beside it."""
    here = read[i].entry.t_ms
    if here is None:
        return None
    first = last = i
    while first and read[first - 1].entry.t_ms == here:
        first -= 1
    while last + 1 < len(read) and read[last + 1].entry.t_ms == here:
        last += 1
    times = (read[k].entry.t_ms for k in range(last + 1, len(read)))
    after = next((t for t in times if t is not None and t != here), None)
    if after is None:
        after = read[-1].entry.until_ms
    if after is None or after < here:
        return None
    alike = sum(not _only_names(r) for r in read[first : last + 1]) or last - first + 1
    return round((after - here) / alike * DEFAULT_TEMPO / 60_000, 3)


def instructs(text: str) -> bool:
    """Whether a sentence tells what to do with the body, whatever name it sounds like: "Raise the hands slowly.", "Stand still." """
    first = text.split()[0].lower().strip(",:") if text.split() else ""
    return (
        text.rstrip().endswith(".") and first in COMMANDS and (first == "stand" or not words_in(text).isdisjoint(BODY))
    )


def _only_names(r: ReadEntry) -> bool:
    named = sum(f.end - f.start for f in r.facts if f.kind == "posture")
    only = all(f.kind in ("posture", "counts") for f in r.facts)
    return only and named >= NAME_SHARE * len(r.entry.text) and not instructs(unnumbered(r.entry.text))
