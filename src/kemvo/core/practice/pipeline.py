"""The whole flow in one place: session and forms → timeline → cues → schedule → sounds."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Mapping
from typing import NamedTuple

from kemvo.core.cues.candidates import Candidates, candidates
from kemvo.core.cues.decisions import Decided, Decision, decide, price_of
from kemvo.core.cues.directions import directed
from kemvo.core.cues.overrides import chosen
from kemvo.core.cues.terms import in_terms, pronunciations_of
from kemvo.core.model.form import Phrase
from kemvo.core.model.session import Directions, Forms, Session
from kemvo.core.practice.soundtrack import Sound, quiet_times, sounds
from kemvo.core.scheduling.model import Ceiling
from kemvo.core.timing.pass_breath import Breathed, breaths_of
from kemvo.core.timing.timeline import Span, Timeline, by_pass, plan

Measure = Callable[[Iterable[str]], Mapping[str, int]]
"""Gives the spoken length in milliseconds of every text it is asked for."""


class Practice(NamedTuple):
    """A session worked out to the last word. `timeline`: as the class hears it, with the direction words of the session's
    dialect; `planned`: with the words of the form. `found`: all that could be said, the instructor's choices applied;
    `decided`: the decisions with the problem and answer behind them."""

    timeline: Timeline
    planned: Timeline
    breaths: list[Breathed]
    found: Candidates
    decided: Decided
    sounds: list[Sound]
    forms: Forms
    directions: Directions
    pronunciations: tuple[Phrase, ...]

    @property
    def decisions(self) -> list[Decision]:
        """What became of every cue."""
        return self.decided.decisions

    def voiced(self) -> set[str]:
        """Every text that could be said, as the voice is given it."""
        spoken = self.pronunciations
        return {in_terms(t, spoken) if spoken else t for t in self.found.texts()}

    def instructor(self) -> list[Span]:
        """The spans as the instructor does them: turned over where they mirror, with their own direction words."""
        return directed(self.planned.spans, self.forms, self.directions, "instructor")


class Prepared(NamedTuple):
    """All that is known before it is decided what is said."""

    timeline: Timeline
    planned: Timeline
    breaths: list[Breathed]
    found: Candidates
    lengths: Mapping[str, int]
    pronunciations: tuple[Phrase, ...]


class LaidOut(NamedTuple):
    """A session in time, with all that could be said in it, before anything is decided about single cues."""

    timeline: Timeline
    planned: Timeline
    breaths: list[Breathed]
    found: Candidates


def lay_out(session: Session, forms: Forms, speed: float = 1.0) -> LaidOut:
    """A session in time. `speed` multiplies every tempo; speech keeps its own."""
    planned = plan(session, forms, speed)
    heard = directed(planned.spans, forms, session.directions, "class")
    timeline = planned._replace(spans=tuple(heard))
    breaths = breaths_of(timeline, session, forms)
    return LaidOut(timeline, planned, breaths, candidates(timeline, breaths, session, forms))


def undecided(session: Session) -> Session:
    """A session without what has no part in laying it out: sessions alike in the rest are laid out alike."""
    return session.model_copy(
        update={
            "cue_choices": (),
            "own_cues": (),
            "fullness": 100,
            "talk_pct": None,
            "title": "",
            "notes": "",
            "wished_ms": None,
        }
    )


def prepare(
    session: Session, forms: Forms, measure: Measure, speed: float = 1.0, laid: LaidOut | None = None
) -> Prepared:
    """A session up to what could be said, and how long that takes. `laid`: the session in time, if that is at hand."""
    timeline, planned, breaths, all_found = laid or lay_out(session, forms, speed)
    found = chosen(all_found, timeline, session)
    spoken = pronunciations_of(forms.values())
    voiced = {text: in_terms(text, spoken) if spoken else text for text in found.texts()}
    measured = measure(set(voiced.values()))
    return Prepared(timeline, planned, breaths, found, {t: measured[v] for t, v in voiced.items()}, spoken)


def work_out(
    session: Session, forms: Forms, measure: Measure, speed: float = 1.0, laid: LaidOut | None = None
) -> Practice:
    """Everything that follows from a session."""
    ready = prepare(session, forms, measure, speed, laid)
    quiet = quiet_times(ready.timeline, session.sound)
    decided = decide(
        ready.found, ready.lengths, quiet, ceilings_of(session, ready.timeline), price_of(session.fullness)
    )
    sounding = sounds(ready.timeline, session.sound, decided.decisions, ready.breaths, ready.pronunciations)
    return Practice(
        ready.timeline,
        ready.planned,
        ready.breaths,
        ready.found,
        decided,
        sounding,
        forms,
        session.directions,
        ready.pronunciations,
    )


def ceilings_of(session: Session, timeline: Timeline) -> list[Ceiling]:
    """How much of every pass may be spent talking, where that is limited."""
    out = []
    for no, spans in by_pass(timeline.spans).items():
        share = session.passes[no].talk_pct or session.talk_pct
        if share:
            out.append(Ceiling(spans[0].start_ms, spans[-1].end_ms, share / 100))
    return out
