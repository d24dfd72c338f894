"""Who does what when: a session, or one form, laid out in whole milliseconds.

The hinge of Kemvo: a planned session becomes a `Timeline`, and nothing after it needs to know from what.
Spans follow each other without gap or overlap, each with the weight, breath and lung fill at both ends.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterable, Iterator
from fractions import Fraction
from itertools import groupby
from math import floor
from typing import Literal, NamedTuple

from kemvo.core.model.form import Form, Movement, Posture
from kemvo.core.model.mirror import mirror_posture
from kemvo.core.model.session import TURN_MS, Forms, Pass, Session
from kemvo.core.tables.block_kinds import KINDS, BlockKind, Facing, Voice, thinned
from kemvo.core.timing.breath_curve import fills
from kemvo.core.timing.paces import stretches_of, swayed, whole_breath_ms
from kemvo.core.timing.pass_postures import pass_title, postures_of
from kemvo.core.timing.rounds import Placed, only_part, rounds_of, turned
from kemvo.core.timing.tempo import lengths
from kemvo.core.types import EVEN, Breath

HALF = Fraction(1, 2)
SpanKind = Literal["movement", "hold", "pause", "turn"]
"""What a span is: a movement, the still time after it, a pause before or after a pass, or the instructor's turning to
another facing (it is still, too)."""

STILL: frozenset[SpanKind] = frozenset({"pause", "turn"})


class Performance(NamedTuple):
    """A posture being done: `nth` time of `of` in a row, `no` within its pass, counted from 0; the `time`-th time that
    very posture is done.

    `posture` is already mirrored if this time is on the other side.
    """

    posture: Posture
    section_id: str
    section_title: str
    nth: int
    of: int
    no: int
    time: int = 1


class Leg(NamedTuple):
    """One pass being done for the `round`-th time."""

    no: int
    id: str
    title: str
    form_id: str
    round: int
    rounds: int
    facing: Facing
    voice: Voice
    say: str
    kind: BlockKind = "follow"


class Span(NamedTuple):
    """A stretch of time in which one thing happens.

    `left_from`/`left_to`: weight on the left leg at both ends, 0 to 100. `fill_from`/`fill_to`: how full
    the lungs are, 0 to 1. `movement_no` counts within the performance, from 0. A hold belongs to the
    movement it follows; a pause to no posture.
    """

    start_ms: int
    end_ms: int
    kind: SpanKind
    leg: Leg
    performance: Performance | None
    movement: Movement | None
    movement_no: int
    left_from: int
    left_to: int
    breath: Breath
    fill_from: float
    fill_to: float


class Timeline(NamedTuple):
    """Spans from 0 to `total_ms`, without gap or overlap."""

    spans: tuple[Span, ...]
    total_ms: int


def by_pass(spans: Iterable[Span]) -> dict[int, list[Span]]:
    """The spans of every pass, by its number."""
    return {no: list(part) for no, part in groupby(spans, lambda s: s.leg.no)}


def chapters(timeline: Timeline) -> tuple[tuple[int, str], ...]:
    """Where one may want to go: the beginning of every pass, or of every posture where there is one pass only."""
    parts = by_pass(timeline.spans)
    if len(parts) != 1:
        return tuple((spans[0].start_ms, spans[0].leg.title) for spans in parts.values())
    found: list[tuple[int, str]] = []
    (spans,) = parts.values()
    for s in spans:
        if s.performance and s.kind == "movement" and s.movement_no == 0:
            found.append((s.start_ms, s.performance.posture.title()))
    return ((0, found[0][1]), *found[1:]) if found else ()


class _Step(NamedTuple):
    """A span before it has a time: its exact length in milliseconds, and where the weight goes."""

    exact_ms: Fraction
    kind: SpanKind
    leg: Leg
    performance: Performance | None
    movement: Movement | None
    movement_no: int
    left_to: int
    breath: Breath


def plan(session: Session, forms: Forms, speed: float = 1.0) -> Timeline:
    """The timeline of a session. `speed` multiplies every tempo (1 = as planned); holds and pauses stay."""
    steps: list[_Step] = []
    times: dict[object, int] = {}
    facing: Facing | None = None
    for no, p in enumerate(session.passes):
        if p.off:
            continue
        turning = facing is not None and facing != p.facing
        made = list(_steps_of_pass(no, p, session, forms, speed, times, turning))
        if KINDS[p.kind].moves and made:
            facing = p.facing
        steps += made
    start = next((entry_weight(p, forms) for p in session.passes if not p.off), EVEN)
    return _lay_out(steps, start)


def plan_form(form: Form, tempo: float | None = None) -> Timeline:
    """The timeline of one form by itself, once through, at `tempo` counts per minute (None: its own)."""
    leg = Leg(0, "", form.title, "", 1, 1, "behind", "full", "")
    placed = [(p, s.id, s.title) for s in form.sections for p in s.postures]
    ms_per_count = Fraction(60_000) / Fraction(tempo or form.tempo)
    return _lay_out(_steps(leg, placed, ms_per_count), form.opening_left_pct)


def _steps_of_pass(
    no: int, p: Pass, session: Session, forms: Forms, speed: float, times: dict[object, int], turning: bool
) -> Iterator[_Step]:
    """The steps of one pass. `times`: how often each material was gone over before, for the words to thin out;
    `turning`: the instructor stood another way before."""
    row = KINDS[p.kind]

    def leg(round_: int, rounds: int, voice: Voice) -> Leg:
        says = p.say or (row.says if p.kind != "follow" else "")
        return Leg(no, p.id, pass_title(p, forms), p.part.form_id, round_, rounds, p.facing, voice, says, p.kind)

    def still(ms: int, leg_: Leg, left: int, kind: SpanKind = "pause") -> _Step:
        return _Step(Fraction(ms), kind, leg_, None, None, 0, left, "free")

    if not row.moves:
        whole = p.pause_before_ms + p.still_ms + p.pause_after_ms
        if whole:
            yield still(whole, leg(1, 1, "full" if p.voice == "thin" else p.voice), EVEN)
        return
    form = forms.get(p.part.form_id)
    if form is None:
        return
    entry = entry_weight(p, forms)
    rounds = rounds_of(swayed(placed_of(p, forms), p, 100 - entry if turned(p) else entry), p, entry)
    material = (p.part, p.only)
    base = (p.tempo or form.tempo) * speed
    breath_ms = whole_breath_ms(session.breath_of(p), form)
    left = entry
    begun = False
    for n, round_ in enumerate(rounds, 1):
        voice = thinned(session.thinning, times.get(material, 0)) if p.voice == "thin" else p.voice
        times[material] = times.get(material, 0) + 1
        here = leg(n, len(rounds), voice)
        turn = min(TURN_MS, p.pause_before_ms) if turning and not begun else 0
        if turn:
            yield still(turn, here, entry, "turn")
        if not begun and p.pause_before_ms > turn:
            yield still(p.pause_before_ms - turn, here, entry)
        begun = True
        for step in _paced(list(_steps(here, round_, Fraction(60_000) / Fraction(base))), p, base, speed, breath_ms):
            left = step.left_to
            yield step
    if p.pause_after_ms:
        yield still(p.pause_after_ms, leg(len(rounds), len(rounds), here.voice) if rounds else leg(1, 1, "full"), left)


def _paced(steps: list[_Step], p: Pass, base: float, speed: float, breath_ms: float) -> list[_Step]:
    """Steps of one round with the paces of their pass."""
    if not p.paces:
        return steps
    moving = [i for i, s in enumerate(steps) if s.kind == "movement" and s.movement]
    counts = [steps[i].movement.counts for i in moving]  # type: ignore[union-attr]
    done = [(steps[i].performance, steps[i].movement) for i in moving]
    exact = lengths(counts, base, stretches_of(p, done, counts, base / speed, speed, breath_ms))
    for i, ms in zip(moving, exact, strict=True):
        steps[i] = steps[i]._replace(exact_ms=ms)
    return steps


def placed_of(p: Pass, forms: Forms) -> list[Placed]:
    """The postures of a pass with their sections, cut to the movements it begins and ends with."""
    form = forms.get(p.part.form_id)
    chosen = {posture.id for posture in postures_of(p, forms)}
    sections = form.sections if form else ()
    return only_part([(q, s.id, s.title) for s in sections for q in s.postures if q.id in chosen], p)


def entry_weight(p: Pass, forms: Forms) -> int:
    """The weight with which a pass begins: the opening's, or that at the end of what comes before its part."""
    form = forms.get(p.part.form_id)
    if form is None or not KINDS[p.kind].moves:
        return EVEN
    wanted = postures_of(p, forms)
    left = form.opening_left_pct
    for posture in form.postures():
        if wanted and posture.id == wanted[0].id:
            break
        times = done_times(posture)
        if times[-1].movements:
            left = times[-1].movements[-1].left_pct
    return 100 - left if turned(p) else left


