"""Routes of classes, the lessons they had, and their courses: kept, saved, undone, put away and brought back alike."""

from __future__ import annotations

from collections.abc import Callable
from contextlib import suppress
from datetime import date
from typing import Any, Literal, NamedTuple

from fastapi import APIRouter
from pydantic import BaseModel, Field

from kemvo.api.base.documents import DocumentView, Earlier, UnreadableView, Version, unreadable_views
from kemvo.api.base.house import Here, House
from kemvo.api.base.sound import Choice
from kemvo.api.classes.logbook import AS_LAST, Book, form_of
from kemvo.core.model.session import Forms
from kemvo.core.progress.account import HowFar
from kemvo.core.progress.course import CoursePlan
from kemvo.core.progress.lessons import Done, with_stretch
from kemvo.core.progress.levels import LEVELS, RECALLS
from kemvo.core.progress.model import NEEDS, WEEKDAYS, ClassGroup, Course, Lesson, LessonPart, reader_of
from kemvo.core.tables.block_kinds import BLOCK_KINDS, PATTERNS, Facing
from kemvo.core.tables.groups import GROUPS
from kemvo.core.types import LONGEST_MS
from kemvo.core.views.class_pages import ONLY_NUMBERS, ClassSheet, LessonSheet, class_sheet, lesson_sheet, when_words
from kemvo.store.documents import CannotBeRead, Documents, NotThere, Stored

router = APIRouter(prefix="/api/book", tags=["classes"])

KeptKind = Literal["classes", "lessons", "courses"]


class ClassView(DocumentView[ClassGroup, ClassSheet]):
    """A class with what follows from it."""


class LessonView(DocumentView[Lesson, LessonSheet]):
    """A lesson with what follows from it."""


class CourseView(DocumentView[Course, CoursePlan]):
    """A course worked out as of today."""


def class_view(house: House, stored: Stored[ClassGroup]) -> ClassView:
    """A stored class with what follows from it."""
    return ClassView.model_construct(**stored._asdict(), derived=class_sheet(stored.body))


def lesson_view(house: House, stored: Stored[Lesson]) -> LessonView:
    """A stored lesson with what follows from it."""
    return LessonView.model_construct(
        **stored._asdict(), derived=lesson_sheet(stored.body, _forms_of(house, stored.body))
    )


def course_view(house: House, stored: Stored[Course]) -> CourseView:
    """A stored course, worked out as of today."""
    return CourseView.model_construct(**stored._asdict(), derived=Book(house).course(stored.body))


def _forms_of(house: House, lesson: Lesson) -> Forms:
    """The forms of a lesson, and the one its class learns."""
    ids = dict.fromkeys(p.form_id for p in lesson.parts if p.form_id)
    with suppress(NotThere, CannotBeRead):
        ids.setdefault(house.classes.get(lesson.class_id).body.form_id)
    found = {id_: form_of(house, id_) for id_ in ids if id_}
    return {id_: form for id_, form in found.items() if form is not None}


class _Shelf(NamedTuple):
    documents: Callable[[House], Documents[Any]]
    read: Callable[[object], Any]
    view: Callable[[House, Stored[Any]], ClassView | LessonView | CourseView]


SHELVES: dict[KeptKind, _Shelf] = {
    "classes": _Shelf(lambda h: h.classes, reader_of(ClassGroup), class_view),
    "lessons": _Shelf(lambda h: h.lessons, reader_of(Lesson), lesson_view),
    "courses": _Shelf(lambda h: h.courses, reader_of(Course), course_view),
}

Kept = ClassView | LessonView | CourseView


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


@router.get("")
def class_tables(house: Here) -> ClassTables:
    """What the pages of a class let one choose."""
    patterns = [Choice(id=p.id, title=p.title) for p in (*PATTERNS.values(), *house.own_patterns.all())]
    return ClassTables(
        days=list(WEEKDAYS),
        levels=[Choice(id=r.id, title=r.title) for r in LEVELS.values()],
        recalls=[Choice(id=r.id, title=r.title) for r in RECALLS.values()],
        patterns=[*patterns, Choice(id=AS_LAST, title="As the last lesson was")],
        needs=[Choice(id=need, title=GROUPS[group].title) for need, group in NEEDS.items()],
        kinds=[PartKind(id=r.id, title=r.title, facing=r.facing) for r in BLOCK_KINDS.values()],
    )


class KeptBody(BaseModel):
    """A class, a lesson or a course as it is to be from now on."""

    body: dict[str, Any]


class KeptSave(Version):
    """A document's new content, on top of `version`."""

    body: dict[str, Any]


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


@router.get("/{kind}")
def list_kept(house: Here, kind: KeptKind, class_id: str = "", removed: bool = False) -> list[KeptRow]:
    """All of a kind, last saved first; `class_id`: only those of one class; with `removed`, those that were put away."""
    rows = ROWS[kind]
    found = [rows(house, stored) for stored in SHELVES[kind].documents(house).all(removed)]
    return [row for row in found if not class_id or row.class_id == class_id]


