"""A clause being read, and what the sentence has named so far."""

from __future__ import annotations

from collections.abc import Collection, Iterable, Sequence
from dataclasses import dataclass
from typing import Any

from kemvo.core.facts import Fact, FactKind
from kemvo.core.language import lexicon as lx
from kemvo.core.reading.tokens import Token
from kemvo.core.types import Side

ONE_SIDED = frozenset("shoulder hands shoulders elbows arms palms head eyes chin gaze wrists fists forearms".split())
"""A side before one of these is not theirs: "turn to the right, shoulders relaxed"; a shoulder is looked over."""

SAME_ONE = frozenset({"and", "then", "now", ""})
""" "The left foot pivots, then lifts": the same foot."""


FOOT_OR_BETWEEN = lx.FOOT | lx.BETWEEN


@dataclass
class Memory:
    """What the sentence has named so far: the foot last moved, the leg last spoken of, the word for it,
    whether the clause before told a turn, a pivot or a shift, whether it spoke of the weight, the way of the step it told, whether it told a lift (`raised`: some clause since the last step), the
    last breath and whether the clause before told it; `acting`: the foot that the clause before spoke of as the one that
    acts ("the left foot pivots…")."""

    moved: Side | None = None
    named: Side | None = None
    noun: str = ""
    stepped: bool = False
    turned: bool = False
    pivoted: bool = False
    weighed: bool = False
    weight: bool = False
    way: str | None = None
    lifted: bool = False
    raised: bool = False
    breath: str | None = None
    breathed: bool = False
    acting: Side | None = None


@dataclass
class Piece:
    """A clause: tokens [first, last), and the index of its verb or -1."""

    tokens: Sequence[Token]
    first: int
    last: int
    verb: int

    def __post_init__(self) -> None:
        self._list = [t.w for t in self.tokens[self.first : self.last]]
        self._set = set(self._list)
        self._verb = self.tokens[self.verb].w if self.verb >= 0 else ""
        self._sides = [
            i
            for i in self.range()
            if self.tokens[i].side and not (self.w(i + 1) in lx.HAND and self.w(i + 1) not in ONE_SIDED)
        ]

    def range(self) -> range:
        """The indexes of its tokens."""
        return range(self.first, self.last)

    def in_order(self) -> Sequence[str]:
        """Its words, in order."""
        return self._list

    def words(self) -> set[str]:
        """Its words."""
        return self._set

    def w(self, i: int) -> str:
        """The word at an index, or nothing outside the clause."""
        return self._list[i - self.first] if self.first <= i < self.last else ""

    def side(self, i: int) -> Side | None:
        """The side a word means, or None."""
        return self.tokens[i].side if self.first <= i < self.last else None

    def before(self, i: int, reach: int = 2) -> set[str]:
        """The words just before an index."""
        return {self.w(k) for k in range(i - reach, i)}

    def verb_word(self) -> str:
        """The verb, or nothing."""
        return self._verb

    def verb_in(self, *kinds: Collection[str]) -> bool:
        """Whether the verb is one of these."""
        verb = self._verb
        for words in kinds:  # noqa: SIM110  (a loop is faster here)
            if verb in words:
                return True
        return False

    def where(self, *kinds: Collection[str]) -> list[int]:
        """The indexes of these words."""
        said = self._set
        here = [words for words in kinds if not said.isdisjoint(words)]
        if not here:
            return []
        if len(here) == 1:
            words = here[0]
            return [i for i, w in enumerate(self._list, self.first) if w in words]
        return [i for i, w in enumerate(self._list, self.first) if any(w in words for words in here)]

    def sides(self) -> list[int]:
        """The indexes of words that mean a side."""
        return self._sides

    def hand_first(self) -> bool:
        """Whether it speaks of a hand before it speaks of a foot or the weight."""
        hands, feet = self.where(lx.HAND), self.where(lx.FOOT, ("weight",))
        return bool(hands) and (not feet or hands[0] < feet[0])

    def side_of(self, noun: int) -> Side | None:
        """The side that stands with a foot word: "left foot", "right front toes", "foot on the left", "heel of the right"."""
        if self.side(noun - 1):
            return self.side(noun - 1)
        if self.side(noun - 2) and self.w(noun - 1) in FOOT_OR_BETWEEN:
            return self.side(noun - 2)
        for k in range(noun + 2, min(noun + 5, self.last)):
            if self.side(k) and self.before(k) & {"on", "of"}:
                return self.side(k)
        return None

    def fact(self, kind: FactKind, at: Iterable[int], **fields: Any) -> Fact:
        """A fact read from the words at these indexes (those outside the clause do not count)."""
        inside = [i for i in at if self.first <= i < self.last]
        if not any(self.tokens[i].end > self.tokens[i].start for i in inside):
            inside = list(self.range())  # words that were only put in stand nowhere
        return Fact(kind=kind, start=self.tokens[min(inside)].start, end=self.tokens[max(inside)].end, **fields)
