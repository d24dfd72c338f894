"""Mends: changes to a form that remove a finding. Each is tried before it is offered: it removes its finding and adds
none."""

from __future__ import annotations

from collections.abc import Callable, Iterator

from kemvo.core.model.form import Form
from kemvo.core.review import mends_feet as feet
from kemvo.core.review import mends_flow as flow
from kemvo.core.review.checks import read_through
from kemvo.core.review.context import Seen, seen
from kemvo.core.review.findings import CheckId, Finding
from kemvo.core.review.form_edits import Try
from kemvo.core.types import Value


class Mend(Value):
    """A change that takes a finding away: what it does, in words, and the form with it."""

    says: str
    form: Form


def mends(form: Form, finding_id: str, most: int = 3) -> list[Mend]:
    """The mends of a finding, the smallest change first. Empty when none is known, or the finding is not there."""
    look = seen(form)
    before = {f.id: f for f in read_through(look)}
    finding = before.get(finding_id)
    if finding is None:
        return []
    out: list[Mend] = []
    for tried in MENDERS.get(finding.kind, _none)(look, finding):
        if tried.form == form or any(tried.form == m.form for m in out):
            continue
        after = {f.id for f in read_through(seen(tried.form))}
        if finding.id not in after and after <= before.keys():
            out.append(Mend(says=tried.says, form=tried.form))
            if len(out) == most:
                break
    return out


def _none(_: Seen, __: Finding) -> Iterator[Try]:
    return iter(())


MENDERS: dict[CheckId, Callable[[Seen, Finding], Iterator[Try]]] = {
    "moved-loaded": feet.empty_first,
    "turned-loaded": feet.empty_first,
    "knee-line": feet.turn_while_empty,
    "double-turning": feet.one_leg_first,
    "one-leg-long": flow.shorter_stand,
    "no-gentler": flow.gentler,
    "on-a-line": feet.bow,
    "too-long": feet.bow,
    "crossed": feet.bow,
    "empty-loaded": feet.free_foot,
    "stance-weight": feet.stance_weight,
    "weight-jump": feet.say_shift,
    "facing-jump": feet.no_facing,
    "breath-twice": flow.other_breath,
    "breath-long": flow.shorter_breath,
    "breath-short": flow.longer_breath,
    "sides-unequal": flow.same_counts,
    "not-alternating": flow.alternate,
    "off-the-mark": feet.close,
    "leaves-room": feet.into_room,
    "leaves-picture": feet.into_room,
}
"""Who mends what. A finding without a row here, or whose mends all fail their trial, is for the instructor alone."""
