"""Where two things meet: a restore while others write, a kill in the middle, data that are taken away while they are used."""

import json
import sqlite3
import threading
import zipfile
import zlib
from contextlib import closing
from pathlib import Path

import pytest
from fastapi.testclient import TestClient

from following import ended
from kemvo.api.app import create_app
from kemvo.core.errors import KemvoError
from kemvo.serve import alone
from kemvo.store import copies, database, gate
from kemvo.store.copies import back_up, restore
from kemvo.store.database import Database
from kemvo.store.shelves import form_documents
from kemvo.store.tidying import LEFT_OVERS
from kemvo.store.trouble import StoreTrouble

ROUNDS, WRITERS = 10, 2


def titles_in(file: Path) -> set[str]:
    """All titles that any version in a database has had."""
    with closing(sqlite3.connect(file)) as db:
        return {json.loads(zlib.decompress(body))["title"] for (body,) in db.execute("SELECT body FROM revision")}


def test_no_save_that_was_answered_is_lost_while_copies_are_restored(folder: Path, tmp_path: Path) -> None:
    out = tmp_path / "copy.zip"
    answered: list[str] = []
    refused: set[str] = set()
    over = threading.Event()
    with TestClient(create_app(folder)) as client:
        back_up(client.app.state.workspace.database, out)  # type: ignore[attr-defined]
        archive = out.read_bytes()

        def write(writer: int, id_: str) -> None:
            n = 0
            while not over.is_set():
                form = client.get(f"/api/forms/{id_}").json()
                title = f"saved {writer}-{n}"
                n += 1
                body = {**form["body"], "title": title}
                told = client.put(f"/api/forms/{id_}", json={"version": form["version"], "body": body})
                if told.status_code == 200:
                    answered.append(title)
                else:
                    refused.add(told.json().get("trouble") or told.json()["title"])

        ids = ("nine-willows", "long-causeway")
        writers = [threading.Thread(target=write, args=(w, ids[w])) for w in range(WRITERS)]
        for w in writers:
            w.start()
        for _ in range(ROUNDS):
            job = client.post("/api/data/restore", files={"file": ("k.zip", archive)}).json()
            assert ended(client, job)["state"] == "done"
        over.set()
        for w in writers:
            w.join()
    kept = set[str]().union(*(titles_in(f) for f in [folder / "kemvo.sqlite", *folder.glob("copies/*.sqlite")]))
    assert len(answered) > ROUNDS, "saves went on all the while"
    assert set(answered) - kept == set(), "answered, and in neither the data nor a copy"
    assert refused <= {"restoring", "Changed in the meantime"}


def test_who_would_write_during_a_restore_is_told_and_readers_see_old_or_new(folder: Path, tmp_path: Path) -> None:
    store = Database(folder / "kemvo.sqlite")
    forms = form_documents(store, lambda: "x")
    one = forms.get("nine-willows")
    told: list[str] = []

    def meanwhile() -> None:
        assert forms.get("nine-willows").body == one.body
        with pytest.raises(StoreTrouble) as error:
            forms.save(one.id, one.version, one.body.model_copy(update={"title": "Other"}))
        told.append(error.value.kind)
        with store.read() as db, pytest.raises(StoreTrouble), store.open():
            db.execute("SELECT 1")

    with store.exchange():
        other = threading.Thread(target=meanwhile)
        other.start()
        other.join()
        with pytest.raises(StoreTrouble), Database.exchange(store):
            pass
    assert told == ["restoring"]
    forms.save(one.id, one.version, one.body.model_copy(update={"title": "Other"}))


