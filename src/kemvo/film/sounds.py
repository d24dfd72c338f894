"""The sound of a recording on the recording's clock: as many samples as it is long, with what is said over it."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Sequence
from pathlib import Path
from typing import NamedTuple

import av
import numpy as np
import soxr

from kemvo.audio.ducking import RECORDING_EDGE_S, ducked, factor
from kemvo.audio.intake import undamaged
from kemvo.audio.loudness import Meter
from kemvo.audio.render import blocks, samples_of
from kemvo.audio.speech.clips import Clips
from kemvo.audio.speech.voice import Samples
from kemvo.audio.tones import RATE
from kemvo.core.model.session import SoundChoice
from kemvo.core.practice.soundtrack import Sound
from kemvo.core.recording.model import KeptTalk, Media
from kemvo.film.probe import READABLE, opened_film, picture_of, sound_of, track_times

SILENT_RATE = 48_000
"""The rate of the sound of a film that has none."""

QUIET_LUFS = -70.0
ROOM_UNDER_VOICE_DB = 10.0
"""Music goes down until it is so far under the voice, and at least as far as the session says."""
FAR_UNDER_DB = 20.0
"""What is so far under the voice by itself need not go down."""
LOWERED_DB = 18.0
"""Talk that is lowered where cues come goes down by so much."""
NEAR_LU = 3.0
"""The voice is as loud as the recording where that is not quieter by more than this than a session is made."""
KNEE, CEILING = 0.6, 0.89
"""Beyond the knee (of full scale) the mix is bent so that it stays under the ceiling (-1 dB)."""

GAP_S = 0.02
"""Sound that comes so much later than its samples say has a gap before it; so much sooner, it overlaps."""


class Form(NamedTuple):
    """How the sound of a recording is given: its rate, channels (1 or 2), and how many samples it has."""

    rate: int
    channels: int
    samples: int


def form_of(media: Media) -> Form:
    """The sound of a recording as it was: mono and stereo stay, more channels become stereo; a silent film gets mono."""
    rate = media.rate or SILENT_RATE
    return Form(rate, min(2, media.channels) or 1, media.ms * rate // 1000 if not media.samples else media.samples)


def own_sound(path: Path, media: Media) -> Iterator[Samples]:
    """The recording's own sound, rows for channels, in pieces: from its first picture on, to the sample as long as it is.
    Silence where it has none."""
    form = form_of(media)
    at = 0
    with opened_film(path, media.name) as container:
        picture, sound = picture_of(container), sound_of(container)
        begin = 0.0
        if media.picture and picture is not None:
            begin = media.first_picture_ms / 1000
        elif sound is not None:
            begin = float(next(iter(_first(path, media)), 0.0))
        if sound is not None:
            layout = "mono" if form.channels == 1 else "stereo"
            even = av.AudioResampler(format="fltp", layout=layout, rate=form.rate)
            for frame in _frames(container, sound, media.name):
                due = _due(frame, begin, form.rate, at)
                frame.pts = None
                for piece in even.resample(frame):
                    block = np.asarray(piece.to_ndarray(), np.float32)
                    if due - at > GAP_S * form.rate:
                        yield from _silence(min(due, form.samples) - at, form.channels)
                        at = min(due, form.samples)
                    elif at - due > GAP_S * form.rate or (at == 0 and due < 0):
                        block = block[:, at - due :]
                    block = block[:, : form.samples - at]
                    at += block.shape[1]
                    due = at
                    if block.shape[1]:
                        yield block
                if at >= form.samples:
                    return
    yield from _silence(form.samples - at, form.channels)


def _due(frame: av.AudioFrame, begin: float, rate: int, at: int) -> int:
    """The sample at which a frame should begin."""
    if frame.pts is None or frame.time_base is None:
        return at
    return round((float(frame.pts * frame.time_base) - begin) * rate)


def _first(path: Path, media: Media) -> Iterator[float]:
    with opened_film(path, media.name) as container:
        sound = sound_of(container)
        if sound is not None:
            times = track_times(container, [sound], media.name)
            if sound.index in times:
                yield float(times[sound.index].first)


def _frames(container: av.container.InputContainer, sound: av.AudioStream, name: str) -> Iterator[av.AudioFrame]:
    for packet in undamaged(container.demux(sound), name, READABLE):
        try:
            frames = packet.decode()
        except av.error.FFmpegError:
            continue
        yield from frames


def _silence(samples: int, channels: int) -> Iterator[Samples]:
    while samples > 0:
        n = min(samples, SILENT_RATE)
        yield np.zeros((channels, n), np.float32)
        samples -= n


def in_pieces(parts: Iterable[Samples], size: int) -> Iterator[Samples]:
    """Samples regrouped into pieces of `size`; the last may be shorter."""
    waiting: list[Samples] = []
    held = 0
    for part in parts:
        waiting.append(part)
        held += part.shape[1]
        if held >= size:
            whole = np.concatenate(waiting, axis=1)
            full = held // size * size
            for i in range(0, full, size):
                yield whole[:, i : i + size]
            waiting, held = [whole[:, full:]], held - full
    if held:
        yield np.concatenate(waiting, axis=1)


def voice_track(sounds: Sequence[Sound], clips: Clips, total_ms: int, form: Form) -> Iterator[Samples]:
    """What is said and sounds besides, alone, in mono at the recording's rate: as many samples as the recording."""
    at = 0
    if form.rate == RATE:
        made: Iterator[Samples] = blocks(sounds, total_ms, clips)
    else:
        made = _resampled(blocks(sounds, total_ms, clips), form.rate)
    for block in made:
        kept = block[: form.samples - at]
        at += len(kept)
        yield kept[None, :]
    if at < form.samples:
        yield np.zeros((1, form.samples - at), np.float32)


