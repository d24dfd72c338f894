"""How loud a recording is over time, where it is silent and where somebody seems to speak: worked out once, when it is brought in."""

from __future__ import annotations

from pathlib import Path
from typing import NamedTuple

import numpy as np

from kemvo.core.recording.model import Media
from kemvo.film.probe import Report
from kemvo.film.sounds import form_of, in_pieces, own_sound

STEP_MS = 50
FLOOR_DB = -90.0
SILENT_DB = -50.0
"""Below this, and near the quietest of the recording, it is silent."""
ABOVE_FLOOR_DB = 12.0
"""Speech stands so far above what is always there."""
VOICE_HZ = (250, 3800)
VOICE_SHARE = 0.55
"""Of the energy of speech at least this share lies where voices are."""
SYLLABLES_DB = 4.0
"""Speech swells and ebbs by at least so much within half a second; music and wind do not."""
LEAST_SPEECH_MS, BRIDGED_MS = 300, 500
RUN_MS = 1000
"""Silence is told from this length on."""

Runs = list[tuple[int, int]]


class Envelope(NamedTuple):
    """For every `STEP_MS` the level (dB of full scale) and the peak, and the stretches of silence and speech (ms)."""

    level_db: np.ndarray
    peak_db: np.ndarray
    silence: Runs
    speech: Runs


def envelope(path: Path, media: Media, report: Report = lambda _: None) -> Envelope:
    """Work out the envelope of a recording's sound. Memory grows by a few bytes for every step."""
    form = form_of(media)
    size = form.rate * STEP_MS // 1000
    levels, peaks, shares = [], [], []
    window = np.hanning(size).astype(np.float32)
    hertz = np.fft.rfftfreq(size, 1 / form.rate)
    voice = (hertz >= VOICE_HZ[0]) & (hertz <= VOICE_HZ[1])
    done = 0
    for piece in in_pieces(own_sound(path, media), size * 40):
        mono = piece.mean(axis=0)
        done += len(mono)
        frames = mono[: len(mono) // size * size].reshape(-1, size)
        if not len(frames):
            continue
        energy = np.maximum((frames.astype(np.float64) ** 2).mean(axis=1), 1e-12)
        spectrum = np.abs(np.fft.rfft(frames * window, axis=1)) ** 2
        levels.append(10 * np.log10(energy))
        peaks.append(20 * np.log10(np.maximum(np.abs(frames).max(axis=1), 1e-6)))
        shares.append(spectrum[:, voice].sum(axis=1) / np.maximum(spectrum[:, 1:].sum(axis=1), 1e-12))
        report(min(1.0, done / max(1, form.samples)))
    if not levels:
        return Envelope(np.zeros(0, np.int8), np.zeros(0, np.int8), [], [])
    level, peak, share = np.concatenate(levels), np.concatenate(peaks), np.concatenate(shares)
    floor = float(np.percentile(level, 10))
    silent = level < max(FLOOR_DB + 5, min(SILENT_DB, floor + 6))
    moving = _swing(level)
    spoken = (level > floor + ABOVE_FLOOR_DB) & (share > VOICE_SHARE) & (moving > SYLLABLES_DB)
    return Envelope(
        np.clip(level, FLOOR_DB, 0).round().astype(np.int8),
        np.clip(peak, FLOOR_DB, 0).round().astype(np.int8),
        _runs(silent, 0, RUN_MS),
        _runs(spoken, BRIDGED_MS, LEAST_SPEECH_MS),
    )


def _swing(level: np.ndarray) -> np.ndarray:
    """How much the level swells and ebbs about each moment."""
    n = 10
    padded = np.pad(level, n // 2, mode="edge")
    return np.asarray(np.lib.stride_tricks.sliding_window_view(padded, n).std(axis=1)[: len(level)])


def _runs(true: np.ndarray, bridged_ms: int, least_ms: int) -> Runs:
    edges = np.flatnonzero(np.diff(np.concatenate([[0], true.astype(np.int8), [0]])))
    out: Runs = []
    for a, b in zip(edges[::2] * STEP_MS, edges[1::2] * STEP_MS, strict=True):
        if out and a - out[-1][1] <= bridged_ms:
            out[-1] = (out[-1][0], int(b))
        else:
            out.append((int(a), int(b)))
    return [r for r in out if r[1] - r[0] >= least_ms]


def save(made: Envelope, path: Path) -> None:
    """Keep an envelope beside its recording."""
    with path.open("wb") as file:
        np.savez_compressed(
            file, level=made.level_db, peak=made.peak_db, silence=np.array(made.silence, np.int64).reshape(-1, 2),
            speech=np.array(made.speech, np.int64).reshape(-1, 2),
        )  # fmt: skip


def load(path: Path) -> Envelope:
    """An envelope that was kept. Raises OSError when there is none."""
    with np.load(path) as kept:
        runs = [[(int(a), int(b)) for a, b in kept[k]] for k in ("silence", "speech")]
        return Envelope(kept["level"], kept["peak"], *runs)


def in_points(values: np.ndarray, points: int) -> list[int]:
    """A curve of so many points at most, each the greatest of its stretch."""
    if len(values) <= points:
        return [int(v) for v in values]
    edges = np.linspace(0, len(values), points + 1).astype(int)[:-1]
    return [int(v) for v in np.maximum.reduceat(values, edges)]
