"""Problems as sentences: what cannot be used, where it is, and how to fix it."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from typing import Any

from pydantic import ValidationError

from kemvo.core.types import Value


class Problem(Value):
    """One sentence a person can act on.

    `where` names the place as a person would ("posture 3 'Part the reeds', movement 2"),
    `pointer` as a JSON pointer.
    """

    what: str
    where: str = ""
    mend: str = ""
    pointer: str = ""

    def sentence(self) -> str:
        """The whole in one line, for a terminal or a log."""
        place = f"{self.where}: " if self.where else ""
        mend = f" {self.mend}" if self.mend else ""
        return f"{place}{self.what}{mend}"


class KemvoError(Exception):
    """Something a person can put right. Carries one or more `Problem`s."""

    def __init__(self, *problems: Problem) -> None:
        self.problems = problems
        super().__init__("\n".join(p.sentence() for p in problems))


LIST_NAMES = {
    "sections": "section",
    "postures": "posture",
    "movements": "movement",
    "passes": "pass",
    "forms": "form",
    "cues": "cue",
    "wordings": "wording",
    "joins": "join",
    "ceilings": "ceiling",
    "blocked": "blocked time",
    "paces": "pace",
    "cue_choices": "choice",
    "own_cues": "words",
    "stances": "stance",
}
"""List fields and what one of their items is called."""

FIELD_NAMES = {
    "left_pct": "weight (left_pct)",
    "opening_left_pct": "opening weight (opening_left_pct)",
    "hold_ms": "hold (hold_ms)",
    "pause_before_ms": "pause before (pause_before_ms)",
    "pause_after_ms": "pause after (pause_after_ms)",
    "wpm": "speed of speech (wpm)",
}

MENDS = {
    "missing": "Add it.",
    "extra_forbidden": "Check its spelling or take it out.",
    "literal_error": "Choose one of those.",
    "int_from_float": "Round it.",
}


def from_validation(error: ValidationError, data: object, root: str = "") -> KemvoError:
    """Turn Pydantic's errors into sentences that name the section, posture and movement.

    `data` is what was read (to quote names from), `root` a name for the whole ("nine-willows.json").
    """
    errors = error.errors(include_url=False)
    more = (
        [] if len(errors) <= MOST_TOLD else [Problem(what=f"{len(errors) - MOST_TOLD:,} more places cannot be read.")]
    )
    return KemvoError(*from_errors([dict(e) for e in errors[:MOST_TOLD]], data, root).problems, *more)


MOST_TOLD = 19
"""How many places are told one by one, at most."""

LONGEST_ECHO = 200
"""Of what was given so many letters at most are repeated."""


def echoed(text: str) -> str:
    """What was given as it is repeated: not too long, and without what is no letter."""
    clean = text.encode("utf-8", "replace").decode()
    return clean if len(clean) <= LONGEST_ECHO else f"{clean[: LONGEST_ECHO - 1]}…"


def from_errors(errors: Sequence[Mapping[str, Any]], data: object, root: str = "") -> KemvoError:
    """Sentences from the plain list of Pydantic's errors."""
    return KemvoError(*(_problem(e, data, root) for e in errors))


def _problem(error: Mapping[str, Any], data: object, root: str) -> Problem:
    loc: Sequence[str | int] = error["loc"]
    kind = str(error["type"])
    places, field = _walk(loc, data)
    given = error.get("input")
    quoted = "" if kind == "missing" or isinstance(given, (dict, list)) else f", not {_quoted(given)}"
    field = echoed(field)
    message = echoed(str(error["msg"])).removeprefix("Input should be ").removeprefix("Value error, ")
    if kind == "missing":
        what = f"{field} is missing."
    elif kind == "extra_forbidden":
        what = f"{field} is not a field Kemvo knows."
    elif kind in ("too_short", "too_long"):
        bound = error.get("ctx", {}).get("min_length" if kind == "too_short" else "max_length")
        what = f"{field} needs {'at least' if kind == 'too_short' else 'at most'} {bound}."
    elif kind == "value_error":
        what = f"{message}"
    elif kind == "json_invalid":
        what = f"This is not readable as JSON ({error.get('ctx', {}).get('error', message)})."
    else:
        what = f"{field} must be {message}{quoted}."
    where = ", ".join(([root] if root else []) + places)
    return Problem(
        what=what[:1].upper() + what[1:],
        where=echoed(where),
        mend=MENDS.get(kind, ""),
        pointer="".join(f"/{echoed(str(part))}" for part in loc[:20]),
    )


def _quoted(given: object) -> str:
    """A value as it is repeated. Numbers of thousands of digits are not written out."""
    if isinstance(given, int) and given.bit_length() > 600:
        return "so large a number"
    return echoed(repr(given[: 2 * LONGEST_ECHO] if isinstance(given, (str, bytes)) else given))


def _walk(loc: Sequence[str | int], data: object) -> tuple[list[str], str]:
    """The places a location passes through, in words, and the name of its last field."""
    places: list[str] = []
    field = "this"
    here = data
    listed = ""
    for part in loc:
        if isinstance(part, int):
            here = here[part] if isinstance(here, list) and part < len(here) else None
            label = f"{LIST_NAMES.get(listed, listed)} {part + 1}"
            name = (
                next((here.get(k) for k in ("name", "title", "line", "id") if here.get(k)), "")
                if isinstance(here, dict)
                else ""
            )
            places.append(f"{label} “{echoed(str(name)[:40])}”" if name else label)
            field = "this"
        else:
            listed = part
            field = FIELD_NAMES.get(part, part)
            here = here.get(part) if isinstance(here, dict) else None
    return places, field
