"""Stances: where the feet stand towards each other and towards where the body faces, and who carries the weight.

Lengths are heel to heel: `along` in shares of stature in the direction the body faces, `across` in shoulder widths.
A bow stance is about a shoulder wide, and longer than wide (common practice, no source); the lengths are own choices
for a middle height, made smaller or larger by the size of step.
"""

from __future__ import annotations

import re
from functools import lru_cache
from typing import Literal, NamedTuple, TypeVar

from kemvo.core.language.abbreviations import written_out
from kemvo.core.tables.schools import Manner, Opening, OwnStance
from kemvo.core.types import Side, StanceId, Value

Contact = Literal["flat", "heel", "toe", "off"]
"""What of a foot is on the floor; `toe` stands for toes and ball."""

N = TypeVar("N", int, float)

MANNER = None
"""As a row's angle: as the school has it."""


class StanceRow(NamedTuple):
    """A stance. `sided`: whether it has a front foot (else the two are alike). `front_deg`, `back_deg`: how far the
    feet point outward from where the body faces. `front_pct`: weight on the front leg, least and most (for a stance
    that is not sided: on either). `front`, `back`: what touches the floor. `names`: what it is called in words."""

    id: StanceId
    title: str
    sided: bool
    along: float
    across: float
    front_deg: int
    back_deg: int | None
    front_pct: tuple[int, int]
    front: Contact
    back: Contact
    names: tuple[str, ...]


_ROWS = (
    StanceRow("together", "Feet together", False, 0, 0.22, 0, 0, (0, 100), "flat", "flat", ("feet together", "heels and toes together")),
    StanceRow("v", "Heels together, toes apart", False, 0, 0.15, 30, 30, (0, 100), "flat", "flat", ("heels together", "feet in a v", "in a v")),
    StanceRow("parallel", "Shoulder width, parallel", False, 0, 1.0, 0, 0, (0, 100), "flat", "flat", ("parallel stance", "feet parallel", "shoulder width", "shoulder-width", "feet shoulder wide")),
    StanceRow("horse", "Horse stance", False, 0, 1.9, 10, 10, (30, 70), "flat", "flat", ("horse stance", "horse riding stance", "ma bu")),
    StanceRow("bow", "Bow stance", True, 0.38, 1.0, 0, MANNER, (50, 100), "flat", "flat", ("bow stance", "bow and arrow stance", "bow step", "arrow stance", "front stance", "gong bu")),
    StanceRow("empty-heel", "Empty stance, heel down", True, 0.2, 0.35, 0, 45, (0, 10), "heel", "flat", ("heel stance", "empty stance on the heel")),
    StanceRow("empty-toe", "Empty stance, toes down", True, 0.17, 0.35, 0, 45, (0, 10), "toe", "flat", ("empty stance", "cat stance", "toe stance", "xu bu")),
    StanceRow("sitting", "Sitting back", True, 0.38, 1.0, 0, MANNER, (0, 30), "flat", "flat", ("sitting stance", "sit stance", "back stance")),
    StanceRow("low", "Low stance", True, 0.3, 2.0, 0, 45, (0, 40), "flat", "flat", ("low stance", "crouching stance", "drop stance", "pu bu")),
    StanceRow("one-leg", "On one leg", True, 0.12, 0.4, 0, 30, (0, 0), "off", "flat", ("one-leg stance", "one leg stance", "stork stance", "stand on one leg", "golden rooster stance", "du li bu")),
    StanceRow("cross", "Cross stance", True, 0.16, 0.1, 45, 10, (20, 80), "flat", "toe", ("cross stance", "crossed stance", "scissor stance", "cross-leg stance", "resting stance", "xie bu")),
    StanceRow("t-step", "T-step", True, 0.03, 0.4, 0, 30, (0, 10), "toe", "flat", ("t-step", "t step", "t stance", "ding bu")),
    StanceRow("follow", "Follow step", True, 0.16, 0.4, 0, 30, (40, 100), "flat", "toe", ("follow step stance", "follow stance", "gen bu")),
)  # fmt: skip

STANCES: dict[StanceId, StanceRow] = {row.id: row for row in _ROWS}

OPENING_STANCE: dict[Opening, StanceId] = {"v": "v", "together": "together", "parallel": "parallel"}


class SchoolStance(Value):
    """A stance as one form has it, with nothing left open: `along` in shares of stature, `across` in shoulder widths,
    angles outward in degrees, weight on the front leg (for a stance that is not `sided`: on either) in percent, what
    touches the floor."""

    id: StanceId
    title: str
    sided: bool
    along: float
    across: float
    front_deg: int
    back_deg: int
    front_least: int
    front_most: int
    front: Contact
    back: Contact


@lru_cache(maxsize=1024)
def stance_of_school(id_: StanceId, manner: Manner) -> SchoolStance:
    """A stance as one form has it: the table's row with the school's angle of the back foot and weight in the bow stance,
    and with what the instructor has otherwise.

    In a bow stance the front leg has from twenty percent less than the school's share, but at least half, to all of the
    weight (own choice). Where the least and the most are told the wrong way round, they are exchanged.
    """
    row = STANCES[id_]
    own = next((o for o in manner.stances if o.id == id_), OwnStance(id=id_))
    least, most = (max(50, manner.bow_front_pct - 20), 100) if id_ == "bow" else row.front_pct
    shares = sorted((_first(own.front_least, least), _first(own.front_most, most)))
    return SchoolStance(
        id=id_,
        title=row.title,
        sided=row.sided,
        along=_first(own.along, row.along),
        across=_first(own.across, row.across),
        front_deg=_first(own.front_deg, row.front_deg),
        back_deg=_first(own.back_deg, manner.back_foot_deg if row.back_deg is None else row.back_deg),
        front_least=shares[0],
        front_most=shares[1],
        front=row.front,
        back=row.back,
    )


def _first(own: N | None, usual: N) -> N:
    return usual if own is None else own


class Named(NamedTuple):
    """A stance named in words, and the side named with it."""

    id: StanceId
    side: Side | None


_NAMES = sorted(((n, row.id) for row in _ROWS for n in row.names), key=lambda n: -len(n[0]))
_NAMED = re.compile(
    r"(?:\b(left|right|[lr])[\s-]+)?\b(" + "|".join(re.escape(n).replace(r"\ ", r"[\s-]+") for n, _ in _NAMES) + r")\b"
    r"(?:,?\s+(?:on\s+the\s+|to\s+the\s+)?(left|right|[lr])\b)?",
    re.IGNORECASE,
)
_BY_NAME = {n.replace("-", " "): id_ for n, id_ in _NAMES}


@lru_cache(maxsize=8192)
def stance_in(text: str) -> Named | None:
    """The last stance that a text names, with its side if one is named ("left bow stance")."""
    found = None
    for m in _NAMED.finditer(written_out(text)):
        found = m
    if found is None:
        return None
    word = (found[1] or found[3] or "").lower()
    side: Side | None = "L" if word.startswith("l") else "R" if word else None
    return Named(_BY_NAME[" ".join(found[2].lower().replace("-", " ").split())], side)
