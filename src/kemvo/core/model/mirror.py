"""The other side of a form: every side, weight and side word exchanged. Mirroring twice is nothing."""

from __future__ import annotations

from functools import lru_cache

from kemvo.core.facts import Fact
from kemvo.core.language.sides import mirror_text, other
from kemvo.core.model.form import Correction, Form, Movement, Posture, Section, Wordings


def mirror_wordings(w: Wordings) -> Wordings:
    """The instructor's own words for the other side."""
    return Wordings(full=mirror_text(w.full), short=mirror_text(w.short), keyword=mirror_text(w.keyword))


def mirror_correction(c: Correction) -> Correction:
    """What words of the other side mean."""
    return Correction(words=mirror_text(c.words), facts=tuple(map(mirror_fact, c.facts)))


TO_OTHER = {"left": "right", "right": "left", "east": "west", "west": "east", "northeast": "northwest", "northwest": "northeast", "southeast": "southwest", "southwest": "southeast"}  # fmt: skip


def mirror_fact(f: Fact) -> Fact:
    """What a fact says for the other side. Hours mirror about twelve."""
    to = f.to
    if to and to.isdecimal():
        to = str(12 - int(to) % 12)
    return f.model_copy(
        update={"side": other(f.side) if f.side in ("L", "R") else f.side, "to": TO_OTHER.get(to or "", to)}
    )


def _mirrored(m: Movement) -> dict[str, object]:
    changes: dict[str, object] = {}
    if m.facing is not None:
        changes["facing"] = -m.facing
    if m.gaze:
        changes["gaze"] = mirror_text(m.gaze)
    if m.corrections:
        changes["corrections"] = tuple(map(mirror_correction, m.corrections))
    return changes


@lru_cache(maxsize=8192)
def mirror_movement(m: Movement) -> Movement:
    """The movement done on the other side."""
    return m.model_copy(
        update={
            "left_pct": 100 - m.left_pct,
            "side": other(m.side),
            "line": mirror_text(m.line),
            "foot": mirror_text(m.foot),
            "cues": mirror_wordings(m.cues),
            **_mirrored(m),
        }
    )


def mirror_posture(p: Posture) -> Posture:
    """The posture done on the other side."""
    return p.model_copy(
        update={
            "side": other(p.side),
            "name": mirror_text(p.name),
            "aliases": tuple(mirror_text(a) for a in p.aliases),
            "gentler": mirror_text(p.gentler),
            "cautions": tuple(mirror_text(c) for c in p.cautions),
            "movements": tuple(mirror_movement(m) for m in p.movements),
        }
    )


def mirror_section(s: Section) -> Section:
    """The section done on the other side."""
    return s.model_copy(update={"title": mirror_text(s.title), "postures": tuple(map(mirror_posture, s.postures))})


def mirror_form(f: Form) -> Form:
    """The whole form done on the other side."""
    return f.model_copy(
        update={
            "title": mirror_text(f.title),
            "notes": mirror_text(f.notes),
            "opening_left_pct": 100 - f.opening_left_pct,
            "sections": tuple(map(mirror_section, f.sections)),
        }
    )
