"""The cue desk, the booth and sounds through the web API."""

import csv
import io
import re
import time
import zipfile
from pathlib import Path

import numpy as np
import pytest
import soundfile
from fastapi.testclient import TestClient
from typer.testing import CliRunner

from following import made
from kemvo.api.app import create_app
from kemvo.audio.speech.clips import Clips
from kemvo.audio.speech.neural import KeptVoice
from kemvo.audio.speech.voice import Utterance
from kemvo.cli import app
from kemvo.core.scheduling.solver import solve
from kemvo.demo.load import demo_files
from kemvo.formats.documents.packed import PackedSound, PackedTake, write_packed
from kemvo.formats.documents.schedule_json import read_talk

CLASS = "/api/sessions/evening-class"


def packed_as(path: Path, text: str, takes: list[PackedTake], sounds: list[PackedSound]) -> bytes:
    write_packed(path, text, takes, sounds)
    return path.read_bytes()


def cue_with(client: TestClient, state: str) -> dict:
    client.get(f"{CLASS}/cue-files/labels")  # waits until all is measured
    return next(c for c in client.get(f"{CLASS}/cues").json()["cues"] if c["state"] == state)


def version(client: TestClient) -> int:
    return client.get(CLASS).json()["version"]


def test_a_cure_is_listed_applied_and_undone(demo_client: TestClient) -> None:
    cue = cue_with(demo_client, "left out")
    offered = demo_client.get(f"{CLASS}/cures", params={"cue": cue["id"]}).json()
    assert offered
    made = demo_client.post(f"{CLASS}/cures", json={"version": version(demo_client), "cue": cue["id"], "no": 0})
    assert made.status_code == 200
    now = next(c for c in demo_client.get(f"{CLASS}/cues").json()["cues"] if c["id"] == cue["id"])
    assert now["state"] != "left out"
    demo_client.post(f"{CLASS}/undo", json={"version": version(demo_client)})
    assert cue_with(demo_client, "left out")["id"] == cue["id"]
    too_many = {"version": version(demo_client), "cue": cue["id"], "no": 20}
    assert demo_client.post(f"{CLASS}/cures", json=too_many).status_code == 422
    assert demo_client.get(f"{CLASS}/cures", params={"cue": "gone"}).status_code == 422


def test_words_are_kept_in_the_form(demo_client: TestClient) -> None:
    cues = demo_client.get(f"{CLASS}/cues").json()["cues"]
    cue = next(c for c in cues if c["kind"] == "foot" and c["state"] == "full")
    body = {"version": version(demo_client), "cue": cue["id"], "text": "Quite other words", "scope": "movement"}
    assert demo_client.post(f"{CLASS}/words", json=body).status_code == 200
    form = demo_client.get("/api/forms/long-causeway").json()["body"]
    movements = [m for s in form["sections"] for p in s["postures"] for m in p["movements"]]
    kept = [words for m in movements for words in (m["cues"]["full"], m["foot"])]
    assert any("uite other words" in words for words in kept)
    now = demo_client.get(f"{CLASS}/cues").json()["cues"]
    assert not any(cue["wish"] == c["wish"] and cue["place"] == c["place"] for c in now)
    assert any("uite other words" in c["wish"] for c in now)


def test_files_are_written_looked_at_and_taken_over(demo_client: TestClient) -> None:
    kinds = [k["id"] for k in demo_client.get(f"{CLASS}/cue-files").json()]
    texts = {k: demo_client.get(f"{CLASS}/cue-files/{k}").text for k in kinds}
    assert texts["captions"].startswith("WEBVTT")
    assert demo_client.get(f"{CLASS}/cue-files/none").status_code == 422
    for reader in ("instructor", "class"):
        assert demo_client.get(f"{CLASS}/cue-sheet.pdf", params={"reader": reader}).content.startswith(b"%PDF")
    lines = texts["labels"].splitlines()
    start, end, words = lines[3].split("\t")
    lines[3] = f"{start}\t{end}\t{words} now"
    changed = {"file": ("x.labels.txt", "\n".join(lines))}
    says = demo_client.post(f"{CLASS}/cue-file/look", files=changed).json()["says"]
    assert "1 in other words" in says
    at = {"version": version(demo_client)}
    made = demo_client.post(f"{CLASS}/cue-file", files=changed, data=at).json()
    assert [c["text"] for c in made["body"]["cue_choices"]] == [f"{words} now"]
    assert demo_client.post(f"{CLASS}/cue-file", files=changed, data=at).status_code == 409
    assert demo_client.post(f"{CLASS}/cue-file/look", files={"file": ("x.doc", "a")}).status_code == 422


