"""Left and right in texts: which words mean a side, and the same text for the other side.

"Right" and "left" are also ordinary words ("right in front of you"): `ordinary_words` has them; all else is a side. Direction words (clock words, compass words,
clockwise) change with the sides.

Mirroring twice gives the text back letter for letter. Where a mirrored word would by itself read as an
ordinary one ("left in front" becomes "right in front"), it carries an invisible mark that says "this is
a side"; the same mark, repeated, keeps spellings apart that have one mirror image (anticlockwise and
counterclockwise). `spoken` takes the marks out.
"""

from __future__ import annotations

import re
from collections.abc import Mapping
from functools import lru_cache
from typing import NamedTuple

from kemvo.core.language.abbreviations import POINT
from kemvo.core.language.ordinary_words import MARK, is_ordinary
from kemvo.core.types import OTHER_SIDE, Front, Side

_WORDS: dict[str, tuple[Side, str]] = {
    "left": ("L", "right"),
    "right": ("R", "left"),
    "lefts": ("L", "rights"),
    "rights": ("R", "lefts"),
    "leftward": ("L", "rightward"),
    "rightward": ("R", "leftward"),
    "leftwards": ("L", "rightwards"),
    "rightwards": ("R", "leftwards"),
    "leftmost": ("L", "rightmost"),
    "rightmost": ("R", "leftmost"),
    "L": ("L", "R"),
    "R": ("R", "L"),
    "lt": ("L", "rt"),
    "rt": ("R", "lt"),
    "LF": ("L", "RF"),
    "RF": ("R", "LF"),
    "LL": ("L", "RL"),
    "RL": ("R", "LL"),
    "LH": ("L", "RH"),
    "RH": ("R", "LH"),
}

_HOURS = ("twelve", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven")

_TURNS = ("anticlockwise", "counterclockwise", "anti-clockwise", "counter-clockwise")
"""Spellings whose mirror image is "clockwise", told apart by 0 to 3 marks."""

_EAST_WEST = {"east": "west", "west": "east", "E": "W", "W": "E"}
_NORTH_SOUTH = {"north": "south", "south": "north", "N": "S", "S": "N"}
_BESIDE: dict[Front, dict[str, str]] = {
    "north": _EAST_WEST,
    "south": _EAST_WEST,
    "east": _NORTH_SOUTH,
    "west": _NORTH_SOUTH,
}
"""The points of the compass beside a form's front, which change."""

_SIDE_TOKEN = re.compile(
    rf"(?:(?<![\w{MARK}])|(?<=\b\d\d)(?=[LR]\b))(?P<word>(?i:lefts?|rights?|leftwards?|rightwards?|leftmost|rightmost|lt|rt)|LF|RF|LL|RL|LH|RH|L|R)(?P<mark>{MARK}*)(?![\w])"
)
_CLOCK = re.compile(r"\b(?P<hour>\d{1,2}|" + "|".join(_HOURS) + r")(?=(?:\s|-)+o[’']\s?clock\b)", re.IGNORECASE)
_TURN = re.compile(rf"\b(?P<word>(?:anti|counter)-?clockwise|clockwise)(?P<mark>{MARK}*)(?!\w)", re.IGNORECASE)
_POINT = re.compile(
    r"\b(?P<first>north|south|east|west)(?P<hyphen>-?)(?P<second>east|west)?(?P<tail>erly|ern|ward|wards)?\b",
    re.IGNORECASE,
)
_CORNER = re.compile(r"\b([NS])([EW])\b")
""" "NW" (in capitals only)."""


class SideWord(NamedTuple):
    """A word that means a side, where it stands in the text, and which side it means."""

    start: int
    end: int
    side: Side


def side_words(text: str) -> list[SideWord]:
    """The words of a text that mean a side, in order. Ordinary uses of left and right are not among them."""
    return [
        SideWord(m.start(), m.end(), _WORDS[_key(m["word"])][0])
        for m in _SIDE_TOKEN.finditer(text)
        if m["mark"] or not is_ordinary(m["word"], text, m.start(), m.end())
    ]


@lru_cache(maxsize=8192)
def first_side(text: str) -> Side | None:
    """The side a text names first, or None if it names none."""
    found = side_words(text)
    return found[0].side if found else None


def mirror_text(text: str, front: Front = "north") -> str:
    """A text turned over for the other side: sides, clock words, the points of the compass beside the form's `front`, and ways of turning
    change."""
    if not _MAY_CHANGE.search(text):
        return text
    points = _BESIDE[front]
    text = _CORNER.sub(lambda m: points.get(m[1], m[1]) + points.get(m[2], m[2]), text)
    text = POINT.sub(lambda m: m[1] + points.get(m[2], m[2]), text)
    text = _POINT.sub(lambda m: _mirror_point(m, points), _CLOCK.sub(_mirror_hour, text))
    return _mirror_sides(_TURN.sub(_mirror_turn, text))


_MAY_CHANGE = re.compile(
    r"left|right|clock|north|south|east|west|\b[NS]?[EW]\b|\b[NS]\b|(?:\b|\d)[LR][FHLT]?\b", re.IGNORECASE
)


def _mirror_sides(text: str) -> str:
    """Swap the side words; mark a swapped word that would otherwise read as an ordinary one.

    What each word means is decided in the text as it stands; whether a mark is needed, in the finished
    text, so that reading the result again decides the same.
    """
    tokens = list(_SIDE_TOKEN.finditer(text))
    sides = {w.start for w in side_words(text)}
    pieces: list[str] = []
    spots: list[tuple[int, int, str]] = []
    at = length = 0
    for m in tokens:
        if m.start() not in sides:
            continue
        new = _cased(_WORDS[_key(m["word"])][1], m["word"])
        head = text[at : m.start()]
        pieces += [head, new]
        length += len(head)
        spots.append((length, length + len(new), new))
        length += len(new)
        at = m.end()
    plain = "".join([*pieces, text[at:]])
    out, last = [], 0
    for start, end, word in spots:
        out.append(plain[last:end])
        if is_ordinary(word, plain, start, end):
            out.append(MARK)
        last = end
    return "".join([*out, plain[last:]])


def _key(word: str) -> str:
    return word if word in _WORDS else word.lower()


def _cased(word: str, like: str) -> str:
    if like.isupper():
        return word.upper()
    return word.capitalize() if like[:1].isupper() else word


def _mirror_hour(m: re.Match[str]) -> str:
    hour = m["hour"]
    if hour.isdigit():
        number = int(hour)
        return str(12 - number) if 1 <= number <= 11 and not hour.startswith("0") else hour
    return _cased(_HOURS[-_HOURS.index(hour.lower()) % 12], hour)


def _mirror_turn(m: re.Match[str]) -> str:
    word, marks = m["word"], len(m["mark"])
    if word.lower() == "clockwise":
        return _cased(_TURNS[marks], word) if marks < len(_TURNS) else m[0]
    return _cased("clockwise", word) + MARK * _TURNS.index(word.lower()) if not marks else m[0]


def _mirror_point(m: re.Match[str], points: Mapping[str, str]) -> str:
    first, second = (_cased(points.get(w.lower(), w.lower()), w) if w else "" for w in (m["first"], m["second"]))
    return first + m["hyphen"] + second + (m["tail"] or "")


def other(side: Side | None) -> Side | None:
    """The other side, or None for none."""
    return OTHER_SIDE[side] if side else None
