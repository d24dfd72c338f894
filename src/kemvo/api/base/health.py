"""How the whole of the data stands: whether it can be read, and what was found when all of it was looked through."""

from __future__ import annotations

from kemvo.core.errors import KemvoError, Problem
from kemvo.store.database import Database


class DataHealth:
    """What is known of a database's health."""

    def __init__(self, database: Database) -> None:
        self.database = database
        self._damage: Problem | None = None

    def look_over(self) -> Problem | None:
        """Look through the whole of the data; what is wrong with it is remembered for `trouble`."""
        self._damage = None
        try:
            self.database.look_through()
        except KemvoError as error:
            self._damage = error.problems[0]
        return self._damage

    def trouble(self) -> Problem | None:
        """What is wrong with the data: what was found when all was looked through last, or that they cannot be read at all."""
        try:
            with self.database.read():
                return self._damage
        except KemvoError as error:
            return error.problems[0]

    def forget(self) -> None:
        """Forget what was found: all of the data may be others now."""
        self._damage = None