def done_times(p: Posture) -> list[Posture]:
    """The posture once for every time it is done, the other side where it alternates."""
    if p.repeats == 1:
        return [p]
    back = mirror_posture(p) if p.alternate else p
    return [back if n % 2 else p for n in range(p.repeats)]


def performances(placed: Iterable[tuple[Posture, str, str]]) -> list[Performance]:
    """Every posture as often as it is done, with its "two of three".

    A posture that repeats counts its own times; postures of one name that follow each other count together.
    """
    done = [(one, section, title) for p, section, title in placed for one in done_times(p)]
    out: list[Performance] = []
    at = 0
    times: Counter[str] = Counter()
    while at < len(done):
        name = done[at][0].name.casefold().strip()
        end = at + 1
        while end < len(done) and name and done[end][0].name.casefold().strip() == name:
            end += 1
        for i in range(at, end):
            posture, section, title = done[i]
            times[posture.id] += 1
            out.append(Performance(posture, section, title, i - at + 1, end - at, i, times[posture.id]))
        at = end
    return out


def _steps(leg: Leg, placed: Iterable[tuple[Posture, str, str]], ms_per_count: Fraction) -> Iterator[_Step]:
    lengths: dict[float, Fraction] = {}
    for performance in performances(placed):
        for no, m in enumerate(performance.posture.movements):
            if m.counts not in lengths:
                lengths[m.counts] = Fraction(m.counts) * ms_per_count
            yield _Step(lengths[m.counts], "movement", leg, performance, m, no, m.left_pct, m.breath)
            if m.hold_ms:
                yield _Step(Fraction(m.hold_ms), "hold", leg, performance, m, no, m.left_pct, "free")


