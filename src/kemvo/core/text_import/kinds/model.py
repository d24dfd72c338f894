"""The learned model of line kinds: a linear-chain conditional random field (Lafferty, McCallum and Pereira 2001), its weights in a file.

`make learn` writes the weights (`bench/kinds.py`); here they are only summed. A line whose kind is known (the file says it, or
the instructor) is held to it, and the lines beside it are decided with that.
"""

from __future__ import annotations

import json
from collections.abc import Mapping, Sequence
from functools import lru_cache
from importlib.resources import files
from typing import NamedTuple, cast

import numpy as np

from kemvo.core.chain import Table, sums
from kemvo.core.text_import.kinds.labels import KINDS, LineKind

WEIGHTS = "weights.json"


class Weights(NamedTuple):
    """`signs`: of every sign, how much it speaks for each kind, in the order of KINDS; `onward`: of every kind, how likely each
    comes after it, as log-weights."""

    signs: Mapping[str, Table]
    onward: Table


@lru_cache(maxsize=1)
def learned() -> Weights:
    """The weights that ship with Kemvo."""
    return weights_of(json.loads((files(__package__) / WEIGHTS).read_text("utf-8")))


def weights_of(plain: Mapping[str, object]) -> Weights:
    """Weights from plain data: {"signs": {sign: {kind: weight}}, "onward": {kind: {kind: weight}}}; what is not there is 0."""
    place = {k: i for i, k in enumerate(KINDS)}

    def row(values: Mapping[str, float]) -> Table:
        out = np.zeros(len(KINDS))
        for kind, value in values.items():
            out[place[cast(LineKind, kind)]] = value
        return out

    signs = cast(Mapping[str, Mapping[str, float]], plain["signs"])
    onward = cast(Mapping[str, Mapping[str, float]], plain["onward"])
    return Weights({s: row(v) for s, v in signs.items()}, np.array([row(onward.get(k, {})) for k in KINDS]))


class Decided(NamedTuple):
    """The likeliest kind of a line, how sure it is (0 to 1), and the next likeliest; `sure_of`: of every kind, in the order of KINDS."""

    kind: LineKind
    sure: float
    other: LineKind
    sure_of: tuple[float, ...] = ()


def decide(
    signs: Sequence[Sequence[str]],
    held: Mapping[int, LineKind],
    weights: Weights | None = None,
    only: Sequence[str] = KINDS,
) -> list[Decided]:
    """The kind of every line. `held`: of those that are known, by place; `only`: the kinds that can be."""
    model = learned() if weights is None else weights
    here = np.zeros((len(signs), len(KINDS)))
    here[:, [k for k, kind in enumerate(KINDS) if kind not in only]] = -np.inf
    for i, mine in enumerate(signs):
        for sign in mine:
            weight = model.signs.get(sign)
            if weight is not None:
                here[i] += weight
        if i in held:
            here[i, [k for k, kind in enumerate(KINDS) if kind != held[i]]] = -np.inf
    if not signs:
        return []
    weights_here = np.exp(here - here.max(axis=1, keepdims=True))
    onward = np.exp(model.onward - model.onward.max())
    out = []
    for row in sums(weights_here, [onward] * len(signs)):
        best, second = np.argsort(row)[::-1][:2]
        out.append(Decided(KINDS[best], float(row[best]), KINDS[second], tuple(map(float, row))))
    return out
