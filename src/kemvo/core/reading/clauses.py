"""A row of words cut where one action ends and the next begins, and what can be found inside a piece."""

from __future__ import annotations

from collections.abc import Sequence
from itertools import pairwise
from typing import NamedTuple

from kemvo.core.reading import lexicon as lx
from kemvo.core.reading.tokens import Token

VERBS = (
    lx.STEP | lx.PLACE | lx.LIFT | lx.TURN | lx.PIVOT | lx.AIM | lx.FACE | lx.SHIFT | lx.SINK | lx.EMPTY | lx.FILL | lx.STAND
    | lx.KICK | lx.HOLD | frozenset("inhale exhale breathe press bend keep look pushing strike strikes brush bends brushes presses release relax brushing stamp stamps stomp bending follows".split())
)  # fmt: skip
"""Words that begin an action."""

NOUN_BEFORE = frozenset(
    "the a an this that each every next first last small big half follow your my one another of tiny little".split()
)
"""After these, "step", "turn", "kick" and the like are things, not actions."""


COVERED = "·"
"""Stands for the words of a posture's name, so that "step back and roll the arms" moves no foot."""

HABIT = frozenset({"each", "every"})
""" "Each time you step": what is told of then is a habit, no step now."""

STOOD_BY = frozenset(
    "into onto on to of with from beside behind past in over under by than near towards toward around across between the"
    " your my a front back other both to and or next empty keep keeping".split()
)
"""After these a foot is named as a place or an object; it does not begin an action of its own."""

OBJECT_VERBS = (
    lx.TURN
    | lx.STEP
    | lx.LIFT
    | lx.KICK
    | lx.PIVOT
    | frozenset(
        "bring place put open draw gather set take pull slide swing sweep tuck close extend drop lower cross follow centre center shift transfer sit sink rock".split()
    )
)
"""Verbs of the feet that begin an action after "weight back on the left foot" as after any other."""

SIZES = frozenset("half small little big tiny wide long short large full".split())
""" "Take a small step": a step all the same."""

STANCE_WORDS = frozenset("empty bow front cat follow cross side back".split())
""" "Into an empty step": a stance, no step."""

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
    verbs = [t.w in VERBS and is_verb(tokens, i) for i, t in enumerate(tokens)]
    cuts = [0]
    for i in range(1, len(tokens)):
        if tokens[i - 1].hard or _begins(tokens, verbs, i, cuts[-1]):
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
        verb = next((i for i in range(first, last) if verbs[i]), -1)
        said = verb if verb >= 0 else last
        denied = any(t.w in lx.NEGATION for t in tokens[first : min(said + 1, last)])
        instead = tokens[first].w == "or" and (first == 0 or tokens[first - 1].hard)
        # "Or", where it begins, offers something else; "the weight should be even" tells where it is.
        instead = tokens[first].w == "or" and (first == 0 or tokens[first - 1].hard)
        habit = tokens[first].w in HABIT and tokens[min(first + 1, last - 1)].w == "time"
        maybe = words & lx.UNREAL
        supposed = instead or habit or bool(maybe and not (maybe == {"should"} and "weight" in words))
        unreal = denied or supposed or (unreal and tokens[first].w in SUBORDINATE)
        out.append(Clause(first, last, verb, unreal))
    return out


def is_verb(tokens: Sequence[Token], i: int) -> bool:
    """Whether the token begins an action (and is not the thing of the same name)."""
    w = tokens[i].w
    if w not in VERBS:
        return False
    before = tokens[i - 1].w if i and not tokens[i - 1].hard else ""
    if before == "to" and i > 1 and tokens[i - 2].w in ("free", "ready", "able", "easy"):
        return False
    after = tokens[i + 1].w if i + 1 < len(tokens) and not tokens[i].hard else ""
    if w in ("follow", "follows") and after in lx.STEP:
        return False
    if w == "steps" and (before in lx.NUMBERS or before.isdigit()):
        return False
    if w == "free" and after not in ("up", "the", "your"):
        return False
    if w in lx.KICK and before == "a" and i > 1 and tokens[i - 2].w == "into":
        return False
    if before in NOUN_BEFORE and not (before in ("your", "the") and w in ("left",)):
        return w in lx.STEP | lx.KICK and before in SIZES | {"follow", "a"}
    if w in ("back", "front", "close", "open", "empty", "half") and after in lx.FOOT | {"stance"}:
        return False
    if (
        w in ("go", "goes", "going", "come", "comes")
        and after in ("to", "and")
        and i + 2 < len(tokens)
        and tokens[i + 2].w in VERBS
    ):
        return False
    article = tokens[i - 2].w in ("a", "an", "another", "one") if i > 1 else False
    if w in lx.STEP and article and tokens[i - 1].side is None and before not in VERBS | SIZES:
        return False
    if w in lx.STEP and before in STANCE_WORDS and i > 1 and tokens[i - 2].w in NOUN_BEFORE:
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


