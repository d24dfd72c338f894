"""Left context of a boundary: what the words before it already describe."""

from __future__ import annotations

from collections.abc import Sequence

from kemvo.core.language import lexicon as lx
from kemvo.core.reading.segment.boundary import ARTICLES, UPPER, Gap
from kemvo.core.reading.segment.verbs import NOUN_BEFORE, SIZES
from kemvo.core.reading.tokens import Token

ASIDE = frozenset("keeping letting without making leaving maintaining staying remaining looking relaxing using".split())
"""With these, how something is done is added to what is done."""
TURNING = lx.TURN | lx.PIVOT
TURNED = TURNING | lx.AIM
MOVING = lx.PIVOT | lx.STEP | lx.PLACE
GOING_ON = lx.PLACE | lx.LIFT | lx.STEP | lx.TURN
NOUN_OR_SIZE = NOUN_BEFORE | SIZES
LEGS = frozenset("leg foot feet legs side hip".split())
EVENLY = frozenset("weight even equal both evenly".split())
SHARED = frozenset("middle centre center half even evenly equally shared fifty".split())
BARE_LEADS = frozenset("back onto into over forward".split())
LEADING = frozenset("and then now so again ok okay it's get".split())


def is_supposed(gap: Gap) -> bool:
    """Whether a piece only compares or supposes, or lets go: "as if hugging a tree", "if you're feeling steady", "let the
    weight drain"."""
    first = gap.piece[0].w
    before = gap.tokens[gap.since - 1].w if gap.since else ""
    return first in ("let", "if", "unless") or (first == "like" and before != "feel")


LETTING = frozenset("let lets letting allow allowing have having want try trying make making see seeing".split())


def warns(gap: Gap) -> bool:
    """Whether a piece is a whole warning: "don't lock the knee", "not too far"; not "don't let the knee…"."""
    brief = gap.piece[0].w == "without" or gap.before.w in ("rush", "hurry", "worry")
    return (
        len(gap.piece) >= (2 if brief else 3)
        and gap.says(lx.NEGATION)
        and not gap.says(LETTING)
        and gap.before.w not in lx.NEGATION
    )


def hands_only(gap: Gap) -> bool:
    """Whether only hands have been spoken of."""
    aside = gap.piece[0].w in ASIDE and len(gap.piece) >= 3
    return (aside or gap.says(UPPER)) and not any(t.w in lx.FOOT or t.w == "weight" for t in gap.piece)


def only_ways(gap: Gap) -> bool:
    """ "…and out", of the foot or toes told just before."""
    said = [t.w for t in gap.piece if t.w not in lx.CONNECT]
    return bool(said) and (set(said) <= lx.IN_OR_OUT or said == ["all", "the", "way", "forward"])


def whole_without_verb(gap: Gap) -> bool:
    """Before a comma, whether all is told though no verb is: "and left, …", "left heel corner, breathe…", "weight in both
    feet, …"."""
    said = [t for t in gap.piece if t.w not in lx.CONNECT]
    if len(said) == 1 and said[0].side and len(gap.piece) == 2:
        return True
    if len(said) <= 3 and said and said[0].w in ("back", "forward") and said[-1].side:
        return True  # "back left, …"
    if [t.w for t in said] in (["back"], ["forward"]) and gap.w in ("then", "and"):
        return True  # "…, then back, then …"
    if not {"is", "are"}.isdisjoint(t.w for t in said) and (gap.acts() or gap.tokens[gap.i].side):
        return True  # "the knee is soft, …"
    foot_goes = any(t.w in lx.FOOT for t in said) and any(t.w in lx.STEP_WAYS for t in said)
    on = gap.acts() or gap.w in lx.NEGATION or gap.w == "it" or (gap.w == "both" and gap.after in lx.HAND)
    return (foot_goes and on) or weight_is_told(gap)


def weight_is_told(gap: Gap) -> bool:
    """Where the weight is has been said whole without a verb: "with weight in both feet", "tall on the left leg"."""
    piece = gap.piece
    last = piece[-1]
    arrived = False
    if last.w in LEGS and len(piece) > 2:
        named = piece[-2].side is not None or piece[-2].w in ("both", "each", "back", "front")
        lead = piece[-3] if piece[-3].w not in ARTICLES or len(piece) < 4 else piece[-4]
        arrived = named and lead.w in ("on", "onto", "into", "in", "between")
    if {"even", "equal", "both"} & {t.w for t in piece} and any(t.w == "weight" for t in piece) and last.w in EVENLY:
        return True
    gone = "weight" in (piece[0].w, *(t.w for t in piece[-2:-1])) and any(
        t.w in ("back", "forward", "over", "across") for t in piece
    )
    shared = gone or last.w == "percent" or (last.w in SHARED and any(t.w == "weight" for t in piece))
    full = last.w in lx.FULL_OR_LIGHT and any(t.w in ("leg", "foot", "side") for t in piece)
    return arrived or shared or full


def whole_step(gap: Gap) -> bool:
    """A foot and its way have been said without a verb: "left heel forward"."""
    if gap.before.w in lx.FOOT or not gap.says(lx.FOOT):
        return False
    return any(
        gap.tokens[k].w in lx.STEP_WAYS and gap.tokens[k + 1].w not in lx.FOOT for k in range(gap.since + 1, gap.i)
    )


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
    if lead in ("onto", "into") and piece[-1].side and len([t for t in piece if t.w not in LEADING]) <= 3:
        return True  # "onto the right"
    if lead in ("back", "forward") and piece[-1].side and ({"onto", "into"} & words or {"it's", "to"} <= words):
        return True
    return lead in BARE_LEADS and any(t.w in ("leg", "foot", "side") for t in piece)


def bare_shift_before(gap: Gap) -> bool:
    """Whether the piece before is a shift told without a verb."""
    return is_bare_shift(gap.tokens, gap.since, gap.i)


def turns_none(gap: Gap) -> bool:
    """Whether nothing is turned before "to face": "turn the palm to face left" and "turn the toes to face the corner" are
    one action, "come back to face the front" and "turn on both heels to face the back" are two."""
    if not gap.says(lx.FOOT):
        return not gap.says(lx.TURN)
    return gap.says({"on"}) or not gap.says(TURNED)


def same_action(gap: Gap) -> bool:
    """Verbs that belong together: "going to turn", "let the foot come", "bring it to touch"."""
    at = gap.first_verb()
    first, w = gap.tokens[at].w, gap.w
    if first in ("let", "keep", "going", "go", "feel", "notice") and gap.i - at <= 4:
        return not (first == "go" and gap.before.w in ("forward", "back", "across"))
    if w in lx.STEP and gap.before.w in NOUN_OR_SIZE:
        return not (first in ("comes", "come") and gap.before.w == "a" and gap.i - at == 2)  # "then comes | a step"
    coming = gap.tokens[gap.i : gap.i + 5]
    aims = first not in TURNING and w in TURNING and any(t.w in lx.IN_OR_OUT for t in coming)
    if not aims and w.endswith("ing") and first in MOVING:
        return any(t.w in lx.FOOT for t in coming[:4]) and not any(t.side for t in coming[:4])
    if first not in GOING_ON:
        return False
    return w in ("touch", "touches", "land", "lands", "rest", "close", "point") and gap.i - at <= 6
