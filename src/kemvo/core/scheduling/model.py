"""The scheduling problem and its answer: what could be said, in which wordings and when; and what is said.

Knows nothing of tai chi, and nothing of how the answer is found (`schedule.py`).
"""

from __future__ import annotations

from collections.abc import Sequence
from math import gcd
from typing import NamedTuple

from kemvo.core.scheduling.value_curve import Interval


class Said(NamedTuple):
    """A way to say something: its length in milliseconds and its worth."""

    text: str
    ms: int
    worth: float


class Saying(NamedTuple):
    """Something to say, or not. It begins at `opens_ms` or later and ends by `due_ms`; it should end at `ideal_ms` (None:
    when due) and loses `early` or `late` worth for every second away from it. Sayings keep the order of their
    `target_ms`, then `rank`, then id. `must`: said before all worth. `pin_ms`: it begins exactly then (and must)."""

    id: str
    target_ms: int
    opens_ms: int
    due_ms: int
    wordings: tuple[Said, ...]
    ideal_ms: int | None = None
    early: float = 0.0
    late: float = 0.0
    must: bool = False
    pin_ms: int | None = None
    rank: int = 0


class Join(NamedTuple):
    """Neighbouring sayings (in order) said as one utterance: it begins when the first one may, ends when all are due,
    and pays all their prices."""

    ids: tuple[str, ...]
    wordings: tuple[Said, ...]


class Ceiling(NamedTuple):
    """Of the time from-to at most this share (0 to 1) is spent talking. A saying belongs to the first ceiling that holds
    its target."""

    from_ms: int
    to_ms: int
    share: float


class Talk(NamedTuple):
    """A whole problem. `blocked`: times in which nothing is said. `gap_ms`: least silence between two utterances.
    `price_per_s`: what every second of speech costs."""

    sayings: tuple[Saying, ...]
    blocked: tuple[Interval, ...] = ()
    gap_ms: int = 0
    joins: tuple[Join, ...] = ()
    ceilings: tuple[Ceiling, ...] = ()
    price_per_s: float = 0.0


class TimedUtterance(NamedTuple):
    """One thing said: the sayings it says, which of their wordings (or of their join's), from when to when."""

    ids: tuple[str, ...]
    wording: int
    text: str
    start_ms: int
    end_ms: int


class Answer(NamedTuple):
    """The utterances in order. `value`: their worth less prices of time (talk prices apart). `missed`: sayings that had to
    be said and could not all be. `prices`: for every ceiling the price on a second of speech that meets it; `bound`: no
    schedule that keeps the ceilings brings more than this (without ceilings: the value itself). `kept`: the ceilings are
    kept."""

    utterances: tuple[TimedUtterance, ...]
    value: float
    missed: tuple[str, ...]
    prices: tuple[float, ...]
    bound: float
    kept: bool


def in_order(sayings: Sequence[Saying]) -> list[Saying]:
    """Sayings in the order in which they are said."""
    return sorted(sayings, key=lambda s: (s.target_ms, s.rank, s.id))


def spoken_ms(talk: Talk, said: Sequence[TimedUtterance]) -> list[int]:
    """How long is spoken under each ceiling."""
    region = regions(talk)
    out = [0] * len(talk.ceilings)
    for u in said:
        at = region[u.ids[0]]
        if at >= 0:
            out[at] += u.end_ms - u.start_ms
    return out


def regions(talk: Talk) -> dict[str, int]:
    """By the id of a saying, the ceiling under which it is said (-1: none)."""

    def of(s: Saying) -> int:
        return next((i for i, c in enumerate(talk.ceilings) if c.from_ms <= s.target_ms < c.to_ms), -1)

    return {s.id: of(s) for s in talk.sayings}


def overrun(talk: Talk, said: Sequence[TimedUtterance]) -> list[int]:
    """The ceilings under which too much is said."""
    spoken = spoken_ms(talk, said)
    return [i for i, c in enumerate(talk.ceilings) if spoken[i] > c.share * (c.to_ms - c.from_ms)]


def joins_of(talk: Talk) -> list[Join]:
    """The joins, those over the same sayings as one: the wordings of the later ones after those of the first."""
    found: dict[tuple[str, ...], Join] = {}
    for j in talk.joins:
        known = found.get(j.ids)
        found[j.ids] = j._replace(wordings=(*known.wordings, *j.wordings)) if known else j
    return list(found.values())


def time_step(talk: Talk) -> int:
    """The greatest step of which all times are multiples."""
    step = talk.gap_ms
    for s in talk.sayings:
        step = gcd(step, s.opens_ms, s.due_ms, s.due_ms if s.ideal_ms is None else s.ideal_ms, s.pin_ms or 0)
        for w in s.wordings:
            step = gcd(step, w.ms)
        if step == 1:
            return 1
    for a, b in talk.blocked:
        step = gcd(step, a, b)
    for j in talk.joins:
        for w in j.wordings:
            step = gcd(step, w.ms)
    return step or 1
