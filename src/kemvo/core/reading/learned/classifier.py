"""The clause classifier: how likely a clause is to describe each kind of action.

No rule can know every turn of speech. What a clause sounds like is told by its words, one by one, in twos and in threes,
and by those of the clauses beside it, as weights of logistic regressions learned from lines whose facts are known
(`make learn` writes them to `likely_words.txt`).
"""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from functools import lru_cache
from importlib.resources import files
from itertools import pairwise
from math import exp
from typing import NamedTuple, cast

from kemvo.core.facts import FactKind
from kemvo.core.language import lexicon as lx
from kemvo.core.reading.segment.segmenter import Clause
from kemvo.core.reading.tokens import Token

ACTIONS: tuple[FactKind, ...] = ("step", "lift", "pivot", "shift", "turn", "kick")
"""The actions that are weighed."""

WORDS = "likely_words.txt"
AHEAD = 5
"""How many words of the next clause are looked at."""
LONGEST = 12
"""Clauses of so many words or more count as equally long."""
EVERYWHERE = "="
"""The sign that is everywhere."""


class Weights(NamedTuple):
    """The learned table: of every sign, how much it speaks for each of KINDS; of every kind, in how many clauses of a
    hundred it is told."""

    signs: dict[str, tuple[float, ...]]
    usual: dict[FactKind, float]


COMPASS = frozenset(lx.COMPASS) - {"north", "south"}
NAMES_OF_SIDES = frozenset({"left", "right"})


def signs(tokens: Sequence[Token], clauses: Sequence[Clause], k: int) -> list[str]:
    """What speaks for or against an action in clause `k`, as the table names it."""
    words = ["<", *_said(tokens, clauses[k].first, clauses[k].last), ">"]
    out = [EVERYWHERE, f"#{min(len(words) - 2, LONGEST)}", *words, *(f"{a} {b}" for a, b in pairwise(words))]
    for a, b, c in zip(words, words[1:], words[2:], strict=False):
        out += (f"{a} {b} {c}", f"{a} _ {c}")
    if k and not _opens(tokens, clauses[k]):
        before = clauses[k - 1]
        out += [f"before: {w}" for w in set(_said(tokens, before.first, before.last))]
        if before.unreal:
            out.append("before!")
    if k + 1 < len(clauses) and not _opens(tokens, clauses[k + 1]):
        after = clauses[k + 1]
        out += [f"after: {w}" for w in set(_said(tokens, after.first, min(after.last, after.first + AHEAD)))]
    return out


def likelihoods(tokens: Sequence[Token], clauses: Sequence[Clause]) -> list[dict[FactKind, float]]:
    """Of every clause, how likely (0 to 1) it tells each kind of action."""
    weights = learned_weights().signs
    out = []
    for k in range(len(clauses)):
        found = [NOTHING]
        found += [weights[s] for s in dict.fromkeys(signs(tokens, clauses, k)) if s in weights]
        odds = [round(sum(w), 6) for w in zip(*found, strict=True)]  # even odds are even, in whatever order they add up
        out.append({kind: 1 / (1 + exp(-w)) for kind, w in zip(ACTIONS, odds, strict=True)})
    return out


NOTHING = (0.0,) * len(ACTIONS)


def _said(tokens: Sequence[Token], first: int, last: int) -> Iterable[str]:
    """Words as they are weighed: a side is a side, a number a number, a compass word a compass word."""
    for t in tokens[first:last]:
        w = t.w
        if t.side or w in NAMES_OF_SIDES:
            yield "SIDE"
        elif w[:1].isdigit() or w in lx.NUMBERS:
            yield "NUMBER"
        elif w in COMPASS:
            yield "COMPASS"
        else:
            yield w


def _opens(tokens: Sequence[Token], clause: Clause) -> bool:
    return clause.first == 0 or tokens[clause.first - 1].hard


@lru_cache(maxsize=1)
def learned_weights() -> Weights:
    """The table that ships with Kemvo."""
    return parsed((files("kemvo.core.reading.learned") / WORDS).read_text("utf-8"))


def parsed(table: str) -> Weights:
    """A table of rows `kind weight sign;sign;…`, and of one row `kind % n` for each kind."""
    by_kind: dict[FactKind, dict[str, float]] = {kind: {} for kind in ACTIONS}
    usual: dict[FactKind, float] = {}
    for row in table.splitlines():
        if row and not row.startswith("%"):
            name, weight, here = row.split(" ", 2)
            kind = cast(FactKind, name)
            if weight == "%":
                usual[kind] = float(here) / 100
            else:
                by_kind[kind].update(dict.fromkeys(here.split(";"), float(weight)))
    return weighed(by_kind, usual)


def weighed(by_kind: dict[FactKind, dict[str, float]], usual: dict[FactKind, float]) -> Weights:
    """Weights by kind and sign, sorted by sign."""
    signs = {sign for here in by_kind.values() for sign in here}
    return Weights({s: tuple(by_kind[kind].get(s, 0.0) for kind in ACTIONS) for s in signs}, usual)
