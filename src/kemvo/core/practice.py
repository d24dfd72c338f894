"""The whole flow in one place: session and forms → timeline → cues → schedule → sounds."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Mapping
from typing import NamedTuple

from kemvo.core.breathed import Breathed, breaths_of
from kemvo.core.cues import candidates
from kemvo.core.directions import directed
from kemvo.core.schedule import Decision, schedule
from kemvo.core.session import Directions, Forms, Session
from kemvo.core.sound import Sound, quiet_times, sounds
from kemvo.core.timeline import Span, Timeline, plan

Measure = Callable[[Iterable[str]], Mapping[str, int]]
"""Gives the spoken length in milliseconds of every text it is asked for."""


class Practice(NamedTuple):
    """A session worked out to the last word."""

    timeline: Timeline
    """As the class hears it: with the direction words of the session's dialect."""
    planned: Timeline
    """The same with the words of the form."""
    breaths: list[Breathed]
    decisions: list[Decision]
    sounds: list[Sound]
    forms: Forms
    directions: Directions

    def instructor(self) -> list[Span]:
        """The spans as the instructor does them: turned over where they mirror, with their own direction words."""
        return directed(self.planned.spans, self.forms, self.directions, "instructor")


def work_out(session: Session, forms: Forms, measure: Measure, speed: float = 1.0) -> Practice:
    """Everything that follows from a session. `speed` multiplies every tempo; speech keeps its own speed."""
    planned = plan(session, forms, speed)
    heard = directed(planned.spans, forms, session.directions, "class")
    timeline = planned._replace(spans=tuple(heard))
    breaths = breaths_of(timeline, session, forms)
    cues = candidates(timeline, breaths)
    lengths = measure({w.text for c in cues for w in c.wordings})
    decisions = schedule(cues, lengths, quiet_times(timeline, session.sound))
    sounding = sounds(timeline, session.sound, decisions, breaths)
    return Practice(timeline, planned, breaths, decisions, sounding, forms, session.directions)
