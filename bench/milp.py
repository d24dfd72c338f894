"""The scheduler's problem as a mixed integer program with continuous times, for HiGHS through scipy.optimize.milp."""

from __future__ import annotations

import numpy as np
from scipy.optimize import Bounds, LinearConstraint, milp
from scipy.sparse import coo_array

from kemvo.core.scheduling.model import Talk, in_order, regions


def milp_value(talk: Talk, limit_s: float = 0.0) -> float | None:
    """The optimum of a problem by HiGHS, None when it has not found it within its time. What must be said counts a thousand
    more."""
    sayings = in_order(talk.sayings)
    long = float(max([s.due_ms for s in sayings] + [b for _, b in talk.blocked], default=0) + 60_000)
    at = {s.id: i for i, s in enumerate(sayings)}
    options = [(i, i, w, s.opens_ms, s.due_ms, s.pin_ms) for i, s in enumerate(sayings) for w in s.wordings]
    for j in talk.joins:
        part = [sayings[at[x]] for x in j.ids]
        options += [
            (at[j.ids[0]], at[j.ids[-1]], w, part[0].opens_ms, min(s.due_ms for s in part), None) for w in j.wordings
        ]
    names: dict[object, int] = {}
    lower, upper, cost, whole = [], [], [], []

    def var(name: object, lo: float, hi: float, c: float = 0.0, integer: bool = False) -> int:
        names[name] = len(lower)
        lower.append(lo)
        upper.append(hi)
        cost.append(c)
        whole.append(int(integer))
        return names[name]

    rows: list[tuple[dict[int, float], float]] = []

    def at_least(terms: dict[int, float], least: float) -> None:
        rows.append((terms, least))

    for i in range(len(sayings) + 1):
        var(("free", i), 0, long)
        if i:
            at_least({names["free", i]: 1, names["free", i - 1]: -1}, 0)
    for k, (first, last, w, opens, due, pin) in enumerate(options):
        needed = sum(s.must or s.pin_ms is not None for s in sayings[first : last + 1])
        worth = w.worth + 1000 * needed - talk.price_per_s * w.ms / 1000
        y = var(("y", k), 0, 1, -worth, True)
        s = var(("s", k), 0, long)
        lo, hi = (opens, due - w.ms) if pin is None else (pin, pin)
        if hi < lo:
            upper[y] = 0
            continue
        at_least({s: 1, y: -long}, lo - long)
        at_least({s: -1, y: -long}, -hi - long)
        at_least({s: 1, names["free", first]: -1, y: -long}, -long)
        at_least({names["free", last + 1]: 1, s: -1, y: -long}, w.ms + talk.gap_ms - long)
        for a, b in talk.blocked:
            z = var(("z", k, a), 0, 1, 0.0, True)
            at_least({s: -1, y: -long, z: long}, w.ms - a - long)
            at_least({s: 1, y: -long, z: -long}, b - 2 * long)
        for n in range(first, last + 1):
            x = sayings[n]
            ideal = x.due_ms if x.ideal_ms is None else x.ideal_ms
            p = var(("p", k, n), 0, 1000, 1.0)
            for sign, price in ((-1, x.early), (1, x.late)):
                # p >= price (end - ideal) sign / 1000, when said
                at_least({p: 1, s: -sign * price / 1000, y: -1000}, sign * price * (w.ms - ideal) / 1000 - 1000)
    for i in range(len(sayings)):
        at_least({names["y", k]: -1.0 for k, o in enumerate(options) if o[0] <= i <= o[1]}, -1.0)
    region = regions(talk)
    for n, c in enumerate(talk.ceilings):
        under = {names["y", k]: -float(o[2].ms) for k, o in enumerate(options) if region[sayings[o[0]].id] == n}
        if under:
            at_least(under, -c.share * (c.to_ms - c.from_ms))
    cells = [(r, c, v) for r, (terms, _) in enumerate(rows) for c, v in terms.items()]
    at_row, at_column, values = zip(*cells, strict=True)
    matrix = coo_array((values, (at_row, at_column)), shape=(len(rows), len(lower))).tocsr()
    found = milp(
        np.array(cost),
        constraints=LinearConstraint(matrix, np.array([b for _, b in rows]), np.inf),
        bounds=Bounds(np.array(lower), np.array(upper)),
        integrality=np.array(whole),
        options={"mip_rel_gap": 0.0, **({"time_limit": limit_s} if limit_s else {})},
    )
    return -float(found.fun) if found.success else None
