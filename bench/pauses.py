"""Learns where speakers pause from the lines in `lines/`, and writes `src/kemvo/core/reading/pause_weights.py`.

Lines are joined without punctuation; that a line ended is what is to be told from the words around. Lines of `held_out`
files are not learned from. Needs scipy, which the tests bring. Run by `make pauses`.
"""

from __future__ import annotations

import itertools
import re
from collections import Counter
from pathlib import Path

import numpy as np
from numpy.typing import NDArray
from scipy.optimize import minimize
from scipy.sparse import csr_matrix

from bench.reading import LINES, cases
from kemvo.core.reading import pauses
from kemvo.core.reading.fillers import told_words
from kemvo.core.reading.tokens import tokens_of

SEEN = 4
"""A sign must be seen so often to be learned from."""
SMALLEST = 0.5
"""Weights smaller than this are left out; the others are rounded to tenths (neither changes what is measured)."""
STIFFNESS = 1.0
"""How strongly weights are drawn towards nothing (an L2 penalty)."""

TARGET = Path(pauses.__file__).with_name("pause_weights.py")
HEAD = '''"""How much each sign speaks for a pause: its name, its weight, the words it is of. Made by `make pauses`; not to be edited
by hand."""

TABLE = """\\
'''

WIDE = 105
"""Letters in a row of the table."""

Signs = list[tuple[str, ...]]


def learned_from() -> list[str]:
    """The files that are learned from."""
    return sorted(f.name for f in LINES.glob("*.txt") if not f.name.startswith("held_out"))


def example(name: str) -> tuple[Signs, NDArray[np.float64]]:
    """The signs between the words of a file's lines, joined, and 1 where a line ended."""
    lines = [re.sub(r"[.,;:!?–—]", " ", text) for text, _ in cases(name)]
    ends = set(np.cumsum([len(text) + 1 for text in lines]))
    tokens = told_words(tokens_of(" ".join(lines)))
    ended = [any(e in ends for e in range(t.end, after.start + 1)) for t, after in itertools.pairwise(tokens)]
    return list(pauses.signs_between([pauses.kind(t) for t in tokens])), np.array(ended, float)


def matrix(signs: Signs, places: dict[str, int]) -> csr_matrix:
    """One row a place between two words, one column a sign."""
    at = [(row, places[s]) for row, here in enumerate(signs) for s in here if s in places]
    rows, columns = zip(*at, strict=True)
    return csr_matrix((np.ones(len(at)), (rows, columns)), shape=(len(signs), len(places)))


def fitted(signs: Signs, ended: NDArray[np.float64], known: list[str]) -> dict[str, float]:
    """The weight of each known sign."""
    x = matrix(signs, {s: i for i, s in enumerate(known)})

    def loss(w: NDArray[np.float64]) -> tuple[float, NDArray[np.float64]]:
        z = x @ w
        likely = 1 / (1 + np.exp(-z))
        return (
            float(np.sum(np.logaddexp(0, z) - ended * z) + STIFFNESS / 2 * w @ w),
            x.T @ (likely - ended) + STIFFNESS * w,
        )

    found = minimize(loss, np.zeros(len(known)), jac=True, method="L-BFGS-B", options={"maxiter": 200})
    return dict(zip(known, found.x.tolist(), strict=True))


def learn(names: list[str]) -> dict[str, float]:
    """The weights learned from these files."""
    examples = [example(n) for n in names]
    signs = [s for here, _ in examples for s in here]
    ended = np.concatenate([e for _, e in examples])
    seen = Counter(s for here in signs for s in here)
    weights = fitted(signs, ended, [s for s, n in seen.items() if n >= SEEN])
    kept = fitted(signs, ended, [s for s, w in weights.items() if abs(w) > SMALLEST])
    return {sign: round(weight, 1) for sign, weight in kept.items()}


def write(weights: dict[str, float]) -> None:
    """The table as a file of the project."""
    alike: dict[str, list[str]] = {}
    for sign, weight in sorted(weights.items()):
        name, words = sign.split(" ", 1)
        alike.setdefault(f"{name} {weight}", []).append(words)
    rows = [f"{begin} {row}\n" for begin, words in alike.items() for row in wrapped(words)]
    TARGET.write_text(f'{HEAD}{"".join(rows)}"""\n')


def wrapped(words: list[str]) -> list[str]:
    """Words joined in rows that are not too long to read."""
    rows = [""]
    for w in words:
        if rows[-1] and len(rows[-1]) + len(w) > WIDE:
            rows.append("")
        rows[-1] += f";{w}" if rows[-1] else w
    return rows


if __name__ == "__main__":
    table = learn(learned_from())
    write(table)
    print(f"{len(table)} signs learned from {len(learned_from())} files: {TARGET.name}")
