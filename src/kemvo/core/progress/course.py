"""A form over weeks: which posture in which lesson, within the minutes there are; or by how much it does not fit.

Every lesson has the minutes that stay after arriving, warming up and closing. Of these go: a recap of what was taught before (one time
through it, at most a share of the lesson), the new postures' teaching time, and joining each on to the one before. Postures keep their
order. Of all divisions that fit, the most even one is taken: lessons that are about as full as each other, and a pace through the form
that stays the same from the first lesson to the last.
"""

from __future__ import annotations

from collections.abc import Callable, Iterable, Mapping, Sequence
from datetime import date, timedelta
from math import inf
from typing import Literal, NamedTuple

from kemvo.core.model.form import Form, Posture
from kemvo.core.progress.account import ClassAccount, Dated, watched
from kemvo.core.progress.levels import HARDER_MINUTES, LEVELS
from kemvo.core.progress.model import ClassGroup, Course
from kemvo.core.progress.next_lesson import once_ms
from kemvo.core.tables.block_kinds import BLOCK_KINDS, PatternRow
from kemvo.core.types import Value

RECAP_MOST = 1 / 3
"""A recap takes at most this share of what is left of a lesson (own choice)."""

JOINS = 2
"""How many times a new posture is joined to the previous one (own choice)."""

PACE_COUNTS = 4.0
"""What being off an even pace counts for against a lesson's fullness (own choice)."""

MOST_LESSONS = 200
MOST_EXTRA_MINUTES = 240


class Load(NamedTuple):
    """What a lesson has room for and what postures take, in minutes. `room`: of each lesson; `teach`, `join`: of each posture, in
    order; `recap`: after so many postures were taught (0 to all of them); `pinned`: the lesson a posture must be in, by its number."""

    room: Sequence[float]
    teach: Sequence[float]
    join: Sequence[float]
    recap: Sequence[float]
    pinned: Mapping[int, int]

    def recap_in(self, lesson: int, taught: int) -> float:
        """The recap of a lesson that begins with so many postures taught."""
        return min(self.recap[taught], RECAP_MOST * max(0.0, self.room[lesson]))


def divided(load: Load) -> list[int] | None:
    """After each lesson, how many postures are taught; None where no division fits. The most even one: the least sum of the squares of
    how full each lesson is, and of how far each is off an even pace."""
    n, lessons = len(load.teach), len(load.room)
    work = [0.0]
    for teach, join in zip(load.teach, load.join, strict=True):
        work.append(work[-1] + teach + join)
    best = [0.0] + [inf] * n
    steps: list[list[int]] = []
    for k in range(lessons):
        room = load.room[k]
        must = [i for i, at in load.pinned.items() if at == k]
        new = [inf] * (n + 1)
        came = [-1] * (n + 1)
        for i in range(n + 1):
            if best[i] == inf or any(m < i for m in must):
                continue
            recap = load.recap_in(k, i)
            for j in range(i, n + 1):
                if j > i and load.pinned.get(j - 1, k) != k:
                    break
                took = work[j] - work[i] + recap
                if j > i and took > room + 1e-9:
                    break
                if any(m >= j for m in must):
                    continue
                full = took / room if room > 0 else 0.0
                off = (work[j] / work[n] if work[n] else 1.0) - (k + 1) / lessons
                price = best[i] + full * full + PACE_COUNTS * off * off
                if price < new[j] - 1e-12:
                    new[j], came[j] = price, i
        best = new
        steps.append(came)
    if best[n] == inf:
        return None
    out = [n]
    for came in reversed(steps):
        out.append(came[out[-1]])
    return list(reversed(out))[1:]


def as_far_as(load: Load) -> list[int]:
    """As much as fits, lesson after lesson, without looking at what is settled for a day."""
    done, out = 0, []
    for k in range(len(load.room)):
        left = load.room[k] - load.recap_in(k, done)
        while done < len(load.teach) and load.teach[done] + load.join[done] <= left + 1e-9:
            left -= load.teach[done] + load.join[done]
            done += 1
        out.append(done)
    return out


