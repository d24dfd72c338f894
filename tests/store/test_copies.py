"""Copies: what is made is what comes back; what is damaged is refused with nothing changed."""

import io
import sqlite3
import zipfile
from contextlib import closing, suppress
from pathlib import Path

import numpy as np
import pytest
import soundfile
from fastapi.testclient import TestClient
from hypothesis import HealthCheck, given, settings
from hypothesis import strategies as st
from typer.testing import CliRunner

from demo_made import demo_copied
from following import ended, made
from kemvo.api.app import create_app
from kemvo.cli import app
from kemvo.core.errors import KemvoError
from kemvo.core.recording.model import Media, Recording
from kemvo.store import copies
from kemvo.store.copies import back_up, copy_of_today, day_copies, restore
from kemvo.store.database import NEWEST, Database
from kemvo.store.media import LOUDNESS, media_file
from kemvo.store.shelves import recording_documents


@pytest.fixture
def folder(tmp_path: Path) -> Path:
    path = demo_copied(tmp_path / "data")
    (path / "sounds").mkdir()
    (path / "sounds" / "a.wav").write_bytes(b"a take")
    (path / "sounds" / "ground.mp3").write_bytes(b"a large sound")
    with closing(sqlite3.connect(path / "kemvo.sqlite")) as db, db:
        db.execute("INSERT INTO take (line, text, file, raw, ms, saved) VALUES ('x', 'x', 'a.wav', 'a.wav', 5, '')")
        db.execute("INSERT INTO brought_sound VALUES ('ground.mp3', 'Ground', '')")
    return path


def content(folder: Path) -> dict[str, list]:
    with closing(sqlite3.connect(folder / "kemvo.sqlite")) as db:
        names = [r[0] for r in db.execute("SELECT name FROM sqlite_master WHERE type = 'table' ORDER BY name")]
        return {name: db.execute(f"SELECT * FROM {name} ORDER BY 1, 2").fetchall() for name in names}


def test_what_is_backed_up_comes_back_elsewhere_as_it_was(folder: Path, tmp_path: Path) -> None:
    out = tmp_path / "copy.zip"
    told = back_up(Database(folder / "kemvo.sqlite"), out)
    assert (told.forms, told.sessions, told.takes, told.sounds) == (2, 2, 1, 2)
    elsewhere = tmp_path / "elsewhere"
    elsewhere.mkdir()
    restore(Database(elsewhere / "kemvo.sqlite"), out)
    assert content(elsewhere) == content(folder)
    for name in ("a.wav", "ground.mp3"):
        assert (elsewhere / "sounds" / name).read_bytes() == (folder / "sounds" / name).read_bytes()


def test_recordings_go_along_with_what_was_worked_out_and_one_that_cannot_be_read_stops_nothing(
    folder: Path, tmp_path: Path
) -> None:
    media = Media(name="take.mp4", sha256="ab" * 32, ms=1000)
    database = Database(folder / "kemvo.sqlite")
    recording_documents(database, lambda: "one").add(Recording(title="One", media=media))
    recording_documents(database, lambda: "two").add(Recording(title="Two", media=media))
    with closing(sqlite3.connect(folder / "kemvo.sqlite")) as db, db:
        db.execute("UPDATE document SET body = '{damaged' WHERE id = 'two'")
    names = (media_file(media), f"{media_file(media)}.{LOUDNESS}")
    for name in names:
        (folder / "sounds" / name).write_bytes(name.encode())
    for large in (True, False):
        back_up(database, tmp_path / f"{large}.zip", large=large)
        with zipfile.ZipFile(tmp_path / f"{large}.zip") as packed:
            assert all((f"sounds/{name}" in packed.namelist()) == large for name in names)


def test_large_sounds_can_be_left_out(folder: Path, tmp_path: Path) -> None:
    back_up(Database(folder / "kemvo.sqlite"), tmp_path / "copy.zip", large=False)
    with zipfile.ZipFile(tmp_path / "copy.zip") as packed:
        assert "sounds/a.wav" in packed.namelist()
        assert "sounds/ground.mp3" not in packed.namelist()


@given(st.integers(0, 10**9), st.sampled_from(["flip", "cut"]))
@settings(max_examples=40, suppress_health_check=[HealthCheck.function_scoped_fixture])
def test_a_damaged_copy_changes_nothing_or_is_whole(folder: Path, tmp_path: Path, at: int, how: str) -> None:
    out = tmp_path / "copy.zip"
    if not out.exists():
        back_up(Database(folder / "kemvo.sqlite"), out)
    data = bytearray(out.read_bytes())
    at %= len(data)
    broken = tmp_path / "broken.zip"
    if how == "flip":
        data[at] ^= 0xFF
    else:
        data = data[:at]
    broken.write_bytes(data)
    before = content(folder)
    # A flipped bit where nothing is read (a date, an attribute) leaves a copy whole.
    with suppress(KemvoError):
        restore(Database(folder / "kemvo.sqlite"), broken)
    assert content(folder) == before


def test_what_was_there_is_copied_before_it_is_replaced(folder: Path, tmp_path: Path) -> None:
    database = Database(folder / "kemvo.sqlite")
    back_up(database, tmp_path / "copy.zip")
    with database.open() as db:
        db.execute("DELETE FROM document WHERE kind = 'session'")
    emptied = content(folder)
    restore(database, tmp_path / "copy.zip")
    assert sum(row[1] in ("form", "session") for row in content(folder)["document"]) == 4
    kept = next(c for c in day_copies(folder) if c.name.startswith("before-restoring"))
    restore(database, folder / "copies" / kept.name)
    assert content(folder) == emptied, "restoring can itself be taken back"


