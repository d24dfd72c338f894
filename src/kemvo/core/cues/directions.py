"""Direction words in the instructor's dialect: where a line turns the body, said as left and right, as hours of the
clock, as points of the compass, or by the sides of the room.

They follow the body's facing as the floor has it, and the view: a point of the clock or compass is told from the
form's own front, a side of the room is where the body really points, also when the instructor stands the other way.
"""

from __future__ import annotations

from collections.abc import Callable, Iterable, Sequence
from typing import Literal, NamedTuple

from kemvo.core.facts import Fact
from kemvo.core.floor.feet import turned_by
from kemvo.core.floor.walker import trace
from kemvo.core.language import lexicon as lx
from kemvo.core.language.numbers import place_words
from kemvo.core.model.form import Form, Movement
from kemvo.core.model.mirror import mirror_movement
from kemvo.core.model.session import FACINGS, Directions, Forms
from kemvo.core.movement.interpretation import line_facts
from kemvo.core.tables.rooms import SIDE_TURN, Room, side_name
from kemvo.core.timing.score import Performance
from kemvo.core.timing.timeline import Span, mirrored, plan_form

Reader = Literal["class", "instructor"]
"""For whom the words are: the class hears its own directions (in a pass that is only watched, the instructor's); the
instructor's sheet has the instructor's."""

TURNED = 10
"""A turn of less than so many degrees is none."""


class BodyTurn(NamedTuple):
    """A turn of the body: from and to which facing (degrees clockwise from the form's front), how far from the room's
    front the form's front is turned, the room, and what the form's front is called on the compass."""

    before: float
    after: float
    front_deg: float
    room: Room | None
    north: float


def _plain(t: BodyTurn) -> str:
    by = turned_by(t.after - t.before)
    side = "right" if by > 0 else "left"
    far = abs(by)
    if far < TURNED:
        return ""
    if far < 67.5:
        return f"to the {side} corner"
    if far < 112.5:
        return f"to the {side}"
    return f"past the {side} side" if far < 157.5 else "all the way about"


def _clock(t: BodyTurn) -> str:
    return f"to {place_words(str(round(t.after / 30) % 12))}"


POINTS = ("north", "north-east", "east", "south-east", "south", "south-west", "west", "north-west")


def _compass(t: BodyTurn) -> str:
    return f"to the {POINTS[round((t.after + t.north) / 45) % 8]}"


def _room(t: BodyTurn) -> str:
    if t.room is None:
        return _plain(t)
    bearing = t.after + t.front_deg
    near = sorted(SIDE_TURN, key=lambda side: abs(turned_by(bearing - SIDE_TURN[side])))[:2]
    off = abs(turned_by(bearing - SIDE_TURN[near[0]]))
    wanted = near if off > 22.5 else near[:1]
    if any(side in ("left", "right") and not getattr(t.room.sides, side).strip() for side in wanted):
        return _plain(t)
    names = [side_name(t.room.sides, side) for side in wanted]
    return f"to {names[0]}" if len(names) == 1 else f"to the corner between {names[0]} and {names[1]}"


class DialectRow(NamedTuple):
    """A way to say directions. `says`: the words for a turn ("to three o'clock"), "" to leave the line as it is.
    `absolute`: the words tell a place, not a way from where the body was."""

    id: str
    title: str
    says: Callable[[BodyTurn], str]
    absolute: bool


DIALECTS: dict[str, DialectRow] = {
    row.id: row
    for row in (
        DialectRow("written", "As written in the form", lambda _: "", True),
        DialectRow("plain", "Left and right", _plain, False),
        DialectRow("clock", "The clock: twelve is the form’s front", _clock, True),
        DialectRow("compass", "The compass", _compass, True),
        DialectRow("room", "The sides of the room", _room, True),
    )
}

NORTH: dict[str, float] = {"north": 0.0, "east": 90.0, "south": 180.0, "west": 270.0}
"""What the form's front is called on the compass: schools begin towards the north or the south (common practice, no
source); all four can be chosen."""


def directed(spans: Sequence[Span], forms: Forms, choice: Directions, reader: Reader) -> list[Span]:
    """Spans with their turns in the words of a dialect. For the instructor, passes that are danced as a mirror
    come turned over."""
    seen: list[Span] = list(spans)
    if reader == "instructor":
        seen = [x for s in _legs(spans) for x in (mirrored(s) if FACINGS[s[0].round.facing].performer_mirrors else s)]
    if choice.words == "written":
        return seen
    walks: dict[str, _Walk] = {}
    made: dict[int, Performance] = {}
    out = []
    for s in seen:
        form = forms.get(s.round.form_id)
        if form is None or s.performance is None:
            out.append(s)
            continue
        performance = made.get(id(s.performance))
        if performance is None:
            walk = walks.setdefault(s.round.form_id, _Walk(form))
            performance = made[id(s.performance)] = _told(s.performance, walk, choice, _view_deg(s, reader))
        out.append(s._replace(performance=performance, movement=performance.posture.movements[s.movement_no]))
    return out


