"""Cues of care: when to stop, what a class must be told, the cautions of postures and their gentler versions."""

from __future__ import annotations

import re
from collections.abc import Iterator, Sequence
from itertools import pairwise, takewhile

from kemvo.core.cues.kinds import Cue, CueKind
from kemvo.core.cues.telling import STILL_SOON_MS, Teller
from kemvo.core.cues.wording import Wording, distinct, sayable
from kemvo.core.language.speech_estimate import estimated_ms
from kemvo.core.movement.interpretation import line_facts
from kemvo.core.tables.block_kinds import BLOCK_KINDS as BLOCKS
from kemvo.core.tables.groups import STOP
from kemvo.core.timing.opening_pause import (
    cautions_of_posture,
    done_along,
    first_cautions,
    gentler_is_due,
    or_gentler,
    told_first,
)
from kemvo.core.timing.pass_postures import form_of
from kemvo.core.timing.timeline import Span


def first_care(t: Teller) -> Iterator[Cue]:
    """What is said before anything is done: when to stop, and what this class must be told."""
    spans = t.parts.get(-1 if (no := told_first(t.session, t.forms)) is None else no, [])
    if not spans:
        return
    first = spans[0]
    moving = next((s for s in spans if s.kind == "movement"), None)
    told_first_of_all = first_cautions(t.session)
    need = sum(estimated_ms(words, t.session.speech.wpm) + CARE_ROOM_MS for words in told_first_of_all)
    if moving is None or not BLOCKS[first.round.kind].moves:
        # In a block that stands still, soon after its own words.
        by = min(first.end_ms, first.start_ms + STILL_SOON_MS + need)
    else:
        by = moving.start_ms
    for n, words in enumerate(told_first_of_all):
        told = distinct(("full", sayable(words)))
        for c in t.cue("caution", first, told, first.start_ms, by, due=by, tail=f".first{n}"):
            # Where there is no room for all of it (a recording that begins at once), what this class must be told goes before.
            yield c._replace(must=c.must and (words != STOP or by - first.start_ms >= need))


def care(t: Teller) -> Iterator[Cue]:
    """The cautions of a posture in the first pass in which the body does it, before the movement they speak of; and its
    gentler version, for a group that is spared what is in it, the first time of every pass."""
    warned: set[tuple[str, ...]] = set()
    offered: set[tuple[int, str]] = set()
    for s, _ in t.first_of(lambda p: p.no):
        assert s.performance
        posture, form = s.performance.posture, t.forms.get(s.round.form_id)
        if not done_along(s.round.kind, s.round.facing, s.round.voice):
            continue
        care = cautions_of_posture(posture, t.session, s.round.kind, s.round.facing, s.round.voice)
        if care and care not in warned:
            at = _done_at(t, s, " ".join(care))
            if at is not None:
                warned.add(care)
                told = sayable(". ".join(c.strip(" .") for c in care))
                yield from _in_good_time(
                    t, "caution", at, t.terms(s, distinct(("full", told), ("short", sayable(care[0]))))
                )
        wanted = t.calls.gentler and posture.gentler and gentler_is_due(posture, form)
        at = _done_at(t, s, posture.gentler) if wanted else None
        if at is not None and (s.round.no, posture.id) not in offered:
            offered.add((s.round.no, posture.id))
            told = sayable(posture.gentler)
            gentler = distinct(("full", or_gentler(told)), ("short", told))
            yield from _in_good_time(t, "gentler", at, t.terms(s, gentler))


def _done_at(t: Teller, first: Span, words: str) -> Span | None:
    """The movement of a posture at which the body does what words of care speak of; its first one where they speak of all
    of it; None where this pass leaves that out."""
    asked = {k for pattern, kinds in CARE_FOR if pattern.search(words) for k in kinds}
    i = t.index[id(first)]
    done = [s for s in takewhile(lambda s: _doing(s) == _doing(first), t.spans[i:]) if s.kind == "movement"]
    for s in done:
        if s.movement and asked & {x.fact.kind for x in line_facts(s.movement)}:
            return s
    form = form_of(t.session.passes[first.round.no], t.forms)
    assert first.performance
    whole = next((p for p in form.postures() if p.id == first.performance.posture.id), None) if form else None
    elsewhere = whole and any(asked & {x.fact.kind for x in line_facts(m)} for m in whole.movements)
    return None if elsewhere and asked else first


def _in_good_time(t: Teller, kind: CueKind, s: Span, wordings: Sequence[Wording]) -> Iterator[Cue]:
    """A cue of care: where there is too little time before its movement, in the nearest longer silence before that."""
    part = t.parts[s.round.no]
    moments = [x.start_ms for x in part if x.start_ms <= s.start_ms and x.start_ms >= s.start_ms - CARE_REACH_MS]
    need = (estimated_ms(wordings[0].text, t.session.speech.wpm) if wordings else 0) + CARE_ROOM_MS
    gaps = [(b - a, b) for a, b in pairwise(moments)]
    roomy = [b for ms, b in gaps if ms >= need]
    at = roomy[-1] if roomy else max(gaps, default=(0, s.start_ms))[1]
    yield from t.cue(kind, s, wordings, part[0].start_ms, at)


def _doing(s: Span) -> tuple[int, int, int]:
    """Which posture is being done, and the how many-th."""
    return s.round.no, s.round.nth, s.performance.no if s.performance else -1


CARE_FOR: tuple[tuple[re.Pattern[str], frozenset[str]], ...] = (
    (re.compile(r"\b(?:balance|one leg|lift|raised?|kick\w*|wall|chair|hold on)\b", re.I), frozenset({"lift", "kick"})),
    (re.compile(r"\bkick", re.I), frozenset({"kick"})),
    (re.compile(r"\b(?:pivot|twist|swivel)", re.I), frozenset({"pivot"})),
)
"""At which movements the body does what words of care speak of, by their words (own choice). Others hold for a whole posture."""

CARE_REACH_MS = 60_000
"""How long before its movement a caution may be said where nothing nearer has room, in milliseconds (own choice)."""
CARE_ROOM_MS = 3000
"""Beside a caution there should be room for the movement's own words."""
