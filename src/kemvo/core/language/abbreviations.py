"""Abbreviations used in handouts and notes ("wt R, LF fwd"): what they stand for, and how a voice says them (common practice, no source)."""

from __future__ import annotations

import re

SHORT_FORMS: dict[str, str] = {
    "wt": "weight", "fwd": "forward", "bwd": "backward", "bkwd": "backward", "bk": "back", "tog": "together", "inh": "inhale",
    "exh": "exhale", "deg": "degrees", "degs": "degrees", "pct": "percent", "secs": "seconds", "ft": "foot",
    "ctr": "centre", "hd": "hand", "hds": "hands",
}  # fmt: skip
"""Words of notes, whatever their case, with or without a full stop."""

SHORT_SIDES: dict[str, str] = {
    "LF": "left foot",
    "RF": "right foot",
    "LH": "left hand",
    "RH": "right hand",
    "LL": "left leg",
    "RL": "right leg",
}
"""A side and what it belongs to, in capitals."""

CORNERS: dict[str, str] = {"NE": "north-east", "NW": "north-west", "SE": "south-east", "SW": "south-west"}
"""Corners of the compass, in capitals."""

POINTS: dict[str, str] = {"N": "north", "E": "east", "S": "south", "W": "west"}
POINT = re.compile(r"\b((?i:to|face|faces|facing|towards?)\s+)([NESW])\b")
""" "Face E": a point of the compass by its letter, where only one can be meant."""

_SHORT = re.compile(
    rf"\b(?:({'|'.join(SHORT_FORMS)})\b\.?|({'|'.join({**SHORT_SIDES, **CORNERS})})\b|([lr]t)\b\.?)", re.IGNORECASE
)
_SHARED = re.compile(r"\b(\d{1,2})\s*/\s*(\d{1,2})\b")
_WITH = re.compile(r"\bw/\s*")
_ARROW = re.compile(r"\s*(?:→|->)\s*")


def written_out(text: str) -> str:
    """A text with its short forms as words: "wt R, LF fwd" → "weight R, left foot forward", "70/30" → "70 30"."""
    text = _WITH.sub("with ", _ARROW.sub(" to ", _SHARED.sub(_shared, text)))
    return _SHORT.sub(_word, POINT.sub(lambda m: m[1] + POINTS[m[2]], text))


def _shared(m: re.Match[str]) -> str:
    """Two shares of the weight; a date or a fraction stays."""
    return f"{m[1]} {m[2]}" if int(m[1]) + int(m[2]) == 100 else m[0]


def _word(m: re.Match[str]) -> str:
    if m[2]:
        return {**SHORT_SIDES, **CORNERS}.get(m[2], m[0])
    word = SHORT_FORMS[m[1].lower()] if m[1] else "left" if m[3][0] in "lL" else "right"
    return word.capitalize() if m[0][:1].isupper() else word
