"""Fitting a lesson to the hour: whole repeats, tempos and rests within their bounds, and blocks left out, so that the
total is met and least is lost.

With its repeats chosen, a block loses evenly with how far its pace (time a count) and its rest go from what was wished:
its loss is a convex broken line over its length. For any choice of repeats the best lengths follow exactly (`_shared`);
the choice itself is made by going through all choices where they are few, and else by dynamic programming on a grid of
seconds, mended by changing one block or two at a time. How near the answer is to the best possible one is told by a
bound from below (Lagrange's).
"""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from itertools import combinations, product
from math import inf, prod
from typing import NamedTuple

import numpy as np
import numpy.typing as npt

Array = npt.NDArray[np.float64]

PACE_LOSS, REPEAT_LOSS, REST_LOSS, DROP_LOSS = 1.0, 1.0, 0.3, 2.5
"""What it costs to change all of a block's pace, repeats or rest, and to leave it out, for a block that matters 1. Own
choices: a rest is given up first, a block last."""

FEW = 3000
"""Up to so many choices are gone through one by one: the answer is then exact."""

GRID_MS = 1000.0


class FitBlock(NamedTuple):
    """A block as the fitting sees it, times in milliseconds. `moving_ms`: one time through at the wished pace, holds
    apart; `held_ms`: holds of one time through. `fixed_ms`: what never changes. `rest_ms`: still time that may change.
    Paces are shares of the wished time a count (0.9: a tenth quicker). `matters`: 1 to 5. `drop`: may be left out."""

    name: str
    moving_ms: float
    held_ms: float = 0.0
    fixed_ms: float = 0.0
    repeats: int = 1
    repeats_least: int = 1
    repeats_most: int = 1
    pace_least: float = 1.0
    pace_most: float = 1.0
    rest_ms: float = 0.0
    rest_least: float = 0.0
    rest_most: float = 0.0
    matters: float = 3.0
    drop: bool = False

    def stands(self) -> tuple[float, float]:
        """The pace and rest it has before anything changes: as wished, else the nearest its bounds allow."""
        pace = min(max(1.0, self.pace_least), self.pace_most)
        rest = min(max(self.rest_ms, self.rest_least), self.rest_most) if self.rest_most else self.rest_ms
        return pace, rest


class Chosen(NamedTuple):
    """What becomes of a block: `repeats` 0 means left out."""

    repeats: int
    pace: float
    rest_ms: float
    ms: float
    loss: float


class Fitted(NamedTuple):
    """A whole answer: what becomes of every block, the total, how much is lost, a bound below which no answer loses, and
    whether the wish is met exactly (else this is the nearest total possible)."""

    blocks: tuple[Chosen, ...]
    total_ms: float
    loss: float
    bound: float
    met: bool


class _Option(NamedTuple):
    """A choice of repeats for a block: its length with the wished pace and rest, the loss then, and how much it can
    grow or shrink at which loss a millisecond (cheapest first: the broken line). `steps` names what changes."""

    repeats: int
    ms: float
    loss: float
    longer: tuple[tuple[float, float, str], ...]
    shorter: tuple[tuple[float, float, str], ...]

    def least(self) -> float:
        return self.ms - sum(s[0] for s in self.shorter)

    def most(self) -> float:
        return self.ms + sum(s[0] for s in self.longer)


def options(b: FitBlock) -> list[_Option]:
    """All choices of repeats of a block, 0 for leaving it out."""
    found = []
    pace, rest = b.stands()
    for r in range(b.repeats_least, b.repeats_most + 1):
        moving = r * b.moving_ms
        loss = b.matters * REPEAT_LOSS * abs(r - b.repeats) / max(1, b.repeats)
        pace_slope = b.matters * PACE_LOSS / moving if moving else 0.0
        rest_slope = b.matters * REST_LOSS / max(rest, 30_000.0)
        longer, shorter = [], []
        loss += b.matters * PACE_LOSS * abs(pace - 1.0)
        for room, slope, name in (
            ((b.pace_most - pace) * moving, pace_slope, "pace"),
            (max(0.0, b.rest_most - rest), rest_slope, "rest"),
        ):
            if room > 1e-9:
                longer.append((room, slope, name))
        for room, slope, name in (
            ((pace - b.pace_least) * moving, pace_slope, "pace"),
            (max(0.0, rest - b.rest_least) if b.rest_most else 0.0, rest_slope, "rest"),
        ):
            if room > 1e-9:
                shorter.append((room, slope, name))
        ms = moving * pace + r * b.held_ms + b.fixed_ms + rest
        key = lambda s: s[1]  # noqa: E731
        found.append(_Option(r, ms, loss, tuple(sorted(longer, key=key)), tuple(sorted(shorter, key=key))))
    if b.drop:
        found.append(_Option(0, 0.0, b.matters * DROP_LOSS, (), ()))
    return found


