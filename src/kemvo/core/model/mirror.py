"""The other side of a form: every side, weight and side word exchanged. Mirroring twice is nothing."""

from __future__ import annotations

import re
from collections.abc import Iterable
from functools import lru_cache

from rapidfuzz.distance import Postfix, Prefix

from kemvo.core.facts import Fact
from kemvo.core.language.sides import mirror_text, other
from kemvo.core.model.form import Correction, Form, Movement, Posture, Section, Wordings
from kemvo.core.types import Front


def mirror_wordings(w: Wordings, front: Front = "north") -> Wordings:
    """The instructor's own words for the other side."""
    full, short, keyword = (mirror_text(text, front) for text in (w.full, w.short, w.keyword))
    return Wordings(full=full, short=short, keyword=keyword)


def mirror_correction(c: Correction, front: Front = "north") -> Correction:
    """What words of the other side mean."""
    return Correction(words=mirror_text(c.words, front), facts=tuple(mirror_fact(f, front) for f in c.facts))


def mirror_fact(f: Fact, front: Front = "north") -> Fact:
    """What a fact says for the other side. Hours mirror about twelve; points of the compass about the form's `front`."""
    to = f.to
    if to and to.isdecimal():
        to = str(12 - int(to) % 12)
    elif to:
        to = mirror_text(to, front)
    return f.model_copy(update={"side": other(f.side) if f.side in ("L", "R") else f.side, "to": to})


def mirror_facts(facts: Iterable[Fact], line: str, mirrored: str, front: Front = "north") -> tuple[Fact, ...]:
    """The facts of a line as those of the line for the other side, at its letters."""
    facts = tuple(facts)
    if not facts:
        return ()
    words = list(zip(_WORD.finditer(line), _WORD.finditer(mirrored), strict=True))

    def moved(at: int) -> int:
        for old, new in words:
            if at <= old.start():
                return new.start() - (old.start() - at)
            if at <= old.end():
                return new.start() + _within(old[0], new[0], at - old.start())
        return len(mirrored) - (len(line) - at)

    return tuple(mirror_fact(f, front).model_copy(update={"start": moved(f.start), "end": moved(f.end)}) for f in facts)


_WORD = re.compile(r"\S+")
"""Mirroring changes letters within words and never their number."""


def _within(old: str, new: str, at: int) -> int:
    """A place within a word as the place within the word that stands for it."""
    if old == new or at <= Prefix.similarity(old, new):
        return at
    tail = Postfix.similarity(old, new)
    return len(new) - (len(old) - at) if at >= len(old) - tail else len(new) - tail


def _mirrored(m: Movement, front: Front) -> dict[str, object]:
    changes: dict[str, object] = {}
    if m.facing is not None:
        changes["facing"] = -m.facing
    if m.gaze:
        changes["gaze"] = mirror_text(m.gaze, front)
    if m.corrections:
        changes["corrections"] = tuple(mirror_correction(c, front) for c in m.corrections)
    return changes


@lru_cache(maxsize=8192)
def mirror_movement(m: Movement, front: Front = "north") -> Movement:
    """The movement done on the other side. `front`: what the front of its form is on the compass, here and below."""
    line, foot = mirror_text(m.line, front), mirror_text(m.foot, front)
    changes: dict[str, object] = {
        "left_pct": 100 - m.left_pct,
        "side": other(m.side),
        "cues": mirror_wordings(m.cues, front),
        **_mirrored(m, front),
    }
    if m.read is None or not m.is_read():
        return m.model_copy(update={"line": line, "foot": foot, **changes})
    of_line, of_foot = (
        mirror_facts(m.read.line, m.line, line, front),
        mirror_facts(m.read.foot, m.foot, foot, front),
    )
    return m.reworded(line, of_line, foot, of_foot, **changes)


def mirror_posture(p: Posture, front: Front = "north") -> Posture:
    """The posture done on the other side."""
    return p.model_copy(
        update={
            "side": other(p.side),
            "name": mirror_text(p.name, front),
            "aliases": tuple(mirror_text(a, front) for a in p.aliases),
            "gentler": mirror_text(p.gentler, front),
            "cautions": tuple(mirror_text(c, front) for c in p.cautions),
            "movements": tuple(mirror_movement(m, front) for m in p.movements),
        }
    )


def mirror_section(s: Section, front: Front = "north") -> Section:
    """The section done on the other side."""
    return s.model_copy(
        update={"title": mirror_text(s.title, front), "postures": tuple(mirror_posture(p, front) for p in s.postures)}
    )


def mirror_form(f: Form) -> Form:
    """The whole form done on the other side."""
    return f.model_copy(
        update={
            "title": mirror_text(f.title, f.front),
            "notes": mirror_text(f.notes, f.front),
            "opening_left_pct": 100 - f.opening_left_pct,
            "sections": tuple(mirror_section(s, f.front) for s in f.sections),
        }
    )
