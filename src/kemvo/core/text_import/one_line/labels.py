"""The labels of lists: "5.", "IV.", "Posture 7 -", "(b)", a bullet."""

from __future__ import annotations

import re

_ROMAN = r"(?-i:[IVXL]{1,6})"
_LETTERED = r"(?-i:[A-K]\d{1,2})"
_NUMBER = rf"(?:\d{{1,3}}|{_ROMAN}|{_LETTERED})"

NUMBER = re.compile(
    rf"^\s*(?:(?:posture|no\.?|number)\s+)?(\d{{1,3}}[a-z]?|(?:{_ROMAN}|{_LETTERED})(?=\s*[.):]))\s*[-–—.):](?!\d)\s*",
    re.IGNORECASE,
)
"""A number before a name."""

NUMBER_LABEL = re.compile(rf"\s*\(?{_NUMBER}[.)]\s")
"""A number as lists have it."""

DECIMAL = re.compile(r"\s*\d{1,3}\.\d{1,3}\.?\s+(?=[^\W\d_])")
""" "2.1": the first thing under the second."""

_LOWER = r"\(?[a-z][.)]|[-*+•–]|\d{1,3}\.\d{1,3}\.?|step\s+\d{1,3}\s*[.:)–—-]"

LOWER_LABEL = re.compile(rf"\s*(?!{_ROMAN}[.)])(?:{_LOWER}|[ivx]{{2,}}[.)])\s", re.IGNORECASE)
"""A letter, a bullet, a small Roman number, "2.1", "Step 3:": what stands below numbers."""

_NUMBERED = re.compile(
    rf"\s*(?:(?:posture|no\.?|number)\s+)?\(?({_NUMBER})\s*(?:[.):]|(?<=\d)[-–—](?!\d)|(?<=\d\s)[-–—](?!\d))\s",
    re.IGNORECASE,
)
_LABEL = re.compile(rf"^\s*(?:{_LOWER}|\(?(?:\d{{1,3}}|[ivx]{{1,4}}|{_ROMAN}|{_LETTERED})[.)])\s+(?=\S)", re.IGNORECASE)
_VALUES = {"I": 1, "V": 5, "X": 10, "L": 50}


def number_of(label: str) -> int:
    """The number that a label is, also a Roman one; "B2" comes after all of A; 0 for none."""
    if label.isdecimal():
        return int(label)
    if re.fullmatch(r"[A-K]\d{1,2}", label):
        return 100 * (ord(label[0]) - ord("A") + 1) + int(label[1:])
    if not label or not set(label) <= _VALUES.keys():
        return 0
    values = [_VALUES[c] for c in label]
    return sum(-a if a < b else a for a, b in zip(values, [*values[1:], 0], strict=True))


def numbered_as(text: str) -> int:
    """The number that a line begins with; 0 for none."""
    found = _NUMBERED.match(text)
    return number_of(found[1]) if found else 0


def labelled(text: str) -> bool:
    """Whether a line has the label of a list."""
    return _LABEL.match(text) is not None


def unlabelled(text: str) -> str:
    """A line without the label of a list: its number, its letter or its mark."""
    return _LABEL.sub("", text, count=1)


def unnumbered(text: str) -> str:
    """A line without its number."""
    return NUMBER.sub("", text, count=1)
