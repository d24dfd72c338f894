"""Where a form stands in a longer one: "25 to 32 of 64"."""

from __future__ import annotations

import re
from collections.abc import Collection, Sequence
from typing import Annotated

from pydantic import Field, model_validator

from kemvo.core.types import OneLine, Value

MOST = 999
Number = Annotated[int, Field(ge=1, le=MOST)]


class Within(Value):
    """A form is the postures `first` to `last` of the `of` of a longer one, as that counts them. `title`: what that is called."""

    first: Number
    last: Number
    of: Number
    title: Annotated[str, Field(max_length=200), OneLine] = ""

    @model_validator(mode="after")
    def _in_order(self) -> Within:
        if not self.first <= self.last <= self.of:
            raise ValueError(
                f"postures {self.first} to {self.last} of {self.of}: the first comes before the last, and both are within them all"
            )
        return self


def by_itself(postures: int) -> Within:
    """Where a form of so many postures stands before anything is told of the longer one: it is all of it."""
    return Within(first=1, last=max(1, postures), of=max(1, postures))


_SAID = re.compile(
    r"(?:\b(?:postures?|movements?|forms?|moves|numbers?|nos?\.)\s+)?\b(\d{1,3})\s*(?:to|through|until|[-–—])\s*(\d{1,3})\s*"
    r"(?:out\s+of|of|/)\s*(?:the\s+|all\s+)*(\d{1,3})\b(?:\s+(?:postures|movements|forms|moves)\b)?",
    re.IGNORECASE,
)
""" "25 to 32 of 64", "Movements 25–32 of the 64"."""


def within_said(text: str) -> tuple[Within, bool] | None:
    """Where a text says that a form stands, and whether it says nothing else; None where it says no such thing."""
    m = _SAID.search(text)
    if not m:
        return None
    first, last, of = (int(g) for g in m.groups())
    if not 1 <= first <= last <= of <= MOST:
        return None
    alone = not re.sub(r"[\s()\[\].,:;-]|\bof\b", "", text[: m.start()] + text[m.end() :])
    return Within(first=first, last=last, of=of), alone


def within_words(w: Within | None, order: Sequence[str], done: Collection[str]) -> str:
    """Where in the longer form the postures stand that are done: "Postures 25 to 27 of 64". `order`: the ids of all postures of the form.
    Empty where it stands in none, or where only some are done and the longer form counts them otherwise than this one."""
    at = [i for i, id_ in enumerate(order) if id_ in done]
    if w is None or not at:
        return ""
    one_each = w.last - w.first + 1 == len(order)
    if not one_each and len(at) < len(order):
        return ""
    first, last = (w.first + at[0], w.first + at[-1]) if one_each else (w.first, w.last)
    whole = f" of {w.of}" + (f" of {w.title}" if w.title else "")
    return f"Posture {first}{whole}" if first == last else f"Postures {first} to {last}{whole}"
