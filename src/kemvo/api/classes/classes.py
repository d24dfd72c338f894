"""Routes of what a class had and should have: its logbook, what next, the next lesson, today; files of all of it."""

from __future__ import annotations

from datetime import date
from typing import Annotated, Literal

from fastapi import APIRouter, Response, UploadFile
from pydantic import BaseModel, Field

from kemvo.api.base.documents import Version, answer, disposition, download, file_text
from kemvo.api.base.workspace import Here, Workspace
from kemvo.api.classes.book import LessonView, lesson_view
from kemvo.api.classes.logbook import Book, form_of, now_of, pattern_of
from kemvo.api.recordings.recordings import of_session
from kemvo.api.sessions.sessions import SessionView
from kemvo.api.sessions.sessions import view as session_view
from kemvo.core.errors import KemvoError, Problem
from kemvo.core.model.session import Forms
from kemvo.core.model.settings import begun_session
from kemvo.core.progress.account import ClassAccount
from kemvo.core.progress.for_class import session_for, session_for_anybody
from kemvo.core.progress.lessons import day_words, lesson_of_recording
from kemvo.core.progress.model import ClassGroup, Course, Lesson
from kemvo.core.progress.next_lesson import chosen_recap, next_lesson
from kemvo.core.progress.occasions import course_events
from kemvo.core.progress.what_next import WhatNext, what_next
from kemvo.core.types import Day
from kemvo.core.views.class_pages import ClassNow, Today, Waiting, today
from kemvo.formats.documents.class_file import ClassBundle, write_class
from kemvo.formats.paper.calendar import MEDIA_TYPE, write_calendar
from kemvo.formats.paper.course_paper import write_course_csv, write_course_pdf
from kemvo.formats.paper.log_csv import read_log, write_log

router = APIRouter(prefix="/api/classes", tags=["classes"])
courses = APIRouter(prefix="/api/courses", tags=["classes"])
of_sessions = APIRouter(prefix="/api/sessions", tags=["classes"])
todays = APIRouter(prefix="/api/today", tags=["classes"])


class Offered(BaseModel):
    """A run on a day on which the class does not meet: a lesson only if the instructor says so."""

    day: date
    title: str
    ms: int


class Logbook(BaseModel):
    """The logbook of a class with a form: its account, the lessons that ran and are not written down yet (days), what ran on other
    days, rehearsals, and the forms there is something of."""

    account: ClassAccount
    to_write: list[date]
    offered: list[Offered]
    rehearsals: list[Offered]
    forms: list[tuple[str, str]]


@router.get("/{id_}/logbook")
def logbook(workspace: Here, id_: str, form_id: str = "") -> Logbook:
    """The logbook of a class; `form_id`: with another form than the one it learns."""
    book = Book(workspace)
    group, ran, lessons = book.group(id_), book.ran(id_), book.lessons(id_)
    ids = dict.fromkeys([group.form_id, *(p.form_id for x in lessons for p in x.lesson.parts)])
    forms = [(f, form.title) for f in ids if (form := form_of(workspace, f))]
    return Logbook(
        account=book.account(id_, form_id),
        to_write=[x.day for x in ran.counted],
        offered=[Offered(day=x.day, title=x.title, ms=x.ms()) for x in ran.offered],
        rehearsals=[
            Offered(day=x.lesson.day, title=x.lesson.title, ms=x.lesson.ms()) for x in lessons if not x.lesson.held
        ],
        forms=forms,
    )


class WriteDown(BaseModel):
    """Which day's runs are written down; `held`: as a lesson, or as a rehearsal only."""

    day: Day
    held: bool = True


@router.post("/{id_}/write-down", status_code=201)
def write_down(workspace: Here, id_: str, it: WriteDown) -> LessonView:
    """Write down what ran on a day, to be finished by hand."""
    ran = Book(workspace).ran(id_)
    found = next((x for x in (*ran.counted, *ran.offered) if x.day == it.day), None)
    if found is None:
        raise KemvoError(
            Problem(
                what=f"Nothing ran on {day_words(it.day)} that is not written down.", mend="Look at the logbook again."
            )
        )
    return lesson_view(workspace, workspace.lessons.add(found.model_copy(update={"held": it.held})))


class FromRecording(BaseModel):
    """A recording that is written down as a lesson of a day."""

    recording_id: Annotated[str, Field(max_length=64)]
    day: Day


@router.post("/{id_}/from-recording", status_code=201)
def write_recording_down(workspace: Here, id_: str, it: FromRecording) -> LessonView:
    """Write a recording down as a lesson, by its own clock."""
    workspace.classes.get(id_)
    recording = workspace.recordings.get(it.recording_id).body
    session, forms, here = of_session(workspace, recording)
    if not here:
        raise KemvoError(
            Problem(
                what="The session of this recording is not here.",
                where=recording.title,
                mend="Bring it back from the list of sessions.",
            )
        )
    made = lesson_of_recording(recording, session, forms, id_, it.recording_id, it.day)
    return lesson_view(workspace, workspace.lessons.add(made))


