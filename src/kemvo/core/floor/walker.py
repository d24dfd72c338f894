"""The walker: from the opening stance on, what every movement does to both feet.

Steps are made from the standing foot, in the direction the body faces; how far, the table `WAYS` says.
"""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from functools import lru_cache
from typing import Literal, NamedTuple

from kemvo.core.floor.acting import emptier, leaves, part_lifted
from kemvo.core.floor.feet import (
    SAME_PLACE,
    Event,
    EventKind,
    Feet,
    FloorStep,
    Foot,
    Moment,
    Trace,
    half_turn,
    in_front,
    nearest,
    offset,
    placed,
    travel,
    turned_by,
)
from kemvo.core.floor.steps import EMPTY_WAYS, SIZES, STEPPED_INTO, empty_step, moved_by, ways
from kemvo.core.floor.turns import TURN_DEG, Act, faced, pivoted, towards
from kemvo.core.model.form import Form, Movement
from kemvo.core.movement.interpretation import FEET, foot_side, said, stance_of, words_in
from kemvo.core.tables.body_segments import Body, body
from kemvo.core.tables.groups import Who
from kemvo.core.tables.rooms import Room
from kemvo.core.tables.schools import Manner
from kemvo.core.tables.stances import OPENING_STANCE, Contact, Named, SchoolStance, stance_of_school
from kemvo.core.timing.timeline import Span, plan_form
from kemvo.core.timing.weight_curve import full_side
from kemvo.core.types import EMPTY_UP_TO, OTHER_SIDE, Front, Side, StanceId


class Tweak(NamedTuple):
    """One step done differently, to see what comes of it: the `step`-th movement's step by `side`, reversed (back
    instead of forward), longer or shorter by a factor, or made by the other foot."""

    step: int
    side: Side
    how: Literal["reversed", "longer", "other foot"]
    factor: float = 1.0


def trace(
    form: Form, spans: Iterable[Span] | None = None, step_pct: float | None = None, tweaks: Sequence[Tweak] = ()
) -> Trace:
    """A form on the floor for whom it is meant. `spans`: its timeline, if that is at hand; `step_pct`: another size of
    step than theirs; `tweaks`: steps done differently, at most one in a movement."""
    who: Who = form.who
    lengths = body(who.stature_cm, who.step() if step_pct is None else step_pct, who.reach_cm)
    walker = _Walker(form.manner, lengths, form.room, form.front)
    opening = Moment(walker.opening(), form.opening_left_pct, 0.0)
    doing = [s for s in (plan_form(form).spans if spans is None else spans) if s.kind == "movement"]
    feet, facing = opening.feet, 0.0
    steps = []
    tweak_at = {t.step: t for t in tweaks}
    for i, span in enumerate(doing):
        coming = doing[i + 1] if i + 1 < len(doing) else None
        walker.tweak = tweak_at.get(i)
        step = walker.walk(span, feet, facing, coming)
        feet, facing = step.after, step.facing
        steps.append(step)
    return Trace(lengths, opening, tuple(steps))


STEPS_KEPT = 20_000

WAYS_TOWARDS = frozenset({None, "circle", "corner", "forward", "out", "back"})
"""Ways of a step that may go to a point of the compass or an hour: "circle step to the east"."""

BEHIND_DEG = 135
"""A place farther round than this is stepped back to, without turning round (own choice)."""

BOTH_FEET = frozenset({"v", "together", "parallel"})
"""Stances that both feet come into: "heels together in a V"."""


@lru_cache(maxsize=8)
def _walked(manner: Manner, lengths: Body, room: Room | None, front: Front) -> dict[object, FloorStep]:
    """The steps walked so far in one manner, for one body, in one room."""
    return {}


