"""A form over weeks: every posture once, in order, within its minutes; what was taught stays."""

from datetime import date, timedelta

from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.progress.account import Dated, account
from kemvo.core.progress.course import (
    Load,
    as_far_as,
    course_plan,
    divided,
    fixed_minutes,
    lesson_days,
    lessons_more,
    minutes_more,
    teaching_minutes,
)
from kemvo.core.progress.model import ClassGroup, Course, CoursePin, Holiday, Lesson, LessonPart
from kemvo.core.progress.occasions import CalendarEvent, course_events, next_day, with_changes
from kemvo.core.tables.block_kinds import PATTERNS
from teaching import DAY, form_of

GROUP = ClassGroup(title="Thursdays", days=(3,), time="10:30", form_id="f", level="beginners")
minutes = st.integers(1, 30).map(float)
loads = st.builds(
    lambda room, pairs, once, pins: Load(
        room, [t for t, _ in pairs], [j for _, j in pairs], [sum(once[:k]) for k in range(len(pairs) + 1)],
        {i: k for i, k in pins.items() if i < len(pairs) and k < len(room)},
    ),
    st.lists(st.integers(10, 60).map(float), min_size=1, max_size=7),
    st.lists(st.tuples(minutes, st.integers(0, 4).map(float)), max_size=7),
    st.lists(st.floats(0, 3), min_size=7, max_size=7),
    st.dictionaries(st.integers(0, 6), st.integers(0, 6), max_size=2),
)  # fmt: skip


@given(loads)
def test_every_posture_is_taught_once_in_order_and_within_the_minutes(load: Load) -> None:
    ends = divided(load)
    if ends is None:
        return
    assert len(ends) == len(load.room)
    assert ends[-1] == len(load.teach)
    assert ends == sorted(ends)
    begin = 0
    for k, end in enumerate(ends):
        if end > begin:
            took = sum(load.teach[begin:end]) + sum(load.join[begin:end]) + load.recap_in(k, begin)
            assert took <= load.room[k] + 1e-6
        assert all(begin <= i < end for i, at in load.pinned.items() if at == k)
        begin = end


@given(loads)
def test_what_would_do_does_and_nothing_less(load: Load) -> None:
    if divided(load) is not None:
        return
    more, longer = lessons_more(load), minutes_more(load)
    assert longer is not None or load.pinned, "days that are settled may stand in the way of any length"
    if longer is not None:
        assert divided(load._replace(room=[r + longer for r in load.room])) is not None
        assert divided(load._replace(room=[r + longer - 1 for r in load.room])) is None
    if more is not None:
        assert divided(load._replace(room=[*load.room, *[load.room[-1]] * more])) is not None
        assert divided(load._replace(room=[*load.room, *[load.room[-1]] * (more - 1)])) is None
    assert as_far_as(load)[-1] <= len(load.teach)


def test_an_even_pace_where_there_is_time() -> None:
    assert divided(Load([50.0] * 6, [9.0] * 3, [0.0] * 3, [0.0] * 4, {})) in ([0, 1, 1, 2, 2, 3], [1, 1, 2, 2, 3, 3])


@given(
    st.sets(st.integers(0, 6), min_size=1),
    st.integers(1, 30),
    st.lists(st.tuples(st.integers(0, 60), st.integers(0, 9)), max_size=3),
)
def test_days_are_weekdays_of_the_class_and_no_holidays(days: set[int], many: int, off: list[tuple[int, int]]) -> None:
    holidays = tuple(Holiday(first=DAY + timedelta(days=a), last=DAY + timedelta(days=a + n)) for a, n in off)
    course = Course(starts=DAY, lessons=many, holidays=holidays)
    found = lesson_days(course, GROUP.model_copy(update={"days": tuple(sorted(days))}))
    held = [d for d, h in found if h is None]
    assert len(held) == many
    assert all(d.weekday() in days for d, _ in found)
    assert [d for d, _ in found] == sorted({d for d, _ in found})
    assert not any(h.first <= d <= h.last for d in held for h in holidays)
    assert all(any(h.first <= d <= h.last for h in holidays) for d, named in found if named)


def planned(course: Course, lessons: list[Dated], today: date, n: int = 6):
    form = form_of(n)
    made = account("f", form, GROUP, lessons)
    teach = teaching_minutes(form, GROUP.level, (), "f")
    return course_plan(course, GROUP, form, made, lessons, teach, fixed_minutes(PATTERNS["two-angles"]), today)


