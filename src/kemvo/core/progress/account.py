"""The account of a class: what of a form it was shown and did, in which lessons, on which sides, how fast, with how many words."""

from __future__ import annotations

from collections import defaultdict
from collections.abc import Iterable, Sequence
from datetime import date, timedelta
from typing import NamedTuple

from kemvo.core.model.form import Form
from kemvo.core.model.session import FACINGS
from kemvo.core.model.to_fill import is_to_fill
from kemvo.core.progress.model import ClassGroup, Lesson, LessonPart
from kemvo.core.running.run_record import WHOLE
from kemvo.core.tables.block_kinds import VoiceLevel
from kemvo.core.timing.timeline import plan_form
from kemvo.core.timing.totals import totals_by
from kemvo.core.types import Value


class Point(Value):
    """An open point: its lesson, its day and its words, and the posture it belongs to (empty: to the whole lesson)."""

    lesson_id: str
    point_id: str
    day: date
    text: str
    posture_id: str
    posture: str
    movement_id: str
    settled: date | None


class PostureAccount(Value):
    """A posture of the form in a class's log. `shown`, `last`: the days on which it was first shown or done, and last done. `lessons`:
    in how many it was done; `times`: how often, whole; `ms`: for how long, of which `left_ms` and `right_ms` on a side; `watched_ms`:
    how long the class only looked on. `tempo`, `voice`: as it was done last. `known`: taught before the log begins.
    `to_fill`: it has no movements yet, only a name."""

    posture_id: str
    number: str
    title: str
    section: str
    known: bool
    shown: date | None
    last: date | None
    lessons: int
    times: int
    ms: int
    left_ms: int
    right_ms: int
    watched_ms: int
    tempo: float
    voice: VoiceLevel | None
    open: tuple[Point, ...]
    to_fill: bool = False

    def taught(self) -> bool:
        """Whether the class has had it."""
        return self.known or self.shown is not None


class LessonColumn(Value):
    """A lesson as the account has it: its day, how long it ran, at which tempo its postures were done on the whole (counts a minute,
    by their time; 0: not known). `stopped`: it was to take much longer; `written`: it was written down."""

    lesson_id: str
    written: bool
    title: str
    day: date
    began: str
    ms: int
    planned_ms: int
    stopped: bool
    attendance: int | None
    tempo: float
    new: tuple[str, ...]
    points: int


class Week(Value):
    """A week (the day it begins, a Monday): the minutes of all its lessons."""

    monday: date
    minutes: float
    lessons: int


class HowFar(Value):
    """How far through the form: so many postures of so many, and the share of its time that they take (%)."""

    done: int
    of: int
    time_pct: float


class ClassAccount(Value):
    """The account of a class with one form. `cells[posture][lesson]`: how long it was done there (ms); `knots`: how many open points
    were left there. `left_ms`, `right_ms`: the time on postures that have a side. `elsewhere_ms`: time with other forms and with
    postures that are no longer in this one; `still_ms`: time without a posture."""

    form_id: str
    form: str
    lessons: tuple[LessonColumn, ...]
    postures: tuple[PostureAccount, ...]
    cells: tuple[tuple[int, ...], ...]
    knots: tuple[tuple[int, ...], ...]
    how_far: HowFar
    weeks: tuple[Week, ...]
    left_ms: int
    right_ms: int
    still_ms: int
    elsewhere_ms: int
    points: tuple[Point, ...]


STOPPED = 0.8
"""A lesson that ran for less than this share of its plan was stopped early."""


class Dated(NamedTuple):
    """A lesson by its id; `written`: it was written down, and is not only found in what ran."""

    id: str
    lesson: Lesson
    written: bool = True


