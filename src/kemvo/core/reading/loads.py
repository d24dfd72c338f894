"""Where the weight goes: which leg receives it, and how much of it."""

from __future__ import annotations

from collections.abc import Iterator

from kemvo.core.reading import lexicon as lx
from kemvo.core.reading.facts import Fact
from kemvo.core.reading.piece import SAME_ONE, Memory, Piece
from kemvo.core.reading.quantities import number_at, share
from kemvo.core.reading.told_before import is_bare_shift
from kemvo.core.values import OTHER_SIDE, Side

EVEN = frozenset(
    "share shares split divide divides divided equalise equalises equalize equalizes equalised equalized distribute distributed balanced shared centred centered even evenly equal equally centre center central middle fifty-fifty between".split()
)
EVEN_PARTS = frozenset("both half each fifty equal feet legs".split())
SAME = frozenset("it that them this there".split())
AFTER_SAME = frozenset({"", "foot", "leg", "side", "one", "now", "then"})
GOING = frozenset("forward back across over other backward backwards forwards front rear".split())
MOVING = frozenset(
    "return returns run runs fall falls move moves take takes bring brings put puts come comes go goes drop drops roll rolls travel travels flow flows pass passes follow follows".split()
)
FORWARD = frozenset({"forward", "forwards"})
FOLLOWING = frozenset({"follow", "follows"})
HOW_MUCH = frozenset("all of the your weight it percent a hundred one".split())
SHIFTS = frozenset({"shift", "shifts"})
SCARCELY = frozenset({"little", "any", "much", "no"})
PUSH = frozenset({"push", "pushes", "press", "presses"})
GO = frozenset({"go", "goes", "come", "comes", "move", "moves"})
PUTTING = frozenset("put puts place".split())
TOWARDS = frozenset({"to", "towards", "toward"})
BEFORE_LEG = frozenset("the your that front back other all my our".split())
SETTLING = lx.SHIFT | lx.STAND | lx.SIT_BACK | frozenset({"sink", "sinks", "settle", "settles", "load", "come", "land"})
"""Verbs after which "on the left" alone means the left leg."""
NOT_A_LEG = lx.HAND | {"corner", "angle", "wall", "diagonal"}


DRIFT = frozenset("drift float lean tip sway".split())
OVER_IT = (["over", "it"], ["across", "it"], ["over", "that"], ["onto", "it"])


def shift(p: Piece, memory: Memory) -> Iterator[Fact]:
    """The shift of weight a clause tells, if any."""
    words = p.words()
    part = share(p.tokens, p.first, p.last)
    weight = p.where(("weight",))
    told = bool(weight) or part is not None
    if weight and (words & lx.STAYING or any(p.w(i - 1) in SCARCELY for i in weight)):
        return
    if memory.weighed and p.verb < 0 and part is not None and words <= HOW_MUCH:
        return  # "shift onto the right leg, all the weight"
    if (told and _even(p) and not p.hand_first()) or _settles_even(p, memory):
        memory.named = None
        yield p.fact("shift", p.where(("weight",), EVEN, EVEN_PARTS), side="both", share=50)
        return
    over_it = p.verb_in(GO) and not p.where(lx.HAND, lx.FOOT) and p.in_order()[p.verb + 1 - p.first :] in OVER_IT
    found = (memory.moved or memory.named, p.last - 1) if over_it else _receiver(p, memory, told)
    if found:
        side, at = found
        memory.named = side or memory.named
        yield p.fact("shift", (*weight, p.verb if p.verb >= 0 else at, at), side=side, share=part)
        return
    somewhere = _somewhere(p, part, memory)
    if somewhere is not None:
        side = _one_named_after(p) or (memory.moved or memory.named if _over_it(p) else None)
        yield p.fact("shift", (p.verb, *weight, somewhere), side=side, share=part)
        return
    onto = _onto_a_leg(p)
    if onto is not None:
        side = p.side(onto) or (memory.moved if p.w(onto) in SAME else None)
        memory.named = side or memory.named
        yield p.fact("shift", (p.verb if p.verb >= 0 else onto - 1, onto), side=side, share=part)
    elif part is not None and (weight or _two_shares(p)) and not p.sides() and not p.where(lx.HAND):
        yield p.fact("shift", (p.first, *weight), side=None, share=part)


