"""The breath planner: where the breath goes in and out along movements, by school.

matched   in and out alternate, each within the comfort of the group; as many movements as possible keep the direction
          that was wished for them; the breath changes between movements, else at a natural point within one; no more
          breaths than needed. Solved exactly by dynamic programming over the points at which the breath may change.
paced     a steady rhythm of breaths a minute with its own share of in and out; how it drifts against the movements, and
          the nearest tempo at which the two lock together.
natural   nothing is called.
written   as the form has it, movement by movement.
"""

from __future__ import annotations

from collections.abc import Callable, Sequence
from itertools import accumulate, groupby, pairwise
from math import ceil, inf
from typing import NamedTuple

from kemvo.core.tables.breath_schools import OTHER_WAY, BreathWay, Comfort
from kemvo.core.types import Breath, Value

KEPT_COST = 100.0
"""A movement that does not get its wished breath."""
WITHIN_COST = 10.0
"""A change of breath within a movement."""
BREATH_COST = 1.0
"""A breath."""
STRAIN_COST = 1e7
"""A breath beyond comfort, and a millisecond more of it: only where nothing else is possible."""


class BreathTarget(NamedTuple):
    """A movement: how long it lasts (ms), and the breath wished for it."""

    ms: int
    breath: Breath


class BreathSpan(NamedTuple):
    """One in- or out-breath, in milliseconds from the beginning of what was planned."""

    start_ms: int
    end_ms: int
    way: BreathWay


class BreathPlan(NamedTuple):
    """Breaths that cover the whole time, in and out in turn. `kept` of `wished` movements have their own direction;
    `within` changes fall inside a movement; `strained_ms` is how far breaths go beyond comfort, all together; `cost` is
    what the plan was chosen by."""

    breaths: tuple[BreathSpan, ...]
    kept: int
    wished: int
    within: int
    strained_ms: int
    cost: float


def points_of(wishes: Sequence[BreathTarget], comfort: Comfort) -> list[tuple[int, bool]]:
    """Where the breath may change: (ms, whether within a movement). Each movement is divided into halves, or into as
    many even parts as its longest breaths need: the natural points within it."""
    part = min(comfort.in_most, comfort.out_most) / 2
    points: list[tuple[int, bool]] = [(0, False)]
    at = 0
    for w in wishes:
        parts = max(2, ceil(w.ms / part)) if part else 2
        inner = {at + round(w.ms * k / parts) for k in range(1, parts)}
        points += [(p, True) for p in sorted(inner) if at < p < at + w.ms]
        at += w.ms
        if w.ms:
            points.append((at, False))
    return points


def matched(
    wishes: Sequence[BreathTarget],
    comfort: Comfort,
    first_way: BreathWay | None = None,
    last_way: BreathWay | None = None,
) -> BreathPlan:
    """The best plan for movements that follow each other. Times must be whole and not negative. `first_way`, `last_way`: the
    way its first and its last breath must go (None: either)."""
    wishes = [w for w in wishes if w.ms > 0]
    points = points_of(wishes, comfort)
    n = len(points)
    if n < 2:
        return BreathPlan((), 0, 0, 0, 0, 0.0)
    starts, ends, at = [], [], 0
    for w in wishes:
        starts.append(at)
        at += w.ms
        ends.append(at)
    ways: tuple[BreathWay, BreathWay] = ("in", "out")
    wished = {way: _whole_between(points, starts, ends, wishes, way) for way in ways}
    best: dict[BreathWay, list[float]] = {way: [inf] * n for way in ways}
    came: dict[BreathWay, list[int]] = {way: [0] * n for way in ways}
    for p in range(1, n):
        here, within = points[p]
        for way in ways:
            least, most = comfort.of(way)
            other = OTHER_WAY[way]
            for q in range(p - 1, -1, -1):
                ms = here - points[q][0]
                before = (0.0 if first_way in (None, way) else inf) if q == 0 else best[other][q]
                if ms > most and best[way][p] < STRAIN_COST / 2:
                    break  # longer ones strain, and this one does not have to
                strain = max(0, least - ms, ms - most)
                cost = (
                    before
                    + BREATH_COST
                    + WITHIN_COST * (within and p < n - 1)
                    + KEPT_COST * (-wished[way](q, p))
                    + (STRAIN_COST + strain if strain else 0.0)
                )
                if cost < best[way][p] - 1e-9:
                    best[way][p], came[way][p] = cost, q
    way = min(ways if last_way is None else (last_way,), key=lambda w: best[w][n - 1])
    cost = best[way][n - 1] + KEPT_COST * sum(w.breath != "free" for w in wishes)
    return _told(points, came, way, wishes, starts, ends, comfort, cost)


Between = Callable[[int, int], int]


def _whole_between(
    points: Sequence[tuple[int, bool]],
    starts: Sequence[int],
    ends: Sequence[int],
    wishes: Sequence[BreathTarget],
    way: BreathWay,
) -> Between:
    """A function that counts the movements wished in a direction that lie wholly between two points. Movements do not
    overlap: they are those that have ended by the later point, less those that had begun before the earlier one."""
    index = {ms: i for i, (ms, _) in enumerate(points)}
    begun_before, ended_by = [0] * (len(points) + 1), [0] * len(points)
    for s, e, w in zip(starts, ends, wishes, strict=True):
        if w.breath == way:
            begun_before[index[s] + 1] += 1
            ended_by[index[e]] += 1
    begun_before, ended_by = list(accumulate(begun_before)), list(accumulate(ended_by))
    return lambda q, p: max(0, ended_by[p] - begun_before[q])


