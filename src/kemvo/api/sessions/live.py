"""Routes of the stage while it runs: the rest worked out anew, what could be left out to end in time, what ran."""

from __future__ import annotations

from typing import Annotated

from fastapi import APIRouter, Path, Response
from pydantic import BaseModel, Field

from kemvo.api.base.documents import answer
from kemvo.api.base.workspace import Here, Workspace
from kemvo.core.running.live import Live, LivePractice, TimeOffer, time_offers, work_out_live
from kemvo.core.running.run_record import RunLine, RunPart, Stretch, run_line, run_parts
from kemvo.core.timing.timeline import plan
from kemvo.core.types import LONGEST_MS
from kemvo.core.views.stage import Stage, View, stage
from kemvo.store.runs import StoredRun

router = APIRouter(prefix="/api/sessions/{id_}", tags=["stage"])
runs = APIRouter(prefix="/api/runs", tags=["stage"])


class Going(BaseModel):
    """How the stage goes on, and whose sides it shows."""

    live: Live = Live()
    view: View = "class"


@router.post("/live", response_model=Stage)
def go_on(workspace: Here, id_: str, going: Going) -> Response:
    """The practice from where one is, worked out anew; nothing is changed in the session."""
    made, key = _worked(workspace, id_, going.live)
    session = made.session
    guessed = workspace.practices.estimated(session, made.practice)
    under = f"/api/sessions/{id_}/under.wav?live={key}" if session.sound.background != "none" else ""
    shown = stage(made.practice, session.title, going.view, going.live.speed, guessed, under, made.keys, made.begin_ms)
    return answer(shown.model_copy(update={"next_until": made.next_until}))


def _worked(workspace: Workspace, id_: str, live: Live) -> tuple[LivePractice, str]:
    stored = workspace.sessions.get(id_)
    forms = workspace.forms_of(stored.body)
    clips = workspace.clips(stored.body.speech)
    made = work_out_live(stored.body, forms, clips.glance, live)
    return made, workspace.practices.remember_live(made)


class Over(BaseModel):
    """Where the stage is, and by how much it would end too late (ms)."""

    live: Live
    over_ms: Annotated[int, Field(ge=0, le=LONGEST_MS)]


@router.post("/live/offers")
def offers(workspace: Here, id_: str, over: Over) -> list[TimeOffer]:
    """What could be left out of the rest to end so much sooner; offered, never done by itself."""
    session = workspace.sessions.get(id_).body
    return time_offers(session, workspace.forms_of(session), over.live, over.over_ms)


class Ran(BaseModel):
    """Stretches that ran, in order."""

    stretches: Annotated[list[Stretch], Field(max_length=500)]


class RunView(BaseModel):
    """A run: when, of what, what came of it; with its parts where one run is asked for."""

    id: str
    session: str
    title: str
    began: str
    ended: str
    line: RunLine
    parts: tuple[RunPart, ...] = ()


def _view(run: StoredRun, parts: bool = False) -> RunView:
    return RunView(
        id=run.id,
        session=run.session,
        title=run.title,
        began=run.began,
        ended=run.ended,
        line=run_line(run.parts),
        parts=run.parts if parts else (),
    )


RunId = Annotated[str, Path(pattern=r"^[0-9a-z]{6,40}$", description="Chosen by the page that plays.")]


@router.put("/runs/{run}")
def it_ran(workspace: Here, id_: str, run: RunId, ran: Ran) -> RunView:
    """Note what ran on the stage; the first time, the run begins."""
    stored = workspace.sessions.get(id_)
    forms = workspace.forms_of(stored.body)
    workspace.happened.put("heard")
    planned = plan(stored.body, forms).total_ms
    workspace.runs.begin(run, id_, stored.version, stored.body.title, planned, stored.body.class_id)
    for stretch in ran.stretches:
        workspace.runs.add(run, stretch.began, run_parts(stored.body, forms, stretch))
    return _view(workspace.runs.get(run))


@runs.get("")
def list_runs(workspace: Here, session: str = "", removed: bool = False) -> list[RunView]:
    """What ran, the last first; `session`: only of one."""
    return [_view(run) for run in workspace.runs.all(session, removed)]


@runs.get("/{id_}")
def get_run(workspace: Here, id_: str) -> RunView:
    """One run with its parts."""
    return _view(workspace.runs.get(id_), parts=True)


@runs.delete("/{id_}")
def put_run_away(workspace: Here, id_: str) -> RunView:
    """Put a run out of sight; it can be brought back."""
    workspace.runs.put_away(id_)
    return _view(workspace.runs.get(id_))


@runs.post("/{id_}/bring-back")
def bring_run_back(workspace: Here, id_: str) -> RunView:
    """Bring a run back."""
    workspace.runs.put_away(id_, away=False)
    return _view(workspace.runs.get(id_))
