"""Verbs: which words begin an action, and when such a word is only a noun."""

from __future__ import annotations

from collections.abc import Sequence

from kemvo.core.language import lexicon as lx
from kemvo.core.reading.tokens import Token

VERBS = (
    lx.STEP | lx.PLACE | lx.LIFT | lx.TURN | lx.PIVOT | lx.AIM | lx.FACE | lx.SHIFT | lx.SINK | lx.EMPTY | lx.FILL | lx.STAND
    | lx.KICK | lx.HOLD | frozenset("inhale exhale breathe press bend keep look watch mind notice feel pushing strike strikes brush bends rests brushes presses release relax brushing stamp stamps stomp bending follows split share distribute divide".split())
)  # fmt: skip
"""Words that begin an action."""

NOUN_BEFORE = frozenset(
    "the a an this that each every next first last small big half follow your my one another of tiny little between".split()
)
"""After these, "step", "turn", "kick" and the like are things, not actions."""

PRONOUNS = frozenset("we you i they he she people".split())
MEASURES = lx.FOOT | frozenset("step steps inch inches centimetres fist fists more length lengths".split())

SIZES = frozenset("half small little big tiny wide long short large full".split())
""" "Take a small step": a step all the same."""


NOUNS_TOO = frozenset("shift turn pivot lift transfer".split())
A_SMALL = frozenset("a another small little slight big".split())

STANCE_WORDS = frozenset("empty bow front cat follow cross side back".split())
""" "Into an empty step": a stance, no step."""


ENDED = lx.IN_OR_OUT | frozenset("back forward up down left right over".split())
""" "Weight back a little, turn…": "a little" ends what came before."""

ORDERED = frozenset("last next first second third fourth final other".split())


SMALL_OR_LONG = lx.SMALL | lx.LONG
STEP_OR_KICK = lx.STEP | lx.KICK
NAMED_FOOT = lx.FOOT | frozenset("foot other body weight one it".split())
SIZED = SIZES | {"follow", "a"}
AIMED_OR_CLOSED = lx.AIM | lx.CLOSE
FOOT_OR_STANCE = lx.FOOT | {"stance"}
WORDS_BEFORE = VERBS | SIZES | PRONOUNS
LIFTED_OR_PUT = lx.LIFT | lx.PLACE | lx.AIM
GOES_TO = lx.INTO | {"of", "forward", "back"}


ARC_SIZES = frozenset("small little big wide slight gentle slow soft shallow tiny low large smooth short long".split())
SPOKEN_OF = frozenset("you i'm you're we're i we there's there i've you've we've".split())
""" "Notice I haven't put any weight there"."""


