"""What text files have in common: their encoding, times as they are written."""

from __future__ import annotations

import codecs
from collections.abc import Iterable
from typing import BinaryIO

from kemvo.core.errors import KemvoError, Problem

CLOCK = r"(?:\d{1,2}:)?\d{1,3}:[0-5]\d(?:[.,]\d{1,3})?"
"""A time as it is written: "0:12", "1:02:03.450"."""

UTF_16 = (codecs.BOM_UTF16_LE, codecs.BOM_UTF16_BE)


WESTERN = frozenset("‘’‚“”„–—…•·°½¼¾¹²³«»´×€£§©®™¡¿\u00a0")
"""Signs that texts of older Windows programs (code page 1252) have besides letters."""

SELDOM, SIGNS_SELDOM = 10, 4
"""At most one letter in so many is none of plain English there, and one character in so many is a sign or such a letter: a line may
be all quotation marks and dashes."""


MOST_TEXT_BYTES = 20_000_000
"""The largest file of a text, a form or a session, in bytes."""


def bounded(source: BinaryIO, name: str, most: int) -> bytes:
    """The content of a file. Raises KemvoError when it is larger than `most` bytes."""
    data = source.read(most + 1)
    if len(data) > most:
        raise too_large(name, most, "Choose a form, a session or a text.")
    return data


def too_large(name: str, most: int, mend: str) -> KemvoError:
    """The error for a file of more than `most` bytes."""
    return KemvoError(Problem(what=f"This file is larger than {most // 1_000_000} MB.", where=name[:200], mend=mend))


def decoded(data: bytes, name: str) -> str:
    """The text of a file, in UTF-8, in UTF-16 where it begins with its mark, or as older Windows programs write it. Raises
    KemvoError for anything else."""
    try:
        text = data.decode("utf-16" if data.startswith(UTF_16) else "utf-8-sig")
        if "\0" in text:
            raise KemvoError(Problem(what="This file is not text.", where=name, mend="Choose a text file."))
        return text
    except UnicodeDecodeError:
        western = None if data.startswith(UTF_16) else _western(data)
        if western is not None:
            return western
        raise KemvoError(
            Problem(
                what="This file is not UTF-8 text.", where=name, mend="Save it as text in UTF-8, then open it again."
            )
        ) from None


def _western(data: bytes) -> str | None:
    """A text in code page 1252; None where it would be a strange one."""
    try:
        text = data.decode("cp1252")
    except UnicodeDecodeError:
        return None
    others = [c for c in text if c > "\x7f"]
    known = all(c.isalpha() or c in WESTERN for c in others) and all(c >= " " or c in "\t\r\n\f" for c in text)
    letters = sum(c.isalpha() for c in others)
    plain = letters * SELDOM <= len(text) and len(others) * SIGNS_SELDOM <= len(text)
    return text if known and plain else None


def unquoted(text: str) -> str:
    """A text without the ">" before every line that a quoted letter has; any other as it is."""
    lines = text.splitlines()
    if not lines or not all(line.startswith(">") and not line.startswith(">>") for line in lines if line.strip()):
        return text
    return "\n".join(line.removeprefix(">").removeprefix(" ") for line in lines)


def unknown_ending(does: str, things: str, name: str, mend: str, endings: Iterable[str]) -> KemvoError:
    """The error for a file of another kind: Kemvo `does` ("does not read") `things` of that ending; `mend`: what to do."""
    ending = name.rsplit(".", 1)[-1].lower() if "." in name else ""
    listed = ", ".join(f".{e}" for e in endings)
    return KemvoError(Problem(what=f"Kemvo {does} “.{ending}” {things}.", where=name, mend=f"{mend} {listed}."))


def stamp_ms(stamp: str) -> int:
    """Milliseconds of a time such as "1:02:03.450" or "2:03,4"."""
    whole, _, part = stamp.replace(",", ".").partition(".")
    seconds = 0
    for unit in whole.split(":"):
        seconds = 60 * seconds + int(unit)
    return seconds * 1000 + int(part.ljust(3, "0")[:3])
