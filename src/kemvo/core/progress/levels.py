"""Levels of a class: a table.

Minutes are common practice without a source where no source is named.
"""

from __future__ import annotations

from typing import Literal, NamedTuple

LevelId = Literal["beginners", "improvers", "experienced", "mixed"]


class LevelRow(NamedTuple):
    """A level: how long it takes to teach a posture (minutes to begin with, and more for every movement), and in how many lessons a
    posture should have been done before the next one joins on to it."""

    id: LevelId
    title: str
    base_minutes: float
    movement_minutes: float
    lessons_before_next: int


LEVELS: dict[LevelId, LevelRow] = {
    row.id: row
    for row in (
        LevelRow("beginners", "Beginners", 3.0, 2.0, 2),
        LevelRow("improvers", "Know the basics", 2.0, 1.5, 1),
        LevelRow("experienced", "Know other forms", 1.5, 1.0, 1),
        LevelRow("mixed", "Mixed", 2.5, 2.0, 2),
    )
}
"""Own choices: a posture of three movements takes beginners nine minutes, so that an hour holds one or two new ones, as is widely
taught (common practice, no source)."""

HARDER_MINUTES = 2.0
"""Minutes more for a posture that wants care (a kick, one leg, a low stance): own choice."""
