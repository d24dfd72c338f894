"""What text files have in common: their encoding, times as they are written."""

from __future__ import annotations

import codecs
from collections.abc import Iterable

from kemvo.core.problem import KemvoError, Problem

CLOCK = r"(?:\d{1,2}:)?\d{1,3}:[0-5]\d(?:[.,]\d{1,3})?"
"""A time as it is written: "0:12", "1:02:03.450"."""

UTF_16 = (codecs.BOM_UTF16_LE, codecs.BOM_UTF16_BE)


def decoded(data: bytes, name: str) -> str:
    """The text of a file, in UTF-8 or, where it begins with its mark, UTF-16. Raises KemvoError for anything else."""
    try:
        return data.decode("utf-16" if data.startswith(UTF_16) else "utf-8-sig")
    except UnicodeDecodeError:
        raise KemvoError(
            Problem(
                what="This file is not UTF-8 text.", where=name, mend="Save it as text in UTF-8, then open it again."
            )
        ) from None


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
