"""Right context of a boundary: what the words after it begin to describe."""

from __future__ import annotations

from kemvo.core.language import lexicon as lx
from kemvo.core.reading.clause import ONE_SIDED
from kemvo.core.reading.segment.boundary import ARTICLES, BINDING, STOOD_BY, UPPER, Gap, next_word
from kemvo.core.reading.segment.verbs import SIZES, VERBS

STRAIGHT = UPPER | {"back", "knee", "knees"}
WHO_ACTS = lx.FOOT_OR_TRUNK | {"weight"}
UPPER_OR_FOOT = UPPER | lx.FOOT
ROCKING = lx.SIT_BACK | lx.SHIFT | {"weight"}
STANDING = frozenset({"weight", "sure", "percent", "i'm", "you're", "we're"})
HELPS = frozenset("is are be will can has we you".split())
PERSONS = frozenset("you we i".split())
BREATHED = frozenset({"breath", "breathe"})
BREATHS = frozenset("inhale exhale breathe".split())
TAKES_OBJECT = (
    lx.LIFT
    | lx.TURN
    | lx.PIVOT
    | lx.AIM
    | lx.EMPTY
    | lx.FILL
    | lx.PLACE - frozenset("come comes go goes travel travels".split())
)


STEPPING = lx.STEP | lx.KICK
TAKES_WEIGHT = lx.BEARING | frozenset("share split divide distribute".split())
BOUND_OR_ONLY = BINDING | {"only", "should"}
SIZED = SIZES | {"a"}


def goes_on(gap: Gap) -> bool:
    """Whether "now" or "then" stands between who acts and the act: "the right foot then steps", "is now placed", "the
    weight now evenly…"."""
    before = gap.before
    if before.w in HELPS or (before.w == "weight" and gap.w == "now"):
        return True
    acts = before.w in WHO_ACTS and not before.comma and not gap.has_verb
    return acts and gap.verbs[gap.i + 1 : gap.i + 2] == [True]


def manner(gap: Gap) -> bool:
    """ "With the left palm up", "with your knees bent": how, not which foot."""
    k = gap.i + 1
    while (
        k < len(gap.tokens)
        and k < gap.i + 5
        and (gap.tokens[k].w in ARTICLES | {"a", "both", "straight", "upright"} or gap.tokens[k].side)
    ):
        k += 1
    if k < len(gap.tokens) and gap.tokens[k - 1].side and gap.tokens[k].w in ONE_SIDED:
        return False  # "with the right | hands pushing"
    return k < len(gap.tokens) and gap.tokens[k].w in STRAIGHT and next_word(gap.tokens, k) not in lx.FOOT


def shares_next(g: Gap) -> bool:
    """ "With about seventy thirty"."""
    k = g.i + 1 + (g.after in ("about", "roughly", "around"))
    said = [lx.NUMBERS.get(t.w, 0) for t in g.tokens[k : k + 2]]
    return len(said) == 2 and sum(said) == 100 and min(said) >= 10


def with_foot_or_weight(gap: Gap) -> bool:
    """ "With the left heel lifting", "with your weight on the right leg": what a foot or the weight does meanwhile."""
    k = gap.i + 1 + (gap.after in ARTICLES)
    if k + 2 >= len(gap.tokens):
        return False
    first, second, third = gap.tokens[k], gap.tokens[k + 1], gap.tokens[k + 2]
    if first.hard or second.hard or second.comma:
        return False
    stepping = gap.has_verb and gap.tokens[gap.first_verb()].w in STEPPING
    if stepping and not gap.says(lx.FOOT):
        return False  # "step back with your right foot, shifting…"
    if first.w == "weight":
        return second.w in ("in", "on", "over", "mostly", "all", "still", "now", "fully", "back", "staying")
    # "Stepping" is read as "step"; the letters tell that it stood there.
    doing = third.w.endswith("ing") or (third.w in lx.ACTS and third.end - third.start >= len(third.w) + 2)
    return bool(first.side) and second.w in lx.FOOT and doing


def leaves_hands(gap: Gap) -> bool:
    """Whether the feet or the weight take over after the hands: "with your hands at your chest | step back", "right palm
    up | the left foot…"."""
    before, w = gap.before, gap.w
    if before.w in ("is", "are"):
        return False
    if before.comma:
        return True
    if gap.acts() and w in lx.ACTS:
        return before.w not in BOUND_OR_ONLY and (before.w not in UPPER or gap.piece[0].w in ("with", "gaze", "eyes"))
    at = gap.i + (w in ARTICLES)
    if at >= len(gap.tokens) or before.w in STOOD_BY or before.w in ARTICLES or before.side:
        return False
    foot = gap.tokens[at]
    named = foot.side is not None or foot.w in ("back", "front", "other", "both")
    return (named and next_word(gap.tokens, at) in lx.FOOT) or foot.w == "weight"


