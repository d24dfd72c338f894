"""What a cue says, in up to three lengths, made from the instructor's own line.

The shortening only ever takes words away, never adds or turns them, so that no wording can say another
side than the line does.
"""

from __future__ import annotations

import re
from functools import lru_cache
from typing import Literal, NamedTuple

from kemvo.core.language.abbreviations import written_out
from kemvo.core.language.sides import side_words, spoken
from kemvo.core.model.form import Movement
from kemvo.core.timing.weight_curve import full_side
from kemvo.core.types import SIDE_WORD

Length = Literal["full", "short", "keyword"]
LENGTHS: tuple[Length, ...] = ("full", "short", "keyword")

TEXTS_KEPT = 8192
"""How many texts are remembered: the same lines come again with every edit of a form."""

SHORT_WORDS = 6
"""The longest short wording, in words: about two and a half seconds at 130 words a minute."""

_DROPPED = frozenset(
    (
        "a an the your my our his her their its very just gently slowly softly quietly simply slightly "
        "now then please again also both it"
    ).split()
)
"""Words a short wording does without. "Both" is among them only before a noun it does not change."""

_AMOUNTS = frozenset({"little", "bit", "few", "third", "half", "quarter"})
"""After "a", words that would change their meaning without it."""

_LINKS = frozenset(("and or but to of in on at with from into onto for by as while so until over under").split())
"""Words that begin a phrase: a wording is cut before them, and does not end on one it was cut after."""

_CLAUSE = re.compile(r"\s*(?:[,;:.!?()\u2014\u2013]|\s-\s|\b(?:and|while|as|then|so|until|with)\b)\s*", re.IGNORECASE)
_LETTER_SIDE = re.compile(r"\b([LR])\b(?!['’-]|\s*shaped?)")
_PERCENT = re.compile(r"(\d)\s*%")
_DEGREES = re.compile(r"(\d)\s*°")


class Wording(NamedTuple):
    """One way to say a cue."""

    length: Length
    text: str


@lru_cache(maxsize=TEXTS_KEPT)
def sayable(text: str) -> str:
    """A text as a voice should say it: signs written out, marks and stray punctuation taken away."""
    text = _PERCENT.sub(r"\1 percent", _DEGREES.sub(r"\1 degrees", written_out(spoken(text))))
    text = _LETTER_SIDE.sub(lambda m: "left" if m[1] == "L" else "right", text)
    text = " ".join(text.split()).strip(" ,;:-\u2013\u2014")
    return text if re.search(r"\w", text) else ""


def wordings_of(m: Movement, left_from: int) -> tuple[Wording, ...]:
    """The wordings of a movement, longest first, each one different and none with more words than the one before.

    The instructor's own (`m.cues`) go before those made from the line; a movement without a line is told
    from its foot action or its weight.
    """
    full = sayable(m.cues.full) or sayable(m.line) or _from_facts(m, left_from)
    return _wordings(full, m.cues.short, m.cues.keyword)


@lru_cache(maxsize=TEXTS_KEPT)
def _wordings(full: str, own_short: str, own_keyword: str) -> tuple[Wording, ...]:
    short = sayable(own_short) or shortened(full)
    keyword = sayable(own_keyword) or keyword_of(short or full)
    return distinct(("full", full), ("short", short), ("keyword", keyword))


def distinct(*wordings: tuple[Length, str]) -> tuple[Wording, ...]:
    """Those of the wordings that say something and are not the same as a longer one."""
    kept: list[Wording] = []
    for length, text in wordings:
        if text and all(text.casefold() != k.text.casefold() for k in kept):
            kept.append(Wording(length, text))
    return tuple(kept)


@lru_cache(maxsize=TEXTS_KEPT)
def shortened(full: str) -> str:
    """The first thing a line says, without articles and manner words, at most `SHORT_WORDS` words."""
    clauses = [c for c in _CLAUSE.split(full) if re.search(r"\w", c)]
    if not clauses:
        return full
    words = clauses[0].split()
    kept = [
        w
        for w, after in zip(words, [*words[1:], ""], strict=True)
        if w.casefold() not in _DROPPED or (w.casefold() == "a" and after.casefold() in _AMOUNTS)
    ]
    if len(kept) > SHORT_WORDS:
        kept = _before_link(kept[: SHORT_WORDS + 1])
    return _capital(" ".join(kept) or clauses[0])


def _before_link(words: list[str]) -> list[str]:
    """A row of words cut where its last phrase begins ("foot steps out | to shoulder"), or one word shorter."""
    for at in range(len(words) - 1, 1, -1):
        if words[at].casefold() in _LINKS and words[at - 1].casefold() not in _LINKS:
            return words[:at]
    return words[:-1]


@lru_cache(maxsize=TEXTS_KEPT)
def keyword_of(short: str) -> str:
    """One to three words: the side with what stands beside it, or the first words."""
    words = short.split()
    if len(words) <= 2:
        return short
    sides = side_words(short)
    if not sides:
        return _capital(_tidied(words[:2]))
    at = len(short[: sides[0].start].split())
    after = words[at : at + 2]
    if len(after) == 2 and after[1].casefold() not in _LINKS | {"a"}:
        return _capital(_tidied(after))
    return _capital(_tidied(words[0:1] + after[:1] if at else after))


def _from_facts(m: Movement, left_from: int) -> str:
    if sayable(m.foot):
        return sayable(m.foot)
    side = full_side(m.left_pct)
    if side and abs(m.left_pct - left_from) > 5:
        share = m.left_pct if side == "L" else 100 - m.left_pct
        return f"All the weight into the {SIDE_WORD[side]}" if share == 100 else f"Weight into the {SIDE_WORD[side]}"
    if m.left_pct == 50 and left_from != 50:
        return "Weight even"
    return ""


def _tidied(words: list[str]) -> str:
    while len(words) > 1 and words[-1].casefold() in _LINKS:
        words = words[:-1]
    return " ".join(words)


def _capital(text: str) -> str:
    return text[:1].upper() + text[1:]


LEADS = ("", "And", "Now", "Again,", "Once more,", "Then", "And now", "This time,", "As before,", "And again,", "So,")
"""What leads in a sentence that comes again: the first ten times it comes, no two sound the same."""


def led_in(text: str, time: int) -> str:
    """A sentence as it is said the `time`-th time (0: the first)."""
    lead = LEADS[0 if time == 0 else 1 + (time - 1) % (len(LEADS) - 1)]
    if not lead or not text:
        return text
    first = text.split(maxsplit=1)[0]
    lower = first[:1].lower() + first[1:] if first[1:].islower() or (len(first) == 1 and first != "I") else first
    return f"{lead} {lower}{text[len(first) :]}"


_ONES = (
    "zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen "
    "sixteen seventeen eighteen nineteen"
).split()
_TENS = ("", "", "twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety")


def number_word(n: int) -> str:
    """A whole number from 0 to 99 in words; larger ones in figures."""
    if n < 20:
        return _ONES[n]
    if n < 100:
        return _TENS[n // 10] + (f"-{_ONES[n % 10]}" if n % 10 else "")
    return str(n)
