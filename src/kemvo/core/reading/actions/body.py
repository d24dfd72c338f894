"""Breath, time, and which way the body turns."""

from __future__ import annotations

from collections.abc import Iterator, Sequence

from kemvo.core.facts import Fact
from kemvo.core.language import lexicon as lx
from kemvo.core.reading.clause import Memory, Piece
from kemvo.core.reading.quantities import angle, duration, number_at
from kemvo.core.reading.segment.segmenter import Clause
from kemvo.core.reading.tokens import Token

HOVER = frozenset({"hover", "hovers"})
HOLD_TAILS = frozenset({"", "and", "here", "there", "still", "position", "posture", "a", "moment", "for"})
BREATH_NOUN_LEADS = frozenset("an the your on long slow with breath and".split())
THE = frozenset("this the that your".split())
SHAPES = frozenset("stance posture position pose shape".split())
LET_GO = (["let", "it", "go"], ["let", "it", "out"], ["blow", "it", "out"])
FLOWS = frozenset("go come goes comes flows going coming is".split())


FILL_OR_EMPTY = lx.FILL | lx.EMPTY
FLOWS_HERE = FLOWS | {"here", "now"}


def breaths(tokens: Sequence[Token], c: Clause) -> Iterator[Fact]:
    """In-breaths and out-breaths of a clause, unless it warns of them."""
    first = c.first + (tokens[c.first].w == "and" and c.last - c.first > 1)
    leads = tokens[first].w in ("in", "out") and tokens[first].comma and (first == 0 or tokens[first - 1].hard)
    if leads and _hands_after(tokens, first + 1):
        yield Fact(kind="breath", start=tokens[first].start, end=tokens[first].end, direction=tokens[first].w)
        return  # "in: arms up"
    alone = c.last - first == 1 and tokens[first].w in ("in", "out") and tokens[first].hard
    if alone and first > 1 and (tokens[first - 1].hard or tokens[first - 1].comma) and _hands_before(tokens, c.first):
        yield Fact(kind="breath", start=tokens[first].start, end=tokens[first].end, direction=tokens[first].w)
        return  # "arms up: in"
    called = [t.w for t in tokens[c.first : c.last]]
    if called[0] in ("in", "out") and called[1:3] == ["two", "three"] and all(w in lx.NUMBERS for w in called[3:]):
        yield Fact(kind="breath", start=tokens[c.first].start, end=tokens[c.first].end, direction=called[0])
        return  # "in, two, three, four"
    for i in range(c.first, c.last):
        if tokens[i].w == "lungs" and c.verb >= 0 and (c.verb < i) and tokens[c.verb].w in FILL_OR_EMPTY:
            way = "in" if tokens[c.verb].w in lx.FILL else "out"
            yield Fact(kind="breath", start=tokens[c.verb].start, end=tokens[i].end, direction=way)
            return
        at = _breath_at(tokens, i, c)
        denied = c.unreal and any(tokens[k].w in lx.NEGATION for k in range(c.first, i))
        if at is None or denied:
            continue
        way = "in" if tokens[at].w.startswith("in") else "out"  # "let the breath go": out
        first, last = min(i, at), max(i, at)
        yield Fact(kind="breath", start=tokens[first].start, end=tokens[last].end, direction=way)


def _hands_before(tokens: Sequence[Token], end: int) -> bool:
    """Whether the words just before, up to where they begin anew, tell of hands and of nothing else: "arms up"."""
    k = end - 1
    while k > 0 and not (tokens[k - 1].hard or tokens[k - 1].comma):
        k -= 1
    return _only_hands(tokens[k:end])


def _hands_after(tokens: Sequence[Token], begins: int) -> bool:
    """Whether hands, and nothing else, are spoken of next."""
    end = next((k + 1 for k in range(begins, len(tokens)) if tokens[k].hard or tokens[k].comma), len(tokens))
    return _only_hands(tokens[begins:end])


def _only_hands(said: Sequence[Token]) -> bool:
    words = {t.w for t in said}
    return not words.isdisjoint(lx.HAND) and words.isdisjoint(lx.FOOT_OR_TRUNK | {"weight"}) and len(said) <= BRIEF


BRIEF = 4
""" "Arms float up: in"."""


def and_out(tokens: Sequence[Token], c: Clause, memory: Memory) -> Iterator[Fact]:
    """ "Breathe in, the arms float up, and out…": the other breath, where no foot has been spoken of."""
    first = c.first + (tokens[c.first].w in ("and", "then"))
    if memory.breath == "in" and [t.w for t in tokens[first : first + 3]] in LET_GO:
        yield Fact(kind="breath", start=tokens[first].start, end=tokens[first + 2].end, direction="out")
        return
    other = {"in": "out", "out": "in"}.get(memory.breath or "")
    nose = [t.w for t in tokens[first + 1 : c.last]] in (["through", "the", "mouth"], ["through", "the", "nose"])
    at_once = memory.breathed and (c.last - c.first == 2 or nose)
    if not other or (memory.noun and not at_once) or first == c.first or first >= c.last or tokens[first].w != other:
        return
    if not any(t.side or t.w in lx.FOOT for t in tokens[c.first : c.last]):
        yield Fact(kind="breath", start=tokens[first].start, end=tokens[first].end, direction=other)


