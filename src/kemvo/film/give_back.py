"""A recording given back with its voice: the picture as it was, packet by packet; new sound, captions and chapters."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Sequence
from fractions import Fraction
from pathlib import Path
from typing import Any, NamedTuple

import av
import numpy as np
from av.container import OutputContainer
from av.packet import Packet
from av.video.stream import VideoStream

from kemvo.audio.chapters import write_chapters
from kemvo.audio.intake import undamaged
from kemvo.audio.speech.clips import Clips
from kemvo.audio.speech.voice import Samples
from kemvo.core.errors import KemvoError, Problem
from kemvo.core.model.session import SoundChoice
from kemvo.core.practice.soundtrack import Sound
from kemvo.core.recording.model import KeptTalk, Media
from kemvo.film.probe import READABLE, Report, opened_film, picture_of
from kemvo.film.sounds import form_of, levels, loudness_of, mixed, own_sound, voice_track
from kemvo.film.tracks import (
    AAC_RATES,
    OPUS_RATES,
    Caption,
    SoundWriter,
    caption_packets,
    caption_track,
    picture_track,
    set_chapters,
    sound_track,
)


class Container(NamedTuple):
    """A kind of file a recording is given back as: the codecs of its sound and its captions (empty: none), whether it has
    chapters of its own, and whether it takes a picture."""

    ending: str
    sound: str
    captions: str = ""
    chapters: bool = False
    picture: bool = False
    bit_rate: int | None = None


CONTAINERS: dict[str, Container] = {
    row.ending: row
    for row in (
        Container("mp4", "aac", "mov_text", chapters=True, picture=True, bit_rate=160_000),
        Container("mkv", "libopus", "webvtt", chapters=True, picture=True, bit_rate=128_000),
        Container("webm", "libopus", "webvtt", chapters=True, picture=True, bit_rate=128_000),
        Container("m4a", "aac", chapters=True, bit_rate=160_000),
        Container("wav", "pcm_s16le"),
        Container("flac", "flac"),
        Container("mp3", "libmp3lame", bit_rate=192_000),
        Container("ogg", "libopus", bit_rate=128_000),
        Container("opus", "libopus", bit_rate=128_000),
    )
}

LIKE = {"mov": "mp4", "m4v": "mp4"}
"""Kinds that are given back as another."""

IN_WEBM = frozenset({"vp8", "vp9", "av1"})
"""Pictures that a WebM file may hold."""


class ExportOptions(NamedTuple):
    """What is to be given back: what sounds, at which levels, whether the recording's own sound stays, captions, chapters, and a title.
    `voice_only`: the voice track alone. `turned`: the picture is turned over, left for right, for which it is encoded anew."""

    sounds: Sequence[Sound]
    choice: SoundChoice = SoundChoice()
    talk: Sequence[KeptTalk] = ()
    keep_sound: bool = True
    captions: Sequence[Caption] = ()
    chapters: Sequence[tuple[int, str]] = ()
    title: str = ""
    voice_only: bool = False
    turned: bool = False


def captions_of(sounds: Iterable[Sound]) -> list[Caption]:
    """What is said, with its times."""
    return [(s.at_ms, s.at_ms + s.ms, s.text) for s in sounds if s.kind == "speech"]


def ending_for(media: Media, codec: str = "") -> str:
    """The kind of file that a recording is given back as, by its own name: MP4 and MOV give MP4, WebM and MKV stay."""
    ending = media.name.rsplit(".", 1)[-1].lower()
    ending = LIKE.get(ending, ending)
    row = CONTAINERS.get(ending)
    if row is None or (media.picture and not row.picture):
        return "mkv" if media.picture else "wav"
    return "mkv" if ending == "webm" and codec and codec not in IN_WEBM else ending


def give_back(
    path: Path, media: Media, wish: ExportOptions, clips: Clips, out: Path, report: Report = lambda _: None
) -> None:
    """Write a recording with its voice to `out`; it appears whole or not at all. Raises KemvoError for a kind of file that cannot
    hold it."""
    row = _row(out, media)
    partial = out.with_name(f".{out.stem}.part.{row.ending}")
    try:
        with av.open(str(partial), "w") as made:
            _write(path, media, wish, clips, row, made, report)
        if row.ending in ("mp3", "flac"):
            write_chapters(partial, row.ending, wish.title, wish.chapters, media.ms)
        partial.replace(out)
    finally:
        partial.unlink(missing_ok=True)


def _row(out: Path, media: Media) -> Container:
    ending = out.suffix.lower().lstrip(".")
    row = CONTAINERS.get(LIKE.get(ending, ending))
    if row is None:
        raise KemvoError(
            Problem(
                what=f"Kemvo gives no recording back as “.{ending}”.",
                where=out.name,
                mend=f"Choose one of {', '.join(CONTAINERS)}.",
            )
        )
    if row.picture and not media.picture:
        raise KemvoError(
            Problem(
                what="There is no picture in this recording.",
                where=out.name,
                mend="Choose .wav, .flac, .mp3, .m4a or .ogg.",
            )
        )
    return row


def _write(
    path: Path, media: Media, wish: ExportOptions, clips: Clips, row: Container, made: OutputContainer, report: Report
) -> None:
    form = form_of(media)
    voice = voice_track(wish.sounds, clips, media.ms, form)
    if wish.voice_only:
        form = form._replace(channels=1)
        sound: Iterator[Samples] = voice
    else:
        keep = wish.keep_sound and media.rate > 0
        heard = loudness_of(path, media) if keep else -70.0
        level = levels(heard, wish.sounds, clips, wish.choice, wish.talk, keep)
        sound = mixed(own_sound(path, media), voice, level, form)
    with opened_film(path, media.name) as source:
        picture = picture_of(source) if row.picture else None
        if picture is not None and row.ending == "webm" and picture.codec_context.name not in IN_WEBM:
            raise KemvoError(
                Problem(
                    what=f"A WebM file cannot hold this picture ({picture.codec_context.name}).",
                    mend="Choose .mkv or .mp4.",
                )
            )
        copied = None
        if picture is not None:
            copied = _turned_track(made, picture, media, row) if wish.turned else _copied_track(made, picture)
        track = sound_track(made, row.sound, _rate_for(row.sound, form.rate), form.channels, row.bit_rate)
        writer = SoundWriter(made, track, form.rate, form.channels)
        captions = caption_track(made, row.captions) if row.captions and wish.captions else None
        made.metadata["title"] = wish.title
        if row.chapters and wish.chapters:
            set_chapters(made, _from_the_start(wish.chapters), media.ms)
        texts = caption_packets(captions, row.captions, wish.captions) if captions is not None else iter(())
        following = next(texts, None)
        pictures: Iterator[Packet[Any]] = iter(())
        if picture is not None and copied is not None:
            pictures = (_turned if wish.turned else _pictures)(source, picture, copied)
        shown = next(pictures, None)
        for block in sound:
            writer.write(block)
            now = Fraction(writer.done, form.rate)
            while shown is not None and _when(shown) <= now:
                made.mux(shown)
                shown = next(pictures, None)
            while following is not None and _when(following) <= now:
                made.mux(following)
                following = next(texts, None)
            report(min(1.0, float(now) * 1000 / max(1, media.ms)))
        writer.close()
        while shown is not None:
            made.mux(shown)
            shown = next(pictures, None)
        while following is not None:
            made.mux(following)
            following = next(texts, None)


def _copied_track(made: OutputContainer, picture: VideoStream) -> VideoStream:
    copied = made.add_stream_from_template(picture)
    copied.time_base = picture.time_base
    return copied


def _pictures(
    source: av.container.InputContainer, picture: VideoStream, copied: VideoStream
) -> Iterator[Packet[VideoStream]]:
    """The picture's packets as they are, on a clock that begins with the first picture."""
    begin = _first_pts(source, picture)
    for packet in undamaged(source.demux(picture), THE_FILM, READABLE):
        if not packet.size:
            continue
        if packet.pts is not None:
            packet.pts -= begin
        if packet.dts is not None:
            packet.dts -= begin
        packet.stream = copied
        yield packet


