"""Routes of forms: list, new, open, save, undo, other side, file."""

from __future__ import annotations

from fastapi import APIRouter, Response, UploadFile
from pydantic import BaseModel

from kemvo.api.base.document_routes import Subject, document_routes
from kemvo.api.base.documents import (
    READINGS,
    DocumentView,
    Version,
    answer,
    download,
    file_text,
)
from kemvo.api.base.workspace import Here, Workspace
from kemvo.core.errors import KemvoError, Problem
from kemvo.core.model.form import Form, Movement, Posture, Section, with_ids
from kemvo.core.model.mirror import mirror_form, mirror_posture
from kemvo.core.model.settings import begun_form
from kemvo.core.model.to_fill import Filling, fillings, with_filled
from kemvo.core.movement.fields import filled_in, with_typed_read
from kemvo.core.movement.readings import Reread, read_again, read_earlier
from kemvo.core.timing.timeline import plan_form
from kemvo.core.timing.totals import Totals, totals
from kemvo.core.types import Front
from kemvo.core.views.form_sheet import Sheet, sheet
from kemvo.formats.documents.kemvo_json import read_file, write_form
from kemvo.store.documents import Stored

router = APIRouter(prefix="/api/forms", tags=["forms"])


class FormView(DocumentView[Form, Sheet]):
    """A form with its sheet."""


class FormRow(BaseModel):
    """A form in the list. `sway`: time in milliseconds and left_pct, at the end of every movement; `used_in`: the sessions that go over it;
    `variants`: the kinds of other ways that there are in it."""

    id: str
    title: str
    school: str
    saved: str
    postures: int
    tempo: float
    totals: Totals
    posture_ids: list[str]
    posture_titles: list[str]
    variants: list[str]
    sway: list[tuple[int, int]]
    tags: tuple[str, ...]
    used_in: list[str]


class FormSave(Version):
    """A form to be written on top of `version`."""

    body: Form


def view(stored: Stored[Form]) -> FormView:
    """A stored form with what follows from it."""
    return FormView.model_construct(**stored._asdict(), derived=sheet(stored.body))


def starter(title: str = "New form") -> Form:
    """What a new form begins with: one section, one posture, one movement to type into."""
    return Form(
        title=title,
        sections=(Section(title="Opening", postures=(filled_in(Posture(movements=(Movement(counts=4),))),)),),
    )


def _unused(workspace: Workspace, title: str) -> str:
    """A title that no form has yet: "New form", "New form 2"."""
    taken = {s.body.title for s in workspace.forms.all()}
    return next(t for t in (title, *(f"{title} {n}" for n in range(2, len(taken) + 3))) if t not in taken)


@router.get("")
def list_forms(workspace: Here, removed: bool = False) -> list[FormRow]:
    """All forms, last saved first; with `removed`, the removed ones."""
    used: dict[str, list[str]] = {}
    for session in workspace.sessions.all():
        for form_id in dict.fromkeys(p.part.form_id for p in session.body.passes if p.part.form_id):
            used.setdefault(form_id, []).append(session.body.title or "Untitled session")
    return [_row(stored, used.get(stored.id, [])) for stored in workspace.forms.all(removed)]


def _row(stored: Stored[Form], used_in: list[str]) -> FormRow:
    form = stored.body
    postures = form.postures()
    spans = plan_form(form).spans
    return FormRow(
        id=stored.id,
        title=form.title,
        school=form.school,
        saved=stored.saved,
        postures=len(postures),
        tempo=form.tempo,
        totals=totals(spans),
        posture_ids=[p.id for p in postures],
        posture_titles=[p.title() for p in postures],
        variants=sorted({p.variant for p in form.all_postures() if p.variant}),
        sway=[(0, form.opening_left_pct), *((s.end_ms, s.left_to) for s in spans)],
        tags=form.tags,
        used_in=used_in,
    )


@router.post("", status_code=201, response_model_exclude=READINGS)
def new_form(workspace: Here, form: Form | None = None) -> FormView:
    """A new form; without a body, an empty one to type into."""
    return view(
        workspace.forms.add(
            with_typed_read(
                with_ids(form or begun_form(starter(_unused(workspace, "New form")), workspace.begins_with()))
            )
        )
    )


