"""How long what was taught keeps, and when it is due again: a table of ways to space it."""

from __future__ import annotations

from typing import Literal, NamedTuple

RecallId = Literal["doubling", "graduated"]


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
