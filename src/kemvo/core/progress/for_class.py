"""What a class changes about the forms and sessions it is taught with: room, limits, statures, cautions, start."""

from __future__ import annotations

from kemvo.core.model.form import Form
from kemvo.core.model.session import Session
from kemvo.core.progress.model import ClassGroup
from kemvo.core.tables.groups import GROUPS


def for_class(form: Form, group: ClassGroup) -> Form:
    """A form as this class does it: in its room, within its limits, with steps as long as its tallest take them. A start that was
    settled in another room is left open."""
    change: dict[str, object] = {}
    groups = group.care.groups()
    who = form.who
    if groups:
        # The form's own group stays: its limits hold for all.
        who = who.model_copy(update={"also": tuple(dict.fromkeys((*who.also, *groups)))})
    if group.stature_most_cm:
        who = who.model_copy(update={"stature_cm": group.stature_most_cm})
    if who != form.who:
        change["who"] = who
    if group.room is not None and group.room != form.room:
        change |= {"room": group.room, "start": None}
    return form.model_copy(update=change) if change else form


def cautions_of(group: ClassGroup) -> tuple[str, ...]:
    """What this class must be told before it begins."""
    return tuple(GROUPS[g].caution for g in group.care.groups())


def session_for(session: Session, group: ClassGroup, class_id: str) -> Session:
    """A session as this class has it: its start, and its cautions said before all else."""
    starts = group.time or session.starts_at
    return session.model_copy(update={"class_id": class_id, "starts_at": starts, "cautions": cautions_of(group)})


def session_for_anybody(session: Session) -> Session:
    """A session that is for no class any more."""
    return session.model_copy(update={"class_id": "", "day": None, "cautions": ()})
