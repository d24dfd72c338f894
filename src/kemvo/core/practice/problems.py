"""What is not said as it should be, what the class misses by it, and postures made slower for it."""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterable, Mapping

from kemvo.core.cues.decisions import Decision
from kemvo.core.cues.kinds import CUE_KINDS
from kemvo.core.model.session import Pace, Pass
from kemvo.core.types import Value

EARLY = 0.2
"""What a cue loses that is said early: it is said, and in full."""


def loss_of(d: Decision) -> float:
    """What the class would miss: what the full wording is worth less what is said is worth; early counts little."""
    if d.state == "full" or d.wished:
        return 0.0
    if d.state == "left out":
        return d.cue.worth(0) + (CUE_KINDS["caution"].worth if d.cue.must else 0.0)
    if d.state == "moved":
        return EARLY
    said = next((i for i, w in enumerate(d.cue.wordings) if w.text == d.text), 0)
    return d.cue.worth(0) - d.cue.worth(said)


def problems_of(decisions: Iterable[Decision]) -> list[Decision]:
    """What is not said as it should be, though less talk was not wished."""
    return [d for d in decisions if d.state != "full" and not d.wished]


class CueCounts(Value):
    """How many cues are left out for want of room, left out because less talk is wished, said in fewer words, and said early."""

    left_out: int
    unwished: int
    shorter: int
    moved: int


def counts_of(decisions: Iterable[Decision]) -> CueCounts:
    """What became of cues, in numbers."""
    found = Counter((d.state, d.wished) for d in decisions)
    both = {state: found[state, False] + found[state, True] for state, _ in found}
    return CueCounts(
        left_out=found["left out", False],
        unwished=found["left out", True],
        shorter=both.get("shorter", 0),
        moved=both.get("moved", 0),
    )


SLOWEST_TEMPO = 4.0


def tempo_of(p: Pass, posture: str, usual: float) -> float:
    """The tempo of a posture of a pass: its own, else the pass's, else the form's `usual` one."""
    own = next((x.tempo for x in p.paces if x.first == x.last == posture and x.tempo and not x.movement), None)
    return own or p.tempo or usual


def at_tempos(p: Pass, tempos: Mapping[str, float]) -> Pass:
    """A pass in which postures (ids) have tempos of their own, in the place of those they had."""
    kept = tuple(x for x in p.paces if not (x.first == x.last and x.first in tempos and x.tempo))
    own = tuple(Pace(first=i, last=i, tempo=max(SLOWEST_TEMPO, t)) for i, t in tempos.items())
    return p.model_copy(update={"paces": (*kept, *own)})
