"""The one door for sounds from outside: the header is read first, then the sound is decoded in blocks.

Whatever is brought in (a sound to go under a session, a take, a recording) passes here. Memory does not grow with the
length of a sound; what its header promises is compared with what is in it; samples that are no numbers are refused.
"""

from __future__ import annotations

import errno
import struct
from collections import deque
from collections.abc import Callable, Generator, Iterator
from concurrent.futures import Future, ThreadPoolExecutor
from contextlib import closing
from pathlib import Path
from typing import BinaryIO, NamedTuple, TypeVar

import av
import numpy as np
import soxr
from av.audio.fifo import AudioFifo
from av.audio.stream import AudioStream
from av.container import InputContainer
from av.stream import Stream

from kemvo.audio.speech.voice import Samples
from kemvo.core.errors import KemvoError, Problem
from kemvo.core.types import in_minutes

CONTAINERS = "wav,w64,flac,mp3,ogg,mov,matroska,aiff,aac"
"""What is opened, as FFmpeg names it. Anything else (playlists above all, which name other files) is refused."""

MOST_PIXELS = 8192 * 4320
"""A picture larger than this is not decoded (the largest that cameras film, ITU-R BT.2020, with a margin)."""

OPENED_WITH = {"format_whitelist": CONTAINERS, "protocol_whitelist": "file", "max_pixels": str(MOST_PIXELS)}
"""FFmpeg's options for everything that comes from outside."""

READABLE = "Choose a WAV, FLAC, Ogg, Opus, MP3 or M4A file."

LOWEST_RATE, HIGHEST_RATE = 4_000, 768_000
MOST_CHANNELS = 64

LOUDEST = 1000.0
"""Samples beyond this (60 dB over full scale) are damage, not sound."""

CUT_OFF_S = 0.5
"""A sound that holds less than its header says by more than this, and by more than a hundredth of it, is cut off."""

FULL_SCALE: dict[str, tuple[float, float]] = {"u1": (128, 128), "i2": (0, 1 << 15), "i4": (0, 1 << 31)}
"""Of samples that are whole numbers: which one is silence, and how far full scale is from it."""

BLOCK_S = 1.0

T = TypeVar("T")


class Header(NamedTuple):
    """What the header of a sound says: container, codec, rate in hertz, channels, and length in seconds where it is told."""

    container: str
    codec: str
    rate: int
    channels: int
    seconds: float | None


Report = Callable[[float], None]
"""Told the share that is decoded, 0 to 1. It may raise to stop the work."""