def _onward(p: Piece, memory: Memory) -> bool:
    """ "And into it", "all the way forward", "and forward with a push"; "…, then back" after a shift."""
    words = p.words()
    if words <= FORWARD_WITH and words & PUSH and words & {"forward", "back"} and words & {"with", "into"}:
        return True
    if words <= INTO_IT and (words & {"into", "onto"} or {"on", "to"} <= words) and words & {"it", "leg"}:
        return True
    if words <= ALL_THE_WAY and {"all", "way"} <= words and words & FORWARD:
        return True
    back = memory.weighed and words <= AND_BACK and words & {"back", "forward"}
    return bool(back) and p.tokens[p.first - 1].w not in words  # not: "go forward, and as you go forward"


def _over_it(p: Piece) -> bool:
    """ "Move your weight over it"."""
    return p.in_order()[-2:] in OVER_IT


def _two_shares(p: Piece) -> bool:
    """ "Seventy percent thirty percent": how the weight is shared, without the word."""
    shares = [n[0] for i in p.range() if (n := number_at(p.tokens, i, p.last)) and p.w(n[1]) == "percent"]
    return p.verb < 0 and len(shares) == 2 and sum(shares) == 100


def _onto_a_leg(p: Piece) -> int | None:
    """ "Travel into the left leg", "grow tall on the right leg", "arrive in the back hip": whatever the verb, it is the
    weight that goes there. The index of the side or of "back" and the like."""
    lifts = p.verb_in(lx.LIFT) and not p.verb_in(RISE)
    if p.where(lx.HAND) or lifts or p.verb_in(lx.STEP, lx.TURN, lx.PIVOT, lx.KICK, lx.HOLD, lx.FACE, lx.AIM):
        return None
    if p.verb >= 0 and any(p.first <= i < p.verb for i in p.where(lx.FOOT)):
        return None
    for i in p.where(("onto", "into")):
        if p.w(i + 1) in SAME and p.verb_in(lx.PLACE) and not p.where(lx.FOOT):
            return i + 1
    for i in p.where(("in",)):
        all_of_it = {"it", "all"} <= p.words() or (p.w(p.verb + 1) == "it" and p.verb_in(PUTTING))
        if all_of_it and p.side(i + 2) and p.w(i + 3) == "leg":
            return i + 2
    for i in p.where(ONTO):
        k = i + 1
        while p.w(k) in BEFORE_NOUN:
            k += 1
        which = p.side(k) or p.w(k) in ("back", "front", "rear", "other", "standing")
        if p.w(i) == "over" and not p.words() & {"yourself", "body", "hips", "centre", "center", "forward"}:
            continue
        sure = (
            p.w(i) in ("into", "onto", "over") or (p.w(i) == "through" and p.w(i - 1) in ("down", "up")) or p.verb < 0
        )
        sure = (sure and p.w(i) != "to") or (
            p.w(i) == "to" and p.w(i - 1) in ("back", "over", "across") and p.w(k + 1) == "leg"
        )
        if which and sure and p.w(k + 1) in ("leg", "hip", "leg" if p.w(i) == "on" else "foot"):
            return k
    return None


WE_ARE = frozenset({"i'm", "you're", "we're"})
RISE = frozenset({"rise", "rises"})
ON_A_LEG = frozenset(
    "i'm you're we're so and when while once as now all most of it's more on the your my back again still leg side".split()
)
""" "Now you're on the right"."""

ONTO = frozenset({"to", "into", "onto", "on", "over", "through"})
BEFORE_NOUN = frozenset("the your my that this to".split())


BEFORE_WEIGHT = frozenset("all most more half percent of the your my our body".split())


def takes_weight(p: Piece) -> bool:
    """ "Swing all the weight", "float your weight": it is the weight that the verb moves."""
    k = p.verb + 1
    while p.w(k) in BEFORE_WEIGHT or p.w(k) in lx.NUMBERS:
        k += 1
    return p.verb >= 0 and p.w(k) == "weight"


