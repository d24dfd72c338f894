"""Recordings in numbers: bringing in an hour of sound and twenty minutes of film, giving an hour back, peak memory.

PYTHONPATH=. python -m bench.filming
"""

from __future__ import annotations

import subprocess
import sys
import tempfile
import time
from fractions import Fraction
from pathlib import Path

import av
import numpy as np
import soundfile

HOUR_S, FILM_S = 3600, 1200

TAKE_IN = """
import sys, time, resource
from pathlib import Path
from kemvo.recordings import take_in
from kemvo.store.media import MediaShelf
file = Path(sys.argv[1])
begun = time.perf_counter()
media = take_in(MediaShelf(Path(sys.argv[2])), file, file.name)
took = time.perf_counter() - begun
print(f"{took:.1f} s for {media.ms / 1000:.0f} s: {media.ms / 1000 / took:.0f} x real time, peak {resource.getrusage(resource.RUSAGE_SELF).ru_maxrss / 1024:.0f} MB")
"""

GIVE_BACK = """
import sys, time, resource
from pathlib import Path
from kemvo.audio.speech.clips import Clips
from kemvo.audio.speech.voices import voice_of
from kemvo.core.model.session import SpeechChoice
from kemvo.core.practice.soundtrack import Sound
from kemvo.film.give_back import ExportOptions, give_back
from kemvo.film.probe import probe
from kemvo.store.database import Database
from kemvo.store.lengths import StoredBook
folder = Path(sys.argv[2])
clips = Clips(voice_of(SpeechChoice(), folder), StoredBook(Database(folder / "k.sqlite")))
media = probe(Path(sys.argv[1]))
sounds = [Sound(6000 * n, 2500, "speech", f"Left heel steps to the corner, {n % 40}") for n in range(1, media.ms // 6000 - 1)]
begun = time.perf_counter()
give_back(Path(sys.argv[1]), media, ExportOptions(sounds), clips, folder / "out.m4a")
print(f"{time.perf_counter() - begun:.1f} s, peak {resource.getrusage(resource.RUSAGE_SELF).ru_maxrss / 1024:.0f} MB")
"""


def alone(code: str, *words: str) -> str:
    """What a program in a process of its own prints."""
    return subprocess.run(
        [sys.executable, "-c", code, *words], capture_output=True, text=True, check=True
    ).stdout.strip()


def hour(path: Path) -> None:
    """An hour of stereo noise and tones."""
    chance = np.random.default_rng(1)
    piece = (chance.normal(0, 0.05, (60 * 48_000, 2))).astype(np.float32)
    with soundfile.SoundFile(str(path), "w", 48_000, 2, subtype="PCM_16") as out:
        for _ in range(HOUR_S // 60):
            out.write(piece)


def twenty_minutes(path: Path) -> None:
    """Twenty minutes of 720p with sound."""
    chance = np.random.default_rng(2)
    base = chance.integers(0, 255, (720, 1280, 3), np.uint8)
    with av.open(str(path), "w") as out:
        picture = out.add_stream("libx264", rate=25, options={"preset": "ultrafast", "crf": "32"})
        assert isinstance(picture, av.VideoStream)
        picture.width, picture.height, picture.pix_fmt = 1280, 720, "yuv420p"
        sound = out.add_stream("aac", rate=48_000, layout="stereo")
        assert isinstance(sound, av.AudioStream)
        noise = chance.normal(0, 0.05, (2, 1024)).astype(np.float32)
        still = av.VideoFrame.from_ndarray(base, "rgb24").reformat(format="yuv420p")
        done = 0
        for n in range(FILM_S * 25):
            still.pts, still.time_base = n, Fraction(1, 25)
            out.mux(picture.encode(still))
            while done / 48_000 < n / 25:
                frame = av.AudioFrame.from_ndarray(noise, "fltp", "stereo")
                frame.rate, frame.pts, frame.time_base = 48_000, done, Fraction(1, 48_000)
                out.mux(sound.encode(frame))
                done += 1024
        out.mux(picture.encode(None))
        out.mux(sound.encode(None))


def encoder_alone(path: Path, folder: Path) -> float:
    """How long the sound's encoder takes by itself for that sound."""
    begun = time.perf_counter()
    with av.open(str(folder / "alone.m4a"), "w") as out, soundfile.SoundFile(str(path)) as source:
        stream = out.add_stream("aac", rate=48_000, layout="stereo")
        assert isinstance(stream, av.AudioStream)
        stream.bit_rate = 160_000
        at = 0
        for block in source.blocks(1024, dtype="float32", always_2d=True):
            frame = av.AudioFrame.from_ndarray(np.ascontiguousarray(block.T), "fltp", "stereo")
            frame.rate, frame.pts, frame.time_base = 48_000, at, Fraction(1, 48_000)
            at += len(block)
            out.mux(stream.encode(frame))
        out.mux(stream.encode(None))
    return time.perf_counter() - begun


def main() -> None:
    """Print the figures."""
    with tempfile.TemporaryDirectory() as made:
        folder = Path(made)
        wav = folder / "hour.wav"
        hour(wav)
        print(f"encoder alone for an hour of stereo: {encoder_alone(wav, folder):.1f} s")
        print("an hour given back as M4A:", alone(GIVE_BACK, str(wav), made), "(goal 1.5 x the encoder alone)")
        print("an hour of sound brought in:", alone(TAKE_IN, str(wav), made), "(goal 60 x, 400 MB)")
        film = folder / "film.mp4"
        twenty_minutes(film)
        print("20 minutes of 720p brought in:", alone(TAKE_IN, str(film), made), "(goal 8 x)")


if __name__ == "__main__":
    main()
