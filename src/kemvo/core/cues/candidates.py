"""Cue candidates: everything that could be said along a timeline, each with its moment, window and wordings."""

from __future__ import annotations

from bisect import bisect_right
from collections.abc import Iterator, Sequence
from itertools import pairwise
from typing import NamedTuple

from kemvo.core.cues.care import care, first_care
from kemvo.core.cues.joins import Together, joined
from kemvo.core.cues.kinds import ARRIVES, HANDS_MAY_LAG, NOTES, Cue, CueKind
from kemvo.core.cues.order import in_order
from kemvo.core.cues.telling import STILL_SOON_MS, Teller
from kemvo.core.cues.wording import (
    LENGTHS,
    Wording,
    distinct,
    led_in,
    part_wordings,
    sayable,
    wordings_of,
)
from kemvo.core.language.numbers import number_word
from kemvo.core.model.form import Movement
from kemvo.core.model.session import VOICES, Calls, Forms, Session
from kemvo.core.model.within import within_words
from kemvo.core.movement.interpretation import FEET, line_facts
from kemvo.core.movement.line_parts import part_facts, portions
from kemvo.core.tables.block_kinds import BLOCK_KINDS as BLOCKS
from kemvo.core.timing.opening_pause import (
    facing_words,
    section_titles,
)
from kemvo.core.timing.pass_breath import Breathed
from kemvo.core.timing.score import Performance
from kemvo.core.timing.timeline import Span, Timeline


class Candidates(NamedTuple):
    """All that could be said: cues in the order of their moments, and those that can be joined."""

    cues: list[Cue]
    joins: list[Together]

    def texts(self) -> set[str]:
        """Every text that could be said."""
        of_cues = {w.text for c in self.cues for w in c.wordings}
        return of_cues | {w.text for t in self.joins for w in t.wordings}


def candidates(timeline: Timeline, breaths: Sequence[Breathed], session: Session, forms: Forms) -> Candidates:
    """All cues of a timeline that its passes' voice levels and the session's calls ask for."""
    teller = _Teller(timeline, session, forms)
    cues = [
        *teller.passes(), *first_care(teller), *teller.sections(), *care(teller), *teller.names(), *teller.movements(),
        *teller.breaths(breaths), *teller.counts(), *teller.reminders(), *teller.time_left(),
    ]  # fmt: skip
    cues = [c for c in cues if _asked(c, timeline, session.calls)]
    cues = in_order(cues)
    return Candidates(cues, list(joined(cues, timeline)))


def _asked(c: Cue, timeline: Timeline, calls: Calls) -> bool:
    level = VOICES[timeline.spans[c.span].round.voice].kinds
    return (
        c.kind in level
        or (c.lead and "foot" in level)
        or (c.kind == "breath" and calls.breath_words and "foot" in level)
    )


