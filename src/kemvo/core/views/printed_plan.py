"""The plan on paper: one sheet for the instructor with their own sides and times on the clock, one for the class with
theirs, posture names and cautions."""

from __future__ import annotations

from itertools import groupby, takewhile

from kemvo.core.cues.directions import Reader, directed
from kemvo.core.floor.feet import centre
from kemvo.core.floor.walker import trace
from kemvo.core.model.form import Form
from kemvo.core.model.session import FACINGS, Forms, Session
from kemvo.core.tables.block_kinds import BLOCK_KINDS
from kemvo.core.tables.groups import ADVICE, GROUPS
from kemvo.core.timing.opening_pause import cautions_due
from kemvo.core.timing.timeline import Span, by_pass, plan
from kemvo.core.types import EVEN, Value, in_minutes
from kemvo.core.views.session_plan import session_plan


class PaperRow(Value):
    """A movement on the instructor's sheet: its words, counts, the weight at its end ("70 L"), breath; the weight on the left leg at
    both ends, for the scroll down the margin."""

    words: str
    counts: str
    weight: str
    breath: str
    left_from: int
    left_to: int

    def told(self) -> str:
        """The row as one line of text."""
        return f"{self.words or '–'} ({', '.join(x for x in (self.counts, self.weight, self.breath) if x)})"


class PaperLine(Value):
    """A posture of a block: its number and title, and for the instructor its movements. Postures that an earlier block has
    already, on the same side, stand together as one line that says where."""

    number: str
    title: str
    rows: tuple[PaperRow, ...]
    cautions: tuple[str, ...]
    above: str = ""


class PaperBlock(Value):
    """A block: when it begins (on the clock, or from the beginning), how long, what and how; for the instructor the way
    of the body over the floor, as they go it (metres: right, front)."""

    clock: str
    title: str
    kind: str
    minutes: float
    how: str
    says: str
    lines: tuple[PaperLine, ...]
    way: tuple[tuple[float, float], ...] = ()


class Paper(Value):
    """A whole sheet."""

    title: str
    subtitle: str
    blocks: tuple[PaperBlock, ...]
    notes: tuple[str, ...]


def paper(session: Session, forms: Forms, reader: Reader) -> Paper:
    """The sheet of a session. For the class every side is the class's own. For the instructor the sides are those the
    instructor moves: turned over in passes that are danced as a mirror."""
    made = session_plan(session, forms)
    timeline = plan(session, forms)
    spans = by_pass(directed(timeline.spans, forms, session.directions, reader))
    blocks = []
    printed: dict[_Material, str] = {}
    for no, (p, line) in enumerate(zip(session.passes, made.passes, strict=True)):
        if p.off:
            continue
        turned = reader == "instructor" and FACINGS[p.facing].performer_mirrors
        kind = BLOCK_KINDS[p.kind]
        how = []
        if kind.moves:
            how = [f"{line.tempo:.4g} counts a minute"]
            if p.other_side:
                how.append("all of it on the other side")
            if p.alternate:
                how.append("sides alternate")
            if reader == "class":
                how.insert(0, f"{line.facing}; sides are yours")
            if reader == "instructor":
                how = [line.facing, line.voice, *how]
                if line.turn:
                    how.insert(0, f"{line.turn} ({line.turn_ms / 1000:g} s)")
                if turned:
                    how.append("you move the other side; the class hears its own")
            if line.ways:
                how.append(line.ways)
            if p.repeats > 1:
                how.append(f"{p.repeats} times")
        blocks.append(
            PaperBlock(
                clock=line.clock or in_minutes(line.start_ms),
                title=line.title,
                kind="" if line.title.startswith(kind.title) else kind.title,
                minutes=round(line.totals.ms / 60_000, 1),
                how=" · ".join(how),
                says=(p.say or kind.says) if reader == "instructor" else "",
                lines=_lines(
                    spans.get(no, []), reader, printed, f"{line.clock or in_minutes(line.start_ms)} {line.title}"
                ),
                way=_way(spans.get(no, []), forms.get(p.part.form_id)) if reader == "instructor" else (),
            )
        )
    groups = {g for f in forms.values() for g in (f.who.group, *f.who.also)}
    cautions = tuple(GROUPS[g].caution for g in sorted(groups))
    total = made.totals.ms
    return Paper(
        title=session.title or "Lesson",
        subtitle=f"{'For the instructor' if reader == 'instructor' else 'For the class'} · {in_minutes(total)}",
        blocks=tuple(blocks),
        notes=(*cautions, ADVICE, *((session.notes,) if session.notes and reader == "instructor" else ())),
    )


