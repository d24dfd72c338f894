"""What sounds under a practice: Kemvo's own simple grounds, or a sound the user brings, looped; ducked under speech."""

from __future__ import annotations

from collections.abc import Iterable, Iterator
from functools import lru_cache
from pathlib import Path
from typing import Protocol

import numpy as np

from kemvo.audio.intake import Intake, Report
from kemvo.audio.tones import RATE
from kemvo.audio.voice import Samples
from kemvo.core.session import BackgroundId
from kemvo.core.sound import Sound

LOOP_S = 40
JOIN_S = 4
"""A ground of Kemvo's own lasts so long before it comes again, its end laid softly over its beginning."""

LONGEST_S = 30 * 60
"""Of a sound the user brings at most so much is used."""

EDGE_S = 0.6
"""So long it takes to duck under speech, and to come back."""

FADE_S = 3.0
"""So long it comes in at the beginning and goes at the end."""


@lru_cache(maxsize=4)
def ground(kind: BackgroundId) -> Round:
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
    return HeldRound(_round(sound))


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
        up = np.sqrt(np.linspace(0, 1, join))
        out = sound[join:].copy()
        out[-join:] = out[-join:] * up[::-1] + sound[:join] * up
    else:
        out = sound
    level = float(np.sqrt(np.mean(out**2))) if len(out) else 0.0
    return np.asarray(out / level if level > 1e-6 else out * 0, np.float32)


class Round(Protocol):
    """A sound that comes round, at a mean level of one."""

    def __len__(self) -> int: ...

    def piece(self, start: int, n: int) -> Samples:
        """`n` samples from `start` on, going round as often as it takes."""
        ...


class HeldRound:
    """A round that is held in memory."""

    def __init__(self, samples: Samples) -> None:
        self.samples = samples

    def __len__(self) -> int:
        return len(self.samples)

    def piece(self, start: int, n: int) -> Samples:
        """`n` samples from `start` on."""
        return self.samples[np.arange(start, start + n) % len(self.samples)]


class FiledRound:
    """A round that lies in a file made by `make_round`, read piece by piece."""

    def __init__(self, path: Path) -> None:
        self.path = path
        with path.open("rb") as file:
            np.lib.format.read_magic(file)
            (self._length,), _, _ = np.lib.format.read_array_header_1_0(file)
            self._from = file.tell()

    def __len__(self) -> int:
        return self._length

    def piece(self, start: int, n: int) -> Samples:
        """`n` samples from `start` on."""
        parts: list[np.ndarray] = []
        with self.path.open("rb") as file:
            at = start % self._length
            while n > 0:
                some = min(n, self._length - at)
                file.seek(self._from + 2 * at)
                parts.append(np.fromfile(file, _KEPT_AS, some))
                n, at = n - some, 0
        return np.concatenate(parts).astype(np.float32)


_KEPT_AS = np.dtype("<f2")
"""Rounds are kept as half floats: noise some 70 dB under the sound, and no peak is cut."""

_BLOCK = 1 << 18


def make_round(intake: Intake, to: Path, report: Report = lambda _: None) -> None:
    """Make a sound from outside come round, and keep it in the file `to`. Raises KemvoError when it is no sound; then, and
    when `report` stops it, nothing is left behind."""
    plain, partial = to.with_name(f".{to.name}.plain"), to.with_name(f".{to.name}.part")
    try:
        with plain.open("wb") as out:
            for block in intake.blocks(RATE, LONGEST_S, report=lambda share: report(DECODING * share)):
                block.tofile(out)
        n = intake.samples
        join = min(JOIN_S * RATE, n // 3)
        power = sum(float(np.dot(b, b)) for b in _joined(plain, n, join)) / max(1, n - join)
        gain = np.float32(1 / np.sqrt(power) if power > QUIETEST**2 else 0.0)
        with partial.open("wb") as out:
            shape = {"descr": _KEPT_AS.str, "fortran_order": False, "shape": (n - join,)}
            np.lib.format.write_array_header_1_0(out, shape)
            for b in _joined(plain, n, join):
                (b * gain).astype(_KEPT_AS).tofile(out)
                report(DECODING)
        partial.replace(to)
        report(1.0)
    finally:
        plain.unlink(missing_ok=True)
        partial.unlink(missing_ok=True)


DECODING = 0.9
"""The share of the work that is done when a sound is decoded."""

QUIETEST = 1e-6
"""A sound whose mean level is below this is silence, and stays so."""


def _joined(plain: Path, n: int, join: int) -> Iterator[np.ndarray]:
    """A decoded sound without its first `join` samples, which are laid softly over its last ones; block by block."""
    up = np.sqrt(np.linspace(0, 1, join)).astype(np.float32)
    with plain.open("rb") as file:
        head = np.fromfile(file, np.float32, join)
        at = join
        while at < n:
            block = np.fromfile(file, np.float32, min(_BLOCK, n - at))
            over = at + len(block) - (n - join)
            if over > 0:
                i = np.arange(max(0, over - len(block)), over)
                block[len(block) - len(i) :] = block[len(block) - len(i) :] * up[::-1][i] + head[i] * up[i]
            yield block
            at += len(block)


class Bed:
    """The ground under a practice of `total` samples: a round over and over, `level` for its mean, down by `duck` (a
    factor) while somebody speaks, coming and going softly."""

    def __init__(self, round_: Round, total: int, level: float, duck: float, sounds: Iterable[Sound]) -> None:
        self.round = round_
        self.total = total
        self.level = level
        at, value = [0.0], [1.0]
        edge = EDGE_S
        for a, b in _speaking(sounds, 2 * edge):
            at += [a - edge, a, b, b + edge]
            value += [1.0, duck, duck, 1.0]
        self.at, self.value = np.array(at), np.array(value)

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


def _speaking(sounds: Iterable[Sound], gap_s: float) -> Iterator[tuple[float, float]]:
    """When somebody speaks, in seconds; silences too short to come back in are not told."""
    last: tuple[float, float] | None = None
    for s in sounds:
        if s.kind != "speech":
            continue
        a, b = s.at_ms / 1000, (s.at_ms + s.ms) / 1000
        if last and a - last[1] < gap_s:
            last = (last[0], max(last[1], b))
            continue
        if last:
            yield last
        last = (a, b)
    if last:
        yield last
