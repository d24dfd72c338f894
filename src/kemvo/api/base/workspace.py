"""What one running Kemvo holds: its database, its documents, its voices, its jobs."""

from __future__ import annotations

import threading
from collections import OrderedDict
from collections.abc import Iterable
from contextlib import suppress
from pathlib import Path
from typing import Annotated

from fastapi import Depends, Request

from kemvo.api.base.health import DataHealth
from kemvo.api.base.practices import Practices
from kemvo.audio.speech.clips import Clips
from kemvo.audio.speech.voices import voice_of, voices
from kemvo.core.model.catalogue import Entry, name_index, over, own_entry
from kemvo.core.model.form import Form, Posture
from kemvo.core.model.session import Forms, Session, SpeechChoice
from kemvo.core.model.settings import Settings
from kemvo.core.progress.for_class import for_class
from kemvo.core.progress.model import ClassGroup
from kemvo.core.reading.posture_names import NameIndex
from kemvo.formats.documents.catalogue import shipped_catalogue
from kemvo.jobs import Jobs
from kemvo.packing import loop_of
from kemvo.store.calendar import CalendarBook
from kemvo.store.database import Database
from kemvo.store.documents import CannotBeRead, NotThere, new_id
from kemvo.store.flags import FIRST_HOUR, Flags
from kemvo.store.lengths import StoredBook
from kemvo.store.media import MediaShelf
from kemvo.store.own_patterns import OwnPatterns
from kemvo.store.own_postures import OwnPostures
from kemvo.store.runs import Runs
from kemvo.store.settings import StoredSettings
from kemvo.store.shelves import (
    class_documents,
    course_documents,
    form_documents,
    lesson_documents,
    recording_documents,
    session_documents,
)
from kemvo.store.sounds import BroughtSounds, FoundTakes, Shelf, Takes


