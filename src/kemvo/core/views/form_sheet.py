"""What the form sheet shows beside a form: where every movement stands in time, weight and breath, totals, the feet on
the floor, and what the read-through noticed."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass
from functools import lru_cache
from typing import Literal

from kemvo.core.cues.wording import Wording, wordings_of
from kemvo.core.floor.closing import EndPlace, mark_of
from kemvo.core.floor.feet import Event, Feet, FloorStep, Moment, centre
from kemvo.core.floor.footprint import Disc, Needed, in_a_sentence, needed, space
from kemvo.core.floor.placement import best_spot, seen_by, seen_from
from kemvo.core.model.form import Form
from kemvo.core.model.to_fill import is_to_fill, is_untouched
from kemvo.core.model.variants import VARIANTS, difference, in_ways, variants_by_kind
from kemvo.core.model.within import Within, by_itself
from kemvo.core.movement.fact_words import in_words
from kemvo.core.movement.interpretation import SaidFact, foot_side, line_facts
from kemvo.core.review.checks import of_variants, read_through
from kemvo.core.review.context import Seen, seen
from kemvo.core.review.findings import Finding
from kemvo.core.tables.groups import ADVICE
from kemvo.core.tables.rooms import Point, Room
from kemvo.core.timing.totals import Totals, totals_by
from kemvo.core.timing.weight_curve import is_full, shifts
from kemvo.core.types import EMPTY_UP_TO, Side, Value


@dataclass(frozen=True, slots=True)
class MovementLine:
    """A movement the first time it is done: when, how long, and where weight and breath come from and go,
    which foot acts and whether it carries weight at the end, and what is read from its words (each in words, with
    "read" or "hand").

    Times in milliseconds from the form's beginning, holds apart; weights as left_pct; fills 0 to 1.
    """

    start_ms: int
    ms: int
    left_from: int
    left_to: int
    fill_from: float
    fill_to: float
    shift: bool
    foot_side: Side | None
    foot_full: bool
    wordings: tuple[Wording, ...]
    signs: tuple[tuple[str, str], ...]


PrintState = Literal["full", "empty", "heel", "toe", "off"]
"""How a foot stands: flat and full, flat and empty, on its heel or its toes only, or off the floor."""

Print = tuple[float, float, float, PrintState, int]
"""A foot on the floor: heel x and y in metres, angle in degrees, how it stands, and the weight on it in percent."""


@dataclass(frozen=True, slots=True)
class FloorLine:
    """The floor at the end of one movement: both feet, the body's middle and its facing in degrees; `moved` are the
    ways the feet went, each with its side, from and to."""

    movement_id: str
    left: Print
    right: Print
    middle: tuple[float, float]
    facing: float
    moved: tuple[tuple[Side, float, float, float, float], ...]


class Floor(Value):
    """The whole trace: the opening stance, then every movement as often as it is done. `foot`, `reach`: lengths in
    metres. `walls`, `picture`: the room and what its camera sees, as they lie around the form's start (the one that is
    set, else the best one that faces the front)."""

    foot: float
    reach: float
    opening: FloorLine
    steps: tuple[FloorLine, ...]
    needed: Needed
    sentence: str
    mark: EndPlace
    mark_sentence: str
    walls: tuple[Point, ...]
    picture: tuple[Point, ...]


class GroupCare(Value):
    """What the form's group is told: its caution and the advice that comes first; and for every posture that wants
    care for them, the gentler version that is chosen."""

    caution: str
    advice: str
    gentler: dict[str, str]


class WayLine(Value):
    """A variant: what kind it is, and what differs, in words."""

    title: str
    differs: str


class Sheet(Value):
    """What follows from a form by itself, once through at its own tempo; rows by id. Variants stand where they are done: in the
    place of their posture. `ways`: of every variant, what differs. `by_itself`: where it stands in a longer form before that is told. `to_fill`: the postures that have only a name;
    `untouched`: those that stand as the catalogue gave them."""

    totals: Totals
    sections: dict[str, Totals]
    postures: dict[str, Totals]
    movements: dict[str, MovementLine]
    floor: Floor
    findings: tuple[Finding, ...]
    care: GroupCare
    ways: dict[str, WayLine]
    by_itself: Within
    to_fill: tuple[str, ...]
    untouched: tuple[str, ...]


def sheet(form: Form) -> Sheet:
    """Work out the sheet of a form whose ids are filled in."""
    look = seen(form)
    findings = read_through(look)
    lines = _lines(look)
    totals = {p: t for p, t in _by_posture(look).items() if p}
    ways: dict[str, WayLine] = {}
    usual = {p.id: p for p in form.postures()}
    for variant, others in variants_by_kind(form).items():
        other = seen(in_ways(form, variant))
        theirs = {m.id for p in others for m in p.movements}
        lines |= {id_: line for id_, line in _lines(other).items() if id_ in theirs}
        done = _by_posture(other)
        for p in others:
            totals[p.id] = done.get(p.variant_of, Totals())
            without = set(look.cares[p.variant_of]) - set(other.cares[p.variant_of])
            ways[p.id] = WayLine(title=VARIANTS[variant].title, differs=difference(usual[p.variant_of], p, without))
        findings += of_variants(other, others, {f.id for f in findings}, form.set_aside)
    whole, sections = totals_by(look.spans, lambda _: 0, lambda s: s.performance.section_id if s.performance else "")
    return Sheet.model_construct(
        totals=whole.get(0, Totals()),
        sections={str(k): v for k, v in sections.items()},
        postures=totals,
        movements=lines,
        floor=floor_of(look),
        findings=tuple(findings),
        care=care_of(look),
        ways=ways,
        by_itself=by_itself(len(form.postures())),
        to_fill=tuple(p.id for p in form.postures() if is_to_fill(p)),
        untouched=tuple(p.id for p in form.all_postures() if is_untouched(p)),
    )


def _by_posture(look: Seen) -> dict[str, Totals]:
    (found,) = totals_by(look.spans, lambda s: s.performance.posture.id if s.performance else "")
    return {str(k): v for k, v in found.items()}


def _lines(look: Seen) -> dict[str, MovementLine]:
    """The line of every movement, the first time it is done."""
    moved = shifts([look.form.opening_left_pct, *(s.left_to for s in look.spans)])
    lines: dict[str, MovementLine] = {}
    for s, shift in zip(look.spans, moved, strict=True):
        if s.kind == "movement" and s.movement and s.movement.id not in lines:
            side = foot_side(s.movement)
            lines[s.movement.id] = MovementLine(
                start_ms=s.start_ms,
                ms=s.end_ms - s.start_ms,
                left_from=s.left_from,
                left_to=s.left_to,
                fill_from=round(s.fill_from, 4),
                fill_to=round(s.fill_to, 4),
                shift=shift,
                foot_side=side,
                foot_full=is_full(side, s.left_to),
                wordings=wordings_of(s.movement, s.left_from),
                signs=_signs(line_facts(s.movement)),
            )
    return lines


@lru_cache(maxsize=8192)
def _signs(said: tuple[SaidFact, ...]) -> tuple[tuple[str, str], ...]:
    """What is read from a line, in words, and where it comes from."""
    return tuple((in_words(f.fact), f.origin) for f in said)


def floor_of(look: Seen) -> Floor:
    """The trace of a form, ready to be drawn."""
    t = look.trace
    discs = space(t)
    room = needed(discs)
    mark = mark_of(t)
    return Floor.model_construct(
        foot=round(t.body.foot, 3),
        reach=round(t.body.reach, 3),
        opening=_line("", t.opening, (), t.body.foot),
        steps=tuple(_of_step(s, t.body.foot) for s in t.steps),
        needed=Needed(*(round(n, 2) for n in room)),
        sentence=in_a_sentence(room),
        mark=mark,
        mark_sentence=mark.sentence(),
        walls=_around(look.form, discs, lambda room: room.outline()),
        picture=_around(look.form, discs, lambda room: seen_by(room.camera) if room.camera else ()),
    )


def _around(form: Form, discs: tuple[Disc, ...], corners: Callable[[Room], tuple[Point, ...]]) -> tuple[Point, ...]:
    """Corners on the room's plan as they lie around the form's start."""
    if form.room is None:
        return ()
    spot = form.start or best_spot(discs, form.room, form.room.front_deg).spot
    return tuple((round(x, 2), round(y, 2)) for x, y in (seen_from(spot, c) for c in corners(form.room)))


def _of_step(s: FloorStep, foot: float) -> FloorLine:
    return _line(s.movement.id, Moment(s.after, s.span.left_to, s.facing), s.events, foot)


@lru_cache(maxsize=16_384)
def _line(movement_id: str, m: Moment, events: tuple[Event, ...], foot: float) -> FloorLine:
    x, y = centre(m.feet, m.left_pct, foot)
    return FloorLine(
        movement_id=movement_id,
        left=_print(m.feet, "L", m.left_pct),
        right=_print(m.feet, "R", m.left_pct),
        middle=(round(x, 3), round(y, 3)),
        facing=round(m.facing, 1),
        moved=tuple(
            (e.side, round(e.before.x, 3), round(e.before.y, 3), round(e.after.x, 3), round(e.after.y, 3))
            for e in events
            if e.kind == "step"
        ),
    )


def _print(feet: Feet, side: Side, left_pct: float) -> Print:
    foot = feet.of(side)
    load = round(left_pct if side == "L" else 100 - left_pct)
    state: PrintState = foot.contact if foot.contact != "flat" else "full" if load > EMPTY_UP_TO else "empty"
    return round(foot.x, 3), round(foot.y, 3), round(foot.angle, 1), state, load


def care_of(look: Seen) -> GroupCare:
    """What the group is told, and the gentler versions chosen for it."""
    group = look.form.who.limits()
    chosen = {
        p.id: p.gentler
        for p in look.form.postures()
        if p.gentler.strip() and any(c in group.spared for c in look.cares[p.id])
    }
    return GroupCare(caution=group.caution, advice=ADVICE, gentler=chosen)
