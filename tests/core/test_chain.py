"""Exact sums over a chain against all ways through it, one by one."""

from itertools import product

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.chain import sums

weights = st.floats(0, 4, allow_nan=False).map(lambda x: 0.0 if x < 0.2 else x)


@st.composite
def chains(draw: st.DrawFn) -> tuple[np.ndarray, list[np.ndarray], np.ndarray | None]:
    places, states = draw(st.integers(1, 4)), draw(st.integers(1, 3))

    def table(rows: int) -> np.ndarray:
        return np.array([[draw(weights) for _ in range(states)] for _ in range(rows)])

    begin = table(1)[0] if draw(st.booleans()) else None
    return table(places), [table(states) for _ in range(places)], begin


@given(chains())
def test_every_way_through_is_counted(chain: tuple[np.ndarray, list[np.ndarray], np.ndarray | None]) -> None:
    here, onward, begin = chain
    places, states = here.shape
    counted = np.zeros_like(here)
    for way in product(range(states), repeat=places):
        worth = 1.0 if begin is None else float(sum(begin[s] * onward[0][s, way[0]] for s in range(states)))
        for i, state in enumerate(way):
            worth *= here[i, state] * (onward[i][way[i - 1], state] if i else 1.0)
        for i, state in enumerate(way):
            counted[i, state] += worth
    total = counted.sum(axis=1, keepdims=True)
    found = sums(here, onward, begin)
    assert found.sum(axis=1) == pytest.approx(1)
    if total.min() > 1e-6:
        assert found == pytest.approx(counted / total, abs=1e-9)


def test_a_chain_without_a_possible_way_has_an_answer_all_the_same() -> None:
    found = sums(np.array([[1.0, 0.0], [1.0, 0.0]]), [np.eye(2), np.array([[0.0, 1.0], [0.0, 1.0]])])
    assert found.sum(axis=1) == pytest.approx(1)


def test_a_thousand_places_do_not_run_out_of_numbers() -> None:
    found = sums(np.full((1000, 2), 1e-9), [np.array([[1e-9, 1e-12], [1e-12, 1e-9]])] * 1000, np.array([1.0, 0.0]))
    assert found[0, 0] > 0.99
