"""The head that all pages of one session (or recording) share: the steps of the work in order, each saying what is open."""

from __future__ import annotations

from collections.abc import Sequence
from typing import NamedTuple

from kemvo.core.practice.booth import BoothLine
from kemvo.core.practice.pipeline import Practice
from kemvo.core.practice.problems import counts_of
from kemvo.core.types import Value


class WorkStep(Value):
    """A step of the work. `says`: how it stands, in a few words; `open`: something in it waits for the instructor."""

    id: str
    name: str
    says: str
    open: bool = False


class StepState(NamedTuple):
    """What the steps are told from. `takes`: whether own takes are wished at all; `made`: the newest sound file, `stale` where
    the session has changed since."""

    practice: Practice
    lines: Sequence[BoothLine]
    takes: bool
    problems: int
    over_ms: int | None = None
    unmarked: int = 0
    made: str = ""
    stale: bool = False


def minutes(ms: int) -> str:
    """A length as people say it: "23 min 40 s", "40 s"."""
    s = (ms + 500) // 1000
    parts = [(s // 60, "min"), (s % 60, "s")]
    return " ".join(f"{n} {unit}" for n, unit in parts if n) or "nothing yet"


def counted(n: int, one: str) -> str:
    """A number of things: "1 cue", "4 cues"."""
    return f"{n} {one}{'' if n == 1 else 's'}"


def session_steps(now: StepState) -> tuple[WorkStep, ...]:
    """The five steps of a session: lay out, cues, voice, practise, files."""
    total = now.practice.heard.total_ms
    over = now.over_ms or 0
    fits = f", {minutes(abs(over))} {'over' if over > 0 else 'under'}" if abs(over) >= 1000 else ""
    laid = counted(now.problems, "problem") if now.problems else f"{minutes(total)}{fits}"
    return (
        WorkStep(id="lay_out", name="Lay out", says=laid, open=now.problems > 0 or over >= 1000 or not total),
        _cues(now),
        _voice(now),
        WorkStep(id="practise", name="Practise", says=minutes(total) if total else "nothing to play yet"),
        WorkStep(id="files", name="Files", says=_made(now), open=now.stale),
    )


def recording_steps(now: StepState) -> tuple[WorkStep, ...]:
    """The four steps of a recording: mark and give back, cues, voice, watch."""
    marked = f"{counted(now.unmarked, 'place')} guessed" if now.unmarked else "all marked"
    return (
        WorkStep(id="mark", name="Mark and give back", says=marked, open=now.unmarked > 0),
        _cues(now),
        _voice(now),
        WorkStep(id="watch", name="Watch", says=minutes(now.practice.heard.total_ms)),
    )


def _cues(now: StepState) -> WorkStep:
    left_out = counts_of(now.practice.decisions).left_out
    essential = len(now.practice.decided.answer.missed)
    if not now.practice.decisions:
        says = "nothing is said"
    elif essential:
        says = f"{counted(essential, 'essential cue')} {'does' if essential == 1 else 'do'} not fit"
    else:
        says = f"{counted(left_out, 'cue')} left out" if left_out else "all said"
    return WorkStep(id="cues", name="Cues", says=says, open=essential > 0 or left_out > 0)


def _voice(now: StepState) -> WorkStep:
    own = sum(x.own for x in now.lines)
    lines = len(now.lines)
    if not lines:
        return WorkStep(id="voice", name="Voice", says="no lines")
    if not own or not now.takes:
        return WorkStep(id="voice", name="Voice", says=f"{counted(lines, 'line')}, spoken by Kemvo")
    says = f"{own} of {counted(lines, 'line')} recorded"
    return WorkStep(id="voice", name="Voice", says=says, open=own < lines)


def _made(now: StepState) -> str:
    if not now.made:
        return "no sound file yet"
    return f"{now.made} is older than the session" if now.stale else f"{now.made} is made"
