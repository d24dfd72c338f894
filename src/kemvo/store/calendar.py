"""What was put into a calendar of each course, to know what has changed since."""

from __future__ import annotations

from collections.abc import Sequence

from kemvo.core.progress.occasions import CalendarEvent, with_changes
from kemvo.store.database import Database
from kemvo.store.documents import written_now


class CalendarBook:
    """The events of all courses as they were last given out."""

    def __init__(self, database: Database) -> None:
        self.database = database

    def give_out(self, course: str, events: Sequence[CalendarEvent]) -> tuple[CalendarEvent, ...]:
        """The events as they are to be given out now: with their numbers, and those that fell away cancelled."""
        with self.database.open() as db:
            rows = db.execute("SELECT body FROM calendar_event WHERE course = ?", (course,)).fetchall()
            before = [CalendarEvent.model_validate_json(row["body"]) for row in rows]
            made = with_changes(events, before, written_now())
            db.executemany(
                "INSERT INTO calendar_event (uid, course, sequence, body, modified) VALUES (?, ?, ?, ?, ?)"
                " ON CONFLICT (uid) DO UPDATE SET sequence = excluded.sequence, body = excluded.body, modified = excluded.modified",
                [(e.uid, course, e.sequence, e.model_dump_json(), e.modified) for e in made if e not in before],
            )
        return made