def weight_then_foot(gap: Gap) -> bool:
    """ "As the weight arrives, | the left foot…"."""
    at = gap.i + (gap.w in ARTICLES)
    weight = gap.says({"weight"}) and not gap.names_side()
    return weight and at < len(gap.tokens) and names(gap, at) and next_word(gap.tokens, at) in lx.FOOT


def names(gap: Gap, at: int) -> bool:
    """ "Left", "right", or "front", "rear": which foot."""
    return gap.tokens[at].side is not None or gap.tokens[at].w in ("front", "rear", "other")


def acts_by_itself(gap: Gap) -> bool:
    """Whether the foot named next does something: "swing in | the left leg empties"."""
    k = gap.i + 3
    named = k < len(gap.tokens) and gap.tokens[gap.i + 1].side and gap.tokens[gap.i + 2].w in lx.FOOT
    return bool(named) and gap.verbs[k] and gap.tokens[k].w.endswith("s")


def weight_follows(gap: Gap) -> bool:
    """Whether the weight is spoken of after an action that has all it needs: "turn to the right | weight on…"."""
    w, before = gap.w, gap.before
    if gap.says({"weight"}):
        gone = before.side is not None or (gap.piece[0].w == "weight" and before.w in ("back", "forward"))
        again = (
            w in ("the", "your", "all") and gap.after == "weight" and next_word(gap.tokens, gap.i + 1) in lx.WEIGHT_GOES
        )
        done = before.side is not None or before.w in lx.FOOT
        return (gone and w == "weight") or (again and done)
    here = (w == "weight" and before.w not in lx.BEFORE_WEIGHT) or (
        w in ("the", "your", "all") and gap.after == "weight"
    )
    if not here or not gap.piece or (before.w in ("up", "out") and gap.word_back(2) == "even"):
        return False
    at = gap.i if w == "weight" else gap.i + 1
    goes = next_word(gap.tokens, at) in lx.WEIGHT_GOES
    third = len(gap.piece) > 1
    acted = third and gap.word_back(2) in UPPER_OR_FOOT and before.w in VERBS and before.w not in TAKES_WEIGHT
    told = (
        goes
        or acted
        or before.side
        or before.w in lx.FOOT
        or before.w in lx.STEP_WAYS
        or before.w in ("degrees", "little", "bit", "round")
        or before.w in lx.NUMBERS
        or (before.w in lx.STEP and gap.word_back(2) in SIZED)
    )
    leads = before.w in ("all", "off", "of", "most", "half") or (
        before.w in ("back", "forward") and len(gap.piece) <= 2 and not (goes and gap.i == at)
    )
    return bool(told and not leads)


def foot_acts(gap: Gap) -> bool:
    """Whether a foot or hand is named that acts itself, after an action that has all it needs: "shift left | right foot
    in", "settle on the right leg | the left heel comes up", "heel touches | the right hand rises"."""
    tokens, verbs, i, before = gap.tokens, gap.verbs, gap.i, gap.before
    at = i + (gap.w in ARTICLES)
    if at < len(tokens) and tokens[at].side and next_word(tokens, at) == "becomes":
        return gap.says({"weight"})
    if at >= len(tokens) or not names(gap, at) or next_word(tokens, at) not in lx.FOOT_OR_HAND:
        return False
    if before.w in ("center", "centre", "middle"):
        return True
    if tokens[at].side and next_word(tokens, at) in ONE_SIDED and i == at:
        return False  # "turn your waist left | palms down"
    told = any(t.w in STANDING or t.w in lx.TRUNK for t in gap.piece)
    told = told or (gap.says(lx.FOOT) and gap.says(lx.STEP_WAYS))
    if not gap.has_verb and not told:
        return False
    second = gap.word_back(2)
    if before.w == "through" and second in ("down", "out", "up"):
        return False  # "root down through the right foot"
    if before.side:
        return True
    k = at + 2
    if _ended(gap, k, at):
        return True
    if before.w in BREATHS or (before.w in lx.IN_OR_OUT and gap.word_back(2) in BREATHED):
        return True
    acted = verbs[i - 1] and second not in UPPER and second not in ("half", "follow")
    if before.w in STOOD_BY or acted or not _complete(gap):
        return False
    third = len(gap.piece) > 1
    if third and k < len(tokens) and tokens[k].w == "to" and second in lx.STEP:
        return False  # "step out the left foot to the corner"
    up = before.w in ("up", "out", "in", "down", "off")
    if third and up and second in TAKES_OBJECT and tokens[at + 1].w in lx.FOOT:
        return False  # "turn out your left toes": they are what is turned
    return k < len(tokens) and (verbs[k] or tokens[k].w in lx.STEP_WAYS or tokens[k].w in ("is", "are", "to"))


