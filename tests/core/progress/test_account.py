"""The account of a class: its totals are what ran, whatever ran, in whatever pieces."""

from datetime import date, timedelta

import numpy as np
from hypothesis import given, settings
from hypothesis import strategies as st

from kemvo.core.model.session import Part, Pass, Session, with_pass_ids
from kemvo.core.progress.account import Dated, account, tempo_of, times_done, weeks_of
from kemvo.core.progress.lessons import Ran, found_lessons, lesson_of, lesson_of_recording
from kemvo.core.progress.model import ClassGroup, Lesson, LessonPart, OpenPoint
from kemvo.core.recording.model import Mark, Media, Recording
from kemvo.core.recording.recorded_timeline import frozen
from kemvo.core.running.live import span_keys
from kemvo.core.running.run_record import Stretch, run_parts
from kemvo.core.timing.score import place_name, score_of
from kemvo.core.timing.timeline import timed
from strategies import practices
from takes import FORMS, SESSION, TIMELINE
from teaching import DAY, form_of

sides = st.sampled_from([None, "L", "R"])
parts = st.builds(
    LessonPart,
    form_id=st.sampled_from(["f", "f", "f", "other"]),
    posture_id=st.sampled_from(["p0", "p1", "p2", "gone", ""]),
    side=sides,
    facing=st.sampled_from(["behind", "mirror", "watch"]),
    ms=st.integers(0, 600_000),
    share=st.sampled_from([0.3, 0.5, 1.0]),
    tempo=st.sampled_from([0.0, 24.0, 40.0]),
    place=st.sampled_from(["", "a.0", "a.1"]),
)
lessons = st.lists(
    st.builds(
        lambda n, ps, held: Lesson(day=DAY + timedelta(days=n), parts=tuple(ps), held=held),
        st.integers(0, 60),
        st.lists(parts, max_size=8),
        st.booleans(),
    ),
    max_size=6,
)


@given(lessons)
def test_every_millisecond_that_ran_stands_somewhere_once(made: list[Lesson]) -> None:
    found = account("f", form_of(3), ClassGroup(), [Dated(str(n), x) for n, x in enumerate(made)])
    held = [x for x in made if x.held]
    whole = sum(x.ms() for x in held)
    assert sum(c.ms for c in found.lessons) == whole
    assert sum(p.ms + p.watched_ms for p in found.postures) + found.still_ms + found.elsewhere_ms == whole
    assert sum(map(sum, found.cells)) == sum(p.ms for p in found.postures)
    assert abs(sum(w.minutes for w in found.weeks) * 60_000 - whole) <= 600 * max(1, len(found.weeks))
    assert found.left_ms + found.right_ms <= sum(p.ms for p in found.postures)
    days = [c.day for c in found.lessons]
    assert days == sorted(days)


@given(lessons)
def test_what_is_counted_is_what_numpy_counts(made: list[Lesson]) -> None:
    held = [x for x in made if x.held]
    found = account("f", form_of(3), ClassGroup(), [Dated(str(n), x) for n, x in enumerate(made)])
    along = [
        p
        for x in held
        for p in x.parts
        if p.form_id == "f" and p.facing != "watch" and p.posture_id in ("p0", "p1", "p2")
    ]
    ms = np.array([p.ms for p in along], dtype=np.int64)
    for n, row in enumerate(found.postures):
        here = np.array([p.posture_id == f"p{n}" for p in along], dtype=bool)
        left = np.array([p.side == "L" for p in along], dtype=bool)
        assert row.ms == ms[here].sum()
        assert row.left_ms == ms[here & left].sum()
    for x, column in zip(sorted(held, key=lambda x: x.day), found.lessons, strict=True):
        known = [p for p in x.parts if p.posture_id and p.tempo and p.facing != "watch"]
        weights = np.array([p.ms for p in known], dtype=float)
        if weights.sum():
            assert abs(tempo_of(x.parts) - np.average([p.tempo for p in known], weights=weights)) < 0.01
        assert column.day == x.day


@settings(max_examples=40, deadline=None)
@given(practices(), st.floats(0.1, 0.9), st.sampled_from([0.7, 1.0, 1.3]))
def test_a_lesson_is_as_long_as_the_stage_ran_however_often_it_was_stopped(
    made: tuple, cut: float, speed: float
) -> None:
    session, forms = made
    spans = timed(score_of(session, forms), session, forms, speed).spans
    if not spans or not spans[-1].end_ms:
        return
    keys = span_keys(spans)
    at = spans[-1].end_ms * cut
    i = next(n for n, s in enumerate(spans) if s.end_ms >= at)
    share = (at - spans[i].start_ms) / max(1, spans[i].end_ms - spans[i].start_ms)
    first, rest = round(at), spans[-1].end_ms - round(at)
    whole = run_parts(
        session, forms, Stretch(place=keys[0], until=keys[-1], began="a", ms=spans[-1].end_ms, speed=speed)
    )
    halves = [
        *run_parts(
            session, forms, Stretch(place=keys[0], until=keys[i], until_share=share, began="a", ms=first, speed=speed)
        ),
        *run_parts(
            session, forms, Stretch(place=keys[i], share=share, until=keys[-1], began="b", ms=rest, speed=speed)
        ),
    ]
    one = lesson_of([Ran("r", "s", "t", "2026-03-05T10:00:00+00:00", 0, whole)], ClassGroup(), "c")
    two = lesson_of([Ran("r", "s", "t", "2026-03-05T10:00:00+00:00", 0, halves)], ClassGroup(), "c")
    assert one.ms() == two.ms() == spans[-1].end_ms
    # A posture that was stopped in and gone on with was done once.
    assert times_done(one.parts) == times_done(two.parts)


