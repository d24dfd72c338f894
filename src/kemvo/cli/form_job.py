"""Forms from files and from texts, without pages."""

from __future__ import annotations

from collections.abc import Mapping
from pathlib import Path
from typing import NamedTuple

from pydantic import TypeAdapter, ValidationError

from kemvo.core.errors import KemvoError, Problem
from kemvo.core.model.catalogue import name_index, over
from kemvo.core.model.form import Form
from kemvo.core.movement.fields import with_typed_read
from kemvo.core.movement.readings import finished
from kemvo.core.text_import.draft import DraftLine, draft
from kemvo.core.text_import.kinds.labels import KIND_WORDS, KINDS, LineKind
from kemvo.core.text_import.whole_text.headings import Flat
from kemvo.core.text_import.whole_text.names_after import NamesStand
from kemvo.core.text_import.whole_text.script import read_script
from kemvo.formats.documents.catalogue import shipped_catalogue
from kemvo.formats.documents.kemvo_json import read_file
from kemvo.formats.text import MOST_TEXT_BYTES, bounded
from kemvo.formats.texts.scripts import script_entries
from kemvo.store.database import Database, home
from kemvo.store.own_postures import OwnPostures


def one_form(path: Path) -> Form:
    """The form of a form file. Raises KemvoError for what cannot be read, OSError when there is no such file."""
    bundle = read_file(path.read_bytes(), path.name)
    if bundle.session is not None:
        raise KemvoError(
            Problem(what="This file holds a session, not a form.", where=path.name, mend="Name a form file.")
        )
    return bundle.form()


class MadeForm(NamedTuple):
    """A form made of a text, what became of its lines, and what is to be told: the lines that were not understood, the questions."""

    form: Form
    lines: tuple[DraftLine, ...]
    remarks: list[str]


def form_of_text(
    path: Path, title: str = "", items: Flat = "", names: NamesStand = "", kinds: Mapping[str, LineKind] | None = None
) -> MadeForm:
    """A form made of a text as the page makes it, with the catalogue and the own postures. `kinds`: what lines are, by their words. Raises KemvoError for what cannot be read, OSError when there is no such file."""
    with path.open("rb") as file:
        data = bounded(file, path.name, MOST_TEXT_BYTES)
    folder = home()
    own = OwnPostures(Database(folder / "kemvo.sqlite")).all() if (folder / "kemvo.sqlite").exists() else ()
    catalogue = over(shipped_catalogue(), own)
    made = draft(
        read_script(script_entries(data, path.name), name_index(catalogue)),
        catalogue,
        title,
        path.stem[:200],
        items,
        names,
        kinds,
    )
    remarks = [
        f"line {x.line}: “{x.text[:120]}” was not understood; it is a {x.became}."
        for x in made.lines
        if x.state == "not understood"
    ]
    if made.items and not items:
        other = "movements" if made.items == "postures" else "postures"
        remarks.append(f"The items of the list were taken for {made.items}; --items {other} takes them for {other}.")
    if made.names and not names:
        remarks.append("The names were taken to stand after their movements; --names before takes them as written.")
    if made.form.lead_ms:
        remarks.append(
            f"Its first words come at {made.form.lead_ms / 1000:g} s: so long it is still before the form begins."
        )
    asked = [x for x in made.lines if x.asks]
    remarks += [
        f"line {x.line}: “{x.text[:80]}” was taken as {KIND_WORDS[x.kind].asked}; it could be {KIND_WORDS[x.other].asked}."
        for x in asked
        if x.kind and x.other
    ]
    return MadeForm(with_typed_read(finished(made.form)), made.lines, remarks)


def kinds_said(path: Path) -> dict[str, LineKind]:
    """What lines are, by their words, from a JSON file. Raises KemvoError for what cannot be read, OSError when there is no such file."""
    try:
        return TypeAdapter(dict[str, LineKind]).validate_json(path.read_bytes())
    except ValidationError:
        raise KemvoError(
            Problem(
                what="This file does not say what lines are.",
                where=path.name,
                mend=f'Write {{"the words of a line": "caution"}}; the kinds are {", ".join(KINDS)}.',
            )
        ) from None