def test_an_exchange_waits_for_who_is_at_work(monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setattr(gate, "PATIENCE_S", 0.05)
    doors = gate.Gate()
    with pytest.raises(gate.Closed), doors.through("write"), Elsewhere(doors):
        pass
    with doors.through("write"):
        pass
    with doors.closed():
        doors.close_to_readers()
        with doors.through("write"), doors.through("read"):
            pass
    with doors.through("read"):
        pass


class Elsewhere:
    """Close a gate from another thread, within the block; its error comes here."""

    def __init__(self, doors: gate.Gate) -> None:
        self.doors = doors

    def __enter__(self) -> None:
        found: list[BaseException] = []

        def close() -> None:
            try:
                with self.doors.closed():
                    pass
            except gate.Closed as error:
                found.append(error)

        thread = threading.Thread(target=close)
        thread.start()
        thread.join()
        if found:
            raise found[0]

    def __exit__(self, *_: object) -> None:
        pass


def test_a_page_from_before_a_restore_writes_over_nothing(folder: Path, tmp_path: Path) -> None:
    with TestClient(create_app(folder)) as client:
        back_up(client.app.state.workspace.database, tmp_path / "k.zip")  # type: ignore[attr-defined]
        form = client.get("/api/forms/nine-willows").json()
        later = {**form["body"], "title": "Later"}
        version = client.put("/api/forms/nine-willows", json={"version": form["version"], "body": later}).json()[
            "version"
        ]
        restore(client.app.state.workspace.database, tmp_path / "k.zip")  # type: ignore[attr-defined]
        for seen in (form["version"], version):
            told = client.put("/api/forms/nine-willows", json={"version": seen, "body": {**later, "title": "Stale"}})
            assert told.status_code == 409
        assert client.get("/api/forms/nine-willows").json()["body"]["title"] == "Nine Willows"
        # What the copy and the data have alike goes on under its version.
        causeway = client.get("/api/forms/long-causeway").json()
        assert causeway["version"] == 1


def changed(archive: Path, out: Path, change: str) -> Path:
    """An archive with a changed database in it, whose list of contents fits."""
    inside = out.with_suffix(".sqlite")
    with zipfile.ZipFile(archive) as packed:
        inside.write_bytes(packed.read("kemvo.sqlite"))
        about = json.loads(packed.read("copy.json"))
    with closing(sqlite3.connect(inside)) as db, db:
        db.executescript(change)
    about["sha256"] = {"kemvo.sqlite": copies._hash(inside)}
    with zipfile.ZipFile(out, "w", zipfile.ZIP_DEFLATED) as packed:
        packed.write(inside, "kemvo.sqlite")
        packed.writestr("copy.json", json.dumps(about))
    return out


@pytest.mark.parametrize(
    ("change", "why"),
    [
        ("CREATE TRIGGER t AFTER INSERT ON document BEGIN DELETE FROM revision; END;", "trigger"),
        ("CREATE VIEW v AS SELECT 1;", "view"),
        ("DROP TABLE run_part;", "run_part"),
        ("DROP INDEX revision_by_parent;", "revision_by_parent"),
        ("CREATE TABLE other (x);", "other"),
        ("ALTER TABLE take ADD COLUMN more TEXT;", "columns"),
        ("PRAGMA user_version = 0;", "missing"),
        ("PRAGMA user_version = -3;", "missing"),
        ("PRAGMA user_version = 3;", "does not make"),
    ],
)
@pytest.mark.parametrize("kind", ["archive", "copy of a day"])
def test_an_archive_is_judged_before_anything_is_replaced(
    folder: Path, tmp_path: Path, change: str, why: str, kind: str
) -> None:
    store = Database(folder / "kemvo.sqlite")
    back_up(store, tmp_path / "k.zip")
    made = changed(tmp_path / "k.zip", tmp_path / "changed.zip", change)
    before = sorted(titles_in(folder / "kemvo.sqlite")), sorted(p.name for p in folder.rglob("*"))
    with pytest.raises(KemvoError) as error:
        restore(store, made if kind == "archive" else made.with_suffix(".sqlite"))
    assert why in error.value.problems[0].what
    assert "Nothing was changed" in error.value.problems[0].mend
    assert before == (sorted(titles_in(folder / "kemvo.sqlite")), sorted(p.name for p in folder.rglob("*")))


@pytest.mark.parametrize("version", range(1, database.NEWEST))
def test_copies_of_all_earlier_versions_are_restored(folder: Path, tmp_path: Path, version: int) -> None:
    old = tmp_path / "old.sqlite"
    with closing(sqlite3.connect(old, isolation_level=None)) as db:
        database.migrate(db, version)
        db.execute("INSERT INTO document VALUES ('f', 'form', 1, 1, '{\"title\": \"Old\"}', '', '', NULL)")
        db.execute("INSERT INTO revision VALUES ('f', 1, NULL, ?, '')", (zlib.compress(b'{"title": "Old"}'),))
    store = Database(folder / "kemvo.sqlite")
    restore(store, old)
    assert [f.body.title for f in form_documents(store, lambda: "x").all()] == ["Old"]


def test_a_list_of_contents_that_is_far_too_large_is_not_unpacked(folder: Path, tmp_path: Path) -> None:
    store = Database(folder / "kemvo.sqlite")
    back_up(store, tmp_path / "k.zip")
    with zipfile.ZipFile(tmp_path / "k.zip") as packed:
        data, about = packed.read("kemvo.sqlite"), packed.read("copy.json")
    with zipfile.ZipFile(tmp_path / "large.zip", "w", zipfile.ZIP_DEFLATED) as packed:
        packed.writestr("kemvo.sqlite", data)
        packed.writestr("copy.json", about + b" " * 8_000_000)
    with pytest.raises(KemvoError, match="far too large"):
        restore(store, tmp_path / "large.zip")


@pytest.mark.parametrize("name", ["sounds/..", "sounds/", "../x", "sounds/a/b", "copy.json", "sounds/.x"])
def test_files_of_an_archive_stay_in_their_place(folder: Path, tmp_path: Path, name: str) -> None:
    store = Database(folder / "kemvo.sqlite")
    back_up(store, tmp_path / "k.zip")
    with zipfile.ZipFile(tmp_path / "k.zip") as packed:
        data, about = packed.read("kemvo.sqlite"), json.loads(packed.read("copy.json"))
    about["sha256"][name] = "00"
    with zipfile.ZipFile(tmp_path / "odd.zip", "w") as packed:
        packed.writestr("kemvo.sqlite", data)
        packed.writestr("copy.json", json.dumps(about))
        if name != "copy.json":
            packed.writestr(name, b"x")
    with pytest.raises(KemvoError, match="no place in it"):
        restore(store, tmp_path / "odd.zip")


def test_what_a_killed_kemvo_left_is_taken_away_each_by_itself(folder: Path) -> None:
    files = [
        "renders/a.mp3", "renders/.a.mp3.part", "incoming/x", "sounds/.abc.part", "copies/.day-2026-01-01.sqlite.part",
        "renders/.film.part.mp4", "clips/ab/abc.123.part", "passphrase.part", ".k.zip.part", "incoming-media/.abc.part",
    ]  # fmt: skip
    inside = [
        "renders/folder/x",
        "incoming/kemvo-copy-1/kemvo.sqlite",
        ".restoring-1/new/kemvo.sqlite",
        ".filming-2/a.mp4",
    ]
    stays = [
        "copies/day-2026-01-02.sqlite",
        "sounds/abc.wav",
        "clips/ab/abc.flac",
        "incoming-media/abc",
        "kemvo.sqlite",
    ]
    for name in (*files, *inside, *stays[:-1]):
        (folder / name).parent.mkdir(parents=True, exist_ok=True)
        (folder / name).write_bytes(b"x")
    with alone(folder):
        left = {str(p.relative_to(folder)) for p in folder.rglob("*")}
    assert [n for n in (*files, *inside) if n in left] == []
    assert [n for n in (".restoring-1", ".filming-2", "renders/folder") if n in left] == []
    assert [n for n in stays if n not in left] == []
    assert len(LEFT_OVERS) == len(set(LEFT_OVERS))


def test_what_cannot_be_taken_away_keeps_nothing_else(folder: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    for name in ("renders/a", "renders/stuck", "renders/z", "incoming/b"):
        (folder / name).parent.mkdir(parents=True, exist_ok=True)
        (folder / name).write_bytes(b"x")
    plain = Path.unlink

    def unlink(self: Path, missing_ok: bool = False) -> None:
        if self.name == "stuck":
            raise PermissionError(1, "stuck")
        plain(self, missing_ok)

    monkeypatch.setattr(Path, "unlink", unlink)
    with alone(folder):
        assert {p.name for p in (*(folder / "renders").iterdir(), *(folder / "incoming").iterdir())} == {"stuck"}


@pytest.mark.parametrize("state", ["", "{", "[]", '{"name": "a.mp4"}'])
def test_an_upload_whose_state_cannot_be_read_begins_again(folder: Path, state: str) -> None:
    with TestClient(create_app(folder)) as client:
        begin = {"name": "a.mp4", "bytes": 8, "changed": 5}
        first = client.post("/api/recordings/incoming", json=begin).json()
        client.put(f"/api/recordings/incoming/{first['id']}?at=0", content=b"1234").raise_for_status()
        assert client.post("/api/recordings/incoming", json=begin).json()["received"] == 4
        (folder / "incoming-media" / f"{first['id']}.json").write_text(state)
        again = client.post("/api/recordings/incoming", json=begin)
        assert (again.status_code, again.json()["received"]) == (200, 0)
        client.put(f"/api/recordings/incoming/{first['id']}?at=0", content=b"12345678").raise_for_status()


def test_a_refused_film_leaves_no_pieces_and_they_are_counted_until_then(folder: Path) -> None:
    with TestClient(create_app(folder)) as client:
        coming = client.post("/api/recordings/incoming", json={"name": "a.mp4", "bytes": 5000}).json()["id"]
        client.put(f"/api/recordings/incoming/{coming}?at=0", content=b"x" * 5000).raise_for_status()
        assert client.get("/api/data").json()["media_bytes"] >= 5000
        bring = {"coming": coming, "session_id": "thursday-class"}
        job = ended(client, client.post("/api/recordings", json=bring).json())
        assert job["state"] == "failed"
        assert list((folder / "incoming-media").iterdir()) == []


def test_a_data_file_that_is_deleted_while_it_is_used_is_told_and_kept(folder: Path) -> None:
    with TestClient(create_app(folder)) as client:
        form = client.get("/api/forms/nine-willows").json()
        body = {**form["body"], "title": "The last one"}
        client.put("/api/forms/nine-willows", json={"version": 1, "body": body}).raise_for_status()
        for file in folder.glob("kemvo.sqlite*"):
            file.unlink()
        told = client.get("/api/forms")
        assert (told.status_code, told.json()["trouble"]) == (503, "gone")
        assert client.put("/api/forms/nine-willows", json={"version": 2, "body": body}).status_code == 503
        assert not (folder / "kemvo.sqlite").exists(), "none is made anew"
        assert "missing" in client.get("/api/data").json()["trouble"]["what"]
        assert client.get("/api/data/health").json()["trouble"]
        (copy,) = client.get("/api/data").json()["copies"]
        assert copy["name"].startswith("rescued")
        assert ended(client, client.post(f"/api/data/copies/{copy['name']}/restore").json())["state"] == "done"
        assert client.get("/api/forms/nine-willows").json()["body"]["title"] == "The last one"
        assert client.get("/api/data/health").json()["trouble"] is None


def test_a_data_folder_that_is_moved_away_is_told_and_used_again_when_it_is_back(folder: Path) -> None:
    with TestClient(create_app(folder)) as client:
        assert client.get("/api/forms").status_code == 200
        away = folder.rename(folder.with_name("away"))
        for path in ("forms", "sessions/thursday-class", "sessions/thursday-class/stage"):
            told = client.get(f"/api/{path}")
            assert (told.status_code, told.json()["trouble"]) == (503, "away"), path
        begun = client.post("/api/recordings/incoming", json={"name": "a.mp4", "bytes": 8})
        assert (begun.status_code, begun.json()["trouble"]) == (503, "away")
        assert "not there" in client.get("/api/data").json()["trouble"]["what"]
        assert not folder.exists()
        away.rename(folder)
        assert len(client.get("/api/forms").json()) == 2


@pytest.mark.parametrize("how", ["empty", "missing"])
def test_nothing_is_begun_anew_beside_copies(folder: Path, how: str) -> None:
    store = Database(folder / "kemvo.sqlite")
    assert copies.copy_of_today(store)
    for file in folder.glob("kemvo.sqlite*"):
        file.unlink()
    if how == "empty":
        (folder / "kemvo.sqlite").touch()
    with TestClient(create_app(folder)) as client:
        told = client.get("/api/forms")
        assert (told.status_code, told.json()["trouble"]) == (503, "gone")
        (copy,) = client.get("/api/data").json()["copies"]
        assert ended(client, client.post(f"/api/data/copies/{copy['name']}/restore").json())["state"] == "done"
        assert len(client.get("/api/forms").json()) == 2


def test_one_byte_that_is_no_text_hides_one_document_and_no_other(folder: Path) -> None:
    with TestClient(create_app(folder)) as client:
        form = client.get("/api/forms/nine-willows").json()
        body = {**form["body"], "title": "Second"}
        client.put("/api/forms/nine-willows", json={"version": 1, "body": body}).raise_for_status()
    with closing(sqlite3.connect(folder / "kemvo.sqlite")) as db, db:
        # Moved as bytes into the text, as a bad sector would.
        db.execute(
            "UPDATE document SET body = CAST(replace(CAST(body AS BLOB), CAST('Second' AS BLOB), x'ff53656364') AS TEXT)"
            " WHERE id = 'nine-willows'"
        )
        assert db.execute("PRAGMA integrity_check").fetchone()[0] == "ok"
    with TestClient(create_app(folder)) as client:
        for path in ("forms", "data", "classes", "sessions", "forms/long-causeway", "sessions/thursday-class"):
            assert client.get(f"/api/{path}").status_code == 200, path
        assert client.get("/api/today").status_code == 200
        assert [f["id"] for f in client.get("/api/forms").json()] == ["long-causeway"]
        (lost,) = client.get("/api/forms/unreadable").json()
        assert [v["title"] for v in lost["versions"]] == ["Second", "Nine Willows"]
        assert client.get("/api/forms/nine-willows").status_code == 422
        back = client.post("/api/forms/nine-willows/go-back", json={"number": lost["versions"][0]["number"]})
        assert back.json()["body"]["title"] == "Second"


def test_damage_in_the_middle_is_told_and_no_copy_is_made_of_it(folder: Path, tmp_path: Path) -> None:
    path = folder / "kemvo.sqlite"
    with closing(sqlite3.connect(path)) as db:
        page = db.execute("PRAGMA page_size").fetchone()[0]
        at = db.execute("SELECT rootpage FROM sqlite_master WHERE name = 'revision_by_parent'").fetchone()[0]
    data = bytearray(path.read_bytes())
    data[(at - 1) * page : (at - 1) * page + 60] = b"\x55" * 60
    path.write_bytes(data)
    with TestClient(create_app(folder)) as client:
        assert "damaged" in client.get("/api/data").json()["trouble"]["what"]
        assert "damaged" in client.get("/api/data/health").json()["trouble"]["what"], "every page says it from now on"
        job = ended(client, client.post("/api/data/backup").json())
        assert "The file with your data is damaged" in job["problem"]["what"]
    assert copies.copy_of_today(Database(path)) is None
