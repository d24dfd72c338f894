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
from kemvo.core.errors import KemvoError, Problem
from kemvo.core.model.catalogue import name_index, over
from kemvo.core.model.form import Form
from kemvo.core.model.session import Forms, Session, SpeechChoice, first_passes
from kemvo.core.movement.fields import with_typed_read
from kemvo.core.movement.readings import finished
from kemvo.core.practice.cue_rows import cue_rows
from kemvo.core.practice.pipeline import Practice, work_out
from kemvo.core.text_import.draft import draft
from kemvo.core.text_import.whole_text.headings import Flat
from kemvo.core.text_import.whole_text.names_after import NamesStand
from kemvo.core.text_import.whole_text.script import read_script
from kemvo.core.timing.pass_postures import missing_parts, require_a_form
from kemvo.core.timing.timeline import chapters
from kemvo.formats.documents.catalogue import shipped_catalogue
from kemvo.formats.documents.kemvo_json import read_file
from kemvo.formats.documents.packed import PackedFile, is_packed
from kemvo.formats.paper.cue_pdf import write_cue_pdf
from kemvo.formats.text import MOST_TEXT_BYTES, bounded
from kemvo.formats.texts.scripts import script_entries
from kemvo.formats.tracks.captions import write_captions
from kemvo.formats.tracks.cue_files import CUE_FILES
from kemvo.formats.tracks.midi import write_midi
from kemvo.packing import loop_of, unpack_sounds
from kemvo.store.database import Database, home
from kemvo.store.lengths import StoredBook
from kemvo.store.own_postures import OwnPostures
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


def one_form(path: Path) -> Form:
    """The form of a form file. Raises KemvoError for what cannot be read, OSError when there is no such file."""
    bundle = read_file(path.read_bytes(), path.name)
    if bundle.session is not None:
        raise KemvoError(
            Problem(what="This file holds a session, not a form.", where=path.name, mend="Name a form file.")
        )
    return bundle.form()


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


def form_of_text(path: Path, title: str = "", items: Flat = "", names: NamesStand = "") -> tuple[Form, list[str]]:
    """A form made of a text as the page makes it, with the catalogue and the own postures; and the lines that were not
    understood. Raises KemvoError for what cannot be read, OSError when there is no such file."""
    with path.open("rb") as file:
        data = bounded(file, path.name, MOST_TEXT_BYTES)
    folder = home()
    own = OwnPostures(Database(folder / "kemvo.sqlite")).all() if (folder / "kemvo.sqlite").exists() else ()
    catalogue = over(shipped_catalogue(), own)
    made = draft(
        read_script(script_entries(data, path.name), name_index(catalogue)),
        catalogue,
        title,
        path.stem[:200],
        items,
        names,
    )
    remarks = [
        f"line {x.line}: “{x.text[:120]}” was not understood; it is a {x.became}."
        for x in made.lines
        if x.state == "not understood"
    ]
    if made.items and not items:
        other = "movements" if made.items == "postures" else "postures"
        remarks.append(f"The items of the list were taken for {made.items}; --items {other} takes them for {other}.")
    if made.names and not names:
        remarks.append("The names were taken to stand after their movements; --names before takes them as written.")
    if made.form.lead_ms:
        remarks.append(
            f"Its first words come at {made.form.lead_ms / 1000:g} s: so long it is still before the form begins."
        )
    return with_typed_read(finished(made.form)), remarks
