"""Routes of the head that the pages of one session (or recording) share."""

from __future__ import annotations

from fastapi import APIRouter
from pydantic import BaseModel

from kemvo.api.base.practices import Source
from kemvo.api.base.workspace import Here, Workspace
from kemvo.api.words.booth import booth_lines
from kemvo.api.words.desk import guessed_of
from kemvo.core.model.session import Session
from kemvo.core.practice.pipeline import Practice
from kemvo.core.views.session_plan import session_plan
from kemvo.core.views.work_steps import StepState, WorkStep, recording_steps, session_steps

router = APIRouter(prefix="/api/{kind}/{id_}", tags=["work"])


class Steps(BaseModel):
    """The steps of the work; `estimated`: so many lengths are only estimated so far, and what is open may change."""

    steps: tuple[WorkStep, ...]
    estimated: int


@router.get("/steps")
def work_steps(workspace: Here, kind: Source, id_: str) -> Steps:
    """The steps of the work on a session (or a recording), each with what is open in it."""
    session, practice = workspace.practices.practice_of(id_, wait=False, kind=kind)
    steps = _steps(workspace, kind, id_, session, practice)
    return Steps(steps=steps, estimated=workspace.practices.estimated(session, practice))


def _steps(workspace: Workspace, kind: Source, id_: str, session: Session, practice: Practice) -> tuple[WorkStep, ...]:
    lines = booth_lines(workspace, kind, id_)
    if kind == "recordings":
        unmarked = sum(map(bool, guessed_of(workspace, id_).values()))
        return recording_steps(StepState(practice, lines, session.speech.takes, 0, unmarked=unmarked))
    plan = session_plan(session, workspace.forms_of(session))
    made, stale = _made(workspace, id_)
    now = StepState(practice, lines, session.speech.takes, len(plan.problems), plan.over_ms, made=made, stale=stale)
    return session_steps(now)


def _made(workspace: Workspace, id_: str) -> tuple[str, bool]:
    """The newest sound file of a session, and whether the session has been changed since."""
    done = next(
        (
            j
            for j in workspace.jobs.known()
            if j.about[0] == id_ and j.state == "done" and j.media_type.startswith("audio/")
        ),
        None,
    )
    if done is None:
        return "", False
    return done.filename, done.about[1] != workspace.sessions.get(id_).version
