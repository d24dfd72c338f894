"""A text as words with their places; sides found, misheard words put right."""

from __future__ import annotations

import re
from typing import NamedTuple

from kemvo.core.language.abbreviations import CORNERS, POINT, POINTS, SHORT_FORMS
from kemvo.core.language.lexicon import NUMBERS
from kemvo.core.language.sides import side_words
from kemvo.core.reading.mishearings import put_right
from kemvo.core.types import Side

_WORD = re.compile(r"[A-Za-z]+(?:['’-][A-Za-z]+)*|\d+(?:\.\d+)?|%|°")
_SOUND = re.compile(
    r"[\[(](?:(?:\w+ )?music(?: playing| plays| stops| fades)?|applause|laughter|laughs|cheering|silence|inaudible|indistinct|bell(?: rings)?|cough(?:s|ing)?"
    r"|foreign|_+|\s)+[\])]",
    re.IGNORECASE,
)
""" "[Music]": what captions tell of sounds; nobody said it."""
DOTTED = frozenset(SHORT_FORMS) | {"lt", "rt"}
_HARD = re.compile(r"[.!?;\n]|\s[–—/-]\s")


class Token(NamedTuple):
    """A word: as it is meant (lower case), where it stands, its side if it means one, and what comes after it:
    a hard end (full stop, dash), a comma or colon, or nothing."""

    w: str
    start: int
    end: int
    side: Side | None
    hard: bool
    comma: bool


def tokens_of(text: str) -> list[Token]:
    """The words of a text, misheard ones put right."""
    text = without_sounds(text.replace("’", "'"))
    found = list(_WORD.finditer(text))
    raw = [m[0].lower() for m in found]
    if CAPITALS.search(text):
        raw = [CORNERS.get(m[0], w) for m, w in zip(found, raw, strict=True)]
        letters = {m.start(2) for m in POINT.finditer(text)}
        raw = [POINTS[m[0]] if m.start() in letters else w for m, w in zip(found, raw, strict=True)]
    words = put_right(
        raw, lambda i: i + 1 < len(found) and not _HARD.search(text[found[i].end() : found[i + 1].start()])
    )
    mended = _with_mended_sides(text, found, raw, words)
    sides = {w.start: w.side for w in side_words(mended)} if len(mended) == len(text) else {}
    if len(mended) != len(text):
        sides = _sides_by_order(mended, found, words)
    out: list[Token] = []
    between = ""
    last = len(found) - 1
    for i, m in enumerate(found):
        before, between = between, text[m.end() : found[i + 1].start() if i < last else len(text)]
        hard, comma = i == last, False
        if between != " ":
            if between.startswith(".") and between != "." and m[0].lower() in DOTTED:
                between = between[1:]  # "Wt. on R"
            hard = hard or bool(_HARD.search(between))
            comma = "," in between or (":" in between and not (between == ":" and m[0].isdigit()))
        token = Token(words[i], m.start(), m.end(), sides.get(m.start()), hard, comma)
        out += _parted(token) if "-" in words[i] else (token,)
        if before == "/":
            out[-2:] = _fraction(*out[-2:])
    return out


CAPITALS = re.compile(r"\b[NESW]{1,2}\b")
FRACTIONS = {"2": "half", "3": "third", "4": "quarter", "8": "eighth"}
FRACTION_WORDS = frozenset("third thirds quarter quarters half halves eighth eighths".split())


def _parted(t: Token) -> tuple[Token, ...]:
    """ "Two-thirds", "sixty-forty" as two words; "forty-five" stays one."""
    head, _, part = t.w.rpartition("-")
    if head not in NUMBERS or (part not in FRACTION_WORDS and NUMBERS.get(part, 0) < 10):
        return (t,)
    at = t.end - len(part)
    return Token(head, t.start, at - 1, None, False, False), t._replace(w=part, start=at)


def _fraction(above: Token, below: Token) -> tuple[Token, Token]:
    """ "3/4" as "3 quarters"; "70/30" stays two numbers."""
    part = FRACTIONS.get(below.w)
    if part is None or not above.w.isdigit() or int(above.w) >= int(below.w):
        return above, below
    return above, below._replace(w=part if above.w == "1" else f"{part}s" if part != "half" else part)


def without_sounds(text: str) -> str:
    """A text with blanks where captions tell of a sound."""
    return _SOUND.sub(lambda m: " " * len(m[0]), text) if "[" in text or "(" in text else text


def _with_mended_sides(text: str, found: list[re.Match[str]], raw: list[str], words: list[str]) -> str:
    """The text with misheard side words replaced, so that the rules for left and right see what was meant."""
    if raw == words:
        return text
    out, at = [], 0
    for m, before, meant in zip(found, raw, words, strict=True):
        if before != meant and (meant in ("left", "right") or before in ("left", "right", "wait")):
            out += [text[at : m.start()], meant]
            at = m.end()
    return "".join([*out, text[at:]])


def _sides_by_order(mended: str, found: list[re.Match[str]], words: list[str]) -> dict[int, Side]:
    """Sides of the mended text, by the place of the word in the text as it was."""
    places = [m.start() for m in _WORD.finditer(mended)]
    at = {w.start: w.side for w in side_words(mended)}
    return {found[i].start(): at[p] for i, p in enumerate(places) if p in at and i < len(words)}
