"""Takes made ready to play: silence trimmed, loudness levelled."""

from __future__ import annotations

import io
from pathlib import Path

import numpy as np
import soundfile

from kemvo.audio.intake import read_whole
from kemvo.audio.loudness import Meter
from kemvo.audio.speech.voice import Samples, Utterance, resampled
from kemvo.audio.tones import RATE
from kemvo.core.errors import KemvoError, Problem

TAKE_LUFS = -19.0
"""Every take is brought to this loudness, so that they sit beside each other and beside the voice (own choice)."""

HIGHEST = 0.89
FRAME_S = 0.01
OVER_FLOOR_DB = 12.0
"""What is so much louder than the quietest tenth of a recording is speech (own choice)."""

FAINTEST_DB = -52.0
BEFORE_S, AFTER_S = 0.03, 0.06
"""Kept before and after the speech, so that soft beginnings and ends are not cut."""

EDGE_S = 0.008
LONGEST_S = 120


def read_recording(path: Path, name: str = "") -> tuple[Utterance, list[str]]:
    """A recording from a sound file, and what is to be told about it. Raises KemvoError when it cannot be read or is too
    long."""
    samples, notes = read_whole(path, RATE, LONGEST_S, "Record one line at a time.", name)
    return Utterance(samples, RATE), notes


def made_ready(recording: Utterance) -> Utterance:
    """The spoken part of a recording, at the loudness of all takes. Raises KemvoError where nothing is heard."""
    samples = resampled(recording, RATE)
    samples = samples - samples.mean() if len(samples) else samples
    first, last = _speech(samples)
    a, b = max(0, first - round(BEFORE_S * RATE)), min(len(samples), last + round(AFTER_S * RATE))
    said = np.array(samples[a:b])
    edge = min(round(EDGE_S * RATE), len(said) // 2)
    if edge:
        said[:edge] *= np.linspace(0, 1, edge, dtype=np.float32)
        said[-edge:] *= np.linspace(1, 0, edge, dtype=np.float32)
    return Utterance(_levelled(said), RATE)


def _speech(samples: Samples) -> tuple[int, int]:
    """Where speech begins and ends."""
    size = round(FRAME_S * RATE)
    whole = len(samples) // size
    if not whole:
        raise _silent()
    power = (samples[: whole * size].astype(np.float64) ** 2).reshape(whole, size).mean(axis=1)
    level = 10 * np.log10(power + 1e-12)
    floor = float(np.percentile(level, 10))
    loud = level > max(FAINTEST_DB, min(floor + OVER_FLOOR_DB, float(level.max()) - 15))
    found = np.flatnonzero(loud)
    if not len(found) or float(level.max()) < FAINTEST_DB:
        raise _silent()
    return int(found[0]) * size, (int(found[-1]) + 1) * size


def _silent() -> KemvoError:
    return KemvoError(
        Problem(
            what="Nothing is heard in this recording.",
            mend="See whether the microphone is on, and speak a little closer.",
        )
    )


def _levelled(said: Samples) -> Samples:
    meter = Meter(RATE)
    meter.add(np.concatenate((said, np.zeros(RATE // 2, np.float32))) if len(said) < RATE else said)
    loudness = meter.loudness()
    gain = 10 ** ((TAKE_LUFS - loudness) / 20) if np.isfinite(loudness) else 1.0
    highest = float(np.abs(said).max()) if len(said) else 0.0
    return np.asarray(said * min(gain, HIGHEST / highest if highest else 1.0), np.float32)


def as_wav(u: Utterance) -> bytes:
    """An utterance as the bytes of a WAV file."""
    out = io.BytesIO()
    soundfile.write(out, u.samples, u.rate, format="WAV", subtype="PCM_16")
    return out.getvalue()
