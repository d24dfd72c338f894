"""What the session page shows beside a session: when every pass begins, how long it is, and what it amounts to."""

from __future__ import annotations

from bisect import bisect_right
from collections import Counter
from collections.abc import Mapping, Sequence
from itertools import groupby

from kemvo.core.errors import Problem
from kemvo.core.floor.footprint import Disc, space
from kemvo.core.floor.physical_load import Account, account, together
from kemvo.core.floor.placement import best_spot, clearance
from kemvo.core.floor.walker import trace
from kemvo.core.lesson.called_tempo import called_tempo
from kemvo.core.model.session import FACINGS, TURN_MS, VOICES, Forms, Session
from kemvo.core.tables.block_kinds import BLOCK_KINDS
from kemvo.core.timing.opening_pause import with_pauses
from kemvo.core.timing.paces import conflicts
from kemvo.core.timing.pass_breath import Breathed, breath_by_pass, starts_breath
from kemvo.core.timing.pass_postures import done_otherwise, missing_parts, pass_title, postures_of
from kemvo.core.timing.score import entry_weight, placed_of
from kemvo.core.timing.timeline import Span, by_pass, plan
from kemvo.core.timing.totals import Totals, totals_by
from kemvo.core.types import Value


class PostureLine(Value):
    """A posture of a pass, once through: its counts, time, breaths and weight shifts."""

    id: str
    title: str
    counts: float
    ms: int
    breaths: int
    shifts: int


class SectionLine(Value):
    """A section of a pass that has several postures of it: its title, its first and last posture there (ids)."""

    title: str
    first: str
    last: str


class PassLine(Value):
    """One pass in the plan. Times in milliseconds from the session's beginning. `pause_before_ms`: the still time before it, typed or
    worked out; `called_tempo`: the tempo at which it could be called in full, where that is asked of it and it is too quick; `ways`: what of it is not done in the usual way; `between_ms`: the one before it starts over, None where it does not."""

    id: str
    title: str
    kind: str
    off: bool
    facing: str
    voice: str
    postures: int
    tempo: float
    start_ms: int
    pause_before_ms: int
    between_ms: int | None
    clock: str
    totals: Totals
    account: Account
    breath: str
    turn: str
    turn_ms: int
    called_tempo: float | None
    ways: str
    postures_done: tuple[PostureLine, ...]
    sections: tuple[SectionLine, ...]


class GroupLine(Value):
    """Blocks of one group that stand together: its name, its passes by id, when it begins and how long it is."""

    title: str
    pass_ids: tuple[str, ...]
    start_ms: int
    clock: str
    ms: int


class Plan(Value):
    """What follows from a session. `over_ms` is how much longer than wished it is (negative: shorter). `groups`: blocks
    that stand together."""

    totals: Totals
    over_ms: int | None
    passes: tuple[PassLine, ...]
    groups: tuple[GroupLine, ...]
    problems: tuple[Problem, ...]
    account: Account


def session_plan(session: Session, forms: Forms) -> Plan:
    """Work out the plan of a session."""
    timeline = plan(session, forms)
    totals, whole = totals_by(timeline.spans, lambda s: s.round.no, lambda _: 0)
    spans_of = by_pass(timeline.spans)
    breath_of = breath_by_pass(spans_of, session, forms, cures=True)
    lines = []
    start = 0
    for no, (p, paused) in enumerate(zip(session.passes, with_pauses(session, forms).passes, strict=True)):
        spans = spans_of.get(no, [])
        breath = breath_of.get(no)
        sums = totals.get(no, Totals()).model_copy(update={"breaths": breath.report.breaths if breath else 0})
        form = forms.get(p.part.form_id)
        lines.append(
            PassLine(
                id=p.id,
                title=pass_title(p, forms),
                kind=BLOCK_KINDS[p.kind].title,
                ways=done_otherwise(p, forms),
                off=p.off,
                facing=FACINGS[p.facing].title,
                voice=VOICES[p.voice].title,
                postures=len(postures_of(p, forms)),
                tempo=p.tempo or (form.tempo if form else 0),
                start_ms=start,
                pause_before_ms=paused.pause_before_ms or 0,
                between_ms=_starting_over(spans),
                clock=clock_at(session.starts_at, start),
                totals=sums,
                account=account(spans, form if BLOCK_KINDS[p.kind].moves else None),
                breath=breath.report.says if breath else "",
                turn=FACINGS[p.facing].turn if turning(spans) else "",
                turn_ms=turning(spans),
                called_tempo=called_tempo(spans, p.tempo or form.tempo, session.speech.wpm)
                if form and p.voice == "full"
                else None,
                sections=section_lines(spans),
                postures_done=posture_lines(spans, breath.breaths if breath else ()),
            )
        )
        start += sums.ms
    return Plan(
        totals=whole.get(0, Totals()).model_copy(update={"breaths": sum(x.totals.breaths for x in lines)}),
        over_ms=None if session.wished_ms is None else timeline.total_ms - session.wished_ms,
        passes=tuple(lines),
        groups=_groups(session, lines),
        problems=(
            *missing_parts(session, forms),
            *hasty_turns(spans_of),
            *conflicting_paces(session, forms),
            *out_of_room(session, forms, spans_of),
        ),
        account=together([line.account for line in lines]),
    )


