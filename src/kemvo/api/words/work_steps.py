"""Routes of the head that the pages of one session (or recording) share."""

from __future__ import annotations

from fastapi import APIRouter
from pydantic import BaseModel

from kemvo.api.base.house import Here, House, Source
from kemvo.api.words.booth import booth_lines
from kemvo.api.words.desk import guessed_of
from kemvo.core.model.session import Session
from kemvo.core.practice.pipeline import Practice
from kemvo.core.views.session_plan import session_plan
from kemvo.core.views.work_steps import Standing, WorkStep, recording_steps, session_steps

router = APIRouter(prefix="/api/{kind}/{id_}", tags=["work"])


class Steps(BaseModel):
    """The steps of the work; `estimated`: so many lengths are only estimated so far, and what is open may change."""

    steps: tuple[WorkStep, ...]
    estimated: int


@router.get("/steps")
def work_steps(house: Here, kind: Source, id_: str) -> Steps:
    """The steps of the work on a session (or a recording), each with what is open in it."""
    session, practice = house.practice_of(id_, wait=False, kind=kind)
    steps = _steps(house, kind, id_, session, practice)
    return Steps(steps=steps, estimated=house.estimated(session, practice))


def _steps(house: House, kind: Source, id_: str, session: Session, practice: Practice) -> tuple[WorkStep, ...]:
    lines = booth_lines(house, kind, id_)
    if kind == "recordings":
        unmarked = sum(map(bool, guessed_of(house, id_).values()))
        return recording_steps(Standing(practice, lines, session.speech.takes, 0, unmarked=unmarked))
    plan = session_plan(session, house.forms_of(session))
    made, stale = _made(house, id_)
    now = Standing(practice, lines, session.speech.takes, len(plan.problems), plan.over_ms, made=made, stale=stale)
    return session_steps(now)


def _made(house: House, id_: str) -> tuple[str, bool]:
    """The newest sound file of a session, and whether the session has been changed since."""
    done = next(
        (
            j
            for j in house.jobs.known()
            if j.about[0] == id_ and j.state == "done" and j.media_type.startswith("audio/")
        ),
        None,
    )
    if done is None:
        return "", False
    return done.filename, done.about[1] != house.sessions.get(id_).version