def fit(blocks: Sequence[FitBlock], wished_ms: float) -> Fitted:
    """The choice that meets the total and loses least; the nearest possible total where none meets it."""
    table = [options(b) for b in blocks]
    least = sum(min(o.least() for o in row) for row in table)
    most = sum(max(o.most() for o in row) for row in table)
    goal = min(max(wished_ms, least), most)
    choose = _all_choices if prod(len(r) for r in table) <= FEW else _by_grid
    chosen = choose(table, goal)
    if chosen is None:
        goal = _nearest(table, wished_ms)
        chosen = choose(table, goal)
        assert chosen is not None
    loss, picked = chosen
    told = tuple(_told(b, o, change) for b, o, change in zip(blocks, picked, _shared(picked, goal)[1], strict=True))
    total = sum(c.ms for c in told)
    return Fitted(told, total, loss, min(loss, _bound(table, goal)), abs(total - wished_ms) < 0.5)


def _told(b: FitBlock, o: _Option, change: dict[str, float]) -> Chosen:
    if o.repeats == 0:
        return Chosen(0, 1.0, 0.0, 0.0, o.loss)
    moving = o.repeats * b.moving_ms
    pace, rest = b.stands()
    pace += change.get("pace", 0.0) / moving if moving else 0.0
    rest += change.get("rest", 0.0)
    ms = moving * pace + o.repeats * b.held_ms + b.fixed_ms + rest
    return Chosen(o.repeats, pace, rest, ms, o.loss + change.get("loss", 0.0))


def _shared(picked: Sequence[_Option], goal: float) -> tuple[float, list[dict[str, float]]]:
    """The best lengths for chosen repeats: what is missing (or too much) is taken from the cheapest places first.
    Infinite where the goal is out of reach."""
    changes: list[dict[str, float]] = [{} for _ in picked]
    loss = sum(o.loss for o in picked)
    missing = goal - sum(o.ms for o in picked)
    sign = 1 if missing > 0 else -1
    places = sorted(
        (slope, i, room, name)
        for i, o in enumerate(picked)
        for room, slope, name in (o.longer if sign > 0 else o.shorter)
    )
    left = abs(missing)
    for slope, i, room, name in places:
        if left <= 1e-9:
            break
        taken = min(room, left)
        left -= taken
        loss += taken * slope
        changes[i][name] = changes[i].get(name, 0.0) + sign * taken
        changes[i]["loss"] = changes[i].get("loss", 0.0) + taken * slope
    return (loss if left <= 1e-6 else inf), changes


def _all_choices(table: Sequence[Sequence[_Option]], goal: float) -> tuple[float, tuple[_Option, ...]] | None:
    best: tuple[float, tuple[_Option, ...]] | None = None
    for picked in product(*table):
        if sum(o.loss for o in picked) >= (best[0] if best else inf):
            continue
        loss = _shared(picked, goal)[0]
        if loss < (best[0] if best else inf):
            best = (loss, picked)
    return best


def _by_grid(table: Sequence[Sequence[_Option]], goal: float) -> tuple[float, tuple[_Option, ...]] | None:
    """Dynamic programming over the blocks on a grid of total time, then changes of one block or two."""
    grid = max(GRID_MS, goal / 3000)
    n = int(goal / grid) + 2
    value = np.full(n, inf)
    value[0] = 0.0
    came: list[npt.NDArray[np.int32]] = []
    used: list[npt.NDArray[np.int32]] = []
    for row in table:
        cost, which, low = _on_grid(row, grid, n)
        new, back = np.full(n, inf), np.zeros(n, dtype=np.int32)
        for k in np.flatnonzero(np.isfinite(cost)):
            at = low + int(k)
            if at >= n:
                break
            moved = value[: n - at] + cost[k]
            better = moved < new[at:]
            new[at:][better] = moved[better]
            back[at:][better] = k
        value = new
        came.append(back)
        used.append(which)
    best: tuple[float, tuple[_Option, ...]] | None = None
    for end in range(max(0, int(goal / grid) - len(table)), n):
        if not np.isfinite(value[end]):
            continue
        picked = _walk_back(table, came, used, end, grid)
        loss = _shared(picked, goal)[0]
        if loss < (best[0] if best else inf):
            best = (loss, picked)
    return _mended(table, goal, best) if best else None


