"""The user's own lesson patterns."""

from __future__ import annotations

import json
from contextlib import suppress

from pydantic import TypeAdapter, ValidationError

from kemvo.core.tables.block_kinds import PatternBlock, PatternRow
from kemvo.store.database import Database
from kemvo.store.documents import written_now

BLOCKS = TypeAdapter(tuple[PatternBlock, ...])


class OwnPatterns:
    """The own patterns in a database; their ids are "own-1", "own-2". `unreadable`: how many could not be read last time."""

    def __init__(self, database: Database) -> None:
        self.database = database
        self.unreadable = 0

    def all(self) -> tuple[PatternRow, ...]:
        """The own patterns, oldest first."""
        with self.database.read() as db:
            rows = db.execute("SELECT * FROM own_pattern WHERE removed IS NULL ORDER BY id").fetchall()
        found = []
        for row in rows:
            with suppress(ValidationError, ValueError, RecursionError):
                blocks = BLOCKS.validate_python(json.loads(row["blocks"]))
                found.append(PatternRow(f"own-{row['id']}", row["title"], blocks))
        self.unreadable = len(rows) - len(found)
        return tuple(found)

    def add(self, title: str, blocks: tuple[PatternBlock, ...]) -> PatternRow:
        """Keep a pattern."""
        with self.database.open() as db:
            made = db.execute(
                "INSERT INTO own_pattern (title, blocks, saved) VALUES (?, ?, ?)",
                (title, BLOCKS.dump_json(blocks).decode(), written_now()),
            ).lastrowid
        return PatternRow(f"own-{made}", title, blocks)

    def put_away(self, id_: str) -> None:
        """Put a pattern out of sight."""
        with self.database.open() as db:
            db.execute(
                "UPDATE own_pattern SET removed = ? WHERE 'own-' || id = ? AND removed IS NULL", (written_now(), id_)
            )
