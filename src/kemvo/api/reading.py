"""Routes of reading: what a line says, a reading put right, a whole text made into a form."""

from __future__ import annotations

from typing import Annotated, Literal

from fastapi import APIRouter, Form, UploadFile
from pydantic import BaseModel, Field

from kemvo.api.documents import file_text
from kemvo.api.house import Here, House
from kemvo.core.filling import Sign, corrected, filled, signs
from kemvo.core.form import Movement
from kemvo.core.outline import Draft, draft
from kemvo.core.problem import KemvoError, Problem
from kemvo.core.reading.script import read_script
from kemvo.formats.scripts import script_entries

router = APIRouter(prefix="/api", tags=["reading"])


class LineReading(BaseModel):
    """What a movement's line says, the movement with that filled in where it may be, and in all fields (`over`)."""

    signs: list[Sign]
    movement: Movement
    over: Movement


def _reading(movement: Movement) -> LineReading:
    return LineReading(signs=signs(movement), movement=filled(movement), over=filled(movement, over=True))


@router.post("/read/movement")
def read_movement(movement: Movement) -> LineReading:
    """Read a movement's line."""
    return _reading(movement)


class Correcting(BaseModel):
    """One fact of a movement's line to be put right: its number, and what of it goes to the next value; "gone": its
    words mean nothing; "read": the reading counts again."""

    movement: Movement
    no: Annotated[int, Field(ge=0)]
    what: Literal["side", "direction", "touch", "size", "toes", "on", "to", "part", "gone", "read"]


@router.post("/read/correct")
def correct_reading(correcting: Correcting) -> LineReading:
    """Put a reading right. It stays with the words it was read from."""
    try:
        return _reading(corrected(correcting.movement, correcting.no, correcting.what))
    except (IndexError, KeyError):
        raise KemvoError(
            Problem(what="This reading cannot be put right so.", mend="Choose one of the signs beside the line.")
        ) from None


class PastedText(BaseModel):
    """A text as it was pasted."""

    text: Annotated[str, Field(min_length=1, max_length=2_000_000)]
    title: Annotated[str, Field(max_length=200)] = ""


@router.post("/texts")
def read_text(house: Here, pasted: PastedText) -> Draft:
    """A pasted text made into a form, for confirmation; nothing is saved."""
    return _draft(house, pasted.text.encode(), "pasted.txt", pasted.title, "New form")


@router.post("/texts/file")
def read_text_file(house: Here, file: UploadFile, title: Annotated[str, Form(max_length=200)] = "") -> Draft:
    """A text file made into a form, for confirmation; nothing is saved."""
    name = file.filename or "text.txt"
    return _draft(house, file_text(file), name, title, name.rsplit(".", 1)[0][:200])


def _draft(house: House, data: bytes, name: str, title: str, usual: str) -> Draft:
    read = read_script(script_entries(data, name), house.names())
    return draft(read, house.catalogue(), title, usual or "New form")
