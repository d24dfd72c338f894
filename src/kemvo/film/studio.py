"""The stand-in studio: films a session with a moving figure, so that everything that works on recordings can be tried without a
camera. Sound: steps, breath, on wish a pad of music and somebody who tells what comes. The true moments are known.
"""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction
from pathlib import Path
from typing import NamedTuple

import av
import numpy as np
from av.container import OutputContainer
from av.video.stream import VideoStream

from kemvo.audio.background import ground
from kemvo.audio.speech.clips import Clips
from kemvo.audio.speech.voice import Samples, resampled
from kemvo.audio.tones import RATE
from kemvo.core.cues.candidates import name_wordings
from kemvo.core.cues.wording import sayable
from kemvo.core.model.session import Forms, Session
from kemvo.core.practice.recorded import filmed_as
from kemvo.core.recording.truth import Slips, Truth, truth_of
from kemvo.film.figure import Camera, Figure, metres_across
from kemvo.film.probe import Report
from kemvo.film.tracks import SoundWriter, picture_track, sound_track

FPS = 12
SIZE = (426, 240)
SAID_BEFORE_MS = 250
"""What is told ends so long before its movement begins."""
LEAST_GAP_MS = 250


class Studio(NamedTuple):
    """How it is filmed."""

    seed: int = 1
    narrated: bool = False
    music: bool = False
    turned_over: bool = False
    slips: Slips | None = None
    size: tuple[int, int] = SIZE
    fps: int = FPS


class Filmed(NamedTuple):
    """The truth of a film, and when each place was told, by its key (ms)."""

    truth: Truth
    said: dict[str, tuple[int, int]]


def film(
    session: Session, forms: Forms, clips: Clips, path: Path, how: Studio, report: Report = lambda _: None
) -> Filmed:
    """Film a session to `path` (.mp4, .mov, .webm, .mkv; or sound alone: .wav, .flac, .mp3, .ogg, .m4a)."""
    truth = truth_of(session, forms, how.seed, how.slips)
    total_ms = truth.recording.media.ms
    told = list(_told(truth, clips)) if how.narrated else []
    figure = Figure(truth.recorded.timeline, forms)
    ending = path.suffix.lower().lstrip(".")
    partial = path.with_name(f".{path.stem}.part{path.suffix}")
    try:
        with av.open(str(partial), "w") as out:
            picture = _picture_track(out, ending, how) if ending in PICTURES else None
            codec = SOUNDS[ending]
            sound = SoundWriter(out, sound_track(out, codec, 48_000 if codec == "libopus" else RATE, 1), RATE, 1)
            camera = Camera(*how.size, metres_across(figure), how.seed, how.turned_over)
            shown = 0
            for block in _noises(truth, figure, clips, told, how, total_ms):
                sound.write(block[None, :])
                until = sound.done * 1000 // RATE
                while picture is not None and shown * 1000 / how.fps < min(until, total_ms):
                    at = round(shown * 1000 / how.fps)
                    does = filmed_as(truth.recording, session, figure.span_at(at).round.no)
                    image = av.VideoFrame.from_ndarray(camera.picture(figure.at(at), does), "rgb24")
                    image.pts, image.time_base = shown, Fraction(1, how.fps)
                    out.mux(picture.encode(image))
                    shown += 1
                report(min(1.0, until / max(1, total_ms)))
            sound.close()
            if picture is not None:
                out.mux(picture.encode(None))
        partial.replace(path)
    finally:
        partial.unlink(missing_ok=True)
    return Filmed(truth, {key: (a, b) for key, a, b, _ in told})


PICTURES = {"mp4": "libx264", "mov": "libx264", "mkv": "libx264", "webm": "libvpx-vp9"}
SOUNDS = {
    "mp4": "aac", "mov": "aac", "mkv": "aac", "webm": "libopus", "m4a": "aac", "wav": "pcm_s16le", "flac": "flac", "mp3": "libmp3lame", "ogg": "libopus",
    "opus": "libopus",
}  # fmt: skip


def _picture_track(out: OutputContainer, ending: str, how: Studio) -> VideoStream:
    codec = PICTURES[ending]
    quick = {"preset": "veryfast", "crf": "30"}
    return picture_track(out, codec, how.fps, how.size, quick if codec == "libx264" else VP9_QUICK)


VP9_QUICK = {"deadline": "realtime", "cpu-used": "8", "crf": "40", "b": "0"}


def _told(truth: Truth, clips: Clips) -> Iterator[tuple[str, int, int, str]]:
    """What the instructor tells while doing it: names, and words where there is time; each ends just before its movement."""
    free = 300
    numbers = truth.recorded.numbers
    for s, number in zip(truth.recorded.timeline.spans, numbers, strict=True):
        if s.kind != "movement" or s.performance is None or s.movement is None:
            continue
        name = name_wordings(s.performance)[:1] if s.movement_no == 0 else ()
        line = sayable(s.movement.line)
        texts = [f"{name[0].text}. {line}", name[0].text] if name and line else [name[0].text] if name else [line]
        for text in filter(None, texts):
            ms = clips.measure([text])[text]
            start = s.start_ms - SAID_BEFORE_MS - ms
            if start >= free:
                yield truth.recorded.done[number].key, start, start + ms, text
                free = start + ms + LEAST_GAP_MS
                break


def _noises(
    truth: Truth, figure: Figure, clips: Clips, told: list[tuple[str, int, int, str]], how: Studio, total_ms: int
) -> Iterator[Samples]:
    """What is heard, a second at a time."""
    chance = np.random.default_rng(how.seed + 1)
    total = total_ms * RATE // 1000
    events: list[tuple[int, Samples]] = [(x.at_ms * RATE // 1000, _step(chance)) for x in figure.landings]
    events += [(a * RATE // 1000, resampled(clips.speak(text), RATE) * np.float32(0.5)) for _, a, _, text in told]
    events.sort(key=lambda e: e[0])
    pad = ground("hum") if how.music else None
    ringing: list[tuple[int, Samples]] = []
    coming = iter(events)
    following = next(coming, None)
    for start in range(0, total, RATE):
        end = min(start + RATE, total)
        while following is not None and following[0] < end:
            ringing.append(following)
            following = next(coming, None)
        mix = chance.normal(0, 0.0012, end - start).astype(np.float32)
        mix += _breath(figure, start, end, chance)
        if pad is not None:
            mix += np.float32(0.05) * pad.piece(start, end - start)
        for at, samples in ringing:
            first, last = max(at, start), min(at + len(samples), end)
            if last > first:
                mix[first - start : last - start] += samples[first - at : last - at]
        ringing = [(at, s) for at, s in ringing if at + len(s) > end]
        yield np.clip(mix, -1, 1)


def _step(chance: np.random.Generator) -> Samples:
    n = RATE // 5
    t = np.arange(n) / RATE
    thud = np.sin(2 * np.pi * 85 * t) * np.exp(-t * 30) * 0.12 + chance.normal(0, 0.02, n) * np.exp(-t * 60)
    return np.asarray(thud * float(chance.uniform(0.7, 1.3)), np.float32)


def _breath(figure: Figure, start: int, end: int, chance: np.random.Generator) -> Samples:
    at = np.arange(start, end, RATE // 50)
    fills = np.array([figure.at(int(a * 1000 // RATE)).fill for a in (*at, end)])
    flow = np.abs(np.diff(fills)) * 50
    return np.asarray(chance.normal(0, 1, end - start) * np.interp(np.arange(start, end), at, flow) * 0.01, np.float32)
