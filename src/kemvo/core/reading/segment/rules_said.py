"""Segmentation rules about connecting words, remarks, and who acts."""

from __future__ import annotations

from kemvo.core.language import lexicon as lx
from kemvo.core.reading.segment.boundary import ARTICLES, BINDING, BOUND, COVERED, UPPER, CutDecision, Gap
from kemvo.core.reading.segment.left_context import (
    ASIDE,
    bare_shift_before,
    hands_only,
    is_supposed,
    only_ways,
    warns,
    whole_without_verb,
)
from kemvo.core.reading.segment.right_context import (
    appended,
    goes_on,
    leaves_hands,
    manner,
    only_names_foot,
    only_side,
    shares_next,
    speaks_of_other,
    weight_then_foot,
    with_foot_or_weight,
    with_next,
)

KEEPS_IT = lx.INTO | {"let", "have", "get", "help", "that", "as", "of", "with", "and"}
"""After these, "it" begins no sentence of its own."""

TURNED = lx.TURN | lx.TRUNK
HOW = frozenset("slow low high nice easy soft slowly gently smooth steady light deep long tall wide calm even".split())
""" "Slow and low", "nice and high"."""
TIMES = frozenset("counts count seconds breaths".split())

WARNED_TO = frozenset("far back much high low hard fast it forward rush hurry worry".split())

BOUND_OR_DENIED = BINDING | lx.NEGATION

NOT_AFTER_SUPPOSED = BOUND | ARTICLES | lx.FOOT | UPPER | lx.NEGATION | {"weight", "breath"}

WHOM = ARTICLES | {"it", "them"}

WARNING_ENDS = lx.FOOT | WARNED_TO

FEELS = lx.UNREAL | {"feels"}

IT_GOES_ON = KEEPS_IT | lx.UNREAL | lx.CONNECT


def after_comma(g: Gap) -> CutDecision:
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


def and_goes_on(g: Gap) -> CutDecision:
    """ "Turn and look over the right shoulder"; "half and half"; "slow and low"; "one hundred and eighty"; "the right knee
    and the right hand rise"."""
    look = g.after == "look" and g.before.w in lx.TURN
    halves = g.before.w == g.after == "half" or (g.after in HOW and g.before.w in HOW)
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


def or_number(g: Gap) -> CutDecision:
    """ "Sixty or seventy percent"."""
    return False if g.before.w in lx.NUMBERS and g.after in lx.NUMBERS else None


def again_to(g: Gap) -> CutDecision:
    """ "Shift again onto the left"."""
    return False if g.after in ("onto", "into", "between", "to", "evenly") else None


def meanwhile(g: Gap) -> CutDecision:
    """ "The right foot then steps"."""
    return False if goes_on(g) else None


def connecting(g: Gap) -> CutDecision:
    """ "Shift right | and step left"; but "next to"."""
    if g.w == "next" and next((t.w for t in g.tokens[g.i + 1 : g.i + 2]), "") == "to":
        return None
    return g.told() or hands_only(g) or (g.w != "again" and only_ways(g))


def no_need(g: Gap) -> CutDecision:
    """ "Step forward | no need to rush"; "step out | no weight on it yet"."""
    return True if g.after in ("need", "weight") and g.told() and g.before.w not in ("with", "there's") else None


def speaking(g: Gap) -> CutDecision:
    """ "Step back | make sure the knee…", "sink | feel the ground", "go back | make the right leg solid"."""
    sure = g.w not in ("make", "making", "be") or g.after == "sure"
    made = g.w == "make" and g.after in ("it", "the", "your")
    return True if (sure or made) and g.before.w not in BOUND and g.told() else None


def after_supposed(g: Gap) -> CutDecision:
    """ "If you're feeling steady | lift the left knee"."""
    if g.has_verb or not g.acts() or len(g.piece) < 3 or not is_supposed(g):
        return None
    return True if g.before.w not in NOT_AFTER_SUPPOSED else None


