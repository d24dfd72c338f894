"""The kinds of lines, and the labels by which a line says its own: "Caution:", "Easier:", "Note:"."""

from __future__ import annotations

import re
from typing import Literal, NamedTuple, get_args

LineKind = Literal[
    "title", "section", "posture", "movement", "continuation", "note", "caution", "gentler", "reference", "talk"
]
"""What a line is: the form's title; a part's; a posture's name, perhaps with movements after it; a movement; the rest of a
sentence; a note about the form; a caution; a gentler or another way; what was told before, once more; talk."""

KINDS: tuple[LineKind, ...] = get_args(LineKind)


class KindWords(NamedTuple):
    """A kind in words: as it stands beside a line, and as the instructor is asked ("Is this …?")."""

    short: str
    asked: str


KIND_WORDS: dict[LineKind, KindWords] = {
    "title": KindWords("title", "the title of the form"),
    "section": KindWords("section", "the title of a section"),
    "posture": KindWords("posture", "the name of a posture"),
    "movement": KindWords("movement", "a movement"),
    "continuation": KindWords("goes on", "a part of the movement before"),
    "note": KindWords("note", "a note, never spoken"),
    "caution": KindWords("caution", "a caution"),
    "gentler": KindWords("other way", "a gentler or another way"),
    "reference": KindWords("done again", "something done again"),
    "talk": KindWords("talk", "talk, never spoken"),
}

PLAIN_LABELS: dict[str, LineKind] = {
    **dict.fromkeys("caution cautions care careful warning safety".split(), "caution"),
    **dict.fromkeys(
        "gentler gentle easier harder option options variation variations variant alternative alternatives modification modifications".split(), "gentler"
    ),
    **dict.fromkeys("note notes teacher teaching tip tips image reminder homework".split(), "note"),
}  # fmt: skip
"""What the word before a colon says of its line, without a doubt (common practice, no source)."""

LABELS: dict[str, LineKind] = {
    **PLAIN_LABELS,
    **dict.fromkeys("attention watch beware knees knee back important".split(), "caution"),
    **dict.fromkeys("easy modify seated chair chairs beginners or".split(), "gentler"),
    **dict.fromkeys(
        "focus aim comment tempo music key legend group time equipment intention check ask remember theme level start count counts".split(), "note"
    ),
    **dict.fromkeys("talk say story chat joke".split(), "talk"),
    **dict.fromkeys("section part chapter".split(), "section"),
    **dict.fromkeys("repeat again ditto".split(), "reference"),
}  # fmt: skip
"""…and what it often says."""


def plainly(text: str) -> LineKind | None:
    """The kind of a line whose label leaves no doubt: "Caution: mind the step"."""
    found = re.match(r"^[^\w]*([A-Za-z]+)\W*:\W*\s", text)
    return PLAIN_LABELS.get(found[1].lower()) if found else None


_LABELLED = re.compile(r"^\W*([A-Za-z]+)(?:\s+(?:[a-z]+|\d+)){0,2}\s*(?::|\s[–—-]\s)\s*(?=\S)")


def label_of(text: str) -> LineKind | None:
    """What a line says of itself by a label: "Sore knees: half the depth" is "gentler" only by its words, "Easier: no step" by its label."""
    found = _LABELLED.match(text)
    return LABELS.get(found[1].lower()) if found else None


_LABEL_ALONE = re.compile(
    rf"^\W*(?:{'|'.join(sorted((w for w, k in LABELS.items() if k in ('caution', 'gentler', 'note')), key=len, reverse=True))})\s*:\s*",
    re.IGNORECASE,
)


def without_label(text: str) -> str:
    """The words after a label that says what they are: "Caution: mind the knee" → "mind the knee"."""
    rest = _LABEL_ALONE.sub("", text, count=1)
    return rest[:1].upper() + rest[1:] if rest and rest != text else text


A_PART = r"^(?:section|part|chapter|set|group|half|phrase|verse|round|block)\s+(?:\d+|[ivxl]+|[a-k]|one|two|three|four|five|six|seven|eight|nine|ten|first|last)\b"
NUMBERED_PART = re.compile(A_PART + r".{0,60}$", re.IGNORECASE)
""" "Part two", "Section B: the stones": a title that says itself what it is."""
