"""Trouble with the data folder: each kind gets its sentence, and what can be read stays usable."""

import os
import sqlite3
import subprocess
import sys
from contextlib import closing, suppress
from pathlib import Path

import pytest
from fastapi.testclient import TestClient
from typer.testing import CliRunner

from demo_made import demo_copied
from kemvo.api.app import create_app
from kemvo.cli import app
from kemvo.demo.load import demo_files
from kemvo.store import database as database_module
from kemvo.store.database import Database
from kemvo.store.shelves import form_documents
from kemvo.store.trouble import StoreTrouble


def edited(client: TestClient, title: str = "Other"):
    form = client.get("/api/forms/nine-willows").json()
    body = {**form["body"], "title": title}
    return client.put("/api/forms/nine-willows", json={"version": form["version"], "body": body})


def damaged(path: Path, how: str) -> None:
    data = bytearray(path.read_bytes())
    if how == "another file":
        data = bytearray(b"this is no database at all. " * 2000)
    elif how == "cut":
        data = data[: len(data) // 3]
    else:
        data[100:400] = bytes(300)
    path.write_bytes(data)


@pytest.mark.parametrize("how", ["another file", "cut", "head overwritten"])
def test_a_damaged_file_is_told_on_the_page_and_the_command_line(
    folder: Path, how: str, monkeypatch: pytest.MonkeyPatch
) -> None:
    damaged(folder / "kemvo.sqlite", how)
    before = (folder / "kemvo.sqlite").read_bytes()
    with TestClient(create_app(folder)) as client:
        answers = [client.get(f"/api/{path}") for path in ("forms", "sessions", "forms/nine-willows", "choices")]
        told = [a for a in answers if a.status_code >= 400]
        assert told
        assert all("damaged" in a.json()["detail"] and "Your data" in a.json()["detail"] for a in told)
        assert client.get("/").status_code in (200, 503), "the pages are there all the same"
        assert "damaged" in client.get("/api/data").json()["trouble"]["what"]
    monkeypatch.setenv("KEMVO_HOME", str(folder))
    for command in (["cues", str(demo_files()[-1])], ["backup", str(folder.parent / "copy.zip")]):
        run = CliRunner().invoke(app, command)
        assert (run.exit_code, "damaged" in run.output) == (2, True), run.output
    assert not (folder.parent / "copy.zip").exists()
    assert (folder / "kemvo.sqlite").read_bytes() == before, "nothing was changed"


@pytest.mark.parametrize(
    "body", ["{", '{"title": 5}', '{"sections": [{"postures": [{"movements": [{"counts": -1}]}]}]}']
)
def test_one_unreadable_document_hides_no_other_and_offers_its_versions(folder: Path, body: str) -> None:
    with TestClient(create_app(folder)) as client:
        assert edited(client, "Second version").status_code == 200
        with closing(sqlite3.connect(folder / "kemvo.sqlite")) as db, db:
            db.execute("UPDATE document SET body = ? WHERE id = 'nine-willows'", (body,))
        assert [f["id"] for f in client.get("/api/forms").json()] == ["long-causeway"]
        found = client.get("/api/forms/unreadable").json()
        assert [(u["id"], [v["title"] for v in u["versions"]]) for u in found] == [
            ("nine-willows", ["Second version", "Nine Willows"])
        ]
        assert client.get("/api/forms/nine-willows").status_code == 422
        session = client.get("/api/sessions/thursday-class")
        assert session.status_code == 200, "a session over it is shown, with the form missing"
        assert client.get("/api/sessions/evening-class/cues").status_code == 200
        assert "Second version" in client.get("/api/data").json()["unreadable"][0]
        back = client.post("/api/forms/nine-willows/go-back", json={"number": found[0]["versions"][1]["number"]})
        assert (back.status_code, back.json()["body"]["title"]) == (200, "Nine Willows")
        assert client.get("/api/forms/unreadable").json() == []
        assert client.post("/api/forms/nine-willows/go-back", json={"number": 99}).status_code == 422


def test_an_unreadable_own_posture_or_pattern_hides_no_other(folder: Path) -> None:
    with TestClient(create_app(folder)) as client:
        client.post("/api/catalogue", json={"posture": {"name": "Heron lands"}}).raise_for_status()
        client.post("/api/sessions/thursday-class/pattern").raise_for_status()
        with closing(sqlite3.connect(folder / "kemvo.sqlite")) as db, db:
            db.execute("INSERT INTO own_posture (id, body, saved) VALUES ('broken', '{', '')")
            db.execute("INSERT INTO own_pattern (title, blocks, saved) VALUES ('broken', '[5]', '')")
    with TestClient(create_app(folder)) as client:
        assert client.get("/api/catalogue?letters=heron").json()
        assert len([p for p in client.get("/api/patterns").json() if p["own"]]) == 1
        assert client.get("/api/data").json()["unreadable"] == ["1 own posture", "1 own pattern"]


def test_a_file_locked_by_another_program_is_read_and_the_write_is_told(
    folder: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    monkeypatch.setattr(database_module, "WAIT_S", 0.3)
    with TestClient(create_app(folder)) as client, closing(sqlite3.connect(folder / "kemvo.sqlite")) as other:
        other.isolation_level = None
        other.execute("BEGIN EXCLUSIVE")
        for path in (
            "forms",
            "forms/nine-willows",
            "sessions/thursday-class",
            "sessions/thursday-class/stage",
            "choices",
        ):
            assert client.get(f"/api/{path}").status_code == 200, path
        told = edited(client)
        assert told.status_code == 503
        assert told.json()["trouble"] == "locked"
        assert "Another program" in told.json()["detail"]
        other.execute("ROLLBACK")
        assert edited(client).status_code == 200


def test_a_kemvo_can_be_started_while_another_program_holds_the_file(folder: Path) -> None:
    with closing(sqlite3.connect(folder / "kemvo.sqlite")) as other:
        other.isolation_level = None
        other.execute("BEGIN EXCLUSIVE")
        with TestClient(create_app(folder)) as client:
            assert len(client.get("/api/forms").json()) == 2
        other.execute("ROLLBACK")


def test_a_full_disk_is_told_and_nothing_is_half_written(folder: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    """SQLite is told that the file may not grow, which it answers as it does a full disk."""
    plain = Database._connect

    def full(self: Database) -> sqlite3.Connection:
        db = plain(self)
        db.execute("PRAGMA max_page_count = 1")
        return db

    with TestClient(create_app(folder)) as client:
        before = client.get("/api/forms/nine-willows").json()["body"]
        monkeypatch.setattr(Database, "_connect", full)
        body = {**before, "notes": "x" * 19_000}
        told = client.put("/api/forms/nine-willows", json={"version": 1, "body": body})
        assert (told.status_code, told.json()["trouble"]) == (507, "full")
        monkeypatch.setattr(Database, "_connect", plain)
        assert client.get("/api/forms/nine-willows").json()["body"] == before


AS_NOBODY = """
import os, sys
from pathlib import Path
from fastapi.testclient import TestClient
from kemvo.api.app import create_app

def look(folder):
    with TestClient(create_app(folder)) as client:
        assert len(client.get("/api/forms").json()) == 2
        assert client.get("/api/sessions/thursday-class").status_code == 200
        form = client.get("/api/forms/nine-willows").json()
        return client.put("/api/forms/nine-willows", json={"version": 1, "body": {**form["body"], "title": "x"}})

# All that is loaded when it is first used is loaded while this is still somebody who may read it.
assert look(Path(sys.argv[2])).status_code == 200
if os.getuid() == 0:
    os.setgroups([]); os.setgid(65534); os.setuid(65534)
told = look(Path(sys.argv[1]))
print(told.status_code, told.json()["trouble"])
"""


def test_a_read_only_folder_is_read_and_the_write_is_told(folder: Path, tmp_path: Path) -> None:
    for path in (*folder.rglob("*"), folder):
        path.chmod(0o555 if path.is_dir() else 0o444)
    for above in folder.parents:
        with suppress(PermissionError):
            above.chmod(above.stat().st_mode | 0o055)
    try:
        run = subprocess.run(
            [sys.executable, "-c", AS_NOBODY, str(folder), str(demo_copied(tmp_path / "first"))],
            capture_output=True,
            text=True,
            env={**os.environ, "HOME": "/tmp"},
        )
    finally:
        for path in (folder, *folder.rglob("*")):
            path.chmod(0o755)
    assert run.stdout.split() == ["503", "read-only"], run.stderr[-2000:]


def test_two_writes_together_are_both_there_or_neither(folder: Path) -> None:
    database = Database(folder / "kemvo.sqlite")
    forms = form_documents(database, lambda: "x")
    one, other = forms.get("nine-willows"), forms.get("long-causeway")

    def both(version: int) -> None:
        with database.together():
            forms.save(one.id, one.version, one.body.model_copy(update={"title": "Changed"}))
            forms.save(other.id, version, other.body.model_copy(update={"title": "Changed"}))

    with pytest.raises(Exception, match="somewhere else"):
        both(other.version + 5)
    assert [forms.get(x.id).body.title for x in (one, other)] == ["Nine Willows", "Long Causeway"]
    both(other.version)
    assert [forms.get(x.id).body.title for x in (one, other)] == ["Changed", "Changed"]


def test_a_newer_kemvos_file_is_refused(folder: Path) -> None:
    with closing(sqlite3.connect(folder / "kemvo.sqlite")) as db:
        db.execute("PRAGMA user_version = 999")
    with pytest.raises(Exception, match="newer Kemvo"):
        Database(folder / "kemvo.sqlite")


def test_trouble_is_an_error_with_a_way_out() -> None:
    for kind in ("damaged", "read-only", "full", "locked", "unreachable"):
        sentence = StoreTrouble(kind, Path("/x/kemvo.sqlite"), "why").problems[0]
        assert sentence.what
        assert len(sentence.mend) > 30
