"""The catalogue: traditional postures with their names in English and pinyin, and how they are widely done."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from typing import Literal

from rapidfuzz import fuzz

from kemvo.core.form import Posture
from kemvo.core.mirror import mirror_posture
from kemvo.core.reading.names import NameIndex
from kemvo.core.values import Side, Value

Care = Literal["kick", "jump", "low", "one-leg", "bend", "twist"]
"""What makes a posture want care, and a gentler version."""


class Entry(Value):
    """A posture of the catalogue, written by its left side where it has two.

    `id` names it in facts; `styles` the traditional styles that do it; `pinyin` its names in pinyin; `kinds`
    what wants care in it.
    """

    id: str
    posture: Posture
    styles: tuple[str, ...] = ()
    pinyin: tuple[str, ...] = ()
    kinds: tuple[Care, ...] = ()

    def names(self) -> tuple[str, ...]:
        """Every name it goes by."""
        return (self.posture.name, *self.posture.aliases, *self.pinyin)

    def on(self, side: Side | None) -> Posture:
        """The posture on a side; one that has no sides stays as it is."""
        return mirror_posture(self.posture) if side == "R" and self.posture.side == "L" else self.posture


def name_index(entries: Iterable[Entry]) -> NameIndex:
    """All names of a catalogue, ready to be found in texts."""
    return NameIndex({e.id: e.names() for e in entries})


def suggestions(entries: Sequence[Entry], letters: str, most: int = 6) -> list[Entry]:
    """The postures a few letters can stand for, likeliest first: a name that begins so, words that begin so, then
    names alike."""
    typed = " ".join(letters.casefold().replace("'", "").split())
    if len(typed) < 2:
        return []
    scored = [(max(_likeness(typed, n.casefold().replace("'", "")) for n in e.names()), e) for e in entries]
    good = [(score, e) for score, e in scored if score >= 80]
    return [e for _, e in sorted(good, key=lambda s: (-s[0], s[1].posture.name))[:most]]


def _likeness(typed: str, name: str) -> float:
    if name.startswith(typed):
        return 200 - len(name) / 100
    words = iter(name.split())
    if all(any(w.startswith(t) for w in words) for t in typed.split()):
        return 150 - len(name) / 100
    return fuzz.partial_ratio(typed, name) if len(typed) >= 6 else 0
