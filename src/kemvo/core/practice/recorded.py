"""A recording worked out: the same stages as a planned session, on the recording's clock and with its own choices."""

from __future__ import annotations

from itertools import groupby
from typing import NamedTuple

from kemvo.core.cues.candidates import candidates
from kemvo.core.cues.directions import directed
from kemvo.core.model.session import Forms, Session
from kemvo.core.practice.pipeline import LaidOut, Measure, Practice, work_out
from kemvo.core.recording.model import Does, Recording
from kemvo.core.recording.recorded_timeline import Recorded, recorded
from kemvo.core.scheduling.value_curve import Interval
from kemvo.core.tables.block_kinds import Facing
from kemvo.core.timing.pass_breath import breaths_of
from kemvo.core.timing.timeline import Span, mirrored


class View(NamedTuple):
    """How a viewer sees a pass, from how it was filmed: the facing that is told them, and whether they see (and are told) the
    other side of what the instructor does."""

    facing: Facing
    other_side: bool


SEEN: dict[tuple[Does, bool], View] = {
    ("away", False): View("behind", False),
    ("away", True): View("behind", True),
    ("facing", False): View("watch", False),
    ("facing", True): View("mirror", False),
    ("mirrored", False): View("mirror", False),
    ("mirrored", True): View("watch", False),
    ("side", False): View("side", False),
    ("side", True): View("side", True),
}
"""What a viewer sees of how a pass was filmed, with the picture as it was (False) or turned over (True). A picture of an
instructor who faces the camera with their own sides, turned over, is a mirror; one who mirrors the class, turned over, shows the
form's own sides again."""

DOES: dict[Facing, Does] = {"behind": "away", "watch": "facing", "mirror": "mirrored", "side": "side"}
"""How a pass was filmed, most likely: as the session has the instructor stand."""

STOOD: dict[Does, Facing] = {does: facing for facing, does in DOES.items()}
"""The facing in which the instructor did it: for their own sheet."""

AFTER_MS = 24 * 3_600_000
"""Nothing is said after the end of a recording."""


def filmed_as(recording: Recording, session: Session, pass_no: int) -> Does:
    """How a pass was filmed: as told, else as the session has it."""
    p = session.passes[pass_no]
    told = {f.pass_id: f.does for f in recording.filmed}
    return told.get(p.id, DOES[p.facing])


def session_of(recording: Recording, session: Session) -> Session:
    """The session with what is the recording's own: sound, fullness, cue choices and own words."""
    return session.model_copy(
        update={
            "title": recording.title or session.title,
            "sound": recording.sound,
            "fullness": recording.fullness,
            "cue_choices": recording.cue_choices,
            "own_cues": recording.own_cues,
            "wished_ms": None,
        }
    )


def as_filmed(spans: tuple[Span, ...], recording: Recording, session: Session) -> tuple[Span, ...]:
    """The spans as the instructor did them, each pass with the facing in which it was filmed."""
    return tuple(
        s._replace(round=s.round._replace(facing=STOOD[filmed_as(recording, session, s.round.no)])) for s in spans
    )


def seen_by_viewer(spans: tuple[Span, ...], recording: Recording, session: Session) -> tuple[Span, ...]:
    """The spans as a viewer of the recording sees and follows them."""
    out: list[Span] = []
    for no, part in groupby(spans, lambda s: s.round.no):
        view = SEEN[filmed_as(recording, session, no), recording.turned_over]
        here = [s._replace(round=s.round._replace(facing=view.facing)) for s in part]
        out += mirrored(here) if view.other_side else here
    return tuple(out)


class RecordedPractice(NamedTuple):
    """A recording worked out: what was done and its clock, and the practice that follows."""

    recorded: Recorded
    session: Session
    practice: Practice


def lay_out_recording(recording: Recording, session: Session, forms: Forms) -> tuple[Recorded, LaidOut]:
    """A recording in time, with all that could be said in it."""
    on_clock = recorded(recording, session, forms)
    spans = as_filmed(on_clock.timeline.spans, recording, session)
    timeline = on_clock.timeline._replace(spans=spans)
    breaths = breaths_of(timeline, session, forms)
    seen = seen_by_viewer(spans, recording, session)
    heard = timeline._replace(spans=tuple(directed(seen, forms, session.directions, "class")))
    found = candidates(heard, breaths, session, forms)
    blocked = tuple(blocked_in(recording))
    return on_clock, LaidOut(on_clock.score, timeline, breaths, heard, found, blocked, planned=False)


def work_out_recording(recording: Recording, session: Session, forms: Forms, measure: Measure) -> RecordedPractice:
    """Everything that follows from a recording: as of a planned session, on its own clock. Kept talk is blocked for words; so
    is all after its end."""
    own = session_of(recording, session)
    on_clock, laid = lay_out_recording(recording, own, forms)
    practice = work_out(own, forms, measure, laid=laid)
    return RecordedPractice(on_clock, own, practice)


def blocked_in(recording: Recording) -> list[Interval]:
    """The times in which no cue is said: talk that is kept, and what comes after the end."""
    end = recording.media.ms
    return [(t.from_ms, t.to_ms) for t in recording.talk if t.how == "keep"] + [(end, end + AFTER_MS)]
