"""Estimated speech length, by syllables, for texts that no voice has measured yet."""

from __future__ import annotations

import re
from functools import lru_cache

SYLLABLES_A_WORD = 1.5
"""Syllables of an English word, on average in running text (common practice, no source)."""

PAUSE_MS = {",": 180, ";": 220, ":": 220, ".": 330, "!": 330, "?": 330, "–": 220, "—": 220}
"""Silences at marks within a text (own choice, after measuring the speech engine)."""

STILL_VOWEL = re.compile(r"(?:[^laeiouy]es|[^td]ed|[^laeiouy]e)$")


def syllables(word: str) -> int:
    """The syllables of an English word, counted by its groups of vowels: a silent e at its end is none."""
    w = re.sub(r"[^a-z]", "", word.lower())
    if not w:
        return 1 if any(c.isdigit() for c in word) else 0
    groups = len(re.findall(r"[aeiouy]+", re.sub(r"^y", "", w)))
    groups += len(re.findall(r"i[ao](?!us)|eo(?!u)|ua(?!r)|[^q]uou|[aeou]ing|ya|iu", w)) - len(
        re.findall(r"[tcs]i[ao]|gi[ao]n", w)
    )
    if STILL_VOWEL.search(w) and not re.search(r"[sxzcg]es$|ch?es$|shes$", w) and groups > 1:
        groups -= 1
    if re.search(r"[^aeiouy]sm$", w):
        groups += 1
    return max(1, groups)


@lru_cache(maxsize=16_384)
def estimated_ms(text: str, wpm: int) -> int:
    """The length of a spoken text in milliseconds at a speed in words a minute."""
    words = re.findall(r"[\w’'-]+", text)
    each = 60_000 / (wpm * SYLLABLES_A_WORD)
    pauses = sum(PAUSE_MS.get(c, 0) for c in text.strip(" .!?,;:")[:-1])
    return max(1, round(sum(syllables(w) for w in words) * each + pauses))
