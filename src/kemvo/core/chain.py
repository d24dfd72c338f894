"""Exact sums over a chain of hidden states: how likely each state is at each place, all ways through it counted.

Forward-backward (Rabiner 1989, "A tutorial on hidden Markov models", sections III A and B, from memory), in logarithms.
"""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np
from numpy.typing import NDArray

Table = NDArray[np.float64]


def marginals(here: Table, onward: Table | Sequence[Table], begin: Table | None = None) -> Table:
    """How likely each state is at each place.

    `here`: (places, states) the log-weight of each state by itself; `onward`: (states, states) the log-weight of going from the
    row's state to the column's, one table for all places or one for each step; `begin`: (states,) of beginning in a state.
    Minus infinity: it cannot be. Answers (places, states), rows that sum to 1. A chain without a possible way gives rows of equal shares.
    """
    places, states = here.shape
    if not places:
        return np.zeros((0, states))
    steps = [onward] * (places - 1) if isinstance(onward, np.ndarray) else list(onward)
    forward = np.empty_like(here)
    forward[0] = here[0] + (0.0 if begin is None else begin)
    for i, step in enumerate(steps):
        forward[i + 1] = here[i + 1] + _log_sum(forward[i][:, None] + step, 0)
    backward = np.zeros_like(here)
    for i in range(places - 2, -1, -1):
        backward[i] = _log_sum(steps[i] + (here[i + 1] + backward[i + 1])[None, :], 1)
    both = forward + backward
    total = _log_sum(both, 1)
    possible = np.isfinite(total)
    shares = np.exp(both - np.where(possible, total, 0.0)[:, None])
    shares[~possible] = 1 / states
    return shares


def _log_sum(x: Table, axis: int) -> Table:
    most = np.max(x, axis=axis, keepdims=True)
    safe = np.where(np.isfinite(most), most, 0.0)
    with np.errstate(divide="ignore"):
        summed: Table = np.log(np.sum(np.exp(x - safe), axis=axis)) + np.squeeze(safe, axis=axis)
    return summed
