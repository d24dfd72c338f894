"""Segmentation rules about feet, weight, breath and body: one action is complete and the next is named."""

from __future__ import annotations

from kemvo.core.language import lexicon as lx
from kemvo.core.reading.segment.boundary import ARTICLES, BINDING, BOUND, STOOD_BY, WHO, CutDecision, Gap
from kemvo.core.reading.segment.left_context import (
    bare_shift_before,
    same_action,
    turns_none,
    weight_is_told,
    whole_step,
)
from kemvo.core.reading.segment.right_context import (
    TAKES_OBJECT,
    acts_by_itself,
    foot_acts,
    names,
    names_next_foot,
    weight_follows,
)
from kemvo.core.reading.segment.verbs import SIZES

PARTICLES = frozenset({"out", "in", "up", "down"})
""" "Open out your foot": between a verb and what it moves."""

BOUND_OR_SIZED = BINDING | SIZES

THROUGH = frozenset("through for over on as with".split())

OF_SHARES = frozenset("about most half all of the your thirds third quarters percent or to maybe around a".split())

WEIGHING = (
    lx.SHIFT | lx.SIT_BACK | lx.STAND | lx.EMPTY | lx.FILL
    | frozenset("put puts weight come comes go goes move moves lean leans push pushes drop drops".split())
)  # fmt: skip

BOUND_OR_INTO = BINDING | lx.INTO | WHO | {"with", "by"}

COMES = frozenset("come comes go goes".split())

UP_OR_OUT = frozenset("up off out in back down".split())

TRUNK_BOUND = (
    BOUND | lx.INTO | frozenset("and as while when with by from until till of how as if before after once".split())
)

SHARE_REACH = 8

STEP_OR_PLACE = lx.STEP | lx.PLACE


def after_weight(g: Gap) -> CutDecision:
    """ "Weight in both feet | turn right"."""
    return True if not g.has_verb and g.acts() and g.before.w not in BINDING and weight_is_told(g) else None


def after_breath(g: Gap) -> CutDecision:
    """ "Breathe in | and out | turn left"."""
    said = [t.w for t in g.piece]
    other = said in (["and", "out"], ["and", "in"]) and g.tokens[g.since - 1].w in ("in", "out")
    before = {t.w for t in g.tokens[max(0, g.since - 3) : g.since]}
    return True if other and before & {"breath", "breathe"} and g.w not in THROUGH else None


def comes_up(g: Gap) -> CutDecision:
    """ "Sink | up comes the right knee": not "sink up | comes the right knee"."""
    inverted = g.after in COMES and g.i + 2 < len(g.tokens) and g.tokens[g.i + 2].w in ARTICLES
    return g.told() if inverted else None


def it_comes(g: Gap) -> CutDecision:
    """ "Up comes the right knee" is one piece."""
    return False if g.before.w in UP_OR_OUT and g.after in ARTICLES and len(g.piece) <= 3 and not g.has_verb else None


def trunk_acts(g: Gap) -> CutDecision:
    """ "Turn my right foot in | your waist goes to the left"."""
    k = g.i + 2
    acts = g.after in lx.TRUNK and k < len(g.tokens) and g.verbs[k] and g.tokens[k].w.endswith("s")
    bound = g.before.w in TRUNK_BOUND and not (g.before.w == "in" and g.word_back(2) in lx.FOOT)
    return True if acts and g.has_verb and not bound else None


def onto_next(g: Gap) -> CutDecision:
    """ "Onto the right | into the left"."""
    return True if not g.has_verb and g.before.side and g.piece[0].w in ("onto", "into") else None


def share_next(g: Gap) -> CutDecision:
    """ "Step out to the left | about two thirds of your weight…"."""
    if not g.has_verb or g.verbs[g.i - 1] or g.before.w in BOUND_OR_INTO or g.says(WEIGHING):
        return None
    k = g.i
    while k < len(g.tokens) and k < g.i + SHARE_REACH and (g.tokens[k].w in OF_SHARES or g.tokens[k].w in lx.NUMBERS):
        k += 1
    return (
        True
        if g.i < k < len(g.tokens) and g.tokens[k].w == "weight" and g.tokens[k - 1].w in ("your", "the", "of")
        else None
    )


def after_bare(g: Gap) -> CutDecision:
    """ "Weight back on the left | step out", "left heel forward | shift"."""
    if g.has_verb or not g.acts() or g.before.w in BOUND_OR_SIZED:
        return None
    lone_side = g.before.side is not None and len(g.piece) > 1
    return lone_side or whole_step(g) or bare_shift_before(g)


