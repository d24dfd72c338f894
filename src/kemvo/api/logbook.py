"""What the routes of classes work with: the lessons of a class, its account, its course, and the time by its clock."""

from __future__ import annotations

from datetime import UTC, datetime

from kemvo.api.house import House
from kemvo.core.errors import KemvoError, Problem
from kemvo.core.lesson.lesson import as_pattern
from kemvo.core.model.form import Form
from kemvo.core.progress.account import ClassAccount, Dated, account
from kemvo.core.progress.course import CoursePlan, course_plan, fixed_minutes, teaching_minutes
from kemvo.core.progress.lessons import FoundLessons, Ran, found_lessons, zone_of
from kemvo.core.progress.model import ClassGroup, Course
from kemvo.core.tables.block_kinds import PATTERNS, PatternRow
from kemvo.store.documents import CannotBeRead, NotThere

RAN = "ran-"
"""How the id of a lesson begins that was not written down yet: the day follows."""

AS_LAST = "last"
"""The pattern of a class that has its lessons laid out as the last one was."""


def now_of(group: ClassGroup) -> datetime:
    """Now, by a class's clock."""
    return datetime.now(UTC).astimezone(zone_of(group))


def form_of(house: House, id_: str) -> Form | None:
    """A form, if it is here."""
    try:
        return house.forms.get(id_).body if id_ else None
    except (NotThere, CannotBeRead):
        return None


def ran_for(house: House, class_id: str, group: ClassGroup) -> FoundLessons:
    """What ran for a class and was not written down yet."""
    runs = [Ran(r.id, r.session, r.title, r.began, r.planned_ms, r.parts) for r in house.runs.of_class(class_id)]
    written = [s.body for s in house.lessons.all() if s.body.class_id == class_id]
    return found_lessons(runs, group, class_id, written)


def dated(house: House, class_id: str, group: ClassGroup) -> list[Dated]:
    """All lessons of a class: those written down, and those that ran and were not written down yet."""
    written = [Dated(s.id, s.body) for s in house.lessons.all() if s.body.class_id == class_id]
    return written + [Dated(f"{RAN}{x.day}", x) for x in ran_for(house, class_id, group).counted]


def account_of(house: House, class_id: str, group: ClassGroup, form_id: str = "") -> ClassAccount:
    """The account of a class with a form, the one it learns where none is named. Raises KemvoError where there is none."""
    id_ = form_id or group.form_id
    form = form_of(house, id_)
    if form is None:
        raise KemvoError(
            Problem(
                what="This class has no form yet.", where=group.title, mend="Choose the form it learns under “Class”."
            )
        )
    return account(id_, form, group, dated(house, class_id, group))


def pattern_of(house: House, class_id: str, group: ClassGroup) -> PatternRow:
    """The pattern of a class's lessons; where it is to be as the last lesson was, and there was none, the usual one."""
    if group.pattern == AS_LAST:
        sessions = [s.body for s in house.sessions.all() if s.body.class_id == class_id and s.body.passes]
        dated_ = sorted((s for s in sessions if s.day), key=lambda s: str(s.day))
        last = (dated_ or sessions)[-1:]
        if last:
            return as_pattern(last[0], last[0].title)
    own = next((p for p in house.own_patterns.all() if p.id == group.pattern), None)
    return own or PATTERNS.get(group.pattern) or next(iter(PATTERNS.values()))


def course_of(house: House, course: Course) -> CoursePlan:
    """A course worked out as of today. Raises KemvoError where its form is not here."""
    group = house.classes.get(course.class_id).body
    form_id = course.form_id or group.form_id
    made = account_of(house, course.class_id, group, form_id)
    form = house.forms.get(form_id).body
    lessons = dated(house, course.class_id, group)
    earlier = [(s.id, dated(house, s.id, s.body)) for s in house.classes.all()]
    teach = teaching_minutes(form, course.level or group.level, earlier, form_id)
    fixed = fixed_minutes(pattern_of(house, course.class_id, group))
    return course_plan(course, group, form, made, lessons, teach, fixed, now_of(group).date())
