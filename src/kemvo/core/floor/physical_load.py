"""Physical load of a block: time on one leg, standing and walking, and left/right balance, against the limits of
the group."""

from __future__ import annotations

from collections.abc import Sequence

from kemvo.core.floor.feet import travel
from kemvo.core.floor.one_leg import one_leg_times
from kemvo.core.floor.walker import trace
from kemvo.core.model.form import Form
from kemvo.core.timing.score import STILL
from kemvo.core.timing.timeline import Span
from kemvo.core.timing.weight_curve import leg_time
from kemvo.core.types import Value


class Account(Value):
    """What a block asks of the body. Times in milliseconds, `walked_m` metres for both feet together, `even_pct`: how
    evenly the legs carry the weight (100: alike). `over`: the longest time on one leg beyond the group's limit."""

    one_leg_ms: int = 0
    one_leg_longest_ms: int = 0
    standing_ms: int = 0
    walked_m: float = 0.0
    left_ms: int = 0
    right_ms: int = 0
    even_pct: int = 100
    over_ms: int = 0


def account(spans: Sequence[Span], form: Form | None) -> Account:
    """The account of a pass, its spans given, over its form (None for blocks that stand or rest)."""
    standing = sum(s.end_ms - s.start_ms for s in spans)
    if form is None or not any(s.kind == "movement" for s in spans):
        return Account(standing_ms=standing if form else 0)
    walked = trace(form, spans)
    meters = sum(travel(e.before, e.after) for s in walked.steps for e in s.events if e.kind == "step")
    alone = [t.ms for t in one_leg_times(spans, walked.steps)]
    longest = max(alone, default=0)
    left, right = legs(spans)
    limit = form.who.limits().one_leg_ms
    return Account(
        one_leg_ms=sum(alone),
        one_leg_longest_ms=longest,
        standing_ms=standing,
        walked_m=round(meters, 1),
        left_ms=left,
        right_ms=right,
        even_pct=_evenly(left, right),
        over_ms=max(0, longest - limit),
    )


def legs(spans: Sequence[Span]) -> tuple[int, int]:
    """How long the left and the right leg is the full one (ms), from the weight's own curve, in movements and holds. What is done several
    times in a row counts as a round that never began: the way into its first movement is as into every other's, so that a symmetrical
    drill is even."""
    moving = [s for s in spans if s.kind not in STILL]
    if not moving:
        return 0, 0
    drilled = moving[-1].round.nth > moving[0].round.nth
    begins = moving[-1].left_to if drilled else moving[0].left_from
    times = [leg_time(s.left_from if n else begins, s.left_to, s.end_ms - s.start_ms) for n, s in enumerate(moving)]
    return sum(t.left for t in times), sum(t.right for t in times)


def _evenly(left: int, right: int) -> int:
    more = max(left, right)
    return round(100 * min(left, right) / more) if more else 100


def together(parts: Sequence[Account]) -> Account:
    """Several blocks one after another."""
    left, right = sum(a.left_ms for a in parts), sum(a.right_ms for a in parts)
    return Account(
        one_leg_ms=sum(a.one_leg_ms for a in parts),
        one_leg_longest_ms=max((a.one_leg_longest_ms for a in parts), default=0),
        standing_ms=sum(a.standing_ms for a in parts),
        walked_m=round(sum(a.walked_m for a in parts), 1),
        left_ms=left,
        right_ms=right,
        even_pct=_evenly(left, right),
        over_ms=max((a.over_ms for a in parts), default=0),
    )
