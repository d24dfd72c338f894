"""Totals: counts, time, breaths, weight shifts and time on each leg, of any stretch of a timeline."""

from __future__ import annotations

from collections.abc import Callable, Hashable, Iterable, Sequence
from typing import TypeVar

from kemvo.core.timing.breath_curve import breath_starts
from kemvo.core.timing.score import STILL
from kemvo.core.timing.timeline import Span
from kemvo.core.timing.weight_curve import leg_time, shifts
from kemvo.core.types import Value


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


Key = Callable[[Span], Hashable]


def totals(spans: Iterable[Span]) -> Totals:
    """The totals of spans that follow each other."""
    (whole,) = totals_by(spans, lambda _: 0)
    return whole.get(0, Totals())


def totals_by(spans: Iterable[Span], *keys: Key) -> tuple[dict[Hashable, Totals], ...]:
    """The totals of spans that follow each other, grouped by each of the keys (posture, section, pass).

    A shift belongs to the movement that makes it, so that the groups' shifts add up to the whole's; a
    breath that runs on from one group into the next is counted where it begins.
    """
    spans = list(spans)
    moved = shifts([*(s.left_from for s in spans[:1]), *(s.left_to for s in spans)])
    breathed = breath_starts([(s.breath, s.round.no) for s in spans])
    # Summed for each combination of keys first: there are far fewer of those than spans.
    finest: dict[tuple[Hashable, ...], list[float]] = {}
    for s, shift, breath in zip(spans, moved, breathed, strict=True):
        ms = s.end_ms - s.start_ms
        of = tuple([key(s) for key in keys])
        row = finest.get(of)
        if row is None:
            row = finest[of] = [0.0] * 8
        if s.kind == "movement":
            row[0] += s.movement.counts if s.movement else 0
            row[2] += 1
        left, right, even = leg_time(s.left_from, s.left_to, ms)
        row[1] += ms
        row[3] += breath
        row[4] += shift and s.kind not in STILL
        row[5] += left
        row[6] += right
        row[7] += even
    sums: list[dict[Hashable, list[float]]] = [{} for _ in keys]
    for names, part in finest.items():
        for groups, name in zip(sums, names, strict=True):
            _add(groups, name, part)
    return tuple({k: _row(v) for k, v in groups.items()} for groups in sums)


K = TypeVar("K", bound=Hashable)


def _add(groups: dict[K, list[float]], name: K, row: Sequence[float]) -> None:
    before = groups.get(name)
    if before is None:
        groups[name] = list(row)
        return
    for i, value in enumerate(row):
        before[i] += value


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