_Material = tuple[str, str, str | None, tuple[str, ...]]
"""A posture as it is printed: of which form, which, on which side, in which words."""


def _lines(spans: list[Span], reader: Reader, printed: dict[_Material, str], block: str) -> tuple[PaperLine, ...]:
    """The postures of a block the first time they are done in it, each once; for the instructor those that an earlier block has
    word for word are only named."""
    seen: set[tuple[str, str | None]] = set()
    out: list[PaperLine] = []
    again: list[tuple[str, PaperLine]] = []

    def name_again() -> None:
        for where, group in groupby(again, lambda x: x[0]):
            lines = [line for _, line in group]
            first, last = lines[0], lines[-1]
            ends = [" ".join(x for x in (x.number, x.title) if x) for x in (first, last)]
            title = ends[0] if len(lines) == 1 else f"{ends[0]} to {ends[1]}"
            out.append(PaperLine(number="", title=title, rows=(), cautions=(), above=where))
        again.clear()

    for i, s in enumerate(spans):
        if s.performance is None or s.movement_no or s.kind != "movement":
            continue
        posture = s.performance.posture
        key = (posture.id, posture.side)
        if key in seen:
            continue
        seen.add(key)
        rows = _rows(spans[i:], s) if reader == "instructor" else ()
        gentler = (f"Gentler: {posture.gentler}",) if posture.gentler else ()
        line = PaperLine(
            number=posture.number, title=posture.title(), rows=rows, cautions=(*cautions_due(posture), *gentler)
        )
        material = (s.round.form_id, posture.id, posture.side, tuple(r.told() for r in rows))
        if reader == "instructor" and material in printed:
            again.append((printed[material], line))
            continue
        name_again()
        printed[material] = block
        out.append(line)
    name_again()
    return tuple(out)


def _rows(spans: list[Span], first: Span) -> tuple[PaperRow, ...]:
    """The movements of the posture that begins with a span, the first time it is done."""
    assert first.performance
    no = first.performance.no
    here = takewhile(lambda s: s.performance is not None and s.performance.no == no, spans)
    return tuple(
        PaperRow(
            words=s.movement.line or s.movement.foot,
            counts=f"{s.movement.counts:g}"
            + (f" + hold {s.movement.hold_ms / 1000:g} s" if s.movement.hold_ms else ""),
            weight=_weight(s.left_to),
            breath="" if s.movement.breath == "free" else s.movement.breath,
            left_from=s.left_from,
            left_to=s.left_to,
        )
        for s in here
        if s.kind == "movement" and s.movement
    )


def lane_x(left: int, width: float) -> float:
    """Where the scroll is across a margin of a width: all left at its left edge."""
    return width * (0.92 - 0.84 * left / 100)


def _weight(left: int) -> str:
    """A weight as instructors write it: "70 L", "100 R", "even"."""
    return "even" if left == EVEN else f"{left} L" if left > EVEN else f"{100 - left} R"


def _way(spans: list[Span], form: Form | None) -> tuple[tuple[float, float], ...]:
    """The places of the body's middle once through a block; none where it stays on the spot."""
    once = [s for s in spans if s.round.nth == 1]
    if form is None or not any(s.kind == "movement" for s in once):
        return ()
    walked = trace(form, once)
    places = [(0.0, 0.0), *(centre(s.after, s.span.left_to, walked.body.foot) for s in walked.steps)]
    if max(abs(x) + abs(y) for x, y in places) < 0.5:
        return ()
    return tuple((round(x, 2), round(y, 2)) for x, y in places)