class CoursePosture(Value):
    """A posture of a course: the minutes it takes to teach, and whether those come from earlier lessons."""

    posture_id: str
    number: str
    title: str
    minutes: float
    measured: bool
    pinned: bool = False


LessonState = Literal["held", "missed", "planned", "holiday"]


class CourseLesson(Value):
    """A day of a course. `no`: the lesson's number among those that are held. `new`: the postures that are new on it. Minutes: `room` in
    which something can be taught, of which `recap`, `new` and `join`. `lesson_id`: what was written down of it (empty: nothing)."""

    day: date
    state: LessonState
    no: int | None
    title: str
    new: tuple[CoursePosture, ...] = ()
    room: float = 0.0
    recap: float = 0.0
    teach: float = 0.0
    join: float = 0.0
    lesson_id: str = ""


class CoursePlan(Value):
    """A course worked out. `feasible`: all of it fits; `says`: that, or by how much it does not and what would do; `over`: what finds no
    place. `fixed_minutes`: what every lesson needs for arriving, warming up and closing."""

    rows: tuple[CourseLesson, ...]
    feasible: bool
    says: str
    over: tuple[CoursePosture, ...]
    fixed_minutes: float
    minutes: int


def lesson_days(course: Course, group: ClassGroup) -> list[tuple[date, str | None]]:
    """The days of a course in order, each with the holiday that falls on it, if one does."""
    days = group.days or (course.starts.weekday(),)
    found: list[tuple[date, str | None]] = []
    lessons = 0
    day = course.starts
    last = course.ends or course.starts + timedelta(days=7 * MOST_LESSONS)
    most = course.lessons if course.ends is None else MOST_LESSONS
    while day <= last and lessons < (most or MOST_LESSONS) and len(found) < 2 * MOST_LESSONS:
        if day.weekday() in days:
            off = next((h.title or "Holiday" for h in course.holidays if h.first <= day <= h.last), None)
            found.append((day, off))
            lessons += off is None
        day += timedelta(days=1)
    return found


def fixed_minutes(pattern: PatternRow) -> float:
    """What of a lesson goes into blocks that stand still: arriving, warm-up, rest, questions, closing."""
    return sum(BLOCK_KINDS[b.kind].still_ms * (b.repeats or 1) for b in pattern.blocks) / 60_000


def teaching_minutes(
    form: Form, level: str, earlier: Iterable[tuple[str, Sequence[Dated]]], form_id: str
) -> dict[str, tuple[float, bool]]:
    """How long every posture takes to teach: as it took in the lessons in which classes had it first, without recaps and whole forms;
    else by its level and its movements. The second is whether it was measured."""
    row = next(r for r in LEVELS.values() if r.id == level)
    took: dict[str, list[float]] = {}
    for _, lessons in earlier:
        seen: set[str] = set()
        for x in sorted(lessons, key=lambda x: (x.lesson.day, x.lesson.began)):
            if not x.lesson.held:
                continue
            here: dict[str, float] = {}
            for p in x.lesson.parts:
                if p.form_id == form_id and p.posture_id and p.posture_id not in seen:
                    counts = p.kind not in ("recap", "whole", "chain")
                    here[p.posture_id] = here.get(p.posture_id, 0.0) + (p.ms / 60_000 if counts else 0.0)
            for id_, minutes in here.items():
                if minutes > 0:
                    took.setdefault(id_, []).append(minutes)
            seen |= set(here)
    out: dict[str, tuple[float, bool]] = {}
    for posture in form.postures():
        guess = _guessed(posture, row.base_minutes, row.movement_minutes)
        measured = took.get(posture.id)
        out[posture.id] = (
            (min(MEASURED_MOST * guess, sum(measured) / len(measured)), True) if measured else (guess, False)
        )
    return out


MEASURED_MOST = 2.0
"""A lesson with time to spare is filled with more of the same: of what a posture took, so many times its level's guess counts at most
(own choice)."""


def _guessed(p: Posture, base: float, each: float) -> float:
    return base + each * len(p.movements) + (HARDER_MINUTES if p.kinds else 0.0)


