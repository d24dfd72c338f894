"""What the feet do: step, lift, pivot, kick."""

from __future__ import annotations

from collections.abc import Iterator
from typing import Literal

from kemvo.core.reading import lexicon as lx
from kemvo.core.reading.clauses import is_bare_shift
from kemvo.core.reading.facts import Fact, FactSide
from kemvo.core.reading.piece import Memory, Piece
from kemvo.core.reading.quantities import angle, share
from kemvo.core.values import OTHER_SIDE

FootKind = Literal["step", "lift", "pivot"]

TOES = frozenset({"toe", "toes"})
HEELS = frozenset({"heel", "heels"})
BALLS = frozenset({"ball", "balls"})
TOUCHES: dict[str, str] = {
    "heel": "heel",
    "heels": "heel",
    "toe": "toe",
    "toes": "toe",
    "ball": "ball",
    "tiptoe": "toe",
    "tiptoes": "toe",
}
KICK_PARTS: dict[str, str] = {
    "heel": "heel",
    "heels": "heel",
    "toe": "toe",
    "toes": "toe",
    "instep": "toe",
    "sole": "sole",
}
NOT_A_WAY = frozenset("front the a an place line your".split())
"""After "in", words that make it a place and not a way for the toes."""
FIRST = frozenset("first down touches touch lands touching leading".split())
TARGETS = frozenset({"corner", "diagonal", "o'clock", "oclock"})
PLACES = frozenset({"corner", "diagonal"})
NEAR = frozenset({"next", "beside", "behind", "than", "past", "facing"})
"""After these, a side names the foot that stands, not the one that moves."""


def kick(p: Piece, memory: Memory) -> Iterator[Fact]:
    """A kick, with its foot and the part that strikes."""
    kicks = _thrusts(p) + [i for i in p.where(lx.KICK) if not (p.w(i) == "kicking" and p.w(i + 1) in lx.FOOT)]
    announced = [i for i in kicks if p.w(i - 1) == "a" and p.w(i - 2) in MENTIONS]
    if not kicks or (announced and not p.sides()):
        return
    part = next((KICK_PARTS[p.w(i)] for i in p.range() if p.w(i) in KICK_PARTS), None)
    sides = p.sides()
    named = (
        [i for i in sides if "with" in p.before(i)] or [i for i in sides if p.w(i + 1) in lx.FOOT | lx.KICK] or sides
    )
    side = p.side(named[0]) if named else memory.moved
    memory.moved = memory.named = side
    yield p.fact("kick", (kicks[0], *named[:1]), side=side, part=part)


MENTIONS = frozenset("do try practise practice learn there's is there it's".split())


def _thrusts(p: Piece) -> list[int]:
    """ "Push out through the left heel": a kick without the word."""
    by = frozenset({"with"}) if p.verb_in(STRIKE) else frozenset({"through"})
    through = [i for i in p.where(by) if {p.w(k) for k in range(i + 1, i + 4)} & THRUST_PARTS]
    return [p.verb] if p.verb_in(THRUST | STRIKE) and through and "floor" not in p.words() else []


STRIKE = frozenset({"strike", "strikes"})
THRUST = frozenset("push pushes press presses extend extends straighten straightens drive drives".split())
THRUST_PARTS = frozenset("heel sole toes".split())


