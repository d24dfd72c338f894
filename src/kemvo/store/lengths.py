"""Measured speech lengths that outlive the process."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from contextlib import suppress

from kemvo.store.database import Database
from kemvo.store.trouble import StoreTrouble

_AT_ONCE = 500


class StoredBook:
    """Lengths in milliseconds by voice key and text: in the database, with a memory before it."""

    def __init__(self, database: Database) -> None:
        self.database = database
        self._memory: dict[tuple[str, str], int] = {}
        self.changes = 0

    def get(self, key: str, texts: Iterable[str]) -> dict[str, int]:
        """The lengths that are known, in milliseconds."""
        wanted = set(texts)
        known = {t: self._memory[key, t] for t in wanted if (key, t) in self._memory}
        missing = sorted(wanted - known.keys())
        if missing:
            found: dict[str, int] = {}
            with self.database.read() as db:
                for i in range(0, len(missing), _AT_ONCE):
                    some = missing[i : i + _AT_ONCE]
                    marks = ",".join("?" * len(some))
                    found.update(
                        db.execute(
                            f"SELECT text, ms FROM speech_length WHERE voice = ? AND text IN ({marks})", (key, *some)
                        )
                    )
            self._remember(key, found)
            known.update(found)
        return known

    def put(self, key: str, lengths: Mapping[str, int]) -> None:
        """Keep lengths."""
        self.changes += 1
        self._remember(key, lengths)
        # They can be measured again: where the file cannot be written to, reading goes on without keeping them.
        with suppress(StoreTrouble), self.database.open() as db:
            db.executemany(
                "INSERT OR REPLACE INTO speech_length (voice, text, ms) VALUES (?, ?, ?)",
                [(key, t, ms) for t, ms in lengths.items()],
            )

    def some(self, key: str) -> dict[str, int]:
        """Some of the lengths of a voice: those in the memory, or the latest kept."""
        known = {t: ms for (k, t), ms in self._memory.items() if k == key}
        if not known:
            with self.database.read() as db:
                known = dict(db.execute("SELECT text, ms FROM speech_length WHERE voice = ? LIMIT ?", (key, _AT_ONCE)))
            self._remember(key, known)
        return known

    def _remember(self, key: str, lengths: Mapping[str, int]) -> None:
        self._memory.update({(key, t): ms for t, ms in lengths.items()})
