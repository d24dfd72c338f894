"""A practice as a sound file: the list of sounds mixed block by block, so that memory does not grow with length."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Iterator
from pathlib import Path
from typing import NamedTuple

import numpy as np
import soundfile

from kemvo.audio.clips import Clips
from kemvo.audio.tones import RATE, breath_tone, chime
from kemvo.audio.voice import Samples, Utterance
from kemvo.core.problem import KemvoError, Problem
from kemvo.core.sound import Sound

BLOCK_MS = 2000
SPEECH_LEVEL = 0.85


class SoundFormat(NamedTuple):
    """A kind of sound file: its ending, what it is called, and how the sound library names it."""

    ending: str
    title: str
    format: str
    subtype: str
    media_type: str


SOUND_FORMATS: dict[str, SoundFormat] = {
    row.ending: row
    for row in (
        SoundFormat("wav", "WAV", "WAV", "PCM_16", "audio/wav"),
        SoundFormat("mp3", "MP3", "MP3", "MPEG_LAYER_III", "audio/mpeg"),
    )
}

Progress = Callable[[float], None]
"""Told the share that is done, 0 to 1. It may raise to stop the work."""


def resampled(clip: Utterance) -> Samples:
    """A clip at the rate of rendering, by band-limited interpolation (Fourier method over the whole clip)."""
    if clip.rate == RATE or not len(clip.samples):
        return clip.samples
    n = len(clip.samples)
    wanted = round(n * RATE / clip.rate)
    pad = 1 << (n + clip.rate // 50).bit_length()
    spectrum = np.fft.rfft(clip.samples, pad)
    out = pad * RATE // clip.rate if (pad * RATE) % clip.rate == 0 else round(pad * RATE / clip.rate)
    return np.asarray(np.fft.irfft(spectrum, out)[:wanted] * (out / pad), np.float32)


def samples_of(sound: Sound, clips: Clips) -> Samples:
    """One sound by itself, at `RATE`."""
    if sound.kind == "speech":
        return resampled(clips.speak(sound.spoken())) * np.float32(SPEECH_LEVEL)
    if sound.kind == "chime":
        return chime(sound.ms)
    return breath_tone(sound.kind, sound.ms)


def blocks(sounds: Iterable[Sound], total_ms: int, clips: Clips) -> Iterator[Samples]:
    """The mix, a block at a time. `sounds` in order of time; all of it is `total_ms` long to the sample."""
    total = total_ms * RATE // 1000
    size = BLOCK_MS * RATE // 1000
    waiting = iter(sounds)
    coming = next(waiting, None)
    ringing: list[tuple[int, Samples]] = []
    for start in range(0, total, size):
        end = min(start + size, total)
        while coming is not None and coming.at_ms * RATE // 1000 < end:
            ringing.append((coming.at_ms * RATE // 1000, samples_of(coming, clips)))
            coming = next(waiting, None)
        mix = np.zeros(end - start, np.float32)
        for at, samples in ringing:
            first, last = max(at, start), min(at + len(samples), end)
            if last > first:
                mix[first - start : last - start] += samples[first - at : last - at]
        ringing = [(at, s) for at, s in ringing if at + len(s) > end]
        yield np.clip(mix, -0.98, 0.98)


def render(
    sounds: Iterable[Sound], total_ms: int, clips: Clips, path: Path, ending: str, progress: Progress = lambda _: None
) -> None:
    """Write a practice to `path` as the sound format `ending`. What is written appears whole or not at all.

    Raises KemvoError for an unknown format or an empty practice.
    """
    row = SOUND_FORMATS.get(ending)
    if row is None:
        raise KemvoError(
            Problem(what=f"Kemvo does not write “.{ending}” sound files.", mend=f"Choose {' or '.join(SOUND_FORMATS)}.")
        )
    if total_ms <= 0:
        raise KemvoError(
            Problem(
                what="There is nothing to hear yet: the session has no movements.",
                mend="Add a pass over a form that has movements.",
            )
        )
    if not path.parent.is_dir():
        raise KemvoError(Problem(what=f"There is no folder {path.parent}.", mend="Make it first, or choose another."))
    partial = path.with_name(f".{path.name}.part")
    try:
        with soundfile.SoundFile(str(partial), "w", RATE, 1, subtype=row.subtype, format=row.format) as out:
            done = 0
            for block in blocks(sounds, total_ms, clips):
                out.write(block)
                done += BLOCK_MS
                progress(min(1.0, done / total_ms))
        partial.replace(path)
    finally:
        partial.unlink(missing_ok=True)
