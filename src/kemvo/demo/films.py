"""The demo's recordings: Nine Willows filmed twice by the stand-in studio, once silent and half marked, once marked and voiced."""

from __future__ import annotations

import tempfile
import uuid
from pathlib import Path

from kemvo.audio.speech.clips import Clips
from kemvo.audio.speech.voices import voice_of
from kemvo.core.model.form import Form
from kemvo.core.model.session import Part, Pass, Session, with_pass_ids
from kemvo.core.recording.model import Filmed, Recording
from kemvo.core.recording.truth import Slips
from kemvo.film.studio import Studio, film
from kemvo.recordings import take_in
from kemvo.store.database import Database
from kemvo.store.lengths import StoredBook
from kemvo.store.media import MediaShelf
from kemvo.store.shelves import form_documents, recording_documents, session_documents

FORM_ID, SESSION_ID = "nine-willows", "nine-willows-filmed"
TEMPO = 44.0
SIZE, FPS = (384, 216), 8
HALF = 2
"""In the half marked film every second posture is marked."""


def film_demo(folder: Path) -> None:
    """Film the demo's form into a data folder that has it and no recording yet."""
    database = Database(folder / "kemvo.sqlite")
    forms, recordings = form_documents(database, _new), recording_documents(database, _new)
    here = {f.id: f.body for f in forms.all()}
    form = here.get(FORM_ID)
    if form is None or recordings.all() or recordings.all(removed=True):
        return
    session = with_pass_ids(
        Session(
            title="Nine Willows, for the camera",
            passes=(Pass(part=Part(form_id=FORM_ID), tempo=TEMPO, facing="mirror"),),
        )
    )
    sessions = session_documents(database, lambda: SESSION_ID)
    stored = sessions.add(session)
    clips = Clips(voice_of(session.speech, folder), StoredBook(database))
    for n, title in enumerate(("Nine Willows in the yard, silent", "Nine Willows in the hall, spoken")):
        recording = _filmed(folder, form, session, clips, n, title)
        recording = recording.model_copy(update={"session_id": stored.id, "session_version": stored.version})
        recording_documents(database, lambda n=n: f"willows-{n + 1}").add(recording)  # type: ignore[misc]


def _filmed(folder: Path, form: Form, session: Session, clips: Clips, n: int, title: str) -> Recording:
    forms = {FORM_ID: form}
    with tempfile.TemporaryDirectory(prefix=".filming-", dir=folder) as made:
        path = Path(made) / f"willows-{n + 1}.mp4"
        how = Studio(seed=11 + n, narrated=n == 1, size=SIZE, fps=FPS, slips=Slips())
        truth = film(session, forms, clips, path, how).truth.recording
        media = take_in(MediaShelf(folder), path, path.name)
    first = [
        m
        for m in truth.marks
        if m.place.rsplit(".", 1)[-1] in {p.movements[0].id for p in form.postures() if p.movements}
    ]
    marks = first[::HALF] if n == 0 else list(truth.marks)
    return truth.model_copy(
        update={
            "title": title,
            "media": media,
            "marks": tuple(m.model_copy(update={"source": "tap", "hand": True, "sure": 0.98}) for m in marks),
            "begins_ms": None if n == 0 else truth.begins_ms,
            "ends_ms": None if n == 0 else truth.ends_ms,
            "filmed": tuple(Filmed(pass_id=p.id, does="mirrored") for p in session.passes),
        }
    )


def _new() -> str:
    return uuid.uuid4().hex[:10]
