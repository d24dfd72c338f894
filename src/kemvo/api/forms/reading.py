"""Routes of reading: what a line says, a reading put right, a whole text made into a form."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Annotated, NamedTuple

from fastapi import APIRouter, Form, Response, UploadFile
from pydantic import BaseModel, Field, TypeAdapter, ValidationError

from kemvo.api.base.documents import file_text
from kemvo.api.base.work import JobView, job_view
from kemvo.api.base.workspace import Here, Workspace
from kemvo.core.errors import KemvoError, Problem
from kemvo.core.model.form import Movement
from kemvo.core.movement.fields import Sign, SignChange, corrected, filled, signs
from kemvo.core.movement.readings import read_as_in
from kemvo.core.text_import.draft import Draft, draft
from kemvo.core.text_import.kinds.labels import LineKind
from kemvo.core.text_import.whole_text.headings import Flat
from kemvo.core.text_import.whole_text.names_after import NamesStand
from kemvo.core.text_import.whole_text.script import read_script
from kemvo.formats.texts.scripts import script_entries
from kemvo.jobs import Job

router = APIRouter(prefix="/api", tags=["reading"])


class LineReading(BaseModel):
    """What a movement's line says, the movement with that filled in where it may be, and in all fields (`over`)."""

    signs: list[Sign]
    movement: Movement
    over: Movement


def _reading(movement: Movement) -> LineReading:
    return LineReading(signs=signs(movement), movement=filled(movement), over=filled(movement, over=True))


@router.post("/read/movement")
def read_movement(workspace: Here, movement: Movement, form: str = "") -> LineReading:
    """What a movement's line says. `form`: where it stands; words that were read there are not read anew."""
    return _reading(_as_in(workspace, movement, form))


def _as_in(workspace: Workspace, movement: Movement, form: str) -> Movement:
    return read_as_in(movement, workspace.forms.get(form).body) if form else movement


class Correcting(BaseModel):
    """One fact of a movement's line to be put right: its number, and what of it goes to the next value; "gone": its
    words mean nothing; "read": the reading counts again."""

    movement: Movement
    no: Annotated[int, Field(ge=0)]
    what: SignChange


@router.post("/read/correct")
def correct_reading(workspace: Here, correcting: Correcting, form: str = "") -> LineReading:
    """Put a reading right. It stays with the words it was read from."""
    try:
        movement = _as_in(workspace, correcting.movement, form)
        return _reading(corrected(movement, correcting.no, correcting.what))
    except (IndexError, KeyError):
        raise KemvoError(
            Problem(what="This reading cannot be put right so.", mend="Choose one of the signs beside the line.")
        ) from None


MOST_SAID = 2_000
"""Of so many lines the instructor may say what they are."""


class PastedText(BaseModel):
    """A text as it was pasted. `items`: what the items of a flat list are, `names`: where the names stand, `kinds`: what lines are, by
    their words; all where the instructor says so."""

    text: Annotated[str, Field(min_length=1, max_length=2_000_000)]
    title: Annotated[str, Field(max_length=200)] = ""
    items: Flat = ""
    names: NamesStand = ""
    kinds: Annotated[dict[str, LineKind], Field(max_length=MOST_SAID)] = {}


ReadNow = Annotated[Draft | JobView, Field(description="The form; of a long text the job that makes it.")]


@router.post("/texts")
def read_text(workspace: Here, response: Response, pasted: PastedText) -> ReadNow:
    """A pasted text made into a form, for confirmation; nothing is saved. A long text is read as a job, which makes it."""
    said = Said(pasted.title, "New form", pasted.items, pasted.names, pasted.kinds)
    return _draft(workspace, response, pasted.text.encode(), "pasted.txt", said)


@router.post("/texts/file")
def read_text_file(
    workspace: Here,
    response: Response,
    file: UploadFile,
    title: Annotated[str, Form(max_length=200)] = "",
    items: Annotated[Flat, Form()] = "",
    names: Annotated[NamesStand, Form()] = "",
    kinds: Annotated[str, Form(max_length=1_000_000)] = "",
) -> ReadNow:
    """A text file made into a form, for confirmation; nothing is saved. A long text is read as a job, which makes it. `kinds`: what lines
    are, by their words, as a JSON object."""
    name = file.filename or "text.txt"
    try:
        told = KINDS_SAID.validate_json(kinds) if kinds else {}
    except ValidationError:
        raise KemvoError(
            Problem(
                what="What the lines are cannot be read.", where="kinds", mend="Send a JSON object: words and kind."
            )
        ) from None
    return _draft(
        workspace, response, file_text(file), name, Said(title, name.rsplit(".", 1)[0][:200], items, names, told)
    )


LINES_AT_ONCE = 600
"""A text of more lines takes about a second or longer to read (`make bench`)."""

LINES_A_STEP = 200


class Said(NamedTuple):
    """What is said of a text besides: its title, the usual one, what the items of a list are, where names stand, what lines are."""

    title: str
    usual: str
    items: Flat
    names: NamesStand
    kinds: Mapping[str, LineKind]


KINDS_SAID = TypeAdapter(dict[str, LineKind])


def _draft(workspace: Workspace, response: Response, data: bytes, name: str, said: Said) -> Draft | JobView:
    entries = script_entries(data, name)
    usual = said.usual or "New form"

    def made() -> Draft:
        read = read_script(entries, workspace.names())
        return draft(read, workspace.catalogue(), said.title, usual, said.items, said.names, said.kinds)

    if len(entries) <= LINES_AT_ONCE:
        return made()

    def work(job: Job) -> None:
        for n in range(0, len(entries), LINES_A_STEP):
            # What was read is remembered: the whole is then put together at once.
            read_script(entries[n : n + LINES_A_STEP], workspace.names())
            job.report(READING * n / len(entries))
        job.made = made().model_dump(mode="json")

    response.status_code = 202
    return job_view(workspace.jobs.start(f"Reading {name[:100]}", "", "", work))


READING = 0.8
"""The share of the work that is done when every line is read."""
