"""Punctuation for running text: commas where a speaker is likely to pause.

How likely a pause stands between two words is told by the words around, as weights of a logistic regression learned
from lines whose ends are known (`make learn` writes them to `pause_weights.py`).
"""

from __future__ import annotations

import itertools
import re
from collections.abc import Callable, Sequence
from functools import lru_cache
from typing import NamedTuple

from kemvo.core.language import lexicon as lx
from kemvo.core.reading.normalize.punctuation_weights import TABLE
from kemvo.core.reading.quantities import IN_CM
from kemvo.core.reading.tokens import Token

LONG, LONG_WRITTEN = 7, 14
"""From so many words on without a stop or comma, pauses are looked for; in a text that has punctuation somewhere, only in
longer stretches (own choice)."""

LIKELY = -0.85
"""The log-odds from which a pause is set; a comma too many does less harm than one too few (measured)."""

WRITTEN = re.compile(r"[.,;:!?]")
NO_WORD = "#"


class PauseSign(NamedTuple):
    """What speaks for or against a pause: so many words in a row, the first of them so far from the word before the
    pause."""

    name: str
    words: int
    first: int


SIGNS = (
    PauseSign("w", 1, -2),
    PauseSign("a", 1, -1),
    PauseSign("b", 1, 0),
    PauseSign("x", 1, 1),
    PauseSign("y", 1, 2),
    PauseSign("ab", 2, -1),
    PauseSign("bx", 2, 0),
    PauseSign("xy", 2, 1),
    PauseSign("abx", 3, -1),
    PauseSign("bxy", 3, 0),
    PauseSign("xyz", 3, 1),
)
"""Of the words w, a, b | x, y, z around a pause."""

AHEAD = 2
"""The most words that may stand before b."""
EVERYWHERE = "any *"
"""The sign that is everywhere."""


OPENING = frozenset("turn open pick lift draw bring slide swing rotate".split())
""" "Turn out | the left foot": the foot is what is turned."""

BEARS = frozenset(w for w in lx.BEARING if w.endswith("s"))
TURNS = frozenset("turns rotates faces opens swivels spirals".split())
""" "As the body | turns"."""

KIND_OF_STEP = frozenset("follow half cross small little big long short empty".split())
""" "A follow | step"."""


def with_pauses(tokens: Sequence[Token], text: str) -> Sequence[Token]:
    """The tokens of a text, with a comma where a pause is likely in stretches that have no punctuation of their own."""
    long = LONG_WRITTEN if WRITTEN.search(text) else LONG
    out = list(tokens)
    begins = 0
    for i, t in enumerate(tokens):
        if t.hard or t.comma:
            if i + 1 - begins >= long:
                _set_pauses(out, begins, i + 1)
            begins = i + 1
    return out


def _set_pauses(tokens: list[Token], first: int, last: int) -> None:
    kinds = [kind(t) for t in tokens[first:last]]
    for i, odds in enumerate(log_odds(kinds, pause_weights()), first):
        if odds > LIKELY and not _goes_on(tokens, i):
            tokens[i] = tokens[i]._replace(comma=True)


