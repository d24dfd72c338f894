"""What is called out over a form, in order: each posture's name, each movement's words. Words with times (captions, words that
were heard) are laid on it by exact sequence alignment: missing, extra, repeated and misheard calls are allowed.
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from itertools import pairwise
from statistics import median
from typing import NamedTuple

import numpy as np
from rapidfuzz import fuzz, process

from kemvo.core.language.ordinary_words import spoken
from kemvo.core.language.sides import mirror_text, side_words
from kemvo.core.recording.model import Mark, Source
from kemvo.core.recording.performed import Keyed
from kemvo.core.recording.running_words import stretches, timed_words

ALIKE = 60.0
"""From this likeness on (0 to 100) words can be a call; half of it is what two strange lines have in common (own choice)."""

WRONG_SIDE = 25.0
"""A call that says the other side is so much less alike."""


class TimedText(NamedTuple):
    """Words from when to when, in milliseconds."""

    start_ms: int
    end_ms: int
    text: str


class Call(NamedTuple):
    """A call that could be heard: the number of the place it belongs to, the words in which it may be said, and how much it
    is worth to find it."""

    place: int
    texts: tuple[str, ...]


def calls_of(done: Sequence[Keyed], mirrored: bool = False) -> list[Call]:
    """All that could be called, in order: at a posture its name (with its side, its number, its first movement's words after it), then
    each movement's words. `mirrored`: what is heard is for the other side."""
    out: list[Call] = []

    def turn(text: str, k: Keyed) -> str:
        return mirror_text(text, k.place.round.front) if mirrored else text

    for i, k in enumerate(done):
        p, m = k.place.performance, k.place.movement
        if k.place.kind != "movement" or p is None or m is None:
            continue
        if k.place.movement_no == 0 and p.posture.name:
            names = [p.posture.title(), p.posture.name, *p.posture.aliases]
            full = [f"{p.posture.title()} {m.line}"] if m.line else []
            out.append(Call(i, tuple(turn(_plain(t), k) for t in [*names, *full] if t)))
        own = [m.cues.full, m.cues.short, m.line]
        texts = tuple(dict.fromkeys(turn(_plain(t), k) for t in own if t))
        if texts:
            out.append(Call(i, texts))
    return out


def _plain(text: str) -> str:
    return " ".join(re.findall(r"[^\W_]+(?:['’][^\W_]+)?", spoken(text).casefold()))


def aligned(worth: np.ndarray) -> list[tuple[int, int]]:
    """Texts (rows) laid on calls (columns) in order so that the worth of the pairs is greatest in sum: an exact alignment
    (dynamic programming over all texts and calls). Texts and calls that find none stay alone."""
    n, m = worth.shape
    best = np.zeros((n + 1, m + 1))
    for i in range(1, n + 1):
        # A cell is the greatest of what is above, what is left, and what is matched: along a row, a running maximum.
        best[i, 1:] = np.maximum.accumulate(np.maximum(best[i - 1, 1:], best[i - 1, :-1] + worth[i - 1]))
    out: list[tuple[int, int]] = []
    i, j = n, m
    while i and j:
        if best[i, j] == best[i - 1, j]:
            i -= 1
        elif best[i, j] == best[i, j - 1]:
            j -= 1
        else:
            i, j = i - 1, j - 1
            out.append((i, j))
    return out[::-1]


def likeness(texts: Sequence[str], calls: Sequence[Call]) -> np.ndarray:
    """How alike every text is to every call (0 to 100): by words whatever their order, less where another side is said."""
    flat = [(j, t) for j, c in enumerate(calls) for t in c.texts]
    names = list(dict.fromkeys(t for _, t in flat))
    where = {t: k for k, t in enumerate(names)}
    by_word = process.cdist(texts, names, scorer=fuzz.token_sort_ratio, dtype=np.float32)
    in_order = process.cdist(texts, names, scorer=fuzz.ratio, dtype=np.float32)
    alike = np.maximum(by_word, in_order)
    sides_of = [_sides(t) for t in texts]
    wanted = [_sides(t) for t in names]
    other = np.array([[bool(a and b and not a & b) for b in wanted] for a in sides_of])
    alike = alike - WRONG_SIDE * other
    out = np.zeros((len(texts), len(calls)))
    for j, t in flat:
        out[:, j] = np.maximum(out[:, j], alike[:, where[t]])
    return out


def _sides(text: str) -> frozenset[str]:
    return frozenset(w.side for w in side_words(text))


class Heard(NamedTuple):
    """What became of words with times: marks, how many of the texts found their call, and where in a call its movement begins
    (0: as the call begins, 1: as it ends)."""

    marks: list[Mark]
    found: int
    texts: int
    anchor: float


def marks_from(
    texts: Sequence[TimedText], done: Sequence[Keyed], source: Source = "captions", mirrored: bool = False
) -> Heard:
    """Marks from words with times. Whether a call's beginning or its end is the moment is learned from the recording itself: the
    steadier of the two against the plan."""
    texts = sorted(texts)
    calls = calls_of(done, mirrored)
    if not texts or not calls:
        return Heard([], 0, len(texts), 1.0)
    alike = likeness([_plain(t.text) for t in texts], calls)
    expected = _by_plan(texts, calls, done)
    pairs: list[tuple[int, int]] = []
    for _ in range(ROUNDS):
        pairs = _first_of_place(aligned(_worth(alike, texts, expected)), calls)
        if not pairs:
            running = _running(texts, calls)
            return _marks(running, done, source, [t for t, _, _ in running])
        expected = _by_pairs(pairs, texts, calls, done)
    running = _running(texts, calls)
    if len(running) > MORE * len(pairs):
        return _marks(running, done, source, [t for t, _, _ in running])
    whole = [(texts[i], calls[j].place, (float(alike[i, j]) - ALIKE) / (100 - ALIKE)) for i, j in pairs]
    return _marks(whole, done, source, texts)


MORE = 1.15
"""Captions are read as running words where that finds so many times as many calls."""


def _running(texts: Sequence[TimedText], calls: Sequence[Call]) -> list[tuple[TimedText, int, float]]:
    """Calls found in words that run on over the blocks, one for each place."""
    heard = timed_words([(t.start_ms, t.end_ms, _plain(t.text)) for t in texts])
    first: dict[int, tuple[TimedText, int, float]] = {}
    for found in stretches(heard, [c.texts[0] for c in calls]):
        call = calls[found.call]
        first.setdefault(call.place, (TimedText(found.start_ms, found.end_ms, call.texts[0]), call.place, found.share))
    return list(first.values())


def _marks(
    found: Sequence[tuple[TimedText, int, float]], done: Sequence[Keyed], source: Source, texts: Sequence[TimedText]
) -> Heard:
    """Marks from calls that were found: what was heard, its place, how surely."""
    said, places = [t for t, _, _ in found], [place for _, place, _ in found]
    anchor = _anchor(said, places, done, texts)
    marks = []
    for t, place, sure in found:
        at = round(t.start_ms + anchor * (t.end_ms - t.start_ms + LEAD_MS))
        marks.append(
            Mark(place=done[place].key, at_ms=max(0, at), source=source, sure=round(min(0.95, max(0.3, sure)), 2))
        )
    return Heard(marks, len(found), len(texts), anchor)


ROUNDS = 3
"""The alignment is made so often: each time with the times that the one before makes likely."""

IN_TIME = 12.0
"""A call that comes when it is expected is worth so much more (of 100)."""

OUT_OF_TIME_MS = 8000
"""At this distance from when it is expected a call loses more than half of that (ms)."""


def _worth(alike: np.ndarray, texts: Sequence[TimedText], expected: np.ndarray) -> np.ndarray:
    off = np.abs(np.array([[t.start_ms] for t in texts]) - expected[None, :])
    return np.where(alike > ALIKE, alike - ALIKE + IN_TIME / (1 + off / OUT_OF_TIME_MS), -1.0)


def _reach(done: Sequence[Keyed]) -> np.ndarray:
    return np.cumsum([0, *(k.plan_ms for k in done)])


def _by_plan(texts: Sequence[TimedText], calls: Sequence[Call], done: Sequence[Keyed]) -> np.ndarray:
    """When every call is expected if the plan fills the time from the first to the last of the texts."""
    at = _reach(done)[[c.place for c in calls]].astype(float)
    whole = float(at[-1] - at[0]) or 1.0
    return np.asarray(texts[0].start_ms + (at - at[0]) / whole * (texts[-1].start_ms - texts[0].start_ms))


def _by_pairs(
    pairs: Sequence[tuple[int, int]], texts: Sequence[TimedText], calls: Sequence[Call], done: Sequence[Keyed]
) -> np.ndarray:
    """When every call is expected after what was found: along the plan between neighbours that were found."""
    reach = _reach(done)
    at = reach[[c.place for c in calls]].astype(float)
    known = np.array([at[j] for _, j in pairs])
    times = np.array([float(texts[i].start_ms) for i, _ in pairs])
    if len(pairs) < 2:
        return np.asarray(times[0] + at - known[0])
    pace = (times[-1] - times[0]) / max(1.0, known[-1] - known[0])
    before, after = times[0] + pace * (at - known[0]), times[-1] + pace * (at - known[-1])
    inside = np.interp(at, known, times)
    return np.asarray(np.where(at < known[0], before, np.where(at > known[-1], after, inside)))


def _first_of_place(pairs: Sequence[tuple[int, int]], calls: Sequence[Call]) -> list[tuple[int, int]]:
    """Of calls for one place (a name, then its first movement) the first."""
    first: dict[int, tuple[int, int]] = {}
    for i, j in pairs:
        first.setdefault(calls[j].place, (i, j))
    return list(first.values())


LEAD_MS = 150
"""A call that comes before its movement ends about so long before it (own choice)."""

FULL = 0.9
"""Captions that stand for this share of the time between their beginnings are shown until the next one."""


def _anchor(
    said: Sequence[TimedText], places: Sequence[int], done: Sequence[Keyed], texts: Sequence[TimedText]
) -> float:
    """Whether calls begin (0) or end (1) with their movement."""
    if len(said) < 2:
        return 1.0
    gaps = [(b.start_ms - a.start_ms, a.end_ms - a.start_ms) for a, b in pairwise(texts)]
    standing = [length / gap for gap, length in gaps if gap > 0]
    if standing and median(standing) >= FULL:
        return 0.0
    plan = np.diff(_reach(done)[np.array(places)]).astype(float)

    def unsteady(at: Sequence[int]) -> float:
        lasted = np.diff(np.array(at)).astype(float)
        ok = (plan > 0) & (lasted > 0)
        if ok.sum() < 5:
            return 1.0
        pace = lasted[ok] / plan[ok]
        return float(np.median(np.abs(lasted[ok] - np.median(pace) * plan[ok])))

    begin, end = unsteady([t.start_ms for t in said]), unsteady([t.end_ms for t in said])
    return 0.0 if begin < STEADIER * end else 1.0


STEADIER = 0.7
"""Calls come before their movement, as they are meant to, unless their beginnings keep time so much better."""
