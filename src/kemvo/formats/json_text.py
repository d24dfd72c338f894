"""JSON as files have it, parsed within bounds: a file of another kind gets a sentence, however it is made."""

from __future__ import annotations

import json
from typing import Any

from kemvo.core.errors import KemvoError, Problem

MOST_PARTS = 60_000
"""The most objects a form, a session or a catalogue may hold (a form of 400 postures has some thousands)."""


def parsed_json(text: str | bytes, name: str, most: int = MOST_PARTS) -> Any:
    """The value of a JSON text. Raises KemvoError for what is no text, no JSON, nested too deeply, or has more than `most`
    objects."""
    try:
        plain = text.decode("utf-8-sig") if isinstance(text, bytes) else text.removeprefix("\ufeff")
    except UnicodeDecodeError:
        raise _refused("This file is not text.", name, "Choose a .json file that Kemvo saved.") from None
    if plain.count("{") > most:
        raise _refused(f"This JSON has more than {most:,} parts.", name, "Divide it into several files.")
    try:
        return json.loads(plain)
    except RecursionError:
        raise _refused(
            "This JSON is nested too deeply for anything Kemvo saves.", name, "Choose another file."
        ) from None
    except json.JSONDecodeError as error:
        where = ", ".join(x for x in (name, f"line {error.lineno}, column {error.colno}") if x)
        mend = "Mend that place, or choose another file."
        raise _refused(f"This is not readable as JSON: {error.msg}.", where, mend) from None
    except ValueError:
        raise _refused("This JSON has a number of thousands of digits.", name, "Mend that number.") from None


def _refused(what: str, where: str, mend: str) -> KemvoError:
    return KemvoError(Problem(what=what, where=where, mend=mend))
