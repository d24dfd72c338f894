"""Routes of the cue desk: what is said when, and what would cure a cue that is not said as it should be."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Annotated, TypeVar

from fastapi import APIRouter, Form, Query, Response, UploadFile
from pydantic import BaseModel, Field

from kemvo.api.base.documents import Version, answer, disposition, download, file_text
from kemvo.api.base.practices import Source
from kemvo.api.base.work import JobView, job_view
from kemvo.api.base.workspace import Here, Workspace
from kemvo.api.recordings.recordings import RecordingView
from kemvo.api.recordings.recordings import view as recording_view
from kemvo.api.sessions.sessions import SessionView, view
from kemvo.core.cues.directions import Reader
from kemvo.core.cues.save_wording import Scope, kept
from kemvo.core.errors import KemvoError, Problem
from kemvo.core.model.session import Session
from kemvo.core.movement.readings import finished
from kemvo.core.practice.cue_import import Taken, taken
from kemvo.core.practice.cue_rows import cue_rows
from kemvo.core.practice.cures import Cure, cures
from kemvo.core.practice.desk import Desk, desk
from kemvo.core.practice.pipeline import work_out
from kemvo.core.practice.recorded_cures import RecordedCure, recorded_cures
from kemvo.core.recording.recorded_timeline import guessed_ms, recorded
from kemvo.formats.documents.schedule_json import write_talk
from kemvo.formats.paper.cue_pdf import write_cue_pdf
from kemvo.formats.tracks.cue_files import CUE_FILES
from kemvo.formats.tracks.cues_back import read_cues
from kemvo.jobs import Job

router = APIRouter(prefix="/api/{kind}/{id_}", tags=["desk"])

Saved = SessionView | RecordingView

CueId = Annotated[str, Field(max_length=200)]


@router.get("/cues", response_model=Desk)
def session_cues(workspace: Here, kind: Source, id_: str) -> Response:
    """What became of every cue: said in full, shorter, moved or left out, and why; and how much is spent talking."""
    session, practice = workspace.practices.practice_of(id_, wait=False, kind=kind)
    estimated = workspace.practices.estimated(session, practice)
    return answer(desk(practice, session, estimated, guessed_of(workspace, id_) if kind == "recordings" else None))


def guessed_of(workspace: Workspace, id_: str) -> dict[str, int]:
    """Of a recording, how near each place is guessed (ms); 0 where it is marked."""
    recording = workspace.recordings.get(id_).body
    session = workspace.sessions.get(recording.session_id).body
    return guessed_ms(recorded(recording, session, workspace.forms_of(session)))


@router.post("/measure", status_code=202)
def measure(workspace: Here, kind: Source, id_: str) -> JobView:
    """Begin to measure what a slow voice has not spoken yet, on both cores; the answer is the job to follow."""
    title = workspace.practices.worked_from(id_, kind).session.title

    def work(job: Job) -> None:
        workspace.practices.measure_all(id_, job.report, kind)

    return job_view(workspace.jobs.start(f"Measuring {title}", "", "", work, quiet=True))


@router.get("/cures")
def cures_of(workspace: Here, kind: Source, id_: str, cue: Annotated[str, Query(max_length=200)]) -> list[str]:
    """What would let a cue be said (better), in words, the smallest change first."""
    return [c.says for c in (_cures if kind == "sessions" else _recorded_cures)(workspace, id_, cue)]


def _cures(workspace: Workspace, id_: str, cue: str) -> list[Cure]:
    found = workspace.practices.worked_from(id_)
    return cures(found.session, found.forms, workspace.clips(found.session.speech).measure, cue)


def _recorded_cures(workspace: Workspace, id_: str, cue: str) -> list[RecordedCure]:
    recording = workspace.recordings.get(id_).body
    session = workspace.sessions.get(recording.session_id).body
    forms = workspace.forms_of(session)
    return recorded_cures(recording, session, forms, workspace.clips(session.speech).measure, cue)


def save_decided(workspace: Workspace, kind: Source, id_: str, version: int, session: Session) -> Response:
    """Save what was decided about cues: in the session, or in the recording, which has its own choices."""
    if kind == "sessions":
        return answer(view(workspace, workspace.sessions.save(id_, version, session)))
    recording = workspace.recordings.get(id_).body.model_copy(
        update={"cue_choices": session.cue_choices, "own_cues": session.own_cues, "fullness": session.fullness}
    )
    return answer(recording_view(workspace, workspace.recordings.save(id_, version, recording)))


class Curing(Version):
    """Which cure of which cue to apply."""

    cue: CueId
    no: Annotated[int, Field(ge=0, le=20)] = 0


@router.post("/cures", response_model=Saved)
def cure_cue(workspace: Here, kind: Source, id_: str, curing: Curing) -> Response:
    """Apply a cure: the session is saved with it. 409 when somebody else wrote since `version`."""
    if kind == "sessions":
        return save_decided(
            workspace, kind, id_, curing.version, _chosen(_cures(workspace, id_, curing.cue), curing.no).session
        )
    changed = _chosen(_recorded_cures(workspace, id_, curing.cue), curing.no).recording
    return answer(recording_view(workspace, workspace.recordings.save(id_, curing.version, changed)))


C = TypeVar("C", Cure, RecordedCure)


def _chosen(found: Sequence[C], no: int) -> C:
    if no < len(found):
        return found[no]
    raise KemvoError(
        Problem(
            what="There is no such cure for this cue any more.", mend="Look at the desk again; the session has changed."
        )
    )


class Keeping(Version):
    """Words to keep in the form: those of which cue, for its movement or wherever its words come."""

    cue: CueId
    text: Annotated[str, Field(min_length=1, max_length=2000)]
    scope: Scope


@router.post("/words", response_model=Saved)
def keep_words(workspace: Here, kind: Source, id_: str, keeping: Keeping) -> Response:
    """Keep words of a cue in its form, and let go what was decided about them in the session."""
    found = workspace.practices.worked_from(id_, kind)
    others = tuple(c for c in found.session.cue_choices if c.cue != keeping.cue)
    plain = found.session.model_copy(update={"cue_choices": others})
    measure = workspace.clips(plain.speech).measure
    practice = work_out(plain, found.forms, measure, laid=found.laid(1.0))
    cue = next((c for c in practice.found.cues if c.id == keeping.cue), None)
    if cue is None:
        raise KemvoError(
            Problem(what="This cue is not there any more.", mend="Look at the desk again; the session has changed.")
        )
    span = practice.timeline.spans[cue.span]
    with workspace.database.together():
        form = workspace.forms.get(span.round.form_id)
        saved = save_decided(workspace, kind, id_, keeping.version, plain)
        workspace.forms.save(form.id, form.version, finished(kept(form.body, cue, span, keeping.text, keeping.scope)))
    return saved


class CueFileView(BaseModel):
    """A kind of file of what is said."""

    id: str
    title: str
    ending: str


@router.get("/cue-files")
def cue_files(kind: Source, id_: str) -> list[CueFileView]:
    """The kinds of files there are of what is said."""
    return [CueFileView(id=f.id, title=f.title, ending=f.ending) for f in CUE_FILES.values()]


@router.get("/cue-files/{file}", response_class=Response)
def cue_file(workspace: Here, kind: Source, id_: str, file: str) -> Response:
    """What is said in a session, as a file."""
    row = CUE_FILES.get(file)
    if row is None:
        raise KemvoError(Problem(what=f"There is no file “{file}”.", mend=f"Choose one of {', '.join(CUE_FILES)}."))
    session, practice = workspace.practices.spoken_of(id_, kind)
    return download(row.write(practice), session.title, row.ending, f"{row.media_type}; charset=utf-8")


@router.get("/cue-sheet.pdf", response_class=Response)
def cue_sheet_pdf(workspace: Here, kind: Source, id_: str, reader: Reader = "instructor") -> Response:
    """The cue sheet as PDF, for the instructor or for the class."""
    session, practice = workspace.practices.practice_of(id_, kind=kind)
    name = f"{session.title or 'session'} cues {reader}"
    return Response(
        write_cue_pdf(session.title, cue_rows(practice), reader, CUE_FILES["table"].write(practice)),
        media_type="application/pdf",
        headers={"Content-Disposition": disposition(name, "pdf")},
    )


class Looked(BaseModel):
    """What taking a cue file over would come to."""

    says: str


Only = Annotated[bool, Form(description="What the file does not say is left out.")]


def _taken(workspace: Workspace, kind: Source, id_: str, file: UploadFile, only: bool) -> Taken:
    """What taking a cue file over comes to. Raises KemvoError for what cannot be read."""
    lines = read_cues(file_text(file), file.filename or "")
    session, practice = workspace.practices.practice_of(id_, kind=kind)
    return taken(lines, practice, session, only)


@router.post("/cue-file/look")
def look_at_cue_file(workspace: Here, kind: Source, id_: str, file: UploadFile, only: Only = False) -> Looked:
    """What taking a cue file over would change; nothing is changed."""
    return Looked(says=_taken(workspace, kind, id_, file, only).says)


@router.post("/cue-file", response_model=Saved)
def take_cue_file(
    workspace: Here, kind: Source, id_: str, file: UploadFile, version: Annotated[int, Form(ge=1)], only: Only = False
) -> Response:
    """Take a cue file over: its words and times. 409 when somebody else wrote since `version`."""
    made = _taken(workspace, kind, id_, file, only)
    return save_decided(workspace, kind, id_, version, made.session)


@router.get("/schedule.json", response_class=Response)
def schedule_problem(workspace: Here, kind: Source, id_: str) -> Response:
    """What could be said in a session, as a problem for "kemvo schedule" or any other solver."""
    session, practice = workspace.practices.practice_of(id_, kind=kind)
    return download(write_talk(practice.decided.talk), session.title, "schedule.json", "application/json")
