"""What the instructor decided about single cues, applied to what could be said: other words, left out, pinned, sooner;
and words of their own."""

from __future__ import annotations

from bisect import bisect_right

from kemvo.core.candidates import Candidates, rank
from kemvo.core.cues import KINDS, Cue
from kemvo.core.session import CueChoice, OwnCue, Session
from kemvo.core.timeline import Timeline
from kemvo.core.wording import distinct, sayable

STEP_MS = 10
"""Pinned times are rounded to this."""


def chosen(found: Candidates, timeline: Timeline, session: Session) -> Candidates:
    """The candidates with the session's choices and own words. Choices about cues that are not there (any more) rest."""
    if not session.cue_choices and not session.own_cues:
        return found
    cues = {c.id: c for c in found.cues}
    changed: set[str] = set()
    for choice in session.cue_choices:
        cue = cues.get(choice.cue)
        if cue is None:
            continue
        if choice.said is False:
            del cues[cue.id]
        else:
            cues[cue.id] = _with(cue, choice)
        if choice.said is False or choice.text:
            changed.add(cue.id)
    places = {c.id.rsplit(".", 1)[0]: c for c in found.cues}
    for own in session.own_cues:
        made = _own(own, timeline, places)
        if made:
            cues[made.id] = made
    joins = [t for t in found.joins if not changed & set(t.ids)]
    return Candidates(sorted(cues.values(), key=lambda c: (c.target_ms, rank(c), c.id)), joins)


def _with(cue: Cue, choice: CueChoice) -> Cue:
    words = sayable(choice.text)
    if words:
        kept = [(w.length, w.text) for w in cue.wordings if len(w.text) < len(words)]
        cue = cue._replace(wordings=distinct(("full", words), *((n, t) for n, t in kept if n != "full")))
    if choice.pin_ms is not None:
        pin = max(0, cue.target_ms + choice.pin_ms)
        cue = cue._replace(pin_ms=round(pin / STEP_MS) * STEP_MS)
    return cue._replace(must=cue.must or bool(choice.said), opens_ms=max(0, cue.opens_ms - choice.sooner_ms))


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
    row = KINDS["text"]
    return Cue(f"own.{own.id or at}.text", "text", at, at, at + row.lead_ms, distinct(("full", words)), span, None, at)
