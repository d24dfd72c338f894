"""Implied feet: a side that stands for its foot ("the left steps back", "bring the right up half a step").

The foot is put in as a word of no width, so that everything after reads "the left foot". Where hands may be meant (a
hand or a place on the body is named near by) the side stays as it is.
"""

from __future__ import annotations

from collections.abc import Sequence

from kemvo.core.language import lexicon as lx
from kemvo.core.language.abbreviations import SHORT_SIDES
from kemvo.core.reading.tokens import Token

ALWAYS_FEET = frozenset("steps stepping stepped pivots pivoting swivels swivelling swiveling".split())
"""What only feet do."""

OFTEN_FEET = frozenset(
    "goes comes moves lifts extends reaches slides turns swings follows draws crosses opens closes touches lands joins glides sweeps coming going"
    " moving sliding turning following drawing crossing tucks hooks retreats advances straightens".split()
)
"""What feet do, and hands too."""

WAYS = frozenset(
    "out outward outwards forward forwards back backward backwards in inward inwards behind beside alongside together through"
    " across corner side next half diagonal diagonally after over parallel around round straight heel toe toes up".split()
) | {"to"}
"""Ways that feet go, told soon after."""

MOVES = (lx.STEP | lx.PLACE | lx.PIVOT | lx.TURN | lx.AIM) - frozenset(
    "push pushes press return returns come comes go goes".split()
)
"""Verbs that take a foot: "slide the right back"."""

ENDS = frozenset("out in forward back through down up".split())
"""What may end before a side that begins something new: "right turns out, left comes in"."""

PARTICLES = frozenset("up in out back down over on just also then now only".split())
ARTICLES = frozenset("the your my our".split())
TO = frozenset("to on onto into in over toward towards of at from off by beside behind than past with".split())
"""After these a side is a place or what carries the weight."""

NOUNS = (
    lx.FOOT | lx.HAND | lx.TRUNK
    | frozenset("side corner diagonal thigh calf half bow stance step brush ward knee one cheek leg's foot's".split())
)  # fmt: skip
"""Words a side belongs to."""

BODY = lx.HAND | frozenset("chest hip hips ear ears temple face waist elbow belly thigh throat brow bodies".split())
NEAR = 9
"""How many words to either side can tell that hands are meant."""


SHORT = {short.lower(): words.split()[1] for short, words in SHORT_SIDES.items()}
"""Short forms of hand-outs: "LF to R ankle"."""
BRIEFLY = frozenset("close lift pivot".split())
ADJUST = frozenset("adjust adjusts correct fix realign pivot".split())
MAY = frozenset("can will may".split())
ONLY_FEET = lx.STEP | lx.PIVOT
LEAVES = ONLY_FEET | frozenset("leave come lift move float rise go".split())
FLOOR = frozenset("ground floor through forward back out behind beside".split())

LET_MOVE = MOVES | {"follow", "step"}
OPENS = lx.CONNECT | {"let", "both"}


def add_implied_foot(tokens: Sequence[Token]) -> list[Token]:
    """The tokens, with a foot after every side that stands for one."""
    out: list[Token] = []
    for i, t in enumerate(tokens):
        if t.side and t.w in SHORT:
            out += [t._replace(hard=False, comma=False), Token(SHORT[t.w], t.end, t.end, None, t.hard, t.comma)]
        elif t.side and (t.hard or t.comma) and i and tokens[i - 1].w in BRIEFLY and _opens(tokens, i - 1):
            out += [t._replace(hard=False, comma=False), Token("foot", t.end, t.end, None, t.hard, t.comma)]
        elif t.side and not t.hard and _is_a_foot(tokens, i):
            out += [t._replace(comma=False), Token("foot", t.end, t.end, None, False, t.comma)]
        elif t.side and t.hard and _moved(tokens, i) and not _hands_near(tokens, i):
            out += [t._replace(hard=False), Token("foot", t.end, t.end, None, True, t.comma)]
        elif t.w in ("back", "rear") and _adjusted(tokens, i):
            out += [t._replace(hard=False, comma=False), Token("foot", t.end, t.end, None, t.hard, t.comma)]
        else:
            out.append(t)
    return out


