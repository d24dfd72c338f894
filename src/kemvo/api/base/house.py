"""What one running Kemvo holds: its database, its documents, its voices, its jobs."""

from __future__ import annotations

import threading
import uuid
from collections import OrderedDict
from collections.abc import Callable, Iterable, Sequence
from concurrent.futures import ThreadPoolExecutor
from contextlib import suppress
from pathlib import Path
from typing import Annotated, Generic, Literal, NamedTuple, TypeVar

from fastapi import Depends, Request

from kemvo.api.base.health import DataHealth
from kemvo.audio.speech.clips import Clips
from kemvo.audio.speech.voices import voice_of, voices
from kemvo.core.model.catalogue import Entry, name_index, over, own_entry
from kemvo.core.model.form import Form, Posture
from kemvo.core.model.session import Forms, Session, SpeechChoice
from kemvo.core.model.settings import Settings
from kemvo.core.practice.pipeline import LaidOut, Practice, lay_out, undecided, work_out
from kemvo.core.practice.recorded import lay_out_recording, session_of
from kemvo.core.progress.for_class import for_class
from kemvo.core.progress.model import ClassGroup
from kemvo.core.reading.posture_names import NameIndex
from kemvo.core.running.live import LivePractice
from kemvo.core.timing.pass_postures import require_a_form
from kemvo.formats.documents.catalogue import shipped_catalogue
from kemvo.jobs import Jobs
from kemvo.packing import loop_of
from kemvo.store.calendar import CalendarBook
from kemvo.store.database import Database
from kemvo.store.documents import CannotBeRead, NotThere
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


def new_id() -> str:
    """A new id for a document."""
    return uuid.uuid4().hex[:10]


T = TypeVar("T")


class _Once(Generic[T]):
    """Something worked out once, however many ask for it at the same time. A failure is not remembered."""

    def __init__(self, work: Callable[[], T]) -> None:
        self._work = work
        self._lock = threading.Lock()
        self._made: list[T] = []

    def get(self) -> T:
        """What it is."""
        with self._lock:
            if not self._made:
                self._made.append(self._work())
            return self._made[0]


class _Worked(NamedTuple):
    """A practice; whether lengths in it are only estimated, and at which state of the book of lengths."""

    practice: Practice
    estimated: bool
    at: int


Source = Literal["sessions", "recordings"]
"""What can be worked out to a practice."""


SETTLES = 8
"""A measured clip that is longer than reckoned with may have another wording said in its place, which is measured then: so often at
most."""


class WorkedFrom(NamedTuple):
    """What a practice is worked out from: the session (a recording's with its own choices), its forms, the versions of all that is in
    it, and how it is laid out in time at a speed."""

    session: Session
    forms: Forms
    versions: tuple[object, ...]
    laid: Callable[[float], LaidOut]


