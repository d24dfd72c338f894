"""What the feet do: step, lift, pivot."""

from __future__ import annotations

from collections.abc import Iterator
from typing import Literal

from kemvo.core.facts import Fact
from kemvo.core.language import lexicon as lx
from kemvo.core.reading.actions.foot_kind import kind_of, step_is_verb
from kemvo.core.reading.actions.foot_way import (
    hour,
    pivot_on,
    side_of_foot,
    sides_named,
    size_of,
    stands_by,
    toes_way,
    touch_of,
    towards,
    way_of,
)
from kemvo.core.reading.actions.foot_words import (
    BRING,
    COMES_DOWN,
    FOLLOWS,
    GOES,
    MERELY_MOVES,
    NEAR,
    PARTICIPLES,
    PLACES,
    POINTING,
    PUT,
    RESTING,
    TIPS,
    TOES,
    TOUCHES,
)
from kemvo.core.reading.clause import Memory, Piece
from kemvo.core.reading.quantities import angle, distance, number_at, share

LEFT_BEHIND = frozenset({"from", "off"})
""" "From the right leg, lift the left heel"."""

GOES_ALONG = frozenset("go goes come comes turn turns".split())
SET_DOWN = frozenset({"placed", "set", "put", "rested"})
ITS = frozenset("it the your that this".split())
"""After "set" these are what is set down; without them it is what was spoken of."""
MERELY_PUT = SET_DOWN | frozenset("and then place set put it".split())
MERELY_TOUCH = frozenset("touch touches touching first".split())
ONWARD = frozenset("out forward back in".split())


def feet(p: Piece, memory: Memory) -> Iterator[Fact]:
    """A step, lift or pivot, if the clause moves a foot."""
    noun = _actor(p)
    only = p.words() - {"and", "then", "again"}
    told = memory.moved or memory.lifted
    if len(only) == 1 and only <= lx.IN_OR_OUT and memory.pivoted and memory.named:
        yield p.fact("pivot", p.range(), side=memory.named, toes="out" if only <= lx.OUTWARD else "in")
        return  # "turn the right foot in, then out again"
    if len(only) == 1 and only <= lx.IN_OR_OUT and memory.noun in TOES and told and not memory.stepped:
        toes: Literal["in", "out"] = "out" if only <= lx.OUTWARD else "in"
        yield p.fact("pivot", p.range(), side=memory.moved, on="heel", toes=toes)
        return
    again = _on_it_goes(p, noun, memory)
    if again is not None:
        yield p.fact("step", (p.first, again), side=memory.moved, direction=lx.STEP_WAYS[p.w(again)])
        return
    if memory.pivoted and not p.sides() and (p.verb_in(POINTING) or _ends_at(p)):
        return
    if p.hand_first() and not (p.verb_in(lx.STEP) and step_is_verb(p)):
        return
    none = any(p.w(i - 1) in ("no", "without", "any") for i in p.where(("weight",)))
    loaded = p.verb_in(lx.PLACE) and ("load" in p.words() or share(p.tokens, p.first, p.last) is not None)
    if p.verb >= 0 and ("weight" in p.words() or loaded) and not none and not p.verb_in(lx.STEP, lx.LIFT, lx.PIVOT):
        return
    if memory.turned and noun is not None and noun < p.verb and p.verb_in(GOES_ALONG) and {"with", "it"} <= p.words():
        yield p.fact(
            "pivot", (p.verb, noun), side=side_of_foot(p, noun, "pivot", sides_named(p, noun), memory), on=pivot_on(p)
        )
        return  # "turn right, and the right foot goes with it"
    kind = None if _rests(p, noun) else kind_of(p, noun, memory)
    beside = noun is not None and kind == "step" and memory.stepped and p.verb_in(lx.TOUCHING)
    if beside and p.before(noun or 0, 4) & NEAR and not any(i < p.verb for i in p.sides()):
        return
    if kind is None and p.verb_in(FOLLOWS) and "with" in p.words() and len(p.sides()) == 1:
        kind = "step"
    if kind == "pivot" and p.verb_word() == "turned" and memory.stepped and "with" in _lead(p):
        return  # "steps with the toes turned out"
    if kind is None or (
        kind == "step"
        and (memory.stepped or memory.pivoted or _only_touches(p, noun, memory))
        and _only_adds(p, noun, memory)
    ):
        return
    named = sides_named(p, noun)
    side = side_of_foot(p, noun, kind, named, memory)
    acts = noun is not None and noun < p.verb and p.w(noun) in ("foot", "leg") and side != "both"
    memory.acting = side if acts and side != "both" else memory.acting if side == memory.acting else None
    at = [i for i in (p.verb, -1 if noun is None else noun, *named[:1]) if i >= 0]
    memory.noun = p.w(noun) if noun is not None else memory.noun or "foot"
    if side == "L" or side == "R":
        memory.named = side
    if kind == "pivot":
        memory.moved = memory.moved if side == memory.moved else None
        memory.noun = "toes"
        yield p.fact(
            "pivot",
            (*at, *p.where(lx.INWARD, lx.OUTWARD)[-1:], *p.where(lx.LITTLE)[-1:]),
            side=side,
            on=pivot_on(p),
            toes=toes_way(p),
            angle=angle(p.tokens, p.first, p.last),
            to=hour(p),
            degrees=_ends_out(p),
        )
        return
    memory.moved = side if side == "L" or side == "R" else None
    if kind == "lift":
        yield p.fact("lift", at, side=side)
        return
    way, where = way_of(p, noun)
    if way is None and p.verb_in(MERELY_MOVES) and p.w(p.first) in ("before", "until", "till", "once", "after"):
        return
    far = distance(p.tokens, p.first, p.last)
    yield p.fact(
        "step",
        (*at, *([] if where is None else [where])),
        side=side,
        direction=way,
        touch=touch_of(p, noun),
        size=None if far else size_of(p),
        cm=far,
        to=towards(p),
    )


