"""Where one action ends and the next begins."""

from __future__ import annotations

from collections.abc import Sequence

from kemvo.core.reading import lexicon as lx
from kemvo.core.reading.tokens import Token
from kemvo.core.reading.verbs import NOUN_BEFORE, SIZES, VERBS

COVERED = "·"
"""Stands for the words of a posture's name, so that "step back and roll the arms" moves no foot."""

KEEPS_IT = lx.INTO | {"let", "have", "get", "help", "that", "as", "of", "with", "and"}
"""After these, "it" begins no sentence of its own."""

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
        "bring move place put open draw gather set take pull slide swing sweep tuck close extend drop lower cross follow centre center shift transfer sit sink rock send return join point straighten hold face"
        " settle ease pour empty stand".split()
    )
)
"""Verbs of the feet that begin an action after "weight back on the left foot" as after any other."""

ASIDE = frozenset("keeping letting without making leaving maintaining staying remaining looking relaxing using".split())
"""With these, how something is done is added to what is done."""
ARTICLES = frozenset({"the", "your", "my"})
WEIGHT_LEADS = frozenset({"weight", "the", "your", "all"})

MAY_BEGIN = (
    lx.CONNECT
    | ASIDE
    | ARTICLES
    | WEIGHT_LEADS
    | frozenset(
        f"if unless make making be feel imagine notice check you no it let rear with like to toe toes feet half both back front other all waist body hips torso {COVERED}".split()
    )
)
"""Without a verb, a side or a comma, only these can begin a piece."""


