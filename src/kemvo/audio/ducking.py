"""Ducking: what sounds under speech goes down while somebody speaks, and comes back, with soft edges. For a ground and for a recording's
own sound alike."""

from __future__ import annotations

from collections.abc import Callable, Iterable

import numpy as np
from numpy.typing import NDArray

from kemvo.core.practice.soundtrack import Sound

GROUND_EDGE_S, RECORDING_EDGE_S = 0.6, 0.4
"""Seconds it takes to go down and to come back: a ground, and a recording's own sound (own choices)."""


def factor(down_db: float) -> float:
    """What samples are multiplied by to be so many decibels quieter."""
    return float(10 ** (-down_db / 20))


def spoken(sounds: Iterable[Sound], edge_s: float) -> list[tuple[float, float]]:
    """When somebody speaks, in seconds, in order; silences too short to come back in belong to it."""
    out: list[tuple[float, float]] = []
    for s in sounds:
        if s.kind != "speech":
            continue
        a, b = s.at_ms / 1000, (s.at_ms + s.ms) / 1000
        if out and a - out[-1][1] < 2 * edge_s:
            out[-1] = (out[-1][0], max(out[-1][1], b))
        else:
            out.append((a, b))
    return out


def ducked(
    sounds: Iterable[Sound], edge_s: float, level: Callable[[float, float], float]
) -> tuple[NDArray[np.float64], NDArray[np.float64]]:
    """The factor over time as corners of a line, in seconds: 1, and `level(from, to)` while somebody speaks from one to the other."""
    at, value = [-edge_s], [1.0]
    for a, b in spoken(sounds, edge_s):
        down = level(a, b)
        at += [a - edge_s, a, b, b + edge_s]
        value += [1.0, down, down, 1.0]
    return np.array(at), np.array(value)
