"""What is said once and meant again: "shift to the left and then to the right", "lift the left heel, then the other one".

The verb is put in again before the second side, as a word of no width.
"""

from __future__ import annotations

from collections.abc import Sequence

from kemvo.core.reading import lexicon as lx
from kemvo.core.reading.tokens import Token

AGAIN = lx.STEP | lx.SHIFT | lx.SIT_BACK | lx.PIVOT | lx.LIFT | {"weight"}
"""Verbs that are meant again; a turn is read by its own rule."""

CONJOINED = frozenset("and then".split())
LEADS = frozenset("to onto into on with in over the your".split())
NOUNS = frozenset("leg foot side one heel knee toes".split())
REACH = 5
"""So many words may stand between a verb and its side."""


def with_verbs(tokens: Sequence[Token]) -> Sequence[Token]:
    """The tokens, with a verb again before every further side that it is meant for."""
    if not any(t.w in AGAIN for t in tokens):
        return tokens
    out: list[Token] = []
    verb: Token | None = None
    said_at = 0
    i = 0
    while i < len(tokens):
        t = tokens[i]
        begins = (
            i > 0
            and tokens[i - 1].w not in lx.NUMBERS
            and (t.w in CONJOINED or tokens[i - 1].comma)
            and not tokens[i - 1].hard
        )
        at = _side_alone(tokens, i) if verb and begins else None
        if verb and at is not None:
            k = i
            while tokens[k].w in CONJOINED:
                out.append(tokens[k])
                k += 1
            start = tokens[k].start
            out.append(Token(verb.w, start, start, None, False, False))
            out += tokens[k : at + 1]
            verb = None if tokens[at].hard else verb
            i = at + 1
            continue
        if t.w in AGAIN:
            verb, said_at = (t, i) if _has_side(tokens, i) else (None, i)
        elif t.w in lx.ACTS or (t.w in lx.HAND and i - said_at <= REACH):
            verb = None
        out.append(t)
        if t.hard:
            verb = None
        i += 1
    return out


def _has_side(tokens: Sequence[Token], i: int) -> bool:
    """Whether a side follows the verb before anything else is done."""
    for k in range(i + 1, min(i + 1 + REACH, len(tokens))):
        if tokens[k - 1].hard or tokens[k - 1].comma or tokens[k].w in lx.ACTS | CONJOINED:
            return False
        if tokens[k].side:
            return True
    return False


def _side_alone(tokens: Sequence[Token], i: int) -> int | None:
    """Whether nothing but a side, or "the other one", comes next, and then an end; the index of its last word."""
    k = i
    while k < len(tokens) and tokens[k].w in CONJOINED:
        k += 1
    while k < len(tokens) and tokens[k].w in LEADS and not tokens[k].hard:
        k += 1
    if k >= len(tokens) or not (tokens[k].side or (tokens[k].w == "other" and k > i)):
        return None
    other = tokens[k].w == "other"
    if k + 1 < len(tokens) and not tokens[k].hard and tokens[k + 1].w in NOUNS:
        k += 1
    elif other:
        return None
    ends = k + 1 == len(tokens) or tokens[k].hard or tokens[k].comma or tokens[k + 1].w in lx.CONNECT
    return k if ends else None
