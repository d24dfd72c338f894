"""Posture names in a row of words: by any alias, in English or pinyin, misspelt or misheard."""

from __future__ import annotations

from collections.abc import Iterable, Mapping, Sequence
from itertools import chain
from typing import NamedTuple

from rapidfuzz import fuzz, process

from kemvo.core.reading import lexicon as lx
from kemvo.core.reading.tokens import Token
from kemvo.core.values import Side

SMALL = frozenset("the a an and to of with on in at its his her your for into".split())
"""Words that names are compared without."""

ALIKE_FROM = 88.0
ALIKE_FROM_OF_TWO = 80.0
"""From this likeness (0 to 100) on, two names count as the same (own choice, tried on misheard names)."""

TOO_COMMON = 60
"""A word in so many names does not help to find one."""

LONGEST = 9

PLAIN = (
    lx.STEP | lx.PLACE | lx.LIFT | lx.TURN | lx.AIM | lx.SHIFT | lx.SINK | lx.STAND | lx.HAND | lx.FOOT | lx.HOLD
    | lx.KICK | frozenset(lx.STEP_WAYS) | frozenset(lx.NUMBERS)
    | frozenset("with push pushes press presses both still standing ready beginning begin opening closing finish posture"
                " posture stance form retreat again pull stroke punch catch hit strike up door arms body low twice".split())
)  # fmt: skip
"""Words of plain instruction. A name made of nothing else ("push", "step up") is one only where it stands by itself."""


PINYIN_SIDES = frozenset({"zuo", "you"})
"""Left and right in pinyin: in a whole name they say the side ("zuo xia shi")."""

AROUND_NAMES = PINYIN_SIDES | {"style", "posture", "form", "both", "sides", "side"}
"""Words that stand around a name without being of it."""


class NameMatch(NamedTuple):
    """A posture named by tokens [first, last). `consumes`: the words say nothing else (a kick may be both)."""

    id: str
    side: Side | None
    first: int
    last: int
    consumes: bool


