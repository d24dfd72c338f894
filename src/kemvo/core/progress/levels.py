"""Levels of a class and ways to space what is brought back: tables.

Minutes and intervals are common practice without a source where no source is named.
"""

from __future__ import annotations

from typing import Literal, NamedTuple

LevelId = Literal["beginners", "improvers", "experienced", "mixed"]
RecallId = Literal["doubling", "graduated"]


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


class RecallRow(NamedTuple):
    """How long something keeps: `days[n]` after it was done in n + 1 lessons it is due again; past the end of the list every
    lesson adds the last interval `grows` - 1 times."""

    id: RecallId
    title: str
    days: tuple[int, ...]
    grows: float


RECALLS: dict[RecallId, RecallRow] = {
    row.id: row
    for row in (
        RecallRow("doubling", "Next week, then after 2, 4, 8 weeks", (7, 14, 28, 56), 2.0),
        RecallRow("graduated", "After 5 days, 25 days, 4 months, 2 years", (5, 25, 120, 730), 5.0),
    )
}
"""Expanding intervals. "doubling": for a class that meets weekly (common practice, no source). "graduated": the long ones of the
graduated intervals in P. Pimsleur, "A Memory Schedule", The Modern Language Journal 51 (1967), pp. 73-75, cited from memory; made for
words, not for movements."""


def recall_days(row: RecallRow, lessons: int) -> float:
    """After how many days something is due again that was done in so many lessons (at least one)."""
    past = max(0, lessons - len(row.days))
    return row.days[min(lessons, len(row.days)) - 1] * (1 + past * (row.grows - 1))


USUAL_MISTAKES: tuple[str, ...] = (
    "The knee falls inward",
    "Leaning forward",
    "Shoulders rise",
    "The weight is not all the way across",
    "The foot turns with weight on it",
    "The step is too long",
    "Elbows fly up",
    "The breath is held",
    "Looking at the floor",
    "The hands go before the waist",
    "Left and right mixed up",
    "The order is forgotten",
)
"""What goes wrong most often (common practice, no source): offered, never ticked by themselves."""
