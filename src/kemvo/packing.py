"""The sounds that go with a session when it is taken elsewhere: takes of its lines, and what sounds under it."""

from __future__ import annotations

from collections.abc import Iterable

from kemvo.audio.background import brought
from kemvo.audio.takes import as_wav, made_ready, read_recording
from kemvo.core.problem import KemvoError
from kemvo.core.session import Session
from kemvo.formats.packed import Packed, PackedSound, PackedTake
from kemvo.store.sounds import BroughtSounds, Takes


def sounds_to_pack(
    takes: Takes, sounds: BroughtSounds, session: Session, texts: Iterable[str]
) -> tuple[list[PackedTake], list[PackedSound]]:
    """The takes that count for these texts, as they were recorded, and the sound under the session if it was brought."""
    counting = {t.number: t for t in takes.counting(texts).values()}
    packed = [PackedTake(t.text, takes.recorded(t.number).read_bytes()) for t in counting.values()]
    under = []
    if session.sound.background == "own":
        names = {b.id: b.name for b in sounds.all()}
        id_ = session.sound.background_file
        if id_ in names:
            under.append(PackedSound(names[id_], sounds.path(id_).read_bytes()))
    return packed, under


def unpack_sounds(takes: Takes, sounds: BroughtSounds, packed: Packed) -> None:
    """Keep the sounds of a packed session; a take that is here already is not added again. Raises KemvoError, with
    nothing kept, when one cannot be read."""
    new = [t for t in packed.takes if not takes.has(t.text, t.data)]
    ready = []
    for take in new:
        try:
            ready.append(made_ready(read_recording(take.data)))
        except KemvoError as error:
            raise KemvoError(
                *(p.model_copy(update={"where": f"the take of “{take.text}”"}) for p in error.problems)
            ) from None
    for sound in packed.sounds:
        brought(sounds.lay(sound.data, sound.name))
    for sound in packed.sounds:
        sounds.add(sound.data, sound.name)
    for take, made in zip(new, ready, strict=True):
        takes.add(take.text, as_wav(made), take.data, made.ms())