def test_the_problem_of_a_session_can_be_solved_elsewhere(demo_client: TestClient) -> None:
    talk = read_talk(demo_client.get(f"{CLASS}/schedule.json").content)
    answer = solve(talk)
    assert len(answer.utterances) > 100
    assert not answer.missed


# The booth


def recorded(client: TestClient, text: str) -> bytes:
    return client.get("/api/simulated-microphone.wav", params={"text": text}).content


def test_a_take_is_heard_and_the_schedule_follows_its_length(demo_client: TestClient) -> None:
    booth = demo_client.get(f"{CLASS}/booth").json()
    assert booth["missing"] == len(booth["lines"]) > 50
    line = booth["lines"][3]
    files = {"file": ("take.wav", recorded(demo_client, line["text"]), "audio/wav")}
    take = demo_client.post(f"{CLASS}/takes", params={"text": line["text"]}, files=files).json()
    after = demo_client.get(f"{CLASS}/booth").json()
    now = next(x for x in after["lines"] if x["text"] == line["text"])
    # Its length may have another line said in other words; of those that are said, all others have no take.
    assert (now["own"], now["now_ms"], after["missing"]) == (True, take["ms"], len(after["lines"]) - 1)
    sound, rate = soundfile.read(io.BytesIO(demo_client.get(f"/api/takes/{take['number']}.wav").content))
    assert len(sound) / rate * 1000 == pytest.approx(take["ms"], abs=1)
    spoken = demo_client.get("/api/sound/speech.wav", params={"text": line["text"]})
    assert len(soundfile.read(io.BytesIO(spoken.content))[0]) == len(sound)
    second = demo_client.post(f"{CLASS}/takes", params={"text": line["text"]}, files=files).json()
    assert [t["number"] for t in demo_client.get("/api/takes", params={"text": line["text"]}).json()] == [
        second["number"],
        take["number"],
    ]
    assert [t["number"] for t in demo_client.delete(f"/api/takes/{second['number']}").json()] == [take["number"]]
    assert len(demo_client.post(f"/api/takes/{second['number']}/bring-back").json()) == 2


def test_a_session_goes_elsewhere_with_its_takes_and_sounds(demo_client: TestClient, tmp_path: Path) -> None:
    line = demo_client.get(f"{CLASS}/booth").json()["lines"][0]["text"]
    files = {"file": ("take.wav", recorded(demo_client, line), "audio/wav")}
    take = demo_client.post(f"{CLASS}/takes", params={"text": line}, files=files).json()
    water = io.BytesIO()
    soundfile.write(water, np.random.default_rng(1).standard_normal(44_100) * 0.1, 44_100, format="FLAC")
    brought = demo_client.post("/api/brought-sounds", files={"file": ("Water under the sluice.flac", water.getvalue())})
    brought = made(demo_client, brought.json())
    session = demo_client.get(CLASS).json()
    session["body"]["sound"] |= {"background": "own", "background_file": brought["id"]}
    demo_client.put(CLASS, json={"version": session["version"], "body": session["body"]}).raise_for_status()
    packed = demo_client.get(f"{CLASS}/packed.zip").content
    with zipfile.ZipFile(io.BytesIO(packed)) as shown:
        assert any(name.startswith("takes/") and name.endswith(".wav") for name in shown.namelist())
        assert "sounds/001-water-under-the-sluice.flac" in shown.namelist()
    (tmp_path / "elsewhere").mkdir()
    with TestClient(create_app(tmp_path / "elsewhere")) as other:
        for times in (1, 2):
            there = other.post("/api/sessions/file", files={"file": ("packed.zip", packed)}).json()
            assert there["body"]["sound"] == session["body"]["sound"]
            lines = other.get(f"/api/sessions/{there['id']}/booth").json()["lines"]
            own = next(x for x in lines if x["text"] == line)
            assert (own["own"], own["now_ms"]) == (True, take["ms"])
            assert len(other.get("/api/takes", params={"text": line}).json()) == 1, f"opened {times} times"
        choices = other.get("/api/choices").json()["brought"]
        assert [c["title"] for c in choices] == ["Water under the sluice.flac"]


