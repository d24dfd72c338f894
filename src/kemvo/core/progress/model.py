"""A class, what it did in a lesson, and a form over weeks: what is kept. Nothing of persons: numbers only."""

from __future__ import annotations

from collections.abc import Callable
from typing import Annotated, Literal, TypeVar
from zoneinfo import ZoneInfo, ZoneInfoNotFoundError

from pydantic import Field, ValidationError, field_validator, model_validator

from kemvo.core.errors import from_validation
from kemvo.core.progress.levels import LevelId
from kemvo.core.tables.block_kinds import BlockKind, Facing, VoiceLevel
from kemvo.core.tables.groups import GroupId
from kemvo.core.tables.recall import RecallId
from kemvo.core.tables.rooms import Room
from kemvo.core.types import LONGEST_MS, Day, Id, Line, Notes, OneLine, Side, Title, Value

Weekday = Annotated[int, Field(ge=0, le=6)]
"""0 is Monday."""

WEEKDAYS = ("Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday")

Clock = Annotated[str, Field(pattern=r"^([01]?\d|2[0-3]):[0-5]\d$|^$")]
"""A time of day, "10:30", or nothing."""

People = Annotated[int, Field(ge=0, le=500)]
Stature = Annotated[int, Field(ge=80, le=230)]
PlanMinutes = Annotated[int, Field(ge=5, le=360)]


class CareNeeded(Value):
    """For how many of a class what is wanted: numbers only, never who."""

    knees: People = 0
    balance: People = 0
    bones: People = 0
    shoulders: People = 0
    pregnancy: People = 0
    beginners: People = 0

    def groups(self) -> tuple[GroupId, ...]:
        """The groups whose limits the class keeps, those with most people first."""
        found = [(-getattr(self, need), n, group) for n, (need, group) in enumerate(NEEDS.items())]
        return tuple(group for many, _, group in sorted(found) if many)


NEEDS: dict[str, GroupId] = {
    "knees": "sore-knees",
    "balance": "balance",
    "bones": "fragile-bones",
    "shoulders": "sore-shoulders",
    "pregnancy": "pregnancy",
    "beginners": "beginners",
}


class ClassGroup(Value):
    """A class: when and where it meets, for how long, and what it needs.

    `days`: the weekdays it meets on, `time`: when by its clock, in the time zone `zone` (an IANA name; empty: this machine's). `form_id`:
    the form it is learning; `known`: postures of it that were taught before this log begins. `pattern`: the pattern of its lessons.
    `recall`: how what was taught is spaced. `people`: how many usually come.
    """

    title: Title = ""
    days: Annotated[tuple[Weekday, ...], Field(max_length=7)] = ()
    time: Clock = ""
    minutes: PlanMinutes = 60
    zone: Annotated[str, Field(max_length=60, pattern=r"^[A-Za-z0-9_+\-/]*$")] = ""
    place: Title = ""
    room: Room | None = None
    level: LevelId = "beginners"
    people: People | None = None
    stature_least_cm: Stature | None = None
    stature_most_cm: Stature | None = None
    care: CareNeeded = CareNeeded()
    form_id: Id = ""
    known: Annotated[tuple[Id, ...], Field(max_length=400)] = ()
    pattern: Annotated[str, Field(max_length=40)] = "two-angles"
    recall: RecallId = "doubling"
    notes: Notes = ""

    @field_validator("zone")
    @classmethod
    def _is_a_zone(cls, zone: str) -> str:
        try:
            return ZoneInfo(zone).key if zone else ""
        except (ZoneInfoNotFoundError, ValueError, OSError):
            raise ValueError("This is no time zone. Write it as Europe/London, or leave it out.") from None


class LessonPart(Value):
    """A posture (or a still time) of a lesson: in which kind of pass, on which side as the class did it, at which tempo (counts a
    minute, 0: not known), how long (ms), and how much of it (`share`, 1: once whole). `place` tells times in a row from each other."""

    form_id: Id = ""
    posture_id: Id = ""
    posture: Title = ""
    kind: BlockKind = "follow"
    facing: Facing = "behind"
    voice: VoiceLevel = "full"
    side: Side | None = None
    tempo: Annotated[float, Field(ge=0, le=1000, allow_inf_nan=False)] = 0.0
    ms: Annotated[int, Field(ge=0, le=LONGEST_MS)] = 0
    share: Annotated[float, Field(ge=0, le=1)] = 1.0
    pass_title: Annotated[str, Field(max_length=500), OneLine] = ""
    place: Annotated[str, Field(max_length=120), OneLine] = ""


