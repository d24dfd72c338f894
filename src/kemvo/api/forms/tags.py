"""Routes of tags: words to find forms and sessions by."""

from __future__ import annotations

from typing import Literal

from fastapi import APIRouter
from pydantic import BaseModel

from kemvo.api.base.workspace import Here
from kemvo.core.types import Tags

router = APIRouter(prefix="/api/{kind}/{id_}/tags", tags=["tags"])


class Tagged(BaseModel):
    """The tags of a document."""

    tags: Tags


@router.put("")
def put_tags(workspace: Here, kind: Literal["forms", "sessions"], id_: str, tagged: Tagged) -> Tagged:
    """Give a form or a session other tags: spaces around them and the same tag twice are left out."""
    tags = tuple(dict.fromkeys(" ".join(t.split()) for t in tagged.tags if t.strip()))
    if kind == "forms":
        form = workspace.forms.get(id_)
        workspace.forms.save(id_, form.version, form.body.model_copy(update={"tags": tags}))
    else:
        session = workspace.sessions.get(id_)
        workspace.sessions.save(id_, session.version, session.body.model_copy(update={"tags": tags}))
    return Tagged(tags=tags)
