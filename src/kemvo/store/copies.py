"""Copies of all that is in the data folder: one archive to keep elsewhere, and a copy of every day by themselves.

An archive is a ZIP file: `kemvo.sqlite` (made by SQLite's online backup), the sounds, and `copy.json`, which says when it
was made and what the content of every file in it must be (SHA-256). An archive is checked by being restored, into a folder
of its own, before it counts as made.
"""

from __future__ import annotations

import hashlib
import json
import re
import shutil
import sqlite3
import tempfile
import zipfile
import zlib
from collections.abc import Callable, Iterator
from contextlib import closing, contextmanager, suppress
from datetime import datetime
from pathlib import Path
from typing import NamedTuple

from kemvo.core.errors import KemvoError, Problem
from kemvo.store.database import COPIES, NEWEST, Database, copy_to, migrate, text_of
from kemvo.store.documents import written_now
from kemvo.store.media import LOUDNESS, media_file
from kemvo.store.trouble import StoreTrouble

DATABASE, CONTENTS, SOUNDS = "kemvo.sqlite", "copy.json", "sounds"
KEPT_DAYS = 7
"""How many daily copies are kept; older ones are deleted."""

MOST_BYTES, MOST_FILES, MOST_RATIO = 50_000_000_000, 200_000, 200
"""Bounds of an archive that is restored: bytes and files unpacked, and how much smaller than that it may be packed."""

CONTENTS_BYTES = 400
"""Of the list of contents at most so many bytes are read for every file in an archive."""

A_SOUND = re.compile(rf"{SOUNDS}/[0-9A-Za-z][\w.\-]{{0,200}}")
"""What the sounds in an archive are called."""

COUNTED = ("form", "session")
Report = Callable[[float], None]


class Copied(NamedTuple):
    """What an archive holds: how many forms and sessions (put away or not), takes and sounds, and when it was made."""

    forms: int
    sessions: int
    takes: int
    sounds: int
    made: str
    large: bool

    def says(self) -> str:
        """In a sentence."""
        sounds = f"{self.sounds} sound files" if self.large else "its takes; sounds brought in are left out"
        return f"{self.forms} forms, {self.sessions} sessions, {sounds}. Checked by restoring it."


class DayCopy(NamedTuple):
    """A copy that Kemvo made by itself: its file's name, when it was made, its size in bytes."""

    name: str
    made: str
    bytes: int


def back_up(database: Database, out: Path, large: bool = True, report: Report = lambda _: None) -> Copied:
    """Write everything in the data folder into one archive, and check it. `large`: with the sounds that were brought in
    (takes always go along). Raises KemvoError or StoreTrouble; then no file is left behind."""
    if not out.parent.is_dir():
        raise KemvoError(Problem(what=f"There is no folder {out.parent}.", mend="Make it first, or choose another."))
    partial = out.with_name(f".{out.name}.part")
    try:
        with tempfile.TemporaryDirectory(prefix="kemvo-copy-", dir=out.parent) as folder:
            copy = Path(folder) / DATABASE
            with database.read() as db:
                copy_to(db, copy)
            if not is_whole(copy):
                raise StoreTrouble("damaged", database.path)
            sounds = sorted(_sounds_of(copy, large))
            shelf = database.path.parent / SOUNDS
            there = [shelf / name for name in sounds if (shelf / name).exists()]
            whole = sum(f.stat().st_size for f in there) + copy.stat().st_size
            done = 0
            hashes = {}
            with zipfile.ZipFile(partial, "w", zipfile.ZIP_DEFLATED, compresslevel=3) as into:
                for file in (copy, *there):
                    inside = DATABASE if file == copy else f"{SOUNDS}/{file.name}"
                    hashes[inside] = _hash(file)
                    into.write(file, inside, zipfile.ZIP_DEFLATED if file == copy else zipfile.ZIP_STORED)
                    done += file.stat().st_size
                    report(0.6 * done / whole)
                counted = _counted(copy, len(there), large)
                about = {"format": "kemvo", "kind": "copy", "version": 1, "schema": NEWEST, **counted._asdict()}
                into.writestr(CONTENTS, json.dumps({**about, "sha256": hashes}, indent=1))
            with unpacked(partial, Path(folder) / "check", lambda share: report(0.6 + 0.4 * share)) as found:
                if found != counted:
                    raise _no_copy("what was written is not what is here", out.name)
        partial.replace(out)
        return counted
    finally:
        partial.unlink(missing_ok=True)