@router.post("/file", status_code=201, response_model_exclude=READINGS)
def open_form(workspace: Here, file: UploadFile) -> FormView:
    """A form from a file that Kemvo saved."""
    bundle = read_file(file_text(file), file.filename or "")
    if bundle.session is not None:
        raise KemvoError(
            Problem(
                what="This file holds a session, not a form.",
                where=file.filename or "",
                mend="Open it on the page of sessions.",
            )
        )
    return view(workspace.forms.add(bundle.form()))


class ReadAgain(BaseModel):
    """What would be read otherwise now. `earlier`: of so many movements the words were read by an earlier version of the
    reader."""

    changes: list[Reread]
    earlier: int


class ReadAgainNow(Version):
    """Words to be read anew: those of one movement, or of all."""

    movement: str = ""


@router.get("/{id_}/read-again")
def reading_again(workspace: Here, id_: str, movement: str = "") -> ReadAgain:
    """What would be read otherwise if the form's words, or one movement's, were read again. Nothing is changed."""
    form = workspace.forms.get(id_).body
    earlier = read_earlier(form)
    return ReadAgain(changes=read_again(form, movement)[1] if earlier else [], earlier=earlier)


@router.post("/{id_}/read-again", response_model=FormView)
def read_form_again(workspace: Here, id_: str, wish: ReadAgainNow) -> Response:
    """Read the words again; one step to undo. 409 when somebody else wrote since `version`."""
    form, _ = read_again(workspace.forms.get(id_).body, wish.movement)
    return answer(view(workspace.forms.save(id_, wish.version, form)))


class ToFill(Version):
    """Empty postures to be filled from the catalogue: one, by its id, or all whose whole name it knows."""

    posture: str = ""


@router.get("/{id_}/fill")
def fillings_of(workspace: Here, id_: str) -> tuple[Filling, ...]:
    """What the catalogue would put into the postures that have only a name. Nothing is changed."""
    return fillings(workspace.forms.get(id_).body, workspace.catalogue(), workspace.names())


@router.post("/{id_}/fill", response_model=FormView)
def fill_form(workspace: Here, id_: str, wish: ToFill) -> Response:
    """Fill postures that have only a name from the catalogue; one step to undo. 409 when somebody else wrote since `version`."""
    before = workspace.forms.get(id_).body
    own = {e.id for e in workspace.own_postures.all()}
    filled = with_filled(before, workspace.catalogue(), workspace.names(), wish.posture, own)
    return answer(view(workspace.forms.save(id_, wish.version, with_typed_read(filled, before))))


@router.post("/{id_}/duplicate", status_code=201, response_model_exclude=READINGS)
def duplicate_form(workspace: Here, id_: str, other_side: bool = False) -> FormView:
    """A copy of a form; with `other_side`, mirrored."""
    form = workspace.forms.get(id_).body
    copy = mirror_form(form) if other_side else form
    suffix = "other side" if other_side else "copy"
    return view(
        workspace.forms.add(copy.model_copy(update={"title": f"{copy.title or 'Untitled form'} ({suffix})"[:200]}))
    )


@router.get("/{id_}/file")
def form_file(workspace: Here, id_: str) -> Response:
    """The form as a file."""
    form = workspace.forms.get(id_).body
    return download(write_form(form), form.title, "form.json", "application/json")


def _prepared(_: Workspace, body: Form, before: Form) -> Form:
    """What was typed in a form is read as it is written."""
    return with_typed_read(with_ids(body), before)


document_routes(router, Subject(lambda workspace: workspace.forms, lambda _, s: view(s), FormView, FormSave, _prepared))


other_side = APIRouter(prefix="/api/other-side", tags=["forms"])


@other_side.post("/posture")
def posture_other_side(posture: Posture, front: Front = "north") -> Posture:
    """A posture as it is done on the other side; `front`: what its form's front is on the compass."""
    return mirror_posture(posture, front)
