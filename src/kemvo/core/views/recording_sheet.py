"""What the recording desk shows: every place with its real and its planned length, how surely it is known, and what to mark next."""

from __future__ import annotations

from itertools import groupby

from kemvo.core.model.session import Forms, Session
from kemvo.core.practice.recorded import filmed_as
from kemvo.core.recording.clock import next_to_mark
from kemvo.core.recording.model import Does, Mark, Recording
from kemvo.core.recording.performed import Keyed, performance_key
from kemvo.core.recording.recorded_timeline import Recorded, planned, recorded
from kemvo.core.timing.score import place_name
from kemvo.core.timing.timeline import Span
from kemvo.core.types import Side, Value

WAYS_FILMED: dict[Does, str] = {
    "away": "With the back to the camera",
    "facing": "Facing the camera, with your own left and right",
    "mirrored": "Facing the camera, mirroring the class",
    "side": "From the side",
}
"""How a pass can be filmed, in words."""


SURE = 2
"""A guess is surely not further off than so many times what it says."""


class PlaceLine(Value):
    """A movement of what was done. Times in milliseconds of the recording; `plan_ms`: how long it is planned. `mark`: where its
    start comes from ("hand", "tap", "captions"), empty when it is guessed; `within_ms`: how near it is guessed; `over_ms`: by then it is surely over. `ended`: its end is
    marked, too. `posture`: the key of the posture being done, with its title; `first`: it begins it."""

    key: str
    posture: str
    title: str
    first: bool
    line: str
    start_ms: int
    end_ms: int
    plan_ms: int
    mark: str
    hand: bool
    within_ms: int
    over_ms: int
    ended: bool
    left_from: int
    left_to: int
    side: Side | None
    pass_no: int


class PostureRow(Value):
    """A posture of the session: its key and title, the pass it is in, how often it was done (0: left out)."""

    key: str
    title: str
    pass_no: int
    times: int


class FilmedPass(Value):
    """A pass and how it was filmed."""

    id: str
    title: str
    does: Does


class SecondTakeLine(Value):
    """A note for filming it again, and when in this recording its place is."""

    place: str
    at_ms: int
    says: str


class NextMark(Value):
    """The mark that would help most: the place, what it is called, and within how many milliseconds it is guessed."""

    key: str
    title: str
    within_ms: int


class RecordingSheet(Value):
    """What follows from a recording. `unknown`: marks of places that the session does not have any more; `unused`: marks that
    contradict surer ones; both by their number among the marks. `here`: whether its file is here."""

    places: tuple[PlaceLine, ...]
    postures: tuple[PostureRow, ...]
    passes: tuple[FilmedPass, ...]
    next: NextMark | None
    marked: int
    unknown: tuple[int, ...]
    unused: tuple[int, ...]
    begins_ms: int
    ends_ms: int
    total_ms: int
    session_title: str
    session_here: bool
    here: bool
    stop_ms: tuple[tuple[int, int], ...]
    second_take: tuple[SecondTakeLine, ...]


def recording_sheet(
    recording: Recording, session: Session, forms: Forms, here: bool, session_here: bool = True
) -> RecordingSheet:
    """Work out the sheet of a recording."""
    on_clock = recorded(recording, session, forms)
    lines = _places(on_clock, recording)
    found = next_to_mark(on_clock.done, on_clock.clock)
    titles = {x.key: x.title for x in lines}
    firsts = [x for x in lines if x.first]
    return RecordingSheet.model_construct(
        places=tuple(lines),
        postures=tuple(_postures(recording, session, forms)),
        passes=tuple(_passes(on_clock, recording, session)),
        next=NextMark(key=found[0], title=titles.get(found[0], ""), within_ms=found[1]) if found else None,
        marked=sum(bool(x.mark) for x in firsts),
        unknown=on_clock.clock.unknown,
        unused=on_clock.clock.unused,
        begins_ms=lines[0].start_ms if lines else 0,
        ends_ms=on_clock.timeline.done_ms or recording.media.ms,
        total_ms=recording.media.ms,
        session_title=session.title,
        session_here=session_here,
        here=here,
        second_take=tuple(_second_take(on_clock, recording)),
        stop_ms=tuple(
            (s.start_ms, s.end_ms) for s, n in zip(on_clock.timeline.spans, on_clock.numbers, strict=True) if n < 0
        ),
    )


def _second_take(on_clock: Recorded, recording: Recording) -> list[SecondTakeLine]:
    at = {place_name(s): s.start_ms for s in reversed(on_clock.timeline.spans)}
    notes = [SecondTakeLine(place=n.place, at_ms=at.get(n.place, 0), says=n.says) for n in recording.second_take]
    return sorted(notes, key=lambda n: n.at_ms)


def _places(on_clock: Recorded, recording: Recording) -> list[PlaceLine]:
    marks: dict[tuple[str, str], Mark] = {}
    for n, m in enumerate(recording.marks):
        if n not in on_clock.clock.unused:
            marks[m.place, m.edge] = m
    within = on_clock.clock.within_ms()
    out = []
    for s, n in zip(on_clock.timeline.spans, on_clock.numbers, strict=True):
        if n < 0 or s.kind != "movement" or s.performance is None:
            continue
        out.append(_line(s, on_clock.done[n], marks, within.get(n, 0)))
    return out


def _line(s: Span, k: Keyed, marks: dict[tuple[str, str], Mark], within_ms: int) -> PlaceLine:
    assert s.performance
    assert s.movement
    mark = marks.get((k.key, "start"))
    times = f", {s.performance.nth} of {s.performance.of}" if s.performance.of > 1 else ""
    return PlaceLine.model_construct(
        key=k.key,
        posture=performance_key(k.place),
        title=s.performance.posture.title() + times,
        first=s.movement_no == 0,
        line=s.movement.line,
        start_ms=s.start_ms,
        end_ms=s.end_ms,
        plan_ms=k.plan_ms,
        mark=mark.source if mark else "",
        hand=bool(mark and mark.hand),
        within_ms=0 if mark else within_ms,
        over_ms=s.end_ms + SURE * (0 if mark else within_ms),
        ended=(k.key, "end") in marks,
        left_from=s.left_from,
        left_to=s.left_to,
        side=s.movement.side,
        pass_no=s.round.no,
    )


def _postures(recording: Recording, session: Session, forms: Forms) -> list[PostureRow]:
    """The postures of the session as planned, with how often each was done."""
    again = {a.performance: a.times for a in recording.again}
    out = []
    for key, places in groupby(
        (k for k in planned(session, forms, recording.frozen) if k.place.performance),
        lambda k: performance_key(k.place),
    ):
        place = next(places).place
        assert place.performance
        times = 0 if key in recording.left_out else again.get(key, 1)
        out.append(PostureRow(key=key, title=place.performance.posture.title(), pass_no=place.round.no, times=times))
    return out


def _passes(on_clock: Recorded, recording: Recording, session: Session) -> list[FilmedPass]:
    titles = {k.place.round.no: k.place.round.title for k in on_clock.done}
    return [
        FilmedPass(id=session.passes[no].id, title=title, does=filmed_as(recording, session, no))
        for no, title in titles.items()
    ]
