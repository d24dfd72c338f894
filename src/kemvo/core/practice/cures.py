"""The smallest changes that would let a cue be said (better): shorter words, a neighbour left out, an earlier beginning, a
slower posture, more still time before. Each is tried before it is offered."""

from __future__ import annotations

from collections.abc import Callable, Iterator, Sequence
from typing import NamedTuple

from kemvo.core.cues.candidates import Candidates
from kemvo.core.cues.decisions import Decision, decide, price_of
from kemvo.core.cues.kinds import Cue
from kemvo.core.cues.overrides import apply_choice, with_choice
from kemvo.core.cues.terms import in_terms
from kemvo.core.cues.wording import shortened
from kemvo.core.errors import KemvoError, Problem
from kemvo.core.language.sides import side_words
from kemvo.core.model.session import CueChoice, Forms, Pass, Session
from kemvo.core.practice.pipeline import LaidOut, Measure, Prepared, ceilings_of, prepare
from kemvo.core.practice.problems import SLOWEST_TEMPO, at_tempos, tempo_of
from kemvo.core.scheduling.reasons import seconds
from kemvo.core.tables.block_kinds import BLOCK_KINDS as BLOCKS
from kemvo.core.timing.opening_pause import with_pauses
from kemvo.core.timing.timeline import Span

AROUND_MS = 60_000
"""A cure is tried among the cues of the minute before and after."""

BETTER = {"left out": 0, "shorter": 1, "moved": 2, "full": 3}
SOONER_MS = (500, 1000, 2000, 3000, 5000, 8000, 12_000)
LATER_MS = (500, 1000, 1500, 2000, 3000)
SLOWEST = 0.5
"""A cure slows a posture down to half its tempo at most."""


class Cure(NamedTuple):
    """A change that lets a cue be said: in words, and the session with it."""

    says: str
    session: Session


class _Case(NamedTuple):
    """A cue that is not said as it should be, with what surrounds it."""

    session: Session
    forms: Forms
    measure: Measure
    ready: Prepared
    cue: Cue
    now: Decision


def cures(session: Session, forms: Forms, measure: Measure, cue_id: str, laid: LaidOut | None = None) -> list[Cure]:
    """The cures of a cue, the smallest change first; none when it is said in full. `laid`: the session in time, if that is at
    hand; on a recording's clock no tempo and no pause can be changed. Raises KemvoError when there is no such cue."""
    ready = prepare(session, forms, measure, laid=laid)
    cue = next((c for c in ready.found.cues if c.id == cue_id), None)
    if cue is None:
        raise KemvoError(
            Problem(what="This cue is not there any more.", mend="Look at the desk again; the session has changed.")
        )
    now = _outcome(ready, session, ready.found, cue)
    case = _Case(session, forms, measure, ready, cue, now)
    if now.state == "full":
        return []
    in_time = (_slower, _stiller) if ready.laid.planned else (_later,)
    ways = (_shorter, _sooner, _without, *in_time, _anyway)
    return [cure for find in ways for cure in find(case)]


def outcome_of(ready: Prepared, session: Session, cue: Cue) -> Decision:
    """What becomes of a cue among those around it."""
    return _outcome(ready, session, ready.found, cue)


def _near(found: Candidates, cue: Cue) -> Candidates:
    """The cues around one, and their joins."""
    cues = [c for c in found.cues if abs(c.target_ms - cue.target_ms) <= AROUND_MS]
    ids = {c.id for c in cues}
    return Candidates(cues, [t for t in found.joins if set(t.ids) <= ids])


def _outcome(
    ready: Prepared, session: Session, found: Candidates, cue: Cue, lengths: dict[str, int] | None = None
) -> Decision:
    """What becomes of a cue among those around it."""
    return next(d for d in _decided(ready, session, found, cue, lengths) if d.cue.id == cue.id)


def _decided(
    ready: Prepared, session: Session, found: Candidates, cue: Cue, lengths: dict[str, int] | None = None
) -> list[Decision]:
    return decide(
        _near(found, cue), {**ready.lengths, **(lengths or {})}, ready.quiet(session),
        ceilings_of(session, ready.heard), price_of(session.fullness),
    ).decisions  # fmt: skip


def _better(case: _Case, then: Decision) -> bool:
    return BETTER[then.state] > BETTER[case.now.state]


def _shorter(case: _Case) -> Iterator[Cure]:
    """Fewer words than the shortest wording: for a cue that is left out."""
    if case.now.state != "left out":
        return
    last = case.cue.wordings[-1].text
    text = shortened(last)
    if len(text) < len(last) and {w.side for w in side_words(text)} == {w.side for w in side_words(last)}:
        choice = CueChoice(cue=case.cue.id, text=text)
        voiced = in_terms(text, case.ready.pronunciations)
        length = case.measure({voiced})[voiced]
        then = _outcome(case.ready, case.session, apply_choice(case.ready.found, choice), case.cue, {text: length})
        if then.state != "left out":
            yield Cure(f"Say only “{text}” ({seconds(length)}).", with_choice(case.session, choice))


def _sooner(case: _Case) -> Iterator[Cure]:
    """An earlier beginning than its kind has."""
    tries = [(ms, CueChoice(cue=case.cue.id, sooner_ms=ms)) for ms in SOONER_MS]
    yield from _least(case, tries, "Let it begin up to {} sooner.")


