"""Sounds beside the database: those the instructor brings, and the takes of spoken lines."""

from __future__ import annotations

import hashlib
import re
import uuid
from collections.abc import Iterable
from contextlib import suppress
from pathlib import Path
from typing import NamedTuple

from kemvo.core.errors import KemvoError, Problem
from kemvo.store.database import Database
from kemvo.store.documents import written_now


class Shelf:
    """Files named by the hash of their content."""

    def __init__(self, folder: Path) -> None:
        self.folder = folder
        with suppress(OSError):  # a folder that may only be read: what is written there says so
            folder.mkdir(parents=True, exist_ok=True)

    def keep(self, file: Path, ending: str) -> str:
        """Keep a file, which is moved here; answers with its name."""
        name = name_of(file, ending)
        if self.path(name).exists():
            file.unlink()
        else:
            file.replace(self.path(name))
        return name

    def put(self, data: bytes, ending: str) -> str:
        """Keep a file with this content; answers with its name."""
        partial = self.folder / f".{uuid.uuid4().hex}.part"
        try:
            partial.write_bytes(data)
            return self.keep(partial, ending)
        finally:
            partial.unlink(missing_ok=True)

    def path(self, name: str) -> Path:
        """Where a file lies."""
        return self.folder / Path(name).name


def name_of(file: Path, ending: str) -> str:
    """What a file is called on the shelf: after the hash of its content."""
    with file.open("rb") as content:
        return f"{hashlib.file_digest(content, 'sha256').hexdigest()[:32]}.{ending}"


def ending_of(name: str) -> str:
    """The ending of a sound file's name. Raises KemvoError when it has none."""
    ending = name.rsplit(".", 1)[-1].lower() if "." in name else ""
    if not re.fullmatch(r"[a-z0-9]{2,4}", ending):
        raise KemvoError(
            Problem(what="This file has no ending.", where=name[:200], mend="Choose a WAV, FLAC, Ogg or MP3 file.")
        )
    return ending


class Brought(NamedTuple):
    """A sound the instructor brought."""

    id: str
    name: str


class BroughtSounds:
    """The sounds the instructor brought, to sound under a practice."""

    def __init__(self, database: Database, shelf: Shelf) -> None:
        self.database = database
        self.shelf = shelf

    def add(self, file: Path, round_: Path, name: str) -> Brought:
        """Keep a sound and what comes round of it; both files are moved here."""
        id_ = self.shelf.keep(file, ending_of(name))
        round_.replace(self.round(id_))
        with self.database.open() as db:
            db.execute(
                "INSERT OR REPLACE INTO brought_sound (id, name, saved) VALUES (?, ?, ?)",
                (id_, name[:200], written_now()),
            )
        return Brought(id_, name[:200])

    def round(self, id_: str) -> Path:
        """Where what comes round of a sound lies, once it was made."""
        return self.shelf.path(f"{id_}.round.npy")

    def all(self) -> list[Brought]:
        """All of them, the newest first."""
        with self.database.read() as db:
            return [Brought(*row) for row in db.execute("SELECT id, name FROM brought_sound ORDER BY saved DESC")]

    def path(self, id_: str) -> Path:
        """The file of a sound. Raises KemvoError when there is none."""
        if id_ not in {b.id for b in self.all()}:
            raise KemvoError(
                Problem(
                    what="The sound that should be under it is not here.",
                    mend="Choose another one under Voice and sound.",
                )
            )
        return self.shelf.path(id_)


class Take(NamedTuple):
    """A line as the instructor spoke it: its number, the text, the file made ready, its length, when it was saved."""

    number: int
    text: str
    file: str
    ms: int
    saved: str


def line_of(text: str) -> str:
    """What makes two texts one line: the words without case, marks and spacing."""
    return " ".join(re.findall(r"[^\W_]+", text.casefold()))


class Takes:
    """The takes of all lines. `changes` goes up with every change."""

    def __init__(self, database: Database, shelf: Shelf) -> None:
        self.database = database
        self.shelf = shelf
        self.changes = 0

    def add(self, text: str, ready: bytes, raw: Path, ms: int) -> Take:
        """Keep a take; it counts from now on. `raw`, as it was recorded, is moved here."""
        file, original = self.shelf.put(ready, "wav"), self.shelf.keep(raw, "wav")
        with self.database.open() as db:
            number = db.execute(
                "INSERT INTO take (line, text, file, raw, ms, saved) VALUES (?, ?, ?, ?, ?, ?) RETURNING number",
                (line_of(text), text, file, original, ms, written_now()),
            ).fetchone()[0]
        self.changes += 1
        return self.get(number)

    def get(self, number: int) -> Take:
        """One take. Raises KemvoError when there is none."""
        with self.database.read() as db:
            row = db.execute("SELECT number, text, file, ms, saved FROM take WHERE number = ?", (number,)).fetchone()
        if row is None:
            raise KemvoError(Problem(what="There is no such take.", mend="Look at the booth again."))
        return Take(*row)

    def recorded(self, number: int) -> Path:
        """The file of a take as it was recorded."""
        take = self.get(number)
        with self.database.read() as db:
            row = db.execute("SELECT raw FROM take WHERE number = ?", (take.number,)).fetchone()
        return self.shelf.path(row[0])

    def has(self, text: str, raw: Path) -> bool:
        """Whether this very recording is among the takes of a line."""
        name = name_of(raw, "wav")
        with self.database.read() as db:
            found = db.execute("SELECT 1 FROM take WHERE line = ? AND raw = ?", (line_of(text), name)).fetchone()
        return found is not None

    def of(self, text: str) -> list[Take]:
        """The takes of a line, the one that counts first."""
        with self.database.read() as db:
            return [
                Take(*row)
                for row in db.execute(
                    "SELECT number, text, file, ms, saved FROM take WHERE line = ? AND removed IS NULL ORDER BY number DESC",
                    (line_of(text),),
                )
            ]

    def counting(self, texts: Iterable[str]) -> dict[str, Take]:
        """For every text that has one, the take that counts."""
        wanted = {t: line_of(t) for t in texts}
        with self.database.read() as db:
            newest = {
                row[5]: Take(*row[:5])
                for row in db.execute(
                    "SELECT number, text, file, ms, saved, line FROM take WHERE removed IS NULL ORDER BY number"
                )
            }
        return {t: newest[line] for t, line in wanted.items() if line in newest}

    def put_away(self, number: int) -> None:
        """Let a take go: the one before it counts again. It is not deleted."""
        self._mark(number, written_now())

    def bring_back(self, number: int) -> None:
        """Bring a take back."""
        self._mark(number, None)

    def _mark(self, number: int, removed: str | None) -> None:
        self.get(number)
        with self.database.open() as db:
            db.execute("UPDATE take SET removed = ? WHERE number = ?", (removed, number))
        self.changes += 1


class FoundTakes:
    """The takes as the clips ask for them. What was looked up is remembered until a take changes."""

    def __init__(self, takes: Takes) -> None:
        self.takes = takes
        self._at = -1
        self._known: dict[str, tuple[int, Path] | None] = {}

    def found(self, texts: Iterable[str]) -> dict[str, tuple[int, Path]]:
        """Length and file of every text that has a take."""
        if self._at != self.takes.changes:
            self._at, self._known = self.takes.changes, {}
        known = self._known
        new = [t for t in texts if t not in known]
        if new:
            counting = self.takes.counting(new)
            for t in new:
                known[t] = (counting[t].ms, self.takes.shelf.path(counting[t].file)) if t in counting else None
        return {t: found for t in texts if (found := known.get(t))}
