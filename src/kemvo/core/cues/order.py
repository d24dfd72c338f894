"""The order of cues: by their moments, and at one moment by their kinds and the parts of a line."""

from __future__ import annotations

from collections.abc import Sequence

from kemvo.core.cues.joins import PARTS
from kemvo.core.cues.kinds import CUE_KINDS, Cue


def in_order(cues: Sequence[Cue]) -> list[Cue]:
    """Cues in the order of their moments."""
    return sorted(cues, key=lambda c: (c.target_ms, rank(c), c.id))


def rank(cue: Cue) -> int:
    """The order of cues that belong to one moment: by kind; the parts of a movement in the order of its line."""
    row = CUE_KINDS["foot"] if cue.kind in PARTS else CUE_KINDS[cue.kind]
    return row.rank * 100 + cue.part
