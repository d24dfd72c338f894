"""What the form sheet shows beside a form: where every movement stands in time, weight and breath, and totals."""

from __future__ import annotations

from kemvo.core.form import Form
from kemvo.core.ledger import Totals, totals_by
from kemvo.core.timeline import plan_form
from kemvo.core.values import Side, Value
from kemvo.core.weight import is_full, shifts
from kemvo.core.wording import Wording, foot_side, wordings_of


class MovementLine(Value):
    """A movement the first time it is done: when, how long, and where weight and breath come from and go,
    which foot acts and
    whether it carries weight at the end.

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


class Sheet(Value):
    """What follows from a form by itself, once through at its own tempo; rows by id."""

    totals: Totals
    sections: dict[str, Totals]
    postures: dict[str, Totals]
    movements: dict[str, MovementLine]


def sheet(form: Form) -> Sheet:
    """Work out the sheet of a form whose ids are filled in."""
    spans = plan_form(form).spans
    moved = shifts([form.opening_left_pct, *(s.left_to for s in spans)])
    lines: dict[str, MovementLine] = {}
    for s, shift in zip(spans, moved, strict=True):
        if s.kind == "movement" and s.movement and s.movement.id not in lines:
            lines[s.movement.id] = MovementLine.model_construct(
                start_ms=s.start_ms,
                ms=s.end_ms - s.start_ms,
                left_from=s.left_from,
                left_to=s.left_to,
                fill_from=round(s.fill_from, 4),
                fill_to=round(s.fill_to, 4),
                shift=shift,
                foot_side=foot_side(s.movement),
                foot_full=is_full(foot_side(s.movement), s.left_to),
                wordings=wordings_of(s.movement, s.left_from),
            )
    whole, sections, postures = totals_by(
        spans,
        lambda _: 0,
        lambda s: s.performance.section_id if s.performance else "",
        lambda s: s.performance.posture.id if s.performance else "",
    )
    return Sheet(
        totals=whole.get(0, Totals()),
        sections={str(k): v for k, v in sections.items()},
        postures={str(k): v for k, v in postures.items()},
        movements=lines,
    )
