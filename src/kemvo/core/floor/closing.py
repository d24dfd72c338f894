"""The return to the mark: how far from its opening spot a form ends, and which changed step, or which two, would close the gap."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Sequence
from itertools import islice
from math import hypot
from typing import NamedTuple

from kemvo.core.floor.feet import FloorStep, Trace, centre, travel, turned_by
from kemvo.core.floor.walker import Tweak, trace
from kemvo.core.model.form import Form
from kemvo.core.movement.fact_words import WAY_WORDS
from kemvo.core.types import OTHER_SIDE, SIDE_WORD, Side, Value

ON_THE_MARK_M = 0.15
"""A form counts as ending on its mark within half a foot's length or so (own choice)."""

ON_THE_MARK_DEG = 10

WALKED, PAIRS_WALKED = 60, 25
"""How many single changes, and how many pairs, are walked through to the end of the form, the likeliest first."""

SHORTEST, LONGEST = 0.4, 1.8
"""A step made longer or shorter stays within these shares of itself, so that it can still be done (own choice)."""


LEAST_MOVED = 0.01
"""Square metres: a step of less than ten centimetres is not made longer or shorter."""
SAME_LENGTH = 0.01
LITTLE = 0.001
"""Square metres: what a whole change of a step's length counts against coming nearer to the mark, so that of all pairs of lengths that
come as near the smallest is taken (own choice)."""
PROBE = 0.7
"""How long a step is made to see what comes of it, where its place alone does not tell (own choices)."""


class EndPlace(Value):
    """How a form ends: `ahead` and `right` of where it began, in metres, and turned by how many degrees."""

    ahead: float
    right: float
    turned: float

    def distance(self) -> float:
        """Metres between the two spots."""
        return hypot(self.ahead, self.right)

    def closed(self) -> bool:
        """Whether it ends where and as it began."""
        return self.distance() <= ON_THE_MARK_M and abs(self.turned) <= ON_THE_MARK_DEG

    def sentence(self) -> str:
        """The whole in one sentence."""
        if self.closed():
            return "It ends on the mark, facing as it began."
        parts = [
            f"{abs(n):.2f} m {words[n < 0]}"
            for n, words in ((self.ahead, ("in front of", "behind")), (self.right, ("right of", "left of")))
            if abs(n) >= 0.05
        ]
        where = f"It ends {' and '.join(parts)} the mark" if parts else "It ends on the mark"
        if abs(self.turned) <= ON_THE_MARK_DEG:
            return f"{where}, facing as it began."
        return f"{where}, turned {abs(self.turned):.0f} degrees to the {'right' if self.turned > 0 else 'left'}."


class StepChange(Value):
    """A step done differently: of which foot in which movement (the `step`-th of the form), how, and in words."""

    movement_id: str
    posture_id: str
    step: int
    side: Side
    how: str
    factor: float
    says: str


class Closing(Value):
    """One step, or two, that would close the form if they were done differently, and how it then ends."""

    changes: tuple[StepChange, ...]
    says: str
    mark: EndPlace


def mark_of(t: Trace) -> EndPlace:
    """The mark of a form on the floor."""
    begins, ends = t.opening, t.end()
    x0, y0 = centre(begins.feet, 50, t.body.foot)
    x1, y1 = centre(ends.feet, 50, t.body.foot)
    turned = turned_by(ends.facing)
    return EndPlace(ahead=round(y1 - y0, 4), right=round(x1 - x0, 4), turned=round(turned, 2))


class _Likely(NamedTuple):
    left_over: float
    tweak: Tweak


def closings(form: Form, t: Trace, most: int = 3) -> list[Closing]:
    """Single steps that, done differently, close the form: those that change a step's length by more than half last, else those that
    leave least first, and the one that leaves least always among them. Where no single one does, pairs of steps that do, those that
    change least first.

    What a change does is first told from the place alone (all later steps follow the foot), and the likeliest are then
    walked through: a later step that is made beside the other foot takes some of it back, so a longer or shorter step is
    walked again with the length that the first walk shows to be best.
    """
    mark = mark_of(t)
    if mark.closed():
        return []
    found = list(_single(form, t, mark))
    found.sort(key=lambda c: (_much(c.changes[0]), c.mark.distance()))
    if not found and abs(mark.turned) <= ON_THE_MARK_DEG:
        return list(islice(_pairs(form, t, mark), most))
    nearest = min(found, key=lambda c: c.mark.distance(), default=None)
    return found[:most] if nearest is None or nearest in found[:most] else [*found[: most - 1], nearest]


def _much(c: StepChange) -> bool:
    return c.how == "longer" and abs(c.factor - 1) > 0.5