class Intake:
    """A sound from outside, open at its header. Iterate `blocks` once; `notes` then says what is to be told about it."""

    def __init__(self, path: Path, name: str = "") -> None:
        """Open a sound. Raises KemvoError when it is none that Kemvo reads."""
        self.path = path
        self.name = name or path.name
        self.notes: list[str] = []
        self.samples = 0
        with self._container() as container:
            stream = self._stream(container)
            seconds = _promised_s(path, container, stream)
            self.header = Header(
                container.format.name, stream.codec_context.name, stream.rate, stream.channels, seconds
            )
        if not LOWEST_RATE <= self.header.rate <= HIGHEST_RATE:
            raise self._refused(
                f"This sound has {self.header.rate} samples a second; Kemvo reads {LOWEST_RATE} to {HIGHEST_RATE}.",
                "Save it again at 44,100 or 48,000.",
            )
        if not 1 <= self.header.channels <= MOST_CHANNELS:
            raise self._refused(f"This sound has {self.header.channels} channels.", "Save it again in stereo or mono.")

    def refuse_longer_than(self, seconds: float, mend: str) -> None:
        """Refuse a sound whose header already says that it is longer. Raises KemvoError."""
        if self.header.seconds is not None and self.header.seconds > seconds:
            raise self._too_long(seconds, mend)

    def blocks(
        self, rate: int, at_most_s: float, too_long: str | None = None, report: Report = lambda _: None
    ) -> Iterator[Samples]:
        """The sound in mono at `rate`, about a second at a time. Of a longer one than `at_most_s` only so much is given,
        and a note says so; with `too_long` (what to do instead) it is refused. Raises KemvoError for what is no sound."""
        resampler = soxr.ResampleStream(self.header.rate, rate, 1, dtype="float32", quality="HQ")
        most = round(at_most_s * self.header.rate)
        taken = 0
        with self._container() as container, closing(made_ahead(self._frames(container))) as frames:
            for block, last in _marked(map(self._mono, frames)):
                if taken + len(block) > most:
                    if too_long is not None:
                        raise self._too_long(at_most_s, too_long)
                    block, last = block[: most - taken], True
                    self.notes.append(
                        f"It is longer than {in_minutes(round(at_most_s * 1000))}; the first {in_minutes(round(at_most_s * 1000))} are used."
                    )
                taken += len(block)
                out = resampler.resample_chunk(block, last=last)
                self.samples += len(out)
                if len(out):
                    yield out
                if self.header.seconds:
                    report(min(1.0, taken / self.header.rate / min(self.header.seconds, at_most_s)))
                if last:
                    break
        if not self.samples:
            raise self._refused("There is no sound in this file.", "Choose another file.")
        if not self.notes:
            self._tell_if_cut(taken / self.header.rate)

    def _frames(self, container: InputContainer) -> Iterator[av.AudioFrame]:
        """The decoded sound, about a second at a time. Damaged places are left out and told."""
        stream = self._stream(container)
        size = round(BLOCK_S * self.header.rate)
        # A few frames of a sixtieth of a second are put together, since each call costs more than its samples.
        waiting = AudioFifo()
        damaged = 0
        for packet in undamaged(container.demux(stream), self.name, READABLE):
            try:
                frames = packet.decode()
            except av.error.FFmpegError:
                damaged += 1
                continue
            for frame in frames:
                frame.pts = None
                try:
                    waiting.write(frame)
                except ValueError:
                    raise self._refused("This sound changes its kind in the middle.", READABLE) from None
            if waiting.samples >= size:
                yield from _all_of(waiting)
        yield from _all_of(waiting)
        if damaged > 1:
            self.notes.append(f"It is damaged in {damaged} places, which are left out.")

    def _mono(self, frame: av.AudioFrame) -> Samples:
        """The channels of a frame put together. Raises KemvoError where they are no sound."""
        samples = frame.to_ndarray()
        if not frame.format.is_planar:
            samples = samples.reshape(-1, self.header.channels).T
        full = FULL_SCALE.get(samples.dtype.str[1:])
        with np.errstate(over="ignore", invalid="ignore"):
            mono = samples[0].astype(np.float32)
            for other in samples[1:]:
                mono += other
            highest = 0.0 if full else float(max(samples.max(), -samples.min()))
        if not highest <= LOUDEST:
            raise self._refused(
                "This sound holds values that are no sound (infinite, or not a number): played, they could hurt ears.",
                "Save it again from the program it was made with, as 16-bit or 24-bit.",
            )
        centre, scale = full or (0.0, 1.0)
        plain = (mono - np.float32(centre * len(samples))) * np.float32(1 / (scale * len(samples)))
        return np.asarray(plain, np.float32)

    def _tell_if_cut(self, heard_s: float) -> None:
        said = self.header.seconds
        if said is not None and said - heard_s > max(CUT_OFF_S, said / 100):
            self.notes.append(
                f"This file is cut off: it should be {_length(said)} long and holds {_length(heard_s)}. What is there is used."
            )
        elif self.header.container == "ogg" and not _ogg_ends(self.path):
            self.notes.append(f"This file is cut off: it has no end. The {_length(heard_s)} that are there are used.")

    def _container(self) -> InputContainer:
        try:
            return av.open(str(self.path.resolve()), options=OPENED_WITH, metadata_errors="ignore")
        except (av.error.FFmpegError, ValueError):
            raise self._refused(
                "This is no sound that Kemvo can read, or it is cut off or damaged.", READABLE
            ) from None

    def _stream(self, container: InputContainer) -> AudioStream:
        stream = next(filter(is_known, container.streams.audio), None)
        if stream is None:
            raise self._refused("There is no sound in this file.", READABLE)
        return stream

    def _too_long(self, seconds: float, mend: str) -> KemvoError:
        return self._refused(f"This sound is longer than {in_minutes(round(seconds * 1000))}.", mend)

    def _refused(self, what: str, mend: str) -> KemvoError:
        return KemvoError(Problem(what=what, where=self.name[:200], mend=mend))


def undamaged(items: Iterator[T], name: str, mend: str) -> Iterator[T]:
    """Packets or pictures as they come, with FFmpeg's errors told as damage of the file `name`: they would pass for the system's, since of a
    damaged file FFmpeg says that something is not permitted. Raises KemvoError, with `mend` as what to do."""
    try:
        yield from items
    except av.error.FFmpegError as error:
        raise KemvoError(
            Problem(what=f"This file is damaged, or cut off ({error.strerror}).", where=name[:200], mend=mend)
        ) from None


