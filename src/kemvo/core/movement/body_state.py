"""Where the weight is after every movement of a form, decided for the whole form at once.

Words tell acts, and leave open what a body makes plain: which leg "shift forward" goes to, that the weight has left a foot which
steps. Hidden behind them is a body: its share of weight on the left leg, the foot in front, the foot that stepped last. What a
body hardly does costs; all ways through the form are summed exactly (`chain`), and each weight is what is likeliest, seen from
before and from after. Weights set by hand or said outright are held.

The costs are in nats. They began as fitted on texts with their truth (own measurement) and were changed by hand where worked examples asked
for it (own choice).
"""

from __future__ import annotations

import re
from collections.abc import Iterable, Sequence
from functools import lru_cache
from math import exp
from typing import Literal, NamedTuple

import numpy as np

from kemvo.core.chain import Table, messages, sums
from kemvo.core.facts import Fact
from kemvo.core.language import lexicon as lx
from kemvo.core.language.abbreviations import written_out
from kemvo.core.model.form import Correction, Movement, Readings
from kemvo.core.movement.interpretation import FEET, KEPT, line_facts, stance_of, words_in
from kemvo.core.tables.stances import STANCES, Named
from kemvo.core.types import EVEN, OTHER_SIDE, Side, StanceId

SHARE_UNSAID = 100
"""The share of a shift of which none is said: all of it."""
SHARE_IN_BOW = 70
"""The share on the front leg of a bow stance of which none is said (common practice, no source)."""

FORWARD = frozenset("forward forwards front ahead into onward".split())
BACK = frozenset("back backward backwards rear behind".split())
IN_FRONT = frozenset({"forward", "corner"})
BEHIND = frozenset({"back", "behind"})
LEVEL = frozenset({"in", "side", "out", "up"})
"""Ways of a step after which its foot is in front, behind, or beside the other."""
PARTS_OF_A_FOOT = frozenset("heel heels toe toes".split())
"""What of a foot may come up while the rest of it stays down and goes on carrying."""

LEVELS = (0, 30, 50, 70, 100)
"""Shares on the left leg that are told apart."""
FRONTS: tuple[Side | None, ...] = (None, "L", "R")
STATES = [(left, front, stepped) for left in LEVELS for front in FRONTS for stepped in FRONTS]
_AT = {s: i for i, s in enumerate(STATES)}
_LEVEL_OF = np.array([[left == level for level in LEVELS] for left, _, _ in STATES], dtype=float)

STEPS_LOADED = {0: 0.0, 30: 0.2, 50: 1.2, 70: 1.6, 100: 1.6}
"""A foot steps that carries so much: the weight has gone off it before, and nobody said so."""
LIFTS_LOADED = {0: 0.0, 30: 0.3, 50: 0.8, 70: 2.0, 100: 2.5}
"""A foot comes off the floor that carries so much."""
STEP_UNNAMED = 2.35
"""A foot that nobody named steps, and it carries weight."""
AGAIN = 1.26
"""The weight goes to a leg that has it already, where no leg is named…"""
BACK_AGAIN = 0.5
"""…and where it goes back: "rock back" after "step, press" leaves out the way forward."""
AGAINST_FRONT = 3.0
"""Forward goes to the foot behind, or back to the one in front."""
NOT_THE_STEPPED = 1.5
"""The weight goes to the foot that did not step."""
HEAVIER = 0.8
"""With nothing else to tell, it goes to the leg that has more."""
UNWRITTEN = 0.7
"""A step whose way nobody said puts its foot in front, or leaves what is in front as it is."""
BOW_AGAIN = 0.3
"""A stance that is reached is said, and not the shift into it."""
UNREAD_SHIFT = 0.12
"""How likely a line that names a foot or knee with its side, outside anything that was read, shifts the weight."""


_BOW = re.compile(
    r"\b(?:(?:(left|right|l|r)\s+bow\b)|(?:in|into|to)\s+(?:a|the|your)?\s*bow\b(?!\s+to\b)|^\W*(?:\d[\d.]*\s+)?bow\b(?=\s*[,;.]|\s+[lr\d]|\s+(?:left|right)|\s*$)|(?<=to )bow\b)"
    r"(?:\s+(?:on\s+the\s+)?(left|right|l|r)\b)?",
    re.IGNORECASE,
)
""" "Come up into a right bow", "bow L 70", "arrive in a bow"; not "bow to the hall", "draw the bow"."""
_IN_FIGURES = re.compile(r"\b(\d{1,2})\s*/\s*(\d{1,2})\b")
""" "Back to 20/80": the front foot's share, and the other's; side by side the left one's."""


