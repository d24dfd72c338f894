"""Tables as CSV, read and written within bounds and safely for spreadsheets."""

from __future__ import annotations

import csv
import io
import re
from collections.abc import Iterable, Iterator

from kemvo.core.errors import KemvoError, Problem

_FORMULA = re.compile(r"^[=+\-@\t\r]")
_NUMBER = re.compile(r"^[+-]?\d+(?:[.,]\d+)?$")
_MADE_SAFE = re.compile(r"^'(?=[=+\-@\t\r])")


def csv_text(rows: Iterable[Iterable[object]]) -> str:
    """Rows as CSV. A cell that a spreadsheet would take for a formula gets an apostrophe before it (OWASP, "CSV injection");
    `csv_rows` takes it off again."""
    file = io.StringIO()
    out = csv.writer(file)
    out.writerows([_safe(cell) for cell in row] for row in rows)
    return file.getvalue()


def _safe(cell: object) -> object:
    risky = isinstance(cell, str) and _FORMULA.match(cell) and not _NUMBER.match(cell)
    return f"'{cell}" if risky else cell


def csv_rows(
    text: str, name: str, dialect: type[csv.Dialect] | csv.Dialect = csv.excel
) -> Iterator[tuple[int, list[str]]]:
    """The rows of a CSV text, each with the number of its line. Raises KemvoError where it is no table."""
    reader = csv.reader(io.StringIO(text, newline=""), dialect)
    try:
        for row in reader:
            yield reader.line_num, [_MADE_SAFE.sub("", cell) for cell in row]
    except csv.Error as error:
        raise KemvoError(
            Problem(
                what=f"This table cannot be read: {error}.",
                where=", ".join(x for x in (name, f"line {reader.line_num}") if x),
                mend="See whether a quotation mark is missing near that line, then save it as CSV again.",
            )
        ) from None
