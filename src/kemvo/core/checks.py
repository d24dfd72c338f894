"""The read-through: what an instructor would otherwise find out in front of the class.

One function for each subject looks for its kinds of findings (`findings`). Limits belong to the form's school
(`schools`) and group (`groups`), where their source stands.
"""

from __future__ import annotations

import re
from collections.abc import Iterable, Iterator, Sequence
from itertools import groupby, pairwise
from math import hypot
from typing import NamedTuple

from kemvo.core.breath import runs
from kemvo.core.findings import CARE_WORDS, CHECKS, CheckId, Finding
from kemvo.core.floor import Event, FloorStep, Trace, in_front, offset, outward, travel, turned_by
from kemvo.core.form import Form, Posture
from kemvo.core.groups import GROUPS
from kemvo.core.mark import mark_of
from kemvo.core.placing import best_spot, clearance
from kemvo.core.reading import lexicon as lx
from kemvo.core.said import said, stance_of, words_in
from kemvo.core.space import space
from kemvo.core.stances import stance_of_school
from kemvo.core.timeline import Span, plan_form
from kemvo.core.values import OTHER_SIDE, SIDE_WORD, Care, Side
from kemvo.core.walking import trace
from kemvo.core.weight import EMPTY_UP_TO, SHIFT_POINTS

LINE_SHARE = 0.3
"""A stance narrower than this share of a shoulder width stands on one line (common practice: about a shoulder wide)."""

LONG_SHARE = 0.62
"""A stance longer than this share of stature is very long (own choice)."""

STRIDE = 0.15
"""From this share of stature on, one foot counts as in front of the other."""

INWARD_DEG = 20
"""A loaded foot pointing inward by more than this turns the knee inward (own choice)."""

TURNED_DEG = 10
"""Smaller turns of a foot are corrections, not turns."""

TURNING_DEG = 30

PARTLY_LOADED = 60
"""The most weight with which heel or toes alone may leave the floor."""

JUMP_DEG = 20


class Seen(NamedTuple):
    """What the checks look at: a form, its timeline, its trace on the floor, and what wants care in each posture."""

    form: Form
    spans: Sequence[Span]
    trace: Trace
    cares: dict[str, list[Care]]


def seen(form: Form) -> Seen:
    """A form made ready for its checks."""
    spans = plan_form(form).spans
    walked = trace(form, spans)
    by_posture: dict[str, list[FloorStep]] = {p.id: [] for p in form.postures()}
    for step in walked.steps:
        by_posture[step.performance.posture.id].append(step)
    return Seen(form, spans, walked, {p.id: cares(p, by_posture[p.id]) for p in form.postures()})


def read_through(look: Seen) -> list[Finding]:
    """Everything noticed about a form, in its order; what applies to the whole form comes last. Each finding once,
    however often its movement is repeated, and none that the instructor has set aside."""
    found: dict[str, Finding] = {}
    for check in (_feet, _stances, _jumps, _one_leg, _breaths, _postures, _gentler, _words, _mark, _room):
        for finding in check(look):
            found.setdefault(finding.id, finding)
    order = {m.id: i for i, m in enumerate(m for p in look.form.postures() for m in p.movements)}
    starts = {p.id: order.get(p.movements[0].id, 0) if p.movements else 0 for p in look.form.postures()}
    last = len(order)

    def place(f: Finding) -> float:
        if f.movement_id:
            return order.get(f.movement_id, last)
        return starts.get(f.posture_id, last) - 0.5 if f.posture_id else last

    return sorted((f for f in found.values() if f.id not in look.form.set_aside), key=place)


def _found(kind: CheckId, says: str, posture: str = "", movement: str = "", side: Side | None = None) -> Finding:
    row = CHECKS[kind]
    id_ = ":".join(x for x in (kind, movement or posture, side or "") if x)
    return Finding.model_construct(
        id=id_,
        kind=kind,
        level=row.level,
        title=row.title,
        posture_id=posture,
        movement_id=movement,
        side=side,
        says=says,
    )


def _at(step: FloorStep, kind: CheckId, says: str, side: Side | None = None) -> Finding:
    return _found(kind, says, step.performance.posture.id, step.movement.id, side)


def _feet(look: Seen) -> Iterator[Finding]:
    """Feet that move or turn under weight."""
    limit = look.form.manner.turn_load_pct
    for step in look.trace.steps:
        if step.unsure:
            yield _at(step, "which-foot", "It is not said which foot steps. Name it, or say where the weight is.")
        doubled = _turns_doubled(step)
        if doubled:
            yield _at(
                step,
                "double-turning",
                "The body turns with the weight on both feet. Move it into one leg first, and turn on the other.",
            )
        for e in step.events:
            yield from _foot(step, e, limit, doubled)


