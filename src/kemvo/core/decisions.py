"""What becomes of every cue: cues and the lengths of their words are put to the scheduler, and its answer is told with
reasons in numbers."""

from __future__ import annotations

from bisect import bisect_left, bisect_right
from collections.abc import Mapping, Sequence
from typing import Literal, NamedTuple

from kemvo.core.candidates import Candidates, Together, rank
from kemvo.core.cues import KINDS, LATE_PRICE, Cue
from kemvo.core.front import Interval, merged
from kemvo.core.schedule import Answer, Ceiling, Join, Said, Saying, Talk, Utterance, solve
from kemvo.core.wording import LENGTHS

GAP_MS = 200
"""Least silence between two utterances: a breath (own choice)."""

GRID_MS = 10
"""The grid of times on which a practice is scheduled."""

MOVED_MS = 2500
"""A cue that ends so much before it should counts as moved."""

BEAT_MS = 60
"""A count may come so much early or late."""

SPARSEST = 12.0
"""What a second of speech costs at the sparsest: more than any second is worth."""

TOGETHER_WORTH = 0.2
"""Two things in one breath are worth so little more than one after the other: they are, when it is no longer."""

State = Literal["full", "shorter", "moved", "left out"]


class Decision(NamedTuple):
    """What became of a cue: `text` from `start_ms` to `end_ms`, or left out (no times, empty text).

    `reason` is empty when it is said in full. `needs_ms` is the length of the longest wording, `free_ms`
    the longest time that is free for it between its neighbours. `together`: the cues said with it in one utterance, in
    order; the first of them carries the sound.
    """

    cue: Cue
    state: State
    text: str
    start_ms: int | None
    end_ms: int | None
    needs_ms: int
    free_ms: int
    reason: str
    together: tuple[str, ...] = ()

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
    answer = solve(talk, GRID_MS)
    return Decided(_told(found, talk, answer, lengths), talk, answer)


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
    row = KINDS[c.kind]
    wordings = tuple(Said(w.text, lengths[w.text], c.worth(k)) for k, w in enumerate(c.wordings))
    due, ideal = c.due_ms, c.ideal_ms
    if c.kind == "count":
        ideal = c.target_ms + wordings[0].ms
        due = ideal + BEAT_MS
    late = LATE_PRICE if c.kind in ("hands", "time-left", "count") else 0.0
    return Saying(
        c.id, c.target_ms, c.opens_ms, due, wordings, ideal, row.early, late, c.must, c.pin_ms, rank(c)
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


def _told(found: Candidates, talk: Talk, answer: Answer, lengths: Mapping[str, int]) -> list[Decision]:
    """The answer as decisions with their reasons."""
    said: dict[str, Utterance] = {i: u for u in answer.utterances for i in u.ids}
    starts = [u.start_ms for u in answer.utterances]
    ends = [u.end_ms for u in answer.utterances]
    sayings = {s.id: s for s in talk.sayings}
    missed = set(answer.missed)
    out = []
    order = [u.ids[0] for u in answer.utterances]
    told_by = {sayings[i].target_ms: u.end_ms for u in answer.utterances for i in u.ids}
    places = {c.id: i for i, c in enumerate(found.cues)}
    at = [places[i] for i in order]
    for no, c in enumerate(found.cues):
        u = said.get(c.id)
        s = sayings[c.id]
        needs = lengths[c.wordings[0].text]
        # What stands before and after it, in the order of the cues.
        k = bisect_left(at, no) if u is None else starts.index(u.start_ms)
        before = ends[k - 1] + talk.gap_ms if k else 0
        after = (
            (starts[k] if u is None else starts[k + 1] if k + 1 < len(starts) else None) if k < len(starts) else None
        )
        closes = s.due_ms if after is None else min(s.due_ms, after - talk.gap_ms)
        free = longest_free(max(s.opens_ms, before), closes, talk.blocked)
        if u is None:
            out.append(_left_out(c, s, needs, free, lengths, c.id in missed, talk))
            continue
        together = u.ids if len(u.ids) > 1 else ()
        ideal = s.due_ms if s.ideal_ms is None else s.ideal_ms
        early = ideal - told_by[c.target_ms]
        # Of several said in one breath, each is said at the length the whole was.
        if not _in_full(c, u, talk):
            reason = f"The full wording needs {seconds(needs)}; {seconds(free)} free before the movement."
            if free >= needs:
                reason = f"The full wording needs {seconds(needs)}; that much talk is not wished here."
            out.append(Decision(c, "shorter", u.text, u.start_ms, u.end_ms, needs, free, reason, together))
        elif early >= MOVED_MS and c.pin_ms is None and KINDS[c.kind].early >= MOVES_MATTER:
            reason = f"It is over {seconds(early)} before it should be, to make room for what follows."
            out.append(Decision(c, "moved", u.text, u.start_ms, u.end_ms, needs, free, reason, together))
        else:
            out.append(Decision(c, "full", u.text, u.start_ms, u.end_ms, needs, free, "", together))
    return out


MOVES_MATTER = 0.05
"""Kinds of cues that lose less than this a second may come early without anybody minding."""


def _in_full(c: Cue, u: Utterance, talk: Talk) -> bool:
    if len(u.ids) == 1:
        return u.wording == 0
    return u.text == next(j for j in talk.joins if j.ids == u.ids).wordings[0].text and c.wordings[0].length == "full"


def _left_out(
    c: Cue, s: Saying, needs: int, free: int, lengths: Mapping[str, int], missed: bool, talk: Talk
) -> Decision:
    least = min(lengths[w.text] for w in c.wordings)
    if missed:
        reason = f"It has to be said and cannot: it needs {seconds(least)}, and {seconds(free)} is free beside what also has to be said."
    elif free >= least:
        reason = f"It would fit ({seconds(least)}), but less talk is wished here than that."
    elif (
        any(a < s.due_ms and b > s.opens_ms for a, b in talk.blocked)
        and longest_free(s.opens_ms, s.due_ms, talk.blocked) < least
    ):
        reason = f"Needs {seconds(least)}; {seconds(free)} free outside the quiet times."
    else:
        reason = f"Needs {seconds(least)}; {seconds(free)} free before the movement."
    return Decision(c, "left out", "", None, None, needs, free, reason)


def longest_free(start: int, end: int, walls: Sequence[Interval]) -> int:
    """The longest stretch from start to end that touches nothing blocked, in milliseconds."""
    best, at = 0, start
    first = bisect_right([b for _, b in walls], start)
    for wall_start, wall_end in walls[first:]:
        if wall_start >= end:
            break
        best = max(best, wall_start - at)
        at = max(at, wall_end)
    return max(best, end - at, 0)


def seconds(ms: int) -> str:
    """A length in seconds with a tenth."""
    return f"{ms / 1000:.1f} s"