def _ends_out(p: Piece) -> int | None:
    """ "Turn the toes out to 45": the angle at which they end."""
    for i in p.where(("to",)):
        n = number_at(p.tokens, i + 1, p.last)
        if n and 5 <= n[0] <= 180 and p.words() & lx.OUTWARD and p.w(n[1]) not in ("o'clock", "oclock", "percent"):
            return round(n[0])
    return None


def _lead(p: Piece) -> set[str]:
    """The words of a clause, and the one before it."""
    return p.words() | {p.tokens[p.first - 1].w} if p.first else p.words()


def _ends_at(p: Piece) -> bool:
    """ "…so the foot comes to forty five degrees"."""
    return p.w(p.first) in ("so", "until", "till") and angle(p.tokens, p.first, p.last) is not None


def _on_it_goes(p: Piece, noun: int | None, memory: Memory) -> int | None:
    """ "…and out to the corner": the foot that just stepped steps on. The index of the way."""
    if p.verb >= 0 or noun is not None or memory.moved is None or p.where(lx.HAND, lx.TRUNK):
        return None
    if p.w(p.first) not in ("and", "then") or memory.way not in (("in", "back") if "again" in p.words() else ("in",)):
        return None
    return next((i for i in range(p.first + 1, min(p.first + 4, p.last)) if p.w(i) in ONWARD), None)


def _actor(p: Piece) -> int | None:
    """The foot word the clause speaks of: before its verb, else after it."""
    named = p.where(lx.FOOT)
    if (
        p.verb >= 0
        and ("it" in p.before(p.verb) or p.w(p.verb + 1) == "it")
        and p.w(p.first) not in ("as", "when", "while")
    ):
        named = [
            i
            for i in named
            if not (
                i > p.verb
                and (
                    p.before(i, 4) & NEAR or stands_by(p, i - 1) or ("to" in p.before(i, 3) and p.w(p.verb + 1) == "it")
                )
            )
        ]
    named = [i for i in named if i > p.verb or not (p.before(i, 3) & LEFT_BEHIND)]
    if p.verb_in(PARTICIPLES):
        named = [i for i in named if not (i > p.verb and p.before(i, 3) & {"to"})]  # "…and brought to the right ankle"
    if p.verb_in(lx.STEP) or {"take", "step"} <= p.words():
        own = [i for i in named if "with" in p.before(i, 3)]
        if own:
            return own[0]
        if p.sides() and p.w(p.sides()[0] + 1) not in lx.FOOT:
            named = [i for i in named if not (p.before(i, 4) & (NEAR | {"up", "close"}))]
    before = [i for i in named if i < p.verb]
    if before:
        of_a_foot = p.w(before[0]) in TIPS and p.w(before[0] + 1) in ("of", "on")
        return before[0] if of_a_foot else before[-1]
    found = next((i for i in named if p.w(i - 1) != "into"), None)
    # "The right foot toes in": it is the toes that go.
    return found + 1 if found is not None and p.verb < 0 and p.w(found + 1) in TOES else found


