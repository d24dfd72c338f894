"""The words of a school: phrases that are said otherwise, and how the voice should say a word."""

from __future__ import annotations

import re
from collections.abc import Iterable
from functools import lru_cache, partial

from kemvo.core.model.form import Form, Phrase


@lru_cache(maxsize=16_384)
def in_terms(text: str, phrases: tuple[Phrase, ...]) -> str:
    """A text with its phrases said otherwise: whole words, in whatever case; a capital stays one. Longer phrases go
    first."""
    for p in sorted(phrases, key=lambda p: (-len(p.words), p.words)):
        whole = rf"(?<!\w){re.escape(p.words)}(?!\w)"
        text = re.sub(whole, partial(_cased, p.instead), text, flags=re.IGNORECASE)
    return " ".join(text.split())


def _cased(instead: str, was: re.Match[str]) -> str:
    return instead[:1].upper() + instead[1:] if was[0][:1].isupper() else instead


def pronunciations_of(forms: Iterable[Form]) -> tuple[Phrase, ...]:
    """All pronunciations of some forms, each word once."""
    found: dict[str, Phrase] = {}
    for form in forms:
        for p in form.pronunciations:
            found.setdefault(p.words.casefold(), p)
    return tuple(found.values())
