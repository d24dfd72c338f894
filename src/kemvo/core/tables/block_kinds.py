"""The kinds of blocks a lesson is made of, curves by which the words thin out, and patterns that lay a lesson out.

All are tables: a new kind, curve or pattern is a new row. Order and lengths as widely practised (common practice, no
source); minutes are own choices that fitting changes anyway.
"""

from __future__ import annotations

from typing import Literal, NamedTuple

BlockKind = Literal[
    "settle", "warm-up", "recap", "watch", "follow", "drill", "hands", "feet", "together", "other-side", "whole",
    "chain", "stand", "rest", "questions", "close",
]  # fmt: skip
Only = Literal["all", "hands", "feet"]
Facing = Literal["behind", "mirror", "watch", "side"]
VoiceLevel = Literal["full", "short", "names", "breath", "silent", "thin"]
CurveId = Literal["steady", "usual", "quick", "slow"]


class BlockKindRow(NamedTuple):
    """A kind of block. `moves`: it goes over a form, or a part of one; else it lasts `still_ms`. `facing`, `voice`,
    `repeats`: what it begins with. `only`: what of the words it takes. `says`: what is said before it, where the
    instructor has no words of their own. `kept`: never dropped to save time. `drills`: begins with the sides alternating,
    and may be done more often than wished when there is time."""

    id: BlockKind
    title: str
    moves: bool
    facing: Facing
    voice: VoiceLevel
    repeats: int
    still_ms: int
    only: Only
    says: str
    kept: bool
    drills: bool = False


_ROWS = (
    BlockKindRow("settle", "Arrive and settle", False, "watch", "full", 1, 120_000, "all", "Arrive. Stand at ease and let the breath settle.", True),
    BlockKindRow("warm-up", "Warm-up", False, "watch", "full", 1, 300_000, "all", "We warm up, small and slow.", True),
    BlockKindRow("recap", "Recap", True, "behind", "thin", 1, 0, "all", "First, what we learned before.", False),
    BlockKindRow("watch", "Watch", True, "watch", "names", 1, 0, "all", "Only watch this time.", False),
    BlockKindRow("follow", "Follow along", True, "behind", "thin", 1, 0, "all", "Follow along with me.", False),
    BlockKindRow("drill", "Drill", True, "behind", "thin", 6, 0, "all", "The same few movements, again and again.", False, True),
    BlockKindRow("hands", "Hands only", True, "mirror", "full", 1, 0, "hands", "Only the hands, standing where you are.", False),
    BlockKindRow("feet", "Feet only", True, "behind", "full", 1, 0, "feet", "Only the feet, hands at rest.", False),
    BlockKindRow("together", "Put together", True, "behind", "thin", 1, 0, "all", "Now hands and feet together.", False),
    BlockKindRow("other-side", "Other side", True, "behind", "thin", 1, 0, "all", "Now on the other side.", False),
    BlockKindRow("whole", "Whole form", True, "behind", "thin", 1, 0, "all", "The whole form, without stopping.", False),
    BlockKindRow("chain", "Chain", True, "behind", "thin", 1, 0, "all", "We add one posture each time.", False),
    BlockKindRow("stand", "Still standing", False, "watch", "short", 1, 120_000, "all", "Stand still, knees soft.", False),
    BlockKindRow("rest", "Rest", False, "watch", "silent", 1, 60_000, "all", "", False),
    BlockKindRow("questions", "Questions", False, "watch", "silent", 1, 180_000, "all", "", False),
    BlockKindRow("close", "Gather and close", False, "watch", "full", 1, 120_000, "all", "Gather, three slow breaths, and close.", True),
)  # fmt: skip
BLOCK_KINDS: dict[BlockKind, BlockKindRow] = {row.id: row for row in _ROWS}


LEVELS: tuple[VoiceLevel, ...] = ("full", "short", "names", "breath", "silent")


class CurveRow(NamedTuple):
    """How the words thin out from pass to pass over the same material: one level for each time, the last one for all
    that follow."""

    id: CurveId
    title: str
    levels: tuple[VoiceLevel, ...]


CURVES: dict[CurveId, CurveRow] = {
    row.id: row
    for row in (
        CurveRow("steady", "Full words every time", ("full",)),
        CurveRow("usual", "Full, short, names, breath, silence", LEVELS),
        CurveRow("quick", "Full, names, silence", ("full", "names", "silent")),
        CurveRow("slow", "Each level twice", tuple(v for v in LEVELS for _ in range(2))),
    )
}


def thinned(curve: CurveId, time: int) -> VoiceLevel:
    """The level of the `time`-th pass (from 0) over the same material."""
    levels = CURVES[curve].levels
    return levels[min(time, len(levels) - 1)]


Goes = Literal["new", "before", "all", "none"]
"""What a block of a pattern goes over: what is new today, what was taught before, the whole form, or nothing."""


class PatternBlock(NamedTuple):
    """A block of a pattern: its kind, what it goes over, the facing if not the kind's own, how often, and how much it
    matters when time is short (1 to 5)."""

    kind: BlockKind
    goes: Goes = "none"
    facing: Facing | None = None
    repeats: int | None = None
    matters: int = 3


class PatternRow(NamedTuple):
    """A pattern of a whole lesson."""

    id: str
    title: str
    blocks: tuple[PatternBlock, ...]


PATTERNS: dict[str, PatternRow] = {
    row.id: row
    for row in (
        PatternRow(
            "two-angles",
            "Recap, new, two angles, whole",
            (
                PatternBlock("settle"), PatternBlock("warm-up"), PatternBlock("recap", "before", matters=4), PatternBlock("watch", "new"),
                PatternBlock("hands", "new", matters=2), PatternBlock("feet", "new", matters=2), PatternBlock("together", "new", matters=5),
                PatternBlock("follow", "new", facing="mirror", repeats=2, matters=4), PatternBlock("drill", "new", matters=2),
                PatternBlock("chain", "new", matters=1), PatternBlock("rest", matters=1), PatternBlock("whole", "all", matters=4),
                PatternBlock("questions", matters=1), PatternBlock("close"),
            ),
        ),
        PatternRow(
            "first-lesson",
            "A first lesson: little, and often",
            (
                PatternBlock("settle"), PatternBlock("warm-up"), PatternBlock("watch", "new"), PatternBlock("feet", "new", repeats=2, matters=4),
                PatternBlock("hands", "new", repeats=2, matters=3), PatternBlock("together", "new", repeats=3, matters=5), PatternBlock("rest", matters=2),
                PatternBlock("other-side", "new", matters=2), PatternBlock("follow", "new", facing="mirror", matters=3), PatternBlock("questions", matters=2), PatternBlock("close"),
            ),
        ),
        PatternRow(
            "practice",
            "Practice: the whole form, again and again",
            (
                PatternBlock("settle"), PatternBlock("warm-up"), PatternBlock("whole", "all", repeats=2, matters=5), PatternBlock("rest", matters=2),
                PatternBlock("whole", "all", matters=5), PatternBlock("stand", matters=2), PatternBlock("close"),
            ),
        ),
        PatternRow(
            "both-sides",
            "One posture on both sides",
            (
                PatternBlock("settle"), PatternBlock("warm-up"), PatternBlock("watch", "new"), PatternBlock("drill", "new", matters=5),
                PatternBlock("other-side", "new", repeats=4, matters=4), PatternBlock("together", "new", matters=3), PatternBlock("whole", "all", matters=3), PatternBlock("close"),
            ),
        ),
    )
}  # fmt: skip