def begins(tokens: Sequence[Token], verbs: Sequence[bool], i: int, since: int) -> bool:
    """Whether a new action begins at token i, the piece before having begun at `since`. `verbs`: which tokens begin
    an action."""
    w = tokens[i].w
    if not (verbs[i] or tokens[i].side or tokens[i - 1].comma or w in MAY_BEGIN or tokens[i - 1].w == COVERED):
        return False
    has_verb = True in verbs[since:i]
    after_comma = tokens[i - 1].comma
    if after_comma and (
        (has_verb and not _only_names_foot(tokens, i))
        or (_speaks_of_other(tokens, i, since) and not (has_verb and _appended(tokens, i, since)))
        or (not has_verb and is_bare_shift(tokens, since, i))
        or tokens[since].w in ASIDE
        or any(t.w in lx.UNREAL for t in tokens[since:i])
        or (not has_verb and _weight_then_foot(tokens, since, i))
        or (not has_verb and _whole_without_verb(tokens, verbs, since, i))
    ):
        return True
    if w == "and" and _next_w(tokens, i) == "look" and tokens[i - 1].w in lx.TURN:
        return False  # "turn and look over the right shoulder"
    halves_again = tokens[i - 1].w == _next_w(tokens, i) == "half"
    if w == "and" and (halves_again or (tokens[i - 1].w == "hundred" and _next_w(tokens, i) in lx.NUMBERS)):
        return False
    if w == "again" and _next_w(tokens, i) in ("onto", "into", "between", "to", "evenly"):
        return False
    if w in MEANWHILE and _goes_on(tokens, verbs, i, since):
        return False
    told = has_verb or any(t.w in TELLING or t.side for t in tokens[since:i])
    if w in lx.CONNECT and not (w == "next" and tokens[min(i + 1, len(tokens) - 1)].w == "to"):
        return told or _hands_only(tokens, since, i) or (w != "again" and _only_ways(tokens, since, i))
    if w == "no" and told and _next_w(tokens, i) == "need":
        return True
    speaks = w in SPEAKING and (w not in ("make", "making", "be") or _next_w(tokens, i) == "sure")
    if told and w == "make" and (_next_w(tokens, i) in ("it", "the", "your")) and tokens[i - 1].w not in BINDING | WHO:
        return True
    if told and speaks and tokens[i - 1].w not in BINDING | WHO:
        return True
    supposed = not has_verb and verbs[i] and i - since >= 3 and _supposed(tokens, since)
    if supposed and tokens[i - 1].w not in BINDING | WHO | ARTICLES | lx.FOOT | UPPER | lx.NEGATION | {
        "weight",
        "breath",
    }:
        return True
    if w in ASIDE and told:
        return True
    if (
        w == "let"
        and told
        and tokens[i - 1].w not in BINDING | lx.NEGATION
        and _next_w(tokens, i) in ARTICLES | {"it", "them"}
    ):
        return True
    if w == "with" and told and [t.w for t in tokens[i + 1 : i + 3]] == ["a", "pivot"]:
        return True
    if (w == "with" and told and _manner(tokens, i)) or (
        w == "like" and told and _next_w(tokens, i) in ("you're", "you", "a", "someone", "somebody")
    ):
        return True
    if w == "to" and _next_w(tokens, i) in ("protect", "save", "avoid", "help", "stay", "make", "keep") and told:
        return True
    if not has_verb and _hands_only(tokens, since, i) and _leaves_hands(tokens, verbs, i, since):
        return True
    if w in ("if", "unless"):
        return told
    if w == "you" and _next_w(tokens, i) in ("can", "could", "may", "might", "should"):
        return told
    if not has_verb and verbs[i] and tokens[i - 1].w not in BINDING and _weight_is_told(tokens, since, i):
        return True
    if not has_verb and w in OBJECT_VERBS and verbs[i] and tokens[i - 1].w not in BINDING | SIZES:
        lone_side = tokens[i - 1].side is not None and i - 1 > since
        whole_step = tokens[i - 1].w not in lx.FOOT and any(t.w in lx.FOOT for t in tokens[since:i])
        ways = [k for k in range(since + 1, i) if tokens[k].w in lx.STEP_WAYS and tokens[k + 1].w not in lx.FOOT]
        whole_step = whole_step and bool(ways)
        return lone_side or whole_step or is_bare_shift(tokens, since, i)
    if w == "it" and has_verb and verbs[i + 1 : i + 2] == [True] and tokens[i - 1].w not in KEEPS_IT:
        return True
    if COVERED in (w, tokens[i - 1].w) and w != tokens[i - 1].w:
        return True
    if verbs[i] and tokens[i - 1].w in ("weight", "breath") and w in lx.WEIGHT_GOES:
        return False
    halves = w == "half" and has_verb and _next_w(tokens, i) in ("a", "step")
    if halves and tokens[since + verbs[since:i].index(True)].w not in lx.STEP | lx.PLACE:
        return True
    if (_named(tokens, i) or w in ARTICLES) and _foot_acts(tokens, verbs, i, since):
        return True
    if w == "both" and _next_w(tokens, i) in lx.FOOT and has_verb and tokens[i - 1].w not in STOOD_BY:
        return any(t.side or t.w in lx.STEP_WAYS for t in tokens[since:i])
    out_then_up = tokens[i - 1].w in ("out", "forward", "back") and tokens[i - 2].w in lx.FOOT
    if told and w in ("toe", "toes") and _next_w(tokens, i) == "up" and out_then_up:
        return True
    if (
        has_verb
        and w in ("toe", "toes")
        and _next_w(tokens, i) in lx.INWARD | lx.OUTWARD
        and tokens[i - 1].w in ("back", "forward", "through")
        and tokens[i - 2].w not in ARTICLES
    ):
        return True
    if w in ("waist", "body", "hips", "torso") and tokens[i - 1].side and verbs[i + 1 : i + 2] == [True]:
        return True  # "weight back left | waist turns left"
    if w == "feet" and has_verb and _next_w(tokens, i) in ("parallel", "together", "apart", "shoulder", "hip"):
        return tokens[i - 1].w not in STOOD_BY and not verbs[i - 1]
    if w in WEIGHT_LEADS and _weight_follows(tokens, i, since):
        return True
    if verbs[i] and has_verb and (tokens[i - 1].w not in BINDING or (w in lx.FACE and _turns_none(tokens, since, i))):
        return not _same_action(tokens, verbs, i, since)
    return not has_verb and _names_next_foot(tokens, i, since)


MEANWHILE = frozenset("now then next again".split())
HELPS = frozenset("is are be will can has we you".split())


def _goes_on(tokens: Sequence[Token], verbs: Sequence[bool], i: int, since: int) -> bool:
    """Whether "now" or "then" stands between who acts and the act: "the right foot then steps", "is now placed", "the
    weight now evenly…"."""
    before = tokens[i - 1]
    if before.w in HELPS or (before.w == "weight" and tokens[i].w == "now"):
        return True
    acts = before.w in lx.FOOT | lx.TRUNK | {"weight"} and not before.comma and True not in verbs[since:i]
    return acts and verbs[i + 1 : i + 2] == [True]


