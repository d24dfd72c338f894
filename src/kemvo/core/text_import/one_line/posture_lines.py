"""Lines that name a posture: number, name, side, repeats, and whether the sides alternate.

"5. Brush knee, left (3 times)", "Cloud hands x3", "4 x Push", "Golden rooster left and right", "Posture 7 - Heron wades".
The forms are those of usual lists (common practice, no source).
"""

from __future__ import annotations

import re
from collections.abc import Iterable
from typing import NamedTuple

from kemvo.core.language import lexicon as lx
from kemvo.core.text_import.one_line.labels import NUMBER
from kemvo.core.types import Side

MOST_TIMES = 99

NAME_WORDS = 6
"""A line of at most so many words, none of them an instruction, may be a posture's name."""

NAME_SHARE = 0.55
"""A line of which a posture's name is at least this share tells the posture, not a movement (own choice)."""

LONG_NAME_WORDS = 15
"""…and of so many, where its number goes on from that of the posture told before."""

LEADING = frozenset(
    "okay ok so now then and right next well this that which is it it's we we're you you're i i'm i'll we'll you'll come comes"
    " go goes going gonna move moves on onto to into the a an our your my first second third fourth fifth sixth last final"
    " one two three four five six in number posture move movement part here here's comes brings bring takes take us back for let's"
    " let start starts starting begin begins with do doing does called again once more time good great lovely um uh straight".split()
)
"""Words that lead up to a posture that begins: "okay, so now we come to single whip…"; not "from single whip…"."""

ANNOUNCING = frozenset(
    "next called first second third fourth fifth last into is comes came begin begins began start starts to".split()
)
"""With one of these, what people say leads up to a name, also to one that sounds like something done: "next is step over the stones"."""

NUMBERS = lx.NUMBERS | {"once": 1, "twice": 2, "thrice": 3}
_N = rf"\d{{1,2}}|{'|'.join(NUMBERS)}"

_TIMES_FIRST = re.compile(rf"^({_N})\s*(?:x|×|times)\s+(?=\S)", re.IGNORECASE)

_SIDE = r"(?:left|right|l|r)"
_JOINED = r"(?:\s*,?\s*(?:and|then)\s+|\s*[&,/+]\s*)(?:and\s+|then\s+)?"

_ENDINGS: dict[str, str] = {
    "times": rf"[x×]\s*\d{{1,2}}|(?:{_N})\s*(?:x|×|times)|once|twice|thrice",
    "listed": rf"{_SIDE}(?:(?:\s*[,/&–-]\s*|\s+)(?:and\s+|then\s+)?{_SIDE}){{2,}}",
    "both": rf"(?:left|l){_JOINED}(?:right|r)|(?:right|r){_JOINED}(?:left|l)|(?:(?:{_N})\s*(?:x|×|times)?\s+)?(?:on\s+)?(?:both|each)\s+sides?",
    "turns": r"(?:sides\s+)?(?:alternating|alternate)(?:\s+sides)?|sides\s+alternate",
    "counts": r"(?:for\s+|over\s+|in\s+)?(\d{1,3}(?:[.,]\d+)?)\s*(?:counts?|beats?)",
    "hold": r"(?:then\s+)?hold(?:\s+for)?\s+(\d{1,3})\s*(?:s|secs?|seconds?)",
    "same": r"(?:(?:the\s+)?same(?:\s+(?:again|thing|as\s+before|as\s+above))*|repeat(?:ed)?|as\s+before|as\s+above|again|mirrored)"
    r"(?:,?\s*(?:but\s+)?(?:on|to)\s+(?:the\s+)?(?:other|left|right)(?:\s+side)?)?",
    "side": r"(?:on\s+the\s+)?(?:left|right)(?:\s+side)?|[lr]",
}
"""What may stand after a name, or in brackets there; a single letter for a side only in brackets."""

_AFTER = {what: re.compile(rf"(?:\s*[,;–—-]\s*|\s+)(?:{p})$", re.IGNORECASE) for what, p in _ENDINGS.items()}
_ALONE = {what: re.compile(rf"(?:{p})$", re.IGNORECASE) for what, p in _ENDINGS.items()}
_BRACKETS = re.compile(r"\s*[(\[]([^()\[\]]*)[)\]]$")
_GOES_ON = re.compile(r"\b(?:the|your|my|to|into|onto|on|with|and|of|in|a)$", re.IGNORECASE)
""" "Lift the right": no name on the right."""
_BARE_SIDE = re.compile(r"[\s,;–—-]*[lr]", re.IGNORECASE)


