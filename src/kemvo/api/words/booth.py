"""Routes of the booth: the lines still to speak, takes, and a stand-in for the microphone."""

from __future__ import annotations

import io
from pathlib import Path as FilePath
from typing import Annotated

import numpy as np
import soundfile
from fastapi import APIRouter, Path, Query, Response, UploadFile
from fastapi.responses import FileResponse
from pydantic import BaseModel

from kemvo.api.base.documents import received
from kemvo.api.base.practices import Source
from kemvo.api.base.work import JobView, job_view
from kemvo.api.base.workspace import Here, Workspace
from kemvo.audio.intake import Intake
from kemvo.audio.speech.voice import resampled
from kemvo.audio.takes import as_wav, made_ready, read_recording
from kemvo.audio.tones import RATE
from kemvo.core.cues.terms import in_terms, pronunciations_of
from kemvo.core.errors import KemvoError
from kemvo.core.model.session import SpeechChoice
from kemvo.core.practice.booth import BoothLine, booth, line_of_file
from kemvo.jobs import Job
from kemvo.packing import bring_in
from kemvo.store.sounds import ending_of

router = APIRouter(prefix="/api", tags=["booth"])

MOST_BYTES, MOST_SOUND_BYTES = 64_000_000, 1_000_000_000
"""The largest take, and the largest background sound (25 minutes of 24-bit sound at 96 kHz), in bytes."""

Number = Annotated[int, Path(ge=1, le=2**53)]


class TakeView(BaseModel):
    """A take: its number, the line it says, its length, when it was saved; `note`: what is to be told about it."""

    number: int
    text: str
    ms: int
    saved: str
    note: str = ""


class Booth(BaseModel):
    """The lines of a session, and how many are still without a take."""

    lines: list[BoothLine]
    missing: int


class Sorted(BaseModel):
    """What became of sound files: the lines that have a take now, the files that belong to none, and what is said of those
    that cannot be used."""

    taken: list[TakeView]
    strange: list[str]
    refused: list[str]


class BroughtView(BaseModel):
    """A sound that was brought in."""

    id: str
    title: str


@router.get("/{kind}/{id_}/booth")
def practice_booth(workspace: Here, kind: Source, id_: str) -> Booth:
    """The lines of a session (or a recording) in the order in which they are heard."""
    lines = booth_lines(workspace, kind, id_)
    return Booth(lines=lines, missing=sum(not x.own for x in lines))


def booth_lines(workspace: Workspace, kind: Source, id_: str) -> list[BoothLine]:
    """The lines to speak, those told that have a take."""
    _, practice = workspace.practices.practice_of(id_, wait=False, kind=kind)
    texts = {in_terms(d.text, practice.pronunciations) for d in practice.decisions if d.speaks()}
    return booth(practice, workspace.takes.counting(texts))


TOO_LARGE = "Record one line at a time."


def _take(workspace: Workspace, text: str, file: UploadFile) -> TakeView:
    with received(workspace, file, MOST_BYTES, TOO_LARGE) as path:
        return _kept(workspace, text, path, file.filename or "")


def _kept(workspace: Workspace, text: str, path: FilePath, name: str) -> TakeView:
    recording, notes = read_recording(path, name)
    ready = made_ready(recording)
    take = workspace.takes.add(text, as_wav(ready), path, ready.ms())
    return TakeView(number=take.number, text=take.text, ms=take.ms, saved=take.saved, note=" ".join(notes))


@router.post("/{kind}/{id_}/takes", status_code=201)
def add_take(
    workspace: Here,
    kind: Source,
    id_: str,
    text: Annotated[str, Query(min_length=1, max_length=2000)],
    file: UploadFile,
) -> TakeView:
    """A take of a line: trimmed, levelled, and heard from now on."""
    spoken = pronunciations_of(workspace.practices.worked_from(id_, kind).forms.values())
    return _take(workspace, in_terms(text, spoken) if spoken else text, file)


