"""The database file: where it is, how it is opened, and how its schema grows."""

from __future__ import annotations

import os
import sqlite3
import threading
from collections.abc import Iterator
from contextlib import contextmanager, suppress
from importlib.resources import files
from pathlib import Path

import platformdirs

from kemvo.core.problem import KemvoError, Problem


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
"""So long after a write the log is copied into the file."""


class Database:
    """One SQLite file. Each use opens a connection of its own, so that any thread may call."""

    def __init__(self, path: Path) -> None:
        self.path = path
        self._kept: sqlite3.Connection | None = None
        self._copying: threading.Timer | None = None
        self._lock = threading.Lock()
        with sqlite3.connect(path) as db:
            db.execute("PRAGMA journal_mode = WAL")
        db.close()
        with self.open() as db:
            migrate(db)

    def keep_open(self) -> None:
        """Keep the file open until `close`. Where nothing does, the last connection to be closed copies the log back
        into the file, with every write (a tenth of the time of an edit); so it is copied a moment after the writes instead,
        and who copies the file alone has everything that is older than that."""
        if self._kept is None:
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

    @contextmanager
    def open(self) -> Iterator[sqlite3.Connection]:
        """A connection in one transaction: committed at the end, undone if an error leaves the block."""
        db = sqlite3.connect(self.path, timeout=10, isolation_level=None)
        db.row_factory = sqlite3.Row
        try:
            db.execute("PRAGMA foreign_keys = ON")
            # Every commit is on the disk before it is answered: the log stays open, so closing does not bring it there.
            db.execute("PRAGMA synchronous = FULL")
            db.execute("BEGIN IMMEDIATE")
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


def migrations() -> list[tuple[int, str]]:
    """The numbered SQL files, in order: number and text."""
    folder = files("kemvo.store") / "schema"
    found = sorted(f.name for f in folder.iterdir() if f.name.endswith(".sql"))
    return [(int(name.split("_")[0]), (folder / name).read_text()) for name in found]


def migrate(db: sqlite3.Connection) -> None:
    """Bring a database up to date, inside the open transaction.

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
        if number > at:
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
