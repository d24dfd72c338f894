"""Breath schools: their names, the two ways of a breath, and what is comfortable."""

from __future__ import annotations

from typing import Literal, NamedTuple

School = Literal["written", "matched", "natural", "paced"]
BreathWay = Literal["in", "out"]

OTHER_WAY: dict[BreathWay, BreathWay] = {"in": "out", "out": "in"}

SCHOOL_TITLES: dict[School, str] = {
    "written": "As written in the form",
    "matched": "Matched: every movement its breath",
    "natural": "Natural: no breath is called",
    "paced": "Paced: a steady rhythm",
}


class Comfort(NamedTuple):
    """The shortest and longest comfortable in-breath and out-breath, in milliseconds."""

    in_least: int
    in_most: int
    out_least: int
    out_most: int

    def of(self, way: BreathWay) -> tuple[int, int]:
        """The bounds of one direction."""
        return (self.in_least, self.in_most) if way == "in" else (self.out_least, self.out_most)
