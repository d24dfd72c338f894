"""Where one action ends and the next begins: a table of rules, asked in their order until one decides."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from functools import lru_cache
from typing import NamedTuple

from kemvo.core.reading import lexicon as lx
from kemvo.core.reading.comes_next import (
    TAKES_OBJECT,
    acts_by_itself,
    appended,
    foot_acts,
    goes_on,
    leaves_hands,
    manner,
    names,
    names_next_foot,
    only_names_foot,
    only_side,
    speaks_of_other,
    weight_follows,
    weight_then_foot,
    with_foot_or_weight,
    with_next,
)
from kemvo.core.reading.gap import ARTICLES, BINDING, COVERED, STOOD_BY, UPPER, Gap
from kemvo.core.reading.piece import ONE_SIDED
from kemvo.core.reading.tokens import Token
from kemvo.core.reading.told_before import (
    ASIDE,
    bare_shift_before,
    hands_only,
    is_supposed,
    only_ways,
    same_action,
    turns_none,
    warns,
    weight_is_told,
    whole_step,
    whole_without_verb,
)
from kemvo.core.reading.verbs import PRONOUNS, SIZES

OBJECT_VERBS = (
    lx.TURN
    | lx.STEP
    | lx.LIFT
    | lx.KICK
    | lx.PIVOT
    | frozenset(
        "bring move place put open draw gather set take pull slide swing sweep tuck close extend drop lower cross follow"
        " centre center shift transfer sit sink rock send return join point straighten hold face settle ease pour empty"
        " stand stay keep wait relax brush push punch".split()
    )
)
"""Verbs of the feet that begin an action after "weight back on the left foot" as after any other."""

KEEPS_IT = lx.INTO | {"let", "have", "get", "help", "that", "as", "of", "with", "and"}
"""After these, "it" begins no sentence of its own."""

WEIGHT_LEADS = frozenset({"weight", "the", "your", "all"})
TIMES = frozenset("counts count seconds breaths".split())
WARNED_TO = frozenset("far back much high low hard fast it forward".split())
SPEAKING = frozenset("make making be feel imagine notice check".split())
""" "Make sure", "feel": something is said about what is done."""

WHO = PRONOUNS | frozenset("it to can could not don't and or that would might should".split())
"""After these, a verb goes with who does it."""

PARTICLES = frozenset({"out", "in", "up", "down"})
""" "Open out your foot": between a verb and what it moves."""

BOUND = BINDING | WHO
BOUND_OR_DENIED = BINDING | lx.NEGATION
BOUND_OR_SIZED = BINDING | SIZES
THROUGH = frozenset("through for over on as with".split())
OF_SHARES = frozenset("about most half all of the your thirds third quarters percent or to maybe around a".split())
WEIGHING = lx.SHIFT | lx.SINK | lx.STAND | lx.EMPTY | lx.FILL | {"put", "puts", "weight"}
BOUND_OR_INTO = BINDING | lx.INTO | WHO | {"with", "by"}
COMES = frozenset("come comes go goes".split())
UP_OR_OUT = frozenset("up off out in back down".split())
TRUNK_BOUND = BOUND | lx.INTO | frozenset("and as while when with by from until till of how as if before after once".split())
SHARE_REACH = 8
SHARE_BEGINS = frozenset(lx.NUMBERS) | {"about", "most", "half"}
STEP_OR_PLACE = lx.STEP | lx.PLACE
NOT_AFTER_SUPPOSED = BOUND | ARTICLES | lx.FOOT | UPPER | lx.NEGATION | {"weight", "breath"}

Decision = bool | None
"""True: a new action begins; False: none does; None: the next rule is asked."""


WHOM = ARTICLES | {"it", "them"}
WARNING_ENDS = lx.FOOT | WARNED_TO
FEELS = lx.UNREAL | {"feels"}
IT_GOES_ON = KEEPS_IT | lx.UNREAL | lx.CONNECT


def _after_comma(g: Gap) -> Decision:
    """ "Step back, lift the right toes"; but "step, left foot" and "step out, left foot" go on."""
    if not g.before.comma:
        return None
    if g.w == "to" and g.says(lx.TURN) and not g.names_side() and only_side(g):
        return False  # "turn with it, to the left"
    if not g.has_verb and warns(g):
        return True  # "don't lock the knee, step…"
    if g.has_verb and appended(g):
        return False  # "step forward, right heel, …"
    if g.has_verb:
        begins = not only_names_foot(g) or (speaks_of_other(g) and not appended(g))
    else:
        begins = speaks_of_other(g) or bare_shift_before(g) or weight_then_foot(g) or whole_without_verb(g)
    return begins or g.piece[0].w in ASIDE or g.says(lx.UNREAL) or None


def _and_goes_on(g: Gap) -> Decision:
    """ "Turn and look over the right shoulder"; "half and half"; "one hundred and eighty"; "the right knee and the right
    hand rise"."""
    look = g.after == "look" and g.before.w in lx.TURN
    halves = g.before.w == g.after == "half"
    if g.after == "to" and g.says(lx.STEP) and g.has_verb and any(t.side for t in g.tokens[g.i + 2 : g.i + 4]):
        return False  # "step forward and to the right"
    if g.after in lx.STEP_WAYS and g.says(lx.STEP) and g.has_verb and not g.names_side() and with_next(g):
        return False  # "step back and out with the right foot"
    hand = g.tokens[g.i + 2].w if g.i + 2 < len(g.tokens) and g.tokens[g.i + 1].side else g.after
    both = g.before.w in lx.FOOT and hand in lx.HAND and not g.has_verb and len(g.piece) <= 3
    return (
        False
        if look
        or halves
        or (both and any(g.verbs[g.i + 3 : g.i + 4]))
        or (g.before.w == "hundred" and g.after in lx.NUMBERS)
        else None
    )


