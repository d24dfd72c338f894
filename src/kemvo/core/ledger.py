"""Totals: counts, time, breaths, weight shifts and time on each leg, of any stretch of a timeline."""

from __future__ import annotations

from collections.abc import Callable, Hashable, Iterable

from kemvo.core.breath import breath_starts
from kemvo.core.timeline import Span
from kemvo.core.values import Value
from kemvo.core.weight import leg_time, shifts


class Totals(Value):
    """What a stretch of practice amounts to. Times in milliseconds; `left_ms` and `right_ms` are the
    times in which that leg carries more than half; with `even_ms` they add up to `ms`."""

    counts: float = 0.0
    ms: int = 0
    movements: int = 0
    breaths: int = 0
    shifts: int = 0
    left_ms: int = 0
    right_ms: int = 0
    even_ms: int = 0


def totals(spans: Iterable[Span]) -> Totals:
    """The totals of spans that follow each other."""
    return next(iter(totals_by(list(spans), lambda _: 0).values()), Totals())


def totals_by(spans: Iterable[Span], key: Callable[[Span], Hashable]) -> dict[Hashable, Totals]:
    """The totals of spans that follow each other, grouped by `key` (posture, section, pass).

    A shift belongs to the movement that makes it, so that the groups' shifts add up to the whole's; a
    breath that runs on from one group into the next is counted where it begins.
    """
    spans = list(spans)
    moved = shifts([*(s.left_from for s in spans[:1]), *(s.left_to for s in spans)])
    breathed = breath_starts([(s.breath, s.leg.no) for s in spans])
    sums: dict[Hashable, list[float]] = {}
    for s, shift, breath in zip(spans, moved, breathed, strict=True):
        row = sums.setdefault(key(s), [0.0] * 8)
        ms = s.end_ms - s.start_ms
        legs = leg_time(s.left_from, s.left_to, ms)
        is_movement = s.kind == "movement"
        row[0] += s.movement.counts if is_movement and s.movement else 0
        row[1] += ms
        row[2] += is_movement
        row[3] += breath
        row[4] += shift and s.kind != "pause"
        row[5] += legs.left
        row[6] += legs.right
        row[7] += legs.even
    return {k: _row(v) for k, v in sums.items()}


def _row(v: list[float]) -> Totals:
    ms, movements, breaths, moved, left, right, even = (int(x) for x in v[1:])
    return Totals(
        counts=round(v[0], 6),
        ms=ms,
        movements=movements,
        breaths=breaths,
        shifts=moved,
        left_ms=left,
        right_ms=right,
        even_ms=even,
    )
