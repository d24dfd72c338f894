"""Hands that are told without the word hand: "left palm up, right one down", "drop the right". In doubt no fact: one that is missed
is shown as not understood, a false one walks away with the floor, the checks and the voice."""

from __future__ import annotations

import re
from collections.abc import Sequence

from kemvo.core.facts import Fact
from kemvo.core.language import lexicon as lx

HANDS_DO = frozenset(
    "push pushes pushing pull pulls pulling press presses pressing sweep sweeps sweeping circle circles circling drop drops dropping block"
    " blocks punch punches strike strikes scoop scoops brush brushes wave waves roll rolls pluck plucks chop chops slap slaps".split()
)
"""What hands do when only a side is named after it."""
ONLY_HANDS = frozenset(
    "push pushes pushing pull pulls pulling press presses pressing punch punches strike strikes pluck plucks chop chops".split()
)
"""What feet do not do, unless they are named."""
_RAISED = re.compile(r"\brais(?:e|es|ing)\s+(?:the\s+|your\s+)?(?:left|right)\s*$", re.IGNORECASE)
""" "Drop the left, raise the right"; "raise the left need" is a knee that was misheard."""
OF_HANDS = frozenset("under underneath below above top".split())
"""Where the one hand is to the other: "left goes under, right over the top"."""
OF_FEET = lx.FOOT | lx.STEP | frozenset("stance stances hop hops jump jumps foothold toe-tip".split())
OF_WEIGHT = frozenset(
    "weight even evenly middle centre center between feet legs balance balanced both sit sink stand spread".split()
)
_WORD = re.compile(r"[a-z'-]+")
_SENTENCE = re.compile(r"[.;!?\n]")


def without_hands(facts: Sequence[Fact], text: str) -> list[Fact]:
    """The facts without those of feet that are told by words of the hands."""
    return [f for f in facts if not _of_hands(f, text)]


def _of_hands(f: Fact, text: str) -> bool:
    words = _words(text[f.start : f.end])
    begin = max((m.end() for m in _SENTENCE.finditer(text, 0, f.start)), default=0)
    before = _words(text[begin : f.start])
    clause = _words(_clause(text, f))
    if f.kind == "shift":
        crossed = f.guessed and "over" in clause and {"left", "right"} <= clause  # "roll the left over the right"
        if crossed and OF_WEIGHT.isdisjoint(clause) and OF_FEET.isdisjoint(clause):
            return True
        return (
            f.guessed
            and f.side == "both"
            and OF_WEIGHT.isdisjoint(words - {"both"})
            and not lx.HAND.isdisjoint(before | words)
        )
    if f.kind not in ("step", "lift") or not OF_FEET.isdisjoint(words):
        return False
    hands = not ONLY_HANDS.isdisjoint(words) or not OF_HANDS.isdisjoint(clause) or _RAISED.search(_clause(text, f))
    if OF_FEET.isdisjoint(clause) and hands:
        return True
    if f.guessed and f.side is None:
        return OF_FEET.isdisjoint(clause | before) and not lx.HAND.isdisjoint(clause | before)
    if not HANDS_DO.isdisjoint(words) and not words.isdisjoint(
        {"left", "right"}
    ):  # "drop the right", not "drop it down"
        return OF_FEET.isdisjoint(clause)
    return "one" in words and not lx.HAND.isdisjoint(before) and OF_FEET.isdisjoint(before)


def _clause(text: str, f: Fact) -> str:
    begin = max(text.rfind(",", 0, f.start), text.rfind(".", 0, f.start)) + 1
    ends = [i for i in (text.find(",", f.end), text.find(".", f.end)) if i >= 0]
    return text[begin : min(ends, default=len(text))]


def _words(text: str) -> frozenset[str]:
    return frozenset(_WORD.findall(text.lower()))