AND_BACK = frozenset("and then now so again back forward forwards".split())
ALL_THE_WAY = frozenset("and then now so again all the way forward forwards go".split())
INTO_IT = frozenset("and then now so go onto into it that again we're the leg forward back on to over".split())
""" "And into it"."""

FORWARD_WITH = frozenset("and then now forward back with into for a the push press".split())
""" "And forward with a push"."""

TO_THE = frozenset("and then come comes to the".split())
BACK_HOME = frozenset("and then so back to the in middle centre center again now".split())


def _settles_even(p: Piece, memory: Memory) -> bool:
    """The weight comes to both legs without being named: "sink into both legs", "centre yourself between the feet", "come
    back to the centre", "we're in the middle", "sink down evenly"."""
    words = p.words()
    legs = (
        {"both"} <= words
        and words & {"legs", "feet"}
        and (p.verb_in(lx.SINK, lx.SHIFT) or (p.verb_in(lx.STAND) and words & EVEN))
        and words & (lx.INTO | {"between"})
        and _even(p)
        and not p.hand_first()
    )
    centred = p.verb_in(lx.SHIFT) and "between" in words and p.where(lx.FOOT) and not p.sides()
    middle = not words.isdisjoint(("centre", "center", "middle", "neutral")) and not memory.turned
    home = middle and ((p.verb_in(GO) and "back" in words) or p.verb_in(("return", "returns")))
    home = home and not p.where(lx.HAND, lx.TRUNK, lx.FOOT)
    sunk = p.verb_in(lx.SIT_BACK, ("ground", "root")) and words & {"evenly", "equally"} and not p.where(lx.HAND)
    standing = (
        {"in", "the", "middle"} <= words and words & (WE_ARE | {"we", "finish", "end", "settle"}) and "of" not in words
    )
    both = {"on", "both"} <= words and words & WE_ARE and words & {"feet", "legs"} and not p.where(lx.HAND)
    home = home or (middle and p.verb < 0 and "back" in words and words <= BACK_HOME)
    it_is = "it's" in words or {"it", "is"} <= words
    same = bool((memory.weighed and "it's" in words) or (memory.weight and it_is))
    same = same and not (words.isdisjoint(EVEN) or words.isdisjoint(lx.FOOT | {"both", "even", "equal", "middle"}))
    even = bool(same) or bool(words & WE_ARE and words & {"even", "equal"} and not p.where(lx.HAND))
    shared = {"same", "weight"} <= words and words & {"both", "two"} and words.isdisjoint({"thirds", "third"})
    shared = shared or ({"load", "both"} <= words and words & EVEN)
    alone = words - TO_THE in ({"centre"}, {"center"}, {"even", "up"}, {"even", "out"}, {"even"}, {"middle"})
    return bool(
        even
        or shared
        or both
        or legs
        or centred
        or home
        or sunk
        or (standing and (p.verb < 0 or p.verb_in(("settle", "settles"))))
        or alone
    )


def _even(p: Piece) -> bool:
    """ "Even", "between both feet", "half on each leg", "fifty fifty"."""
    words = p.words()
    fifties = [n for i in p.range() if (n := number_at(p.tokens, i, p.last)) and n[0] == 50]
    return bool(
        words & EVEN
        or (words & {"each", "both"} and words & lx.FOOT)
        or len(fifties) >= 2
        or len(p.where(("half",))) >= 2
    )


