"""Programme loudness and true peak of one channel, measured as it goes by (ITU-R BS.1770-4, gates as in EBU R 128), and
the gain that brings a programme to its loudness without going over its peak.

The two filters of the K-weighting are given for any rate by the parameters of their analogue shapes, as published in
open implementations of BS.1770 (cited from memory; the tests compare with another library and with the EBU's cases).
The library of filters is large; it is loaded when something is measured, so that Kemvo starts quickly and idles small.
"""

from __future__ import annotations

from typing import NamedTuple

import numpy as np
import numpy.typing as npt

from kemvo.audio.speech.voice import Samples

Floats = npt.NDArray[np.float64]

SHELF = 1681.974450955533, 3.999843853973347, 0.7071752369554196
"""The high shelf of the K-weighting: frequency (Hz), gain (dB), quality."""
HIGH_PASS = 38.13547087602444, 0.5003270373238773
"""Its high pass: frequency (Hz), quality."""

GATE_LUFS, RELATIVE_LU = -70.0, -10.0
PART_S = 0.1
PARTS = 4
"""Blocks of 400 ms, three quarters of each shared with the next: four parts of 100 ms."""

FRAMES = 50
"""Energy and peaks are kept for about every fiftieth of such a part: two thousandths of a second, or as near as divides
it evenly."""

OVER, TAPS = 4, 12
"""True peak: four times as many samples, from twelve on either side."""

WORTH_A_LOOK = 0.12
"""Where the samples stay below this share of the highest so far, the peak between them is not looked for."""

BETWEEN = 1.4
"""There it is taken to be so much higher than the samples."""

TINY = 1e-14 * np.random.default_rng(1).standard_normal(4096)
"""Far below hearing: keeps the filters out of numbers so small that computing with them is slow."""

HELD_FRAMES = 5
"""A peak is turned down over so many frames on either side."""


def k_weighting(rate: int) -> Floats:
    """The K-weighting at a rate, as second-order sections."""
    hertz, gain, q = SHELF
    k, v = np.tan(np.pi * hertz / rate), 10 ** (gain / 20)
    b = v**0.4996667741545416
    a0 = 1 + k / q + k * k
    shelf = [
        (v + b * k / q + k * k) / a0, 2 * (k * k - v) / a0, (v - b * k / q + k * k) / a0,
        1.0, 2 * (k * k - 1) / a0, (1 - k / q + k * k) / a0,
    ]  # fmt: skip
    hertz, q = HIGH_PASS
    k = np.tan(np.pi * hertz / rate)
    a0 = 1 + k / q + k * k
    high = [1.0, -2.0, 1.0, 1.0, 2 * (k * k - 1) / a0, (1 - k / q + k * k) / a0]
    return np.array([shelf, high])


def integrated(energies: Floats) -> float:
    """The loudness of a programme in LUFS from the mean squares of its K-weighted tenths of a second; minus infinity
    where all is below the gate."""
    if len(energies) < PARTS:
        return -np.inf
    sums = np.cumsum(np.concatenate(([0.0], energies)))
    blocks = (sums[PARTS:] - sums[:-PARTS]) / PARTS
    with np.errstate(divide="ignore"):
        heard = blocks[_lufs(blocks) > GATE_LUFS]
        if not len(heard):
            return -np.inf
        loud = heard[_lufs(heard) > _lufs(heard.mean()) + RELATIVE_LU]
    return float(_lufs(loud.mean()))


def _lufs(energy: Floats | float) -> Floats:
    return np.asarray(-0.691 + 10 * np.log10(energy))