def account(form_id: str, form: Form, group: ClassGroup, lessons: Iterable[Dated]) -> ClassAccount:
    """The account of a class with a form: of all lessons that were held, in their order."""
    held = sorted((x for x in lessons if x.lesson.held), key=lambda x: (x.lesson.day, x.lesson.began, x.id))
    postures = form.postures()
    row = {p.id: i for i, p in enumerate(postures)}
    sections = {p.id: s.title for s in form.sections for p in s.postures}
    tally = [_Tally() for _ in postures]
    cells = [[0] * len(held) for _ in postures]
    knots = [[0] * len(held) for _ in postures]
    still = elsewhere = 0
    columns: list[LessonColumn] = []
    points: list[Point] = []
    for n, (id_, lesson, written) in enumerate(held):
        new: list[str] = []
        for part in lesson.parts:
            i = row.get(part.posture_id) if part.form_id == form_id else None
            if i is None:
                still += 0 if part.posture_id else part.ms
                elsewhere += part.ms if part.posture_id else 0
                continue
            if tally[i].shown is None and postures[i].id not in group.known:
                new.append(postures[i].id)
            tally[i].add(part, lesson.day)
            if not watched(part):
                cells[i][n] += part.ms
        for (of, posture_id), count in times_done(lesson.parts).items():
            if of == form_id and posture_id in row:
                tally[row[posture_id]].done_in(lesson.day, count)
        for point in lesson.points:
            i = row.get(point.posture_id) if point.form_id in ("", form_id) else None
            if point.posture_id and i is None and point.form_id != form_id:
                continue
            told = Point(
                lesson_id=id_, point_id=point.id, day=lesson.day, text=point.text, posture_id=point.posture_id if i is not None else "",
                posture=postures[i].title() if i is not None else "", movement_id=point.movement_id, settled=point.settled,
            )  # fmt: skip
            points.append(told)
            if point.settled is None and i is not None:
                knots[i][n] += 1
                tally[i].open.append(told)
        columns.append(
            LessonColumn(
                lesson_id=id_, written=written, title=lesson.title, day=lesson.day, began=lesson.began, ms=lesson.ms(), planned_ms=lesson.planned_ms,
                stopped=lesson.ms() < STOPPED * lesson.planned_ms, attendance=lesson.attendance, tempo=tempo_of(lesson.parts),
                new=tuple(new), points=sum(p.settled is None for p in lesson.points),
            )
        )  # fmt: skip
    accounts = tuple(
        PostureAccount(
            posture_id=p.id, number=p.number, title=p.title(), section=sections[p.id], known=p.id in group.known,
            shown=t.shown, last=t.last, lessons=t.lessons, times=t.times, ms=t.ms, left_ms=t.left_ms, right_ms=t.right_ms,
            watched_ms=t.watched_ms, tempo=t.tempo, voice=t.voice, open=tuple(t.open), to_fill=is_to_fill(p),
        )
        for p, t in zip(postures, tally, strict=True)
    )  # fmt: skip
    return ClassAccount(
        form_id=form_id,
        form=form.title,
        lessons=tuple(columns),
        postures=accounts,
        cells=tuple(tuple(r) for r in cells),
        knots=tuple(tuple(r) for r in knots),
        how_far=how_far(form, {a.posture_id for a in accounts if a.taught()}),
        weeks=weeks_of([x.lesson for x in held]),
        left_ms=sum(t.left_ms for t in tally),
        right_ms=sum(t.right_ms for t in tally),
        still_ms=still,
        elsewhere_ms=elsewhere,
        points=tuple(points),
    )


class _Tally:
    """What is counted of a posture."""

    def __init__(self) -> None:
        self.shown: date | None = None
        self.last: date | None = None
        self.lessons = self.times = self.ms = self.left_ms = self.right_ms = self.watched_ms = 0
        self.tempo = 0.0
        self.voice: VoiceLevel | None = None
        self.open: list[Point] = []

    def add(self, part: LessonPart, day: date) -> None:
        self.shown = self.shown or day
        if watched(part):
            self.watched_ms += part.ms
            return
        self.ms += part.ms
        self.left_ms += part.ms if part.side == "L" else 0
        self.right_ms += part.ms if part.side == "R" else 0
        self.tempo, self.voice = part.tempo or self.tempo, part.voice

    def done_in(self, day: date, times: int) -> None:
        self.last = day
        self.lessons += 1
        self.times += times


def watched(part: LessonPart) -> bool:
    """Whether the class only looked on."""
    return FACINGS[part.facing].watched


def times_done(parts: Iterable[LessonPart]) -> dict[tuple[str, str], int]:
    """How often every posture (its form's id and its own) was done whole in a lesson; pieces of one time add up. Postures that were
    begun and never done whole are there with 0; what the class only looked at is not there."""
    shares: defaultdict[tuple[tuple[str, str], str, int], float] = defaultdict(float)
    for n, part in enumerate(parts):
        if part.posture_id and not watched(part):
            of, at = (part.form_id, part.posture_id), part.place or str(n)
            again = 0
            # A place that is full already is done once more.
            while shares[of, at, again] >= WHOLE:
                again += 1
            shares[of, at, again] += part.share
    found: dict[tuple[str, str], int] = {}
    for (of, _, _), share in shares.items():
        found[of] = found.get(of, 0) + (share >= WHOLE)
    return found


def tempo_of(parts: Iterable[LessonPart]) -> float:
    """The tempo of what was done on the whole, each posture counting by its time; 0 where none is known."""
    known = [p for p in parts if p.posture_id and p.tempo and not watched(p)]
    ms = sum(p.ms for p in known)
    return round(sum(p.tempo * p.ms for p in known) / ms, 2) if ms else 0.0


def how_far(form: Form, taught: Iterable[str]) -> HowFar:
    """How far a class is through a form."""
    (by_posture,) = totals_by(plan_form(form).spans, lambda s: s.performance.posture.id if s.performance else "")
    had = set(taught)
    ids = [p.id for p in form.postures()]
    whole = sum(t.ms for t in by_posture.values())
    ms = sum(t.ms for id_, t in by_posture.items() if id_ in had)
    return HowFar(
        done=sum(id_ in had for id_ in ids), of=len(ids), time_pct=round(100 * ms / whole, 1) if whole else 0.0
    )


def weeks_of(lessons: Sequence[Lesson]) -> tuple[Week, ...]:
    """The minutes of every week from the first lesson's to the last one's, weeks without one as well."""
    if not lessons:
        return ()
    first, last = (monday(f(x.day for x in lessons)) for f in (min, max))
    by_week: defaultdict[date, list[Lesson]] = defaultdict(list)
    for x in lessons:
        by_week[monday(x.day)].append(x)
    found: list[Week] = []
    while first <= last:
        here = by_week.get(first, [])
        found.append(Week(monday=first, minutes=round(sum(x.ms() for x in here) / 60_000, 2), lessons=len(here)))
        first += timedelta(days=7)
    return tuple(found)


def monday(day: date) -> date:
    """The Monday of a day's week."""
    return day - timedelta(days=day.weekday())