class OpenPoint(Value):
    """Something to bring back: what went wrong or what to look at, of which posture and movement (empty: of the whole), and the day
    on which it was settled (None: still open)."""

    id: Id = ""
    text: Line
    form_id: Id = ""
    posture_id: Id = ""
    movement_id: Id = ""
    settled: Day | None = None


LessonSource = Literal["stage", "recording", "hand"]


MOST_PARTS = 3000
"""The most parts a lesson may have."""


class Lesson(Value):
    """A lesson that was held. `day`, `began`: when, by the class's clock. `held`: False for a run that was only a rehearsal.
    `runs`, `recording_id`: what it was written from. `planned_ms`: how long it was to take. `attendance`: how many came."""

    title: Title = ""
    class_id: Id = ""
    day: Day
    began: Clock = ""
    held: bool = True
    source: LessonSource = "hand"
    session_id: Id = ""
    recording_id: Id = ""
    runs: Annotated[tuple[Id, ...], Field(max_length=100)] = ()
    planned_ms: Annotated[int, Field(ge=0, le=LONGEST_MS)] = 0
    attendance: People | None = None
    parts: Annotated[tuple[LessonPart, ...], Field(max_length=MOST_PARTS)] = ()
    points: Annotated[tuple[OpenPoint, ...], Field(max_length=200)] = ()
    notes: Notes = ""

    def ms(self) -> int:
        """How long it ran, in milliseconds."""
        return sum(p.ms for p in self.parts)


class Holiday(Value):
    """Days without a lesson, both included."""

    first: Day
    last: Day
    title: Title = ""

    @model_validator(mode="after")
    def _in_order(self) -> Holiday:
        if self.last < self.first:
            raise ValueError("A holiday ends on the day it begins, or later. Exchange its two days.")
        return self


class CoursePin(Value):
    """A posture that is to be new on a certain day."""

    posture_id: Id
    day: Day


class Course(Value):
    """A form (or the stretch from `first` to `last`) over weeks, for a class. `lessons`: how many; `ends`: or until when. `minutes`,
    `level`: other than the class's. `pins`: what the instructor has settled."""

    title: Title = ""
    class_id: Id = ""
    form_id: Id = ""
    first: Id = ""
    last: Id = ""
    starts: Day
    lessons: Annotated[int, Field(ge=1, le=200)] | None = 12
    ends: Day | None = None
    minutes: PlanMinutes | None = None
    level: LevelId | None = None
    holidays: Annotated[tuple[Holiday, ...], Field(max_length=100)] = ()
    pins: Annotated[tuple[CoursePin, ...], Field(max_length=400)] = ()
    alarm_minutes: Annotated[int, Field(ge=0, le=10_080)] | None = 60
    notes: Notes = ""


B = TypeVar("B", ClassGroup, Lesson, Course)


def reader_of(model: type[B]) -> Callable[[object], B]:
    """What reads a class, a lesson or a course from plain data; it raises KemvoError that names the field."""

    def read(data: object) -> B:
        try:
            made = model.model_validate(data)
            return with_point_ids(made) if isinstance(made, Lesson) else made
        except ValidationError as error:
            raise from_validation(error, data, "") from None

    return read


def with_point_ids(body: Lesson) -> Lesson:
    """The points of a lesson with ids of their own."""
    wished = {p.id for p in body.points}
    given: set[str] = set()
    points = []
    n = 0
    for p in body.points:
        new = p.id
        while not new or new in given:
            n += 1
            new = f"o{n}" if f"o{n}" not in wished else ""
        given.add(new)
        points.append(p if new == p.id else p.model_copy(update={"id": new}))
    return body.model_copy(update={"points": tuple(points)})
