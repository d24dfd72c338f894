"""Paces for stretches of a pass: a tempo, a length, a number of breaths, counts per shift, swaying in place. Where what is
asked for cannot be kept, or two paces meet, it is said."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Sequence
from itertools import combinations
from typing import NamedTuple, Protocol

from kemvo.core.errors import Problem
from kemvo.core.facts import Fact
from kemvo.core.model.form import Form, Movement, Posture
from kemvo.core.model.session import BreathChoice, Pace, Pass
from kemvo.core.movement.interpretation import FEET, said
from kemvo.core.tables.groups import comfort_of
from kemvo.core.timing.rounds import PlacedPosture
from kemvo.core.timing.tempo import Stretch, tempo_for
from kemvo.core.timing.weight_curve import shifts
from kemvo.core.types import EVEN, Breath

BACK_WORDS = "And sway back"
"""What is said while the weight goes back to where a sway began."""

BACK_SHIFT = Fact(kind="shift", start=4, end=13)
"""What these words say."""

BACK: dict[Breath, Breath] = {"in": "out", "out": "in", "free": "free"}


class _Performed(Protocol):
    @property
    def posture(self) -> Posture: ...


Done = Sequence[tuple[_Performed | None, Movement | None]]
"""Every movement of a round, in order, with its posture's performance."""


def whole_breath_ms(choice: BreathChoice, form: Form) -> float:
    """How long a whole breath usually lasts: as paced, else the middle of what is comfortable for the form's group."""
    if choice.school == "paced":
        return 60_000 / choice.per_minute
    c = comfort_of(form.who.limits())
    return (c.in_least + c.in_most + c.out_least + c.out_most) / 2


def stretches_of(
    p: Pass, done: Done, counts: Sequence[float], base: float, speed: float, breath_ms: float, entry: int
) -> list[Stretch]:
    """The stretches of a round that have a pace of their own. `base`: the pass's tempo, `speed` multiplies all of them;
    `breath_ms`: how long a whole breath lasts, for a stretch that is given in breaths alone; `entry`: the weight (left_pct) before
    the first movement."""
    out: list[Stretch] = []
    for pace, first, last in in_force(p.paces, done):
        ms = pace.ms or (pace.breaths * breath_ms if pace.breaths and not pace.tempo else None)
        if ms or pace.tempo or pace.to:
            tempo = tempo_for(sum(counts[first:last]), ms) if ms else (pace.tempo or base) * speed
            to = tempo if ms or pace.to is None else pace.to * speed
            out.append(Stretch(first, last, tempo, to))
        if pace.counts_a_shift is not None:
            out += _by_shifts(first, last, done, counts, pace.counts_a_shift, base * speed, entry)
    return out


def in_force(paces: Iterable[Pace], done: Done) -> list[tuple[Pace, int, int]]:
    """The paces that a round goes through, with the movements [first, last) they are for, in the order in which they count: what is
    given for a shorter stretch goes before what is given for a longer one, of two alike the later."""
    ranges = [(pace, *range_of(pace, done)) for pace in paces]
    return sorted((r for r in ranges if r[2] > r[1]), key=lambda r: r[1] - r[2])


def range_of(pace: Pace, done: Done) -> tuple[int, int]:
    """The movements [first, last) of a round that a pace is for; an empty range where they are not in it."""
    ids = [p.posture.id if p else "" for p, _ in done]
    if pace.movement:
        at = [i for i, (_, m) in enumerate(done) if m and m.id == pace.movement]
        same = [i for i in at if done[i][0] is done[at[0]][0]]
        return (same[0], same[-1] + 1) if same else (0, 0)
    if pace.first and pace.first not in ids:
        return 0, 0
    first = ids.index(pace.first) if pace.first else 0
    alone = pace.ms or pace.breaths or pace.counts_a_shift or pace.sways
    end = pace.last or (pace.first if alone else "")
    last = len(ids) - 1 - ids[::-1].index(end) if end in ids else len(ids) - 1
    return first, last + 1


def _by_shifts(
    first: int, last: int, done: Done, counts: Sequence[float], each: float, tempo: float, entry: int
) -> list[Stretch]:
    """A pace for every movement that shifts the weight, so that it takes so many counts of the pass's tempo."""
    moved = shifts([entry, *(m.left_pct if m else EVEN for _, m in done)])
    return [
        Stretch(i, i + 1, tempo * counts[i] / each, tempo * counts[i] / each) for i in range(first, last) if moved[i]
    ]


# Swaying