def _ended(gap: Gap, k: int, at: int) -> bool:
    """The action before has plainly ended: "shift | right foot back", "rock back | left toes in", "the left foot comes
    in | the right heel turns". `at`: where the foot is named, `k`: what it does."""
    tokens, verbs, before, second = gap.tokens, gap.verbs, gap.before, gap.word_back(2)
    if k >= len(tokens):
        return False
    goes = verbs[k] or tokens[k].w in lx.STEP_WAYS
    shifted = (
        goes and (at == gap.i or tokens[k].w.endswith("s")) and before.w in ("shift", "shifts") and verbs[gap.i - 1]
    )
    rocked = goes and len(gap.piece) > 1 and before.w in ("back", "forward")
    rocked = rocked and (second in ROCKING or (second in lx.WEIGHT_GOES and gap.says({"weight"})))
    finite = tokens[k].w in ("is", "are") or (verbs[k] and tokens[k].w.endswith("s"))
    gone = before.w in ("in", "behind", "back", "out", "forward") and any(t.side for t in gap.piece[:-1])
    gone = gone or (verbs[gap.i - 1] and before.w.endswith("s") and second in lx.FOOT_OR_TRUNK)
    gone = gone or (
        verbs[gap.i - 1] and before.w in lx.TURN and second in PERSONS
    )  # "as you turn | the left foot steps"
    return shifted or rocked or (finite and (gone or gap.says(lx.NEGATION)))


def _complete(gap: Gap) -> bool:
    """Whether the piece before has what an action needs."""
    told = any(t.side or t.w in lx.FOOT or t.w in lx.STEP_WAYS or t.w in UPPER or t.w in BREATHS for t in gap.piece)
    return told or gap.before.w in ("it", "that", "there", "here")


def names_next_foot(gap: Gap) -> bool:
    """Whether another foot is named after one whose way was told: "left foot in | right foot out"."""
    named = gap.tokens[gap.i].side and gap.i + 1 < len(gap.tokens) and gap.tokens[gap.i + 1].w in lx.FOOT
    return bool(named) and gap.before.w in lx.STEP_WAYS and gap.says(lx.FOOT)


def speaks_of_other(gap: Gap) -> bool:
    """After a comma without a verb before it: is something else meant than what was named? "Left foot, step
    forward" goes on; "left heel down, right hand opens" does not."""
    told = any(
        (t.w == "weight" and gap.names_side()) or (k > 0 and (t.w in lx.STEP_WAYS or t.w in lx.FULL_OR_LIGHT))
        for k, t in enumerate(gap.piece)
    )
    return told and any(t.w in lx.FOOT or t.side for t in gap.tokens[gap.i : gap.i + 3])


def appended(gap: Gap) -> bool:
    """ "Step out, left foot": the foot is named behind what it does."""
    return only_names_foot(gap) and not any(t.side or t.w in lx.FOOT for t in gap.piece)


def only_names_foot(gap: Gap) -> bool:
    """Whether what follows a comma is nothing but a foot: "step, left foot, to the corner"."""
    k, tokens = gap.i, gap.tokens
    while k < len(tokens) and (tokens[k].w in ("with", "the", "your") or tokens[k].side):
        k += 1
    return k > gap.i and k < len(tokens) and tokens[k].w in lx.FOOT and (tokens[k].hard or tokens[k].comma)


def only_side(g: Gap) -> bool:
    """ "To the left", and nothing else."""
    at = g.i + 1 + (g.after in ARTICLES)
    return at < len(g.tokens) and g.tokens[at].side is not None and (g.tokens[at].hard or g.tokens[at].comma)


def with_next(g: Gap) -> bool:
    """ "…and out with": the foot is told after it."""
    return g.i + 2 < len(g.tokens) and g.tokens[g.i + 2].w == "with"
