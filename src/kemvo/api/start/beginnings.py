"""Routes of the first hour: three beginnings, five steps, the demo beside one's own data, and files of any kind opened."""

from __future__ import annotations

from datetime import date
from typing import Literal

from fastapi import APIRouter, UploadFile
from pydantic import BaseModel

from kemvo.api.base.documents import file_text
from kemvo.api.base.workspace import Here
from kemvo.api.classes.classes import add_class
from kemvo.api.sessions.sessions import added, bundle_of
from kemvo.audio.speech.neural import neural_voices
from kemvo.core.views.first_steps import FirstStep, first_steps
from kemvo.demo.load import DEMO_IDS, load
from kemvo.demo.log import CLASS_IDS, COURSE_IDS, teach
from kemvo.formats.documents.class_file import read_class
from kemvo.formats.documents.packed import is_packed

router = APIRouter(prefix="/api", tags=["beginnings"])


class Beginnings(BaseModel):
    """How far the first hour is. `empty`: there is no form, session or recording; `classes`: there is a class; `demo`: the demo is here; `beside`: it came
    beside what is the user's own, and may go; `steps`: the five
    steps, none where they were closed or are all done."""

    empty: bool
    classes: bool
    demo: bool
    beside: bool
    steps: tuple[FirstStep, ...]


@router.get("/beginnings")
def beginnings(workspace: Here) -> Beginnings:
    """How far the first hour is."""
    forms, sessions = workspace.forms.all(), workspace.sessions.all()
    happened = workspace.happened.all()
    steps = first_steps(
        {s.id: s.body for s in forms if s.id not in DEMO_IDS},
        {s.id: s.body for s in sessions if s.id not in DEMO_IDS},
        happened,
    )
    ids = {*(s.id for s in forms), *(s.id for s in sessions)}
    demo = not ids.isdisjoint(DEMO_IDS)
    return Beginnings(
        empty=not (forms or sessions or workspace.recordings.all()),
        classes=bool(workspace.classes.all()),
        demo=demo,
        beside=demo and ("closed" not in happened or not ids.issubset(DEMO_IDS)),
        steps=() if "closed" in happened or all(s.done for s in steps) else steps,
    )


class Happened(BaseModel):
    """Something of the first hour that happened."""

    what: Literal["heard", "saved", "closed"]


@router.post("/beginnings")
def it_happened(workspace: Here, it: Happened) -> Beginnings:
    """Remember that something happened; "closed" puts the steps away."""
    workspace.happened.put(it.what)
    return beginnings(workspace)


@router.post("/demo", status_code=201)
def look_around(workspace: Here) -> Beginnings:
    """Put the demo beside the user's own data; what was put away of it comes back."""
    voices = neural_voices(workspace.folder)
    load(workspace.database, voices[0].id if voices else "")
    teach(workspace.database, date.today())
    return beginnings(workspace)


@router.delete("/demo")
def put_demo_away(workspace: Here) -> Beginnings:
    """Put all of the demo out of sight; each can be brought back."""
    for shelf in (workspace.forms, workspace.sessions, workspace.classes, workspace.courses):
        for stored in shelf.all():
            if stored.id in (*DEMO_IDS, *CLASS_IDS, *COURSE_IDS):
                shelf.remove(stored.id)
    return beginnings(workspace)


class Opened(BaseModel):
    """Where a file that was opened is now: the address of its page."""

    to: str


@router.post("/open", status_code=201)
def open_file(workspace: Here, file: UploadFile) -> Opened:
    """Open a file that Kemvo saved, whatever is in it: a form, a session, a session with its sounds."""
    if not is_packed(file.file):
        of_class = read_class(file_text(file), file.filename or "")
        if of_class is not None:
            return Opened(to=f"/classes/{add_class(workspace, of_class)}")
        file.file.seek(0)
    bundle = bundle_of(workspace, file)
    if bundle.session is None:
        return Opened(to=f"/forms/{workspace.forms.add(bundle.form()).id}")
    return Opened(to=f"/sessions/{added(workspace, bundle).id}")