@router.post("/{kind}/{id_}/take-files", status_code=202)
def add_take_files(workspace: Here, kind: Source, id_: str, files: list[UploadFile]) -> JobView:
    """Begin to take sound files named after lines of a session, many at once; the answer is the job to follow. It makes
    what `Sorted` says; files that cannot be read are told, and the others are taken."""
    lines = booth_lines(workspace, kind, id_)
    spoken = pronunciations_of(workspace.practices.worked_from(id_, kind).forms.values())
    made = Sorted(taken=[], strange=[], refused=[])
    waiting: list[tuple[str, FilePath, str]] = []
    for file in files:
        name = file.filename or ""
        line = line_of_file(name, lines)
        if line is None:
            made.strange.append(name)
            continue
        try:
            with received(workspace, file, MOST_BYTES, TOO_LARGE) as path:
                kept = path.rename(path.with_name(f"{path.name}.take"))
        except KemvoError as error:
            made.refused.append(error.problems[0].sentence())
            continue
        waiting.append((in_terms(line.text, spoken) if spoken else line.text, kept, name))

    def work(job: Job) -> None:
        try:
            for n, (text, path, name) in enumerate(waiting):
                job.report(n / len(waiting))
                try:
                    made.taken.append(_kept(workspace, text, path, name))
                except KemvoError as error:
                    made.refused.append(error.problems[0].sentence())
            job.made = made.model_dump(mode="json")
        finally:
            for _, path, _ in waiting:
                path.unlink(missing_ok=True)

    return job_view(workspace.jobs.start("Taking sound files", "", "", work))


@router.get("/takes")
def takes_of(workspace: Here, text: Annotated[str, Query(min_length=1, max_length=2000)]) -> list[TakeView]:
    """The takes of a line, the one that counts first."""
    return [TakeView(number=t.number, text=t.text, ms=t.ms, saved=t.saved) for t in workspace.takes.of(text)]


@router.get("/takes/{number}.wav", response_class=FileResponse)
def take_sound(workspace: Here, number: Number) -> FileResponse:
    """A take, made ready."""
    return FileResponse(workspace.takes.shelf.path(workspace.takes.get(number).file), media_type="audio/wav")


@router.delete("/takes/{number}")
def put_take_away(workspace: Here, number: Number) -> list[TakeView]:
    """Let a take go; the one before it counts again. Answers with those left."""
    take = workspace.takes.get(number)
    workspace.takes.put_away(number)
    return takes_of(workspace, take.text)


@router.post("/takes/{number}/bring-back")
def bring_take_back(workspace: Here, number: Number) -> list[TakeView]:
    """Bring a take back."""
    workspace.takes.bring_back(number)
    return takes_of(workspace, workspace.takes.get(number).text)


LEAD_S, TAIL_S, HISS = 0.7, 0.9, 0.0006


@router.get("/simulated-microphone.wav", response_class=Response)
def simulated_microphone(
    workspace: Here,
    text: Annotated[str, Query(min_length=1, max_length=2000)],
    wpm: Annotated[int, Query(ge=80, le=300)] = 150,
) -> Response:
    """What a microphone would hear of somebody saying a line: a breath of silence, the line, a breath of silence, a little
    hiss. Stands in for the microphone where there is none."""
    clip = resampled(workspace.clips(SpeechChoice(voice="en-us", wpm=wpm, takes=False)).speak(text), RATE)
    chance = np.random.default_rng(len(text))
    heard = np.concatenate((np.zeros(round(LEAD_S * RATE)), 0.4 * clip, np.zeros(round(TAIL_S * RATE))))
    out = io.BytesIO()
    soundfile.write(out, heard + HISS * chance.standard_normal(len(heard)), RATE, format="WAV", subtype="PCM_16")
    return Response(out.getvalue(), media_type="audio/wav")


@router.post("/brought-sounds", status_code=202)
def bring_sound(workspace: Here, file: UploadFile) -> JobView:
    """Begin to bring in a sound to go under practices; the answer is the job to follow, which makes what `BroughtView`
    says."""
    name = file.filename or ""
    with received(workspace, file, MOST_SOUND_BYTES, "Choose a shorter sound, or save it as MP3 or FLAC.") as path:
        ending_of(name)
        Intake(path, name)
        kept = path.rename(path.with_name(f"{path.name}.sound"))

    def work(job: Job) -> None:
        try:
            brought, notes = bring_in(workspace.brought, kept, name, job.report)
            job.note = " ".join(notes)
            job.made = BroughtView(id=brought.id, title=brought.name).model_dump()
        finally:
            kept.unlink(missing_ok=True)

    return job_view(workspace.jobs.start(f"Bringing in {name[:100]}", "", "", work))
