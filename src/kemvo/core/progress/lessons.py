"""Lessons written from what ran on the stage, or from a recording."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from datetime import UTC, date, datetime
from itertools import groupby
from typing import NamedTuple
from zoneinfo import ZoneInfo, ZoneInfoNotFoundError

from kemvo.core.errors import KemvoError, Problem
from kemvo.core.model.session import Forms, Session
from kemvo.core.practice.recorded import lay_out_recording
from kemvo.core.progress.model import MOST_PARTS, WEEKDAYS, ClassGroup, Lesson, LessonPart
from kemvo.core.recording.model import Recording
from kemvo.core.running.run_record import RunPart, parts_of_spans


class Ran(NamedTuple):
    """A run of a session of a class: its id, when it began (ISO 8601, UTC), how long it was planned (ms), and what ran."""

    id: str
    session_id: str
    title: str
    began: str
    planned_ms: int
    parts: Sequence[RunPart]


def zone_of(group: ClassGroup) -> ZoneInfo | None:
    """The time zone of a class; None: this machine's."""
    try:
        return ZoneInfo(group.zone) if group.zone else None
    except (ZoneInfoNotFoundError, ValueError, OSError):
        return None


def local(moment: str, group: ClassGroup) -> datetime:
    """A moment (ISO 8601) by the class's clock."""
    at = datetime.fromisoformat(moment)
    return (at if at.tzinfo else at.replace(tzinfo=UTC)).astimezone(zone_of(group))


def as_lesson_parts(parts: Iterable[RunPart]) -> tuple[LessonPart, ...]:
    """What ran, as it is kept with a lesson."""
    fields = set(LessonPart.model_fields)
    return tuple(LessonPart(**{k: v for k, v in p.model_dump().items() if k in fields}) for p in parts)


def lesson_of(runs: Sequence[Ran], group: ClassGroup, class_id: str) -> Lesson:
    """The lesson that came of one or several runs on one day, in the order in which they ran."""
    ordered = sorted(runs, key=lambda r: r.began)
    began = local(ordered[0].began, group)
    return Lesson(
        title=ordered[-1].title,
        class_id=class_id,
        day=began.date(),
        began=f"{began:%H:%M}",
        source="stage",
        session_id=ordered[-1].session_id,
        runs=tuple(r.id for r in ordered),
        planned_ms=max(r.planned_ms for r in ordered),
        parts=tuple(p for r in ordered for p in as_lesson_parts(r.parts)),
    )


COUNTS_FROM_MS = 3 * 60_000
"""What ran for a shorter time was only looked at (own choice)."""


class FoundLessons(NamedTuple):
    """Runs that no lesson was written from yet, by day: on a day on which the class meets they count as a lesson until something
    else is said; those of other days, and those that ran for moments only, are offered."""

    counted: tuple[Lesson, ...]
    offered: tuple[Lesson, ...]


def found_lessons(runs: Iterable[Ran], group: ClassGroup, class_id: str, written: Iterable[Lesson]) -> FoundLessons:
    """What ran for a class and stands in no lesson yet."""
    taken = {id_ for lesson in written for id_ in lesson.runs}
    fresh = sorted((r for r in runs if r.id not in taken and r.parts), key=lambda r: r.began)
    by_day = groupby(fresh, lambda r: local(r.began, group).date())
    made = [lesson_of(list(of_day), group, class_id) for _, of_day in by_day]
    meets = [
        (not group.days or lesson.day.weekday() in group.days) and lesson.ms() >= COUNTS_FROM_MS for lesson in made
    ]
    return FoundLessons(
        tuple(lesson for lesson, ok in zip(made, meets, strict=True) if ok),
        tuple(lesson for lesson, ok in zip(made, meets, strict=True) if not ok),
    )


def lesson_of_recording(
    recording: Recording, session: Session, forms: Forms, class_id: str, recording_id: str, day: date
) -> Lesson:
    """A lesson from a recording, by the clock it was marked on."""
    _, laid = lay_out_recording(recording, session, forms)
    parts = parts_of_spans(session, forms, laid.timeline.spans)
    return Lesson(
        title=recording.title,
        class_id=class_id,
        day=day,
        source="recording",
        session_id=recording.session_id,
        recording_id=recording_id,
        planned_ms=0,
        parts=as_lesson_parts(parts),
    )


def day_words(day: date, today: date | None = None) -> str:
    """A day as people say it: "Thursday 26 November"; with `today`: "today", "tomorrow"; the year where it is another."""
    if today is not None:
        near = {0: "today", 1: "tomorrow", -1: "yesterday"}.get((day - today).days)
        if near:
            return near
    year = f" {day.year}" if today is not None and day.year != today.year else ""
    return f"{WEEKDAYS[day.weekday()]} {day.day} {day:%B}{year}"


class Done(NamedTuple):
    """A posture that was done: of which form, and its name."""

    form_id: str
    posture_id: str
    title: str


def with_stretch(lesson: Lesson, order: Sequence[Done], first: int, last: int, ms: int) -> Lesson:
    """A lesson with a stretch of postures more, entered by hand: those from place `first` to `last` of `order` (either way round), `ms`
    together, to each an equal share; shares differ by a millisecond at most, so that none is lost. Raises KemvoError where a place is
    not in the order, or the lesson would have more than `MOST_PARTS` parts."""
    low, high = sorted((first, last))
    if low < 0 or high >= len(order):
        raise KemvoError(
            Problem(
                what="A posture of this stretch is not in the form any more.",
                mend="Choose the postures again from the list.",
                pointer="/last",
            )
        )
    chosen = order[low : high + 1]
    if len(lesson.parts) + len(chosen) > MOST_PARTS:
        raise KemvoError(
            Problem(
                what=f"A lesson has at most {MOST_PARTS} parts.",
                mend="Take parts away, or begin another lesson of the same day.",
                pointer="/last",
            )
        )
    shares = [ms * (n + 1) // len(chosen) - ms * n // len(chosen) for n in range(len(chosen))]
    parts = tuple(
        LessonPart(form_id=d.form_id, posture_id=d.posture_id, posture=d.title, ms=share)
        for d, share in zip(chosen, shares, strict=True)
    )
    return lesson.model_copy(update={"parts": (*lesson.parts, *parts)})
