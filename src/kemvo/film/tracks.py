"""Tracks of a file that is being written: sound, picture, captions; and chapters."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Sequence
from fractions import Fraction

import av
import numpy as np
from av.audio.stream import AudioStream
from av.container import OutputContainer
from av.packet import Packet
from av.stream import Stream
from av.subtitles.stream import SubtitleStream
from av.video.stream import VideoStream

from kemvo.audio.speech.voice import Samples

MS = Fraction(1, 1000)

ASS_HEADER = (
    b"[Script Info]\nScriptType: v4.00+\n\n[V4+ Styles]\nFormat: Name, Fontname, Fontsize, PrimaryColour, SecondaryColour, OutlineColour,"
    b" BackColour, Bold, Italic, Underline, StrikeOut, ScaleX, ScaleY, Spacing, Angle, BorderStyle, Outline, Shadow, Alignment, MarginL,"
    b" MarginR, MarginV, Encoding\nStyle: Default,Sans,18,&Hffffff,&Hffffff,&H0,&H0,0,0,0,0,100,100,0,0,1,1,0,2,10,10,10,0\n\n[Events]\n"
    b"Format: Layer, Start, End, Style, Name, MarginL, MarginR, MarginV, Effect, Text\n"
)
"""A header of styles (Advanced SubStation Alpha), without which caption encoders do not open."""

OPUS_RATES = (8000, 12_000, 16_000, 24_000, 48_000)
AAC_RATES = (8000, 11_025, 12_000, 16_000, 22_050, 24_000, 32_000, 44_100, 48_000, 64_000, 88_200, 96_000)


def sound_track(out: OutputContainer, codec: str, rate: int, channels: int, bit_rate: int | None = None) -> AudioStream:
    """A new track of sound. Mono and stereo are kept as they are; more channels become stereo."""
    stream = out.add_stream(codec, rate=rate, layout="mono" if channels == 1 else "stereo")
    assert isinstance(stream, AudioStream)
    if bit_rate:
        stream.bit_rate = bit_rate
    return stream


def picture_track(
    out: OutputContainer, codec: str, rate: Fraction | int, size: tuple[int, int], options: dict[str, str]
) -> VideoStream:
    """A new track of pictures."""
    stream = out.add_stream(codec, rate=rate, options=options)
    assert isinstance(stream, VideoStream)
    stream.width, stream.height = size
    stream.pix_fmt = "yuv420p"
    return stream


class SoundWriter:
    """Encodes blocks of sound (channels, samples) at one rate into a track."""

    def __init__(self, out: OutputContainer, stream: AudioStream, rate: int, channels: int) -> None:
        self.out, self.stream, self.rate = out, stream, rate
        self.layout = "mono" if channels == 1 else "stereo"
        self.done = 0
        self.resampler = av.AudioResampler(
            format=stream.format,
            layout=self.layout,
            rate=stream.rate,
            frame_size=stream.codec_context.frame_size or 1024,
        )

    def write(self, block: Samples) -> None:
        """Take the next samples, a row for each channel."""
        if not block.shape[-1]:
            return
        frame = av.AudioFrame.from_ndarray(np.ascontiguousarray(block, np.float32), "fltp", self.layout)
        frame.rate, frame.pts, frame.time_base = self.rate, self.done, Fraction(1, self.rate)
        self.done += block.shape[-1]
        for piece in self.resampler.resample(frame):
            self.out.mux(self.stream.encode(piece))

    def close(self) -> None:
        """Write what is left."""
        for piece in self.resampler.resample(None):
            self.out.mux(self.stream.encode(piece))
        self.out.mux(self.stream.encode(None))


Caption = tuple[int, int, str]
"""From when to when (ms), and its words."""


def caption_track(out: OutputContainer, codec: str, language: str = "eng") -> SubtitleStream:
    """A new track of captions. The encoder only opens with a header of styles; packets are then made by hand."""
    stream = out.add_stream(codec)
    assert isinstance(stream, SubtitleStream)
    stream.codec_context.subtitle_header = ASS_HEADER
    stream.codec_context.time_base = MS
    stream.time_base = MS
    stream.metadata["language"] = language
    return stream


def caption_packets(stream: SubtitleStream, codec: str, captions: Iterable[Caption]) -> Iterator[Packet[Stream]]:
    """Captions as packets. In MP4 the text goes with two bytes of its length."""
    for start, end, text in captions:
        raw = text.encode()[:65_000]
        yield _packet(stream, start, end, (len(raw).to_bytes(2, "big") + raw) if codec == "mov_text" else raw)


def _packet(stream: SubtitleStream, start: int, end: int, data: bytes) -> Packet[Stream]:
    packet: Packet[Stream] = Packet(data)
    packet.stream = stream
    packet.time_base = MS
    packet.pts = packet.dts = start
    packet.duration = max(1, end - start)
    packet.is_keyframe = True
    return packet


def set_chapters(out: OutputContainer, chapters: Sequence[tuple[int, str]], total_ms: int) -> None:
    """Chapters: each with its beginning (ms) and title, up to the next."""
    ends = [*(start for start, _ in chapters[1:]), total_ms]
    out.set_chapters([
        {"id": n + 1, "start": start, "end": max(start + 1, end), "time_base": MS, "metadata": {"title": title}}
        for n, ((start, title), end) in enumerate(zip(chapters, ends, strict=True))
    ])  # fmt: skip
