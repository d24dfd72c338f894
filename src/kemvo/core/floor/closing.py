"""The return to the mark: how far from its opening spot a form ends, and which single changed step would close the gap."""

from __future__ import annotations

from collections.abc import Iterable
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

WALKED = 60
"""So many times a form is walked through to the end, the likeliest changes first."""

SHORTEST, LONGEST = 0.4, 1.8
"""A step made longer or shorter stays within these shares of itself, so that it can still be done (own choice)."""


LEAST_MOVED = 0.01
"""Square metres: a step of less than ten centimetres is not made longer or shorter."""
SAME_LENGTH = 0.01
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


class Closing(Value):
    """A single step that, done differently, would close the form: in which movement, how, and how it then ends."""

    movement_id: str
    posture_id: str
    step: int
    side: Side
    how: str
    factor: float
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
    """Single changes that close the form, those that leave least first.

    What a change does is first told from the place alone (all later steps follow the foot), and the likeliest are then
    walked through: a later step that is made beside the other foot takes some of it back, so a longer or shorter step is
    walked again with the length that the first walk shows to be best.
    """
    mark = mark_of(t)
    if mark.closed():
        return []
    found: list[Closing] = []
    walked = 0
    for one in sorted(_likely(t, mark)):
        if walked >= WALKED:
            break
        tried = _walked(form, mark, one.tweak)
        walked += len(tried)
        tweak, new = min(tried, key=lambda tried: tried[1].distance())
        if new.closed():
            found.append(_closing(t.steps[tweak.step], tweak, new))
    found.sort(key=lambda c: (c.how == "longer" and abs(c.factor - 1) > 0.5, c.mark.distance()))
    return found[:most]


def _walked(form: Form, mark: EndPlace, tweak: Tweak) -> list[tuple[Tweak, EndPlace]]:
    """A change walked through, and where the form then ends. `mark`: where it ends without."""
    first = mark_of(trace(form, tweak=tweak))
    tried = [(tweak, first)]
    if tweak.how == "longer":
        share = tweak.factor - 1
        dx, dy = (first.right - mark.right) / share, (first.ahead - mark.ahead) / share
        whole = dx * dx + dy * dy
        best = bounded(1 - (mark.right * dx + mark.ahead * dy) / whole) if whole > LEAST_MOVED else tweak.factor
        if abs(best - tweak.factor) > SAME_LENGTH:
            again = tweak._replace(factor=best)
            tried.append((again, mark_of(trace(form, tweak=again))))
    return tried


def bounded(factor: float) -> float:
    """How much longer or shorter a step may be made."""
    return min(LONGEST, max(SHORTEST, factor))


def _likely(t: Trace, mark: EndPlace) -> Iterable[_Likely]:
    for i, step in enumerate(t.steps):
        for e in step.events:
            if e.kind != "step" or not e.way:
                continue
            stand = step.after.of(OTHER_SIDE[e.side])
            vx, vy = e.after.x - stand.x, e.after.y - stand.y
            yield _Likely(hypot(mark.right - 2 * vx, mark.ahead - 2 * vy), Tweak(i, e.side, "reversed"))
            yield _Likely(hypot(mark.right - vx, mark.ahead - vy), Tweak(i, e.side, "other foot"))
            whole = vx * vx + vy * vy
            if whole > LEAST_MOVED:
                factor = bounded(1 - (mark.right * vx + mark.ahead * vy) / whole)
                rest = hypot(mark.right + (factor - 1) * vx, mark.ahead + (factor - 1) * vy)
                yield _Likely(rest, Tweak(i, e.side, "longer", PROBE if abs(factor - 1) < SAME_LENGTH else factor))


def _closing(step: FloorStep, tweak: Tweak, mark: EndPlace) -> Closing:
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
    return Closing(
        movement_id=step.movement.id,
        posture_id=step.performance.posture.id,
        step=tweak.step,
        side=tweak.side,
        how=tweak.how,
        factor=round(tweak.factor, 3),
        says=f"{step.performance.posture.title()}: {says}.",
        mark=mark,
    )