def _or_number(g: Gap) -> Decision:
    """ "Sixty or seventy percent"."""
    return False if g.before.w in lx.NUMBERS and g.after in lx.NUMBERS else None


def _again_to(g: Gap) -> Decision:
    """ "Shift again onto the left"."""
    return False if g.after in ("onto", "into", "between", "to", "evenly") else None


def _meanwhile(g: Gap) -> Decision:
    """ "The right foot then steps"."""
    return False if goes_on(g) else None


def _connecting(g: Gap) -> Decision:
    """ "Shift right | and step left"; but "next to"."""
    if g.w == "next" and next((t.w for t in g.tokens[g.i + 1 : g.i + 2]), "") == "to":
        return None
    return g.told() or hands_only(g) or (g.w != "again" and only_ways(g))


def _no_need(g: Gap) -> Decision:
    """ "Step forward | no need to rush"; "step out | no weight on it yet"."""
    return True if g.after in ("need", "weight") and g.told() and g.before.w not in ("with", "there's") else None


def _speaking(g: Gap) -> Decision:
    """ "Step back | make sure the knee…", "sink | feel the ground", "go back | make the right leg solid"."""
    sure = g.w not in ("make", "making", "be") or g.after == "sure"
    made = g.w == "make" and g.after in ("it", "the", "your")
    return True if (sure or made) and g.before.w not in BOUND and g.told() else None


def _after_supposed(g: Gap) -> Decision:
    """ "If you're feeling steady | lift the left knee"."""
    if g.has_verb or not g.acts() or len(g.piece) < 3 or not is_supposed(g):
        return None
    return True if g.before.w not in NOT_AFTER_SUPPOSED else None


def _aside(g: Gap) -> Decision:
    """ "Step out | keeping the knees soft"."""
    return True if g.told() else None


def _let(g: Gap) -> Decision:
    """ "Sit back | let the toes come up"."""
    whom = g.after in WHOM
    return True if whom and g.before.w not in BOUND_OR_DENIED and g.told() else None