def _breath_at(tokens: Sequence[Token], i: int, c: Clause) -> int | None:
    """The index of the word that says in or out, if a breath is named at index i."""
    w = tokens[i].w
    if w in ("inhalation", "exhalation", "inhale", "exhale", "in-breath", "out-breath", "inbreath", "outbreath"):
        return i
    if w in ("sigh", "sighs"):
        return next((k for k in range(i + 1, min(i + 4, c.last)) if tokens[k].w == "out"), None)
    if w not in ("breathe", "breath"):
        return None
    let = i > c.first + 1 and tokens[i - 2].w == "let" and i + 1 < c.last
    if let and tokens[i + 1].w == "go":
        return i
    reach = i + (5 if [t.w for t in tokens[i + 1 : i + 4]] == ["all", "the", "way"] else 4)
    near = next((k for k in range(i + 1, min(reach, c.last)) if tokens[k].w in ("in", "out")), None)
    if near is not None and any(t.side or t.w in lx.FOOT for t in tokens[i + 1 : near]):
        return None
    if near is not None and (w == "breathe" or near == i + 1 or tokens[i + 1].w in FLOWS_HERE):
        return near
    if (
        w == "breath"
        and i > c.first
        and tokens[i - 1].w in ("in", "out")
        and (i - 1 == c.first or tokens[max(i - 2, c.first)].w in BREATH_NOUN_LEADS)
    ):
        return i - 1
    return None


HANGING = frozenset({"hang", "hangs"})
""" "Let it hang there" is no hold; "hang on there for two breaths" is one."""


THEY = frozenset("they we i he she you who".split())
""" "They held this for ten minutes": told of another time."""


def time(p: Piece) -> list[Fact]:
    """A hold, with its time if one is said, or a number of counts for the movement."""
    said = duration(p.tokens, p.first, p.last)
    held = [i for i in p.where(lx.HOLD) if not (p.w(i) == "held" and p.w(i - 1) in THEY)]
    held = held or (p.where(("keep", "keeps")) if p.words() & SHAPES and "for" in p.words() else [])
    if said:
        ms, counts, a, b = said
        held = held or (p.where(lx.STAND) if ms is not None else p.where(HOVER))
        if held and held[0] < a:
            return [p.fact("hold", (held[0], b - 1), ms=ms, counts=counts)]
        return [p.fact("counts", (a, b - 1), counts=counts)] if counts is not None else []
    there = p.verb_in(lx.STAND) and p.w(p.verb + 1) in ("here", "there") and "for" in p.words()
    held = held or (p.where(lx.STAND) if there or p.words() & {"breath", "breaths"} else [])
    if held and p.words() - {"and", "then", "now"} == {"hold"}:
        return [p.fact("hold", held)]
    for i in held:
        at = next((k for k in p.where(("for",)) if k == i + 1 or (k > i and p.w(k - 1) == "still")), p.last)
        counted = number_at(p.tokens, at + 1, p.last) if at < p.last else None
        if (
            (p.w(i + 1) == "for" or i == p.verb)
            and "for" in p.words()
            and (p.words() & {"breath", "breaths"} or counted)
        ):
            return [p.fact("hold", (i, i + 1))]
        counted = number_at(p.tokens, i + 1, p.last)
        if counted and (counted[1] == p.last or p.w(counted[1]) in ("breath", "breaths")):
            return [p.fact("hold", (i, counted[1] - 1))]  # "hold 3", "hold two breaths"
        at = i + 1 + (p.w(i + 1) == "right" and p.side(i + 1) is None)
        if p.w(i) in HANGING:
            continue
        here = p.w(i + 1) == "for" and not {"moment", "second", "breath", "bit"}.isdisjoint((p.w(i + 2), p.w(i + 3)))
        here = here or (p.w(at) in ("here", "there", "it", "still", "this", "that") and p.w(at + 1) in HOLD_TAILS)
        here = here or (i == p.verb and p.w(i + 1) in THE and p.w(i + 2) in SHAPES)
        here = here or (i == p.verb and p.w(i + 1) == "in" and p.w(i + 2) in THE and p.w(i + 3) in SHAPES)
        if here or (p.w(i) in ("pause", "pauses") and p.w(i + 1) in ("", "a", "for", "briefly")):
            return [p.fact("hold", (i, i + 1) if here else (i,))]
    return []


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
    whole = p.where(WHOLE)
    aimed = p.verb < 0 and bool(whole) and p.w(whole[0] + 1) == "to" and p.last - whole[0] <= 4
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
