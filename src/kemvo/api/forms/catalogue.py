"""Routes of the catalogue: postures by a few letters, and the instructor's own ones."""

from __future__ import annotations

from typing import Annotated

from fastapi import APIRouter, Query, Response, UploadFile
from pydantic import BaseModel, Field

from kemvo.api.base.documents import download, file_text
from kemvo.api.base.workspace import Here, Workspace
from kemvo.core.errors import KemvoError, Problem
from kemvo.core.model.catalogue import Entry, slug, suggestions
from kemvo.core.model.form import Posture
from kemvo.core.model.to_fill import marked
from kemvo.core.movement.fields import filled_in
from kemvo.core.types import Side
from kemvo.formats.documents.catalogue import read_catalogue, shipped_catalogue, write_catalogue

router = APIRouter(prefix="/api/catalogue", tags=["catalogue"])


class Suggestion(BaseModel):
    """A posture of the catalogue, ready to be put into a form; `other` is its other side, if it has one. `own`: the
    instructor keeps it; `over`: in place of the catalogue's; `counts`: of all its movements."""

    id: str
    name: str
    styles: list[str]
    pinyin: list[str]
    own: bool
    over: bool
    counts: float
    posture: Posture
    other: Posture | None


@router.get("")
def catalogue(
    workspace: Here,
    letters: Annotated[str, Query(max_length=80)] = "",
    most: Annotated[int, Query(ge=1, le=2000)] = 6,
) -> list[Suggestion]:
    """The postures that a few letters can stand for; without letters, the whole catalogue."""
    entries = workspace.catalogue()
    found = suggestions(entries, letters, most) if letters.strip() else list(entries)[:most]
    return _suggestions(workspace, found)


def _suggestions(workspace: Workspace, entries: list[Entry]) -> list[Suggestion]:
    own = {e.id for e in workspace.own_postures.all()}
    shipped = {e.id for e in shipped_catalogue()}
    other: Side = "R"
    return [
        Suggestion(
            id=e.id,
            name=e.posture.name,
            styles=list(e.styles),
            pinyin=list(e.pinyin),
            own=e.id in own,
            over=e.id in own and e.id in shipped,
            counts=sum(m.counts for m in e.posture.movements),
            posture=_ready(e.posture, e.id in own),
            other=_ready(e.on(other), e.id in own) if e.posture.side else None,
        )
        for e in entries
    ]


def _ready(posture: Posture, own: bool) -> Posture:
    """A posture to be put into a form: what is not the instructor's own is marked as the catalogue's."""
    filled = filled_in(posture)
    return filled if own else marked(filled)


class Keeping(BaseModel):
    """A posture to be kept. `id`: the catalogue's posture it goes before; without one it goes by its name."""

    posture: Posture
    id: Annotated[str, Field(max_length=64, pattern=r"^[a-z0-9-]*$")] = ""


@router.post("", status_code=201)
def keep_posture(workspace: Here, keeping: Keeping) -> Suggestion:
    """Keep a posture as one's own; of the same name as one of the catalogue's, it goes before that."""
    posture = keeping.posture
    if not posture.name.strip():
        raise KemvoError(Problem(what="A posture that is kept needs a name.", mend="Give it one first."))
    id_ = keeping.id or workspace.names().resolve(posture.name) or slug(posture.name)
    entry = workspace.keep(posture, id_)
    return _suggestions(workspace, [entry])[0]


@router.delete("/{id_}")
def put_posture_away(workspace: Here, id_: str) -> list[Suggestion]:
    """Let an own posture go; what the catalogue has under its id counts again. Answers with the own ones left."""
    workspace.put_away(id_)
    return _suggestions(workspace, list(workspace.own_postures.all()))


@router.get("/file")
def own_postures_file(workspace: Here) -> Response:
    """The own postures as a catalogue file."""
    return download(write_catalogue(workspace.own_postures.all()), "own postures", "catalogue.json", "application/json")


@router.post("/file", status_code=201)
def open_catalogue(workspace: Here, file: UploadFile) -> list[Suggestion]:
    """Postures of a catalogue file (TOML or JSON), kept as own ones."""
    name = file.filename or ""
    data = file_text(file)
    try:
        entries = read_catalogue(data.decode("utf-8-sig"), name)
    except UnicodeDecodeError:
        raise KemvoError(
            Problem(what="This file is not text.", where=name, mend="Choose a .json or .toml file.")
        ) from None
    workspace.keep_all(entries)
    return _suggestions(workspace, list(entries))
