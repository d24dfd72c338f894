"""Routes of recordings' files: brought in piece by piece, listened to, deleted alone, packed, given back with the voice."""

from __future__ import annotations

from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path
from typing import Annotated, Literal

from fastapi import APIRouter, Query, Request, Response
from fastapi.concurrency import run_in_threadpool
from fastapi.responses import FileResponse
from pydantic import BaseModel, Field
from starlette.background import BackgroundTask

from kemvo.api.base.documents import (
    disposition,
    file_name,
)
from kemvo.api.base.work import JobView, job_view
from kemvo.api.base.workspace import Here, Workspace
from kemvo.api.recordings.recordings import of_session
from kemvo.api.sessions.sessions import added
from kemvo.core.errors import KemvoError, Problem
from kemvo.core.recording.model import Recording
from kemvo.core.recording.recorded_timeline import frozen, planned
from kemvo.core.timing.timeline import chapters
from kemvo.film.envelope import in_points, load
from kemvo.film.give_back import ExportOptions, captions_of, ending_for, give_back
from kemvo.film.sounds import about_loudness, levels
from kemvo.formats.documents.kemvo_json import write_session
from kemvo.formats.documents.marks_json import write_marks
from kemvo.formats.documents.packed_recording import read_packed_recording, write_packed_recording
from kemvo.jobs import Job
from kemvo.recordings import take_in
from kemvo.store.documents import new_id
from kemvo.store.media import LOUDNESS
from kemvo.store.trouble import StoreTrouble

router = APIRouter(prefix="/api/recordings", tags=["recordings"])

PIECE_BYTES = 64 * 1024 * 1024
"""A file is sent in pieces of at most so much."""


class ComingView(BaseModel):
    """A file that is being brought in, and how much of it is here (bytes)."""

    id: str
    name: str
    bytes: int
    received: int


class Begin(BaseModel):
    """A file to be brought in. The same name, size and time of change go on where they were."""

    name: Annotated[str, Field(min_length=1, max_length=200)]
    bytes: Annotated[int, Field(ge=0, le=2**53)]
    changed: Annotated[int, Field(ge=0, le=2**53)] = 0


@router.post("/incoming")
def begin_bringing_in(workspace: Here, begin: Begin) -> ComingView:
    """Begin to bring a file in, or go on where it was stopped."""
    return ComingView(**workspace.media.begin(begin.name, begin.bytes, begin.changed)._asdict())


@router.get("/incoming/{coming}")
def how_far(workspace: Here, coming: str) -> ComingView:
    """How much of a file is here."""
    return ComingView(**workspace.media.at(coming)._asdict())


@router.put("/incoming/{coming}")
async def bring_piece(workspace: Here, request: Request, coming: str, at: Annotated[int, Query(ge=0)]) -> ComingView:
    """Take a piece of a file that begins at `at` (bytes); the body is the piece."""
    data = bytearray()
    async for chunk in request.stream():
        data += chunk
        if len(data) > PIECE_BYTES:
            raise KemvoError(Problem(what="This piece is larger than 64 MB.", mend="Send the file in smaller pieces."))
    here = await run_in_threadpool(workspace.media.take, coming, at, bytes(data))
    return ComingView(**here._asdict())


@router.delete("/incoming/{coming}")
def stop_bringing_in(workspace: Here, coming: str) -> Response:
    """Let a file that is being brought in go."""
    workspace.media.drop(coming)
    return Response(status_code=204)


class Bring(BaseModel):
    """A file that is here whole, to become a recording of a session."""

    coming: str
    session_id: str
    title: Annotated[str, Field(max_length=200)] = ""


@router.post("", status_code=202)
def new_recording(workspace: Here, bring: Bring) -> JobView:
    """Make a recording of a file that was brought in: a job, which makes it (`made.id`)."""
    session = workspace.sessions.get(bring.session_id)
    file, name = workspace.media.whole(bring.coming)

    def work(job: Job) -> None:
        with _used_up(workspace, bring.coming):
            media = take_in(workspace.media, file, name, job.report)
        forms = workspace.forms_of(session.body)
        recording = Recording(
            title=bring.title or name.rsplit(".", 1)[0][:200],
            session_id=session.id,
            session_version=session.version,
            media=media,
            frozen=frozen(session.body, forms),
        )
        job.made = {"id": workspace.recordings.add(recording).id, "notes": list(media.notes)}

    return job_view(workspace.jobs.start(f"Bringing in {name}", "", "", work))


