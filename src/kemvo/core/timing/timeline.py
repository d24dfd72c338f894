"""Who does what when: the score of a session, or of one form, laid out in whole milliseconds.

The hinge of Kemvo: a score becomes a `Timeline`, and nothing after it needs to know by which clock.
Spans follow each other without gap or overlap, each with the weight, breath and lung fill at both ends.
"""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from fractions import Fraction
from itertools import groupby
from math import floor
from typing import NamedTuple

from kemvo.core.model.form import Form, Movement
from kemvo.core.model.mirror import mirror_posture
from kemvo.core.model.session import Forms, Session
from kemvo.core.timing.breath_curve import fills
from kemvo.core.timing.paces import stretches_of, whole_breath_ms
from kemvo.core.timing.score import (
    Performance,
    Place,
    Round,
    Score,
    SpanKind,
    entry_weight,
    score_of,
    score_of_form,
)
from kemvo.core.timing.tempo import lengths
from kemvo.core.types import Breath

HALF = Fraction(1, 2)


class Span(NamedTuple):
    """A stretch of time in which one thing happens.

    `left_from`/`left_to`: weight on the left leg at both ends, 0 to 100. `fill_from`/`fill_to`: how full
    the lungs are, 0 to 1. `movement_no` counts within the performance, from 0. A hold belongs to the
    movement it follows; a pause to no posture.
    """

    start_ms: int
    end_ms: int
    kind: SpanKind
    round: Round
    performance: Performance | None
    movement: Movement | None
    movement_no: int
    left_from: int
    left_to: int
    breath: Breath
    fill_from: float
    fill_to: float


class Timeline(NamedTuple):
    """Spans from 0 to `total_ms`, without gap or overlap. `done_ms`: when the last movement ends, where time goes on after
    it that nobody planned (None: all of it is planned)."""

    spans: tuple[Span, ...]
    total_ms: int
    done_ms: int | None = None


def by_pass(spans: Iterable[Span]) -> dict[int, list[Span]]:
    """The spans of every pass, by its number."""
    return {no: list(part) for no, part in groupby(spans, lambda s: s.round.no)}


def chapters(timeline: Timeline) -> tuple[tuple[int, str], ...]:
    """Where one may want to go: the beginning of every pass, or of every posture where there is one pass only."""
    parts = by_pass(timeline.spans)
    if len(parts) != 1:
        return tuple((spans[0].start_ms, spans[0].round.title) for spans in parts.values())
    found: list[tuple[int, str]] = []
    (spans,) = parts.values()
    for s in spans:
        if s.performance and s.kind == "movement" and s.movement_no == 0:
            found.append((s.start_ms, s.performance.posture.title()))
    return ((0, found[0][1]), *found[1:]) if found else ()


def plan(session: Session, forms: Forms, speed: float = 1.0) -> Timeline:
    """The timeline of a session by its planned tempos. `speed` multiplies every one of them (1 = as planned)."""
    return timed(score_of(session, forms), session, forms, speed)


def timed(score: Score, session: Session, forms: Forms, speed: float = 1.0) -> Timeline:
    """The timeline of a session's score by its planned tempos; holds and pauses stay as long as they are."""
    exact: list[Fraction] = []
    for round_, places in groupby(score.places, lambda place: place.round):
        exact += _exact(round_, list(places), session, forms, speed)
    return laid_out(score, exact)


def plan_form(form: Form, tempo: float | None = None) -> Timeline:
    """The timeline of one form by itself, once through, at `tempo` counts per minute (None: its own)."""
    score = score_of_form(form)
    return laid_out(score, _at(score.places, Fraction(60_000) / Fraction(tempo or form.tempo)))


def _exact(round_: Round, places: Sequence[Place], session: Session, forms: Forms, speed: float) -> list[Fraction]:
    """The exact length of every place of a round, in milliseconds, by the tempo and the paces of its pass."""
    p, form = session.passes[round_.no], forms.get(round_.form_id)
    if form is None:
        return _at(places, Fraction(0))
    base = (p.tempo or form.tempo) * speed
    out = _at(places, Fraction(60_000) / Fraction(base))
    if p.paces:
        moving = [i for i, place in enumerate(places) if place.kind == "movement" and place.movement]
        counts = [places[i].counts for i in moving]
        done = [(places[i].performance, places[i].movement) for i in moving]
        breath_ms = whole_breath_ms(session.breath_of(p), form)
        entry = entry_weight(p, forms)
        if round_.nth > 1 and done:
            last = places[moving[-1]].left_to
            entry = 100 - last if p.alternate else last
        paced = lengths(counts, base, stretches_of(p, done, counts, base / speed, speed, breath_ms, entry))
        for i, ms in zip(moving, paced, strict=True):
            out[i] = ms
    return out


def _at(places: Iterable[Place], ms_per_count: Fraction) -> list[Fraction]:
    known: dict[float, Fraction] = {}
    out = []
    for place in places:
        if place.kind != "movement":
            out.append(Fraction(place.still_ms))
            continue
        if place.counts not in known:
            known[place.counts] = Fraction(place.counts) * ms_per_count
        out.append(known[place.counts])
    return out


def laid_out(score: Score, lengths_ms: Sequence[Fraction]) -> Timeline:
    """Give every place its time: each end is the exact sum so far, rounded once."""
    left = score.left_pct
    # Whole milliseconds are added as such, the rest as fractions: the same sum, sooner.
    exact = Fraction(0)
    whole = 0
    ends = []
    for ms in lengths_ms:
        if ms.denominator == 1:
            whole += ms.numerator
        else:
            exact += ms
        ends.append(whole + floor(exact + HALF) if exact else whole)
    starts = [0, *ends[:-1]] if ends else []
    fill = fills(
        [(s.breath, s.kind, end - start, s.round.no) for s, start, end in zip(score.places, starts, ends, strict=True)]
    )
    spans = []
    for s, start, end, (fill_from, fill_to) in zip(score.places, starts, ends, fill, strict=True):
        spans.append(
            Span(
                start,
                end,
                s.kind,
                s.round,
                s.performance,
                s.movement,
                s.movement_no,
                left,
                s.left_to,
                s.breath,
                fill_from,
                fill_to,
            )
        )
        left = s.left_to
    return Timeline(tuple(spans), ends[-1] if ends else 0)


def mirrored(spans: Iterable[Span]) -> list[Span]:
    """Spans as somebody does them on the other side."""
    turned: dict[int, Performance] = {}
    out = []
    for s in spans:
        performance = movement = None
        if s.performance:
            performance = turned.get(id(s.performance))
            if performance is None:
                performance = turned[id(s.performance)] = s.performance._replace(
                    posture=mirror_posture(s.performance.posture, s.round.front)
                )
            movement = performance.posture.movements[s.movement_no]
        out.append(
            s._replace(performance=performance, movement=movement, left_from=100 - s.left_from, left_to=100 - s.left_to)
        )
    return out
