"""Documents of any kind with every version they ever had: save, undo, redo, remove, bring back."""

from __future__ import annotations

import json
import sqlite3
import uuid
import zlib
from collections.abc import Callable, Iterator
from contextlib import suppress
from datetime import UTC, datetime
from typing import Any, Generic, Literal, NamedTuple, TypeVar

from kemvo.core.errors import KemvoError, Problem
from kemvo.core.model.form import Form
from kemvo.core.model.session import Session
from kemvo.core.progress.model import ClassGroup, Course, Lesson
from kemvo.core.recording.model import Recording
from kemvo.store.database import Database, undamaged

Kind = Literal["form", "session", "recording", "class", "lesson", "course"]
T = TypeVar("T", Form, Session, Recording, ClassGroup, Lesson, Course)

MANY: dict[Kind, str] = {"class": "classes"}
"""What several of a kind are called, where it is not the kind with an s."""


def new_id() -> str:
    """A new id for a document."""
    return uuid.uuid4().hex[:10]


class Stored(NamedTuple, Generic[T]):
    """A document as it is now. `version` is named by the next write; times are ISO 8601 in UTC."""

    id: str
    version: int
    body: T
    saved: str
    can_undo: bool
    can_redo: bool
    removed: bool


class NotThere(KemvoError):
    """There is no document of that id."""


class Stale(KemvoError):
    """A write started from a version that is no longer the newest. `current` is the document as it is now."""

    def __init__(self, current: Stored[Any]) -> None:
        self.current = current
        super().__init__(
            Problem(
                what="This was changed somewhere else in the meantime.",
                mend="Keep your version or take the other one; neither is lost.",
                pointer="/version",
            )
        )


class EarlierVersion(NamedTuple):
    """An earlier version of a document that can be read: its number, when it was saved, and its title then."""

    number: int
    saved: str
    title: str


class Unreadable(NamedTuple):
    """A document that is here and cannot be read: why, in a sentence, and the earlier versions that can."""

    id: str
    title: str
    why: Problem
    versions: tuple[EarlierVersion, ...]


class CannotBeRead(KemvoError):
    """A document is here, and its content cannot be read."""


VERSIONS_OFFERED = 10
"""Of a document that cannot be read so many earlier versions are offered, the newest that can."""


