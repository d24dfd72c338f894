"""Postures that were left out or done again, found from when others begin: where nobody told, times tell it."""

from __future__ import annotations

from collections.abc import Sequence
from itertools import pairwise
from math import log
from statistics import median
from typing import NamedTuple

from kemvo.core.errors import KemvoError, Problem
from kemvo.core.model.session import Forms, Session
from kemvo.core.recording.model import Again, Mark, Recording
from kemvo.core.recording.performed import Keyed, performance_key
from kemvo.core.recording.recorded_timeline import done_in, planned

SLIP_COST = 6.0
"""A posture that is left out or done again must explain at least so much."""
OFF_BY = 0.22
"""A posture lasts about so much (as a logarithm) longer or shorter than the pace has it."""
MOST_COST = 4.0
"""However far it is off: somebody may have stopped."""
MOST_SKIPPED, MOST_AGAIN = 3, 2


class Slips(NamedTuple):
    """What went otherwise than planned: postures by their key. `assigned`: for every moment the number of the posture in the plan, and which
    time more it is (0: as planned)."""

    left_out: tuple[str, ...]
    again: tuple[Again, ...]
    assigned: tuple[tuple[int, int], ...]


class Planned(NamedTuple):
    """A posture of the plan: its key, how long it is planned, and how long until the next begins."""

    key: str
    ms: int
    to_next_ms: int


def postures_planned(done: Sequence[Keyed]) -> list[Planned]:
    """The postures of a plan with their lengths."""
    out: list[Planned] = []
    for k in done:
        if k.place.performance is None:
            if out:
                out[-1] = out[-1]._replace(to_next_ms=out[-1].to_next_ms + k.plan_ms)
            continue
        key = performance_key(k.place)
        if not out or out[-1].key != key:
            out.append(Planned(key, 0, 0))
        out[-1] = Planned(key, out[-1].ms + k.plan_ms, out[-1].to_next_ms + k.plan_ms)
    return out


def by_moments(moments_ms: Sequence[int], postures: Sequence[Planned]) -> Slips:
    """Which posture begins at each of some moments, one for every posture that was done: in order, with postures left out or done
    again where the times between say so. The best assignment (dynamic programming), the pace learned on the way."""
    moments = sorted(moments_ms)
    plain = tuple((i, 0) for i in range(min(len(moments), len(postures))))
    if len(moments) < 3 or len(postures) < 3:
        return Slips((), (), plain)
    lasted = [b - a for a, b in pairwise(moments)]
    usual = [t / p.to_next_ms for t, p in zip(lasted, postures, strict=False) if p.to_next_ms and t]
    pace = median(usual) if usual else 1.0
    path = plain
    for _ in range(3):
        path = _best(lasted, postures, pace)
        near = [
            t / postures[a].to_next_ms
            for t, (a, _), (b, _) in zip(lasted, path, path[1:], strict=False)
            if b == a + 1 and postures[a].to_next_ms and t
        ]
        pace = median(near) if near else pace
    done = {a for a, _ in path}
    skipped = tuple(postures[j].key for j in range(path[-1][0]) if j not in done)
    times: dict[int, int] = {}
    for j, n in path:
        times[j] = n + 1
    again = tuple(Again(performance=postures[j].key, times=n) for j, n in times.items() if n > 1)
    return Slips(skipped, again, path)


