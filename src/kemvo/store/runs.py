"""What ran on the stage, kept as it ran."""

from __future__ import annotations

import sqlite3
from collections.abc import Sequence
from typing import NamedTuple

from kemvo.core.errors import KemvoError, Problem
from kemvo.core.running.run_record import RunPart
from kemvo.store.database import Database
from kemvo.store.documents import written_now

COLUMNS = (
    "place", "pass_id", "pass_title", "kind", "facing", "voice", "form_id", "posture_id", "posture", "side", "tempo", "ms", "share",
)  # fmt: skip


class StoredRun(NamedTuple):
    """A run of a session: when by the clock (ISO 8601, UTC), and its parts as they ran."""

    id: str
    session: str
    version: int
    title: str
    began: str
    ended: str
    planned_ms: int
    class_id: str
    parts: tuple[RunPart, ...]


class Runs:
    """The runs in a database."""

    def __init__(self, database: Database) -> None:
        self.database = database

    def begin(self, id_: str, session: str, version: int, title: str, planned_ms: int = 0, class_id: str = "", at: str = "") -> None:  # fmt: skip
        """Begin a run, if it has not begun yet. `planned_ms`: how long it is to take; `class_id`: for which class; `at`: when (now)."""
        now = at or written_now()
        with self.database.open() as db:
            db.execute(
                "INSERT INTO run (id, session, version, title, began, ended, planned_ms, class_id) VALUES (?, ?, ?, ?, ?, ?, ?, ?)"
                " ON CONFLICT DO NOTHING",
                (id_, session, version, title, now, now, planned_ms, class_id),
            )

    def add(self, id_: str, began: str, parts: Sequence[RunPart], at: str = "") -> None:
        """Add what ran since `began`, up to `at` (now); what is known already is not added twice. Raises KemvoError where there is no
        such run."""
        with self.database.open() as db:
            if db.execute("UPDATE run SET ended = ? WHERE id = ?", (at or written_now(), id_)).rowcount == 0:
                raise KemvoError(Problem(what="This run is not known.", mend="Open the stage again."))
            if db.execute("SELECT 1 FROM run_part WHERE run = ? AND began = ?", (id_, began)).fetchone():
                return
            no = db.execute("SELECT count(*) FROM run_part WHERE run = ?", (id_,)).fetchone()[0]
            db.executemany(
                f"INSERT INTO run_part (run, no, began, {', '.join(COLUMNS)}) VALUES (?, ?, ?{', ?' * len(COLUMNS)})",
                [(id_, no + n, began, *(getattr(x, c) for c in COLUMNS)) for n, x in enumerate(parts)],
            )

    def of_class(self, class_id: str) -> list[StoredRun]:
        """The runs of a class's sessions in which something ran, the first one first."""
        with self.database.read() as db:
            rows = db.execute(
                "SELECT * FROM run WHERE class_id = ? AND removed IS NULL ORDER BY began", (class_id,)
            ).fetchall()
            found = [self._with_parts(db, row) for row in rows]
        return [run for run in found if run.parts]

    def all(self, session: str = "", removed: bool = False) -> list[StoredRun]:
        """The runs in which something ran, the last one first; `session`: only of one."""
        where = "removed IS NOT NULL" if removed else "removed IS NULL"
        with self.database.read() as db:
            rows = db.execute(
                f"SELECT * FROM run WHERE {where} AND (? = '' OR session = ?) ORDER BY began DESC",
                (session, session),
            ).fetchall()
            found = [self._with_parts(db, row) for row in rows]
        return [run for run in found if run.parts]

    def get(self, id_: str) -> StoredRun:
        """One run. Raises KemvoError where there is none."""
        with self.database.read() as db:
            row = db.execute("SELECT * FROM run WHERE id = ?", (id_,)).fetchone()
            if row is None:
                raise KemvoError(Problem(what="This run is not known.", mend="Look at the list of runs again."))
            return self._with_parts(db, row)

    def put_away(self, id_: str, away: bool = True) -> None:
        """Put a run out of sight, or bring it back."""
        with self.database.open() as db:
            db.execute("UPDATE run SET removed = ? WHERE id = ?", (written_now() if away else None, id_))

    @staticmethod
    def _with_parts(db: sqlite3.Connection, row: sqlite3.Row) -> StoredRun:
        parts = db.execute("SELECT * FROM run_part WHERE run = ? ORDER BY no", (row["id"],)).fetchall()
        made = tuple(RunPart(**{c: part[c] for c in COLUMNS}) for part in parts)
        return StoredRun(
            row["id"], row["session"], row["version"], row["title"], row["began"], row["ended"], row["planned_ms"], row["class_id"], made
        )  # fmt: skip