def _turns_doubled(step: FloorStep) -> bool:
    both = all(40 <= w <= 60 for w in (step.span.left_from, step.span.left_to))
    return both and abs(step.facing - step.facing_from) >= TURNING_DEG


def _foot(step: FloorStep, e: Event, limit: int, doubled: bool) -> Iterator[Finding]:
    foot, other = SIDE_WORD[e.side], SIDE_WORD[OTHER_SIDE[e.side]]
    if e.kind == "pivot":
        turned = abs(e.after.angle - e.before.angle)
        if turned > TURNED_DEG and e.load > limit and not doubled:
            yield _at(
                step,
                "turned-loaded",
                f"The {foot} foot turns {turned:.0f}° with {e.load:.0f} % of the weight on it (at most {limit} % in this"
                f" school). Sit into the {other} leg first.",
                e.side,
            )
        return
    part = e.kind == "lift" and e.after.contact != "off"
    same = e.kind == "step" and travel(e.before, e.after) < 0.02
    if e.load > (PARTLY_LOADED if part else EMPTY_UP_TO) and not same:
        does = {"step": "steps", "lift": "lifts", "kick": "kicks"}.get(e.kind, "moves")
        yield _at(
            step,
            "moved-loaded",
            f"The {foot} foot {does} with {e.load:.0f} % of the weight on it. All of it goes into the {other} leg first.",
            e.side,
        )


def _stances(look: Seen) -> Iterator[Finding]:
    """Stances as they are reached, and knees."""
    lengths = look.trace.body
    group = GROUPS[look.form.who.group]
    strained: set[tuple[Side, float]] = set()
    for step in look.trace.steps:
        left = step.span.left_to
        if (
            not step.events
            and left == step.span.left_from
            and step.facing == step.facing_from
            and stance_of(step.movement) is None
        ):
            continue  # nothing has changed since the movement before
        loads: dict[Side, int] = {"L": left, "R": 100 - left}
        now = dict(_strained(step, loads, group.knee_deg))
        yield from (f for key, f in now.items() if key not in strained)
        strained = set(now)
        named = stance_of(step.movement)
        row = stance_of_school(named.id, look.form.manner) if named else None
        if row and row.front_most <= EMPTY_UP_TO:
            emptier: Side | None = None if left == 50 else "L" if left < 50 else "R"
            front = (named.side if named else None) or emptier
            if loads[front or "L"] > row.front_most:
                yield _at(
                    step,
                    "empty-loaded",
                    f"{row.title}: {loads[front or 'L']} % of the weight is on the {SIDE_WORD[front] if front else 'front'} foot."
                    f" It should be free to be picked up at any moment: at most {row.front_most} %.",
                    front,
                )
        if min(loads.values()) <= EMPTY_UP_TO or "off" in (step.after.left.contact, step.after.right.contact):
            continue
        if named and row and row.sided and row.front_most > EMPTY_UP_TO:
            front = named.side or in_front(step.after, step.facing)
            least, most = row.front_least, row.front_most
            if front and not least <= loads[front] <= most:
                yield _at(
                    step,
                    "stance-weight",
                    f"{row.title}: {loads[front]} % of the weight is on the {SIDE_WORD[front]} foot in front. It has"
                    f" {least} to {most} % there in this school.",
                    front,
                )
        if (
            not step.events
            and step.facing == step.facing_from
            and min(step.span.left_from, 100 - step.span.left_from) > EMPTY_UP_TO
        ):
            continue  # the same stance as before
        along, right = offset(step.after.left, step.after.right, step.facing)
        length = hypot(along, right)
        if length > LONG_SHARE * lengths.stature:
            yield _at(
                step, "too-long", f"The feet stand {length:.2f} m apart, heel to heel. A shorter stance is kinder."
            )
        crossed_stance = row is not None and row.id == "cross"
        if right < -0.05 and not crossed_stance:
            yield _at(
                step, "crossed", "The feet are crossed, with weight on both. Step past, or leave one of them empty."
            )
        elif abs(along) > STRIDE * lengths.stature and right < LINE_SHARE * lengths.shoulders and not crossed_stance:
            yield _at(
                step,
                "on-a-line",
                f"The feet stand on one line ({100 * right:.0f} cm wide). About a shoulder width keeps the balance.",
            )


