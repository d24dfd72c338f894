"""The one door for sounds: what it reads, what it refuses, what it tells. Files are written by libsndfile and FFmpeg."""

import io
import struct
from pathlib import Path

import av
import numpy as np
import pytest
import soundfile
from fastapi.testclient import TestClient
from hypothesis import given
from hypothesis import strategies as st

from following import ended, made
from kemvo.audio.intake import Intake, read_whole
from kemvo.audio.loops import FiledLoop, HeldLoop, make_loop
from kemvo.core.errors import KemvoError

RATE = 44_100
SECONDS = 6.0
WRITTEN = {
    "wav": ("WAV", "PCM_16"),
    "wav24": ("WAV", "PCM_24"),
    "wavf": ("WAV", "FLOAT"),
    "flac": ("FLAC", "PCM_16"),
    "mp3": ("MP3", "MPEG_LAYER_III"),
    "ogg": ("OGG", "VORBIS"),
    "opus": ("OGG", "OPUS"),
}


def tone(rate: int = 48_000, seconds: float = SECONDS, channels: int = 2) -> np.ndarray:
    t = np.arange(round(rate * seconds)) / rate
    return np.repeat(0.3 * np.sin(2 * np.pi * 440 * t)[:, None], channels, axis=1).astype(np.float32)


def written(folder: Path, kind: str, samples: np.ndarray | None = None, rate: int = 48_000) -> Path:
    path = folder / f"a.{kind}"
    if kind in ("m4a", "webm"):
        with av.open(str(path), "w") as out:
            stream = out.add_stream("aac" if kind == "m4a" else "libopus", rate=rate)
            stream.layout = "stereo"
            sound = tone(rate) if samples is None else samples
            for at in range(0, len(sound), 1024):
                frame = av.AudioFrame.from_ndarray(np.ascontiguousarray(sound[at : at + 1024].T), "fltp", "stereo")
                frame.sample_rate, frame.pts = rate, at
                out.mux(stream.encode(frame))
            out.mux(stream.encode(None))
        return path
    container, subtype = WRITTEN[kind]
    soundfile.write(path, tone(rate) if samples is None else samples, rate, format=container, subtype=subtype)
    return path


@pytest.mark.parametrize("kind", [*WRITTEN, "m4a", "webm"])
def test_every_kind_is_read_at_its_length_and_pitch(tmp_path: Path, kind: str) -> None:
    samples, notes = read_whole(written(tmp_path, kind), RATE, 60, "Be brief.")
    assert notes == []
    assert len(samples) / RATE == pytest.approx(SECONDS, abs=0.06)
    middle = samples[RATE : 3 * RATE]
    assert np.argmax(np.abs(np.fft.rfft(middle))) / 2 == pytest.approx(440, abs=1)
    assert np.abs(middle).max() == pytest.approx(0.3, abs=0.03)


@given(st.sampled_from([8_000, 11_025, 22_050, 44_100, 48_000, 96_000]), st.integers(1, 4), st.floats(0.05, 3.0))
def test_any_rate_and_number_of_channels_keeps_its_length(rate: int, channels: int, seconds: float) -> None:
    import tempfile

    with tempfile.TemporaryDirectory() as folder:
        path = written(Path(folder), "wav", tone(rate, seconds, channels), rate)
        samples, _ = read_whole(path, RATE, 60, "")
    assert abs(len(samples) / RATE - round(rate * seconds) / rate) < 0.002


@pytest.mark.parametrize("kind", ["wav", "wav24", "flac", "mp3", "ogg", "opus", "webm"])
def test_a_file_that_was_cut_off_says_so_and_is_used_as_far_as_it_goes(tmp_path: Path, kind: str) -> None:
    path = written(tmp_path, kind, np.concatenate([tone()] * 4))
    path.write_bytes(path.read_bytes()[: int(path.stat().st_size * 0.6)])
    samples, notes = read_whole(path, RATE, 60, "")
    assert "cut off" in " ".join(notes)
    assert 0.3 * 24 < len(samples) / RATE < 0.7 * 24


def test_a_wave_written_to_a_pipe_is_not_called_cut_off(tmp_path: Path) -> None:
    """Programs that write to a pipe leave the length open: all ones, in the chunk and in the file's own."""
    path = written(tmp_path, "wav")
    data = bytearray(path.read_bytes())
    data[4:8] = data[data.index(b"data") + 4 : data.index(b"data") + 8] = struct.pack("<I", 0xFFFFFFFF)
    path.write_bytes(data)
    assert read_whole(path, RATE, 60, "")[1] == []


@pytest.mark.parametrize("bad", [np.nan, np.inf, -np.inf, 1e30])
def test_values_that_are_no_sound_are_refused(tmp_path: Path, bad: float) -> None:
    samples = tone()
    samples[100_000, 1] = bad
    with pytest.raises(KemvoError, match="hurt ears"):
        read_whole(written(tmp_path, "wavf", samples), RATE, 60, "")


