"""Sounds on their way in and out: what is brought under a session, and the sounds that go with a session elsewhere."""

from __future__ import annotations

import tempfile
import uuid
from collections.abc import Iterable
from pathlib import Path

from kemvo.audio.apart import make_loop_apart
from kemvo.audio.intake import Report
from kemvo.audio.takes import as_wav, made_ready, read_recording
from kemvo.core.errors import KemvoError
from kemvo.core.model.session import Session
from kemvo.formats.documents.packed import PackedFile, PackedSound, PackedTake
from kemvo.store.sounds import Brought, BroughtSounds, Takes, ending_of


def sounds_to_pack(
    takes: Takes, sounds: BroughtSounds, session: Session, texts: Iterable[str]
) -> tuple[list[PackedTake], list[PackedSound]]:
    """The takes that count for these texts, as they were recorded, and the sound under the session if it was brought."""
    counting = {t.number: t for t in takes.counting(texts).values()}
    packed = [PackedTake(t.text, takes.recorded(t.number)) for t in counting.values()]
    under = []
    if session.sound.background == "own":
        names = {b.id: b.name for b in sounds.all()}
        id_ = session.sound.background_file
        if id_ in names:
            under.append(PackedSound(names[id_], sounds.path(id_)))
    return packed, under


def bring_in(
    sounds: BroughtSounds, file: Path, name: str, report: Report = lambda _: None
) -> tuple[Brought, list[str]]:
    """Keep a sound to go under sessions, and what is to be told about it; `file` is moved. Raises KemvoError when it is no
    sound; then nothing is kept."""
    ending_of(name)
    round_ = file.with_name(f"{uuid.uuid4().hex}.round.npy")
    try:
        notes = make_loop_apart(file, name, round_, report)
        return sounds.add(file, round_, name), notes
    finally:
        round_.unlink(missing_ok=True)


def loop_of(sounds: BroughtSounds, id_: str) -> Path:
    """The file of what comes round of a brought sound; made now where an older Kemvo kept the sound alone. Raises
    KemvoError when the sound is not here."""
    path, round_ = sounds.path(id_), sounds.round(id_)
    if not round_.exists():
        made = round_.with_name(f".{uuid.uuid4().hex}.npy")
        make_loop_apart(path, path.name, made)
        made.replace(round_)
    return round_


def unpack_sounds(takes: Takes, sounds: BroughtSounds, packed: PackedFile) -> None:
    """Keep the sounds of a packed session; a take that is here already is not added again. Raises KemvoError, with
    nothing kept, when one cannot be read."""
    with tempfile.TemporaryDirectory(prefix=".unpacking-", dir=takes.shelf.folder) as folder:
        new: list[tuple[PackedTake, bytes, int]] = []
        for n, (text, inside) in enumerate(packed.takes):
            raw = packed.extract(inside, Path(folder) / f"{n}.wav")
            if takes.has(text, raw):
                continue
            try:
                made = made_ready(read_recording(raw)[0])
            except KemvoError as error:
                places = (p.model_copy(update={"where": f"the take of “{text}”"}) for p in error.problems)
                raise KemvoError(*places) from None
            new.append((PackedTake(text, raw), as_wav(made), made.ms()))
        under: list[tuple[Path, Path, str]] = []
        for n, (name, inside) in enumerate(packed.sounds):
            ending_of(name)
            file = packed.extract(inside, Path(folder) / f"sound-{n}")
            round_ = Path(folder) / f"round-{n}.npy"
            make_loop_apart(file, name, round_)
            under.append((file, round_, name))
        for file, round_, name in under:
            sounds.add(file, round_, name)
        for take, ready, ms in new:
            takes.add(take.text, ready, take.file, ms)
