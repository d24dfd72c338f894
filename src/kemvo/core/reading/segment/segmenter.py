"""The segmenter: cuts a text into clauses, each describing one action."""

from __future__ import annotations

from collections.abc import Sequence
from itertools import pairwise
from typing import NamedTuple

from kemvo.core.language import lexicon as lx
from kemvo.core.reading.segment.rules import begins
from kemvo.core.reading.segment.verbs import VERBS, is_verb
from kemvo.core.reading.tokens import Token

HABIT = frozenset({"each", "every"})
""" "Each time you step": what is told of then is a habit, no step now."""

ASKING = frozenset({"do", "does", "did", "shall"})
""" "Do we turn the foot?": a question."""

TROUBLE = frozenset(
    "problem problems difficult hurts hurt sore painful pain trouble poor bad wobbly unsteady tired uncomfortable hard dizzy"
    " complaining stiff lose".split()
)
""" "If your knee hurts, …": what comes then is the gentler way, and not the movement."""

TOO = frozenset("far wide high early late much fast long big deep short low close straight".split())
""" "The foot is turned out too far": a fault, and no instruction; "not too far" is part of one."""

QUESTIONS = frozenset("is are does did has where where's who who's why".split())
ASKED_OF = frozenset("on have your the everyone everybody you we it that my her his is are".split())

IN_ORDER_TO = (["in", "order", "to"], ["so", "in", "order", "to"], ["so", "to"], ["now", "to"], ["and", "to"])
""" "In order to step left, the weight has to be on the right"."""

SUBORDINATE = frozenset("or nor while when as until till whilst after before".split())
"""What begins so is part of what came before it, warned of if that was."""


ASKED_FOR = lx.ACTS - lx.STAND | lx.SIT_BACK
OR_CANNOT = TROUBLE | {"can't", "cannot"}
ASKED_WHICH = lx.FOOT | {"way", "side", "hand", "moves"}


class Clause(NamedTuple):
    """A piece of a sentence around one verb: tokens [first, last), the verb's index (-1: there is none), and
    whether it is only warned of or supposed."""

    first: int
    last: int
    verb: int
    unreal: bool


def clauses(tokens: Sequence[Token]) -> list[Clause]:
    """The clauses of a text, in order. Every token belongs to one."""
    verbs = [t.w in VERBS and is_verb(tokens, i) for i, t in enumerate(tokens)]
    cuts = [0]
    for i in range(1, len(tokens)):
        if tokens[i - 1].hard or begins(tokens, verbs, i, cuts[-1]):
            cuts.append(i)
    cuts.append(len(tokens))
    out: list[Clause] = []
    unreal = eased = often = False
    for first, last in pairwise(cuts):
        if first == last:
            continue
        if first == 0 or tokens[first - 1].hard:
            unreal = eased = often = False
        words = {t.w for t in tokens[first:last]}
        verb = next((i for i in range(first, last) if verbs[i]), -1)
        said = verb if verb >= 0 else last
        denied = any(t.w in lx.NEGATION for t in tokens[first : min(said + 1, last)])
        # "Or", where it begins, offers something else; "the weight should be even" tells where it is.
        instead = tokens[first].w == "or" and (first == 0 or tokens[first - 1].hard)
        lead = [t.w for t in tokens[first:said]]
        habit = tokens[first].w in ("whenever", "wherever") or often
        habit = habit or lead[:2] == ["so", "always"]
        often = tokens[first].w in HABIT and tokens[min(first + 1, last - 1)].w == "time"
        habit = habit or often
        often = often and last - first == 2
        maybe = words & lx.UNREAL
        if maybe == {"would"} and {"where", "be"} <= words:
            maybe = set()  # "to where eleven would be"
        asked = any(t.w in ASKING and n.w in ("we", "you", "i") for t, n in pairwise(tokens[first : max(first, said)]))
        taught = ("how", "to") in pairwise(lead) or (lead[-1:] == ["to"] and "for" in lead)
        taught = taught or any(a != "not" and b == "too" and c in TOO for a, b, c in _threes(tokens, first, last))
        opens = first == 0 or tokens[first - 1].hard
        purpose = tokens[first].w == "to" and verb == first + 1 and opens
        purpose = purpose or (verb >= first + 2 and opens and [t.w for t in tokens[first:verb]] in IN_ORDER_TO)
        purpose = purpose or (verb > first and tokens[verb - 1].w == "about") or ("can always" in " ".join(lead))
        purpose = purpose or "where you can" in " ".join(lead)
        purpose = purpose or (lead[:1] == ["like"] and lead[1:2] in (["you're"], ["someone"], ["somebody"]))
        able = tokens[first].w in ("until", "till") and "can" in words
        asked = asked or (opens and _asks(tokens, first, last))
        some = any(t.w == "of" and n.w == "you" for t, n in pairwise(tokens[first : max(first, said)]))
        asked = asked or (some and not (("all", "of") in pairwise(lead) and tokens[said - 1].w == "you"))
        was = "was" in words and (
            tokens[first].w == "which" or ("weight", "was") in pairwise(t.w for t in tokens[first:last])
        )
        was = was or tokens[last - 1].w == "instead"
        was = was or any(
            t.w == "like" and n.w.endswith("ing") for t, n in pairwise(tokens[first : max(first, said + 1)])
        )
        supposed = was or purpose or able or asked or taught or instead or habit
        supposed = supposed or bool(
            maybe
            and not (
                maybe == {"should"}
                and ("weight" in words or ({"on", "leg"} <= words and words & {"be", "end", "finish"}))
            )
            and not (len(maybe) == 1 and _asked_for(tokens, verb))
        )
        unreal = denied or supposed or eased or (unreal and tokens[first].w in SUBORDINATE)
        eased = ("if" in words and not words.isdisjoint(OR_CANNOT)) or (eased and verb < 0)
        out.append(Clause(first, last, verb, unreal))
    return out


def _threes(tokens: Sequence[Token], first: int, last: int) -> list[tuple[str, str, str]]:
    words = [tokens[first - 1].w if first else "", *(t.w for t in tokens[first:last])]
    return list(zip(words, words[1:], words[2:], strict=False)) if "too" in words else []


def _asks(tokens: Sequence[Token], first: int, last: int) -> bool:
    """ "Is your weight on the left?", "which foot moves first?": a question."""
    w, after = tokens[first].w, tokens[first + 1].w if first + 1 < last else ""
    if w == "how" and after in ("many", "much", "far", "do", "does", "is", "are"):
        return True
    if w == "who":
        return True  # "who has the weight on the left?"
    if w in ("which", "what"):
        return after in ASKED_WHICH
    return w in QUESTIONS and after in ASKED_OF


def _asked_for(tokens: Sequence[Token], verb: int) -> bool:
    """ "Your left foot should turn in", "you should sit back", "could you all step": an instruction all the same."""
    if verb < 2 or tokens[verb].w not in ASKED_FOR:
        return False
    before = [t.w for t in tokens[max(0, verb - 3) : verb]]
    should = before[-1] == "should" and (before[-2] in lx.FOOT or before[-2] in ("you", "we"))
    return should or before[-2:] in (["could", "you"], ["would", "you"]) or before[-3:] == ["could", "you", "all"]
