"""How slow a form has to be for every movement to be called in full words while it is done."""

from __future__ import annotations

from collections.abc import Sequence
from math import floor

from kemvo.core.language.speech_estimate import estimated_ms
from kemvo.core.timing.timeline import Span

TOGETHER = 3
"""How many movements share their time: a call may begin with the movement before the one before."""

BREATHER_MS = 350
"""Between one call and the next (own choice)."""

NEARLY = 0.9
"""The share of the movements that must be called in full; the longest lines may be shortened."""

SLOWER = 0.95
"""It is told where less than this share of the tempo is needed."""


def called_tempo(spans: Sequence[Span], tempo: float, wpm: int) -> float | None:
    """The tempo (counts a minute) at which the movements of a pass can be called in full at a speed of speech (words a minute);
    None where it is slow enough. From estimated lengths, before anything is spoken."""
    moving = [s for s in spans if s.kind == "movement" and s.movement]
    times = [s.end_ms - s.start_ms for s in moving]
    calls = [estimated_ms(s.movement.line, wpm) + BREATHER_MS if s.movement and s.movement.line else 0 for s in moving]
    needs = []
    for i in range(1, len(moving)):
        n = min(TOGETHER, len(moving) - i)
        time = sum(times[i - 1 : i - 1 + n])
        if time and calls[i]:
            needs.append(sum(calls[i : i + n]) / time)
    if not needs or not tempo:
        return None
    needs.sort()
    share = 1 / needs[min(len(needs) - 1, floor(NEARLY * len(needs)))]
    return floor(tempo * share * 2) / 2 if share < SLOWER else None
