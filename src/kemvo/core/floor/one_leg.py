"""Times on one leg alone: from the movement that takes a foot off the floor to the one that puts it down."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Sequence
from typing import NamedTuple

from kemvo.core.floor.feet import FloorStep
from kemvo.core.timing.score import STILL
from kemvo.core.timing.timeline import Span
from kemvo.core.types import OTHER_SIDE, Side


class OnOneLeg(NamedTuple):
    """A time on one leg: the step that lifts the other foot, from when until when (ms), and the leg that stands."""

    first: FloorStep
    start_ms: int
    end_ms: int
    stands: Side

    @property
    def ms(self) -> int:
        return self.end_ms - self.start_ms


def one_leg_times(spans: Sequence[Span], steps: Iterable[FloorStep]) -> Iterator[OnOneLeg]:
    """Every time on one leg alone, in order: until the lifted foot begins to come down. Holds belong to it; where the body waits between
    rounds or turns round, both feet stand."""
    step_of = {id(s.span): s for s in steps}
    up: OnOneLeg | None = None
    for span in spans:
        step = step_of.get(id(span))
        if step is None:
            if up and span.kind in STILL:
                yield up._replace(end_ms=span.start_ms)
                up = None
            continue
        ms = span.end_ms - span.start_ms
        for e in step.events:
            if up and e.side != up.stands and e.after.contact != "off":
                yield up._replace(end_ms=span.start_ms + round(e.begins * ms))
                up = None
            elif e.after.contact == "off" and not (up and e.side != up.stands):
                if up:
                    yield up._replace(end_ms=span.start_ms + round(e.begins * ms))
                up = OnOneLeg(step, span.start_ms + round(e.begins * ms), 0, OTHER_SIDE[e.side])
        if up and step.after.of(OTHER_SIDE[up.stands]).contact != "off":
            # A stance that is named, or a weight that is given, has put the foot down.
            yield up._replace(end_ms=span.end_ms)
            up = None
    if up:
        yield up._replace(end_ms=spans[-1].end_ms)
