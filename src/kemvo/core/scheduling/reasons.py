"""The outcome of each cue, with its reason in numbers."""

from __future__ import annotations

from bisect import bisect_left, bisect_right
from collections.abc import Sequence
from typing import Literal, NamedTuple

from kemvo.core.scheduling.model import Answer, Saying, Talk, TimedUtterance, in_order, joins_of
from kemvo.core.scheduling.value_curve import Interval, merged

MOVED_MS = 2500
"""What ends so much before it should counts as moved."""

MOVES_MATTER = 0.05
"""What loses less than this a second may come early without anybody minding."""

State = Literal["full", "shorter", "moved", "left out"]


class Outcome(NamedTuple):
    """What became of a saying: `text` from `start_ms` to `end_ms`, or left out (no times, empty text).

    `reason` is empty when it is said in full. `needs_ms` is the length of the longest wording, `free_ms` the longest time
    that is free for it between its neighbours. `together`: the sayings of one utterance, in order. `wished`: there is
    room, but less talk is wished than that.
    """

    id: str
    state: State
    text: str
    start_ms: int | None
    end_ms: int | None
    needs_ms: int
    free_ms: int
    reason: str
    together: tuple[str, ...] = ()
    wished: bool = False


def outcomes(talk: Talk, answer: Answer) -> list[Outcome]:
    """One outcome for every saying, in their order; none is lost."""
    order = in_order(talk.sayings)
    places = {s.id: i for i, s in enumerate(order)}
    said: dict[str, int] = {i: k for k, u in enumerate(answer.utterances) for i in u.ids}
    at = [places[u.ids[0]] for u in answer.utterances]
    over_by = {order[places[i]].target_ms: u.end_ms for u in answer.utterances for i in u.ids}
    walls = merged(talk.blocked)
    out = []
    for no, s in enumerate(order):
        k = said.get(s.id)
        here = bisect_left(at, no) if k is None else k
        before = answer.utterances[here - 1].end_ms + talk.gap_ms if here else 0
        nxt = here if k is None else here + 1
        after = answer.utterances[nxt].start_ms - talk.gap_ms if nxt < len(answer.utterances) else s.due_ms
        free = longest_free(max(s.opens_ms, before), min(s.due_ms, after), walls)
        needs = s.wordings[0].ms if s.wordings else 0
        if k is None:
            reason = _why_not(s, free, s.id in answer.missed, walls, talk)
            spare = bool(s.wordings) and free >= min(w.ms for w in s.wordings) and s.id not in answer.missed
            out.append(Outcome(s.id, "left out", "", None, None, needs, free, reason, (), spare))
            continue
        u = answer.utterances[k]
        state, reason = _how(s, u, needs, free, over_by[s.target_ms], talk, order, places)
        together = u.ids if len(u.ids) > 1 else ()
        spare = state == "shorter" and free >= needs
        out.append(Outcome(s.id, state, u.text, u.start_ms, u.end_ms, needs, free, reason, together, spare))
    return out


def _how(
    s: Saying, u: TimedUtterance, needs: int, free: int, over: int, talk: Talk, order: Sequence[Saying], places: dict[str, int]
) -> tuple[State, str]:  # fmt: skip
    """How something was said. What belongs to one moment is told one after the other: `over` is when the last of it
    is."""
    if not _in_full(u, talk, order, places):
        if free >= needs:
            return "shorter", f"The full wording needs {seconds(needs)}; {_wish(talk)}."
        return "shorter", f"The full wording needs {seconds(needs)}; {seconds(free)} free before the movement."
    early = (s.due_ms if s.ideal_ms is None else s.ideal_ms) - over
    if early >= MOVED_MS and s.pin_ms is None and s.early >= MOVES_MATTER:
        return "moved", f"It is over {seconds(early)} before it should be, to make room for what follows."
    return "full", ""


def _in_full(u: TimedUtterance, talk: Talk, order: Sequence[Saying], places: dict[str, int]) -> bool:
    if len(u.ids) == 1:
        return u.wording == 0
    worth = next(j for j in joins_of(talk) if j.ids == u.ids).wordings[u.wording].worth
    return worth >= sum(max(w.worth for w in order[places[i]].wordings) for i in u.ids) - 1e-9


def _wish(talk: Talk) -> str:
    if talk.price_per_s or talk.ceilings:
        return "less talk is wished here than that"
    return "it would crowd what stands beside it"


def _why_not(s: Saying, free: int, missed: bool, walls: Sequence[Interval], talk: Talk) -> str:
    if not s.wordings:
        return "There is nothing to say."
    least = min(w.ms for w in s.wordings)
    if missed:
        return f"It has to be said and cannot: it needs {seconds(least)}, and {seconds(free)} is free beside what also has to be said."
    if free >= least:
        return f"It would fit ({seconds(least)}), but {_wish(talk)}."
    if longest_free(s.opens_ms, s.due_ms, walls) < least <= s.due_ms - s.opens_ms:
        return f"Needs {seconds(least)}; {seconds(free)} free outside the quiet times."
    return f"Needs {seconds(least)}; {seconds(free)} free before the movement."


def longest_free(start: int, end: int, walls: Sequence[Interval]) -> int:
    """The longest stretch from start to end that touches nothing blocked, in milliseconds. `walls`: merged, in order."""
    best, at = 0, start
    for wall_start, wall_end in walls[bisect_right(walls, start, key=lambda w: w[1]) :]:
        if wall_start >= end:
            break
        best = max(best, wall_start - at)
        at = max(at, wall_end)
    return max(best, end - at, 0)


def seconds(ms: int) -> str:
    """A length in seconds with a tenth."""
    return f"{ms / 1000:.1f} s"


def leeway(talk: Talk, answer: Answer) -> dict[str, int]:
    """How long every utterance may last (by its first saying) with all others still said as they are: those before it
    moved as early as they can be, those after it as late."""
    by_id = {s.id: s for s in talk.sayings}
    walls = merged(talk.blocked)
    said = answer.utterances
    early, late = [], []
    at = 0
    for u in said:
        part = [by_id[i] for i in u.ids]
        pinned = part[0].pin_ms is not None
        start = u.start_ms if pinned else _earliest(max(at, part[0].opens_ms), u.end_ms - u.start_ms, walls)
        early.append(min(start, u.start_ms))
        at = early[-1] + (u.end_ms - u.start_ms) + talk.gap_ms
    until: int | None = None
    for u in reversed(said):
        part = [by_id[i] for i in u.ids]
        due = min(s.due_ms for s in part)
        end = max(u.end_ms, due if until is None else min(due, until))
        late.append(end)
        length = u.end_ms - u.start_ms
        begins = u.start_ms if part[0].pin_ms is not None else max(u.start_ms, _latest(end, length, walls))
        until = begins - talk.gap_ms
    return {
        u.ids[0]: max(u.end_ms - u.start_ms, longest_free(a, b, walls))
        for u, a, b in zip(said, early, reversed(late), strict=True)
    }


def _earliest(start: int, ms: int, walls: Sequence[Interval]) -> int:
    for a, b in walls:
        if start < b and start + ms > a:
            start = b
    return start


def _latest(end: int, ms: int, walls: Sequence[Interval]) -> int:
    for a, b in reversed(walls):
        if end - ms < b and end > a:
            end = a
    return end - ms
