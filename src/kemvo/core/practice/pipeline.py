"""The whole flow in one place: session → score → timeline → breath → heard → candidates → schedule → soundtrack.

Each stage takes what the one before gives, and none calls back.
"""

from __future__ import annotations

from collections.abc import Callable, Iterable, Mapping
from typing import NamedTuple

from kemvo.core.cues.candidates import Candidates, candidates
from kemvo.core.cues.decisions import Decided, Decision, decide, price_of
from kemvo.core.cues.directions import directed
from kemvo.core.cues.overrides import overridden
from kemvo.core.cues.terms import in_terms, pronunciations_of
from kemvo.core.model.form import Phrase
from kemvo.core.model.session import Directions, Forms, Session
from kemvo.core.practice.soundtrack import Sound, quiet_times, sounds
from kemvo.core.scheduling.model import Ceiling
from kemvo.core.scheduling.value_curve import Interval
from kemvo.core.timing.pass_breath import Breathed, breaths_of
from kemvo.core.timing.score import Score, score_of
from kemvo.core.timing.timeline import Span, Timeline, by_pass, timed

Measure = Callable[[Iterable[str]], Mapping[str, int]]
"""Gives the spoken length in milliseconds of every text it is asked for."""


class Practice(NamedTuple):
    """A session worked out to the last word. `timeline`: with the words of the form; `heard`: as the class hears it, with the
    direction words of the session's dialect. `found`: all that could be said, the instructor's choices applied; `decided`: the
    decisions with the problem and answer behind them."""

    score: Score
    timeline: Timeline
    breaths: list[Breathed]
    heard: Timeline
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

    def spoken(self) -> list[str]:
        """The texts that are said, as the voice is given them, in the order in which they are first heard."""
        return list(dict.fromkeys(s.spoken() for s in self.sounds if s.kind == "speech"))

    def instructor(self) -> list[Span]:
        """The spans as the instructor does them: turned over where they mirror, with their own direction words."""
        return directed(self.timeline.spans, self.forms, self.directions, "instructor")


class LaidOut(NamedTuple):
    """A session in time, with all that could be said in it, before anything is decided about single cues. `blocked`: times in
    which nothing is said or sounds, besides the session's own; `planned`: it follows the plan, and not a recording's clock."""

    score: Score
    timeline: Timeline
    breaths: list[Breathed]
    heard: Timeline
    found: Candidates
    blocked: tuple[Interval, ...] = ()
    planned: bool = True


class Prepared(NamedTuple):
    """All that is known before it is decided what is said: the session in time, the instructor's choices applied to what could
    be said, and how long each text takes (ms)."""

    laid: LaidOut
    found: Candidates
    lengths: Mapping[str, int]
    pronunciations: tuple[Phrase, ...]

    @property
    def heard(self) -> Timeline:
        """The timeline as the class hears it."""
        return self.laid.heard

    def quiet(self, session: Session) -> list[Interval]:
        """The times in which nothing is said."""
        return [*quiet_times(self.heard, session.sound), *self.laid.blocked]


def lay_out(session: Session, forms: Forms, speed: float = 1.0) -> LaidOut:
    """Session → score → timeline → breath → heard → candidates. `speed` multiplies every tempo; speech keeps its own."""
    score = score_of(session, forms)
    timeline = timed(score, session, forms, speed)
    breaths = breaths_of(timeline, session, forms)
    heard = timeline._replace(spans=tuple(directed(timeline.spans, forms, session.directions, "class")))
    found = candidates(heard, breaths, session, forms)
    return LaidOut(score, timeline, breaths, heard, found)


def undecided(session: Session) -> Session:
    """A session without what has no part in laying it out: sessions alike in the rest are laid out alike."""
    return session.model_copy(
        update={
            "cue_choices": (),
            "own_cues": (),
            "fullness": 100,
            "talk_pct": None,
            "title": "",
            "tags": (),
            "notes": "",
            "wished_ms": None,
        }
    )


def prepare(
    session: Session, forms: Forms, measure: Measure, speed: float = 1.0, laid: LaidOut | None = None
) -> Prepared:
    """A session up to what could be said, and how long that takes. `laid`: the session in time, if that is at hand."""
    laid = laid or lay_out(session, forms, speed)
    found = overridden(laid.found, laid.heard, session)
    spoken = pronunciations_of(forms.values())
    voiced = {text: in_terms(text, spoken) if spoken else text for text in found.texts()}
    measured = measure(set(voiced.values()))
    return Prepared(laid, found, {t: measured[v] for t, v in voiced.items()}, spoken)


def work_out(
    session: Session, forms: Forms, measure: Measure, speed: float = 1.0, laid: LaidOut | None = None
) -> Practice:
    """Everything that follows from a session: laid out, then candidates → schedule → soundtrack."""
    ready = prepare(session, forms, measure, speed, laid)
    score, timeline, breaths, heard, _, blocked, _ = ready.laid
    decided = decide(
        ready.found, ready.lengths, ready.quiet(session), ceilings_of(session, heard), price_of(session.fullness)
    )
    soundtrack = sounds(heard, session.sound, decided.decisions, breaths, ready.pronunciations, blocked)
    return Practice(
        score, timeline, breaths, heard, ready.found, decided, soundtrack,
        forms, session.directions, ready.pronunciations,
    )  # fmt: skip


def ceilings_of(session: Session, timeline: Timeline) -> list[Ceiling]:
    """How much of every pass may be spent talking, where that is limited."""
    out = []
    for no, spans in by_pass(timeline.spans).items():
        share = session.passes[no].talk_pct or session.talk_pct
        if share:
            out.append(Ceiling(spans[0].start_ms, spans[-1].end_ms, share / 100))
    return out
