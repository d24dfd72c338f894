"""Postures that have only a name so far, what the catalogue would put into them, and which of that nobody has touched since."""

from __future__ import annotations

from collections.abc import Collection, Sequence
from hashlib import blake2b

from kemvo.core.model.catalogue import Entry, suggestions
from kemvo.core.model.form import FILLED_IN, Form, Movement, Posture, with_ids
from kemvo.core.reading.posture_names import NameIndex
from kemvo.core.types import Value


def tells_something(m: Movement) -> bool:
    """Whether a movement was given anything: words, or a weight, counts or a breath by hand."""
    given = (m.origins.counts, m.origins.left_pct, m.origins.breath)
    return bool(m.line or m.foot or m.cues.full or m.stance or any(x != "filled" for x in given))


def is_to_fill(posture: Posture) -> bool:
    """Whether a posture has only a name so far: nobody can do it yet."""
    return not any(map(tells_something, posture.movements))


class Filling(Value):
    """What the catalogue would put into a posture that has only a name. `known_as`: its name there; `movements`: how many it has
    there. `sure`: the whole name stands for it, and not only begins or sounds like it."""

    posture_id: str
    title: str
    known_as: str
    movements: int
    sure: bool


def fillings(form: Form, entries: Sequence[Entry], names: NameIndex) -> tuple[Filling, ...]:
    """What the catalogue would put into every posture of a form that has only a name, in the form's order."""
    found = ((p, *_known(p.name, entries, names)) for p in form.postures() if p.name.strip() and is_to_fill(p))
    return tuple(
        Filling(
            posture_id=p.id, title=p.title(), known_as=e.posture.name, movements=len(e.posture.movements), sure=sure
        )
        for p, e, sure in found
        if e and e.posture.movements
    )


def _known(name: str, entries: Sequence[Entry], names: NameIndex) -> tuple[Entry | None, bool]:
    whole = names.resolve(name)
    if whole is not None:
        return next((e for e in entries if e.id == whole), None), True
    return next(iter(suggestions(entries, name, 1)), None), False


def with_filled(
    form: Form, entries: Sequence[Entry], names: NameIndex, posture_id: str = "", own: Collection[str] = ()
) -> Form:
    """The form with its empty postures filled from the catalogue: those whose whole name it knows; with `posture_id`, that one,
    also where its name is only alike. Name, number, side and repeats stay as they are; what was put in is marked as the
    catalogue's until somebody changes it (`is_untouched`), but for the instructor's own entries (`own`: their ids)."""
    wanted = {
        f.posture_id for f in fillings(form, entries, names) if (f.posture_id == posture_id if posture_id else f.sure)
    }

    def filled(p: Posture) -> Posture:
        entry = _known(p.name, entries, names)[0] if p.id in wanted else None
        if entry is None:
            return p
        known = entry.on(p.side)
        made = p.model_copy(
            update={
                "side": p.side or known.side,
                "movements": tuple(m.model_copy(update={"id": "", "origins": FILLED_IN}) for m in known.movements),
                "kinds": p.kinds or known.kinds,
                "cautions": p.cautions or known.cautions,
                "gentler": p.gentler or known.gentler,
            }
        )
        return made if entry.id in own else marked(made)

    sections = (s.model_copy(update={"postures": tuple(map(filled, s.postures))}) for s in form.sections)
    return with_ids(form.model_copy(update={"sections": tuple(sections)}))


def marked(p: Posture) -> Posture:
    """The posture marked as the catalogue's, as it is now."""
    return p.model_copy(update={"filled_as": _content(p)})


def is_untouched(p: Posture) -> bool:
    """Whether a posture still stands as the catalogue gave it. A weight may have gone along with its neighbours; words, counts,
    breath or stillness that were changed are the instructor's."""
    return bool(p.filled_as) and p.filled_as == _content(p)


def _content(p: Posture) -> str:
    told = [(m.line, m.foot, m.counts, m.breath, m.hold_ms, m.stance, m.facing, m.gaze) for m in p.movements]
    return blake2b(repr((told, p.cautions, p.gentler)).encode(), digest_size=8).hexdigest()
