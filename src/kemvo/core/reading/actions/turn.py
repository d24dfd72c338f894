"""Which way the body turns or faces, as a clause says it."""

from __future__ import annotations

from collections.abc import Iterator

from kemvo.core.facts import Fact
from kemvo.core.language import lexicon as lx
from kemvo.core.reading.clause import Piece
from kemvo.core.reading.quantities import angle, number_at


def part_turn(p: Piece) -> Iterator[Fact]:
    """ "A quarter turn to the left": of the body, whatever foot it is done on."""
    parts = [i for i in p.range() if p.w(i) == "turn" and p.w(i - 1) in ("quarter", "half", "slight")]
    if parts and p.sides():
        after = [i for i in p.sides() if i > parts[0]] or p.sides()
        at = next((i for i in after if p.w(i + 1) not in lx.FOOT), after[0])
        to = "left" if p.side(at) == "L" else "right"
        yield p.fact("turn", (parts[0] - 1, at), to=to, degrees=angle(p.tokens, p.first, p.last))


def turned_on(p: Piece) -> Iterator[Fact]:
    """ "…and then all the way to the right", after a turn: another turn."""
    if "weight" in p.words():
        return
    middle = [i for i in p.range() if p.w(i) in ("center", "centre", "front", "middle") and "to" in p.before(i)]
    if p.verb < 0 and middle and not p.where(lx.FOOT, lx.HAND) and not p.sides():
        yield p.fact("turn", (middle[0] - 1, middle[0]), to="front", degrees=None)
        return
    if p.verb >= 0 or p.where(lx.FOOT, lx.HAND) or len(p.sides()) != 1:
        return
    if "to" not in p.before(p.sides()[0]) and not (p.last - p.first == 2 and p.w(p.first) in ("and", "then")):
        return
    at = p.sides()[0]
    yield p.fact(
        "turn", (at - 1, at), to="left" if p.side(at) == "L" else "right", degrees=angle(p.tokens, p.first, p.last)
    )


def faced(p: Piece) -> Iterator[Fact]:
    """ "Turn on the right heel to face the door": where the body faces after a foot has turned."""
    for i in p.where(lx.FACE):
        if i == p.verb or "toes" in p.words() or "on" not in p.words():
            continue
        for k in range(i + 1, p.last):
            to = p.w(k).replace("-", "") if p.w(k) in lx.COMPASS else lx.ROOM.get(p.w(k))
            if to and p.w(k) not in ("side", "about"):
                yield p.fact("turn", (i, k), to=to, degrees=None)
                return


AIMS = frozenset("point points aim aims".split())
WHOLE = frozenset("waist chest navel button torso body".split())
""" "Waist to the left"; the hips may go there with the weight."""
ROOMS = frozenset("room hall class studio gym".split())
COMES = frozenset({"come", "comes", "go", "goes", "turn"})
TAKES = frozenset("take takes bring brings carry carries".split())


LEAST_OPEN = 15
""" "Open forty five" turns the body; "Opening (8)" counts something."""


