"""The stage's view of a practice: spans, sampled curves, words and sounds."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from typing import Literal

import numpy as np
import numpy.typing as npt

from kemvo.core.model.session import FACINGS, VOICES
from kemvo.core.movement.interpretation import foot_side
from kemvo.core.practice.pipeline import Practice
from kemvo.core.running.live import span_keys
from kemvo.core.tables.block_kinds import BLOCK_KINDS
from kemvo.core.timing.pass_breath import Breathed
from kemvo.core.timing.timeline import Span, mirrored
from kemvo.core.timing.weight_curve import full_side, is_full
from kemvo.core.types import Breath, Side, Value
from kemvo.core.views.care_shown import care_shown

View = Literal["class", "instructor", "turned"]
"""Whose sides the picture shows: the class's own, the instructor's (turned over in mirrored passes), or
everything turned over."""

CURVE_STEP_MS = 100


class StageSpan(Value):
    """A span as the stage shows it. `key` names it at whatever tempo. `posture` counts within the practice, -1 in pauses; its title is that
    of the block where it stands still; `next_posture` is the title of the one that comes after. `care`: what is to be
    read meanwhile (`care_shown`)."""

    key: str
    start_ms: int
    end_ms: int
    kind: str
    pass_no: int
    posture: int
    posture_id: str
    posture_title: str
    number: str
    times: str
    next_posture: str
    care: tuple[str, ...]
    movement_no: int
    movements: int
    line: str
    foot: str
    foot_side: Side | None
    foot_full: bool
    counts: float
    side: Side | None
    full: Side | None
    left_from: int
    left_to: int
    breath: Breath
    fill_from: float
    fill_to: float


class StagePass(Value):
    """A pass as the stage shows it."""

    title: str
    facing: str
    voice: str
    round: int
    start_ms: int


class StageSound(Value):
    """A sound to be played: from where, how long, what; `voiced`: what the voice is given, where that is spelt
    otherwise; `cues`: which cues it says; `address`: where it is had from, empty where its other fields tell."""

    at_ms: int
    ms: int
    kind: str
    text: str
    voiced: str
    address: str = ""
    cues: tuple[str, ...] = ()


class Curve(Value):
    """Weight (left_pct) and lung fill (0 to 100), one value every `step_ms` from 0 to the end."""

    step_ms: int
    left: tuple[float, ...]
    fill: tuple[float, ...]


class Stage(Value):
    """A practice to be played, from `begin_ms` on; `next_until`: see `running.live`."""

    title: str
    total_ms: int
    speed: float
    view: View
    passes: tuple[StagePass, ...]
    spans: tuple[StageSpan, ...]
    curve: Curve
    sounds: tuple[StageSound, ...]
    estimated: int
    begin_ms: int = 0
    next_until: str = ""


UNDER_MS = 20_000
"""What sounds under a practice is played in pieces of this length."""


def _under(total_ms: int, address: str) -> Iterator[StageSound]:
    for at in range(0, total_ms if address else 0, UNDER_MS):
        ms = min(UNDER_MS, total_ms - at)
        piece = f"{address}&at_ms={at}&ms={ms}"
        yield StageSound.model_construct(at_ms=at, ms=ms, kind="ground", text="", voiced="", address=piece, cues=())


def stage(
    practice: Practice,
    title: str,
    view: View,
    speed: float,
    estimated: int = 0,
    under: str = "",
    keys: Sequence[str] = (),
    begin_ms: int = 0,
) -> Stage:
    """The practice as one view shows it. `estimated`: how many spoken lengths are only estimated so far. `under`: where
    what sounds under it is had from, empty for nothing. `keys`: of the spans, where they are not the session's own (`running.live`);
    `begin_ms`: where it begins."""
    spans = seen(practice, view)
    sounds = [
        StageSound.model_construct(
            at_ms=s.at_ms, ms=s.ms, kind=s.kind, text=s.text, voiced=s.voiced, address="", cues=s.cues
        )
        for s in practice.sounds
    ]
    return Stage.model_construct(
        title=title,
        total_ms=practice.heard.total_ms,
        speed=speed,
        view=view,
        passes=_passes(spans),
        spans=_spans(spans, view, keys or span_keys(spans), care_shown(spans, practice.forms)),
        curve=curve(spans, practice.heard.total_ms, practice.breaths),
        estimated=estimated,
        begin_ms=begin_ms,
        sounds=tuple(sorted((*sounds, *_under(practice.heard.total_ms, under)), key=lambda s: s.at_ms)),
    )


def seen(practice: Practice, view: View) -> list[Span]:
    """The spans as a view shows them: turned over where it mirrors."""
    if view == "instructor":
        return practice.instructor()
    spans = practice.heard.spans
    return mirrored(spans) if view == "turned" else list(spans)


def curve(spans: list[Span], total_ms: int, breaths: Sequence[Breathed]) -> Curve:
    """The weight and fill curves sampled every `CURVE_STEP_MS`."""
    if not spans:
        return Curve(step_ms=CURVE_STEP_MS, left=(), fill=())
    t = np.arange(0, total_ms + CURVE_STEP_MS, CURVE_STEP_MS)
    at = np.searchsorted([s.end_ms for s in spans[:-1]], t, "right")
    start, end, left_from, left_to = (
        np.array([getattr(s, name) for s in spans])[at] for name in ("start_ms", "end_ms", "left_from", "left_to")
    )
    left = left_from + (left_to - left_from) * _eased((t - start) / np.maximum(end - start, 1))
    fill = np.zeros(len(t))
    if breaths:
        goals = np.array([0.0, *(100.0 if b.way == "in" else 0.0 for b in breaths)])
        begins, ends = np.array([b.start_ms for b in breaths]), np.array([b.end_ms for b in breaths])
        done = np.searchsorted(ends, t, "right")
        now = np.minimum(done, len(breaths) - 1)
        u = np.where(done < len(breaths), (t - begins[now]) / np.maximum(ends[now] - begins[now], 1), 0.0)
        fill = goals[done] + (goals[now + 1] - goals[done]) * _eased(u)
    return Curve.model_construct(
        step_ms=CURVE_STEP_MS, left=tuple(np.round(left, 1).tolist()), fill=tuple(np.round(fill, 1).tolist())
    )


def _eased(u: npt.NDArray[np.float64]) -> npt.NDArray[np.float64]:
    """`weight.smoothstep` of many values."""
    u = np.clip(u, 0.0, 1.0)
    return u * u * (3 - 2 * u)


def _passes(spans: list[Span]) -> tuple[StagePass, ...]:
    found: list[StagePass] = []
    last = None
    for s in spans:
        if (s.round.no, s.round.nth) != last:
            last = (s.round.no, s.round.nth)
            found.append(
                StagePass(
                    title=s.round.title,
                    facing=FACINGS[s.round.facing].title,
                    voice=VOICES[s.round.voice].title,
                    round=s.round.nth,
                    start_ms=s.start_ms,
                )
            )
    return tuple(found)


def _spans(
    spans: list[Span], view: View, keys: Sequence[str], care: Sequence[tuple[str, ...]]
) -> tuple[StageSpan, ...]:
    out: list[StageSpan] = []
    coming = ""
    count = _count_postures(spans)
    pass_no = None
    for i in range(len(spans) - 1, -1, -1):
        s = spans[i]
        if pass_no is not None and s.round.no != pass_no:
            coming = ""
        pass_no = s.round.no
        p = s.performance
        posture = p.posture if p else None
        out.append(
            StageSpan.model_construct(
                key=keys[i],
                start_ms=s.start_ms,
                end_ms=s.end_ms,
                kind=s.kind,
                pass_no=s.round.no,
                posture=count[i],
                posture_id=posture.id if posture else "",
                posture_title=posture.title() if posture else "" if BLOCK_KINDS[s.round.kind].moves else s.round.title,
                number=posture.number if posture else "",
                times=f"{p.nth} of {p.of}" if p and p.of > 1 else "",
                next_posture=coming,
                care=care[i],
                movement_no=s.movement_no,
                movements=len(posture.movements) if posture else 0,
                line=s.movement.line if s.movement else _turn_words(s, view) if s.kind == "turn" else "",
                foot=s.movement.foot if s.movement else "",
                foot_side=foot_side(s.movement) if s.movement else None,
                foot_full=is_full(foot_side(s.movement), s.left_to) if s.movement else False,
                counts=s.movement.counts if s.movement else 0,
                side=s.movement.side if s.movement else None,
                full=full_side(s.left_to),
                left_from=s.left_from,
                left_to=s.left_to,
                breath=s.breath,
                fill_from=round(s.fill_from, 4),
                fill_to=round(s.fill_to, 4),
            )
        )
        if p and s.movement_no == 0 and s.kind == "movement":
            coming = p.posture.title()
    return tuple(reversed(out))


def _turn_words(s: Span, view: View) -> str:
    row = FACINGS[s.round.facing]
    return row.turn if view == "instructor" else row.announce


def _count_postures(spans: list[Span]) -> list[int]:
    """For every span the number of its performance within the practice, from 0; -1 in pauses."""
    out = []
    count = -1
    last = None
    for s in spans:
        if s.performance is None:
            out.append(-1)
            continue
        here = (s.round.no, s.round.nth, s.performance.no)
        if here != last:
            last = here
            count += 1
        out.append(count)
    return out
