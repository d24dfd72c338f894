"""A catalogue of postures as TOML or JSON: both are read, JSON is written. Described in docs/formats.md."""

from __future__ import annotations

import json
import tomllib
from collections.abc import Iterable
from functools import cache
from importlib.resources import files
from typing import Any

from pydantic import ValidationError

from kemvo.core.errors import KemvoError, Problem, from_validation
from kemvo.core.model.catalogue import Entry
from kemvo.formats.json_text import parsed_json

OWN = ("id", "styles", "pinyin")
"""Fields of an entry; all others are the posture's."""


def read_catalogue(text: str, name: str = "") -> tuple[Entry, ...]:
    """The postures of a catalogue file, TOML or JSON. Raises KemvoError that names the posture and the field."""
    rows = _rows(text, name)
    if not isinstance(rows, list) or not all(isinstance(row, dict) for row in rows):
        raise KemvoError(
            Problem(
                what="This file has no list of postures.",
                where=name,
                mend="In TOML each is a [[posture]], in JSON they are a list under “postures”.",
            )
        )
    return tuple(_entry(row, name) for row in rows)


def _rows(text: str, name: str) -> Any:
    try:
        if text.lstrip("\ufeff \t\r\n").startswith("{") or name.lower().endswith(".json"):
            found = parsed_json(text, name)
            told = isinstance(found, dict) and ("postures" in found) and found.get("kind", "catalogue") == "catalogue"
            return found["postures"] if told else None
        return tomllib.loads(text.lstrip("\ufeff")).get("posture")
    except RecursionError:
        raise KemvoError(Problem(what="This TOML is nested too deeply.", where=name, mend="Mend that place.")) from None
    except ValueError as error:
        raise KemvoError(
            Problem(what=f"This is not readable as TOML: {str(error)[:200]}.", where=name, mend="Mend that place.")
        ) from None


def write_catalogue(entries: Iterable[Entry]) -> str:
    """Postures as the text of a JSON catalogue file."""
    rows = []
    for e in entries:
        plain = e.model_dump(mode="json", exclude_defaults=True)
        rows.append({**{k: plain[k] for k in OWN if k in plain}, **plain["posture"]})
    return json.dumps({"format": "kemvo", "version": 1, "kind": "catalogue", "postures": rows}, ensure_ascii=False, indent=1) + "\n"  # fmt: skip


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
