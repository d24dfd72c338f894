"""Which foot acts, and with which part of it, where the words and the weight tell."""

from __future__ import annotations

from kemvo.core.facts import Fact
from kemvo.core.floor.turns import Act
from kemvo.core.model.form import Movement
from kemvo.core.timing.timeline import Span
from kemvo.core.types import Side


def leaves(fact: Fact, m: Movement, span: Span) -> bool:
    """Whether the weight goes off the foot that acts: then it goes before the foot does."""
    side = fact.side if fact.side in ("L", "R") else m.side
    if side is None or fact.side == "both":
        return False
    gained = span.left_to - span.left_from
    return gained < 0 if side == "L" else gained > 0


def emptier(span: Span) -> Side | None:
    """The foot that carries less at its emptiest in this movement."""
    left, right = min(span.left_from, span.left_to), 100 - max(span.left_from, span.left_to)
    return None if left == right else "L" if left < right else "R"


def part_lifted(act: Act) -> str:
    """The part of the foot that lifts: heel, toe, or the whole."""
    if act.words & {"heel", "heels"}:
        return "heel"
    return "toe" if act.words & {"toe", "toes"} else ""
