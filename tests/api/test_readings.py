"""What was read is kept with a form in the store, in files and over the network."""

import json
import sqlite3
import zlib
from pathlib import Path
from unittest.mock import patch

from fastapi.testclient import TestClient

import kemvo.core.movement.readings as readings_room
import kemvo.store.database as database_room
from kemvo.api.base.workspace import Workspace
from kemvo.core.facts import Fact
from kemvo.core.model.form import Form, Movement, Readings, words_key
from strategies import one_posture

KICK = Readings(
    words=words_key("Left foot steps out", ""), reader=0, line=(Fact(kind="kick", start=0, end=9, side="L"),)
)


def of_before(workspace: Workspace) -> str:
    """A form as a Kemvo without readings left it, with an earlier version to undo to; its id."""
    stored = workspace.forms.add(one_posture(Movement(line="Right foot steps out", left_pct=20, counts=7)))
    workspace.forms.save(stored.id, 1, stored.body.model_copy(update={"title": "Later"}))
    with sqlite3.connect(workspace.database.path) as db:
        for number, body in db.execute("SELECT number, body FROM revision").fetchall():
            text = json.dumps(_without(json.loads(zlib.decompress(body))))
            db.execute("UPDATE revision SET body = ? WHERE number = ?", (zlib.compress(text.encode()), number))
            db.execute("UPDATE document SET body = ? WHERE revision = ?", (text, number))
    return stored.id


def _without(value: object) -> object:
    if isinstance(value, dict):
        return {k: _without(v) for k, v in value.items() if k != "read"}
    return [_without(v) for v in value] if isinstance(value, list) else value


def kept(workspace: Workspace) -> Form:
    with sqlite3.connect(workspace.database.path) as db:
        return Form.model_validate_json(db.execute("SELECT body FROM document").fetchone()[0])


def test_a_form_of_before_is_read_once_when_it_is_opened(tmp_path: Path) -> None:
    id_ = of_before(Workspace(tmp_path))
    workspace = Workspace(tmp_path)
    assert kept(workspace).postures()[0].movements[0].read is None
    opened = workspace.forms.get(id_)
    m = opened.body.postures()[0].movements[0]
    assert m.read
    assert (m.left_pct, m.counts, opened.version) == (20, 7, 2), "nothing else changes, and no version is made"
    assert kept(workspace) == opened.body
    with patch.object(readings_room, "read_line", side_effect=AssertionError("read again")):
        assert Workspace(tmp_path).forms.get(id_).body == opened.body
        back = workspace.forms.undo(id_, 2)
    assert back.body.title == ""
    assert back.body.postures()[0].movements[0].read == m.read, "the same words keep what they were read as"


def test_a_form_of_before_opens_where_nothing_can_be_written(tmp_path: Path) -> None:
    id_ = of_before(Workspace(tmp_path))
    workspace = Workspace(tmp_path)
    workspace.forms.version(id_)
    with sqlite3.connect(workspace.database.path) as writer:
        writer.execute("BEGIN IMMEDIATE")
        with patch.object(database_room, "WAIT_S", 0.05):
            assert workspace.forms.get(id_).body.postures()[0].movements[0].read
    assert kept(workspace).postures()[0].movements[0].read is None


def test_the_page_is_not_sent_readings_and_need_not_send_them_back(client: TestClient) -> None:
    form = one_posture(Movement(line="Left foot steps out", read=KICK))
    id_ = client.post("/api/forms", json=form.model_dump(mode="json")).json()["id"]
    view = client.get(f"/api/forms/{id_}").json()
    m = view["body"]["sections"][0]["postures"][0]["movements"][0]
    assert "read" not in m
    assert view["derived"]["movements"][m["id"]]["signs"] == [["left foot kicks", "read"]]
    saved = client.put(f"/api/forms/{id_}", json={"version": 1, "body": {**view["body"], "title": "New"}}).json()
    assert saved["derived"]["movements"][m["id"]]["signs"] == [["left foot kicks", "read"]]
    as_typed = client.post(f"/api/read/movement?form={id_}", json=m).json()
    assert [s["words"] for s in as_typed["signs"]] == ["left foot kicks"], "the panel shows what the form has"
    assert [s["words"] for s in client.post("/api/read/movement", json=m).json()["signs"]] == ["left foot steps out"]


def test_words_are_read_again_only_when_asked_and_that_is_one_step_to_undo(client: TestClient) -> None:
    form = one_posture(Movement(line="Left foot steps out", read=KICK), Movement(line="Left foot steps out", read=KICK))
    id_ = client.post("/api/forms", json=form.model_dump(mode="json")).json()["id"]
    shown = client.get(f"/api/forms/{id_}/read-again").json()
    assert (shown["earlier"], [c["now"] for c in shown["changes"]]) == (2, [["left foot steps out"]] * 2)
    first = shown["changes"][0]["movement_id"]
    one = client.post(f"/api/forms/{id_}/read-again", json={"version": 1, "movement": first}).json()
    assert [m["signs"][0][0] for m in one["derived"]["movements"].values()] == [
        "left foot steps out",
        "left foot kicks",
    ]
    all_ = client.post(f"/api/forms/{id_}/read-again", json={"version": 2}).json()
    assert client.get(f"/api/forms/{id_}/read-again").json() == {"changes": [], "earlier": 0}
    back = client.post(f"/api/forms/{id_}/undo", json={"version": all_["version"]}).json()
    assert [m["signs"][0][0] for m in back["derived"]["movements"].values()] == [
        "left foot steps out",
        "left foot kicks",
    ]


def test_a_file_carries_what_was_read(client: TestClient) -> None:
    form = one_posture(Movement(line="Left foot steps out", read=KICK))
    id_ = client.post("/api/forms", json=form.model_dump(mode="json")).json()["id"]
    text = client.get(f"/api/forms/{id_}/file").text
    assert json.loads(text)["form"]["sections"][0]["postures"][0]["movements"][0]["read"]["line"][0]["kind"] == "kick"
    again = client.post("/api/forms/file", files={"file": ("a.form.json", text)}).json()
    assert next(iter(again["derived"]["movements"].values()))["signs"] == [["left foot kicks", "read"]]