def _with(g: Gap) -> Decision:
    """ "Step out | with the left palm up"; "turn left | with a pivot on the heel"; "sink | with the weight on the left"."""
    said = [t.w for t in g.tokens[g.i + 1 : g.i + 4]]
    takes = next((k for k in range(g.i + 2, min(g.i + 5, len(g.tokens))) if g.tokens[k].side), 0)
    if takes and [t.w for t in g.tokens[takes + 1 : takes + 4]] == ["take", "a", "step"]:
        return True if g.told() else None  # "turn right | with the left take a step"
    pivot = said[:2] == ["a", "pivot"] or said in (["a", "step", "of"], ["a", "step", "with"])
    if pivot or manner(g):
        return True if g.told() else None
    return True if with_foot_or_weight(g) and (g.told() or hands_only(g)) else None


def _dont(g: Gap) -> Decision:
    """ "Wait | don't shift yet"."""
    return True if g.told() and g.before.w not in BOUND else None


def _like(g: Gap) -> Decision:
    """ "Sit back | like you're taking a chair"."""
    return True if g.after in ("you're", "you", "a", "someone", "somebody") and g.told() else None


def _purpose(g: Gap) -> Decision:
    """ "Bend the knee | to protect your back"."""
    if g.says(TIMES) and g.after in lx.ACTS:
        return True  # "take four counts | to shift to the left"
    return True if g.after in ("protect", "save", "avoid", "help", "stay", "make", "keep") and g.told() else None


def _after_warning(g: Gap) -> Decision:
    """ "Don't lock the knee | turn your waist"; but "don't let the knee turn" goes on."""
    ended = g.before.w in WARNING_ENDS
    return True if not g.has_verb and g.acts() and ended and warns(g) else None


def _after_hands(g: Gap) -> Decision:
    """ "With your hands at your chest | step back"."""
    return True if not g.has_verb and hands_only(g) and leaves_hands(g) else None


def _if(g: Gap) -> Decision:
    """ "Lift the knee | if you can"."""
    return g.told()


def _you_can(g: Gap) -> Decision:
    """ "The left leg is empty | you could pick it up", "once it's empty | I can turn it"."""
    if g.w != "you" and g.piece[0].w not in ("once", "when"):
        return None
    return g.told() if g.after in ("can", "could", "may", "might", "should") else None


def _after_weight(g: Gap) -> Decision:
    """ "Weight in both feet | turn right"."""
    return True if not g.has_verb and g.acts() and g.before.w not in BINDING and weight_is_told(g) else None


def _after_breath(g: Gap) -> Decision:
    """ "Breathe in | and out | turn left"."""
    said = [t.w for t in g.piece]
    other = said in (["and", "out"], ["and", "in"]) and g.tokens[g.since - 1].w in ("in", "out")
    before = {t.w for t in g.tokens[max(0, g.since - 3) : g.since]}
    return True if other and before & {"breath", "breathe"} and g.w not in THROUGH else None


def _comes_up(g: Gap) -> Decision:
    """ "Sink | up comes the right knee": not "sink up | comes the right knee"."""
    inverted = g.after in COMES and g.i + 2 < len(g.tokens) and g.tokens[g.i + 2].w in ARTICLES
    return g.told() if inverted else None


def _it_comes(g: Gap) -> Decision:
    """ "Up comes the right knee" is one piece."""
    return False if g.before.w in UP_OR_OUT and g.after in ARTICLES and len(g.piece) <= 3 and not g.has_verb else None


def _trunk_acts(g: Gap) -> Decision:
    """ "Turn my right foot in | your waist goes to the left"."""
    k = g.i + 2
    acts = g.after in lx.TRUNK and k < len(g.tokens) and g.verbs[k] and g.tokens[k].w.endswith("s")
    return True if acts and g.has_verb and g.before.w not in TRUNK_BOUND else None


def _onto_next(g: Gap) -> Decision:
    """ "Onto the right | into the left"."""
    return True if not g.has_verb and g.before.side and g.piece[0].w in ("onto", "into") else None


