"""The read-through: what an instructor would otherwise find out in front of the class.

One function for each subject looks for its kinds of findings (`findings`). Limits belong to the form's school
(`schools`) and group (`groups`), where their source stands.
"""

from __future__ import annotations

from collections.abc import Callable, Collection, Iterator, Sequence

from kemvo.core.floor.closing import mark_of
from kemvo.core.floor.footprint import space
from kemvo.core.floor.placement import best_spot, clearance
from kemvo.core.model.form import Posture
from kemvo.core.model.variants import VARIANTS
from kemvo.core.review.checks_feet import feet_findings, jumps, stances
from kemvo.core.review.checks_flow import breath_findings, gentler, one_leg, postures, words
from kemvo.core.review.context import Seen, found
from kemvo.core.review.findings import CheckId, Finding


def read_through(look: Seen) -> list[Finding]:
    """Everything noticed about a form, in its order; what applies to the whole form comes last. Each finding once,
    however often its movement is repeated, and none that the instructor has set aside."""
    all_found: dict[str, Finding] = {}
    for check in CHECKS_IN_ORDER:
        for finding in check(look):
            all_found.setdefault(finding.id, finding)
    order = {m.id: i for i, m in enumerate(m for p in look.form.postures() for m in p.movements)}
    starts = {p.id: order.get(p.movements[0].id, 0) if p.movements else 0 for p in look.form.postures()}
    last = len(order)

    def place(f: Finding) -> float:
        if f.movement_id:
            return order.get(f.movement_id, last)
        return starts.get(f.posture_id, last) - 0.5 if f.posture_id else last

    return sorted((f for f in all_found.values() if f.id not in look.form.set_aside), key=place)


def of_variants(
    other: Seen, variants: Sequence[Posture], before: Collection[str], aside: Collection[str]
) -> list[Finding]:
    """What is noticed only where a form is done in other ways: by the variants' own ids. `other`: the form done so; `before`: what
    was noticed of it in its usual ways; `aside`: what was set aside."""
    title = VARIANTS[variants[0].variant or "other"].title
    ids = {v.variant_of: v.id for v in variants}
    out = []
    for f in read_through(other):
        id_ = f"{f.id}@{variants[0].variant}"
        if f.id not in before and id_ not in aside:
            posture = ids.get(f.posture_id, f.posture_id)
            out.append(f.model_copy(update={"id": id_, "posture_id": posture, "title": f"{title}: {f.title}"}))
    return out


def _mark(look: Seen) -> Iterator[Finding]:
    if not look.trace.steps:
        return
    mark = mark_of(look.trace)
    if not mark.closed():
        yield found("off-the-mark", mark.sentence())


def _room(look: Seen) -> Iterator[Finding]:
    """Whether the form stays in its room and in the picture: from its own start spot, else from the best one that
    faces the front."""
    room = look.form.room
    if room is None or not look.trace.steps:
        return
    start = look.form.start
    for kind, picture, what in (("leaves-room", False, "room"), ("leaves-picture", True, "picture")):
        if picture and room.camera is None:
            return
        discs = space(look.trace)
        spot = start or best_spot(discs, room, room.front_deg, picture).spot
        by = min(clearance(discs, room, spot, picture))
        if by >= 0:
            continue
        begun = "from its start spot" if start else "wherever it begins facing the front"
        id_: CheckId = "leaves-room" if kind == "leaves-room" else "leaves-picture"
        yield found(id_, f"The form leaves the {what} by {-by:.2f} m, {begun}.")
        return


CHECKS_IN_ORDER: tuple[Callable[[Seen], Iterator[Finding]], ...] = (
    feet_findings, stances, jumps, one_leg, breath_findings, postures, gentler, words, _mark, _room,
)  # fmt: skip
"""All checks. To look for something else, add one."""
