"""Where the weight goes: which leg receives it, and how much of it."""

from __future__ import annotations

from collections.abc import Iterator
from itertools import pairwise

from kemvo.core.facts import Fact
from kemvo.core.language import lexicon as lx
from kemvo.core.reading.actions.foot_words import rises_on_toes, shifts_a_foot
from kemvo.core.reading.actions.weight_onward import (
    GO,
    GOING,
    PUSH,
    SAME,
    STANCES,
    somewhere,
)
from kemvo.core.reading.actions.weight_shared import (
    EVEN,
    EVEN_PARTS,
    WE_ARE,
    emptied_leg,
    filled_leg,
    is_even,
    settles_even,
)
from kemvo.core.reading.clause import SAME_ONE, Memory, Piece
from kemvo.core.reading.quantities import number_at, share
from kemvo.core.reading.segment.left_context import is_bare_shift
from kemvo.core.types import OTHER_SIDE, Side

AFTER_SAME = frozenset({"", "foot", "leg", "side", "one", "now", "then", "about", "roughly", *lx.NUMBERS})
FOLLOWING = frozenset({"follow", "follows"})
HOW_MUCH = frozenset("all of the your weight it percent a hundred one".split())
SCARCELY = frozenset({"little", "any", "much", "no"})
PUTTING = frozenset("put puts place".split())
TOWARDS = frozenset({"to", "towards", "toward"})
BEFORE_LEG = frozenset("the your that front back other all my our".split())
SETTLING = lx.SHIFT | lx.STAND | lx.SIT_BACK | frozenset({"sink", "sinks", "settle", "settles", "load", "come", "land"})
"""Verbs after which "on the left" alone means the left leg."""
NOT_A_LEG = lx.HAND | {"corner", "angle", "wall", "diagonal"}
DRIFT = frozenset("drift float lean tip sway rock".split())
SO_THAT = frozenset({"so", "until", "till"})
IT_IS = frozenset("it's you're that's".split())
OVER_IT = (["over", "it"], ["across", "it"], ["over", "that"], ["onto", "it"])


RECEIVED = frozenset("received taken accepted borne carried".split())
TO_A_SIDE = TOWARDS | {"left", "right"}


def shift(p: Piece, memory: Memory) -> Iterator[Fact]:
    """The shift of weight a clause tells, if any."""
    words = p.words()
    part = share(p.tokens, p.first, p.last)
    weight = p.where(("weight",))
    told = bool(weight) or part is not None
    kept = _kept_on(p)
    if kept is not None:
        number, at = kept
        memory.named = p.side(at)
        yield p.fact("shift", (p.first, at), side=p.side(at), share=number)
        return
    if weight and (words & lx.STAYING or any(p.w(i - 1) in SCARCELY for i in weight)):
        return
    if rises_on_toes(p) or shifts_a_foot(p):
        return
    if p.w(p.first) == "that" and p.w(p.first + 1) in ("has", "have"):
        return  # "a foot that has weight on it"
    if memory.weighed and p.verb < 0 and part is not None and words <= HOW_MUCH:
        return  # "shift onto the right leg, all the weight"
    shared = _between_sides(p)
    if shared is not None and not p.hand_first():
        number, at = shared
        memory.named = p.side(at)
        yield p.fact("shift", (*weight, at), side=p.side(at), share=number)
        return
    if (told and is_even(p) and not p.hand_first()) or settles_even(p, memory):
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
    where = somewhere(p, part, memory)
    if where is not None:
        side = (memory.moved or memory.named) if _over_it(p) else None
        yield p.fact("shift", (p.verb, *weight, where), side=side, share=part)
        return
    onto = _onto_a_leg(p)
    if onto is not None:
        side = p.side(onto) or (memory.moved if p.w(onto) in SAME else None)
        memory.named = side or memory.named
        yield p.fact("shift", (p.verb if p.verb >= 0 else onto - 1, onto), side=side, share=part)
    elif part is not None and (weight or _two_shares(p)) and not p.sides() and not p.where(lx.HAND):
        yield p.fact("shift", (p.first, *weight), side=None, share=part)


KEEPS = frozenset("keep keeps leave leaves hold".split())


def _kept_on(p: Piece) -> tuple[int, int] | None:
    """ "Keep sixty on the left": the share, and the index of the side."""
    if p.w(p.first) not in KEEPS or len(p.sides()) != 1 or p.where(lx.HAND):
        return None
    at = p.sides()[0]
    number = number_at(p.tokens, p.first + 1, p.last)
    if number is None or p.w(number[1]) not in ("on", "percent", "of"):
        return None
    if not 0 < number[0] <= 100 or "on" not in p.before(at, 3):
        return None
    if p.w(at + 1) not in ("", "leg", "foot", "side", "one") and at + 1 < p.last:
        return None
    return round(number[0]), at


def _between_sides(p: Piece) -> tuple[int, int] | None:
    """ "Thirty percent left, seventy percent right", "weight L 30 R 70": the greater share, and the index of its side."""
    if len(p.sides()) != 2:
        return None
    numbers, i = [], p.first
    while i < p.last:
        found = number_at(p.tokens, i, p.last)
        numbers += [found[0]] if found else []
        i = found[1] if found else i + 1
    if len(numbers) != 2 or sum(numbers) != 100 or numbers[0] == 50:
        return None
    return round(max(numbers)), p.sides()[0 if numbers[0] > numbers[1] else 1]


def _over_it(p: Piece) -> bool:
    """ "Move your weight over it"."""
    return p.in_order()[-2:] in OVER_IT or p.in_order()[-2:] == ["with", "it"]


