"""What has happened once, remembered by name: a row of the settings."""

from __future__ import annotations

import json
from contextlib import suppress

from kemvo.store.database import Database
from kemvo.store.documents import written_now

FIRST_HOUR = "first-hour"
"""What of the first hour has happened."""


class Flags:
    """A set of names in a database, under one name of its own."""

    def __init__(self, database: Database, name: str) -> None:
        self.database = database
        self.name = name

    def all(self) -> frozenset[str]:
        """What has happened."""
        with self.database.read() as db:
            row = db.execute("SELECT body FROM setting WHERE name = ?", (self.name,)).fetchone()
        with suppress(ValueError, TypeError):
            return frozenset(map(str, json.loads(row["body"]))) if row else frozenset()
        return frozenset()

    def put(self, *names: str) -> None:
        """These have happened, too."""
        known = self.all()
        if known.issuperset(names):
            return
        with self.database.open() as db:
            db.execute(
                "INSERT INTO setting (name, body, saved) VALUES (?, ?, ?)"
                " ON CONFLICT (name) DO UPDATE SET body = excluded.body, saved = excluded.saved",
                (self.name, json.dumps(sorted(known | set(names))), written_now()),
            )