def test_a_damaged_database_makes_way_and_is_kept(folder: Path, tmp_path: Path) -> None:
    back_up(Database(folder / "kemvo.sqlite"), tmp_path / "copy.zip")
    for end in ("-wal", "-shm"):
        (folder / f"kemvo.sqlite{end}").unlink(missing_ok=True)
    (folder / "kemvo.sqlite").write_bytes(b"damaged " * 3000)
    restore(Database(folder / "kemvo.sqlite"), tmp_path / "copy.zip")
    assert sum(row[1] in ("form", "session") for row in content(folder)["document"]) == 4
    assert any(p.read_bytes().startswith(b"damaged") for p in (folder / "copies").iterdir())


def test_the_last_seven_days_are_kept_and_a_damaged_file_pushes_none_out(folder: Path) -> None:
    database = Database(folder / "kemvo.sqlite")
    (folder / "copies").mkdir()
    for day in range(10, 20):
        (folder / "copies" / f"day-2026-01-{day}.sqlite").write_bytes(b"")
    assert copy_of_today(database)
    assert copy_of_today(database) is None, "one a day"
    names = sorted(p.name for p in (folder / "copies").iterdir())
    assert len(names) == copies.KEPT_DAYS
    assert names[0] == "day-2026-01-14.sqlite"
    (folder / "copies" / names[-1]).unlink()
    for end in ("-wal", "-shm"):
        (folder / f"kemvo.sqlite{end}").unlink(missing_ok=True)
    (folder / "kemvo.sqlite").write_bytes(b"damaged " * 3000)
    assert copy_of_today(Database(folder / "kemvo.sqlite")) is None
    assert sorted(p.name for p in (folder / "copies").iterdir()) == names[:-1]


def test_a_copy_is_made_before_the_schema_changes(folder: Path) -> None:
    with closing(sqlite3.connect(folder / "kemvo.sqlite")) as db:
        db.execute("DROP TABLE take")
        db.execute("DROP TABLE brought_sound")
        db.execute(f"PRAGMA user_version = {NEWEST - 1}")
    Database(folder / "kemvo.sqlite")
    (copy,) = (folder / "copies").iterdir()
    assert copy.name.startswith(f"before-version-{NEWEST}")
    with closing(sqlite3.connect(copy)) as db:
        assert db.execute("PRAGMA user_version").fetchone()[0] == NEWEST - 1
        assert db.execute("SELECT count(*) FROM document WHERE kind IN ('form', 'session')").fetchone()[0] == 4


def test_the_commands_back_up_and_restore(folder: Path, tmp_path: Path) -> None:
    out, elsewhere = tmp_path / "all.zip", tmp_path / "elsewhere"
    run = CliRunner().invoke(app, ["backup", str(out), "--folder", str(folder)])
    assert (run.exit_code, "Checked by restoring" in run.output) == (0, True), run.output
    run = CliRunner().invoke(app, ["restore", str(out), "--folder", str(elsewhere)])
    assert run.exit_code == 0, run.output
    assert content(elsewhere) == content(folder)
    out.write_bytes(out.read_bytes()[:500])
    run = CliRunner().invoke(app, ["restore", str(out), "--folder", str(elsewhere)])
    assert (run.exit_code, "Nothing was changed" in run.output) == (2, True)
    run = CliRunner().invoke(app, ["restore", str(tmp_path / "none.zip"), "--folder", str(elsewhere)])
    assert run.exit_code == 2


def test_a_copy_goes_from_one_kemvo_to_another_by_its_page(tmp_path: Path) -> None:
    (tmp_path / "other").mkdir()
    demo_copied(tmp_path / "one")
    sound = io.BytesIO()
    soundfile.write(sound, 0.1 * np.random.default_rng(2).standard_normal(30_000), 44_100, format="WAV")
    with TestClient(create_app(tmp_path / "one")) as one, TestClient(create_app(tmp_path / "other")) as other:
        brought = made(one, one.post("/api/brought-sounds", files={"file": ("g.wav", sound.getvalue())}).json())
        job = ended(one, one.post("/api/data/backup").json())
        assert job["state"] == "done", job
        data = one.get(f"/api/jobs/{job['id']}/result").content
        assert other.get("/api/forms").json() == []
        back = ended(other, other.post("/api/data/restore", files={"file": ("k.zip", data)}).json())
        assert back["state"] == "done", back
        assert {f["id"] for f in other.get("/api/forms").json()} == {"nine-willows", "long-causeway"}
        assert other.get("/api/sessions/thursday-class/cues").status_code == 200
        session = other.get("/api/sessions/thursday-class").json()
        session["body"]["sound"] |= {"background": "own", "background_file": brought["id"]}
        other.put("/api/sessions/thursday-class", json={"version": 1, "body": session["body"]}).raise_for_status()
        piece = other.get("/api/sessions/thursday-class/under.wav?at_ms=5000&ms=500")
        assert piece.status_code == 200, "what comes round of a sound is made anew where only the sound was copied"
        refused = ended(other, other.post("/api/data/restore", files={"file": ("k.zip", data[:900])}).json())
        assert "Nothing was changed" in refused["problem"]["mend"]
        assert len(other.get("/api/data").json()["copies"]) >= 1
        name = other.get("/api/data").json()["copies"][-1]["name"]
        assert ended(other, other.post(f"/api/data/copies/{name}/restore").json())["state"] == "done"
        assert other.get("/api/forms").json() == []
