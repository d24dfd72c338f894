"""The main job without pages: a session file worked out with its voice."""

from __future__ import annotations

import atexit
import tempfile
from collections.abc import Iterable
from pathlib import Path
from typing import NamedTuple

from kemvo.audio.render import Order, under_of
from kemvo.audio.speech.clips import Clips
from kemvo.audio.speech.voices import voice_of
from kemvo.core.cues.decisions import Decision
from kemvo.core.model.session import Forms, Session, SpeechChoice, first_passes
from kemvo.core.practice.cue_rows import cue_rows
from kemvo.core.practice.pipeline import Practice, work_out
from kemvo.core.timing.pass_postures import missing_parts, require_a_form
from kemvo.core.timing.timeline import chapters
from kemvo.formats.documents.kemvo_json import read_file
from kemvo.formats.documents.packed import PackedFile, is_packed
from kemvo.formats.paper.cue_pdf import write_cue_pdf
from kemvo.formats.text import MOST_TEXT_BYTES, bounded
from kemvo.formats.tracks.captions import write_captions
from kemvo.formats.tracks.cue_files import CUE_FILES
from kemvo.formats.tracks.midi import write_midi
from kemvo.packing import loop_of, unpack_sounds
from kemvo.store.database import Database, home
from kemvo.store.lengths import StoredBook
from kemvo.store.sounds import BroughtSounds, FoundTakes, Shelf, Takes

BECOMES = {"left out": "is left out", "moved": "is said early"}


class SessionJob(NamedTuple):
    """A session file, worked out: the session, the practice, the clips its voice speaks, the sounds that may sound under
    it, and what was noticed."""

    session: Session
    practice: Practice
    clips: Clips
    sounds: BroughtSounds
    notices: list[str]

    def order(self) -> Order:
        """How its sound is made: as the session has it. Raises KemvoError when the sound under it is not here."""
        under = under_of(self.session.sound, lambda id_: loop_of(self.sounds, id_))
        return Order(self.session.sound, under, self.session.title, chapters(self.practice.heard))

    def as_file(self, name: str) -> bytes:
        """What is said, as the kind of file that `name` ends with. Raises KemvoError for another kind."""
        name = name.lower()
        if name.endswith(".mid"):
            return write_midi(self.practice.heard)
        if name.endswith(".pdf"):
            table = CUE_FILES["table"].write(self.practice)
            return write_cue_pdf(self.session.title, cue_rows(self.practice), "instructor", table)
        kinds = [f for f in CUE_FILES.values() if name.endswith(f".{f.ending}")]
        if kinds:
            return max(kinds, key=lambda f: len(f.ending)).write(self.practice).encode()
        return write_captions(self.practice.sounds, name.rsplit(".", 1)[-1]).encode()

    def spoken(self) -> int:
        """How many cues are said."""
        return sum(d.state != "left out" for d in self.practice.decisions)

    def remarks(self) -> list[str]:
        """What a user should know: parts that are missing, cues that were shortened or left out."""
        return self.notices + not_in_full(self.practice.decisions)


def not_in_full(decisions: Iterable[Decision]) -> list[str]:
    """The cues that were shortened, said early or left out, each in a sentence with its reason."""
    return [
        f"{d.cue.target_ms / 1000:.1f} s: “{d.cue.wordings[0].text}” {BECOMES.get(d.state) or f'becomes “{d.text}”'}. {d.reason}"
        for d in decisions
        if d.state != "full"
    ]


def _sounds(folder: Path) -> tuple[Takes, BroughtSounds]:
    database, shelf = Database(folder / "kemvo.sqlite"), Shelf(folder / "sounds")
    return Takes(database, shelf), BroughtSounds(database, shelf)


def _clips(choice: SpeechChoice, takes: Takes) -> Clips:
    folder = home()
    book = StoredBook(Database(folder / "kemvo.sqlite"))
    return Clips(voice_of(choice, folder), book, FoundTakes(takes) if choice.takes else None)


class OpenedSession(NamedTuple):
    """A session file with its forms, and the sounds that go with it."""

    session: Session
    forms: Forms
    takes: Takes
    sounds: BroughtSounds

    def clips(self) -> Clips:
        """The clips of its voice."""
        return _clips(self.session.speech, self.takes)


def opened_session(path: Path) -> OpenedSession:
    """A session file (a form file as a first session over it, a ZIP with its sounds). Raises KemvoError for what cannot be
    read, OSError when there is no such file."""
    takes, sounds = _sounds(home())
    with path.open("rb") as file:
        if is_packed(file):
            unpacked = tempfile.TemporaryDirectory(prefix="kemvo-", ignore_cleanup_errors=True)
            atexit.register(unpacked.cleanup)
            takes, sounds = _sounds(Path(unpacked.name))
            with PackedFile(file, path.name) as packed:
                data = packed.session
                unpack_sounds(takes, sounds, packed)
        else:
            data = bounded(file, path.name, MOST_TEXT_BYTES)
    bundle = read_file(data, path.name)
    session = bundle.session or first_passes("form", bundle.form())
    require_a_form(session, bundle.forms)
    return OpenedSession(session, bundle.forms, takes, sounds)


def prepared(path: Path, speed: float) -> SessionJob:
    """Read a session file and work it out. Raises KemvoError for what cannot be read, OSError when there is no such file."""
    opened = opened_session(path)
    clips = opened.clips()
    practice = work_out(opened.session, opened.forms, clips.measure, speed)
    notices = [p.sentence() for p in missing_parts(opened.session, opened.forms)]
    return SessionJob(opened.session, practice, clips, opened.sounds, notices)
