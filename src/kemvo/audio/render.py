"""A practice as a sound file: the list of sounds mixed block by block, so that memory does not grow with length."""

from __future__ import annotations

from collections import deque
from collections.abc import Callable, Iterable, Iterator, Sequence
from concurrent.futures import Future, ThreadPoolExecutor
from pathlib import Path
from typing import NamedTuple

import numpy as np
import soundfile

from kemvo.audio.background import Bed, brought, ground
from kemvo.audio.chapters import write_chapters
from kemvo.audio.clips import Clips
from kemvo.audio.loudness import Loudness, Meter, applied, levelling
from kemvo.audio.tones import RATE, breath_tone, chime
from kemvo.audio.voice import Samples, resampled
from kemvo.core.problem import KemvoError, Problem
from kemvo.core.session import SoundChoice
from kemvo.core.sound import Sound

BLOCK_MS = 2000
SPEECH_LEVEL = 0.85

HEADROOM = 0.5
"""The mix is kept on disk at half its level, in 16 bits, between being measured and being levelled."""


class SoundFormat(NamedTuple):
    """A kind of sound file: its ending, what it is called, and how the sound library names it. `over_db`: how much an
    encoder that loses something may lift a peak: the programme is kept so much lower."""

    ending: str
    title: str
    format: str
    subtype: str
    media_type: str
    over_db: float = 0.0


SOUND_FORMATS: dict[str, SoundFormat] = {
    row.ending: row
    for row in (
        SoundFormat("wav", "WAV", "WAV", "PCM_16", "audio/wav"),
        SoundFormat("flac", "FLAC", "FLAC", "PCM_16", "audio/flac"),
        SoundFormat("mp3", "MP3", "MP3", "MPEG_LAYER_III", "audio/mpeg", 0.6),
        SoundFormat("ogg", "Ogg", "OGG", "VORBIS", "audio/ogg", 1.0),
    )
}

Progress = Callable[[float], None]
"""Told the share that is done, 0 to 1. It may raise to stop the work."""


def samples_of(sound: Sound, clips: Clips) -> Samples:
    """One sound by itself, at `RATE`."""
    if sound.kind == "speech":
        return resampled(clips.speak(sound.spoken()), RATE) * np.float32(SPEECH_LEVEL)
    if sound.kind == "chime":
        return chime(sound.ms)
    return breath_tone(sound.kind, sound.ms)


def blocks(sounds: Iterable[Sound], total_ms: int, clips: Clips, bed: Bed | None = None) -> Iterator[Samples]:
    """The mix, a block at a time, over what sounds under it. `sounds` in order of time; all of it is `total_ms` long to the
    sample."""
    total = total_ms * RATE // 1000
    size = BLOCK_MS * RATE // 1000
    coming = _made(sounds, clips)
    following = next(coming, None)
    ringing: list[tuple[int, Samples]] = []
    for start in range(0, total, size):
        end = min(start + size, total)
        while following is not None and following[0] < end:
            ringing.append(following)
            following = next(coming, None)
        mix = bed.block(start, end) if bed else np.zeros(end - start, np.float32)
        for at, samples in ringing:
            first, last = max(at, start), min(at + len(samples), end)
            if last > first:
                mix[first - start : last - start] += samples[first - at : last - at]
        ringing = [(at, s) for at, s in ringing if at + len(s) > end]
        yield mix


AHEAD = 12
"""So many sounds are made ready ahead, on the other core."""


def _made(sounds: Iterable[Sound], clips: Clips) -> Iterator[tuple[int, Samples]]:
    """The sounds with the sample at which each begins, made in another thread a few ahead of when they are needed."""
    with ThreadPoolExecutor(1, thread_name_prefix="kemvo-clips") as other:
        waiting: deque[tuple[int, Future[Samples]]] = deque()
        for sound in sounds:
            waiting.append((sound.at_ms * RATE // 1000, other.submit(samples_of, sound, clips)))
            if len(waiting) > AHEAD:
                at, made = waiting.popleft()
                yield at, made.result()
        for at, made in waiting:
            yield at, made.result()


class Order(NamedTuple):
    """What is to be made: how loud, what sounds under it (a round at a mean level of one, None for nothing), and the
    chapters: each with its beginning in milliseconds and its title."""

    choice: SoundChoice = SoundChoice()
    under: Samples | None = None
    title: str = ""
    chapters: tuple[tuple[int, str], ...] = ()


PLAIN = Order()


def under_of(choice: SoundChoice, own: Callable[[str], Path]) -> Samples | None:
    """What sounds under a practice. `own` gives the file of a sound that the user brought. Raises KemvoError."""
    if choice.background == "none":
        return None
    return brought(own(choice.background_file)) if choice.background == "own" else ground(choice.background)


def render(
    sounds: Sequence[Sound],
    total_ms: int,
    clips: Clips,
    path: Path,
    ending: str,
    progress: Progress = lambda _: None,
    order: Order = PLAIN,
) -> Loudness:
    """Write a practice to `path` as the sound format `ending`, at its wished loudness, and say what it measures. What is
    written appears whole or not at all.

    Raises KemvoError for an unknown format or an empty practice.
    """
    row = _format(ending, total_ms, path)
    choice = order.choice
    bed = None
    if order.under is not None:
        quiet, duck = 10 ** (choice.background_db / 20), 10 ** (-choice.duck_db / 20)
        bed = Bed(order.under, total_ms * RATE // 1000, quiet, duck, sounds)
    mixed, partial = path.with_name(f".{path.name}.mix"), path.with_name(f".{path.name}.part")
    meter, out_meter = Meter(RATE), Meter(RATE)
    try:
        with soundfile.SoundFile(str(mixed), "w", RATE, 1, subtype="PCM_16", format="W64") as out:
            for n, block in enumerate(blocks(sounds, total_ms, clips, bed)):
                meter.add(block)
                out.write(block * np.float32(HEADROOM))
                progress(min(MIXING, MIXING * (n + 1) * BLOCK_MS / total_ms))
        level = levelling(meter, choice.lufs, choice.peak_dbtp - row.over_db)
        with (
            soundfile.SoundFile(str(mixed)) as mix,
            soundfile.SoundFile(str(partial), "w", RATE, 1, subtype=row.subtype, format=row.format) as out,
            ThreadPoolExecutor(1, thread_name_prefix="kemvo-meter") as other,
        ):
            at = 0
            measured: Future[None] | None = None
            for block in mix.blocks(BLOCK_MS * RATE // 1000, dtype="float32"):
                done = applied(block / np.float32(HEADROOM), at, level, meter.frame)
                at += len(block)
                if measured:
                    measured.result()
                measured = other.submit(out_meter.add, done)
                out.write(np.clip(done, -1.0, 1.0))
                progress(min(1.0, MIXING + (1 - MIXING) * at / (total_ms * RATE / 1000)))
        write_chapters(partial, ending, order.title, order.chapters, total_ms)
        partial.replace(path)
    finally:
        mixed.unlink(missing_ok=True)
        partial.unlink(missing_ok=True)
    lufs, peak = out_meter.loudness(), out_meter.true_peak()
    return Loudness(round(lufs, 2) if np.isfinite(lufs) else None, round(peak, 2) if np.isfinite(peak) else None)


MIXING = 0.6
"""The share of the work that is done when all is mixed."""


def _format(ending: str, total_ms: int, path: Path) -> SoundFormat:
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
    return row
