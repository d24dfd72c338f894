"""What opens a pass, and the still time before it where none was typed: as long as those words need, so that the first movement's
cue is heard as well, and no shorter than the form's own still time. Worked out from estimated lengths, before anything has a time.
The cues of an opening (`cues/candidates.py`) take their words and their conditions from here.
"""

from __future__ import annotations

import re
from collections.abc import Collection, Iterator, Sequence
from math import ceil

from kemvo.core.language.speech_estimate import estimated_ms
from kemvo.core.model.form import Form, Posture
from kemvo.core.model.session import FACINGS, TURN_MS, VOICES, Forms, Pass, Session
from kemvo.core.model.within import within_words
from kemvo.core.tables.block_kinds import BLOCK_KINDS, BlockKind, Facing, VoiceLevel
from kemvo.core.tables.groups import STOP
from kemvo.core.timing.pass_postures import postures_of

LEAST_MS = 5000
"""The shortest still time before a pass, in milliseconds (own choice)."""

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


def class_does(kind: BlockKind, facing: Facing) -> bool:
    """Whether the class does what a pass shows."""
    return kind != "watch" and not FACINGS[facing].watched


def done_along(kind: BlockKind, facing: Facing, voice: VoiceLevel) -> bool:
    """Whether the class does what a pass shows, and is told of it: then it is told what wants care."""
    return voice != "silent" and class_does(kind, facing)


def cautions_of_posture(
    posture: Posture, session: Session, kind: BlockKind, facing: Facing, voice: VoiceLevel
) -> tuple[str, ...]:
    """What is told of a posture's care in a pass of a kind; nothing where cautions are switched off or nobody does it."""
    return cautions_due(posture) if session.calls.cautions and done_along(kind, facing, voice) else ()


PARTNER_WORK = re.compile(
    r"\b(?:partners?|push(?:ing)? hands|(?:joint|wrist|elbow|shoulder|arm)[ -]locks?|lock(?:s|ing)? (?:their|his|her)"
    r" (?:partner\S* )?(?:joint|wrist|elbow|shoulder|arm))\b",
    re.IGNORECASE,
)
"""Words that tell of work with a partner, or of locks on a joint."""

PARTNER = "Slowly, no force on a straight joint; stop when asked"
"""What is told before work with a partner or a lock on a joint (common practice, no source)."""


def cautions_due(posture: Posture) -> tuple[str, ...]:
    """The cautions of a posture: its own, and that of partner work where its kinds, name or words tell of it."""
    words = (posture.name, *(m.line for m in posture.movements))
    partner = "partner" in posture.kinds or any(map(PARTNER_WORK.search, words))
    return (*posture.cautions, PARTNER) if partner and PARTNER not in posture.cautions else posture.cautions


def gentler_is_due(posture: Posture, form: Form | None) -> bool:
    """Whether the gentler way of a posture is told: the form is for a group that is spared what is in it, or nobody knows what is."""
    spared = form.who.limits().spared if form else frozenset()
    return bool(set(posture.kinds) & spared or (spared and not posture.kinds))


def or_gentler(way: str) -> str:
    """A gentler way, as it is told."""
    return f"Or gentler: {way[:1].lower()}{way[1:]}"


def first_cautions(session: Session) -> tuple[str, ...]:
    """What is said before anything is done, where cautions are not switched off: when to stop, and what this class must be told."""
    return (STOP, *session.cautions) if session.calls.cautions else ()


def told_first(session: Session, forms: Forms) -> int | None:
    """The number of the first pass in which something is said; the first cautions are said before it."""
    return next(
        (
            no
            for no, p in enumerate(session.passes)
            if not p.off and p.voice != "silent" and (not BLOCK_KINDS[p.kind].moves or p.part.form_id in forms)
        ),
        None,
    )


def facing_words(p: Facing, before: Facing | None, says: str) -> tuple[str, str]:
    """What is said of the facing as a pass begins, in full and short; nothing where the pass before had the same. `says`: what else
    is said of the pass."""
    row = FACINGS[p]
    return (row.announced(asking=not says), row.announce) if p != before else ("", "")


def section_titles(form: Form, postures: Sequence[Posture]) -> list[str]:
    """The sections that postures of a form go over, where they are more than one: each is told as it begins."""
    ids = {posture.id for posture in postures}
    titles = [s.title for s in form.sections if ids & {x.id for x in s.postures}]
    return titles if len(titles) > 1 else []


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
                warned |= {cautions_due(posture) for posture in postures_of(p, forms)}
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
    first_told = told_first(session, forms)
    if first_told is not None and session.passes[first_told] is p:
        yield from first_cautions(session)
    yield facing_words(p.facing, facing, says)[0]
    postures = postures_of(p, forms)
    if not postures:
        return
    first = postures[0]
    care = cautions_of_posture(first, session, p.kind, p.facing, p.voice)
    if care not in warned:
        yield ". ".join(care)
    if session.calls.place:
        form = forms[p.part.form_id]
        yield within_words(form.within, form.ids(), {x.id for x in postures})
    if session.calls.sections:
        yield from section_titles(forms[p.part.form_id], postures)[:1]
    if "name" in kinds:
        yield first.called()
    if "foot" in kinds and first.movements:
        at = next((m for m in first.movements if m.id == p.part.first_movement), first.movements[0])
        yield at.cues.full or at.line or at.foot
