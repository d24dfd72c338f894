"""Logistic regressions on signs (words of a line), as the reader's learned tables need them. Needs scipy."""

from __future__ import annotations

from collections import Counter
from collections.abc import Collection, Iterable, Sequence

import numpy as np
from numpy.typing import NDArray
from scipy.optimize import minimize
from scipy.sparse import csr_matrix

from bench.reading import LINES

WIDE = 105
"""Letters in a row of a table."""

Signs = Sequence[Collection[str]]


def learned_from(*without: str) -> list[str]:
    """The files that are learned from."""
    return sorted(f.name for f in LINES.glob("*.txt") if not f.name.startswith(("held_out", *without)))


def matrix(signs: Signs, places: dict[str, int]) -> csr_matrix:
    """One row a case, one column a sign."""
    at = [(row, places[s]) for row, here in enumerate(signs) for s in here if s in places]
    rows, columns = zip(*at, strict=True)
    return csr_matrix((np.ones(len(at)), (rows, columns)), shape=(len(signs), len(places)))


def often(signs: Signs, times: int) -> list[str]:
    """The signs that are seen so often."""
    seen = Counter(s for here in signs for s in here)
    return [s for s, n in seen.items() if n >= times]


def fitted(signs: Signs, true: NDArray[np.float64], known: Sequence[str], stiffness: float) -> dict[str, float]:
    """The weight of each known sign. `true`: 1 or 0 for each case; `stiffness`: how strongly weights are drawn towards
    nothing (an L2 penalty)."""
    return fitted_to(matrix(signs, {s: i for i, s in enumerate(known)}), true, known, stiffness)


def fitted_to(
    x: csr_matrix,
    true: NDArray[np.float64],
    known: Sequence[str],
    stiffness: float,
) -> dict[str, float]:
    """The weights, from the cases as a matrix whose columns are the known signs."""

    def loss(w: NDArray[np.float64]) -> tuple[float, NDArray[np.float64]]:
        z = x @ w
        likely = 1 / (1 + np.exp(-z))
        return (
            float(np.sum(np.logaddexp(0, z) - true * z) + stiffness / 2 * w @ w),
            x.T @ (likely - true) + stiffness * w,
        )

    found = minimize(loss, np.zeros(len(known)), jac=True, method="L-BFGS-B", options={"maxiter": 200})
    return dict(zip(known, found.x.tolist(), strict=True))


def rows(weights: Iterable[tuple[str, str]]) -> str:
    """Rows of a table: what begins each (with its weight), and the words or signs that share it."""
    alike: dict[str, list[str]] = {}
    for begin, words in weights:
        alike.setdefault(begin, []).append(words)
    return "".join(f"{begin} {row}\n" for begin, words in alike.items() for row in wrapped(words))


def wrapped(words: list[str]) -> list[str]:
    """Words joined in rows that are not too long to read."""
    rows = [""]
    for w in words:
        if rows[-1] and len(rows[-1]) + len(w) > WIDE:
            rows.append("")
        rows[-1] += f";{w}" if rows[-1] else w
    return rows
