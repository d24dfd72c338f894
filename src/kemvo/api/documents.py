"""What the routes of forms and sessions have in common: one view of a document, and its requests."""

from __future__ import annotations

from typing import Annotated, Generic, TypeVar
from urllib.parse import quote

from fastapi import Response, UploadFile
from pydantic import BaseModel, Field

from kemvo.core.form import Form
from kemvo.core.problem import KemvoError, Problem
from kemvo.core.session import Session

T = TypeVar("T", Form, Session)
D = TypeVar("D")

MAX_FILE_BYTES = 20_000_000


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


def answer(view: BaseModel) -> Response:
    """A view as it is sent: it was made here and needs no checking on its way out (a third of an edit's time)."""
    return Response(view.model_dump_json(), media_type="application/json")


class Version(BaseModel):
    """The version a write starts from."""

    version: Annotated[int, Field(ge=1)]


async def file_text(file: UploadFile, most: int = MAX_FILE_BYTES) -> bytes:
    """The content of an opened file. Raises KemvoError when it is far too large."""
    data = await file.read(most + 1)
    if len(data) > most:
        raise KemvoError(
            Problem(
                what=f"This file is larger than {most // 1_000_000} MB.",
                where=file.filename or "",
                mend="Choose a form or session file.",
            )
        )
    return data


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