def test_a_missed_lesson_moves_the_rest_and_keeps_what_was_taught() -> None:
    course = Course(starts=DAY, lessons=6)
    before = planned(course, [], DAY)
    assert before.feasible
    assert [len(r.new) for r in before.rows] == [1] * 6
    taught = Dated("a", Lesson(day=DAY, parts=(LessonPart(form_id="f", posture_id="p0", ms=60_000),)))
    # The second lesson was not held; it is the day of the third.
    after = planned(course, [taught], DAY + timedelta(days=14))
    assert [r.state for r in after.rows] == ["held", "missed", "planned", "planned", "planned", "planned"]
    assert [p.posture_id for p in after.rows[0].new] == ["p0"]
    assert not after.rows[1].new
    rest = [p.posture_id for r in after.rows[2:] for p in r.new]
    assert rest == ["p1", "p2", "p3", "p4", "p5"]
    assert after.feasible
    assert [r.no for r in after.rows] == [1, None, 2, 3, 4, 5]


def test_too_little_time_is_told_with_what_would_do() -> None:
    made = planned(Course(starts=DAY, lessons=2, minutes=35), [], DAY)
    assert not made.feasible
    assert made.over
    assert "does not fit" in made.says
    assert "more or lessons" in made.says
    assert "minutes longer" in made.says
    placed = [p.posture_id for r in made.rows for p in r.new]
    assert [*placed, *(p.posture_id for p in made.over)] == [f"p{i}" for i in range(6)]


def test_a_posture_settled_for_a_day_is_on_it() -> None:
    day = DAY + timedelta(days=28)
    made = planned(Course(starts=DAY, lessons=6, pins=(CoursePin(posture_id="p2", day=day),)), [], DAY)
    assert [r.day for r in made.rows for p in r.new if p.posture_id == "p2"] == [day]
    astray = planned(
        Course(starts=DAY, lessons=6, pins=(CoursePin(posture_id="p2", day=day + timedelta(days=1)),)), [], DAY
    )
    assert "a day on which there is no lesson" in astray.says


def test_teaching_time_comes_from_earlier_lessons() -> None:
    first = Lesson(
        day=DAY,
        parts=(
            LessonPart(form_id="f", posture_id="p1", ms=600_000, kind="together"),
            LessonPart(form_id="f", posture_id="p1", ms=300_000, kind="whole"),
        ),
    )
    again = Lesson(day=DAY + timedelta(days=7), parts=(LessonPart(form_id="f", posture_id="p1", ms=900_000),))
    made = teaching_minutes(form_of(3), "beginners", [("c", [Dated("b", again), Dated("a", first)])], "f")
    assert made["p1"] == (10.0, True)
    assert made["p0"] == (9.0, False)


def test_the_next_day_is_today_until_its_lesson_is_over() -> None:
    from datetime import datetime

    at = datetime(2026, 3, 5, 11, 0)
    holiday = Course(starts=DAY, holidays=(Holiday(first=DAY + timedelta(days=7), last=DAY + timedelta(days=8)),))
    assert next_day(GROUP, [], set(), at) == DAY
    assert next_day(GROUP, [], {DAY}, at) == DAY + timedelta(days=7)
    assert next_day(GROUP, [], set(), at.replace(hour=12)) == DAY + timedelta(days=7)
    assert next_day(GROUP, [holiday], {DAY}, at) == DAY + timedelta(days=14)
    assert next_day(GROUP.model_copy(update={"days": ()}), [], set(), at) is None


def test_a_calendar_is_updated_and_what_falls_away_is_cancelled_once() -> None:
    course = Course(starts=DAY, lessons=3)
    first = with_changes(course_events("k", course, GROUP, planned(course, [], DAY)), (), "2026-03-01T00:00:00+00:00")
    assert [e.sequence for e in first] == [0, 0, 0]
    assert len({e.uid for e in first}) == 3
    same = with_changes(course_events("k", course, GROUP, planned(course, [], DAY)), first, "2026-03-02T00:00:00+00:00")
    assert same == first
    shut = course.model_copy(update={"holidays": (Holiday(first=DAY, last=DAY),)})
    moved = with_changes(course_events("k", shut, GROUP, planned(shut, [], DAY)), first, "2026-03-03T00:00:00+00:00")
    by: dict[str, CalendarEvent] = {e.uid: e for e in moved}
    assert len(by) == len(moved) == 4
    assert [e.uid for e in moved if e.cancelled] == [first[0].uid]
    assert by[first[0].uid].sequence == 1
    assert by[first[1].uid].sequence == 1
    back = with_changes(course_events("k", course, GROUP, planned(course, [], DAY)), moved, "2026-03-04T00:00:00+00:00")
    assert not {e.uid: e for e in back}[first[0].uid].cancelled
    assert {e.uid: e for e in back}[first[0].uid].sequence == 2