def swayed(placed: Sequence[PlacedPosture], p: Pass, entry: int) -> list[PlacedPosture]:
    """The postures of a pass with what is to be swayed done again: there, back, there, until it goes on. `entry`: the
    weight (left_pct) with which the pass begins."""
    wanted = [pace for pace in p.paces if pace.sways]
    if not wanted:
        return list(placed)
    flat = _flat(placed)
    times: dict[int, int] = {}
    for pace, first, last in in_force(wanted, flat):
        times.update(dict.fromkeys(_in_place(flat, entry, first, last), pace.sways or 1))
    out = []
    at, left = 0, entry
    for posture, *where in placed:
        movements: list[Movement] = []
        for m in posture.movements:
            back = m.reworded(
                BACK_WORDS, (BACK_SHIFT,), id=f"{m.id}-back"[:64], left_pct=left, hold_ms=0,
                breath=BACK[m.breath], cues=Movement().cues, stance=None, facing=None,
            )  # fmt: skip
            movements += [m, *[back, m] * (times.get(at, 1) - 1)]
            at, left = at + 1, m.left_pct
        out.append((posture.model_copy(update={"movements": tuple(movements)}), *where))
    return out  # type: ignore[return-value]


class _Alone(NamedTuple):
    posture: Posture


def _flat(placed: Sequence[PlacedPosture]) -> list[tuple[_Alone, Movement]]:
    return [(alone, m) for posture, _, _ in placed for alone in (_Alone(posture),) for m in posture.movements]


def _in_place(done: Done, entry: int, first: int, last: int) -> Iterator[int]:
    """The movements of a stretch that shift the weight and move no foot."""
    left = entry
    for i, (_, m) in enumerate(done):
        if m is None:
            continue
        if first <= i < last and shifts([left, m.left_pct])[0] and not any(s.fact.kind in FEET for s in said(m)):
            yield i
        left = m.left_pct


# What cannot be kept


def conflicts(p: Pass, placed: Sequence[PlacedPosture], form: Form, entry: int, choice: BreathChoice) -> list[Problem]:
    """What the paces of a pass ask for and cannot have together, each in a sentence."""
    flat = _flat(placed)
    titles = {posture.id: posture.title() for posture, _, _ in placed}
    found: list[Problem] = []

    def say(what: str, mend: str) -> None:
        found.append(Problem(what=what, mend=mend))

    ranges = [range_of(pace, flat) for pace in p.paces]
    for pace, (first, last) in zip(p.paces, ranges, strict=True):
        name = titles.get(pace.first, "the pass")
        if last <= first:
            say(
                "A pace is set for a posture that this pass does not go through.",
                "Choose the posture again, or take the pace out.",
            )
            continue
        lengths = [k for k in ("tempo", "ms", "counts_a_shift") if getattr(pace, k)]
        if len(lengths) > 1:
            say(f"{name} is given both {' and '.join(LENGTH_WORDS[k] for k in lengths)}; {LENGTH_WORDS[_counts_most(lengths)]} is kept.", "Take one of them out.")  # fmt: skip
        if pace.breaths and pace.ms and choice.school != "natural":
            each = pace.ms / pace.breaths
            c = comfort_of(form.who.limits())
            least, most = c.in_least + c.out_least, c.in_most + c.out_most
            if not least <= each <= most:
                fits = max(1, round(pace.ms / ((least + most) / 2)))
                say(
                    f"{pace.breaths} breaths in {pace.ms / 1000:g} s are {each / 1000:.1f} s each in {name}; {least / 1000:g} to {most / 1000:g} s are comfortable.",
                    f"{fits} breaths fit, or {pace.breaths * (least if each < least else most) / 1000:g} s.",
                )
        if pace.sways and not list(_in_place(flat, entry, first, last)):
            say(
                f"Nothing in {name} can be swayed: no shift of weight there leaves both feet in place.",
                "Choose a shift before the step.",
            )
    for (a, a0, a1), (b, b0, b1) in combinations(in_force(p.paces, flat), 2):
        both = _gives_length(a) and _gives_length(b)
        finer = a0 <= b0 and b1 <= a1 and b1 - b0 < a1 - a0
        if both and max(a0, b0) < min(a1, b1) and not finer:
            kept = "the later" if b1 - b0 == a1 - a0 else "the shorter"
            say(
                f"Two paces are set over the same movements of {titles.get(b.first, 'the pass')}; {kept} one is kept there.",
                "Take one of them out.",
            )
    return found


LENGTH_WORDS = {"tempo": "a tempo", "ms": "a length in seconds", "counts_a_shift": "counts a shift"}


def _counts_most(lengths: Sequence[str]) -> str:
    """Which of several ways to give a length is kept."""
    return next(k for k in ("counts_a_shift", "ms", "tempo") if k in lengths)


def _gives_length(pace: Pace) -> bool:
    return bool(pace.tempo or pace.ms or pace.counts_a_shift or pace.breaths or pace.to)
