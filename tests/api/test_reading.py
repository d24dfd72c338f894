"""Reading through the API and the command line."""

import json
from pathlib import Path

import pytest
from fastapi.testclient import TestClient
from typer.testing import CliRunner

from kemvo.cli import app


def test_a_movement_is_read_and_filled(client: TestClient) -> None:
    read = client.post("/api/read/movement", json={"line": "Shift 70% into the left, breathe out"}).json()
    assert [s["words"] for s in read["signs"]] == ["weight into the left 70 %", "breath out"]
    assert (read["over"]["left_pct"], read["over"]["breath"]) == (70, "out")
    assert (read["movement"]["left_pct"], read["movement"]["breath"]) == (50, "free")  # given values stay


def test_the_catalogue_is_asked_by_letters(client: TestClient) -> None:
    (found,) = client.get("/api/catalogue", params={"letters": "br kn"}).json()
    assert found["posture"]["side"] == "L"
    assert found["other"]["side"] == "R"
    assert len(client.get("/api/catalogue", params={"most": 200}).json()) >= 70


def test_a_pasted_text_and_a_file_become_drafts_and_save_nothing(client: TestClient) -> None:
    pasted = client.post("/api/texts", json={"text": "1. Cloud hands\n2. Single whip", "title": "Two"}).json()
    assert [p["name"] for p in pasted["form"]["sections"][0]["postures"]] == ["Cloud hands", "Single whip"]
    opened = client.post("/api/texts/file", files={"file": ("my form.txt", b"Cloud hands")}).json()
    assert opened["form"]["title"] == "my form"
    assert client.get("/api/forms").json() == []


@pytest.mark.parametrize(
    ("name", "data", "said"),
    [
        ("x.doc", b"x", "“.doc” texts"),
        ("x.txt", b"\xff\xfe\xfa", "UTF-8"),
        ("x.srt", b"no times here", "no captions"),
        ("x.txt", b"a\0b", "not text"),
    ],
)
def test_a_text_that_cannot_be_read_is_told(client: TestClient, name: str, data: bytes, said: str) -> None:
    answer = client.post("/api/texts/file", files={"file": (name, data)})
    assert answer.status_code == 422
    assert said in answer.json()["detail"]


def test_the_command_reads_a_file_as_json(tmp_path: Path) -> None:
    path = tmp_path / "x.txt"
    path.write_text("0:12 Step out with the left foot.\nBreathe in. Sit into the right leg.\n")
    run = CliRunner().invoke(app, ["read", str(path), "--json"])
    assert run.exit_code == 0
    entries = json.loads(run.output)
    assert [(e["t_ms"], e["line"], e["text"]) for e in entries] == [
        (12_000, 1, "Step out with the left foot."),
        (None, 2, "Breathe in."),
        (None, 2, "Sit into the right leg."),
    ]
    step = {"kind": "step", "side": "L", "direction": "out", "touch": None, "size": None, "cm": None, "span": [0, 27]}
    assert entries[0]["facts"][0] == step
    assert entries[1]["facts"] == [{"kind": "breath", "direction": "in", "span": [0, 10]}]
    assert entries[2]["facts"][0]["share"] is None
    assert "step: side L" in CliRunner().invoke(app, ["read", str(path)]).output


@pytest.mark.parametrize("name", ["none.txt", "x.pdf"])
def test_the_command_ends_with_2_for_what_it_cannot_read(tmp_path: Path, name: str) -> None:
    (tmp_path / "x.pdf").write_bytes(b"%PDF")
    assert CliRunner().invoke(app, ["read", str(tmp_path / name)]).exit_code == 2
