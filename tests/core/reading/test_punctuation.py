"""Where a speaker pauses in text without punctuation."""

from __future__ import annotations

import pytest
from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.reading.normalize.punctuation import LONG, kind, log_odds, pause_weights, signs_between, with_pauses
from kemvo.core.reading.reader import read_line
from kemvo.core.reading.tokens import tokens_of

WORDS = "left right foot hand weight step shift turn lift out forward the your and then now okay seventy percent onto toes".split()
texts = st.lists(st.sampled_from([*WORDS, "step,", "foot."]), max_size=30).map(" ".join)


@given(texts)
def test_only_commas_are_added(text: str) -> None:
    before = tokens_of(text)
    after = with_pauses(before, text)
    assert [t._replace(comma=False) for t in after] == [t._replace(comma=False) for t in before]
    assert all(a.comma or not b.comma for a, b in zip(after, before, strict=True))


@given(texts)
def test_a_short_stretch_is_left_as_it_is(text: str) -> None:
    before = tokens_of(text)
    after = with_pauses(before, text)
    stretch = 0
    for i, t in enumerate(before):
        stretch += 1
        if t.hard or t.comma:
            if stretch < LONG:
                assert list(after[i + 1 - stretch : i + 1]) == before[i + 1 - stretch : i + 1]
            stretch = 0


@given(texts)
def test_the_odds_are_the_sum_of_the_signs(text: str) -> None:
    kinds = [kind(t) for t in tokens_of(text)]
    table = pause_weights()

    def weight(sign: str) -> float:
        name, words = sign.split(" ", 1)
        return table[name].get(words, 0.0)

    told = [sum(weight(s) for s in signs) for signs in signs_between(kinds)]
    assert log_odds(kinds, table) == pytest.approx(told)


SAID = (
    ("step out with the left foot", ("step", "L")),
    ("shift your weight onto the right leg", ("shift", "R")),
    ("turn your left toes in", ("pivot", "L")),
    ("bring the right foot in beside the left", ("step", "R")),
    ("lift your left knee", ("lift", "L")),
    ("sit back on the right leg", ("shift", "R")),
    ("okay the weight comes back to the middle", ("shift", "both")),
    ("pick up the right foot", ("lift", "R")),
)
"""Instructions, each with its one fact."""


@pytest.mark.parametrize("first", SAID, ids=[text for text, _ in SAID])
@pytest.mark.parametrize("between", ["", "okay", "and then", "now"])
def test_instructions_without_a_sign_between_them_are_read_one_by_one(
    first: tuple[str, tuple[str, str]], between: str
) -> None:
    """Of the pairs of these, one in sixteen may still go wrong."""
    wrong = []
    for then in SAID:
        text = " ".join(f"{first[0]} {between} {then[0]}".split())
        found = [(f.kind, str(f.side)) for f in read_line(text)]
        if first != then and found != [first[1], then[1]]:
            wrong.append((text, found))
    assert len(wrong) <= 1, wrong