def feet(p: Piece, memory: Memory) -> Iterator[Fact]:
    """A step, lift or pivot, if the clause moves a foot."""
    noun = _actor(p)
    only = p.words() - {"and", "then"}
    if (
        len(only) == 1
        and only <= lx.INWARD | lx.OUTWARD
        and memory.noun in TOES
        and memory.moved
        and not memory.stepped
    ):
        toes: Literal["in", "out"] = "out" if only <= lx.OUTWARD else "in"
        yield p.fact("pivot", p.range(), side=memory.moved, on="heel", toes=toes)
        return
    again = _on_it_goes(p, noun, memory)
    if again is not None:
        yield p.fact("step", (p.first, again), side=memory.moved, direction=lx.STEP_WAYS[p.w(again)])
        return
    if memory.pivoted and p.verb_in(POINTING) and not p.sides():
        return
    if p.hand_first() and not (p.verb_in(lx.STEP) and _step_is_verb(p)):
        return
    none = any(p.w(i - 1) in ("no", "without", "any") for i in p.where(frozenset({"weight"})))
    loaded = p.verb_in(lx.PLACE) and ("load" in p.words() or share(p.tokens, p.first, p.last) is not None)
    if p.verb >= 0 and ("weight" in p.words() or loaded) and not none and not p.verb_in(lx.STEP | lx.LIFT | lx.PIVOT):
        return
    kind = _kind(p, noun, memory)
    beside = noun is not None and kind == "step" and memory.stepped and p.verb_in(lx.TOUCHING)
    if beside and p.before(noun or 0, 4) & NEAR and not any(i < p.verb for i in p.sides()):
        return
    if kind is None and p.verb_in(FOLLOWS) and "with" in p.words() and len(p.sides()) == 1:
        kind = "step"
    if kind is None or (
        kind == "step" and (memory.stepped or memory.pivoted or _only_touches(p, noun, memory)) and _only_adds(p, noun)
    ):
        return
    named = _sides_named(p, noun)
    side = _side(p, noun, kind, named, memory)
    at = [i for i in (p.verb, -1 if noun is None else noun, *named[:1]) if i >= 0]
    memory.noun = p.w(noun) if noun is not None else memory.noun or "foot"
    if side == "L" or side == "R":
        memory.named = side
    if kind == "pivot":
        memory.moved = memory.moved if side == memory.moved else None
        memory.noun = "toes"
        yield p.fact(
            "pivot",
            (*at, *p.where(lx.INWARD | lx.OUTWARD)[-1:], *p.where(lx.LITTLE)[-1:]),
            side=side,
            on=_pivot_on(p),
            toes=_toes(p),
            angle=angle(p.tokens, p.first, p.last),
        )
        return
    memory.moved = side if side == "L" or side == "R" else None
    if kind == "lift":
        yield p.fact("lift", at, side=side)
        return
    way, where = _way(p, noun)
    if way is None and p.verb_in(MERELY_MOVES) and p.w(p.first) in ("before", "until", "till", "once", "after"):
        return
    yield p.fact("step", (*at, *([] if where is None else [where])), side=side, direction=way, touch=_touch(p, noun))


FOLLOWS = frozenset({"follow", "follows"})
BRING = frozenset({"bring", "brings", "draw", "draws", "pull", "pulls"})
RESTING = frozenset({"rest", "rests"})
HOOK = frozenset({"hook", "hooks"})
OPEN = frozenset({"open", "opens"})
ROUND = frozenset({"round", "around", "back"})
PUT = frozenset({"put", "puts", "set", "sets", "place", "places"})
MERELY_MOVES = frozenset({"move", "moves", "moving", "go", "goes"})
STAMP = frozenset({"stamp", "stamps", "stomp"})
POINTING = frozenset({"point", "points", "face", "faces"})
""" "…so that the toes point forward" says where a pivot told just before ends."""

ONWARD = frozenset("out forward back in".split())


def _on_it_goes(p: Piece, noun: int | None, memory: Memory) -> int | None:
    """ "…and out to the corner": the foot that just stepped steps on. The index of the way."""
    if p.verb >= 0 or noun is not None or memory.moved is None or p.where(lx.HAND | lx.TRUNK):
        return None
    if p.w(p.first) not in ("and", "then") or memory.way not in (("in", "back") if "again" in p.words() else ("in",)):
        return None
    return next((i for i in range(p.first + 1, min(p.first + 4, p.last)) if p.w(i) in ONWARD), None)


def _actor(p: Piece) -> int | None:
    """The foot word the clause speaks of: before its verb, else after it."""
    named = p.where(lx.FOOT)
    before = [i for i in named if i < p.verb]
    if before:
        of_a_foot = p.w(before[0]) in TOES | HEELS and p.w(before[0] + 1) in ("of", "on")
        return before[0] if of_a_foot else before[-1]
    found = next((i for i in named if p.w(i - 1) != "into"), None)
    # "The right foot toes in": it is the toes that go.
    return found + 1 if found is not None and p.verb < 0 and p.w(found + 1) in TOES else found


