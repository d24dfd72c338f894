"""Cue candidates: everything that could be said along a timeline, each with its moment, window and wordings."""

from __future__ import annotations

from bisect import bisect_right
from collections import Counter
from collections.abc import Iterator, Sequence
from itertools import combinations, groupby, pairwise
from typing import NamedTuple

from kemvo.core.cues.kinds import CUE_KINDS, HANDS_MAY_LAG, Cue, CueKind
from kemvo.core.cues.terms import in_terms
from kemvo.core.cues.wording import LENGTHS, Length, Wording, distinct, led_in, number_word, sayable, wordings_of
from kemvo.core.model.form import Movement
from kemvo.core.model.session import FACINGS, VOICES, Calls, Forms, Session
from kemvo.core.movement.line_parts import portions, words_of
from kemvo.core.tables.block_kinds import BLOCK_KINDS as BLOCKS
from kemvo.core.tables.groups import GROUPS
from kemvo.core.timing.pass_breath import Breathed
from kemvo.core.timing.score import Performance, place_name
from kemvo.core.timing.timeline import Span, Timeline, by_pass


class Together(NamedTuple):
    """Cues that can be said as one utterance, and how: a wording of each length."""

    ids: tuple[str, ...]
    wordings: tuple[Wording, ...]


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
        *teller.passes(), *teller.sections(), *teller.care(), *teller.names(), *teller.movements(),
        *teller.breaths(breaths), *teller.counts(), *teller.reminders(), *teller.time_left(),
    ]  # fmt: skip
    cues = [c for c in cues if _asked(c, timeline, session.calls)]
    cues = in_order(cues)
    return Candidates(cues, list(_joined(cues, timeline)))


def in_order(cues: Sequence[Cue]) -> list[Cue]:
    """Cues in the order of their moments."""
    return sorted(cues, key=lambda c: (c.target_ms, rank(c), c.id))


def rank(cue: Cue) -> int:
    """The order of cues that belong to one moment: by kind; the parts of a movement in the order of its line."""
    row = CUE_KINDS["foot"] if cue.kind in PARTS else CUE_KINDS[cue.kind]
    return row.rank * 100 + cue.part


PARTS: frozenset[CueKind] = frozenset({"foot", "turn", "hands"})
"""The kinds that tell a movement, in the order of its line."""


def _asked(c: Cue, timeline: Timeline, calls: Calls) -> bool:
    level = VOICES[timeline.spans[c.span].round.voice].kinds
    return (
        c.kind in level
        or (c.lead and "foot" in level)
        or (c.kind == "breath" and calls.breath_words and "foot" in level)
    )


