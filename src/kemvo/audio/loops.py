"""Loops under a practice: seamless sounds held in memory, or made once from an imported sound and kept in a file."""

from __future__ import annotations

from collections.abc import Iterator
from pathlib import Path
from typing import Protocol

import numpy as np

from kemvo.audio.intake import Intake, Report
from kemvo.audio.speech.voice import Samples
from kemvo.audio.tones import RATE

JOIN_S = 4
"""Seconds over which the end of a round is faded into its beginning."""

LONGEST_S = 30 * 60
"""Of a sound the user brings at most so much is used."""


class Loop(Protocol):
    """A sound that comes round, at a mean level of one."""

    def __len__(self) -> int: ...

    def piece(self, start: int, n: int) -> Samples:
        """`n` samples from `start` on, going round as often as it takes."""
        ...


class HeldLoop:
    """A round that is held in memory."""

    def __init__(self, samples: Samples) -> None:
        self.samples = samples

    def __len__(self) -> int:
        return len(self.samples)

    def piece(self, start: int, n: int) -> Samples:
        """`n` samples from `start` on."""
        return self.samples[np.arange(start, start + n) % len(self.samples)]


class FiledLoop:
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


def make_loop(intake: Intake, to: Path, report: Report = lambda _: None) -> None:
    """Make a sound from outside come round, and keep it in the file `to`. Raises KemvoError when it is no sound; then, and
    when `report` stops it, nothing is left behind."""
    plain, partial = to.with_name(f".{to.name}.plain"), to.with_name(f".{to.name}.part")
    try:
        energy = 0.0
        with plain.open("wb") as out:
            for block in intake.blocks(RATE, LONGEST_S, report=lambda share: report(DECODING * share)):
                block.tofile(out)
                energy += float(np.dot(block, block))
        n = intake.samples
        join = min(JOIN_S * RATE, n // 3)
        # What changes where the ends are laid together: the head goes, and the tail becomes another.
        head, tail = _piece(plain, 0, join), _piece(plain, n - join, join)
        both = tail * growth(join)[::-1] + head * growth(join)
        power = (energy + sum(s * float(np.dot(x, x)) for s, x in ((1, both), (-1, head), (-1, tail)))) / max(
            1, n - join
        )
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


def growth(join: int) -> np.ndarray:
    """How what comes in grows, at equal power."""
    return np.sqrt(np.linspace(0, 1, join)).astype(np.float32)


def _piece(plain: Path, at: int, n: int) -> np.ndarray:
    with plain.open("rb") as file:
        file.seek(4 * at)
        return np.fromfile(file, np.float32, n)


def _joined(plain: Path, n: int, join: int) -> Iterator[np.ndarray]:
    """A decoded sound without its first `join` samples, which are laid softly over its last ones; block by block."""
    up, head = growth(join), _piece(plain, 0, join)
    with plain.open("rb") as file:
        file.seek(4 * join)
        at = join
        while at < n:
            block = np.fromfile(file, np.float32, min(_BLOCK, n - at))
            over = at + len(block) - (n - join)
            if over > 0:
                i = np.arange(max(0, over - len(block)), over)
                block[len(block) - len(i) :] = block[len(block) - len(i) :] * up[::-1][i] + head[i] * up[i]
            yield block
            at += len(block)
