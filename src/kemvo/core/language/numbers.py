"""Numbers, hours and points of the compass in words, as they are said."""

from __future__ import annotations

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


def place_words(to: str) -> str:
    """A point of the compass ("northeast") or an hour ("10") as it is said: "the north-east", "ten o’clock"."""
    if to.isdecimal():
        return f"{number_word(int(to) % 12 or 12)} o’clock"
    return f"the {to[:5]}-{to[5:]}" if len(to) > 5 else f"the {to}"