def _starting_over(spans: Sequence[Span]) -> int | None:
    """How long a pass is still before it starts over; None where it is gone through once."""
    if not spans or spans[-1].round.of == 1:
        return None
    return next(
        (
            s.end_ms - s.start_ms
            for s in spans
            if s.kind == "pause" and s.round.nth > 1 and s.performance is None and s is not spans[-1]
        ),
        0,
    )


def _groups(session: Session, lines: Sequence[PassLine]) -> tuple[GroupLine, ...]:
    rows = zip(session.passes, lines, strict=True)
    together = ((title, [line for _, line in row]) for title, row in groupby(rows, lambda row: row[0].group.strip()))
    return tuple(
        GroupLine(
            title=title,
            pass_ids=tuple(x.id for x in part),
            start_ms=part[0].start_ms,
            clock=part[0].clock,
            ms=sum(x.totals.ms for x in part),
        )
        for title, part in together
        if title
    )


def turning(spans: Sequence[Span]) -> int:
    """How long the instructor turns to another facing before a pass, in milliseconds."""
    return sum(s.end_ms - s.start_ms for s in spans[:1] if s.kind == "turn")


def hasty_turns(spans_of: Mapping[int, Sequence[Span]]) -> list[Problem]:
    """Passes that begin another way round with too little still time to turn in."""
    found = []
    facing = None
    for no, spans in spans_of.items():
        if not BLOCK_KINDS[spans[0].round.kind].moves:
            continue
        changed = facing is not None and facing != spans[0].round.facing
        facing = spans[0].round.facing
        if changed and turning(spans) < TURN_MS:
            found.append(
                Problem(
                    what=f"There is too little time to turn before it ({FACINGS[facing].title.lower()}).",
                    where=f"pass {no + 1}",
                    mend=f"Give it {TURN_MS // 1000} s still before.",
                )
            )
    return found


def conflicting_paces(session: Session, forms: Forms) -> list[Problem]:
    """What the paces of the passes ask for and cannot have together."""
    return [
        problem.model_copy(update={"where": f"pass {no + 1}"})
        for no, p in enumerate(session.passes)
        if p.paces and not p.off and BLOCK_KINDS[p.kind].moves and p.part.form_id in forms
        for problem in conflicts(
            p, placed_of(p, forms), forms[p.part.form_id], entry_weight(p, forms), session.breath_of(p)
        )
    ]


def out_of_room(session: Session, forms: Forms, spans_of: Mapping[int, Sequence[Span]]) -> list[Problem]:
    """Passes that would end in the wall or out of the picture of their form's room: begun at its start spot, else at the
    best one that faces the front. In a mirrored pass the instructor goes the other way."""
    found = []
    for no, p in enumerate(session.passes):
        form, spans = forms.get(p.part.form_id), spans_of.get(no)
        if form is None or form.room is None or not spans or not BLOCK_KINDS[p.kind].moves or p.kind == "hands":
            continue
        discs = space(trace(form, [s for s in spans if s.round.nth == 1]))
        if FACINGS[p.facing].performer_mirrors:
            discs = tuple(Disc(-d.x, d.y, d.r) for d in discs)
        spot = form.start or best_spot(discs, form.room, form.room.front_deg).spot
        by = min(clearance(discs, form.room, spot))
        if by < 0:
            found.append(
                Problem(
                    what=f"This pass leaves the room or the picture by {-by:.1f} m.",
                    where=f"pass {no + 1}",
                    mend="Begin it elsewhere, turn it, or take smaller steps (form sheet, School and room).",
                )
            )
    return found


def section_lines(spans: Sequence[Span]) -> tuple[SectionLine, ...]:
    """The sections of the last time through a pass of which it has more than one posture."""
    done = [s.performance for s in spans if s.performance and s.round.nth == s.round.of]
    out = []
    for _, row in groupby(done, lambda p: p.section_id):
        part = list(row)
        first, last = part[0].posture.id, part[-1].posture.id
        if first != last:
            out.append(SectionLine(title=part[0].section_title or "This section", first=first, last=last))
    return tuple(out)


def posture_lines(spans: Sequence[Span], breaths: Sequence[Breathed]) -> tuple[PostureLine, ...]:
    """The postures of the last time through a pass, in order. A breath belongs to the posture it begins in."""
    last = [s for s in spans if s.performance and s.round.nth == s.round.of]

    def posture(s: Span) -> tuple[str, str] | str:
        return (s.performance.posture.id, s.performance.posture.title()) if s.performance else ""

    (sums,) = totals_by(last, posture)
    starts = [s.start_ms for s in last]
    begun = Counter(
        posture(last[bisect_right(starts, b.start_ms) - 1])
        for b, whole in zip(breaths, starts_breath(breaths), strict=True)
        if whole and last and b.start_ms >= starts[0]
    )
    return tuple(
        PostureLine(id=key[0], title=key[1], counts=t.counts, ms=t.ms, breaths=begun[key], shifts=t.shifts)
        for key, t in sums.items()
        if isinstance(key, tuple)
    )


def clock_at(starts_at: str, ms: int) -> str:
    """The time on the clock so long after the start, "" without one."""
    if not starts_at:
        return ""
    hours, minutes = (int(x) for x in starts_at.split(":"))
    whole = hours * 60 + minutes + ms // 60_000
    return f"{whole // 60 % 24}:{whole % 60:02d}"