SPEAKING = frozenset("make making be feel imagine notice check".split())
""" "Make sure", "feel": something is said about what is done."""

WHO = frozenset("you we they i he she it to can could not don't and or that would might should".split())
"""After these, a verb goes with who does it."""


def _supposed(tokens: Sequence[Token], since: int) -> bool:
    """Whether a piece only compares or supposes, or lets go: "as if hugging a tree", "if you're feeling steady", "let the
    weight drain"."""
    first = tokens[since].w
    before = tokens[since - 1].w if since else ""
    return first in ("let", "if", "unless") or (first == "like" and before != "feel")


UPPER = lx.HAND | frozenset("backs spine waist hips body head chest shoulders".split())
STRAIGHT = UPPER | {"back", "knee", "knees"}


def _manner(tokens: Sequence[Token], i: int) -> bool:
    """ "With the left palm up", "with your knees bent": how, not which foot."""
    k = i + 1
    while (
        k < len(tokens)
        and k < i + 5
        and (tokens[k].w in ARTICLES | {"a", "both", "straight", "upright"} or tokens[k].side)
    ):
        k += 1
    return k < len(tokens) and tokens[k].w in STRAIGHT and _next_w(tokens, k) not in lx.FOOT


def _hands_only(tokens: Sequence[Token], since: int, i: int) -> bool:
    """Whether only hands have been spoken of."""
    piece = tokens[since:i]
    aside = tokens[since].w in ASIDE and i - since >= 3
    return (aside or any(t.w in UPPER for t in piece)) and not any(t.w in lx.FOOT or t.w == "weight" for t in piece)


def _leaves_hands(tokens: Sequence[Token], verbs: Sequence[bool], i: int, since: int) -> bool:
    """Whether the feet or the weight take over after the hands: "with your hands at your chest | step back", "right palm
    up | the left foot…"."""
    before, w = tokens[i - 1], tokens[i].w
    if before.comma:
        return True
    if verbs[i] and w in lx.ACTS:
        return before.w not in BINDING and (before.w not in UPPER or tokens[since].w == "with")
    at = i + (w in ARTICLES)
    if at >= len(tokens) or before.w in STOOD_BY or before.w in ARTICLES or before.side:
        return False
    named = tokens[at].side is not None or tokens[at].w in ("back", "front", "other", "both")
    return (named and _next_w(tokens, at) in lx.FOOT) or tokens[at].w == "weight"


TAKES_OBJECT = (
    lx.LIFT | lx.TURN | lx.PIVOT | lx.AIM | lx.EMPTY | lx.PLACE - frozenset("come comes go goes travel travels".split())
)

TELLING = lx.FOOT | lx.UNREAL | lx.NEGATION | frozenset("weight percent center centre middle fifty even".split())
"""With one of these, what came before a connecting word is a piece of its own."""


def _only_ways(tokens: Sequence[Token], since: int, i: int) -> bool:
    """ "…and out", of the foot or toes told just before."""
    said = [t.w for t in tokens[since:i] if t.w not in lx.CONNECT]
    return bool(said) and set(said) <= lx.INWARD | lx.OUTWARD


BREATHS = frozenset("inhale exhale breathe".split())
LEGS = frozenset("leg foot feet legs side hip".split())
SHARED = frozenset("middle centre center half even evenly equally shared fifty".split())


def _weight_then_foot(tokens: Sequence[Token], since: int, i: int) -> bool:
    """ "As the weight arrives, | the left foot…"."""
    at = i + (tokens[i].w in ARTICLES)
    weight = any(t.w == "weight" for t in tokens[since:i]) and not any(t.side for t in tokens[since:i])
    return weight and at < len(tokens) and _named(tokens, at) and _next_w(tokens, at) in lx.FOOT


def _whole_without_verb(tokens: Sequence[Token], verbs: Sequence[bool], since: int, i: int) -> bool:
    """Before a comma, whether all is told though no verb is: "and left, …", "left heel corner, breathe…", "weight in both
    feet, …"."""
    said = [t for t in tokens[since:i] if t.w not in lx.CONNECT]
    if len(said) == 1 and said[0].side and i - since == 2:
        return True
    foot_goes = any(t.w in lx.FOOT for t in said) and any(t.w in lx.STEP_WAYS for t in said)
    return (foot_goes and verbs[i]) or _weight_is_told(tokens, since, i)


