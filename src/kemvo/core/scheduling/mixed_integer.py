"""A schedule under ceilings as a mixed integer program, for HiGHS (Huangfu and Hall 2018) through SciPy: asked where prices on
speech alone leave a gap to what none can exceed.

Every way to say something and every free stretch it may begin in is a choice; its beginning is zero where it is not chosen, so that
all but one kind of rows need no large constants.
"""

from __future__ import annotations

from typing import NamedTuple

import numpy as np

from kemvo.core.scheduling.model import TimedUtterance
from kemvo.core.scheduling.task import Option, Task

LIMIT_S = 0.5
"""Seconds after which the best found so far is taken."""

MOST_CHOICES = 400
"""Problems with more choices are not given to the solver: within its time it adds nothing to what prices find (whole practices, whose
gap is 0.2 to 0.9 %: `bench`)."""

INFEASIBLE = 2
"""SciPy's status for a problem that no choice satisfies."""


class Found(NamedTuple):
    """What the solver found: utterances that keep all ceilings, if any, and a bound on what any such schedule brings (worth)."""

    said: list[TimedUtterance] | None
    bound: float


class _Rows:
    """A mixed integer program while it is written down."""

    def __init__(self) -> None:
        self.upper: list[float] = []
        self.cost: list[float] = []
        self.whole: list[int] = []
        self.cells: list[tuple[int, int, float]] = []
        self.least: list[float] = []

    def var(self, upper: float, cost: float = 0.0, whole: bool = False) -> int:
        """A variable from 0 to `upper`."""
        self.upper.append(upper)
        self.cost.append(cost)
        self.whole.append(int(whole))
        return len(self.upper) - 1

    def at_least(self, least: float, *terms: tuple[int, float]) -> None:
        """A row: the terms add up to at least so much."""
        self.cells += [(len(self.least), at, by) for at, by in terms]
        self.least.append(least)


def chosen_by_solver(task: Task, musts: int) -> Found:
    """The best schedule that keeps all ceilings and says at least `musts` of what must be said."""
    talk, n = task.talk, len(task.sayings)
    choices = [(o, a, b) for row in task.options for o in row for a, b in o.starts]
    if not choices or len(choices) > MOST_CHOICES:
        return Found(None, float("inf"))
    rows = _Rows()
    latest = _latest(task)
    free = [rows.var(latest[i]) for i in range(n + 1)]
    for i in range(n):
        rows.at_least(0, (free[i + 1], 1), (free[i], -1))
    covers: list[list[int]] = [[] for _ in range(n)]
    under: list[list[tuple[int, float]]] = [[] for _ in talk.ceilings]
    needed: list[tuple[int, float]] = []
    picks = []
    for o, a, b in choices:
        price = talk.price_per_s * o.ms * task.step / 1000
        y = rows.var(1, price - o.worth / task.scale, whole=True)
        start = rows.var(b)
        picks.append(y)
        rows.at_least(0, (start, 1), (y, -a))
        rows.at_least(0, (start, -1), (y, b))
        rows.at_least(-latest[o.first], (start, 1), (free[o.first], -1), (y, -latest[o.first]))
        rows.at_least(0, (free[o.last + 1], 1), (start, -1), (y, -(o.ms + task.gap)))
        for k in range(o.first, o.last + 1):
            covers[k].append(y)
            for by, sign in ((task.early[k], -1), (task.late[k], 1)):
                if by:
                    off = sign * by / task.scale
                    paid = rows.var(np.inf, 1.0)
                    rows.at_least(0, (paid, 1), (start, -off), (y, -off * (o.ms - task.ideal[k])))
        region = task.regions[task.sayings[o.first].id]
        if region >= 0:
            under[region].append((y, -float(task.length(o))))
        if o.musts:
            needed.append((y, o.musts))
    for those in covers:
        rows.at_least(-1, *((y, -1) for y in those))
    for c, terms in zip(talk.ceilings, under, strict=True):
        rows.at_least(-c.share * (c.to_ms - c.from_ms), *terms)
    if musts:
        rows.at_least(musts, *needed)
    at_row, at_column, values = zip(*rows.cells, strict=True)
    # Loading the solver takes longer than most problems do: only where one is asked.
    from scipy.optimize import Bounds, LinearConstraint, milp
    from scipy.sparse import coo_array

    found = milp(
        np.array(rows.cost),
        constraints=LinearConstraint(
            coo_array((values, (at_row, at_column)), shape=(len(rows.least), len(rows.cost))).tocsr(),
            np.array(rows.least),
            np.inf,
        ),
        bounds=Bounds(0, np.array(rows.upper)),
        integrality=np.array(rows.whole),
        options={"mip_rel_gap": 1e-4, "time_limit": LIMIT_S},
    )
    bound = -float(found.mip_dual_bound) if found.mip_dual_bound is not None else float("inf")
    if found.x is None:
        return Found(None, -float("inf") if found.status == INFEASIBLE else bound)
    taken: list[Option] = [o for (o, _, _), y in zip(choices, picks, strict=True) if found.x[y] > 0.5]
    return Found(task.only((), taken), bound)


def _latest(task: Task) -> list[float]:
    """By when at the latest the speaker is free again, after so many sayings."""
    out = [0.0]
    for row in task.options:
        out.append(max([out[-1], *(float(o.starts[-1][1] + o.ms + task.gap) for o in row)]))
    return out
