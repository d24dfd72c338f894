"""Reads a movement's words once, when they are written, and keeps what was read with the movement.

All that comes from outside or is edited goes through `finished` or `with_readings`; everything derived from a form
(views, timeline, floor, cues) uses the readings that are kept, so that a form never changes its meaning by itself.
"""

from __future__ import annotations

from collections.abc import Callable
from functools import lru_cache

from kemvo.core.facts import Fact
from kemvo.core.model.form import Form, Movement, Posture, Readings, read_form, with_ids, words_key
from kemvo.core.movement.fact_words import in_words
from kemvo.core.movement.interpretation import line_facts
from kemvo.core.reading.reader import READER, read_line
from kemvo.core.types import Value


@lru_cache(maxsize=8192)
def readings_of(line: str, foot: str) -> Readings:
    """The words of a movement, read now."""
    return Readings(
        words=words_key(line, foot), reader=READER, line=tuple(read_line(line)), foot=tuple(read_line(foot))
    )


@lru_cache(maxsize=8192)
def _one(readings: Readings) -> Readings:
    """Equal readings as one object, so that what is worked out from them is found at once."""
    return readings


def read(m: Movement) -> Movement:
    """The movement with readings of its words; those that it has stay."""
    if m.is_read():
        return m
    return m.model_copy(update={"read": readings_of(m.line, m.foot) if m.line or m.foot else None})


def read_as_in(m: Movement, form: Form) -> Movement:
    """The movement with its words read as they are in a form, where they stand there; else read now."""
    key = words_key(m.line, m.foot)
    there = (x.read for p in form.all_postures() for x in p.movements if x.read and x.read.words == key)
    kept = None if m.is_read() else next(there, None)
    return m.model_copy(update={"read": kept}) if kept else read(m)


def with_readings(form: Form, before: Form | None = None) -> Form:
    """The form in which all words have been read. Words that stand in `before` keep what they were read as there; others
    that have no readings are read now."""
    known = (
        {m.read.words: m.read for m in [m for p in before.all_postures() for m in p.movements] if m.read}
        if before
        else {}
    )

    def settled(_: Posture, m: Movement) -> Movement:
        if m.read and m.is_read():
            one = _one(m.read)
            return m if one is m.read else m.model_copy(update={"read": one})
        kept = known.get(words_key(m.line, m.foot))
        return m.model_copy(update={"read": kept}) if kept else read(m)

    return _with_movements(form, settled)


def finished(form: Form) -> Form:
    """A form as it is kept: everything in it has an id, and all words have been read."""
    return with_readings(with_ids(form))


def opened(data: object, root: str = "") -> Form:
    """A form from plain data, ready to be used; words without readings are read. Raises KemvoError (`read_form`)."""
    return with_readings(read_form(data, root))


def read_earlier(form: Form) -> int:
    """Of how many movements the words were read by an earlier version of the reader."""
    return sum(bool(m.read and m.read.reader != READER) for p in form.all_postures() for m in p.movements)


class Reread(Value):
    """What a movement's words would be read as now, and were: facts in words."""

    posture_id: str
    movement_id: str
    line: str
    was: tuple[str, ...]
    now: tuple[str, ...]


def read_again(form: Form, movement_id: str = "") -> tuple[Form, list[Reread]]:
    """The form with its words (or those of one movement) read anew, and where that says something else. Weights, counts,
    breaths and all else stay as they are; corrections by hand hold as before."""
    changes: list[Reread] = []

    def anew(p: Posture, m: Movement) -> Movement:
        if (movement_id and m.id != movement_id) or not (m.line or m.foot):
            return m
        again = m.model_copy(update={"read": readings_of(m.line, m.foot)})
        was, now = _facts(m), _facts(again)
        if was != now:
            changes.append(
                Reread(
                    posture_id=p.id,
                    movement_id=m.id,
                    line=m.line or m.foot,
                    was=tuple(map(in_words, was)),
                    now=tuple(map(in_words, now)),
                )
            )
        return again

    return _with_movements(form, anew), changes


def _facts(m: Movement) -> list[Fact]:
    return [*(s.fact for s in line_facts(m)), *(m.read.foot if m.read else ())]


def _with_movements(form: Form, change: Callable[[Posture, Movement], Movement]) -> Form:
    """The form with every movement changed; what stays the same is the same object."""
    sections = []
    for s in form.sections:
        postures = []
        for p in s.postures:
            movements = tuple(change(p, m) for m in p.movements)
            same = all(a is b for a, b in zip(movements, p.movements, strict=True))
            postures.append(p if same else p.model_copy(update={"movements": movements}))
        same = all(a is b for a, b in zip(postures, s.postures, strict=True))
        sections.append(s if same else s.model_copy(update={"postures": tuple(postures)}))
    same = all(a is b for a, b in zip(sections, form.sections, strict=True))
    return form if same else form.model_copy(update={"sections": tuple(sections)})