def _rests(p: Piece, noun: int | None) -> bool:
    """ "…with the left heel resting on the floor": how the foot stands, not where it goes."""
    state = noun is not None and p.w(noun) in TIPS and p.words() & {"touching", "resting"}
    return bool(state and p.words() & {"floor", "ground"} and (p.verb < 0 or (noun or 0) < p.verb))


def _only_touches(p: Piece, noun: int | None, memory: Memory) -> bool:
    """ "The toe goes down first" where no foot has been named: how, not which."""
    down = p.words() & {"down", "first", "touch", "touches", "land", "lands"}
    how = memory.moved is None or (p.verb_in(("touch", "touches")) and (memory.stepped or p.w(p.first) == "so"))
    return noun is not None and p.w(noun) in TIPS and how and bool(down)


def _only_adds(p: Piece, noun: int | None, memory: Memory) -> bool:
    """Whether a clause only says more of the step before it: "toes touch first", "half a step"."""
    words = p.words()
    if memory.raised and "down" in words and words <= COMES_DOWN:
        return False
    if p.verb < 0 and "together" in words and memory.stepped and memory.way == "in":
        return True
    how = p.verb < 0 or p.verb_in(lx.TOUCHING)
    own = [
        i
        for i in p.sides()
        if not stands_by(p, i)
        and not (p.verb < 0 and p.w(i + 1) in PLACES)
        and not (how and "to" in p.before(i) and p.w(i + 1) not in lx.FOOT)
    ]
    passive = p.verb == p.first + 1 and p.w(p.first) == "and" and p.verb_in(SET_DOWN) and p.w(p.verb + 1) not in ITS
    if memory.stepped and memory.way == "in" and passive and not own:
        return not ONWARD - {"in"} & words  # "the left foot is drawn in and placed on its toes"
    tip = noun is not None and p.w(noun) in TIPS and p.verb_in(MERELY_TOUCH) and p.last - p.verb <= 2
    if tip and memory.stepped and memory.moved and {p.side(i) for i in own} <= {memory.moved}:
        return True  # "left foot goes forward, left heel touches"
    if memory.stepped and p.verb_in(PUT) and words <= MERELY_PUT:
        return True  # "carry the foot forward and place it, heel first"
    if memory.stepped and p.verb_in(PUT) and {"first", "ball"} <= words and not own:
        return True  # "setting down first the ball and then the heel"
    if memory.stepped and p.verb_in(RESTING) and p.w(p.first) in ("so", "with") and not own:
        return True  # "so the toes rest by the instep"
    if own or words & {"other", "both", "together", "then"}:
        return False
    if p.verb_in(BRING) and noun is None and "it" in words:
        return "back" not in words
    ways = {lx.STEP_WAYS[w] for w in words if w in lx.STEP_WAYS} - {"down"}
    ways |= {"corner"} if "o'clock" in words else set()
    if p.verb_in(lx.STEP) and noun is not None and p.w(noun) in TIPS and not ways and "with" not in words:
        return True
    if p.verb_in(PUT) and "flat" in words and not ways:
        return True
    if p.verb_in(PUT) and (memory.raised or (p.w(p.verb + 1) == "it" and not (memory.stepped or memory.pivoted))):
        return False
    if p.verb_in(PUT) and "down" in words and not (ways - {"in"} if memory.way == "in" else ways):
        return (
            p.w(p.verb + 1) == "it" or (noun is None and "it" in words) or (noun is not None and p.w(noun) in TOUCHES)
        )
    if p.verb_in(PUT) and p.w(p.verb + 1) == "it" and ways & {"behind", "out", "forward", "back", "corner", "side"}:
        return False  # "bring the foot in and place it behind you"
    if p.verb_in(GOES) and ways & {"out", "forward", "back", "corner", "behind"} and memory.way == "in":
        return False  # "comes in and goes out to the corner"
    if p.verb < 0 and not memory.stepped and ways & {"forward", "corner", "out", "behind"}:
        return False
    if p.verb < 0 or p.verb_in(lx.TOUCHING):
        return noun is None or p.w(noun) in TOUCHES
    return (
        p.verb_in(lx.STEP) and bool(words & {"half", "small", "little", "big"}) and p.w(p.first) not in ("and", "step")
    )
