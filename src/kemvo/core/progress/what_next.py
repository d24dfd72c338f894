"""What next for a class: what to bring back and why, and the next posture it is ready for. It proposes; the instructor decides."""

from __future__ import annotations

from collections.abc import Sequence
from datetime import date

from kemvo.core.progress.account import ClassAccount, PostureAccount
from kemvo.core.progress.levels import LEVELS
from kemvo.core.progress.model import ClassGroup
from kemvo.core.tables.recall import RECALLS, recall_days
from kemvo.core.types import Value

OPEN_COUNTS, JOIN_COUNTS, FEW_COUNTS = 2.0, 1.5, 0.5
"""What an open point and joining on to what is new count for, against one whole interval of time passed; and the most that having been
done a few times only counts for (own choices)."""

DUE = 1.0
"""It is due when so much of its interval has passed."""


class Recap(Value):
    """A posture to bring back. `need`: how much it wants it (1: one whole interval has passed); `due`: whether it should be now;
    `why`: each reason in words."""

    posture_id: str
    number: str
    title: str
    place: int
    need: float
    due: bool
    why: tuple[str, ...]
    points: tuple[str, ...]


class NextPosture(Value):
    """The next posture of the form. `ready`: nothing speaks against it; `why`: what speaks for it, or against."""

    posture_id: str
    number: str
    title: str
    ready: bool
    why: tuple[str, ...]


class WhatNext(Value):
    """What a class should have on a day: what to bring back, what wants it most first; the next posture (None: it has all of the form);
    `also`: what else its course has as new for the day; and what is proposed as new: what its course has for the day, else the next posture if the class is ready for it."""

    day: date
    recap: tuple[Recap, ...]
    new: NextPosture | None
    also: tuple[NextPosture, ...]
    proposed: tuple[str, ...]


def need_of(a: PostureAccount, group: ClassGroup, day: date, joins: bool) -> float:
    """How much a posture wants to be brought back. It grows with the days since it was done, with every open point, and where the new
    posture joins on to it; it falls with the lessons and the times in which it was done."""
    since = max(0, (day - a.last).days) if a.last else recall_days(RECALLS[group.recall], 1)
    passed = since / recall_days(RECALLS[group.recall], max(1, a.lessons))
    return passed + OPEN_COUNTS * len(a.open) + (JOIN_COUNTS if joins else 0.0) + FEW_COUNTS / (1 + a.times)


def what_next(made: ClassAccount, group: ClassGroup, day: date, planned: Sequence[str] | None = None) -> WhatNext:
    """What a class should have on a day. `planned`: the postures that its course has as new for it (None: no course has this day)."""
    new = _new(made, group, planned)
    joined = _before(made, new.posture_id) if new else None
    found: list[Recap] = []
    for place, a in enumerate(made.postures):
        if not a.taught() or (new and a.posture_id == new.posture_id):
            continue
        joins = joined is not None and a.posture_id == joined.posture_id
        need = need_of(a, group, day, joins)
        found.append(
            Recap(
                posture_id=a.posture_id, number=a.number, title=a.title, place=place, need=round(need, 6), due=_due(a, group, day) or joins,
                why=_why(a, group, day, new if joins else None), points=tuple(p.text for p in a.open),
            )
        )  # fmt: skip
    # Of those that want it as much, the one that comes first in the form.
    found.sort(key=lambda r: (-r.need, r.place))
    if planned is not None:
        at_day = [a for a in made.postures if a.posture_id in planned and not a.taught()]
        proposed = tuple(a.posture_id for a in at_day if not a.to_fill)
        also = tuple(_more(a) for a in at_day if new is None or a.posture_id != new.posture_id)
    else:
        proposed = (new.posture_id,) if new and new.ready else ()
        also = ()
    return WhatNext(day=day, recap=tuple(found), new=new, also=also, proposed=proposed)


TO_FILL = "it has no movements yet: add them on the form sheet first"


def _more(a: PostureAccount) -> NextPosture:
    """A further posture that a course has for a day."""
    why = TO_FILL if a.to_fill else "the course has it for this day"
    return NextPosture(posture_id=a.posture_id, number=a.number, title=a.title, ready=not a.to_fill, why=(why,))


def _due(a: PostureAccount, group: ClassGroup, day: date) -> bool:
    if a.last is None or a.open:
        return True
    return (day - a.last).days >= DUE * recall_days(RECALLS[group.recall], max(1, a.lessons))


def _why(a: PostureAccount, group: ClassGroup, day: date, joining: NextPosture | None) -> tuple[str, ...]:
    said = [f"open: {p.text}" for p in a.open]
    if joining:
        said.append(f"{joining.title} joins on to it")
    if a.last is None:
        said.append("shown, not done yet" if a.shown else "taught before this log begins")
    else:
        due = recall_days(RECALLS[group.recall], max(1, a.lessons))
        said.append(f"last done {_ago((day - a.last).days)}")
        if (day - a.last).days >= due:
            said.append(f"due {_after(due)}")
    if a.last is not None:
        said.append(f"done in {a.lessons} lesson{'s' * (a.lessons != 1)}, {a.times} time{'s' * (a.times != 1)} in all")
    return tuple(said)


def _ago(days: int) -> str:
    if days <= 0:
        return "today" if days == 0 else "later than this day"
    if days == 1:
        return "yesterday"
    return f"{days} days ago" if days < 14 else f"{round(days / 7)} weeks ago"


def _after(days: float) -> str:
    weeks = days / 7
    return f"after {days:.0f} days" if days < 14 else f"after {weeks:.0f} weeks"


def _before(made: ClassAccount, posture_id: str) -> PostureAccount | None:
    """The posture it joins on to: the one before it, if the class has had it."""
    at = next((i for i, a in enumerate(made.postures) if a.posture_id == posture_id), 0)
    return made.postures[at - 1] if at and made.postures[at - 1].taught() else None


def _new(made: ClassAccount, group: ClassGroup, planned: Sequence[str] | None) -> NextPosture | None:
    untaught = [a for a in made.postures if not a.taught()]
    chosen = next((a for a in untaught if a.posture_id in (planned or ())), untaught[0] if untaught else None)
    if chosen is None:
        return None
    row = LEVELS[group.level]
    against: list[str] = []
    said: list[str] = ["the course has it for this day"] if chosen.posture_id in (planned or ()) else []
    if planned is not None and not planned:
        against.append("the course has nothing new for this day")
    if chosen.to_fill:
        against.append(TO_FILL)
    before = _before(made, chosen.posture_id)
    if before is None and chosen is not made.postures[0]:
        against.append("the posture before it has not been taught")
    if before is not None:
        if not before.known and before.lessons < row.lessons_before_next:
            against.append(f"{before.title} was done in {before.lessons} lesson{'s' * (before.lessons != 1)} only")
        against += [f"{before.title} is open: {p.text}" for p in before.open]
        said.append(f"it joins on to {before.title}")
    elif chosen is made.postures[0]:
        said.append("it begins the form")
    return NextPosture(
        posture_id=chosen.posture_id,
        number=chosen.number,
        title=chosen.title,
        ready=not against,
        why=tuple(against or said),
    )
