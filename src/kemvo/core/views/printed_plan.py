"""The plan on paper: one sheet for the instructor with their own sides and times on the clock, one for the class with
theirs, posture names and cautions."""

from __future__ import annotations

from kemvo.core.cues.directions import Reader, directed
from kemvo.core.floor.feet import centre
from kemvo.core.floor.walker import trace
from kemvo.core.model.form import Form
from kemvo.core.model.session import FACINGS, Forms, Session
from kemvo.core.tables.block_kinds import BLOCK_KINDS
from kemvo.core.tables.groups import ADVICE, GROUPS
from kemvo.core.timing.timeline import Span, by_pass, plan
from kemvo.core.types import Value, in_minutes
from kemvo.core.views.session_plan import session_plan


class PaperLine(Value):
    """A posture of a block: its number and title, and for the instructor its movements in words."""

    number: str
    title: str
    words: tuple[str, ...]
    cautions: tuple[str, ...]


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
    for no, (p, line) in enumerate(zip(session.passes, made.passes, strict=True)):
        if p.off:
            continue
        turned = reader == "instructor" and FACINGS[p.facing].performer_mirrors
        kind = BLOCK_KINDS[p.kind]
        how = []
        if kind.moves:
            how = [f"{line.tempo:.4g} counts a minute"]
            if reader == "instructor":
                how = [line.facing, line.voice, *how]
                if line.turn:
                    how.insert(0, f"{line.turn} ({line.turn_ms / 1000:g} s)")
                if turned:
                    how.append("you move the other side; the class hears its own")
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
                lines=_lines(spans.get(no, []), reader),
                way=_way(spans.get(no, []), forms.get(p.part.form_id)) if reader == "instructor" else (),
            )
        )
    groups = {f.who.group for f in forms.values()}
    cautions = tuple(GROUPS[g].caution for g in sorted(groups))
    total = made.totals.ms
    return Paper(
        title=session.title or "Lesson",
        subtitle=f"{'For the instructor' if reader == 'instructor' else 'For the class'} · {in_minutes(total)}",
        blocks=tuple(blocks),
        notes=(*cautions, ADVICE, *((session.notes,) if session.notes and reader == "instructor" else ())),
    )


def _lines(spans: list[Span], reader: Reader) -> tuple[PaperLine, ...]:
    """The postures of a block the first time they are done in it, each once."""
    seen: set[tuple[str, str | None]] = set()
    out = []
    for s in spans:
        if s.performance is None or s.movement_no or s.kind != "movement":
            continue
        posture = s.performance.posture
        key = (posture.id, posture.side)
        if key in seen:
            continue
        seen.add(key)
        words = tuple(m.line for m in posture.movements if m.line) if reader == "instructor" else ()
        gentler = (f"Gentler: {posture.gentler}",) if posture.gentler else ()
        out.append(
            PaperLine(number=posture.number, title=posture.title(), words=words, cautions=(*posture.cautions, *gentler))
        )
    return tuple(out)


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