class NameIndex:
    """All names of all postures, ready to be found in texts."""

    def __init__(self, names: Mapping[str, Iterable[str]]) -> None:
        """`names`: posture id → its names and aliases."""
        self._exact: dict[str, str] = {}
        self._plain: set[str] = set()
        self._by_word: dict[str, set[str]] = {}
        for id_, aliases in names.items():
            for alias in aliases:
                words = _words(alias)
                key = _key(words)
                if key:
                    self._exact.setdefault(key, id_)
                    if all(w in PLAIN or w in SMALL for w in words):
                        self._plain.add(key)
        for key in self._exact:
            for w in key.split():
                self._by_word.setdefault(w, set()).add(key)
        self._vocabulary = sorted(self._by_word)
        self._meant: dict[str, str] = {}
        self._likely: dict[tuple[str, ...], str | None] = {}

    def find(self, tokens: Sequence[Token]) -> list[NameMatch]:
        """The names in a row of words, longest first, none overlapping, in order."""
        found: list[NameMatch] = []
        i = 0
        while i < len(tokens):
            match = self._at(tokens, i)
            if match and found and found[-1].id == match.id and match.first - found[-1].last <= 1:
                i = match.last  # the same posture under another of its names
            elif match:
                found.append(match)
                i = match.last
            else:
                i += 1
        return found

    def resolve(self, name: str) -> str | None:
        """The posture a whole name stands for, or None: exactly, else the likeliest one."""
        words = _words(name)
        for dropped in (frozenset[str](), PINYIN_SIDES, AROUND_NAMES):
            key = _key([w for w in words if w not in dropped])
            if key in self._exact:
                return self._exact[key]
        found = self._likeliest(tuple(key.split()))
        return self._exact[found] if found else None

    def _at(self, tokens: Sequence[Token], i: int) -> NameMatch | None:
        first = tokens[i]
        if first.w in SMALL or self._nearest(_stem(first.w)) not in self._by_word:
            return None
        if first.side and i + 1 < len(tokens) and tokens[i + 1].w in lx.FOOT:
            return None
        parts: list[str] = []
        windows: list[tuple[int, tuple[str, ...]]] = []
        for last in range(i + 1, min(i + LONGEST, len(tokens)) + 1):
            t = tokens[last - 1]
            if not (t.side or t.w in SMALL or t.w.isdigit()):
                parts.append(_stem(t.w))
                windows.append((last, tuple(parts)))
            if t.hard:
                break
        exact = ((last, " ".join(words)) for last, words in reversed(windows))
        # A name that is only alike has no side in its middle ("brush with the right, push").
        sided = next((k for k in range(i + 1, len(tokens)) if tokens[k].side), len(tokens))
        alike = ((last, self._likeliest(words)) for last, words in reversed(windows) if last <= sided + 1)
        for last, key in chain((e for e in exact if e[1] in self._exact), alike):
            if key and self._may_stand(tokens, i, last, key):
                side = next((t.side for t in tokens[i:last] if t.side), None)
                return NameMatch(self._exact[key], side, i, last, "kick" not in key)
        return None

    def _may_stand(self, tokens: Sequence[Token], first: int, last: int, key: str) -> bool:
        """A name of plain words is a name only where it stands by itself, a number before it or a side after it aside."""
        if key not in self._plain:
            return True
        before = tokens[first - 1] if first else None
        after = tokens[last] if last < len(tokens) and not tokens[last - 1].hard else None
        free_before = before is None or before.hard or before.comma or before.w[0].isdigit() or before.side is not None
        free_after = after is None or tokens[last - 1].comma or (after.side is not None and (after.hard or after.comma))
        return free_before and free_after

    def _likeliest(self, parts: tuple[str, ...]) -> str | None:
        """The key of the name most like these words, if it is like enough and shares words (or what sounds so)."""
        if parts not in self._likely:
            self._likely[parts] = self._most_like(parts)
        return self._likely[parts]

    def _most_like(self, parts: tuple[str, ...]) -> str | None:
        meant = [self._nearest(w) for w in parts]
        known = [w for w in meant if w in self._by_word]
        if len(parts) < 2 or len(known) * 2 < len(parts):
            return None
        wanted = " ".join(meant)
        own = {w for w in parts if w in self._by_word and w not in PLAIN}
        if not own:
            return None
        near: set[str] = set().union(*(self._by_word[w] for w in own if len(self._by_word[w]) < TOO_COMMON))
        more = 0 if len(parts) == 2 else 1
        near = {k for k in near if abs(len(k.split()) - len(parts)) <= more and k not in self._plain}
        least = ALIKE_FROM if len(parts) > 2 else ALIKE_FROM_OF_TWO
        best = process.extractOne(wanted, near, scorer=fuzz.ratio, score_cutoff=least) if near else None
        return best[0] if best else None

    def _nearest(self, w: str) -> str:
        """The word of some name that a misspelt or misheard one stands for, or the word itself."""
        w = lx.MISHEARD_NAMES.get(w, w)
        if w in self._by_word or len(w) < 4:
            return w
        if w not in self._meant:
            best = process.extractOne(w, self._vocabulary, scorer=fuzz.ratio, score_cutoff=78)
            self._meant[w] = best[0] if best else w
        return self._meant[w]


def _words(name: str) -> list[str]:
    return list("".join(c if c.isalnum() else " " for c in name.lower().replace("'", "").replace("’", "")).split())


def _key(words: Iterable[str]) -> str:
    return " ".join(_stem(w) for w in words if w not in SMALL and w not in ("left", "right") and not w.isdigit())


def _stem(w: str) -> str:
    w = w.replace("'", "").replace("-", " ")
    for ending, put in (("ies", "y"), ("sses", "ss"), ("ing", ""), ("s", "")):
        if w.endswith(ending) and len(w) - len(ending) >= 3 and not w.endswith("ss"):
            return w[: -len(ending)] + put
    return w
