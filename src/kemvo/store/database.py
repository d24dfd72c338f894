"""The database file: where it is, how it is opened, and how its schema grows."""

from __future__ import annotations

import os
import sqlite3
import threading
from collections.abc import Iterator
from contextlib import AbstractContextManager, ExitStack, closing, contextmanager, suppress
from datetime import datetime
from importlib.resources import files
from pathlib import Path

import platformdirs

from kemvo.core.errors import KemvoError, Problem
from kemvo.store.gate import Closed, Gate, Use
from kemvo.store.trouble import StoreTrouble, of_database


def home() -> Path:
    """The folder for the user's data: $KEMVO_HOME, or the usual place on this system. Made if missing."""
    folder = Path(os.environ.get("KEMVO_HOME") or platformdirs.user_data_dir("kemvo", appauthor=False))
    try:
        folder.mkdir(parents=True, exist_ok=True)
    except OSError as error:
        raise KemvoError(
            Problem(
                what=f"The data folder {folder} cannot be made ({error.strerror}).",
                mend="Set KEMVO_HOME to a folder you may write in.",
            )
        ) from None
    return folder


COPIED_AFTER_S = 1.0
"""Seconds from a write until the log is copied into the file."""

WAIT_S = 2.0
"""Seconds that a write waits for another program to let go of the file."""


class DamagedText(str):
    """A text of the database with bytes in it that are no UTF-8; each is shown as U+FFFD."""

    __slots__ = ()


def text_of(stored: bytes) -> str:
    """A text of the database (a `text_factory` that refuses none)."""
    try:
        return stored.decode()
    except UnicodeDecodeError:
        return DamagedText(stored.decode(errors="replace"))


def undamaged(text: str) -> str:
    """A text of the database as it is. Raises ValueError where bytes of it were damaged."""
    if isinstance(text, DamagedText):
        raise ValueError("bytes in it are no UTF-8")
    return text