def restore(database: Database, archive: Path, report: Report = lambda _: None) -> Copied:
    """Put an archive (or a copy of a day) in the place of the data in the folder; what was there is copied first, and nobody
    writes from then until the new data stand. Sounds are added, never taken away. Raises KemvoError, with nothing changed, when
    it is none or damaged."""
    with tempfile.TemporaryDirectory(prefix=RESTORING, dir=database.path.parent) as folder:
        if archive.suffix == ".sqlite":
            copy = Path(folder) / DATABASE
            shutil.copyfile(archive, copy)
            found = _counted(copy, 0, True, archive.name)
        else:
            with unpacked(archive, Path(folder) / "new", report) as found:
                pass
            copy = Path(folder) / "new" / DATABASE
        judge(copy, archive.name)
        shelf = database.path.parent / SOUNDS
        shelf.mkdir(exist_ok=True)
        for file in (Path(folder) / "new" / SOUNDS).glob("*"):
            if not (shelf / file.name).exists():
                file.replace(shelf / file.name)
        with database.exchange():
            _put_aside(database)
            _count_on(database, copy)
            database.replace_with(copy)
    return found


RESTORING = ".restoring-"
"""How the folders begin in which an archive is unpacked before it is put in place."""


def judge(copy: Path, name: str) -> None:
    """Whether an undamaged database file may take the place of the data, and bring it up to date where an older Kemvo made it. It must hold
    what Kemvo's own schema of its version has and nothing besides: no trigger, no view. Raises KemvoError."""
    try:
        with closing(sqlite3.connect(copy, isolation_level=None)) as db:
            db.execute("PRAGMA trusted_schema = OFF")
            version = db.execute("PRAGMA user_version").fetchone()[0]
            if version > NEWEST:
                raise KemvoError(
                    Problem(what="This copy was made by a newer Kemvo.", where=name, mend="Restore it with that one.")
                )
            wanted, here = _schema_of(version), _things(db)
            if version < 1 or wanted.keys() - here.keys():
                missing = ", ".join(sorted(n for _, n in wanted.keys() - here.keys())) or "everything"
                raise _no_copy(f"the database in it has not what Kemvo keeps ({missing} is missing)", name)
            for kind, extra in sorted(here.keys() - wanted.keys()):
                raise _no_copy(f"the database in it has a {kind} that Kemvo does not make (“{extra[:60]}”)", name)
            for thing, columns in wanted.items():
                if here[thing] != columns:
                    raise _no_copy(f"its table “{thing[1]}” has other columns than Kemvo’s", name)
            if version < NEWEST:
                db.execute("BEGIN IMMEDIATE")
                migrate(db)
                db.execute("COMMIT")
    except sqlite3.Error as error:
        raise _no_copy(f"the database in it cannot be read ({error})", name) from None


Things = dict[tuple[str, str], tuple[tuple[str, int], ...]]
"""What a database is made of: kind and name of each thing in it, with its columns (names, and whether they are hidden or made)."""


def _things(db: sqlite3.Connection) -> Things:
    named = db.execute("SELECT type, name FROM sqlite_master WHERE name NOT LIKE 'sqlite\\_%' ESCAPE '\\'").fetchall()
    return {
        (kind, name): tuple(db.execute("SELECT name, hidden FROM pragma_table_xinfo(?)", (name,)).fetchall())
        if kind == "table"
        else ()
        for kind, name in named
    }


def _schema_of(version: int) -> Things:
    """What a database of a version is made of."""
    with closing(sqlite3.connect(":memory:", isolation_level=None)) as db:
        migrate(db, version)
        return _things(db)


