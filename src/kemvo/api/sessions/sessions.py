"""Routes of sessions: list, new, save, plan, cues, stage, captions, sound."""

from __future__ import annotations

from pathlib import Path
from typing import Annotated, Literal

from fastapi import APIRouter, Query, Response, UploadFile
from fastapi.responses import FileResponse
from pydantic import BaseModel
from starlette.background import BackgroundTask

from kemvo.api.base.document_routes import Subject, document_routes
from kemvo.api.base.documents import (
    DocumentView,
    Version,
    answer,
    disposition,
    download,
    file_name,
    file_text,
)
from kemvo.api.base.practices import Source
from kemvo.api.base.sound import wav
from kemvo.api.base.work import JobView, job_view
from kemvo.api.base.workspace import Here, Workspace
from kemvo.audio.render import SOUND_FORMATS, Order, bed_of, render, under_of
from kemvo.audio.tones import RATE
from kemvo.core.errors import KemvoError, Problem
from kemvo.core.model.session import Session, first_passes, with_pass_ids
from kemvo.core.model.settings import begun_session
from kemvo.core.timing.score import require_bounded
from kemvo.core.timing.timeline import chapters, plan
from kemvo.core.types import LONGEST_MS
from kemvo.core.views.session_plan import Plan, session_plan
from kemvo.core.views.stage import Stage, View, stage
from kemvo.formats.documents.kemvo_json import Bundle, read_file, write_session
from kemvo.formats.documents.packed import PackedFile, is_packed, write_packed
from kemvo.formats.tracks.captions import CAPTION_FORMATS, write_captions
from kemvo.jobs import Job
from kemvo.packing import sounds_to_pack, unpack_sounds
from kemvo.store.documents import Stored, new_id

router = APIRouter(prefix="/api/sessions", tags=["sessions"])
playing = APIRouter(prefix="/api/{kind}", tags=["sessions"])
"""What sessions and recordings have in common: they are played."""


class SessionView(DocumentView[Session, Plan]):
    """A session with its plan."""


class SessionRow(BaseModel):
    """A session in the list."""

    id: str
    title: str
    saved: str
    passes: int
    ms: int
    wished_ms: int | None
    tags: tuple[str, ...]


class SessionSave(Version):
    """A session to be written on top of `version`."""

    body: Session


def view(workspace: Workspace, stored: Stored[Session]) -> SessionView:
    """A stored session with what follows from it."""
    return SessionView.model_construct(
        **stored._asdict(), derived=session_plan(stored.body, workspace.forms_of(stored.body))
    )


def first_session(workspace: Workspace, form_id: str) -> Session:
    """What a new session begins with: a first look at a form, or nothing yet."""
    first = first_passes(form_id, workspace.forms.get(form_id).body) if form_id else Session(title="New session")
    return begun_session(first, workspace.begins_with())


@router.get("")
def list_sessions(workspace: Here, removed: bool = False) -> list[SessionRow]:
    """All sessions, last saved first; with `removed`, the removed ones."""
    return [
        SessionRow(
            id=s.id,
            title=s.body.title,
            saved=s.saved,
            passes=len(s.body.passes),
            ms=plan(s.body, workspace.forms_of(s.body)).total_ms,
            wished_ms=s.body.wished_ms,
            tags=s.body.tags,
        )
        for s in workspace.sessions.all(removed)
    ]


@router.post("", status_code=201)
def new_session(workspace: Here, form_id: str = "", session: Session | None = None) -> SessionView:
    """A new session: the one given, or a first one over a form, or an empty one."""
    made = with_pass_ids(session or first_session(workspace, form_id))
    require_bounded(made, workspace.forms_of(made))
    return view(workspace, workspace.sessions.add(made))


@router.post("/file", status_code=201)
def open_session(workspace: Here, file: UploadFile) -> SessionView:
    """A session from a file that Kemvo saved, with its sounds if it is a ZIP. A form in it that is not here yet is added."""
    return view(workspace, added(workspace, bundle_of(workspace, file)))


def bundle_of(workspace: Workspace, file: UploadFile) -> Bundle:
    """What is in a file that Kemvo saved; the sounds of a packed one are kept."""
    name = file.filename or ""
    if not is_packed(file.file):
        return read_file(file_text(file), name)
    with PackedFile(file.file, name) as packed:
        bundle = read_file(packed.session, name)
        unpack_sounds(workspace.takes, workspace.brought, packed)
    return bundle


def added(workspace: Workspace, bundle: Bundle, again: bool = True) -> Stored[Session]:
    """The session of a file, added; of its forms those that are not here yet are added, too. `again`: also where the very same
    session is here already."""
    here = {stored.body: stored.id for stored in workspace.forms.all()}
    ids = {old: here.get(form) or workspace.forms.add(form).id for old, form in bundle.forms.items()}
    if bundle.session is None:
        return workspace.sessions.add(first_session(workspace, ids["form"]))
    passes = tuple(
        p.model_copy(update={"part": p.part.model_copy(update={"form_id": ids.get(p.part.form_id, p.part.form_id)})})
        for p in bundle.session.passes
    )
    session = bundle.session.model_copy(update={"passes": passes})
    known = None if again else next((s for s in workspace.sessions.all() if s.body == session), None)
    return known or workspace.sessions.add(session)


