"""Findings of the read-through: every kind is a row of `CHECKS`; and the usual gentler ways."""

from __future__ import annotations

from typing import Literal, NamedTuple

from kemvo.core.types import Care, Side, Value

Level = Literal["care", "fault", "look"]
"""How serious: it can hurt; it cannot be done so, or goes wrong; worth a look."""

CheckId = Literal[
    "moved-loaded", "turned-loaded", "knee-line", "double-turning", "one-leg-long", "no-gentler", "on-a-line",
    "too-long", "crossed", "empty-loaded", "stance-weight", "weight-jump", "facing-jump", "which-foot", "breath-twice", "breath-long",
    "breath-short", "sides-unequal", "not-alternating", "off-the-mark", "leaves-room", "leaves-picture", "not-understood",
]  # fmt: skip


class CheckRow(NamedTuple):
    """A kind of finding: how serious, and what it is called."""

    id: CheckId
    level: Level
    title: str


CHECKS: dict[CheckId, CheckRow] = {
    row.id: row
    for row in (
        CheckRow("moved-loaded", "fault", "A foot moves while it carries weight"),
        CheckRow("turned-loaded", "care", "A foot turns under weight"),
        CheckRow("knee-line", "care", "Knee and hips point apart"),
        CheckRow("double-turning", "care", "Turning with the weight on both feet"),
        CheckRow("one-leg-long", "care", "Long on one leg"),
        CheckRow("no-gentler", "care", "No gentler version"),
        CheckRow("on-a-line", "fault", "Both feet on one line"),
        CheckRow("too-long", "care", "A very long stance"),
        CheckRow("crossed", "look", "Crossed feet"),
        CheckRow("empty-loaded", "fault", "An empty foot that carries weight"),
        CheckRow("stance-weight", "look", "Weight unlike the stance"),
        CheckRow("weight-jump", "look", "The weight jumps"),
        CheckRow("facing-jump", "look", "The facing jumps"),
        CheckRow("which-foot", "look", "Which foot is not said"),
        CheckRow("breath-twice", "look", "Twice the same breath"),
        CheckRow("breath-long", "look", "A long breath"),
        CheckRow("breath-short", "look", "A short breath"),
        CheckRow("sides-unequal", "look", "Left and right last differently"),
        CheckRow("not-alternating", "look", "Repeated on one side"),
        CheckRow("off-the-mark", "look", "Ends off the mark"),
        CheckRow("leaves-room", "fault", "Leaves the room"),
        CheckRow("leaves-picture", "fault", "Leaves the picture"),
        CheckRow("not-understood", "look", "Not understood"),
    )
}

GENTLER: dict[Care, str] = {
    "kick": "A toe touch instead of the kick",
    "jump": "A step instead of the jump",
    "low": "Stay higher, with a shorter stance",
    "one-leg": "The toes stay on the floor, a chair or wall near",
    "bend": "A straight back and a small hinge at the hips",
    "twist": "Turn the whole body with the feet, not the spine",
    "high-arms": "Hands no higher than the shoulders",
    "partner": "Alone, or with the hands not touching",
}
"""The usual gentler ways (common practice, no source)."""

CARE_WORDS: dict[Care, str] = {"kick": "a kick", "jump": "a jump", "low": "a low stance", "one-leg": "standing on one leg", "bend": "a deep bend", "twist": "a twist", "high-arms": "arms above shoulder height", "partner": "work with a partner"}  # fmt: skip


class Finding(Value):
    """Something noticed: what kind, how serious, in which posture and movement, of which foot, in one sentence."""

    id: str
    kind: CheckId
    level: Level
    title: str
    posture_id: str
    movement_id: str
    side: Side | None
    says: str
