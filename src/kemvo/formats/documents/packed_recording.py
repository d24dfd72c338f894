"""A recording in one file: a ZIP of its session file, its marks, all that was decided about it, and the recorded file if wished."""

from __future__ import annotations

import shutil
import zipfile
import zlib
from pathlib import Path
from typing import NamedTuple

from kemvo.core.errors import KemvoError, Problem
from kemvo.core.recording.model import Recording, read_recording
from kemvo.formats.documents.kemvo_json import Bundle, read_file
from kemvo.formats.json_text import parsed_json

SESSION, MARKS, ABOUT = "session.session.json", "marks.json", "recording.json"
MOST_TEXT_BYTES = 20_000_000
MOST_RATIO, FREE_BYTES = 100, 10_000_000
"""What is unpacked is at most so many times as large as the ZIP, besides a little: films do not shrink so."""


class PackedRecording(NamedTuple):
    """What was in such a file: the recording, its session with the forms, and the recorded file where it was packed along."""

    recording: Recording
    bundle: Bundle
    media: Path | None


def write_packed_recording(out: Path, recording: Recording, session: str, marks: str, media: Path | None) -> None:
    """Write a recording as a ZIP file; `media` is put in as it is."""
    with zipfile.ZipFile(out, "w", zipfile.ZIP_DEFLATED) as packed:
        packed.writestr(SESSION, session)
        packed.writestr(MARKS, marks)
        packed.writestr(ABOUT, recording.model_dump_json(exclude_defaults=True, indent=1))
        if media is not None:
            packed.write(media, media_name(recording), zipfile.ZIP_STORED)


def media_name(recording: Recording) -> str:
    """What the recorded file is called in the ZIP."""
    return f"media/{Path(recording.media.name).name or 'recording'}"


def read_packed_recording(path: Path, name: str, to: Path) -> PackedRecording:
    """What is in such a file; the recorded file is unpacked to `to`. Raises KemvoError when it is another ZIP, damaged, or far
    too large."""
    try:
        with zipfile.ZipFile(path) as packed:
            inside = {x.filename: x for x in packed.infolist()}
            if SESSION not in inside or ABOUT not in inside:
                raise _strange("there is no recording in it", name)
            whole = sum(x.file_size for x in inside.values())
            if whole > MOST_RATIO * path.stat().st_size + FREE_BYTES:
                raise _strange("it would be far larger than it looks", name)
            texts = {}
            for file in (SESSION, ABOUT):
                if inside[file].file_size > MOST_TEXT_BYTES:
                    raise _strange(f"{file} in it is too large", name)
                texts[file] = packed.read(file)
            recording = read_recording(parsed_json(texts[ABOUT], f"{name}, {ABOUT}"), ABOUT)
            bundle = read_file(texts[SESSION], f"{name}, {SESSION}")
            media = media_name(recording)
            if media not in inside:
                return PackedRecording(recording, bundle, None)
            with packed.open(media) as source, to.open("wb") as out:
                shutil.copyfileobj(source, out, 1 << 20)
            return PackedRecording(recording, bundle, to)
    except (zipfile.BadZipFile, zlib.error, EOFError, NotImplementedError, RuntimeError) as error:
        raise _strange(f"it is damaged ({error})", name) from None


def _strange(why: str, name: str) -> KemvoError:
    return KemvoError(
        Problem(
            what=f"This is no packed recording that can be opened: {why}.",
            where=name[:200],
            mend="Choose a ZIP file that Kemvo saved on the page of recordings.",
        )
    )
