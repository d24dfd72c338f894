"""A possible clause boundary: the gap between two words, with what stands on either side."""

from __future__ import annotations

from collections.abc import Container, Sequence

from kemvo.core.language import lexicon as lx
from kemvo.core.reading.segment.verbs import PRONOUNS
from kemvo.core.reading.tokens import Token

COVERED = "·"
"""Stands for the words of a posture's name, so that "step back and roll the arms" moves no foot."""

ARTICLES = frozenset({"the", "your", "my"})

UPPER = lx.HAND | frozenset("backs spine waist hips body head chest shoulders".split())
"""What the hands and the trunk have to do with."""

BINDING = frozenset("to and going gonna can".split())
"""After these, a verb goes with what came before."""

WHO = PRONOUNS | frozenset("it to can could not don't and or that would might should".split())
"""After these, a verb goes with who does it."""

BOUND = BINDING | WHO

CutDecision = bool | None
"""What a rule of cutting says. True: a new action begins; False: none does; None: the next rule is asked."""

TELLING = (
    lx.FOOT | lx.UNREAL | lx.NEGATION | frozenset("weight percent center centre middle fifty even sure breath".split())
)
"""With one of these, what came before a connecting word is a piece of its own."""

STOOD_BY = frozenset(
    "into onto on to of with from beside behind past in over under by than near towards toward around across between the"
    " your my a front back other both to and or next empty keep keeping".split()
)
"""After these a foot is named as a place or an object; it does not begin an action of its own."""


def next_word(tokens: Sequence[Token], i: int) -> str:
    """The word after a token in the same sentence, or nothing."""
    return tokens[i + 1].w if i + 1 < len(tokens) and not tokens[i].hard else ""


class Gap:
    """The place before token `i`, in a piece that began at `since`. `verbs`: which tokens begin an action; `w`: the word
    after the gap, `after`: the one after that; `before`: the token before it; `piece`: the tokens so far; `has_verb`:
    whether one of them begins an action."""

    __slots__ = ("after", "before", "has_verb", "i", "piece", "since", "tokens", "verbs", "w")

    def __init__(self, tokens: Sequence[Token], verbs: Sequence[bool], i: int, since: int) -> None:
        self.tokens, self.verbs, self.i, self.since = tokens, verbs, i, since
        self.w = tokens[i].w
        self.after = next_word(tokens, i)
        self.before = tokens[i - 1]
        self.piece = tokens[since:i]
        self.has_verb = True in verbs[since:i]

    def acts(self) -> bool:
        """Whether the word after the gap begins an action."""
        return self.verbs[self.i]

    def told(self) -> bool:
        """Whether what came before says something by itself."""
        return self.has_verb or any(t.w in TELLING or t.side for t in self.piece)

    def word_back(self, n: int) -> str:
        """The n-th word before the gap, or nothing before the text."""
        return self.tokens[self.i - n].w if n <= self.i else ""

    def first_verb(self) -> int:
        """The index of the first verb of the piece, which has one."""
        return self.since + self.verbs[self.since : self.i].index(True)

    def says(self, words: Container[str]) -> bool:
        """Whether the piece has one of these words."""
        return any(t.w in words for t in self.piece)

    def names_side(self) -> bool:
        """Whether the piece names a side."""
        return any(t.side for t in self.piece)
