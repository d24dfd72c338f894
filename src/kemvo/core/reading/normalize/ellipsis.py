"""Ellipsis: words said once and meant again ("shift to the left and then to the right", "lift and place the left foot").

The verb is put in again before the second side, the foot after the first verb, and the foot that goes on acting before what
it does next, as words of no width.
"""

from __future__ import annotations

from collections.abc import Sequence

from kemvo.core.language import lexicon as lx
from kemvo.core.reading.normalize.implied_foot import ALWAYS_FEET, ARTICLES, TO
from kemvo.core.reading.tokens import Token

AGAIN = lx.STEP | lx.SHIFT | lx.SIT_BACK | lx.PIVOT | lx.LIFT | {"weight"}
"""Verbs that are meant again; a turn is read by its own rule."""

TURNING = frozenset("turn turns rotate rotates".split())
"""Of these only what feet do."""

CONJOINED = frozenset("and then".split())
LEADS = frozenset("to onto into on with in over the your".split())
NOUNS = frozenset("leg foot side one heel knee toes ball".split())
LEGS = frozenset("leg foot side one".split())
WEIGHING = lx.SHIFT | lx.SIT_BACK | {"weight"}
REACH = 5
"""The most words between a verb and its side."""


OTHER_THINGS = lx.CONNECT | lx.HAND
SAID_AGAIN = AGAIN | TURNING
DONE_OR_JOINED = lx.ACTS | CONJOINED


def repeat_foot(tokens: Sequence[Token]) -> Sequence[Token]:
    """The tokens, with the foot after both verbs that move it: "lift [the left foot] and place the left foot"."""
    out: list[Token] = []
    for i, t in enumerate(tokens):
        out.append(t)
        if not t.hard and i + 1 < len(tokens) and tokens[i + 1].w == "and":
            verb = tokens[i - 1] if i and t.w == "up" else t
            foot = _foot_after(tokens, i + 2) if verb.w in ("lift", "lifts", "pick", "picks") else None
            if foot is not None:
                side, noun = tokens[foot], tokens[foot + 1]
                out[-1] = t._replace(comma=False)
                out += [
                    Token(side.w, t.end, t.end, side.side, False, False),
                    Token(noun.w, t.end, t.end, None, False, t.comma),
                ]
    return out


def _foot_after(tokens: Sequence[Token], i: int) -> int | None:
    """Where a side and its foot are named, right after another verb; None where the verb has another object."""
    if i + 2 >= len(tokens) or tokens[i].w not in lx.ACTS:
        return None
    for k in range(i + 1, min(i + REACH, len(tokens) - 1)):
        if tokens[k - 1].hard or tokens[k].w in OTHER_THINGS or tokens[k].w == "it":
            return None
        if tokens[k].side:
            return k if tokens[k + 1].w in lx.FOOT else None
    return None


def with_verbs(tokens: Sequence[Token]) -> Sequence[Token]:
    """The tokens, with a verb again before every further side that it is meant for."""
    if not any(t.w in SAID_AGAIN for t in tokens):
        return tokens
    out: list[Token] = []
    verb: Token | None = None
    said_at = 0
    i = 0
    while i < len(tokens):
        t = tokens[i]
        listed = i > 0 and t.side is not None and tokens[i - 1].side is not None  # "walk right left right"
        begins = (
            i > 0
            and tokens[i - 1].w not in lx.NUMBERS
            and (listed or t.w in CONJOINED or tokens[i - 1].comma)
            and not tokens[i - 1].hard
        )
        at = _side_alone(tokens, i, verb.w) if verb and begins else None
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
        if t.w in SAID_AGAIN and not (t.w == "steps" and i and tokens[i - 1].w in lx.NUMBERS):
            verb, said_at = (t, i) if _has_side(tokens, i, t.w in TURNING) else (None, i)
        elif t.w in lx.ACTS or (t.w in lx.HAND and i - said_at <= REACH):
            verb = None
        out.append(t)
        if t.hard:
            verb = None
        i += 1
    return out


def _has_side(tokens: Sequence[Token], i: int, of_a_foot: bool) -> bool:
    """Whether a side follows the verb before anything else is done. `of_a_foot`: only one with its foot counts."""
    for k in range(i + 1, min(i + 1 + REACH, len(tokens))):
        if tokens[k - 1].hard or tokens[k - 1].comma or tokens[k].w in DONE_OR_JOINED:
            return False
        if tokens[k].side:
            return not of_a_foot or (k + 1 < len(tokens) and tokens[k + 1].w in lx.FOOT)
    return False


def _names_foot(tokens: Sequence[Token], i: int) -> bool:
    return i + 1 < len(tokens) and not tokens[i].hard and tokens[i + 1].w in lx.FOOT_OR_HAND