def of_course(course: Course, form: Form) -> list[Posture]:
    """The postures a course goes over, in order."""
    postures = form.postures()
    at = {p.id: i for i, p in enumerate(postures)}
    first, last = at.get(course.first, 0), at.get(course.last, len(postures) - 1)
    return postures[min(first, last) : max(first, last) + 1]


def course_plan(
    course: Course,
    group: ClassGroup,
    form: Form,
    made: ClassAccount,
    lessons: Sequence[Dated],
    teach: Mapping[str, tuple[float, bool]],
    fixed: float,
    today: date,
) -> CoursePlan:
    """A course as it stands on a day: what was taught stays where it was taught, the rest is divided over the lessons that are left."""
    postures = of_course(course, form)
    minutes = course.minutes or group.minutes
    once = {id_: ms / 60_000 for id_, ms in once_ms(form).items()}
    by_day = {x.lesson.day: x for x in lessons if x.lesson.held}
    columns = {c.lesson_id: c for c in made.lessons}
    taught = {a.posture_id for a in made.postures if a.taught()}
    pins = {p.posture_id: p.day for p in course.pins}
    cards = {
        p.id: CoursePosture(
            posture_id=p.id, number=p.number, title=p.title(), minutes=round(teach[p.id][0], 1), measured=teach[p.id][1], pinned=p.id in pins
        )
        for p in postures
    }  # fmt: skip
    days = lesson_days(course, group)
    held = [day for day, _ in days if day in by_day]
    coming = [day for day, off in days if off is None and day not in by_day and day >= today]
    left = [p for p in postures if p.id not in taught]
    before = [p for p in postures if p.id in taught]
    load = _load(
        left,
        before,
        once,
        teach,
        [minutes - fixed] * len(coming),
        {p: coming.index(d) for p, d in pins.items() if d in coming},
    )
    ends = divided(load)
    feasible = ends is not None
    if ends is None:
        ends = as_far_as(load)
    new_of: dict[date, list[Posture]] = {}
    used: dict[date, tuple[float, float, float]] = {}
    done = 0
    for k, day in enumerate(coming):
        here = left[done : ends[k]]
        new_of[day] = here
        used[day] = (
            load.recap_in(k, done),
            sum(load.teach[done : ends[k]]),
            sum(load.join[done : ends[k]]),
        )
        done = ends[k]
    rows: list[CourseLesson] = []
    no = 0
    extra = [
        x.lesson.day
        for x in lessons
        if x.lesson.held and course.starts <= x.lesson.day <= (days[-1][0] if days else course.starts)
    ]
    for day, off in sorted({**dict.fromkeys(extra), **dict(days)}.items()):
        if day in by_day:
            x = by_day[day]
            column = columns.get(x.id)
            new = tuple(cards[id_] for id_ in (column.new if column else ()) if id_ in cards)
            no += 1
            rows.append(_held(day, no, x, new, minutes - fixed))
        elif off is not None:
            rows.append(CourseLesson(day=day, state="holiday", no=None, title=off))
        elif day < today:
            rows.append(CourseLesson(day=day, state="missed", no=None, title="not held"))
        else:
            no += 1
            recap, teaching, join = used[day]
            rows.append(
                CourseLesson(
                    day=day, state="planned", no=no, title="", new=tuple(cards[p.id] for p in new_of[day]), room=round(minutes - fixed, 1),
                    recap=round(recap, 1), teach=round(teaching, 1), join=round(join, 1),
                )
            )  # fmt: skip
    over = tuple(cards[p.id] for p in left[done:])
    astray = [cards[p.id].title for p in left if p.id in pins and pins[p.id] not in coming]
    says = _says(feasible, load, over, left, held, coming, minutes)
    if astray:
        says += f" {', '.join(astray)}: settled for a day on which there is no lesson."
    return CoursePlan(
        rows=tuple(rows), feasible=feasible, says=says, over=over, fixed_minutes=round(fixed, 1), minutes=minutes
    )


