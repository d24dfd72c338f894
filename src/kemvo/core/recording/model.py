"""A recording: the take of a session, the marks in it, and what was decided about it. It knows its session; the session
knows nothing of it, so that many takes share one session.
"""

from __future__ import annotations

from collections.abc import Sequence
from typing import Annotated, Literal

from pydantic import Field, ValidationError

from kemvo.core.errors import from_validation
from kemvo.core.model.session import CueChoices, OwnCue, SoundChoice
from kemvo.core.types import LONGEST_MS, Id, Line, Title, Value

Edge = Literal["start", "end"]
Source = Literal["tap", "captions", "words", "sound", "motion", "earlier", "hand"]
"""Where a mark comes from."""

RecordedMs = Annotated[int, Field(ge=0, le=LONGEST_MS)]
PlaceKey = Annotated[str, Field(min_length=1, max_length=300)]
"""A place of a score by the ids of its pass, posture and movement (`performed.key_of`)."""


class Mark(Value):
    """The start or the end of a place at a moment of the recording. `sure`: 0 to 1. Marks set by hand are never moved."""

    place: PlaceKey
    edge: Edge = "start"
    at_ms: RecordedMs
    source: Source = "hand"
    sure: Annotated[float, Field(ge=0, le=1)] = 1.0
    hand: bool = False


class FrozenPlace(Value):
    """A place as it was planned when the recording was marked: `ms` at the planned tempo. A tempo that is changed later
    moves no boundary of the recording."""

    place: PlaceKey
    ms: RecordedMs


class Again(Value):
    """A posture that was done `times` times where the session has it once."""

    performance: PlaceKey
    times: Annotated[int, Field(ge=2, le=20)] = 2


TalkKept = Literal["keep", "lower", "mute"]


class KeptTalk(Value):
    """A stretch of the recording in which somebody speaks: kept (no cue then), or lowered or muted where cues come."""

    from_ms: RecordedMs
    to_ms: RecordedMs
    how: TalkKept = "keep"


Does = Literal["away", "facing", "mirrored", "side"]
"""How the instructor was filmed in a pass: with the back to the camera, facing it with their own sides, facing it and
mirroring the class, or from the side."""


class SecondTake(Value):
    """A note for filming it again: at which place, and what to do there."""

    place: PlaceKey
    says: Line


class Filmed(Value):
    """How one pass was filmed."""

    pass_id: Id
    does: Does


class Media(Value):
    """The recorded file: `sha256` of its content, length, pictures or only sound, how many sound samples at which rate, when
    the first picture is shown, and how far the picture is turned (degrees clockwise)."""

    name: Title = ""
    sha256: Annotated[str, Field(max_length=64)] = ""
    bytes: Annotated[int, Field(ge=0)] = 0
    ms: RecordedMs
    picture: bool = False
    width: int = 0
    height: int = 0
    rotation: int = 0
    first_picture_ms: int = 0
    rate: int = 0
    channels: int = 0
    samples: int = 0
    notes: tuple[str, ...] = ()


class Recording(Value):
    """The take of a session.

    `session_id`, `session_version`: what it is a take of. `frozen`: the plan it was marked against. `begins_ms`, `ends_ms`:
    where the first movement begins and the last one ends, if that is settled. `turned_over`: the picture shows left as
    right, as cameras on the front of a phone do. `talk`: who speaks in it and when. Sound, fullness, cue choices and own
    cues are the recording's own. `second_take`: what is noted for filming it again.
    """

    title: Title = ""
    session_id: Id = ""
    session_version: int = 0
    media: Media
    frozen: Annotated[tuple[FrozenPlace, ...], Field(max_length=60_000)] = ()
    marks: Annotated[tuple[Mark, ...], Field(max_length=60_000)] = ()
    left_out: Annotated[tuple[PlaceKey, ...], Field(max_length=5000)] = ()
    again: Annotated[tuple[Again, ...], Field(max_length=5000)] = ()
    begins_ms: RecordedMs | None = None
    ends_ms: RecordedMs | None = None
    filmed: Annotated[tuple[Filmed, ...], Field(max_length=200)] = ()
    turned_over: bool = False
    talk: Annotated[tuple[KeptTalk, ...], Field(max_length=5000)] = ()
    keep_sound: bool = True
    sound: SoundChoice = SoundChoice(breath_tones=False, chime=False)
    fullness: Annotated[int, Field(ge=0, le=100)] = 100
    cue_choices: CueChoices = ()
    own_cues: Annotated[tuple[OwnCue, ...], Field(max_length=5000)] = ()
    second_take: Annotated[tuple[SecondTake, ...], Field(max_length=5000)] = ()


def read_recording(data: object, root: str = "") -> Recording:
    """A recording from plain data. Raises KemvoError that names the field."""
    try:
        return Recording.model_validate(data)
    except ValidationError as error:
        raise from_validation(error, data, root) from None


def with_marks(recording: Recording, new: Sequence[Mark]) -> Recording:
    """A recording with more marks: on a place and edge the new one counts, but none takes the place of one set by hand that
    is not by hand itself."""
    hands = {(m.place, m.edge) for m in recording.marks if m.hand}
    new = [m for m in new if m.hand or (m.place, m.edge) not in hands]
    over = {(m.place, m.edge) for m in new}
    kept = [m for m in recording.marks if (m.place, m.edge) not in over]
    return recording.model_copy(update={"marks": (*kept, *new)})