class NameLine(NamedTuple):
    """`number`: the instructor's own label, "" without one. `times`: how often in a row, the sides counted; `counted`:
    whether the line says so as lists do ("x3", "(twice)"). `side`: the first one; None where none is said. `counts`: how
    many it lasts, if said; `hold_ms`: how long its end is held. `other`: the line says that it is done as before, on the other
    side."""

    number: str
    name: str
    side: Side | None = None
    times: int = 1
    alternate: bool = False
    counted: bool = False
    counts: float | None = None
    other: bool = False
    hold_ms: int | None = None


NO_NAME = NameLine("", "")


_MARK = re.compile(r"^\s*[-*+•–]\s+(?=\S)")


def name_line(text: str, numbers_count: bool = False) -> NameLine:
    """What a line says if it is a posture's name. `numbers_count`: a number alone in brackets is counts: "Push [8]"."""
    text = _MARK.sub("", text)
    numbered = NUMBER.match(text)
    rest = (text[numbered.end() :] if numbered else text).strip()
    first = _TIMES_FIRST.match(rest)
    times = count_in(first[1]) if first else 0
    counted = first is not None
    rest = rest[first.end() :] if first else rest
    side: Side | None = None
    both = turns = other = False
    counts: float | None = None
    hold_ms: int | None = None
    while True:
        rest = rest.rstrip(" .,;:")
        endings, before, listed = _ending(rest, numbers_count)
        if not endings or not before or (side is not None and endings[0][0] == "side"):
            break
        for what, said in endings:
            if what == "times":
                times = times or count_in(said)
                counted = counted or listed or bool(re.search(r"[x×]", said, re.IGNORECASE))
            elif what == "counts":
                counts = float(re.sub(r"[^\d.,]", "", said).replace(",", ".").strip(".") or 0) or None
            elif what == "hold":
                hold_ms = 1000 * int(re.sub(r"\D", "", said))
            elif what == "same":
                other = "other" in said.lower() or "mirror" in said.lower()
                side = side or _first_side(said)
            elif what == "listed":
                named = _sides(said)
                times, turns = len(named), turns or len(set(named)) > 1
                side = named[0]
            else:
                if what == "both" and re.match(rf"\W*(?:{_N})\b", said, re.IGNORECASE):
                    times, counted = times or count_in(said), True  # "2 each side"
                both, turns = both or what == "both", turns or what == "turns"
                side = side or _first_side(said)
        rest = before
    times = max(1, times) * (2 if both else 1)
    times = min(MOST_TIMES, max(times, 2) if turns else times)
    return NameLine(numbered[1] if numbered else "", rest, side, times, both or turns, counted, counts, other, hold_ms)


def numbers_are_counts(texts: Iterable[str]) -> bool:
    """Whether numbers alone in brackets are counts in a text: where others there say so ("[8 counts]"), or most lines have one."""
    lines = list(texts)
    numbered = sum(bool(_NUMBER_ALONE.search(text)) for text in lines)
    return any(_COUNTED.search(text) for text in lines) or (numbered >= MOST_COUNTED and 2 * numbered >= len(lines))


MOST_COUNTED = 3
_NUMBER_ALONE = re.compile(r"\w\s*[(\[]\s*\d{1,3}\s*[)\]]\s*$")
_COUNTED = re.compile(r"[(\[]\s*\d{1,3}\s*(?:counts?|beats?)\s*[)\]]\s*$", re.IGNORECASE)


def _ending(text: str, numbers_count: bool) -> tuple[list[tuple[str, str]], str, bool]:
    """What the end of a text tells, each with its words; what is before them; and whether they stand in brackets, where several may:
    "(L & R, x2)"."""
    brackets = _BRACKETS.search(text)
    if brackets:
        inside = brackets[1].strip()
        inside = f"{inside} counts" if numbers_count and inside.isdecimal() else inside
        for parts in ([inside], re.split(r"\s*[,;]\s*", inside)):
            told = [next((w for w, pattern in _ALONE.items() if pattern.match(part)), "") for part in parts]
            if all(told):
                return list(zip(told, parts, strict=True)), text[: brackets.start()].rstrip(), True
        return [], text[: brackets.start()].rstrip(), True
    for what, pattern in _AFTER.items():
        found = pattern.search(text)
        if found and not _BARE_SIDE.fullmatch(found[0]) and not _GOES_ON.search(text[: found.start()]):
            return [(what, found[0])], text[: found.start()].rstrip(), False
    return [], text, False


def _sides(said: str) -> list[Side]:
    """The sides of a list: "L/R/L"."""
    return ["L" if w.startswith("l") else "R" for w in re.findall(r"left|right|\b[lr]\b", said.lower())]


def count_in(said: str) -> int:
    """How often words say: "x3", "three times"."""
    word = re.search(rf"{_N}", said.lower())
    return 1 if word is None else NUMBERS.get(word[0]) or max(1, int(word[0]))


def _first_side(said: str) -> Side | None:
    return next(iter(_sides(said)), None)