def _lay_out(steps: Iterable[_Step], left: int) -> Timeline:
    """Give every step its place: each end is the exact sum so far, rounded once."""
    steps = list(steps)
    # Whole milliseconds are added as such, the rest as fractions: the same sum, sooner.
    exact = Fraction(0)
    whole = 0
    ends = []
    for step in steps:
        if step.exact_ms.denominator == 1:
            whole += step.exact_ms.numerator
        else:
            exact += step.exact_ms
        ends.append(whole + floor(exact + HALF) if exact else whole)
    starts = [0, *ends[:-1]] if ends else []
    fill = fills([(s.breath, s.kind, end - start, s.leg.no) for s, start, end in zip(steps, starts, ends, strict=True)])
    spans = []
    for s, start, end, (fill_from, fill_to) in zip(steps, starts, ends, fill, strict=True):
        spans.append(
            Span(
                start,
                end,
                s.kind,
                s.leg,
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
    """The same spans as somebody does them on the other side."""
    turned: dict[int, Performance] = {}
    out = []
    for s in spans:
        performance = movement = None
        if s.performance:
            performance = turned.get(id(s.performance))
            if performance is None:
                performance = turned[id(s.performance)] = s.performance._replace(
                    posture=mirror_posture(s.performance.posture)
                )
            movement = performance.posture.movements[s.movement_no]
        out.append(
            s._replace(performance=performance, movement=movement, left_from=100 - s.left_from, left_to=100 - s.left_to)
        )
    return out
