"""The schedule against a general solver: HiGHS (Huangfu and Hall 2018), through scipy.optimize.milp, on random instances
small enough for it. The same problem is written down as a mixed integer program with continuous times."""

import random
from itertools import pairwise

import numpy as np
import pytest
from scipy.optimize import Bounds, LinearConstraint, milp

from kemvo.core.schedule import Join, Said, Saying, Talk, in_order, solve

LONG = 200_000.0


def milp_value(talk: Talk) -> float:
    """The optimum of a problem by HiGHS. What must be said counts a thousand more."""
    sayings = in_order(talk.sayings)
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
        var(("free", i), 0, LONG)
        if i:
            at_least({names["free", i]: 1, names["free", i - 1]: -1}, 0)
    for k, (first, last, w, opens, due, pin) in enumerate(options):
        needed = sum(s.must or s.pin_ms is not None for s in sayings[first : last + 1])
        worth = w.worth + 1000 * needed - talk.price_per_s * w.ms / 1000
        y = var(("y", k), 0, 1, -worth, True)
        s = var(("s", k), 0, LONG)
        lo, hi = (opens, due - w.ms) if pin is None else (pin, pin)
        if hi < lo:
            upper[y] = 0
            continue
        at_least({s: 1, y: -LONG}, lo - LONG)
        at_least({s: -1, y: -LONG}, -hi - LONG)
        at_least({s: 1, names["free", first]: -1, y: -LONG}, -LONG)
        at_least({names["free", last + 1]: 1, s: -1, y: -LONG}, w.ms + talk.gap_ms - LONG)
        for a, b in talk.blocked:
            z = var(("z", k, a), 0, 1, 0.0, True)
            at_least({s: -1, y: -LONG, z: LONG}, w.ms - a - LONG)
            at_least({s: 1, y: -LONG, z: -LONG}, b - 2 * LONG)
        for n in range(first, last + 1):
            x = sayings[n]
            ideal = x.due_ms if x.ideal_ms is None else x.ideal_ms
            p = var(("p", k, n), 0, 1000, 1.0)
            for sign, price in ((-1, x.early), (1, x.late)):
                # p >= price (end - ideal) sign / 1000, when said
                at_least({p: 1, s: -sign * price / 1000, y: -1000}, sign * price * (w.ms - ideal) / 1000 - 1000)
    for i in range(len(sayings)):
        at_least({names["y", k]: -1.0 for k, o in enumerate(options) if o[0] <= i <= o[1]}, -1.0)
    matrix = np.zeros((len(rows), len(lower)))
    for r, (terms, _) in enumerate(rows):
        for c, v in terms.items():
            matrix[r, c] = v
    found = milp(
        np.array(cost),
        constraints=LinearConstraint(matrix, np.array([b for _, b in rows]), np.inf),
        bounds=Bounds(np.array(lower), np.array(upper)),
        integrality=np.array(whole),
        options={"mip_rel_gap": 0.0},
    )
    assert found.success
    return -float(found.fun)


def instance(seed: int) -> Talk:
    """A random problem in which things are in each other's way."""
    r = random.Random(seed)
    t, sayings = 3000, []
    for i in range(r.randint(2, 7)):
        t += r.choice([0, 300, 900, 1700])
        ms = [r.randint(300, 3000) for _ in range(r.randint(1, 3))]
        wordings = tuple(
            Said(f"{i}.{k}", m, round(r.uniform(0.5, 8), 2)) for k, m in enumerate(sorted(ms, reverse=True))
        )
        opens = max(0, t - r.randint(0, 4000))
        due = t + r.choice([-250, 0, 800])
        ideal = r.choice([None, due - r.randint(0, 900), due])
        pin = r.choice([None] * 9 + [opens + r.randint(0, 800)])
        sayings.append(
            Saying(
                f"c{r.randint(0, 9)}{i}", t, opens, due, wordings, ideal,
                r.choice([0.0, 0.25, 1.5]), r.choice([0.0, 2.0]), r.random() < 0.15, pin, r.randint(0, 2),
            )
        )  # fmt: skip
    order = in_order(sayings)
    joins = []
    for a, b in pairwise(order):
        if r.random() < 0.4 and a.pin_ms is None and b.pin_ms is None:
            both = max(w.ms for w in (*a.wordings, *b.wordings)) + 200
            joins.append(Join((a.id, b.id), (Said("joined", both, round(r.uniform(1, 12), 2)),)))
    blocked = tuple((x, x + r.randint(200, 1500)) for x in (r.randint(0, t) for _ in range(r.randint(0, 2))))
    r.shuffle(sayings)
    return Talk(tuple(sayings), blocked, r.choice([0, 150, 200]), tuple(joins), (), r.choice([0.0, 0.0, 0.7]))


@pytest.mark.parametrize("seed", range(300))
def test_the_schedule_is_the_solvers(seed: int) -> None:
    talk = instance(seed)
    answer = solve(talk)
    said = {x for u in answer.utterances for x in u.ids}
    needed = sum(s.must or s.pin_ms is not None for s in talk.sayings)
    assert answer.value + 1000 * (needed - len(answer.missed)) == pytest.approx(milp_value(talk), abs=2e-4)
    assert len(answer.missed) == len([s for s in talk.sayings if (s.must or s.pin_ms is not None) and s.id not in said])
