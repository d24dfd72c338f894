"""Routes of the data folder: how it stands, a copy of everything, and back from a copy."""

from __future__ import annotations

import shutil
from contextlib import suppress
from datetime import datetime
from pathlib import Path

from fastapi import APIRouter, UploadFile
from pydantic import BaseModel

from kemvo.api.base.documents import received
from kemvo.api.base.work import JobView, job_view
from kemvo.api.base.workspace import Here, Workspace
from kemvo.core.errors import KemvoError, Problem
from kemvo.jobs import Job
from kemvo.store.copies import MOST_BYTES, back_up, day_copies, restore
from kemvo.store.database import COPIES

router = APIRouter(prefix="/api/data", tags=["data"])


class CopyView(BaseModel):
    """A copy that Kemvo made by itself. `kind`: of a day, before a change by a newer Kemvo, or before restoring."""

    name: str
    kind: str
    made: str
    bytes: int


class DataView(BaseModel):
    """How the data stand: where they are, how large, the copies, and what cannot be read. `trouble`: what is wrong with the
    whole of it."""

    folder: str
    database_bytes: int
    sound_bytes: int
    media_bytes: int
    free_bytes: int
    copies: list[CopyView]
    unreadable: list[str]
    trouble: Problem | None


KINDS = {
    "day": "copy of the day",
    "before-version": "before a newer Kemvo changed it",
    "before-restoring": "before restoring",
    "rescued": "from a data file that was taken away",
}
"""What the copies are, by how their file's name begins."""


@router.get("")
def your_data(workspace: Here) -> DataView:
    """How the data stand."""
    unreadable: list[str] = []
    trouble = workspace.health.look_over()
    kept_bytes = 0
    try:
        kept_bytes = workspace.media.size(
            r.body.media for gone in (False, True) for r in workspace.recordings.all(gone)
        )
        shelves = (
            workspace.forms,
            workspace.sessions,
            workspace.recordings,
            workspace.classes,
            workspace.lessons,
            workspace.courses,
        )
        for documents in shelves:
            unreadable += [f"the {documents.kind} “{u.title or u.id}”" for u in documents.unreadable()]
        workspace.own_postures.all()
        workspace.own_patterns.all()
        for n, what in (
            (workspace.own_postures.unreadable, "own posture"),
            (workspace.own_patterns.unreadable, "own pattern"),
        ):
            unreadable += [f"{n} {what}{'s' if n > 1 else ''}"] if n else []
    except KemvoError as error:
        trouble = trouble or error.problems[0]
    shelf_bytes = sum(f.stat().st_size for f in workspace.takes.shelf.folder.glob("*") if f.is_file())
    free_bytes = 0
    with suppress(FileNotFoundError):
        free_bytes = shutil.disk_usage(workspace.folder).free
    return DataView(
        folder=str(workspace.folder.resolve()),
        database_bytes=sum(f.stat().st_size for f in workspace.folder.glob("kemvo.sqlite*")),
        sound_bytes=max(0, shelf_bytes - kept_bytes),
        media_bytes=kept_bytes + workspace.media.coming_bytes(),
        free_bytes=free_bytes,
        copies=[
            CopyView(kind=next((k for begin, k in KINDS.items() if c.name.startswith(begin)), "copy"), **c._asdict())
            for c in day_copies(workspace.folder)
        ],
        unreadable=unreadable,
        trouble=trouble,
    )


class Health(BaseModel):
    """What is wrong with the whole of the data, as far as it is known without looking through all of them."""

    trouble: Problem | None


@router.get("/health")
def health(workspace: Here) -> Health:
    """Whether the data can be used; every page asks."""
    return Health(trouble=workspace.health.trouble())


@router.post("/backup", status_code=202)
def back_up_all(workspace: Here, large: bool = True) -> JobView:
    """Begin to make one file of everything; the answer is the job to follow. `large`: with the sounds brought in."""

    def work(job: Job) -> Path:
        path = workspace.renders / f"{job.id}.zip"
        job.note = back_up(workspace.database, path, large, job.report).says()
        return path

    name = f"kemvo-{datetime.now():%Y-%m-%d}.zip"
    return job_view(workspace.jobs.start("A copy of everything", name, "application/zip", work))


@router.post("/restore", status_code=202)
def restore_file(workspace: Here, file: UploadFile) -> JobView:
    """Begin to put a copy in the place of all that is here; what is here is copied first. The answer is the job to follow."""
    with received(workspace, file, MOST_BYTES, "Restore it with “kemvo restore”.") as path:
        kept = path.rename(path.with_name(f"{path.name}.zip"))
    return _restoring(workspace, kept, True)


@router.post("/copies/{name}/restore", status_code=202)
def restore_copy(workspace: Here, name: str) -> JobView:
    """Begin to restore a copy that Kemvo made by itself; the answer is the job to follow."""
    if name not in {c.name for c in day_copies(workspace.folder)}:
        raise KemvoError(Problem(what="There is no such copy any more.", mend="Choose another from the list."))
    return _restoring(workspace, workspace.folder / COPIES / name, False)


def _restoring(workspace: Workspace, archive: Path, mine: bool) -> JobView:
    def work(job: Job) -> None:
        try:
            found = restore(workspace.database, archive, job.report)
            workspace.forget()
            job.note = f"{found.forms} forms and {found.sessions} sessions are here again, as they were in the copy."
        finally:
            if mine:
                archive.unlink(missing_ok=True)

    return job_view(workspace.jobs.start("Restoring a copy", "", "", work))
