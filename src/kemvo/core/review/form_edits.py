"""Form edits a mend may try: one movement or one posture changed, nothing else."""

from __future__ import annotations

from collections.abc import Callable
from typing import Any, NamedTuple

from kemvo.core.model.form import Form, Movement, Posture
from kemvo.core.movement.readings import finished
from kemvo.core.review.context import Seen
from kemvo.core.review.findings import Finding
from kemvo.core.timing.timeline import Span
from kemvo.core.types import SIDE_WORD, Side


class Try(NamedTuple):
    """A change that may be a mend: what it does, in words, and the form with it."""

    says: str
    form: Form


def changed(form: Form, posture_id: str, change: Callable[[Posture], Posture]) -> Form:
    """A form with one posture changed."""
    sections = tuple(
        s.model_copy(update={"postures": tuple(change(p) if p.id == posture_id else p for p in s.postures)})
        if any(p.id == posture_id for p in s.postures)
        else s
        for s in form.sections
    )
    return finished(form.model_copy(update={"sections": sections}))


def set_in(form: Form, posture_id: str, movement_id: str, **change: Any) -> Form:
    """One movement's fields set."""
    return changed(form, posture_id, lambda p: with_movements(p, movement_id, lambda m: [m.model_copy(update=change)]))


def set_here(form: Form, f: Finding, **change: Any) -> Form:
    """The fields of the finding's movement set."""
    return set_in(form, f.posture_id, f.movement_id, **change)


def instead(form: Form, f: Finding, change: Callable[[Movement], list[Movement]]) -> Form:
    """Other movements in the place of the finding's."""
    return changed(form, f.posture_id, lambda p: with_movements(p, f.movement_id, change))


def put_before(form: Form, f: Finding, new: Movement) -> Form:
    """A movement put before the finding's."""
    return instead(form, f, lambda m: [new, m])


def with_movements(p: Posture, movement_id: str, change: Callable[[Movement], list[Movement]]) -> Posture:
    """A posture with one movement replaced by what `change` makes of it."""
    return p.model_copy(
        update={"movements": tuple(x for m in p.movements for x in (change(m) if m.id == movement_id else [m]))}
    )


def first_span(look: Seen, f: Finding) -> Span:
    """The first time the finding's movement is done."""
    return next(s for s in look.spans if s.kind == "movement" and s.movement and s.movement.id == f.movement_id)


def all_on(side: Side, share: int = 100) -> int:
    """left_pct with that share on a leg."""
    return share if side == "L" else 100 - share


def shift_to(side: Side, share: int = 100) -> Movement:
    """A movement of its own that puts that share of the weight on a leg."""
    words = f"Weight into the {SIDE_WORD[side]} leg"
    return Movement(
        line=words if share == 100 else f"Sit into the {SIDE_WORD[side]} leg", counts=2, left_pct=all_on(side, share)
    )
