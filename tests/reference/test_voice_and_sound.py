"""The voice's measured lengths and the written sound files, against other libraries than those that made them.

Sound files are written through libsndfile and read here through FFmpeg (PyAV); speech lengths are measured
from the samples and compared with the sound file that FFmpeg decodes.
"""

import io
from pathlib import Path

import av
import numpy as np
import pytest

from kemvo.audio.render import RATE, render
from kemvo.audio.speech.clips import Clips
from kemvo.audio.speech.espeak import EspeakVoice
from kemvo.audio.speech.voice import resampled
from kemvo.core.practice.soundtrack import Sound
from kemvo.store.database import Database
from kemvo.store.lengths import StoredBook

SENTENCES = (
    "Sink into the right leg",
    "Left heel steps to the corner",
    "Number 6. Clouds over the marsh, left, two of three",
)


@pytest.fixture
def clips(tmp_path: Path) -> Clips:
    return Clips(EspeakVoice("en-gb", 130), StoredBook(Database(tmp_path / "k.sqlite")))


def decoded(path: Path) -> tuple[np.ndarray, int]:
    """Samples and rate as FFmpeg reads them."""
    with av.open(str(path)) as file:
        frames = [f.to_ndarray() for f in file.decode(audio=0)]
        stream = file.streams.audio[0]
        samples = np.concatenate([f.reshape(-1) for f in frames]).astype(np.float64)
        scale = 32768 if frames[0].dtype == np.int16 else 1
        return samples / scale, stream.rate


@pytest.mark.parametrize(("ending", "within_ms"), [("wav", 1), ("mp3", 60)])
def test_a_rendered_file_has_the_length_and_the_sounds_of_its_plan(
    clips: Clips, tmp_path: Path, ending: str, within_ms: int
) -> None:
    """MP3 has an encoder delay and whole frames of 26 ms (ISO 11172-3), hence its wider bound."""
    path = tmp_path / f"x.{ending}"
    length = clips.measure([SENTENCES[1]])[SENTENCES[1]]
    sounds = [Sound(500, 3200, "chime"), Sound(5000, length, "speech", SENTENCES[1]), Sound(12_000, 3000, "breath-in")]
    render(sounds, 16_000, clips, path, ending)
    samples, rate = decoded(path)
    assert rate == RATE
    assert abs(len(samples) / rate * 1000 - 16_000) <= within_ms
    spoken = resampled(clips.speak(SENTENCES[1]), RATE)
    found = np.argmax(np.correlate(samples[4 * rate : 11 * rate : 4], spoken[::4], "valid")) * 4 + 4 * rate
    assert abs(found / rate * 1000 - 5000) <= within_ms
    loud = np.abs(samples)
    assert loud[: rate // 4].max() < 0.01, "silence before the chime"
    assert loud[int(0.55 * rate) : rate].max() > 0.05, "the chime"
    assert loud[int(9.5 * rate) : int(11.8 * rate)].max() < 0.01, "silence after the speech"


@pytest.mark.parametrize("text", SENTENCES)
def test_a_measured_length_is_the_length_of_the_sound(clips: Clips, tmp_path: Path, text: str) -> None:
    """The length a schedule works with is that of the audible part of the file, within 40 ms."""
    path = tmp_path / "x.wav"
    length = clips.measure([text])[text]
    render([Sound(1000, length, "speech", text)], length + 2000, clips, path, "wav")
    samples, rate = decoded(path)
    heard = np.flatnonzero(np.abs(samples) > 0.004) / rate * 1000
    assert abs(heard[0] - 1000) <= 40
    assert abs(heard[-1] - (1000 + length)) <= 40


def test_speech_runs_at_about_the_asked_speed(tmp_path: Path) -> None:
    """A word is five letters and a space (the usual convention, from memory); the engine keeps its own
    average over texts, so a quarter more or less is allowed on one sentence of common words."""
    text = "the weight goes slowly into the left leg and the right foot comes in beside it while both hands sink down"
    words = len(text) / 6
    for wpm in (100, 130, 180):
        ms = Clips(EspeakVoice("en-gb", wpm), StoredBook(Database(tmp_path / "k.sqlite"))).measure([text])[text]
        assert words / (ms / 60_000) == pytest.approx(wpm, rel=0.25)


def test_the_stage_hears_what_the_file_holds(demo_client: object, clips: Clips) -> None:
    """The clip a browser fetches, read by FFmpeg, is the clip the renderer mixes."""
    answer = demo_client.get("/api/sound/speech.wav", params={"text": SENTENCES[0]})
    with av.open(io.BytesIO(answer.content)) as file:
        frames = np.concatenate([f.to_ndarray().reshape(-1) for f in file.decode(audio=0)])
    mixed = resampled(clips.speak(SENTENCES[0]), RATE) * 0.85
    assert abs(len(frames) - len(mixed)) < 0.01 * RATE, "the engine itself varies by some samples"
    n = min(len(frames), len(mixed)) // 882 * 882
    heard, wanted = (np.sqrt((x[:n].astype(float).reshape(-1, 882) ** 2).mean(axis=1)) for x in (frames / 32768, mixed))
    assert np.corrcoef(heard, wanted)[0, 1] > 0.95, "loudness in steps of 20 ms"
