"""Words with times laid on what is called: an exact alignment, whatever is dropped, repeated or misheard."""

from functools import cache
from itertools import pairwise

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.recording.calls import LEAD_MS, TimedText, aligned, calls_of, marks_from
from takes import DONE, TIMELINE


@given(
    st.lists(st.lists(st.integers(-3, 6), min_size=1, max_size=6), min_size=1, max_size=6).filter(
        lambda r: len({len(x) for x in r}) == 1
    )
)
def test_the_alignment_is_the_best_there_is(rows: list[list[int]]) -> None:
    """Against trying every way of laying the texts on the calls in order."""
    n, m = len(rows), len(rows[0])

    @cache
    def best(i: int, j: int) -> int:
        if i == n or j == m:
            return 0
        return max(best(i + 1, j), best(i, j + 1), rows[i][j] + best(i + 1, j + 1))

    pairs = aligned(np.array(rows, float))
    assert sum(rows[i][j] for i, j in pairs) == best(0, 0)
    assert all(a[0] < b[0] and a[1] < b[1] for a, b in pairwise(pairs))


def told(before_ms: int = LEAD_MS, length: int = 1200) -> list[TimedText]:
    """Each name, ending just before its posture begins; longer names take longer."""
    out = []
    for s in TIMELINE.spans:
        if s.kind == "movement" and s.movement_no == 0 and s.performance:
            name = s.performance.posture.title()
            ms = length + 40 * len(name)
            out.append(TimedText(s.start_ms - before_ms - ms, s.start_ms - before_ms, name))
    return out


def true_starts() -> dict[str, int]:
    return {k.key: s.start_ms for k, s in zip(DONE, TIMELINE.spans, strict=True)}


@given(
    dropped=st.sets(st.integers(0, 5), max_size=3),
    doubled=st.sets(st.integers(0, 5), max_size=2),
    strange=st.booleans(),
)
def test_dropped_doubled_and_strange_calls_are_borne(dropped: set[int], doubled: set[int], strange: bool) -> None:
    texts = [t for n, t in enumerate(told()) if n not in dropped]
    texts += [
        TimedText(t.end_ms + 100, t.end_ms + 1500, t.text) for n, t in enumerate(told()) if n in doubled - dropped
    ]
    if strange:
        texts.append(TimedText(9000, 9900, "Somebody opens the door, never mind"))
    heard = marks_from(texts, DONE)
    assert heard.texts == len(texts)
    true = true_starts()
    firsts = [k.key for k in DONE if k.place.kind == "movement" and k.place.movement_no == 0]
    marked = {m.place: m.at_ms for m in heard.marks}
    for n in set(range(6)) - dropped:
        assert abs(marked[firsts[n]] - true[firsts[n]]) <= (1600 if n in doubled else 0)
    assert len(marked) <= 6 - len(dropped) + strange + len(doubled), (
        "what is told twice, or is no call, is at most taken for one"
    )


def test_a_misheard_name_still_finds_its_posture() -> None:
    texts = [t._replace(text=w) for t, w in zip(told(), ("stamp among widows", "Aaron waits, left", "part the reads", "cross the fort left", "carry the lantern", "gather in its left"), strict=True)]  # fmt: skip
    heard = marks_from(texts, DONE)
    true = true_starts()
    assert heard.found >= 5
    assert all(m.at_ms == true[m.place] for m in heard.marks)


@pytest.mark.parametrize("anchor", [0.0, 1.0])
def test_whether_calls_begin_or_end_with_their_movement_is_learned(anchor: float) -> None:
    """Calls of unequal lengths that begin with their movement keep time by their beginnings."""
    texts = (
        told()
        if anchor
        else [
            TimedText(t.end_ms + LEAD_MS, t.end_ms + LEAD_MS + 700 * (n % 3) + 500, t.text)
            for n, t in enumerate(told())
        ]
    )
    assert marks_from(texts, DONE).anchor == anchor


def test_captions_that_stand_until_the_next_begin_with_their_movement() -> None:
    starts = [t.end_ms + LEAD_MS for t in told()]
    texts = [TimedText(a, b, t.text) for a, b, t in zip(starts, [*starts[1:], starts[-1] + 4000], told(), strict=True)]
    heard = marks_from(texts, DONE)
    assert heard.anchor == 0.0


def test_the_other_side_is_not_taken_for_this_one() -> None:
    texts = [TimedText(20_000, 21_000, "Sit into the left leg"), TimedText(40_000, 41_000, "Sit into the right leg")]
    heard = marks_from(texts, DONE)
    lines = {k.key: k.place.movement.line for k in DONE if k.place.movement}
    assert [lines[m.place] for m in heard.marks] == ["Sit into the left leg", "Sit into the right leg"]


def test_calls_for_a_viewer_of_the_other_side_are_turned() -> None:
    said = {t for c in calls_of(DONE, mirrored=True) for t in c.texts}
    assert "sit into the left leg" in said
    assert any("heron wades right" in t for t in said)


def test_nothing_heard_marks_nothing() -> None:
    assert marks_from([], DONE).marks == []
    assert marks_from([TimedText(0, 100, "Good morning")], []).marks == []
