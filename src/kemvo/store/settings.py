"""The user's settings: one row."""

from __future__ import annotations

import json
from contextlib import suppress

from kemvo.core.errors import KemvoError
from kemvo.core.model.settings import Settings, read_settings
from kemvo.store.database import Database
from kemvo.store.documents import written_now

NAME = "settings"


class StoredSettings:
    """The settings in a database."""

    def __init__(self, database: Database) -> None:
        self.database = database

    def get(self) -> Settings:
        """The settings; those that a fresh Kemvo begins with where there are none, or none that can be read."""
        with self.database.read() as db:
            row = db.execute("SELECT body FROM setting WHERE name = ?", (NAME,)).fetchone()
        with suppress(KemvoError, ValueError, RecursionError):
            return read_settings(json.loads(row["body"])) if row else Settings()
        return Settings()

    def put(self, settings: Settings) -> None:
        """Keep the settings."""
        with self.database.open() as db:
            db.execute(
                "INSERT INTO setting (name, body, saved) VALUES (?, ?, ?)"
                " ON CONFLICT (name) DO UPDATE SET body = excluded.body, saved = excluded.saved",
                (NAME, settings.model_dump_json(), written_now()),
            )
