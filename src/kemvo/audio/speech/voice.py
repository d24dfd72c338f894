"""What a voice is: something that turns a text into samples."""

from __future__ import annotations

from typing import NamedTuple, Protocol

import numpy as np
from numpy.typing import NDArray

Samples = NDArray[np.float32]
"""Mono samples between -1 and 1."""

QUIET = 0.004
"""Samples below this (about -48 dB) at either end of an utterance are silence and are trimmed."""

SAFE_MS = 10
"""Kept at both ends, so that soft consonants are not clipped."""


class Utterance(NamedTuple):
    """Spoken text: its samples and their rate in hertz."""

    samples: Samples
    rate: int

    def ms(self) -> int:
        """Its length in whole milliseconds, rounded up."""
        return -(-len(self.samples) * 1000 // self.rate)


class Voice(Protocol):
    """A voice. `key` names engine, voice and speed: equal keys speak equal texts alike."""

    slow: bool
    """Whether speaking takes so long that one does not wait for it."""
    wpm: int

    @property
    def key(self) -> str: ...

    def speak(self, text: str) -> Utterance:
        """The text, spoken, without silence before or after. An empty text gives no samples."""
        ...


def resampled(clip: Utterance, rate: int) -> Samples:
    """A clip at another rate, by band-limited interpolation (Fourier method over the whole clip)."""
    if clip.rate == rate or not len(clip.samples):
        return clip.samples
    n = len(clip.samples)
    wanted = round(n * rate / clip.rate)
    pad = 1 << (n + clip.rate // 50).bit_length()
    spectrum = np.fft.rfft(clip.samples, pad)
    out = pad * rate // clip.rate if (pad * rate) % clip.rate == 0 else round(pad * rate / clip.rate)
    return np.asarray(np.fft.irfft(spectrum, out)[:wanted] * (out / pad), np.float32)


def trimmed(samples: Samples, rate: int) -> Samples:
    """The samples without the silence at both ends."""
    loud = np.flatnonzero(np.abs(samples) > QUIET)
    if not len(loud):
        return samples[:0]
    safe = rate * SAFE_MS // 1000
    return samples[max(0, loud[0] - safe) : loud[-1] + 1 + safe]