def _goes_on(tokens: Sequence[Token], i: int) -> bool:
    """Whether no one pauses after a word: "onto | the", "seventy thirty | in | the right leg", "a step | close to", "to the
    side | with your right foot"."""
    w, after = tokens[i].w, tokens[i + 1].w
    number = next((t.w for t in reversed(tokens[max(0, i - 1) : i + 1]) if t.w not in lx.INTO), "")
    shared = number in lx.NUMBERS and not lx.INTO.isdisjoint((w, after))
    return (
        (w in ("weight", "breath") and after in lx.WEIGHT_GOES)
        or (after == "weight" and w in lx.BEFORE_WEIGHT)
        or w in lx.UNENDING
        or w in ("people", "only")
        or (w == "it" and (after == "open" or after in lx.IN_OR_OUT))
        or (w in ("in", "of") and after.endswith("ing"))
        or (w in ("across", "beside", "past") and after in ("the", "your"))
        or (w.endswith("ing") and after == "weight")
        or (w in lx.FOOT and tokens[i - 1].side is not None and _acts(tokens, i + 1))
        or (w in lx.IN_OR_OUT and after == "breath" and tokens[i - 1].w in ("the", "an", "your"))
        or (w in lx.TRUNK and after in TURNS)
        or w in lx.NEGATION
        or after == "with"
        or (w in KIND_OF_STEP and after in lx.STEP)
        or (w in ("out", "in", "up") and after in ("the", "your") and tokens[i - 1].w in OPENING)
        or shared
        or (w == "in" and after in ("a", "an"))
        or tokens[i + 1 : i + 3][-1].w in IN_CM  # "to the corner | five centimetres"
        or (after == "close" and tokens[i + 1 : i + 3][-1].w == "to")
    )


def _acts(tokens: Sequence[Token], i: int) -> bool:
    """ "The left foot | pivots" (which is read as "pivot"), "the right leg | now bears the weight"."""
    t = tokens[i]
    if t.w in ("now", "then") and not t.hard and i + 1 < len(tokens):
        t = tokens[i + 1]
    return (t.w in lx.ACTS and (t.w.endswith("s") or t.end - t.start == len(t.w) + 1)) or t.w in BEARS


def kind(token: Token) -> str:
    """What a word counts as: a side, a foot, a hand, a number, an action, or itself."""
    w = token.w
    if token.side:
        return "SIDE"
    if w in lx.FOOT:
        return "FOOT"
    if w in lx.HAND:
        return "HAND"
    if (w in lx.NUMBERS and w != "one") or w.isdigit():  # "the back one"
        return "NUMBER"
    return "ACT" if w in lx.ACTS else w


def signs_between(kinds: Sequence[str]) -> list[tuple[str, ...]]:
    """The signs after each word but the last, as the table names them."""
    grams = _grams(kinds)
    return [
        (EVERYWHERE, *(f"{s.name} {grams[s.words][i + s.first]}" for s in SIGNS))
        for i in range(AHEAD, AHEAD + len(kinds) - 1)
    ]


def log_odds(kinds: Sequence[str], weights: dict[str, dict[str, float]]) -> list[float]:
    """How much speaks for a pause after each word but the last. `weights`: by the name of the sign and its words."""
    grams = _grams(kinds)
    odds = [weights["any"]["*"]] * (len(kinds) - 1)
    for s in SIGNS:
        weight: Callable[[str, float], float] = weights[s.name].get
        begins = AHEAD + s.first
        here = grams[s.words][begins : begins + len(odds)]
        odds = [so_far + weight(g, 0.0) for so_far, g in zip(odds, here, strict=True)]
    return odds


def _grams(kinds: Sequence[str]) -> tuple[list[str], ...]:
    """The words with nothing before the first and after the last, one by one, in twos and in threes; by how many."""
    ones = [NO_WORD] * AHEAD + [*kinds, NO_WORD, NO_WORD]
    twos = [f"{a} {b}" for a, b in itertools.pairwise(ones)]
    return [], ones, twos, [f"{two} {c}" for two, c in zip(twos, ones[2:], strict=False)]


@lru_cache(maxsize=1)
def pause_weights() -> dict[str, dict[str, float]]:
    """The learned table, as `log_odds` takes it."""
    rows = (row.split(" ", 2) for row in TABLE.splitlines())
    return nested({f"{name} {words}": float(weight) for name, weight, here in rows for words in here.split(";")})


def nested(table: dict[str, float]) -> dict[str, dict[str, float]]:
    """Weights by sign, sorted under the signs' names."""
    out: dict[str, dict[str, float]] = {"any": {}, **{s.name: {} for s in SIGNS}}
    for sign, weight in table.items():
        name, words = sign.split(" ", 1)
        out[name][words] = weight
    return out
