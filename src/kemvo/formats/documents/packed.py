"""A session with its sounds in one file: a ZIP of the session file, the instructor's takes and the sounds brought along.

`session.json` is a session file; `contents.json` says which sound file says which line, and which are to sound under the
session. Any program that opens ZIP files shows what is in it; the takes are named after their lines.
"""

from __future__ import annotations

import errno
import json
import shutil
import zipfile
import zlib
from collections.abc import Sequence
from pathlib import Path
from types import TracebackType
from typing import Annotated, BinaryIO, NamedTuple

from pydantic import BaseModel, Field, ValidationError

from kemvo.core.errors import KemvoError, Problem
from kemvo.core.practice.booth import file_stem

SESSION, CONTENTS = "session.json", "contents.json"

MOST_BYTES = 1_000_000_000
"""The most bytes that are unpacked…"""

MOST_FILES = 2_000
"""…of so many files…"""

MOST_TEXT_BYTES = 20_000_000
"""…of which a text has so much…"""

MOST_RATIO, FREE_BYTES = 100, 10_000_000
"""…and all of it at most so many times as large as the ZIP, besides a little that may be larger: sound does not shrink so."""


class PackedTake(NamedTuple):
    """A line as it was recorded: its text, and the file."""

    text: str
    file: Path


class PackedSound(NamedTuple):
    """A sound that was brought along: its name, and the file."""

    name: str
    file: Path


class _Take(BaseModel):
    file: str
    text: Annotated[str, Field(min_length=1, max_length=2000)]


class _Sound(BaseModel):
    file: str
    name: Annotated[str, Field(min_length=1, max_length=200)]


class _Contents(BaseModel):
    takes: list[_Take] = []
    sounds: list[_Sound] = []


def is_packed(source: BinaryIO) -> bool:
    """Whether a file is a ZIP and no text."""
    begins = source.read(4)
    source.seek(0)
    return begins in (b"PK\x03\x04", b"PK\x05\x06")


def write_packed(out: Path, session: str, takes: Sequence[PackedTake], sounds: Sequence[PackedSound]) -> None:
    """Write a session file with its sounds as a ZIP file."""
    contents = _Contents()
    with zipfile.ZipFile(out, "w", zipfile.ZIP_DEFLATED) as into:
        into.writestr(SESSION, session)
        for n, take in enumerate(takes, 1):
            file = f"takes/{n:03d}-{file_stem(take.text)}.wav"
            into.write(take.file, file)
            contents.takes.append(_Take(file=file, text=take.text))
        for n, sound in enumerate(sounds, 1):
            stem, _, ending = sound.name.rpartition(".")
            file = f"sounds/{n:03d}-{file_stem(stem)}.{file_stem(ending)}"
            into.write(sound.file, file, zipfile.ZIP_STORED)
            contents.sounds.append(_Sound(file=file, name=sound.name))
        into.writestr(CONTENTS, contents.model_dump_json(indent=1))


class PackedFile:
    """A packed session, open: `session` is the text of its session file; `takes` and `sounds` name what is said or what a
    sound is called, and the file in the ZIP. Raises KemvoError when it is another ZIP, damaged or far too large."""

    def __init__(self, source: BinaryIO, name: str = "") -> None:
        self.name = name
        try:
            self._zip = zipfile.ZipFile(source)
            self._check_size(source)
            known = set(self._zip.namelist())
            if SESSION not in known:
                raise _strange(f"there is no {SESSION} in it", name)
            contents = _contents(self._text(CONTENTS) if CONTENTS in known else b"{}", name)
            self.takes = tuple((t.text, t.file) for t in contents.takes)
            self.sounds = tuple((s.name, s.file) for s in contents.sounds)
            named = [file for _, file in (*self.takes, *self.sounds)]
            missing = [file for file in named if file not in known]
            if missing:
                raise _strange(f"“{missing[0][:80]}” is missing in it", name)
            if len(set(named)) < len(named) or len(known) < len(self._zip.namelist()):
                raise _strange("a file is in it twice", name)
            self.session = self._text(SESSION)
        except DAMAGED as error:
            raise _strange(f"it is damaged ({error})", name) from None

    def __enter__(self) -> PackedFile:
        return self

    def __exit__(self, _: type[BaseException] | None, __: BaseException | None, ___: TracebackType | None) -> None:
        self._zip.close()

    def extract(self, file: str, to: Path) -> Path:
        """Unpack one of its files to `to`, a little at a time. Raises KemvoError when it is damaged."""
        try:
            with self._zip.open(file) as packed, to.open("wb") as out:
                shutil.copyfileobj(packed, out, 1 << 20)
        except DAMAGED as error:
            if isinstance(error, OSError) and error.errno in (errno.ENOSPC, errno.EDQUOT, errno.EROFS, errno.EACCES):
                raise
            raise _strange(f"it is damaged ({error})", self.name) from None
        return to

    def _check_size(self, source: BinaryIO) -> None:
        inside = self._zip.infolist()
        total = sum(x.file_size for x in inside)
        source.seek(0, 2)
        whole = source.tell()
        if len(inside) > MOST_FILES:
            raise _strange(f"there are more than {MOST_FILES:,} files in it", self.name)
        if total > MOST_BYTES or total > FREE_BYTES + MOST_RATIO * whole:
            raise _strange(f"it would unpack to {total / 1e6:,.0f} MB, far more than sounds of its size do", self.name)

    def _text(self, file: str) -> bytes:
        with self._zip.open(file) as packed:
            text = packed.read(MOST_TEXT_BYTES + 1)
        if len(text) > MOST_TEXT_BYTES:
            raise _strange(f"its {file} is larger than {MOST_TEXT_BYTES // 1_000_000} MB", self.name)
        return text


DAMAGED = (zipfile.BadZipFile, zlib.error, EOFError, NotImplementedError, RuntimeError, ValueError, OSError)
"""What opening and unpacking a damaged ZIP may end with."""


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
