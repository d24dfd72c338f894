"""Self-corrections: "weight on the left, no, sorry, on the right" becomes "weight on the right"."""

from __future__ import annotations

from collections.abc import Sequence

from kemvo.core.language import lexicon as lx
from kemvo.core.reading.tokens import Token

TAKEN_BACK = frozenset("sorry oops whoops mean rather".split())
""" "Sorry", "I mean", "or rather": what was said just before is taken back."""

AROUND = frozenset("no oh i wait my mistake apologies or not actually".split())
"""Words that stand with those."""

LEADS = frozenset("on the to with your into onto my in it's that's of".split())
"""What may stand between them and the side that was meant."""

REACH = 4
"""How many words may stand between a side and its being taken back, and between that and the side that was meant."""


WHICH = (["which", "is", "the"], ["that's", "the"], ["that", "is", "the"], ["the"])


BEGUN = lx.ACTS | {"weight"}
MEANT = LEADS | AROUND | TAKEN_BACK
SAID = lx.FOOT_OR_HAND | AROUND | TAKEN_BACK | {"side"}


def apply_self_corrections(tokens: Sequence[Token]) -> Sequence[Token]:
    """The tokens as they are meant: without the sides that are taken back, and "the back leg, which is the right" as "the
    right leg"."""
    return _named_once(_without_denied(_without_taken_back(tokens)))


def _without_denied(tokens: Sequence[Token]) -> Sequence[Token]:
    """ "The right foot, not the left, …": without what it is not."""
    if not any(t.w == "not" for t in tokens):
        return tokens
    out = list(tokens)
    for i in range(len(out) - 3, 0, -1):
        said = out[i - 1].w in lx.FOOT and not out[i - 1].hard
        if said and out[i].w == "not" and out[i + 1].w in ("the", "your") and out[i + 2].side:
            last = i + 2
            if last + 1 < len(out) and not out[last].hard and out[last + 1].w in lx.FOOT | {"one"}:
                last += 1
            out[i - 1] = out[i - 1]._replace(hard=out[last].hard, comma=False)
            del out[i : last + 1]
    return out


def _named_once(tokens: Sequence[Token]) -> Sequence[Token]:
    if not any(t.w in ("back", "front", "rear", "other") for t in tokens):
        return tokens
    out = list(tokens)
    for i in range(len(out) - 4, -1, -1):
        if out[i].w not in ("back", "front", "rear", "other") or out[i + 1].w not in lx.FOOT or out[i + 1].hard:
            continue
        lead = next((w for w in WHICH if [t.w for t in out[i + 2 : i + 2 + len(w)]] == w), None)
        at = i + 2 + len(lead) if lead else len(out)
        if at >= len(out) or not out[at].side:
            continue
        one = at + 1 < len(out) and out[at + 1].w == "one" and not out[at].hard
        if len(lead or ()) == 1 and not one:
            continue
        last = out[at + one]
        noun = Token(out[i + 1].w, last.start, last.end, None, last.hard, last.comma and last.hard)
        out[i : at + 1 + one] = [out[at]._replace(hard=False, comma=False, end=last.end), noun]
    return out


def _without_taken_back(tokens: Sequence[Token]) -> Sequence[Token]:
    if not any(t.w in TAKEN_BACK for t in tokens):
        return tokens
    out = list(tokens)
    i = 0
    while i < len(out):
        meant = _meant(out, i) if out[i].w in TAKEN_BACK else None
        said = _said(out, i) if meant else None
        if meant is None or said is None:
            said, meant = _begun_again(out, i) if out[i].w == "sorry" else None, i + 1
            i += 1
        if said is not None:
            out[said:meant] = []
            i = said + 1
    return out


def _meant(tokens: Sequence[Token], i: int) -> int | None:
    """The index of the side told after it."""
    for k in range(i + 1, min(i + 1 + REACH, len(tokens))):
        if tokens[k].side:
            return k
        if tokens[k].w not in MEANT:
            return None
    return None


def _begun_again(tokens: Sequence[Token], i: int) -> int | None:
    """The index where what is told after it was begun: "weight to the left, sorry, weight to the right"."""
    if i + 1 >= len(tokens) or tokens[i].hard:
        return None
    for k in range(i - 1, max(i - 1 - 2 * REACH, -1), -1):
        if tokens[k].hard:
            return None
        if tokens[k].w == tokens[i + 1].w and tokens[k].w in BEGUN:
            return k
    return None


def _said(tokens: Sequence[Token], i: int) -> int | None:
    """The index of the side told before it."""
    for k in range(i - 1, max(i - 1 - REACH, -1), -1):
        if tokens[k].side:
            return k
        if tokens[k].w not in SAID:
            return None
    return None
