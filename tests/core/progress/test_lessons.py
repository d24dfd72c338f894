"""Lessons entered by hand: a stretch of postures at once."""

import pytest
from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.errors import KemvoError
from kemvo.core.progress.lessons import Done, with_stretch
from kemvo.core.progress.model import MOST_PARTS, Lesson, LessonPart

ORDER = [Done("f", f"p{n}", f"Posture {n}") for n in range(1, 109)]
PLACES = st.integers(0, len(ORDER) - 1)


@given(first=PLACES, last=PLACES, ms=st.integers(1_000, 4 * 3_600_000))
def test_no_millisecond_of_a_stretch_is_lost_and_all_get_alike(first: int, last: int, ms: int) -> None:
    before = LessonPart(posture="Arrive", ms=60_000)
    lesson = with_stretch(Lesson(class_id="c", day="2026-11-26", parts=(before,)), ORDER, first, last, ms)
    assert lesson.parts[0] == before
    added = lesson.parts[1:]
    assert sum(p.ms for p in added) == ms
    assert max(p.ms for p in added) - min(p.ms for p in added) <= 1
    low, high = min(first, last), max(first, last)
    assert [p.posture_id for p in added] == [d.posture_id for d in ORDER[low : high + 1]]


@pytest.mark.parametrize("places", [(0, 108), (108, 0), (200, 300)])
def test_a_place_that_is_gone_is_told(places: tuple[int, int]) -> None:
    with pytest.raises(KemvoError, match="not in the form any more"):
        with_stretch(Lesson(class_id="c", day="2026-11-26"), ORDER, *places, 60_000)


def test_a_lesson_that_is_full_says_so() -> None:
    full = Lesson(class_id="c", day="2026-11-26", parts=(LessonPart(ms=1),) * (MOST_PARTS - 1))
    assert len(with_stretch(full, ORDER, 3, 3, 60_000).parts) == MOST_PARTS
    with pytest.raises(KemvoError, match="at most 3000 parts"):
        with_stretch(full, ORDER, 3, 4, 60_000)
