"""The schedule against a general solver: HiGHS (Huangfu and Hall 2018), through scipy.optimize.milp, on random instances
small enough for it. The same problem is written down as a mixed integer program with continuous times (bench/milp.py)."""

import random
from itertools import pairwise

import pytest
from bench.milp import milp_value

from kemvo.core.scheduling.model import Ceiling, Join, Said, Saying, Talk, in_order
from kemvo.core.scheduling.reasons import outcomes
from kemvo.core.scheduling.solver import solve


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


@pytest.mark.parametrize("seed", range(150))
def test_under_several_ceilings_it_is_the_solvers_and_they_are_kept_where_they_can_be(seed: int) -> None:
    r, talk = random.Random(10_000 + seed), instance(10_000 + seed)
    end = max(s.due_ms for s in talk.sayings) + 1
    cuts = sorted({0, end, *(r.randint(0, end) for _ in range(r.randint(1, 3)))})
    ceilings = tuple(Ceiling(a, b, r.choice([0.05, 0.1, 0.2, 0.4])) for a, b in pairwise(cuts))
    talk = talk._replace(ceilings=ceilings)
    answer = solve(talk)
    needed = sum(s.must or s.pin_ms is not None for s in talk.sayings)
    best = milp_value(talk)
    assert best is not None
    if not answer.kept:
        # What must be said goes before the ceilings: no schedule that keeps them says as much of it.
        assert best < 1000 * (needed - len(answer.missed)) - 500
        return
    best -= 1000 * (needed - len(answer.missed))
    assert answer.value >= best - 0.005 * abs(best) - 1e-6
    assert answer.bound >= best - 2e-4


def test_two_joins_of_the_same_cues_are_one_with_the_wordings_of_both() -> None:
    sayings = tuple(Saying(i, t, 0, t, (Said(i, 900, 1.0),)) for i, t in (("a", 1000), ("b", 1100)))
    joins = (Join(("a", "b"), (Said("long", 5000, 9.0),)), Join(("a", "b"), (Said("short", 800, 5.0),)))
    talk = Talk(sayings, (), 0, joins)
    answer = solve(talk)
    assert [(u.text, u.wording) for u in answer.utterances] == [("short", 1)]
    assert {o.text for o in outcomes(talk, answer)} == {"short"}
