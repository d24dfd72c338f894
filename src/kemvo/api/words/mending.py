"""Routes of problems mended together: what would be changed, and the change."""

from __future__ import annotations

from typing import Annotated

from fastapi import APIRouter, Response
from pydantic import BaseModel, Field

from kemvo.api.base.documents import Version
from kemvo.api.base.practices import Source
from kemvo.api.base.workspace import Here, Workspace
from kemvo.api.words.desk import Saved, save_decided
from kemvo.core.errors import KemvoError, Problem
from kemvo.core.practice.mending import Mending, mendings

router = APIRouter(prefix="/api/{kind}/{id_}/mendings", tags=["desk"])


class MendingView(BaseModel):
    """A way to mend many problems at once, without the session that comes of it."""

    says: tuple[str, ...]
    before: int
    after: int
    essential: int
    longer_ms: int


@router.get("")
def ways_to_mend(workspace: Here, kind: Source, id_: str) -> list[MendingView]:
    """What would mend many problems at once, the shortest first, worked out whole; nothing is changed."""
    return [MendingView.model_validate(m, from_attributes=True) for m in _ways(workspace, kind, id_)]


class Taking(Version):
    """Which of the ways to take."""

    no: Annotated[int, Field(ge=0, le=10)] = 0


@router.post("", response_model=Saved)
def mend_together(workspace: Here, kind: Source, id_: str, taking: Taking) -> Response:
    """Take one of the ways: the session is saved with it, one step to undo. 409 when somebody else wrote since `version`."""
    ways = _ways(workspace, kind, id_)
    if taking.no >= len(ways):
        raise KemvoError(
            Problem(what="There is no such way any more.", mend="Look at the problems again; the session has changed.")
        )
    return save_decided(workspace, kind, id_, taking.version, ways[taking.no].session)


def _ways(workspace: Workspace, kind: Source, id_: str) -> list[Mending]:
    found = workspace.practices.worked_from(id_, kind)
    clips = workspace.clips(found.session.speech)
    return mendings(found.session, found.forms, clips.glance, None if kind == "sessions" else found.laid(1.0))
