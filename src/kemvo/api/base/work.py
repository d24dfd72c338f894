"""Routes of long work: follow a job, cancel it, take its result."""

from __future__ import annotations

import asyncio
from collections.abc import AsyncIterator
from typing import Any

from fastapi import APIRouter
from fastapi.responses import FileResponse, StreamingResponse
from pydantic import BaseModel

from kemvo.api.base.workspace import Here
from kemvo.core.errors import KemvoError, Problem
from kemvo.jobs import ENDED, Job, JobState

router = APIRouter(prefix="/api/jobs", tags=["jobs"])

EVENT_EVERY_S = 0.2


class JobView(BaseModel):
    """A job as it stands. `progress` is the share done, 0 to 1; `made`, what came of it besides a file; `about`: the id
    of the document it is for, with the `version` of it that it was begun on, and the `page` on
    which it is waited for."""

    id: str
    title: str
    state: JobState
    progress: float
    problem: Problem | None
    filename: str
    note: str
    made: dict[str, Any] | None
    about: str
    version: int
    page: str


def job_view(job: Job) -> JobView:
    """What a page needs to know of a job."""
    return JobView(
        id=job.id,
        title=job.title,
        state=job.state,
        progress=round(job.progress, 4),
        problem=job.problem,
        filename=job.filename,
        note=job.note,
        made=job.made if job.state == "done" else None,
        about=job.about[0],
        version=job.about[1],
        page=job.page,
    )


@router.get("")
def list_jobs(workspace: Here, about: str = "") -> list[JobView]:
    """The work whose end somebody waits for, newest first: what makes a file or brings one in. `about`: only for this document."""
    return [job_view(j) for j in workspace.jobs.known() if not j.quiet and (not about or j.about[0] == about)]


@router.get("/{id_}")
def get_job(workspace: Here, id_: str) -> JobView:
    """A job as it stands."""
    return job_view(workspace.jobs.get(id_))


@router.get("/{id_}/events", response_class=StreamingResponse)
def job_events(workspace: Here, id_: str) -> StreamingResponse:
    """The job as server-sent events, until it has ended."""
    job = workspace.jobs.get(id_)

    async def events() -> AsyncIterator[str]:
        last = ""
        while True:
            now = job_view(job).model_dump_json()
            if now != last:
                last = now
                yield f"data: {now}\n\n"
            if job.state in ENDED and job_view(job).model_dump_json() == last:
                return
            await asyncio.sleep(EVENT_EVERY_S)

    return StreamingResponse(events(), media_type="text/event-stream", headers={"Cache-Control": "no-store"})


@router.delete("/{id_}")
def cancel_job(workspace: Here, id_: str) -> JobView:
    """Ask a job to stop."""
    return job_view(workspace.jobs.cancel(id_))


@router.get("/{id_}/result", response_class=FileResponse)
def job_result(workspace: Here, id_: str) -> FileResponse:
    """The file a job made."""
    job = workspace.jobs.get(id_)
    if job.state != "done" or job.result is None or not job.result.exists():
        raise KemvoError(
            Problem(what="This file is not ready.", mend="Wait until the work is done, or start it again.")
        )
    if job.about[0]:
        workspace.happened.put("saved")
    return FileResponse(job.result, media_type=job.media_type, filename=job.filename)
