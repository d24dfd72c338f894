"""Courses against a general solver (HiGHS, through scipy); calendars as an independent reader (vobject) and RFC 5545 have them; the
intervals of recaps against their published source."""

import random
import re
from datetime import UTC, date, datetime, timedelta
from zoneinfo import ZoneInfo

import numpy as np
import pytest
import vobject
from scipy.optimize import Bounds, LinearConstraint, milp

from kemvo.core.progress.course import Load, divided, lessons_more, minutes_more
from kemvo.core.progress.occasions import CalendarEvent, clock_time, with_changes
from kemvo.core.tables.recall import RECALLS
from kemvo.formats.paper.calendar import write_calendar


def fits_for_the_solver(load: Load) -> bool:
    """Whether some assignment of postures to lessons keeps their order, the minutes and what is pinned, as a mixed-integer program:
    a[p, k]: posture p is new in lesson k; y[k, i]: i postures were taught before lesson k; u[k]: something is new in it."""
    n, lessons = len(load.teach), len(load.room)
    a = lambda p, k: p * lessons + k  # noqa: E731
    y = lambda k, i: n * lessons + k * (n + 1) + i  # noqa: E731
    u = lambda k: n * lessons + lessons * (n + 1) + k  # noqa: E731
    size = n * lessons + lessons * (n + 1) + lessons
    rows: list[tuple[dict[int, float], float, float]] = []
    for p in range(n):
        rows.append(({a(p, k): 1 for k in range(lessons)}, 1, 1))
        if p:
            # In order: the number of its lesson is not before that of the posture before it.
            rows.append(
                ({**{a(p, k): k for k in range(lessons)}, **{a(p - 1, k): -k for k in range(lessons)}}, 0, np.inf)
            )
        if p in load.pinned:
            rows.append(({a(p, load.pinned[p]): 1}, 1, 1))
    for k in range(lessons):
        rows.append(({y(k, i): 1 for i in range(n + 1)}, 1, 1))
        before = {a(p, j): -1.0 for p in range(n) for j in range(k)}
        rows.append(({**before, **{y(k, i): float(i) for i in range(n + 1)}}, 0, 0))
        work = {a(p, k): load.teach[p] + load.join[p] for p in range(n)}
        recap = {y(k, i): load.recap_in(k, i) for i in range(n + 1)}
        # A lesson without anything new is not bounded by its recap.
        rows.append(({**work, **recap, u(k): 1000.0}, -np.inf, load.room[k] + 1000.0))
        rows += [({a(p, k): 1, u(k): -1}, -np.inf, 0) for p in range(n)]
    matrix = np.zeros((len(rows), size))
    for i, (row, _, _) in enumerate(rows):
        for column, value in row.items():
            matrix[i, column] = value
    found = milp(
        np.zeros(size),
        constraints=LinearConstraint(matrix, [r[1] for r in rows], [r[2] for r in rows]),
        integrality=np.ones(size),
        bounds=Bounds(0, 1),
    )
    return bool(found.success)


@pytest.mark.parametrize("seed", range(80))
def test_a_course_fits_where_the_solver_says_so(seed: int) -> None:
    rng = random.Random(seed)
    n, lessons = rng.randint(1, 6), rng.randint(1, 4)
    once = [rng.choice([0.5, 1, 2]) for _ in range(n)]
    load = Load(
        [float(rng.choice([15, 20, 25, 30])) for _ in range(lessons)],
        [float(rng.randint(3, 14)) for _ in range(n)],
        [float(rng.choice([0, 1, 2])) for _ in range(n)],
        [sum(once[:k]) for k in range(n + 1)],
        {rng.randrange(n): rng.randrange(lessons)} if rng.random() < 0.4 else {},
    )
    assert (divided(load) is not None) == fits_for_the_solver(load)