class _Teller:
    """Goes along a timeline and tells what could be said."""

    def __init__(self, timeline: Timeline, session: Session, forms: Forms) -> None:
        self.timeline = timeline
        self.spans = timeline.spans
        self.session = session
        self.calls = session.calls
        self.forms = forms
        self.parts = by_pass(timeline.spans)
        self.index = {id(s): i for i, s in enumerate(timeline.spans)}
        self.times: Counter[str] = Counter()

    def cue(
        self, kind: CueKind, s: Span, wordings: Sequence[Wording], opens: int = 0, target: int | None = None,
        due: int | None = None, tail: str = "", lead: bool = False, part: int = 0,
    ) -> Iterator[Cue]:  # fmt: skip
        """A cue for the beginning of a span, if there is anything to say."""
        if not wordings:
            return
        row = CUE_KINDS[kind]
        at = s.start_ms if target is None else target
        ends = max(0, at - row.space_ms)
        yield Cue(
            f"{place_name(s)}.{kind}{tail}", kind, at, max(0, opens, at - row.lead_ms), ends if due is None else max(0, due),
            tuple(wordings), self.index[id(s)], ends if due is not None else None, None, row.must, lead, part,
        )  # fmt: skip

    def terms(self, s: Span, wordings: Sequence[Wording]) -> tuple[Wording, ...]:
        """Wordings in the terms of the form's school."""
        form = self.forms.get(s.round.form_id)
        if form is None or not form.phrases:
            return tuple(wordings)
        return distinct(*((w.length, in_terms(w.text, form.phrases)) for w in wordings))

    def passes(self) -> Iterator[Cue]:
        """What is said before a pass: the instructor's words, and the facing when it changes."""
        facing = None
        for spans in self.parts.values():
            first, leg = spans[0], spans[0].round
            words = sayable(leg.say)
            if not BLOCKS[leg.kind].moves:
                # A block that stands still is told at its beginning, after its chime.
                by = min(first.end_ms, first.start_ms + STILL_TOLD_MS)
                yield from self.cue("pass", first, distinct(("full", words)), first.start_ms, by)
                continue
            moving = next((s for s in spans if s.kind == "movement"), None)
            if moving is None:
                continue
            yield from self.cue("pass", moving, distinct(("full", words), ("short", "")), first.start_ms)
            if leg.facing != facing:
                row = FACINGS[leg.facing]
                full = row.announce if words else f"{row.announce} {row.asks}"
                yield from self.cue("facing", moving, distinct(("full", full), ("short", row.announce)), first.start_ms)
            facing = leg.facing

    def sections(self) -> Iterator[Cue]:
        """The title of a section where it begins, in passes that go over more than one."""
        if not self.calls.sections:
            return
        for s, before in self._first_of(lambda p: p.section_id):
            titles = {x.performance.section_id for x in self.parts[s.round.no] if x.performance}
            if len(titles) > 1 and s.performance:
                yield from self.cue("section", s, distinct(("full", sayable(s.performance.section_title))), before)

    def care(self) -> Iterator[Cue]:
        """The cautions of a posture the first time it is done in the session, and its gentler version, for a group that
        is spared what is in it, the first time of every pass."""
        warned: set[tuple[str, ...]] = set()
        offered: set[tuple[int, str]] = set()
        for s, before in self._first_of(lambda p: p.no):
            assert s.performance
            posture, form = s.performance.posture, self.forms.get(s.round.form_id)
            if (
                self.calls.cautions
                and posture.cautions
                and posture.cautions not in warned
                and s.round.voice != "silent"
            ):
                warned.add(posture.cautions)
                told = sayable(". ".join(c.strip(" .") for c in posture.cautions))
                yield from self.cue(
                    "caution",
                    s,
                    self.terms(s, distinct(("full", told), ("short", sayable(posture.cautions[0])))),
                    before,
                )
            spared = GROUPS[form.who.group].spared if form else frozenset()
            if (
                self.calls.gentler
                and posture.gentler
                and set(posture.kinds) & spared
                and (s.round.no, posture.id) not in offered
            ):
                offered.add((s.round.no, posture.id))
                told = sayable(posture.gentler)
                yield from self.cue(
                    "gentler",
                    s,
                    self.terms(s, distinct(("full", f"Or gentler: {told[:1].lower()}{told[1:]}"), ("short", told))),
                    before,
                )

    def _first_of(self, key: object) -> Iterator[tuple[Span, int]]:
        """The spans at which a new one begins (posture, section), with the beginning of the one before it in its pass."""
        last: object = None
        begin = 0
        for i, s in enumerate(self.spans):
            if i == 0 or s.round.no != self.spans[i - 1].round.no:
                begin = s.start_ms
            if s.kind != "movement" or not s.performance:
                continue
            here = (s.round.no, s.round.nth, key(s.performance))  # type: ignore[operator]
            if here != last:
                last = here
                yield s, begin
                begin = s.start_ms

    def names(self) -> Iterator[Cue]:
        """The posture's name, with its number and its "two of three"; it may begin with the posture before."""
        for s, before in self._first_of(lambda p: p.no):
            assert s.performance
            yield from self.cue("name", s, self.terms(s, name_wordings(s.performance)), before)

    def movements(self) -> Iterator[Cue]:
        """The movement's words, part by part; they may begin with the movement before it."""
        opens = 0
        for i, s in enumerate(self.spans):
            if s.kind == "movement" and s.movement:
                yield from self._movement(s, min(opens, s.start_ms - 3000))
            opens = s.start_ms if s.kind != "hold" else opens
            if i + 1 < len(self.spans) and self.spans[i + 1].round.no != s.round.no:
                opens = self.spans[i + 1].start_ms

    def _movement(self, s: Span, opens: int) -> Iterator[Cue]:
        m = s.movement
        assert m
        found = () if any((m.cues.full, m.cues.short, m.cues.keyword)) else portions(m)
        if len(found) < 2:
            kind: CueKind = found[0].kind if found and found[0].kind != "late" else "foot"
            made = self._worded(s, wordings_of(m, s.left_from), m.id)
            yield from self.cue(kind, s, made, opens, tail=":0", lead=True)
            return
        lead = next((k for k, p in enumerate(found) if p.kind == "foot"), 0)
        lag = round(min((s.end_ms - s.start_ms) * HANDS_MAY_LAG[0], HANDS_MAY_LAG[1]))
        for k, p in enumerate(found):
            said = words_of(m.line, p.start, p.end)
            made = self._worded(s, wordings_of(Movement(line=said), s.left_from), f"{m.id}:{k}")
            if p.kind == "late":
                end = s.end_ms - round((s.end_ms - s.start_ms) * LATE_AT)
                yield from self.cue("late", s, made, s.start_ms, end, tail=f":{k}", part=k)
            elif p.kind == "hands" and k != lead:
                yield from self.cue("hands", s, made, opens, due=s.start_ms + lag, tail=f":{k}", part=k)
            else:
                yield from self.cue(p.kind, s, made, opens, tail=f":{k}", lead=k == lead, part=k)

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
"""So long after its minute the time left may still be told."""

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
    number = sayable(p.posture.number)
    full = f"{f'Number {number}. ' if number and p.nth == 1 else ''}{title}{times}"
    return distinct(("full", full), ("short", title), ("keyword", sayable(p.posture.name)))


