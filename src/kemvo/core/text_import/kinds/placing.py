"""Lines put where their kind belongs: cautions and gentler ways to their posture, talk and notes to the notes, references made real."""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import NamedTuple

from kemvo.core.facts import Fact
from kemvo.core.language import lexicon as lx
from kemvo.core.language.sides import first_side
from kemvo.core.text_import.form_builder import FormBuilder
from kemvo.core.text_import.kinds.labels import LineKind, without_label
from kemvo.core.text_import.one_line.as_before import OTHER, Reference, reference
from kemvo.core.text_import.one_line.labels import labelled, unlabelled
from kemvo.core.text_import.one_line.posture_lines import ANNOUNCING, LEADING, NUMBERS, count_in, name_line
from kemvo.core.text_import.several_in_a_line import part_of
from kemvo.core.text_import.whole_text.headings import BODY, COMMANDS, MOVES
from kemvo.core.text_import.whole_text.script import ReadEntry

LONGEST_NAME = 8
"""A name that is said in a sentence has at most so many words (own choice)."""


def caution(building: FormBuilder, text: str) -> bool:
    """Put a caution to the posture that is being told. False when there is none: then it is a note."""
    return building.caution(_bare(text))


def gentler(building: FormBuilder, text: str) -> bool:
    """Put a gentler or another way to the posture that is being told. False when there is none."""
    return building.gentler(_bare(text))


def _bare(text: str) -> str:
    said = without_label(unlabelled(text).strip())
    inside = re.fullmatch(r"\((.*)\)\.?", said)
    return (inside[1] if inside else said)[:2000]


_OTHER = re.compile(
    rf"\b(?:{'|'.join(OTHER)}|mirrored|reversed?|exchanged|change (?:sides|legs|feet)|swap|o\.?\s?s)\b", re.IGNORECASE
)
_TIMES = re.compile(
    rf"\b(?:[x×]\s*(\d{{1,2}})|(\d{{1,2}}|{'|'.join(sorted(NUMBERS, key=len, reverse=True))})\s*(?:x|×|times\b|(?=of (?:those|these|them)\b))|(twice|thrice))",
    re.IGNORECASE,
)
_NUMBERS = re.compile(r"(?<![\d.])(\d{1,3})(?:\s*(?:to|through|[-–—]|and|&)\s*(\d{1,3}))?(?![\d.%])")
_PART_OF_IT = re.compile(r"\b(?:steps?|both|those two|last|\d+\.\d+)\b", re.IGNORECASE)


def refer(building: FormBuilder, text: str) -> bool:
    """Do once more what a line refers back to. False where that cannot be told: then it is asked, and nothing is made up."""
    said = unlabelled(text)
    plainly, number = reference(said), name_line(text).number
    other = bool(_OTHER.search(said))
    if plainly is not None:
        return building.again(plainly._replace(other=True, to=None) if other else plainly, number)
    times = _TIMES.search(said)
    side = first_side(said)
    if times and not other:
        word = next(g for g in times.groups() if g)
        more = 1 if re.search(r"\bmore\b", said) else 0
        return not _PART_OF_IT.search(said) and building.repeated(count_in(word) + more)
    numbers = _NUMBERS.search(said)
    if _PART_OF_IT.search(said):
        return False
    if numbers:
        return building.again(Reference(numbers[1], numbers[2] or numbers[1], "", other, side), number)
    return building.again(Reference(other=other, to=None if other else side), number)


LEADS = LEADING | frozenset("thing after finally it's came began begun was were went".split())
"""Words that lead up to a name in a line that announces one."""

_SIDE_AFTER = re.compile(
    r"^[\s,(]*(?:(?:on|to)\s+the\s+)?(left|right)(?:\s+side)?(?:\s+first)?\s*[.!)]*$", re.IGNORECASE
)
""" "…the sails, left side first"."""

SPOKEN_OF = frozenset("from was were after before".split())
""" "From the opening we go on", "that was single whip": what is only spoken of begins nothing."""


class Named(NamedTuple):
    """A name that a spoken line begins with, and where what it tells besides begins; None where it tells no more."""

    name: str
    rest: int | None


_WORD = re.compile(r"[^\W_]+(?:['’][^\W_]+)?")
_BREAKS = frozenset(
    "you we so with and then where your for because which i it's that's this now but when from starting left right".split()
)
_NAME_GOES_ON = frozenset("and with from on".split())
"""After these a name may go on where what comes is no word of the body or of doing."""


def name_said(text: str, facts: Sequence[Fact], clauses: Sequence[int]) -> Named | None:
    """The name in a line that announces a posture: "okay so next one is gathering the reeds, stand…" → "Gathering the reeds". None where
    no name is left when what leads up to it is taken off."""
    bare_at = len(text) - len(unlabelled(text))
    words = [(m.group(), m.start(), m.end()) for m in _WORD.finditer(text, bare_at)]
    k = 0
    while k < len(words) and words[k][0].lower() in LEADS:
        k += 1
    while (
        0 < k < len(words) and words[k - 1][0].lower() in ("in", "on", "back") and words[k][0].lower() in ("the", "a")
    ):
        k -= 1
    led = {w.lower() for w, _, _ in words[:k]}
    announced = not ANNOUNCING.isdisjoint(led)
    if k >= len(words) or words[k][0].lower() in SPOKEN_OF or (led & SPOKEN_OF and not announced):
        return None
    begin, end, used = words[k][1], len(text), 0
    if not announced and any(f.kind in MOVES and f.start <= begin < f.end for f in facts):
        return None  # "and step out to the left" is done
    stops = {c for c in clauses if c > begin} | {
        f.start for f in facts if f.kind != "posture" and f.start > begin and f.kind != "turn"
    }
    for n, (word, a, _) in enumerate(words[k:]):
        low = word.lower()
        following = words[k + n + 1][0].lower() if k + n + 1 < len(words) else ""
        joined = text[words[k + n - 1][2] : a] if n else ""
        if n and (
            re.search(r"[,.:;!?(–—]", joined)
            or (n >= 1 + (low not in ("left", "right")) and _breaks(low, following))
            or (n >= 2 and a in stops)
        ):
            end = a
            break
        used = n + 1
    name = text[begin:end].strip(" ,.:;!?-–—(")
    side = _SIDE_AFTER.match(text[end:])
    if side and name:
        return Named(f"{name[:1].upper()}{name[1:]}, {side[1].lower()}", None)
    rest = end if end < len(text) and len(_WORD.findall(text[end:])) >= 2 else None
    if not name or used > LONGEST_NAME or not _WORD.search(name):
        return None
    return Named(name[:1].upper() + name[1:], rest)


def announces_only(text: str) -> bool:
    """Whether a line is a sentence in which no name was found: it is too long for one, or begins as people speak."""
    words = [w.lower() for w in _WORD.findall(text)]
    return not labelled(text) and (len(words) > LONGEST_NAME or bool(words[:1] and words[0] in LEADING - {"opening"}))


def _breaks(word: str, following: str) -> bool:
    doing = following in BODY | COMMANDS | lx.FOOT or following in ("left", "right", "the", "we", "you")
    return word in _BREAKS and (word not in _NAME_GOES_ON or doing)


def rest_of(r: ReadEntry, begin: int) -> ReadEntry:
    """What an entry tells from a place on."""
    text = r.entry.text
    by = len(text) - len(text[begin:].lstrip(" ,.:;!?-–—"))
    rest = part_of(r, by, len(text))
    return rest._replace(entry=rest.entry._replace(given=None))


NOT_SPOKEN: frozenset[LineKind] = frozenset({"note", "talk"})
"""These are for the sheet, and never spoken."""