EVENT = CalendarEvent(
    uid="k-1@kemvo", day=date(2026, 3, 26), time="10:30", minutes=60, zone="Europe/London",
    summary="Thursday class: 7 Heron stands, left; slowly", description="Lesson 7\nNew: 7 Heron stands", place="Saltmarsh Hall, the lane",
    alarm_minutes=45,
)  # fmt: skip


def events(*days: date) -> tuple[CalendarEvent, ...]:
    made = [EVENT.model_copy(update={"uid": f"k-{d:%Y%m%d}@kemvo", "day": d}) for d in days]
    return with_changes(made, (), "2026-03-01T08:00:00.250+00:00")


def test_an_independent_reader_has_the_same_over_a_daylight_saving_change() -> None:
    """In 2026 British Summer Time begins on 29 March and ends on 25 October (IANA time zone database)."""
    days = (date(2026, 3, 26), date(2026, 4, 2), date(2026, 10, 22), date(2026, 10, 29))
    made = write_calendar("Thursdays", events(*days))
    read = vobject.readOne(made.decode())
    found = list(read.vevent_list)
    assert [e.dtstart.value.astimezone(UTC).hour for e in found] == [10, 9, 9, 10]
    for event, day in zip(found, days, strict=True):
        begins = event.dtstart.value
        assert begins.astimezone(ZoneInfo("Europe/London")).replace(tzinfo=None) == datetime(
            day.year, day.month, day.day, 10, 30
        )
        assert event.duration.value == timedelta(minutes=60)
        assert event.summary.value == EVENT.summary
        assert event.location.value == EVENT.place
        assert event.description.value == EVENT.description
        assert event.valarm.trigger.value == timedelta(minutes=-45)
        assert event.valarm.action.value == "DISPLAY"


def test_what_rfc_5545_asks_of_every_line_and_event_is_there() -> None:
    """RFC 5545: lines of at most 75 octets ended by CRLF (3.1); one UID and DTSTAMP, in UTC, for each event (3.6.1); the TZID that is
    named has its VTIMEZONE (3.2.19); an all-day DTSTART is a DATE (3.3.4)."""
    whole = EVENT.model_copy(update={"uid": "day@kemvo", "time": "", "summary": "ö" * 120})
    made = write_calendar(
        "Thursdays", (*events(date(2026, 3, 26)), *with_changes([whole], (), "2026-03-01T08:00:00+00:00"))
    )
    lines = made.split(b"\r\n")
    assert lines[0] == b"BEGIN:VCALENDAR"
    assert lines[-1] == b""
    assert b"\n" not in made.replace(b"\r\n", b"")
    assert all(len(line) <= 75 for line in lines)
    assert lines.count(b"BEGIN:VTIMEZONE") == 1
    assert b"TZID:Europe/London" in lines
    assert any(line.startswith(b"DTSTART;VALUE=DATE:20260326") for line in lines)
    for event in made.split(b"BEGIN:VEVENT")[1:]:
        assert event.count(b"\r\nUID:") == 1
        assert event.count(b"\r\nDTSTAMP:2026") == 1
        assert b"\r\nSEQUENCE:0" in event
    read = vobject.readOne(made.decode())
    assert [e.summary.value for e in read.vevent_list][1] == "ö" * 120


def test_a_change_has_the_next_number_and_what_fell_away_is_cancelled() -> None:
    """RFC 5545, 3.8.7.4 and 3.8.1.11; RFC 5546, 2.1.4: the same UID, a higher SEQUENCE, STATUS:CANCELLED."""
    before = events(date(2026, 3, 26), date(2026, 4, 2))
    now = with_changes([before[0].model_copy(update={"minutes": 75})], before, "2026-03-02T08:00:00+00:00")
    read = {e.uid.value: e for e in vobject.readOne(write_calendar("Thursdays", now).decode()).vevent_list}
    assert set(read) == {e.uid for e in before}
    changed, gone = read[before[0].uid], read[before[1].uid]
    assert changed.sequence.value == "1"
    assert changed.status.value == "CONFIRMED"
    assert gone.sequence.value == "1"
    assert gone.status.value == "CANCELLED"
    assert not hasattr(gone, "valarm")
    assert str(changed.dtstamp.value) == "2026-03-02 08:00:00+00:00"


