"""What is said, in which words, starting when: one pure function of cues, lengths and blocked times.

Nobody is ever heard saying two things at once, and every cue is over before its moment. Of all ways to
keep the order of the cues, the one of greatest total worth is found (exactly: see `_choose`), every cue
as late as it may be. What is shortened or left out says why, in numbers.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from typing import Literal, NamedTuple

from kemvo.core.cues import KINDS, Cue

GAP_MS = 200
"""Least silence between two utterances: a breath (own choice)."""

State = Literal["full", "shorter", "left out"]
Interval = tuple[int, int]


class Decision(NamedTuple):
    """What became of a cue: `text` from `start_ms` to `end_ms`, or left out (no times, empty text).

    `reason` is empty when it is said in full. `needs_ms` is the length of the longest wording, `free_ms`
    the longest time that is free for it between its neighbours.
    """

    cue: Cue
    state: State
    text: str
    start_ms: int | None
    end_ms: int | None
    needs_ms: int
    free_ms: int
    reason: str


def schedule(
    cues: Sequence[Cue], lengths: Mapping[str, int], blocked: Sequence[Interval] = (), gap_ms: int = GAP_MS
) -> list[Decision]:
    """Decide every cue. `lengths` gives the spoken length of each wording's text in milliseconds.

    Returns one decision for every cue, in the order of their moments; none is lost.
    """
    order = sorted(cues, key=lambda c: (c.due_ms, c.target_ms, KINDS[c.kind].rank, c.id))
    walls = _merged(blocked)
    chosen = _choose(order, lengths, walls, gap_ms)
    return [_decision(i, order, chosen, lengths, walls, gap_ms) for i in range(len(order))]


class _Place(NamedTuple):
    wording: int
    start: int
    end: int


class _Node(NamedTuple):
    """A way to place the cues from some cue on: the first one's start, the worth of all, and the choices."""

    start: int
    worth: int
    place: _Place | None
    rest: _Node | None


def _choose(
    order: Sequence[Cue], lengths: Mapping[str, int], walls: Sequence[Interval], gap_ms: int
) -> list[_Place | None]:
    """The placing of greatest worth that keeps the order.

    From the last cue to the first. For what comes before it only matters when the speaking after it
    starts and what that is worth: of two ways, one that starts earlier and is worth no more can be
    forgotten. Whatever is said is best said as late as it may be, since that never takes room from the
    cues before. So the ways that are kept contain a best one.
    """
    never = max((c.due_ms for c in order), default=0) + gap_ms + 1
    front = [_Node(never, 0, None, None)]
    for i in range(len(order) - 1, -1, -1):
        cue = order[i]
        ways: list[_Node] = []
        for node in front:
            ways.append(_Node(node.start, node.worth, None, node))
            limit = min(cue.due_ms, node.start - gap_ms)
            for w, wording in enumerate(cue.wordings):
                start = _latest(limit, lengths[wording.text], cue.opens_ms, walls)
                if start is not None:
                    place = _Place(w, start, start + lengths[wording.text])
                    ways.append(_Node(start, node.worth + cue.worth(w), place, node))
        enough = order[i - 1].due_ms + gap_ms if i else 0
        front = _pruned(ways, enough)
    best: _Node | None = max(front, key=lambda n: n.worth)
    chosen = []
    while best is not None and best.rest is not None:
        chosen.append(best.place)
        best = best.rest
    return chosen


def _pruned(ways: list[_Node], enough: int) -> list[_Node]:
    """Drop every way that starts no later and is worth no more than another.

    From `enough` on, a later start is no use to the cues before; such ways differ in worth only.
    """
    ways.sort(key=lambda n: (min(n.start, enough), n.worth), reverse=True)
    front: list[_Node] = []
    for node in ways:
        if not front or node.worth > front[-1].worth:
            front.append(node)
    return front


def _latest(limit: int, ms: int, opens: int, walls: Sequence[Interval]) -> int | None:
    """The latest start in [opens, limit - ms] at which nothing blocked is touched, or None."""
    start = limit - ms
    for wall_start, wall_end in reversed(walls):
        if start < wall_end and start + ms > wall_start:
            start = wall_start - ms
        if wall_end <= start:
            break
    return start if start >= opens else None


def _merged(blocked: Sequence[Interval]) -> list[Interval]:
    out: list[Interval] = []
    for start, end in sorted(b for b in blocked if b[1] > b[0]):
        if out and start <= out[-1][1]:
            out[-1] = (out[-1][0], max(end, out[-1][1]))
        else:
            out.append((start, end))
    return out


def _decision(
    i: int,
    order: Sequence[Cue],
    chosen: Sequence[_Place | None],
    lengths: Mapping[str, int],
    walls: Sequence[Interval],
    gap_ms: int,
) -> Decision:
    cue, place = order[i], chosen[i]
    needs = lengths[cue.wordings[0].text] if cue.wordings else 0
    if place and place.wording == 0:
        return Decision(cue, "full", cue.wordings[0].text, place.start, place.end, needs, place.end - place.start, "")
    before = next((p.end + gap_ms for p in reversed(chosen[:i]) if p), 0)
    after = next((p.start - gap_ms for p in chosen[i + 1 :] if p), cue.due_ms)
    free = _longest_free(max(cue.opens_ms, before), min(cue.due_ms, after), walls)
    if place:
        reason = f"The full wording needs {_seconds(needs)}; {_seconds(free)} free before the movement."
        return Decision(cue, "shorter", cue.wordings[place.wording].text, place.start, place.end, needs, free, reason)
    least = min((lengths[w.text] for w in cue.wordings), default=0)
    reason = f"Needs {_seconds(least)}; {_seconds(free)} free before the movement."
    return Decision(cue, "left out", "", None, None, needs, free, reason)


def _longest_free(start: int, end: int, walls: Sequence[Interval]) -> int:
    best, at = 0, start
    for wall_start, wall_end in walls:
        if wall_end <= at or wall_start >= end:
            continue
        best = max(best, wall_start - at)
        at = wall_end
    return max(best, end - at, 0)


def _seconds(ms: int) -> str:
    return f"{ms / 1000:.1f} s"
