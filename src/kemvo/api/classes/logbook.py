"""What the routes of classes work with: the lessons of a class, its account, its course, and the time by its clock."""

from __future__ import annotations

from datetime import UTC, date, datetime
from functools import cached_property

from kemvo.api.base.workspace import Workspace
from kemvo.core.errors import KemvoError, Problem
from kemvo.core.lesson.lesson import as_pattern
from kemvo.core.model.form import Form
from kemvo.core.progress.account import ClassAccount, Dated, account
from kemvo.core.progress.course import CoursePlan, course_plan, fixed_minutes, teaching_minutes
from kemvo.core.progress.lessons import FoundLessons, Ran, found_lessons, zone_of
from kemvo.core.progress.model import ClassGroup, Course
from kemvo.core.progress.occasions import next_day
from kemvo.core.tables.block_kinds import PATTERNS, PatternRow
from kemvo.store.documents import CannotBeRead, NotThere

RAN = "ran-"
"""How the id of a lesson begins that was not written down yet: the day follows."""

AS_LAST = "last"
"""The pattern of a class that has its lessons laid out as the last one was."""


def now_of(group: ClassGroup) -> datetime:
    """Now, by a class's clock."""
    return datetime.now(UTC).astimezone(zone_of(group))


def form_of(workspace: Workspace, id_: str) -> Form | None:
    """A form, if it is here."""
    try:
        return workspace.forms.get(id_).body if id_ else None
    except (NotThere, CannotBeRead):
        return None


class Book:
    """The lessons, accounts and courses of all classes while one request is answered: each is worked out once."""

    def __init__(self, workspace: Workspace) -> None:
        self.workspace = workspace
        self._ran: dict[str, FoundLessons] = {}
        self._lessons: dict[str, list[Dated]] = {}
        self._accounts: dict[tuple[str, str], ClassAccount] = {}

    @cached_property
    def _written(self) -> dict[str, list[Dated]]:
        found: dict[str, list[Dated]] = {}
        for s in self.workspace.lessons.all():
            found.setdefault(s.body.class_id, []).append(Dated(s.id, s.body))
        return found

    @cached_property
    def _courses(self) -> list[Course]:
        return [c.body for c in self.workspace.courses.all()]

    def group(self, id_: str) -> ClassGroup:
        """A class. Raises NotThere."""
        return self.workspace.classes.get(id_).body

    def ran(self, id_: str) -> FoundLessons:
        """What ran for a class and was not written down yet."""
        if id_ not in self._ran:
            runs = [
                Ran(r.id, r.session, r.title, r.began, r.planned_ms, r.parts) for r in self.workspace.runs.of_class(id_)
            ]
            written = [x.lesson for x in self._written.get(id_, ())]
            self._ran[id_] = found_lessons(runs, self.group(id_), id_, written)
        return self._ran[id_]

    def lessons(self, id_: str) -> list[Dated]:
        """All lessons of a class in their order: those written down, and those that ran and were not written down yet."""
        if id_ not in self._lessons:
            counted = [Dated(f"{RAN}{x.day}", x, written=False) for x in self.ran(id_).counted]
            found = [*self._written.get(id_, ()), *counted]
            self._lessons[id_] = sorted(found, key=lambda x: (x.lesson.day, x.lesson.began))
        return self._lessons[id_]

    def held(self, id_: str) -> frozenset[date]:
        """The days on which a class had a lesson."""
        return frozenset(x.lesson.day for x in self.lessons(id_) if x.lesson.held)

    def account(self, id_: str, form_id: str = "") -> ClassAccount:
        """The account of a class with a form, the one it learns where none is named. Raises KemvoError where there is none."""
        group = self.group(id_)
        of = form_id or group.form_id
        form = form_of(self.workspace, of)
        if form is None:
            raise KemvoError(
                Problem(
                    what="This class has no form yet.",
                    where=group.title,
                    mend="Choose the form it learns under “Class”.",
                )
            )
        if (id_, of) not in self._accounts:
            self._accounts[id_, of] = account(of, form, group, self.lessons(id_))
        return self._accounts[id_, of]

    def courses(self, id_: str) -> list[Course]:
        """The courses of a class."""
        return [c for c in self._courses if c.class_id == id_]

    def course(self, course: Course) -> CoursePlan:
        """A course worked out as of today. Raises KemvoError where its form is not here."""
        group = self.group(course.class_id)
        form_id = course.form_id or group.form_id
        made = self.account(course.class_id, form_id)
        form = self.workspace.forms.get(form_id).body
        earlier = [(s.id, self.lessons(s.id)) for s in self.workspace.classes.all()]
        teach = teaching_minutes(form, course.level or group.level, earlier, form_id)
        fixed = fixed_minutes(pattern_of(self.workspace, course.class_id, group))
        today = now_of(group).date()
        return course_plan(course, group, form, made, self.lessons(course.class_id), teach, fixed, today)

    def planned(self, id_: str, day: date) -> list[str] | None:
        """What the courses of a class have as new for a day; None where none of them has that day."""
        found: list[str] | None = None
        for course in self.courses(id_):
            try:
                made = self.course(course)
            except KemvoError:
                continue
            for row in made.rows:
                if row.day == day and row.state == "planned":
                    found = [*(found or ()), *(p.posture_id for p in row.new)]
        return found

    def next_day(self, id_: str) -> date | None:
        """The day of a class's next lesson."""
        group = self.group(id_)
        # What ran today is today's lesson until it is written down: the stage may be stopped and gone on with.
        written = {x.lesson.day for x in self._written.get(id_, ()) if x.lesson.held}
        return next_day(group, self.courses(id_), written, now_of(group))


def pattern_of(workspace: Workspace, class_id: str, group: ClassGroup) -> PatternRow:
    """The pattern of a class's lessons; where it is to be as the last lesson was, and there was none, the usual one."""
    if group.pattern == AS_LAST:
        sessions = [s.body for s in workspace.sessions.all() if s.body.class_id == class_id and s.body.passes]
        dated_ = sorted((s for s in sessions if s.day), key=lambda s: str(s.day))
        last = (dated_ or sessions)[-1:]
        if last:
            return as_pattern(last[0], last[0].title)
    own = next((p for p in workspace.own_patterns.all() if p.id == group.pattern), None)
    return own or PATTERNS.get(group.pattern) or next(iter(PATTERNS.values()))