class Database:
    """One SQLite file. Each use opens a connection of its own, so that any thread may call.

    What goes wrong with the file is raised as `StoreTrouble`, by the use that meets it: a Kemvo whose file is damaged still
    starts, and says so.
    """

    def __init__(self, path: Path) -> None:
        """`path`: the file; made when it is first used, its folder must exist."""
        self.path = path
        self._kept: sqlite3.Connection | None = None
        self._copying: threading.Timer | None = None
        self._lock = threading.RLock()
        self._gate = Gate()
        self._prepared = False
        self._rescued = False
        self._mine = threading.local()
        with suppress(StoreTrouble):
            self.prepare()

    def prepare(self) -> None:
        """Bring the file up to date, once, after a copy of it was made; where there is none, make it. Raises StoreTrouble (also
        where it is missing or empty beside copies of it), or KemvoError when a newer Kemvo wrote it."""
        with self._lock:
            if self._prepared:
                return
            if _is_empty(self.path) and copies_of(self.path):
                raise StoreTrouble("gone", self.path)
            with self._told():
                db = self._connect()
                try:
                    if _version_of(db) < NEWEST and not self._read_only():
                        copy_before_change(db, self.path)
                        db.execute("PRAGMA journal_mode = WAL")
                        db.execute("BEGIN IMMEDIATE")
                        migrate(db)
                        db.execute("COMMIT")
                    elif _version_of(db) > NEWEST:
                        migrate(db)
                finally:
                    db.close()
            self._prepared = True

    @contextmanager
    def _told(self) -> Iterator[None]:
        """Errors of SQLite within the block as StoreTrouble."""
        try:
            yield
        except sqlite3.Error as error:
            raise of_database(error, self.path) from error

    def _connect(self) -> sqlite3.Connection:
        """A connection; where the folder is read-only, one that only reads. A file that was here and is gone is not made anew."""
        if self._prepared and _is_empty(self.path):
            raise self._gone()
        db = sqlite3.connect(self.path, timeout=WAIT_S, isolation_level=None)
        db.row_factory = sqlite3.Row
        db.text_factory = text_of
        try:
            db.execute("PRAGMA foreign_keys = ON")
            # Every commit is on the disk before it is answered: the log stays open, so closing does not bring it there.
            db.execute("PRAGMA synchronous = FULL")
            db.execute("SELECT count(*) FROM sqlite_master").fetchone()
        except sqlite3.OperationalError as error:
            db.close()
            code = (error.sqlite_errorcode or 0) & 0xFF
            log = self.path.with_name(f"{self.path.name}-wal")
            unwritten = not log.exists() or not log.stat().st_size
            if (
                code not in (sqlite3.SQLITE_CANTOPEN, sqlite3.SQLITE_READONLY)
                or not self.path.exists()
                or not unwritten
            ):
                raise
            # A folder that may not be written to: the file as it stands, without a log beside it.
            db = sqlite3.connect(f"{self.path.absolute().as_uri()}?immutable=1", uri=True, isolation_level=None)
            db.row_factory = sqlite3.Row
            db.text_factory = text_of
        except BaseException:
            db.close()
            raise
        return db

    def _gone(self) -> StoreTrouble:
        """The trouble of a file that was taken away while it was in use. What it held is still to be had from the file as it was
        kept open, and is put among the copies, once."""
        with self._lock:
            if self._kept is not None and self.path.parent.is_dir() and not self._rescued:
                folder = self.path.parent / COPIES
                with suppress(OSError, sqlite3.Error):
                    folder.mkdir(exist_ok=True)
                    copy_to(self._kept, folder / f"rescued-{datetime.now():%Y-%m-%d-%H%M%S}.sqlite")
                    self._rescued = True
        return StoreTrouble("gone" if self.path.parent.is_dir() else "away", self.path)

    def _read_only(self) -> bool:
        """Whether an old file may only be read; it then stays as it is. A new one cannot be made there."""
        return self.path.exists() and self.path.stat().st_size > 0 and not os.access(self.path, os.W_OK)

    def keep_open(self) -> None:
        """Keep the file open until `close`. Where nothing does, the last connection to be closed copies the log back
        into the file, with every write (a tenth of the time of an edit); so it is copied a moment after the writes instead,
        and who copies the file alone has everything that is older than that."""
        if self._kept is None:
            with suppress(sqlite3.Error):
                self._kept = sqlite3.connect(self.path, check_same_thread=False)
                self._kept.execute("PRAGMA user_version").fetchone()

    def copy_back(self) -> None:
        """Copy the log of writes into the file, where it is kept open. What cannot be copied now stays in the log."""
        with self._lock:
            self._copying = None
            if self._kept is not None:
                with suppress(sqlite3.Error):
                    self._kept.execute("PRAGMA wal_checkpoint(PASSIVE)").fetchone()

    def _copy_back_soon(self) -> None:
        with self._lock:
            if self._kept is not None and self._copying is None:
                self._copying = threading.Timer(COPIED_AFTER_S, self.copy_back)
                self._copying.daemon = True
                self._copying.start()

    def close(self) -> None:
        """Let go of the file."""
        with self._lock:
            if self._copying is not None:
                self._copying.cancel()
                self._copying = None
            if self._kept is not None:
                self._kept.close()
                self._kept = None

    def replace_with(self, copy: Path) -> None:
        """Put the content of another database file in the place of this one's; a damaged file makes way. Every use after
        this sees the new content: readers wait while it is exchanged. To be called within `exchange`. Raises StoreTrouble."""
        self._gate.close_to_readers()
        with self._lock:
            kept = self._kept is not None
            self.close()
            self._prepared = self._rescued = False
            with self._told():
                try:
                    if _is_empty(self.path):
                        self._make_way()
                    self._filled_from(copy)
                except sqlite3.DatabaseError as error:
                    if of_database(error, self.path).kind != "damaged":
                        raise
                    self._make_way()
                    self._filled_from(copy)
            self.prepare()
            if kept:
                self.keep_open()

    def _make_way(self) -> None:
        """Take the file away, with the log beside it, which must not go into another one."""
        for end in ("", "-wal", "-shm"):
            self.path.with_name(self.path.name + end).unlink(missing_ok=True)

    @contextmanager
    def exchange(self) -> Iterator[None]:
        """Within the block nobody but this thread writes; who would is told at once (StoreTrouble, "restoring"). What was
        answered before it is in the file. Raises StoreTrouble where those at work do not end."""
        try:
            with self._gate.closed():
                yield
        except Closed:
            raise StoreTrouble("restoring", self.path) from None

    def _filled_from(self, copy: Path) -> None:
        with closing(sqlite3.connect(copy)) as source, closing(sqlite3.connect(self.path, timeout=WAIT_S)) as here:
            here.execute("SELECT count(*) FROM sqlite_master").fetchone()
            source.backup(here)
            here.execute("PRAGMA journal_mode = WAL")

    def open(self) -> AbstractContextManager[sqlite3.Connection]:
        """A connection in one transaction that writes: committed at the end of the block, undone if an error leaves it. Within
        `together` it is part of that transaction. Raises StoreTrouble."""
        return self._transaction("BEGIN IMMEDIATE", "write")

    def read(self) -> AbstractContextManager[sqlite3.Connection]:
        """A connection that only reads, at one moment of the data; it waits for no writer. Raises StoreTrouble."""
        return self._transaction("BEGIN", "read")

    @contextmanager
    def _transaction(self, begin: str, use: Use) -> Iterator[sqlite3.Connection]:
        shared: sqlite3.Connection | None = getattr(self._mine, "shared", None)
        if shared is not None:
            yield shared
            return
        with self._passed(use):
            self.prepare()
            yield from self._within(begin)

    @contextmanager
    def _passed(self, use: Use) -> Iterator[None]:
        with ExitStack() as inside:
            try:
                inside.enter_context(self._gate.through(use))
            except Closed:
                raise StoreTrouble("restoring", self.path) from None
            yield

    def _within(self, begin: str) -> Iterator[sqlite3.Connection]:
        with self._told():
            db = self._connect()
            try:
                db.execute(begin)
                yield db
                wrote = db.total_changes > 0
                db.execute("COMMIT")
                if wrote:
                    self._copy_back_soon()
            except BaseException:
                if db.in_transaction:
                    db.execute("ROLLBACK")
                raise
            finally:
                db.close()

    def look_through(self) -> None:
        """Look whether the file is whole throughout (some seconds for a gigabyte). Raises StoreTrouble where it is not."""
        with self.read() as db:
            if db.execute("PRAGMA quick_check(1)").fetchone()[0] != "ok":
                raise StoreTrouble("damaged", self.path)

    @contextmanager
    def together(self) -> Iterator[None]:
        """All that this thread writes within the block in one transaction: all of it, or nothing."""
        with self.open() as db:
            self._mine.shared = db
            try:
                yield
            finally:
                self._mine.shared = None


