"""Mends of the feet, the weight and the floor as a whole."""

from __future__ import annotations

from collections.abc import Iterator

from kemvo.core.floor.closing import StepChange, closings
from kemvo.core.floor.feet import FloorStep, offset, outward
from kemvo.core.floor.footprint import space
from kemvo.core.floor.placement import best_spot, facings_of, step_that_fits
from kemvo.core.floor.walker import trace
from kemvo.core.model.form import Movement
from kemvo.core.movement.fact_words import in_words
from kemvo.core.movement.interpretation import said, stance_of
from kemvo.core.review.context import Seen
from kemvo.core.review.findings import Finding
from kemvo.core.review.form_edits import (
    Try,
    all_on,
    first_span,
    instead,
    put_before,
    set_here,
    set_in,
    shift_to,
)
from kemvo.core.tables.stances import stance_of_school
from kemvo.core.types import OTHER_SIDE, SIDE_WORD, Side


def empty_first(look: Seen, f: Finding) -> Iterator[Try]:
    """The foot is emptied before it moves or turns."""
    side = f.side or "L"
    other = OTHER_SIDE[side]
    span = first_span(look, f)
    says = f"Put “Weight into the {SIDE_WORD[other]} leg” before it."
    yield Try(says, put_before(look.form, f, shift_to(other)))
    for share in (90, 80, 70):
        yield Try(
            f"Sit into the {SIDE_WORD[other]} leg first, {share} %.", put_before(look.form, f, shift_to(other, share))
        )
    yield Try(
        f"End this movement with all the weight on the {SIDE_WORD[other]} leg.",
        set_here(look.form, f, left_pct=all_on(other)),
    )
    turn_back = Movement(line=f"Weight back into the {SIDE_WORD[side]} leg", counts=2, left_pct=span.left_to)
    empty = {"left_pct": all_on(other)}
    both = instead(look.form, f, lambda m: [shift_to(other), m.model_copy(update=empty), turn_back])
    yield Try(f"Empty the {SIDE_WORD[side]} foot first, and bring the weight back after it.", both)


def one_leg_first(look: Seen, f: Finding) -> Iterator[Try]:
    """The weight goes into one leg before the body turns."""
    for side in ("R", "L"):
        leg: Side = "R" if side == "R" else "L"
        yield Try(f"Put “Weight into the {SIDE_WORD[leg]} leg” before it.", put_before(look.form, f, shift_to(leg)))


def turn_while_empty(look: Seen, f: Finding) -> Iterator[Try]:
    """The foot is turned to where the hips face before the weight comes into it."""
    side = f.side or "L"
    step = next(s for s in look.trace.steps if s.movement.id == f.movement_id)
    foot = step.before.of(side)
    out = outward(side, foot.angle, step.facing)
    degrees = min(170, round(abs(out)))
    way = "in" if out > 0 else "out"
    words = f"{SIDE_WORD[side].capitalize()} toes turn {way} {degrees} degrees on the heel"
    empty = Movement(line=words, counts=1, left_pct=step.span.left_from)
    yield Try(f"Put “{words}” before it, while the foot is empty.", put_before(look.form, f, empty))
    other = OTHER_SIDE[side]
    first = empty.model_copy(update={"left_pct": all_on(other)})
    both = instead(look.form, f, lambda m: [shift_to(other), first, m])
    yield Try(f"Sit into the {SIDE_WORD[other]} leg and put “{words}” before it.", both)
    back = next((s for s in reversed(look.trace.steps[: look.trace.steps.index(step) + 1]) if any(e.kind == "pivot" and e.side == side for e in s.events)), None)  # fmt: skip
    if back and not back.movement.foot:
        name = f"{SIDE_WORD[side]} toes turn to the front"
        yield Try(f"In “{back.movement.line[:40]}”, let the {name}.", set_in(look.form, back.performance.posture.id, back.movement.id, foot=name))  # fmt: skip


def bow(look: Seen, f: Finding) -> Iterator[Try]:
    """The step that made the stance lands a shoulder wide."""
    steps = look.trace.steps
    at = next(i for i, s in enumerate(steps) if s.movement.id == f.movement_id)
    made = next((s for s in reversed(steps[: at + 1]) if any(e.kind == "step" for e in s.events)), None)
    if made:
        for stance, words in (("bow", "a bow stance, a shoulder wide"), ("parallel", "shoulder width")):
            yield Try(
                f"Let the step of “{made.movement.line[:40]}” land in {words}.",
                set_in(look.form, made.performance.posture.id, made.movement.id, stance=stance),
            )


