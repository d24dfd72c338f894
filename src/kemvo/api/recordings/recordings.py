"""Routes of recordings: bring a file in, mark it, save, undo, listen, delete the file alone."""

from __future__ import annotations

from fastapi import APIRouter, Response
from pydantic import BaseModel

from kemvo.api.base.documents import (
    DocumentView,
    Earlier,
    UnreadableView,
    Version,
    answer,
    unreadable_views,
)
from kemvo.api.base.house import Here, House
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


def view(house: House, stored: Stored[Recording]) -> RecordingView:
    """A stored recording with what follows from it."""
    session, forms, found = of_session(house, stored.body)
    here = house.media.path(stored.body.media).exists()
    return RecordingView.model_construct(
        **stored._asdict(), derived=recording_sheet(stored.body, session, forms, here, found)
    )


def of_session(house: House, recording: Recording) -> tuple[Session, Forms, bool]:
    """The session of a recording with its forms; an empty one where it is not here any more."""
    try:
        session = house.sessions.get(recording.session_id).body
    except (NotThere, CannotBeRead):
        return Session(title="Its session is not here any more"), {}, False
    return session, house.forms_of(session), True


@router.get("")
def list_recordings(house: Here, removed: bool = False) -> list[RecordingRow]:
    """All recordings, last saved first; with `removed`, the removed ones."""
    rows = []
    for stored in house.recordings.all(removed):
        v = view(house, stored)
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


@router.get("/unreadable")
def unreadable_recordings(house: Here) -> list[UnreadableView]:
    """The recordings that are here and cannot be read, with their earlier versions."""
    return unreadable_views(house.recordings)


@router.get("/{id_}", response_model=RecordingView)
def get_recording(house: Here, id_: str) -> Response:
    """One recording with what follows from it."""
    return answer(view(house, house.recordings.get(id_)))


@router.put("/{id_}", response_model=RecordingView)
def save_recording(house: Here, id_: str, save: RecordingSave) -> Response:
    """Write a recording. 409 when somebody else wrote since `version`."""
    return answer(view(house, house.recordings.save(id_, save.version, save.body)))


@router.post("/{id_}/undo", response_model=RecordingView)
def undo_recording(house: Here, id_: str, at: Version) -> Response:
    """One step back."""
    return answer(view(house, house.recordings.undo(id_, at.version)))


@router.post("/{id_}/redo", response_model=RecordingView)
def redo_recording(house: Here, id_: str, at: Version) -> Response:
    """One step forward again."""
    return answer(view(house, house.recordings.redo(id_, at.version)))


@router.post("/{id_}/go-back", response_model=RecordingView)
def go_back_recording(house: Here, id_: str, to: Earlier) -> Response:
    """Make an earlier version the present one."""
    return answer(view(house, house.recordings.go_back(id_, to.number)))


@router.delete("/{id_}", response_model=RecordingView)
def remove_recording(house: Here, id_: str) -> Response:
    """Put a recording out of sight; it can be brought back, and its file stays."""
    return answer(view(house, house.recordings.remove(id_)))


@router.post("/{id_}/bring-back", response_model=RecordingView)
def bring_recording_back(house: Here, id_: str) -> Response:
    """Bring a removed recording back."""
    return answer(view(house, house.recordings.bring_back(id_)))