def is_known(stream: Stream) -> bool:
    """Whether there is a decoder for a track; where its kind is damaged there is none, and nothing else is known of it."""
    return getattr(stream, "codec_context", None) is not None


def is_of_content(error: BaseException) -> bool:
    """Whether an error is FFmpeg's about what is in a file. Some of those are OSErrors as well, and say nothing of the disk."""
    return isinstance(error, av.error.FFmpegError) and error.errno not in (errno.ENOSPC, errno.EDQUOT, errno.EROFS)


def read_whole(path: Path, rate: int, at_most_s: float, too_long: str, name: str = "") -> tuple[Samples, list[str]]:
    """A short sound whole, in mono at `rate`, and what is to be told about it. Raises KemvoError when it is longer than
    `at_most_s` (with what to do instead) or no sound."""
    intake = Intake(path, name)
    intake.refuse_longer_than(at_most_s, too_long)
    return np.concatenate(list(intake.blocks(rate, at_most_s, too_long))), intake.notes


def _length(seconds: float) -> str:
    return in_minutes(round(seconds * 1000)) if seconds >= 60 else f"{seconds:.1f} s"


def _all_of(waiting: AudioFifo) -> Iterator[av.AudioFrame]:
    """What waits, as one frame."""
    frame = waiting.read()
    if frame is not None:
        yield frame


AHEAD = 4
"""How many blocks are decoded ahead, on the other core."""


def made_ahead(blocks: Iterator[T]) -> Generator[T, None, None]:
    """Blocks made in another thread, a few ahead of when they are needed."""
    with ThreadPoolExecutor(1, thread_name_prefix="kemvo-decode") as other:
        coming: deque[Future[T | None]] = deque(other.submit(next, blocks, None) for _ in range(AHEAD))
        try:
            while (block := coming.popleft().result()) is not None:
                coming.append(other.submit(next, blocks, None))
                yield block
        finally:
            for one in coming:
                one.cancel()


def _marked(blocks: Iterator[Samples]) -> Iterator[tuple[Samples, bool]]:
    """Every block, and whether it is the last."""
    before = next(blocks, None)
    for block in blocks:
        assert before is not None
        yield before, False
        before = block
    if before is not None:
        yield before, True


def _promised_s(path: Path, container: InputContainer, stream: AudioStream) -> float | None:
    """The length that the header tells, in seconds; None where it tells none. FFmpeg guesses for MP3 files without a
    table of contents, and takes of a WAV file what is there."""
    with path.open("rb") as file:
        if container.format.name == "wav":
            return _wav_s(file)
        if container.format.name == "mp3" and not _has_frame_count(file):
            return None
    if stream.duration is not None and stream.time_base is not None:
        return float(stream.duration * stream.time_base)
    return container.duration / av.time_base if container.duration else None


def _wav_s(file: BinaryIO) -> float | None:
    """What the chunks of a WAV file promise (RIFF, "Multimedia Programming Interface and Data Specifications 1.0", 1991);
    None where the length is left open, as programs that write to a pipe do."""
    if file.read(4) != b"RIFF":
        return None
    file.seek(12)
    a_second = 0
    while len(head := file.read(8)) == 8:
        kind, size = struct.unpack("<4sI", head)
        if kind == b"fmt ":
            a_second = struct.unpack("<I", file.read(size)[8:12])[0] if 16 <= size <= 4096 else 0
            file.seek(size % 2, 1)
        elif kind == b"data":
            return size / a_second if a_second and size not in (0, 0xFFFFFFFF) else None
        else:
            file.seek(size + size % 2, 1)
    return None


def _has_frame_count(file: BinaryIO) -> bool:
    """Whether an MP3 file says how many frames it has: in the first frame, after the tags before it (ID3v2, section 3.1)."""
    head = file.read(10)
    if head[:3] == b"ID3":
        size = 0
        for byte in head[6:10]:
            size = size << 7 | byte & 0x7F
        file.seek(10 + size)
    else:
        file.seek(0)
    start = file.read(4096)
    return b"Xing" in start or b"Info" in start or b"VBRI" in start


def _ogg_ends(path: Path) -> bool:
    """Whether the last page of an Ogg file is marked as its last (RFC 3533, section 6: header_type 0x04)."""
    with path.open("rb") as file:
        file.seek(max(0, path.stat().st_size - 70_000))
        tail = file.read()
    at = tail.rfind(b"OggS")
    return at >= 0 and len(tail) > at + 5 and bool(tail[at + 5] & 4)
