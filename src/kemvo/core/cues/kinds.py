"""What a cue is, and the kinds of cues there are: a table."""

from __future__ import annotations

from typing import Literal, NamedTuple

from kemvo.core.cues.wording import Length, Wording

CueKind = Literal[
    "pass", "facing", "section", "caution", "gentler", "name", "foot", "turn", "hands", "late", "breath", "count",
    "reminder", "time-left", "text",
]  # fmt: skip


class CueKindRow(NamedTuple):
    """How a kind of cue is placed.

    `rank`: order of cues that belong to one moment. `space_ms`: it should be over this long before its moment (negative:
    it may still be said so long after it). `lead_ms`: it begins at most this long before. `worth`: how much the full
    wording counts for when not everything can be said; each shorter step takes one off. `early`: what it loses for every
    second it ends before it should. `must`: it is said whatever else has to give way. `drawn`: on whose side of the
    scroll its slip lies: that of the leg it speaks of, or the middle. `late`: what it loses for every second it ends after it should, where it may.
    """

    id: CueKind
    title: str
    rank: int
    space_ms: int
    lead_ms: int
    worth: float
    early: float
    must: bool = False
    drawn: Literal["leg", "middle"] = "middle"
    late: float = 0.5


CUE_KINDS: dict[CueKind, CueKindRow] = {
    row.id: row
    for row in (
        CueKindRow("pass", "Words before a pass", 0, 400, 30_000, 14, 0.01),
        CueKindRow("facing", "Change of facing", 1, 400, 30_000, 12, 0.01),
        CueKindRow("section", "Section", 2, 400, 15_000, 8, 0.03),
        CueKindRow("caution", "Caution", 3, 400, 30_000, 13, 0.03, True),
        CueKindRow("gentler", "Gentler version", 4, 400, 30_000, 7, 0.03),
        CueKindRow("name", "Posture’s name", 5, 300, 12_000, 10, 0.05),
        CueKindRow("foot", "Foot and weight", 6, 250, 8000, 7, 1.3, False, "leg"),
        CueKindRow("turn", "Turn", 7, 250, 8000, 5.5, 1.3),
        CueKindRow("hands", "Hands", 8, 250, 8000, 3.5, 0.3),
        CueKindRow("late", "Late detail", 9, 200, 4000, 3, 0.2),
        CueKindRow("breath", "Breath", 10, 150, 3000, 3, 0.1),
        CueKindRow("count", "Count", 11, 0, 60, 1.5, 0.0),
        CueKindRow("reminder", "Reminder", 12, 0, 60_000, 0.9, 0.01, late=0.0),
        CueKindRow("time-left", "Time left", 13, 0, 15_000, 4, 0.02),
        CueKindRow("text", "Words of your own", 14, 0, 10_000, 9, 0.05),
    )
}
"""Spaces and leads: own choice, from "just before the body needs it" (common practice, no source).
The worths make two key words better than one full sentence, and a name better than any movement."""

LOST: dict[Length, float] = {"full": 0.0, "short": 1.0, "shorter": 1.5, "keyword": 2.0}
"""What a shorter wording is worth less than the full one."""

HANDS_MAY_LAG = 0.25, 1500
"""Hands may be told while they begin to move: up to this share of the movement, and at most so many milliseconds."""


NOTES = -1
"""The part that is not of a movement's line, but of what is noted beside it for the feet."""

ARRIVES = -2
"""The part that tells of the hands of the movement before."""


class Cue(NamedTuple):
    """Something to say.

    It has to be over by `due_ms`, should be over at `ideal_ms`, and may begin at `opens_ms`; `target_ms` is the moment it
    speaks of. `wordings` are longest first; `span` is the index of the span it belongs to. `id` stays the same when other
    things in the session change. `pin_ms`: it begins exactly then. `lead`: the chief thing its movement has to say; `part`: which part of the movement's line it tells.
    `must`: it has to be said. `voiced`: how the voice should say its wordings, where that is another spelling.
    """

    id: str
    kind: CueKind
    target_ms: int
    opens_ms: int
    due_ms: int
    wordings: tuple[Wording, ...]
    span: int
    ideal_ms: int | None = None
    pin_ms: int | None = None
    must: bool = False
    lead: bool = False
    part: int = 0

    def worth(self, wording: int) -> float:
        """How much it is worth to say this wording, by its place in `wordings`."""
        return max(0.1, CUE_KINDS[self.kind].worth - LOST[self.wordings[wording].length])
