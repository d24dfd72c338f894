"""A course as iCalendar (RFC 5545, through icalendar). Written only."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from datetime import UTC, date, datetime, time, timedelta
from zoneinfo import ZoneInfo

from icalendar import Alarm, Calendar, Event, Timezone, TimezoneDaylight, TimezoneStandard

from kemvo.core.progress.occasions import CalendarEvent, clock_time

MEDIA_TYPE = "text/calendar; charset=utf-8"


def write_calendar(title: str, events: Sequence[CalendarEvent]) -> bytes:
    """Events as a calendar, with the rules of their time zones."""
    made = Calendar()
    made.add("prodid", "-//Kemvo//Kemvo//EN")
    made.add("version", "2.0")
    made.add("method", "PUBLISH")
    made.add("x-wr-calname", title)
    year = timedelta(days=366)
    for zone in sorted({e.zone for e in events if e.zone and e.time}):
        made.add_component(_zone(zone, min(e.day for e in events) - year, max(e.day for e in events) + year))
    for e in events:
        made.add_component(_event(e))
    return bytes(made.to_ical())


def _zone(name: str, first: date, last: date) -> Timezone:
    """The rules of a time zone between two days. Every change has the time that clocks show just before it (RFC 5545, 3.6.5)."""
    zone = ZoneInfo(name)
    made = Timezone()
    made.add("tzid", name)
    begin = datetime.combine(first, time(), UTC)
    at_first = begin.astimezone(zone).utcoffset() or timedelta()
    made.add_component(_rule(zone, begin, at_first, [begin]))
    changes: dict[object, list[datetime]] = {}
    for at in _changes(zone, begin, datetime.combine(last, time(), UTC)):
        before, after = (at - timedelta(seconds=1)).astimezone(zone), at.astimezone(zone)
        changes.setdefault((before.utcoffset(), after.utcoffset(), after.tzname(), bool(after.dst())), []).append(at)
    for each in changes.values():
        until_then = (each[0] - timedelta(seconds=1)).astimezone(zone).utcoffset() or timedelta()
        made.add_component(_rule(zone, each[0], until_then, each))
    return made


def _rule(
    zone: ZoneInfo, at: datetime, before: timedelta, all_of_them: Sequence[datetime]
) -> TimezoneStandard | TimezoneDaylight:
    """What holds from some moments (UTC) on; `before`: how far clocks were from UTC until then."""
    after = at.astimezone(zone)
    rule = TimezoneDaylight() if after.dst() else TimezoneStandard()
    shown = [(moment + before).replace(tzinfo=None) for moment in all_of_them]
    rule.add("dtstart", shown[0])
    if shown[1:]:
        rule.add("rdate", shown[1:])
    rule.add("tzname", after.tzname() or str(zone))
    rule.add("tzoffsetfrom", before)
    rule.add("tzoffsetto", after.utcoffset() or timedelta())
    return rule


def _changes(zone: ZoneInfo, first: datetime, last: datetime) -> Iterator[datetime]:
    """The moments (UTC) between two at which a zone's clocks are changed, to the second."""

    def offset(at: datetime) -> tuple[object, ...]:
        here = at.astimezone(zone)
        return here.utcoffset(), here.tzname()

    at = first
    while at < last:
        next_ = at + timedelta(days=1)
        if offset(at) != offset(next_):
            low, high = at, next_
            while high - low > timedelta(seconds=1):
                middle = low + timedelta(seconds=(high - low).total_seconds() // 2)
                low, high = (middle, high) if offset(middle) == offset(at) else (low, middle)
            yield high
        at = next_


def _event(e: CalendarEvent) -> Event:
    event = Event()
    event.add("uid", e.uid)
    event.add("sequence", e.sequence)
    changed = datetime.fromisoformat(e.modified).astimezone(UTC).replace(microsecond=0)
    event.add("dtstamp", changed)
    event.add("last-modified", changed)
    if e.time:
        begins = datetime.combine(e.day, clock_time(e.time), ZoneInfo(e.zone) if e.zone else None)
        event.add("dtstart", begins)
        event.add("duration", timedelta(minutes=e.minutes))
    else:
        event.add("dtstart", e.day)
    event.add("summary", e.summary)
    event.add("status", "CANCELLED" if e.cancelled else "CONFIRMED")
    if e.description:
        event.add("description", e.description)
    if e.place:
        event.add("location", e.place)
    if e.alarm_minutes is not None and not e.cancelled:
        alarm = Alarm()
        alarm.add("action", "DISPLAY")
        alarm.add("description", e.summary)
        alarm.add("trigger", -timedelta(minutes=e.alarm_minutes))
        event.add_component(alarm)
    return event
