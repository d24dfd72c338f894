"""A file becomes a recording: looked through, its loudness worked out, kept on the shelf of media."""

from __future__ import annotations

from pathlib import Path

from kemvo.core.recording.model import Media
from kemvo.film.envelope import envelope, save
from kemvo.film.probe import Report, probe
from kemvo.store.media import LOUDNESS, MediaShelf

SILENT_DB = -70
"""A recording that is nowhere louder (dB of full scale) is silent."""

PROBING = 0.4
"""The share of the work that is done when the file is looked through."""


def take_in(shelf: MediaShelf, file: Path, name: str, report: Report = lambda _: None) -> Media:
    """Look a file through, work out its loudness, and keep it; `file` is moved. Raises KemvoError when it is no recording; then
    it stays where it was."""
    media = probe(file, name, lambda share: report(PROBING * share))
    made = envelope(file, media, lambda share: report(PROBING + (1 - PROBING) * share))
    save(made, shelf.beside(media, LOUDNESS))
    if media.rate and (not len(made.level_db) or int(made.level_db.max()) <= SILENT_DB):
        media = media.model_copy(update={"notes": (*media.notes, "Nothing can be heard in it.")})
    shelf.keep(file, media)
    return media