def _opens(tokens: Sequence[Token], i: int) -> bool:
    """Whether a word begins what is said: "close L", "then lift R"."""
    return i == 0 or tokens[i - 1].hard or tokens[i - 1].comma or tokens[i - 1].w in lx.CONNECT


def _adjusted(tokens: Sequence[Token], i: int) -> bool:
    """ "Adjust the back": the back foot."""
    ends = tokens[i].hard or tokens[i].comma or i + 1 == len(tokens) or tokens[i + 1].w in lx.CONNECT
    return ends and i > 1 and tokens[i - 1].w in ARTICLES and tokens[i - 2].w in ADJUST


def _is_a_foot(tokens: Sequence[Token], i: int) -> bool:
    after = tokens[i + 1].w if i + 1 < len(tokens) else ""
    noun = after in lx.BETWEEN and not tokens[i + 1].hard and tokens[i + 2 : i + 3] and tokens[i + 2].w in NOUNS
    if after in NOUNS or noun or tokens[i + 1].side:
        return False
    state = i + 2 < len(tokens) and tokens[i + 2].w in lx.FULL_OR_LIGHT
    if after in ("is", "feels", "becomes", "gets") and state and _subject(tokens, i):
        return True  # "when the left feels light"
    if _let_go(tokens, i) and after in LET_MOVE and not _hands_near(tokens, i):
        return True
    if after in MAY and _may_move(tokens, i) and _subject(tokens, i) and not _hands_near(tokens, i):
        return True  # "the right can now leave the ground"
    if not tokens[i].comma and (after in ALWAYS_FEET or after in OFTEN_FEET):
        if not _subject(tokens, i):
            return False
        soon = {t.w for t in tokens[i + 2 : i + 6]}
        return after in ALWAYS_FEET or (not soon.isdisjoint(WAYS) and not _hands_near(tokens, i))
    return (
        _moved(tokens, i) and (tokens[i].comma or after in WAYS or after in lx.CONNECT) and not _hands_near(tokens, i)
    )


def _may_move(tokens: Sequence[Token], i: int) -> bool:
    """ "The right can now leave the ground", "the left will step out": only feet do."""
    soon = [t.w for t in tokens[i + 2 : i + 5]]
    return not LEAVES.isdisjoint(soon) and (
        not ONLY_FEET.isdisjoint(soon) or not FLOOR.isdisjoint(t.w for t in tokens[i + 2 : i + 7])
    )


def _let_go(tokens: Sequence[Token], i: int) -> bool:
    """ "Let the left …"."""
    return i > 1 and tokens[i - 1].w in ARTICLES and tokens[i - 2].w == "let"


def _subject(tokens: Sequence[Token], i: int) -> bool:
    """Whether the side begins what is said: "then the left …", not "to the left"."""
    at = i - 1
    if at >= 0 and not tokens[at].hard and tokens[at].w in ARTICLES:
        at -= 1
    return (
        at < 0
        or tokens[at].hard
        or tokens[at].comma
        or tokens[at].w in OPENS
        or ((tokens[at].w not in TO and at < i - 1) or (at == i - 1 and tokens[at].w in ENDS))
    )


def _moved(tokens: Sequence[Token], i: int) -> bool:
    """Whether a verb moves it: "slide the right", "bring up the left"."""
    if i < 2 or tokens[i - 1].w not in ARTICLES:
        return False
    at = i - 2
    if tokens[at].w in PARTICLES and at > 0 and tokens[at - 1].w in MOVES and not tokens[at].hard:
        at -= 1
    return tokens[at].w in MOVES and not tokens[at].hard and not tokens[at].comma


def _hands_near(tokens: Sequence[Token], i: int) -> bool:
    for step in (-1, 1):
        k = i + step
        while 0 <= k < len(tokens) and abs(k - i) <= NEAR and not tokens[k if step < 0 else k - 1].hard:
            if tokens[k].w in BODY:
                return True
            k += step
    return False
