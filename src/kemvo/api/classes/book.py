"""Routes of classes, the lessons they had, and their courses: kept, saved, undone, put away and brought back alike."""

from __future__ import annotations

from contextlib import suppress
from datetime import date
from typing import Annotated

from fastapi import APIRouter, Query, Response
from pydantic import BaseModel, Field

from kemvo.api.base.document_routes import Subject, document_routes
from kemvo.api.base.documents import DocumentView, Version, answer
from kemvo.api.base.sound import Choice
from kemvo.api.base.workspace import Here, Workspace
from kemvo.api.classes.logbook import AS_LAST, Book, form_of
from kemvo.core.model.session import Forms
from kemvo.core.progress.account import HowFar
from kemvo.core.progress.course import CoursePlan
from kemvo.core.progress.lessons import Done, with_stretch
from kemvo.core.progress.levels import LEVELS
from kemvo.core.progress.model import NEEDS, WEEKDAYS, ClassGroup, Course, Lesson, LessonPart, with_point_ids
from kemvo.core.tables.block_kinds import BLOCK_KINDS, PATTERNS, Facing
from kemvo.core.tables.groups import GROUPS
from kemvo.core.tables.recall import RECALLS
from kemvo.core.types import LONGEST_MS
from kemvo.core.views.class_pages import ONLY_NUMBERS, ClassSheet, LessonSheet, class_sheet, lesson_sheet, when_words
from kemvo.store.documents import CannotBeRead, NotThere, Stored

router = APIRouter(prefix="/api/classes", tags=["classes"])
lessons = APIRouter(prefix="/api/lessons", tags=["classes"])
courses = APIRouter(prefix="/api/courses", tags=["classes"])


class ClassView(DocumentView[ClassGroup, ClassSheet]):
    """A class with what follows from it."""


class LessonView(DocumentView[Lesson, LessonSheet]):
    """A lesson with what follows from it."""


class CourseView(DocumentView[Course, CoursePlan]):
    """A course worked out as of today."""


def class_view(workspace: Workspace, stored: Stored[ClassGroup]) -> ClassView:
    """A stored class with what follows from it."""
    return ClassView.model_construct(**stored._asdict(), derived=class_sheet(stored.body))


def lesson_view(workspace: Workspace, stored: Stored[Lesson]) -> LessonView:
    """A stored lesson with what follows from it."""
    return LessonView.model_construct(
        **stored._asdict(), derived=lesson_sheet(stored.body, _forms_of(workspace, stored.body))
    )


def course_view(workspace: Workspace, stored: Stored[Course]) -> CourseView:
    """A stored course, worked out as of today."""
    return CourseView.model_construct(**stored._asdict(), derived=Book(workspace).course(stored.body))


def _forms_of(workspace: Workspace, lesson: Lesson) -> Forms:
    """The forms of a lesson, and the one its class learns."""
    ids = dict.fromkeys(p.form_id for p in lesson.parts if p.form_id)
    with suppress(NotThere, CannotBeRead):
        ids.setdefault(workspace.classes.get(lesson.class_id).body.form_id)
    found = {id_: form_of(workspace, id_) for id_ in ids if id_}
    return {id_: form for id_, form in found.items() if form is not None}


class PartKind(Choice):
    """A kind of pass that a lesson's part may be of, and the facing it has."""

    facing: Facing


class ClassTables(BaseModel):
    """What a class can be chosen to be: weekdays (0 is Monday), levels, how what was taught is spaced, patterns, what is needed; and the
    kinds of passes a lesson's parts may be of; `new_part`: what a part that is entered by hand begins with."""

    days: list[str]
    levels: list[Choice]
    recalls: list[Choice]
    patterns: list[Choice]
    needs: list[Choice]
    kinds: list[PartKind]
    new_part: LessonPart = LessonPart(ms=5 * 60_000)
    only_numbers: str = ONLY_NUMBERS


@router.get("/tables")
def class_tables(workspace: Here) -> ClassTables:
    """What the pages of a class let one choose."""
    patterns = [Choice(id=p.id, title=p.title) for p in (*PATTERNS.values(), *workspace.own_patterns.all())]
    return ClassTables(
        days=list(WEEKDAYS),
        levels=[Choice(id=r.id, title=r.title) for r in LEVELS.values()],
        recalls=[Choice(id=r.id, title=r.title) for r in RECALLS.values()],
        patterns=[*patterns, Choice(id=AS_LAST, title="As the last lesson was")],
        needs=[Choice(id=need, title=GROUPS[group].title) for need, group in NEEDS.items()],
        kinds=[PartKind(id=r.id, title=r.title, facing=r.facing) for r in BLOCK_KINDS.values()],
    )


