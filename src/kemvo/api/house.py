"""What one running Kemvo holds: its database, its documents, its voices, its jobs."""

from __future__ import annotations

import threading
import uuid
from collections import OrderedDict
from pathlib import Path
from typing import Annotated

from fastapi import Depends, Request

from kemvo.audio.clips import Clips
from kemvo.audio.espeak import voice_of
from kemvo.core.practice import Practice, work_out
from kemvo.core.session import Forms, Session, SpeechChoice
from kemvo.jobs import Jobs
from kemvo.store.database import Database
from kemvo.store.documents import NotThere, form_documents, session_documents
from kemvo.store.lengths import StoredBook


def new_id() -> str:
    """A new id for a document."""
    return uuid.uuid4().hex[:10]


class House:
    """Everything that the pages of one data folder share."""

    VOICES_KEPT = 4

    def __init__(self, folder: Path) -> None:
        self.folder = folder
        self.database = Database(folder / "kemvo.sqlite")
        self.forms = form_documents(self.database, new_id)
        self.sessions = session_documents(self.database, new_id)
        self.lengths = StoredBook(self.database)
        self.jobs = Jobs()
        self._clips: OrderedDict[str, Clips] = OrderedDict()
        self._lock = threading.Lock()
        self.renders = folder / "renders"
        self.renders.mkdir(exist_ok=True)
        for left_over in self.renders.iterdir():
            left_over.unlink(missing_ok=True)

    def clips(self, choice: SpeechChoice) -> Clips:
        """The clips of a voice. Raises KemvoError when there is no such voice."""
        voice = voice_of(choice)
        with self._lock:
            clips = self._clips.setdefault(voice.key, Clips(voice, self.lengths))
            self._clips.move_to_end(voice.key)
            if len(self._clips) > self.VOICES_KEPT:
                self._clips.popitem(last=False)
            return clips

    def forms_of(self, session: Session) -> Forms:
        """The forms a session goes over, by id; those that are not there any more are left out."""
        found: Forms = {}
        for id_ in {p.part.form_id for p in session.passes}:
            try:
                found[id_] = self.forms.get(id_).body
            except NotThere:
                continue
        return found

    def practice(self, session: Session, speed: float = 1.0) -> Practice:
        """A session worked out with its own voice."""
        return work_out(session, self.forms_of(session), self.clips(session.speech).measure, speed)

    def close(self) -> None:
        """Stop the work that is under way."""
        self.jobs.close()


def house_of(request: Request) -> House:
    """The house a request came to."""
    house: House = request.app.state.house
    return house


Here = Annotated[House, Depends(house_of)]