class Workspace:
    """Everything that the pages of one data folder share."""

    VOICES_KEPT = 4
    CLASS_FORMS_KEPT = 40

    def __init__(self, folder: Path) -> None:
        self.folder = folder
        self.database = Database(folder / "kemvo.sqlite")
        self.database.keep_open()
        self.health = DataHealth(self.database)
        self.forms = form_documents(self.database, new_id)
        self.sessions = session_documents(self.database, new_id)
        self.recordings = recording_documents(self.database, new_id)
        self.media = MediaShelf(folder)
        self.own_postures = OwnPostures(self.database)
        self.own_patterns = OwnPatterns(self.database)
        self.settings = StoredSettings(self.database)
        self.runs = Runs(self.database)
        self.classes = class_documents(self.database, new_id)
        self.lessons = lesson_documents(self.database, new_id)
        self.courses = course_documents(self.database, new_id)
        self.calendar = CalendarBook(self.database)
        self._of_class: OrderedDict[object, Form] = OrderedDict()
        self.happened = Flags(self.database, FIRST_HOUR)
        self._catalogue: tuple[tuple[Entry, ...], NameIndex] | None = None
        self.lengths = StoredBook(self.database)
        self.jobs = Jobs()
        shelf = Shelf(folder / "sounds")
        self.brought = BroughtSounds(self.database, shelf)
        self.takes = Takes(self.database, shelf)
        self._clips: OrderedDict[str, Clips] = OrderedDict()
        self._lock = threading.Lock()
        self.practices = Practices(self)
        self.renders = folder / "renders"
        self.incoming = folder / "incoming"
        with suppress(OSError):  # a folder that may only be read: what is written there says so
            self.renders.mkdir(exist_ok=True)
            self.incoming.mkdir(exist_ok=True)

    def forget(self) -> None:
        """Forget what was worked out: all of the data may be others now."""
        with self._lock:
            self._clips.clear()
        self.practices.forget()
        self.health.forget()
        self._catalogue = None
        self.takes.changes += 1

    def round_of(self, id_: str) -> Path:
        """The file of what comes round of a brought sound. Raises KemvoError when the sound is not here."""
        return loop_of(self.brought, id_)

    def clips(self, choice: SpeechChoice) -> Clips:
        """The clips of a voice. Raises KemvoError when there is no such voice."""
        voice = voice_of(choice, self.folder)
        key = f"{voice.key}|{choice.takes}"
        with self._lock:
            clips = self._clips.setdefault(
                key, Clips(voice, self.lengths, FoundTakes(self.takes) if choice.takes else None)
            )
            self._clips.move_to_end(key)
            if len(self._clips) > self.VOICES_KEPT:
                self._clips.popitem(last=False)
            return clips

    def begins_with(self) -> Settings:
        """What new forms and sessions begin with; a voice that is not here (any more) gives way to the usual one."""
        settings = self.settings.get()
        here = {(engine, v.id) for engine, v in voices(self.folder)}
        if (settings.speech.engine, settings.speech.voice) in here:
            return settings
        return settings.model_copy(update={"speech": SpeechChoice(wpm=settings.speech.wpm)})

    def catalogue(self) -> tuple[Entry, ...]:
        """The catalogue, with the own postures before those of the same id."""
        return self._known()[0]

    def names(self) -> NameIndex:
        """The names of the catalogue and the own postures, ready to be found."""
        return self._known()[1]

    def _known(self) -> tuple[tuple[Entry, ...], NameIndex]:
        if self._catalogue is None:
            entries = over(shipped_catalogue(), self.own_postures.all())
            self._catalogue = (entries, name_index(entries))
        return self._catalogue

    def keep(self, posture: Posture, id_: str) -> Entry:
        """Keep a posture as an own one; names and styles the catalogue has under this id stay known."""
        before = next((e for e in self.catalogue() if e.id == id_), None)
        entry = own_entry(posture, id_, before)
        self.keep_all((entry,))
        return entry

    def keep_all(self, entries: Iterable[Entry]) -> None:
        """Keep postures as own ones."""
        self.own_postures.put(*entries)
        self._catalogue = None

    def put_away(self, id_: str) -> None:
        """Let an own posture go."""
        self.own_postures.put_away(id_)
        self._catalogue = None

    def forms_of(self, session: Session) -> Forms:
        """The forms a session goes over, by id, as its class does them; those that are not there any more are left out."""
        found = self.plain_forms_of(session)
        group = self.class_of(session)
        return (
            {id_: self._as_class(id_, form, session.class_id, group) for id_, form in found.items()} if group else found
        )

    def plain_forms_of(self, session: Session) -> Forms:
        """The forms a session goes over as they are kept, whatever class it is for."""
        found: Forms = {}
        for id_ in {p.part.form_id for p in session.passes}:
            try:
                found[id_] = self.forms.get(id_).body
            except (NotThere, CannotBeRead):
                continue
        return found

    def class_of(self, session: Session) -> ClassGroup | None:
        """The class a session is for, if it is for one that is here."""
        if not session.class_id:
            return None
        try:
            return self.classes.get(session.class_id).body
        except (NotThere, CannotBeRead):
            return None

    def _as_class(self, id_: str, form: Form, class_id: str, group: ClassGroup) -> Form:
        """A form as a class does it; the same as long as both are, so that what was worked out from it is known again."""
        with self._lock:
            key = (id_, self.forms.version(id_), class_id, self.classes.version(class_id), id(form))
            made = self._of_class.get(key)
            if made is None:
                made = self._of_class[key] = for_class(form, group)
                if len(self._of_class) > self.CLASS_FORMS_KEPT:
                    self._of_class.popitem(last=False)
            return made

    def close(self) -> None:
        """Stop the work that is under way, and let go of the database."""
        self.jobs.close()
        self.database.close()


def workspace_of(request: Request) -> Workspace:
    """The workspace a request came to."""
    workspace: Workspace = request.app.state.workspace
    return workspace


Here = Annotated[Workspace, Depends(workspace_of)]