def _receiver(p: Piece, memory: Memory, told: bool) -> tuple[Side | None, int] | None:
    """The leg that receives the weight and where it is named; None if no leg is named."""
    emptied = _emptied(p, memory)
    if emptied and memory.weighed and p.verb_word().endswith("ing"):
        return None  # "…to the right leg, freeing the left foot" tells one shift
    if emptied:
        # "Sink into the right until the left is empty" tells one shift.
        return None if memory.weighed and p.w(p.first) in ("until", "till", "which") else emptied
    bears = [i for i in p.where(lx.BEARING) if p.w(i - 1) in SAME_ONE or p.w(i - 1) == "it"]
    if bears and p.w(bears[0] - 1) == "it" and "weight" in p.words() and not p.sides():
        return memory.moved or memory.named, bears[0]  # "let it take the weight"
    if bears and memory.acting and p.words() & {"load", "weight"} and not p.sides() and not p.where(lx.FOOT_OR_HAND):
        return memory.acting, bears[0]  # "the left foot turns and receives the weight"
    filled = _filled(p, memory)
    if filled:
        return filled
    shared = next((i for i in p.sides() if p.w(i - 1) == "percent"), None)
    if shared is not None and p.w(shared + 1) not in lx.FOOT_OR_HAND:
        return p.side(shared), shared  # "sit back, eighty percent left"
    brief = _brief(p)
    if brief is not None:
        return p.side(brief), brief
    bare = p.verb < 0 and not told and is_bare_shift(p.tokens, p.first, p.last) and not p.where(lx.HAND)
    again = p.verb < 0 and memory.weighed and len(p.sides()) == 1 and not p.where(lx.HAND, lx.FOOT)
    standing = not told and p.verb < 0 and len(p.sides()) == 1 and not p.words().isdisjoint(WE_ARE)
    standing = standing or (not told and p.verb < 0 and len(p.sides()) == 1 and p.words() >= {"it's", "of"})
    standing = standing and p.words() <= ON_A_LEG | {p.w(p.sides()[0])}
    if standing and p.sides()[0] == p.last - 1 and p.before(p.last - 1) & {"on"}:
        return p.side(p.sides()[0]), p.sides()[0]
    if bare or (again and p.words() & {"forward", "back", "onto", "into"}):
        return p.side(p.sides()[0]), p.sides()[0]
    comes = p.verb_in(("comes", "goes")) and any(i < p.verb for i in p.where(("foot", "leg")))
    if comes and not told:
        return None  # "the left foot comes to it"
    named = p.sides()
    drifts = p.verb_in(DRIFT) and p.w(p.verb - 1) in SAME_ONE and p.w(p.verb + 1) in TOWARDS | {"left", "right"}
    if drifts and len(named) == 1 and not p.where(lx.FOOT_OR_HAND) and named[0] == p.last - 1:
        return p.side(named[0]), named[0]
    if not (told or p.verb_in(lx.SHIFT, lx.SINK, lx.STAND)) or (_hand_leads(p) and not told):
        return None
    for i in p.where(lx.INTO):
        if told or i > p.verb:
            found = _after_preposition(p, i, memory, told)
            if found:
                return found
    if told or p.verb_in(lx.SINK, lx.SHIFT):
        for i in p.sides():
            if p.before(i) & {"off", *(("from",) if told else ())} or {"out", "of"} <= p.before(i, 3):
                return OTHER_SIDE[p.side(i) or "L"], i
    sits = named and p.verb_in(lx.SIT_BACK) and named[0] == p.verb + 2 and p.w(p.verb + 1) in GOING
    if sits and (named[0] == p.last - 1 or p.w(named[0] + 1) not in NOT_A_LEG):
        return p.side(named[0]), named[0]
    if (
        "weight" in p.words()
        and p.verb_in(FOLLOWING)
        and (memory.moved or "with" in p.words() or p.w(p.verb - 1) == "weight")
    ):
        return (None if p.sides() else memory.moved) or (p.side(p.sides()[0]) if p.sides() else None), p.verb
    if named and (
        "weight" in p.words()
        or (told and p.verb_in(PUTTING))
        or (told and p.verb < 0 and not p.where(lx.FOOT))
        or (p.verb_in(lx.SHIFT) and not p.where(lx.HAND, lx.TRUNK, ("gaze",)))
    ):
        return p.side(named[0]), named[0]
    return None


def _brief(p: Piece) -> int | None:
    """ "Sit left", "sink right", "back left": so short that only the leg can be meant. The index of the side."""
    if len(p.sides()) != 1:
        return None
    at = p.sides()[0]
    sits = p.verb_in(lx.SIT_BACK) and at == p.verb + 1 and p.w(at + 1) in ("", "leg", "side", "hip")
    pushed = p.verb_in(PUSH) and p.w(p.verb + 1) == "forward" and at == p.verb + 2 == p.last - 1
    said = [w for w in p.in_order() if w not in ("and", "then", "now", "again")]
    return (
        at
        if sits or pushed or (p.verb < 0 and len(said) == 2 and said[0] in ("back", "forward") and said[1] == p.w(at))
        else None
    )