def _begins(tokens: Sequence[Token], verbs: Sequence[bool], i: int, since: int) -> bool:
    """Whether a new action begins at token i, the piece before having begun at `since`. `verbs`: which tokens begin
    an action."""
    w = tokens[i].w
    has_verb = True in verbs[since:i]
    after_comma = tokens[i - 1].comma
    if after_comma and (
        (has_verb and not _only_names_foot(tokens, i))
        or _speaks_of_other(tokens, i, since)
        or (not has_verb and is_bare_shift(tokens, since, i))
    ):
        return True
    halves_again = tokens[i - 1].w == _next_w(tokens, i) == "half"
    if w == "and" and (halves_again or (tokens[i - 1].w == "hundred" and _next_w(tokens, i) in lx.NUMBERS)):
        return False
    if w == "again" and _next_w(tokens, i) in ("onto", "into"):
        return False
    if w == "now" and tokens[i - 1].w in ("is", "are", "be"):
        return False
    if w in lx.CONNECT and not (w == "next" and tokens[min(i + 1, len(tokens) - 1)].w == "to"):
        return has_verb or any(t.w in lx.FOOT or t.side or t.w == "weight" for t in tokens[since:i])
    if w in ("if", "unless") or (w == "you" and _next_w(tokens, i) in ("can", "could", "may", "might", "should")):
        return has_verb
    if not has_verb and w in OBJECT_VERBS and verbs[i] and tokens[i - 1].w not in BINDING:
        lone_side = tokens[i - 1].side is not None and i - 1 > since
        whole_step = tokens[i - 1].w not in lx.FOOT and any(t.w in lx.FOOT for t in tokens[since:i])
        ways = [k for k in range(since + 1, i) if tokens[k].w in lx.STEP_WAYS and tokens[k + 1].w not in lx.FOOT]
        whole_step = whole_step and bool(ways)
        return lone_side or whole_step or is_bare_shift(tokens, since, i)
    if COVERED in (w, tokens[i - 1].w) and w != tokens[i - 1].w:
        return True
    if verbs[i] and tokens[i - 1].w == "weight" and w in WEIGHT_GOES:
        return False
    halves = w == "half" and has_verb and _next_w(tokens, i) in ("a", "step")
    if halves and tokens[since + verbs[since:i].index(True)].w not in lx.STEP | lx.PLACE:
        return True
    if (tokens[i].side or w in ARTICLES) and _foot_acts(tokens, verbs, i, since):
        return True
    if w == "both" and _next_w(tokens, i) in lx.FOOT and has_verb and tokens[i - 1].w not in STOOD_BY:
        return any(t.side or t.w in lx.STEP_WAYS for t in tokens[since:i])
    if w in WEIGHT_LEADS and _weight_follows(tokens, i, since):
        return True
    if verbs[i] and has_verb and (tokens[i - 1].w not in BINDING or (w in lx.FACE and _turns_none(tokens, since, i))):
        return not _same_action(tokens, verbs, i, since)
    return not has_verb and _names_next_foot(tokens, i, since)


def _next_w(tokens: Sequence[Token], i: int) -> str:
    return tokens[i + 1].w if i + 1 < len(tokens) and not tokens[i].hard else ""


