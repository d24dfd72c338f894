"""What sounds under a practice: Kemvo's own simple grounds, or a sound the user brings, looped; ducked under speech."""

from __future__ import annotations

from collections.abc import Iterable
from functools import lru_cache

import numpy as np

from kemvo.audio.ducking import GROUND_EDGE_S, ducked
from kemvo.audio.loops import JOIN_S, QUIETEST, HeldLoop, Loop, growth
from kemvo.audio.speech.voice import Samples
from kemvo.audio.tones import RATE
from kemvo.core.model.session import BackgroundId
from kemvo.core.practice.soundtrack import Sound

LOOP_S = 40
"""A ground of Kemvo's own lasts so long before it comes again, its end laid softly over its beginning."""

FADE_S = 3.0
"""Seconds of the fade at the beginning and at the end."""


@lru_cache(maxsize=4)
def ground(kind: BackgroundId) -> Loop:
    """One round of a ground of Kemvo's own, at a mean level of one. The same every time."""
    n = (LOOP_S + JOIN_S) * RATE
    chance = np.random.default_rng(sum(kind.encode()))
    t = np.arange(n) / RATE
    if kind == "wind":
        noise = _band(chance.standard_normal(n), 120, 600)
        sound = noise * (0.6 + 0.4 * _slow(chance, n, 7))
    elif kind == "water":
        deep, bright = _band(chance.standard_normal(n), 200, 900), _band(chance.standard_normal(n), 1500, 5000)
        sound = deep + 0.5 * bright * (0.3 + 0.7 * _slow(chance, n, 0.4) ** 2)
    else:
        sound = np.zeros(n)
        for part, hertz, phase in ((1.0, 87.3, 0.0), (0.6, 130.8, 1.1), (0.35, 174.6, 2.3), (0.2, 261.6, 0.4)):
            sound += part * np.sin(2 * np.pi * hertz * t + phase) * (0.7 + 0.3 * _slow(chance, n, 9))
    return HeldLoop(_round(sound))


def _band(x: np.ndarray, low: float, high: float) -> np.ndarray:
    from scipy.signal import butter, sosfiltfilt

    return np.asarray(sosfiltfilt(butter(2, (low, high), "bandpass", fs=RATE, output="sos"), x))


def _slow(chance: np.random.Generator, n: int, every_s: float) -> np.ndarray:
    """A curve between 0 and 1 that wanders about every so many seconds."""
    points = chance.random(int(n / RATE / every_s) + 3)
    return np.interp(np.arange(n) / RATE / every_s, np.arange(len(points)), points)


def _round(sound: np.ndarray) -> Samples:
    """A sound made to come round: its last seconds laid over its first; at a mean level of one."""
    join = min(JOIN_S * RATE, len(sound) // 3)
    if join:
        up = growth(join)
        out = sound[join:].copy()
        out[-join:] = out[-join:] * up[::-1] + sound[:join] * up
    else:
        out = sound
    level = float(np.sqrt(np.mean(out**2))) if len(out) else 0.0
    return np.asarray(out / level if level > QUIETEST else out * 0, np.float32)


class Bed:
    """The ground under a practice of `total` samples: a round over and over, `level` for its mean, down by `duck` (a
    factor) while somebody speaks, coming and going softly."""

    def __init__(self, round_: Loop, total: int, level: float, duck: float, sounds: Iterable[Sound]) -> None:
        self.round = round_
        self.total = total
        self.level = level
        self.at, self.value = ducked(sounds, GROUND_EDGE_S, lambda _, __: duck)

    def block(self, start: int, end: int) -> Samples:
        """The samples from start to end."""
        if not len(self.round):
            return np.zeros(end - start, np.float32)
        at = np.arange(start, end)
        s = at / RATE
        fade = np.clip(np.minimum(s, (self.total - at) / RATE) / FADE_S, 0, 1)
        return np.asarray(
            self.round.piece(start, end - start) * (self.level * fade * np.interp(s, self.at, self.value)), np.float32
        )
