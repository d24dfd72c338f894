"""The breath curve along a timeline: lung fill, and the number of breaths.

Movements in a row with the same direction are one breath. `free` movements, holds and pauses call no
breath: the lungs stay as they are for the picture, and nobody is asked to hold anything.
"""

from __future__ import annotations

from collections.abc import Sequence

from kemvo.core.types import Breath

Step = tuple[Breath, str, int, int]
"""Direction, kind of span, length in milliseconds, number of the pass."""


def runs(steps: Sequence[Step]) -> list[tuple[int, int]]:
    """The breaths as ranges [first, last) of steps: neighbours of one direction, in one pass, in or out."""
    found = []
    at = 0
    while at < len(steps):
        breath, _, _, leg = steps[at]
        end = at + 1
        if breath == "free":
            at = end
            continue
        while end < len(steps) and steps[end][0] == breath and steps[end][3] == leg:
            end += 1
        found.append((at, end))
        at = end
    return found


def fills(steps: Sequence[Step]) -> list[tuple[float, float]]:
    """How full the lungs are at both ends of every step, 0 (empty) to 1 (full).

    An in-breath ends full and an out-breath ends empty; within a breath of several movements each takes
    the share of its time.
    """
    level = 0.0
    out: list[tuple[float, float]] = []
    for first, end in runs(steps):
        out += [(level, level)] * (first - len(out))
        goal = 1.0 if steps[first][0] == "in" else 0.0
        start = level
        whole = sum(step[2] for step in steps[first:end]) or 1
        done = 0
        for step in steps[first:end]:
            done += step[2]
            new = goal if done == whole else start + (goal - start) * done / whole
            out.append((level, new))
            level = new
    return out + [(level, level)] * (len(steps) - len(out))


def breath_starts(steps: Sequence[tuple[Breath, int]]) -> list[bool]:
    """For every step (direction, number of the pass): whether a whole breath, in and out, begins with it.

    A breath begins with every in-breath, and with an out-breath that no in-breath came before.
    """
    starts = []
    before: Breath = "free"
    called: Breath = "free"
    pass_no = -1
    for b, no in steps:
        if no != pass_no:
            before = called = "free"
            pass_no = no
        starts.append((b == "in" and before != "in") or (b == "out" and before != "out" and called != "in"))
        if b != "free":
            called = b
        before = b
    return starts
