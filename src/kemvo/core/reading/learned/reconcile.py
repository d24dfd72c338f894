"""Reconciles the rules with the classifier: an action they missed that the clause plainly sounds like is added, what they read
that does not sound like one at all is taken away.

How a clause sounds comes from `likely`. The bounds and the cautions below were chosen on lines of speakers that the rules
of their day had not seen (`docs/architecture.md`, own measurement).
"""

from __future__ import annotations

from collections.abc import Collection, Sequence

from kemvo.core.facts import Fact, FactKind, FactSide
from kemvo.core.language import lexicon as lx
from kemvo.core.reading.actions.foot_kind import step_is_verb
from kemvo.core.reading.actions.foot_way import pivot_on, size_of, stands_by, toes_way, touch_of, towards, way_of
from kemvo.core.reading.actions.kicks import begins_only
from kemvo.core.reading.actions.turn import target
from kemvo.core.reading.actions.weight import KEEPS
from kemvo.core.reading.actions.weight_shared import EVEN
from kemvo.core.reading.clause import Piece
from kemvo.core.reading.learned import classifier as sound
from kemvo.core.reading.learned.classifier import ACTIONS, likelihoods
from kemvo.core.reading.quantities import angle, distance, share
from kemvo.core.reading.segment.segmenter import Clause
from kemvo.core.reading.tokens import Token
from kemvo.core.types import OTHER_SIDE

PLAIN = 0.5
"""From this likelihood on an action is added where a clause tells none…"""
PLAIN_BESIDES = 0.95
"""…and from this one on where it tells another."""
UNLIKE = 0.3
"""One verb tells one thing of a foot: what was read as less likely than this gives way to what is plain."""
STRANGE = 0.25
"""An action that rules read is dropped below this fraction of its base rate."""
ELSEWHERE = 0.3
"""…unless the clauses beside it are together this likely to tell it: then its words only stand there."""

EVENLY = EVEN | {"both"}
""" "Sink in the middle": a shift to both legs."""
STAYS = lx.STAYING | {"leave", "leaves"}
ONLY_NAMED = frozenset("the your my and then left right leg foot".split())
""" "The left leg | then slides forward"."""
NOTHING = frozenset({"nothing", "no", "none"})
POINTERS = frozenset({"it", "them", "that", "those"})
ONTO = frozenset({"onto", "into", "over", "on"})
STEPS = frozenset({"steps"})
WEIGHT = frozenset({"weight"})
FEET_OR_HEELS = frozenset({"feet", "heels"})
OF_A_FOOT: frozenset[FactKind] = frozenset({"step", "lift", "pivot", "kick"})


def reconcile(
    facts: Sequence[Fact], tokens: Sequence[Token], clauses: Sequence[Clause], silent: Collection[int]
) -> list[Fact]:
    """The facts with what is plainly meant and without what is not. `silent`: the clauses (by index) that only warn,
    suppose or speak about the movement; nothing is added there and nothing taken away."""
    told = by_clause(facts, tokens, clauses)
    likely = likelihoods(tokens, clauses)
    pieces: list[Piece] = []
    kept = [f for f in facts if f.kind not in ACTIONS]
    for k in range(len(clauses)):
        if k in silent:
            kept += told[k]
            continue
        # "Keep sixty on the left" is plain, however it sounds.
        plainly = tokens[clauses[k].first].w in KEEPS
        here = [f for f in told[k] if (plainly and f.share) or not _strange(f.kind, k, told, likely)]
        for kind in sorted((kind for kind in ACTIONS if likely[k][kind] > PLAIN), key=lambda kind: -likely[k][kind]):
            if (here and likely[k][kind] <= PLAIN_BESIDES) or any(f.kind == kind for f in told[k]):
                continue
            pieces = pieces or [Piece(tokens, c.first, c.last, c.verb) for c in clauses]
            instead = [f for f in here if f.kind in OF_A_FOOT] if kind in OF_A_FOOT and _acts_once(pieces[k]) else []
            # "Turn right, then back to the middle": the middle is where the body turns, and no weight.
            home = kind == "shift" and any(f.kind == "turn" and f.to == "front" for f in here)
            plain = not home and all(likely[k][f.kind] < UNLIKE for f in instead)
            added = _sounding(kind, k, pieces, told) if plain else None
            if added and not any(_same(added, f) for j in (k - 1, k + 1) if 0 <= j < len(clauses) for f in told[j]):
                here = [f for f in here if f not in instead]
                here.append(added.model_copy(update={"guessed": True}))
        kept += here
    return sorted(kept, key=lambda f: (f.start, f.end))


def _acts_once(p: Piece) -> bool:
    """Whether a clause has no more than one verb: "the left foot can be pivoted out" tells a pivot and no step."""
    return len(p.where(lx.ACTS)) <= 1


def _strange(kind: FactKind, k: int, told: Sequence[Sequence[Fact]], likely: Sequence[dict[FactKind, float]]) -> bool:
    """Whether the only action of its kind in clause `k` sounds like none, there and in the clauses beside it."""
    if sum(f.kind == kind for f in told[k]) > 1 or likely[k][kind] >= STRANGE * sound.learned_weights().usual[kind]:
        return False
    beside = [j for j in (k - 1, k + 1) if 0 <= j < len(told) and all(f.kind != kind for f in told[j])]
    return sum(likely[j][kind] for j in beside) <= ELSEWHERE