class _Walker:
    """Makes the steps of a form in one school's manner, for one body, in one room."""

    def __init__(self, manner: Manner, lengths: Body, room: Room | None, front: Front) -> None:
        self.manner = manner
        self.body = lengths
        self.ways = ways(manner)
        self.room = room
        self.front: Front = front
        self.tweak: Tweak | None = None
        self.walked = _walked(manner, lengths, room, front)
        if len(self.walked) > STEPS_KEPT:
            self.walked.clear()

    def opening(self) -> Feet:
        """The opening stance, its middle on the form's start."""
        row = self._stance(OPENING_STANCE[self.manner.opening])
        half = row.across * self.body.shoulders / 2
        return Feet(Foot(-half, 0, -row.front_deg, "flat"), Foot(half, 0, row.front_deg, "flat"))

    def walk(self, span: Span, feet: Feet, facing: float, coming: Span | None) -> FloorStep:
        """One movement from where the feet are. `coming`: the next movement. What was walked before, with the same
        words and weights from the same place, is remembered: an edit of a long form changes few of its steps."""
        m, after = span.movement, coming.movement if coming else None
        assert m is not None
        key = (
            m.line, m.foot, m.corrections, m.stance, m.facing, m.side, span.left_from, span.left_to, feet, facing,
            after and (after.line, after.foot, after.corrections, after.facing, after.side),
            coming and coming.left_to, self.tweak,
        )  # fmt: skip
        known = self.walked.get(key)
        if known is None:
            known = self.walked[key] = self._walk(span, feet, facing, coming)
        return known if known.span is span else known._replace(span=span)

    def _walk(self, span: Span, feet: Feet, facing: float, coming: Span | None) -> FloorStep:
        m = span.movement
        assert m is not None
        stance = stance_of(m)
        acts = self._acts(m, span)
        before, events = feet, list[Event]()
        acting = foot_side(m) or emptier(span)
        now = facing if m.facing is None else half_turn(nearest(float(m.facing), facing), facing, acting)
        n = len(acts) or 1
        shift_at = (0.0, 1.0)
        unsure = False
        for i, act in enumerate(acts):
            if act.fact is None:
                shift_at = (i / n, (i + 1) / n)
                continue
            if act.fact.kind == "turn":
                if m.facing is None:
                    now = half_turn(faced(act, now, foot_side(m), self.room, self.front), now, acting)
                continue
            shifted = any(a.fact is None for a in acts[:i])
            left_now = span.left_to if shifted else span.left_from
            sides = self._sides(act, feet, span, now)
            unsure = unsure or (not sides and act.fact.kind == "step")
            if self.tweak and self.tweak.how == "other foot" and act.fact.kind == "step" and self.tweak.side in sides:
                sides = (OTHER_SIDE[self.tweak.side],)
            if act.fact.side == "both" and act.fact.kind == "step" and len(sides) == 2:
                told = stance.id if stance and stance.id in BOTH_FEET else None
                row = self._stance(told or ("together" if act.fact.direction in ("in", None) else "parallel"))
                feet, moved = self._both_into(row, feet, now)
                events += moved
                continue
            for side in sides:
                foot = self._done(act, side, feet, now, span, coming, facing)
                load = left_now if side == "L" else 100 - left_now
                kind: EventKind = act.fact.kind  # type: ignore[assignment]
                events.append(
                    Event(kind, side, load, i / n, (i + 1) / n, feet.of(side), foot, act.fact.direction or "")
                )
                feet = feet.put(side, foot)
        if stance and not any(s.fact.kind in FEET or s.fact.kind == "shift" for s in said(m)):
            feet, moved = self._into_stance(stance, feet, now, span, m)
            events += moved
        if stance and stance.id == "parallel" and any(e.kind == "step" for e in events):
            # "Step out to the left, feet parallel": both are.
            feet = Feet(*(feet.of(s)._replace(angle=nearest(now, feet.of(s).angle)) for s in ("L", "R")))
        feet = self._settled(feet, span, events)
        return FloorStep(span, before, feet, tuple(events), facing, now, shift_at, unsure)

    def _acts(self, m: Movement, span: Span) -> list[Act]:
        """What is done, in order: turns, the feet's actions, and the shift of weight in its place among them."""
        acts = [
            Act(s.fact, words_in(s.words)) for s in said(m) if s.fact.kind in FEET or s.fact.kind in ("turn", "shift")
        ]
        told = [i for i, a in enumerate(acts) if a.fact and a.fact.kind == "shift"]
        turns_and_feet = [a for a in acts if a.fact and a.fact.kind != "shift"]
        if span.left_to == span.left_from:
            return turns_and_feet
        if told:
            at = sum(1 for a in acts[: told[-1]] if a.fact and a.fact.kind != "shift")
        else:
            first = next((a.fact for a in turns_and_feet if a.fact and a.fact.kind in FEET), None)
            at = 0 if first and leaves(first, m, span) else len(turns_and_feet)
        return [*turns_and_feet[:at], Act(None, frozenset()), *turns_and_feet[at:]]

    def _sides(self, act: Act, feet: Feet, span: Span, facing: float) -> Sequence[Side]:
        """Which feet act. Where nobody said: the front or back one if that was said, else the emptier one; none when
        nothing tells them apart."""
        fact = act.fact
        assert fact is not None
        if fact.side == "L" or fact.side == "R":
            return (fact.side,)
        front = in_front(feet, facing)
        if fact.side == "both":
            light = emptier(span)
            return ("L", "R") if fact.kind == "pivot" or light is None else (light,)
        if front and act.words & {"front", "lead"}:
            return (front,)
        if front and act.words & {"back", "rear"}:
            return (OTHER_SIDE[front],)
        assert span.movement is not None
        chosen = emptier(span) or span.movement.side
        return (chosen,) if chosen else ("L", "R") if fact.kind == "pivot" else ()

    # What a foot does

    def _done(
        self, act: Act, side: Side, feet: Feet, facing: float, span: Span, coming: Span | None, facing_from: float
    ) -> Foot:
        fact, foot = act.fact, feet.of(side)
        assert fact is not None
        match fact.kind:
            case "lift":
                contact: Contact = {"heel": "toe", "toe": "heel"}.get(part_lifted(act), "off")  # type: ignore[assignment]
                return foot._replace(contact=contact)
            case "kick":
                return foot._replace(contact="off")
            case "pivot":
                prepares = facing == facing_from and self._ahead(coming, facing) is not None
                return pivoted(act, side, foot, facing, facing_from, prepares, self.manner, self.body)
            case _:
                return self._stepped(act, side, feet, facing, span, coming)

    def _ahead(self, coming: Span | None, facing: float) -> float | None:
        """Which way the next movement makes the body face, if it says."""
        m = coming.movement if coming else None
        if m is None:
            return None
        if m.facing is not None:
            return nearest(float(m.facing), facing)
        now = facing
        for s in said(m):
            if s.fact.kind == "turn":
                now = faced(Act(s.fact, words_in(s.words)), now, foot_side(m), self.room, self.front)
        return now if now != facing else None

    def _stepped(self, act: Act, side: Side, feet: Feet, facing: float, span: Span, coming: Span | None) -> Foot:
        fact, foot, stand = act.fact, feet.of(side), feet.of(OTHER_SIDE[side])
        assert fact is not None
        ends = span.left_to if side == "L" else 100 - span.left_to
        left_later = coming.left_to if coming else span.left_to
        later = left_later if side == "L" else 100 - left_later
        gets_weight = max(ends, later) > EMPTY_UP_TO
        touches = fact.touch or ("toe" if act.words & {"toe", "toes"} else "heel" if "heel" in act.words else None)
        contact: Contact = {"heel": "heel", "toe": "toe", "ball": "toe"}.get(touches or "", "off")  # type: ignore[assignment]
        if fact.direction == "down":
            return foot._replace(contact="flat" if contact == "off" else contact)
        there = towards(fact.to, self.front) if fact.to and fact.direction in WAYS_TOWARDS else None
        goes: str | None = fact.direction
        if there is not None:
            # As long and wide as any step, with that place in front; where it is behind, back and away from it.
            behind = abs(turned_by(there - facing)) > BEHIND_DEG
            facing = nearest(there + 180 * behind, facing)
            goes = "back" if behind else None
        way = self.ways[goes or "forward"]
        ahead_to = self._ahead(coming, facing) if ends <= EMPTY_UP_TO < later and there is None else None
        if ahead_to is not None:
            # A foot that lands empty already points to where the body will face when the weight comes.
            turned = ahead_to - facing
            if (
                fact.direction in ("side", "out", "corner")
                and abs(turned) >= TURN_DEG
                and (turned > 0) == (side == "R")
            ):
                way = self.ways["forward"]
            facing = ahead_to
        if not gets_weight and goes in EMPTY_WAYS:
            way = empty_step(self.manner)
        if contact == "off":
            contact = self.manner.side_touch if goes in ("out", "side") else way.lands
        along, across = self._lengths(way.along, way.across)
        toes: float = way.toes
        if fact.direction == "half":
            along_now, right_now = offset(stand, foot, facing)
            across_now = right_now if side == "R" else -right_now
            if abs(along_now) < self.body.foot:
                along, across, toes = 0.0, max(across_now / 2, across), 0
            elif along_now > 0:
                along = -along
        if fact.side == "both" and fact.direction == "in":
            along, across = self._lengths(0, self._stance("together").across)
        named = stance_of(span.movement) if span.movement else None
        if named and named.id in STEPPED_INTO:
            row = self._stance(named.id)
            is_front = (named.side == side) if named.side else way.along >= 0
            along, across = self._lengths(row.along if is_front else -row.along, row.across)
            toes = row.front_deg if is_front else row.back_deg
        if fact.size and fact.direction != "half":
            along, across = (along * SIZES[fact.size], across) if along else (along, across * SIZES[fact.size])
        if fact.cm:
            return moved_by(
                fact.cm / 100, foot, stand, side, facing, along, fact.direction in ("in", "up"), toes, contact
            )
        if self.tweak and self.tweak.side == side:
            if self.tweak.how == "reversed":
                along, across = -along, across if along else -across
            elif self.tweak.how == "longer":
                along, across = along * self.tweak.factor, across * self.tweak.factor
        along += (fact.ahead_cm or 0) / 100
        return placed(foot, stand, side, facing, along, across, toes, contact)

    def _lengths(self, along: float, across: float) -> tuple[float, float]:
        """Shares of stature and shoulder widths in metres, at this size of step. What is closer than a shoulder width
        does not come closer yet when the steps are smaller."""
        step = self.body.step
        return (
            along * self.body.stature * step,
            across * self.body.shoulders * (step if abs(across) >= 1 else 1.0),
        )

    # Stances

    def _stance(self, id_: StanceId) -> SchoolStance:
        return stance_of_school(id_, self.manner)

    def _into_stance(
        self, named: Named, feet: Feet, facing: float, span: Span, m: Movement
    ) -> tuple[Feet, list[Event]]:
        """The feet brought into a stance by the shortest natural step: of the foot with less weight on it, no farther
        than needed, the standing foot turning on its heel."""
        row = self._stance(named.id)
        front = named.side or self._front(row, feet, facing, span, m)
        if front is None:
            return self._both_into(row, feet, facing)
        back: Side = OTHER_SIDE[front]
        along, across = self._lengths(row.along, row.across)
        choices: list[tuple[float, Side, Feet]] = []
        for mover in (front, back):
            stand: Side = OTHER_SIDE[mover]
            toes_stand = row.front_deg if stand == front else row.back_deg
            turned = nearest(facing + (toes_stand if stand == "R" else -toes_stand), feet.of(stand).angle)
            standing = feet.of(stand)._replace(angle=turned, contact=row.front if stand == front else row.back)
            toes = row.front_deg if mover == front else row.back_deg
            goal = placed(
                feet.of(mover), standing, mover, facing, along if mover == front else -along, across, toes,
                row.front if mover == front else row.back,
            )  # fmt: skip
            went = travel(feet.of(mover), goal)
            loads = [span.left_from, span.left_to] if mover == "L" else [100 - span.left_from, 100 - span.left_to]
            loaded = min(loads) > EMPTY_UP_TO and went > SAME_PLACE
            choices.append((went + 10 * loaded, mover, feet.put(stand, standing).put(mover, goal)))
        went, mover, new = min(choices, key=lambda c: (round(c[0], 6), c[1] != front))
        events = []
        for side in (OTHER_SIDE[mover], mover):
            old, now = feet.of(side), new.of(side)
            load = min(span.left_from, span.left_to) if side == "L" else 100 - max(span.left_from, span.left_to)
            if side == mover and travel(old, now) > SAME_PLACE:
                events.append(Event("step", side, load, 0.0, 0.6, old, now, ""))
            elif abs(now.angle - old.angle) > 1:
                events.append(Event("pivot", side, load, 0.0, 0.6, old, now, ""))
        return new, events

    def _both_into(self, row: SchoolStance, feet: Feet, facing: float) -> tuple[Feet, list[Event]]:
        """Both feet moved alike into a stance, where nothing tells one from the other."""
        x, y = (feet.left.x + feet.right.x) / 2, (feet.left.y + feet.right.y) / 2
        middle = Foot(x, y, facing, "flat")
        half = self._lengths(0, row.across)[1] / 2
        sides: tuple[Side, Side] = ("L", "R")
        new = Feet(*(placed(feet.of(s), middle, s, facing, 0, half, row.front_deg, row.front) for s in sides))
        same = travel(feet.left, new.left) <= SAME_PLACE
        kind: EventKind = "pivot" if same else "step"
        moved = not same or abs(new.left.angle - feet.left.angle) > 1
        return new, [Event(kind, s, 0.0, 0.0, 0.6, feet.of(s), new.of(s), "") for s in sides if moved]

    @staticmethod
    def _front(row: SchoolStance, feet: Feet, facing: float, span: Span, m: Movement) -> Side | None:
        """The front foot of a stance nobody named the side of: the movement's side; else by the weight; else the foot
        that is in front."""
        if m.side:
            return m.side
        full = full_side(span.left_to)
        if full:
            return full if row.front_least >= 40 else OTHER_SIDE[full]
        return in_front(feet, facing)

    @staticmethod
    def _settled(feet: Feet, span: Span, events: Sequence[Event]) -> Feet:
        """A foot that carries weight at the end stands on the floor; whole, unless its heel or toes were just lifted."""
        for side, load in (("L", span.left_to), ("R", 100 - span.left_to)):
            s: Side = "L" if side == "L" else "R"
            foot = feet.of(s)
            lifted = any(e.side == s and e.kind == "lift" for e in events) and foot.contact != "off"
            if load > EMPTY_UP_TO and foot.contact != "flat" and not lifted:
                feet = feet.put(s, foot._replace(contact="flat"))
        return feet
