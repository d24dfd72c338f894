"""Long work in the background, with progress and cancel."""

from __future__ import annotations

import logging
import threading
import uuid
from collections import OrderedDict
from collections.abc import Callable
from concurrent.futures import ThreadPoolExecutor
from dataclasses import dataclass, field
from pathlib import Path
from typing import Literal

from kemvo.audio.intake import is_of_content
from kemvo.core.errors import KemvoError, Problem

log = logging.getLogger("kemvo")

JobState = Literal["waiting", "running", "done", "cancelled", "failed"]
ENDED: frozenset[JobState] = frozenset({"done", "cancelled", "failed"})


CANNOT_BE_DECODED = Problem(
    what="What is in a sound or film cannot be worked with; it may be damaged.",
    mend="Save it anew with the program it was made with, and bring that in.",
)

WENT_WRONG = Problem(
    what="Something went wrong inside Kemvo while making the file.",
    mend="Try again; if it stays so, keep the session file and report it with what Kemvo wrote on its terminal.",
)


def _not_written(error: OSError) -> Problem:
    return Problem(
        what=f"The file could not be written ({error.strerror or error}).",
        mend="See whether there is room on the disk, then try again.",
    )


class Cancelled(Exception):
    """Raised inside a job's work by its progress call, when the job was cancelled."""


@dataclass
class Job:
    """One piece of work. `progress` is the share done, 0 to 1; `result` the file it made, `made`
    what else came of it, `note` what is to be said about it. `about`: the document it is for, and the version of it; `page`: where it is waited for;
    `quiet`: nobody waits for its end, it only makes other answers better."""

    id: str
    title: str
    state: JobState = "waiting"
    progress: float = 0.0
    problem: Problem | None = None
    result: Path | None = None
    filename: str = ""
    note: str = ""
    media_type: str = ""
    about: tuple[str, int] = ("", 0)
    page: str = ""
    quiet: bool = False
    made: dict[str, object] | None = None
    stop: threading.Event = field(default_factory=threading.Event)

    def report(self, share: float) -> None:
        """Take the progress from the work; raises Cancelled when somebody cancelled."""
        if self.stop.is_set():
            raise Cancelled
        self.progress = share


class Jobs:
    """The jobs of this process: both cores work, the last ended jobs are remembered."""

    KEPT = 40

    def __init__(self, workers: int = 2) -> None:
        self._workers = workers
        self._pool: ThreadPoolExecutor | None = None
        self._jobs: OrderedDict[str, Job] = OrderedDict()
        self._lock = threading.Lock()

    def start(
        self,
        title: str,
        filename: str,
        media_type: str,
        work: Callable[[Job], Path | None],
        about: tuple[str, int] = ("", 0),
        page: str = "",
        quiet: bool = False,
    ) -> Job:
        """Begin a job. `work` calls `job.report` now and then and returns the file it made, if any."""
        job = Job(
            uuid.uuid4().hex[:12], title, filename=filename, media_type=media_type, about=about, page=page, quiet=quiet
        )
        with self._lock:
            self._jobs[job.id] = job
            self._forget()
            if self._pool is None:
                self._pool = ThreadPoolExecutor(self._workers, thread_name_prefix="kemvo-job")
            self._pool.submit(self._run, job, work)
        return job

    def get(self, id_: str) -> Job:
        """A job. Raises KemvoError when there is none of that id."""
        with self._lock:
            job = self._jobs.get(id_)
        if job is None:
            raise KemvoError(Problem(what="This piece of work is no longer known.", mend="Start it again."))
        return job

    def known(self) -> list[Job]:
        """The jobs that are remembered, newest first."""
        with self._lock:
            return list(reversed(self._jobs.values()))

    def cancel(self, id_: str) -> Job:
        """Ask a job to stop: one that waits for its turn is gone at once, one that runs stops at its next report."""
        job = self.get(id_)
        job.stop.set()
        if job.state == "waiting":
            job.state = "cancelled"
        return job

    def close(self) -> None:
        """Stop all work that is under way."""
        with self._lock:
            jobs, pool = list(self._jobs.values()), self._pool
            self._pool = None
        for job in jobs:
            job.stop.set()
        if pool:
            pool.shutdown(wait=True, cancel_futures=True)

    def _run(self, job: Job, work: Callable[[Job], Path | None]) -> None:
        try:
            job.report(0.0)
            job.state = "running"
            job.result = work(job)
            job.progress = 1.0
            job.state = "done"
        except Cancelled:
            job.state = "cancelled"
        except KemvoError as error:
            job.problem = error.problems[0]
            job.state = "failed"
        except OSError as error:
            log.exception("The job “%s” failed", job.title)
            job.problem = CANNOT_BE_DECODED if is_of_content(error) else _not_written(error)
            job.state = "failed"
        except Exception as error:
            log.exception("The job “%s” failed", job.title)
            job.problem = CANNOT_BE_DECODED if is_of_content(error) else WENT_WRONG
            job.state = "failed"

    def _forget(self) -> None:
        ended = [j for j in self._jobs.values() if j.state in ENDED]
        for job in ended[: max(0, len(self._jobs) - self.KEPT)]:
            del self._jobs[job.id]
            if job.result:
                job.result.unlink(missing_ok=True)
