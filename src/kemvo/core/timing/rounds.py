"""The rounds of a pass: which part of the form, hands or feet alone, repeats, chains."""

from __future__ import annotations

from collections.abc import Sequence

from kemvo.core.model.form import Movement, Posture
from kemvo.core.model.mirror import mirror_posture
from kemvo.core.model.session import Pass
from kemvo.core.movement.line_parts import feet_words, hands_words
from kemvo.core.tables.block_kinds import BLOCK_KINDS
from kemvo.core.types import Front

PlacedPosture = tuple[Posture, str, str]
"""A posture with the id and title of its section."""


def turned(p: Pass) -> bool:
    """Whether a pass goes over its part on the other side."""
    return p.other_side or p.kind == "other-side"


def only_part(placed: Sequence[PlacedPosture], p: Pass) -> list[PlacedPosture]:
    """The placed postures cut to the movements at which the part begins and ends."""
    out = list(placed)
    if not out:
        return out
    if p.part.first_movement:
        posture, *where = out[0]
        at = next((i for i, m in enumerate(posture.movements) if m.id == p.part.first_movement), 0)
        out[0] = (posture.model_copy(update={"movements": posture.movements[at:]}), *where)  # type: ignore[assignment]
    if p.part.last_movement:
        posture, *where = out[-1]
        n = next((i + 1 for i, m in enumerate(posture.movements) if m.id == p.part.last_movement), None)
        out[-1] = (posture.model_copy(update={"movements": posture.movements[:n]}), *where)  # type: ignore[assignment]
    return out


def rounds_of(placed: Sequence[PlacedPosture], p: Pass, entry: int, front: Front) -> list[list[PlacedPosture]]:
    """Every time the pass goes through its part, with what is done then: on the other side, hands or feet alone, and in a
    chain the first posture, then the first two, then the first three."""
    only = BLOCK_KINDS[p.kind].only if p.only == "all" else p.only
    one = [(_alone(mirror_posture(x, front) if turned(p) else x, only, entry), s, t) for x, s, t in placed]
    other = [(mirror_posture(x, front), s, t) for x, s, t in one] if p.alternate else one
    rounds: list[list[PlacedPosture]] = []
    for n in range(p.repeats):
        here = other if n % 2 else one
        if p.kind == "chain":
            rounds += [here[:k] for k in range(1, len(here) + 1)]
        else:
            rounds.append(here)
    return rounds


def _alone(posture: Posture, only: str, entry: int) -> Posture:
    """A posture with the words of the hands or the feet alone. Hands alone are done standing: the weight stays."""
    if only == "all":
        return posture
    made = tuple(_hands(m, entry) if only == "hands" else _feet(m) for m in posture.movements)
    return posture.model_copy(update={"movements": made})


def _hands(m: Movement, entry: int) -> Movement:
    return m.reworded(*hands_words(m), left_pct=entry, side=None, cues=NO_CUES)


def _feet(m: Movement) -> Movement:
    return m.reworded(*feet_words(m), cues=NO_CUES)


NO_CUES = Movement().cues