class ClassSave(Version):
    """A class to be written on top of `version`."""

    body: ClassGroup


class LessonSave(Version):
    """A lesson to be written on top of `version`."""

    body: Lesson


class CourseSave(Version):
    """A course to be written on top of `version`."""

    body: Course


class KeptRow(BaseModel):
    """A class, a lesson or a course in a list. `line`: how it stands; `used_in`: what would miss a class that is put away."""

    id: str
    title: str
    saved: str
    line: str
    class_id: str = ""
    day: date | None = None
    how_far: HowFar | None = None
    used_in: tuple[str, ...] = ()


def _class_row(workspace: Workspace, s: Stored[ClassGroup]) -> KeptRow:
    book = Book(workspace)
    used = [
        f"the session {x.body.title or 'without a title'}" for x in workspace.sessions.all() if x.body.class_id == s.id
    ]
    return KeptRow(
        id=s.id, title=s.body.title, saved=s.saved, line=when_words(s.body), day=book.next_day(s.id),
        how_far=book.account(s.id).how_far if form_of(workspace, s.body.form_id) else None, used_in=tuple(used[:6]),
    )  # fmt: skip


def _lesson_row(workspace: Workspace, s: Stored[Lesson]) -> KeptRow:
    minutes = round(s.body.ms() / 60_000)
    return KeptRow(
        id=s.id, title=s.body.title, saved=s.saved, line=f"{minutes} minutes", class_id=s.body.class_id, day=s.body.day
    )


def _course_row(workspace: Workspace, s: Stored[Course]) -> KeptRow:
    says = Book(workspace).course(s.body).says
    return KeptRow(id=s.id, title=s.body.title, saved=s.saved, line=says, class_id=s.body.class_id, day=s.body.starts)


OfClass = Annotated[str, Query(description="Only those of this class.")]
Removed = Annotated[bool, Query(description="Those that were put away.")]


@router.get("")
def list_classes(workspace: Here, removed: Removed = False) -> list[KeptRow]:
    """All classes, last saved first."""
    return [_class_row(workspace, s) for s in workspace.classes.all(removed)]


@lessons.get("")
def list_lessons(workspace: Here, class_id: OfClass = "", removed: Removed = False) -> list[KeptRow]:
    """All lessons, last saved first."""
    return [_lesson_row(workspace, s) for s in workspace.lessons.all(removed) if class_id in ("", s.body.class_id)]


@courses.get("")
def list_courses(workspace: Here, class_id: OfClass = "", removed: Removed = False) -> list[KeptRow]:
    """All courses, last saved first."""
    return [_course_row(workspace, s) for s in workspace.courses.all(removed) if class_id in ("", s.body.class_id)]


@router.post("", status_code=201, response_model=ClassView)
def new_class(workspace: Here, body: ClassGroup) -> Response:
    """A new class."""
    return answer(class_view(workspace, workspace.classes.add(body)), 201)


@lessons.post("", status_code=201, response_model=LessonView)
def new_lesson(workspace: Here, body: Lesson) -> Response:
    """A new lesson of a class that is here."""
    workspace.classes.get(body.class_id)
    return answer(lesson_view(workspace, workspace.lessons.add(with_point_ids(body))), 201)


@courses.post("", status_code=201, response_model=CourseView)
def new_course(workspace: Here, body: Course) -> Response:
    """A new course of a class that is here."""
    workspace.classes.get(body.class_id)
    return answer(course_view(workspace, workspace.courses.add(body)), 201)


class StretchDone(Version):
    """Postures from one place of the sheet's choices to another, in so many milliseconds together."""

    first: int = Field(ge=0)
    last: int = Field(ge=0)
    ms: int = Field(ge=1_000, le=LONGEST_MS)


@lessons.post("/{id_}/stretch")
def add_stretch(workspace: Here, id_: str, stretch: StretchDone) -> LessonView:
    """A stretch of postures written down at once. 409 when somebody else wrote since `version`."""
    lesson = workspace.lessons.get(id_).body
    choices = lesson_sheet(lesson, _forms_of(workspace, lesson)).choices
    order = [Done(c.form_id, c.posture_id, c.title) for c in choices]
    made = with_stretch(lesson, order, stretch.first, stretch.last, stretch.ms)
    return lesson_view(workspace, workspace.lessons.save(id_, stretch.version, made))


document_routes(router, Subject(lambda workspace: workspace.classes, class_view, ClassView, ClassSave))
document_routes(
    lessons,
    Subject(
        lambda workspace: workspace.lessons,
        lesson_view,
        LessonView,
        LessonSave,
        lambda _, body, __: with_point_ids(body),
    ),
)
document_routes(courses, Subject(lambda workspace: workspace.courses, course_view, CourseView, CourseSave))