def _joined(cues: Sequence[Cue], timeline: Timeline) -> Iterator[Together]:
    """Neighbours that can be said in one breath: the parts of a movement, and a name with what comes first."""
    for _, row in groupby(cues, lambda c: (c.kind in PARTS, c.span)):
        run = list(row)
        if run[0].kind in PARTS:
            for first, last in combinations(range(len(run) + 1), 2):
                if last - first > 1:
                    yield _parts_together(run[first:last], timeline)
    for one, two in pairwise(cues):
        if one.kind == "name" and two.kind in PARTS and one.span == two.span:
            texts = [(length, f"{_of_length(one, length)}. {_of_length(two, length)}") for length in LENGTHS[:2]]
            yield Together((one.id, two.id), distinct(*texts))


def _parts_together(run: Sequence[Cue], timeline: Timeline) -> Together:
    """Parts of one movement as one sentence: its own line where that is what they say, else one after the other."""
    span = timeline.spans[run[0].span]
    texts: list[tuple[Length, str]] = []
    for length in LENGTHS[:2]:
        words = [_of_length(c, length) for c in run]
        texts.append((length, ", ".join([words[0], *(w[:1].lower() + w[1:] for w in words[1:])])))
    line = span.movement.line if span.movement else ""
    found = portions(span.movement) if span.movement else ()
    places = [c.part for c in run]
    plain = all(
        c.wordings[0].text == words_of(line, found[k].start, found[k].end)
        for c, k in zip(run, places, strict=True)
        if k < len(found)
    )
    if plain and found and run[0].wordings[0].length == "full":
        texts[0] = ("full", sayable(words_of(line, found[places[0]].start, found[places[-1]].end)))
    return Together(tuple(c.id for c in run), distinct(*texts))


def _of_length(c: Cue, length: Length) -> str:
    """The wording of a cue of that length, or the next shorter one, or the longest it has."""
    least = LENGTHS.index(length)
    return next((w.text for w in c.wordings if LENGTHS.index(w.length) >= least), c.wordings[-1].text)