def aside(g: Gap) -> CutDecision:
    """ "Step out | keeping the knees soft"."""
    return True if g.told() else None


def let(g: Gap) -> CutDecision:
    """ "Sit back | let the toes come up"."""
    whom = g.after in WHOM
    return True if whom and g.before.w not in BOUND_OR_DENIED and g.told() else None


def with_(g: Gap) -> CutDecision:
    """ "Step out | with the left palm up"; "turn left | with a pivot on the heel"; "sink | with the weight on the left"."""
    said = [t.w for t in g.tokens[g.i + 1 : g.i + 4]]
    takes = next((k for k in range(g.i + 2, min(g.i + 5, len(g.tokens))) if g.tokens[k].side), 0)
    if takes and [t.w for t in g.tokens[takes + 1 : takes + 4]] == ["take", "a", "step"]:
        return True if g.told() else None  # "turn right | with the left take a step"
    if shares_next(g):
        return True if g.told() else None  # "facing left | with about seventy thirty"
    pivot = said[:2] == ["a", "pivot"] or said in (["a", "step", "of"], ["a", "step", "with"])
    if pivot or manner(g):
        return True if g.told() else None
    return True if with_foot_or_weight(g) and (g.told() or hands_only(g)) else None


def dont(g: Gap) -> CutDecision:
    """ "Wait | don't shift yet"."""
    return True if g.told() and g.before.w not in BOUND else None


def like(g: Gap) -> CutDecision:
    """ "Sit back | like you're taking a chair"."""
    return True if g.after in ("you're", "you", "a", "someone", "somebody") and g.told() else None


def purpose(g: Gap) -> CutDecision:
    """ "Bend the knee | to protect your back"."""
    if g.says(TIMES) and g.after in lx.ACTS:
        return True  # "take four counts | to shift to the left"
    return True if g.after in ("protect", "save", "avoid", "help", "stay", "make", "keep") and g.told() else None


def after_warning(g: Gap) -> CutDecision:
    """ "Don't lock the knee | turn your waist"; but "don't let the knee turn" goes on."""
    ended = g.before.w in WARNING_ENDS or (g.piece[0].w == "without" and len(g.piece) == 2)
    return True if not g.has_verb and g.acts() and ended and warns(g) else None


def after_hands(g: Gap) -> CutDecision:
    """ "With your hands at your chest | step back"."""
    return True if not g.has_verb and hands_only(g) and leaves_hands(g) else None


def if_(g: Gap) -> CutDecision:
    """ "Lift the knee | if you can"."""
    return g.told()


def you_can(g: Gap) -> CutDecision:
    """ "The left leg is empty | you could pick it up", "once it's empty | I can turn it"."""
    if g.w != "you" and g.piece[0].w not in ("once", "when"):
        return None
    return g.told() if g.after in ("can", "could", "may", "might", "should") else None


def it_acts(g: Gap) -> CutDecision:
    """ "Lift the left foot | it goes out"."""
    feels = g.after in FEELS and g.told() and g.before.w not in IT_GOES_ON
    return (
        True if feels or (g.has_verb and g.verbs[g.i + 1 : g.i + 2] == [True] and g.before.w not in KEEPS_IT) else None
    )


def name(g: Gap) -> CutDecision:
    """A posture's name is a piece of its own."""
    return True if COVERED in (g.w, g.before.w) and g.w != g.before.w else None


def hands_next(g: Gap) -> CutDecision:
    """ "Turn to the right | shoulders relaxed"."""
    if g.w == "shoulder":
        return None
    if g.before.w in ("back", "forward", "forwards") and g.word_back(2) in lx.SIT_BACK and g.w not in ("head", "chin"):
        return True  # "sit back | palms back"
    turned = g.says(lx.TURN | lx.FACE) and (g.before.w in lx.ROOM or g.before.w in lx.COMPASS)
    side = g.before.side and (g.word_back(2) in ARTICLES or g.word_back(2) in TURNED)
    return True if turned or (side and g.told()) else None
