"""What can go wrong with the data folder, as sentences: damaged, read-only, full, locked, taken away."""

from __future__ import annotations

import errno
import sqlite3
from pathlib import Path
from typing import Literal, NamedTuple

from kemvo.core.errors import KemvoError, Problem

TroubleKind = Literal["damaged", "read-only", "full", "locked", "unreachable", "gone", "away", "restoring"]


class TroubleRow(NamedTuple):
    """One kind of trouble: what is said, what to do, and the HTTP status it answers with."""

    what: str
    mend: str
    status: int


TROUBLES: dict[TroubleKind, TroubleRow] = {
    "damaged": TroubleRow(
        "The file with your data is damaged: {path}.",
        "Nothing was changed. Kemvo keeps a copy of every day: go back to one on the page “Your data”, or with"
        " “kemvo restore”. Keep the damaged file until you have seen that all is there.",
        500,
    ),
    "read-only": TroubleRow(
        "Kemvo may read your data but not change them: {path} is read-only.",
        "Nothing was lost. Allow writing to that folder, or copy it elsewhere and name it with KEMVO_HOME; then save again.",
        503,
    ),
    "full": TroubleRow(
        "The disk is full: nothing more can be saved in {folder}.",
        "What is on this page is kept as long as it stays open. Make room on the disk; Kemvo then saves it by itself.",
        507,
    ),
    "locked": TroubleRow(
        "Another program is using the file with your data, so it cannot be saved just now: {path}.",
        "Close the other program (a backup, or one that shows databases); Kemvo then saves by itself.",
        503,
    ),
    "unreachable": TroubleRow(
        "The file with your data cannot be opened: {path} ({why}).",
        "See whether the disk is connected and the folder may be read, then try again.",
        503,
    ),
    "gone": TroubleRow(
        "The file with your data is missing or empty: {path}.",
        "Put the file back, or restore a copy on the page “Your data”, or with “kemvo restore”. To begin with nothing, move"
        " the folder “copies” elsewhere and start Kemvo again. What is on this page is kept as long as it stays open.",
        503,
    ),
    "away": TroubleRow(
        "The folder with your data is not there any more: {folder}.",
        "Put it back where it was, or connect its disk; Kemvo then goes on by itself. What is on this page is kept as long as"
        " it stays open.",
        503,
    ),
    "restoring": TroubleRow(
        "A copy is just being restored, so nothing can be saved.",
        "Wait a moment. What is on this page is kept as long as it stays open; then choose between it and the restored one.",
        503,
    ),
}

_CODES: dict[int, TroubleKind] = {
    sqlite3.SQLITE_CORRUPT: "damaged",
    sqlite3.SQLITE_NOTADB: "damaged",
    sqlite3.SQLITE_FORMAT: "damaged",
    sqlite3.SQLITE_READONLY: "read-only",
    sqlite3.SQLITE_PERM: "read-only",
    sqlite3.SQLITE_FULL: "full",
    sqlite3.SQLITE_BUSY: "locked",
    sqlite3.SQLITE_LOCKED: "locked",
}
"""SQLite's primary result codes (sqlite.org/rescode.html), and what they mean here; any other: "unreachable"."""

_ERRNOS: dict[int, TroubleKind] = {
    errno.ENOSPC: "full",
    errno.EDQUOT: "full",
    errno.EROFS: "read-only",
    errno.EACCES: "read-only",
    errno.EPERM: "read-only",
}


class StoreTrouble(KemvoError):
    """The data folder cannot be used as it should. `kind` says how; `status` is what a web answer says."""

    def __init__(self, kind: TroubleKind, path: Path, why: str = "") -> None:
        self.kind = kind
        row = TROUBLES[kind]
        self.status = row.status
        super().__init__(Problem(what=row.what.format(path=path, folder=path.parent, why=why), mend=row.mend))


def of_database(error: sqlite3.Error, path: Path) -> StoreTrouble:
    """What an error of SQLite means."""
    code = getattr(error, "sqlite_errorcode", 0) or 0
    return StoreTrouble(_CODES.get(code & 0xFF, "unreachable"), path, str(error))


def of_system(error: OSError, path: Path) -> StoreTrouble | None:
    """What an error of the system means for the data folder; None where it is of another kind."""
    if isinstance(error, FileNotFoundError) and not path.parent.is_dir():
        return StoreTrouble("away", path)
    kind = _ERRNOS.get(error.errno or 0)
    return StoreTrouble(kind, path, error.strerror or str(error)) if kind else None
