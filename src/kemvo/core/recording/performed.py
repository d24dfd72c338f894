"""What was really done: the score of a session with the postures left out or done again in a recording, each place with a
key of ids that survives edits of the form.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterable, Sequence
from itertools import groupby
from typing import NamedTuple

from kemvo.core.recording.model import Again, FrozenPlace
from kemvo.core.timing.score import Performance, Place, Score, counted_together, place_name, round_name
from kemvo.core.timing.timeline import Timeline

EXTRA = 1000
"""A posture done again where it is done once counts on from here, so that the ids of all others stay."""


class Keyed(NamedTuple):
    """A place of what was done with its key, and its planned length in milliseconds."""

    key: str
    place: Place
    plan_ms: int


def performance_key(place: Place) -> str:
    """What names a posture being done: its round, posture, and which time that very posture is done in it."""
    assert place.performance
    return f"{round_name(place.round)}.{place.performance.posture.id}.{place.performance.time}"


def keys_of(places: Iterable[Place]) -> list[str]:
    """The key of every place: ids of pass, posture and movement; never twice the same."""
    out: list[str] = []
    seen: Counter[str] = Counter()
    for place in places:
        key = place_name(place) + (":hold" if place.kind == "hold" else "")
        seen[key] += 1
        out.append(key if seen[key] == 1 else f"{key}~{seen[key]}")
    return out


def keyed(score: Score, timeline: Timeline, plan: Sequence[FrozenPlace] = ()) -> list[Keyed]:
    """The places of a score with their keys and planned lengths: as `timeline` has them, but where `plan` (the plan when the
    recording was marked) knows a place, as it was then."""
    known = {f.place: f.ms for f in plan}
    return [
        Keyed(key, place, known.get(key, span.end_ms - span.start_ms))
        for key, place, span in zip(keys_of(score.places), score.places, timeline.spans, strict=True)
    ]


def edited(planned: Sequence[Keyed], left_out: Iterable[str] = (), again: Sequence[Again] = ()) -> list[Keyed]:
    """What was done, in order, of what was planned. `left_out`, `again`: postures by `performance_key`."""
    gone, times = set(left_out), {a.performance: a.times for a in again}
    out: list[Keyed] = []
    for _, round_ in groupby(planned, lambda k: (k.place.round.no, k.place.round.nth)):
        doing: list[list[Keyed]] = []
        for name, group in groupby(round_, _doing):
            places = list(group)
            if name not in gone:
                doing += [places, *([_again(k, n) for k in places] for n in range(1, times.get(name, 1)))]
        out += _counted(doing)
    return out


def _doing(k: Keyed) -> str:
    """The posture being done at a place; none in a pause."""
    return performance_key(k.place) if k.place.performance else ""


def _again(k: Keyed, n: int) -> Keyed:
    """A place done once more: with a key of its own."""
    assert k.place.performance
    again = k.place.performance._replace(time=k.place.performance.time + EXTRA * n)
    place = k.place._replace(performance=again)
    return Keyed(performance_key(place) + k.key.removeprefix(performance_key(k.place)), place, k.plan_ms)


def _counted(doing: Sequence[list[Keyed]]) -> list[Keyed]:
    """The places of a round, posture by posture, with what is told of them ("two of three") as they were really done."""
    done = [g[0].place.performance for g in doing if g[0].place.performance]
    counts = iter(enumerate(counted_together([p.posture for p in done])))
    out: list[Keyed] = []
    for group in doing:
        performance = group[0].place.performance
        if performance is None:
            out += group
            continue
        no, (nth, of) = next(counts)
        counted = performance._replace(nth=nth, of=of, no=no)
        out += [k._replace(place=k.place._replace(performance=counted)) for k in group]
    return out


def performances_of(done: Iterable[Keyed]) -> list[tuple[str, Performance]]:
    """Every posture that was done, in order, with its key."""
    out: list[tuple[str, Performance]] = []
    for k in done:
        if k.place.performance and k.place.kind == "movement" and k.place.movement_no == 0:
            out.append((performance_key(k.place), k.place.performance))
    return out