def is_verb(tokens: Sequence[Token], i: int) -> bool:
    """Whether the token begins an action (and is not the thing of the same name)."""
    w = tokens[i].w
    if w not in VERBS:
        return False
    before = tokens[i - 1].w if i and not (tokens[i - 1].hard or tokens[i - 1].comma) else ""
    if before == "first" and any(t.w in lx.FOOT for t in tokens[max(0, i - 5) : i - 1]):
        before = ""
    if before == "first" and (i < 2 or tokens[i - 2].hard or tokens[i - 2].w in lx.CONNECT):
        before = ""
    if before in ("back", "side", "front") and i > 2 and tokens[i - 3].w == "to":
        before = ""  # "turn to the back, step…"
    if (before == "that" and i > 1 and tokens[i - 2].w == "after") or (
        before in ("next", "last") and (w in LIFTED_OR_PUT or (w not in STEP_OR_KICK and _opens(tokens, i - 1)))
    ):
        before = ""  # "after that, turn…", "next raise…"
    if before == "one" and i > 1 and tokens[i - 2].w in ORDERED:
        before = ""  # "last one, step…"
    if before == "one" and i > 1 and tokens[i - 2].w == "step":
        before = ""  # "step one: lift…"
    if before == "little" and i > 2 and tokens[i - 2].w == "a" and tokens[i - 3].w in ENDED:
        before = ""  # "toes in a little, hold…"
    if before in ("little", "slight") and w in lx.TURN and i > 1 and tokens[i - 2].w in lx.TRUNK:
        before = ""  # "body little turn left"
    if before == "to" and i > 1 and tokens[i - 2].w in ("free", "ready", "able", "easy"):
        return False
    after = tokens[i + 1].w if i + 1 < len(tokens) and not tokens[i].hard else ""
    if w in ("follow", "follows") and after in lx.STEP:
        return False
    if w == "step" and after in lx.NUMBERS and not (i + 2 < len(tokens) and tokens[i + 2].w in MEASURES):
        return False  # "step two is…"
    if w == "steps" and before in SMALL_OR_LONG and not (i > 1 and tokens[i - 2].w in lx.NUMBERS):
        return False  # "take smaller steps"
    if w == "steps" and i > 1 and tokens[i - 2].w in ("the", "these", "those") and before not in NAMED_FOOT:
        return tokens[i - 1].side is not None  # "the nimble steps"
    if w == "steps" and (before in lx.NUMBERS or before.isdigit()):
        return False
    if w == "load" and before in ("equal", "even", "equally", "any", "no", "of"):
        return False
    if w == "free" and after not in ("up", "the", "your"):
        return False
    if w in lx.KICK and before == "a" and i > 1 and tokens[i - 2].w == "into":
        return False
    named = i > 1 and (tokens[i - 2].side is not None or tokens[i - 2].w in lx.FOOT)
    relative = before == "that" and w.endswith("s") and (named or w not in ("steps", "kicks"))
    if w in NOUNS_TOO and before == "a" and i > 1 and tokens[i - 2].w in ("is", "it's", "that's"):
        return False  # "the next bit is a turn to the back"
    if w in NOUNS_TOO and before in A_SMALL and after in GOES_TO:
        return True  # "then a shift to the right"
    if before in NOUN_BEFORE and not relative and not (before in ("your", "the") and w in ("left",)):
        return w in STEP_OR_KICK and before in SIZED
    if w == "close" and after == "to" and i + 2 < len(tokens) and tokens[i + 2].w in ("the", "your", "it"):
        return False  # "bring it close to the left"
    if w in ("back", "front", "close", "open", "empty", "half") and after in FOOT_OR_STANCE:
        return False
    if (
        w in ("go", "goes", "going", "come", "comes")
        and after in ("to", "and")
        and i + 2 < len(tokens)
        and tokens[i + 2].w in VERBS
    ):
        return False
    article = i > 1 and not tokens[i - 1].hard and tokens[i - 2].w in ("a", "an", "another", "one")
    if w in lx.STEP and article and tokens[i - 1].side is None and before not in WORDS_BEFORE:
        return False
    if w in lx.STEP and before in ("bow", "cat"):
        return False
    if w in lx.STEP and before in STANCE_WORDS and i > 1 and tokens[i - 2].w in NOUN_BEFORE:
        return False
    if w in lx.STEP and _one_by_one(tokens, i):
        return False
    if w == "look" and _shows_foot(tokens, i + 1):
        return False  # "look, the left heel comes up"
    if w in ("mind", "watch", "notice", "feel") and (
        after in SPOKEN_OF or (i + 2 < len(tokens) and tokens[i + 2].w == "weight")
    ):
        return False  # "mind you don't step…", "notice the weight"
    if w == "open" and before == "it" and i > 1 and tokens[i - 2].w in lx.TURN:
        return False  # "turn it open"
    if w in ("open", "straight") and before in ("goes", "go", "comes"):
        return False  # "the right toe goes open"
    if w in AIMED_OR_CLOSED and before in ("form", "sequence", "routine", "set", "class"):
        return False  # "the form opens with…"
    if w == "kicking" and after in lx.FOOT:
        return False
    if w == "empty" and before in ("is", "it's", "becomes", "the", "goes", "now", "feels"):
        return False
    if w in ("circle", "circles", "arc", "arcs") and before in ARC_SIZES:
        return False
    if w in ("set", "rest") and before in ("the", "a"):
        return False
    return not (w == "face" and before in ("your", "the", "passes", "past"))


def _shows_foot(tokens: Sequence[Token], i: int) -> bool:
    i += i < len(tokens) and tokens[i].w in ("the", "my", "your")
    return (
        i + 2 < len(tokens) and tokens[i].side is not None and tokens[i + 1].w in lx.FOOT and tokens[i + 2].w in VERBS
    )


def _opens(tokens: Sequence[Token], i: int) -> bool:
    return i == 0 or tokens[i - 1].hard or tokens[i - 1].comma


def _one_by_one(tokens: Sequence[Token], i: int) -> bool:
    """ "Step by step"."""
    words = [t.w for t in tokens[max(0, i - 2) : i + 3]]
    return any(b == "by" and a == c for a, b, c in zip(words, words[1:], words[2:], strict=False))
