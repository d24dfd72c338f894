"""Schedules that keep ceilings on talk: a price on speech under each, raised until it is kept; then what is left free is used."""

from __future__ import annotations

from collections.abc import Iterator, Sequence

from kemvo.core.scheduling.mixed_integer import chosen_by_solver
from kemvo.core.scheduling.model import Answer, TimedUtterance, overrun, spoken_ms
from kemvo.core.scheduling.task import Option, Task

ROUNDS = 24
"""The most prices on speech that are tried to meet the ceilings."""
HALVINGS = 3
"""How many times the span of one price is halved when it is lowered by itself."""
TRIES = 20
"""How many times at most something more is tried in what is left free."""
NEAR = 0.004
"""An answer so near to what none can exceed (a share of it) is not looked at further."""
TOLERANCE = 1e-6
"""What the general solver may be off by, in worth (its own feasibility tolerance)."""
HIGHEST = 1e6
"""A price beyond which nothing is said any more."""


def within_ceilings(task: Task) -> Answer:
    """The best schedule found that keeps all ceilings, with a bound on what any can bring. What must be said is said whatever the
    ceilings allow."""
    talk = task.talk
    low, high = [0.0] * len(talk.ceilings), [0.0] * len(talk.ceilings)
    bounded = set(overrun(talk, task.best(low)))
    open_ = set(bounded)
    kept: tuple[list[TimedUtterance], list[float]] | None = None
    bound = float("inf")
    for _ in range(ROUNDS):
        tried = [
            0.0 if i not in bounded else (max(1.0, 2 * low[i]) if i in open_ else (low[i] + high[i]) / 2)
            for i in range(len(low))
        ]
        said = task.best(tried)
        bound = min(bound, task.bound(said, tried))
        over = set(overrun(talk, said))
        bounded |= over - bounded
        for i in bounded:
            if i in over:
                low[i] = tried[i]
                if not open_ and high[i] <= tried[i]:
                    open_.add(i)
            else:
                high[i] = tried[i]
                open_.discard(i)
        if not over and (kept is None or task.value(said) > task.value(kept[0])):
            kept = said, tried
        if not open_ and all(high[i] - low[i] <= 1e-3 * high[i] for i in bounded):
            break
        if any(low[i] > HIGHEST for i in open_):
            break
    if kept is None:
        tried = [max(a, b) for a, b in zip(low, high, strict=True)]
        quiet = [HIGHEST] * len(low)
        kept = next(((s, p) for p in (tried, quiet) if not overrun(talk, s := task.best(p))), None)
        if kept is None:
            return task.answer(task.best(tried), low)
    enough = (1 - NEAR) * bound * task.scale
    kept = _lowered(task, *kept, sorted(bounded), enough)
    said = _filled(task, kept[0], enough)
    if task.value(said) < enough:
        found = chosen_by_solver(task, task.musts_of(said))
        bound = min(bound, found.bound + TOLERANCE)
        if found.said is not None and not overrun(talk, found.said) and task.value(found.said) > task.value(said):
            said = found.said
    answer = task.answer(said, kept[1])
    return answer._replace(bound=max(bound, answer.value))


def _lowered(
    task: Task, said: list[TimedUtterance], prices: list[float], bounded: Sequence[int], enough: float
) -> tuple[list[TimedUtterance], list[float]]:
    """Each price lowered by itself as far as all ceilings are still kept, where that brings more."""
    for i in bounded:
        low, high = 0.0, prices[i]
        for _ in range(HALVINGS if task.value(said) < enough else 0):
            tried = [*prices[:i], (low + high) / 2, *prices[i + 1 :]]
            found = task.best(tried)
            if overrun(task.talk, found):
                low = tried[i]
                continue
            high = tried[i]
            if task.value(found) > task.value(said):
                said, prices = found, tried
    return said, prices


def _filled(task: Task, said: list[TimedUtterance], enough: float) -> list[TimedUtterance]:
    """What is left under the ceilings used: under each, one thing more at a time, or said more fully; what is worth most for its
    length first."""
    tried: set[Option] = set()
    for _ in range(TRIES):
        if task.value(said) >= enough:
            break
        more: dict[int, Option] = {}
        for o in _fitting(task, said):
            if o not in tried:
                more.setdefault(task.regions[task.sayings[o.first].id], o)
        if not more:
            break
        tried |= set(more.values())
        found = task.only(said, list(more.values()))
        if not overrun(task.talk, found) and task.value(found) > task.value(said):
            said = found
    return said


def _fitting(task: Task, said: Sequence[TimedUtterance]) -> Iterator[Option]:
    """The ways to say something that are not used and for which the ceilings leave room, the most worth for their length first."""
    talk = task.talk
    at = {s.id: i for i, s in enumerate(task.sayings)}
    used = {(at[u.ids[0]], at[u.ids[-1]], u.wording) for u in said}
    now = {k: u for u in said for k in range(at[u.ids[0]], at[u.ids[-1]] + 1)}
    spent = spoken_ms(talk, said)
    free = [c.share * (c.to_ms - c.from_ms) - ms for c, ms in zip(talk.ceilings, spent, strict=True)]

    def gains(o: Option) -> float:
        before = {now[k] for k in range(o.first, o.last + 1) if k in now}
        return o.worth - sum(task.worth_of(u) for u in before)

    fitting = []
    for row in task.options:
        for o in row:
            region = task.regions[task.sayings[o.first].id]
            if (o.first, o.last, o.wording) in used:
                continue
            given = sum(u.end_ms - u.start_ms for u in {now[k] for k in range(o.first, o.last + 1) if k in now})
            length = o.ms * task.step
            if (region < 0 or length - given <= free[region]) and gains(o) > 0:
                fitting.append(o)
    yield from sorted(fitting, key=lambda o: -gains(o) / max(1, o.ms))