# Which of the three it is


def _kind(p: Piece, noun: int | None, memory: Memory) -> FootKind | None:
    """Step, lift or pivot, by the verb; None when the clause moves no foot."""
    if noun is not None and p.w(noun + 1) in ("leaves", "leave", "clear", "clears") and p.words() & {"ground", "floor"}:
        return "lift"
    if p.verb < 0:
        return None if is_bare_shift(p.tokens, p.first, p.last) else _kind_without_verb(p, noun, memory)
    if p.verb_in(frozenset({"swing", "swings"})) and noun is None and "it" in p.words() and memory.moved:
        return "step"
    if p.verb_in(lx.PIVOT):
        moves = p.verb_word().startswith("pivot") or noun is not None
        return "pivot" if moves and not p.where(lx.HAND | lx.TRUNK) else None
    whole_foot = noun is not None and p.w(noun) in ("foot", "leg")
    if whole_foot and (
        (p.verb_in(HOOK) and "behind" in p.words()) or (p.verb_in(OPEN) and p.words() & {"stance", "side"})
    ):
        return "step"
    if p.verb_in(lx.CLOSE) and (whole_foot or (noun is not None and p.w(noun) == "feet")):
        return "step"
    if p.verb_in(lx.TURN | lx.AIM) and not (p.verb_in(lx.PLACE) and whole_foot):
        return _kind_of_turn(p, noun, memory)
    if p.verb_in(lx.LIFT):
        return _kind_of_lift(p, noun, memory)
    if p.verb_in(lx.STEP):
        when = p.w(p.first) in ("as", "when", "while") and p.w(p.first + 1) == "you" and noun is None and not p.sides()
        when = when and not any(w in lx.STEP_WAYS for w in p.words())
        return "step" if _step_is_verb(p) and not when else None
    if p.verb_in(lx.PLACE):
        return _kind_of_place(p, noun, memory)
    if p.verb_in(RESTING) and noun is not None and noun < p.verb and p.words() & {"by", "beside", "near", "next"}:
        return "step"
    together = noun is not None and p.w(noun) == "feet" and "together" in p.words()
    return "step" if together and p.verb_in(lx.STAND) and "with" not in p.words() else None


def _ways(p: Piece) -> set[str]:
    """The ways toes can turn that are said: in, out and their like."""
    return {p.w(i) for i in p.where(lx.INWARD | lx.OUTWARD) if not _is_place(p, i)}


def _is_place(p: Piece, i: int) -> bool:
    """ "In" before a place ("in front", "in a line") and not a way for the toes ("in a little")."""
    return p.w(i + 1) in NOT_A_WAY and not (p.w(i + 1) == "a" and p.w(i + 2) in ("little", "bit", "touch"))


def _kind_without_verb(p: Piece, noun: int | None, memory: Memory) -> FootKind | None:
    """ "Right toes in", "left heel to the corner", "toes up"."""
    words = p.words()
    if noun is None:
        brief = p.last - p.first == 2 and p.side(p.first) and p.w(p.first + 1) in lx.STEP_WAYS
        return "step" if brief or ("step" in words and words & {"half", "follow"}) else None
    if p.w(noun) == "feet" and words & {"parallel"} and not p.sides():
        return None
    if p.w(noun) in TOES and (_ways(p) or angle(p.tokens, p.first, p.last) is not None):
        return "pivot"
    if "up" in words and p.w(noun) in TOES | HEELS | {"knee"}:
        return "lift"
    if p.w(noun) == "feet" and "with" in p.words():
        return None
    mine = p.side_of(noun) or memory.moved
    if words & {"flat", "are", "is"} or (p.w(noun) in TOES and not mine and not words & {"down", "touch", "behind"}):
        return None
    going = any(p.w(i) in lx.STEP_WAYS for i in range(noun + 1, p.last)) or words & (PLACES | {"past"})
    return "step" if going and (mine or p.w(noun) in HEELS | TOES | {"feet"}) else None


