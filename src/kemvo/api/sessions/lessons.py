"""Routes of lessons: laid out from a pattern, fitted to the hour, told on paper."""

from __future__ import annotations

from typing import Annotated, Literal

from fastapi import APIRouter, Query, Response
from pydantic import BaseModel, Field

from kemvo.api.base.documents import Version, answer, disposition, download
from kemvo.api.base.workspace import Here, Workspace
from kemvo.api.sessions.sessions import SessionView, view
from kemvo.core.cues.directions import Reader
from kemvo.core.errors import KemvoError, Problem
from kemvo.core.lesson.across import Across, across, turned_at_walls
from kemvo.core.lesson.lesson import Fitting, as_pattern, fitted, laid_out
from kemvo.core.model.settings import begun_session
from kemvo.core.tables.block_kinds import BLOCK_KINDS, PATTERNS, PatternRow
from kemvo.core.timing.timeline import plan
from kemvo.core.views.printed_plan import paper
from kemvo.formats.paper.plan_pdf import write_pdf
from kemvo.formats.paper.plan_text import write_csv, write_html, write_markdown
from kemvo.formats.tracks.midi import write_midi

router = APIRouter(prefix="/api/sessions", tags=["lessons"])


class LayOut(BaseModel):
    """A lesson to be laid out: its pattern, over which form, which postures are new today and which were taught before
    (ids; None: those before the new ones), and the minutes there are."""

    pattern: Annotated[str, Field(max_length=40)]
    form_id: Annotated[str, Field(max_length=64)]
    new: Annotated[list[str], Field(max_length=400)] = []
    before: Annotated[list[str], Field(max_length=400)] | None = None
    title: Annotated[str, Field(max_length=200)] = ""
    minutes: Annotated[float, Field(ge=1, le=360)] | None = None


@router.post("/lay-out", status_code=201)
def lay_out(workspace: Here, wish: LayOut) -> SessionView:
    """A new session, laid out from a pattern."""
    form = workspace.forms.get(wish.form_id).body
    title = wish.title or f"{form.title or 'Untitled form'}, lesson"[:200]
    made = laid_out(_pattern(workspace, wish.pattern), wish.form_id, form, wish.new, wish.before, title, wish.minutes)
    made = begun_session(made, workspace.begins_with())
    return view(workspace, workspace.sessions.add(made))


def _pattern(workspace: Workspace, id_: str) -> PatternRow:
    row = PATTERNS.get(id_) or next((p for p in workspace.own_patterns.all() if p.id == id_), None)
    if row is None:
        raise KemvoError(Problem(what=f"There is no pattern “{id_}”.", mend="Choose one from the list."))
    return row


class PatternView(BaseModel):
    """A lesson pattern to choose: the ones that ship with Kemvo, and the user's own."""

    id: str
    title: str
    own: bool
    blocks: list[str]


patterns = APIRouter(prefix="/api/patterns", tags=["lessons"])


def _patterns(workspace: Workspace) -> list[PatternView]:
    rows = [(p, False) for p in PATTERNS.values()] + [(p, True) for p in workspace.own_patterns.all()]
    return [
        PatternView(id=p.id, title=p.title, own=own, blocks=[BLOCK_KINDS[b.kind].title for b in p.blocks])
        for p, own in rows
    ]


@patterns.get("")
def list_patterns(workspace: Here) -> list[PatternView]:
    """All lesson patterns."""
    return _patterns(workspace)


@patterns.delete("/{id_}")
def put_pattern_away(workspace: Here, id_: str) -> list[PatternView]:
    """Put an own pattern out of sight; answers with those left."""
    workspace.own_patterns.put_away(id_)
    return _patterns(workspace)


@router.post("/{id_}/pattern", status_code=201)
def keep_as_pattern(workspace: Here, id_: str) -> PatternView:
    """Keep a session as a lesson pattern, to be laid out again."""
    session = workspace.sessions.get(id_).body
    made = as_pattern(session, session.title or "My pattern")
    row = workspace.own_patterns.add(made.title, made.blocks)
    return PatternView(id=row.id, title=row.title, own=True, blocks=[BLOCK_KINDS[b.kind].title for b in row.blocks])


@router.get("/{id_}/fit")
def look_at_fit(workspace: Here, id_: str) -> Fitting:
    """How a session would be fitted to its wished length, block by block; nothing is changed."""
    session = workspace.sessions.get(id_).body
    return fitted(session, workspace.forms_of(session))


@router.post("/{id_}/fit", response_model=SessionView)
def take_fit(workspace: Here, id_: str, at: Version) -> Response:
    """Fit a session to its wished length and save it. 409 when somebody else wrote since `version`."""
    session = workspace.sessions.get(id_).body
    return answer(
        view(workspace, workspace.sessions.save(id_, at.version, fitted(session, workspace.forms_of(session)).session))
    )


@router.get("/{id_}/across")
def look_across(workspace: Here, id_: str, pass_id: Annotated[str, Query(max_length=64)]) -> Across | None:
    """How often a drill that travels fits across its room; nothing where it does not travel."""
    session = workspace.sessions.get(id_).body
    return across(session, workspace.forms_of(session), pass_id)


class AtWalls(Version):
    """Which pass is divided at the walls."""

    pass_id: Annotated[str, Field(max_length=64)]


@router.post("/{id_}/turn-at-walls", response_model=SessionView)
def turn_at_walls(workspace: Here, id_: str, at: AtWalls) -> Response:
    """Divide a drill at the walls of its room and save it. 409 when somebody else wrote since `version`."""
    session = workspace.sessions.get(id_).body
    made = turned_at_walls(session, workspace.forms_of(session), at.pass_id)
    return answer(view(workspace, workspace.sessions.save(id_, at.version, made)))


@router.get("/{id_}/paper.{ending}", response_class=Response)
def on_paper(
    workspace: Here, id_: str, ending: Literal["pdf", "html", "md", "csv"], reader: Reader = "instructor"
) -> Response:
    """The plan on paper, for the instructor or for the class: PDF, a page that prints, Markdown or CSV."""
    session = workspace.sessions.get(id_).body
    sheet = paper(session, workspace.forms_of(session), reader)
    name = f"{session.title or 'lesson'} {reader}"
    if ending == "pdf":
        return Response(
            write_pdf(sheet), media_type="application/pdf", headers={"Content-Disposition": disposition(name, "pdf")}
        )
    if ending == "html":
        return Response(write_html(sheet), media_type="text/html; charset=utf-8")
    text, kind = (write_markdown(sheet), "text/markdown") if ending == "md" else (write_csv(sheet), "text/csv")
    return download(text, name, ending, f"{kind}; charset=utf-8")


@router.get("/{id_}/practice.mid", response_class=Response)
def as_midi(workspace: Here, id_: str) -> Response:
    """The tempo map of a session with its markers and words, as a Standard MIDI File."""
    session = workspace.sessions.get(id_).body
    data = write_midi(plan(session, workspace.forms_of(session)))
    return Response(data, media_type="audio/midi", headers={"Content-Disposition": disposition(session.title, "mid")})
