"""Routes of the booth: the lines still to speak, takes, and a stand-in for the microphone."""

from __future__ import annotations

import io
from typing import Annotated

import numpy as np
import soundfile
from fastapi import APIRouter, Path, Query, Response, UploadFile
from fastapi.responses import FileResponse
from pydantic import BaseModel

from kemvo.api.house import Here, House
from kemvo.audio.takes import as_wav, made_ready, read_recording
from kemvo.audio.tones import RATE
from kemvo.audio.voice import resampled
from kemvo.core.booth import BoothLine, booth, line_of_file
from kemvo.core.problem import KemvoError, Problem
from kemvo.core.session import SpeechChoice
from kemvo.core.terms import in_terms, pronunciations_of

router = APIRouter(prefix="/api", tags=["booth"])

MOST_BYTES = 64_000_000
Number = Annotated[int, Path(ge=1, le=2**53)]


class TakeView(BaseModel):
    """A take: its number, the line it says, its length, when it was saved."""

    number: int
    text: str
    ms: int
    saved: str


class Booth(BaseModel):
    """The lines of a session, and how many are still without a take."""

    lines: list[BoothLine]
    missing: int


class Sorted(BaseModel):
    """What became of sound files: the lines that have a take now, and the files that belong to none."""

    taken: list[TakeView]
    strange: list[str]


@router.get("/sessions/{id_}/booth")
def session_booth(house: Here, id_: str) -> Booth:
    """The lines of a session in the order in which they are heard."""
    lines = _lines(house, id_)
    return Booth(lines=lines, missing=sum(not x.own for x in lines))


def _lines(house: House, id_: str) -> list[BoothLine]:
    _, practice = house.practice_of(id_, wait=False)
    texts = {in_terms(d.text, practice.pronunciations) for d in practice.decisions if d.speaks()}
    return booth(practice, house.takes.counting(texts))


def _take(house: House, text: str, data: bytes) -> TakeView:
    ready = made_ready(read_recording(data))
    take = house.takes.add(text, as_wav(ready), data, ready.ms())
    return TakeView(number=take.number, text=take.text, ms=take.ms, saved=take.saved)


async def _data(file: UploadFile) -> bytes:
    data = await file.read(MOST_BYTES + 1)
    if len(data) > MOST_BYTES:
        raise KemvoError(Problem(what="This file is too large for one line.", mend="Record one line at a time."))
    return data


@router.post("/sessions/{id_}/takes", status_code=201)
async def add_take(
    house: Here, id_: str, text: Annotated[str, Query(min_length=1, max_length=2000)], file: UploadFile
) -> TakeView:
    """A recording of a line of a session: trimmed, levelled, and heard from now on."""
    spoken = pronunciations_of(house.forms_of(house.sessions.get(id_).body).values())
    return _take(house, in_terms(text, spoken) if spoken else text, await _data(file))


@router.post("/sessions/{id_}/take-files", status_code=201)
async def add_take_files(house: Here, id_: str, files: list[UploadFile]) -> Sorted:
    """Sound files named after lines of a session, many at once."""
    lines = _lines(house, id_)
    spoken = pronunciations_of(house.forms_of(house.sessions.get(id_).body).values())
    taken, strange = [], []
    for file in files:
        line = line_of_file(file.filename or "", lines)
        if line is None:
            strange.append(file.filename or "")
            continue
        text = in_terms(line.text, spoken) if spoken else line.text
        taken.append(_take(house, text, await _data(file)))
    return Sorted(taken=taken, strange=strange)


@router.get("/takes")
def takes_of(house: Here, text: Annotated[str, Query(min_length=1, max_length=2000)]) -> list[TakeView]:
    """The takes of a line, the one that counts first."""
    return [TakeView(number=t.number, text=t.text, ms=t.ms, saved=t.saved) for t in house.takes.of(text)]


@router.get("/takes/{number}.wav", response_class=FileResponse)
def take_sound(house: Here, number: Number) -> FileResponse:
    """A take, made ready."""
    return FileResponse(house.takes.shelf.path(house.takes.get(number).file), media_type="audio/wav")


@router.delete("/takes/{number}")
def put_take_away(house: Here, number: Number) -> list[TakeView]:
    """Let a take go; the one before it counts again. Answers with those left."""
    take = house.takes.get(number)
    house.takes.put_away(number)
    return takes_of(house, take.text)


@router.post("/takes/{number}/bring-back")
def bring_take_back(house: Here, number: Number) -> list[TakeView]:
    """Bring a take back."""
    house.takes.bring_back(number)
    return takes_of(house, house.takes.get(number).text)


LEAD_S, TAIL_S, HISS = 0.7, 0.9, 0.0006


@router.get("/simulated-microphone.wav", response_class=Response)
def simulated_microphone(
    house: Here,
    text: Annotated[str, Query(min_length=1, max_length=2000)],
    wpm: Annotated[int, Query(ge=80, le=300)] = 150,
) -> Response:
    """What a microphone would hear of somebody saying a line: a breath of silence, the line, a breath of silence, a little
    hiss. Stands in for the microphone where there is none."""
    clip = resampled(house.clips(SpeechChoice(voice="en-us", wpm=wpm, takes=False)).speak(text), RATE)
    chance = np.random.default_rng(len(text))
    heard = np.concatenate((np.zeros(round(LEAD_S * RATE)), 0.4 * clip, np.zeros(round(TAIL_S * RATE))))
    out = io.BytesIO()
    soundfile.write(out, heard + HISS * chance.standard_normal(len(heard)), RATE, format="WAV", subtype="PCM_16")
    return Response(out.getvalue(), media_type="audio/wav")


@router.post("/brought-sounds", status_code=201)
async def bring_sound(house: Here, file: UploadFile) -> dict[str, str]:
    """Keep a sound to sound under practices."""
    from kemvo.audio.background import brought

    data = await _data(file)
    name = file.filename or ""
    brought(house.brought.lay(data, name))
    kept = house.brought.add(data, name)
    return {"id": kept.id, "title": kept.name}
