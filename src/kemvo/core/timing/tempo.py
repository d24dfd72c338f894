"""Tempo along a pass: a base tempo, other paces for stretches, gradual change; integrated exactly.

Within a gradual stretch the tempo goes evenly from one value to another *with the counts*: v(c) = v0 + (v1 - v0)·c/C.
A count lasts 60 000 / v(c) ms, so a stretch from count a to b lasts 60 000·C/(v1 - v0)·ln(v(b)/v(a)) ms.
"""

from __future__ import annotations

from collections.abc import Sequence
from fractions import Fraction
from math import log
from typing import NamedTuple


class Stretch(NamedTuple):
    """Movements [first, last) of a pass with a pace of their own: from `tempo` to `to` counts a minute (the same: even
    pace)."""

    first: int
    last: int
    tempo: float
    to: float


def length_ms(counts: float, tempo: float, to: float, begins: float, whole: float) -> float:
    """How long `counts` counts last, beginning `begins` counts into a stretch of `whole` counts over which the tempo
    goes from `tempo` to `to`, in milliseconds."""
    if abs(to - tempo) < 1e-9 * tempo:
        return 60_000 * counts / tempo
    slope = (to - tempo) / whole
    a, b = tempo + slope * begins, tempo + slope * (begins + counts)
    return 60_000 / slope * log(b / a)


def lengths(counts: Sequence[float], base: float, stretches: Sequence[Stretch]) -> list[Fraction]:
    """The exact length of every movement in milliseconds (to a billionth where the tempo changes gradually). Where
    stretches overlap, the later one in the list counts."""
    ms_per_count = Fraction(60_000) / Fraction(base)
    out = [Fraction(c) * ms_per_count for c in counts]
    for s in stretches:
        first, last = max(0, s.first), min(len(counts), s.last)
        whole = sum(counts[first:last])
        begun = 0.0
        for i in range(first, last):
            if s.to == s.tempo:
                out[i] = Fraction(counts[i]) * Fraction(60_000) / Fraction(s.tempo)
            else:
                out[i] = Fraction(length_ms(counts[i], s.tempo, s.to, begun, whole)).limit_denominator(10**9)
            begun += counts[i]
    return out


def tempo_for(counts: float, ms: float) -> float:
    """The even tempo at which so many counts last so long, in counts a minute."""
    return 60_000 * counts / ms
