"""What was really done: the score of a session with the postures left out or done again in a recording, each place with a
key of ids that survives edits of the form.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterable, Mapping, Sequence
from itertools import groupby
from typing import NamedTuple

from kemvo.core.recording.model import Again, FrozenPlace
from kemvo.core.timing.score import Performance, Place, Score
from kemvo.core.timing.timeline import Timeline

EXTRA = 1000
"""A posture done again where it is done once counts on from here, so that the ids of all others stay."""


class Keyed(NamedTuple):
    """A place of what was done with its key, and its planned length in milliseconds."""

    key: str
    place: Place
    plan_ms: int


def round_key(place: Place) -> str:
    """What names a round: its pass and the time through it."""
    return f"{place.round.id or place.round.no}.{place.round.nth}"


def performance_key(place: Place) -> str:
    """What names a posture being done: its round, posture, and which time that very posture is done in it."""
    assert place.performance
    return f"{round_key(place)}.{place.performance.posture.id}.{place.performance.time}"


def keys_of(places: Iterable[Place]) -> list[str]:
    """The key of every place: ids of pass, posture and movement; never twice the same."""
    out: list[str] = []
    seen: Counter[str] = Counter()
    for place in places:
        if place.performance and place.movement:
            key = f"{performance_key(place)}.{place.movement.id}"
            if place.kind == "hold":
                key += ":hold"
        else:
            key = f"{round_key(place)}:{place.kind}"
        seen[key] += 1
        out.append(key if seen[key] == 1 else f"{key}~{seen[key]}")
    return out


def frozen(timeline: Timeline, score: Score) -> tuple[FrozenPlace, ...]:
    """The plan of a session as a recording keeps it: every place with its planned length."""
    return tuple(
        FrozenPlace(place=key, ms=span.end_ms - span.start_ms)
        for key, span in zip(keys_of(score.places), timeline.spans, strict=True)
    )


def performed(
    score: Score, timeline: Timeline, plan: Sequence[FrozenPlace] = (), left_out: Iterable[str] = (),
    again: Sequence[Again] = (),
) -> list[Keyed]:  # fmt: skip
    """What was done, in order. `timeline`: the session as it is planned now; `plan`: as it was when the recording was
    marked, which counts where it knows a place. `left_out`, `again`: postures by `performance_key`."""
    known = {f.place: f.ms for f in plan}
    keyed = [
        Keyed(key, place, known.get(key, span.end_ms - span.start_ms))
        for key, place, span in zip(keys_of(score.places), score.places, timeline.spans, strict=True)
    ]
    gone, times = set(left_out), {a.performance: a.times for a in again}
    out: list[Keyed] = []
    for _, round_ in groupby(keyed, lambda k: (k.place.round.no, k.place.round.nth)):
        out += _counted(_edited(list(round_), gone, times))
    return out


def _edited(round_: Sequence[Keyed], gone: set[str], times: Mapping[str, int]) -> list[Keyed]:
    out: list[Keyed] = []
    for name, group in groupby(round_, lambda k: performance_key(k.place) if k.place.performance else ""):
        places = list(group)
        if name in gone:
            continue
        out += places
        for n in range(1, times.get(name, 1) if name else 1):
            out += [_again(k, n) for k in places]
    return out


def _again(k: Keyed, n: int) -> Keyed:
    """A place done once more: with a key of its own."""
    assert k.place.performance
    time = k.place.performance.time + EXTRA * n
    before = performance_key(k.place)
    place = k.place._replace(performance=k.place.performance._replace(time=time))
    return Keyed(performance_key(place) + k.key.removeprefix(before), place, k.plan_ms)


def _counted(round_: Sequence[Keyed]) -> list[Keyed]:
    """The same with what is told of it ("two of three") as it was really done."""
    doing = [list(g) for name, g in groupby(round_, _done_as)]
    moving = [i for i, g in enumerate(doing) if g[0].place.performance]
    at = 0
    while at < len(moving):
        here = doing[moving[at]][0].place.performance
        assert here
        name = here.posture.name.casefold().strip()
        end = at + 1
        while end < len(moving) and name and _name(doing[moving[end]]) == name:
            end += 1
        for n in range(at, end):
            doing[moving[n]] = [_as(k, n - at + 1, end - at, n) for k in doing[moving[n]]]
        at = end
    return [k for g in doing for k in g]


def _done_as(k: Keyed) -> str:
    return performance_key(k.place) if k.place.performance else ""


def _name(doing: Sequence[Keyed]) -> str:
    p = doing[0].place.performance
    return p.posture.name.casefold().strip() if p else ""


def _as(k: Keyed, nth: int, of: int, no: int) -> Keyed:
    p = k.place.performance
    assert p
    return k._replace(place=k.place._replace(performance=p._replace(nth=nth, of=of, no=no)))


def performances_of(done: Iterable[Keyed]) -> list[tuple[str, Performance]]:
    """Every posture that was done, in order, with its key."""
    out: list[tuple[str, Performance]] = []
    for k in done:
        if k.place.performance and k.place.kind == "movement" and k.place.movement_no == 0:
            out.append((performance_key(k.place), k.place.performance))
    return out