def _held(day: date, no: int, x: Dated, new: tuple[CoursePosture, ...], room: float) -> CourseLesson:
    """What a lesson that was held went into, by its kinds of passes."""
    ids = {p.posture_id for p in new}
    sums = {"recap": 0, "teach": 0, "join": 0}
    for p in x.lesson.parts:
        if p.posture_id:
            sums["teach" if p.posture_id in ids and not (watched(p) and p.kind == "whole") else "recap"] += p.ms
    return CourseLesson(
        day=day, state="held", no=no, title=x.lesson.title, new=new, room=round(room, 1), lesson_id=x.id if x.written else "",
        recap=round(sums["recap"] / 60_000, 1), teach=round(sums["teach"] / 60_000, 1), join=0.0,
    )  # fmt: skip


def _load(
    left: Sequence[Posture],
    before: Sequence[Posture],
    once: Mapping[str, float],
    teach: Mapping[str, tuple[float, bool]],
    room: Sequence[float],
    pinned: Mapping[str, int],
) -> Load:
    join = []
    last = before[-1] if before else None
    for p in left:
        join.append(JOINS * (once.get(last.id, 0.0) + once.get(p.id, 0.0)) if last else 0.0)
        last = p
    recap = [sum(once.get(p.id, 0.0) for p in before)]
    for p in left:
        recap.append(recap[-1] + once.get(p.id, 0.0))
    places = {i: pinned[p.id] for i, p in enumerate(left) if p.id in pinned}
    return Load(room, [teach[p.id][0] for p in left], join, recap, places)


def _says(
    feasible: bool,
    load: Load,
    over: Sequence[CoursePosture],
    left: Sequence[Posture],
    held: Sequence[date],
    coming: Sequence[date],
    minutes: int,
) -> str:
    """Whether it fits, and what would do where it does not."""
    if not left:
        return f"All of it was taught in {len(held)} lesson{'s' * (len(held) != 1)}."
    if feasible:
        most = f"{len(left)} posture{'s' * (len(left) != 1)} in {len(coming)} lesson{'s' * (len(coming) != 1)}"
        return f"It fits: {most}{' to come' if held else ''}."
    if not coming:
        return f"No lesson is left for {_many(len(left))}. Add lessons, or move the end."
    ways = _ways(load, minutes)
    if not over:
        told = "It would fit, but not with each of the days that are settled. Let one of them go"
        return f"{told}{''.join(f', or have {way}' for way in ways)}."
    free = [] if ways or not load.pinned else _ways(load._replace(pinned={}), minutes)
    would = f" {' or '.join(ways).capitalize()} would do." if ways else ""
    would += f" {' or '.join(free).capitalize()} would do if no day were settled." if free else ""
    return f"It does not fit: {_many(len(over))} find{'s' * (len(over) == 1)} no place.{would}"


def _ways(load: Load, minutes: int) -> list[str]:
    """What would make a load fit with every settled day where it is, each way tried."""
    more, longer = lessons_more(load), minutes_more(load)
    ways = [f"{more} lesson{'s' * (more != 1)} more"] if more else []
    return ways + ([f"lessons {longer} minutes longer ({minutes + longer} instead of {minutes})"] if longer else [])


def _many(n: int) -> str:
    return f"{n} posture{'s' * (n != 1)}"


def lessons_more(load: Load) -> int | None:
    """How many lessons more, as long as the last one, it would need with the settled days where they are; None: no number of them would
    do."""
    room = load.room[-1] if load.room else 0.0
    return _least(lambda more: load._replace(room=[*load.room, *[room] * more]), MOST_LESSONS)


def minutes_more(load: Load) -> int | None:
    """How many whole minutes longer every lesson would have to be with the settled days where they are; None: more than four hours."""
    return _least(lambda more: load._replace(room=[r + more for r in load.room]), MOST_EXTRA_MINUTES)


def _least(with_more: Callable[[int], Load], most: int) -> int | None:
    """The least number with which it fits: with more it fits as well."""
    if divided(with_more(most)) is None:
        return None
    low, high = 0, most
    while high - low > 1:
        middle = (low + high) // 2
        low, high = (low, middle) if divided(with_more(middle)) else (middle, high)
    return high
