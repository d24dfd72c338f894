"""A recording's timeline: the same spans as a planned one, on the recording's clock."""

from __future__ import annotations

from collections.abc import Sequence
from fractions import Fraction
from typing import NamedTuple

from kemvo.core.model.session import Forms, Session
from kemvo.core.recording.clock import Clock, clock_of
from kemvo.core.recording.model import FrozenPlace, Recording
from kemvo.core.recording.performed import Keyed, edited, keyed
from kemvo.core.timing.score import Place, Score, score_of
from kemvo.core.timing.timeline import Timeline, laid_out, timed


class Recorded(NamedTuple):
    """What was done in a recording, its clock, and the timeline that follows. `numbers`: of every span the number of its place
    in `done`, -1 for time that nobody planned."""

    done: list[Keyed]
    clock: Clock
    score: Score
    timeline: Timeline
    numbers: tuple[int, ...]


def frozen(session: Session, forms: Forms) -> tuple[FrozenPlace, ...]:
    """The plan of a session as a recording keeps it: every place with its planned length."""
    return tuple(FrozenPlace(place=k.key, ms=k.plan_ms) for k in planned(session, forms))


def planned(session: Session, forms: Forms, plan: Sequence[FrozenPlace] = ()) -> list[Keyed]:
    """What a session is to have done, in order: nothing left out, nothing done again. `plan`: as it was planned before."""
    score = score_of(session, forms)
    return keyed(score, timed(score, session, forms), plan)


def done_in(recording: Recording, session: Session, forms: Forms) -> list[Keyed]:
    """What was done in a recording, in order."""
    return edited(planned(session, forms, recording.frozen), recording.left_out, recording.again)


def recorded(recording: Recording, session: Session, forms: Forms) -> Recorded:
    """The timeline of a recording."""
    done = done_in(recording, session, forms)
    clock = clock_of(done, recording.marks, recording.media.ms, recording.begins_ms, recording.ends_ms)
    return on_clock(done, clock, score_of(session, forms).left_pct)


def on_clock(done: Sequence[Keyed], clock: Clock, left_pct: int) -> Recorded:
    """What was done, on a clock. Stops and the time before and after are pauses of the round they stand in."""
    places: list[Place] = []
    numbers: list[int] = []
    lengths: list[Fraction] = []
    left = left_pct
    for i, e in enumerate(clock.elements):
        ms = clock.times[i + 1] - clock.times[i]
        if e.place >= 0:
            place = done[e.place].place
            left = place.left_to
        elif ms and done:
            beside = next((x.place for x in clock.elements[i::-1] if x.place >= 0), 0)
            place = Place("pause", done[beside].place.round, None, None, 0, 0, ms, left, "free")
        else:
            continue
        places.append(place)
        numbers.append(e.place)
        lengths.append(Fraction(ms))
    score = Score(tuple(places), left_pct)
    timeline = laid_out(score, lengths)
    moving = [s.end_ms for s in timeline.spans if s.performance]
    return Recorded(list(done), clock, score, timeline._replace(done_ms=moving[-1] if moving else None), tuple(numbers))


def guessed_ms(made: Recorded) -> dict[str, int]:
    """How near the start of each place is guessed, by its key; only those that are not marked."""
    return {made.done[n].key: ms for n, ms in made.clock.within_ms().items() if ms}
