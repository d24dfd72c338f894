"""Routes of reading: what a line says, postures by a few letters, a whole text made into a form."""

from __future__ import annotations

from functools import cache
from typing import Annotated

from fastapi import APIRouter, Form, Query, UploadFile
from pydantic import BaseModel, Field

from kemvo.api.documents import file_text
from kemvo.core.catalogue import Entry, name_index, suggestions
from kemvo.core.form import Movement, Posture
from kemvo.core.reading.fill import filled, in_words
from kemvo.core.reading.names import NameIndex
from kemvo.core.reading.outline import Draft, draft
from kemvo.core.reading.read import read_line
from kemvo.core.reading.script import read_script
from kemvo.core.values import Side
from kemvo.formats.catalogue import shipped_catalogue
from kemvo.formats.scripts import script_entries

router = APIRouter(prefix="/api", tags=["reading"])


@cache
def names() -> NameIndex:
    """The names of the catalogue that ships with Kemvo."""
    return name_index(shipped_catalogue())


class Sign(BaseModel):
    """What was read from a line: a fact in words, and the letters it was read from."""

    kind: str
    words: str
    start: int
    end: int


class LineReading(BaseModel):
    """What a movement's line says, and the movement with that filled in."""

    signs: list[Sign]
    movement: Movement


@router.post("/read/movement")
def read_movement(movement: Movement) -> LineReading:
    """Read a movement's line."""
    facts = read_line(movement.line, names())
    return LineReading(
        signs=[Sign(kind=f.kind, words=in_words(f), start=f.start, end=f.end) for f in facts],
        movement=filled(movement, facts),
    )


class Suggestion(BaseModel):
    """A posture of the catalogue, ready to be put into a form; `other` is its other side, if it has one."""

    id: str
    name: str
    styles: list[str]
    pinyin: list[str]
    posture: Posture
    other: Posture | None


@router.get("/catalogue")
def catalogue(
    letters: Annotated[str, Query(max_length=80)] = "", most: Annotated[int, Query(ge=1, le=200)] = 6
) -> list[Suggestion]:
    """The postures that a few letters can stand for; without letters, the whole catalogue."""
    entries = shipped_catalogue()
    found = suggestions(entries, letters, most) if letters.strip() else list(entries)[:most]
    return [_suggestion(e) for e in found]


def _suggestion(e: Entry) -> Suggestion:
    other: Side = "R"
    return Suggestion(
        id=e.id,
        name=e.posture.name,
        styles=list(e.styles),
        pinyin=list(e.pinyin),
        posture=e.posture,
        other=e.on(other) if e.posture.side else None,
    )


class PastedText(BaseModel):
    """A text as it was pasted."""

    text: Annotated[str, Field(min_length=1, max_length=2_000_000)]
    title: Annotated[str, Field(max_length=200)] = ""


@router.post("/texts")
def read_text(pasted: PastedText) -> Draft:
    """A pasted text made into a form, for confirmation; nothing is saved."""
    return _draft(pasted.text.encode(), "pasted.srt" if "-->" in pasted.text else "pasted.txt", pasted.title)


@router.post("/texts/file")
async def read_text_file(file: UploadFile, title: Annotated[str, Form(max_length=200)] = "") -> Draft:
    """A text file made into a form, for confirmation; nothing is saved."""
    name = file.filename or "text.txt"
    return _draft(await file_text(file), name, title or name.rsplit(".", 1)[0][:200])


def _draft(data: bytes, name: str, title: str) -> Draft:
    return draft(read_script(script_entries(data, name), names()), shipped_catalogue(), title or "New form")
