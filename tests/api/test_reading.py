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


TYPED = "Shift 70% into the left, breathe out"
OPEN = dict.fromkeys(("counts", "hold_ms", "left_pct", "breath", "side"), "filled")


def _written(client: TestClient, **of_movement: object) -> dict:
    """The movement as it comes back after it was written."""
    made = client.post("/api/forms").json()
    body = made["body"]
    body["sections"][0]["postures"][0]["movements"][0].update({"origins": OPEN, **of_movement})
    saved = client.put(f"/api/forms/{made['id']}", json={"version": made["version"], "body": body}).json()
    return saved["body"]["sections"][0]["postures"][0]["movements"][0]


def test_what_was_typed_is_read_when_it_is_written_and_in_one_step(client: TestClient) -> None:
    m = _written(client, line=TYPED, unread=True)
    assert (m["left_pct"], m["breath"], m["unread"]) == (70, "out", False)
    assert (m["origins"]["left_pct"], m["origins"]["counts"]) == ("read", "filled")
    (row,) = client.get("/api/forms").json()
    back = client.post(f"/api/forms/{row['id']}/undo", json={"version": 2}).json()
    assert back["body"]["sections"][0]["postures"][0]["movements"][0]["line"] == ""
    assert not back["can_undo"]


def test_words_that_were_not_typed_and_values_set_by_hand_stay(client: TestClient) -> None:
    assert _written(client, line=TYPED, left_pct=30)["left_pct"] == 30
    by_hand = _written(client, line=TYPED, left_pct=30, unread=True, origins={**OPEN, "left_pct": "hand"})
    assert (by_hand["left_pct"], by_hand["breath"]) == (30, "out")


LESSON = "1. Open the gate\nWeight right.\nStep left with the left foot.\nMind the step by the door.\n2. Close\nFeet together.\n3. Rest\nBreathe out.\n"


def test_what_lines_are_is_said_by_the_instructor(client: TestClient) -> None:
    kinds = {"Mind the step by the door.": "caution"}
    pasted = client.post("/api/texts", json={"text": LESSON, "kinds": kinds}).json()
    assert pasted["form"]["sections"][0]["postures"][0]["cautions"] == ["Mind the step by the door."]
    file = {"file": ("x.txt", LESSON.encode())}
    opened = client.post("/api/texts/file", files=file, data={"kinds": json.dumps(kinds)}).json()
    assert opened["lines"] == pasted["lines"]
    assert next(x for x in opened["lines"] if x["text"] in kinds)["sure"] == 1
    for bad in ("{", '{"x": "poem"}'):
        assert client.post("/api/texts/file", files=file, data={"kinds": bad}).status_code == 422
    assert client.post("/api/texts", json={"text": LESSON, "kinds": {"x": "poem"}}).status_code == 422


def test_the_command_prints_what_became_of_every_line_and_takes_what_is_known(tmp_path: Path) -> None:
    text, kinds, out = tmp_path / "x.txt", tmp_path / "kinds.json", tmp_path / "x.form.json"
    text.write_text(LESSON)
    kinds.write_text('{"Mind the step by the door.": "talk"}')
    run = CliRunner().invoke(app, ["form", str(text), "-o", str(out), "--json", "--kinds", str(kinds)])
    assert run.exit_code == 0
    told = json.loads(run.stdout)
    assert [x["text"] for x in told["lines"]] == [
        "1. Open the gate", "Weight right.", "Step left with the left foot.", "Mind the step by the door.", "2. Close", "Feet together.",
        "3. Rest", "Breathe out.",
    ]  # fmt: skip
    assert told["lines"][3]["kind"] == "talk"
    assert told["questions"] == sum(x["asks"] for x in told["lines"])
    kinds.write_text('{"Mind the step by the door.": "poem"}')
    wrong = CliRunner().invoke(app, ["form", str(text), "-o", str(out), "--kinds", str(kinds)])
    assert wrong.exit_code
    assert "kinds.json" in wrong.output
    assert "caution" in wrong.output
