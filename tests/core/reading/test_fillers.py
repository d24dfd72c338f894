"""What is left out before reading, and what is never."""

from __future__ import annotations

import pytest
from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.language import lexicon as lx
from kemvo.core.reading.normalize.fillers import GERUNDS, PHRASES, WORDS, drop_fillers
from kemvo.core.reading.tokens import tokens_of

PLAIN = sorted(lx.FOOT | lx.STEP | lx.SHIFT | {"left", "right", "the", "and", "then", "weight", "out", "in", "forward"})
texts = st.lists(
    st.one_of(
        st.sampled_from(PLAIN),
        st.sampled_from(sorted(WORDS)),
        st.sampled_from([" ".join(p) for p in PHRASES]),
        st.sampled_from([",", ".", "one", "good", "foot's", "stepping", "this"]),
    ),
    max_size=14,
).map(" ".join)


def words(text: str) -> list[str]:
    return [t.w for t in drop_fillers(tokens_of(text))]


@given(texts)
def test_what_is_left_stands_where_it_stood_and_in_its_order(text: str) -> None:
    before, after = tokens_of(text), drop_fillers(tokens_of(text))
    ends = {t.end for t in before}
    assert [t.start for t in after] == sorted(t.start for t in after)
    assert all(t.end in ends or t.end + 2 in ends for t in after)
    assert len(after) <= len(before) + text.count("'s")


@given(texts)
def test_no_side_foot_or_weight_is_ever_left_out(text: str) -> None:
    """ "The left one" becomes the left foot, and a held ball no foot; nothing else of it changes."""
    text = text.replace("one", "")
    kept = lx.FOOT - {"ball", "balls"} | {"weight"}
    before, after = tokens_of(text), drop_fillers(tokens_of(text))
    assert [t.w.removesuffix("'s") for t in before if t.w.removesuffix("'s") in kept] == [
        t.w for t in after if t.w in kept
    ]
    assert [t.side for t in before if t.side] == [t.side for t in after if t.side]


def test_a_phrase_that_holds_a_side_stays() -> None:
    """Found by the law above, by chance."""
    assert [t.side for t in drop_fillers(tokens_of("is that all right foot's")) if t.side] == ["R"]
    assert drop_fillers(tokens_of("is that all right")) == []


@given(texts)
def test_a_stop_is_passed_on_to_what_stays(text: str) -> None:
    """As many sentences as before, or fewer where nothing of one is left."""
    after = drop_fillers(tokens_of(text))
    assert sum(t.hard for t in after) <= max(1, sum(t.hard for t in tokens_of(text)))
    if after:
        assert after[-1].hard


@pytest.mark.parametrize(
    ("text", "left"),
    [
        ("um just sort of sink", "sink"),
        ("what i do is step out", "step out"),
        ("we like to turn", "we turn"),
        ("we're going to the right leg", "we're go to the right leg"),
        ("we're going to step", "we're step"),
        ("stepping out", "step out"),
        ("the stepping foot", "the stepping foot"),
        ("this left foot", "the left foot"),
        ("your foot's empty", "your foot is empty"),
        ("the left one comes in", "the left foot comes in"),
        ("one breath", "one breath"),
        ("hold the ball", "hold the ball-of-air"),
        ("on the ball of the foot", "on the ball of the foot"),
        ("a nice wide stance", "a nice wide stance"),
        ("right hand corner", "right corner"),
    ],
)
def test_examples(text: str, left: str) -> None:
    assert " ".join(words(text)) == left


def test_praise_parts_two_instructions() -> None:
    sink, lift = drop_fillers(tokens_of("sink lovely lift"))
    assert (sink.w, sink.comma, lift.w) == ("sink", True, "lift")


@pytest.mark.parametrize(
    ("verb", "gerund"),
    [("step", "stepping"), ("move", "moving"), ("shift", "shifting"), ("sit", "sitting"), ("swivel", "swiveling")],
)
def test_gerunds_are_formed_as_in_english(verb: str, gerund: str) -> None:
    assert GERUNDS[gerund] == verb
