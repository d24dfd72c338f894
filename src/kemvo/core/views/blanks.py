"""What new rows begin with: movements, postures, sections, passes, rooms, another way of doing a posture, decisions about cues; and
what the kinds of a text's lines are called.

The pages add rows without asking the server first; they take these values, written beside the API's description.
"""

from __future__ import annotations

from typing import Any

from pydantic import BaseModel

from kemvo.core.model.form import Movement, Origins, Posture, Section
from kemvo.core.model.session import CueChoice, OwnCue, Part, Pass
from kemvo.core.recording.model import Mark
from kemvo.core.tables.rooms import Room
from kemvo.core.text_import.kinds.labels import KIND_WORDS

MOVEMENT = Movement(
    counts=4.0,
    origins=Origins(counts="filled", hold_ms="filled", left_pct="filled", breath="filled", side="filled"),
    unread=True,
)
"""A movement nobody has worded yet: every field may be filled from its words. Four counts: common practice, no source."""

POSTURE = Posture(movements=(MOVEMENT,))
SECTION = Section(postures=(POSTURE,))
PASS = Pass(part=Part(form_id=""))
ROOM = Room(width=6, depth=5)
"""A usual practice room, in metres: common practice, no source."""
OWN_CUE = OwnCue(text="Words of your own", at_ms=300)
"""Words of one's own come so long after the end of the cue beside which they are put (own choice)."""

MARK = Mark(place="-", at_ms=0, hand=True)
"""A mark set by hand, which nothing else moves."""

OTHER_WAY = ("kinds", "gentler", "repeats")
"""Fields of a posture that another way of doing it does not take over: what wants care in it is asked anew, and it is done once."""

GOES_ON: dict[str, tuple[str, ...]] = {
    "movement": ("counts", "left_pct"),
    "pass": ("part", "tempo", "facing", "voice"),
}
"""Fields that a new row takes from the one before it, where there is one."""


def blanks() -> dict[str, Any]:
    """All of it as JSON values."""

    def plain(value: BaseModel) -> dict[str, Any]:
        return value.model_dump(mode="json", exclude={"read"})

    posture = plain(POSTURE) | {"movements": [plain(MOVEMENT)]}
    return {
        "movement": plain(MOVEMENT),
        "posture": posture,
        "section": plain(SECTION) | {"postures": [posture]},
        "pass": plain(PASS),
        "room": plain(ROOM),
        "cue_choice": CueChoice(cue="-").model_dump(mode="json", exclude={"cue"}),
        "own_cue": plain(OWN_CUE),
        "mark": MARK.model_dump(mode="json", exclude={"place", "at_ms"}),
        "other_way": {name: posture[name] for name in OTHER_WAY},
        "line_kinds": {kind: words._asdict() for kind, words in KIND_WORDS.items()},
        "goes_on": {kind: list(names) for kind, names in GOES_ON.items()},
    }