def _single(form: Form, t: Trace, mark: EndPlace) -> Iterator[Closing]:
    walked = 0
    for one in sorted(_likely(t, mark)):
        if walked >= WALKED:
            return
        tried = _walked(form, mark, one.tweak)
        walked += len(tried)
        tweak, new = min(tried, key=lambda tried: tried[1].distance())
        if new.closed():
            yield _closing(t, (tweak,), new)


class _Reach(NamedTuple):
    """A step, and how far the form's end goes to the right and ahead when it is made as long again."""

    step: int
    side: Side
    right: float
    ahead: float


def _pairs(form: Form, t: Trace, mark: EndPlace) -> Iterator[Closing]:
    """Pairs of steps that close the form when both are made longer or shorter, or one the other way round and one longer or shorter;
    those that change least first."""
    reaches = [
        _Reach(one.step, one.side, *_from_stand(t.steps[one.step], one.side))
        for one in dict.fromkeys(x.tweak._replace(how="longer", factor=1.0) for x in _likely(t, mark))
    ]
    likely: list[tuple[float, float, Tweak, Tweak]] = []
    for i, a in enumerate(reaches):
        for b in reaches[i + 1 :]:
            if a.step == b.step:
                continue
            both = _lengths_of(mark.right, mark.ahead, a, b)
            if both:
                right = mark.right + (both[0] - 1) * a.right + (both[1] - 1) * b.right
                ahead = mark.ahead + (both[0] - 1) * a.ahead + (both[1] - 1) * b.ahead
                likely.append((_missing(right, ahead), abs(both[0] - 1) + abs(both[1] - 1), *_tweaks(a, b, both)))
            for turned, other in ((a, b), (b, a)):
                right, ahead = mark.right - 2 * turned.right, mark.ahead - 2 * turned.ahead
                length = _length_for(right, ahead, other.right, other.ahead)
                if length and length[1] <= ON_THE_MARK_M:
                    back = Tweak(turned.step, turned.side, "reversed")
                    likely.append((0, 2 + abs(length[0] - 1), back, Tweak(other.step, other.side, "longer", length[0])))
    likely.sort()
    for _, _, first, second in likely[:PAIRS_WALKED]:
        tweaks, new = _walked_together(form, t, (first, second))
        if new.closed():
            yield _closing(t, tweaks, new)


def _from_stand(step: FloorStep, side: Side) -> tuple[float, float]:
    """How far right and ahead of the standing foot a step has set its foot."""
    e = next(e for e in step.events if e.side == side and e.kind == "step" and e.way)
    stand = step.after.of(OTHER_SIDE[side])
    return e.after.x - stand.x, e.after.y - stand.y


def _tweaks(a: _Reach, b: _Reach, factors: tuple[float, float]) -> tuple[Tweak, Tweak]:
    return Tweak(a.step, a.side, "longer", factors[0]), Tweak(b.step, b.side, "longer", factors[1])


def _lengths_of(
    right: float, ahead: float, a: _Reach, b: _Reach, now: tuple[float, float] = (1, 1)
) -> tuple[float, float] | None:
    """How long two steps must be to bring an end that is `right` and `ahead` of the mark nearest to it, as shares of what they are
    without a change. `now`: how long they are where the end is there. As long or short as a step may be made, and of all lengths
    that come as near those that change least; None for steps that hardly move."""
    if min(x.right**2 + x.ahead**2 for x in (a, b)) <= LEAST_MOVED:
        return None
    aa, bb = (x.right**2 + x.ahead**2 + LITTLE for x in (a, b))
    ab = a.right * b.right + a.ahead * b.ahead
    to_a, to_b = (-(right * x.right + ahead * x.ahead) for x in (a, b))
    lone_a, lone_b = ((SHORTEST - n, LONGEST - n) for n in now)
    area = aa * bb - ab * ab
    inside = (to_a * bb - to_b * ab) / area, (to_b * aa - to_a * ab) / area
    if lone_a[0] <= inside[0] <= lone_a[1] and lone_b[0] <= inside[1] <= lone_b[1]:
        return now[0] + inside[0], now[1] + inside[1]
    at_an_edge = [(f, _within(lone_b, (to_b - ab * f) / bb)) for f in lone_a] + [
        (_within(lone_a, (to_a - ab * f) / aa), f) for f in lone_b
    ]
    f, g = min(
        at_an_edge, key=lambda d: aa * d[0] ** 2 + bb * d[1] ** 2 + 2 * (ab * d[0] * d[1] - to_a * d[0] - to_b * d[1])
    )
    return now[0] + f, now[1] + g


def _missing(right: float, ahead: float) -> float:
    """How far an end is from being on the mark, in metres."""
    return max(0, hypot(right, ahead) - ON_THE_MARK_M)


def _within(bounds: tuple[float, float], x: float) -> float:
    return min(bounds[1], max(bounds[0], x))