def _weight_is_told(tokens: Sequence[Token], since: int, i: int) -> bool:
    """Where the weight is has been said whole without a verb: "with weight in both feet", "tall on the left leg"."""
    piece = tokens[since:i]
    last = piece[-1]
    arrived = False
    if last.w in LEGS and len(piece) > 2:
        named = piece[-2].side is not None or piece[-2].w in ("both", "each", "back", "front")
        lead = piece[-3] if piece[-3].w not in ARTICLES or len(piece) < 4 else piece[-4]
        arrived = named and lead.w in ("on", "onto", "into", "in", "between")
    gone = "weight" in (piece[0].w, *(t.w for t in piece[-2:-1])) and any(
        t.w in ("back", "forward", "over", "across") for t in piece
    )
    shared = gone or last.w == "percent" or (last.w in SHARED and any(t.w == "weight" for t in piece))
    full = last.w in lx.FULL_OR_LIGHT and any(t.w in ("leg", "foot", "side") for t in piece)
    return arrived or shared or full


def _next_w(tokens: Sequence[Token], i: int) -> str:
    return tokens[i + 1].w if i + 1 < len(tokens) and not tokens[i].hard else ""


BARE_LEADS = frozenset("back onto into over forward".split())
LEADING = frozenset("and then now so again ok okay it's".split())


def is_bare_shift(tokens: Sequence[Token], first: int, last: int) -> bool:
    """A shift told without a verb: "weight back on the left", "into the right leg", "back to the left leg"."""
    piece = tokens[first:last]
    if not any(t.side for t in piece):
        return False
    if any(t.w == "weight" for t in piece):
        return True
    lead = next((t.w for t in piece if t.w not in LEADING), "")
    if lead in ("across", "over") and piece[-1].side and any(t.w == "to" for t in piece):
        return True
    words = {t.w for t in piece}
    if lead in ("back", "forward") and piece[-1].side and ({"onto", "into"} & words or {"it's", "to"} <= words):
        return True
    return lead in BARE_LEADS and any(t.w in ("leg", "foot", "side") for t in piece)


def _weight_follows(tokens: Sequence[Token], i: int, since: int) -> bool:
    """Whether the weight is spoken of after an action that has all it needs: "turn to the right | weight on…"."""
    if any(t.w == "weight" for t in tokens[since:i]):
        gone = tokens[since].w == "weight" and (
            tokens[i - 1].side is not None or tokens[i - 1].w in ("back", "forward")
        )
        again = (
            tokens[i].w in ("the", "your", "all")
            and _next_w(tokens, i) == "weight"
            and _next_w(tokens, i + 1) in lx.WEIGHT_GOES
        )
        done = tokens[i - 1].side is not None or tokens[i - 1].w in lx.FOOT
        return (gone and tokens[i].w == "weight") or (again and done)
    here = (tokens[i].w == "weight" and tokens[i - 1].w not in ("the", "your", "my", "all", "of", "more")) or (
        tokens[i].w in ("the", "your", "all") and _next_w(tokens, i) == "weight"
    )
    before = tokens[i - 1]
    k = i if tokens[i].w == "weight" else i + 1
    goes = _next_w(tokens, k) in lx.WEIGHT_GOES
    hands_act = i - 2 >= since and tokens[i - 2].w in UPPER | lx.FOOT and before.w in VERBS
    hands_act = hands_act and before.w not in lx.BEARING
    told = (
        goes
        or hands_act
        or before.side
        or before.w in lx.FOOT
        or before.w in lx.STEP_WAYS
        or before.w == "degrees"
        or before.w in lx.NUMBERS
        or (before.w in lx.STEP and tokens[i - 2].w in SIZES)
    )
    leads = before.w in ("all", "off", "of", "most", "half") or (
        before.w in ("back", "forward") and i - since <= 2 and not (goes and i == k)
    )
    return bool(here and told and i > since and not leads)


def _named(tokens: Sequence[Token], at: int) -> bool:
    """ "Left", "right", or "front", "rear": which foot."""
    return tokens[at].side is not None or tokens[at].w in ("front", "rear", "other")