def _later(case: _Case) -> Iterator[Cure]:
    """A little late, where the time is what it is: a film."""
    tries = [(ms, CueChoice(cue=case.cue.id, later_ms=ms)) for ms in LATER_MS]
    yield from _least(case, tries, "Let it end up to {} late.")


def _least(case: _Case, tries: Sequence[tuple[int, CueChoice]], says: str) -> Iterator[Cure]:
    """The first of some choices, ever larger, with which the cue is said better."""
    for ms, choice in tries:
        then = _outcome(case.ready, case.session, apply_choice(case.ready.found, choice), case.cue)
        if _better(case, then):
            yield Cure(says.format(seconds(ms)), with_choice(case.session, choice))
            return


def _without(case: _Case) -> Iterator[Cure]:
    """A neighbour left out: the least worth first."""
    around = [
        d for d in _decided(case.ready, case.session, case.ready.found, case.cue)
        if d.start_ms is not None and d.end_ms is not None and d.cue.id != case.cue.id and not d.cue.must
        and d.end_ms > case.cue.opens_ms - 500 and d.start_ms < case.cue.due_ms + 500
    ]  # fmt: skip
    for d in sorted(around, key=lambda d: (d.cue.worth(0), d.cue.target_ms)):
        choice = CueChoice(cue=d.cue.id, said=False)
        then = _outcome(case.ready, case.session, apply_choice(case.ready.found, choice), case.cue)
        if _better(case, then):
            yield Cure(f"Leave out “{d.cue.wordings[0].text}”.", with_choice(case.session, choice))
            return


def _before(case: _Case) -> tuple[Span | None, Pass | None]:
    """The span before the cue's own, and its pass."""
    spans = case.ready.heard.spans
    at = next((i for i, s in enumerate(spans) if s.start_ms <= case.cue.target_ms < s.end_ms), len(spans) - 1)
    before = spans[at - 1] if at and spans[at].start_ms >= case.cue.target_ms else spans[at]
    passes = with_pauses(case.session, case.forms).passes
    p = next((p for p in passes if p.id == before.round.id), None)
    return before, p


def _with_pass(session: Session, p: Pass) -> Session:
    return session.model_copy(update={"passes": tuple(p if x.id == p.id else x for x in session.passes)})


def _tried(case: _Case, session: Session) -> bool:
    """Whether the cue is said better in a changed session."""
    ready = prepare(session, case.forms, case.measure)
    cue = next((c for c in ready.found.cues if c.id == case.cue.id), None)
    return cue is not None and _better(case, _outcome(ready, session, ready.found, cue))


def _smallest(tries: Sequence[Session], good: Callable[[Session], bool]) -> int | None:
    """The first of some sessions, ever more changed, that is good: found by halving."""
    if not tries or not good(tries[-1]):
        return None
    low, high = -1, len(tries) - 1
    while high - low > 1:
        middle = (low + high) // 2
        if good(tries[middle]):
            high = middle
        else:
            low = middle
    return high


def _slower(case: _Case) -> Iterator[Cure]:
    """The posture before it slower, to the quickest tempo that will do."""
    before, p = _before(case)
    form = case.forms.get(p.part.form_id) if p else None
    if before is None or p is None or form is None or before.performance is None:
        return
    posture = before.performance.posture
    tempo = tempo_of(p, posture.id, form.tempo)
    slow = [round(tempo * (1 - k / 40), 1) for k in range(1, round(40 * (1 - SLOWEST)) + 1)]
    slow = [t for t in slow if t >= SLOWEST_TEMPO]

    def at(t: float) -> Session:
        return _with_pass(case.session, at_tempos(p, {posture.id: t}))

    found = _smallest([at(t) for t in slow], lambda s: _tried(case, s))
    if found is not None:
        yield Cure(f"Slow {posture.title()} from {tempo:g} to {slow[found]:g} counts a minute.", at(slow[found]))


def _stiller(case: _Case) -> Iterator[Cure]:
    """More still time before the pass, for what is said before it."""
    before, p = _before(case)
    if before is None or p is None or before.performance is not None or not BLOCKS[p.kind].moves:
        return
    before_ms = p.pause_before_ms or 0
    longer = [before_ms + 500 * k for k in range(1, 41)]

    def at(ms: int) -> Session:
        return _with_pass(case.session, p.model_copy(update={"pause_before_ms": ms}))

    found = _smallest([at(ms) for ms in longer], lambda s: _tried(case, s))
    if found is not None:
        yield Cure(
            f"Stand still {seconds(longer[found])} before the pass instead of {seconds(before_ms)}.",
            at(longer[found]),
        )


def _anyway(case: _Case) -> Iterator[Cure]:
    """Said whatever gives way, and what that is."""
    if case.cue.must or case.now.state != "left out":
        return
    choice = CueChoice(cue=case.cue.id, said=True)
    was = {d.cue.id: d for d in _decided(case.ready, case.session, case.ready.found, case.cue)}
    then = _decided(case.ready, case.session, apply_choice(case.ready.found, choice), case.cue)
    mine = next(d for d in then if d.cue.id == case.cue.id)
    if mine.state == "left out":
        return
    worse = [d for d in then if BETTER[d.state] < BETTER[was[d.cue.id].state]]
    gives = (
        f": “{worse[0].cue.wordings[0].text}” gives way"
        if len(worse) == 1
        else f": {len(worse)} others give way"
        if worse
        else ""
    )
    yield Cure(f"Say it all the same{gives}.", with_choice(case.session, choice))
