"""A session of one pass over a form, at a tempo or in a number of minutes."""

from __future__ import annotations

from kemvo.core.errors import KemvoError, Problem
from kemvo.core.model.form import Form
from kemvo.core.model.session import Part, Pass, Session, with_pass_ids
from kemvo.core.tables.block_kinds import Facing
from kemvo.core.timing.timeline import plan
from kemvo.core.types import FASTEST, SLOWEST, in_minutes

FORM_ID = "form"
"""The id by which the session names its form."""


def one_pass(
    form: Form, tempo: float | None = None, minutes: float | None = None, facing: Facing = "behind"
) -> Session:
    """A session of one pass. `tempo`: counts a minute; `minutes`: how long all of it lasts, which sets the tempo. Raises KemvoError
    when both are given, or when so long a time cannot be had."""
    if tempo is not None and minutes is not None:
        raise KemvoError(
            Problem(
                what="Tempo and minutes were both given; each sets the other.",
                mend="Give --tempo or --minutes, not both.",
            )
        )

    def made(tempo: float | None) -> Session:
        title = f"{form.title or 'New form'}, practice"[:200]
        return with_pass_ids(
            Session(title=title, passes=(Pass(part=Part(form_id=FORM_ID), tempo=tempo, facing=facing),))
        )

    if minutes is None:
        return made(tempo)
    spans = plan(made(60.0), {FORM_ID: form}).spans
    moving = sum(s.end_ms - s.start_ms for s in spans if s.kind == "movement")
    still = sum(s.end_ms - s.start_ms for s in spans) - moving
    left = minutes * 60_000 - still
    wanted = round(60 * moving / left, 2) if left > 0 else FASTEST + 1
    if not moving or not SLOWEST <= wanted <= FASTEST:
        shortest, longest = (in_minutes(round(still + 60 * moving / t)) for t in (FASTEST, SLOWEST))
        raise KemvoError(
            Problem(
                what=f"This form cannot last {minutes:g} minutes.",
                mend=f"Choose between {shortest} and {longest}." if moving else "It has no movements yet.",
            )
        )
    return made(wanted)
