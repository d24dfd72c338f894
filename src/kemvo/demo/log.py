"""The demo's eight weeks: Saltmarsh Hall's two classes, their lessons written from runs of the stage, and their courses."""

from __future__ import annotations

from datetime import UTC, date, datetime, timedelta
from typing import NamedTuple

from kemvo.core.model.form import Form
from kemvo.core.model.session import Session
from kemvo.core.progress.account import ClassAccount, Dated, account
from kemvo.core.progress.course import course_plan, fixed_minutes, teaching_minutes
from kemvo.core.progress.for_class import for_class
from kemvo.core.progress.lessons import Ran, lesson_of, zone_of
from kemvo.core.progress.model import CareNeeded, ClassGroup, Course, Holiday, Lesson, OpenPoint
from kemvo.core.progress.next_lesson import next_lesson
from kemvo.core.progress.occasions import clock_time, on_holiday
from kemvo.core.progress.what_next import what_next
from kemvo.core.running.live import span_keys
from kemvo.core.running.run_record import RunPart, Stretch, run_parts
from kemvo.core.tables.block_kinds import PATTERNS
from kemvo.core.timing.score import score_of
from kemvo.core.timing.timeline import Span, timed
from kemvo.store.database import Database
from kemvo.store.runs import Runs
from kemvo.store.shelves import class_documents, course_documents, form_documents, lesson_documents

WEEKS = 8
HOLIDAY_WEEK = 4
"""The hall was shut in the week after so many."""

ZONE = "Europe/London"


class DemoClass(NamedTuple):
    """A class of the demo: its ids, itself, its course, how many came, and what was noted: in which week, of which posture, what, and
    whether it was settled since. `stopped`: the week in which the lesson ended early; `unwritten`: the last one was not written down."""

    id: str
    course_id: str
    group: ClassGroup
    lessons: int
    came: tuple[int, ...]
    points: tuple[tuple[int, str, str, bool], ...]
    stopped: int | None = None
    unwritten: bool = False


CLASSES = (
    DemoClass(
        "thursdays",
        "thursdays-willows",
        ClassGroup(
            title="Thursday morning class", days=(3,), time="10:30", minutes=60, zone=ZONE, place="Saltmarsh Hall", level="beginners",
            people=12, stature_least_cm=152, stature_most_cm=186, care=CareNeeded(knees=3, balance=2, beginners=5), form_id="nine-willows",
            pattern="two-angles",
        ),
        9,
        (11, 12, 9, 12, 0, 10, 12, 11),
        (
            (1, "p2", "Shoulders rise with the arms", True),
            (5, "p4", "The weight is not all the way across before the step", False),
            (6, "p3", "The knee falls inward in the bow stance", False),
        ),
        stopped=5,
    ),
    DemoClass(
        "evenings",
        "evenings-causeway",
        ClassGroup(
            title="Evening class", days=(1,), time="19:30", minutes=75, zone=ZONE, place="Saltmarsh Hall", level="improvers", people=9,
            care=CareNeeded(knees=1, shoulders=1), form_id="long-causeway", pattern="two-angles",
        ),
        20,
        (9, 8, 9, 7, 0, 9, 8, 9),
        ((6, "p7", "Left and right mixed up after the turn", False),),
        unwritten=True,
    ),
)  # fmt: skip

CLASS_IDS = tuple(c.id for c in CLASSES)
COURSE_IDS = tuple(c.course_id for c in CLASSES)


def teach(database: Database, today: date) -> None:
    """Hold eight weeks of lessons before a day, unless the classes are here already: those that were put away come back."""
    classes = class_documents(database, str)
    known = {x.id for removed in (False, True) for x in classes.all(removed)}
    if known & set(CLASS_IDS):
        for shelf in (classes, course_documents(database, str)):
            for stored in shelf.all(removed=True):
                if stored.id in (*CLASS_IDS, *COURSE_IDS):
                    shelf.bring_back(stored.id)
        return
    forms = {s.id: s.body for s in form_documents(database, str).all()}
    for demo in CLASSES:
        if demo.group.form_id in forms:
            _held(database, demo, forms[demo.group.form_id], today)


