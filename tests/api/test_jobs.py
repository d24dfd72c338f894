"""Long work in the background: how it ends."""

from __future__ import annotations

import threading
import time
from pathlib import Path

import pytest

from kemvo.core.errors import KemvoError, Problem
from kemvo.jobs import ENDED, Job, Jobs


def ended(job: Job) -> Job:
    for _ in range(500):
        if job.state in ENDED:
            return job
        time.sleep(0.01)
    raise AssertionError(f"still {job.state}")


def run(work: object) -> Job:
    return ended(Jobs(1).start("A job", "a.txt", "text/plain", work))  # type: ignore[arg-type]


def test_work_that_is_done_has_its_file(tmp_path: Path) -> None:
    def work(job: Job) -> Path:
        job.report(0.5)
        (tmp_path / "a.txt").write_text("done")
        return tmp_path / "a.txt"

    job = run(work)
    assert (job.state, job.progress, job.problem) == ("done", 1.0, None)
    assert job.result
    assert job.result.read_text() == "done"


@pytest.mark.filterwarnings("ignore::pytest.PytestUnhandledThreadExceptionWarning")
@pytest.mark.parametrize(
    ("error", "says"),
    [
        (KemvoError(Problem(what="The bell is cracked.", mend="Ring another.")), "The bell is cracked. Ring another."),
        (OSError(28, "No space left on device"), "No space left on device"),
        (ZeroDivisionError("oh"), "inside Kemvo"),
    ],
)
def test_work_that_fails_says_why_in_a_sentence(error: Exception, says: str) -> None:
    def work(_: Job) -> Path:
        raise error

    job = run(work)
    assert job.state == "failed"
    assert job.problem
    assert says in job.problem.sentence()
    assert job.problem.mend


def test_work_can_be_cancelled_and_makes_no_file() -> None:
    jobs = Jobs(1)

    def work(job: Job) -> None:
        while True:
            job.report(0.1)
            time.sleep(0.005)

    job = jobs.start("Endless", "a.txt", "text/plain", work)
    job.stop.set()
    assert ended(job).state == "cancelled"
    assert job.result is None


def test_work_that_waits_for_its_turn_is_gone_at_once_when_it_is_cancelled() -> None:
    jobs = Jobs(1)
    go = threading.Event()
    first = jobs.start("First", "a.txt", "text/plain", lambda _: go.wait(10) and None)
    second = jobs.start("Second", "b.txt", "text/plain", lambda _: Path("never"))
    assert jobs.cancel(second.id).state == "cancelled"
    go.set()
    assert ended(first).state == "done"
    jobs.close()
    assert (second.state, second.result) == ("cancelled", None)


def test_only_the_last_ended_jobs_and_their_files_are_kept(tmp_path: Path) -> None:
    jobs = Jobs(1)
    made = []
    for n in range(Jobs.KEPT + 5):
        path = tmp_path / f"{n}.txt"
        path.write_text("x")
        made.append((ended(jobs.start(str(n), path.name, "text/plain", lambda _, p=path: p)), path))
    there = [path.exists() for _, path in made]
    assert all(there[-Jobs.KEPT :])
    assert not there[0]
