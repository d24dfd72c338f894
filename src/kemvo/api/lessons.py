"""Routes of lessons: laid out from a pattern, fitted to the hour, told on paper."""

from __future__ import annotations

from typing import Annotated, Literal

from fastapi import APIRouter, Response
from pydantic import BaseModel, Field

from kemvo.api.documents import Version, answer, disposition, download
from kemvo.api.house import Here
from kemvo.api.sessions import SessionView, view
from kemvo.core.lesson import Fitting, fitted, laid_out
from kemvo.core.paper import For, paper
from kemvo.core.timeline import plan
from kemvo.formats.midi import write_midi
from kemvo.formats.plan_pdf import write_pdf
from kemvo.formats.plan_text import write_csv, write_markdown

router = APIRouter(prefix="/api/sessions", tags=["lessons"])


class LayOut(BaseModel):
    """A lesson to be laid out: its pattern, over which form, which postures are new today and which were taught before
    (ids), and the minutes there are."""

    pattern: Annotated[str, Field(max_length=40)]
    form_id: Annotated[str, Field(max_length=64)]
    new: Annotated[list[str], Field(max_length=400)] = []
    before: Annotated[list[str], Field(max_length=400)] = []
    title: Annotated[str, Field(max_length=200)] = ""
    minutes: Annotated[float, Field(ge=1, le=360)] | None = None


@router.post("/lay-out", status_code=201)
def lay_out(house: Here, wish: LayOut) -> SessionView:
    """A new session, laid out from a pattern."""
    form = house.forms.get(wish.form_id).body
    title = wish.title or f"{form.title or 'Untitled form'}, lesson"[:200]
    made = laid_out(wish.pattern, wish.form_id, form, wish.new, wish.before, title, wish.minutes)
    return view(house, house.sessions.add(made))


@router.get("/{id_}/fit")
def look_at_fit(house: Here, id_: str) -> Fitting:
    """How a session would be fitted to its wished length, block by block; nothing is changed."""
    session = house.sessions.get(id_).body
    return fitted(session, house.forms_of(session))


@router.post("/{id_}/fit", response_model=SessionView)
def take_fit(house: Here, id_: str, at: Version) -> Response:
    """Fit a session to its wished length and save it. 409 when somebody else wrote since `version`."""
    session = house.sessions.get(id_).body
    return answer(view(house, house.sessions.save(id_, at.version, fitted(session, house.forms_of(session)).session)))


@router.get("/{id_}/paper.{ending}", response_class=Response)
def on_paper(house: Here, id_: str, ending: Literal["pdf", "md", "csv"], reader: For = "instructor") -> Response:
    """The plan on paper, for the instructor or for the class: PDF, Markdown or CSV."""
    session = house.sessions.get(id_).body
    sheet = paper(session, house.forms_of(session), reader)
    name = f"{session.title or 'lesson'} {reader}"
    if ending == "pdf":
        return Response(
            write_pdf(sheet), media_type="application/pdf", headers={"Content-Disposition": disposition(name, "pdf")}
        )
    text, kind = (write_markdown(sheet), "text/markdown") if ending == "md" else (write_csv(sheet), "text/csv")
    return download(text, name, ending, f"{kind}; charset=utf-8")


@router.get("/{id_}/practice.mid", response_class=Response)
def as_midi(house: Here, id_: str) -> Response:
    """The tempo map of a session with its markers and words, as a Standard MIDI File."""
    session = house.sessions.get(id_).body
    data = write_midi(plan(session, house.forms_of(session)))
    return Response(data, media_type="audio/midi", headers={"Content-Disposition": disposition(session.title, "mid")})
