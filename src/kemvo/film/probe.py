"""What is in a recorded file, read from its packets: one clock for picture and sound.

Time 0 of a recording is its first picture, or the beginning of its sound where there is no picture: a film may start at
1.7 s by its own clock, and its sound a little before or after the picture.
"""

from __future__ import annotations

import hashlib
from collections.abc import Callable, Iterator
from contextlib import contextmanager
from fractions import Fraction
from pathlib import Path
from typing import NamedTuple

import av
from av.audio.stream import AudioStream
from av.container import InputContainer
from av.stream import Stream
from av.video.stream import VideoStream

from kemvo.audio.intake import MOST_PIXELS, OPENED_WITH, is_known, undamaged
from kemvo.core.errors import KemvoError, Problem
from kemvo.core.recording.model import Media
from kemvo.core.types import LONGEST_MS, in_minutes

READABLE = "Choose an MP4, MOV, WebM or MKV film, or a WAV, FLAC, MP3, Ogg, Opus or M4A sound."

Report = Callable[[float], None]
"""Told the share that is done, 0 to 1. It may raise to stop the work."""


class TrackTimes(NamedTuple):
    """The times of a track by its packets, in seconds of the file: the first, the end, and how many packets there are."""

    first: Fraction
    end: Fraction
    packets: int


@contextmanager
def opened_film(path: Path, name: str = "") -> Iterator[InputContainer]:
    """A recorded file, open. Raises KemvoError for what is none, or is cut off before anything can be used."""
    try:
        container = av.open(str(path.resolve()), options=OPENED_WITH, metadata_errors="ignore")
    except (av.error.FFmpegError, ValueError):
        raise refused(
            "This is no film or sound that Kemvo can read, or it is cut off or damaged.", name or path.name
        ) from None
    with container:
        for picture in filter(is_known, container.streams.video):
            if picture.width * picture.height > MOST_PIXELS:
                raise refused(
                    f"Its picture is {picture.width} × {picture.height} points; Kemvo works with up to 8192 × 4320.",
                    name or path.name,
                    "Save a smaller copy of it, 1920 × 1080 for example.",
                )
            picture.codec_context.options = {"max_pixels": str(MOST_PIXELS)}
        yield container


def refused(what: str, name: str, mend: str = READABLE) -> KemvoError:
    """What is told of a file that cannot be used."""
    return KemvoError(Problem(what=what, where=name[:200], mend=mend))


def picture_of(container: InputContainer) -> VideoStream | None:
    """The moving picture of a file; a cover picture of a sound is none."""
    for stream in container.streams.video:
        if not stream.disposition & av.stream.Disposition.attached_pic and is_known(stream):
            return stream
    return None


def sound_of(container: InputContainer) -> AudioStream | None:
    """The first sound of a file."""
    return next(filter(is_known, container.streams.audio), None)


def track_times(
    container: InputContainer, streams: list[Stream], name: str, report: Report = lambda _: None
) -> dict[int, TrackTimes]:
    """The times of tracks, by their number, from all their packets. Raises KemvoError where the file `name` is damaged."""
    size = max(1, container.size or 1)
    first: dict[int, Fraction] = {}
    end: dict[int, Fraction] = {}
    count: dict[int, int] = {}
    at = 0
    for packet in undamaged(container.demux(streams), name, READABLE):
        at += packet.size
        if not packet.size or packet.pts is None or packet.time_base is None:
            continue
        n, begins = packet.stream.index, packet.pts * packet.time_base
        ends = begins + (packet.duration or 0) * packet.time_base
        first[n] = min(first.get(n, begins), begins)
        end[n] = max(end.get(n, ends), ends)
        count[n] = count.get(n, 0) + 1
        if count[n] % 500 == 0:
            report(min(1.0, at / size))
    return {n: TrackTimes(first[n], end[n], count[n]) for n in first}


def probe(path: Path, name: str = "", report: Report = lambda _: None) -> Media:
    """What is in a recorded file. Raises KemvoError when there is neither picture nor sound in it."""
    name = name or path.name
    notes: list[str] = []
    with opened_film(path, name) as container:
        picture, sound = picture_of(container), sound_of(container)
        tracks: list[Stream] = [s for s in (picture, sound) if s is not None]
        if not tracks:
            raise refused("There is neither picture nor sound in this file.", name)
        promised = container.duration / av.time_base if container.duration else None
        times = track_times(container, tracks, name, report)
        seen = times.get(picture.index) if picture else None
        heard = times.get(sound.index) if sound else None
        if picture and not seen:
            notes.append("Its picture cannot be read; the sound is used.")
            picture = None
        if not seen and not heard:
            raise refused("There is nothing in this file that can be used; it may be cut off.", name)
        begin = seen.first if seen else heard.first if heard else Fraction(0)
        end = max(t.end for t in (seen, heard) if t)
        whole = end - begin
        if whole * 1000 > LONGEST_MS:
            raise refused(
                f"By its times this recording is {in_minutes(round(whole * 1000))} long; Kemvo takes up to 24 hours.",
                name,
                "If it is shorter, its times are damaged: save it anew with the program it was made with. Else cut it.",
            )
        if promised and promised - float(whole) > max(1.0, promised / 100):
            notes.append(
                f"This file is cut off: it should be {in_minutes(round(promised * 1000))} long and holds"
                f" {in_minutes(round(whole * 1000))}. What is there is used."
            )
        if picture and not sound:
            notes.append("There is no sound in this film.")
        rate, channels = (sound.rate, sound.channels) if sound else (0, 0)
        return Media(
            name=name[:200],
            sha256=sha256_of(path),
            bytes=path.stat().st_size,
            ms=round(whole * 1000),
            picture=picture is not None,
            width=picture.width if picture else 0,
            height=picture.height if picture else 0,
            rotation=rotation_of(path) if picture else 0,
            first_picture_ms=round(seen.first * 1000) if seen else 0,
            rate=rate,
            channels=channels,
            samples=round(whole * rate),
            notes=tuple(notes),
        )


def rotation_of(path: Path) -> int:
    """How far the picture is turned, in degrees clockwise as it is shown: 0, 90, 180 or 270."""
    with opened_film(path) as container:
        picture = picture_of(container)
        if picture is None:
            return 0
        try:
            frame = next(container.decode(picture), None)
        except av.error.FFmpegError:
            return 0
        return -int(frame.rotation) % 360 if frame is not None else 0


def sha256_of(path: Path) -> str:
    """The hash of a file's content."""
    with path.open("rb") as file:
        return hashlib.file_digest(file, "sha256").hexdigest()
