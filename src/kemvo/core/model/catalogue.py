"""The catalogue: traditional postures with their names in English and pinyin, and how they are widely done."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from functools import cached_property

from rapidfuzz import fuzz

from kemvo.core.model.form import Origins, Posture
from kemvo.core.model.mirror import mirror_posture
from kemvo.core.reading.posture_names import NameIndex
from kemvo.core.types import Side, Value


class Entry(Value):
    """A posture of the catalogue, written by its left side where it has two.

    `id` names it in facts; `styles` the traditional styles that do it; `pinyin` its names in pinyin.
    """

    id: str
    posture: Posture
    styles: tuple[str, ...] = ()
    pinyin: tuple[str, ...] = ()

    def names(self) -> tuple[str, ...]:
        """Every name it goes by."""
        return (self.posture.name, *self.posture.aliases, *self.pinyin)

    def on(self, side: Side | None) -> Posture:
        """The posture on a side; one that has no sides stays as it is."""
        return mirror_posture(self.posture) if side == "R" and self.posture.side == "L" else self.posture


class Known(dict[str, Entry]):
    """The entries of a catalogue by their ids."""

    @cached_property
    def called(self) -> dict[str, str]:
        """The id of every name, in small letters; of names that two have, the first one's."""
        return {name.lower(): e.id for e in reversed(self.values()) for name in e.names()}


def over(shipped: Iterable[Entry], own: Iterable[Entry]) -> tuple[Entry, ...]:
    """A catalogue in which own postures go before those of the same id, and stand first."""
    mine = tuple(own)
    ids = {e.id for e in mine}
    return (*mine, *(e for e in shipped if e.id not in ids))


def own_entry(posture: Posture, id_: str, before: Entry | None) -> Entry:
    """A posture of a form as an entry, written by its left side. Other names that are known of it stay."""
    left = mirror_posture(posture) if posture.side == "R" else posture
    names = dict.fromkeys((*left.aliases, *((before.posture.name, *before.posture.aliases) if before else ())))
    bare = left.model_copy(
        update={
            "id": "",
            "number": "",
            "repeats": 1,
            "alternate": False,
            "filled_as": "",
            "aliases": tuple(n for n in names if n.casefold() != left.name.casefold()),
            "movements": tuple(m.model_copy(update={"id": "", "origins": Origins()}) for m in left.movements),
        }
    )
    return Entry(id=id_, posture=bare, styles=before.styles if before else (), pinyin=before.pinyin if before else ())


def slug(name: str) -> str:
    """A name as an id: small letters and digits with hyphens between."""
    plain = "".join(c if c.isascii() and c.isalnum() else " " for c in name.lower().replace("'", "").replace("’", ""))
    return "-".join(plain.split())[:64] or "own"


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