def _share_next(g: Gap) -> Decision:
    """ "Step out to the left | about two thirds of your weight…"."""
    if not g.has_verb or g.verbs[g.i - 1] or g.before.w in BOUND_OR_INTO or g.says(WEIGHING):
        return None
    k = g.i
    while k < len(g.tokens) and k < g.i + SHARE_REACH and (g.tokens[k].w in OF_SHARES or g.tokens[k].w in lx.NUMBERS):
        k += 1
    return True if g.i < k < len(g.tokens) and g.tokens[k].w == "weight" and g.tokens[k - 1].w in ("your", "the", "of") else None


def _after_bare(g: Gap) -> Decision:
    """ "Weight back on the left | step out", "left heel forward | shift"."""
    if g.has_verb or not g.acts() or g.before.w in BOUND_OR_SIZED:
        return None
    lone_side = g.before.side is not None and len(g.piece) > 1
    return lone_side or whole_step(g) or bare_shift_before(g)


def _it_acts(g: Gap) -> Decision:
    """ "Lift the left foot | it goes out"."""
    feels = g.after in FEELS and g.told() and g.before.w not in IT_GOES_ON
    return (
        True if feels or (g.has_verb and g.verbs[g.i + 1 : g.i + 2] == [True] and g.before.w not in KEEPS_IT) else None
    )


def _name(g: Gap) -> Decision:
    """A posture's name is a piece of its own."""
    return True if COVERED in (g.w, g.before.w) and g.w != g.before.w else None


def _hands_next(g: Gap) -> Decision:
    """ "Turn to the right | shoulders relaxed"."""
    if g.w == "shoulder":
        return None
    turned = g.says(lx.TURN | lx.FACE) and (g.before.w in lx.ROOM or g.before.w in lx.COMPASS)
    side = g.before.side and (g.word_back(2) in ARTICLES or g.word_back(2) in lx.TURN)
    return True if turned or (side and g.told()) else None


def _weight_goes(g: Gap) -> Decision:
    """ "The weight goes", "the breath comes in"."""
    return False if g.acts() and g.before.w in ("weight", "breath") and g.w in lx.WEIGHT_GOES else None


def _half_step(g: Gap) -> Decision:
    """ "Turn right | half a step with the left"."""
    if g.after == "and" and [t.w for t in g.tokens[g.i + 2 : g.i + 3]] == ["half"] and g.before.w not in BOUND_OR_INTO:
        return True if g.told() else None  # "stand up | half and half"
    if not g.has_verb or g.after not in ("a", "step"):
        return None
    return True if g.tokens[g.first_verb()].w not in STEP_OR_PLACE else None


def _foot(g: Gap) -> Decision:
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


def _both_feet(g: Gap) -> Decision:
    """ "Step left | both feet flat"."""
    if g.after not in lx.FOOT or not g.has_verb or g.before.w in STOOD_BY:
        return None
    return any(t.side or t.w in lx.STEP_WAYS for t in g.piece)


def _toes(g: Gap) -> Decision:
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


def _trunk(g: Gap) -> Decision:
    """ "Weight back left | waist turns left"."""
    if g.has_verb and g.after == "to" and g.w not in ("hips", "body") and g.before.w not in TRUNK_BOUND | ARTICLES:
        return True if g.told() and not g.verbs[g.i - 1] else None  # "adjust the foot | navel to the corner"
    return True if g.before.side and g.verbs[g.i + 1 : g.i + 2] == [True] else None


def _feet_together(g: Gap) -> Decision:
    """ "Stand up | feet together"."""
    if not g.has_verb or g.after not in ("parallel", "together", "apart", "shoulder", "shoulder-width", "hip"):
        return None
    return g.before.w not in STOOD_BY and not g.verbs[g.i - 1]


def _weight(g: Gap) -> Decision:
    """ "Turn to the right | weight on the left"."""
    return True if weight_follows(g) else None


