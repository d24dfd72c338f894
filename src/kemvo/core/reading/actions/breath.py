"""In-breaths and out-breaths that a clause names."""

from __future__ import annotations

from collections.abc import Iterator, Sequence

from kemvo.core.facts import Fact
from kemvo.core.language import lexicon as lx
from kemvo.core.reading.clause import Memory
from kemvo.core.reading.segment.segmenter import Clause
from kemvo.core.reading.tokens import Token

BREATH_NOUN_LEADS = frozenset("an the your on long slow with breath and".split())
LET_GO = (["let", "it", "go"], ["let", "it", "out"], ["blow", "it", "out"])
FLOWS = frozenset("go come goes comes flows going coming is".split())
FLOWS_HERE = FLOWS | {"here", "now"}
FILL_OR_EMPTY = lx.FILL | lx.EMPTY


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
