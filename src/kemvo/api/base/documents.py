"""What the routes of forms and sessions have in common: one view of a document, and its requests."""

from __future__ import annotations

import shutil
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path
from typing import Annotated, Any, Generic, TypeVar
from urllib.parse import quote

from fastapi import Response, UploadFile
from pydantic import BaseModel, Field

from kemvo.api.base.workspace import Workspace
from kemvo.core.errors import Problem
from kemvo.core.model.form import Form
from kemvo.core.model.session import Session
from kemvo.core.progress.model import ClassGroup, Course, Lesson
from kemvo.core.recording.model import Recording
from kemvo.formats.text import MOST_TEXT_BYTES, bounded, too_large
from kemvo.store.documents import Documents, new_id

T = TypeVar("T", Form, Session, Recording, ClassGroup, Lesson, Course)
D = TypeVar("D")


class DocumentView(BaseModel, Generic[T, D]):
    """A document and what follows from it. `version` goes back with the next write."""

    id: str
    version: int
    saved: str
    can_undo: bool
    can_redo: bool
    removed: bool
    body: T
    derived: D


def answer(view: BaseModel, status: int = 200) -> Response:
    """A view as it is sent: it was made here and needs no checking on its way out (a third of an edit's time). What a
    form's words were read as stays here: the page is told it in words (`derived`)."""
    return Response(view.model_dump_json(exclude=READINGS), status, media_type="application/json")


READINGS: Any = {"body": {"sections": {"__all__": {"postures": {"__all__": {"movements": {"__all__": {"read"}}}}}}}}


class EarlierView(BaseModel):
    """An earlier version that can be read."""

    number: int
    saved: str
    title: str


class UnreadableView(BaseModel):
    """A document that cannot be read: why, and its earlier versions that can, the newest first."""

    id: str
    title: str
    why: Problem
    versions: list[EarlierView]


def unreadable_views(documents: Documents[T]) -> list[UnreadableView]:
    """The documents of a kind that cannot be read."""
    return [
        UnreadableView(id=u.id, title=u.title, why=u.why, versions=[EarlierView(**v._asdict()) for v in u.versions])
        for u in documents.unreadable()
    ]


class Earlier(BaseModel):
    """An earlier version, by its number."""

    number: Annotated[int, Field(ge=1, le=2**53)]


class Version(BaseModel):
    """The version a write starts from."""

    version: Annotated[int, Field(ge=1)]


def file_text(file: UploadFile, most: int = MOST_TEXT_BYTES) -> bytes:
    """The content of an opened file. Raises KemvoError when it is far too large."""
    return bounded(file.file, file.filename or "", most)


@contextmanager
def received(workspace: Workspace, file: UploadFile, most: int, mend: str) -> Iterator[Path]:
    """An opened file in the data folder, for as long as the block lasts or until it is moved. Raises KemvoError when it is
    too large."""
    path = workspace.incoming / new_id()
    try:
        with path.open("wb") as out:
            shutil.copyfileobj(file.file, out, 1 << 20)
            if out.tell() > most:
                raise too_large(file.filename or "", most, mend)
        yield path
    finally:
        path.unlink(missing_ok=True)


def download(text: str, title: str, ending: str, media_type: str) -> Response:
    """A text as a file to save, named after its title."""
    return Response(text, media_type=media_type, headers={"Content-Disposition": disposition(title, ending)})


def disposition(title: str, ending: str) -> str:
    """The header that names a file (RFC 6266): an ASCII name, and the full one."""
    name = f"{file_name(title)}.{ending}"
    plain = name.encode("ascii", "ignore").decode() or f"kemvo.{ending}"
    return f"attachment; filename=\"{plain}\"; filename*=UTF-8''{quote(name)}"


def file_name(title: str) -> str:
    """A title as a file name: letters and digits with hyphens between."""
    words = "".join(c if c.isalnum() else " " for c in title.lower()).split()
    return "-".join(words)[:80] or "kemvo"
