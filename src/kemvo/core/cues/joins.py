"""Cues that can be said in one breath: the parts of a movement, and a name with what comes first."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from itertools import combinations, groupby, pairwise
from typing import NamedTuple

from kemvo.core.cues.kinds import Cue, CueKind
from kemvo.core.cues.wording import LENGTHS, Length, Wording, distinct, sayable
from kemvo.core.movement.line_parts import portions, words_of
from kemvo.core.timing.timeline import Timeline

PARTS: frozenset[CueKind] = frozenset({"foot", "turn", "hands"})
"""The kinds that tell a movement, in the order of its line."""


class Together(NamedTuple):
    """Cues that can be said as one utterance, and how: a wording of each length."""

    ids: tuple[str, ...]
    wordings: tuple[Wording, ...]


def joined(cues: Sequence[Cue], timeline: Timeline) -> Iterator[Together]:
    """Neighbours that can be said in one breath: the parts of a movement, and a name with what comes first."""
    for _, row in groupby(cues, lambda c: (c.kind in PARTS, c.span)):
        run = list(row)
        if run[0].kind in PARTS:
            for first, last in combinations(range(len(run) + 1), 2):
                if last - first > 1:
                    yield _parts_together(run[first:last], timeline)
    for one, two in pairwise(cues):
        if one.kind == "name" and two.kind in PARTS and one.span == two.span:
            texts = [(length, f"{_of_length(one, length)}. {_of_length(two, length)}") for length in LENGTHS[:2]]
            yield Together((one.id, two.id), distinct(*texts))


def _parts_together(run: Sequence[Cue], timeline: Timeline) -> Together:
    """Parts of one movement as one sentence: its own line where that is what they say, else one after the other."""
    span = timeline.spans[run[0].span]
    texts: list[tuple[Length, str]] = []
    for length in LENGTHS[:2]:
        words = [_of_length(c, length) for c in run]
        texts.append((length, ", ".join([words[0], *(w[:1].lower() + w[1:] for w in words[1:])])))
    line = span.movement.line if span.movement else ""
    found = portions(span.movement) if span.movement else ()
    places = [c.part for c in run]
    plain = all(
        0 <= k < len(found) and c.wordings[0].text == words_of(line, found[k].start, found[k].end)
        for c, k in zip(run, places, strict=True)
    )
    if plain and found and run[0].wordings[0].length == "full":
        texts[0] = ("full", sayable(words_of(line, found[places[0]].start, found[places[-1]].end)))
    return Together(tuple(c.id for c in run), distinct(*texts))


def _of_length(c: Cue, length: Length) -> str:
    """The wording of a cue of that length, or the next shorter one, or the longest it has."""
    least = LENGTHS.index(length)
    return next((w.text for w in c.wordings if LENGTHS.index(w.length) >= least), c.wordings[-1].text)
