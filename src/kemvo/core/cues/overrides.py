"""What the instructor decided about single cues, applied to what could be said: other words, left out, pinned, sooner;
and words of their own."""

from __future__ import annotations

from bisect import bisect_right
from collections.abc import Sequence

from kemvo.core.cues.candidates import Candidates
from kemvo.core.cues.kinds import CUE_KINDS, Cue
from kemvo.core.cues.order import in_order
from kemvo.core.cues.wording import distinct, sayable
from kemvo.core.model.session import CueChoice, OwnCue, Session
from kemvo.core.timing.timeline import Timeline

STEP_MS = 10
"""Pinned times are rounded to this."""


def overridden(found: Candidates, timeline: Timeline, session: Session) -> Candidates:
    """The candidates with the session's choices and own words. Choices about cues that are not there (any more) rest."""
    if not session.cue_choices and not session.own_cues:
        return found
    places = {c.id.rsplit(".", 1)[0]: c for c in found.cues}
    made = _applied(found, session.cue_choices)
    own = [c for x in session.own_cues if (c := _own(x, timeline, places))]
    return Candidates(in_order([*made.cues, *{c.id: c for c in own}.values()]), made.joins)


def with_choice(session: Session, choice: CueChoice) -> Session:
    """A session in which one more thing is decided about a cue: on top of what was decided about it before."""
    before = next((c for c in session.cue_choices if c.cue == choice.cue), None)
    if before is not None:
        choice = before.model_copy(update=choice.model_dump(exclude_unset=True))
    others = tuple(c for c in session.cue_choices if c.cue != choice.cue)
    return session.model_copy(update={"cue_choices": (*others, choice)})


def apply_choice(found: Candidates, choice: CueChoice) -> Candidates:
    """What could be said, with one more choice."""
    made = _applied(found, (choice,))
    return Candidates(in_order(made.cues), made.joins)


def _applied(found: Candidates, choices: Sequence[CueChoice]) -> Candidates:
    cues = {c.id: c for c in found.cues}
    changed: set[str] = set()
    for choice in choices:
        cue = cues.get(choice.cue)
        if cue is None:
            continue
        if choice.said is False:
            del cues[cue.id]
        else:
            cues[cue.id] = _with(cue, choice)
        if choice.said is False or choice.text:
            changed.add(cue.id)
    return Candidates(list(cues.values()), [t for t in found.joins if not changed & set(t.ids)])


def _with(cue: Cue, choice: CueChoice) -> Cue:
    words = sayable(choice.text)
    if words:
        kept = [(w.length, w.text) for w in cue.wordings if len(w.text) < len(words)]
        cue = cue._replace(wordings=distinct(("full", words), *((n, t) for n, t in kept if n != "full")))
    if choice.pin_ms is not None:
        pin = max(0, cue.target_ms + choice.pin_ms)
        cue = cue._replace(pin_ms=round(pin / STEP_MS) * STEP_MS)
    if choice.later_ms:
        ideal = cue.due_ms if cue.ideal_ms is None else cue.ideal_ms
        cue = cue._replace(due_ms=cue.due_ms + choice.later_ms, ideal_ms=ideal)
    must = cue.must or bool(choice.said) if choice.must is None else choice.must
    return cue._replace(must=must, opens_ms=max(0, cue.opens_ms - choice.sooner_ms))


def _own(own: OwnCue, timeline: Timeline, places: dict[str, Cue]) -> Cue | None:
    """Words of the instructor's own, pinned at their time; None when their place is gone."""
    words = sayable(own.text)
    if not words or not timeline.spans:
        return None
    begin = 0
    if own.by:
        beside = places.get(own.by)
        if beside is None:
            return None
        begin = beside.target_ms
    at = max(0, round((begin + own.at_ms) / STEP_MS) * STEP_MS)
    if at >= timeline.total_ms:
        return None
    starts = [s.start_ms for s in timeline.spans]
    span = bisect_right(starts, at) - 1
    row = CUE_KINDS["text"]
    return Cue(f"own.{own.id or at}.text", "text", at, at, at + row.lead_ms, distinct(("full", words)), span, None, at)
