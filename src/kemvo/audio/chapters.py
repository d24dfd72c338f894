"""Chapters in sound files, where the format has them: MP3 (ID3v2 chapter frames), Ogg and FLAC (comments)."""

from __future__ import annotations

from collections.abc import Sequence
from pathlib import Path

from mutagen.flac import FLAC
from mutagen.id3 import CHAP, CTOC, ID3, TIT2, CTOCFlags
from mutagen.oggvorbis import OggVorbis

Chapter = tuple[int, str]
"""Its beginning in milliseconds, and its title."""


def write_chapters(path: Path, ending: str, title: str, chapters: Sequence[Chapter], total_ms: int) -> None:
    """Put a title and chapters into a finished file of that format; a format without chapters stays as it is."""
    if ending == "mp3":
        tags = ID3()
        tags.add(TIT2(encoding=3, text=title))
        ends = [*(start for start, _ in chapters[1:]), total_ms]
        for n, ((start, name), end) in enumerate(zip(chapters, ends, strict=False)):
            tags.add(CHAP(element_id=f"c{n}", start_time=start, end_time=end, sub_frames=[TIT2(encoding=3, text=name)]))
        if chapters:
            flags = CTOCFlags.TOP_LEVEL | CTOCFlags.ORDERED
            tags.add(CTOC(element_id="toc", flags=flags, child_element_ids=[f"c{n}" for n in range(len(chapters))]))
        tags.save(str(path), v2_version=3)
    elif ending in ("ogg", "flac"):
        file = OggVorbis(str(path)) if ending == "ogg" else FLAC(str(path))
        if title:
            file["TITLE"] = title
        for n, (start, name) in enumerate(chapters):
            file[f"CHAPTER{n:03d}"] = _moment(start)
            file[f"CHAPTER{n:03d}NAME"] = name
        file.save()


def _moment(ms: int) -> str:
    return f"{ms // 3_600_000:02d}:{ms // 60_000 % 60:02d}:{ms // 1000 % 60:02d}.{ms % 1000:03d}"
