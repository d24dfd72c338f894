"""Routes of the settings: what new forms and sessions begin with, the voices to be heard and chosen."""

from __future__ import annotations

from fastapi import APIRouter
from pydantic import BaseModel

from kemvo.api.base.workspace import Here, Workspace
from kemvo.audio.speech.voices import voices
from kemvo.core.cues.wording import sayable
from kemvo.core.model.settings import Settings
from kemvo.core.tables.rooms import Room

router = APIRouter(prefix="/api/settings", tags=["settings"])


class VoiceToHear(BaseModel):
    """A voice that can be chosen, and where it comes from under which licence."""

    engine: str
    id: str
    title: str
    origin: str


class SettingsView(BaseModel):
    """The settings; the voices there are, and a line of the user's own to hear each of them with."""

    settings: Settings
    voices: list[VoiceToHear]
    line: str


USUAL_LINE = "Sink into the right leg, and let the left foot float."


@router.get("")
def get_settings(workspace: Here) -> SettingsView:
    """The settings as they are."""
    return SettingsView(
        settings=workspace.settings.get(),
        voices=[VoiceToHear(engine=e, id=v.id, title=v.title, origin=v.origin) for e, v in voices(workspace.folder)],
        line=_line(workspace),
    )


@router.put("")
def put_settings(workspace: Here, settings: Settings) -> SettingsView:
    """Keep other settings."""
    workspace.settings.put(settings)
    return get_settings(workspace)


@router.get("/rooms")
def known_rooms(workspace: Here) -> list[Room]:
    """The rooms of the forms there are, each once."""
    return list({room.model_dump_json(): room for s in workspace.forms.all() if (room := s.body.room)}.values())


LONG_ENOUGH = 30


def _line(workspace: Workspace) -> str:
    """A line of the form that was saved last."""
    for stored in workspace.forms.all()[:1]:
        lines = (sayable(m.line) for p in stored.body.postures() for m in p.movements)
        return next((line for line in lines if len(line) >= LONG_ENOUGH), USUAL_LINE)
    return USUAL_LINE