def _strained(step: FloorStep, loads: dict[Side, int], limit: int) -> Iterator[tuple[tuple[Side, float], Finding]]:
    """Knees that are turned away from their hips, with the foot and its angle, so that each is told once."""
    for side, load in loads.items():
        if load <= 50:
            continue
        out = outward(side, step.after.of(side).angle, step.facing)
        if out > limit or out < -INWARD_DEG:
            way = "outward" if out > 0 else "inward"
            says = (
                f"The {SIDE_WORD[side]} foot carries {load} % and points {abs(out):.0f}° {way} from where the hips face."
                " The knee should point over the toes: turn the foot while it is empty, or turn the hips."
            )
            yield (side, round(out)), _at(step, "knee-line", says, side)


def _jumps(look: Seen) -> Iterator[Finding]:
    """Weight or facing that changes between two postures with no word about it."""
    facing = 0.0
    for step in look.trace.steps:
        m, first = step.movement, step.span.movement_no == 0
        if not first:
            facing = step.facing
            continue
        kinds = {s.fact.kind for s in said(m)}
        moved = abs(step.span.left_to - step.span.left_from)
        if moved > SHIFT_POINTS and not kinds & {"shift", "step", "kick", "lift"}:
            to = SIDE_WORD["L" if step.span.left_to > step.span.left_from else "R"]
            yield _at(
                step,
                "weight-jump",
                f"From the posture before to this one {moved} % of the weight moves to the {to} leg, and no word says so.",
            )
        if m.facing is not None and not kinds & {"turn", "pivot"}:
            turned = abs(turned_by(step.facing - facing))
            if turned > JUMP_DEG:
                yield _at(
                    step, "facing-jump", f"The facing changes by {turned:.0f}° here, and no word tells of a turn."
                )
        facing = step.facing


def _one_leg(look: Seen) -> Iterator[Finding]:
    """Times on one leg alone: from the movement that lifts a foot off the floor to the one that puts it down."""
    limit = GROUPS[look.form.who.group].one_leg_ms
    for first, ms, side in one_leg_times(look):
        if ms > limit:
            yield _at(
                first,
                "one-leg-long",
                f"{ms / 1000:.0f} s on the {SIDE_WORD[side]} leg alone; {limit / 1000:.0f} s is enough for this group."
                " Shorten it, or let the toes touch down.",
                side,
            )


def one_leg_times(look: Seen) -> Iterator[tuple[FloorStep, int, Side]]:
    """Every time on one leg alone: where it begins, how long it is in milliseconds, and the leg that stands."""
    steps = {id(s.span): s for s in look.trace.steps}
    first: FloorStep | None = None
    off: Side | None = None
    begun = 0
    for span in look.spans:
        step = steps.get(id(span))
        if step is None:
            continue
        feet = step.after
        now: Side | None = "L" if feet.left.contact == "off" else "R" if feet.right.contact == "off" else None
        if now and now != off:
            if off and first:
                yield first, span.start_ms - begun, OTHER_SIDE[off]
            first, begun = step, span.start_ms
        elif off and not now and first:
            yield first, span.start_ms - begun, OTHER_SIDE[off]
        off = now
    if off and first:
        yield first, look.spans[-1].end_ms - begun, OTHER_SIDE[off]


def _breaths(look: Seen) -> Iterator[Finding]:
    """Breaths that follow one of the same way, and breaths too long or too short at this tempo."""
    spans = look.spans
    shortest, longest = GROUPS[look.form.who.group].breath_ms
    found = runs([(s.breath, s.kind, s.end_ms - s.start_ms, s.leg.no) for s in spans])
    for (a, _), (b, _) in pairwise(found):
        if spans[a].breath == spans[b].breath:
            way = "in" if spans[b].breath == "in" else "out"
            yield _of_span(
                spans[b], "breath-twice", f"Breath {way} follows breath {way}. Let one {_opposite(way)} between them."
            )
    for a, b in found:
        ms = spans[b - 1].end_ms - spans[a].start_ms
        way = f"{spans[a].breath}-breath"
        if ms > longest:
            quicker = look.form.tempo * ms / longest
            yield _of_span(
                spans[a],
                "breath-long",
                f"This {way} takes {ms / 1000:.1f} s; up to {longest / 1000:.1f} s is comfortable for this group. A breath"
                f" more in between, or {quicker:.0f} counts a minute.",
            )
        elif ms < shortest:
            slower = look.form.tempo * ms / shortest
            yield _of_span(
                spans[a],
                "breath-short",
                f"This {way} takes {ms / 1000:.1f} s; from {shortest / 1000:.1f} s on it is comfortable. Leave it free, or"
                f" take {slower:.0f} counts a minute.",
            )