def _held(database: Database, demo: DemoClass, form: Form, today: date) -> None:
    day = today - timedelta(days=1)
    while day.weekday() not in demo.group.days:
        day -= timedelta(days=1)
    first = day - timedelta(days=7 * (WEEKS - 1))
    shut = first + timedelta(days=7 * HOLIDAY_WEEK)
    group = demo.group.model_copy(update={"room": form.room})
    course = Course(
        title=f"{form.title}, {demo.group.title}", class_id=demo.id, starts=first, lessons=demo.lessons,
        holidays=(Holiday(first=shut - timedelta(days=2), last=shut + timedelta(days=2), title="The hall is shut"),),
    )  # fmt: skip
    class_documents(database, lambda: demo.id).add(group)
    course_documents(database, lambda: demo.course_id).add(course)
    lessons: list[Dated] = []
    runs = Runs(database)
    for week in range(WEEKS):
        on = first + timedelta(days=7 * week)
        if on_holiday(on, (course,)):
            continue
        run = _run(demo, group, course, form, on, lessons, week)
        runs.begin(run.id, "", 1, run.title, run.planned_ms, demo.id, at=run.began)
        runs.add(run.id, run.began, run.parts, at=run.began)
        lesson = _finished(lesson_of((run,), group, demo.id), demo, week, first)
        if not (demo.unwritten and week == WEEKS - 1):
            id_ = f"{demo.id}-{on:%m%d}"
            lesson_documents(database, lambda id_=id_: id_).add(lesson)  # type: ignore[misc]
            lessons.append(Dated(id_, lesson))


def _run(
    demo: DemoClass, group: ClassGroup, course: Course, form: Form, on: date, lessons: list[Dated], week: int
) -> Ran:
    """A lesson as Kemvo proposes it, run on the stage."""
    made = account(group.form_id, form, group, lessons)
    planned = _planned(group, course, form, made, lessons, on)
    next_ = what_next(made, group, on, planned)
    pattern = PATTERNS["first-lesson" if week == 0 else group.pattern]
    session = next_lesson(pattern, group, demo.id, group.form_id, form, made, next_, next_.proposed)
    forms = {group.form_id: for_class(form, group)}
    spans = timed(score_of(session, forms), session, forms).spans
    began = datetime.combine(on, clock_time(group.time), zone_of(group)).astimezone(UTC)
    parts = _played(session, forms, spans, week == demo.stopped)
    return Ran(
        f"{demo.id}{on:%Y%m%d}", "", session.title, began.isoformat(timespec="milliseconds"), spans[-1].end_ms, parts
    )


def _planned(
    group: ClassGroup, course: Course, form: Form, made: ClassAccount, lessons: list[Dated], on: date
) -> list[str]:
    teach_ = teaching_minutes(form, group.level, (), group.form_id)
    plan = course_plan(course, group, form, made, lessons, teach_, fixed_minutes(PATTERNS[group.pattern]), on)
    return [p.posture_id for row in plan.rows if row.day == on for p in row.new]


def _played(session: Session, forms: dict[str, Form], spans: tuple[Span, ...], stopped: bool) -> list[RunPart]:
    """What the stage notes of it: from the beginning to the end, or to where it was stopped."""
    keys = span_keys(spans)
    last = next(i for i, s in enumerate(spans) if s.end_ms >= (0.62 if stopped else 1.0) * spans[-1].end_ms)
    stretch = Stretch(place=keys[0], until=keys[last], began="", ms=spans[last].end_ms)
    return run_parts(session, forms, stretch)


def _finished(lesson: Lesson, demo: DemoClass, week: int, first: date) -> Lesson:
    """A lesson with what its instructor added."""
    points = tuple(
        OpenPoint(
            id=f"o{n}", text=text, form_id=demo.group.form_id, posture_id=posture_id,
            settled=first + timedelta(days=7 * (at + 1)) if settled else None,
        )
        for n, (at, posture_id, text, settled) in enumerate(demo.points, 1)
        if at == week
    )  # fmt: skip
    notes = "The hall was needed at half past: stopped early." if week == demo.stopped else ""
    return lesson.model_copy(update={"attendance": demo.came[week], "points": points, "notes": notes})