def by_clause(facts: Sequence[Fact], tokens: Sequence[Token], clauses: Sequence[Clause]) -> list[list[Fact]]:
    """The actions by the clause in which their words begin."""
    begins = [tokens[c.first].start for c in clauses]
    out: list[list[Fact]] = [[] for _ in clauses]
    for f in facts:
        if f.kind in ACTIONS:
            out[max((k for k, b in enumerate(begins) if b <= f.start), default=0)].append(f)
    return out


def _same(f: Fact, g: Fact) -> bool:
    """Whether what was read beside it may tell the same."""
    if f.kind != g.kind:
        return False
    if f.kind == "turn":
        return f.to == g.to
    return f.side == g.side or f.side is None or g.side is None


def _sounding(kind: FactKind, k: int, pieces: Sequence[Piece], told: Sequence[Sequence[Fact]]) -> Fact | None:
    """The action that clause `k` sounds like, with what its words say of it."""
    p = pieces[k]
    acting = [i for i in p.range() if p.side(i) or p.w(i) in lx.FOOT_OR_TRUNK or p.w(i) == "weight"]
    at = range(min((i for i in (p.verb, *acting[:1]) if i >= 0), default=p.first), p.last)
    turned = angle(p.tokens, p.first, p.last)
    if kind == "turn":
        to, _ = target(p)
        return p.fact(kind, at, to=to, degrees=None if to.isdecimal() else turned) if to is not None else None
    if kind == "shift":
        alone = len(pieces) == 1 and p.words() == WEIGHT
        if alone or not p.words().isdisjoint(STAYS) or p.words() <= ONLY_NAMED:
            return None
        hands = p.w(p.first) in lx.HAND and not p.where(lx.FOOT, lx.INTO, WEIGHT)
        if hands or not (p.verb >= 0 or acting or p.where(lx.STEP_WAYS, lx.INTO, lx.NUMBERS, EVENLY)):
            return None  # "arms circle", "okay so"
        side = "both" if not p.words().isdisjoint(EVENLY) else _only_side(p)
        if side is None and any(p.before(i, 2) & ONTO for i in p.where(POINTERS)):
            side = _spoken_of(k, pieces, told)  # "…and rise onto that leg"
        if (side == "L" or side == "R") and p.where(lx.LIGHT, lx.EMPTY, NOTHING):
            side = OTHER_SIDE[side]  # "the left leg goes light"
        return p.fact(kind, at, side=side, share=share(p.tokens, p.first, p.last))
    if p.where(lx.HAND) and not p.where(lx.FOOT):
        return None  # "right fist goes out"
    side = _foot(kind, k, pieces, told)
    if kind == "kick" and begins_only(p, p.verb):
        return None
    if kind == "step" and side is None and p.verb_in(lx.STEP) and not step_is_verb(p):
        return None  # "step the pressure up"
    if kind == "step" and side is None and any(p.w(i - 1) in lx.SMALL for i in p.where(STEPS)):
        return None  # "we'll take it in small steps"
    if kind == "step" and p.w(p.last - 1) in ("has", "have") and not p.where(lx.ACTS):
        return None  # "the left foot has | no weight"
    if kind == "step":
        if side is None and any(p.w(i + 1) in lx.NUMBERS for i in p.where(lx.STEP)):
            return None  # "step one of the plan"
        noun = next(iter(p.where(lx.FOOT)), None)
        far = distance(p.tokens, p.first, p.last)
        how = {"direction": way_of(p, noun)[0], "touch": touch_of(p, noun), "size": None if far else size_of(p)}
        return p.fact(kind, at, side=side, cm=far, to=towards(p), **how)
    if kind == "pivot":
        return p.fact(kind, at, side=side, on=pivot_on(p), toes=toes_way(p), angle=turned)
    return p.fact(kind, at, side=side)


def _only_side(p: Piece) -> FactSide | None:
    """The side that is named, where one is and it is not the foot that stands."""
    named = {p.side(i) for i in p.range() if not stands_by(p, i)} - {None}
    return named.pop() if len(named) == 1 else None


def _foot(kind: FactKind, k: int, pieces: Sequence[Piece], told: Sequence[Sequence[Fact]]) -> FactSide | None:
    """Which foot it is: the one that is named, or, where none is or "it" comes first, the one spoken of before in the
    same sentence."""
    p = pieces[k]
    if kind == "step" and ("both" in p.words() or ("together" in p.words() and p.where(FEET_OR_HEELS))):
        return "both"
    side = _only_side(p)
    pointer = next(iter(p.where(POINTERS)), p.last)
    named = next((i for i in p.range() if p.side(i)), p.last)
    if side is not None and named <= pointer:
        return side
    return _spoken_of(k, pieces, told)


def _spoken_of(k: int, pieces: Sequence[Piece], told: Sequence[Sequence[Fact]]) -> FactSide | None:
    """The foot that was spoken of before clause `k` in the same sentence."""
    for before, facts in zip(reversed(pieces[:k]), reversed(told[:k]), strict=True):
        if before.tokens[before.last - 1].hard:
            break
        moved = [f.side for f in facts if f.kind in OF_A_FOOT and f.side in ("L", "R")]
        spoken_of = moved[-1] if moved else _only_side(before) if before.where(lx.FOOT) else None
        if spoken_of is not None:
            return spoken_of
    return None
