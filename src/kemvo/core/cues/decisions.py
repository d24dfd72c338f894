"""What becomes of every cue: cues and the lengths of their words are put to the scheduler, and its answer is told with
reasons in numbers."""

from __future__ import annotations

from collections.abc import Collection, Mapping, Sequence
from typing import NamedTuple

from kemvo.core.cues.candidates import Candidates
from kemvo.core.cues.joins import Together
from kemvo.core.cues.kinds import CUE_KINDS, Cue
from kemvo.core.cues.order import rank
from kemvo.core.cues.wording import LENGTHS
from kemvo.core.scheduling.model import Answer, Ceiling, Join, Said, Saying, Talk
from kemvo.core.scheduling.reasons import State, outcomes
from kemvo.core.scheduling.solver import solve
from kemvo.core.scheduling.value_curve import Interval, merged

GAP_MS = 200
"""Least silence between two utterances: a breath (own choice)."""

GRID_MS = 10
"""The grid of times on which a practice is scheduled."""

BEAT_MS = 60
"""A count may come so much early or late."""

SPARSEST = 12.0
"""What a second of speech costs at the sparsest: more than any second is worth."""

TOGETHER_WORTH = 0.2
"""Two things in one breath are worth so little more than one after the other: they are, when it is no longer."""


class Decision(NamedTuple):
    """What became of a cue (see `scheduling.reasons.Outcome`). Of cues said in one utterance, the first one carries the sound."""

    cue: Cue
    state: State
    text: str
    start_ms: int | None
    end_ms: int | None
    needs_ms: int
    free_ms: int
    reason: str
    together: tuple[str, ...] = ()
    wished: bool = False

    def speaks(self) -> bool:
        """Whether an utterance begins with it."""
        return self.start_ms is not None and (not self.together or self.together[0] == self.cue.id)


class Decided(NamedTuple):
    """All decisions in order, the problem and the answer behind them."""

    decisions: list[Decision]
    talk: Talk
    answer: Answer


def price_of(fullness: int) -> float:
    """What a second of speech costs from sparse (0) to full (100)."""
    return SPARSEST * ((100 - fullness) / 100) ** 2


def decide(
    found: Candidates,
    lengths: Mapping[str, int],
    blocked: Sequence[Interval] = (),
    ceilings: Sequence[Ceiling] = (),
    price_per_s: float = 0.0,
) -> Decided:
    """Decide every cue. `lengths` gives the spoken length of each wording's text in milliseconds.

    Answers with one decision for every cue, in the order of their moments; none is lost.
    """
    talk = problem_of(found, lengths, blocked, ceilings, price_per_s)
    talk, answer = _feet_first(found, talk)
    by_id = {c.id: c for c in found.cues}
    return Decided([Decision(by_id[o.id], *o[1:]) for o in outcomes(talk, answer)], talk, answer)


def _feet_first(found: Candidates, talk: Talk) -> tuple[Talk, Answer]:
    """The schedule in which no hands are told of a movement of which a foot, weight or turn cue is left out, but for what the
    instructor pinned. Hands that would be rest, and the time goes to what needs it, until none are; then those whose feet are
    told by now are tried once more."""
    plain, resting = talk, frozenset[str]()
    answer = solve(talk, GRID_MS)
    while alone := _hands_alone(found, answer):
        resting |= alone
        talk = _without(plain, resting)
        answer = solve(talk, GRID_MS)
    if resting:
        still = resting & _hands_alone(found, answer, resting)
        again = _without(plain, still)
        tried = solve(again, GRID_MS)
        if not _hands_alone(found, tried) and tried.value > answer.value:
            return again, tried
    return talk, answer


def _without(talk: Talk, resting: Collection[str]) -> Talk:
    """A problem in which some sayings have no room."""
    sayings = tuple(s._replace(opens_ms=s.due_ms) if s.id in resting else s for s in talk.sayings)
    return talk._replace(sayings=sayings, joins=tuple(j for j in talk.joins if not set(j.ids) & set(resting)))


def _hands_alone(found: Candidates, answer: Answer, those: Collection[str] = ()) -> frozenset[str]:
    """The cues of hands that are said, or are among `those`, of movements with a foot, weight or turn cue that is not."""
    said = {x for u in answer.utterances for x in u.ids}
    lacking = {c.span for c in found.cues if c.kind in ("foot", "turn") and c.wordings and c.id not in said}
    return frozenset(
        c.id
        for c in found.cues
        if c.kind in ("hands", "late")
        and (c.id in said or c.id in those)
        and c.span in lacking
        and not c.must
        and c.pin_ms is None
    )


def problem_of(
    found: Candidates,
    lengths: Mapping[str, int],
    blocked: Sequence[Interval],
    ceilings: Sequence[Ceiling],
    price: float,
) -> Talk:
    """The cues as the scheduler sees them."""
    by_id = {c.id: c for c in found.cues}
    joins = [j for t in found.joins if (j := _join(t, by_id, lengths))]
    return Talk(
        tuple(_saying(c, lengths) for c in found.cues),
        tuple(merged(blocked)),
        GAP_MS,
        tuple(joins),
        tuple(ceilings),
        price,
    )


def _saying(c: Cue, lengths: Mapping[str, int]) -> Saying:
    row = CUE_KINDS[c.kind]
    wordings = tuple(Said(w.text, lengths[w.text], c.worth(k)) for k, w in enumerate(c.wordings))
    due, ideal = c.due_ms, c.ideal_ms
    if c.kind == "count":
        ideal = c.target_ms + wordings[0].ms
        due = ideal + BEAT_MS
    return Saying(
        c.id, c.target_ms, c.opens_ms, due, wordings, ideal, row.early, row.late, c.must, c.pin_ms, rank(c)
    )  # fmt: skip


def _join(t: Together, by_id: Mapping[str, Cue], lengths: Mapping[str, int]) -> Join | None:
    """Cues in one breath, in the wordings in which that is shorter than one after the other."""
    part = [by_id[i] for i in t.ids]
    if any(c.pin_ms is not None for c in part):
        return None
    said = []
    for w in t.wordings:
        least = LENGTHS.index(w.length)
        alone = [
            next((k for k, x in enumerate(c.wordings) if LENGTHS.index(x.length) >= least), len(c.wordings) - 1)
            for c in part
        ]
        apart = sum(lengths[c.wordings[k].text] for c, k in zip(part, alone, strict=True)) + GAP_MS * (len(part) - 1)
        if lengths[w.text] < apart:
            worth = sum(c.worth(k) for c, k in zip(part, alone, strict=True)) + TOGETHER_WORTH
            said.append(Said(w.text, lengths[w.text], worth))
    return Join(t.ids, tuple(said)) if said else None
