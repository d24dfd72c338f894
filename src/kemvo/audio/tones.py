"""The sounds Kemvo makes itself: a rising tone for the in-breath, a falling one for the out-breath, a chime."""

from __future__ import annotations

from functools import lru_cache

import numpy as np

from kemvo.audio.speech.voice import Samples

RATE = 44_100
"""Rate of everything Kemvo renders, in hertz."""

BREATH_LEVEL = 0.055
CHIME_LEVEL = 0.16

LOW_HZ, HIGH_HZ = 174.6, 233.1
"""A breath glides a fourth: F3 to B flat 3 going in, and back going out."""

OUT_HZ_FACTOR = 0.75
"""The out-breath lies a fourth lower than the in-breath, so that the two differ in pitch as well as in direction."""

CURVE = 512
"""Places at which a breath tone's pitch and swell are worked out."""

CHIME_HZ = (523.25, 784.0, 1175.0, 1568.0)
CHIME_PARTS = (1.0, 0.45, 0.22, 0.1)
CHIME_FADES_S = (1.1, 0.8, 0.5, 0.35)


@lru_cache(maxsize=64)
def breath_tone(direction: str, ms: int) -> Samples:
    """A soft tone of `ms`: it swells and rises ("breath-in"), or ebbs and falls ("breath-out")."""
    n = ms * RATE // 1000
    if n == 0:
        return np.zeros(0, np.float32)
    u = np.linspace(0.0, 1.0, n, endpoint=False)
    # Pitch and swell change slowly: they are worked out at a few places and drawn straight between them.
    few = np.linspace(0.0, 1.0, CURVE + 1)
    glide = few * few * (3 - 2 * few)
    if direction == "breath-in":
        hertz = LOW_HZ * (HIGH_HZ / LOW_HZ) ** glide
        swell = np.sin(np.pi * few**1.4)
    else:
        hertz = OUT_HZ_FACTOR * HIGH_HZ * (LOW_HZ / HIGH_HZ) ** glide
        swell = np.sin(np.pi * few**0.6)
    turns = np.cumsum(np.interp(u, few, hertz)) / RATE
    phase = ((turns - np.floor(turns)) * (2 * np.pi)).astype(np.float32)
    first, turned = np.sin(phase), np.cos(phase)
    # The second and third partial: sin 2x = 2 sin x cos x, sin 3x = 3 sin x - 4 sin^3 x.
    body = first * (1 + 0.7 * turned + 0.12 * (3 - 4 * first * first))
    swell = np.interp(u, few, swell)
    edge = np.clip(np.minimum(np.arange(n), np.arange(n)[::-1]) / (0.02 * RATE), 0, 1)
    return np.asarray(BREATH_LEVEL * swell * body * edge, np.float32)


@lru_cache(maxsize=8)
def chime(ms: int) -> Samples:
    """A small bell that rings out within `ms`."""
    n = ms * RATE // 1000
    t = np.arange(n) / RATE
    ring = sum(
        part * np.exp(-t / fade) * np.sin(2 * np.pi * hertz * t)
        for hertz, part, fade in zip(CHIME_HZ, CHIME_PARTS, CHIME_FADES_S, strict=True)
    )
    edge = np.minimum(np.clip(np.arange(n) / (0.004 * RATE), 0, 1), np.clip(np.arange(n)[::-1] / (0.25 * RATE), 0, 1))
    return np.asarray(CHIME_LEVEL * ring * edge, np.float32)
