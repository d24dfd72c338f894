"""Routes of recordings: bring a file in, mark it, save, undo, listen, delete the file alone."""

from __future__ import annotations

from fastapi import APIRouter
from pydantic import BaseModel

from kemvo.api.base.document_routes import Subject, document_routes
from kemvo.api.base.documents import (
    DocumentView,
    Version,
)
from kemvo.api.base.workspace import Here, Workspace
from kemvo.core.model.session import Forms, Session
from kemvo.core.recording.model import Recording
from kemvo.core.views.recording_sheet import WAYS_FILMED, RecordingSheet, recording_sheet
from kemvo.store.documents import CannotBeRead, NotThere, Stored

router = APIRouter(prefix="/api/recordings", tags=["recordings"])


class RecordingView(DocumentView[Recording, RecordingSheet]):
    """A recording with what follows from it."""


class RecordingRow(BaseModel):
    """A recording in the list."""

    id: str
    title: str
    session: str
    saved: str
    ms: int
    bytes: int
    picture: bool
    here: bool
    marked: int
    postures: int


class RecordingSave(Version):
    """A recording to be written on top of `version`."""

    body: Recording


def view(workspace: Workspace, stored: Stored[Recording]) -> RecordingView:
    """A stored recording with what follows from it."""
    session, forms, found = of_session(workspace, stored.body)
    here = workspace.media.path(stored.body.media).exists()
    return RecordingView.model_construct(
        **stored._asdict(), derived=recording_sheet(stored.body, session, forms, here, found)
    )


def of_session(workspace: Workspace, recording: Recording) -> tuple[Session, Forms, bool]:
    """The session of a recording with its forms; an empty one where it is not here any more."""
    try:
        session = workspace.sessions.get(recording.session_id).body
    except (NotThere, CannotBeRead):
        return Session(title="Its session is not here any more"), {}, False
    return session, workspace.forms_of(session), True


@router.get("")
def list_recordings(workspace: Here, removed: bool = False) -> list[RecordingRow]:
    """All recordings, last saved first; with `removed`, the removed ones."""
    rows = []
    for stored in workspace.recordings.all(removed):
        v = view(workspace, stored)
        rows.append(
            RecordingRow(
                id=v.id,
                title=v.body.title,
                session=v.derived.session_title,
                saved=v.saved,
                ms=v.body.media.ms,
                bytes=v.body.media.bytes if v.derived.here else 0,
                picture=v.body.media.picture,
                here=v.derived.here,
                marked=v.derived.marked,
                postures=sum(p.first for p in v.derived.places),
            )
        )
    return rows


@router.get("/ways-filmed")
def ways_filmed() -> dict[str, str]:
    """How a pass can be filmed, in words."""
    return {str(k): v for k, v in WAYS_FILMED.items()}


document_routes(router, Subject(lambda workspace: workspace.recordings, view, RecordingView, RecordingSave))
