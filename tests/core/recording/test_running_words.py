"""Words that run on over blocks, laid on what is called."""

from itertools import pairwise

from kemvo.core.recording.running_words import stretches, timed_words

CALLS = ["part the reeds left", "sit into the right leg", "the hands rise", "cross the ford right"]


def test_words_share_the_time_of_their_block_by_their_letters() -> None:
    words = timed_words([(1000, 3000, "one three")])
    assert [(w.start_ms, w.end_ms, w.word) for w in words] == [(1000, 1800, "one"), (1800, 3000, "three")]


def test_calls_are_found_wherever_blocks_begin_and_end() -> None:
    blocks = [
        (0, 4000, "now part the reads"),
        (4000, 9000, "left sit into the right"),
        (9000, 15_000, "leg and cross the ford right please"),
    ]
    found = stretches(timed_words(blocks), CALLS)
    assert [s.call for s in found] == [0, 1, 3]
    assert all(a.end_ms <= b.start_ms for a, b in pairwise(found))
    assert 800 < found[0].start_ms < 1200
    assert found[1].share == 1.0


def test_what_is_no_call_is_none() -> None:
    assert stretches(timed_words([(0, 5000, "good morning everybody how are you")]), CALLS) == []
    assert stretches([], CALLS) == []
    assert stretches(timed_words([(0, 1000, "part")]), []) == []