class Documents(Generic[T]):
    """All documents of one kind."""

    def __init__(
        self,
        database: Database,
        kind: Kind,
        read: Callable[[object], T],
        new_id: Callable[[], str],
        settle: Callable[[T, T | None], T],
    ) -> None:
        """`settle`: what a document of before still lacks is worked out, once, and stays with it; the second is the
        document as it was until now, which may have it already."""
        self.settle: Callable[[T, T | None], T] = settle
        self._lacking: set[object] = set()
        self.database = database
        self.kind = kind
        self.many = MANY.get(kind, f"{kind}s")
        self.read: Callable[[object], T] = read
        self.new_id = new_id
        self._read: dict[object, T] = {}

    def all(self, removed: bool = False) -> list[Stored[T]]:
        """The documents, last saved first; with `removed`, those that were removed instead."""
        with self.database.read() as db:
            found = []
            for _, row in self._rows(db, removed):
                with suppress(CannotBeRead):
                    if row is not None:
                        found.append(self._stored(db, row))
            return found

    def unreadable(self) -> list[Unreadable]:
        """The documents that cannot be read, put away or not."""
        with self.database.read() as db:
            found: list[Unreadable | None] = []
            for removed in (False, True):
                found += [self._unreadable(db, id_, row) for id_, row in self._rows(db, removed)]
        return [u for u in found if u]

    def _unreadable(self, db: sqlite3.Connection, id_: str, row: sqlite3.Row | None) -> Unreadable | None:
        try:
            if row is None:
                raise CannotBeRead(self._damaged("its place in the file is damaged"))
            self._body(row)
        except CannotBeRead as error:
            versions = tuple(self._versions(db, id_))
            return Unreadable(id_, versions[0].title if versions else "", error.problems[0], versions)
        return None

    def go_back(self, id_: str, number: int) -> Stored[T]:
        """Make an earlier version of a document the present one; the present one stays among its versions. Raises
        NotThere, or CannotBeRead when that version cannot be read either."""
        with self.database.open() as db:
            row = self._row(db, id_)
            text = self._text_of(db, id_, number)
            self._read_text(text)
            self._write(db, row, text)
            return self._get(db, id_)

    def _rows(self, db: sqlite3.Connection, removed: bool) -> Iterator[tuple[str, sqlite3.Row | None]]:
        """Ids and rows, last saved first; without a row where its place in a damaged file cannot be read."""
        where = f"kind = ? AND removed IS {'NOT' if removed else ''} NULL ORDER BY saved DESC, rowid DESC"
        try:
            yield from [
                (r["id"], r) for r in db.execute(f"SELECT * FROM document WHERE {where}", (self.kind,)).fetchall()
            ]
        except sqlite3.DatabaseError as error:
            if (getattr(error, "sqlite_errorcode", 0) or 0) & 0xFF != sqlite3.SQLITE_CORRUPT:
                raise
            yield from self._rows_one_by_one(db, removed)

    def _rows_one_by_one(self, db: sqlite3.Connection, removed: bool) -> Iterator[tuple[str, sqlite3.Row | None]]:
        places = db.execute(
            "SELECT rowid FROM document INDEXED BY document_by_kind WHERE kind = ? ORDER BY saved DESC", (self.kind,)
        ).fetchall()
        for (place,) in places:
            try:
                row = db.execute("SELECT * FROM document WHERE rowid = ?", (place,)).fetchone()
                if row is not None and bool(row["removed"]) == removed:
                    yield row["id"], row
            except sqlite3.DatabaseError:
                named = None
                with suppress(sqlite3.DatabaseError):
                    named = db.execute(
                        "SELECT id FROM document INDEXED BY sqlite_autoindex_document_1 WHERE id > '' AND rowid = ?",
                        (place,),
                    ).fetchone()
                if named and not removed:
                    yield named[0], None

    def _versions(self, db: sqlite3.Connection, id_: str) -> Iterator[EarlierVersion]:
        """The newest versions of a document that can be read."""
        offered = 0
        with suppress(sqlite3.DatabaseError):
            for row in db.execute(
                "SELECT number, saved FROM revision WHERE document = ? ORDER BY number DESC", (id_,)
            ).fetchall():
                with suppress(CannotBeRead, sqlite3.DatabaseError):
                    body = self._read_text(self._text_of(db, id_, row["number"]))
                    offered += 1
                    yield EarlierVersion(row["number"], row["saved"], body.title)
                if offered == VERSIONS_OFFERED:
                    return

    def _text_of(self, db: sqlite3.Connection, id_: str, number: int) -> str:
        row = db.execute("SELECT body FROM revision WHERE document = ? AND number = ?", (id_, number)).fetchone()
        try:
            return zlib.decompress(row["body"]).decode() if row else ""
        except (zlib.error, UnicodeDecodeError):
            return ""

    def _read_text(self, text: str) -> T:
        """The content of a text. Raises CannotBeRead."""
        try:
            return self.read(json.loads(undamaged(text)))
        except KemvoError as error:
            raise CannotBeRead(self._damaged(error.problems[0].sentence()[:300])) from None
        except (ValueError, RecursionError):
            raise CannotBeRead(self._damaged("its content is damaged")) from None

    def _damaged(self, why: str) -> Problem:
        return Problem(
            what=f"This {self.kind} is here, but it cannot be read: {why.rstrip('.')}.",
            mend=f"Go back to an earlier version of it, on the list of {self.many}.",
        )

    def get(self, id_: str) -> Stored[T]:
        """One document, removed or not. Raises NotThere."""
        with self.database.read() as db:
            row = self._row(db, id_)
            stored = self._stored(db, row)
        if _key(row) in self._lacking:
            self._keep_settled(row, stored.body)
        return stored

    def _keep_settled(self, row: sqlite3.Row, body: T) -> None:
        """Put what a document lacked into it, as if it had always been there: no step of its own to undo. Where nothing can
        be written (a full disk), it is worked out again the next time."""
        text = body.model_dump_json(exclude_defaults=True)
        with suppress(KemvoError), self.database.open() as db:
            id_, revision = row["id"], row["revision"]
            found = db.execute(
                "UPDATE document SET body = ? WHERE id = ? AND revision = ? AND version = ?",
                (text, id_, revision, row["version"]),
            )
            if found.rowcount:
                db.execute(
                    "UPDATE revision SET body = ? WHERE document = ? AND number = ?", (_deflated(text), id_, revision)
                )
                self._remember(self._row(db, id_), body)
        self._lacking.discard(_key(row))

    def version(self, id_: str) -> int:
        """The version of a document, 0 when there is none."""
        with self.database.read() as db:
            row = db.execute("SELECT version FROM document WHERE id = ? AND kind = ?", (id_, self.kind)).fetchone()
            return int(row[0]) if row else 0

    def add(self, body: T) -> Stored[T]:
        """A new document."""
        id_ = self.new_id()
        now, text = written_now(), body.model_dump_json(exclude_defaults=True)
        with self.database.open() as db:
            db.execute(
                "INSERT INTO document (id, kind, version, revision, body, created, saved) VALUES (?, ?, 1, 1, ?, ?, ?)",
                (id_, self.kind, text, now, now),
            )
            db.execute(
                "INSERT INTO revision (document, number, parent, body, saved) VALUES (?, 1, NULL, ?, ?)",
                (id_, _deflated(text), now),
            )
            return self._get(db, id_)

    def save(self, id_: str, version: int, body: T) -> Stored[T]:
        """Write a new revision on top of `version`. Unchanged content makes no new revision.

        Raises NotThere, or Stale when another write came first.
        """
        text = body.model_dump_json(exclude_defaults=True)
        with self.database.open() as db:
            row = self._fresh(db, id_, version)
            if row["body"] == text:
                return self._stored(db, row, body)
            self._write(db, row, text)
            row = self._row(db, id_)
            self._remember(row, body)
            return self._stored(db, row, body)

    def _write(self, db: sqlite3.Connection, row: sqlite3.Row, text: str) -> None:
        """A new revision, made from the present one, as the present one."""
        id_, now = row["id"], written_now()
        number = db.execute("SELECT max(number) + 1 FROM revision WHERE document = ?", (id_,)).fetchone()[0]
        db.execute(
            "INSERT INTO revision (document, number, parent, body, saved) VALUES (?, ?, ?, ?, ?)",
            (id_, number, row["revision"], _deflated(text), now),
        )
        db.execute(
            "UPDATE document SET body = ?, revision = ?, version = version + 1, saved = ? WHERE id = ?",
            (text, number, now, id_),
        )

    def undo(self, id_: str, version: int) -> Stored[T]:
        """Go back to the revision this one was made from; nothing happens at the first."""
        return self._move(
            id_,
            version,
            "SELECT parent FROM revision WHERE document = :id AND number = :revision AND parent IS NOT NULL",
        )

    def redo(self, id_: str, version: int) -> Stored[T]:
        """Go forward to the newest revision made from this one; nothing happens if there is none."""
        return self._move(
            id_,
            version,
            "SELECT max(number) FROM revision WHERE document = :id AND parent = :revision HAVING max(number) NOT NULL",
        )

    def remove(self, id_: str) -> Stored[T]:
        """Put a document out of sight; it can be brought back."""
        return self._mark(id_, written_now())

    def bring_back(self, id_: str) -> Stored[T]:
        """Bring a removed document back."""
        return self._mark(id_, None)

    def _mark(self, id_: str, removed: str | None) -> Stored[T]:
        with self.database.open() as db:
            self._row(db, id_)
            db.execute("UPDATE document SET removed = ? WHERE id = ?", (removed, id_))
            return self._get(db, id_)

    def _move(self, id_: str, version: int, find: str) -> Stored[T]:
        with self.database.open() as db:
            row = self._fresh(db, id_, version)
            found = db.execute(find, {"id": id_, "revision": row["revision"]}).fetchone()
            if found:
                text = self._text_of(db, id_, found[0])
                body = self._read_text(text)
                settled = self.settle(body, self._body(row))
                text = text if settled is body else settled.model_dump_json(exclude_defaults=True)
                db.execute(
                    "UPDATE document SET body = ?, revision = ?, version = version + 1, saved = ? WHERE id = ?",
                    (text, found[0], written_now(), id_),
                )
            return self._get(db, id_)

    def _fresh(self, db: sqlite3.Connection, id_: str, version: int) -> sqlite3.Row:
        row = self._row(db, id_)
        if row["version"] != version:
            raise Stale(self._stored(db, row))
        return row

    def _row(self, db: sqlite3.Connection, id_: str) -> sqlite3.Row:
        row: sqlite3.Row | None = db.execute(
            "SELECT * FROM document WHERE id = ? AND kind = ?", (id_, self.kind)
        ).fetchone()
        if row is None:
            raise NotThere(
                Problem(
                    what=f"There is no {self.kind} “{id_[:80]}” here.",
                    mend=f"Choose one from the list of {self.many}.",
                )
            )
        return row

    def _get(self, db: sqlite3.Connection, id_: str) -> Stored[T]:
        return self._stored(db, self._row(db, id_))

    def _stored(self, db: sqlite3.Connection, row: sqlite3.Row, body: T | None = None) -> Stored[T]:
        """The row as a document; `body` is its content where that is at hand already."""
        steps = db.execute(
            "SELECT (SELECT parent FROM revision WHERE document = :id AND number = :revision) NOT NULL AS back,"
            " EXISTS (SELECT 1 FROM revision WHERE document = :id AND parent = :revision) AS forth",
            {"id": row["id"], "revision": row["revision"]},
        ).fetchone()
        return Stored(
            row["id"],
            row["version"],
            self._body(row) if body is None else body,
            row["saved"],
            bool(steps["back"]),
            bool(steps["forth"]),
            bool(row["removed"]),
        )

    def _body(self, row: sqlite3.Row) -> T:
        """The content of a row, read once for every version of a document."""
        known = self._read.get(_key(row))
        if known is not None:
            return known
        body = self._read_text(row["body"])
        settled = self.settle(body, None)
        if settled is not body:
            self._lacking.add(_key(row))
        return self._remember(row, settled)

    def _remember(self, row: sqlite3.Row, body: T) -> T:
        self._read[_key(row)] = body
        if len(self._read) > BODIES_KEPT:
            self._read.pop(next(iter(self._read)), None)
        return body


def _key(row: sqlite3.Row) -> object:
    """What tells one content from all others."""
    return row["id"], row["version"], hash(row["body"])


BODIES_KEPT = 1000
"""How many documents' contents are remembered."""


def written_now() -> str:
    return datetime.now(UTC).isoformat(timespec="milliseconds")


def _deflated(text: str) -> bytes:
    return zlib.compress(text.encode(), 6)