def _class_row(house: House, s: Stored[ClassGroup]) -> KeptRow:
    book = Book(house)
    used = [f"the session {x.body.title or 'without a title'}" for x in house.sessions.all() if x.body.class_id == s.id]
    return KeptRow(
        id=s.id, title=s.body.title, saved=s.saved, line=when_words(s.body), day=book.next_day(s.id),
        how_far=book.account(s.id).how_far if form_of(house, s.body.form_id) else None, used_in=tuple(used[:6]),
    )  # fmt: skip


def _lesson_row(house: House, s: Stored[Lesson]) -> KeptRow:
    minutes = round(s.body.ms() / 60_000)
    return KeptRow(
        id=s.id, title=s.body.title, saved=s.saved, line=f"{minutes} minutes", class_id=s.body.class_id, day=s.body.day
    )


def _course_row(house: House, s: Stored[Course]) -> KeptRow:
    says = Book(house).course(s.body).says
    return KeptRow(id=s.id, title=s.body.title, saved=s.saved, line=says, class_id=s.body.class_id, day=s.body.starts)


ROWS: dict[KeptKind, Callable[[House, Stored[Any]], KeptRow]] = {
    "classes": _class_row,
    "lessons": _lesson_row,
    "courses": _course_row,
}


@router.post("/{kind}", status_code=201)
def new_kept(house: Here, kind: KeptKind, new: KeptBody) -> Kept:
    """A new one."""
    shelf = SHELVES[kind]
    body = shelf.read(new.body)
    if kind != "classes":
        house.classes.get(body.class_id)
    return shelf.view(house, shelf.documents(house).add(body))


@router.get("/{kind}/unreadable")
def unreadable_kept(house: Here, kind: KeptKind) -> list[UnreadableView]:
    """Those that are here and cannot be read, with their earlier versions."""
    return unreadable_views(SHELVES[kind].documents(house))


@router.post("/{kind}/{id_}/go-back")
def go_back_kept(house: Here, kind: KeptKind, id_: str, to: Earlier) -> Kept:
    """Make an earlier version the present one."""
    return SHELVES[kind].view(house, SHELVES[kind].documents(house).go_back(id_, to.number))


@router.get("/{kind}/{id_}")
def get_kept(house: Here, kind: KeptKind, id_: str) -> Kept:
    """One of them with what follows from it."""
    return SHELVES[kind].view(house, SHELVES[kind].documents(house).get(id_))


@router.put("/{kind}/{id_}")
def save_kept(house: Here, kind: KeptKind, id_: str, save: KeptSave) -> Kept:
    """Write it. 409 when somebody else wrote since `version`."""
    shelf = SHELVES[kind]
    return shelf.view(house, shelf.documents(house).save(id_, save.version, shelf.read(save.body)))


@router.post("/{kind}/{id_}/undo")
def undo_kept(house: Here, kind: KeptKind, id_: str, at: Version) -> Kept:
    """One step back."""
    return SHELVES[kind].view(house, SHELVES[kind].documents(house).undo(id_, at.version))


@router.post("/{kind}/{id_}/redo")
def redo_kept(house: Here, kind: KeptKind, id_: str, at: Version) -> Kept:
    """One step forward again."""
    return SHELVES[kind].view(house, SHELVES[kind].documents(house).redo(id_, at.version))


class StretchDone(Version):
    """Postures from one place of the sheet's choices to another, in so many milliseconds together."""

    first: int = Field(ge=0)
    last: int = Field(ge=0)
    ms: int = Field(ge=1_000, le=LONGEST_MS)


@router.post("/lessons/{id_}/stretch")
def add_stretch(house: Here, id_: str, stretch: StretchDone) -> LessonView:
    """A stretch of postures written down at once. 409 when somebody else wrote since `version`."""
    lesson = house.lessons.get(id_).body
    choices = lesson_sheet(lesson, _forms_of(house, lesson)).choices
    order = [Done(c.form_id, c.posture_id, c.title) for c in choices]
    made = with_stretch(lesson, order, stretch.first, stretch.last, stretch.ms)
    return lesson_view(house, house.lessons.save(id_, stretch.version, made))


@router.delete("/{kind}/{id_}")
def remove_kept(house: Here, kind: KeptKind, id_: str) -> Kept:
    """Put it out of sight; it can be brought back."""
    return SHELVES[kind].view(house, SHELVES[kind].documents(house).remove(id_))


@router.post("/{kind}/{id_}/bring-back")
def bring_kept_back(house: Here, kind: KeptKind, id_: str) -> Kept:
    """Bring it back."""
    return SHELVES[kind].view(house, SHELVES[kind].documents(house).bring_back(id_))
