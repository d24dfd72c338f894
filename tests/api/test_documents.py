"""Forms and sessions through the API and the store: nothing is lost, nothing is overwritten."""

import shutil
import sqlite3
import subprocess
import sys
import tempfile
import time
from pathlib import Path

import pytest
from fastapi.testclient import TestClient
from hypothesis import given, settings
from hypothesis import strategies as st

from kemvo.api.app import create_app
from kemvo.api.base.workspace import Workspace
from kemvo.core.errors import KemvoError
from kemvo.core.model.form import Form
from kemvo.store.database import Database, migrations
from kemvo.store.documents import Stale
from kemvo.store.shelves import form_documents
from strategies import forms


def put(client: TestClient, view: dict, **change: object) -> dict:
    body = {**view["body"], **change}
    answer = client.put(f"/api/forms/{view['id']}", json={"version": view["version"], "body": body})
    assert answer.status_code == 200, answer.text
    return answer.json()


def test_a_form_is_made_edited_undone_and_redone(client: TestClient) -> None:
    first = client.post("/api/forms").json()
    assert (first["can_undo"], first["can_redo"]) == (False, False)
    assert len(first["body"]["sections"][0]["postures"][0]["movements"]) == 1
    second = put(client, first, title="Nine")
    third = put(client, second, title="Ten")
    back = client.post(f"/api/forms/{first['id']}/undo", json={"version": third["version"]}).json()
    assert (back["body"]["title"], back["can_undo"], back["can_redo"]) == ("Nine", True, True)
    forth = client.post(f"/api/forms/{first['id']}/redo", json={"version": back["version"]}).json()
    assert forth["body"]["title"] == "Ten"
    assert forth["version"] > third["version"]


def test_undo_at_the_first_and_redo_at_the_last_do_nothing(client: TestClient) -> None:
    first = client.post("/api/forms").json()
    for way in ("undo", "redo"):
        same = client.post(f"/api/forms/{first['id']}/{way}", json={"version": first["version"]}).json()
        assert same == first


def test_a_stale_write_gets_409_and_changes_nothing(client: TestClient) -> None:
    first = client.post("/api/forms").json()
    put(client, first, title="Mine")
    late = client.put(f"/api/forms/{first['id']}", json={"version": 1, "body": first["body"]})
    assert late.status_code == 409
    assert late.headers["content-type"] == "application/problem+json"
    assert late.json()["version"] == 2
    assert "changed somewhere else" in late.json()["detail"]
    assert client.get(f"/api/forms/{first['id']}").json()["body"]["title"] == "Mine"
    assert client.post(f"/api/forms/{first['id']}/undo", json={"version": 1}).status_code == 409


@given(st.lists(st.sampled_from(["a", "b", "c", "undo", "redo"]), max_size=20))
def test_every_saved_version_can_be_found_again(steps: list[str]) -> None:
    """Against a model: undo and redo step along the versions, and a new save cuts only the way forward."""
    with tempfile.TemporaryDirectory() as folder:
        ids = iter(["x"])
        kept = form_documents(Database(Path(folder) / "k.sqlite"), lambda: next(ids))
        now = kept.add(Form(title=""))
        past: list[str] = []
        future: list[str] = []
        title = ""
        for step in steps:
            if step == "undo":
                if past:
                    future.append(title)
                    title = past.pop()
                now = kept.undo("x", now.version)
            elif step == "redo":
                if future:
                    past.append(title)
                    title = future.pop()
                now = kept.redo("x", now.version)
            else:
                if step != title:
                    past.append(title)
                    title, future = step, []
                now = kept.save("x", now.version, Form(title=step))
            assert (now.body.title, now.can_undo, now.can_redo) == (title, bool(past), bool(future))


def test_two_writers_never_both_win(tmp_path: Path) -> None:
    forms = form_documents(Database(tmp_path / "k.sqlite"), lambda: "x")
    first = forms.add(Form())
    forms.save("x", first.version, Form(title="a"))
    with pytest.raises(Stale) as caught:
        forms.save("x", first.version, Form(title="b"))
    assert caught.value.current.body.title == "a"


def test_put_away_and_brought_back(client: TestClient) -> None:
    id_ = client.post("/api/forms").json()["id"]
    client.delete(f"/api/forms/{id_}")
    assert client.get("/api/forms").json() == []
    assert [f["id"] for f in client.get("/api/forms?removed=true").json()] == [id_]
    client.post(f"/api/forms/{id_}/bring-back")
    assert [f["id"] for f in client.get("/api/forms").json()] == [id_]


def test_a_bad_value_is_told_with_its_place_and_nothing_is_saved(client: TestClient) -> None:
    first = client.post("/api/forms").json()
    first["body"]["sections"][0]["postures"][0]["name"] = "Heron"
    first["body"]["sections"][0]["postures"][0]["movements"][0]["counts"] = 0
    answer = client.put(f"/api/forms/{first['id']}", json={"version": 1, "body": first["body"]})
    assert answer.status_code == 422
    (problem,) = answer.json()["problems"]
    assert "posture 1 “Heron”, movement 1" in problem["where"]
    assert problem["pointer"].endswith("/movements/0/counts")
    assert client.get(f"/api/forms/{first['id']}").json()["version"] == 1


