"""Forms and sessions as JSON files: what Kemvo saves and opens. Described in docs/formats.md.

A form file holds one form; a session file holds the session and every form it goes over, so that it
can be opened, spoken or rendered anywhere by itself. Fields that have their default value are left out.
"""

from __future__ import annotations

import json
from typing import Any, NamedTuple

from pydantic import ValidationError

from kemvo.core.errors import KemvoError, Problem, from_validation
from kemvo.core.model.form import Form
from kemvo.core.model.session import Forms, Session, read_session
from kemvo.core.movement.readings import opened
from kemvo.core.tables.rooms import Room
from kemvo.formats.json_text import parsed_json

FORMAT = "kemvo"
VERSION = 1
KINDS = ("form", "session")


class Bundle(NamedTuple):
    """What a file held: a form alone (`session` is None), or a session with its forms by id."""

    session: Session | None
    forms: Forms

    def form(self) -> Form:
        """The form of a form file."""
        return next(iter(self.forms.values()))


def write_form(form: Form) -> str:
    """A form as the text of a form file."""
    return _text({"format": FORMAT, "version": VERSION, "kind": "form", "form": _plain(form)})


def write_session(session: Session, forms: Forms) -> str:
    """A session with the forms it uses as the text of a session file."""
    used = {p.part.form_id for p in session.passes}
    plain = {k: _plain(f) for k, f in forms.items() if k in used}
    return _text({"format": FORMAT, "version": VERSION, "kind": "session", "session": _plain(session), "forms": plain})


def read_file(text: str | bytes, name: str = "") -> Bundle:
    """What the text of a form or session file holds. `name` is used to name the file in errors.

    Raises KemvoError with a sentence for every place that cannot be read.
    """
    data = _parsed(text, name)
    kind = data.get("kind")
    if data.get("format") != FORMAT or kind not in KINDS:
        raise KemvoError(
            Problem(
                what="This is JSON, but not a Kemvo form or session.",
                where=name,
                mend='A Kemvo file begins with "format": "kemvo" and has "kind": "form" or "session".',
            )
        )
    version = data.get("version")
    if not isinstance(version, int) or isinstance(version, bool) or not 1 <= version <= VERSION:
        raise KemvoError(
            Problem(
                what=f"This file has version {version!r}; this Kemvo reads version {VERSION}.",
                where=name,
                mend="Open it with a newer Kemvo.",
                pointer="/version",
            )
        )
    if kind == "form":
        return Bundle(None, {"form": opened(_member(data, "form", name), name)})
    forms = _member(data, "forms", name)
    session = read_session(_member(data, "session", name), name)
    return Bundle(session, {str(key): opened(value, f"{name} form “{key}”".strip()) for key, value in forms.items()})


def read_room(text: str | bytes, name: str = "") -> Room:
    """A room from the text of a JSON file: the fields of a room, or a form file's room. Raises KemvoError."""
    data = _parsed(text, name)
    if "form" in data and isinstance(data["form"], dict):
        data = _member(data["form"], "room", name)
    try:
        return Room.model_validate(data)
    except ValidationError as error:
        raise from_validation(error, data, name) from None


def _parsed(text: str | bytes, name: str) -> dict[str, Any]:
    data = parsed_json(text, name)
    if not isinstance(data, dict):
        raise KemvoError(
            Problem(
                what="This is JSON, but not a Kemvo form or session.",
                where=name,
                mend="Choose a file that Kemvo saved.",
            )
        )
    return data


def _member(data: dict[str, Any], key: str, name: str) -> dict[str, Any]:
    value = data.get(key)
    if not isinstance(value, dict):
        raise KemvoError(
            Problem(
                what=f"The part “{key}” is missing.",
                where=name,
                mend="Choose a file that Kemvo saved.",
                pointer=f"/{key}",
            )
        )
    return value


def _plain(value: Form | Session) -> dict[str, Any]:
    return value.model_dump(mode="json", exclude_defaults=True)


def _text(data: dict[str, Any]) -> str:
    return json.dumps(data, ensure_ascii=False, indent=1) + "\n"
