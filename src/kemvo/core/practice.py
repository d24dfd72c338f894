"""The whole flow in one place: session and forms → timeline → cues → schedule → sounds."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Mapping
from typing import NamedTuple

from kemvo.core.breathed import Breathed, breaths_of
from kemvo.core.cues import candidates
from kemvo.core.schedule import Decision, schedule
from kemvo.core.session import Forms, Session
from kemvo.core.sound import Sound, quiet_times, sounds
from kemvo.core.timeline import Timeline, plan

Measure = Callable[[Iterable[str]], Mapping[str, int]]
"""Gives the spoken length in milliseconds of every text it is asked for."""


class Practice(NamedTuple):
    """A session worked out to the last word."""

    timeline: Timeline
    breaths: list[Breathed]
    decisions: list[Decision]
    sounds: list[Sound]


def work_out(session: Session, forms: Forms, measure: Measure, speed: float = 1.0) -> Practice:
    """Everything that follows from a session. `speed` multiplies every tempo; speech keeps its own speed."""
    timeline = plan(session, forms, speed)
    breaths = breaths_of(timeline, session, forms)
    cues = candidates(timeline, breaths)
    lengths = measure({w.text for c in cues for w in c.wordings})
    decisions = schedule(cues, lengths, quiet_times(timeline, session.sound))
    return Practice(timeline, breaths, decisions, sounds(timeline, session.sound, decisions, breaths))
