"""Words that run on, as a recogniser writes them: blocks begin and end anywhere. All words are laid on the words of all calls, and each
call takes the stretch of speech that matches it best."""

from __future__ import annotations

from collections.abc import Sequence
from typing import NamedTuple

import numpy as np
from rapidfuzz import fuzz, process

EXACT, NEAR, NEAR_FROM = 1.0, 0.55, 72.0
"""A word that is the same counts so much, one that sounds and looks alike (from this likeness on) so much less."""
STRAY = -0.15
"""A word that is passed over, on either side, costs so much: stretches stay together."""
LEAST_SHARE = 0.5
"""From this share of a call's words on it was heard."""


class HeardWord(NamedTuple):
    """A word, from when to when (ms)."""

    start_ms: float
    end_ms: float
    word: str


class Stretch(NamedTuple):
    """A stretch of speech that is a call: its number, from when to when (ms), and which share of its words were heard."""

    call: int
    start_ms: int
    end_ms: int
    share: float


def timed_words(blocks: Sequence[tuple[int, int, str]]) -> list[HeardWord]:
    """The words of blocks, each with its share of the block's time by its letters."""
    out: list[HeardWord] = []
    for start, end, text in blocks:
        words = text.split()
        letters = sum(len(w) + 1 for w in words)
        at = float(start)
        for w in words:
            lasts = (end - start) * (len(w) + 1) / letters
            out.append(HeardWord(at, at + lasts, w))
            at += lasts
    return out


def stretches(heard: Sequence[HeardWord], calls: Sequence[str]) -> list[Stretch]:
    """The calls that were heard, in order. `calls`: the words of each, plain."""
    flat = [(n, w) for n, text in enumerate(calls) for w in text.split()]
    if not heard or not flat:
        return []
    spoken = sorted({h.word for h in heard})
    wanted = sorted({w for _, w in flat})
    alike = process.cdist(spoken, wanted, scorer=fuzz.ratio, dtype=np.float32)
    worth = np.where(alike >= 99.9, EXACT, np.where(alike >= NEAR_FROM, NEAR, -1.0))
    row_of, column_of = {w: i for i, w in enumerate(spoken)}, {w: i for i, w in enumerate(wanted)}
    columns = np.array([column_of[w] for _, w in flat])
    pairs = _aligned(worth, np.array([row_of[h.word] for h in heard]), columns)
    found: dict[int, list[tuple[int, int]]] = {}
    for i, j in pairs:
        found.setdefault(flat[j][0], []).append((i, j))
    out = []
    for n, here in sorted(found.items()):
        share = len(here) / max(1, len(calls[n].split()))
        if share >= LEAST_SHARE:
            out.append(Stretch(n, round(heard[here[0][0]].start_ms), round(heard[here[-1][0]].end_ms), min(1.0, share)))
    return out


def _aligned(worth: np.ndarray, rows: np.ndarray, columns: np.ndarray) -> list[tuple[int, int]]:
    """Words in rows laid on words in columns, in order, for the greatest worth; those passed over cost `STRAY`."""
    n, m = len(rows), len(columns)
    steps = np.arange(m + 1) * STRAY
    best = np.zeros((n + 1, m + 1), np.float32)
    best[0] = steps
    for i in range(1, n + 1):
        here = np.empty(m + 1)
        here[0] = best[i - 1, 0] + STRAY
        here[1:] = np.maximum(best[i - 1, 1:] + STRAY, best[i - 1, :-1] + worth[rows[i - 1], columns])
        best[i] = np.maximum.accumulate(here - steps) + steps
    out = []
    i, j = n, m
    while i and j:
        value = best[i, j]
        if abs(value - (best[i - 1, j] + STRAY)) < 1e-4:
            i -= 1
        elif abs(value - (best[i, j - 1] + STRAY)) < 1e-4:
            j -= 1
        else:
            i, j = i - 1, j - 1
            if worth[rows[i], columns[j]] > 0:
                out.append((i, j))
    return out[::-1]
