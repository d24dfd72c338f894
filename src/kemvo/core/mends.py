"""Mends: changes of a form that take a finding away. Each is tried before it is offered: it removes its finding and adds
none."""

from __future__ import annotations

from collections.abc import Callable, Iterator
from typing import Any, NamedTuple

from kemvo.core.checks import Seen, read_through, seen
from kemvo.core.filling import in_words
from kemvo.core.findings import GENTLER, CheckId, Finding
from kemvo.core.floor import FloorStep, offset, outward
from kemvo.core.form import Form, Movement, Posture, with_ids
from kemvo.core.groups import GROUPS
from kemvo.core.mark import Closing, closings
from kemvo.core.mirror import mirror_posture
from kemvo.core.placing import best_spot, facings_of, step_that_fits
from kemvo.core.said import said, stance_of
from kemvo.core.space import space
from kemvo.core.stances import stance_of_school
from kemvo.core.timeline import Span
from kemvo.core.values import OTHER_SIDE, SIDE_WORD, Breath, Side, Value
from kemvo.core.walking import trace


class Mend(Value):
    """A change that takes a finding away: what it does, in words, and the form with it."""

    says: str
    form: Form


class _Try(NamedTuple):
    says: str
    form: Form


def mends(form: Form, finding_id: str, most: int = 3) -> list[Mend]:
    """The mends of a finding, the smallest change first. Empty when none is known, or the finding is not there."""
    look = seen(form)
    before = {f.id: f for f in read_through(look)}
    finding = before.get(finding_id)
    if finding is None:
        return []
    out: list[Mend] = []
    for tried in MENDERS.get(finding.kind, _none)(look, finding):
        if tried.form == form or any(tried.form == m.form for m in out):
            continue
        after = {f.id for f in read_through(seen(tried.form))}
        if finding.id not in after and after <= before.keys():
            out.append(Mend(says=tried.says, form=tried.form))
            if len(out) == most:
                break
    return out


def _none(_: Seen, __: Finding) -> Iterator[_Try]:
    return iter(())


# Changing one place


def _change(form: Form, posture_id: str, change: Callable[[Posture], Posture]) -> Form:
    sections = tuple(
        s.model_copy(update={"postures": tuple(change(p) if p.id == posture_id else p for p in s.postures)})
        if any(p.id == posture_id for p in s.postures)
        else s
        for s in form.sections
    )
    return with_ids(form.model_copy(update={"sections": sections}))


def _set_in(form: Form, posture_id: str, movement_id: str, **change: Any) -> Form:
    """One movement's fields set."""
    return _change(form, posture_id, lambda p: _movements(p, movement_id, lambda m: [m.model_copy(update=change)]))


def _set(form: Form, f: Finding, **change: Any) -> Form:
    """The fields of the finding's movement set."""
    return _set_in(form, f.posture_id, f.movement_id, **change)


def _before(form: Form, f: Finding, new: Movement) -> Form:
    """A movement put before the finding's."""
    return _change(form, f.posture_id, lambda p: _movements(p, f.movement_id, lambda m: [new, m]))


def _movements(p: Posture, movement_id: str, change: Callable[[Movement], list[Movement]]) -> Posture:
    return p.model_copy(
        update={"movements": tuple(x for m in p.movements for x in (change(m) if m.id == movement_id else [m]))}
    )


def _span(look: Seen, f: Finding) -> Span:
    """The first time the finding's movement is done."""
    return next(s for s in look.spans if s.kind == "movement" and s.movement and s.movement.id == f.movement_id)


def _all_on(side: Side, share: int = 100) -> int:
    """left_pct with that share on a leg."""
    return share if side == "L" else 100 - share


def _shift_to(side: Side, share: int = 100) -> Movement:
    words = f"Weight into the {SIDE_WORD[side]} leg"
    return Movement(
        line=words if share == 100 else f"Sit into the {SIDE_WORD[side]} leg", counts=2, left_pct=_all_on(side, share)
    )


# Feet


def _empty_first(look: Seen, f: Finding) -> Iterator[_Try]:
    """The foot is emptied before it moves or turns."""
    side = f.side or "L"
    other = OTHER_SIDE[side]
    span = _span(look, f)
    says = f"Put “Weight into the {SIDE_WORD[other]} leg” before it."
    yield _Try(says, _before(look.form, f, _shift_to(other)))
    for share in (90, 80, 70):
        yield _Try(
            f"Sit into the {SIDE_WORD[other]} leg first, {share} %.", _before(look.form, f, _shift_to(other, share))
        )
    yield _Try(
        f"End this movement with all the weight on the {SIDE_WORD[other]} leg.",
        _set(look.form, f, left_pct=_all_on(other)),
    )
    turn_back = Movement(line=f"Weight back into the {SIDE_WORD[side]} leg", counts=2, left_pct=span.left_to)
    both = _change(
        look.form,
        f.posture_id,
        lambda p: _movements(
            p, f.movement_id, lambda m: [_shift_to(other), m.model_copy(update={"left_pct": _all_on(other)}), turn_back]
        ),
    )
    yield _Try(f"Empty the {SIDE_WORD[side]} foot first, and bring the weight back after it.", both)


