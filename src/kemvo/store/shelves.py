"""The kinds of documents in a database: forms, sessions, recordings, classes, their lessons and courses."""

from __future__ import annotations

from collections.abc import Callable

from kemvo.core.model.form import Form, read_form
from kemvo.core.model.session import Session, read_session
from kemvo.core.movement.readings import with_readings
from kemvo.core.progress.model import ClassGroup, Course, Lesson, reader_of
from kemvo.core.recording.model import Recording, read_recording
from kemvo.store.database import Database
from kemvo.store.documents import Documents


def form_documents(database: Database, new_id: Callable[[], str]) -> Documents[Form]:
    """The forms in a database."""
    return Documents(database, "form", read_form, new_id, with_readings)


def session_documents(database: Database, new_id: Callable[[], str]) -> Documents[Session]:
    """The sessions in a database."""
    return Documents(database, "session", read_session, new_id, lambda session, _: session)


def recording_documents(database: Database, new_id: Callable[[], str]) -> Documents[Recording]:
    """The recordings in a database."""
    return Documents(database, "recording", read_recording, new_id, lambda recording, _: recording)


def class_documents(database: Database, new_id: Callable[[], str]) -> Documents[ClassGroup]:
    """The classes in a database."""
    return Documents(database, "class", reader_of(ClassGroup), new_id, lambda group, _: group)


def lesson_documents(database: Database, new_id: Callable[[], str]) -> Documents[Lesson]:
    """The lessons that were written down, in a database."""
    return Documents(database, "lesson", reader_of(Lesson), new_id, lambda lesson, _: lesson)


def course_documents(database: Database, new_id: Callable[[], str]) -> Documents[Course]:
    """The courses in a database."""
    return Documents(database, "course", reader_of(Course), new_id, lambda course, _: course)