def free_foot(look: Seen, f: Finding) -> Iterator[Try]:
    """Weight off a foot that should be free: all of it on the other leg, or ninety percent."""
    other = OTHER_SIDE[f.side or "L"]
    yield Try(f"All the weight on the {SIDE_WORD[other]} leg.", set_here(look.form, f, left_pct=all_on(other)))
    yield Try(f"90 % of the weight on the {SIDE_WORD[other]} leg.", set_here(look.form, f, left_pct=all_on(other, 90)))


def stance_weight(look: Seen, f: Finding) -> Iterator[Try]:
    """The weight a stance has: a bow stance's is the school's, another's the nearest it may have."""
    span, front = first_span(look, f), f.side or "L"
    named = stance_of(span.movement) if span.movement else None
    if named is None:
        return
    row = stance_of_school(named.id, look.form.manner)
    least, most = row.front_least, row.front_most
    usual = look.form.manner.bow_front_pct if row.id == "bow" else most
    for share in dict.fromkeys((usual, min(max(all_on(front, span.left_to), least), most))):
        says = f"{share} % of the weight on the {SIDE_WORD[front]} foot in front."
        yield Try(says, set_here(look.form, f, left_pct=all_on(front, share)))


def say_shift(look: Seen, f: Finding) -> Iterator[Try]:
    """A shift of weight that nobody said: put in a movement of its own, or said here."""
    span = first_span(look, f)
    to: Side = "L" if span.left_to > span.left_from else "R"
    share = all_on(to, span.left_to)
    words = "Weight even" if span.left_to == 50 else f"Weight into the {SIDE_WORD[to]} leg, {share} %"
    new = Movement(line=words, counts=2, left_pct=span.left_to)
    yield Try(f"Put “{words}” before it.", put_before(look.form, f, new))
    line = span.movement.line if span.movement else ""
    said_too = f"{line.rstrip('. ')}, {words[0].lower()}{words[1:]}" if line else words
    yield Try(f"Say it here: “{said_too}”.", set_here(look.form, f, line=said_too))


def no_facing(look: Seen, f: Finding) -> Iterator[Try]:
    """A facing that jumps: let it follow from the words."""
    yield Try("Let the facing follow from the words.", set_here(look.form, f, facing=None))


def close(look: Seen, f: Finding) -> Iterator[Try]:
    """The step, or the two, that close the form, where words can say how: back instead of forward, the other foot, or how far."""
    for closing in closings(look.form, look.trace, most=12):
        form = look.form
        for c in closing.changes:
            words = _changed_words(look.trace.steps[c.step], c)
            if words is None:
                break
            form = set_in(form, c.posture_id, c.movement_id, foot=words)
        else:
            yield Try(closing.says, form)


def _changed_words(step: FloorStep, c: StepChange) -> str | None:
    """What the feet do in a movement whose step is changed, in words; None where its words tell no step."""
    fact = next((s.fact for s in said(step.movement) if s.fact.kind == "step"), None)
    if fact is None:
        return None
    if c.how == "other foot":
        return in_words(fact.model_copy(update={"side": OTHER_SIDE[c.side]}))
    if c.how == "longer":
        return in_words(fact.model_copy(update={"side": c.side, "size": None, "cm": _how_far(step, c)}))
    return in_words(
        fact.model_copy(update={"direction": "back" if fact.direction != "back" else "forward", "touch": None})
    )


def _how_far(step: FloorStep, c: StepChange) -> int:
    """How far a foot must go in its step that is made longer or shorter, in whole centimetres: in the direction the body
    faces, or where it goes only sideways, in that."""
    e = next(e for e in step.events if e.side == c.side and e.kind == "step")
    stand = step.after.of(OTHER_SIDE[c.side])
    end = e.after._replace(x=stand.x + c.factor * (e.after.x - stand.x), y=stand.y + c.factor * (e.after.y - stand.y))
    ahead, aside = offset(e.before, end, step.facing)
    return max(1, round(100 * abs(ahead if abs(ahead) >= 0.01 else aside)))


def into_room(look: Seen, f: Finding) -> Iterator[Try]:
    """A start spot that fits, the form turned, or smaller steps."""
    form, room = look.form, look.form.room
    if room is None:
        return
    discs = space(look.trace)
    picture = f.kind == "leaves-picture" or room.camera is not None
    for facing in facings_of(room, "four"):
        placed = best_spot(discs, room, facing, picture)
        if placed.fits():
            turned = round(facing - room.front_deg)
            how = f", turned {turned}°" if turned else ""
            yield Try(f"Begin where it fits{how}.", form.model_copy(update={"start": placed.spot}))
    from_step = form.who.step()
    found = step_that_fits(lambda pct: space(trace(form, step_pct=pct)), room, from_step, "four")
    if found:
        pct, placed = found
        who = form.who.model_copy(update={"step_pct": int(pct)})
        yield Try(
            f"Steps of {pct:.0f} % instead of {from_step:.0f} %.",
            form.model_copy(update={"who": who, "start": placed.spot}),
        )
