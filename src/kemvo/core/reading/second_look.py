"""A second look at what the rules have read: what they missed that sounds plainly like an action is added, what they read
that does not sound like one at all is taken away.

How a clause sounds comes from `likely`. The bounds and the cautions below were chosen on lines of speakers that the rules
of their day had not seen (`docs/architecture.md`, own measurement).
"""

from __future__ import annotations

from collections.abc import Collection, Iterator, Sequence

from kemvo.core.reading import lexicon as lx
from kemvo.core.reading import likely as sound
from kemvo.core.reading.body import target
from kemvo.core.reading.clauses import Clause
from kemvo.core.reading.facts import Fact, FactKind, FactSide
from kemvo.core.reading.foot_way import pivot_on, size_of, stands_by, toes_way, touch_of, way_of
from kemvo.core.reading.likely import KINDS, likelihoods
from kemvo.core.reading.piece import Piece
from kemvo.core.reading.quantities import angle, distance, share
from kemvo.core.reading.tokens import Token
from kemvo.core.values import OTHER_SIDE

PLAIN = 0.7
"""From this likelihood on an action is added."""
STRANGE = 0.04
"""So much less likely than in any clause, an action that was read is taken away."""
ELSEWHERE = 0.3
"""…unless the clauses beside it are together this likely to tell it: then its words only stand there."""

EVENLY = frozenset("both middle centre center even evenly equal equally fifty-fifty centred centered".split())
""" "Sink in the middle": a shift to both legs."""
STAYS = lx.STAYING | {"leave", "leaves"}
NOTHING = frozenset({"nothing", "no", "none"})
POINTERS = frozenset({"it", "them", "that", "those"})
FEET_OR_HEELS = frozenset({"feet", "heels"})
OF_A_FOOT: frozenset[FactKind] = frozenset({"step", "lift", "pivot", "kick"})


def looked_again(
    facts: Sequence[Fact], tokens: Sequence[Token], clauses: Sequence[Clause], silent: Collection[int]
) -> list[Fact]:
    """The facts with what is plainly meant and without what is not. `silent`: the clauses (by index) that only warn,
    suppose or speak about the movement; nothing is added there."""
    if not clauses:
        return list(facts)
    told = by_clause(facts, tokens, clauses)
    likely, usual = likelihoods(tokens, clauses), sound.learned_weights().usual
    kept = [f for f in facts if f.kind not in KINDS]
    for k in range(len(clauses)):
        beside = [j for j in (k - 1, k + 1) if 0 <= j < len(clauses)]
        here = []
        for f in told[k]:
            kind = f.kind
            alone = sum(g.kind == kind for g in told[k]) == 1 and k not in silent
            strange = alone and likely[k][kind] < STRANGE * usual[kind]
            strange = (
                strange and sum(likely[j][kind] for j in beside if all(g.kind != kind for g in told[j])) <= ELSEWHERE
            )
            if not strange:
                here.append(f)
        kept += here
        for kind in () if here or k in silent else KINDS:
            if likely[k][kind] > PLAIN:
                near = [f for j in beside for f in told[j] if f.kind == kind]
                kept += [f for f in _added(kind, tokens, clauses, k, told) if not any(_same(f, g) for g in near)]
    return sorted(kept, key=lambda f: (f.start, f.end))


def by_clause(facts: Sequence[Fact], tokens: Sequence[Token], clauses: Sequence[Clause]) -> list[list[Fact]]:
    """The actions by the clause in which their words begin."""
    begins = [tokens[c.first].start for c in clauses]
    out: list[list[Fact]] = [[] for _ in clauses]
    for f in facts:
        if f.kind in KINDS:
            out[max((k for k, b in enumerate(begins) if b <= f.start), default=0)].append(f)
    return out


def _same(f: Fact, g: Fact) -> bool:
    """Whether what was read beside it may tell the same."""
    if f.kind == "turn":
        return f.to == g.to
    return f.side == g.side or f.side is None or g.side is None


def _added(
    kind: FactKind, tokens: Sequence[Token], clauses: Sequence[Clause], k: int, told: Sequence[Sequence[Fact]]
) -> Iterator[Fact]:
    """The action that clause `k` sounds like, with what its words say of it."""
    c = clauses[k]
    p = Piece(tokens, c.first, c.last, c.verb)
    acting = [i for i in p.range() if p.side(i) or p.w(i) in lx.FOOT_OR_TRUNK or p.w(i) == "weight"]
    begins = [i for i in (c.verb, *acting[:1]) if i >= 0]
    at = range(min(begins, default=c.first), c.last)
    turned = angle(tokens, c.first, c.last)
    if kind == "turn":
        to, _ = target(p)
        if to is not None:
            yield p.fact(kind, at, to=to, degrees=None if to.isdecimal() else turned)
        return
    if kind == "shift":
        if p.words().isdisjoint(STAYS):
            side = "both" if not p.words().isdisjoint(EVENLY) else _only_side(p)
            if (side == "L" or side == "R") and p.where(lx.LIGHT, lx.EMPTY, NOTHING):
                side = OTHER_SIDE[side]  # "the left leg goes light"
            yield p.fact(kind, at, side=side, share=share(tokens, c.first, c.last))
        return
    side = _foot(kind, p, tokens, clauses, k, told)
    noun = next(iter(p.where(lx.FOOT)), None)
    if kind == "step":
        far = distance(tokens, c.first, c.last)
        way, _ = way_of(p, noun)
        yield p.fact(
            kind,
            at,
            side=side,
            direction=way,
            touch=touch_of(p, noun),
            size=None if far else size_of(p),
            cm=far,
        )
    elif kind == "pivot":
        yield p.fact(kind, at, side=side, on=pivot_on(p), toes=toes_way(p), angle=turned)
    else:
        yield p.fact(kind, at, side=side)


def _only_side(p: Piece) -> FactSide | None:
    """The side that is named, where one is and it is not the foot that stands."""
    named = {p.side(i) for i in p.range() if not stands_by(p, i)} - {None}
    return named.pop() if len(named) == 1 else None


def _foot(
    kind: FactKind,
    p: Piece,
    tokens: Sequence[Token],
    clauses: Sequence[Clause],
    k: int,
    told: Sequence[Sequence[Fact]],
) -> FactSide | None:
    """Which foot it is: the one that is named, or, where none is or "it" comes first, the one spoken of before in the
    same sentence."""
    words = p.words()
    if kind == "step" and ("both" in words or ("together" in words and words & FEET_OR_HEELS)):
        return "both"
    side = _only_side(p)
    pointer = next(iter(p.where(POINTERS)), p.last)
    named = next((i for i in p.range() if p.side(i)), p.last)
    if side is not None and named <= pointer:
        return side
    for j in range(k - 1, -1, -1):
        if tokens[clauses[j].last - 1].hard:
            break
        moved = [f.side for f in told[j] if f.kind in OF_A_FOOT and f.side in ("L", "R")]
        before = Piece(tokens, clauses[j].first, clauses[j].last, clauses[j].verb)
        spoken_of = moved[-1] if moved else _only_side(before) if before.where(lx.FOOT) else None
        if spoken_of is not None:
            return spoken_of
    return None
