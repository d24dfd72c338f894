"""The demo: Saltmarsh Hall, its two forms, and sessions for the Thursday morning and the evening class, from files as a user would open them."""

from __future__ import annotations

from datetime import date
from importlib.resources import files
from pathlib import Path

from kemvo.core.model.form import Form
from kemvo.demo.log import teach
from kemvo.formats.documents.kemvo_json import read_file
from kemvo.store.database import Database
from kemvo.store.flags import FIRST_HOUR, Flags
from kemvo.store.shelves import form_documents, session_documents

FORM_FILES = ("long-causeway.form.json", "nine-willows.form.json")
SESSION_FILES = ("evening-class.session.json", "thursday-class.session.json")


SPOKEN_NEURALLY = "evening-class.session.json"


def demo_files() -> list[Path]:
    """The files of the demo: forms first, then sessions."""
    folder = Path(str(files("kemvo.demo")))
    return [folder / name for name in (*FORM_FILES, *SESSION_FILES)]


DEMO_IDS = ("long-causeway", "nine-willows", "evening-class", "thursday-class")
"""The ids of the demo's forms and sessions, in the order of its files."""


def fill(folder: Path, fresh: bool = False, neural: str = "", today: date | None = None) -> None:
    """Put the demo into the database of `folder`, unless something is there already; `fresh` begins again. `neural`: the neural
    voice with which the evening class speaks, if there is one. `today`: the day before which its lessons were held."""
    if fresh:
        for old in folder.glob("kemvo.sqlite*"):
            old.unlink()
    database = Database(folder / "kemvo.sqlite")
    forms, sessions = form_documents(database, str), session_documents(database, str)
    if not (forms.all() or forms.all(removed=True) or sessions.all()):
        load(database, neural)
        teach(database, today or date.today())
        Flags(database, FIRST_HOUR).put("closed")


def load(database: Database, neural: str = "") -> None:
    """Add the demo's forms and sessions; those that were put away come back as they are."""
    ids = iter(DEMO_IDS)
    forms, sessions = form_documents(database, lambda: next(ids)), session_documents(database, lambda: next(ids))
    known = {x.id for shelf in (forms, sessions) for removed in (False, True) for x in shelf.all(removed)}
    if known & set(DEMO_IDS):
        for shelf in (forms, sessions):
            for stored in shelf.all(removed=True):
                if stored.id in DEMO_IDS:
                    shelf.bring_back(stored.id)
        return
    added: dict[Form, str] = {}
    for file in demo_files():
        bundle = read_file(file.read_bytes(), file.name)
        for form in bundle.forms.values():
            if form not in added:
                added[form] = forms.add(form).id
        if bundle.session:
            passes = tuple(
                p.model_copy(
                    update={
                        "part": p.part.model_copy(update={"form_id": _form_id(added, bundle.forms, p.part.form_id)})
                    }
                )
                for p in bundle.session.passes
            )
            session = bundle.session.model_copy(update={"passes": passes})
            if neural and file.name == SPOKEN_NEURALLY:
                speech = session.speech.model_copy(update={"engine": "neural", "voice": neural})
                session = session.model_copy(update={"speech": speech})
            sessions.add(session)


def _form_id(added: dict[Form, str], forms: dict[str, Form], id_: str) -> str:
    """The id under which a session's form is stored; none for a block that goes over no form."""
    return added[forms[id_]] if id_ in forms else ""