def _side_alone(tokens: Sequence[Token], i: int, verb: str) -> int | None:
    """Whether nothing but a side, or "the other one", comes next, and then an end; the index of its last word."""
    k = i
    while k < len(tokens) and tokens[k].w in CONJOINED:
        k += 1
    while k < len(tokens) and tokens[k].w in LEADS and not tokens[k].hard:
        k += 1
    if k >= len(tokens) or not (tokens[k].side or (tokens[k].w == "other" and k > i)):
        return None
    other = tokens[k].w == "other"
    turning, nouns = verb in TURNING, LEGS if verb in WEIGHING else NOUNS
    if k + 1 < len(tokens) and not tokens[k].hard and tokens[k + 1].w in nouns:
        k += 1
    elif other:
        return None
    if turning and tokens[k].w in lx.FOOT and k + 1 < len(tokens) and tokens[k + 1].w in lx.IN_OR_OUT:
        k += 1  # "turn the left foot out and the right foot in"
    elif turning:
        return None
    after = tokens[k + 1] if k + 1 < len(tokens) and not tokens[k].hard else None
    if after is not None and after.w in ("now", "then") and any(t.w.endswith("s") for t in tokens[k + 2 : k + 3]):
        return None  # "the right foot now has nothing in it"
    listed = after is not None and after.side is not None and tokens[k].side is not None
    ends = after is None or tokens[k].comma or after.w in lx.CONNECT or (listed and not _names_foot(tokens, k + 1))
    return k if ends else None


ACTING = frozenset(
    "steps goes moves slides extends lifts turns pivots swings draws crosses fills takes receives follows sweeps travels floats"
    " rises opens reaches returns swivels rotates retreats advances empties closes carries bears accepts glides".split()
)
"""What a foot goes on to do: "the right foot lifts and goes forward"."""

PASSIVE = frozenset(
    "placed lifted set put brought moved drawn taken turned raised stepped extended swung slid carried replaced withdrawn lowered planted returned".split()
)


PUT_BACK = frozenset("replaced lowered returned planted".split())
""" "The right foot is lifted and replaced"."""


def with_subjects(tokens: Sequence[Token]) -> Sequence[Token]:
    """The tokens, with the foot named again where it goes on acting: "the right foot lifts and [the right foot] goes…"."""
    out: list[Token] = []
    acting: Token | None = None
    noun = "foot"
    plain = False
    for i, t in enumerate(tokens):
        begins = i > 0 and (tokens[i - 1].w in CONJOINED or tokens[i - 1].comma) and not tokens[i - 1].hard
        if acting and begins and _goes_on_acting(tokens, i, plain):
            at = t.start
            out += [Token(acting.w, at, at, acting.side, False, False), Token(noun, at, at, None, False, False)]
        elif t.w in lx.HAND or t.w in OTHERS:
            acting = None
        elif t.w in lx.FOOT and i and tokens[i - 1].side:
            led = tokens[i - 2 - (i > 1 and tokens[i - 2].w in ARTICLES)].w if i > 2 else ""
            if led not in TO:
                acting = tokens[i - 1] if i + 1 < len(tokens) and _is_subject(tokens, i) else None
                noun = "toes" if t.w == "toes" else "foot"
                plain = acting is not None and (noun == "toes" or _is_going_to(tokens, i + 1))
        out.append(t)
        if t.hard:
            acting = None
    return out


WHOM = ARTICLES | {"them", "it", "body"}
MODAL = frozenset("will can should must".split())
PLAIN_ACTS = frozenset("step turn pivot lift move slide go swing open swivel rotate".split())
""" "The left foot is going to pivot and then step": verbs as they are named."""


OTHERS = lx.TRUNK | frozenset("weight you we i they he she it its arms this that".split())
"""Who else may act."""


def _is_going_to(tokens: Sequence[Token], i: int) -> bool:
    """ "…is going to pivot" (of which "going to" is left out), "…will pivot"."""
    return tokens[i].w in MODAL or (tokens[i].w == "is" and i + 1 < len(tokens) and tokens[i + 1].w in PLAIN_ACTS)


def _is_subject(tokens: Sequence[Token], i: int) -> bool:
    """Whether the foot named at i acts: "the right foot lifts", "the left heel is pushed out"."""
    if tokens[i].hard or tokens[i].comma:
        return False
    w = tokens[i + 1].w
    return (
        w in ("is", "then", "now", "pivot")
        or w in MODAL
        or w in ALWAYS_FEET
        or (w in lx.ACTS and (w.endswith("s") or (tokens[i].w == "toes" and _opens(tokens, i))))
        or w in ACTING
    )


def _opens(tokens: Sequence[Token], i: int) -> bool:
    """Whether nothing stands before "the left toes" that could act on them."""
    k = i - 2 - (i > 1 and tokens[i - 2].w in ARTICLES)
    return k < 0 or tokens[k].hard or tokens[k].comma or tokens[k].w in lx.CONNECT


def _goes_on_acting(tokens: Sequence[Token], i: int, plain: bool) -> bool:
    w, after = tokens[i].w, tokens[i + 1].w if i + 1 < len(tokens) and not tokens[i].hard else ""
    passive = w in PUT_BACK and tokens[i - 1].w == "and" and after not in WHOM
    return (
        (passive and not plain)
        or w in ACTING
        or (w == "is" and after in PASSIVE)
        or (plain and w in PLAIN_ACTS and after not in WHOM)
    )
