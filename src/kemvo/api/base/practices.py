"""Sessions and recordings worked out to practices: each once, however many ask, and remembered while nothing in it changes."""

from __future__ import annotations

import threading
from collections import OrderedDict
from collections.abc import Callable, Sequence
from concurrent.futures import ThreadPoolExecutor
from typing import TYPE_CHECKING, Generic, Literal, NamedTuple, TypeVar

from kemvo.audio.speech.clips import Clips
from kemvo.core.model.session import Forms, Session
from kemvo.core.practice.pipeline import LaidOut, Practice, lay_out, undecided, work_out
from kemvo.core.practice.recorded import lay_out_recording, session_of
from kemvo.core.running.live import LivePractice
from kemvo.core.timing.pass_postures import require_a_form
from kemvo.store.documents import new_id

if TYPE_CHECKING:
    from kemvo.api.base.workspace import Workspace

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


class Practices:
    """The practices of a workspace."""

    PRACTICES_KEPT = 6
    LIVE_KEPT = 12

    def __init__(self, workspace: Workspace) -> None:
        self.workspace = workspace
        self._live: OrderedDict[str, LivePractice] = OrderedDict()
        self._last_laid: tuple[Session, float, Forms, LaidOut] | None = None
        self._practices: OrderedDict[object, _Once[_Worked]] = OrderedDict()
        self._lock = threading.Lock()

    def forget(self) -> None:
        """Forget what was worked out: all of the data may be others now."""
        with self._lock:
            self._practices.clear()
        self._last_laid = None

    def practice(self, session: Session, speed: float = 1.0) -> Practice:
        """A session worked out with its own voice."""
        return work_out(session, self.workspace.forms_of(session), self.workspace.clips(session.speech).measure, speed)

    def practice_of(
        self, id_: str, speed: float = 1.0, wait: bool = True, kind: Source = "sessions"
    ) -> tuple[Session, Practice]:
        """A stored session (or recording) and what it is worked out to. Pages ask for the same one several times at once: it is
        worked out once, and remembered until it or one of its forms is saved. `wait`: for every length to be measured; else
        lengths may be estimated while they are."""
        found = self.worked_from(id_, kind)
        key = (kind, id_, speed, *found.versions, self.workspace.takes.changes)
        clips = self.workspace.clips(found.session.speech)

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
            return _Worked(practice, bool(self._estimated(clips, practice)), self.workspace.lengths.changes)

        worked = self._once(key, work).get()
        if worked.estimated and (wait or worked.at != self.workspace.lengths.changes):
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
            stored = self.workspace.sessions.get(id_)
            session, forms = stored.body, self.workspace.forms_of(stored.body)
            versions = (stored.version, *self._form_versions(session))
            return WorkedFrom(session, forms, versions, lambda speed: self._laid_out(session, forms, speed))
        recorded = self.workspace.recordings.get(id_)
        of = self.workspace.sessions.get(recorded.body.session_id)
        own, forms = session_of(recorded.body, of.body), self.workspace.forms_of(of.body)
        versions = (recorded.version, of.version, *self._form_versions(own))
        return WorkedFrom(own, forms, versions, lambda _: lay_out_recording(recorded.body, own, forms)[1])

    def _form_versions(self, session: Session) -> tuple[object, ...]:
        used = sorted({p.part.form_id for p in session.passes})
        return (
            *((f, self.workspace.forms.version(f)) for f in used),
            session.class_id and self.workspace.classes.version(session.class_id),
        )

    def spoken_of(self, id_: str, kind: Source = "sessions") -> tuple[Session, Practice]:
        """A stored session (or recording) and its practice, to be written to a file. Raises KemvoError where none of its forms is there."""
        session, practice = self.practice_of(id_, kind=kind)
        require_a_form(session, self.workspace.forms_of(session))
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
        return len(self._estimated(self.workspace.clips(session.speech), practice))

    @staticmethod
    def _estimated(clips: Clips, practice: Practice) -> list[str]:
        """Of a slow voice only what is said needs a clip; a quick one measures all that could be."""
        return clips.unmeasured(practice.spoken() if clips.voice.slow else sorted(practice.voiced()))

    def measure_all(self, id_: str, report: Callable[[float], None], kind: Source = "sessions") -> None:
        """Measure the lengths of a session that are only estimated so far, what is heard first before the rest, until all that is
        said is measured; `report` is told the share done and may raise to stop it."""
        for nth in range(SETTLES):
            session, practice = self.practice_of(id_, wait=False, kind=kind)
            clips = self.workspace.clips(session.speech)
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
