"""Routes of a recording's marks: by tapping, by captions, from and to a file."""

from __future__ import annotations

from typing import Annotated

from fastapi import APIRouter, Response, UploadFile
from fastapi import Form as FormField
from pydantic import BaseModel, Field

from kemvo.api.base.documents import (
    Version,
    answer,
    download,
    file_text,
)
from kemvo.api.base.workspace import Here
from kemvo.api.recordings.recordings import RecordingView, of_session, view
from kemvo.core.errors import KemvoError, Problem
from kemvo.core.recording.calls import marks_from
from kemvo.core.recording.model import with_marks
from kemvo.core.recording.recorded_timeline import done_in, planned
from kemvo.core.recording.slips_found import with_slips_found
from kemvo.core.recording.taps import HAND_MS, Tap, TapKind, hand_from_trial, marks_from_taps
from kemvo.formats.documents.marks_json import read_marks, write_marks
from kemvo.formats.text import decoded
from kemvo.formats.texts.script_captions import timed_texts

router = APIRouter(prefix="/api/recordings", tags=["recordings"])


class Trial(BaseModel):
    """How late each tap of a trial was (ms, negative: early)."""

    late_ms: Annotated[list[Annotated[float, Field(ge=-10_000, le=10_000)]], Field(max_length=200)]


class Hand(BaseModel):
    """How late a hand is (ms)."""

    hand_ms: int


@router.post("/hand-trial")
def hand_trial(trial: Trial) -> Hand:
    """How late a hand is, by a trial; of no taps: as hands usually are."""
    return Hand(hand_ms=hand_from_trial(trial.late_ms))


class Tapping(Version):
    """Taps made while watching, in milliseconds of the recording. `from_place`: on which place they begin to count (empty: the
    first); `hand_ms`: how late the hand is; `speed`: how fast it was watched."""

    taps: Annotated[list[tuple[int, TapKind]], Field(min_length=1, max_length=2000)]
    from_place: str = ""
    hand_ms: Annotated[int, Field(ge=-500, le=1000)] = HAND_MS
    speed: Annotated[float, Field(gt=0, le=4, allow_inf_nan=False)] = 1.0


@router.post("/{id_}/taps", response_model=RecordingView)
def tap(workspace: Here, id_: str, tapping: Tapping) -> Response:
    """Put taps into a recording as marks: each lands on what comes next. 409 when somebody else wrote since `version`."""
    recording = workspace.recordings.get(id_).body
    session, forms, _ = of_session(workspace, recording)
    done = done_in(recording, session, forms)
    begin = next((i for i, k in enumerate(done) if k.key == tapping.from_place), 0)
    taps = [Tap(at, kind) for at, kind in tapping.taps]
    made = marks_from_taps(taps, done, tapping.hand_ms, begin, tapping.speed)
    return answer(view(workspace, workspace.recordings.save(id_, tapping.version, with_marks(recording, made.marks))))


StartedFrom = Annotated[int, FormField(ge=1, description="The version the write starts from.")]


@router.post("/{id_}/captions", response_model=RecordingView)
def mark_by_captions(workspace: Here, id_: str, file: UploadFile, version: StartedFrom) -> Response:
    """Mark a recording by captions with times (WebVTT, SubRip); marks set by hand stay. 409 when somebody else wrote since
    `version`."""
    name = file.filename or "captions.vtt"
    texts = timed_texts(decoded(file_text(file), name), name)
    recording = workspace.recordings.get(id_).body
    session, forms, _ = of_session(workspace, recording)
    heard = marks_from(texts, done_in(recording, session, forms))
    if not heard.marks:
        raise KemvoError(
            Problem(
                what="None of these captions says what the session does.",
                where=name,
                mend="Choose the captions of this recording.",
            )
        )
    return answer(view(workspace, workspace.recordings.save(id_, version, with_marks(recording, heard.marks))))


@router.post("/{id_}/slips", response_model=RecordingView)
def find_slips(workspace: Here, id_: str, at: Version) -> Response:
    """Find postures that were left out or done again by when the marked postures begin, and put the marks on what was done
    then. One step to undo. 409 when somebody else wrote since `version`."""
    recording = workspace.recordings.get(id_).body
    session, forms, _ = of_session(workspace, recording)
    return answer(
        view(workspace, workspace.recordings.save(id_, at.version, with_slips_found(recording, session, forms)))
    )


@router.get("/{id_}/marks.json", response_class=Response)
def marks_file(workspace: Here, id_: str) -> Response:
    """The marks of a recording as a file."""
    recording = workspace.recordings.get(id_).body
    session, forms, _ = of_session(workspace, recording)
    marks = write_marks(recording, planned(session, forms, recording.frozen))
    return download(marks, recording.title, "marks.json", "application/json")


@router.post("/{id_}/marks-file", response_model=RecordingView)
def take_marks_file(workspace: Here, id_: str, file: UploadFile, version: StartedFrom) -> Response:
    """Take the marks of a file over. 409 when somebody else wrote since `version`."""
    recording = workspace.recordings.get(id_).body
    session, forms, _ = of_session(workspace, recording)
    places = planned(session, forms, recording.frozen)
    read, _ = read_marks(file_text(file), file.filename or "", places, recording.media)
    body = with_marks(recording, read.marks).model_copy(
        update={"left_out": read.left_out, "again": read.again, "begins_ms": read.begins_ms, "ends_ms": read.ends_ms}
    )
    return answer(view(workspace, workspace.recordings.save(id_, version, body)))
