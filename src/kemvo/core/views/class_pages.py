"""What the pages of a class show: the class itself, a lesson to be finished, and today."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Sequence
from datetime import UTC, date, datetime, time, timedelta
from typing import NamedTuple

from kemvo.core.model.session import Forms
from kemvo.core.progress.account import ClassAccount, HowFar, Point, monday, tempo_of, times_done, watched
from kemvo.core.progress.for_class import cautions_of
from kemvo.core.progress.lessons import day_words, zone_of
from kemvo.core.progress.model import WEEKDAYS, ClassGroup, Course, Lesson, LessonPart
from kemvo.core.progress.occasions import clock_time, meets_on
from kemvo.core.tables.groups import ADVICE
from kemvo.core.tables.usual_mistakes import USUAL_MISTAKES
from kemvo.core.types import Side, Value

ONLY_NUMBERS = "Numbers only. Do not write down who, or what is the matter with them."
"""Said wherever names or illnesses could be typed."""


class ClassSheet(Value):
    """What follows from a class: when it meets in words, what its members are told, and what comes first."""

    when: str
    cautions: tuple[str, ...]
    advice: str = ADVICE
    only_numbers: str = ONLY_NUMBERS


def when_words(group: ClassGroup) -> str:
    """When and where a class meets: "Thursdays 10:30, 60 minutes, Saltmarsh Hall"."""
    days = " and ".join(f"{WEEKDAYS[d]}s" for d in sorted(group.days))
    at = " ".join(x for x in (days, group.time) if x)
    return ", ".join(x for x in (at, f"{group.minutes} minutes", group.place) if x)


def class_sheet(group: ClassGroup) -> ClassSheet:
    """What follows from a class."""
    return ClassSheet(when=when_words(group), cautions=cautions_of(group))


class DonePosture(Value):
    """A posture (or still time) of a lesson, all its passes together."""

    form_id: str
    posture_id: str
    title: str
    times: int
    ms: int
    watched_ms: int
    sides: tuple[Side, ...]


class PostureChoice(Value):
    """A posture to tie something to, with its movements."""

    form_id: str
    posture_id: str
    title: str
    movements: tuple[tuple[str, str], ...]


class LessonSheet(Value):
    """What follows from a lesson: what was done, in the order in which it was first done, and what a point may be tied to.
    `says`: when and how long, in words. `stopped`: by how much it was shorter than planned (ms; 0: it was not)."""

    says: str
    ms: int
    stopped_ms: int
    tempo: float
    done: tuple[DonePosture, ...]
    choices: tuple[PostureChoice, ...]
    usual: tuple[str, ...] = USUAL_MISTAKES
    only_numbers: str = ONLY_NUMBERS


def _done(of: tuple[str, str], parts: Sequence[LessonPart], times: int) -> DonePosture:
    form_id, posture_id = of
    along = [p for p in parts if not watched(p)]
    return DonePosture(
        form_id=form_id,
        posture_id=posture_id,
        title=(parts[0].posture or "A posture that is not in a form")
        if posture_id
        else parts[0].posture or "Still time",
        times=times,
        ms=sum(p.ms for p in along),
        watched_ms=sum(p.ms for p in parts) - sum(p.ms for p in along),
        sides=tuple(sorted({p.side for p in along if p.side})),
    )


STOPPED_MS = 60_000
"""Shorter than planned by less than this is not worth a word."""


def lesson_sheet(lesson: Lesson, forms: Forms) -> LessonSheet:
    """What follows from a lesson."""
    found: dict[tuple[str, str], list[LessonPart]] = {}
    for p in lesson.parts:
        found.setdefault((p.form_id, p.posture_id), []).append(p)
    times = times_done(lesson.parts)
    done = tuple(_done(of, parts, times.get(of, 0)) for of, parts in found.items())
    choices = tuple(
        PostureChoice(
            form_id=id_,
            posture_id=p.id,
            title=" ".join(x for x in (p.number, p.title()) if x),
            movements=tuple((m.id, m.line or f"Movement {n}") for n, m in enumerate(p.movements, 1)),
        )
        for id_, form in forms.items()
        for p in form.postures()
    )
    short = lesson.planned_ms - lesson.ms()
    minutes = round(lesson.ms() / 60_000)
    told = ", ".join(x for x in (day_words(lesson.day), lesson.began, f"{minutes} minute{'s' * (minutes != 1)}") if x)
    return LessonSheet(
        says=told,
        ms=lesson.ms(),
        stopped_ms=short if short >= STOPPED_MS else 0,
        tempo=tempo_of(lesson.parts),
        done=done,
        choices=choices,
    )


class ClassNow(NamedTuple):
    """A class as it stands: its account, its courses, the days it had lessons on, its next day, the session for it and what is new in it."""

    id: str
    group: ClassGroup
    courses: Sequence[Course]
    held: frozenset[date]
    next_day: date | None
    session: tuple[str, str] | None
    new: str
    account: ClassAccount | None
    now: datetime


class NextLesson(Value):
    """The next lesson of a class. `when`: in words; `session_id`: what is laid out for it (empty: nothing yet); `new`: what would be new."""

    class_id: str
    title: str
    day: date
    time: str
    when: str
    minutes: int
    place: str
    session_id: str
    session: str
    new: str
    how_far: HowFar | None
    points: tuple[Point, ...]


class WeekDay(Value):
    """A day of the week with its lessons: the class, its time, and whether it was held."""

    day: date
    name: str
    today: bool
    lessons: tuple[tuple[str, str, str, bool], ...]


class Waiting(Value):
    """Something that waits: what it is, how it stands, and where."""

    title: str
    says: str
    to: str


class Today(Value):
    """Today: the lessons to come, the soonest first; what ran and was not written down yet; what waits; the week."""

    day: date
    says: str
    lessons: tuple[NextLesson, ...]
    to_write: tuple[Waiting, ...]
    waiting: tuple[Waiting, ...]
    week: tuple[WeekDay, ...]


def today(classes: Iterable[ClassNow], day: date, to_write: Sequence[Waiting], waiting: Sequence[Waiting]) -> Today:
    """What today's page shows."""
    known = list(classes)
    lessons = [_next(c) for c in known if c.next_day is not None]
    begins = {c.id: _begins(c) for c in known}
    lessons.sort(key=lambda x: (*begins[x.class_id](x.day), x.title))
    first = monday(day)
    week = []
    for n in range(7):
        at = first + timedelta(days=n)
        here = [
            (c.id, c.group.time, c.group.title, at in c.held)
            for c in known
            if at in c.held or (at >= c.now.date() and meets_on(c.group, c.courses, at))
        ]
        order = {c.id: (*begins[c.id](at), c.group.title) for c in known}
        here.sort(key=lambda x, order=order: order[x[0]])  # type: ignore[misc]
        week.append(WeekDay(day=at, name=WEEKDAYS[n], today=at == day, lessons=tuple(here)))
    says = f"{WEEKDAYS[day.weekday()]} {day.day} {day:%B %Y}"
    return Today(
        day=day, says=says, lessons=tuple(lessons), to_write=tuple(to_write), waiting=tuple(waiting), week=tuple(week)
    )


def _begins(c: ClassNow) -> Callable[[date], tuple[datetime, bool]]:
    """When a class's lesson of a day begins by one clock for all (UTC), whatever zone the class is in; one without a time goes
    before others of its day."""
    zone = zone_of(c.group) or c.now.tzinfo

    def begins(day: date) -> tuple[datetime, bool]:
        at = clock_time(c.group.time) if c.group.time else time()
        return datetime.combine(day, at, zone).astimezone(UTC), bool(c.group.time)

    return begins


def _next(c: ClassNow) -> NextLesson:
    assert c.next_day is not None
    when = " ".join(x for x in (day_words(c.next_day, c.now.date()), c.group.time) if x)
    return NextLesson(
        class_id=c.id, title=c.group.title or "Untitled class", day=c.next_day, time=c.group.time, when=when, minutes=c.group.minutes,
        place=c.group.place, session_id=c.session[0] if c.session else "", session=c.session[1] if c.session else "", new=c.new,
        how_far=c.account.how_far if c.account else None,
        points=tuple(p for p in c.account.points if p.settled is None) if c.account else (),
    )  # fmt: skip