class Proposal(BaseModel):
    """What next for a class, on the day of its next lesson. `chosen`: what of the recap its time allows; `session_id`: what is laid out
    for that day already."""

    day: date
    says: str
    next: WhatNext
    chosen: list[str]
    session_id: str


def _day(book: Book, id_: str, day: date | None) -> date:
    return day or book.next_day(id_) or now_of(book.group(id_)).date()


def _session_for(workspace: Workspace, id_: str, day: date) -> tuple[str, str] | None:
    """The session that is laid out for a day: the one saved last."""
    found = next((s for s in workspace.sessions.all() if s.body.class_id == id_ and s.body.day == day), None)
    return (found.id, found.body.title) if found else None


@router.get("/{id_}/next")
def next_for(workspace: Here, id_: str, day: Day | None = None) -> Proposal:
    """What a class should have next, with the reason for each; `day`: on another day than its next lesson's."""
    book = Book(workspace)
    group, on, made = book.group(id_), _day(book, id_, day), book.account(id_)
    next_ = what_next(made, group, on, book.planned(id_, on))
    form = workspace.forms.get(made.form_id).body
    laid = _session_for(workspace, id_, on)
    says = f"{day_words(on, now_of(group).date())} {group.time}".strip()
    return Proposal(
        day=on,
        says=says,
        next=next_,
        chosen=chosen_recap(next_, form, group.minutes),
        session_id=laid[0] if laid else "",
    )


class LayOutNext(BaseModel):
    """How the next lesson is laid out: on another day, with other new postures (ids; None: as proposed)."""

    day: Day | None = None
    new: Annotated[list[str], Field(max_length=40)] | None = None


@router.post("/{id_}/next-lesson", status_code=201)
def lay_out_next(workspace: Here, id_: str, wish: LayOutNext) -> SessionView:
    """Lay out the next lesson of a class: a new session, fitted to its hour."""
    book = Book(workspace)
    group, day, made = book.group(id_), _day(book, id_, wish.day), book.account(id_)
    next_ = what_next(made, group, day, book.planned(id_, day))
    new = next_.proposed if wish.new is None else wish.new
    form = workspace.forms.get(made.form_id).body
    session = next_lesson(pattern_of(workspace, id_, group), group, id_, made.form_id, form, made, next_, new)
    return session_view(workspace, workspace.sessions.add(begun_session(session, workspace.begins_with())))


class ForClass(Version):
    """For which class a session is to be (its id; empty: for none)."""

    class_id: Annotated[str, Field(max_length=64)] = ""


@of_sessions.post("/{id_}/for-class", response_model=SessionView)
def give_to_class(workspace: Here, id_: str, it: ForClass) -> Response:
    """Let a session be for a class: with its start, its room, its limits and its cautions. 409 when somebody else wrote since
    `version`."""
    session = workspace.sessions.get(id_).body
    if it.class_id:
        made = session_for(session, workspace.classes.get(it.class_id).body, it.class_id)
    else:
        made = session_for_anybody(session)
    return answer(session_view(workspace, workspace.sessions.save(id_, it.version, made)))


@router.get("/{id_}/log.csv", response_class=Response)
def log_csv(workspace: Here, id_: str) -> Response:
    """All lessons of a class as CSV."""
    book = Book(workspace)
    lessons = [x.lesson for x in book.lessons(id_)]
    return download(
        write_log(lessons, _forms(workspace)), f"{book.group(id_).title} log", "csv", "text/csv; charset=utf-8"
    )


def _forms(workspace: Workspace) -> Forms:
    return {s.id: s.body for s in workspace.forms.all()}


class LogRead(BaseModel):
    """What came of a table of lessons: how many were added, how many were here already, and postures that no form has."""

    added: int
    known: int
    unknown: list[str]


@router.post("/{id_}/log-file", status_code=201)
def open_log(workspace: Here, id_: str, file: UploadFile) -> LogRead:
    """Add the lessons of a CSV table to a class; lessons that are here already are not added again."""
    group = workspace.classes.get(id_).body
    name = file.filename or ""
    try:
        text = file_text(file).decode("utf-8-sig")
    except UnicodeDecodeError:
        raise KemvoError(
            Problem(what="This table is not UTF-8 text.", where=name, mend="Save it again as CSV, UTF-8.")
        ) from None
    read = read_log(text, name, id_, _forms(workspace), group.form_id)
    here = {_same(x.lesson) for x in Book(workspace).lessons(id_)}
    fresh = [x for x in read.lessons if _same(x) not in here]
    for lesson in fresh:
        workspace.lessons.add(lesson)
    return LogRead(added=len(fresh), known=len(read.lessons) - len(fresh), unknown=list(read.unknown))


def _same(lesson: Lesson) -> object:
    """What makes two lessons the same: their day, their time, and what was done in them."""
    return lesson.day, lesson.began, lesson.ms(), tuple((p.posture_id, p.ms) for p in lesson.parts)


