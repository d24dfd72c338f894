"""A catalogue of postures as TOML. Described in docs/formats.md."""

from __future__ import annotations

import tomllib
from functools import cache
from importlib.resources import files
from typing import Any

from pydantic import ValidationError

from kemvo.core.catalogue import Entry
from kemvo.core.problem import KemvoError, Problem, from_validation

OWN = ("id", "styles", "pinyin", "kinds")
"""Fields of an entry; all others are the posture's."""


def read_catalogue(text: str, name: str = "") -> tuple[Entry, ...]:
    """The postures of a catalogue file. Raises KemvoError that names the posture and the field."""
    try:
        rows: list[dict[str, Any]] = tomllib.loads(text).get("posture", [])
    except tomllib.TOMLDecodeError as error:
        raise KemvoError(
            Problem(what=f"This is not readable as TOML: {error}.", where=name, mend="Mend that place.")
        ) from None
    return tuple(_entry(row, name) for row in rows)


def _entry(row: dict[str, Any], name: str) -> Entry:
    posture = {key: value for key, value in row.items() if key not in OWN}
    try:
        return Entry.model_validate({**{k: row[k] for k in OWN if k in row}, "posture": posture})
    except ValidationError as error:
        raise from_validation(
            error, {"posture": posture}, f"{name} posture “{row.get('name', row.get('id', '?'))}”".strip()
        ) from None


@cache
def shipped_catalogue() -> tuple[Entry, ...]:
    """The catalogue that ships with Kemvo."""
    return read_catalogue((files("kemvo.catalogue") / "postures.toml").read_text(encoding="utf-8"), "postures.toml")
