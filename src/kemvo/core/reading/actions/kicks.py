"""Kicks: which foot, and the part that strikes."""

from __future__ import annotations

from collections.abc import Iterator

from kemvo.core.facts import Fact
from kemvo.core.language import lexicon as lx
from kemvo.core.reading.clause import Memory, Piece

KICK_PARTS: dict[str, str] = {
    "heel": "heel",
    "heels": "heel",
    "toe": "toe",
    "toes": "toe",
    "instep": "toe",
    "sole": "sole",
}
MENTIONED = {("the", w) for w in "do comes is at for before after have got about to of".split()}
MENTIONS = frozenset("do try practise practice learn there's is there it's".split())
THATS = frozenset({"that's", "it's"})
""" "That's your kick": it is spoken of."""
STRIKE = frozenset({"strike", "strikes"})
THRUST = frozenset("push pushes press presses extend extends straighten straightens drive drives".split())
THRUST_PARTS = frozenset("heel sole toes".split())


FOOT_OR_KICK = lx.FOOT | lx.KICK


def begins_only(p: Piece, i: int) -> bool:
    """ "Kick off with a bow": something begins, and no foot kicks."""
    return p.w(i + 1) == "off" and not p.sides() and not p.where(lx.FOOT)


def kick(p: Piece, memory: Memory) -> Iterator[Fact]:
    """A kick, with its foot and the part that strikes."""
    if p.words().isdisjoint(lx.KICK) and not p.verb_in(THRUST, STRIKE):
        return
    kicks = _thrusts(p, memory) + [i for i in p.where(lx.KICK) if not (p.w(i) == "kicking" and p.w(i + 1) in lx.FOOT)]
    kicks = [i for i in kicks if p.w(i + 1) not in ("is", "comes", "which")]
    kicks = [i for i in kicks if not begins_only(p, i)]
    kicks = [i for i in kicks if p.w(i) != "kicks" or p.where(lx.FOOT) or p.sides()]
    announced = [
        i for i in kicks if (p.w(i - 1), p.w(i - 2)) in MENTIONED or (p.w(i - 1) == "a" and p.w(i - 2) in MENTIONS)
    ]
    announced = announced or [
        i
        for i in kicks
        if (p.before(i, 4) & THATS and p.before(i) & {"a", "your", "the"})
        or (p.before(i, 3) & THATS and p.w(i - 2) == "a")
    ]
    with_side = [i for i in p.sides() if p.before(i) & {"with", "from"} or p.w(i + 1) in lx.KICK]
    if not kicks or (
        announced and not (with_side if p.w(p.first) == "for" or {"do", "the"} <= p.words() else p.sides())
    ):
        return
    part = next((KICK_PARTS[p.w(i)] for i in p.range() if p.w(i) in KICK_PARTS), None)
    sides = p.sides()
    named = [i for i in sides if "with" in p.before(i)] or [i for i in sides if p.w(i + 1) in FOOT_OR_KICK] or sides
    side = p.side(named[0]) if named else memory.moved
    memory.moved = memory.named = side
    yield p.fact("kick", (kicks[0], *named[:1]), side=side, part=part)


def _thrusts(p: Piece, memory: Memory) -> list[int]:
    """ "Push out through the left heel": a kick without the word."""
    out_with = p.w(p.verb + 1) == "out" and p.w(p.verb + 2) == "with"
    heel = p.where(("heel", "sole"))
    if memory.lifted and heel and p.verb_in(THRUST) and "out" in p.words() and "to" not in p.words():
        return [p.verb]
    by = frozenset({"with"}) if p.verb_in(STRIKE) or out_with else frozenset({"through"})
    through = [i for i in p.where(by) if {p.w(k) for k in range(i + 1, i + 4)} & THRUST_PARTS]
    return [p.verb] if p.verb_in(THRUST, STRIKE) and through and "floor" not in p.words() else []
