"""What is read from a line: facts, each with the words it was read from."""

from __future__ import annotations

from typing import Annotated, Any, Literal

from pydantic import Field

from kemvo.core.types import Breath, Value

FactKind = Literal["step", "lift", "pivot", "shift", "turn", "kick", "breath", "posture", "hold", "counts"]
FactSide = Literal["L", "R", "both"]
Direction = Literal["out", "forward", "back", "in", "up", "half", "corner", "side", "behind", "down", "circle"]
StepSize = Literal["small", "long"]
Touch = Literal["heel", "toe", "ball"]

FIELDS: dict[FactKind, tuple[str, ...]] = {
    "step": ("side", "direction", "touch", "size", "cm"),
    "lift": ("side",),
    "pivot": ("side", "on", "toes", "angle", "to", "degrees"),
    "shift": ("side", "share"),
    "turn": ("to", "degrees"),
    "kick": ("side", "part"),
    "breath": ("direction",),
    "posture": ("id", "side", "nth", "of"),
    "hold": ("ms", "counts"),
    "counts": ("counts",),
}
"""Which fields each kind has; the others stay empty."""

MORE_FIELDS: dict[FactKind, tuple[str, ...]] = {"step": ("to", "ahead_cm")}
"""Fields that few of a kind have: they are told only where they are not empty."""


class Fact(Value):
    """One thing a line says.

    `start`, `end`: the letters of the line it was read from. `side`: the foot that acts; for a shift the leg
    that receives. `size`: a step smaller or longer than usual; `cm`: how far the foot goes; `ahead_cm`: how far ahead of where its way leads
    (negative: behind it). `to` of a step: the compass point or hour it goes towards. `share`: percent of the weight on that leg. `to`: of a turn (a pivot: where the toes end, an hour), left, right, front, back, corner, around,
    a compass word or an hour ("3"). `angle`, `degrees`: in degrees (of a pivot: how far it goes, or at
    which angle outward it ends). `ms`: in milliseconds. Empty: not said. `guessed`: no
    rule read it, its words only sound like it.
    """

    kind: FactKind
    start: int
    end: int
    side: FactSide | None = None
    direction: Direction | Breath | None = None
    touch: Touch | None = None
    size: StepSize | None = None
    cm: Annotated[int, Field(ge=1, le=200)] | None = None
    ahead_cm: Annotated[int, Field(ge=-200, le=200)] | None = None
    on: Literal["heel", "ball"] | None = None
    toes: Literal["in", "out"] | None = None
    angle: int | None = None
    share: int | None = None
    to: Annotated[str, Field(max_length=20)] | None = None
    degrees: int | None = None
    part: Literal["heel", "toe", "sole"] | None = None
    id: str | None = None
    nth: int | None = None
    of: int | None = None
    ms: int | None = None
    counts: float | None = None
    guessed: bool = False


def as_plain(fact: Fact) -> dict[str, Any]:
    """A fact as plain data: its kind, the fields of that kind, and the words' place."""
    return {
        "kind": fact.kind,
        **{name: getattr(fact, name) for name in FIELDS[fact.kind]},
        **{name: value for name in MORE_FIELDS.get(fact.kind, ()) if (value := getattr(fact, name)) is not None},
        "span": [fact.start, fact.end],
    }
