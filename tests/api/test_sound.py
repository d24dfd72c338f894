"""Sound and captions through the API and the command line."""

import io
from pathlib import Path

import numpy as np
import pytest
import soundfile
from fastapi.testclient import TestClient
from typer.testing import CliRunner

from following import ended
from kemvo.audio.render import RATE, blocks, render
from kemvo.audio.speech.clips import Clips
from kemvo.audio.speech.espeak import EspeakVoice
from kemvo.audio.speech.voice import Utterance, resampled
from kemvo.audio.tones import breath_tone, chime
from kemvo.cli import app
from kemvo.core.errors import KemvoError
from kemvo.core.practice.soundtrack import Sound
from kemvo.demo.load import demo_files
from kemvo.jobs import Job, Jobs
from kemvo.store.database import Database
from kemvo.store.lengths import StoredBook

SHORT = {
    "title": "Short",
    "passes": [
        {
            "part": {"form_id": "nine-willows", "last": "p1"},
            "tempo": 120,
            "pause_before_ms": 9000,
            "pause_after_ms": 2000,
        }
    ],
}


@pytest.mark.parametrize("ending", ["wav", "mp3"])
def test_a_session_is_rendered_as_long_as_its_timeline(demo_client: TestClient, ending: str) -> None:
    session = demo_client.post("/api/sessions", json=SHORT).json()
    job = demo_client.post(f"/api/sessions/{session['id']}/render?ending={ending}").json()
    assert ended(demo_client, job)["state"] == "done"
    result = demo_client.get(f"/api/jobs/{job['id']}/result")
    assert f'filename="short.{ending}"' in result.headers["content-disposition"]
    samples, rate = soundfile.read(io.BytesIO(result.content))
    assert rate == RATE
    assert len(samples) == pytest.approx(session["derived"]["totals"]["ms"] * RATE / 1000, abs=RATE * 0.03)
    assert 0.05 < np.abs(samples).max() <= 1
    part = demo_client.get(f"/api/jobs/{job['id']}/result", headers={"Range": "bytes=0-99"})
    assert (part.status_code, len(part.content)) == (206, 100)


def test_the_job_tells_its_progress_as_events(demo_client: TestClient) -> None:
    session = demo_client.post("/api/sessions", json=SHORT).json()
    job = demo_client.post(f"/api/sessions/{session['id']}/render").json()
    events = demo_client.get(f"/api/jobs/{job['id']}/events").text.strip().split("\n\n")
    assert all(e.startswith("data: {") for e in events)
    assert '"state":"done"' in events[-1]


def test_an_empty_session_cannot_be_rendered_and_says_so(client: TestClient) -> None:
    session = client.post("/api/sessions").json()
    job = client.post(f"/api/sessions/{session['id']}/render").json()
    failed = ended(client, job)
    assert failed["state"] == "failed"
    assert "nothing to hear" in failed["problem"]["what"]
    assert client.get(f"/api/jobs/{job['id']}/result").status_code == 422


def test_a_cancelled_job_stops_and_leaves_no_file(tmp_path: Path) -> None:
    jobs = Jobs()

    def work(job: Job) -> Path:
        sounds = [Sound(0, 500, "breath-in")]
        render(
            sounds,
            3_600_000,
            Clips(EspeakVoice("en-gb", 130), StoredBook(Database(tmp_path / "k"))),
            tmp_path / "x.wav",
            "wav",
            job.report,
        )
        return tmp_path / "x.wav"

    job = jobs.start("long", "x.wav", "audio/wav", work)
    jobs.cancel(job.id)
    jobs.close()
    assert job.state == "cancelled"
    assert not list(tmp_path.glob("*.wav*"))


def test_lengths_are_measured_once_and_kept(tmp_path: Path) -> None:
    class Counting(EspeakVoice):
        spoken = 0

        def speak(self, text: str) -> Utterance:
            Counting.spoken += 1
            return super().speak(text)

    book = StoredBook(Database(tmp_path / "k.sqlite"))
    first = Clips(Counting("en-gb", 130), book).measure(["Sink", "Push"])
    again = Clips(Counting("en-gb", 130), StoredBook(Database(tmp_path / "k.sqlite"))).measure(["Push", "Sink"])
    assert first == again
    assert Counting.spoken == 2
    faster = Clips(EspeakVoice("en-gb", 260), book).measure(["Sink the weight into the right leg"])
    slower = Clips(EspeakVoice("en-gb", 100), book).measure(["Sink the weight into the right leg"])
    assert min(faster.values()) < min(slower.values())