def migrations() -> list[tuple[int, str]]:
    """The numbered SQL files, in order: number and text."""
    folder = files("kemvo.store") / "schema"
    found = sorted(f.name for f in folder.iterdir() if f.name.endswith(".sql"))
    return [(int(name.split("_")[0]), (folder / name).read_text()) for name in found]


NEWEST = migrations()[-1][0]
"""The version of the schema that this Kemvo writes."""


def _version_of(db: sqlite3.Connection) -> int:
    return int(db.execute("PRAGMA user_version").fetchone()[0])


def copy_before_change(db: sqlite3.Connection, path: Path) -> None:
    """Keep a copy of a database of an older version in the folder of copies, before its schema is changed."""
    if _version_of(db):
        folder = path.parent / COPIES
        folder.mkdir(exist_ok=True)
        copy_to(db, folder / f"before-version-{NEWEST}-{datetime.now():%Y-%m-%d-%H%M%S}.sqlite")


COPIES = "copies"
"""The folder of copies, in the data folder."""


def copies_of(path: Path) -> list[Path]:
    """The copies that lie beside a database."""
    return sorted((path.parent / COPIES).glob("*.sqlite"))


def _is_empty(path: Path) -> bool:
    """Whether there is no database file, or one without any content."""
    try:
        return path.stat().st_size == 0
    except FileNotFoundError:
        return True


def copy_to(db: sqlite3.Connection, path: Path) -> None:
    """Copy a database as it is at one moment into a file, while it is in use (SQLite's online backup)."""
    partial = path.with_name(f".{path.name}.part")
    try:
        with sqlite3.connect(partial) as copy:
            db.backup(copy)
            copy.execute("PRAGMA journal_mode = DELETE")
        copy.close()
        partial.replace(path)
    finally:
        partial.unlink(missing_ok=True)


def migrate(db: sqlite3.Connection, to: int = NEWEST) -> None:
    """Bring a database up to date, or to an earlier version, inside the open transaction.

    Raises KemvoError when the file was written by a newer Kemvo.
    """
    at = db.execute("PRAGMA user_version").fetchone()[0]
    steps = migrations()
    if at > steps[-1][0]:
        raise KemvoError(
            Problem(
                what="Your data was saved by a newer Kemvo.",
                mend="Start that one, or set KEMVO_HOME to another folder.",
            )
        )
    for number, sql in steps:
        if at < number <= to:
            for statement in _statements(sql):
                db.execute(statement)
            db.execute(f"PRAGMA user_version = {number:d}")


def _statements(sql: str) -> Iterator[str]:
    """The statements of an SQL file one by one (`executescript` would commit before it begins)."""
    waiting = ""
    for line in sql.splitlines(keepends=True):
        waiting += line
        if sqlite3.complete_statement(waiting):
            yield waiting
            waiting = ""