WEIGHT_GOES = frozenset("goes moves shifts comes rolls drops sinks transfers pours flows travels follows stays".split())
WEIGHT_LEADS = frozenset({"weight", "the", "your", "all"})
BARE_LEADS = frozenset("back onto into over forward".split())
LEADING = frozenset("and then now so again ok okay".split())


def is_bare_shift(tokens: Sequence[Token], first: int, last: int) -> bool:
    """A shift told without a verb: "weight back on the left", "into the right leg", "back to the left leg"."""
    piece = tokens[first:last]
    if not any(t.side for t in piece):
        return False
    if any(t.w == "weight" for t in piece):
        return True
    lead = next((t.w for t in piece if t.w not in LEADING), "")
    return lead in BARE_LEADS and any(t.w in ("leg", "foot", "side") for t in piece)


def _weight_follows(tokens: Sequence[Token], i: int, since: int) -> bool:
    """Whether the weight is spoken of after an action that has all it needs: "turn to the right | weight on…"."""
    if any(t.w == "weight" for t in tokens[since:i]):
        return False
    here = (tokens[i].w == "weight" and tokens[i - 1].w not in ("the", "your", "my", "all", "of", "more")) or (
        tokens[i].w in ("the", "your", "all") and _next_w(tokens, i) == "weight"
    )
    before = tokens[i - 1]
    k = i if tokens[i].w == "weight" else i + 1
    goes = _next_w(tokens, k) in WEIGHT_GOES
    told = goes or before.side or before.w in lx.FOOT or before.w in lx.STEP_WAYS or before.w == "degrees"
    leads = before.w in ("all", "off") or (before.w in ("back", "forward") and i - since <= 2 and not (goes and i == k))
    return bool(here and told and i > since and not leads)


def _foot_acts(tokens: Sequence[Token], verbs: Sequence[bool], i: int, since: int) -> bool:
    """Whether a foot or hand is named that acts itself, after an action that has all it needs: "shift left | right foot
    in", "settle on the right leg | the left heel comes up", "heel touches | the right hand rises"."""
    at = i + (tokens[i].w in ARTICLES)
    if at < len(tokens) and tokens[at].side and _next_w(tokens, at) == "becomes":
        return any(t.w == "weight" for t in tokens[since:i])
    if at >= len(tokens) or tokens[at].side is None or _next_w(tokens, at) not in lx.FOOT | lx.HAND:
        return False
    told = any(t.w == "weight" or t.w in lx.TRUNK for t in tokens[since:i])
    if True not in verbs[since:i] and not told:
        return False
    before = tokens[i - 1]
    if before.side:
        return True
    complete = any(t.side or t.w in lx.FOOT or t.w in lx.STEP_WAYS for t in tokens[since:i])
    if before.w in STOOD_BY or verbs[i - 1] or not complete:
        return False
    k = at + 2
    return k < len(tokens) and (verbs[k] or tokens[k].w in lx.STEP_WAYS)


ARTICLES = frozenset({"the", "your", "my"})


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


def _same_action(tokens: Sequence[Token], verbs: Sequence[bool], i: int, since: int) -> bool:
    """Verbs that belong together: "pick up and", "let the foot come", "bring it to touch"."""
    first = since + verbs[since:i].index(True)
    if tokens[first].w in ("let", "keep", "going", "go") and i - first <= 4:
        return True
    if tokens[i].w in lx.STEP and tokens[i - 1].w in NOUN_BEFORE:
        return True
    aims = (
        tokens[first].w not in lx.PIVOT | lx.TURN
        and tokens[i].w in lx.TURN | lx.PIVOT
        and any(t.w in lx.INWARD | lx.OUTWARD for t in tokens[i : i + 5])
    )
    if not aims and tokens[i].w.endswith("ing") and tokens[first].w in lx.PIVOT | lx.STEP | lx.PLACE:
        return any(t.w in lx.FOOT for t in tokens[i : i + 4]) and not any(t.side for t in tokens[i : i + 4])
    if tokens[first].w not in lx.PLACE | lx.LIFT | lx.STEP | lx.TURN:
        return False
    return tokens[i].w in ("touch", "touches", "land", "lands", "rest", "close", "point") and i - first <= 6


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
