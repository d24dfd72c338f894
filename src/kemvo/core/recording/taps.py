"""Taps made while watching: each lands on what comes next."""

from __future__ import annotations

from collections.abc import Sequence
from statistics import median
from typing import Literal, NamedTuple

from kemvo.core.recording.model import Mark
from kemvo.core.recording.performed import Keyed

TapKind = Literal["posture", "movement", "stopped", "on"]

HAND_MS = 80
"""A hand is so late when it taps what it sees coming (common practice, no source); a short trial measures one's own."""


class Tap(NamedTuple):
    """A tap: when, in milliseconds of the recording, and what it means."""

    at_ms: int
    kind: TapKind = "posture"


class Tapped(NamedTuple):
    """Marks from taps, and how many taps came when nothing was left to land on."""

    marks: list[Mark]
    over: int


TRIAL_WARM_UP = 2
"""The first taps of a trial do not count."""
EARLIEST_MS, LATEST_MS = -300, 500
"""A hand is taken to be so early, and so late, at most."""


def hand_from_trial(late_ms: Sequence[float]) -> int:
    """How late a hand is (ms), by a trial: the middle of how late its taps were, without the first ones."""
    counted = late_ms[TRIAL_WARM_UP:] or late_ms
    return min(LATEST_MS, max(EARLIEST_MS, round(median(counted)))) if counted else HAND_MS


def marks_from_taps(
    taps: Sequence[Tap], done: Sequence[Keyed], hand_ms: int = HAND_MS, begin: int = 0, speed: float = 1.0
) -> Tapped:
    """Marks from taps in order of time. A tap for a posture lands on the next posture, one for a movement on the next
    movement; "stopped" ends the movement that is being done, "on" begins what comes next. `hand_ms` is taken off each:
    while it is watched at `speed`, so much more of the recording goes by. `begin`: the number of the place from which on they count (to go over a part again)."""
    at = begin - 1
    marks: list[Mark] = []
    over = 0
    for tap in sorted(taps):
        ms = max(0, tap.at_ms - round(hand_ms * speed))
        if tap.kind == "stopped":
            if at >= begin:
                marks.append(Mark(place=done[at].key, edge="end", at_ms=ms, source="tap", sure=0.98, hand=True))
            continue
        here = next_place(done, at, tap.kind)
        if here is None:
            over += 1
            continue
        at = here
        marks.append(Mark(place=done[at].key, at_ms=ms, source="tap", sure=0.98, hand=True))
    return Tapped(marks, over)


def next_place(done: Sequence[Keyed], at: int, kind: TapKind) -> int | None:
    """The place after `at` on which a tap of a kind lands; None when there is none left."""
    for i in range(at + 1, len(done)):
        place = done[i].place
        if place.kind == "movement" and (kind != "posture" or place.movement_no == 0):
            return i
    return None