class Act(NamedTuple):
    """What a body does at once: a step, a lift of a whole foot, a shift (`side` the leg that receives, None: not said), a stance (`side` its
    front foot), two shares in figures, or words of a leg in which nothing was read. `way`: forward, back or nothing for a shift; the direction of a
    step. `share`: percent on that leg, None: not said."""

    kind: Literal["step", "lift", "shift", "stance", "figures", "unread"]
    side: Side | Literal["both"] | None = None
    way: str = ""
    share: int | None = None
    stance: StanceId | None = None


class Weight(NamedTuple):
    """The share of weight on the left leg after a movement (percent), and how sure it is (0 to 1)."""

    left_pct: int
    sure: float


def acts_of(m: Movement) -> tuple[Act, ...]:
    """What a movement's words make the body do, in order."""
    return _acts(m.line, m.foot, m.stance, m.read, m.corrections) if m.read else ()


@lru_cache(maxsize=KEPT)
def _acts(
    line: str, foot: str, stance_set: StanceId | None, read: Readings, corrections: tuple[Correction, ...]
) -> tuple[Act, ...]:
    m = Movement(line=line, foot=foot, stance=stance_set, read=read, corrections=corrections)
    told = line_facts(m)
    out: list[Act] = []
    for s in told:
        f, words = s.fact, words_in(s.words)
        if f.kind == "step":
            out.append(Act("step", f.side, f.direction or ""))
        elif (f.kind == "kick" and not f.guessed) or (
            f.kind == "lift" and not f.guessed and not words & PARTS_OF_A_FOOT
        ):
            out.append(Act("lift", f.side))
        elif f.kind == "shift":
            way = "" if f.side else "back" if words & BACK else "forward" if words & FORWARD else ""
            out.append(Act("shift", f.side, way, f.share))
    figures = next((f for f in _IN_FIGURES.finditer(m.line) if int(f[1]) + int(f[2]) == 100), None)
    stance = stance_of(m) or _bow_in(written_out(m.line))
    if figures and not any(a.share is not None for a in out):
        out = [a for a in out if a.kind != "shift"]
        out.append(Act("figures", share=int(figures[1])))
    elif stance and STANCES[stance.id].sided and not any(a.kind == "shift" and (a.side or a.share) for a in out):
        out = [a for a in out if a.kind != "shift"] if stance.id == "bow" else out
        out.append(Act("stance", stance.side, stance=stance.id))
    if not out and not any(s.fact.kind in FEET for s in told):
        words = words_in(m.line)
        if words & (lx.FOOT - {"toe", "toes", "heel", "heels"}) and words & {"left", "right"}:
            out.append(Act("unread"))
    return tuple(out)


def _bow_in(line: str) -> Named | None:
    found = _BOW.search(line)
    if found is None:
        return None
    word = (found[1] or found[2] or "").lower()
    return Named("bow", "L" if word.startswith("l") else "R" if word else None)


_NEAREST = [min(LEVELS, key=lambda x: (abs(x - left), -abs(x - EVEN))) for left in range(101)]


def level(left_pct: int) -> int:
    """The level nearest to a share; between two the one farther from even."""
    return _NEAREST[left_pct]


def left_pct(f: Fact, open_to: Side | None) -> int:
    """The share on the left leg that a shift tells. `open_to`: the leg, where it tells none; None leaves it even."""
    return _left(f.side or open_to, f.share)


def _left(side: Side | Literal["both"] | None, share: int | None) -> int:
    if side != "L" and side != "R":
        return EVEN
    told = SHARE_UNSAID if share is None else share
    return told if side == "L" else 100 - told


class _Way(NamedTuple):
    """One way an act may go from a state: its cost, and the state after it."""

    cost: float
    left: int
    front: Side | None
    stepped: Side | None


@lru_cache(maxsize=4096)
def _table(act: Act) -> Table:
    """The weights of going from each state to each by an act."""
    out = np.zeros((len(STATES), len(STATES)))
    for i, (left, front, stepped) in enumerate(STATES):
        for way in _WAYS[act.kind](act, left, front, stepped):
            out[i, _AT[way.left, way.front, way.stepped]] += exp(-way.cost)
    return out


def _on(side: Side, left: int) -> int:
    return left if side == "L" else 100 - left


def _without(side: Side, left: int) -> int:
    """The share on the left when nothing is on a leg that carried; as it was where that leg was empty."""
    return left if _on(side, left) == 0 else 0 if side == "L" else 100


