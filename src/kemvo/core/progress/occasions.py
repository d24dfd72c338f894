"""When a class meets next, and the events of a course's calendar."""

from __future__ import annotations

from collections.abc import Collection, Iterable, Sequence
from datetime import date, datetime, time, timedelta

from kemvo.core.progress.course import CoursePlan
from kemvo.core.progress.model import ClassGroup, Course
from kemvo.core.types import Value

LOOKS_AHEAD = 400
"""How many days ahead a next lesson is looked for."""


def on_holiday(day: date, courses: Iterable[Course]) -> bool:
    """Whether one of a class's courses has a holiday on a day."""
    return any(h.first <= day <= h.last for c in courses for h in c.holidays)


def meets_on(group: ClassGroup, courses: Sequence[Course], day: date) -> bool:
    """Whether a class has a lesson on a day, by its weekdays and its holidays."""
    return day.weekday() in group.days and not on_holiday(day, courses)


def next_day(group: ClassGroup, courses: Sequence[Course], held: Collection[date], now: datetime) -> date | None:
    """The day of a class's next lesson by its clock: today while today's is not over and not written down; None where it has no days."""
    for n in range(LOOKS_AHEAD):
        day = now.date() + timedelta(days=n)
        if meets_on(group, courses, day) and day not in held and (n or not _over(group, now)):
            return day
    return None


def _over(group: ClassGroup, now: datetime) -> bool:
    """Whether today's lesson is over, by its time and its length."""
    if not group.time:
        return False
    ends = datetime.combine(now.date(), clock_time(group.time)) + timedelta(minutes=group.minutes)
    return now.replace(tzinfo=None) > ends


def clock_time(text: str) -> time:
    """A time of day from "10:30"."""
    hours, minutes = text.split(":")
    return time(int(hours), int(minutes))


class CalendarEvent(Value):
    """A lesson in a calendar. `uid` stays the same whatever changes, `sequence` counts the changes, `modified`: the moment of the last
    one (ISO 8601, UTC). `time`: "" for a whole day; `zone`: an IANA name, "" for the reader's own time."""

    uid: str
    day: date
    time: str
    minutes: int
    zone: str
    summary: str
    description: str
    place: str
    alarm_minutes: int | None
    cancelled: bool = False
    sequence: int = 0
    modified: str = ""


def course_events(course_id: str, course: Course, group: ClassGroup, made: CoursePlan) -> tuple[CalendarEvent, ...]:
    """The lessons of a course as events: those that were held and those to come."""
    found = []
    for row in made.rows:
        if row.state not in ("held", "planned"):
            continue
        new = [" ".join(x for x in (p.number, p.title) if x) for p in row.new]
        summary = group.title or course.title or "Lesson"
        told = [
            f"Lesson {row.no}" if row.no else "",
            f"New: {', '.join(new)}" if new else "Nothing new: bring back what is known.",
        ]
        found.append(
            CalendarEvent(
                uid=f"{course_id}-{row.day:%Y%m%d}@kemvo",
                day=row.day,
                time=group.time,
                minutes=made.minutes,
                zone=group.zone,
                summary=f"{summary}: {', '.join(new)}" if new else summary,
                description="\n".join(x for x in told if x),
                place=group.place,
                alarm_minutes=course.alarm_minutes,
            )
        )
    return tuple(found)


def with_changes(new: Sequence[CalendarEvent], before: Sequence[CalendarEvent], now: str) -> tuple[CalendarEvent, ...]:
    """Events with their numbers: what is as it was keeps its number, what changed has the next one, and what fell away is cancelled,
    so that a calendar that knows it takes it out (RFC 5545, 3.8.7.4; RFC 5546, 2.1.4)."""
    known = {e.uid: e for e in before}
    out = []
    for e in new:
        old = known.pop(e.uid, None)
        if old is None:
            out.append(e.model_copy(update={"sequence": 0, "modified": now}))
            continue
        same = e.model_copy(update={"sequence": old.sequence, "modified": old.modified}) == old
        out.append(old if same else e.model_copy(update={"sequence": old.sequence + 1, "modified": now}))
    for gone in known.values():
        if gone.cancelled:
            out.append(gone)
        else:
            out.append(gone.model_copy(update={"cancelled": True, "sequence": gone.sequence + 1, "modified": now}))
    return tuple(sorted(out, key=lambda e: (e.day, e.uid)))
