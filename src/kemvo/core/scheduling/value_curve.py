"""Non-decreasing step functions on an integer time grid: the value reached by then. And the free stretches between blocked
times."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Sequence
from typing import NamedTuple

import numpy as np
import numpy.typing as npt

Ints = npt.NDArray[np.int64]
Interval = tuple[int, int]

NEVER = -(1 << 60)
"""The value of what cannot be."""

DENSE = 4096
"""Longer tables are kept as the points at which they bend."""


class Front(NamedTuple):
    """A function that never falls, on whole steps from `base` on: its values, or (`at` given) those where it bends."""

    base: int
    values: Ints
    at: Ints | None = None

    def value(self, t: int) -> int:
        """Its value at t; beyond its end the last one."""
        if self.at is None:
            return self.values.item(min(t - self.base, len(self.values) - 1))
        k = int(self.at.searchsorted(t - self.base, "right")) - 1
        if k >= len(self.at) - 1:
            return int(self.values[-1])
        a, b = int(self.at[k]), int(self.at[k + 1])
        va, vb = int(self.values[k]), int(self.values[k + 1])
        return va + (vb - va) // (b - a) * (t - self.base - a)

    def first(self, value: int) -> int:
        """The first place at which it is so much."""
        k = int(self.values.searchsorted(value, "left"))
        if self.at is None or k == 0:
            return self.base + (k if self.at is None else 0)
        a, b = int(self.at[k - 1]), int(self.at[k])
        va, vb = int(self.values[k - 1]), int(self.values[k])
        slope = (vb - va) // (b - a)
        return self.base + a + -(-(value - va) // slope)

    def packed(self) -> Front:
        """This curve kept by the ends of its straight stretches, where it is long."""
        if len(self.values) <= DENSE:
            return self
        rises = np.diff(self.values)
        bends = np.flatnonzero(rises[1:] != rises[:-1]) + 1
        at = np.concatenate(([0], bends, [len(self.values) - 1]))
        return Front(self.base, self.values[at], at)


def lift(out: Ints, front: Front, start: int, worth: int, fresh: bool, scratch: Ints) -> None:
    """Raise `out` to what a wording brings that begins at `start` and every step after it. `fresh`: there is nothing in
    `out` yet. `scratch`: room to work in, at least as long."""
    at = start - front.base
    n = max(0, min(len(front.values) - at, len(out)))
    if fresh:
        np.add(front.values[at : at + n], worth, out=out[:n])
        out[n:] = front.values[-1] + worth
        return
    if n:
        head = out[:n]
        np.maximum(head, np.add(front.values[at : at + n], worth, out=scratch[:n]), out=head)
    if n < len(out):
        rest = out[n:]
        np.maximum(rest, front.values[-1] + worth, out=rest)


def clear(first: int, last: int, ms: int, walls: Sequence[Interval]) -> Iterator[Interval]:
    """The starts from first to last at which nothing blocked is touched."""
    at = first
    for a, b in walls:
        if b <= at:
            continue
        if a - ms >= last:
            break
        if a - ms >= at:
            yield at, min(a - ms, last)
        at = max(at, b)
    if at <= last:
        yield at, last


def merged(blocked: Iterable[Interval]) -> list[Interval]:
    """Stretches that overlap or touch made one, in order; empty ones left away."""
    out: list[Interval] = []
    for start, end in sorted(b for b in blocked if b[1] > b[0]):
        if out and start <= out[-1][1]:
            out[-1] = (out[-1][0], max(end, out[-1][1]))
        else:
            out.append((start, end))
    return out
