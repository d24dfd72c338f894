"""Schools: how much weight a bow stance has, how the back foot points, whether a foot may turn under weight.

Each school is a row; a form keeps a copy of its row, in which every value can be changed. The rows follow the
traditional styles as widely taught (common practice, no source); limits in percent are own choices that say the same
in figures.
"""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field, model_validator

from kemvo.core.types import StanceId, Title, Value

SchoolId = Literal["yang-long", "two-thirds", "chen-old", "wu-small", "sun-lively"]
Opening = Literal["v", "together", "parallel"]
Share = Annotated[int, Field(ge=0, le=100)]


class OwnStance(Value):
    """What an instructor has otherwise in a stance than the table of stances; None: as the table, or the school, has it.

    `along`: heel to heel in the direction the body faces, in shares of stature; `across`: in shoulder widths.
    `front_deg`, `back_deg`: how far the feet point outward. `front_least`, `front_most`: weight on the front leg, in
    percent (for a stance without a front: on either).
    """

    id: StanceId
    along: Annotated[float, Field(ge=0, le=1, allow_inf_nan=False)] | None = None
    across: Annotated[float, Field(ge=-1, le=4, allow_inf_nan=False)] | None = None
    front_deg: Annotated[int, Field(ge=-45, le=90)] | None = None
    back_deg: Annotated[int, Field(ge=-45, le=90)] | None = None
    front_least: Share | None = None
    front_most: Share | None = None


class Manner(Value):
    """How a school places feet and weight.

    `bow_front_pct`: weight on the front leg of a bow stance. `back_foot_deg`: how far its back foot points outward
    from where the body faces. `turn_load_pct`: the most weight a foot may carry while it turns. `side_touch`: what
    touches first in a step to the side. `opening`: how the feet stand before the form begins. `stances`: stances that are
    done otherwise than the table has them.
    """

    school: SchoolId = "yang-long"
    bow_front_pct: Annotated[int, Field(ge=50, le=100)] = 70
    back_foot_deg: Annotated[int, Field(ge=0, le=90)] = 45
    turn_load_pct: Share = 35
    side_touch: Literal["toe", "heel"] = "toe"
    opening: Opening = "v"
    stances: Annotated[tuple[OwnStance, ...], Field(max_length=20)] = ()

    @model_validator(mode="after")
    def _each_stance_once(self) -> Manner:
        ids = [own.id for own in self.stances]
        twice = next((id_ for id_ in ids if ids.count(id_) > 1), None)
        if twice:
            raise ValueError(f"The stance “{twice}” is told twice. Keep one of the two.")
        return self


class SchoolRow(Value):
    """A school: its title, what it does in one sentence, and its manner."""

    title: Title
    says: Title
    manner: Manner


def _row(title: str, says: str, **manner: object) -> SchoolRow:
    return SchoolRow(title=title, says=says, manner=Manner.model_validate(manner))


SCHOOLS: dict[SchoolId, SchoolRow] = {
    row.manner.school: row
    for row in (
        _row("Yang, long frame", "70 to 30 in the bow stance; a foot turns when its weight has left it."),
        _row(
            "Two thirds to one third",
            "As the long frame, two thirds in front; begins with the feet together.",
            school="two-thirds",
            bow_front_pct=67,
            opening="together",
        ),
        _row(
            "Chen, old frame",
            "60 to 40; a loaded foot may turn, heel, knee and hip together; steps to the side land on the heel.",
            school="chen-old",
            bow_front_pct=60,
            turn_load_pct=100,
            side_touch="heel",
            opening="parallel",
        ),
        _row(
            "Wu, small frame",
            "Nearly all the weight on one leg; the feet point the same way; only an empty foot turns.",
            school="wu-small",
            bow_front_pct=95,
            back_foot_deg=0,
            turn_load_pct=10,
            opening="parallel",
        ),
        _row(
            "Sun, lively step",
            "The back foot follows every step; most of the weight on one leg.",
            school="sun-lively",
            bow_front_pct=80,
            turn_load_pct=20,
            opening="v",
        ),
    )
}