def _resampled(parts: Iterable[Samples], rate: int) -> Iterator[Samples]:
    stream = soxr.ResampleStream(RATE, rate, 1, dtype="float32", quality="HQ")
    for part in parts:
        yield np.asarray(stream.resample_chunk(part), np.float32)
    yield np.asarray(stream.resample_chunk(np.zeros(0, np.float32), last=True), np.float32)


class Levels(NamedTuple):
    """How loud everything is in the mix: a factor for the voice, and the recording's own factor over time."""

    voice: float
    at: np.ndarray
    own: np.ndarray


def levels(
    own_lufs: float, sounds: Sequence[Sound], clips: Clips, choice: SoundChoice, talk: Sequence[KeptTalk], keep: bool
) -> Levels:
    """The levels of a mix. The voice is as loud as the recording, unless that is quiet; the recording goes down under cues as far as it
    must, with soft edges."""
    meter = Meter(RATE)
    for s in sounds:
        if s.kind == "speech":
            made = samples_of(s, clips)
            if not len(made):
                continue
            meter.add(made)
            if meter.peaks().size * 0.002 > MEASURED_S:
                break
    said = meter.loudness() if sounds else QUIET_LUFS
    wanted = max(choice.lufs, own_lufs) if own_lufs > choice.lufs - NEAR_LU else choice.lufs
    voice = 10 ** ((wanted - said) / 20) if said > QUIET_LUFS else 1.0
    if not keep:
        return Levels(voice, np.array([0.0]), np.array([0.0]))
    down = max(choice.duck_db, own_lufs - wanted + ROOM_UNDER_VOICE_DB) if own_lufs > wanted - FAR_UNDER_DB else 0.0

    def under(a: float, b: float) -> float:
        how = next((t.how for t in talk if t.how != "keep" and t.from_ms / 1000 < b and t.to_ms / 1000 > a), None)
        return 0.0 if how == "mute" else factor(LOWERED_DB if how == "lower" else down)

    return Levels(voice, *ducked(sounds, RECORDING_EDGE_S, under))


MUCH_BELOW_LU = 10.0
"""What is so much below the loud parts of a recording does not count for its loudness (ITU-R BS.1770, relative gate)."""


def about_loudness(level_db: Sequence[int]) -> float:
    """Roughly how loud a recording is, by its levels over time (dB): enough to lower it while it is watched."""
    heard = np.asarray(level_db, float)
    heard = heard[heard > QUIET_LUFS]
    if not heard.size:
        return QUIET_LUFS
    gate = 10 * np.log10(np.mean(10 ** (heard / 10))) - MUCH_BELOW_LU
    return float(10 * np.log10(np.mean(10 ** (heard[heard >= gate] / 10))))


MEASURED_S = 120
"""The voice is measured over so much of what it says."""


def mixed(own: Iterable[Samples], voice: Iterable[Samples], level: Levels, form: Form) -> Iterator[Samples]:
    """The recording with what is said over it, in pieces of a second."""
    at = 0
    for a, b in zip(in_pieces(own, form.rate), in_pieces(voice, form.rate), strict=True):
        n = a.shape[1]
        gain = np.interp(np.arange(at, at + n) / form.rate, level.at, level.own).astype(np.float32)
        out = a * gain + b * np.float32(level.voice)
        at += n
        yield bent(out)


def bent(x: Samples) -> Samples:
    """Samples kept under the ceiling: unchanged below the knee, softly bent above it."""
    size = np.abs(x)
    if not (size > KNEE).any():
        return x
    room = CEILING - KNEE
    over = KNEE + room * np.tanh((size - KNEE) / room)
    return np.asarray(np.where(size > KNEE, np.sign(x) * over, x), np.float32)


def loudness_of(path: Path, media: Media) -> float:
    """The loudness of a recording's own sound (LUFS); -70 for silence."""
    if not media.rate:
        return QUIET_LUFS
    meter = Meter(media.rate)
    for block in in_pieces(own_sound(path, media), media.rate):
        meter.add(np.asarray(block.mean(axis=0), np.float32))
    heard = meter.loudness()
    return heard if np.isfinite(heard) else QUIET_LUFS