def _turned_track(made: OutputContainer, picture: VideoStream, media: Media, row: Container) -> VideoStream:
    """A track for the picture turned over: as it is shown, upright."""
    size = (media.height, media.width) if media.rotation in (90, 270) else (media.width, media.height)
    codec, options = ("libvpx-vp9", VP9_GOOD) if row.ending == "webm" else ("libx264", H264_GOOD)
    track = picture_track(made, codec, picture.average_rate or 30, (size[0] // 2 * 2, size[1] // 2 * 2), options)
    if picture.time_base is not None:
        track.codec_context.time_base = picture.time_base
        track.time_base = picture.time_base
    return track


H264_GOOD = {"preset": "veryfast", "crf": "20"}
VP9_GOOD = {"deadline": "realtime", "cpu-used": "6", "crf": "30", "b": "0"}


def _turned(source: av.container.InputContainer, picture: VideoStream, made: VideoStream) -> Iterator[Packet[Any]]:
    """The pictures turned upright, then left for right, encoded anew at their own times."""
    begin = _first_pts(source, picture)
    last = -1
    for frame in undamaged(source.decode(picture), THE_FILM, READABLE):
        pixels = np.rot90(frame.to_ndarray(format="rgb24"), k=int(frame.rotation) // 90 % 4)[:, ::-1]
        image = av.VideoFrame.from_ndarray(np.ascontiguousarray(pixels, np.uint8), "rgb24")
        image.pts = max(last + 1, (frame.pts or 0) - begin)
        image.time_base = picture.time_base
        last = image.pts
        yield from made.encode(image)
    yield from made.encode(None)


def _first_pts(source: av.container.InputContainer, picture: VideoStream) -> int:
    """The time of the picture that is shown first, which need not be the first in the file."""
    first: int | None = None
    for n, packet in enumerate(undamaged(source.demux(picture), THE_FILM, READABLE)):
        if packet.size and packet.pts is not None:
            first = packet.pts if first is None else min(first, packet.pts)
        if n > LOOKED_AT:
            break
    source.seek(0)
    return first or 0


THE_FILM = "the film"
"""Where a damaged place is, as it is told."""

LOOKED_AT = 64
"""The first picture is among so many first packets."""


def _when(packet: Packet[Any]) -> Fraction:
    at = packet.dts if packet.dts is not None else packet.pts or 0
    return at * (packet.time_base or Fraction(1, 1000))


def _rate_for(codec: str, rate: int) -> int:
    """The rate that an encoder takes for a rate: itself, or the next higher."""
    rates = {"libopus": OPUS_RATES, "aac": AAC_RATES}.get(codec)
    if rates is None or rate in rates:
        return rate
    return next((r for r in rates if r >= rate), rates[-1])


def _from_the_start(chapters: Sequence[tuple[int, str]]) -> list[tuple[int, str]]:
    """Chapters that cover all of it: the first begins with the recording."""
    return [(0, chapters[0][1]), *chapters[1:]] if chapters else []