def _put_aside(database: Database) -> None:
    """Copy what is there before it is replaced; where it is damaged, the files themselves are kept."""
    folder = database.path.parent / COPIES
    folder.mkdir(exist_ok=True)
    plain = f"before-restoring-{datetime.now():%Y-%m-%d-%H%M%S}"
    names = (plain, *(f"{plain}-{n}" for n in range(2, 1000)))
    name = next(n for n in names if not any(folder.glob(f"{n}*")))
    try:
        with database.read() as db:
            copy_to(db, folder / f"{name}.sqlite")
    except (StoreTrouble, KemvoError, sqlite3.Error):
        for end in ("", "-wal"):
            file = database.path.with_name(database.path.name + end)
            if file.exists():
                shutil.copyfile(file, folder / f"{name}-damaged.sqlite{end}")


def _count_on(database: Database, copy: Path) -> None:
    """Give documents of a copy that are otherwise than those here a version that nobody has seen yet: a page that still shows
    what was here is then told so when it saves, and writes over nothing."""
    here: dict[str, tuple[int, str]] = {}
    with suppress(StoreTrouble), database.read() as db:
        for row in db.execute("SELECT id, version, body FROM document"):
            here[row["id"]] = (row["version"], _mark_of(row["body"]))
    with closing(sqlite3.connect(copy)) as db, db:
        db.text_factory = text_of
        for id_, version, body in db.execute("SELECT id, version, body FROM document").fetchall():
            known = here.get(id_)
            if known and known[1] != _mark_of(body):
                db.execute("UPDATE document SET version = ? WHERE id = ?", (max(version, known[0]) + 1, id_))


def _mark_of(text: str) -> str:
    return hashlib.sha256(text.encode(errors="replace")).hexdigest()


@contextmanager
def unpacked(archive: Path, folder: Path, report: Report = lambda _: None) -> Iterator[Copied]:
    """An archive, unpacked into `folder` and checked: every file's content, the database, its counts. Raises KemvoError."""
    folder.mkdir(parents=True)
    (folder / SOUNDS).mkdir()
    try:
        with zipfile.ZipFile(archive) as packed:
            inside = packed.infolist()
            names = [x.filename for x in inside]
            whole = sum(x.file_size for x in inside)
            if CONTENTS not in names or DATABASE not in names:
                raise _no_copy("there is no Kemvo database in it", archive.name)
            if len(set(names)) < len(names) or len(names) > MOST_FILES:
                raise _no_copy("it holds a file twice, or far too many", archive.name)
            if whole > MOST_BYTES or whole > MOST_RATIO * archive.stat().st_size + 10_000_000:
                raise _no_copy(f"it would unpack to {whole / 1e6:,.0f} MB", archive.name)
            if packed.getinfo(CONTENTS).file_size > CONTENTS_BYTES * (1 + len(names)):
                raise _no_copy(f"its list of contents ({CONTENTS}) is far too large", archive.name)
            about = json.loads(packed.read(CONTENTS))
            hashes = dict(about["sha256"])
            done = 0
            for name, wanted in hashes.items():
                if name != DATABASE and not A_SOUND.fullmatch(name):
                    raise _no_copy(f"“{name[:60]}” is no place in it", archive.name)
                into = folder / DATABASE if name == DATABASE else folder / SOUNDS / Path(name).name
                with packed.open(name) as file, into.open("wb") as out:
                    shutil.copyfileobj(file, out, 1 << 20)
                if _hash(into) != wanted:
                    raise _no_copy(f"“{Path(name).name}” in it is damaged", archive.name)
                done += into.stat().st_size
                report(done / max(1, whole))
            counted = _counted(folder / DATABASE, len(hashes) - 1, bool(about["large"]), archive.name)
            yield counted._replace(made=str(about["made"]))
    except KemvoError:
        raise
    except (
        zipfile.BadZipFile,
        zlib.error,
        EOFError,
        NotImplementedError,
        RuntimeError,
        ValueError,
        KeyError,
        TypeError,
        AttributeError,
    ) as error:
        raise _no_copy(f"it is damaged ({error})", archive.name) from None


