"""What a teacher most often has to put right: a list to tick from."""

from __future__ import annotations

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