def _kind_of_turn(p: Piece, noun: int | None, memory: Memory) -> FootKind | None:
    if p.where(lx.TRUNK) or (noun is None and p.where(lx.HAND)):
        return None
    ways = _ways(p)
    if noun is None and "straight" in p.words() and memory.moved and not p.sides():
        return "pivot"
    if noun is None:
        again = p.words() & {"it", "them"} and angle(p.tokens, p.first, p.last) is not None
        return "pivot" if (ways or again) and memory.noun and not p.sides() else None
    degrees = angle(p.tokens, p.first, p.last)
    rolled = degrees is not None or not p.words().isdisjoint({"inward", "inwards", "outward", "outwards"})
    turned_leg = p.w(noun) == "leg" and rolled
    if p.w(noun) not in TOES | HEELS | {"foot", "feet"} and "ball" not in p.words() and not turned_leg:
        return None
    aimed = (
        p.w(noun) in TOES
        or p.words() & TARGETS
        or ways
        or angle(p.tokens, p.first, p.last) is not None
        or (p.w(noun) == "foot" and p.verb_in(OPEN))
        or (p.w(noun) in HEELS and p.words() & ROUND)
        or p.verb_in(frozenset({"square", "squares"}))
        or p.verb_in(
            frozenset(
                {
                    "adjust",
                    "adjusts",
                    "straighten",
                    "straightens",
                    "correct",
                    "corrects",
                    "realign",
                    "realigns",
                    "align",
                    "aligns",
                }
            )
        )
    )
    return "pivot" if aimed or not p.verb_in(lx.AIM) else None


def _kind_of_lift(p: Piece, noun: int | None, memory: Memory) -> FootKind | None:
    words = p.words()
    if noun is None:
        picked = p.verb_in(frozenset({"pick", "picks"})) and p.sides() and not p.where(lx.HAND | lx.TRUNK)
        if picked:
            return "lift"
        again = (
            p.verb_in(frozenset({"lift", "lifts", "pick", "picks", "raise", "raises"}))
            and memory.noun
            and words & {"it", "up"}
        )
        return "lift" if again and not p.where(lx.HAND) else None
    if p.before(noun, 3) & {"on", "onto", "into"}:
        on_toes = p.verb_in(frozenset({"rise", "rises"})) and p.w(noun) in TOES | BALLS
        return "lift" if on_toes else None
    sideways = words & {"out", "forward", "back", "side", "in"} and p.verb_in(
        frozenset({"float", "floats", "rise", "raise"})
    )
    return "step" if sideways and p.w(noun) in ("foot", "leg") else "lift"


def _kind_of_place(p: Piece, noun: int | None, memory: Memory) -> FootKind | None:
    words = p.words()
    if noun is None and p.verb_in(lx.GATHER) and p.sides() and p.sides()[0] == p.verb + 1:
        return "step"
    if noun is None and p.verb_in(frozenset({"take", "takes", "make"})) and words & {"step", "steps"}:
        return "step"
    if noun is None and p.side(p.verb - 1) and p.verb_in(MERELY_MOVES | {"come", "comes"}) and not p.where(lx.HAND):
        return "step" if words & {"out", "forward", "back", "beside", "in", "together", "behind"} else None
    if noun is None:
        it = "it" in words and any(w in lx.STEP_WAYS for w in words) and not p.where(lx.HAND)
        if p.verb_in(PUT) and "it" in words and words & {"again", "there"} and memory.moved:
            return "step"
        placing = p.verb_in(PUT) and "down" in words
        if p.verb_in(frozenset({"land", "lands"})) and any(w in lx.STEP_WAYS for w in words) and not p.where(lx.HAND):
            return "step"
        moves = not p.verb_in(frozenset({"go", "goes", "come", "comes"}))
        placing = placing or p.verb_in(frozenset({"cross", "crosses"}))
        return "step" if it and moves and (memory.moved or placing) else None
    away = p.verb_in(frozenset({"come", "comes"})) and words & {"away", "off"} and p.w(noun) in HEELS | TOES
    if (
        away
        or ("up" in words and p.w(noun) in TOES | HEELS)
        or (words & {"off", "away"} and words & {"floor", "ground"})
    ):
        return "lift"
    if p.verb_in(frozenset({"lower", "lowers", "drop", "drops", "follows", "extend", "extends"})) and p.w(noun) in (
        "knee",
        "knees",
    ):
        return None
    if p.w(noun - 1) in ("lower", "upper") or {"rest", "of"} <= words:
        return None
    lowered = p.verb_in(frozenset({"lower", "lowers", "drop", "drops"})) and p.w(noun) == "heel"
    if lowered and memory.moved is None and not p.sides():
        return None
    if (
        p.w(noun) in HEELS
        and p.verb_in(frozenset({"slide", "slides"}))
        and words & ROUND
        and not words & {"in", "beside"}
    ):
        return "pivot"
    if p.w(noun) in ("knee", "knees") and words & {"through", "high"}:
        return "lift"
    if "up" in words and p.w(noun) in ("knee", "knees", "leg", "legs") and not words & {"half", "beside"}:
        return "lift"
    down = words & {"touch", "touches", "touching", "tap", "down"} or p.verb_in(PUT)
    if p.w(noun) in TOES and _ways(p) and not down and not words & {"next", "beside", "alongside"}:
        return "pivot"
    if p.w(noun) in TOES and not down and words & {"round", "around"}:
        return "pivot"
    if p.w(noun) in TOES and not down and "line" in words:
        return None
    return None if p.before(noun, 3) & {"into", "onto"} else "step"


