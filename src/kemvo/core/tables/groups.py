"""Groups: for whom a form is meant, what they are spared, and how much is comfortable.

Cautions are the usual ones of the trade, not medical advice: a doctor or physiotherapist comes first, and so do the
rules of the venue. Limits in seconds and degrees are common practice without a source, put into figures by us; the
range of a comfortable breath lies between slow breathing (4 to 10 breaths a minute) and breathing at rest (12 to 20),
values as published in reviews of slow breathing, cited from memory.
"""

from __future__ import annotations

from functools import cache
from typing import Annotated, Literal, NamedTuple

from pydantic import Field

from kemvo.core.tables.breath_schools import Comfort
from kemvo.core.types import Care, Value

GroupId = Literal[
    "everyone", "beginners", "sore-knees", "balance", "fragile-bones", "sore-shoulders", "pregnancy",
]  # fmt: skip

STOP = "With pain, dizziness or breathlessness, stop."
"""Said once when a session begins, and shown wherever somebody is led through a form."""

ADVICE = f"{STOP} Usual cautions, not medical advice: ask a doctor or physiotherapist first; the venue's rules come before all."


class GroupRow(NamedTuple):
    """A group. `spared`: what wants a gentler version for them. `one_leg_ms`: the longest time on one leg alone.
    `breath_ms`: the shortest and longest comfortable in- or out-breath. `knee_deg`: how far a loaded foot may point
    away from where the hips face. `step`: how much of a full step they take. `caution`: in one sentence."""

    id: GroupId
    title: str
    spared: frozenset[Care]
    one_leg_ms: int
    breath_ms: tuple[int, int]
    knee_deg: int
    step: float
    caution: str


GROUPS: dict[GroupId, GroupRow] = {
    row.id: row
    for row in (
        GroupRow(
            "everyone", "Everyone", frozenset({"jump"}), 20_000, (2000, 9000), 60, 1.0,
            "The knee points over the toes, never past them, never inward.",
        ),
        GroupRow(
            "beginners", "Beginners", frozenset({"jump", "low"}), 8000, (2000, 6000), 60, 0.85,
            "Higher and shorter stances; one point at a time.",
        ),
        GroupRow(
            "sore-knees", "Sore knees", frozenset({"jump", "low", "kick", "one-leg"}), 8000, (2000, 8000), 45, 0.75,
            "Higher and shorter stances; empty a foot before it turns; the knee over the toes.",
        ),
        GroupRow(
            "balance", "Unsure of balance", frozenset({"jump", "one-leg", "kick"}), 4000, (2000, 8000), 60, 0.8,
            "A chair or wall near; the toe may stay on the floor; practise both legs equally.",
        ),
        GroupRow(
            "fragile-bones", "Fragile bones", frozenset({"jump", "low", "bend", "twist", "kick", "one-leg", "partner"}), 6000, (2000, 8000), 45, 0.8,
            "No deep bending forward, no twisting of the spine; a straight back and a small hinge; a chair or wall near, since a fall is the danger.",
        ),
        GroupRow(
            "sore-shoulders", "Sore shoulders", frozenset({"jump", "high-arms", "partner"}), 20_000, (2000, 9000), 60, 1.0,
            "Arms not above shoulder height.",
        ),
        GroupRow(
            "pregnancy", "Pregnancy", frozenset({"jump", "low", "kick", "one-leg", "bend", "twist", "partner"}), 4000, (2000, 6000), 60, 0.8,
            "Higher and wider stances, no deep twisting, the breath never held; sit down whenever you like.",
        ),
    )
}  # fmt: skip


@cache
def together(groups: tuple[GroupId, ...]) -> GroupRow:
    """One group of several: all that any of them is spared, and the narrower of their limits."""
    rows = [GROUPS[g] for g in dict.fromkeys(groups)]
    named = [r for r in rows if r.id != "everyone"] or rows
    if len(named) == 1:
        return named[0]
    least = max(r.breath_ms[0] for r in named)
    return GroupRow(
        named[0].id,
        ", ".join([named[0].title, *(r.title.lower() for r in named[1:])]),
        frozenset().union(*(r.spared for r in rows)),
        min(r.one_leg_ms for r in rows),
        (least, max(least, min(r.breath_ms[1] for r in rows))),
        min(r.knee_deg for r in rows),
        min(r.step for r in rows),
        " ".join(r.caution for r in named),
    )


def comfort_of(group: GroupRow) -> Comfort:
    """The comfortable breaths of a group: its shortest and longest, for in and out alike."""
    least, most = group.breath_ms
    return Comfort(least, most, least, most)


class Who(Value):
    """For whom a form is worked out. `also`: further groups among them. `stature_cm`: how tall; `reach_cm`: how far the arms reach from the middle of
    the body (None: an arm's length); `step_pct`: size of their steps (None: as the group takes them)."""

    group: GroupId = "everyone"
    also: Annotated[tuple[GroupId, ...], Field(max_length=7)] = ()
    stature_cm: Annotated[int, Field(ge=80, le=230)] = 170
    reach_cm: Annotated[int, Field(ge=20, le=150)] | None = None
    step_pct: Annotated[int, Field(ge=10, le=200)] | None = None

    def limits(self) -> GroupRow:
        """What they are spared, and how much is comfortable."""
        return together((self.group, *self.also))

    def step(self) -> float:
        """The size of their steps in percent."""
        return self.step_pct if self.step_pct is not None else 100 * self.limits().step