def _low(row: Sequence[_Option], grid: float) -> int:
    return round(min(o.least() for o in row) / grid)


def _on_grid(row: Sequence[_Option], grid: float, n: int) -> tuple[Array, npt.NDArray[np.int32], int]:
    """The least loss of a block for every length on the grid, from its shortest on, and by which option."""
    low = _low(row, grid)
    high = min(n, round(max(o.most() for o in row) / grid))
    size = max(1, high - low + 1)
    cost, which = np.full(size, inf), np.zeros(size, dtype=np.int32)
    for i, o in enumerate(row):
        for k in range(max(0, round(o.least() / grid) - low), min(size, round(o.most() / grid) - low + 1)):
            goal = min(max((low + k) * grid, o.least()), o.most())
            loss = _shared((o,), goal)[0]
            if loss < cost[k]:
                cost[k], which[k] = loss, i
    return cost, which, low


def _walk_back(
    table: Sequence[Sequence[_Option]],
    came: Sequence[npt.NDArray[np.int32]],
    used: Sequence[npt.NDArray[np.int32]],
    end: int,
    grid: float,
) -> tuple[_Option, ...]:
    picked: list[_Option] = []
    for row, back, which in zip(reversed(table), reversed(came), reversed(used), strict=True):
        k = int(back[end])
        picked.append(row[int(which[k])])
        end -= _low(row, grid) + k
    return tuple(reversed(picked))


def _mended(
    table: Sequence[Sequence[_Option]], goal: float, best: tuple[float, tuple[_Option, ...]]
) -> tuple[float, tuple[_Option, ...]]:
    """Changes of one block, then of two, as long as they lose less."""
    loss, picked = best
    better = True
    while better:
        better = False
        for at in (*combinations(range(len(table)), 1), *combinations(range(len(table)), 2)):
            for choice in product(*(_near(table[i], picked[i], len(at)) for i in at)):
                tried = list(picked)
                for i, o in zip(at, choice, strict=True):
                    tried[i] = o
                if sum(o.loss for o in tried) >= loss:
                    continue
                new = _shared(tried, goal)[0]
                if new < loss - 1e-12:
                    loss, picked, better = new, tuple(tried), True
    return loss, picked


def _near(row: Sequence[_Option], now: _Option, many: int) -> Iterable[_Option]:
    """Other choices for a block: all when it is changed alone, one more or one less when with another."""
    return [o for o in row if o is not now and (many == 1 or abs(o.repeats - now.repeats) <= 1)]


def _nearest(table: Sequence[Sequence[_Option]], wished: float) -> float:
    """The possible total nearest to a wish that falls into a gap."""
    reach: list[tuple[float, float]] = [(0.0, 0.0)]
    for row in table:
        parts = sorted((a + o.least(), b + o.most()) for a, b in reach for o in row)
        merged: list[tuple[float, float]] = []
        for a, b in parts:
            if merged and a <= merged[-1][1] + 1e-9:
                merged[-1] = (merged[-1][0], max(merged[-1][1], b))
            else:
                merged.append((a, b))
        reach = merged
    return min((min(max(wished, a), b) for a, b in reach), key=lambda t: (abs(t - wished), t))


def _bound(table: Sequence[Sequence[_Option]], goal: float) -> float:
    """A loss below which no answer can be: the best over prices on time of the sum of what each block would do alone."""
    corners: list[list[tuple[float, float]]] = []
    for row in table:
        points: list[tuple[float, float]] = []
        for o in row:
            points.append((o.ms, o.loss))
            for steps, sign in ((o.longer, 1), (o.shorter, -1)):
                ms, loss = o.ms, o.loss
                for room, slope, _ in steps:
                    ms, loss = ms + sign * room, loss + room * slope
                    points.append((ms, loss))
        corners.append(points)
    prices = sorted({0.0, *(s[1] * sign for row in table for o in row for s, sign in ((x, y) for y in (1, -1) for x in (*o.longer, *o.shorter)))})  # fmt: skip
    for points in corners:
        for (t1, l1), (t2, l2) in combinations(points, 2):
            if abs(t1 - t2) > 1e-6 and len(prices) < 20_000:
                prices.append((l1 - l2) / (t1 - t2))
    price = np.array(sorted(set(prices)))
    total: Array = price * goal
    for points in corners:
        times, losses = np.array([p[0] for p in points]), np.array([p[1] for p in points])
        total = total + (losses[None, :] - price[:, None] * times[None, :]).min(axis=1)
    return float(total.max())
