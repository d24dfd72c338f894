"""Makes a loop in a process of its own: decoding takes a whole core and would keep everybody waiting, and a
damaged file that brings the decoder down brings down nothing else.

The process writes a line of JSON for every step: the share that is done, then what is to be told, or what is wrong.
"""

from __future__ import annotations

import json
import os
import subprocess
import sys
from contextlib import suppress
from pathlib import Path

from kemvo.audio.intake import Intake, Report
from kemvo.audio.loops import make_loop
from kemvo.core.errors import KemvoError, Problem

STEP = 0.01

POLITE = 5
"""The `nice` level of the decoding process, so that the server's answers go first."""


def make_loop_apart(source: Path, name: str, to: Path, report: Report = lambda _: None) -> list[str]:
    """Make the sound `source` come round, into the file `to`, in a process of its own; answers with what is to be told about
    it. Raises KemvoError when it is no sound; then, and when `report` stops it, nothing is left behind."""
    command = [sys.executable, "-m", "kemvo.audio.apart", str(source), name, str(to)]
    worker = subprocess.Popen(command, stdout=subprocess.PIPE, stderr=subprocess.DEVNULL, text=True)
    assert worker.stdout
    notes: list[str] | None = None
    try:
        for line in worker.stdout:
            said = json.loads(line)
            if "problem" in said:
                raise KemvoError(Problem.model_validate(said["problem"]))
            if "full" in said:
                raise OSError(said["full"], said["why"])
            notes = said.get("notes")
            report(said.get("share", 1.0))
        if worker.wait() or notes is None:
            raise KemvoError(
                Problem(
                    what="This sound cannot be decoded.", where=name, mend="Save it again as WAV, then bring that in."
                )
            )
        return notes
    finally:
        worker.kill()
        worker.wait()
        worker.stdout.close()
        for left in to.parent.glob(f".{to.name}.*"):
            left.unlink(missing_ok=True)


def main(source: Path, name: str, to: Path) -> None:
    """What the process of its own does."""
    told = 0.0
    with suppress(AttributeError, OSError):
        os.nice(POLITE)

    def report(share: float) -> None:
        nonlocal told
        if share >= told + STEP:
            told = share
            _say({"share": share})

    try:
        intake = Intake(source, name)
        make_loop(intake, to, report)
        _say({"notes": intake.notes})
    except KemvoError as error:
        _say({"problem": error.problems[0].model_dump()})
    except OSError as error:
        _say({"full": error.errno, "why": error.strerror})


def _say(what: dict[str, object]) -> None:
    print(json.dumps(what), flush=True)


if __name__ == "__main__":
    main(Path(sys.argv[1]), sys.argv[2], Path(sys.argv[3]))