def _foot_acts(tokens: Sequence[Token], verbs: Sequence[bool], i: int, since: int) -> bool:
    """Whether a foot or hand is named that acts itself, after an action that has all it needs: "shift left | right foot
    in", "settle on the right leg | the left heel comes up", "heel touches | the right hand rises"."""
    at = i + (tokens[i].w in ARTICLES)
    if at < len(tokens) and tokens[at].side and _next_w(tokens, at) == "becomes":
        return any(t.w == "weight" for t in tokens[since:i])
    if at >= len(tokens) or not _named(tokens, at) or _next_w(tokens, at) not in lx.FOOT | lx.HAND:
        return False
    told = any(t.w in ("weight", "sure") or t.w in lx.TRUNK for t in tokens[since:i])
    before = tokens[i - 1]
    if before.w in ("center", "centre", "middle"):
        return True
    told = told or (any(t.w in lx.FOOT for t in tokens[since:i]) and any(t.w in lx.STEP_WAYS for t in tokens[since:i]))
    if True not in verbs[since:i] and not told:
        return False
    if before.w == "through" and tokens[i - 2].w in ("down", "out", "up"):
        return False  # "root down through the right foot"
    if before.side:
        return True
    complete = any(t.side or t.w in lx.FOOT or t.w in lx.STEP_WAYS or t.w in UPPER for t in tokens[since:i])
    complete = complete or before.w in ("it", "that", "there", "here") or any(t.w in BREATHS for t in tokens[since:i])
    hands_act = verbs[i - 1] and tokens[i - 2].w in UPPER
    k = at + 2
    goes = k < len(tokens) and (verbs[k] or tokens[k].w in lx.STEP_WAYS)
    shifted = goes and at == i and before.w in ("shift", "shifts") and verbs[i - 1]
    rocked = (
        goes
        and i - 2 >= since
        and before.w in ("back", "forward")
        and tokens[i - 2].w in lx.SIT_BACK | lx.SHIFT | {"weight"}
    )
    finite = k < len(tokens) and (tokens[k].w in ("is", "are") or (verbs[k] and tokens[k].w.endswith("s")))
    ended = (
        finite and before.w in ("in", "behind", "back", "out", "forward") and any(t.side for t in tokens[since : i - 1])
    )
    ended = ended or (finite and verbs[i - 1] and before.w.endswith("s") and tokens[i - 2].w in lx.FOOT)
    if shifted or rocked or ended:
        return True  # "shift | right foot back", "rock back | left toes in"
    if before.w in STOOD_BY or (verbs[i - 1] and not hands_act) or not complete:
        return False
    if k < len(tokens) and tokens[k].w == "to" and tokens[i - 2].w in lx.STEP and i - 2 >= since:
        return False  # "step out the left foot to the corner"
    if (
        before.w in ("up", "out", "in", "down", "off")
        and i - 2 >= since
        and tokens[i - 2].w in TAKES_OBJECT
        and tokens[at + 1].w in lx.FOOT
    ):
        return False  # "turn out your left toes": they are what is turned
    return k < len(tokens) and (verbs[k] or tokens[k].w in lx.STEP_WAYS or tokens[k].w in ("is", "are", "to"))


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
    gone = tokens[first].w == "go" and tokens[i - 1].w in ("forward", "back", "across")
    if tokens[first].w in ("let", "keep", "going", "go") and i - first <= 4:
        return not gone
    if tokens[i].w in lx.STEP and tokens[i - 1].w in NOUN_BEFORE | SIZES:
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


def _appended(tokens: Sequence[Token], i: int, since: int) -> bool:
    """ "Step out, left foot": the foot is named behind what it does."""
    return _only_names_foot(tokens, i) and not any(t.side or t.w in lx.FOOT for t in tokens[since:i])


def _only_names_foot(tokens: Sequence[Token], i: int) -> bool:
    """Whether what follows a comma is nothing but a foot: "step, left foot, to the corner"."""
    k = i
    while k < len(tokens) and (tokens[k].w in ("with", "the", "your") or tokens[k].side):
        k += 1
    return k > i and k < len(tokens) and tokens[k].w in lx.FOOT and (tokens[k].hard or tokens[k].comma)