def _one_leg_first(look: Seen, f: Finding) -> Iterator[_Try]:
    """The weight goes into one leg before the body turns."""
    for side in ("R", "L"):
        leg: Side = "R" if side == "R" else "L"
        yield _Try(f"Put “Weight into the {SIDE_WORD[leg]} leg” before it.", _before(look.form, f, _shift_to(leg)))


def _turn_while_empty(look: Seen, f: Finding) -> Iterator[_Try]:
    """The foot is turned to where the hips face before the weight comes into it."""
    side = f.side or "L"
    step = next(s for s in look.trace.steps if s.movement.id == f.movement_id)
    foot = step.before.of(side)
    out = outward(side, foot.angle, step.facing)
    degrees = min(170, round(abs(out)))
    way = "in" if out > 0 else "out"
    words = f"{SIDE_WORD[side].capitalize()} toes turn {way} {degrees} degrees on the heel"
    empty = Movement(line=words, counts=1, left_pct=step.span.left_from)
    yield _Try(f"Put “{words}” before it, while the foot is empty.", _before(look.form, f, empty))
    other = OTHER_SIDE[side]
    both = _change(
        look.form,
        f.posture_id,
        lambda p: _movements(
            p, f.movement_id, lambda m: [_shift_to(other), empty.model_copy(update={"left_pct": _all_on(other)}), m]
        ),
    )
    yield _Try(f"Sit into the {SIDE_WORD[other]} leg and put “{words}” before it.", both)
    back = next((s for s in reversed(look.trace.steps[: look.trace.steps.index(step) + 1]) if any(e.kind == "pivot" and e.side == side for e in s.events)), None)  # fmt: skip
    if back and not back.movement.foot:
        name = f"{SIDE_WORD[side]} toes turn to the front"
        yield _Try(f"In “{back.movement.line[:40]}”, let the {name}.", _set_in(look.form, back.performance.posture.id, back.movement.id, foot=name))  # fmt: skip


def _bow(look: Seen, f: Finding) -> Iterator[_Try]:
    """The step that made the stance lands a shoulder wide."""
    steps = look.trace.steps
    at = next(i for i, s in enumerate(steps) if s.movement.id == f.movement_id)
    made = next((s for s in reversed(steps[: at + 1]) if any(e.kind == "step" for e in s.events)), None)
    if made:
        for stance, words in (("bow", "a bow stance, a shoulder wide"), ("parallel", "shoulder width")):
            yield _Try(
                f"Let the step of “{made.movement.line[:40]}” land in {words}.",
                _set_in(look.form, made.performance.posture.id, made.movement.id, stance=stance),
            )


def _free_foot(look: Seen, f: Finding) -> Iterator[_Try]:
    other = OTHER_SIDE[f.side or "L"]
    yield _Try(f"All the weight on the {SIDE_WORD[other]} leg.", _set(look.form, f, left_pct=_all_on(other)))
    yield _Try(f"90 % of the weight on the {SIDE_WORD[other]} leg.", _set(look.form, f, left_pct=_all_on(other, 90)))


def _stance_weight(look: Seen, f: Finding) -> Iterator[_Try]:
    """The weight a stance has: a bow stance's is the school's, another's the nearest it may have."""
    span, front = _span(look, f), f.side or "L"
    named = stance_of(span.movement) if span.movement else None
    if named is None:
        return
    row = stance_of_school(named.id, look.form.manner)
    least, most = row.front_least, row.front_most
    usual = look.form.manner.bow_front_pct if row.id == "bow" else most
    for share in dict.fromkeys((usual, min(max(_all_on(front, span.left_to), least), most))):
        says = f"{share} % of the weight on the {SIDE_WORD[front]} foot in front."
        yield _Try(says, _set(look.form, f, left_pct=_all_on(front, share)))


def _say_shift(look: Seen, f: Finding) -> Iterator[_Try]:
    span = _span(look, f)
    to: Side = "L" if span.left_to > span.left_from else "R"
    share = _all_on(to, span.left_to)
    words = "Weight even" if span.left_to == 50 else f"Weight into the {SIDE_WORD[to]} leg, {share} %"
    new = Movement(line=words, counts=2, left_pct=span.left_to)
    yield _Try(f"Put “{words}” before it.", _before(look.form, f, new))
    line = span.movement.line if span.movement else ""
    said_too = f"{line.rstrip('. ')}, {words[0].lower()}{words[1:]}" if line else words
    yield _Try(f"Say it here: “{said_too}”.", _set(look.form, f, line=said_too))


