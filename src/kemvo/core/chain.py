"""Exact sums over a chain of hidden states: how likely each state is at each place, all ways through it counted.

Forward and backward messages with scaling (Rabiner 1989, "A tutorial on hidden Markov models", sections III A, III B and V A, from
memory).
"""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np
from numpy.typing import NDArray

Table = NDArray[np.float64]


def sums(here: Table, onward: Sequence[Table], begin: Table | None = None) -> Table:
    """How likely each state is at each place: (places, states), rows that sum to 1.

    `here`: (places, states) the weight of each state by itself, not negative; `onward`: for each place the (states, states) weights of coming
    to it, from the row's state to the column's; the first is used only with `begin`, (states,) the weights before the first place. A place
    that no way leads to is taken as if nothing were known before it.
    """
    coming, going = messages(here, onward, begin)
    out = here * going
    for i, before in enumerate(coming):
        out[i] *= before @ onward[i] if i or begin is not None else before
    total = out.sum(axis=1, keepdims=True)
    return np.where(total > 0, out / np.where(total > 0, total, 1), 1 / here.shape[1])


def messages(here: Table, onward: Sequence[Table], begin: Table | None = None) -> tuple[Table, Table]:
    """What is known of each place from one side: before the step that leads to it, from all that comes before; and after it, from all that
    comes later. Both (places, states); arguments as in `sums`."""
    places, states = here.shape
    even = np.full(states, 1 / states)
    coming, going = np.empty_like(here), np.empty_like(here)
    now = even if begin is None else begin
    for i in range(places):
        coming[i] = now
        now = (now.dot(onward[i]) if i or begin is not None else now) * here[i]
        total = now.sum()
        now = now / total if total > 0 else even
    after = even
    for i in range(places - 1, -1, -1):
        going[i] = after
        after = onward[i].dot(after * here[i])
        total = after.sum()
        after = after / total if total > 0 else even
    return coming, going