@contextmanager
def _used_up(workspace: Workspace, coming: str) -> Iterator[None]:
    """Let what was brought in go after the block, also where it is refused; what trouble with the data folder or a cancel stops can
    be gone on with."""
    try:
        yield
    except StoreTrouble:
        raise
    except KemvoError:
        workspace.media.drop(coming)
        raise
    workspace.media.drop(coming)


class Opened(BaseModel):
    """A packed recording that is here whole."""

    coming: str


@router.post("/packed", status_code=202)
def open_packed(workspace: Here, packed: Opened) -> JobView:
    """Open a recording from a ZIP file that Kemvo saved: its session, its marks, and its file if it is in it; a job, which makes it
    (`made.id`)."""
    file, name = workspace.media.whole(packed.coming)

    def work(job: Job) -> None:
        unpacked = workspace.incoming / f"{new_id()}.media"
        with _used_up(workspace, packed.coming):
            try:
                found = read_packed_recording(file, name, unpacked)
                job.report(UNPACKED)
                recording = found.recording
                if found.media is not None:
                    media = take_in(
                        workspace.media,
                        found.media,
                        recording.media.name,
                        lambda share: job.report(UNPACKED + (1 - UNPACKED) * share),
                    )
                    recording = recording.model_copy(update={"media": media})
                session = added(workspace, found.bundle, again=False)
                recording = recording.model_copy(update={"session_id": session.id, "session_version": session.version})
                job.made = {"id": workspace.recordings.add(recording).id, "notes": []}
            finally:
                unpacked.unlink(missing_ok=True)

    return job_view(workspace.jobs.start(f"Opening {name}", "", "", work))


UNPACKED = 0.3
"""The share of the work that is done when all is unpacked."""


@router.post("/{id_}/file", status_code=202)
def bring_file_again(workspace: Here, id_: str, coming: str) -> JobView:
    """Bring the file of a recording in again, after it was deleted; another file is told."""
    stored = workspace.recordings.get(id_)
    file, name = workspace.media.whole(coming)

    def work(job: Job) -> None:
        with _used_up(workspace, coming):
            media = take_in(workspace.media, file, name, job.report)
        now = workspace.recordings.get(stored.id)
        if media.sha256 != now.body.media.sha256:
            workspace.recordings.save(stored.id, now.version, now.body.model_copy(update={"media": media}))
            job.note = "This is another file than before; its marks stay where they were."
        job.made = {"id": stored.id, "notes": list(media.notes)}

    return job_view(workspace.jobs.start(f"Bringing in {name}", "", "", work))


class Freed(BaseModel):
    """How many bytes are free now."""

    bytes: int


@router.delete("/{id_}/media")
def delete_media(workspace: Here, id_: str) -> Freed:
    """Delete the file of a recording alone; marks and words stay."""
    return Freed(bytes=workspace.media.delete(workspace.recordings.get(id_).body.media))


@router.get("/{id_}/media", response_class=FileResponse)
def recording_media(workspace: Here, id_: str) -> FileResponse:
    """The recording's file, in the ranges that are asked for."""
    media = workspace.recordings.get(id_).body.media
    path = workspace.media.path(media)
    if not path.exists():
        raise KemvoError(Problem(what="The file of this recording is not here.", mend="Bring it in again."))
    return FileResponse(path, media_type=MEDIA_TYPES.get(path.suffix.lstrip("."), "application/octet-stream"))


MEDIA_TYPES = {
    "mp4": "video/mp4", "mov": "video/mp4", "m4v": "video/mp4", "webm": "video/webm", "mkv": "video/x-matroska", "wav": "audio/wav",
    "flac": "audio/flac", "mp3": "audio/mpeg", "ogg": "audio/ogg", "opus": "audio/ogg", "m4a": "audio/mp4",
}  # fmt: skip


class LoudnessView(BaseModel):
    """How loud a recording is over time: levels in dB at even distances, and stretches of silence and speech (ms)."""

    level_db: list[int]
    silence: list[tuple[int, int]]
    speech: list[tuple[int, int]]