def _walked_together(form: Form, t: Trace, tweaks: tuple[Tweak, ...]) -> tuple[tuple[Tweak, ...], EndPlace]:
    """Two changes walked through, and walked again with the lengths by which the first walk missed the mark."""
    best = tweaks, mark_of(trace(form, tweaks=tweaks))
    for _ in range(2):
        tried, new = best
        if new.closed():
            break
        reaches = [_Reach(x.step, x.side, *_from_stand(t.steps[x.step], x.side)) for x in tried]
        again: tuple[Tweak, ...]
        if all(x.how == "longer" for x in tried):
            lengths = _lengths_of(new.right, new.ahead, reaches[0], reaches[1], (tried[0].factor, tried[1].factor))
            if lengths is None:
                break
            again = tuple(x._replace(factor=f) for x, f in zip(tried, lengths, strict=True))
        else:
            n = next(i for i, x in enumerate(tried) if x.how == "longer")
            r = reaches[n]
            by_one = (new.right * r.right + new.ahead * r.ahead) / (r.right**2 + r.ahead**2)
            again = tuple(x._replace(factor=bounded(x.factor - by_one)) if i == n else x for i, x in enumerate(tried))
        if again == tried:
            break
        then = mark_of(trace(form, tweaks=again))
        if then.distance() >= new.distance():
            break
        best = again, then
    return best


def _walked(form: Form, mark: EndPlace, tweak: Tweak) -> list[tuple[Tweak, EndPlace]]:
    """A change walked through, and where the form then ends. `mark`: where it ends without."""
    first = mark_of(trace(form, tweaks=(tweak,)))
    tried = [(tweak, first)]
    if tweak.how == "longer":
        share = tweak.factor - 1
        dx, dy = (first.right - mark.right) / share, (first.ahead - mark.ahead) / share
        best, _ = _length_for(mark.right, mark.ahead, dx, dy) or (tweak.factor, 0)
        if abs(best - tweak.factor) > SAME_LENGTH:
            again = tweak._replace(factor=best)
            tried.append((again, mark_of(trace(form, tweaks=(again,)))))
    return tried


def _length_for(right: float, ahead: float, dx: float, dy: float) -> tuple[float, float] | None:
    """How much longer or shorter a step that leads so far right and ahead must be to bring an end that is `right` and `ahead` of the mark
    nearest to it, and how far away it then is; None for a step that hardly moves."""
    whole = dx * dx + dy * dy
    if whole <= LEAST_MOVED:
        return None
    factor = bounded(1 - (right * dx + ahead * dy) / whole)
    return factor, hypot(right + (factor - 1) * dx, ahead + (factor - 1) * dy)


def bounded(factor: float) -> float:
    """How much longer or shorter a step may be made."""
    return _within((SHORTEST, LONGEST), factor)


def _likely(t: Trace, mark: EndPlace) -> Iterable[_Likely]:
    for i, step in enumerate(t.steps):
        for e in step.events:
            if e.kind != "step" or not e.way:
                continue
            stand = step.after.of(OTHER_SIDE[e.side])
            vx, vy = e.after.x - stand.x, e.after.y - stand.y
            yield _Likely(hypot(mark.right - 2 * vx, mark.ahead - 2 * vy), Tweak(i, e.side, "reversed"))
            yield _Likely(hypot(mark.right - vx, mark.ahead - vy), Tweak(i, e.side, "other foot"))
            length = _length_for(mark.right, mark.ahead, vx, vy)
            if length:
                factor, rest = length
                yield _Likely(rest, Tweak(i, e.side, "longer", PROBE if abs(factor - 1) < SAME_LENGTH else factor))


def _closing(t: Trace, tweaks: Sequence[Tweak], mark: EndPlace) -> Closing:
    changes = tuple(_change(t.steps[x.step], x) for x in tweaks)
    return Closing(changes=changes, says=" ".join(c.says for c in changes), mark=mark)


def _change(step: FloorStep, tweak: Tweak) -> StepChange:
    e = next(e for e in step.events if e.side == tweak.side and e.kind == "step")
    length = travel(step.after.of(OTHER_SIDE[e.side]), e.after)
    foot = f"the {SIDE_WORD[tweak.side]} foot"
    match tweak.how:
        case "reversed":
            opposite = {"forward": "back", "corner": "back", "circle": "back", "back": "forward"}.get(e.way, "the other way")  # fmt: skip
            says = f"{foot} steps {opposite} instead of {WAY_WORDS[e.way]}"
        case "longer":
            change = (tweak.factor - 1) * length
            says = f"the step of {foot} is {abs(change):.2f} m {'longer' if change > 0 else 'shorter'}"
        case _:
            says = f"the other foot steps instead of {foot}"
    return StepChange(
        movement_id=step.movement.id,
        posture_id=step.performance.posture.id,
        step=tweak.step,
        side=tweak.side,
        how=tweak.how,
        factor=round(tweak.factor, 3),
        says=f"{step.performance.posture.title()}: {says}.",
    )