class Meter:
    """Takes a programme block by block; keeps the energy and the true peak of every frame of two thousandths
    of a second."""

    def __init__(self, rate: int) -> None:
        from scipy.signal import firwin, sosfilt

        self._filter = sosfilt
        self.rate = rate
        self._sos = k_weighting(rate)
        self._state = np.zeros((2, 2))
        self._left = np.zeros(0)
        self._energies: list[Floats] = []
        self._peaks: list[Samples] = []
        self._tail = np.zeros(TAPS)
        self._highest = 0.0
        self.part = round(rate * PART_S)
        self.frame = min(
            (n for n in range(1, self.part + 1) if self.part % n == 0), key=lambda n: abs(n - self.part / FRAMES)
        )
        low = firwin(2 * TAPS * OVER + 1, 1 / OVER) * OVER
        wide = self.frame + 2 * TAPS
        self._between = np.zeros((wide, self.frame * OVER), np.float32)
        for out in range(self.frame * OVER):
            for k in range(wide):
                at = out + TAPS * OVER - k * OVER + TAPS * OVER
                if 0 <= at < len(low):
                    self._between[k, out] = low[at]

    def add(self, block: Samples) -> None:
        """The next samples."""
        x = np.asarray(block, np.float64)
        weighted, self._state = self._filter(self._sos, x + np.resize(TINY, len(x)), zi=self._state)
        joined = np.concatenate((self._left, weighted**2))
        size = self.frame
        whole = len(joined) // size
        self._energies.append(joined[: whole * size].reshape(whole, size).mean(axis=1).astype(np.float32))
        self._left = joined[whole * size :]
        self._peaks.append(self._frame_peaks(np.concatenate((self._tail, x))).astype(np.float32))
        self._tail = np.concatenate((self._tail, x))[-self._kept :]

    _kept = TAPS

    def _frame_peaks(self, x: Floats) -> Floats:
        """The true peak of every frame that is complete with what stands on either side of it."""
        frames = max(0, (len(x) - 2 * TAPS) // self.frame)
        self._kept = len(x) - frames * self.frame
        if not frames:
            return np.zeros(0)
        rows = np.lib.stride_tricks.sliding_window_view(x[: frames * self.frame + 2 * TAPS], self.frame + 2 * TAPS)[
            :: self.frame
        ]
        middle = rows[:, TAPS : TAPS + self.frame]
        peaks = np.maximum(middle.max(axis=1), -middle.min(axis=1))
        self._highest = max(self._highest, float(peaks.max()))
        look = peaks > WORTH_A_LOOK * self._highest
        if look.any():
            between = rows[look].astype(np.float32) @ self._between
            peaks[look] = np.maximum(peaks[look], np.maximum(between.max(axis=1), -between.min(axis=1)))
        peaks[~look] *= BETWEEN
        return np.asarray(peaks)

    def energies(self) -> Floats:
        """The K-weighted mean squares of the frames so far."""
        return np.concatenate([np.zeros(0), *self._energies])

    def of_parts(self, energies: Floats) -> Floats:
        """The mean squares of whole tenths from those of frames."""
        each = self.part // self.frame
        n = len(energies) // each
        return np.asarray(energies[: n * each].reshape(n, each).mean(axis=1))

    def peaks(self) -> Samples:
        """The true peaks of the frames so far, the last (incomplete) ones among them."""
        rest = self._frame_peaks(np.concatenate((self._tail, np.zeros(self.frame + TAPS))))
        return np.concatenate([np.zeros(0, np.float32), *self._peaks, rest.astype(np.float32)])

    def loudness(self) -> float:
        """The integrated loudness in LUFS."""
        return integrated(self.of_parts(self.energies()))

    def true_peak(self) -> float:
        """The true peak in dBTP."""
        peaks = self.peaks()
        highest = float(peaks.max()) if len(peaks) else 0.0
        return 20 * float(np.log10(highest)) if highest > 0 else -np.inf


class Loudness(NamedTuple):
    """What a finished programme measures: LUFS and dBTP (None: it is silent)."""

    lufs: float | None
    peak_dbtp: float | None

    @classmethod
    def of(cls, meter: Meter) -> Loudness:
        """What a meter has measured, to the hundredth."""
        lufs, peak = meter.loudness(), meter.true_peak()
        return cls(round(lufs, 2) if np.isfinite(lufs) else None, round(peak, 2) if np.isfinite(peak) else None)

    def says(self) -> str:
        """In a sentence."""
        if self.lufs is None or self.peak_dbtp is None:
            return "It is silent."
        return f"Loudness {self.lufs:.1f} LUFS, true peak {self.peak_dbtp:.1f} dBTP.".replace("-", "−")


class Levelling(NamedTuple):
    """How a programme is levelled: a gain for all of it, and for every frame how much it is turned down
    besides (None: nowhere)."""

    gain: float
    down: Samples | None


ROUNDS = 12


def levelling(meter: Meter, lufs: float, ceiling_dbtp: float) -> Levelling:
    """The gain that brings a measured programme to a loudness with its peaks under the ceiling. Peaks that would go over
    are turned down softly; what that takes from the loudness is made up for."""
    loudness, peaks = meter.loudness(), meter.peaks()
    if not np.isfinite(loudness) or not len(peaks):
        return Levelling(1.0, None)
    ceiling = 10 ** (ceiling_dbtp / 20) * SAFE
    gain = 10 ** ((lufs - loudness) / 20)
    if float(peaks.max()) * gain <= ceiling:
        return Levelling(gain, None)
    energies = meter.energies()
    down = np.ones(len(peaks), np.float32)
    for _ in range(ROUNDS):
        down = _turned_down(peaks * gain, ceiling)
        n = min(len(energies), len(down))
        missing = lufs - integrated(meter.of_parts(energies[:n] * down[:n] ** 2 * gain**2))
        if abs(missing) < 0.02:
            break
        gain *= 10 ** (min(missing, 3.0) / 20)
    return Levelling(gain, _turned_down(peaks * gain, ceiling))


SAFE = 0.985
"""Peaks are kept this much under the ceiling, for what an encoder adds."""


UNTOUCHED = 1 - 1e-6
"""A factor above this turns nothing down."""


def _turned_down(peaks: Samples, ceiling: float) -> Samples:
    """For every frame the factor that keeps it and its neighbours under the ceiling, without a jump."""
    from scipy.ndimage import minimum_filter1d, uniform_filter1d

    with np.errstate(divide="ignore"):
        need = np.minimum(1.0, ceiling / np.maximum(peaks, 1e-9))
    held = minimum_filter1d(need, 2 * HELD_FRAMES + 1, mode="nearest")
    return np.asarray(uniform_filter1d(held, 2 * HELD_FRAMES - 1, mode="nearest"), np.float32)


def applied(block: Samples, start: int, level: Levelling, frame: int) -> Samples:
    """A block of a programme that begins at sample `start`, levelled."""
    if level.down is None:
        return np.asarray(block * np.float32(level.gain), np.float32)
    first = max(0, start // frame - 1)
    near = level.down[first : (start + len(block)) // frame + 2]
    if not len(near) or near.min() > UNTOUCHED:
        return np.asarray(block * np.float32(level.gain), np.float32)
    at = (np.arange(start - first * frame, start - first * frame + len(block)) + 0.5) / frame - 0.5
    factor = np.interp(at, np.arange(len(near)), near)
    return np.asarray(block * (factor * level.gain), np.float32)
