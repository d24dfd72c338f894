"""The demo: Saltmarsh Hall, its two forms and a session for the Thursday class, from files as a user would open them."""

from __future__ import annotations

from importlib.resources import files
from pathlib import Path

from kemvo.core.form import Form
from kemvo.formats.kemvo_json import read_file
from kemvo.store.database import Database
from kemvo.store.documents import form_documents, session_documents

FORM_FILES = ("long-causeway.form.json", "nine-willows.form.json")
SESSION_FILES = ("thursday-class.session.json",)


def demo_files() -> list[Path]:
    """The files of the demo: forms first, then sessions."""
    folder = Path(str(files("kemvo.demo")))
    return [folder / name for name in (*FORM_FILES, *SESSION_FILES)]


def fill(folder: Path, fresh: bool = False) -> None:
    """Put the demo into the database of `folder`, unless something is there already; `fresh` begins again."""
    path = folder / "kemvo.sqlite"
    if fresh:
        for old in folder.glob("kemvo.sqlite*"):
            old.unlink()
    database = Database(path)
    ids = iter(["long-causeway", "nine-willows", "thursday-class"])
    forms, sessions = form_documents(database, lambda: next(ids)), session_documents(database, lambda: next(ids))
    if forms.all() or forms.all(removed=True) or sessions.all():
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
                    update={"part": p.part.model_copy(update={"form_id": added[bundle.forms[p.part.form_id]]})}
                )
                for p in bundle.session.passes
            )
            sessions.add(bundle.session.model_copy(update={"passes": passes}))
