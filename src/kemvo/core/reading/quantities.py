"""Numbers in a row of words: shares of weight, angles, seconds, counts."""

from __future__ import annotations

from collections.abc import Sequence

from kemvo.core.language import lexicon as lx
from kemvo.core.reading.tokens import Token

MINUTES = frozenset({"minute", "minutes", "min", "mins"})
FEW_SECONDS = 4
""" "A few seconds": holds are three to five (common practice, no source)."""

PARTS: dict[str, float] = {
    "halves": 50,
    "eighth": 12.5,
    "eighths": 12.5,
    "fifth": 20,
    "half": 50,
    "third": 33,
    "thirds": 33,
    "quarter": 25,
    "quarters": 25,
    "fifths": 20,
    "tenths": 10,
}
VERY = {"all": 100, "whole": 100, "entire": 100, "entirely": 100, "full": 100, "fully": 100, "completely": 100, "hundred": 100, "most": 90, "mostly": 90, "nearly": 90, "almost": 90}  # fmt: skip
"""Words for a share, in percent. "Most" is put at 90 (own choice)."""


def _may_be_number(w: str) -> bool:
    return w in lx.NUMBERS or not w.isalpha()


def number_at(tokens: Sequence[Token], i: int, last: int) -> tuple[float, int] | None:
    """A number that begins at token i, and the index after it: "45", "forty five", "a hundred"."""
    if i >= last:
        return None
    w = tokens[i].w
    if w not in lx.NUMBERS and not w[0].isdigit() and "-" not in w:
        return None
    if w[0].isdigit():
        return float(w), i + 1
    if "-" in w and all(p in lx.NUMBERS for p in w.split("-")):
        return float(sum(lx.NUMBERS[p] for p in w.split("-"))), i + 1
    if w not in lx.NUMBERS:
        return None
    n, i = lx.NUMBERS[w], i + 1
    if 20 <= n <= 90 and i < last and 0 < lx.NUMBERS.get(tokens[i].w, 0) < 10:
        n, i = n + lx.NUMBERS[tokens[i].w], i + 1
    elif i < last and tokens[i].w == "hundred" and 0 < n < 10:
        n, i = n * 100, i + 1
    if n and n % 100 == 0 and n >= 100 and i < last:
        k = i + 1 if tokens[i].w == "and" else i
        rest = number_at(tokens, k, last) if k < last and tokens[k].w in lx.NUMBERS else None
        if rest and rest[0] < 100:
            return float(n + rest[0]), rest[1]
    return float(n), i


def share(tokens: Sequence[Token], first: int, last: int) -> int | None:
    """A share of the weight in percent, if one is said."""
    for i in range(first, last):
        found = number_at(tokens, i, last) if _may_be_number(tokens[i].w) else None
        if found:
            n, after = found
            following = tokens[after].w if after < last else ""
            if following == "percent":
                return _bounded(n)
            if following in PARTS and n < 10:
                return _bounded(n * PARTS[following] + (n == 2 and following == "thirds"))
            if (
                n >= 50
                and n % 5 == 0
                and (
                    _on_a_leg(tokens, after, last)
                    or (i == first and after == last - 1 and tokens[after].w in ("l", "r"))
                    or (following not in COUNTED_OR_TURNED and _poured(tokens, first, i))
                )
            ):
                return _bounded(n)
            pair = number_at(tokens, after, last)
            if pair and n + pair[0] == 100:
                return _bounded(max(n, pair[0]))
        w, before = tokens[i].w, tokens[i - 1].w if i > first else ""
        if (
            w in PARTS
            and before in ("a", "one")
            and not (i + 1 < last and tokens[i + 1].w in ("turn", "step", "circle"))
        ):
            return round(PARTS[w])
        if w == "half" and i + 1 < last and tokens[i + 1].w in ("the", "your", "of"):
            return 50
        if (
            w in VERY
            and before != "the"
            and "weight" in {t.w for t in tokens[first:last]}
            and not (w == "full" and before in ("is", "becomes"))
        ):
            return VERY[w]
    return None


def _on_a_leg(tokens: Sequence[Token], at: int, last: int) -> bool:
    """Whether a number goes on with the leg that carries it: "seventy on the left"."""
    here = [t for t in tokens[at : min(last, at + 4)] if t.w not in ("the", "your")]
    pivots = len(here) > 2 and here[2].w in ("heel", "toes", "ball")
    return len(here) > 1 and here[0].w in ("on", "onto", "into", "in") and bool(here[1].side) and not pivots