def is_whole(copy: Path) -> bool:
    """Whether a database file is undamaged throughout."""
    try:
        with closing(sqlite3.connect(copy)) as db:
            return bool(db.execute("PRAGMA integrity_check").fetchone()[0] == "ok")
    except sqlite3.DatabaseError:
        return False


def _counted(copy: Path, sounds: int, large: bool, name: str = "") -> Copied:
    """What a copied database holds. Raises KemvoError when it is damaged."""
    if not is_whole(copy):
        raise _no_copy("the database in it is damaged", name)
    try:
        with closing(sqlite3.connect(copy)) as db:
            forms, sessions = (
                db.execute("SELECT count(*) FROM document WHERE kind = ?", (kind,)).fetchone()[0] for kind in COUNTED
            )
            has_takes = db.execute("SELECT 1 FROM sqlite_master WHERE name = 'take'").fetchone()
            takes = db.execute("SELECT count(*) FROM take").fetchone()[0] if has_takes else 0
    except sqlite3.Error as error:
        raise _no_copy(f"the database in it cannot be read ({error})", name) from None
    return Copied(forms, sessions, takes, sounds, written_now(), large)


def _sounds_of(copy: Path, large: bool) -> set[str]:
    """The sound files that a database names."""
    with closing(sqlite3.connect(copy)) as db:
        db.text_factory = text_of
        takes = {name for row in db.execute("SELECT file, raw FROM take") for name in row}
        if not large:
            return takes
        brought = {row[0] for row in db.execute("SELECT id FROM brought_sound")}
        return takes | brought | _recorded(db)


def _recorded(db: sqlite3.Connection) -> set[str]:
    """The files of recordings, each with what was worked out from it. A recording that cannot be read names none."""
    names: set[str] = set()
    for (body,) in db.execute("SELECT body FROM document WHERE kind = 'recording'").fetchall():
        with suppress(ValueError, KeyError, TypeError):
            file = media_file(json.loads(body)["media"])
            names |= {file, f"{file}.{LOUDNESS}"}
    return names


def _hash(file: Path) -> str:
    with file.open("rb") as content:
        return hashlib.file_digest(content, "sha256").hexdigest()


def _no_copy(why: str, name: str) -> KemvoError:
    return KemvoError(
        Problem(
            what=f"This is no copy of Kemvo’s data that can be restored: {why}.",
            where=name,
            mend="Nothing was changed. Choose a file that “kemvo backup” made, or one in the folder “copies”.",
        )
    )


def day_copies(folder: Path) -> list[DayCopy]:
    """The copies that Kemvo made by itself in a data folder, the newest first."""
    found = []
    for file in (folder / COPIES).glob("*.sqlite"):
        with suppress(OSError):
            about = file.stat()
            made = datetime.fromtimestamp(about.st_mtime).astimezone().isoformat(timespec="seconds")
            found.append(DayCopy(file.name, made, about.st_size))
    return sorted(found, key=lambda c: c.made, reverse=True)


def copy_of_today(database: Database) -> Path | None:
    """Make today’s copy, if there is none and something is there; of the daily ones the last seven are kept. Answers with
    the copy, None where none was needed or the folder cannot be written to."""
    folder = database.path.parent / COPIES
    path = folder / f"day-{datetime.now():%Y-%m-%d}.sqlite"
    if path.exists() or not database.path.exists():
        return None
    try:
        folder.mkdir(exist_ok=True)
        with database.read() as db:
            copy_to(db, path)
        _counted(path, 0, True, path.name)
    except (KemvoError, OSError, sqlite3.Error):
        # A damaged database is never kept as a copy, nor does it push out one that is whole.
        path.unlink(missing_ok=True)
        return None
    for old in sorted(folder.glob("day-*.sqlite"))[:-KEPT_DAYS]:
        old.unlink(missing_ok=True)
    return path
