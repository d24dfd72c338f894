"""A session with its sounds in one file: a ZIP of the session file, the instructor's takes and the sounds brought along.

`session.json` is a session file; `contents.json` says which sound file says which line, and which are to sound under the
session. Any program that opens ZIP files shows what is in it; the takes are named after their lines.
"""

from __future__ import annotations

import io
import json
import zipfile
from collections.abc import Sequence
from typing import Annotated, NamedTuple

from pydantic import BaseModel, Field, ValidationError

from kemvo.core.booth import file_stem
from kemvo.core.problem import KemvoError, Problem

SESSION, CONTENTS = "session.json", "contents.json"
MOST_BYTES = 1_000_000_000
"""So much at most is unpacked."""


class PackedTake(NamedTuple):
    """A line as it was recorded, and its text."""

    text: str
    data: bytes


class PackedSound(NamedTuple):
    """A sound that was brought along: its file's name and content."""

    name: str
    data: bytes


class Packed(NamedTuple):
    """What a packed session holds: the text of its session file, its takes and its sounds."""

    session: bytes
    takes: tuple[PackedTake, ...]
    sounds: tuple[PackedSound, ...]


class _Take(BaseModel):
    file: str
    text: Annotated[str, Field(min_length=1, max_length=2000)]


class _Sound(BaseModel):
    file: str
    name: Annotated[str, Field(min_length=1, max_length=200)]


class _Contents(BaseModel):
    takes: list[_Take] = []
    sounds: list[_Sound] = []


def is_packed(data: bytes) -> bool:
    """Whether a file is a ZIP and no text."""
    return data[:4] in (b"PK\x03\x04", b"PK\x05\x06")


def write_packed(session: str, takes: Sequence[PackedTake], sounds: Sequence[PackedSound]) -> bytes:
    """A session file with its sounds as the content of a ZIP file."""
    out = io.BytesIO()
    contents = _Contents()
    with zipfile.ZipFile(out, "w", zipfile.ZIP_DEFLATED) as into:
        into.writestr(SESSION, session)
        for n, take in enumerate(takes, 1):
            file = f"takes/{n:03d}-{file_stem(take.text)}.wav"
            into.writestr(file, take.data)
            contents.takes.append(_Take(file=file, text=take.text))
        for n, sound in enumerate(sounds, 1):
            stem, _, ending = sound.name.rpartition(".")
            file = f"sounds/{n:03d}-{file_stem(stem)}.{file_stem(ending)}"
            into.writestr(file, sound.data, zipfile.ZIP_STORED)
            contents.sounds.append(_Sound(file=file, name=sound.name))
        into.writestr(CONTENTS, contents.model_dump_json(indent=1))
    return out.getvalue()


def read_packed(data: bytes, name: str = "") -> Packed:
    """What the content of such a ZIP file holds. Raises KemvoError when it is another ZIP, damaged or far too large."""
    try:
        with zipfile.ZipFile(io.BytesIO(data)) as packed:
            if sum(x.file_size for x in packed.infolist()) > MOST_BYTES:
                raise KemvoError(
                    Problem(what="This ZIP would unpack to more than 1 GB.", where=name, mend="Choose one Kemvo saved.")
                )
            known = set(packed.namelist())
            if SESSION not in known:
                raise _strange(f"there is no {SESSION} in it", name)
            contents = _contents(packed.read(CONTENTS) if CONTENTS in known else b"{}", name)
            named = [t.file for t in contents.takes] + [s.file for s in contents.sounds]
            missing = [file for file in named if file not in known]
            if missing:
                raise _strange(f"“{missing[0]}” is missing in it", name)
            return Packed(
                packed.read(SESSION),
                tuple(PackedTake(x.text, packed.read(x.file)) for x in contents.takes),
                tuple(PackedSound(x.name, packed.read(x.file)) for x in contents.sounds),
            )
    except (zipfile.BadZipFile, EOFError, NotImplementedError, RuntimeError, ValueError, OSError) as error:
        raise _strange(f"it is damaged ({error})", name) from None


def _contents(text: bytes, name: str) -> _Contents:
    try:
        return _Contents.model_validate(json.loads(text.decode("utf-8-sig")))
    except (ValueError, ValidationError, RecursionError):
        raise _strange(f"its {CONTENTS} cannot be read", name) from None


def _strange(why: str, name: str) -> KemvoError:
    return KemvoError(
        Problem(
            what=f"This is a ZIP, but not a session with its sounds: {why}.",
            where=name,
            mend="Choose a file that Kemvo saved.",
        )
    )
