"""Checks of the feet: moved or turned under weight, stances, knees, weight and facing that jump."""

from __future__ import annotations

from collections.abc import Iterator
from math import hypot

from kemvo.core.floor.feet import Event, FloorStep, in_front, offset, outward, travel, turned_by
from kemvo.core.movement.interpretation import said, stance_of
from kemvo.core.review.context import Seen, at_step
from kemvo.core.review.findings import Finding
from kemvo.core.tables.stances import stance_of_school
from kemvo.core.timing.weight_curve import SHIFT_POINTS
from kemvo.core.types import EMPTY_UP_TO, OTHER_SIDE, SIDE_WORD, Side

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


def feet_findings(look: Seen) -> Iterator[Finding]:
    """Feet that move or turn under weight."""
    limit = look.form.manner.turn_load_pct
    for step in look.trace.steps:
        if step.unsure:
            yield at_step(step, "which-foot", "It is not said which foot steps. Name it, or say where the weight is.")
        doubled = _turns_doubled(step)
        if doubled:
            yield at_step(
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
            yield at_step(
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
        yield at_step(
            step,
            "moved-loaded",
            f"The {foot} foot {does} with {e.load:.0f} % of the weight on it. All of it goes into the {other} leg first.",
            e.side,
        )


def stances(look: Seen) -> Iterator[Finding]:
    """Stances as they are reached, and knees."""
    lengths = look.trace.body
    group = look.form.who.limits()
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
                yield at_step(
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
                yield at_step(
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
            yield at_step(
                step, "too-long", f"The feet stand {length:.2f} m apart, heel to heel. A shorter stance is kinder."
            )
        crossed_stance = row is not None and row.id == "cross"
        if right < -0.05 and not crossed_stance:
            yield at_step(
                step, "crossed", "The feet are crossed, with weight on both. Step past, or leave one of them empty."
            )
        elif abs(along) > STRIDE * lengths.stature and right < LINE_SHARE * lengths.shoulders and not crossed_stance:
            yield at_step(
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
            yield (side, round(out)), at_step(step, "knee-line", says, side)


def jumps(look: Seen) -> Iterator[Finding]:
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
            yield at_step(
                step,
                "weight-jump",
                f"From the posture before to this one {moved} % of the weight moves to the {to} leg, and no word says so.",
            )
        if m.facing is not None and not kinds & {"turn", "pivot"}:
            turned = abs(turned_by(step.facing - facing))
            if turned > JUMP_DEG:
                yield at_step(
                    step, "facing-jump", f"The facing changes by {turned:.0f}° here, and no word tells of a turn."
                )
        facing = step.facing