@pytest.mark.parametrize("path", ["forms/none", "sessions/none", "sessions/none/stage", "forms/none/file", "nothing"])
def test_what_is_not_there_is_a_404_with_a_sentence(client: TestClient, path: str) -> None:
    answer = client.get(f"/api/{path}")
    assert answer.status_code == 404
    assert answer.json()["detail"]


def test_the_migrations_bring_an_old_file_up_to_date_and_keep_what_is_in_it(tmp_path: Path) -> None:
    path = tmp_path / "old.sqlite"
    number, sql = migrations()[0]
    with sqlite3.connect(path) as db:
        db.executescript(sql)
        db.execute(
            "INSERT INTO document (id, kind, version, revision, body, created, saved)"
            " VALUES ('x', 'form', 1, 1, '{\"title\": \"Old\"}', '2026-01-01T00:00', '2026-01-01T00:00')"
        )
        db.execute(f"PRAGMA user_version = {number}")
    assert form_documents(Database(path), lambda: "y").get("x").body.title == "Old"
    with sqlite3.connect(path) as db:
        assert db.execute("PRAGMA user_version").fetchone()[0] == migrations()[-1][0]


def test_a_file_of_a_newer_kemvo_is_left_alone(tmp_path: Path) -> None:
    path = tmp_path / "new.sqlite"
    with sqlite3.connect(path) as db:
        db.execute("PRAGMA user_version = 9999")
    with pytest.raises(KemvoError, match="newer Kemvo"):
        Database(path)


def test_the_migrations_are_numbered_without_gaps() -> None:
    assert [n for n, _ in migrations()] == list(range(1, len(migrations()) + 1))


def test_another_site_may_not_ask(client: TestClient) -> None:
    assert client.get("/api/forms", headers={"host": "elsewhere.example"}).status_code == 400


def test_the_other_side_of_a_posture(client: TestClient) -> None:
    posture = {"name": "Left heel", "side": "L", "movements": [{"line": "Step left", "left_pct": 70}]}
    other = client.post("/api/other-side/posture", json=posture).json()
    assert (other["name"], other["side"]) == ("Right heel", "R")
    assert (other["movements"][0]["line"], other["movements"][0]["left_pct"]) == ("Step right", 30)


KILLED = """
import os, sys
from pathlib import Path
from kemvo.api.base.workspace import Workspace
from kemvo.core.model.form import Form
workspace = Workspace(Path(sys.argv[1]))
first = workspace.forms.add(Form(title="Nine"))
workspace.forms.save(first.id, first.version, Form(title="Ten"))
print(first.id, flush=True)
os.kill(os.getpid(), 9)
"""


def test_what_was_answered_is_there_after_the_program_is_killed(tmp_path: Path) -> None:
    killed = subprocess.run([sys.executable, "-c", KILLED, str(tmp_path)], capture_output=True, text=True, check=False)
    assert killed.returncode == -9
    forms = Workspace(tmp_path).forms
    now = forms.get(killed.stdout.strip())
    assert (now.body.title, now.version, now.can_undo) == ("Ten", 2, True)
    assert forms.undo(now.id, 2).body.title == "Nine"


def test_the_file_alone_holds_what_was_saved_a_moment_ago(tmp_path: Path) -> None:
    """A copy of the database's file, made while Kemvo runs: nothing in it waits in the log."""
    workspace = Workspace(tmp_path)
    first = workspace.forms.add(Form(title="Nine"))
    workspace.forms.save(first.id, first.version, Form(title="Ten"))
    copy = tmp_path / "copy" / "kemvo.sqlite"
    copy.parent.mkdir()
    for _ in range(100):
        shutil.copy(tmp_path / "kemvo.sqlite", copy)
        titles = [f.body.title for f in form_documents(Database(copy), lambda: "x").all()]
        if titles == ["Ten"]:
            break
        time.sleep(0.1)
    assert titles == ["Ten"]
    workspace.close()


@given(forms)
@settings(max_examples=30)
def test_what_is_remembered_of_a_save_is_what_is_in_the_file(form: Form) -> None:
    with tempfile.TemporaryDirectory() as folder:
        kept = form_documents(Database(Path(folder) / "k.sqlite"), lambda: "x")
        saved = kept.save("x", kept.add(Form()).version, form)
        anew = form_documents(Database(Path(folder) / "k.sqlite"), lambda: "y")
        assert kept.get("x") == anew.get("x") == saved


def test_answers_are_packed_for_other_machines_only(tmp_path: Path) -> None:
    app = create_app(tmp_path)
    sizes = {}
    for where in ("127.0.0.1", "192.0.2.7"):
        with TestClient(app, client=(where, 50000)) as asking:
            answer = asking.get("/api/catalogue")
            sizes[where] = answer.headers.get("content-encoding"), answer.json()
    assert sizes["127.0.0.1"] == (None, sizes["192.0.2.7"][1])
    assert sizes["192.0.2.7"][0] == "gzip"
