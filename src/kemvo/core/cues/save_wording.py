"""Words found at the cue desk, kept in the form: for one movement always, or wherever the same words come."""

from __future__ import annotations

from typing import Literal

from kemvo.core.cues.joins import PARTS
from kemvo.core.cues.kinds import ARRIVES, NOTES, Cue
from kemvo.core.errors import KemvoError, Problem
from kemvo.core.language.sides import mirror_text
from kemvo.core.model.form import Form, Movement, Phrase
from kemvo.core.model.mirror import mirror_movement
from kemvo.core.movement.line_parts import portions, words_of
from kemvo.core.timing.timeline import Span
from kemvo.core.types import Front

Scope = Literal["movement", "phrase"]


def kept(form: Form, cue: Cue, span: Span, text: str, scope: Scope) -> Form:
    """The form with a cue's words kept. `span`: where the cue belongs, with the words of the form (not of a dialect).
    Raises KemvoError where there is nothing to keep them for."""
    text = " ".join(text.split())
    if not text:
        raise KemvoError(Problem(what="There are no words to keep.", mend="Type some first."))
    if scope == "phrase":
        said = _said(cue, span)
        others = tuple(p for p in form.phrases if p.words.casefold() != said.casefold())
        return form.model_copy(update={"phrases": (*others, Phrase(words=said[:200], instead=text[:200]))})
    m = span.movement
    if cue.kind not in PARTS | {"late"} or m is None or cue.part == ARRIVES:
        raise KemvoError(
            Problem(
                what="These words belong to no movement.",
                mend="Keep them wherever the same words come, or change the posture’s name on the form sheet.",
            )
        )
    notes = cue.part == NOTES
    return _with_movement(form, m, text if notes else _whole(cue, m, text), notes)


def _said(cue: Cue, span: Span) -> str:
    """What the form says where the cue says it, without what led in."""
    m = span.movement
    if m is None or cue.kind not in PARTS | {"late"} or cue.part == ARRIVES:
        return cue.wordings[0].text
    if cue.part == NOTES:
        return words_of(m.foot, 0, len(m.foot))
    found = portions(m)
    return (
        words_of(m.line, found[cue.part].start, found[cue.part].end) if cue.part < len(found) else cue.wordings[0].text
    )


def _whole(cue: Cue, m: Movement, text: str) -> str:
    """The movement's whole words, with the part that the cue tells in its new words."""
    found = portions(m)
    if len(found) < 2 or cue.part >= len(found):
        return text
    p = found[cue.part]
    words = text if p.start == 0 else text[:1].lower() + text[1:]
    return f"{m.line[: p.start].rstrip()} {words}{m.line[p.end :]}".strip()


def _with_movement(form: Form, done: Movement, words: str, notes: bool) -> Form:
    """The form in which a movement has own words (`notes`: for what its feet do); `done` is how it was done, perhaps on the other
    side."""
    sections = []
    for s in form.sections:
        postures = []
        for p in s.postures:
            movements = tuple(_told(m, done, words, notes, form.front) if m.id == done.id else m for m in p.movements)
            postures.append(p.model_copy(update={"movements": movements}))
        sections.append(s.model_copy(update={"postures": tuple(postures)}))
    return form.model_copy(update={"sections": tuple(sections)})


def _told(m: Movement, done: Movement, full: str, notes: bool, front: Front) -> Movement:
    other = mirror_movement(m, front)
    turned = (done.line, done.left_pct) == (other.line, other.left_pct) != (m.line, m.left_pct)
    words = mirror_text(full, front) if turned else full
    if notes:
        return m.model_copy(update={"foot": words[:2000]})
    return m.model_copy(update={"cues": m.cues.model_copy(update={"full": words[:2000]})})