class House:
    """Everything that the pages of one data folder share."""

    VOICES_KEPT = 4
    PRACTICES_KEPT = 6
    LIVE_KEPT = 12
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
        self._live: OrderedDict[str, LivePractice] = OrderedDict()
        self.happened = Flags(self.database, FIRST_HOUR)
        self._catalogue: tuple[tuple[Entry, ...], NameIndex] | None = None
        self.lengths = StoredBook(self.database)
        self.jobs = Jobs()
        shelf = Shelf(folder / "sounds")
        self.brought = BroughtSounds(self.database, shelf)
        self.takes = Takes(self.database, shelf)
        self._clips: OrderedDict[str, Clips] = OrderedDict()
        self._last_laid: tuple[Session, float, Forms, LaidOut] | None = None
        self._practices: OrderedDict[object, _Once[_Worked]] = OrderedDict()
        self._lock = threading.Lock()
        self.renders = folder / "renders"
        self.incoming = folder / "incoming"
        with suppress(OSError):  # a folder that may only be read: what is written there says so
            self.renders.mkdir(exist_ok=True)
            self.incoming.mkdir(exist_ok=True)

    def forget(self) -> None:
        """Forget what was worked out: all of the data may be others now."""
        with self._lock:
            self._practices.clear()
            self._clips.clear()
        self.health.forget()
        self._last_laid = self._catalogue = None
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

    def practice(self, session: Session, speed: float = 1.0) -> Practice:
        """A session worked out with its own voice."""
        return work_out(session, self.forms_of(session), self.clips(session.speech).measure, speed)

    def practice_of(
        self, id_: str, speed: float = 1.0, wait: bool = True, kind: Source = "sessions"
    ) -> tuple[Session, Practice]:
        """A stored session (or recording) and what it is worked out to. Pages ask for the same one several times at once: it is
        worked out once, and remembered until it or one of its forms is saved. `wait`: for every length to be measured; else
        lengths may be estimated while they are."""
        found = self.worked_from(id_, kind)
        key = (kind, id_, speed, *found.versions, self.takes.changes)
        clips = self.clips(found.session.speech)

        def work() -> _Worked:
            laid = found.laid(speed)
            at_once = wait and not clips.voice.slow
            practice = work_out(found.session, found.forms, clips.measure if at_once else clips.glance, speed, laid)
            for _ in range(SETTLES if wait and clips.voice.slow else 0):
                missing = clips.unmeasured(practice.spoken())
                if not missing:
                    break
                self._speak_all(clips, missing, lambda _: None)
                practice = work_out(found.session, found.forms, clips.glance, speed, laid)
            return _Worked(practice, bool(self._estimated(clips, practice)), self.lengths.changes)

        worked = self._once(key, work).get()
        if worked.estimated and (wait or worked.at != self.lengths.changes):
            with self._lock:
                self._practices.pop(key, None)
            worked = self._once(key, work).get()
        return found.session, worked.practice

    def remember_live(self, made: LivePractice) -> str:
        """Keep a practice that runs, for what sounds under it; answers with its key."""
        key = new_id()
        with self._lock:
            self._live[key] = made
            if len(self._live) > self.LIVE_KEPT:
                self._live.popitem(last=False)
        return key

    def live(self, key: str) -> LivePractice | None:
        """A practice that runs, if it is remembered."""
        with self._lock:
            return self._live.get(key)

    def worked_from(self, id_: str, kind: Source = "sessions") -> WorkedFrom:
        """What a practice is worked out from: a session on its plan, or a recording on its clock."""
        if kind == "sessions":
            stored = self.sessions.get(id_)
            session, forms = stored.body, self.forms_of(stored.body)
            versions = (stored.version, *self._form_versions(session))
            return WorkedFrom(session, forms, versions, lambda speed: self._laid_out(session, forms, speed))
        recorded = self.recordings.get(id_)
        of = self.sessions.get(recorded.body.session_id)
        own, forms = session_of(recorded.body, of.body), self.forms_of(of.body)
        versions = (recorded.version, of.version, *self._form_versions(own))
        return WorkedFrom(own, forms, versions, lambda _: lay_out_recording(recorded.body, own, forms)[1])

    def _form_versions(self, session: Session) -> tuple[object, ...]:
        used = sorted({p.part.form_id for p in session.passes})
        return (
            *((f, self.forms.version(f)) for f in used),
            session.class_id and self.classes.version(session.class_id),
        )

    def spoken_of(self, id_: str, kind: Source = "sessions") -> tuple[Session, Practice]:
        """A stored session (or recording) and its practice, to be written to a file. Raises KemvoError where none of its forms is there."""
        session, practice = self.practice_of(id_, kind=kind)
        require_a_form(session, self.forms_of(session))
        return session, practice

    def _laid_out(self, session: Session, forms: Forms, speed: float) -> LaidOut:
        """A session in time; the last one is remembered, since most edits at the cue desk leave it as it is."""
        plain = undecided(session)
        known = self._last_laid
        alike = known and known[1] == speed and known[2].keys() == forms.keys() and known[0] == plain
        if known and alike and all(known[2][k] is forms[k] for k in forms):
            return known[3]
        laid = lay_out(session, forms, speed)
        self._last_laid = (plain, speed, forms, laid)
        return laid

    def estimated(self, session: Session, practice: Practice) -> int:
        """How many of the lengths that count are only estimated so far."""
        return len(self._estimated(self.clips(session.speech), practice))

    @staticmethod
    def _estimated(clips: Clips, practice: Practice) -> list[str]:
        """Of a slow voice only what is said needs a clip; a quick one measures all that could be."""
        return clips.unmeasured(practice.spoken() if clips.voice.slow else sorted(practice.voiced()))

    def measure_all(self, id_: str, report: Callable[[float], None], kind: Source = "sessions") -> None:
        """Measure the lengths of a session that are only estimated so far, what is heard first before the rest, until all that is
        said is measured; `report` is told the share done and may raise to stop it."""
        for nth in range(SETTLES):
            session, practice = self.practice_of(id_, wait=False, kind=kind)
            clips = self.clips(session.speech)
            texts = self._estimated(clips, practice)
            if not texts:
                return
            # A few texts more may follow each time: each time takes three quarters of what is left to report.
            self._speak_all(clips, texts, lambda share, left=0.25**nth: report(1 - left * (1 - 0.75 * share)))  # type: ignore[misc]

    @staticmethod
    def _speak_all(clips: Clips, texts: Sequence[str], report: Callable[[float], None]) -> None:
        """Speak texts and keep their lengths, on both cores."""
        with ThreadPoolExecutor(2, thread_name_prefix="kemvo-voice") as pool:
            waiting = [pool.submit(clips.measure_now, t) for t in texts]
            try:
                for n, one in enumerate(waiting):
                    one.result()
                    report((n + 1) / len(texts))
            finally:
                for one in waiting:
                    one.cancel()

    def _once(self, key: object, work: Callable[[], _Worked]) -> _Once[_Worked]:
        with self._lock:
            once = self._practices.setdefault(key, _Once(work))
            self._practices.move_to_end(key)
            if len(self._practices) > self.PRACTICES_KEPT:
                self._practices.popitem(last=False)
            return once

    def close(self) -> None:
        """Stop the work that is under way, and let go of the database."""
        self.jobs.close()
        self.database.close()


def house_of(request: Request) -> House:
    """The house a request came to."""
    house: House = request.app.state.house
    return house


Here = Annotated[House, Depends(house_of)]
