"""What could be said along a timeline: every cue with its moment, its window and its wordings."""

from __future__ import annotations

from bisect import bisect_right
from collections.abc import Iterator, Sequence
from typing import Literal, NamedTuple

from kemvo.core.blocks import KINDS as BLOCKS
from kemvo.core.breathed import Breathed
from kemvo.core.session import FACINGS, VOICES
from kemvo.core.timeline import Performance, Span, Timeline
from kemvo.core.wording import LENGTHS, Wording, distinct, number_word, sayable, wordings_of

CueKind = Literal["pass", "name", "movement", "breath"]


class KindRow(NamedTuple):
    """How a kind of cue is placed.

    `rank`: order of cues that belong to one moment. `space_ms`: a cue ends this long before its moment.
    `lead_ms`: it begins at most this long before. `worth`: how much the full wording counts for when not
    everything can be said; each shorter step takes one off.
    """

    id: CueKind
    rank: int
    space_ms: int
    lead_ms: int
    worth: int


KINDS: dict[CueKind, KindRow] = {
    row.id: row
    for row in (
        KindRow("pass", 0, 400, 30_000, 14),
        KindRow("name", 1, 300, 12_000, 10),
        KindRow("movement", 2, 250, 8_000, 6),
        KindRow("breath", 3, 150, 3_000, 3),
    )
}
"""Spaces and leads: own choice, from "just before the body needs it" (common practice, no source).
The worths make two key words better than one full sentence, and a name better than any movement."""


class Cue(NamedTuple):
    """Something to say.

    It has to be over `space_ms` before `target_ms`, that is by `due_ms`, and may begin at `opens_ms`.
    `wordings` are longest first; `span` is the index of the span whose beginning is the moment.
    """

    id: str
    kind: CueKind
    target_ms: int
    opens_ms: int
    due_ms: int
    wordings: tuple[Wording, ...]
    span: int

    def worth(self, wording: int) -> int:
        """How much it is worth to say this wording, by its place in `wordings`."""
        return KINDS[self.kind].worth - LENGTHS.index(self.wordings[wording].length)


def candidates(timeline: Timeline, breaths: Sequence[Breathed]) -> list[Cue]:
    """All cues of a timeline that its passes' voice levels ask for, in the order of their moments."""
    cues = [*_pass_cues(timeline), *_name_cues(timeline), *_movement_cues(timeline), *_breath_cues(timeline, breaths)]
    cues = [c for c in cues if c.kind in VOICES[timeline.spans[c.span].leg.voice].kinds]
    return sorted(cues, key=lambda c: (c.target_ms, KINDS[c.kind].rank))


def _cue(kind: CueKind, span: Span, index: int, opens_ms: int, wordings: tuple[Wording, ...]) -> Iterator[Cue]:
    """The cue for the beginning of a span, if there is anything to say."""
    if not wordings:
        return
    row = KINDS[kind]
    target = span.start_ms
    name = f"{span.leg.id or span.leg.no}.{span.leg.round}.{index}.{kind}"
    yield Cue(
        name, kind, target, max(0, opens_ms, target - row.lead_ms), max(0, target - row.space_ms), wordings, index
    )


def _pass_cues(timeline: Timeline) -> Iterator[Cue]:
    """What is said before a pass: the instructor's words, or the facing when it changes."""
    facing = None
    begins = 0
    no = -1
    for i, s in enumerate(timeline.spans):
        if s.leg.no != no:
            no, begins, waiting = s.leg.no, s.start_ms, True
            if not BLOCKS[s.leg.kind].moves:
                # A block that stands still is told at its beginning, after its chime.
                by = min(s.end_ms, s.start_ms + STILL_TOLD_MS)
                told = distinct(("full", sayable(s.leg.say)))
                if told:
                    row = KINDS["pass"]
                    name = f"{s.leg.id or no}.1.{i}.pass"
                    yield Cue(name, "pass", by, s.start_ms, max(0, by - row.space_ms), told, i)
        if s.kind == "movement" and waiting:
            waiting = False
            changed = s.leg.facing != facing
            facing = s.leg.facing
            text = sayable(s.leg.say) or (FACINGS[facing].announce if changed else "")
            yield from _cue("pass", s, i, begins, distinct(("full", text)))


STILL_TOLD_MS = 30_000
"""What is said in a block that stands still is over by then."""


def _name_cues(timeline: Timeline) -> Iterator[Cue]:
    """The posture's name, with its number and its "two of three"; it may begin with the posture before."""
    spans = timeline.spans
    opens = 0
    begin = 0
    for i, s in enumerate(spans):
        if i and s.leg.no != spans[i - 1].leg.no:
            opens = begin = s.start_ms
        if s.kind != "movement" or s.movement_no or not s.performance:
            continue
        opens, begin = begin, s.start_ms
        yield from _cue("name", s, i, opens, name_wordings(s.performance))


def name_wordings(p: Performance) -> tuple[Wording, ...]:
    """The ways to call a posture: with number and "two of three", with name alone."""
    title = sayable(p.posture.title()) if p.posture.name else ""
    if not title:
        return ()
    times = f", {number_word(p.nth)} of {number_word(p.of)}" if p.of > 1 else ""
    number = sayable(p.posture.number)
    full = f"{f'Number {number}. ' if number and p.nth == 1 else ''}{title}{times}"
    return distinct(
        ("full", full), ("short", f"{title}{times}" if p.nth > 1 else title), ("keyword", sayable(p.posture.name))
    )


def _movement_cues(timeline: Timeline) -> Iterator[Cue]:
    """The movement's words; they may begin with the movement before it."""
    spans = timeline.spans
    opens = 0
    for i, s in enumerate(spans):
        if s.kind == "movement" and s.movement:
            longest = LENGTHS.index(VOICES[s.leg.voice].longest)
            wordings = wordings_of(s.movement, s.left_from)
            allowed = tuple(w for w in wordings if LENGTHS.index(w.length) >= longest) or wordings[-1:]
            yield from _cue("movement", s, i, min(opens, s.start_ms - 3000), allowed)
        opens = s.start_ms if s.kind != "hold" else opens
        if i + 1 < len(spans) and spans[i + 1].leg.no != s.leg.no:
            opens = spans[i + 1].start_ms


def _breath_cues(timeline: Timeline, breaths: Sequence[Breathed]) -> Iterator[Cue]:
    """ "In" and "out", for passes in which only the breath is called."""
    starts = [s.start_ms for s in timeline.spans]
    row = KINDS["breath"]
    for b in breaths:
        i = bisect_right(starts, b.start_ms) - 1
        s = timeline.spans[i]
        wordings = distinct(("full", f"Breathe {b.way}"), ("short", b.way.capitalize()))
        name = f"{s.leg.id or s.leg.no}.{s.leg.round}.{i}.breath" + (
            f".{b.start_ms}" if b.start_ms != s.start_ms else ""
        )
        opens, due = max(0, b.start_ms - row.lead_ms), max(0, b.start_ms - row.space_ms)
        yield Cue(name, "breath", b.start_ms, opens, due, wordings, i)
