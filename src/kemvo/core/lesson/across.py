"""A drill that travels: how often it fits across the room, and the turn at the wall."""

from __future__ import annotations

from math import hypot

from kemvo.core.errors import KemvoError, Problem
from kemvo.core.floor.footprint import in_a_sentence, needed, space
from kemvo.core.floor.placement import best_spot, facings_of
from kemvo.core.floor.walker import trace
from kemvo.core.model.form import Form
from kemvo.core.model.session import Forms, Pass, Session, with_pass_ids
from kemvo.core.tables.block_kinds import BLOCK_KINDS
from kemvo.core.tables.rooms import Room
from kemvo.core.timing.pass_postures import form_of
from kemvo.core.timing.timeline import Span, plan
from kemvo.core.types import Value

TRAVELS_M = 0.3
"""A drill travels that ends every time so far from where it began (own choice)."""

AT_THE_WALL = "Turn round at the wall, and back across the room."
"""What is said before the way back."""


class Across(Value):
    """How a drill goes across its room. `times`: how often it is done, of which `fits` fit in a row; `ways`: how it is divided, from wall
    to wall; `says`: in a sentence."""

    pass_id: str
    times: int
    fits: int
    ways: tuple[int, ...]
    says: str


def across(session: Session, forms: Forms, pass_id: str) -> Across | None:
    """How a pass that is done several times goes across its form's room; None where it does not travel, or there is no room."""
    p = next((x for x in session.passes if x.id == pass_id), None)
    form = form_of(p, forms) if p else None
    if (
        p is None
        or form is None
        or form.room is None
        or p.repeats < 2
        or not BLOCK_KINDS[p.kind].moves
        or p.kind == "chain"
    ):
        return None
    alone = session.model_copy(update={"passes": (p.model_copy(update={"off": False}),)})
    spans = [s for s in plan(alone, forms).spans if s.kind == "movement"]
    walked = trace(form, spans)
    if not walked.steps or not _travels(form, spans):
        return None
    room = form.room
    low, high = 0, p.repeats + 1
    # What fits once more fits as often before.
    while high - low > 1:
        middle = (low + high) // 2
        low, high = (middle, high) if _fits(form, spans, middle, room) else (low, middle)
    ways = tuple(min(low, p.repeats - k) for k in range(0, p.repeats, low)) if low else ()
    return Across(pass_id=p.id, times=p.repeats, fits=low, ways=ways, says=_says(p, low, ways, room, form, spans))


def _travels(form: Form, spans: list[Span]) -> bool:
    once = trace(form, [s for s in spans if s.round.nth == 1])
    twice = trace(form, [s for s in spans if s.round.nth <= 2])
    a, b = once.steps[-1].after, twice.steps[-1].after
    return (
        hypot(b.left.x - a.left.x + b.right.x - a.right.x, b.left.y - a.left.y + b.right.y - a.right.y) / 2 >= TRAVELS_M
    )


def _fits(form: Form, spans: list[Span], times: int, room: Room) -> bool:
    discs = space(trace(form, [s for s in spans if s.round.nth <= times]))
    return any(best_spot(discs, room, facing, picture=False).fits() for facing in facings_of(room, "four"))


def _says(p: Pass, fits: int, ways: tuple[int, ...], room: Room, form: Form, spans: list[Span]) -> str:
    name = room.title or "the room"
    if fits == p.repeats:
        needs = in_a_sentence(needed(space(trace(form, spans))))
        return f"All {p.repeats} times fit across {name}. {needs}"
    if not fits:
        return f"Not even once does it fit into {name}. Take smaller steps, or a larger room."
    told = ", turn, ".join(str(n) for n in ways)
    return f"{fits} of {p.repeats} times fit across {name}: {told}."


def turned_at_walls(session: Session, forms: Forms, pass_id: str) -> Session:
    """The session in which a drill is divided at the walls: so often across, turn, and back. Raises KemvoError where it need not be, or
    cannot."""
    found = across(session, forms, pass_id)
    if found is None or len(found.ways) < 2:
        says = found.says if found else "This pass does not travel across a room."
        raise KemvoError(Problem(what=says, mend="Leave it as it is."))
    passes: list[Pass] = []
    for p in session.passes:
        if p.id != pass_id:
            passes.append(p)
            continue
        done = 0
        for n, times in enumerate(found.ways):
            change: dict[str, object] = {"repeats": times}
            if n:
                change |= {"id": "", "say": AT_THE_WALL, "pause_before_ms": None}
                if p.alternate and done % 2:
                    change["other_side"] = not p.other_side
            passes.append(p.model_copy(update=change))
            done += times
    return with_pass_ids(session.model_copy(update={"passes": tuple(passes)}))