def test_a_sound_that_is_too_long_is_refused_by_its_header_or_used_in_part(tmp_path: Path) -> None:
    path = written(tmp_path, "flac", tone(8_000, 200, 1), 8_000)
    with pytest.raises(KemvoError, match=r"longer than 2:00\. One line"):
        read_whole(path, RATE, 120, "One line at a time.")
    intake = Intake(path)
    assert sum(len(b) for b in intake.blocks(RATE, 50)) == pytest.approx(50 * RATE, abs=10)
    assert intake.notes == ["It is longer than 0:50; the first 0:50 are used."]


@pytest.mark.parametrize(
    "content",
    [
        b"nothing",
        b"",
        b"#EXTM3U\n#EXT-X-TARGETDURATION:10\n#EXTINF:10,\na.wav\n#EXT-X-ENDLIST\n",
        b"ffconcat version 1.0\nfile a.wav\n",
    ],
)
def test_what_is_no_sound_is_refused_even_where_it_names_one(tmp_path: Path, content: bytes) -> None:
    written(tmp_path, "wav")
    path = tmp_path / "list.m3u8"
    path.write_bytes(content)
    with pytest.raises(KemvoError, match="Choose a WAV"):
        Intake(path)


@pytest.mark.parametrize("rate", [1, 999, 3_000_000])
def test_an_odd_rate_is_refused_before_anything_is_decoded(tmp_path: Path, rate: int) -> None:
    path = written(tmp_path, "wav", tone(8000, 1, 1), 8000)
    data = bytearray(path.read_bytes())
    data[24:28] = struct.pack("<I", rate)
    path.write_bytes(data)
    with pytest.raises(KemvoError, match="samples a second"):
        Intake(path)


@given(st.floats(0.3, 40), st.integers(0, 10**7), st.integers(1, 200_000))
def test_a_round_in_a_file_is_the_round_in_memory(seconds: float, start: int, n: int) -> None:
    """The same pieces wherever they begin, within what half floats keep; its mean level is one."""
    import tempfile

    with tempfile.TemporaryDirectory() as folder:
        chance = np.random.default_rng(round(seconds * 1000))
        sound = (0.1 * chance.standard_normal((round(8000 * seconds), 1))).astype(np.float32)
        make_loop(Intake(written(Path(folder), "wavf", sound, 8000)), Path(folder) / "r.npy")
        filed = FiledLoop(Path(folder) / "r.npy")
        whole = filed.piece(0, len(filed))
        assert np.sqrt(np.mean(whole.astype(float) ** 2)) == pytest.approx(1, abs=0.01)
        assert np.array_equal(filed.piece(start, n), HeldLoop(whole).piece(start, n))
        assert {p.name for p in Path(folder).iterdir()} == {"a.wavf", "r.npy"}


def wave(samples: np.ndarray, subtype: str = "PCM_16") -> bytes:
    out = io.BytesIO()
    soundfile.write(out, samples, 48_000, format="WAV", subtype=subtype)
    return out.getvalue()


def left_in(folder: Path) -> list[str]:
    return [p.name for name in ("sounds", "incoming", "renders") for p in (folder / name).iterdir()]


def test_nothing_that_is_refused_or_stopped_is_left_behind(client: TestClient, tmp_path: Path) -> None:
    bad = tone()
    bad[5] = np.nan
    job = client.post("/api/brought-sounds", files={"file": ("bad.wav", wave(bad, "FLOAT"))}).json()
    refused = ended(client, job)
    assert (refused["state"], refused["made"]) == ("failed", None)
    assert "hurt ears" in refused["problem"]["what"]
    for name, data in (("x.wav", b"no sound"), ("noending", wave(tone()))):
        assert client.post("/api/brought-sounds", files={"file": (name, data)}).status_code == 422
    long = client.post("/api/brought-sounds", files={"file": ("long.wav", wave(tone(seconds=900)))}).json()
    client.delete(f"/api/jobs/{long['id']}")
    assert ended(client, long)["state"] in ("cancelled", "done")
    if ended(client, long)["state"] == "cancelled":
        assert left_in(tmp_path / "data") == []
        assert client.get("/api/choices").json()["brought"] == []


def test_a_cut_off_sound_is_kept_with_a_note(client: TestClient, tmp_path: Path) -> None:
    data = wave(tone())
    job = client.post("/api/brought-sounds", files={"file": ("cut.wav", data[: len(data) // 2])}).json()
    assert made(client, job)["title"] == "cut.wav"
    assert "cut off: it should be 6.0 s long and holds 3.0 s" in ended(client, job)["note"]
    assert len(left_in(tmp_path / "data")) == 2, "the sound, and what comes round of it"
