"""What next: the recap keeps its reasons, and the next lesson is laid out from it."""

from datetime import date, timedelta

from hypothesis import given
from hypothesis import strategies as st

from kemvo.core.progress.account import Dated, Point, PostureAccount, account
from kemvo.core.progress.model import CareNeeded, ClassGroup, Lesson, LessonPart, OpenPoint
from kemvo.core.progress.next_lesson import MOST_STRETCHES, next_lesson, stretches
from kemvo.core.progress.what_next import need_of, what_next
from kemvo.core.tables.block_kinds import PATTERNS
from kemvo.core.tables.recall import RECALLS, recall_days
from kemvo.core.timing.timeline import plan
from teaching import DAY, form_of

A_POINT = Point(
    lesson_id="x", point_id="y", day=DAY, text="t", posture_id="p", posture="P", movement_id="", settled=None
)


def row(days_ago: int, lessons: int, times: int, points: int) -> PostureAccount:
    return PostureAccount(
        posture_id="p", number="1", title="P", section="", known=False, shown=DAY, last=DAY - timedelta(days=days_ago), lessons=lessons,
        times=times, ms=0, left_ms=0, right_ms=0, watched_ms=0, tempo=30, voice=None, open=(A_POINT,) * points,
    )  # fmt: skip


rows = st.tuples(st.integers(1, 400), st.integers(1, 30), st.integers(0, 200), st.integers(0, 4))


@given(rows, st.sampled_from(["doubling", "graduated"]), st.booleans(), st.integers(1, 50))
def test_all_else_equal_older_less_practised_and_open_points_go_first(
    made: tuple, recall: str, joins: bool, more: int
) -> None:
    group = ClassGroup(recall=recall)
    days, lessons, times, points = made
    here = need_of(row(*made), group, DAY, joins)
    assert need_of(row(days + more, lessons, times, points), group, DAY, joins) > here
    assert need_of(row(days, lessons + more, times, points), group, DAY, joins) < here
    assert need_of(row(days, lessons, times + more, points), group, DAY, joins) < here
    assert need_of(row(days, lessons, times, points + more), group, DAY, joins) > here
    assert need_of(row(*made), group, DAY, True) > need_of(row(*made), group, DAY, False)


@given(st.sampled_from(sorted(RECALLS)), st.integers(1, 40))
def test_intervals_expand(recall: str, lessons: int) -> None:
    assert recall_days(RECALLS[recall], lessons + 1) >= recall_days(RECALLS[recall], lessons)


def held(n: int, *postures: str, points: tuple[OpenPoint, ...] = ()) -> Dated:
    parts = tuple(LessonPart(form_id="f", posture_id=p, ms=60_000) for p in postures)
    return Dated(f"l{n}", Lesson(day=DAY + timedelta(days=7 * n), parts=parts, points=points))


def test_reasons_are_told_and_the_posture_that_the_new_one_joins_on_to_comes_back() -> None:
    point = OpenPoint(id="a", text="The knee falls inward", form_id="f", posture_id="p0")
    group = ClassGroup(form_id="f", level="improvers")
    made = account("f", form_of(5), group, [held(0, "p0", points=(point,)), held(1, "p0", "p1"), held(2, "p1", "p2")])
    found = what_next(made, group, DAY + timedelta(days=21))
    assert found.new
    assert found.new.posture_id == "p3"
    assert found.new.ready
    assert found.proposed == ("p3",)
    by = {r.posture_id: r for r in found.recap}
    assert "Posture 3, left joins on to it" in by["p2"].why
    assert by["p0"].why[0] == "open: The knee falls inward"
    assert by["p0"].due
    assert "last done 2 weeks ago" in by["p0"].why
    assert all(r.why for r in found.recap)
    assert [r.need for r in found.recap] == sorted((r.need for r in found.recap), reverse=True)


def test_beginners_have_a_posture_in_two_lessons_before_the_next() -> None:
    group = ClassGroup(form_id="f")
    once = account("f", form_of(3), group, [held(0, "p0")])
    first = what_next(once, group, DAY + timedelta(days=7))
    assert first.new
    assert not first.new.ready
    assert "done in 1 lesson only" in first.new.why[0]
    assert first.proposed == ()
    twice = account("f", form_of(3), group, [held(0, "p0"), held(1, "p0")])
    assert what_next(twice, group, DAY + timedelta(days=14)).proposed == ("p1",)
    # A course decides, whatever speaks against it; it may also have nothing new.
    assert what_next(once, group, DAY + timedelta(days=7), ["p1", "p2"]).proposed == ("p1", "p2")
    assert what_next(twice, group, DAY + timedelta(days=14), []).proposed == ()


def test_a_class_that_has_all_of_the_form_has_nothing_new() -> None:
    group = ClassGroup(known=("p0", "p1"))
    found = what_next(account("f", form_of(2), group, []), group, DAY)
    assert found.new is None
    assert len(found.recap) == 2
    assert all(r.due for r in found.recap)


@given(st.sets(st.integers(0, 19)), st.sets(st.integers(0, 19)))
def test_stretches_have_all_that_was_chosen_and_nothing_that_was_never_taught(chosen: set[int], more: set[int]) -> None:
    ids = [f"p{i}" for i in range(20)]
    had = [ids[i] for i in chosen | more]
    made = stretches(ids, [ids[i] for i in chosen], had)
    done = [p for s in made for p in s]
    assert {ids[i] for i in chosen} <= set(done) <= set(had)
    assert done == sorted(done, key=ids.index)
    assert len(done) == len(set(done))
    assert all(s == ids[ids.index(s[0]) : ids.index(s[-1]) + 1] for s in made)


def test_stretches_are_few_where_all_between_was_taught() -> None:
    ids = [f"p{i}" for i in range(30)]
    assert len(stretches(ids, ids[::5], ids)) <= MOST_STRETCHES


def test_the_next_lesson_is_laid_out_for_its_class_and_fitted_to_its_hour() -> None:
    group = ClassGroup(
        title="Mornings", form_id="f", minutes=45, time="9:30", care=CareNeeded(knees=2, balance=4), level="improvers"
    )
    form = form_of(8)
    made = account("f", form, group, [held(0, "p0", "p1"), held(1, "p1", "p2")])
    day = DAY + timedelta(days=14)
    next_ = what_next(made, group, day)
    session = next_lesson(PATTERNS["two-angles"], group, "c", "f", form, made, next_, next_.proposed)
    assert (session.class_id, session.day, session.starts_at, session.wished_ms) == ("c", day, "9:30", 45 * 60_000)
    assert session.title == "Mornings, Thursday 19 March"
    # What most people need is said first.
    assert session.cautions[0].startswith("A chair or wall near")
    assert abs(plan(session, {"f": form}).total_ms - 45 * 60_000) <= 1000
    kinds = {p.kind: p.part for p in session.passes if not p.off}
    assert (kinds["watch"].first, kinds["watch"].last) == ("p3", "p3")
    # The whole is all that the class then has, not the whole form.
    assert (kinds["whole"].first, kinds["whole"].last) == ("p0", "p3")


def test_a_lesson_with_nothing_new_is_a_lesson() -> None:
    group = ClassGroup(form_id="f", minutes=30, known=("p0", "p1", "p2"))
    form = form_of(3)
    made = account("f", form, group, [])
    next_ = what_next(made, group, date(2026, 5, 1))
    session = next_lesson(PATTERNS["two-angles"], group, "c", "f", form, made, next_, next_.proposed)
    kinds = [p.kind for p in session.passes if not p.off]
    assert "recap" in kinds
    assert "whole" in kinds
    assert "watch" not in kinds