def _hand_leads(p: Piece) -> bool:
    """Whether a hand is spoken of before "into", "onto" or the like."""
    hands, into = p.where(lx.HAND), p.where(lx.INTO)
    return p.hand_first() and (not into or hands[0] < into[0])


def _after_preposition(p: Piece, i: int, memory: Memory, told: bool) -> tuple[Side | None, int] | None:
    """The leg named after "into", "onto", "on", "to" at index i; or the one meant by "it"."""
    near = p.w(i - 2) if p.w(i - 1) in ("again", "now") else p.w(i - 1)
    goes = p.verb_in(lx.SIT_BACK, GO, PUSH) and near in ("back", "forward") and not p.where(lx.HAND)
    loose = p.w(i) in TOWARDS and not told and not p.verb_in(lx.SHIFT) and not goes
    if p.w(i) == "to" and p.w(i - 1) in ("on", "in", "next", "close"):
        return None
    for k in range(i + 1, min(i + 5, p.last)):
        if p.w(k) == "to" and k == i + 1 and p.w(i) in ("on", "in"):
            continue
        if p.side(k):
            forward = p.w(i) == "over" and "forward" in p.words() and p.w(k + 1) in ("foot", "leg")
            forward = forward or (p.w(i) == "on" and p.verb_in(GO) and near in ("back", "forward") and k + 1 == p.last)
            weak = (
                p.w(i) in ("in", "over", "on")
                and (p.w(i), p.w(i + 1)) != ("on", "to")
                and not told
                and not p.verb_in(SETTLING)
                and not forward
            )
            tip = p.verb_in(lx.STEP) and p.w(k + 1) in ("heel", "toe", "toes", "ball")
            if tip or weak or p.w(k + 1) in NOT_A_LEG or (loose and p.w(k + 1) != "leg"):
                return None
            return p.side(k), k
        if p.w(k) in SAME and p.w(k + 1) in AFTER_SAME and (p.w(i) not in ("over", "in") or (p.w(i) == "in" and told)):
            return (memory.moved or memory.named), k
        if p.w(k) not in BEFORE_LEG:
            return None
    return None


def _emptied(p: Piece, memory: Memory) -> tuple[Side | None, int] | None:
    """ "Empty the left leg", "the left leg is light": the other one receives."""
    states = (
        p.words() & lx.LIGHT
        and (p.where(lx.FOOT) or "becomes" in p.words())
        and p.words() & {"is", "becomes", "goes", "now", "feels"}
    )
    if not (p.verb_in(lx.EMPTY) or states):
        return None
    named = [i for i in p.sides() if not p.verb_in(lx.EMPTY) or i > p.verb] or p.sides()
    side = p.side(named[0]) if named else None
    if side is None:
        return None
    memory.moved, memory.noun = side, "foot"
    return OTHER_SIDE[side], named[0]


def _filled(p: Piece, memory: Memory) -> tuple[Side | None, int] | None:
    """ "Load the left leg", "the right leg is full"."""
    full = p.where(lx.FULL)
    states = bool(full and p.words() & {"is", "becomes", "fills", "takes", "make", "makes"})
    states = states and any(i < full[-1] for i in p.where(lx.FOOT))
    loaded = p.verb_in(lx.FILL) and not p.hand_first() and {p.w(p.verb + 1), p.w(p.verb + 2)} & WHICH
    made = full and p.words() & {"make", "makes"} and p.words() & {"it", "leg"}
    if (loaded or made) and not p.sides():
        return (memory.moved or memory.named if "it" in p.words() else None), p.verb if p.verb >= 0 else full[0]
    bearing = p.where(lx.BEARING) if p.words() & {"load", "weight", "you"} else []
    bears = bearing and any(i < bearing[0] for i in p.where(lx.FOOT))
    if p.hand_first() or not p.sides() or not (p.verb_in(lx.FILL) or states or bears):
        return None
    return p.side(p.sides()[0]), p.sides()[0]