@router.post("/{id_}/duplicate", status_code=201)
def duplicate_session(workspace: Here, id_: str) -> SessionView:
    """A copy of a session."""
    session = workspace.sessions.get(id_).body
    return view(
        workspace,
        workspace.sessions.add(
            session.model_copy(update={"title": f"{session.title or 'Untitled session'} (copy)"[:200]})
        ),
    )


@router.get("/{id_}/file")
def session_file(workspace: Here, id_: str) -> Response:
    """The session with its forms as a file."""
    session = workspace.sessions.get(id_).body
    return download(
        write_session(session, workspace.plain_forms_of(session)), session.title, "session.json", "application/json"
    )


@router.get("/{id_}/packed.zip")
def session_packed(workspace: Here, id_: str) -> Response:
    """The session with its forms, the takes of its lines and the sound under it, as a ZIP file."""
    session, practice = workspace.practices.practice_of(id_, wait=False)
    text = write_session(session, workspace.plain_forms_of(session))
    path = workspace.incoming / f"{new_id()}.zip"
    write_packed(path, text, *sounds_to_pack(workspace.takes, workspace.brought, session, practice.voiced()))
    headers = {"Content-Disposition": disposition(f"{session.title} with sounds", "zip")}
    return FileResponse(path, media_type="application/zip", headers=headers, background=BackgroundTask(path.unlink))


Speed = Annotated[float, Query(ge=0.25, le=4, description="Multiplies every tempo; 1 is as planned.")]


@playing.get("/{id_}/stage", response_model=Stage)
def practice_stage(
    workspace: Here, kind: Source, id_: str, speed: Speed = 1.0, view: View = "class", wait: bool = True
) -> Response:
    """A session (or a recording) to be played, at a speed and in a view. Without `wait`: to be looked at, while the voice is
    measured."""
    session, practice = workspace.practices.practice_of(id_, speed, wait, kind)
    guessed = 0 if wait else workspace.practices.estimated(session, practice)
    grounded = kind == "sessions" and session.sound.background != "none"
    under = f"/api/sessions/{id_}/under.wav?speed={speed}" if grounded else ""
    return answer(stage(practice, session.title, view, speed, guessed, under))


@router.get("/{id_}/under.wav", response_class=Response)
def session_under(
    workspace: Here,
    id_: str,
    at_ms: Annotated[int, Query(ge=0, le=LONGEST_MS)],
    ms: Annotated[int, Query(ge=1, le=60_000)],
    speed: Speed = 1.0,
    live: Annotated[str, Query(max_length=40)] = "",
) -> Response:
    """A piece of what sounds under the session, ducked under its speech; `live`: as it runs on the stage now."""
    running = workspace.practices.live(live)
    if running:
        session, practice = running.session, running.practice
    else:
        session, practice = workspace.practices.practice_of(id_, speed, wait=False)
    total = practice.heard.total_ms
    under = under_of(session.sound, workspace.round_of)
    if under is None:
        raise KemvoError(Problem(what="Nothing sounds under this session.", mend="Choose it under Voice and sound."))
    bed = bed_of(session.sound, under, total, practice.sounds)
    return wav(bed.block(at_ms * RATE // 1000, min(at_ms + ms, max(total, at_ms)) * RATE // 1000), keep=False)


@playing.get("/{id_}/captions.{ending}")
def practice_captions(workspace: Here, kind: Source, id_: str, ending: Literal["vtt", "srt"]) -> Response:
    """The captions as WebVTT or SubRip."""
    session, practice = workspace.practices.spoken_of(id_, kind)
    return download(write_captions(practice.sounds, ending), session.title, ending, CAPTION_FORMATS[ending])


MEASURING = 0.2
"""The share of the work that is done when all is measured."""


@router.post("/{id_}/render", status_code=202)
def render_session(workspace: Here, id_: str, ending: Literal["wav", "flac", "mp3", "ogg"] = "wav") -> JobView:
    """Begin to make the sound file; the answer is the job to follow."""
    stored = workspace.sessions.get(id_)
    session = stored.body
    row = SOUND_FORMATS[ending]

    def work(job: Job) -> Path:
        workspace.practices.measure_all(id_, lambda share: job.report(MEASURING * share))
        _, practice = workspace.practices.practice_of(id_)
        path = workspace.renders / f"{job.id}.{ending}"
        order = Order(
            session.sound, under_of(session.sound, workspace.round_of), session.title, chapters(practice.heard)
        )
        clips = workspace.clips(session.speech)
        done = lambda share: job.report(MEASURING + (1 - MEASURING) * share)  # noqa: E731
        heard = render(practice.sounds, practice.heard.total_ms, clips, path, ending, done, order)
        job.note = heard.says()
        return path

    title, name = f"{session.title} ({row.title})", f"{file_name(session.title)}.{ending}"
    return job_view(
        workspace.jobs.start(title, name, row.media_type, work, (id_, stored.version), f"/sessions/{id_}/files")
    )


def _prepared(workspace: Workspace, body: Session, before: Session) -> Session:
    """Every pass has an id, and the whole is no longer than a session may be."""
    made = with_pass_ids(body)
    require_bounded(made, workspace.forms_of(made), before)
    return made


document_routes(router, Subject(lambda workspace: workspace.sessions, view, SessionView, SessionSave, _prepared))