def _told(
    points: Sequence[tuple[int, bool]],
    came: dict[BreathWay, list[int]],
    way: BreathWay,
    wishes: Sequence[BreathTarget],
    starts: Sequence[int],
    ends: Sequence[int],
    comfort: Comfort,
    cost: float,
) -> BreathPlan:
    """The plan told from its end back to its beginning."""
    breaths: list[BreathSpan] = []
    p = len(points) - 1
    within = 0
    while p > 0:
        q = came[way][p]
        breaths.append(BreathSpan(points[q][0], points[p][0], way))
        within += points[q][1]
        p, way = q, OTHER_WAY[way]
    breaths.reverse()
    strained = 0
    for b in breaths:
        least, most = comfort.of(b.way)
        strained += max(0, least - (b.end_ms - b.start_ms), (b.end_ms - b.start_ms) - most)
    kept = sum(
        any(b.way == w.breath and b.start_ms <= s and e <= b.end_ms for b in breaths)
        for w, s, e in zip(wishes, starts, ends, strict=True)
        if w.breath != "free"
    )
    return BreathPlan(tuple(breaths), kept, sum(w.breath != "free" for w in wishes), within, strained, cost)


def evenly(ms: int, breaths: int) -> tuple[BreathSpan, ...]:
    """A number of whole breaths, in and out alike, spread evenly over `ms`."""
    cuts = [round(ms * k / (2 * breaths)) for k in range(2 * breaths + 1)]
    ways: tuple[BreathWay, BreathWay] = ("in", "out")
    return tuple(BreathSpan(a, b, ways[k % 2]) for k, (a, b) in enumerate(pairwise(cuts)) if b > a)


def paced(ms: int, per_minute: float, in_share: float) -> tuple[BreathSpan, ...]:
    """A steady rhythm over `ms`: `per_minute` whole breaths a minute, `in_share` (0 to 1) of each going in. The last
    breath is cut where the time ends."""
    out: list[BreathSpan] = []
    whole = 60_000 / per_minute
    n = 0
    while True:
        turn = round(n * whole + in_share * whole)
        begin, end = round(n * whole), round((n + 1) * whole)
        for a, b, way in ((begin, turn, "in"), (turn, end, "out")):
            if a >= ms:
                return tuple(out)
            if b > a:
                out.append(BreathSpan(a, min(b, ms), "in" if way == "in" else "out"))
        n += 1


class Drift(Value):
    """How a paced breath drifts against movements: the share of changes of breath that fall between movements, and the
    nearest tempo at which a breath takes a whole number of counts (`counts`), so that both lock together."""

    on_boundaries: float
    counts_a_breath: float
    locks_at: float
    counts: int


def drift(wishes: Sequence[BreathTarget], tempo: float, per_minute: float, in_share: float) -> Drift:
    """The drift of a paced breath against movements at a tempo (counts a minute)."""
    total = sum(w.ms for w in wishes)
    ends = set()
    at = 0
    for w in wishes:
        at += w.ms
        ends.add(at)
    breaths = paced(total, per_minute, in_share) if total else ()
    changes = [b.end_ms for b in breaths[:-1]]
    near = sum(any(abs(c - e) <= NEAR_MS for e in ends) for c in changes)
    counts = max(1, round(tempo / per_minute))
    return Drift(
        on_boundaries=near / len(changes) if changes else 1.0,
        counts_a_breath=tempo / per_minute,
        locks_at=counts * per_minute,
        counts=counts,
    )


NEAR_MS = 250
"""A change of breath within a quarter of a second of a movement's end counts as falling on it."""


def cure_tempo(wishes: Sequence[BreathTarget], tempo: float, comfort: Comfort) -> float | None:
    """The nearest tempo, in whole counts a minute between half and twice this one, at which every wish is kept and no
    breath changes within a movement; None if there is none."""
    now = matched(wishes, comfort)
    if now.kept == now.wished and not now.within and not now.strained_ms:
        return None
    tempos = sorted(range(ceil(tempo / 2), int(tempo * 2) + 1), key=lambda t: (abs(t - tempo), t))
    for t in tempos:
        scaled = [BreathTarget(round(w.ms * tempo / t), w.breath) for w in wishes]
        plan = matched(scaled, comfort)
        if plan.kept == plan.wished and not plan.within and not plan.strained_ms:
            return float(t)
    return None


def comfortable_tempos(counts: Sequence[tuple[float, Breath]], comfort: Comfort) -> tuple[float, float] | None:
    """The slowest and quickest tempo at which every breath as written is comfortable (counts a minute); None if there is
    none. `counts`: the counts of each movement and its breath; neighbours of one direction are one breath."""
    slowest, quickest = 0.0, inf
    for breath, row in groupby(counts, key=lambda c: c[1]):
        if breath != "free":
            whole = sum(c for c, _ in row)
            least, most = comfort.of(breath)
            slowest, quickest = max(slowest, 60_000 * whole / most), min(quickest, 60_000 * whole / least)
    return (slowest, quickest) if slowest <= quickest else None