def with_slips_found(recording: Recording, session: Session, forms: Forms) -> Recording:
    """A recording with what was left out and done again as its marked postures tell, each mark on what was done then. Raises
    KemvoError where postures are marked too seldom to tell."""
    firsts = [k.key for k in done_in(recording, session, forms) if k.place.performance and k.place.movement_no == 0]
    starts = sorted((m for m in recording.marks if m.edge == "start" and m.place in firsts), key=lambda m: m.at_ms)
    if len(starts) < MARKS_NEEDED or [m.place for m in starts] != firsts[: len(starts)]:
        raise KemvoError(
            Problem(
                what="Too few postures are marked to tell what was left out or done again.",
                mend="Mark the beginning of every posture that was done, one after another from the first.",
            )
        )
    slips = by_moments([m.at_ms for m in starts], postures_planned(planned(session, forms, recording.frozen)))
    if (slips.left_out, slips.again) == (recording.left_out, recording.again):
        raise KemvoError(
            Problem(
                what="By their times, the marked postures were done as it says below.",
                mend="If one was left out or done again all the same, say so there.",
            )
        )
    changed = recording.model_copy(update={"left_out": slips.left_out, "again": slips.again, "marks": ()})
    now_done = [k.key for k in done_in(changed, session, forms) if k.place.performance and k.place.movement_no == 0]
    moved = [m.model_copy(update={"place": key}) for m, key in zip(starts, now_done, strict=False)]
    others = [m for m in recording.marks if m not in starts and m.place not in {x.place for x in moved}]
    return changed.model_copy(update={"marks": (*others, *moved)})


MARKS_NEEDED = 4
"""Fewer marked postures tell nothing."""


def _best(lasted: Sequence[int], postures: Sequence[Planned], pace: float) -> tuple[tuple[int, int], ...]:
    """The cheapest assignment: a state is a posture and which time more it is done."""
    n = len(postures)
    now = {(j, 0): SLIP_COST * j for j in range(min(n, MOST_SKIPPED + 1))}
    came: list[dict[tuple[int, int], tuple[int, int]]] = []
    for t in lasted:
        after: dict[tuple[int, int], float] = {}
        whence: dict[tuple[int, int], tuple[int, int]] = {}
        for (j, k), cost in now.items():
            ways = [((j, k + 1), postures[j].ms, SLIP_COST)] if k < MOST_AGAIN else []
            for skipped in range(min(MOST_SKIPPED + 1, n - j - 1)):
                ways.append(((j + 1 + skipped, 0), postures[j].to_next_ms, SLIP_COST * skipped))
            for state, lasts, price in ways:
                whole = cost + price + _off(t, lasts * pace)
                if whole < after.get(state, float("inf")):
                    after[state], whence[state] = whole, (j, k)
        if not after:
            break
        came.append(whence)
        now = after
    state = min(now, key=lambda s: now[s])
    path = [state]
    for whence in reversed(came):
        state = whence[state]
        path.append(state)
    return tuple(reversed(path))


def _off(lasted: float, expected: float) -> float:
    if lasted <= 0 or expected <= 0:
        return MOST_COST
    return min(MOST_COST, (log(lasted / expected) / OFF_BY) ** 2)


TOO_SHORT, FITS = 0.72, 0.18
"""Between two marks there is room for less than this share of what is planned, and without what was not called it fits so well: it was
left out."""


def not_called(marks: Sequence[Mark], done: Sequence[Keyed]) -> tuple[str, ...]:
    """Postures of which no call was heard and for which there is no time between their neighbours: they were left out."""
    postures = postures_planned(done)
    where = {k.key: performance_key(k.place) for k in done if k.place.performance}
    numbers = {p.key: i for i, p in enumerate(postures)}
    reach: dict[str, int] = {}
    at = 0
    for k in done:
        reach[k.key] = at
        at += k.plan_ms
    known = sorted((m for m in marks if m.place in reach), key=lambda m: reach[m.place])
    pairs = list(pairwise(known))
    paces = [
        (b.at_ms - a.at_ms) / (reach[b.place] - reach[a.place]) for a, b in pairs if reach[b.place] > reach[a.place]
    ]
    if len(paces) < 3:
        return ()
    pace = median(paces)
    out: list[str] = []
    for a, b in pairs:
        first, last = numbers[where[a.place]], numbers[where[b.place]]
        between = postures[first + 1 : last]
        planned = (reach[b.place] - reach[a.place]) * pace
        if not between or planned <= 0:
            continue
        lasted = b.at_ms - a.at_ms
        without = planned - pace * sum(p.to_next_ms for p in between)
        if lasted < TOO_SHORT * planned and without > 0 and abs(log(max(1, lasted) / without)) < FITS:
            out += [p.key for p in between]
    return tuple(out)