def turn(p: Piece) -> Iterator[Fact]:
    """Which way the body turns or faces, if the clause says so."""
    opens = p.verb_in(("open", "opens")) and (
        p.where(lx.TRUNK)
        or (p.w(p.verb + 1) == "to" and p.side(p.verb + 2 + (p.w(p.verb + 2) == "the")))
        or "corner" in p.words()
        or (p.verb_in(("open",)) and p.side(p.verb + 1) and p.verb + 2 == p.last)
        or (angle(p.tokens, p.first, p.last) or 0) >= LEAST_OPEN
    )
    if p.verb_in(lx.FACE) and p.words() & {"keep", "keeps", "still", "stay", "stays"}:
        return  # "still facing the front"
    opens = opens or (p.verb_in(AIMS) and p.where(lx.TRUNK))
    opens = opens or (p.verb_in(("open", "opens", "square")) and p.w(p.verb + 1) == "up" and p.w(p.verb + 2) == "to")
    taken = p.verb_in(TAKES) and p.where(lx.TRUNK) and p.words() & {"round", "around", "you"}
    comes = p.verb_in(COMES) and p.w(p.verb + 1) in ("around", "round") and not p.where(lx.HAND, lx.FOOT)
    comes = comes and len(p.sides()) == 1 and "to" in p.before(p.sides()[0])
    goes = p.verb_in(COMES) and p.w(p.verb - 1) in lx.TRUNK and p.w(p.verb + 1) == "to" and len(p.sides()) == 1
    home = goes or (p.verb_in(COMES) and {"back", "to", "front"} <= p.words() and not p.where(lx.HAND, lx.FOOT))
    home = home or (p.verb_in(("return", "returns")) and bool(p.where(lx.TRUNK)) and "to" in p.words())
    whole = p.where(WHOLE)
    goal = whole[0] + 1 + (p.w(whole[0] + 1) == "back") if whole else 0
    aimed = p.verb < 0 and bool(whole) and p.w(goal) == "to" and p.last - goal <= 3
    bare = p.verb < 0 and p.last - p.first <= 4 and p.where(lx.TRUNK) and len(p.sides()) == 1 and not p.where(lx.INTO)
    by_waist = any(p.before(i) & {"with", "from"} for i in p.where(("waist",)))
    by_waist = by_waist and len(p.sides()) == 1 and not p.where(lx.HAND)
    by_waist = by_waist or ({"square", "to"} <= p.words() and bool(p.where(lx.TRUNK)))
    if not (p.verb_in(lx.TURN, lx.FACE) or opens or taken or comes or home or bare or aimed or by_waist) or p.where(
        lx.FOOT
    ):
        return
    hands, trunk = p.where(lx.HAND), p.where(lx.TRUNK)
    if "over" in p.words() and "shoulder" in p.words() and p.sides():
        hands = []
    if hands and (not trunk or hands[0] < min(trunk[0], p.verb)) and hands[0] <= p.verb + 3:
        return
    to, at = target(p)
    degrees = angle(p.tokens, p.first, p.last)
    if to is None and degrees is None:
        return
    yield p.fact(
        "turn", (p.verb, p.verb if at is None else at), to=to, degrees=None if to and to.isdecimal() else degrees
    )


def target(p: Piece) -> tuple[str | None, int | None]:
    """Where a turn goes to, and the index of the word that says it."""
    for i in sorted(p.sides(), key=lambda i: p.w(i + 1) in lx.FOOT):  # "a quarter turn on the right heel to the left"
        if p.w(i + 1) not in lx.HAND or (p.w(i + 1) == "shoulder" and "over" in p.before(i)):
            return ("left" if p.side(i) == "L" else "right"), i + (p.w(i + 1) in ("corner", "diagonal"))
    for i in p.where(lx.CLOCKWISE) if "hips" not in p.words() else ():  # those are circled
        return lx.CLOCKWISE[p.w(i)], i
    # "All the way round to the back": the turning about is what counts.
    for i in sorted(range(p.verb + 1, p.last), key=lambda i: p.w(i) not in ("around", "round", "about")):
        w = p.w(i)
        if w == "about" and number_at(p.tokens, i + 1, p.last):
            continue
        if w in ("way", "direction") and p.w(i - 1) in ("other", "opposite"):
            return "back", i
        if w in lx.COMPASS:
            two = w + p.w(i + 1) if w in ("north", "south") and p.w(i + 1) in ("east", "west") else ""
            return (two, i + 1) if two else (w.replace("-", ""), i)
        hour = number_at(p.tokens, i, p.last)
        if hour and p.w(hour[1]) in ("o'clock", "oclock"):
            return str(int(hour[0])), hour[1]
        if w in ("around", "round", "about") and {"to", "front"} <= p.words():
            continue
        if w == "back" and p.w(i + 1) == "to":
            continue
        if w in ("back", "front") and p.w(i + 1) == "corner":
            return "corner", i + 1
        if w in lx.ROOM and not (
            w in ("front", "back", "side", "middle")
            and (p.w(i + 1) in lx.HAND or (p.w(i + 1) == "of" and p.words().isdisjoint(ROOMS)))
        ):
            return lx.ROOM[w], i
    return None, None