def _next_verb(g: Gap) -> Decision:
    """ "Step out | shift onto it"; but "let the foot come", "bring it to touch" go on."""
    if not g.acts() or not g.has_verb:
        return None
    if g.before.w in BINDING and not (g.w in lx.FACE and turns_none(g)):
        return None
    return g.before.w != "people" and not same_action(g)


def _next_foot(g: Gap) -> Decision:
    """ "Left foot in | right foot out"."""
    if not g.has_verb and g.before.side and names(g, g.i) and g.after in lx.FOOT and bare_shift_before(g):
        return any(
            t.w in lx.STEP_WAYS for t in g.tokens[g.i + 2 : g.i + 3]
        )  # "forward on the left | right foot through"
    return not g.has_verb and names_next_foot(g)


class Rule(NamedTuple):
    """What decides, and before which words it is asked; None: before every word."""

    decide: Callable[[Gap], Decision]
    words: frozenset[str] | None = None


def _before(words: str) -> frozenset[str]:
    return frozenset(words.split())


RULES = (
    Rule(_after_comma),
    Rule(_and_goes_on, _before("and")),
    Rule(_or_number, _before("or")),
    Rule(_again_to, _before("again")),
    Rule(_meanwhile, _before("now then next again")),
    Rule(_connecting, lx.CONNECT),
    Rule(_no_need, _before("no")),
    Rule(_speaking, SPEAKING),
    Rule(_after_supposed),
    Rule(_aside, ASIDE),
    Rule(_let, _before("let allow")),
    Rule(_with, _before("with")),
    Rule(_dont, _before("don't dont")),
    Rule(_like, _before("like")),
    Rule(_purpose, _before("to")),
    Rule(_after_warning),
    Rule(_after_hands),
    Rule(_if, _before("if unless")),
    Rule(_you_can, _before("you i we")),
    Rule(_after_weight),
    Rule(_after_breath),
    Rule(_comes_up, UP_OR_OUT),
    Rule(_it_comes, COMES),
    Rule(_trunk_acts, frozenset(ARTICLES)),
    Rule(_onto_next, _before("onto into")),
    Rule(_share_next, SHARE_BEGINS),
    Rule(_after_bare, OBJECT_VERBS),
    Rule(_it_acts, _before("it")),
    Rule(_hands_next, ONE_SIDED | {"fingers", "fingertips"}),
    Rule(_name),
    Rule(_weight_goes),
    Rule(_half_step, _before("half")),
    Rule(_foot),
    Rule(_both_feet, _before("both")),
    Rule(_toes, _before("toe toes")),
    Rule(_trunk, _before("waist body hips torso chest navel")),
    Rule(_feet_together, _before("feet")),
    Rule(_weight, WEIGHT_LEADS),
    Rule(_next_verb),
    Rule(_next_foot),
)
"""In the order in which they are asked."""

MAY_BEGIN = (
    lx.CONNECT | UP_OR_OUT | SHARE_BEGINS | ONE_SIDED | {"fingers", "fingertips"} | ASIDE | ARTICLES | WEIGHT_LEADS | SPEAKING
    | _before(f"if unless you i we no don't dont it let allow rear with like to toe toes feet half both back front other waist body hips torso chest navel {COVERED}")
)  # fmt: skip
"""Without a verb, a side or a comma, only these can begin a piece."""


@lru_cache(maxsize=4096)
def _asked(w: str) -> tuple[Callable[[Gap], Decision], ...]:
    """The rules that are asked before a word."""
    return tuple(r.decide for r in RULES if r.words is None or w in r.words)


def begins(tokens: Sequence[Token], verbs: Sequence[bool], i: int, since: int) -> bool:
    """Whether a new action begins at token i, the piece before having begun at `since`. `verbs`: which tokens begin
    an action."""
    token, before = tokens[i], tokens[i - 1]
    if not (verbs[i] or token.side or before.comma or token.w in MAY_BEGIN or before.w == COVERED):
        return False
    gap = Gap(tokens, verbs, i, since)
    for decide in _asked(token.w):
        decision = decide(gap)
        if decision is not None:
            return decision
    return False