WHICH = frozenset("that this it front back rear".split())


def _somewhere(p: Piece, part: int | None, memory: Memory) -> int | None:
    """ "Sit back", "shift forward", "the weight into your back leg": a shift whose side is not named.
    The index of the word that says where to, or None."""
    words = p.words()
    sits = p.verb_in(lx.SIT_BACK) and p.w(p.verb + 1) in GOING
    hands = [i for i in p.where(lx.HAND) if not (sits and i > p.verb + 2)]
    if hands and "weight" not in words:
        return None
    if (p.verb < 0 or p.verb_word() == "go") and _onward(p, memory):
        return p.first
    if p.verb_in(("roll", "rolls")) and "weight" not in words:
        onward = p.w(p.verb + 1) in FORWARD or (p.w(p.verb + 1) == "back" and p.verb + 2 == p.last)
        if onward and p.verb_word() == "roll" and not p.where(lx.TRUNK):
            return p.verb + 1
        over = [i for i in p.where(("onto", "over", "through")) if "foot" in p.w(i + 1) + p.w(i + 2) + p.w(i + 3)]
        return over[0] if over and "forward" in words else None
    if (
        part is not None
        and p.verb < 0
        and words & {"front", "back", "forward", "over", "across"}
        and not words & lx.FOOT
    ):
        return next(iter(p.where(GOING)))
    bare_way = p.verb_in(GO) and (p.w(p.verb + 1) in GOING or p.w(p.verb + 1) == "through") and p.verb + 2 == p.last
    if (
        bare_way
        and (memory.weighed or memory.pivoted or p.w(p.verb + 1) in ("forward", "forwards", "across"))
        and not p.sides()
        and not p.where(lx.FOOT, lx.HAND)
    ):
        return p.verb + 1
    if p.verb_in(lx.SIT_BACK, lx.SHIFT):
        reach = min(p.verb + 4 if p.verb_in(lx.SIT_BACK) else p.last, p.last)
        going = [i for i in range(p.verb + 1, reach) if p.w(i) in GOING]
        on_it = [i for i in range(p.verb + 1, reach) if p.w(i) in SAME and p.w(i - 1) in lx.INTO]
        stance = p.verb_in(lx.SHIFT) and "into" in words and "stance" in words
        bare = part is not None or stance or (p.verb_in(lx.SHIFT) and "weight" in words)
        alone = p.last - p.first <= 2 or (p.w(p.first) == "as" and p.last - p.first == 3 and not memory.weighed)
        bare = bare or (p.verb_in(SHIFTS) and alone and p.verb == p.last - 1)
        bare = bare or p.verb_word().startswith("transfer") or (p.verb_in(SHIFTS) and p.w(p.verb + 1) == "through")
        bare = bare or (p.verb_in(SHIFTS) and p.w(p.verb + 1) == "in" and p.verb + 2 == p.last)
        return next(iter([*going, *on_it]), p.verb if bare else None)
    legs = {"front", "back", "rear", "other"}
    into = [i for i in p.where(lx.INTO) if {p.w(i + 1), p.w(i + 2)} & legs and words & lx.FOOT]
    if into and ("weight" in words or (p.verb_in(lx.SINK) and p.w(into[0]) in ("into", "onto"))):
        return into[0]
    if "weight" not in words:
        return None
    if p.verb < 0 and {"after", "it"} <= words:
        return p.first  # "weight after it"
    if p.verb_in(lx.ACTS) and takes_weight(p) and p.where(GOING):
        return p.where(GOING)[0]
    if p.verb_in(GO) and "through" in words and p.w(p.verb - 1) == "weight":
        return p.verb
    if p.verb_in(MOVING) and "with" in words and words & (SAME | {"you", "us", "me"}):
        return p.verb
    return next(iter(p.where(GOING)), None) if p.verb < 0 or p.verb_in(MOVING) else None


def _one_named_after(p: Piece) -> Side | None:
    """The side in "the back leg, the left one"."""
    for i in range(p.last, min(p.last + 4, len(p.tokens) - 1)):
        if p.tokens[i].side and p.tokens[i + 1].w == "one":
            return p.tokens[i].side
    return None
