"""A scheduling problem made ready, and its optimum at given prices on speech. Knows nothing of tai chi.

`F[i](t)` is the most the first i sayings can bring with the speaker free at t; F[i+1] follows by trying every wording at every
end. Times are multiples of their common divisor, worths whole millionths, so the answer is the optimum itself.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from itertools import pairwise
from typing import NamedTuple

import numpy as np

from kemvo.core.errors import KemvoError, Problem
from kemvo.core.scheduling.model import (
    Answer,
    Said,
    Saying,
    Talk,
    TimedUtterance,
    in_order,
    joins_of,
    overrun,
    regions,
    spoken_ms,
    time_step,
)
from kemvo.core.scheduling.value_curve import NEVER, Front, Interval, Ints, clear, lift, merged

SCALES: tuple[int, ...] = tuple(10**k for k in range(6, 13))
"""Worths and prices are counted in whole millionths, or in smaller parts where prices need them."""

MOST = 1 << 61
"""What all together is worth must stay below this, so that it can be added up exactly."""

ROOM = 10_000_000
"""Table entries that are kept uncompressed; those after them are packed."""


class Option(NamedTuple):
    """A wording of sayings [first, last], in steps: its length, worth, and from where to where it may begin."""

    first: int
    last: int
    wording: int
    text: str
    ms: int
    worth: int
    musts: int
    starts: tuple[Interval, ...]


class Task:
    """A problem made ready: in order, in whole steps, with every way to say something."""

    def __init__(self, talk: Talk, step: int) -> None:
        self.talk = talk
        self.sayings = in_order(talk.sayings)
        self.step = step or time_step(talk)
        self.gap = -(-talk.gap_ms // self.step)
        self.regions = regions(talk)
        self.walls = merged((a // self.step, -(-b // self.step)) for a, b in talk.blocked)
        self.joins = joins_of(talk)
        self.scale = self._scale()
        self.early = [round(s.early * self.step * self.scale / 1000) for s in self.sayings]
        self.late = [round(s.late * self.step * self.scale / 1000) for s in self.sayings]
        self.ideal = [(s.due_ms if s.ideal_ms is None else s.ideal_ms) // self.step for s in self.sayings]
        self.options = self._options()
        self._arranged()
        musts = any(self._needed(s) for s in self.sayings)
        self.must = 1 + sum(self._most(i) for i in range(len(self.sayings))) if musts else 0
        whole = sum(self._most(i) for i in range(len(self.sayings)))
        if whole + self.must * sum(map(self._needed, self.sayings)) > MOST:
            raise KemvoError(
                Problem(
                    what="The worths and prices of this problem are too large to be weighed against each other exactly.",
                    mend="Divide all of them by the same number.",
                )
            )
        self.known: dict[tuple[float, ...], list[TimedUtterance]] = {}
        self.ramps: dict[int, Ints] = {}

    def _arranged(self) -> None:
        self.order = [_widest_first(row) for row in self.options]
        self.by_first = [sorted({o.first for o in row}, reverse=True) for row in self.options]

    def _scale(self) -> int:
        """Into how many parts one is divided: as many as it takes for every price on a step of time to be whole, if that can
        still be added up."""
        prices = {p * self.step / 1000 for s in self.sayings for p in (s.early, s.late) if p}
        prices |= {self.talk.price_per_s * self.step / 1000}
        long = max((s.due_ms - s.opens_ms for s in self.sayings), default=0) // self.step + 1
        large = max((w.worth for s in self.sayings for w in s.wordings), default=0.0) + max(prices) * long
        room = [k for k in SCALES if large * k * (len(self.sayings) + 1) ** 2 < MOST] or [SCALES[0]]
        exact = (k for k in room if all(abs(p * k - round(p * k)) < WHOLE * max(1.0, p * k) for p in prices))
        return next(exact, room[-1])

    def _most(self, i: int) -> int:
        """As much as any way to say a saying (and those it is joined with) can bring or cost."""
        return max(
            (
                abs(o.worth) + sum(max(self._price(k, s + o.ms) for s in (o.starts[0][0], o.starts[-1][1])) for k in range(o.first, i + 1))
                for o in self.options[i]
            ),
            default=0,
        )  # fmt: skip

    def _options(self) -> list[list[Option]]:
        """Every way to say something, by the last saying it says."""
        found: list[list[Option]] = [[] for _ in self.sayings]
        at = {s.id: i for i, s in enumerate(self.sayings)}
        for i, s in enumerate(self.sayings):
            opens, due = -(-s.opens_ms // self.step), s.due_ms // self.step
            pin = None if s.pin_ms is None else s.pin_ms // self.step
            for w, x in enumerate(s.wordings):
                self._add(found, i, i, w, x, opens, due, pin, self._needed(s))
        for join in self.joins:
            places = [at[x] for x in join.ids if x in at]
            if len(places) != len(join.ids) or any(b - a != 1 for a, b in pairwise(places)):
                continue
            part = [self.sayings[k] for k in places]
            if any(s.pin_ms is not None for s in part):
                continue
            opens, due = -(-part[0].opens_ms // self.step), min(s.due_ms for s in part) // self.step
            for w, x in enumerate(join.wordings):
                self._add(found, places[0], places[-1], w, x, opens, due, None, sum(map(self._needed, part)))
        return found

    @staticmethod
    def _needed(s: Saying) -> int:
        return int(s.must or s.pin_ms is not None)

    def _add(
        self, found: list[list[Option]], first: int, last: int, wording: int, x: Said, opens: int, due: int, pin: int | None, musts: int
    ) -> None:  # fmt: skip
        ms = -(-x.ms // self.step)
        a, b = (opens, due - ms) if pin is None else (pin, pin)
        starts = tuple(clear(a, b, ms, self.walls))
        if starts:
            found[last].append(Option(first, last, wording, x.text, ms, round(x.worth * self.scale), musts, starts))

    def _price(self, i: int, end: int) -> int:
        """What it costs a saying to end then."""
        off = end - self.ideal[i]
        return -off * self.early[i] if off < 0 else off * self.late[i]

    def _pay(self, part: Ints, first: int, last: int, low: int) -> int:
        """Take from `part`, which begins at the end `low`, what ending then costs the sayings from first to last. Answers
        with the index from which on the cost may rise."""
        rises = len(part)
        for i in range(first, last + 1):
            early, late = self.early[i], self.late[i]
            before = min(max(self.ideal[i] - low, 0), len(part))
            if early and before:
                far = self.ideal[i] - low
                part[:before] -= self._ramp(early, far)[far : far - before : -1]
            if late and before < len(part):
                near = low + before - self.ideal[i]
                part[before:] -= self._ramp(late, near + len(part) - before)[near : near + len(part) - before]
                rises = min(rises, before)
        return rises

    def _ramp(self, price: int, reach: int) -> Ints:
        """The price of 0, 1, 2 … steps, at least up to `reach`."""
        known = self.ramps.get(price)
        if known is None or len(known) <= reach:
            known = self.ramps[price] = np.arange(2 * reach + 1, dtype=np.int64) * price
        return known

    def best(self, prices: Sequence[float]) -> list[TimedUtterance]:
        """The utterances of greatest value at a price on speech under each ceiling."""
        key = tuple(prices)
        if key not in self.known:
            self.known[key] = self._best(prices)
        return self.known[key]

    def _worths(self, prices: Sequence[float]) -> list[list[int]]:
        """What every option is worth at these prices on speech; what must be said, more than all that could be against
        it."""
        talk = [[self._talk_price(o, prices) for o in row] for row in self.options]
        must = self.must + sum(max(row, default=0) for row in talk)
        return [
            [o.worth + o.musts * must - price for o, price in zip(row, costs, strict=True)]
            for row, costs in zip(self.options, talk, strict=True)
        ]

    def _talk_price(self, o: Option, prices: Sequence[float]) -> int:
        price = self.talk.price_per_s
        if prices:
            region = self.regions[self.sayings[o.first].id]
            price += prices[region] if region >= 0 else 0.0
        return round(price * o.ms * self.step * self.scale / 1000) if price else 0

    def _best(self, prices: Sequence[float]) -> list[TimedUtterance]:
        n = len(self.sayings)
        worth = self._worths(prices)
        bases = self._bases()
        reach = max((o.last - o.first for row in self.options for o in row), default=0)
        front = Front(bases[0], np.zeros(1, np.int64))
        recent: dict[int, Front] = {0: front}
        fronts: list[Front] = [front]
        ends: list[Front | None] = []
        room = ROOM
        for i in range(n):
            recent.pop(i - reach - 1, None)
            gains = self._gains(i, worth[i], recent)
            front = self._next(recent[i], gains, bases[i + 1])
            recent[i + 1] = front
            # Where the front begins later than the gains, the gains tell the first end; elsewhere the front does.
            if gains and gains.base + self.gap >= front.base:
                gains = None
            room -= len(front.values) + (len(gains.values) if gains else 0)
            fronts.append(front if room > 0 else front.packed())
            ends.append(gains if not gains or room > 0 else gains.packed())
        return self._told(fronts, ends, worth)

    def _bases(self) -> list[int]:
        """For each saying, the first moment at which it or a later one can begin."""
        first = [min((o.starts[0][0] for o in row), default=1 << 40) for row in self._by_first()]
        out = [1 << 40]
        for t in reversed(first):
            out.append(min(out[-1], t))
        return out[::-1]

    def _by_first(self) -> list[list[Option]]:
        rows: list[list[Option]] = [[] for _ in self.sayings]
        for row in self.options:
            for o in row:
                rows[o.first].append(o)
        return rows

    def _gains(self, i: int, worth: Sequence[int], fronts: Mapping[int, Front]) -> Front | None:
        """For every moment, the most that is won when saying i has ended by then; None when it cannot be said."""
        row = self.options[i]
        if not row:
            return None
        low = min(o.starts[0][0] + o.ms for o in row)
        high = max(o.starts[-1][1] + o.ms for o in row)
        out: Ints | None = None
        # What one free stretch until the end brings never falls but for prices that rise.
        falls = any(len(o.starts) > 1 or o.starts[0][1] + o.ms < high for o in row)
        rises = high - low + 1
        for first in self.by_first[i]:
            part = np.empty(high - low + 1, np.int64)
            scratch = np.empty(high - low + 1, np.int64)
            fresh = True
            for n in self.order[i]:
                o = row[n]
                if o.first != first:
                    continue
                if fresh and (falls or o.starts[0][0] + o.ms > low):
                    part.fill(NEVER)
                    fresh = False
                for a, b in o.starts:
                    lift(part[a + o.ms - low : b + o.ms - low + 1], fronts[first], a, worth[n], fresh, scratch)
                fresh = False
            rises = min(rises, self._pay(part, first, i, low))
            out = part if out is None else np.maximum(out, part, out=out)
        assert out is not None
        tail = out if falls else out[max(0, rises - 1) :]
        np.maximum.accumulate(tail, out=tail)
        return Front(low, out)

    def _next(self, front: Front, gains: Front | None, base: int) -> Front:
        """The front after a saying, from `base` on: nothing earlier is asked for any more."""
        last = int(front.values[-1])
        if gains is None:
            kept = front.values[base - front.base :] if base - front.base < len(front.values) else front.values[-1:]
            return Front(base, kept)
        begins = gains.base + self.gap
        top = max(front.base + len(front.values) - 1, begins + len(gains.values) - 1)
        if base >= top:
            return Front(base, np.array([max(last, int(gains.values[-1]))], np.int64))
        out = np.empty(top - base + 1, np.int64)
        kept = front.values[base - front.base :]
        out[: len(kept)] = kept
        out[len(kept) :] = last
        at = max(0, begins - base)
        new = gains.values[max(0, base - begins) :]
        stretch = out[at : at + len(new)]
        np.maximum(stretch, new, out=stretch)
        rest = out[at + len(new) :]
        if len(rest):
            np.maximum(rest, gains.values[-1], out=rest)
        return Front(base, out)

    def _told(
        self, fronts: Sequence[Front], ends: Sequence[Front | None], worth: Sequence[Sequence[int]]
    ) -> list[TimedUtterance]:
        """The utterances, from the last one back."""
        said: list[TimedUtterance] = []
        free = 1 << 41
        i = len(self.sayings)
        value = fronts[i].value(free)
        while i > 0:
            without = fronts[i - 1].value(free)
            if without == value:
                i -= 1
                continue
            gains = ends[i - 1]
            end = gains.first(value) if gains else fronts[i].first(value) - self.gap
            o = next(
                o
                for o, w in zip(self.options[i - 1], worth[i - 1], strict=True)
                if any(a <= end - o.ms <= b for a, b in o.starts)
                and fronts[o.first].value(end - o.ms) + w - sum(self._price(k, end) for k in range(o.first, o.last + 1)) == value
            )  # fmt: skip
            ids = tuple(s.id for s in self.sayings[o.first : o.last + 1])
            start = (end - o.ms) * self.step
            length = self.length(o)
            said.append(TimedUtterance(ids, o.wording, o.text, start, start + length))
            free = end - o.ms
            i = o.first
            value = fronts[i].value(free)
        return said[::-1]

    def length(self, o: Option) -> int:
        """The length of a wording in milliseconds, as it was given."""
        if o.first == o.last:
            return self.sayings[o.first].wordings[o.wording].ms
        ids = tuple(s.id for s in self.sayings[o.first : o.last + 1])
        return next(j for j in self.joins if j.ids == ids).wordings[o.wording].ms

    def value(self, said: Sequence[TimedUtterance]) -> int:
        """Worth less prices of time, in millionths."""
        at = {s.id: i for i, s in enumerate(self.sayings)}
        total = 0
        for u in said:
            first, last = at[u.ids[0]], at[u.ids[-1]]
            o = next(o for o in self.options[last] if (o.first, o.wording) == (first, u.wording))
            end = u.start_ms // self.step + o.ms
            total += o.worth - sum(self._price(k, end) for k in range(first, last + 1))
            total -= round(self.talk.price_per_s * o.ms * self.step * self.scale / 1000)
        return total

    def worth_of(self, u: TimedUtterance) -> int:
        """What the wording of an utterance is worth, whenever it is said."""
        at = {s.id: i for i, s in enumerate(self.sayings)}
        first, last = at[u.ids[0]], at[u.ids[-1]]
        return next(o.worth for o in self.options[last] if (o.first, o.wording) == (first, u.wording))

    def musts_of(self, said: Sequence[TimedUtterance]) -> int:
        """How much of what must be said is said."""
        spoken = {x for u in said for x in u.ids}
        return sum(self._needed(s) for s in self.sayings if s.id in spoken)

    def bound(self, said: Sequence[TimedUtterance], prices: Sequence[float]) -> float:
        """What no schedule within the ceilings can exceed, by the prices tried (Lagrange)."""
        spoken = spoken_ms(self.talk, said)
        spare = sum(
            p * (c.share * (c.to_ms - c.from_ms) - ms) / 1000
            for p, c, ms in zip(prices, self.talk.ceilings, spoken, strict=True)
        )
        return self.value(said) / self.scale + spare

    def only(self, said: Sequence[TimedUtterance], more: Sequence[Option]) -> list[TimedUtterance]:
        """The best schedule of what is said already and something more, or said otherwise."""
        at = {s.id: i for i, s in enumerate(self.sayings)}
        chosen = {(at[u.ids[0]], at[u.ids[-1]], u.wording) for u in said} | {(o.first, o.last, o.wording) for o in more}
        options = self.options
        try:
            self.options = [[o for o in row if (o.first, o.last, o.wording) in chosen] for row in options]
            self._arranged()
            return self._best([0.0] * len(self.talk.ceilings))
        finally:
            self.options = options
            self._arranged()

    def answer(self, said: Sequence[TimedUtterance], prices: Sequence[float]) -> Answer:
        """Utterances as an answer."""
        spoken = {x for u in said for x in u.ids}
        missed = tuple(s.id for s in self.sayings if self._needed(s) and s.id not in spoken)
        value = self.value(said) / self.scale
        return Answer(tuple(said), value, missed, tuple(prices), value, not overrun(self.talk, said))


def _widest_first(row: Sequence[Option]) -> list[int]:
    """The ways to say something by their earliest end."""
    return sorted(range(len(row)), key=lambda n: row[n].starts[0][0] + row[n].ms)


WHOLE = 1e-9
"""Tolerance for treating a float as an integer."""
