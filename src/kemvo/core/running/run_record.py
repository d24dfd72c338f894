"""What ran on the stage, as the logbook will read it: which postures of which passes, on which side, how long, how fast."""

from __future__ import annotations

from collections import Counter
from collections.abc import Sequence
from itertools import groupby
from typing import Annotated

from pydantic import Field

from kemvo.core.model.session import Forms, Session
from kemvo.core.running.live import Key, Live, live_session, span_keys
from kemvo.core.tables.block_kinds import BlockKind, Facing, VoiceLevel
from kemvo.core.timing.score import score_of
from kemvo.core.timing.timeline import Span, timed
from kemvo.core.types import LONGEST_MS, Side, Value


class Stretch(Value):
    """A piece that was played without a break, a jump or a change: from a share of one span to a share of another (its keys, see
    `running.live`), when by the clock (ISO 8601), and how long it took (ms)."""

    place: Key
    share: Annotated[float, Field(ge=0, le=1)] = 0.0
    until: Key
    until_share: Annotated[float, Field(ge=0, le=1)] = 1.0
    began: Annotated[str, Field(max_length=40)]
    ms: Annotated[int, Field(ge=0, le=LONGEST_MS)]
    speed: Annotated[float, Field(ge=0.25, le=4)] = 1.0
    without: Annotated[tuple[Key, ...], Field(max_length=200)] = ()


class RunPart(Value):
    """A posture (or a still time, without a posture) of a pass that ran: how long, on which side as the class did it, at which
    tempo; `share`: how much of it; `place`: the key of its first span, which tells the times that the plan has it from times once more."""

    place: str
    pass_id: str
    pass_title: str
    kind: BlockKind
    facing: Facing
    voice: VoiceLevel
    form_id: str
    posture_id: str
    posture: str
    side: Side | None
    tempo: float
    ms: int
    share: float


def run_parts(session: Session, forms: Forms, stretch: Stretch) -> list[RunPart]:
    """What ran in a stretch. The times of its parts add up to the stretch's own."""
    now = live_session(session, Live(without=stretch.without))
    spans = timed(score_of(now, forms), now, forms, stretch.speed).spans
    keys = span_keys(spans)
    if stretch.place not in keys or stretch.until not in keys:
        return []
    first, last = keys.index(stretch.place), keys.index(stretch.until)
    if last < first:
        return []
    done = [_done_ms(s, i == first, i == last, stretch) if first <= i <= last else 0.0 for i, s in enumerate(spans)]
    planned = sum(done)
    scale = stretch.ms / planned if planned else 0.0
    return _grouped(now, forms, spans, keys, [ms * scale for ms in done], done, stretch.speed)


def parts_of_spans(session: Session, forms: Forms, spans: Sequence[Span]) -> list[RunPart]:
    """What was done in a whole timeline, a recording's for instance; the tempo is that at which it was done."""
    lengths = [float(s.end_ms - s.start_ms) for s in spans]
    parts = _grouped(session, forms, spans, span_keys(spans), lengths, lengths, 1.0)
    counts: dict[str, list[float]] = {}
    for key, s in zip(_part_keys(spans), spans, strict=True):
        if s.kind == "movement" and s.movement:
            row = counts.setdefault(key, [0.0, 0.0])
            row[0] += s.movement.counts
            row[1] += s.end_ms - s.start_ms
    measured = {key: 60_000 * n / ms for key, (n, ms) in counts.items() if ms}
    return [
        p.model_copy(update={"tempo": round(measured.get(p.place, p.tempo), 2)}) if p.posture_id else p for p in parts
    ]


def _part_keys(spans: Sequence[Span]) -> list[str]:
    """For every span the key of the first span of what is done in it."""
    keys = span_keys(spans)
    out: list[str] = []
    for _, group in groupby(range(len(spans)), lambda i: _doing(spans[i])):
        here = list(group)
        out += [keys[here[0]]] * len(here)
    return out


def _grouped(
    session: Session,
    forms: Forms,
    spans: Sequence[Span],
    keys: Sequence[str],
    took: Sequence[float],
    done: Sequence[float],
    speed: float,
) -> list[RunPart]:
    """Spans as parts. `took`: how long each ran (ms); `done`: how much of its planned length (ms)."""
    parts: list[RunPart] = []
    at = 0.0
    for _, group in groupby(range(len(spans)), lambda i: _doing(spans[i])):
        here = list(group)
        if not any(done[i] or took[i] for i in here):
            continue
        before = round(at)
        at += sum(took[i] for i in here)
        whole = sum(spans[i].end_ms - spans[i].start_ms for i in here)
        share = min(1.0, sum(done[i] for i in here) / whole) if whole else 0.0
        parts.append(_part(session, forms, keys[here[0]], spans[here[0]], speed, round(at) - before, share))
    return parts


def _doing(s: Span) -> object:
    """What is done in a span: a posture of a round, or a still time."""
    return (s.round.no, s.round.nth, s.performance and s.performance.no)


def _done_ms(s: Span, first: bool, last: bool, stretch: Stretch) -> float:
    length = s.end_ms - s.start_ms
    return length * max(0.0, (stretch.until_share if last else 1.0) - (stretch.share if first else 0.0))


def _part(session: Session, forms: Forms, place: str, s: Span, speed: float, ms: int, share: float) -> RunPart:
    p = session.passes[s.round.no]
    form = forms.get(s.round.form_id)
    posture = s.performance.posture if s.performance else None
    return RunPart(
        place=place,
        pass_id=s.round.id,
        pass_title=s.round.title,
        kind=s.round.kind,
        facing=s.round.facing,
        voice=s.round.voice,
        form_id=s.round.form_id if posture else "",
        posture_id=posture.id if posture else "",
        posture=posture.title() if posture else "",
        side=posture.side if posture else None,
        tempo=round((p.tempo or (form.tempo if form else 0)) * speed, 2) if posture else 0.0,
        ms=ms,
        share=round(share, 3),
    )


class RunLine(Value):
    """A run in few words: how long it ran, how many postures of how many passes, where it ended."""

    ms: int
    postures: int
    passes: int
    again: int
    ended_in: str


def run_line(parts: Sequence[RunPart]) -> RunLine:
    """What came of a run. `again`: how often something that the plan has once was done whole once more."""
    seen = Counter(x.place for x in parts if x.posture_id and x.share >= WHOLE)
    named = [x for x in parts if x.posture_id]
    return RunLine(
        ms=sum(x.ms for x in parts),
        postures=len({x.posture_id for x in named}),
        passes=len({x.pass_id for x in named}),
        again=sum(n - 1 for n in seen.values()),
        ended_in=named[-1].posture if named else "",
    )


WHOLE = 0.9
"""A posture counts as done when so much of it ran."""
