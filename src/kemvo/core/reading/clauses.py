"""A row of words cut where one action ends and the next begins, and what can be found inside a piece."""

from __future__ import annotations

from collections.abc import Sequence
from itertools import pairwise
from typing import NamedTuple

from kemvo.core.reading import lexicon as lx
from kemvo.core.reading.tokens import Token

VERBS = (
    lx.STEP | lx.PLACE | lx.LIFT | lx.TURN | lx.PIVOT | lx.AIM | lx.FACE | lx.SHIFT | lx.SINK | lx.EMPTY | lx.FILL | lx.STAND
    | lx.KICK | lx.HOLD | frozenset("inhale exhale breathe press bend keep look pushing brush bends brushes presses release relax".split())
)  # fmt: skip
"""Words that begin an action."""

NOUN_BEFORE = frozenset(
    "the a an this that each every next first last small big half follow your my one another of tiny little".split()
)
"""After these, "step", "turn", "kick" and the like are things, not actions."""


SUBORDINATE = frozenset("or nor while when as until till whilst".split())
"""What begins so is part of what came before it, warned of if that was."""


class Clause(NamedTuple):
    """A piece of a sentence around one verb: tokens [first, last), the verb's index (-1: there is none), and
    whether it is only warned of or supposed."""

    first: int
    last: int
    verb: int
    unreal: bool


def clauses(tokens: Sequence[Token]) -> list[Clause]:
    """The clauses of a text, in order. Every token belongs to one."""
    cuts = [0]
    for i in range(1, len(tokens)):
        before = tokens[i - 1]
        if before.hard or _begins(tokens, i, cuts[-1]):
            cuts.append(i)
    cuts.append(len(tokens))
    out: list[Clause] = []
    unreal = False
    for first, last in pairwise(cuts):
        if first == last:
            continue
        if first == 0 or tokens[first - 1].hard:
            unreal = False
        words = {t.w for t in tokens[first:last]}
        verb = next((i for i in range(first, last) if is_verb(tokens, i)), -1)
        said = verb if verb >= 0 else last
        denied = any(t.w in lx.NEGATION for t in tokens[first : min(said + 1, last)])
        supposed = bool(words & lx.UNREAL)
        unreal = denied or supposed or (unreal and tokens[first].w in SUBORDINATE)
        out.append(Clause(first, last, verb, unreal))
    return out


def is_verb(tokens: Sequence[Token], i: int) -> bool:
    """Whether the token begins an action (and is not the thing of the same name)."""
    w = tokens[i].w
    if w not in VERBS:
        return False
    before = tokens[i - 1].w if i and not tokens[i - 1].hard else ""
    after = tokens[i + 1].w if i + 1 < len(tokens) and not tokens[i].hard else ""
    if w == "steps" and (before in lx.NUMBERS or before.isdigit()):
        return False
    if before in NOUN_BEFORE and not (before in ("your", "the") and w in ("left",)):
        return w in lx.STEP | lx.KICK and before in ("half", "follow", "a", "small", "little", "big", "tiny")
    if w in ("back", "front", "close", "open", "empty", "half") and after in lx.FOOT | {"stance"}:
        return False
    if (
        w in ("go", "goes", "going", "come", "comes")
        and after in ("to", "and")
        and i + 2 < len(tokens)
        and tokens[i + 2].w in VERBS
    ):
        return False
    if "by" in (before, after) and w in lx.STEP:
        return False
    if w == "kicking" and after in lx.FOOT:
        return False
    if w == "empty" and before in ("is", "becomes", "the", "goes", "now", "feels"):
        return False
    if w in ("circle", "circles", "arc", "arcs") and before in ("small", "little", "big", "wide", "slight"):
        return False
    if w in ("set", "rest") and before in ("the", "a"):
        return False
    return not (w == "face" and before in ("your", "the", "passes", "past"))


def _begins(tokens: Sequence[Token], i: int, since: int) -> bool:
    """Whether a new action begins at token i, the piece before having begun at `since`."""
    w = tokens[i].w
    has_verb = any(is_verb(tokens, k) for k in range(since, i))
    after_comma = tokens[i - 1].comma
    if after_comma and ((has_verb and not _only_names_foot(tokens, i)) or _speaks_of_other(tokens, i, since)):
        return True
    if w in lx.CONNECT and not (w == "next" and tokens[min(i + 1, len(tokens) - 1)].w == "to"):
        return has_verb or any(t.w in lx.FOOT or t.side or t.w == "weight" for t in tokens[since:i])
    if (
        is_verb(tokens, i)
        and has_verb
        and (tokens[i - 1].w not in BINDING or (w in lx.FACE and _turns_none(tokens, since, i)))
    ):
        return not _same_action(tokens, i, since)
    return not has_verb and _names_next_foot(tokens, i, since)


def _turns_none(tokens: Sequence[Token], since: int, i: int) -> bool:
    """Whether nothing is turned before "to face": "turn the palm to face left" is one action, "come back to face the
    front" and "turn on both heels to face the back" are two."""
    piece = tokens[since:i]
    return any(t.w in lx.FOOT for t in piece) or not any(t.w in lx.TURN for t in piece)


BINDING = frozenset("to and going gonna can".split())
"""After these, a verb goes with what came before."""


def _names_next_foot(tokens: Sequence[Token], i: int, since: int) -> bool:
    """Whether another foot is named after one whose way was told: "left foot in | right foot out"."""
    if (
        not (tokens[i].side and i + 1 < len(tokens) and tokens[i + 1].w in lx.FOOT)
        or tokens[i - 1].w not in lx.STEP_WAYS
    ):
        return False
    return any(t.w in lx.FOOT for t in tokens[since:i])


def _same_action(tokens: Sequence[Token], i: int, since: int) -> bool:
    """Verbs that belong together: "pick up and", "let the foot come", "bring it to touch"."""
    first = next(k for k in range(since, i) if is_verb(tokens, k))
    if tokens[first].w in ("let", "keep", "going", "go") and i - first <= 4:
        return True
    if tokens[i].w in lx.STEP and tokens[i - 1].w in NOUN_BEFORE:
        return True
    if tokens[i].w.endswith("ing") and tokens[first].w in lx.PIVOT | lx.STEP | lx.PLACE:
        return any(t.w in lx.FOOT for t in tokens[i : i + 4]) and not any(t.side for t in tokens[i : i + 4])
    return tokens[i].w in ("touch", "touches", "land", "lands", "rest", "close", "open", "point") and i - first <= 6


def _speaks_of_other(tokens: Sequence[Token], i: int, since: int) -> bool:
    """After a comma without a verb before it: is something else meant than what was named? "Left foot, step
    forward" goes on; "left heel down, right hand opens" does not."""
    told = any(
        (t.w == "weight" and any(x.side for x in tokens[since:i]))
        or (k > since and (t.w in lx.STEP_WAYS or t.w in lx.FULL_OR_LIGHT))
        for k, t in enumerate(tokens[since:i], since)
    )
    return told and any(t.w in lx.FOOT or t.side for t in tokens[i : i + 3])


def _only_names_foot(tokens: Sequence[Token], i: int) -> bool:
    """Whether what follows a comma is nothing but a foot: "step, left foot, to the corner"."""
    k = i
    while k < len(tokens) and (tokens[k].w in ("the", "your") or tokens[k].side):
        k += 1
    return k > i and k < len(tokens) and tokens[k].w in lx.FOOT and (tokens[k].hard or tokens[k].comma)
