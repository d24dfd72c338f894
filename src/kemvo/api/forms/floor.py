"""Routes of the floor and the read-through: where to stand, mends, the step that closes the form, and the tables."""

from __future__ import annotations

from typing import Annotated

from fastapi import APIRouter, Query, Response
from pydantic import BaseModel, Field

from kemvo.api.base.documents import Version, answer
from kemvo.api.base.workspace import Here
from kemvo.api.forms.forms import FormView, view
from kemvo.core.errors import KemvoError, Problem
from kemvo.core.floor.closing import Closing, closings
from kemvo.core.floor.placement import Facings
from kemvo.core.floor.start_position import StartAdvice, standing
from kemvo.core.model.variants import VARIANTS
from kemvo.core.review.context import seen
from kemvo.core.review.mends import mends
from kemvo.core.tables.groups import GROUPS
from kemvo.core.tables.rooms import Camera, Room, camera_at_front
from kemvo.core.tables.schools import SCHOOLS, SchoolRow
from kemvo.core.tables.stances import STANCES, SchoolStance, stance_of_school

router = APIRouter(prefix="/api", tags=["floor"])


class Named(BaseModel):
    """A row of a table, to choose from."""

    id: str
    title: str
    says: str


class Tables(BaseModel):
    """What a form can choose from: schools with all they say, groups, stances, other ways of a posture."""

    schools: dict[str, SchoolRow]
    groups: list[Named]
    stances: list[Named]
    variants: list[Named]


@router.get("/tables")
def tables() -> Tables:
    """The tables that the form sheet chooses from."""
    return Tables(
        schools={str(k): v for k, v in SCHOOLS.items()},
        groups=[Named(id=g.id, title=g.title, says=g.caution) for g in GROUPS.values()],
        variants=[Named(id=v.id, title=v.title, says=v.said) for v in VARIANTS.values()],
        stances=[Named(id=s.id, title=s.title, says=", ".join(s.names)) for s in STANCES.values()],
    )


@router.get("/rooms")
def rooms(workspace: Here) -> list[Room]:
    """The rooms of all forms, each once, those used last first."""
    found: list[Room] = []
    for stored in workspace.forms.all():
        if stored.body.room and stored.body.room not in found:
            found.append(stored.body.room)
    return found


@router.post("/rooms/camera")
def new_camera(room: Room) -> Camera:
    """A camera for a room that has none: at its front, looking back."""
    return camera_at_front(room)


@router.get("/forms/{id_}/stances")
def stances_of(workspace: Here, id_: str) -> list[SchoolStance]:
    """All stances as this form's school, and what the instructor has otherwise, make them."""
    manner = workspace.forms.get(id_).body.manner
    return [stance_of_school(stance, manner) for stance in STANCES]


@router.get("/forms/{id_}/standing")
def where_to_stand(workspace: Here, id_: str, facings: Facings = "four") -> StartAdvice:
    """Where to begin a form in its room and which way to face, so that it fits."""
    return standing(workspace.forms.get(id_).body, facings)


@router.get("/forms/{id_}/closings")
def what_closes(workspace: Here, id_: str) -> list[Closing]:
    """Steps (one, or two together) that, done differently, would let the form end on its mark."""
    form = workspace.forms.get(id_).body
    return closings(form, seen(form).trace)


@router.get("/forms/{id_}/mends")
def mends_of(workspace: Here, id_: str, finding: Annotated[str, Query(max_length=200)]) -> list[str]:
    """The mends of a finding, in words, the smallest change first."""
    return [m.says for m in mends(workspace.forms.get(id_).body, finding)]


class Mending(Version):
    """Which mend of which finding to apply."""

    finding: Annotated[str, Field(max_length=200)]
    no: Annotated[int, Field(ge=0, le=20)] = 0


@router.post("/forms/{id_}/mends", response_model=FormView)
def mend_form(workspace: Here, id_: str, mending: Mending) -> Response:
    """Apply a mend: the form is saved with it. 409 when somebody else wrote since `version`."""
    found = mends(workspace.forms.get(id_).body, mending.finding)
    if mending.no >= len(found):
        raise KemvoError(
            Problem(
                what="There is no such mend for this finding any more.",
                mend="Look at the read-through again; the form has changed.",
            )
        )
    return answer(view(workspace.forms.save(id_, mending.version, found[mending.no].form)))