def test_graduated_intervals_are_the_published_ones() -> None:
    """P. Pimsleur, "A Memory Schedule", The Modern Language Journal 51 (1967), 73-75, from memory: each interval is five times the one
    before, from 5 seconds on; the long ones are named there as 5 days, 25 days, 4 months and 2 years."""
    powers = [5.0**n / 86_400 for n in range(1, 12)]
    named = RECALLS["graduated"].days
    assert named == (5, 25, 120, 730)
    for days, exact in zip(named, powers[-4:], strict=True):
        assert 0.7 < exact / days < 1.3


@pytest.mark.parametrize(
    ("zone", "day", "onset", "offsets"),
    [
        # When clocks change: tzdata (IANA); onsets as the clocks show before it: RFC 5545, 3.6.5.
        ("Europe/London", date(2027, 3, 28), "DTSTART:20270328T010000", "+0000 +0100"),
        ("Europe/Berlin", date(2027, 3, 28), "20270328T020000", "+0100 +0200"),
        ("America/New_York", date(2026, 11, 1), "20261101T020000", "-0400 -0500"),
        ("America/New_York", date(2027, 3, 14), "20270314T020000", "-0500 -0400"),
        ("Australia/Lord_Howe", date(2027, 4, 4), "20270404T020000", "+1100 +1030"),
        ("Asia/Kathmandu", date(2027, 4, 4), "", "+0545 +0545"),
    ],
)
def test_the_rules_of_a_time_zone_begin_at_the_right_hour(zone: str, day: date, onset: str, offsets: str) -> None:
    lessons = [
        e.model_copy(update={"zone": zone, "day": day + timedelta(days=n)}) for n in (-1, 0, 1) for e in events(day)
    ]
    text = write_calendar("Thursdays", lessons).decode()
    rules = re.findall(r"BEGIN:(?:DAYLIGHT|STANDARD)\r\n.*?END:", text, re.DOTALL)
    assert [r for r in rules if onset.removeprefix("DTSTART:") in r and all(o in r for o in offsets.split())]
    # An independent reader turns every lesson into the moment that tzdata has.
    for event, lesson in zip(vobject.readOne(text).vevent_list, lessons, strict=True):
        wanted = datetime.combine(lesson.day, clock_time(lesson.time), ZoneInfo(zone))
        assert event.dtstart.value.astimezone(UTC) == wanted.astimezone(UTC)


@pytest.mark.parametrize("seed", range(200))
def test_what_is_offered_would_do_with_the_days_that_are_settled(seed: int) -> None:
    rng = random.Random(5000 + seed)
    n, lessons = rng.randint(2, 9), rng.randint(1, 5)
    once = [rng.choice([0.5, 1, 2]) for _ in range(n)]
    load = Load(
        [float(rng.choice([10, 15, 20])) for _ in range(lessons)],
        [float(rng.randint(3, 14)) for _ in range(n)],
        [float(rng.choice([0, 1, 2])) for _ in range(n)],
        [sum(once[:k]) for k in range(n + 1)],
        {rng.randrange(n): rng.randrange(lessons)},
    )
    if divided(load) is not None:
        return
    more, longer = lessons_more(load), minutes_more(load)
    if more is not None:
        with_more = load._replace(room=[*load.room, *[load.room[-1]] * more])
        assert divided(with_more) is not None
        assert more == 1 or divided(with_more._replace(room=with_more.room[:-1])) is None, "and no fewer"
        if len(with_more.room) * n < 60:
            assert fits_for_the_solver(with_more)
    if longer is not None:
        assert divided(load._replace(room=[r + longer for r in load.room])) is not None
        assert fits_for_the_solver(load._replace(room=[r + longer for r in load.room]))