def _steps(act: Act, left: int, front: Side | None, stepped: Side | None) -> Iterable[_Way]:
    if act.side == "both":
        yield _Way(0, left, None if act.way in LEVEL else front, None)
        return
    sides: tuple[Side, ...] = (act.side,) if act.side else ("L", "R")
    for side in sides:
        load = _on(side, left)
        cost = STEPS_LOADED[load] + (STEP_UNNAMED * (load > 30) if not act.side else 0)
        left_then = left if load <= 30 else _without(side, left)
        if act.way in IN_FRONT:
            yield _Way(cost, left_then, side, side)
        elif act.way in BEHIND:
            yield _Way(cost, left_then, OTHER_SIDE[side], side)
        elif act.way in LEVEL:
            yield _Way(cost, left_then, None, side)
        elif act.way:
            yield _Way(cost, left_then, front, side)
        else:
            yield _Way(cost + UNWRITTEN, left_then, front, side)
            yield _Way(cost + UNWRITTEN, left_then, side, side)


def _lifts(act: Act, left: int, front: Side | None, stepped: Side | None) -> Iterable[_Way]:
    if act.side == "both":
        yield _Way(0, left, front, stepped)
        return
    sides: tuple[Side, ...] = (act.side,) if act.side else ("L", "R")
    for side in sides:
        yield _Way(LIFTS_LOADED[_on(side, left)], _without(side, left), front, stepped)


def _shifts(act: Act, left: int, front: Side | None, stepped: Side | None) -> Iterable[_Way]:
    if act.side == "both":
        yield _Way(0, EVEN, front, None)
        return
    if act.side:
        yield _Way(0, level(_left(act.side, act.share)), front, None)
        return
    sides: tuple[Side, ...] = ("L", "R")
    for side in sides:
        cost = 0.0
        if _on(side, left) >= 70:
            cost += BACK_AGAIN if act.way == "back" else AGAIN
        if act.way and front:
            cost += 0 if (side == front) == (act.way == "forward") else AGAINST_FRONT
        elif stepped:
            cost += 0 if side == stepped else NOT_THE_STEPPED
        elif left != EVEN:
            cost += 0 if _on(side, left) < EVEN else HEAVIER
        yield _Way(cost, level(_left(side, act.share)), front, None)


def _stances(act: Act, left: int, front: Side | None, stepped: Side | None) -> Iterable[_Way]:
    row = STANCES[act.stance or "bow"]
    sides: tuple[Side, ...] = (act.side,) if act.side == "L" or act.side == "R" else ("L", "R")
    least, most = row.front_pct
    for side in sides:
        cost = 0.0
        if not act.side:
            cost = 0 if side == front else AGAINST_FRONT if front else 0 if side == stepped else NOT_THE_STEPPED
        if act.stance == "bow":
            cost += 0 if _on(side, left) >= 70 else BOW_AGAIN
            yield _Way(cost, left if _on(side, left) == 70 else level(_left(side, SHARE_IN_BOW)), side, None)
        elif most <= 30:
            yield _Way(cost, level(_left(OTHER_SIDE[side], 100 - least)), side, stepped)
        else:
            yield _Way(cost, left, side, stepped)


def _figures(act: Act, left: int, front: Side | None, stepped: Side | None) -> Iterable[_Way]:
    share = act.share or 0
    yield _Way(0, level(100 - share if front == "R" else share), front, None)


def _unread(act: Act, left: int, front: Side | None, stepped: Side | None) -> Iterable[_Way]:
    yield _Way(-np.log(1 - UNREAD_SHIFT), left, front, stepped)
    for other in (0, 100):
        yield _Way(-np.log(UNREAD_SHIFT / 2), other, front, None)


_WAYS = {"step": _steps, "lift": _lifts, "shift": _shifts, "stance": _stances, "figures": _figures, "unread": _unread}


@lru_cache(maxsize=8192)
def _onward(acts: tuple[Act, ...]) -> Table:
    """The weights of going from each state to each by all acts of a movement."""
    out = np.eye(len(STATES))
    for act in acts:
        out = out @ _table(act)
    return out


HELD_OTHERWISE = 0.05
"""How likely a weight that is held is another than its words lead to: nothing before it is bent to fit it."""
_JUMP = np.array(
    [[float(front == front2 and stepped2 is None) for _, front2, stepped2 in STATES] for _, front, _ in STATES]
)


@lru_cache(maxsize=8192)
def _onward_held(acts: tuple[Act, ...]) -> Table:
    return _onward(acts) + HELD_OTHERWISE * _JUMP


def _steps_through(acts: Sequence[tuple[Act, ...]], open_: Sequence[bool]) -> list[Table]:
    """For every movement the weights of going through it."""
    return [_onward(a) if is_open else _onward_held(a) for a, is_open in zip(acts, open_, strict=True)]