class _Teller(Teller):
    """Goes along a timeline and tells what could be said."""

    def passes(self) -> Iterator[Cue]:
        """What is said before a pass: the instructor's words, and the facing when it changes."""
        facing = None
        for spans in self.parts.values():
            first, round_ = spans[0], spans[0].round
            words = sayable(round_.say)
            if not BLOCKS[round_.kind].moves:
                # A block that stands still is told at its beginning, after its chime.
                by = min(first.end_ms, first.start_ms + STILL_TOLD_MS)
                soon = min(by, first.start_ms + STILL_SOON_MS)
                yield from self.cue("pass", first, distinct(("full", words)), first.start_ms, soon, due=by)
                continue
            moving = next((s for s in spans if s.kind == "movement"), None)
            if moving is None:
                continue
            yield from self.cue("pass", moving, distinct(("full", words), ("short", "")), first.start_ms)
            full, short = facing_words(round_.facing, facing, words)
            yield from self.cue("facing", moving, distinct(("full", full), ("short", short)), first.start_ms)
            facing = round_.facing
            yield from self._starting_over(spans)

    def _starting_over(self, spans: Sequence[Span]) -> Iterator[Cue]:
        """That a pass starts over, in the pause before it does."""
        for pause, first in pairwise(spans):
            if pause.kind == "pause" and first.kind == "movement" and pause.round.nth > 1:
                says = distinct(("full", "From the beginning, once more"), ("short", "From the beginning"))
                yield from self.cue("pass", first, says, pause.start_ms)

    def sections(self) -> Iterator[Cue]:
        """Where a pass stands in a longer form, as it begins; the title of a section where it begins, in passes that go over more
        than one."""
        begins = self.first_of(lambda p: "") if self.calls.place else ()
        for s, before in (x for x in begins if x[0].round.nth == 1):
            done = {x.performance.posture.id for x in self.parts[s.round.no] if x.performance}
            form = self.forms[s.round.form_id]
            place = within_words(form.within, form.ids(), done)
            yield from self.cue("section", s, distinct(("full", place), ("short", "")), before, tail=".within")
        if not self.calls.sections:
            return
        for s, before in self.first_of(lambda p: p.section_id):
            performed = [x.performance.posture for x in self.parts[s.round.no] if x.performance]
            if s.performance and section_titles(self.forms[s.round.form_id], performed):
                yield from self.cue("section", s, distinct(("full", sayable(s.performance.section_title))), before)

    def names(self) -> Iterator[Cue]:
        """The posture's name, with its number and its "two of three"; it may begin with the posture before."""
        for s, before in self.first_of(lambda p: p.no):
            assert s.performance
            yield from self.cue("name", s, self.terms(s, name_wordings(s.performance)), before)

    def movements(self) -> Iterator[Cue]:
        """The movement's words, part by part; they may begin with the movement before it."""
        opens = 0
        for i, s in enumerate(self.spans):
            if s.kind == "movement" and s.movement:
                yield from self._movement(s, min(opens, s.start_ms - 3000))
                yield from self._arriving(s)
            opens = s.start_ms if s.kind != "hold" else opens
            if i + 1 < len(self.spans) and self.spans[i + 1].round.no != s.round.no:
                opens = self.spans[i + 1].start_ms

    def _movement(self, s: Span, opens: int) -> Iterator[Cue]:
        m = s.movement
        assert m
        found = () if any((m.cues.full, m.cues.short, m.cues.keyword)) else portions(m)
        yield from self._footwork(s, m, opens)
        if len(found) < 2:
            kind: CueKind = found[0].kind if found and found[0].kind != "late" else "foot"
            made = self._worded(s, wordings_of(m, s.left_from), m.id)
            yield from self.cue(kind, s, made, opens, tail=":0", lead=True)
            return
        lead = next((k for k, p in enumerate(found) if p.kind == "foot"), 0)
        each = (s.end_ms - s.start_ms) / (found[-1].slot + 1)
        lag = round(min(each * HANDS_MAY_LAG[0], HANDS_MAY_LAG[1]))
        for k, p in enumerate(found):
            facts = part_facts(p)
            made = self._worded(s, part_wordings(m.line[p.start : p.end], facts), f"{m.id}:{k}")
            at = s.start_ms + round(each * p.slot)
            tail = f":{p.run}" + f"+{p.in_run}" * bool(p.in_run)
            if p.kind == "late":
                end = s.end_ms - round((s.end_ms - s.start_ms) * LATE_AT)
                yield from self.cue("late", s, made, s.start_ms, end, tail=tail, part=k)
            elif p.kind == "hands" and k != lead:
                yield from self.cue("hands", s, made, opens, at, due=at + lag, tail=tail, part=k)
            else:
                yield from self.cue(p.kind, s, made, opens, at, tail=tail, lead=k == lead, part=k)

    def _arriving(self, s: Span) -> Iterator[Cue]:
        """That the hands arrive, in the movement after one over whose end they go on, unless its own words speak of hands."""
        p, m = s.performance, s.movement
        before = p.posture.movements[s.movement_no - 1] if p and s.movement_no else None
        if m and before and before.hands_on and not any(x.kind in ("hands", "late") for x in portions(m)):
            by = s.end_ms - round((s.end_ms - s.start_ms) * LATE_AT)
            said = self.terms(s, distinct(("full", "The hands arrive"), ("short", "")))
            yield from self.cue("late", s, said, s.start_ms, by, tail=":arrive", part=ARRIVES)

    def _footwork(self, s: Span, m: Movement, opens: int) -> Iterator[Cue]:
        """What the feet do, where it is noted beside the line and the line does not say it; words in which nothing was read, too:
        the instructor's own."""
        noted = m.read.foot if m.read else ()
        acting = {f.side for f in noted if f.kind in FEET and f.side in ("L", "R")}
        told = {x.fact.side for x in line_facts(m) if x.fact.kind in FEET}
        tells = not noted or acting - told
        if m.line and sayable(m.foot) and tells and not any((m.cues.full, m.cues.short, m.cues.keyword)):
            made = self._worded(s, part_wordings(m.foot, noted), f"{m.id}:foot")
            yield from self.cue("foot", s, made, opens, tail=":notes", lead=True, part=NOTES)

    def _worded(self, s: Span, wordings: Sequence[Wording], key: str) -> tuple[Wording, ...]:
        """Those of the wordings that the voice level allows, in the school's terms; the full one led in differently when
        it comes again."""
        longest = LENGTHS.index(VOICES[s.round.voice].longest)
        allowed = tuple(w for w in wordings if LENGTHS.index(w.length) >= longest) or tuple(wordings[-1:])
        said = self.terms(s, allowed)
        if not said or not self.calls.vary or said[0].length != "full":
            return said
        name = f"{key} {said[0].text}"
        time = self.times[name]
        self.times[name] += 1
        if s.end_ms - s.start_ms < LED_IN_MS * (len(said[0].text.split()) + 2):
            return said
        return (Wording("full", led_in(said[0].text, time)), *said[1:])

    def breaths(self, breaths: Sequence[Breathed]) -> Iterator[Cue]:
        """ "In" and "out", for passes in which the breath is called in words."""
        starts = [s.start_ms for s in self.spans]
        for b in breaths:
            s = self.spans[bisect_right(starts, b.start_ms) - 1]
            wordings = distinct(("full", f"Breathe {b.way}"), ("short", b.way.capitalize()))
            tail = f".{b.start_ms - s.start_ms}" if b.start_ms != s.start_ms else ""
            yield from self.cue("breath", s, wordings, 0, b.start_ms, tail=tail)

    def counts(self) -> Iterator[Cue]:
        """The counts of every movement, aloud, each on its beat."""
        for s in self.spans if self.calls.count else ():
            if s.kind == "movement" and s.movement:
                beat = (s.end_ms - s.start_ms) / s.movement.counts
                for k in range(int(s.movement.counts)):
                    at = s.start_ms + round(k * beat)
                    word = number_word(k + 1).capitalize()
                    yield from self.cue("count", s, distinct(("full", word)), 0, at, tail=f".{k + 1}")

    def reminders(self) -> Iterator[Cue]:
        """One point of posture for every pass, over its longest movement or wherever else in it there is room."""
        points = [x for x in map(sayable, self.calls.reminders) if x]
        n = 0
        for spans in self.parts.values() if points else ():
            moving = [s for s in spans if s.kind == "movement" and s.movement_no]
            if not moving or "reminder" not in VOICES[moving[0].round.voice].kinds:
                continue
            longest = max(moving, key=lambda s: (s.end_ms - s.start_ms, -s.start_ms))
            words = points[n % len(points)]
            n += 1
            yield from self.cue(
                "reminder", longest, distinct(("full", words), ("short", sayable(words.split(",")[0]))),
                spans[0].start_ms, longest.end_ms, spans[-1].end_ms,
            )  # fmt: skip

    def time_left(self) -> Iterator[Cue]:
        """How much time is left, so many minutes before the end."""
        total = self.timeline.done_ms or self.timeline.total_ms
        starts = [s.start_ms for s in self.spans]
        for minutes in sorted(set(self.calls.minutes_left), reverse=True):
            at = total - minutes * 60_000
            if at <= 0:
                continue
            s = self.spans[bisect_right(starts, at) - 1]
            said = f"{number_word(minutes).capitalize()} minute{'s' * (minutes != 1)}"
            wordings = distinct(("full", f"{said} left"), ("short", said))
            yield from self.cue("time-left", s, wordings, 0, at, at + TIME_MAY_LAG_MS, tail=f".{minutes}")


STILL_TOLD_MS = 30_000
"""What is said in a block that stands still is over by then."""

TIME_MAY_LAG_MS = 15_000
"""How long after its minute the time left may still be told, in milliseconds."""

LED_IN_MS = 450
"""A sentence that comes again is led in only where its movement lasts so long for every word (own choice): where time is
short, nothing is added."""

LATE_AT = 0.2
"""A late detail belongs to the last fifth of its movement (own choice)."""


def name_wordings(p: Performance) -> tuple[Wording, ...]:
    """The ways to call a posture: with number and "two of three", with name alone."""
    title = sayable(p.posture.title()) if p.posture.name else ""
    if not title:
        return ()
    times = f", {number_word(p.nth)} of {number_word(p.of)}" if p.of > 1 else ""
    full = f"{sayable(p.posture.called()) if p.nth == 1 else title}{times}"
    return distinct(("full", full), ("short", title), ("keyword", sayable(p.posture.name)))