def test_what_ran_counts_on_the_days_of_the_class_and_by_its_own_clock() -> None:
    session = with_pass_ids(Session(passes=(Pass(part=Part(form_id="f")),)))
    forms = {"f": form_of(2)}
    spans = timed(score_of(session, forms), session, forms).spans
    keys = span_keys(spans)
    ran = run_parts(session, forms, Stretch(place=keys[0], until=keys[-1], began="a", ms=600_000))
    # 23:30 in London on a Thursday in July is 22:30 by Greenwich; in Tokyo it is Friday by then.
    thursday = Ran("one", "s", "t", "2026-07-02T22:30:00+00:00", 60_000, ran)
    london, tokyo = (ClassGroup(days=(3,), zone=z) for z in ("Europe/London", "Asia/Tokyo"))
    counted = found_lessons([thursday], london, "c", [])
    assert [(x.day, x.began) for x in counted.counted] == [(date(2026, 7, 2), "23:30")]
    assert not found_lessons([thursday], tokyo, "c", []).counted
    assert found_lessons([thursday], tokyo, "c", []).offered[0].day == date(2026, 7, 3)
    # Two runs of one day are one lesson; what is written down is not found again.
    again = thursday._replace(id="two", began="2026-07-02T22:45:00+00:00")
    both = found_lessons([again, thursday], london, "c", []).counted
    assert len(both) == 1
    assert both[0].runs == ("one", "two")
    assert both[0].ms() == 1_200_000
    assert found_lessons([again, thursday], london, "c", both) == ((), ())
    # The stage opened for a moment is no lesson by itself.
    moment = thursday._replace(parts=[p.model_copy(update={"ms": 1000}) for p in ran[:3]])
    assert not found_lessons([moment], london, "c", []).counted
    assert len(found_lessons([moment], london, "c", []).offered) == 1


def test_a_point_is_open_until_it_is_settled() -> None:
    open_, done = (
        OpenPoint(id=i, text=i, form_id="f", posture_id="p1", settled=s) for i, s in (("a", None), ("b", DAY))
    )
    made = account("f", form_of(3), ClassGroup(), [Dated("x", Lesson(day=DAY, points=(open_, done)))])
    assert made.knots == ((0,), (1,), (0,))
    assert [p.text for p in made.postures[1].open] == ["a"]
    assert len(made.points) == 2


def test_how_far_counts_what_was_taught_before_the_log() -> None:
    lesson = Lesson(day=DAY, parts=(LessonPart(form_id="f", posture_id="p1", ms=1000),))
    made = account("f", form_of(4), ClassGroup(known=("p0",)), [Dated("x", lesson)])
    assert (made.how_far.done, made.how_far.of, made.how_far.time_pct) == (2, 4, 50.0)
    assert made.lessons[0].new == ("p1",)


def test_weeks_without_a_lesson_are_there() -> None:
    made = weeks_of([Lesson(day=DAY), Lesson(day=DAY + timedelta(days=21), parts=(LessonPart(ms=60_000),))])
    assert [w.minutes for w in made] == [0, 0, 0, 1]
    assert [w.lessons for w in made] == [1, 0, 0, 1]


def test_a_recording_stands_in_the_same_account_by_its_own_clock() -> None:
    """As long as the plan it is the planned practice; played at half the pace it has twice the time at half the tempo."""
    spans = [s for s in TIMELINE.spans if s.kind == "movement"]
    slow = tuple(Mark(place=f"{place_name(s)}", at_ms=2 * s.start_ms, hand=True) for s in spans if s.movement_no == 0)
    take = Recording(
        title="In the yard", media=Media(ms=2 * TIMELINE.total_ms), frozen=frozen(SESSION, FORMS), sound=SESSION.sound, marks=slow,
        begins_ms=2 * spans[0].start_ms, ends_ms=2 * spans[-1].end_ms,
    )  # fmt: skip
    plain = Recording(media=Media(ms=TIMELINE.total_ms), frozen=frozen(SESSION, FORMS), sound=SESSION.sound)
    quick, slower = (lesson_of_recording(r, SESSION, FORMS, "c", "r", DAY) for r in (plain, take))
    assert (quick.source, quick.recording_id) == ("recording", "r")
    assert quick.ms() == TIMELINE.total_ms
    assert slower.ms() == 2 * TIMELINE.total_ms
    done = [p for p in quick.parts if p.posture_id]
    assert [p.posture_id for p in done] == [p.posture_id for p in slower.parts if p.posture_id]
    assert times_done(quick.parts) == times_done(slower.parts)
    assert tempo_of(slower.parts) < 0.75 * tempo_of(quick.parts)
