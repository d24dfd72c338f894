"""The instructor's own postures: kept beside the catalogue, and before it where they have the same id."""

from __future__ import annotations

import json

from pydantic import ValidationError

from kemvo.core.model.catalogue import Entry
from kemvo.store.database import Database
from kemvo.store.documents import written_now


class OwnPostures:
    """The own postures in a database; `unreadable`: how many of them could not be read last time. Nothing is ever overwritten: a newer version goes before an older one."""

    def __init__(self, database: Database) -> None:
        self.database = database
        self.unreadable = 0

    def all(self) -> tuple[Entry, ...]:
        """The own postures as they are now, by name."""
        with self.database.read() as db:
            rows = db.execute(
                "SELECT body FROM own_posture WHERE number IN (SELECT max(number) FROM own_posture GROUP BY id)"
                " AND body NOT NULL"
            ).fetchall()
        entries = [_entry(row["body"]) for row in rows]
        self.unreadable = entries.count(None)
        return tuple(sorted((e for e in entries if e), key=lambda e: e.posture.name.casefold()))

    def put(self, *entries: Entry) -> None:
        """Keep postures, in place of those of the same ids."""
        with self.database.open() as db:
            db.executemany(
                "INSERT INTO own_posture (id, body, saved) VALUES (?, ?, ?)",
                [(e.id, e.model_dump_json(exclude_defaults=True), written_now()) for e in entries],
            )

    def put_away(self, id_: str) -> None:
        """Let a posture go; the catalogue's own of that id counts again, if there is one."""
        with self.database.open() as db:
            db.execute("INSERT INTO own_posture (id, body, saved) VALUES (?, NULL, ?)", (id_, written_now()))


def _entry(text: str) -> Entry | None:
    try:
        return Entry.model_validate(json.loads(text))
    except (ValidationError, ValueError, RecursionError):
        return None