def _legs(spans: Iterable[Span]) -> list[list[Span]]:
    out: list[list[Span]] = []
    for s in spans:
        if not out or out[-1][0].round.facing != s.round.facing:
            out.append([])
        out[-1].append(s)
    return out


def _view_deg(s: Span, reader: Reader) -> float:
    """How far the form's front is turned for whoever the words speak of: the class looks to the front of the room; so
    does the instructor with the back to them, and else stands as the facing says. Where the class only watches, it hears
    what it sees."""
    row = FACINGS[s.round.facing]
    return row.turned_deg if reader == "instructor" or row.watched else 0.0


class _Walk:
    """Which way the body faces before and after every movement of a form, whatever part of it a pass goes through."""

    def __init__(self, form: Form) -> None:
        self.form = form
        start = form.start.facing_deg - form.room.front_deg if form.room and form.start else 0.0
        self.front_deg = start
        self.faced: dict[object, tuple[float, float]] = {}
        for step in trace(form, plan_form(form).spans).steps:
            nth = step.span.performance.nth if step.span.performance else 1
            m = step.movement
            for n in (nth, 0):
                self.faced.setdefault(_key(m, n), (step.facing_from, step.facing))

    def facing(self, m: Movement, nth: int) -> tuple[float, float] | None:
        """The facings of a movement, the `nth` time its posture is done; on the other side, turned over."""
        for n in (nth, 0):
            found = self.faced.get(_key(m, n))
            if found:
                return found
        found = self.faced.get(_key(mirror_movement(m, self.form.front), 0))
        return (-found[0], -found[1]) if found else None


def _key(m: Movement, nth: int) -> tuple[object, ...]:
    """A movement on its side, the `nth` time (0: the first time, whatever it is called)."""
    return m.id, m.line, m.left_pct, m.side, m.facing, nth


def _told(p: Performance, walk: _Walk, choice: Directions, view_deg: float) -> Performance:
    row = DIALECTS[choice.words]
    movements = []
    for m in p.posture.movements:
        faced = walk.facing(m, p.nth)
        if faced is not None:
            turn = BodyTurn(
                *faced,
                walk.front_deg + view_deg,
                walk.form.room,
                NORTH[walk.form.front if choice.front == "form" else choice.front],
            )
            changed = abs(turned_by(turn.after - turn.before)) >= TURNED
            m = retold(m, row.says(turn), changed, row.absolute)
        movements.append(m)
    return p._replace(posture=p.posture.model_copy(update={"movements": tuple(movements)}))


PLACES = frozenset({"front", "back", "window", "door"}) | frozenset(p.replace("-", "") for p in POINTS)

_HEAD = lx.TURN | lx.FACE | lx.TRUNK | frozenset("open opens the your a whole quarter half slight slightly".split())


def retold(m: Movement, to: str, changed: bool, absolute: bool) -> Movement:
    """A movement whose line says its last turn in other words: `to` ("to the window side"; "" leaves the line). `changed`:
    the body faces another way at its end; a turn of the waist, which comes back by itself, stays as it was written."""
    turns = [s.fact for s in line_facts(m) if s.fact.kind == "turn"]
    if not to or not turns or m.read is None:
        return m
    last = turns[-1]
    named = absolute and last.to is not None and (last.to in PLACES or last.to.isdecimal())
    if not (changed or named):
        return m
    new = _turn_words(m.line[last.start : last.end].split(), to, last.start == 0)
    line = m.line[: last.start] + new + m.line[last.end :]
    by = len(line) - len(m.line)

    def moved(f: Fact) -> Fact:
        start = f.start + by if f.start >= last.end else min(f.start, last.start + len(new))
        end = f.end + by if f.end >= last.end else min(f.end, last.start + len(new))
        return f.model_copy(update={"start": start, "end": max(start, end)})

    return m.reworded(line, tuple(map(moved, m.read.line)), m.foot, m.read.foot)


def _turn_words(words: Sequence[str], to: str, begins: bool) -> str:
    """The words of a turn with another end: "turn left" and "to the window side" make "turn to the window side"."""
    head = []
    for w in words:
        if w.lower() not in _HEAD:
            break
        head.append(w)
    while head and head[-1].lower() in ("the", "your", "a"):
        head.pop()
    said = to.removeprefix("to ") if head and head[-1].lower() in lx.FACE else to
    new = " ".join([*head, said])
    return new[:1].upper() + new[1:] if not head and begins else new