def _step_is_verb(p: Piece) -> bool:
    """ "Step the left foot out" moves a foot, "step the pressure up" does not."""
    if p.w(p.verb + 1) not in ("the", "your", "my", "a", "an"):
        return True
    following = {p.w(k) for k in range(p.verb + 2, p.verb + 5)}
    return bool(following & (lx.FOOT | {"step"})) or p.side(p.verb + 2) is not None


def _only_touches(p: Piece, noun: int | None, memory: Memory) -> bool:
    """ "The toe goes down first" where no foot has been named: how, not which."""
    down = p.words() & {"down", "first", "touch", "touches"}
    how = memory.moved is None or p.verb_in(frozenset({"touch", "touches"}))
    return noun is not None and p.w(noun) in TOES | HEELS and how and bool(down)


def _only_adds(p: Piece, noun: int | None) -> bool:
    """Whether a clause only says more of the step before it: "toes touch first", "half a step"."""
    words = p.words()
    own = [i for i in p.sides() if not _stands_by(p, i)]
    if own or words & {"other", "both", "together", "then"}:
        return False
    if p.verb_in(BRING) and noun is None and "it" in words:
        return True
    ways = {lx.STEP_WAYS[w] for w in words if w in lx.STEP_WAYS} - {"down"}
    if p.verb_in(PUT) and "flat" in words and not ways:
        return True
    if p.verb_in(PUT) and "down" in words and not ways:
        return (noun is None and "it" in words) or (noun is not None and p.w(noun) in TOUCHES)
    if p.verb < 0 or p.verb_in(lx.TOUCHING):
        return noun is None or p.w(noun) in TOUCHES
    return (
        p.verb_in(lx.STEP) and bool(words & {"half", "small", "little", "big"}) and p.w(p.first) not in ("and", "step")
    )


# Whose foot


def _sides_named(p: Piece, noun: int | None) -> list[int]:
    """The side words that can name the foot that acts, the likeliest first."""
    sides = p.sides()
    mine = p.side_of(noun) if noun is not None else None
    if mine:
        return sorted(sides, key=lambda i: (p.side(i) != mine, abs(i - (noun or 0))))
    with_ = [i for i in sides if "with" in p.before(i)]
    subject = [i for i in sides if i < p.verb]
    # "Step to the left" is done with the left foot; "beside the left" and "to the left corner" are not.
    return with_ or subject or [i for i in sides if p.w(i + 1) not in PLACES and not _stands_by(p, i)]


def _stands_by(p: Piece, i: int) -> bool:
    """Whether a side names the foot that stands: "beside the left", "in front of the right"."""
    return bool(p.before(i, 3) & NEAR) or {"front", "of"} <= p.before(i, 3)


