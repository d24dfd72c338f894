"""Everything that sounds in a practice, as one list: the rendered file and the stage both play from it."""

from __future__ import annotations

from bisect import bisect_right
from collections.abc import Iterable, Sequence
from typing import Literal, NamedTuple

from kemvo.core.cues.decisions import Decision
from kemvo.core.cues.terms import in_terms
from kemvo.core.model.form import Phrase
from kemvo.core.model.session import SoundChoice
from kemvo.core.scheduling.value_curve import Interval
from kemvo.core.timing.pass_breath import Breathed
from kemvo.core.timing.score import STILL
from kemvo.core.timing.timeline import Timeline

SoundKind = Literal["speech", "breath-in", "breath-out", "chime"]

CHIME_MS = 3200
"""How long a chime rings."""

CHIME_CLEAR_MS = 1500
"""Nothing is said in the first part of a chime."""


class Sound(NamedTuple):
    """Something that sounds from `at_ms` for `ms`; `text` is what is said, empty for tones; `voiced`: how the voice says
    it, where that is spelt otherwise; `cues`: which cues it says."""

    at_ms: int
    ms: int
    kind: SoundKind
    text: str = ""
    voiced: str = ""
    cues: tuple[str, ...] = ()

    def spoken(self) -> str:
        """What the voice is given."""
        return self.voiced or self.text


def chimes(timeline: Timeline, choice: SoundChoice) -> list[Sound]:
    """A chime where a pass begins with a pause, and one where the last pass ends with one."""
    if not choice.chime or not timeline.spans:
        return []
    found = []
    no = -1
    for s in timeline.spans:
        if s.round.no != no:
            no = s.round.no
            if s.kind in STILL:
                found.append(Sound(s.start_ms, min(CHIME_MS, s.end_ms - s.start_ms), "chime"))
    last = timeline.spans[-1]
    if (
        last.kind == "pause"
        and last.end_ms - last.start_ms >= CHIME_CLEAR_MS
        and (not found or found[-1].at_ms != last.start_ms)
    ):
        found.append(Sound(last.start_ms, min(CHIME_MS, last.end_ms - last.start_ms), "chime"))
    return found


def quiet_times(timeline: Timeline, choice: SoundChoice) -> list[Interval]:
    """The times in which nothing may be said: the beginnings of chimes, and silent passes."""
    silent = [(s.start_ms, s.end_ms) for s in timeline.spans if s.round.voice == "silent"]
    return silent + [(c.at_ms, c.at_ms + min(CHIME_CLEAR_MS, c.ms)) for c in chimes(timeline, choice)]


def breath_tones(timeline: Timeline, choice: SoundChoice, breaths: Iterable[Breathed]) -> list[Sound]:
    """A tone as long as each called breath; none in silent passes."""
    if not choice.breath_tones:
        return []
    silent = {(s.round.no, s.round.nth) for s in timeline.spans if s.round.voice == "silent"}
    rounds = [(s.start_ms, (s.round.no, s.round.nth)) for s in timeline.spans]
    starts = [start for start, _ in rounds]
    return [
        Sound(b.start_ms, b.end_ms - b.start_ms, "breath-in" if b.way == "in" else "breath-out")
        for b in breaths
        if rounds[max(0, bisect_right(starts, b.start_ms) - 1)][1] not in silent
    ]


def speech(decisions: Iterable[Decision], pronunciations: tuple[Phrase, ...] = ()) -> list[Sound]:
    """The utterances of a schedule."""
    return [
        Sound(
            d.start_ms,
            d.end_ms - d.start_ms,
            "speech",
            d.text,
            in_terms(d.text, pronunciations) if pronunciations else "",
            d.together or (d.cue.id,),
        )
        for d in decisions
        if d.start_ms is not None and d.end_ms is not None and d.speaks()
    ]


def sounds(
    timeline: Timeline,
    choice: SoundChoice,
    decisions: Iterable[Decision],
    breaths: Iterable[Breathed],
    pronunciations: tuple[Phrase, ...] = (),
    blocked: Sequence[Interval] = (),
) -> list[Sound]:
    """Everything that sounds, in order of time. `blocked`: times in which no tone and no chime may sound, either."""
    tones = [*breath_tones(timeline, choice, breaths), *chimes(timeline, choice)]
    free = [t for t in tones if not any(t.at_ms < end and t.at_ms + t.ms > start for start, end in blocked)]
    return sorted([*speech(decisions, pronunciations), *free])
