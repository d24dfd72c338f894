"""The receiving leg: which leg takes the weight when the words give a shift but no leg ("shift forward", "sit back 70 %").

The words are asked first (forward: to the foot in front; back: to the one behind), then the foot that has stepped since the
last shift; otherwise it is the leg that has less. Common practice, no source.
"""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass
from typing import Literal

from kemvo.core.facts import Fact
from kemvo.core.movement.interpretation import SaidFact, words_in
from kemvo.core.types import EMPTY_UP_TO, EVEN, OTHER_SIDE, Side

SHARE_UNSAID = 100
"""The share of a shift of which none is said: all of it."""

FORWARD = frozenset("forward forwards front ahead into".split())
BACK = frozenset("back backward backwards rear behind".split())

IN_FRONT = frozenset({"forward", "corner"})
BEHIND = frozenset({"back", "behind"})
LEVEL = frozenset({"in", "side", "out"})
"""Ways of a step after which its foot is in front, behind, or beside the other."""


PARTS_OF_A_FOOT = frozenset("heel heels toe toes".split())
"""What of a foot may come up while the rest of it stays down and goes on carrying."""


@dataclass
class Legs:
    """Where the weight is as the words are gone through: `left` is the share on the left leg; `front` the foot in front, if
    one is; `stepped` the foot that has stepped since the weight last moved."""

    left: int
    front: Side | None = None
    stepped: Side | None = None

    def after(self, said: Iterable[SaidFact]) -> int:
        """The share on the left leg after these facts."""
        for s in said:
            f = s.fact
            if f.kind == "step":
                self._step(f)
            elif not f.guessed and (f.kind == "kick" or (f.kind == "lift" and not words_in(s.words) & PARTS_OF_A_FOOT)):
                self._lift(f.side)
            elif f.kind == "shift":
                self.left = left_pct(f, self._receiver(s))
                self.stepped = None
        return self.left

    def _lift(self, side: Side | Literal["both"] | None) -> None:
        """A leg that comes up carries nothing: the other stands."""
        if side == "L" and self.left > EMPTY_UP_TO:
            self.left = 0
        elif side == "R" and 100 - self.left > EMPTY_UP_TO:
            self.left = 100

    def _step(self, f: Fact) -> None:
        if f.side not in ("L", "R"):
            self.front = self.stepped = None
            return
        self.stepped = f.side
        if f.direction in IN_FRONT:
            self.front = f.side
        elif f.direction in BEHIND:
            self.front = OTHER_SIDE[f.side]
        elif f.direction in LEVEL:
            self.front = None

    def _receiver(self, s: SaidFact) -> Side | None:
        words = words_in(s.words)
        if self.front and words & BACK:
            return OTHER_SIDE[self.front]
        if self.front and words & FORWARD:
            return self.front
        if self.stepped:
            return self.stepped
        return None if self.left == EVEN else "R" if self.left > EVEN else "L"


def left_pct(f: Fact, open_to: Side | None) -> int:
    """The share on the left leg that a shift tells. `open_to`: the leg, where it tells none; None leaves it even."""
    side = f.side or open_to
    if side != "L" and side != "R":
        return EVEN
    share = SHARE_UNSAID if f.share is None else f.share
    return share if side == "L" else 100 - share