def _no_facing(look: Seen, f: Finding) -> Iterator[_Try]:
    yield _Try("Let the facing follow from the words.", _set(look.form, f, facing=None))


# Breath and time


def _other_breath(look: Seen, f: Finding) -> Iterator[_Try]:
    spans = [s for s in look.spans if s.kind == "movement"]
    at = next(i for i, s in enumerate(spans) if s.movement and s.movement.id == f.movement_id)
    now: Breath = spans[at].breath
    between: Breath = "out" if now == "in" else "in"
    free = at - 1
    if free >= 0 and spans[free].breath == "free":
        before = spans[free]
        assert before.performance and before.movement
        yield _Try(
            f"Breathe {between} during “{(before.movement.line or 'the movement before')[:40]}”.",
            _set_in(look.form, before.performance.posture.id, before.movement.id, breath=between),
        )
    yield _Try("Leave this breath free.", _set(look.form, f, breath="free"))
    yield _Try(f"Breathe {between} here.", _set(look.form, f, breath=between))


def _shorter_breath(look: Seen, f: Finding) -> Iterator[_Try]:
    """A breath too long: another in between, or its end left free."""
    run = _run(look, f)
    if len(run) > 1:
        between: Breath = "out" if run[0].breath == "in" else "in"
        middle = run[len(run) // 2]
        assert middle.movement and middle.performance
        line = (middle.movement.line or "its middle")[:40]
        for breath, says in ((between, f"Breathe {between} during “{line}”."), ("free", f"Leave “{line}” free.")):
            yield _Try(says, _set_in(look.form, middle.performance.posture.id, middle.movement.id, breath=breath))
        last = run[-1]
        assert last.movement and last.performance
        yield _Try(f"Leave “{(last.movement.line or 'its end')[:40]}” free.", _set_in(look.form, last.performance.posture.id, last.movement.id, breath="free"))  # fmt: skip
    if run[0].movement:
        whole = sum(s.end_ms - s.start_ms for s in run)
        limit = GROUPS[look.form.who.group].breath_ms[1]
        counts = int(run[0].movement.counts * limit / whole * 4) / 4
        if len(run) == 1 and counts >= 0.25:
            yield _Try(f"{counts:g} counts instead of {run[0].movement.counts:g}.", _set(look.form, f, counts=counts))
    yield _Try("Leave this breath free.", _set(look.form, f, breath="free"))


def _longer_breath(look: Seen, f: Finding) -> Iterator[_Try]:
    yield _Try("Leave this breath free.", _set(look.form, f, breath="free"))
    run = _run(look, f)
    if len(run) == 1 and run[0].movement:
        least = GROUPS[look.form.who.group].breath_ms[0]
        m = run[0].movement
        counts = -(-m.counts * least / (run[0].end_ms - run[0].start_ms) * 4 // 1) / 4
        if counts <= 64:
            yield _Try(f"{counts:g} counts instead of {m.counts:g}.", _set(look.form, f, counts=counts))


def _run(look: Seen, f: Finding) -> list[Span]:
    """The spans of the breath that begins with the finding's movement."""
    spans = list(look.spans)
    at = spans.index(_span(look, f))
    end = at
    while end < len(spans) and spans[end].breath == spans[at].breath:
        end += 1
    return spans[at:end]


def _shorter_stand(look: Seen, f: Finding) -> Iterator[_Try]:
    """Less time on one leg: without the hold, or in fewer counts."""
    span = _span(look, f)
    m = span.movement
    assert m is not None
    if m.hold_ms:
        yield _Try("No hold.", _set(look.form, f, hold_ms=0))
    for share in (0.75, 0.5, 0.25):
        counts = max(0.25, round(m.counts * share * 4) / 4)
        yield _Try(f"{counts:g} counts instead of {m.counts:g}.", _set(look.form, f, counts=counts, hold_ms=0))


# Postures


def _same_counts(look: Seen, f: Finding) -> Iterator[_Try]:
    postures = look.form.postures()
    p = next(x for x in postures if x.id == f.posture_id)
    name = p.name.casefold().strip()
    other = next((x for x in postures if x.name.casefold().strip() == name and x.side and x.side != p.side and x.id != p.id), None)  # fmt: skip
    if other is None:
        return
    for one, like in ((p, other), (other, p)):
        if len(one.movements) == len(like.movements):
            new = tuple(
                m.model_copy(update={"counts": k.counts}) for m, k in zip(one.movements, like.movements, strict=True)
            )
            yield _Try(f"Give “{one.title()}” the counts of “{like.title()}”.", _change(look.form, one.id, lambda x, new=new: x.model_copy(update={"movements": new})))  # type: ignore[misc]  # fmt: skip
    for one, like in ((p, other), (other, p)):
        more = sum(m.counts for m in like.movements) - sum(m.counts for m in one.movements)
        longest = max(one.movements, key=lambda m: m.counts)
        if 0.25 <= longest.counts + more <= 64:
            yield _Try(
                f"In “{one.title()}”, {longest.counts + more:g} counts for “{longest.line[:40]}”.",
                _set_in(look.form, one.id, longest.id, counts=longest.counts + more),
            )


def _alternate(look: Seen, f: Finding) -> Iterator[_Try]:
    p = next(x for x in look.form.postures() if x.id == f.posture_id)
    if p.repeats > 1:
        yield _Try(
            "Let the sides alternate.", _change(look.form, p.id, lambda x: x.model_copy(update={"alternate": True}))
        )
    else:
        yield _Try("Do it on the other side.", _change(look.form, p.id, mirror_posture))


def _gentler(look: Seen, f: Finding) -> Iterator[_Try]:
    p = next(x for x in look.form.postures() if x.id == f.posture_id)
    wants = [c for c in look.cares[p.id] if c in GROUPS[look.form.who.group].spared]
    text = ". ".join(GENTLER[c] for c in wants)
    yield _Try(f"Write down: “{text}”.", _change(look.form, p.id, lambda x: x.model_copy(update={"gentler": text})))


# The floor as a whole


def _close(look: Seen, f: Finding) -> Iterator[_Try]:
    """The step that closes the form, where words can say how: back instead of forward, the other foot, or how far."""
    for c in closings(look.form, look.trace, most=12):
        step = look.trace.steps[c.step]
        fact = next((s.fact for s in said(step.movement) if s.fact.kind == "step"), None)
        if fact is None:
            continue
        if c.how == "other foot":
            changed = fact.model_copy(update={"side": OTHER_SIDE[c.side]})
        elif c.how == "longer":
            changed = fact.model_copy(update={"side": c.side, "size": None, "cm": _how_far(step, c)})
        else:
            changed = fact.model_copy(
                update={"direction": "back" if fact.direction != "back" else "forward", "touch": None}
            )
        yield _Try(c.says, _set_in(look.form, c.posture_id, c.movement_id, foot=in_words(changed)))


def _how_far(step: FloorStep, c: Closing) -> int:
    """How far a foot must go in its step that is made longer or shorter, in whole centimetres: in the direction the body
    faces, or where it goes only sideways, in that."""
    e = next(e for e in step.events if e.side == c.side and e.kind == "step")
    stand = step.after.of(OTHER_SIDE[c.side])
    end = e.after._replace(x=stand.x + c.factor * (e.after.x - stand.x), y=stand.y + c.factor * (e.after.y - stand.y))
    ahead, aside = offset(e.before, end, step.facing)
    return max(1, round(100 * abs(ahead if abs(ahead) >= 0.01 else aside)))


def _into_room(look: Seen, f: Finding) -> Iterator[_Try]:
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
            yield _Try(f"Begin where it fits{how}.", form.model_copy(update={"start": placed.spot}))
    from_step = form.who.step()
    found = step_that_fits(lambda pct: space(trace(form, step_pct=pct)), room, from_step, "four")
    if found:
        pct, placed = found
        who = form.who.model_copy(update={"step_pct": int(pct)})
        yield _Try(
            f"Steps of {pct:.0f} % instead of {from_step:.0f} %.",
            form.model_copy(update={"who": who, "start": placed.spot}),
        )


MENDERS: dict[CheckId, Callable[[Seen, Finding], Iterator[_Try]]] = {
    "moved-loaded": _empty_first,
    "turned-loaded": _empty_first,
    "knee-line": _turn_while_empty,
    "double-turning": _one_leg_first,
    "one-leg-long": _shorter_stand,
    "no-gentler": _gentler,
    "on-a-line": _bow,
    "too-long": _bow,
    "crossed": _bow,
    "empty-loaded": _free_foot,
    "stance-weight": _stance_weight,
    "weight-jump": _say_shift,
    "facing-jump": _no_facing,
    "breath-twice": _other_breath,
    "breath-long": _shorter_breath,
    "breath-short": _longer_breath,
    "sides-unequal": _same_counts,
    "not-alternating": _alternate,
    "off-the-mark": _close,
    "leaves-room": _into_room,
    "leaves-picture": _into_room,
}
"""Who mends what. A finding without a row here, or whose mends all fail their trial, is for the instructor alone."""