OPENS_OTHERWISE = 0.02
"""How likely a form, or a piece of one, begins with the weight elsewhere than is set."""


def _begin(left_pct: int) -> Table:
    opens = level(left_pct)
    return np.array(
        [
            (1.0 if left == opens else OPENS_OTHERWISE) * (front is None and stepped is None)
            for left, front, stepped in STATES
        ]
    )


def decided(
    movements: Sequence[Movement], open_: Sequence[bool], opening: int, begin: Table | None = None
) -> Sequence[Weight]:
    """The weight after every movement, in order. `open_`: of which it is to be decided; the others are held as they are. `opening`: the
    share on the left leg before the first; `begin`: the states before it, where they are known better."""
    acts = tuple(acts_of(m) for m in movements)
    held = tuple(None if is_open else m.left_pct for m, is_open in zip(movements, open_, strict=True))
    return _decided(acts, held, opening) if begin is None else _decide(acts, held, opening, begin)


Held = tuple[int | None, ...]


@lru_cache(maxsize=32)
def _decided(acts: tuple[tuple[Act, ...], ...], held: Held, opening: int) -> tuple[Weight, ...]:
    """Decided weights, remembered: most edits of a form change no weight and no words."""
    return _decide(acts, held, opening, _begin(opening))


def _decide(acts: tuple[tuple[Act, ...], ...], held: Held, opening: int, begin: Table) -> tuple[Weight, ...]:
    if not acts:
        return ()
    told = sums(_evidence(held), _steps_through(acts, [h is None for h in held]), begin)
    out: list[Weight] = []
    before = opening
    for mine, left, row in zip(acts, held, told @ _LEVEL_OF, strict=True):
        weight = _weight(mine, row, before) if left is None else Weight(left, 1.0)
        out.append(weight)
        before = weight.left_pct
    return tuple(out)


def states_before(movements: Sequence[Movement], open_: Sequence[bool], opening: int, at: int) -> Table:
    """How likely each state is before movement `at`, from all that is before it: (states,)."""
    acts = [acts_of(m) for m in movements[:at]]
    held = tuple(None if is_open else m.left_pct for m, is_open in zip(movements[:at], open_, strict=False))
    through = [*_steps_through(acts, [h is None for h in held]), _onward(())]
    coming, _ = messages(_evidence((*held, None)), through, _begin(opening))
    here: Table = coming[at]
    return here


def alone(movements: Sequence[Movement], opening: int) -> Sequence[Weight]:
    """For every movement the weight that it would have if only it were open, and all others held."""
    return _alone(tuple(acts_of(m) for m in movements), tuple(m.left_pct for m in movements), opening)


@lru_cache(maxsize=32)
def _alone(acts: tuple[tuple[Act, ...], ...], left: tuple[int, ...], opening: int) -> tuple[Weight, ...]:
    if not acts:
        return ()
    coming, going = messages(_evidence(left), [_onward_held(a) for a in acts], _begin(opening))
    out = []
    for a, came, goes, before in zip(acts, coming, going, (opening, *left), strict=False):
        out.append(_weight(a, (came.dot(_onward(a)) * goes).dot(_LEVEL_OF), before))
    return tuple(out)


_EVIDENCE = {at: _LEVEL_OF[:, i].copy() for i, at in enumerate(LEVELS)}
_ANY = np.ones(len(STATES))


def _evidence(held: Held) -> Table:
    """Of every movement the states that its weight allows; None: any."""
    rows = [_ANY if left is None else _EVIDENCE[level(left)] for left in held]
    return np.array(rows) if rows else np.empty((0, len(STATES)))


TIE = 1e-6


def _weight(acts: Sequence[Act], levels: Table, before: int) -> Weight:
    """The likeliest weight. `levels`: how likely each level is; `before`: the share before the movement."""
    best = int(np.argmax(levels))
    left = LEVELS[best]
    mirrored = levels[len(LEVELS) - 1 - best]
    if left != EVEN and abs(levels[best] - mirrored) <= TIE:
        return Weight(EVEN, float(levels[best]))
    sure = float(levels[:2].sum() if left < EVEN else levels[3:].sum() if left > EVEN else levels[2])
    last = next((a for a in reversed(acts) if a.kind in ("shift", "stance", "figures")), None)
    if last and last.kind == "figures":
        shares = (last.share or 0, 100 - (last.share or 0))
        return Weight(next((x for x in shares if level(x) == left), left), sure)
    if last and last.kind == "shift" and left != EVEN:
        side: Side = "L" if left > EVEN else "R"
        exact = _left(last.side or side, last.share)
        return Weight(exact if level(exact) == left else left, sure)
    return Weight(before if level(before) == left else left, sure)
