"""What a cue says, in up to four lengths: the instructor's own line, its clauses that say the essential, the essential in the
terms of the trade, and a call of a few words.

Shortening drops hands, manner and reasons, and never part of the essential (`essential.py`): which foot, what it does, which way.
Where that cannot be said in fewer words, there is no shorter wording.
"""

from __future__ import annotations

import re
from collections.abc import Sequence
from functools import lru_cache
from itertools import pairwise
from typing import Literal, NamedTuple

from kemvo.core.cues.essential import ACTS, NOUN_AFTER, essentials_of, own_words, phrases, tells
from kemvo.core.facts import Fact
from kemvo.core.language.abbreviations import written_out
from kemvo.core.language.ordinary_words import spoken
from kemvo.core.language.sides import side_words
from kemvo.core.model.form import Movement
from kemvo.core.movement.interpretation import line_facts
from kemvo.core.timing.weight_curve import full_side
from kemvo.core.types import SIDE_WORD

Length = Literal["full", "short", "shorter", "keyword"]
LENGTHS: tuple[Length, ...] = ("full", "short", "shorter", "keyword")

TEXTS_KEPT = 8192
"""How many texts are remembered: the same lines come again with every edit of a form."""

SHORT_WORDS = 6
"""The longest short wording without essentials, in words: about two and a half seconds at 130 words a minute."""

LEAST_WORDS = 3
"""A wording is not cut to fewer words than these: what is done would be lost."""

_DROPPED = frozenset(
    (
        "a an the your my our his her their its very just gently slowly softly quietly simply slightly "
        "now then please again also both"
    ).split()
)
"""Words a short wording does without. "Both" is among them only before a noun it does not change."""

_AMOUNTS = frozenset({"little", "touch", "bit", "few", "third", "half", "quarter"})
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
    """The wordings of a whole movement, longest first, each one different and shorter than the one before.

    The instructor's own (`m.cues`) go before those made from the line; a movement without a line is told
    from its foot action or its weight.
    """
    own = m.cues
    facts = tuple(s.fact for s in line_facts(m))
    line = m.line if sayable(m.line) else sayable(m.foot)
    if not line:
        line = _from_weight(m.left_pct, left_from)
    elif line != m.line:
        facts = m.read.foot if m.read and line == m.foot else ()
    return _wordings(line, facts, own.full, own.short, own.keyword, False)


def part_wordings(line: str, facts: tuple[Fact, ...]) -> tuple[Wording, ...]:
    """The wordings of a part of a line: `line` is the part, `facts` are placed in it."""
    return _wordings(line, facts, "", "", "", True)


@lru_cache(maxsize=TEXTS_KEPT)
def _wordings(
    line: str, facts: tuple[Fact, ...], own_full: str, own_short: str, own_keyword: str, part: bool
) -> tuple[Wording, ...]:
    full = sayable(own_full) or _capital(sayable(line))
    told = essentials_of(facts)
    if not told:
        of_own = own_full if sayable(own_full) else line
        made = [sayable(own_short) or shortened(sayable(of_own)), ""]
        if {w.side for w in side_words(made[0])} != {w.side for w in side_words(sayable(of_own))} and not own_short:
            made[0] = ""
    else:
        made = [sayable(own_short) or _clauses_of(line, told), _calls(line, told, 0)]
        if part and not all(tells(full, f) for f in told):
            full = made[1] or full
    keyword = sayable(own_keyword) or _calls(line, told, 1)
    own = (bool(sayable(own_short)), False, bool(sayable(own_keyword)))
    shorter = [("full", full)]
    for length, text, mine in zip(LENGTHS[1:], (*made, keyword), own, strict=True):
        if mine or (text and _shorter(text, shorter[-1][1])):
            shorter.append((length, text))
    return distinct(*shorter)  # type: ignore[arg-type]


def _shorter(text: str, than: str) -> bool:
    return len(text) < len(than) and len(text.split()) <= len(than.split())


def _clauses_of(line: str, told: tuple[Fact, ...]) -> str:
    """The instructor's own clauses that say the essentials, without articles and words of manner."""
    kept, at = [], 0
    cuts = [c for c in _CLAUSE.finditer(line) if not any(f.start < c.end() and f.end > c.start() for f in told)]
    for found in (*cuts, None):
        end = found.start() if found else len(line)
        here = [f for f in told if f.start < end and f.end > at]
        if here or ACTS.search(line, at, end):
            words = _plainly(line[at:end])
            if not all(tells(words, f) for f in here):
                return ""
            kept.append(words)
        at = found.end() if found else end
    return _sentence(kept)


def _calls(line: str, told: tuple[Fact, ...], which: int) -> str:
    """The essentials one after another, each in the fewest words: those of the trade, or the instructor's own. `which`: 0 as
    usually told, 1 as a call. Empty where one of them cannot be told so."""
    out: list[str] = []
    between = [line[a:b] for a, b in pairwise([0, *(x for f in told for x in (f.start, f.end)), len(line)])][::2]
    if any(ACTS.search(NOUN_AFTER.sub("", w, count=1)) for w in between):
        return ""
    for f in told:
        made = phrases(line, f)[which]
        own = sayable(own_words(line, f))
        if not made and not own:
            return ""
        out.append(min((x for x in (made, _plainly(own)) if x and tells(x, f)), key=len, default=""))
        if not out[-1]:
            return ""
    return _sentence(out)


def _sentence(clauses: Sequence[str]) -> str:
    """Clauses as one sentence."""
    said = [sayable(c) for c in clauses if sayable(c)]
    return _capital(", ".join([*said[:1], *(c[:1].lower() + c[1:] for c in said[1:])]))


def distinct(*wordings: tuple[Length, str]) -> tuple[Wording, ...]:
    """Those of the wordings that say something and are not the same as a longer one."""
    kept: list[Wording] = []
    for length, text in wordings:
        if text and all(text.casefold() != k.text.casefold() for k in kept):
            kept.append(Wording(length, text))
    return tuple(kept)


@lru_cache(maxsize=TEXTS_KEPT)
def shortened(full: str) -> str:
    """The first thing a line says, without articles and manner words, about `SHORT_WORDS` words."""
    clauses = [c for c in _CLAUSE.split(full) if re.search(r"\w", c)]
    if not clauses:
        return full
    kept = _plainly(clauses[0]).split()
    if len(kept) > SHORT_WORDS:
        kept = _before_link(kept[: SHORT_WORDS + 1])
    return _capital(" ".join(kept) or clauses[0])


def _plainly(words: str) -> str:
    """Words without articles and words of manner."""
    row = words.split()
    kept = [
        w
        for w, after in zip(row, [*row[1:], ""], strict=False)
        if w.casefold() not in _DROPPED or (w.casefold() == "a" and after.casefold() in _AMOUNTS)
    ]
    return " ".join(kept) or " ".join(row)


def _before_link(words: list[str]) -> list[str]:
    """A row of words cut where its first phrase begins ("palms press forward | to height"), or one word shorter."""
    for at in range(LEAST_WORDS, len(words)):
        if words[at].casefold() in _LINKS and words[at - 1].casefold() not in _LINKS:
            return words[:at]
    return words[:-1]


def _from_weight(left_pct: int, left_from: int) -> str:
    side = full_side(left_pct)
    if side and abs(left_pct - left_from) > 5:
        share = left_pct if side == "L" else 100 - left_pct
        return f"All the weight into the {SIDE_WORD[side]}" if share == 100 else f"Weight into the {SIDE_WORD[side]}"
    if left_pct == 50 and left_from != 50:
        return "Weight even"
    return ""


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
