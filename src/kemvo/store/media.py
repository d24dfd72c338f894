"""The files of recordings: streamed to disk in pieces, so that a stopped upload goes on where it was, and kept beside the sounds,
named by the hash of their content.
"""

from __future__ import annotations

import hashlib
import json
from collections.abc import Iterable, Mapping
from contextlib import suppress
from pathlib import Path
from typing import NamedTuple

from kemvo.core.errors import KemvoError, Problem
from kemvo.core.recording.model import Media
from kemvo.store.sounds import Shelf

MOST_BYTES = 200_000_000_000
"""Larger files are refused."""

COMING = "incoming-media"
"""The folder of what is half brought in, in the data folder."""

LOUDNESS = "loudness.npz"
"""The ending of what is kept beside a recording's file: how loud it is over time."""


def media_file(media: Mapping[str, object] | Media) -> str:
    """What the file of a recording is called: after its hash, with the ending of its name."""
    about = media.model_dump() if isinstance(media, Media) else media
    ending = str(about.get("name", "")).rsplit(".", 1)[-1].lower()
    return f"{str(about.get('sha256', ''))[:32]}.{ending if ending.isalnum() and len(ending) <= 5 else 'bin'}"


class Coming(NamedTuple):
    """A file that is being brought in: its number, its name, how large it will be, and how much of it is here."""

    id: str
    name: str
    bytes: int
    received: int


class MediaShelf:
    """The recordings' files in a data folder."""

    def __init__(self, folder: Path) -> None:
        self.shelf = Shelf(folder / "sounds")
        self.coming = folder / COMING
        with suppress(OSError):
            self.coming.mkdir(parents=True, exist_ok=True)

    def begin(self, name: str, size: int, changed: int = 0) -> Coming:
        """Begin to bring a file in, or go on with it: the same name, size and time of change are the same file. Raises
        KemvoError for a file that is too large."""
        if not 0 < size <= MOST_BYTES:
            raise KemvoError(
                Problem(
                    what="This file is empty." if size <= 0 else "This file is larger than 200 GB.",
                    where=name[:200],
                    mend="Choose another one.",
                )
            )
        id_ = hashlib.sha256(f"{name}|{size}|{changed}".encode()).hexdigest()[:24]
        with suppress(KemvoError):
            return self.at(id_)
        # Nothing is here of it, or nothing that can be read (a disk that was full): it begins again.
        self.drop(id_)
        about, partial = self._about(id_), self.coming / f".{id_}.part"
        try:
            partial.write_text(json.dumps({"name": name[:200], "bytes": size}), encoding="utf-8")
            (self.coming / id_).touch()
            partial.replace(about)
        except OSError:
            partial.unlink(missing_ok=True)
            self.drop(id_)
            raise
        return self.at(id_)

    def _about(self, id_: str) -> Path:
        """Where it is written what a file is that is being brought in."""
        return self.coming / f"{Path(id_).name}.json"

    def at(self, id_: str) -> Coming:
        """How far a file is. Raises KemvoError when none is being brought in under this number."""
        try:
            about = json.loads(self._about(id_).read_text(encoding="utf-8"))
            received = (self.coming / Path(id_).name).stat().st_size
            return Coming(id_, str(about["name"]), int(about["bytes"]), received)
        except (OSError, ValueError, KeyError, TypeError):
            raise KemvoError(
                Problem(what="This file is not being brought in (any more).", mend="Choose it again.")
            ) from None

    def take(self, id_: str, at: int, data: bytes) -> Coming:
        """Take a piece of a file that begins at `at`. What is here already is not written twice. Raises KemvoError when
        something before it is missing, or it is more than there should be."""
        here = self.at(id_)
        if at > here.received or at + len(data) > here.bytes:
            raise KemvoError(
                Problem(
                    what=f"This piece does not follow what is here ({here.received} of {here.bytes} bytes).",
                    mend="Go on from there.",
                    pointer="/at",
                )
            )
        new = data[here.received - at :]
        if new:
            with (self.coming / here.id).open("ab") as file:
                file.write(new)
        return self.at(id_)

    def whole(self, id_: str) -> tuple[Path, str]:
        """The file that was brought in, and its name. Raises KemvoError while something is missing."""
        here = self.at(id_)
        if here.received < here.bytes:
            raise KemvoError(
                Problem(
                    what=f"Of “{here.name}” {here.bytes - here.received} bytes are missing.",
                    mend="Bring in the rest first.",
                )
            )
        return self.coming / here.id, here.name

    def drop(self, id_: str) -> None:
        """Let what was brought in go."""
        for path in (self.coming / Path(id_).name, self._about(id_)):
            path.unlink(missing_ok=True)

    def coming_bytes(self) -> int:
        """How much room what is half brought in takes (bytes)."""
        return sum(p.stat().st_size for p in self.coming.glob("*") if p.is_file())

    def keep(self, file: Path, media: Media) -> Path:
        """Keep a file, which is moved here."""
        path = self.path(media)
        if path.exists():
            file.unlink(missing_ok=True)
        else:
            file.replace(path)
        return path

    def path(self, media: Media) -> Path:
        """Where a recording's file lies, if it is here."""
        return self.shelf.path(media_file(media))

    def beside(self, media: Media, what: str) -> Path:
        """Where something that was worked out from a recording's file lies."""
        return self.shelf.path(f"{media_file(media)}.{what}")

    def delete(self, media: Media) -> int:
        """Delete a recording's file alone; marks and words stay. Answers with the bytes that are free now."""
        path = self.path(media)
        size = path.stat().st_size if path.exists() else 0
        path.unlink(missing_ok=True)
        return size

    def size(self, media: Iterable[Media]) -> int:
        """How much room the files of some recordings take (bytes)."""
        return sum(p.stat().st_size for p in {self.path(m) for m in media} if p.exists())
