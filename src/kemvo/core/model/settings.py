"""What new forms and sessions begin with, and how the pages look: one instructor's settings."""

from __future__ import annotations

from typing import Literal

from pydantic import ValidationError

from kemvo.core.errors import from_validation
from kemvo.core.model.form import Form
from kemvo.core.model.session import Directions, Session, SpeechChoice
from kemvo.core.tables.groups import Who
from kemvo.core.tables.rooms import Room
from kemvo.core.tables.schools import Manner
from kemvo.core.types import DEFAULT_TEMPO, Tempo, Value

Theme = Literal["device", "light", "dark"]


class Settings(Value):
    """`tempo`: counts a minute. `manner`, `who`, `room`: the school, for whom, and where, of a new form. `speech`, `directions`: the
    voice and the direction words of a new session. `theme`: how the pages look; "device": as the device has it."""

    tempo: Tempo = DEFAULT_TEMPO
    manner: Manner = Manner()
    who: Who = Who()
    room: Room | None = None
    speech: SpeechChoice = SpeechChoice()
    directions: Directions = Directions()
    theme: Theme = "device"


def read_settings(data: object) -> Settings:
    """Settings from plain data. Raises KemvoError that names the field."""
    try:
        return Settings.model_validate(data)
    except ValidationError as error:
        raise from_validation(error, data, "") from None


def begun_form(form: Form, settings: Settings) -> Form:
    """A new form with what the settings have it begin with."""
    return form.model_copy(
        update={"tempo": settings.tempo, "manner": settings.manner, "who": settings.who, "room": settings.room}
    )


def begun_session(session: Session, settings: Settings) -> Session:
    """A new session with the voice and the direction words of the settings."""
    return session.model_copy(update={"speech": settings.speech, "directions": settings.directions})