def test_a_voice_that_is_not_there_is_told(demo_client: TestClient) -> None:
    answer = demo_client.get("/api/sound/speech.wav", params={"text": "Sink", "voice": "xx"})
    assert answer.status_code == 422
    assert "no voice called “xx”" in answer.json()["detail"]


def test_the_breath_tones_differ_and_end_softly() -> None:
    into, out = breath_tone("breath-in", 3000), breath_tone("breath-out", 3000)
    assert len(into) == len(out) == 3 * RATE

    def pitch(samples: np.ndarray) -> float:
        return float(np.argmax(np.abs(np.fft.rfft(samples, 1 << 18))) * RATE / (1 << 18))

    half = RATE // 2
    assert pitch(into[-2 * half : -half]) > pitch(into[half : 2 * half])
    assert pitch(out[-2 * half : -half]) < pitch(out[half : 2 * half])
    for tone in (into, out, chime(3200)):
        assert abs(tone[0]) < 0.002
        assert abs(tone[-1]) < 0.002
        assert np.abs(tone).max() < 0.4


def test_resampling_keeps_pitch_and_length() -> None:
    t = np.arange(22_050) / 22_050
    there = resampled(Utterance(np.asarray(np.sin(2 * np.pi * 440 * t), np.float32), 22_050), RATE)
    assert len(there) == RATE
    middle = there[4000:-4000]
    wanted = np.sin(2 * np.pi * 440 * np.arange(RATE) / RATE)[4000:-4000]
    assert np.abs(middle - wanted).max() < 0.01


def test_blocks_are_the_whole_mix_whatever_falls_between_them(tmp_path: Path) -> None:
    clips = Clips(EspeakVoice("en-gb", 130), StoredBook(Database(tmp_path / "k")))
    sounds = [Sound(100, 5000, "breath-in"), Sound(1999, 2500, "breath-out"), Sound(6900, 3200, "chime")]
    mixed = np.concatenate(list(blocks(sounds, 7000, clips)))
    assert len(mixed) == 7 * RATE
    plain = np.zeros(20 * RATE)
    for s in sounds:
        tone = chime(s.ms) if s.kind == "chime" else breath_tone(s.kind, s.ms)
        plain[s.at_ms * RATE // 1000 :][: len(tone)] += tone
    assert np.abs(mixed - plain[: len(mixed)]).max() < 1e-6


def test_the_command_line_does_the_main_job(tmp_path: Path) -> None:
    session, vtt, wav = demo_files()[-1], tmp_path / "cues.vtt", tmp_path / "practice.wav"
    run = CliRunner().invoke(app, ["cues", str(session), "-o", str(vtt)])
    assert run.exit_code == 0, run.output
    assert vtt.read_text().startswith("WEBVTT")
    run = CliRunner().invoke(app, ["render", str(demo_files()[1]), "-o", str(wav), "--speed", "4"])
    assert run.exit_code == 0, run.output
    assert soundfile.info(wav).duration > 60


@pytest.mark.parametrize(
    ("args", "said"),
    [
        (["cues", "none.json"], "none.json: No such file"),
        (["cues", "README.md"], "not readable as JSON"),
        (["render", "SESSION", "-o", "x.aiff"], "does not write “.aiff” sound"),
        (["render", "SESSION", "-o", "nowhere/x.wav"], "no folder nowhere"),
        (["cues", "SESSION", "-o", "x.doc"], "does not write “.doc” captions"),
    ],
)
def test_the_command_line_says_what_is_wrong_and_ends_with_2(
    args: list[str], said: str, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    monkeypatch.chdir(tmp_path)
    (tmp_path / "README.md").write_text("# no session")
    run = CliRunner().invoke(app, [str(demo_files()[-1]) if a == "SESSION" else a for a in args])
    assert run.exit_code == 2
    assert said in run.output
    assert not list(tmp_path.glob("x.*"))


def test_a_damaged_render_raises_before_a_file_appears(tmp_path: Path) -> None:
    clips = Clips(EspeakVoice("en-gb", 130), StoredBook(Database(tmp_path / "k")))
    with pytest.raises(KemvoError, match="nothing to hear"):
        render([], 0, clips, tmp_path / "x.wav", "wav")
