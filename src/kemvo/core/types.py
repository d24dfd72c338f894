"""The small types and limits that every other file of the core uses."""

from __future__ import annotations

import re
from datetime import date
from math import isfinite
from typing import Annotated, Literal

from pydantic import BaseModel, BeforeValidator, ConfigDict, Field

Side = Literal["L", "R"]
"""The performer's own left or right, as written in the form."""

Breath = Literal["in", "out", "free"]
"""`free` means that nothing is called: the breath goes as it likes."""

LeftPct = Annotated[int, Field(ge=0, le=100)]
"""The share of the weight on the left leg, 0 to 100."""

LEAST_COUNTS, MOST_COUNTS = 0.25, 64.0
Counts = Annotated[float, Field(ge=LEAST_COUNTS, le=MOST_COUNTS, allow_inf_nan=False)]
"""How long a movement lasts, in counts."""

SLOWEST, FASTEST = 4, 240
"""The tempos a form may have, in counts a minute."""

Tempo = Annotated[float, Field(ge=SLOWEST, le=FASTEST, allow_inf_nan=False)]
"""Counts per minute."""

MOST_STILL_MS = 30 * 60_000
StillMs = Annotated[int, Field(ge=0, le=MOST_STILL_MS)]
"""A still time that the tempo does not touch: a hold or a pause, up to half an hour."""

Degrees = Annotated[int, Field(ge=-360, le=360)]
"""An angle clockwise seen from above, in whole degrees; 0 is the front."""

StanceId = Literal[
    "together", "v", "parallel", "horse", "bow", "empty-heel", "empty-toe", "sitting", "low", "one-leg", "cross",
    "t-step", "follow",
]  # fmt: skip
"""The stances Kemvo knows; what they are: `core/tables/stances.py`."""

Origin = Literal["read", "hand", "filled"]
"""Where a value comes from: read from the words, set by hand, or filled in from what stood before or was widely
taught."""

Care = Literal["kick", "jump", "low", "one-leg", "bend", "twist", "high-arms", "partner"]
"""What makes a posture want care, and a gentler version."""

Front = Literal["north", "east", "south", "west"]
"""What a form's front is called on the compass: schools begin towards the north or the south (common practice, no source)."""

Day = Annotated[date, Field(ge=date(1900, 1, 1), le=date(2200, 12, 31))]
"""A day on which something is taught."""

VariantId = Literal["gentler", "footwork", "other"]
"""Another way of doing a posture: `core/model/variants.py`."""

_CONTROLS = re.compile(r"[\x00-\x08\x0b\x0c\x0e-\x1f\x7f]+")
_ENDS_LINES = re.compile(r"[\x00-\x1f\x7f\x85\u2028\u2029]+")


def without_controls(text: object) -> object:
    """A text without control characters, which no file may hold; line breaks stay. What is no text is left to be refused."""
    return _CONTROLS.sub("", text) if isinstance(text, str) and not text.isprintable() else text


def on_one_line(text: object) -> object:
    """A text without control characters, its line breaks folded to spaces: names and titles go into headers of files that end
    with their line. What is no text is left to be refused."""
    if not isinstance(text, str) or text.isprintable() or not _ENDS_LINES.search(text):
        return text
    return " ".join(_ENDS_LINES.sub(" ", text).split())


OneLine = BeforeValidator(on_one_line)
NoControls = BeforeValidator(without_controls)

Id = Annotated[str, Field(max_length=64)]
Line = Annotated[str, Field(max_length=2000), NoControls]
Title = Annotated[str, Field(max_length=200), OneLine]
Notes = Annotated[str, Field(max_length=20_000), NoControls]
Tags = Annotated[tuple[Annotated[str, Field(min_length=1, max_length=40), OneLine], ...], Field(max_length=12)]

DEFAULT_TEMPO = 30.0
"""Counts per minute of a new form: a 24-posture form of about 150 counts then takes five minutes,
inside the usual four to six (common practice, no source)."""

EVEN = 50

EMPTY_UP_TO = 10
"""Percent of the weight up to which a foot counts as empty: above that an empty stance is at fault (common
practice, no source)."""
OTHER_SIDE: dict[Side, Side] = {"L": "R", "R": "L"}
SIDE_WORD: dict[Side, str] = {"L": "left", "R": "right"}


LONGEST_MS = 24 * 3_600_000
"""The longest that anything in time may be, in milliseconds."""


def number_in(text: str) -> float:
    """The number that a cell or a word holds, with a point or a comma. Raises ValueError, also for what is infinite or not a
    number at all."""
    number = float(text.strip().replace(",", "."))
    if not isfinite(number):
        raise ValueError(f"“{text[:40]}” is not a number")
    return number


def in_minutes(ms: int) -> str:
    """A length as minutes and seconds: 3:05."""
    return f"{ms // 60_000}:{ms // 1000 % 60:02d}"


class Value(BaseModel):
    """A frozen value; unknown fields are refused, so that a misspelt field is noticed and not lost."""

    model_config = ConfigDict(frozen=True, extra="forbid")