def _opposite(way: str) -> str:
    return "out" if way == "in" else "in"


def _of_span(span: Span, kind: CheckId, says: str) -> Finding:
    assert span.performance and span.movement
    return _found(kind, says, span.performance.posture.id, span.movement.id)


def _postures(look: Seen) -> Iterator[Finding]:
    """Left and right versions that last differently, and repeats that stay on one side."""
    postures = look.form.postures()
    counts: dict[str, dict[Side, Posture]] = {}
    for p in postures:
        if p.side and p.name.strip() and p.movements:
            sides = counts.setdefault(p.name.casefold().strip(), {})
            other = sides.get(OTHER_SIDE[p.side])
            sides.setdefault(p.side, p)
            if other and _counts(other) != _counts(p):
                yield _found(
                    "sides-unequal",
                    f"“{p.title()}” has {_counts(p):g} counts, “{other.title()}” {_counts(other):g}.",
                    p.id,
                )
        if p.side and p.repeats > 1 and not p.alternate:
            yield _found(
                "not-alternating",
                f"“{p.title()}” is done {p.repeats} times on the same side. Should it alternate?",
                p.id,
            )
    for name, same in groupby(postures, lambda p: p.name.casefold().strip()):
        for one, other in pairwise(same):
            if name and one.side and one.side == other.side and one.repeats == other.repeats == 1:
                yield _found("not-alternating", f"“{other.title()}” follows itself on the same side.", other.id)


def _counts(p: Posture) -> float:
    return sum(m.counts for m in p.movements)


JUMPS = frozenset("jump jumps jumping leap leaps leaping hop hops".split())


def cares(p: Posture, steps: Iterable[FloorStep]) -> list[Care]:
    """What in a posture wants care: as it is marked, and as its words and feet tell."""
    found = set(p.kinds)
    for step in steps:
        if any(e.kind == "kick" for e in step.events):
            found.add("kick")
        if "off" in (step.after.left.contact, step.after.right.contact):
            found.add("one-leg")
        named = stance_of(step.movement)
        if named and named.id == "low":
            found.add("low")
        if words_in(step.movement.line) & JUMPS:
            found.add("jump")
    return sorted(found)


def _gentler(look: Seen) -> Iterator[Finding]:
    group = GROUPS[look.form.who.group]
    for p in look.form.postures():
        wants = [c for c in look.cares[p.id] if c in group.spared]
        if wants and not p.gentler.strip():
            yield _found(
                "no-gentler",
                f"There is {' and '.join(CARE_WORDS[c] for c in wants)} in it, and no gentler version for “{group.title}”.",
                p.id,
            )


SPOKEN_OF = lx.HAND | lx.TRUNK | lx.FOOT | lx.STAND | lx.SINK | frozenset("weight ball breath stand hold".split())


def _words(look: Seen) -> Iterator[Finding]:
    """Lines of which nothing was understood, not even that they speak of the hands or the body, or name a posture."""
    names = {" ".join(n.lower().split()) for p in look.form.postures() for n in (p.name, *p.aliases) if n.strip()}
    for p in look.form.postures():
        for m in p.movements:
            if not m.line.strip() or said(m) or stance_of(m) or m.cues.full:
                continue
            line = " " + re.sub(r"[^\w’]+", " ", m.line.lower()) + " "
            if not words_in(m.line) & SPOKEN_OF and not any(f" {n} " in line for n in names):
                yield _found("not-understood", f"Nothing was understood of “{m.line.strip()[:60]}”.", p.id, m.id)


def _mark(look: Seen) -> Iterator[Finding]:
    if not look.trace.steps:
        return
    mark = mark_of(look.trace)
    if not mark.closed():
        yield _found("off-the-mark", mark.sentence())


def _room(look: Seen) -> Iterator[Finding]:
    """Whether the form stays in its room and in the picture: from its own start spot, else from the best one that
    faces the front."""
    room = look.form.room
    if room is None or not look.trace.steps:
        return
    start = look.form.start
    for kind, picture, what in (("leaves-room", False, "room"), ("leaves-picture", True, "picture")):
        if picture and room.camera is None:
            return
        discs = space(look.trace)
        spot = start or best_spot(discs, room, room.front_deg, picture).spot
        by = min(clearance(discs, room, spot, picture))
        if by >= 0:
            continue
        begun = "from its start spot" if start else "wherever it begins facing the front"
        id_: CheckId = "leaves-room" if kind == "leaves-room" else "leaves-picture"
        yield _found(id_, f"The form leaves the {what} by {-by:.2f} m, {begun}.")
        return