def _two_shares(p: Piece) -> bool:
    """ "Seventy percent thirty percent": how the weight is shared, without the word."""
    shares = [n[0] for i in p.range() if (n := number_at(p.tokens, i, p.last)) and p.w(n[1]) == "percent"]
    if p.verb < 0 and len(shares) == 2 and sum(shares) == 100:
        return True
    bare = [n for i in p.range() if (n := number_at(p.tokens, i, p.last)) and n[0] >= 10]
    alone = (p.first == 0 or p.tokens[p.first - 1].hard) and p.tokens[p.last - 1].hard
    alone = alone or not p.words().isdisjoint(WE_ARE) or p.w(p.first) == "with"
    return alone and len(bare) == 2 and bare[0][0] + bare[1][0] == 100 and p.words() <= NUMBERS_ONLY


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
    for i in p.where(("on", "onto")):
        at = i + 1 + (p.w(i + 1) in ("the", "your"))
        if {"it", "all"} <= p.words() and p.verb_in(PUTTING) and p.side(at) and p.w(at + 1) not in lx.HAND:
            return at
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
            (p.w(i) == "on" and p.verb_in(RISE, CROUCH))
            or p.w(i) in ("into", "onto", "over")
            or (p.w(i) == "through" and p.w(i - 1) in ("down", "up"))
            or p.verb < 0
        )
        sure = (sure and p.w(i) != "to") or (
            p.w(i) == "to" and p.w(i - 1) in ("back", "over", "across") and p.w(k + 1) == "leg"
        )
        if which and sure and p.w(k + 1) in ("leg", "hip", "leg" if p.w(i) == "on" else "foot"):
            return k
    return None


NUMBERS_ONLY = (
    frozenset(lx.NUMBERS)
    | WE_ARE
    | {"and", "it's", "about", "roughly", "now", "so", "with"}
    | frozenset(map(str, range(1, 100)))
)
RISE = frozenset({"rise", "rises"})
CROUCH = frozenset({"squat", "crouch", "balance"})
ALL_ON = frozenset("it's all everything now on the your left right leg side".split())
ON_A_LEG = frozenset(
    "i'm you're we're so and when while once as now all most of it's more on in the your my back again still leg side".split()
)
""" "Now you're on the right"."""
ONTO = frozenset({"to", "into", "onto", "on", "over", "through"})
BEFORE_NOUN = frozenset("the your my that this to".split())


def _receiver(p: Piece, memory: Memory, told: bool) -> tuple[Side | None, int] | None:
    """The leg that receives the weight and where it is named; None if no leg is named."""
    emptied = emptied_leg(p, memory)
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
    by = next((i for i in p.where(("by",)) if p.w(i - 1) in RECEIVED and "weight" in p.before(i, 4)), None)
    if by is not None and (p.w(by + 1) == "it" or any(i > by for i in p.sides())):
        side = next((p.side(i) for i in p.sides() if i > by), None)
        return side or memory.moved or memory.named, by + 1  # "the weight is received by it"
    filled = filled_leg(p, memory)
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
    all_of_me = p.verb_in(GO) and ("all", "of") in pairwise(p.in_order()) and p.w(p.verb - 1) in ("you", "me", "us")
    if all_of_me and len(p.sides()) == 1 and not p.where(lx.HAND):
        return p.side(p.sides()[0]), p.sides()[0]  # "all of you goes onto the left"
    it_goes = p.verb_in(GO) and p.w(p.verb - 1) == "it" and memory.weight and len(p.sides()) == 1
    if it_goes and p.before(p.sides()[0], 3) & {"to", "into", "onto"} and not p.where(lx.HAND):
        return p.side(p.sides()[0]), p.sides()[0]  # "the weight was on the left and now it goes to the right"
    arrives = memory.weighed and p.verb < 0 and p.w(p.first) in SO_THAT and not p.words().isdisjoint(IT_IS)
    if arrives and len(p.sides()) == 1 and p.before(p.sides()[0], 3) & {"in", "on", "over"} and not p.where(NOT_A_LEG):
        return p.side(p.sides()[0]), p.sides()[0]  # "shift forward so it's in the left leg"
    all_on = not told and p.verb < 0 and len(p.sides()) == 1 and p.words() <= ALL_ON and "on" in p.words()
    if all_on and p.words() & {"all", "everything"}:
        return p.side(p.sides()[0]), p.sides()[0]  # "all on the left now"
    if standing and p.w(p.last - 1) == "leg" and p.sides()[0] == p.last - 2 and p.before(p.last - 2) & {"in", "on"}:
        return p.side(p.last - 2), p.last - 2  # "you're back in the right leg"
    if standing and p.sides()[0] == p.last - 1 and p.before(p.last - 1) & {"on"}:
        return p.side(p.sides()[0]), p.sides()[0]
    if bare or (again and p.words() & {"forward", "back", "onto", "into"}):
        return p.side(p.sides()[0]), p.sides()[0]
    comes = p.verb_in(("comes", "goes")) and any(i < p.verb for i in p.where(("foot", "leg")))
    if comes and not told:
        return None  # "the left foot comes to it"
    named = p.sides()
    drifts = p.verb_in(DRIFT) and p.w(p.verb - 1) in SAME_ONE and p.w(p.verb + 1) in TO_A_SIDE
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
    named = [i for i in named if p.w(i + 1) not in STANCES]  # "from the left bow stance shift back"
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
    pushed = pushed or (
        p.verb_in(GO) and p.w(at - 1) in ("forward", "back") and p.w(at + 1) == "leg" and at == p.last - 2
    )
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
