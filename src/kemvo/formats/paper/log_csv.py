"""The log of a class as CSV, a row for every posture that was done: written, and read back or from another table."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from datetime import date
from typing import NamedTuple

from pydantic import ValidationError

from kemvo.core.errors import KemvoError, Problem
from kemvo.core.model.mirror import mirror_posture
from kemvo.core.model.session import Forms
from kemvo.core.progress.model import Lesson, LessonPart, OpenPoint
from kemvo.core.types import number_in
from kemvo.formats.csv_text import csv_rows, csv_text

COLUMNS = (
    "day", "began", "lesson", "held", "from", "planned minutes", "people", "form", "number", "posture", "kind", "facing", "words", "side",
    "tempo", "ms", "share", "pass", "place", "bring back", "settled", "notes",
)  # fmt: skip
"""A row is a part of a lesson, or (with "bring back") an open point of it."""

SIDES = {"": None, "l": "L", "left": "L", "r": "R", "right": "R"}
MOST_ROWS = 200_000


def write_log(lessons: Iterable[Lesson], forms: Forms) -> str:
    """Lessons as CSV."""
    out: list[list[object]] = [list(COLUMNS)]
    for x in lessons:
        head: list[object] = [
            x.day.isoformat(), x.began, x.title, "yes" if x.held else "rehearsal", x.source, round(x.planned_ms / 60_000, 3) or "",
            "" if x.attendance is None else x.attendance,
        ]  # fmt: skip
        tail: list[object] = [x.notes]
        rows: list[list[object]] = [
            [
                *head, _form(forms, p.form_id), _number(forms, p), p.posture, p.kind, p.facing, p.voice, p.side or "", p.tempo or "", p.ms,
                p.share, p.pass_title, p.place, "", "", *tail,
            ]
            for p in x.parts
        ]  # fmt: skip
        for o in x.points:
            named = LessonPart(form_id=o.form_id, posture_id=o.posture_id)
            name = _posture(forms, o.form_id, o.posture_id)
            settled = o.settled.isoformat() if o.settled else ""
            rows.append(
                [*head, _form(forms, o.form_id), _number(forms, named), name, *[""] * 9, o.text, settled, *tail]
            )
        out += rows or [[*head, *[""] * 14, *tail]]
    return csv_text(out)


def _form(forms: Forms, id_: str) -> str:
    return forms[id_].title if id_ in forms else id_


def _number(forms: Forms, p: LessonPart) -> str:
    form = forms.get(p.form_id)
    return next((x.number for x in form.postures() if x.id == p.posture_id), "") if form else ""


def _posture(forms: Forms, form_id: str, posture_id: str) -> str:
    form = forms.get(form_id)
    return next((x.title() for x in form.postures() if x.id == posture_id), "") if form else ""


class ReadLog(NamedTuple):
    """Lessons from a table, and what in it was not known: postures that are in none of the forms, as they are written there."""

    lessons: tuple[Lesson, ...]
    unknown: tuple[str, ...]


def read_log(text: str, name: str, class_id: str, forms: Forms, form_id: str) -> ReadLog:
    """Lessons from a CSV text: `day` and `posture` (or `number`) are enough. A posture is found by its form's title, its number and its
    name; where no form is named, in the form `form_id`. Rows of one day and time are one lesson. Raises KemvoError that names the line."""
    rows = csv_rows(text.removeprefix("\ufeff"), name)
    head = [c.strip().lower() for c in next(rows, (0, []))[1]]
    if "day" not in head:
        raise KemvoError(
            Problem(
                what="There is no column “day” in this table.", where=name,
                mend=f"Its first row names the columns: {', '.join(COLUMNS[:3])}, posture, ms… Save the log once to see them all.",
            )
        )  # fmt: skip
    lessons: dict[tuple[date, str, str], list[tuple[int, dict[str, str]]]] = {}
    for line, cells in rows:
        row = dict(zip(head, (c.strip() for c in cells), strict=False))
        if not any(row.values()):
            continue
        day = _day(row.get("day", ""), name, line)
        lessons.setdefault((day, row.get("began", ""), row.get("lesson", "")), []).append((line, row))
        if line > MOST_ROWS:
            raise KemvoError(
                Problem(what=f"This table has more than {MOST_ROWS:,} rows.", where=name, mend="Divide it by years.")
            )
    unknown: dict[str, None] = {}
    made = []
    for (day, began, title), of in lessons.items():
        made.append(_lesson(day, began, title, of, name, class_id, forms, form_id, unknown))
    return ReadLog(tuple(made), tuple(unknown))


def _lesson(
    day: date,
    began: str,
    title: str,
    rows: Sequence[tuple[int, dict[str, str]]],
    name: str,
    class_id: str,
    forms: Forms,
    form_id: str,
    unknown: dict[str, None],
) -> Lesson:
    first = rows[0][1]
    parts: list[LessonPart] = []
    points: list[OpenPoint] = []
    for line, row in rows:
        try:
            at, posture_id, known = _found(row, forms, form_id)
            if row.get("posture") and not posture_id:
                unknown[row["posture"]] = None
            if row.get("bring back"):
                settled = _day(row["settled"], name, line) if row.get("settled") else None
                points.append(
                    OpenPoint(
                        text=row["bring back"], form_id=at if posture_id else "", posture_id=posture_id, settled=settled
                    )
                )
                continue
            if not (row.get("posture") or row.get("number") or row.get("ms")):
                continue
            side = SIDES.get(row.get("side", "").lower(), "?")
            if side == "?":
                raise ValueError(f"side “{row['side']}” is neither left nor right")
            parts.append(
                LessonPart.model_validate(
                    {
                        "form_id": at if posture_id else "", "posture_id": posture_id, "posture": row.get("posture", "") or known,
                        "kind": row.get("kind") or "follow", "facing": row.get("facing") or "behind", "voice": row.get("words") or "full",
                        "side": side, "tempo": number_in(row.get("tempo") or "0"), "ms": round(number_in(row.get("ms") or "0")),
                        "share": number_in(row.get("share") or "1"), "pass_title": row.get("pass", ""), "place": row.get("place", ""),
                    }
                )
            )  # fmt: skip
        except ValidationError as error:
            first_error = error.errors(include_url=False)[0]
            raise _bad(f"{first_error['loc'][-1]}: {first_error['msg']}", name, line) from None
        except ValueError as error:
            raise _bad(str(error), name, line) from None
    try:
        return Lesson.model_validate(
            {
                "title": title, "class_id": class_id, "day": day, "began": began, "held": first.get("held", "").lower() != "rehearsal",
                "source": first.get("from") or "hand", "planned_ms": round(number_in(first.get("planned minutes") or "0") * 60_000),
                "attendance": int(first["people"]) if first.get("people") else None, "parts": tuple(parts), "points": tuple(points),
                "notes": first.get("notes", ""),
            }
        )  # fmt: skip
    except (ValidationError, ValueError) as error:
        told = error.errors(include_url=False)[0]["msg"] if isinstance(error, ValidationError) else str(error)
        raise _bad(told, name, rows[0][0]) from None


def _bad(what: str, name: str, line: int) -> KemvoError:
    return KemvoError(
        Problem(
            what=f"This row cannot be read: {what}.",
            where=f"{name}, line {line}".strip(", "),
            mend="Mend that cell, or delete the row.",
        )
    )


def _day(text: str, name: str, line: int) -> date:
    try:
        return date.fromisoformat(text)
    except ValueError:
        raise _bad(f"“{text}” is no day; write it as 2026-11-26", name, line) from None


def _found(row: dict[str, str], forms: Forms, form_id: str) -> tuple[str, str, str]:
    """The form and the posture that a row names: their ids and the posture's name; empty where none is meant or known."""
    wished = row.get("form", "").casefold()
    at = next(
        (id_ for id_, f in forms.items() if wished and wished in (f.title.casefold(), id_.casefold())),
        "" if wished else form_id,
    )
    form = forms.get(at)
    if form is None:
        return "", "", ""
    name, number = row.get("posture", "").casefold(), row.get("number", "").casefold()
    # A posture done on its other side has its other side's name.
    fits = [
        p for p in form.postures()
        if name and name in (p.title().casefold(), p.name.casefold(), mirror_posture(p).title().casefold())
    ]  # fmt: skip
    fits = [p for p in fits if not number or p.number.casefold() == number] or fits
    if not fits and number and not name:
        fits = [p for p in form.postures() if p.number.casefold() == number]
    return (at, fits[0].id, fits[0].title()) if fits else ("", "", "")
