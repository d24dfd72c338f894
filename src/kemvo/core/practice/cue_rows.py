"""Cues as table rows for export: every utterance, and what was left out."""

from __future__ import annotations

from typing import NamedTuple

from kemvo.core.cues.joins import PARTS
from kemvo.core.cues.kinds import CUE_KINDS
from kemvo.core.practice.pipeline import Practice
from kemvo.core.timing.score import STILL


class CueRow(NamedTuple):
    """An utterance, or (no times) a cue that is left out. `does`: what the instructor does then, on their own side."""

    id: str
    start_ms: int | None
    end_ms: int | None
    target_ms: int
    kind: str
    text: str
    state: str
    reason: str
    pass_title: str
    posture: str
    does: str


class TimelineMark(NamedTuple):
    """A stretch of a practice for a metadata track: weight on the left leg at both ends (percent), breath, posture, the
    pass, its number, and for the how many-th time it is done; `part`: which movement of the posture, from 1 (0: none); `counts`: its counts."""

    start_ms: int
    end_ms: int
    kind: str
    left_from: int
    left_to: int
    breath: str
    posture: str
    line: str
    pass_title: str = ""
    pass_no: int = 1
    time: int = 1
    part: int = 0
    counts: float = 0


def cue_rows(practice: Practice) -> list[CueRow]:
    """Every cue once, utterances in the order in which they are heard; of several said together, the first."""
    doing = practice.instructor()
    out = []
    for d in practice.decisions:
        if d.start_ms is not None and not d.speaks():
            continue
        s = practice.heard.spans[d.cue.span]
        own = doing[d.cue.span].movement if d.cue.kind in PARTS | {"late"} or d.together else None
        out.append(
            CueRow(
                d.cue.id, d.start_ms, d.end_ms, d.cue.target_ms, CUE_KINDS[d.cue.kind].title,
                d.text or d.cue.wordings[0].text, d.state, d.reason, s.round.title,
                s.performance.posture.title() if s.performance else "", own.line if own else "",
            )
        )  # fmt: skip
    return sorted(out, key=lambda r: r.target_ms if r.start_ms is None else r.start_ms)


def marks(practice: Practice) -> list[TimelineMark]:
    """The movements, holds and still times of a practice."""
    return [
        TimelineMark(
            s.start_ms, s.end_ms, s.kind, s.left_from, s.left_to, s.breath,
            s.performance.posture.title() if s.performance else "", s.movement.line if s.movement and s.kind not in STILL else "",
            s.round.title, s.round.no + 1, s.round.nth, s.movement_no + 1 if s.kind == "movement" else 0,
            s.movement.counts if s.movement and s.kind == "movement" else 0,
        )
        for s in practice.heard.spans
    ]  # fmt: skip
