"""A class with its lessons, its courses and the forms it learns, as a file: JSON, read and written."""

from __future__ import annotations

import json
from typing import NamedTuple

from pydantic import BaseModel, ConfigDict, Field, ValidationError

from kemvo.core.errors import KemvoError, Problem, from_validation
from kemvo.core.model.session import Forms
from kemvo.core.movement.readings import opened
from kemvo.core.progress.model import ClassGroup, Course, Lesson
from kemvo.formats.documents.kemvo_json import FORMAT, VERSION
from kemvo.formats.json_text import parsed_json

KIND = "class"
MOST_PARTS = 2_000_000


class ClassBundle(NamedTuple):
    """A class, its lessons and courses, and the forms they speak of by the ids they use."""

    group: ClassGroup
    lessons: tuple[Lesson, ...]
    courses: tuple[Course, ...]
    forms: Forms


class _File(BaseModel):
    model_config = ConfigDict(extra="ignore")
    group: ClassGroup = Field(alias="class")
    lessons: tuple[Lesson, ...] = ()
    courses: tuple[Course, ...] = ()


def write_class(bundle: ClassBundle) -> str:
    """A class as the text of a file."""
    plain = {
        "format": FORMAT,
        "version": VERSION,
        "kind": KIND,
        "class": bundle.group.model_dump(mode="json", exclude_defaults=True),
        "lessons": [x.model_dump(mode="json", exclude_defaults=True) for x in bundle.lessons],
        "courses": [x.model_dump(mode="json", exclude_defaults=True) for x in bundle.courses],
        "forms": {id_: f.model_dump(mode="json", exclude_defaults=True) for id_, f in bundle.forms.items()},
    }
    return json.dumps(plain, ensure_ascii=False, indent=1) + "\n"


def read_class(text: str | bytes, name: str = "") -> ClassBundle | None:
    """What a file holds; None where it is not a class's. Raises KemvoError that names the field."""
    data = parsed_json(text, name, MOST_PARTS)
    if not isinstance(data, dict) or data.get("format") != FORMAT or data.get("kind") != KIND:
        return None
    if data.get("version") != VERSION:
        raise KemvoError(
            Problem(
                what=f"This file has version {data.get('version')!r}; this Kemvo reads version {VERSION}.",
                where=name,
                mend="Open it with a newer Kemvo.",
            )
        )
    try:
        made = _File.model_validate(data)
    except ValidationError as error:
        raise from_validation(error, data, name) from None
    forms = data.get("forms", {})
    if not isinstance(forms, dict):
        raise KemvoError(
            Problem(what="“forms” is no list of forms.", where=name, mend="Choose a file that Kemvo saved.")
        )
    read = {str(key): opened(value, f"{name} form “{key}”".strip()) for key, value in forms.items()}
    return ClassBundle(made.group, made.lessons, made.courses, read)
