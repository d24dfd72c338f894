"""A practice as a sound file: the list of sounds mixed block by block, so that memory does not grow with length."""

from __future__ import annotations

from collections import deque
from collections.abc import Callable, Iterable, Iterator, Sequence
from concurrent.futures import Future, ThreadPoolExecutor
from contextlib import contextmanager
from pathlib import Path
from typing import NamedTuple

import numpy as np
import soundfile

from kemvo.audio.background import Bed, ground
from kemvo.audio.chapters import write_chapters
from kemvo.audio.ducking import factor
from kemvo.audio.loops import FiledLoop, Loop
from kemvo.audio.loudness import Levelling, Loudness, Meter, applied, levelling
from kemvo.audio.speech.clips import Clips
from kemvo.audio.speech.voice import Samples, resampled
from kemvo.audio.tones import RATE, breath_tone, chime
from kemvo.core.errors import KemvoError, Problem
from kemvo.core.model.session import SoundChoice
from kemvo.core.practice.soundtrack import Sound

BLOCK_MS = 2000
SPEECH_LEVEL = 0.85

HEADROOM = 0.5
"""The mix is kept on disk at half its level, in 16 bits, between being measured and being levelled."""


class SoundFormat(NamedTuple):
    """A kind of sound file: its ending, what it is called, and how the sound library names it. `over_db`: how much an
    encoder that loses something may lift a peak: the programme is kept so much lower, and measured as it is heard.
    `mode` and `compression` (0: best sound, 1: smallest file) are the library's, None as it has them."""

    ending: str
    title: str
    format: str
    subtype: str
    media_type: str
    over_db: float = 0.0
    mode: str | None = None
    compression: float | None = None


SMALL = 0.8
"""The compression of the small MP3, for a page that carries its sound."""

SOUND_FORMATS: dict[str, SoundFormat] = {
    row.ending if row.compression != SMALL else "small": row
    for row in (
        SoundFormat("wav", "WAV", "WAV", "PCM_16", "audio/wav"),
        SoundFormat("flac", "FLAC", "FLAC", "PCM_16", "audio/flac"),
        SoundFormat("mp3", "MP3", "MP3", "MPEG_LAYER_III", "audio/mpeg", 1.3, "VARIABLE", 0.0),
        SoundFormat("mp3", "MP3, small", "MP3", "MPEG_LAYER_III", "audio/mpeg", 1.3, "VARIABLE", SMALL),
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
"""How many sounds are prepared ahead, on the other core."""


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
    under: Loop | None = None
    title: str = ""
    chapters: tuple[tuple[int, str], ...] = ()


PLAIN = Order()


def under_of(choice: SoundChoice, own: Callable[[str], Path]) -> Loop | None:
    """What sounds under a practice. `own` gives the round of a sound that the user brought. Raises KemvoError."""
    if choice.background == "none":
        return None
    return FiledLoop(own(choice.background_file)) if choice.background == "own" else ground(choice.background)


def bed_of(choice: SoundChoice, under: Loop, total_ms: int, sounds: Iterable[Sound]) -> Bed:
    """What sounds under a practice, at its level and ducked under speech."""
    return Bed(under, total_ms * RATE // 1000, factor(-choice.background_db), factor(choice.duck_db), sounds)


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
    bed = None if order.under is None else bed_of(choice, order.under, total_ms, sounds)
    mixed, partial = path.with_name(f".{path.name}.mix"), path.with_name(f".{path.name}.part")
    try:
        meter = _mix(blocks(sounds, total_ms, clips, bed), mixed, total_ms, progress)
        ceiling = choice.peak_dbtp - row.over_db
        for tries in range(1, TRIES + 1):
            level = levelling(meter, choice.lufs, ceiling)
            out = _encode(mixed, partial, row, level, meter.frame, total_ms, progress)
            measured = Loudness.of(_heard(partial) if row.over_db else out)
            over = (measured.peak_dbtp if measured.peak_dbtp is not None else ceiling) - choice.peak_dbtp
            if over <= 0 or not row.over_db or tries == TRIES:
                break
            ceiling -= over + 0.1
        write_chapters(partial, row.ending, order.title, order.chapters, total_ms)
        partial.replace(path)
    finally:
        mixed.unlink(missing_ok=True)
        partial.unlink(missing_ok=True)
    return measured


TRIES = 3
"""How many times at most a lossy file is written until its decoded peaks are under the ceiling."""


def _mix(mix: Iterable[Samples], path: Path, total_ms: int, progress: Progress) -> Meter:
    """Keep a mix on disk and measure it."""
    meter = Meter(RATE)
    with soundfile.SoundFile(str(path), "w", RATE, 1, subtype="PCM_16", format="W64") as out, _beside() as other:
        for n, block in enumerate(mix):
            other(meter.add, block)
            out.write(block * np.float32(HEADROOM))
            progress(min(MIXING, MIXING * (n + 1) * BLOCK_MS / total_ms))
    return meter


def _encode(
    mixed: Path, path: Path, row: SoundFormat, level: Levelling, frame: int, total_ms: int, progress: Progress
) -> Meter:
    """Write a mix, levelled, in a format, and measure what is given to it."""
    meter = Meter(RATE)
    with (
        soundfile.SoundFile(str(mixed)) as mix,
        soundfile.SoundFile(
            str(path),
            "w",
            RATE,
            1,
            subtype=row.subtype,
            format=row.format,
            bitrate_mode=row.mode,
            compression_level=row.compression,
        ) as out,
        _beside() as other,
    ):
        at = 0
        for block in mix.blocks(BLOCK_MS * RATE // 1000, dtype="float32"):
            done = applied(block / np.float32(HEADROOM), at, level, frame)
            at += len(block)
            if not row.over_db:
                other(meter.add, done)
            out.write(np.clip(done, -1.0, 1.0))
            progress(min(1.0, MIXING + (1 - MIXING) * at / (total_ms * RATE / 1000)))
    return meter


def _heard(path: Path) -> Meter:
    """A file measured as it is heard, decoded."""
    meter = Meter(RATE)
    with soundfile.SoundFile(str(path)) as heard, _beside() as other:
        for block in heard.blocks(BLOCK_MS * RATE // 1000, dtype="float32"):
            other(meter.add, block)
    return meter


@contextmanager
def _beside() -> Iterator[Callable[..., None]]:
    """Work done in order in another thread, one piece of it at a time while the next is made ready; all of it is done, or
    its error raised, at the end."""
    with ThreadPoolExecutor(1, thread_name_prefix="kemvo-meter") as other:
        last: Future[None] | None = None

        def go(work: Callable[..., None], *what: object) -> None:
            nonlocal last
            if last:
                last.result()
            last = other.submit(work, *what)

        yield go
        if last:
            last.result()


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
