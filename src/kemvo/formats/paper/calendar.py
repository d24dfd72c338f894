"""A course as iCalendar (RFC 5545, through icalendar). Written only."""

from __future__ import annotations

from collections.abc import Sequence
from datetime import UTC, datetime, timedelta
from zoneinfo import ZoneInfo

from icalendar import Alarm, Calendar, Event

from kemvo.core.progress.occasions import CalendarEvent, clock_time

MEDIA_TYPE = "text/calendar; charset=utf-8"


def write_calendar(title: str, events: Sequence[CalendarEvent]) -> bytes:
    """Events as a calendar, with the rules of their time zones."""
    made = Calendar()
    made.add("prodid", "-//Kemvo//Kemvo//EN")
    made.add("version", "2.0")
    made.add("method", "PUBLISH")
    made.add("x-wr-calname", title)
    for e in events:
        made.add_component(_event(e))
    if events:
        year = timedelta(days=366)
        made.add_missing_timezones(first_date=events[0].day - year, last_date=events[-1].day + year)
    return bytes(made.to_ical())


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