def _poured(tokens: Sequence[Token], first: int, i: int) -> bool:
    """Whether a bare number after a verb of shifting is a share: "shift forward, about seventy"."""
    words = [t.w for t in tokens[first:i]]
    return any(w in lx.SHIFT or w == "weight" for w in words) and not any(
        w in ("turn", "toes", "degrees") for w in words
    )


def _bounded(n: float) -> int | None:
    return round(n) if 0 <= n <= 100 else None


OF_A_TURN = (("quarter", 90), ("quarters", 90), ("half", 180), ("eighth", 45), ("eighths", 45))
"""Parts of a whole turn, in degrees."""


def angle(tokens: Sequence[Token], first: int, last: int) -> int | None:
    """An angle in degrees: a number with "degrees", or a bare one from 5 to 180 that counts nothing else."""
    words = [t.w for t in tokens[first:last]]
    for i in range(first, last):
        found = number_at(tokens, i, last) if _may_be_number(tokens[i].w) else None
        if not found or (found[1] < last and tokens[found[1]].w in PARTS):
            continue
        n, after = found
        following = tokens[after].w if after < last else ""
        if following == "degrees" or (5 <= n <= 180 and following not in COUNTED):
            return round(n)
    for part, degrees in OF_A_TURN:
        if part in words and "turn" in words:
            before = words[words.index(part) - 1] if words.index(part) else ""
            return degrees * 3 if before in ("three", "3") and degrees < 180 else degrees
    return None


IN_CM = {
    "cm": 1.0,
    "centimetre": 1.0,
    "centimetres": 1.0,
    "centimeter": 1.0,
    "centimeters": 1.0,
    "inch": 2.54,
    "inches": 2.54,
}
FIST_CM = 10
""" "A fist's width" (common practice, no source)."""
FISTS = frozenset({"fist", "fist's", "fists", "fists'"})


def distance(tokens: Sequence[Token], first: int, last: int) -> int | None:
    """A distance in centimetres: "ten centimetres", "four inches", "a fist's width"."""
    for i in range(first, last):
        found = number_at(tokens, i, last) if _may_be_number(tokens[i].w) else None
        n, after = found or (1.0, i)
        unit = tokens[after].w if after < last else ""
        if unit in IN_CM and found:
            return min(200, max(1, round(n * IN_CM[unit])))
        wide = after + 1 < last and tokens[after + 1].w in ("width", "wide", "widths")
        if unit in FISTS and wide:
            return min(200, round(n * FIST_CM))
    return None


COUNTED = frozenset(
    "percent cm centimetres centimeters inches inch fists seconds second counts count times time breaths breath o'clock oclock of minutes inches steps step".split()
)
COUNTED_OR_TURNED = COUNTED | {"degrees"}


def duration(tokens: Sequence[Token], first: int, last: int) -> tuple[int | None, float | None, int, int] | None:
    """A length of time: milliseconds or counts, and the tokens [from, to) that say it."""
    for i in range(first, last):
        if tokens[i].w == "few" and i + 1 < last and tokens[i + 1].w in ("seconds", "second"):
            return FEW_SECONDS * 1000, None, i, i + 2
        if tokens[i].w in ("a", "half") and i + 1 < last and tokens[i + 1].w in ("minute", "min") and i > first:
            whole = tokens[i - 1].w != "half"
            return (60_000 if whole and tokens[i].w == "a" else 30_000), None, i, i + 2
        found = number_at(tokens, i, last) if _may_be_number(tokens[i].w) else None
        if found:
            n, after = found
            following = tokens[after].w if after < last else ""
            if following in ("seconds", "second", "sec", "s"):
                return round(n * 1000), None, i, after + 1
            if following in MINUTES:
                return round(n * 60_000), None, i, after + 1
            if following in ("counts", "count", "beats") or following.startswith("count"):
                return None, n, i, after + 1
        if found and i > first and tokens[i - 1].w == "over" and (after == last or tokens[after - 1].comma) and n <= 32:
            return None, n, i - 1, after  # "lift the heel over two"
        if tokens[i].w in ("count", "counts") and i + 2 < last and tokens[i + 1].w == "of":
            found = number_at(tokens, i + 2, last)
            if found:
                return None, found[0], i, found[1]
    return None
