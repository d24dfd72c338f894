"""The clock of a recording: when each place of what was done begins and ends, in milliseconds of the recording.

Piecewise linear through all marks. Between two marks the places share the time in the plan's proportions; pauses, turns
and unplanned stops are elastic: they take the slack, and the movements beside them keep the pace that was measured
nearest to them. Before the first and after the last mark the same pace goes on, compressed to stay inside. Without any
mark: the plan's proportions between the form's beginning and end.
"""

from __future__ import annotations

from bisect import bisect_left
from collections.abc import Sequence
from fractions import Fraction
from itertools import pairwise
from math import floor, sqrt
from typing import NamedTuple

from kemvo.core.recording.model import Mark
from kemvo.core.recording.performed import Keyed
from kemvo.core.timing.score import STILL

HAND_SURE = 1000.0
"""A mark set by hand counts more than any number of others."""


class Element(NamedTuple):
    """A stretch of what was done: a place (its number), or an unplanned stop, the time before or after (place -1)."""

    place: int
    plan_ms: int
    elastic: bool


class Knot(NamedTuple):
    """A boundary between elements whose time is known. `weight`: how far it is to be trusted."""

    at: int
    ms: int
    weight: float
    mark: int = -1


class Clock(NamedTuple):
    """The elements in order with their times (one more boundary than elements), and what the marks were good for: `unused`:
    marks (by number) that contradict surer ones, `unknown`: marks of places that are not there (any more)."""

    elements: tuple[Element, ...]
    times: tuple[int, ...]
    knots: tuple[int, ...]
    unused: tuple[int, ...]
    unknown: tuple[int, ...]

    def starts(self) -> dict[int, int]:
        """When each place begins (ms), by its number."""
        return {e.place: t for e, t in zip(self.elements, self.times, strict=False) if e.place >= 0}

    def ends(self) -> dict[int, int]:
        """When each place ends (ms), by its number."""
        return {e.place: t for e, t in zip(self.elements, self.times[1:], strict=True) if e.place >= 0}

    def within_ms(self) -> dict[int, int]:
        """How near the start of each place is guessed, in milliseconds either way (one standard deviation), by its
        number: nothing at a mark, most in the middle between two."""
        reach = [0.0]
        for e in self.elements:
            reach.append(reach[-1] + (e.plan_ms if not e.elastic else e.plan_ms + STOP_RISK_MS))
        out = {}
        for i, e in enumerate(self.elements):
            if e.place < 0:
                continue
            after = bisect_left(self.knots, i)
            a = reach[i] - reach[self.knots[after - 1]] if after else None
            b = reach[self.knots[after]] - reach[i] if after < len(self.knots) else None
            out[e.place] = round(WAVER * sqrt(max(0.0, _bridge(a, b))))
        return out


WAVER = 11.0
"""How far a pace wanders: milliseconds for the root of a millisecond (own choice: 0.85 s after six seconds, 2.7 s after a
minute)."""

STOP_RISK_MS = 4000
"""A pause may last so much longer or shorter than planned."""


def _bridge(a: float | None, b: float | None) -> float:
    if a is None or b is None:
        return a if b is None and a is not None else b if b is not None else 0.0
    return a * b / (a + b) if a + b else 0.0


def clock_of(
    done: Sequence[Keyed], marks: Sequence[Mark], total_ms: int, begins_ms: int | None = None, ends_ms: int | None = None
) -> Clock:  # fmt: skip
    """The clock of what was done, in a recording of `total_ms`. `begins_ms`, `ends_ms`: where the first movement begins and the
    last one ends, if that is known."""
    numbers = {k.key: i for i, k in enumerate(done)}
    ended = {numbers[m.place] for m in marks if m.edge == "end" and m.place in numbers}
    elements = _elements(done, ended)
    where = {e.place: i for i, e in enumerate(elements) if e.place >= 0}
    moving = [i for i, e in enumerate(elements) if e.place >= 0 and not e.elastic]
    last = len(elements)

    found: list[Knot] = []
    for n, m in enumerate(marks):
        if m.place in numbers:
            i = where[numbers[m.place]]
            weight = HAND_SURE if m.hand else max(0.01, m.sure)
            found.append(Knot(i if m.edge == "start" else i + 1, min(m.at_ms, total_ms), weight, n))
    fixed: list[Knot] = [Knot(0, 0, HAND_SURE**2), Knot(last, total_ms, HAND_SURE**2)]
    if begins_ms is not None and moving:
        fixed.append(Knot(moving[0], min(begins_ms, total_ms), HAND_SURE))
    if ends_ms is not None and moving:
        fixed.append(Knot(moving[-1] + 1, min(ends_ms, total_ms), HAND_SURE))
    if not found:
        # Without marks the plan fills what there is: nothing comes before it, nothing after.
        if begins_ms is None:
            fixed.append(Knot(1, 0, HAND_SURE))
        if ends_ms is None:
            fixed.append(Knot(last - 1, total_ms, HAND_SURE))
    knots = _trusted([*fixed, *found])
    kept = {(k.at, k.ms) for k in knots}
    unused = tuple(k.mark for k in found if (k.at, k.ms) not in kept)
    unknown = tuple(n for n, m in enumerate(marks) if m.place not in numbers)
    times = _times(elements, knots, bool(found))
    known = sorted({k.at for k in knots if k.mark >= 0 or (0 < k.at < last and k.weight == HAND_SURE)})
    return Clock(tuple(elements), tuple(times), tuple(known), unused, unknown)