def _side(p: Piece, noun: int | None, kind: FootKind, named: list[int], memory: Memory) -> FactSide | None:
    words = p.words()
    plural = noun is not None and (p.w(noun) in ("feet", "balls") or (p.w(noun) == "heels" and kind != "pivot"))
    if "both" in words or (plural and not p.sides()):
        return "both"
    if named:
        return p.side(named[0])
    if kind == "lift" and noun is not None and p.w(noun) in TOES and {"up", "on"} <= words and memory.moved is None:
        return "both"
    if noun is not None and words & {"other", "opposite"}:
        return OTHER_SIDE[memory.named] if memory.named else None
    if noun is not None and p.w(noun - 1) in ("back", "front", "rear"):
        return None
    stood_by = [i for i in p.sides() if _stands_by(p, i)]
    if kind == "step" and stood_by and memory.moved is None:
        return OTHER_SIDE[p.side(stood_by[0]) or "L"]
    if kind == "pivot":
        return memory.moved or (memory.named if memory.noun else None)
    return memory.moved


# How it goes


def _pivot_on(p: Piece) -> str | None:
    for i in p.where(frozenset({"on"})):
        for k in range(i + 1, i + 5):
            if p.w(k) in HEELS:
                return "heel"
            if p.w(k) in BALLS:
                return "ball"
    return None


def _toes(p: Piece) -> str | None:
    for i in p.range():
        if p.w(i) in lx.OUTWARD:
            return "out"
        if p.w(i) in lx.INWARD and not _is_place(p, i):
            return "in"
    return {"open": "out", "opens": "out", "close": "in", "closes": "in", "hook": "in", "hooks": "in"}.get(
        p.verb_word()
    )


def _way(p: Piece, noun: int | None) -> tuple[str | None, int | None]:
    """The way a foot goes, and the index of the word that says it."""
    found: dict[str, int] = {}
    for i in p.range():
        if i != p.verb and p.w(i) in lx.STEP_WAYS and not _is_no_way(p, i, bool(found)):
            found.setdefault(lx.STEP_WAYS[p.w(i)], i)
    for way in lx.WAY_RANK:
        if way in found:
            return way, found[way]
    if p.verb_in(lx.GATHER):
        return "in", p.verb
    if p.verb_in(RESTING):
        return "in", p.verb
    if p.verb_in(frozenset({"follow", "follows"})):
        return "half", p.verb
    if p.verb_in(STAMP):
        return "down", p.verb
    to_side = [i for i in p.sides() if (noun is None or i > noun) and "to" in p.before(i) and p.w(i + 1) not in PLACES]
    return ("side", to_side[0]) if to_side else (None, None)


def _is_no_way(p: Piece, i: int, others: bool) -> bool:
    """Words of direction that say something else: "back foot", "in front", "heel down" after another way."""
    w, after = p.w(i), p.w(i + 1)
    if w in ("back", "front", "rear"):
        return after in lx.FOOT | {"corner", "stance"} or p.side(i + 1) is not None
    if w == "close":
        return p.verb >= 0
    if w == "in":
        return _is_place(p, i)
    if w == "down":
        return others and p.w(i - 1) in HEELS | TOES
    if w in ("half", "follow"):
        return "step" not in {p.w(i + 1), p.w(i + 2), p.w(i + 3)} and not p.verb_in(lx.STEP)
    return False


def _touch(p: Piece, noun: int | None) -> str | None:
    """How the foot touches down: "heel first", "on the toes", or the part that is named as stepping.

    It may stand behind a comma: "left foot steps out, heel first"."""
    last = p.last
    while last < len(p.tokens) and not p.tokens[last - 1].hard and last < p.last + 4:
        last += 1
    for i in range(p.first, last):
        if p.tokens[i].w in TOUCHES:
            after = p.tokens[i + 1].w if i + 1 < last else ""
            before = {p.tokens[k].w for k in range(max(p.first, i - 3), i)}
            if after in FIRST or (i < p.last and "on" in before) or "first" in before:
                return TOUCHES[p.tokens[i].w]
    return TOUCHES.get(p.w(noun)) if noun is not None else None
