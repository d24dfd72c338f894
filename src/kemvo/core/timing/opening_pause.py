"""The still time before a pass where none was typed: as long as the words that open it need, so that the first movement's cue is
heard as well, and no shorter than the form's own still time. Worked out from estimated lengths, before anything has a time.
"""

from __future__ import annotations

from collections.abc import Collection, Iterator
from math import ceil

from kemvo.core.language.speech_estimate import estimated_ms
from kemvo.core.model.session import FACINGS, TURN_MS, VOICES, Forms, Pass, Session
from kemvo.core.model.within import within_words
from kemvo.core.tables.block_kinds import BLOCK_KINDS, BlockKind, Facing, VoiceLevel
from kemvo.core.timing.pass_postures import postures_of

LEAST_MS = 5000
"""So long it is still before a pass at least (own choice)."""

BETWEEN_MS = 500
"""From one thing said to the next, and to the first movement (own choice)."""

STEP_MS = 500
CHIME_MS = 3000
"""A chime at the beginning is left to ring."""

ROOM = 1.1
"""Several lines together take so much of their estimated length at most: one alone takes 1.06 of it in the middle of all, 1.3 for
nine in ten (`python -m bench.early`, the quick voice)."""


def says_of(p: Pass, forms: Forms) -> str:
    """What is said before a pass: the instructor's words, else its block's own. A chain of one posture adds none."""
    if p.say or p.kind == "follow" or (p.kind == "chain" and len(postures_of(p, forms)) * p.repeats == 1):
        return p.say
    return BLOCK_KINDS[p.kind].says


def done_along(kind: BlockKind, facing: Facing, voice: VoiceLevel) -> bool:
    """Whether the class does what a pass shows, and is told of it: then it is told what wants care."""
    return voice != "silent" and kind != "watch" and not FACINGS[facing].watched


def with_pauses(session: Session, forms: Forms) -> Session:
    """The session with a still time before every pass."""
    facing: Facing | None = None
    warned: set[tuple[str, ...]] = set()
    passes: list[Pass] = []
    for p in session.passes:
        moves = BLOCK_KINDS[p.kind].moves
        if p.pause_before_ms is None:
            ms = _opening_ms(p, session, forms, facing, warned) if moves else 0
            passes.append(p.model_copy(update={"pause_before_ms": ms}))
        else:
            passes.append(p)
        if moves and not p.off and p.part.form_id in forms:
            facing = p.facing
            if done_along(p.kind, p.facing, p.voice):
                warned |= {posture.cautions for posture in postures_of(p, forms)}
    return session.model_copy(update={"passes": tuple(passes)})


def _opening_ms(
    p: Pass, session: Session, forms: Forms, facing: Facing | None, warned: Collection[tuple[str, ...]]
) -> int:
    texts = [t for t in _opening(p, session, forms, facing, warned) if t.strip()]
    said = sum(ROOM * estimated_ms(t, session.speech.wpm) + BETWEEN_MS for t in texts)
    turn = TURN_MS if facing is not None and facing != p.facing else 0
    chime = CHIME_MS if session.sound.chime else 0
    return max(LEAST_MS, _lead_ms(p, forms), ceil((said + turn + chime + BETWEEN_MS) / STEP_MS) * STEP_MS)


def _lead_ms(p: Pass, forms: Forms) -> int:
    """The still time with which a form begins, where the pass begins with it."""
    form, done = forms.get(p.part.form_id), postures_of(p, forms)
    if form is None or not done or p.part.first_movement:
        return 0
    return form.lead_ms if done[0].id == form.postures()[0].id else 0


def _opening(
    p: Pass, session: Session, forms: Forms, facing: Facing | None, warned: Collection[tuple[str, ...]]
) -> Iterator[str]:
    """What is said before the first movement of a pass begins. `warned`: cautions that were told before."""
    kinds = VOICES[p.voice].kinds
    if p.voice == "silent":
        return
    says = says_of(p, forms)
    yield says
    if facing is None and all(x.off or x is p for x in session.passes[: session.passes.index(p) + 1]):
        yield from session.cautions
    if p.facing != facing:
        yield FACINGS[p.facing].announced(asking=not says)
    postures = postures_of(p, forms)
    if not postures:
        return
    first = postures[0]
    if session.calls.cautions and first.cautions not in warned and done_along(p.kind, p.facing, p.voice):
        yield ". ".join(first.cautions)
    if session.calls.place:
        form = forms[p.part.form_id]
        yield within_words(form.within, form.ids(), {x.id for x in postures})
    if session.calls.sections:
        ids = {posture.id for posture in postures}
        titles = [s.title for s in forms[p.part.form_id].sections if ids & {x.id for x in s.postures}]
        yield titles[0] if len(titles) > 1 else ""
    if "name" in kinds:
        yield first.called()
    if "foot" in kinds and first.movements:
        at = next((m for m in first.movements if m.id == p.part.first_movement), first.movements[0])
        yield at.cues.full or at.line or at.foot