def weight_goes(g: Gap) -> CutDecision:
    """ "The weight goes", "the breath comes in"."""
    return False if g.acts() and g.before.w in ("weight", "breath") and g.w in lx.WEIGHT_GOES else None


def half_step(g: Gap) -> CutDecision:
    """ "Turn right | half a step with the left"."""
    if g.after == "and" and [t.w for t in g.tokens[g.i + 2 : g.i + 3]] == ["half"] and g.before.w not in BOUND_OR_INTO:
        return True if g.told() else None  # "stand up | half and half"
    if not g.has_verb or g.after not in ("a", "step"):
        return None
    return True if g.tokens[g.first_verb()].w not in STEP_OR_PLACE else None


def foot(g: Gap) -> CutDecision:
    """ "Shift left | right foot in", "settle | the left heel comes up"; but "open out your right foot" goes on."""
    if (
        g.w in ARTICLES
        and g.before.w in PARTICLES
        and g.has_verb
        and g.verbs[g.i - 2]
        and g.word_back(2) in TAKES_OBJECT
        and not acts_by_itself(g)
    ):
        return False
    return True if (g.w in ARTICLES or names(g, g.i)) and foot_acts(g) else None


def both_feet(g: Gap) -> CutDecision:
    """ "Step left | both feet flat"."""
    if g.after not in lx.FOOT or not g.has_verb or g.before.w in STOOD_BY:
        return None
    return any(t.side or t.w in lx.STEP_WAYS for t in g.piece)


def toes(g: Gap) -> CutDecision:
    """ "Right foot out | toes up", "sit back | toes in"."""
    if g.w == "toe" and g.after in lx.IN_OR_OUT and [t.w for t in g.tokens[g.i + 2 : g.i + 3]] == ["with"] and g.told():
        return True  # "sit back | toe in with the right"
    if g.before.w == "up" and g.word_back(2) in ("toe", "toes") and g.after in lx.IN_OR_OUT:
        return True
    if g.after == "down" and g.before.w in lx.IN_OR_OUT and g.word_back(2) in lx.TURN:
        return True  # "toes up, turn out | toes down"
    if g.after == "up" and g.before.w in ("out", "forward", "back", "down", "front") and g.says(lx.FOOT) and g.told():
        return True
    way = g.has_verb and (g.after in lx.IN_OR_OUT or g.after == "up") and g.before.w in ("back", "forward", "through")
    return True if way and g.word_back(2) not in ARTICLES else None


WEIGHT_OR_TRUNK = lx.TRUNK | {"weight"}


def trunk(g: Gap) -> CutDecision:
    """ "Weight back left | waist turns left", "waist left | waist right"."""
    if g.has_verb and g.after == "to" and g.w not in ("hips", "body") and g.before.w not in TRUNK_BOUND | ARTICLES:
        return True if g.told() and not g.verbs[g.i - 1] else None  # "adjust the foot | navel to the corner"
    again = (
        len(g.piece) == 2 and g.piece[0].w in WEIGHT_OR_TRUNK and g.tokens[g.i + 1 : g.i + 2] and g.tokens[g.i + 1].side
    )
    return True if g.before.side and (g.verbs[g.i + 1 : g.i + 2] == [True] or again) else None


def feet_together(g: Gap) -> CutDecision:
    """ "Stand up | feet together"."""
    if not g.has_verb or g.after not in ("parallel", "together", "apart", "shoulder", "shoulder-width", "hip"):
        return None
    return g.before.w not in STOOD_BY and not g.verbs[g.i - 1]


def weight(g: Gap) -> CutDecision:
    """ "Turn to the right | weight on the left"."""
    return True if weight_follows(g) else None


def next_verb(g: Gap) -> CutDecision:
    """ "Step out | shift onto it"; but "let the foot come", "bring it to touch" go on."""
    if not g.acts() or not g.has_verb:
        return None
    if g.before.w in BINDING and not (g.w in lx.FACE and turns_none(g)):
        return None
    return g.before.w != "people" and not same_action(g)


def next_foot(g: Gap) -> CutDecision:
    """ "Left foot in | right foot out"."""
    if not g.has_verb and g.before.side and names(g, g.i) and g.after in lx.FOOT and bare_shift_before(g):
        return any(
            t.w in lx.STEP_WAYS for t in g.tokens[g.i + 2 : g.i + 3]
        )  # "forward on the left | right foot through"
    return not g.has_verb and names_next_foot(g)
