"""Routes of single sounds, for the stage: a spoken text, a breath tone, a chime; and the voices there are."""

from __future__ import annotations

import io
from typing import Annotated, Literal

import numpy as np
import soundfile
from fastapi import APIRouter, Query, Response
from pydantic import BaseModel

from kemvo.api.base.workspace import Here
from kemvo.audio.render import samples_of
from kemvo.audio.speech.voices import voices
from kemvo.audio.tones import RATE
from kemvo.core.cues.directions import DIALECTS, NORTH
from kemvo.core.model.session import BACKGROUNDS, FACINGS, VOICES, SpeechChoice
from kemvo.core.model.variants import VARIANTS
from kemvo.core.practice.soundtrack import Sound
from kemvo.core.tables.block_kinds import BLOCK_KINDS, CURVES, Facing, VoiceLevel
from kemvo.core.tables.breath_schools import SCHOOL_TITLES

router = APIRouter(prefix="/api", tags=["sound"])

KEEP = {"Cache-Control": "private, max-age=86400"}


class Choice(BaseModel):
    """Something to choose: what is stored, and how it is called."""

    id: str
    title: str


class KindChoice(Choice):
    """A kind of block, and what a new one begins with."""

    moves: bool
    facing: Facing
    voice: VoiceLevel
    repeats: int
    still_ms: int
    alternate: bool


class VoiceChoice(Choice):
    """A voice to choose, with its engine."""

    engine: Literal["espeak", "neural"]


class Choices(BaseModel):
    """Everything a session page offers to choose from."""

    voices: list[VoiceChoice]
    backgrounds: list[Choice]
    brought: list[Choice]
    facings: list[Choice]
    voice_levels: list[Choice]
    kinds: list[KindChoice]
    curves: list[Choice]
    schools: list[Choice]
    dialects: list[Choice]
    fronts: list[Choice]
    ways: list[Choice]


@router.get("/choices")
def choices(workspace: Here) -> Choices:
    """The voices, facings and voice levels there are."""
    return Choices(
        voices=[VoiceChoice(engine=e, id=v.id, title=v.title) for e, v in voices(workspace.folder)],
        backgrounds=[Choice(id=k, title=v) for k, v in BACKGROUNDS.items()],
        brought=[Choice(id=b.id, title=b.name) for b in workspace.brought.all()],
        facings=[Choice(id=f.id, title=f.title) for f in FACINGS.values()],
        voice_levels=[Choice(id=v.id, title=v.title) for v in VOICES.values()],
        kinds=[
            KindChoice(
                id=k.id,
                title=k.title,
                moves=k.moves,
                facing=k.facing,
                voice=k.voice,
                repeats=k.repeats,
                still_ms=k.still_ms,
                alternate=k.drills,
            )
            for k in BLOCK_KINDS.values()
        ],
        curves=[Choice(id=c.id, title=c.title) for c in CURVES.values()],
        schools=[Choice(id=k, title=v) for k, v in SCHOOL_TITLES.items()],
        dialects=[Choice(id=d.id, title=d.title) for d in DIALECTS.values()],
        fronts=[
            Choice(id="form", title="As the form has it"),
            *(Choice(id=f, title=f.capitalize()) for f in NORTH),
        ],
        ways=[
            Choice(id="usual", title="The usual ways"),
            *(Choice(id=v.id, title=f"{v.title} where there is one") for v in VARIANTS.values()),
        ],
    )


@router.get("/sound/speech.wav", response_class=Response)
def speech(
    workspace: Here,
    text: Annotated[str, Query(min_length=1, max_length=2000)],
    voice: str = "en-gb",
    wpm: Annotated[int, Query(ge=80, le=300, description="Words a minute.")] = 130,
    engine: Literal["espeak", "neural"] = "espeak",
    takes: bool = True,
) -> Response:
    """A spoken text as WAV."""
    clips = workspace.clips(SpeechChoice(engine=engine, voice=voice, wpm=wpm, takes=takes))
    return wav(samples_of(Sound(0, 0, "speech", text), clips), keep=not takes)


@router.get("/sound/{kind}.wav", response_class=Response)
def tone(
    workspace: Here, kind: Literal["breath-in", "breath-out", "chime"], ms: Annotated[int, Query(ge=0, le=600_000)]
) -> Response:
    """A breath tone or a chime of `ms` milliseconds as WAV."""
    return wav(samples_of(Sound(0, ms, kind), workspace.clips(SpeechChoice())))


def wav(samples: np.ndarray, keep: bool = True) -> Response:
    """Samples at Kemvo's own rate as a WAV file. `keep`: it never changes."""
    out = io.BytesIO()
    soundfile.write(out, samples, RATE, format="WAV", subtype="PCM_16")
    return Response(out.getvalue(), media_type="audio/wav", headers=KEEP if keep else {"Cache-Control": "no-cache"})