@router.get("/{id_}/class.json", response_class=Response)
def class_file(workspace: Here, id_: str) -> Response:
    """A class with its lessons, courses and forms as a file."""
    book = Book(workspace)
    group, courses = book.group(id_), tuple(book.courses(id_))
    lessons = tuple(x.lesson for x in book.lessons(id_))
    ids = {group.form_id, *(c.form_id for c in courses), *(p.form_id for x in lessons for p in x.parts)}
    forms = {f: form for f in sorted(ids) if (form := form_of(workspace, f))}
    text = write_class(ClassBundle(group, lessons, courses, forms))
    return download(text, group.title, "class.json", "application/json")


def add_class(workspace: Workspace, bundle: ClassBundle) -> str:
    """Add a class from a file; forms in it that are not here yet are added. Answers with its id."""
    here = {stored.body: stored.id for stored in workspace.forms.all()}
    ids = {old: here.get(form) or workspace.forms.add(form).id for old, form in bundle.forms.items()}

    def moved(value: ClassGroup | Course) -> dict[str, str]:
        return {"form_id": ids.get(value.form_id, value.form_id)}

    id_ = workspace.classes.add(bundle.group.model_copy(update=moved(bundle.group))).id
    for lesson in bundle.lessons:
        parts = tuple(p.model_copy(update={"form_id": ids.get(p.form_id, p.form_id)}) for p in lesson.parts)
        points = tuple(p.model_copy(update={"form_id": ids.get(p.form_id, p.form_id)}) for p in lesson.points)
        # Runs stay with the class they ran for.
        workspace.lessons.add(lesson.model_copy(update={"class_id": id_, "parts": parts, "points": points, "runs": ()}))
    for course in bundle.courses:
        workspace.courses.add(course.model_copy(update={"class_id": id_, **moved(course)}))
    return id_


@courses.get("/{id_}/calendar.ics", response_class=Response)
def calendar(workspace: Here, id_: str) -> Response:
    """A course as iCalendar. What changed since it was last given out updates what a calendar has; what fell away is cancelled."""
    stored = workspace.courses.get(id_)
    group = workspace.classes.get(stored.body.class_id).body
    events = workspace.calendar.give_out(
        id_, course_events(id_, stored.body, group, Book(workspace).course(stored.body))
    )
    title = stored.body.title or group.title or "Course"
    return Response(
        write_calendar(title, events), media_type=MEDIA_TYPE, headers={"Content-Disposition": disposition(title, "ics")}
    )


@courses.get("/{id_}/course.{ending}", response_class=Response)
def course_file(workspace: Here, id_: str, ending: Literal["csv", "pdf"]) -> Response:
    """A course as a table, or on paper."""
    stored = workspace.courses.get(id_)
    group = workspace.classes.get(stored.body.class_id).body
    made = Book(workspace).course(stored.body)
    title = stored.body.title or f"{group.title or 'Class'}, course"
    if ending == "csv":
        return download(write_course_csv(made), title, "csv", "text/csv; charset=utf-8")
    return Response(
        write_course_pdf(title, group, made),
        media_type="application/pdf",
        headers={"Content-Disposition": disposition(title, "pdf")},
    )


@todays.get("")
def todays_page(workspace: Here) -> Today:
    """What Kemvo opens with where there is a class."""
    book = Book(workspace)
    known, to_write = [], []
    for s in workspace.classes.all():
        now, on = now_of(s.body), book.next_day(s.id)
        made = book.account(s.id) if form_of(workspace, s.body.form_id) else None
        next_ = what_next(made, s.body, on, book.planned(s.id, on)) if made and on else None
        titles = {a.posture_id: a.title for a in made.postures} if made else {}
        new = ", ".join(titles[p] for p in next_.proposed) if next_ else ""
        session = _session_for(workspace, s.id, on) if on else None
        known.append(ClassNow(s.id, s.body, book.courses(s.id), book.held(s.id), on, session, new, made, now))
        for x in book.ran(s.id).counted:
            says = f"ran {day_words(x.day, now.date())}, {round(x.ms() / 60_000)} minutes: write it down"
            to_write.append(Waiting(title=s.body.title, says=says, to=f"/classes/{s.id}/log?day={x.day}"))
    first = known[0].now.date() if known else now_of(ClassGroup()).date()
    return today(known, first, to_write, _waiting(workspace))


def _waiting(workspace: Workspace) -> list[Waiting]:
    """Files that are being made or are ready, and recordings that are not marked to the end."""
    found = []
    for job in workspace.jobs.known():
        if not job.quiet and job.page:
            said = {"done": "is ready", "running": "is being made", "waiting": "waits", "failed": "failed"}.get(
                job.state, ""
            )
            if said:
                found.append(Waiting(title=job.title, says=said, to=job.page))
    for s in workspace.recordings.all():
        _, forms, here = of_session(workspace, s.body)
        if not here or not forms:
            continue
        marked = len({m.place for m in s.body.marks})
        if not marked or s.body.ends_ms is None:
            says = "not marked yet" if not marked else f"{marked} marks, not to the end"
            found.append(Waiting(title=s.body.title or "Untitled recording", says=says, to=f"/recordings/{s.id}"))
    return found