def test_the_commands_take_a_session_with_its_sounds(demo_client: TestClient, tmp_path: Path) -> None:
    said = demo_client.get(f"{CLASS}/cues").json()["cues"]
    line = next(c["said"] for c in said if c["start_ms"] is not None)
    samples = np.zeros(44_100 * 2, np.float32)
    samples[: 44_100 * 3 // 2] = 0.3 * np.sin(np.arange(44_100 * 3 // 2) * 0.05)
    tone = io.BytesIO()
    soundfile.write(tone, samples, 44_100, format="WAV")
    recording = tmp_path / "tone.wav"
    recording.write_bytes(tone.getvalue())
    packed = packed_as(
        tmp_path / "made.zip",
        demo_client.get(f"{CLASS}/file").text,
        [PackedTake(line, recording)],
        [PackedSound("hum.wav", recording)],
    )
    file, table = tmp_path / "class.zip", tmp_path / "cues.csv"
    file.write_bytes(packed)
    run = CliRunner().invoke(app, ["cues", str(file), "-o", str(table)])
    assert run.exit_code == 0, run.output
    rows = [r for r in csv.DictReader(table.read_text().splitlines()) if r["text"] == line and r["start_ms"]]
    assert rows
    assert all(1450 <= int(r["end_ms"]) - int(r["start_ms"]) <= 1650 for r in rows), "as long as the take"
    file.write_bytes(packed[:1000])
    assert CliRunner().invoke(app, ["cues", str(file), "-o", str(table)]).exit_code == 2


@pytest.mark.parametrize(("ending", "begins"), [("mid", b"MThd"), ("pdf", b"%PDF-"), ("metadata.vtt", b"WEBVTT")])
def test_the_cues_command_writes_every_kind(tmp_path: Path, ending: str, begins: bytes) -> None:
    out = tmp_path / f"x.{ending}"
    run = CliRunner().invoke(app, ["cues", str(demo_files()[1]), "-o", str(out)])
    assert run.exit_code == 0, run.output
    assert out.read_bytes().startswith(begins)


def test_a_cue_sheet_is_taken_back_and_a_midi_file_becomes_a_form(demo_client: TestClient) -> None:
    cue_with(demo_client, "full")
    sheet = demo_client.get(f"{CLASS}/cue-sheet.pdf").content
    files = {"file": ("sheet.pdf", sheet)}
    told = demo_client.post(f"{CLASS}/cue-file/look", files=files, data={"only": True}).json()
    assert re.fullmatch(r"\d+ lines: \d+ as they are\.", told["says"]), told
    cut = demo_client.post(f"{CLASS}/cue-file/look", files={"file": ("sheet.pdf", sheet[:500])})
    assert cut.status_code == 422
    midi = demo_client.get(f"{CLASS}/practice.mid").content
    draft = demo_client.post("/api/texts/file", files={"file": ("practice.mid", midi)}).json()
    assert {line["state"] for line in draft["lines"]} == {"understood"}
    assert len(draft["form"]["sections"]) > 1


@pytest.mark.parametrize("broken", ["another zip", "cut", "take missing", "take is no sound", "sound is no sound"])
def test_a_packed_session_that_cannot_be_read_says_why_and_keeps_nothing(
    demo_client: TestClient, broken: str, tmp_path: Path
) -> None:
    before = len(demo_client.get("/api/sessions").json())
    text = demo_client.get(f"{CLASS}/file").text
    none = tmp_path / "none.wav"
    none.write_bytes(b"no sound at all")
    data = packed_as(tmp_path / "made.zip", text, [PackedTake("Sit back", none)], [])
    if broken == "another zip":
        data = io.BytesIO()
        with zipfile.ZipFile(data, "w") as other:
            other.writestr("readme.txt", "x")
        data = data.getvalue()
    elif broken == "cut":
        data = data[: len(data) // 2]
    elif broken == "take missing":
        data = data.replace(b"takes/001-sit-back.wav", b"takes/001-sit-Back.wav", 1)
    elif broken == "sound is no sound":
        data = packed_as(tmp_path / "made.zip", text, [], [PackedSound("water.flac", none)])
    answer = demo_client.post("/api/sessions/file", files={"file": ("x.zip", data)})
    assert answer.status_code == 422
    assert "x.zip" in answer.text or "Sit back" in answer.text or "water.flac" in answer.text
    assert demo_client.get("/api/choices").json()["brought"] == []
    assert len(demo_client.get("/api/sessions").json()) == before
    assert not list((tmp_path / "demo" / "sounds").iterdir())


def test_files_named_after_lines_become_takes(demo_client: TestClient) -> None:
    lines = demo_client.get(f"{CLASS}/booth").json()["lines"]
    sound = recorded(demo_client, lines[5]["text"])
    files = [("files", (f"05 {lines[5]['file']}.wav", sound)), ("files", ("nothing-like-it.wav", sound))]
    files.append(("files", (f"06 {lines[6]['file']}.wav", b"no sound")))
    came = made(demo_client, demo_client.post(f"{CLASS}/take-files", files=files).json())
    assert [t["text"] for t in came["taken"]] == [lines[5]["text"]]
    assert came["strange"] == ["nothing-like-it.wav"]
    assert lines[6]["file"] in came["refused"][0]


def test_a_recording_in_which_nothing_is_heard_is_refused(demo_client: TestClient) -> None:
    silence = io.BytesIO()
    soundfile.write(silence, np.zeros(44_100), 44_100, format="WAV")
    for data in (silence.getvalue(), b"nothing"):
        answer = demo_client.post(f"{CLASS}/takes", params={"text": "Sit"}, files={"file": ("x.wav", data)})
        assert answer.status_code == 422
        assert answer.json()["problems"][0]["mend"]


def test_a_sound_is_brought_and_sounds_under_the_practice(demo_client: TestClient) -> None:
    ground = io.BytesIO()
    soundfile.write(ground, 0.1 * np.sin(np.arange(44_100 * 3) / 20), 44_100, format="WAV")
    job = demo_client.post("/api/brought-sounds", files={"file": ("stream.wav", ground.getvalue())}).json()
    kept = made(demo_client, job)
    assert kept["id"] in {b["id"] for b in demo_client.get("/api/choices").json()["brought"]}
    assert demo_client.post("/api/brought-sounds", files={"file": ("x.wav", b"nothing")}).status_code == 422
    session = demo_client.post("/api/sessions?form_id=nine-willows").json()
    sound = {**session["body"]["sound"], "background": "own", "background_file": kept["id"]}
    short = {"tempo": 240, "voice": "names", "pause_before_ms": 0}
    passes = [{**session["body"]["passes"][0], **short}]
    body = {**session["body"], "sound": sound, "passes": passes}
    demo_client.put(f"/api/sessions/{session['id']}", json={"version": session["version"], "body": body})
    job = demo_client.post(f"/api/sessions/{session['id']}/render?ending=flac").json()
    for _ in range(200):
        job = demo_client.get(f"/api/jobs/{job['id']}").json()
        if job["state"] in ("done", "failed"):
            break
        time.sleep(0.1)
    assert job["state"] == "done", job
    assert job["note"].startswith("Loudness −16.")


# Slow voices


class Slow:
    """Stands in for a neural voice."""

    slow = True
    wpm = 130
    key = "slow|test|130"

    def __init__(self) -> None:
        self.said: list[str] = []

    def speak(self, text: str) -> Utterance:
        self.said.append(text)
        return Utterance(np.full(len(text) * 100, 0.1, np.float32), 22_050)


def test_a_slow_voice_is_estimated_first_and_its_clips_are_kept(tmp_path, demo_client: TestClient) -> None:
    voice = Slow()
    kept = KeptVoice(voice, tmp_path)
    clips = Clips(kept, demo_client.app.state.workspace.lengths)
    texts = {"Sit back", "Left heel"}
    guessed = clips.glance(texts)
    assert voice.said == []
    assert set(clips.unmeasured(texts)) == texts
    for t in texts:
        clips.measure_now(t)
    assert clips.unmeasured(texts) == []
    assert clips.measure(texts) != guessed
    first = kept.speak("Sit back")
    again = KeptVoice(voice, tmp_path).speak("Sit back")
    assert len(voice.said) == 2, "the second time it is there at once"
    assert np.array_equal(first.samples, again.samples)


def test_lengths_are_estimated_at_first_and_measured_meanwhile(demo_client: TestClient) -> None:
    with demo_client.app.state.workspace.database.open() as db:
        db.execute("DELETE FROM speech_length")
    first = demo_client.get(f"{CLASS}/cues").json()
    assert first["estimated"] > 100
    assert len(first["cues"]) > 200
    job = demo_client.post(f"{CLASS}/measure").json()
    for _ in range(600):
        job = demo_client.get(f"/api/jobs/{job['id']}").json()
        if job["state"] == "done":
            break
        time.sleep(0.1)
    then = demo_client.get(f"{CLASS}/cues").json()
    assert then["estimated"] == 0
    lengths = {c["id"]: c["needs_ms"] for c in first["cues"]}
    assert any(lengths.get(c["id"]) != c["needs_ms"] for c in then["cues"])


def test_a_neural_voice_that_is_not_there_says_so(demo_client: TestClient) -> None:
    answer = demo_client.get("/api/sound/speech.wav", params={"text": "Sit", "engine": "neural", "voice": "nobody"})
    assert answer.status_code == 422
    assert "neural voice" in answer.json()["problems"][0]["what"]