@router.get("/{id_}/loudness")
def recording_loudness(
    workspace: Here, id_: str, points: Annotated[int, Query(ge=10, le=20_000)] = 2000
) -> LoudnessView:
    """How loud a recording is over time, in so many points at most."""
    media = workspace.recordings.get(id_).body.media
    try:
        kept = load(workspace.media.beside(media, LOUDNESS))
    except (OSError, ValueError):
        return LoudnessView(level_db=[], silence=[], speech=[])
    return LoudnessView(level_db=in_points(kept.level_db, points), silence=kept.silence, speech=kept.speech)


class OwnLevels(BaseModel):
    """How loud a recording's own sound is while its cues are spoken: moments (ms) and factors from 0 to 1, evenly between."""

    points: list[tuple[int, float]]


@router.get("/{id_}/own-levels")
def own_levels(workspace: Here, id_: str) -> OwnLevels:
    """How a recording's own sound goes down under its cues on the stage: as it does when it is given back."""
    recording = workspace.recordings.get(id_).body
    session, practice = workspace.practices.practice_of(id_, kind="recordings")
    heard = about_loudness(recording_loudness(workspace, id_, 20_000).level_db)
    clips = workspace.clips(session.speech)
    level = levels(heard, practice.sounds, clips, session.sound, recording.talk, recording.keep_sound)
    return OwnLevels(
        points=[(round(1000 * t), round(f, 3)) for t, f in zip(level.at.tolist(), level.own.tolist(), strict=True)]
    )


GivenAs = Literal["film", "mp4", "mkv", "webm", "wav", "flac", "mp3", "m4a", "ogg"]


class GiveBack(BaseModel):
    """How a recording is given back. `ending`: the kind of file ("film": as it was). `voice_only`: the voice track alone. `turned`: a copy
    with the picture turned over (encoded anew)."""

    ending: GivenAs = "film"
    voice_only: bool = False
    turned: bool = False


@router.post("/{id_}/give-back", status_code=202)
def give_recording_back(workspace: Here, id_: str, how: GiveBack) -> JobView:
    """Begin to give a recording back with its voice; the answer is the job to follow."""
    stored = workspace.recordings.get(id_)
    recording, media = stored.body, stored.body.media
    source = workspace.media.path(media)
    if not source.exists():
        raise KemvoError(Problem(what="The file of this recording is not here.", mend="Bring it in again."))
    ending = ending_for(media) if how.ending == "film" else how.ending
    title = with_voice(recording) if not how.voice_only else f"{recording.title} voice"

    def work(job: Job) -> Path:
        workspace.practices.measure_all(id_, lambda share: job.report(MEASURING * share), "recordings")
        session, practice = workspace.practices.practice_of(id_, kind="recordings")
        wish = ExportOptions(
            practice.sounds, session.sound, recording.talk, recording.keep_sound, captions_of(practice.sounds),
            chapters(practice.heard), recording.title, how.voice_only, how.turned,
        )  # fmt: skip
        path = workspace.renders / f"{job.id}.{ending}"
        done = lambda share: job.report(MEASURING + (1 - MEASURING) * share)  # noqa: E731
        give_back(source, media, wish, workspace.clips(session.speech), path, done)
        return path

    kind = MEDIA_TYPES.get(ending, "application/octet-stream")
    name = f"{file_name(title)}.{ending}"
    page = f"/recordings/{id_}"
    return job_view(workspace.jobs.start(f"{title} ({ending.upper()})", name, kind, work, page=page))


def with_voice(recording: Recording) -> str:
    """What a recording is called that is given back with its voice."""
    return f"{recording.title} with voice"


MEASURING = 0.1
"""The share of the work that is done when all is measured."""


@router.get("/{id_}/packed.zip", response_class=FileResponse)
def recording_packed(workspace: Here, id_: str, media: bool = False) -> FileResponse:
    """A recording as a ZIP file: its session with the forms, its marks, and its file if wished."""
    recording = workspace.recordings.get(id_).body
    session, forms, _ = of_session(workspace, recording)
    marks = write_marks(recording, planned(session, forms, recording.frozen))
    path = workspace.incoming / f"{new_id()}.zip"
    file = workspace.media.path(recording.media)
    wanted = file if media and file.exists() else None
    write_packed_recording(path, recording, write_session(session, workspace.plain_forms_of(session)), marks, wanted)
    headers = {"Content-Disposition": disposition(f"{recording.title} marks", "zip")}
    return FileResponse(path, media_type="application/zip", headers=headers, background=BackgroundTask(path.unlink))