def _elements(done: Sequence[Keyed], ended: set[int]) -> list[Element]:
    out = [Element(-1, 0, elastic=True)]
    for i, k in enumerate(done):
        out.append(Element(i, k.plan_ms, k.place.kind in STILL))
        if i in ended:
            out.append(Element(-1, 0, elastic=True))
    return [*out, Element(-1, 0, elastic=True)]


def _trusted(found: Sequence[Knot]) -> list[Knot]:
    """Of knots those that agree: at most one a boundary, times that never go back, together of the greatest weight."""
    best: dict[int, Knot] = {}
    for k in found:
        if k.at not in best or k.weight > best[k.at].weight:
            best[k.at] = k
    knots = [best[at] for at in sorted(best)]
    # The heaviest non-decreasing chain: by times in order, the best weight so far kept in a tree of prefix maxima.
    order = {ms: i for i, ms in enumerate(sorted({k.ms for k in knots}), 1)}
    tree: list[tuple[float, int]] = [(0.0, -1)] * (len(order) + 1)
    before: list[int] = []
    ends = (0.0, -1)
    for n, k in enumerate(knots):
        at, top = order[k.ms], (0.0, -1)
        i = at
        while i:
            top = max(top, tree[i])
            i -= i & -i
        before.append(top[1])
        here = (top[0] + k.weight, n)
        ends = max(ends, here)
        i = at
        while i < len(tree):
            tree[i] = max(tree[i], here)
            i += i & -i
    chain: list[Knot] = []
    n = ends[1]
    while n >= 0:
        chain.append(knots[n])
        n = before[n]
    return chain[::-1]


class _Stretch(NamedTuple):
    """The elements between two knots: how long they last, and how long their movements and pauses are planned."""

    first: int
    last: int
    ms: int
    moves: int
    rests: int
    elastic: bool


def _times(elements: Sequence[Element], knots: Sequence[Knot], marked: bool) -> list[int]:
    stretches = []
    for a, b in pairwise(knots):
        part = elements[a.at : b.at]
        moves = sum(e.plan_ms for e in part if not e.elastic)
        rests = sum(e.plan_ms for e in part if e.elastic)
        stretches.append(_Stretch(a.at, b.at, b.ms - a.ms, moves, rests, any(e.elastic for e in part)))
    measured = [(n, s) for n, s in enumerate(stretches) if s.moves and not s.elastic]
    times = [0] * (len(elements) + 1)
    for n, (s, a) in enumerate(zip(stretches, knots, strict=False)):
        pace = _pace_beside(n, measured) or (_pace_of_all(stretches) if marked else None)
        at = Fraction(0)
        times[a.at] = a.ms
        for i, ms in zip(range(s.first, s.last), _shared(elements[s.first : s.last], s, pace), strict=True):
            at += ms
            times[i + 1] = a.ms + floor(at + Fraction(1, 2))
    return times


def _pace_beside(n: int, measured: Sequence[tuple[int, _Stretch]]) -> Fraction | None:
    """The pace measured nearest to a stretch, before and after it: milliseconds for a planned one."""
    at = bisect_left(measured, n, key=lambda x: x[0])
    near = [s for _, s in [*measured[max(0, at - 1) : at], *measured[at : at + 1]]]
    moves = sum(s.moves for s in near)
    return Fraction(sum(s.ms for s in near), moves) if moves and any(s.ms for s in near) else None


def _pace_of_all(stretches: Sequence[_Stretch]) -> Fraction:
    """The pace where none was measured without a pause: that between the first and the last mark; the plan's, if there is
    only one."""
    inner = [s for s in stretches[1:-1] if s.moves + s.rests]
    planned = sum(s.moves + s.rests for s in inner)
    lasted = sum(s.ms for s in inner)
    return Fraction(lasted, planned) if planned and lasted else Fraction(1)


def _shared(part: Sequence[Element], s: _Stretch, pace: Fraction | None) -> list[Fraction]:
    """How long each element of a stretch lasts."""
    whole = Fraction(s.ms)
    if not s.elastic or pace is None:
        planned = s.moves + s.rests
        if not planned:
            return [whole / len(part)] * len(part)
        return [whole * e.plan_ms / planned for e in part]
    moves = min(whole, pace * s.moves)
    factor = moves / s.moves if s.moves else Fraction(0)
    slack = whole - moves
    open_ = sum(e.place < 0 for e in part)
    if open_:
        # What nobody planned takes what the planned pauses leave.
        kept = min(Fraction(1), slack / s.rests) if s.rests else Fraction(0)
        rest = (slack - kept * s.rests) / open_
        return [
            factor * e.plan_ms if not e.elastic else kept * e.plan_ms if e.place >= 0 else rest for e in part
        ]  # fmt: skip
    return [
        factor * e.plan_ms if not e.elastic else slack * e.plan_ms / s.rests if s.rests else slack / len(part)
        for e in part
    ]


def next_to_mark(done: Sequence[Keyed], clock: Clock) -> tuple[str, int] | None:
    """The posture whose start helps most when it is marked: that which is guessed least surely. Its first place's key, and
    within how many milliseconds it is guessed; None where all are marked."""
    within = clock.within_ms()
    firsts = [
        (within[i], -i) for i, k in enumerate(done) if k.place.kind == "movement" and k.place.movement_no == 0 and i in within
    ]  # fmt: skip
    if not firsts or max(firsts)[0] == 0:
        return None
    most, i = max(firsts)
    return done[-i].key, most
