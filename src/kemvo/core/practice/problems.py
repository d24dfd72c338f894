"""What is not said as it should be, and what the class misses by it."""

from __future__ import annotations

from collections.abc import Iterable

from kemvo.core.cues.decisions import Decision
from kemvo.core.cues.kinds import CUE_KINDS

EARLY = 0.2
"""What a cue loses that is said early: it is said, and in full."""


def loss_of(d: Decision) -> float:
    """What the class would miss: what the full wording is worth less what is said is worth; early counts little."""
    if d.state == "full" or d.wished:
        return 0.0
    if d.state == "left out":
        return d.cue.worth(0) + (CUE_KINDS["caution"].worth if d.cue.must else 0.0)
    if d.state == "moved":
        return EARLY
    said = next((i for i, w in enumerate(d.cue.wordings) if w.text == d.text), 0)
    return d.cue.worth(0) - d.cue.worth(said)


def problems_of(decisions: Iterable[Decision]) -> list[Decision]:
    """What is not said as it should be, though less talk was not wished."""
    return [d for d in decisions if d.state != "full" and not d.wished]
