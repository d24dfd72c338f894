"""Learns what each kind of action sounds like from the lines in `lines/`, and writes
`src/kemvo/core/reading/likely_words.txt`.

A clause's actions are those that the rules read in it, where they read the line as its key has it. In other lines what
is missing is given to the clause that sounds most like it, and what is too much is taken from the clause that sounds
least like it. Lines of `held_out` files are not learned from. Run by `make learn`, after the pauses.
"""

from __future__ import annotations

from collections import Counter
from pathlib import Path
from typing import NamedTuple

import numpy as np

from bench.learned import fitted_to, learned_from, matrix, often, rows
from bench.reading import NAMES, cases
from kemvo.core.reading.learned import classifier as likely
from kemvo.core.reading.learned.classifier import ACTIONS
from kemvo.core.reading.learned.reconcile import by_clause
from kemvo.core.reading.reader import read_by_rules

SEEN = 2
"""A sign must be seen so often to be learned from."""
SMALLEST = 0.2
"""Weights smaller than this are left out; the others are rounded to tenths."""
STIFFNESS = 0.25

TARGET = Path(likely.__file__).with_name(likely.WORDS)
HEAD = """\
% How much each sign of a clause speaks for an action: its kind, its weight, the signs. Made by `make learn`; not to be
% edited by hand.
"""


class Line(NamedTuple):
    """A line: the signs of each clause, the kinds of action that the rules read in each, and the kinds its key has."""

    signs: list[set[str]]
    read: list[Counter[str]]
    wanted: Counter[str]

    def as_wanted(self) -> bool:
        """Whether the rules read as many of each kind as there are."""
        return sum(self.read, Counter()) == self.wanted


def lines(names: list[str]) -> list[Line]:
    """The lines of these files."""
    out = []
    for name in names:
        for text, wanted in cases(name):
            facts, tokens, clauses, _ = read_by_rules(text, NAMES)
            if clauses:
                told = by_clause(facts, tokens, clauses)
                signs = [set(likely.signs(tokens, clauses, k)) for k in range(len(clauses))]
                kinds = Counter(kind for kind, _ in wanted if kind in ACTIONS)
                out.append(Line(signs, [Counter(f.kind for f in here) for here in told], kinds))
    return out


class Learned(NamedTuple):
    """The weights by kind and sign, and in what share of the clauses each kind is told."""

    weights: dict[str, dict[str, float]]
    usual: dict[str, float]


def learn(names: list[str]) -> Learned:
    """What is learned from these files."""
    found = lines(names)
    first = fit([ln for ln in found if ln.as_wanted()])
    for ln in found:
        if not ln.as_wanted():
            _set_right(ln, first)
    weights = {kind: {s: round(w, 1) for s, w in ws.items() if abs(w) >= SMALLEST} for kind, ws in fit(found).items()}
    clauses = [here for ln in found for here in ln.read]
    return Learned(weights, {kind: sum(c[kind] > 0 for c in clauses) / len(clauses) for kind in ACTIONS})


def fit(found: list[Line]) -> dict[str, dict[str, float]]:
    """The weights that tell these lines best."""
    signs = [s for ln in found for s in ln.signs]
    read = [r for ln in found for r in ln.read]
    known = sorted(often(signs, SEEN))  # in one order, so that the same lines give the same table
    x = matrix(signs, {s: i for i, s in enumerate(known)})
    x.sort_indices()
    return {kind: fitted_to(x, np.array([float(r[kind] > 0) for r in read]), known, STIFFNESS) for kind in ACTIONS}


def _set_right(ln: Line, weights: dict[str, dict[str, float]]) -> None:
    """Give what is missing to the likeliest clause, take what is too much from the least likely one."""
    whole = sum(ln.read, Counter())
    for kind in ACTIONS:
        odds = [sum(weights[kind].get(s, 0.0) for s in here) for here in ln.signs]
        for _ in range(ln.wanted[kind] - whole[kind]):
            free = [k for k, r in enumerate(ln.read) if not r[kind]] or list(range(len(ln.read)))
            ln.read[max(free, key=lambda k: odds[k])][kind] += 1
        for _ in range(whole[kind] - ln.wanted[kind]):
            having = [k for k, r in enumerate(ln.read) if r[kind]]
            ln.read[min(having, key=lambda k: odds[k])][kind] -= 1


def main() -> None:
    """Learn and write."""
    weights, usual = learn(learned_from())
    shares = "".join(f"{kind} % {100 * share:.1f}\n" for kind, share in usual.items())
    table = rows((f"{kind} {w}", s) for kind, ws in weights.items() for s, w in sorted(ws.items()))
    TARGET.write_text(HEAD + shares + table)
    print(f"{sum(map(len, weights.values()))} weights learned from {len(learned_from())} files: {TARGET.name}")


if __name__ == "__main__":
    main()
