"""Counts shared out among movements."""

from __future__ import annotations

from collections.abc import Sequence
from itertools import pairwise

from kemvo.core.model.form import Posture
from kemvo.core.types import LEAST_COUNTS, MOST_COUNTS


def as_long(p: Posture, counts: float | None, timed: float | None) -> Posture:
    """A posture that a text only names in the counts that it gives it, or in those of its times; as it is where there are none."""
    if counts:
        return lasting(p, counts)
    if not timed:
        return p
    share = timed / sum(m.counts for m in p.movements)
    movements = tuple(m.model_copy(update={"counts": bounded(round(m.counts * share, 3))}) for m in p.movements)
    return p.model_copy(update={"movements": movements})


def lasting(p: Posture, counts: float) -> Posture:
    """The posture in so many counts, shared out among its movements as before, in quarters."""
    lengths = in_shares(counts, [m.counts for m in p.movements])
    movements = tuple(m.model_copy(update={"counts": n}) for m, n in zip(p.movements, lengths, strict=True))
    return p.model_copy(update={"movements": movements})


def in_shares(counts: float, shares: Sequence[float]) -> list[float]:
    """A number of counts shared out, in quarters."""
    ends = [round(4 * counts * sum(shares[: i + 1]) / sum(shares)) / 4 for i in range(len(shares))]
    return [bounded(b - a) for a, b in pairwise([0.0, *ends])]


def bounded(counts: float) -> float:
    """Counts as a movement may have them."""
    return min(MOST_COUNTS, max(LEAST_COUNTS, counts))


def held(posture: Posture, hold_ms: int | None) -> Posture:
    """A posture whose last movement is held so long, where that is said."""
    if not hold_ms or not posture.movements:
        return posture
    last = posture.movements[-1]
    still = last.model_copy(update={"hold_ms": hold_ms, "origins": last.origins.model_copy(update={"hold_ms": None})})
    return posture.model_copy(update={"movements": (*posture.movements[:-1], still)})
