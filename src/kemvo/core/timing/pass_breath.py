"""The breath of each pass: every in- and out-breath with its times, by the breath school."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from itertools import groupby
from typing import NamedTuple

from kemvo.core.model.form import Form
from kemvo.core.model.session import Forms, Pass, Session
from kemvo.core.tables.breath_schools import BreathWay
from kemvo.core.tables.groups import Who, comfort_of
from kemvo.core.timing.breath_curve import breath_starts, runs
from kemvo.core.timing.breath_planner import (
    BreathPlan,
    BreathSpan,
    BreathTarget,
    comfortable_tempos,
    cure_tempo,
    drift,
    evenly,
    matched,
    paced,
)
from kemvo.core.timing.paces import in_force
from kemvo.core.timing.score import STILL
from kemvo.core.timing.timeline import Span, Timeline, by_pass
from kemvo.core.types import DEFAULT_TEMPO, Value


class Breathed(NamedTuple):
    """One breath of a practice, in milliseconds from its beginning."""

    start_ms: int
    end_ms: int
    way: BreathWay
    pass_no: int


class BreathReport(Value):
    """What came of a pass's breath: the school, how many breaths, how many movements keep their wished one, how many
    changes fall within a movement, what is beyond comfort, and a sentence with the cure where there is one."""

    school: str
    breaths: int = 0
    kept: int = 0
    wished: int = 0
    within: int = 0
    strained_ms: int = 0
    says: str = ""


class _Piece(NamedTuple):
    """A stretch of movements and holds between pauses, or a part of one. `breaths`: how many whole breaths it is given
    evenly (None: the school decides). `begins`, `ends`: the way its first and last breath must go, so that in and out
    stay in turn beside a piece that is given its breaths."""

    spans: tuple[Span, ...]
    breaths: int | None = None
    begins: BreathWay | None = None
    ends: BreathWay | None = None

    def start(self) -> int:
        return self.spans[0].start_ms

    def ms(self) -> int:
        return self.spans[-1].end_ms - self.start()


class PassBreath(NamedTuple):
    """The breath of one pass: every breath, and what came of it."""

    breaths: tuple[Breathed, ...]
    report: BreathReport


def breaths_of(timeline: Timeline, session: Session, forms: Forms) -> list[Breathed]:
    """All breaths that are called in a practice. Pauses call none."""
    return [b for made in breath_by_pass(by_pass(timeline.spans), session, forms).values() for b in made.breaths]


def breath_by_pass(
    spans: Mapping[int, Sequence[Span]], session: Session, forms: Forms, cures: bool = False
) -> dict[int, PassBreath]:
    """The breath of every pass, its spans given by its number. `cures`: look for a tempo that cures what could not be
    kept (slow)."""
    return {no: _breath_of(no, part, session, forms, cures) for no, part in spans.items()}


def _breath_of(no: int, spans: Sequence[Span], session: Session, forms: Forms, cures: bool) -> PassBreath:
    p = session.passes[no]
    choice = session.breath_of(p)
    pieces = _pieces(p, spans)
    if choice.school == "natural" or not pieces:
        return PassBreath((), BreathReport(school=choice.school))
    form = forms.get(p.part.form_id)
    comfort = comfort_of((form.who if form else Who()).limits())
    tempo = p.tempo or (form.tempo if form else DEFAULT_TEMPO)
    made: list[Breathed] = []
    plans: list[BreathPlan] = []
    for piece in pieces:
        if piece.breaths:
            planned = evenly(piece.ms(), piece.breaths)
        elif choice.school == "written":
            planned = _written(piece)
        elif choice.school == "paced":
            planned = paced(piece.ms(), choice.per_minute, choice.in_share)
        else:
            plans.append(matched(_wishes(piece.spans), comfort, piece.begins, piece.ends))
            planned = plans[-1].breaths
        made += [Breathed(piece.start() + b.start_ms, piece.start() + b.end_ms, b.way, no) for b in planned]
    free = [w for piece in pieces if not piece.breaths for w in _wishes(piece.spans)]
    if choice.school == "matched":
        cure = cure_tempo(free, tempo, comfort) if cures and len(free) <= CURED else None
        report = _matched_report(plans, cure)
    elif choice.school == "paced":
        first = drift(_wishes(pieces[0].spans), tempo, choice.per_minute, choice.in_share)
        says = (
            f"A breath takes {first.counts_a_breath:.1f} counts; {first.on_boundaries:.0%} of its changes fall between"
            f" movements. At {first.locks_at:g} counts a minute a breath takes {first.counts} counts and both lock."
        )
        report = BreathReport(school="paced", says=says)
    else:
        wished = sum(w.breath != "free" for w in free)
        report = BreathReport(school="written", kept=wished, wished=wished, says=_range(forms, p))
    whole = sum(starts_breath(made))
    return PassBreath(tuple(made), report.model_copy(update={"breaths": whole}))


def starts_breath(breaths: Sequence[Breathed]) -> list[bool]:
    """For every breath of one pass: whether a whole one, in and out, begins with it."""
    return breath_starts([(b.way, b.pass_no) for b in breaths])


def _matched_report(plans: Sequence[BreathPlan], cure: float | None) -> BreathReport:
    kept, wished = sum(x.kept for x in plans), sum(x.wished for x in plans)
    within, strained = sum(x.within for x in plans), sum(x.strained_ms for x in plans)
    says = f"{kept} of {wished} movements keep their own breath"
    if within:
        says += f"; {within} change{'s' * (within != 1)} of breath fall{'s' * (within == 1)} within a movement"
    if strained:
        says += f"; breaths go {strained / 1000:.1f} s beyond comfort"
    says += f". At {cure:g} counts a minute every movement keeps its own." if cure else "."
    return BreathReport(school="matched", kept=kept, wished=wished, within=within, strained_ms=strained, says=says)


def _pieces(p: Pass, spans: Sequence[Span]) -> list[_Piece]:
    """The stretches between pauses, cut where a pace gives a number of breaths."""
    given = {id(s): n for a, b, n in _given(p, spans) for s in spans[a:b]}
    cut = [
        _Piece(tuple(part), n)
        for moving, stretch in groupby(spans, lambda s: s.kind not in STILL)
        if moving
        for n, part in groupby(stretch, lambda s: given.get(id(s)))
    ]
    out = []
    for i, piece in enumerate(cut):
        before, after = cut[i - 1] if i else None, cut[i + 1] if i + 1 < len(cut) else None
        begins: BreathWay | None = (
            "in" if before and before.breaths and before.spans[-1].end_ms == piece.start() else None
        )
        ends: BreathWay | None = "out" if after and after.breaths and piece.spans[-1].end_ms == after.start() else None
        out.append(piece._replace(begins=begins, ends=ends))
    return out


def _given(p: Pass, spans: Sequence[Span]) -> list[tuple[int, int, int]]:
    """The stretches (first, last) of spans that are given a number of breaths, round by round."""
    out: list[tuple[int, int, int]] = []
    if not any(pace.breaths for pace in p.paces):
        return out
    for _, round_ in groupby(range(len(spans)), lambda i: spans[i].round.nth):
        moving = [i for i in round_ if spans[i].kind == "movement"]
        done = [(spans[i].performance, spans[i].movement) for i in moving]
        for pace, first, last in in_force(p.paces, done):
            if pace.breaths:
                out.append((moving[first], moving[last - 1] + 1, pace.breaths))
    return out


def _written(piece: _Piece) -> tuple[BreathSpan, ...]:
    """The breaths of a piece as the form has them."""
    s, start = piece.spans, piece.start()
    return tuple(
        BreathSpan(s[a].start_ms - start, s[b - 1].end_ms - start, "in" if s[a].breath == "in" else "out")
        for a, b in runs([(x.breath, x.kind, x.end_ms - x.start_ms, x.round.no) for x in s])
    )


CURED = 60
"""Of passes longer than so many movements no cure is looked for: no single tempo cures them all."""


def _range(forms: Forms, p: Pass) -> str:
    form: Form | None = forms.get(p.part.form_id)
    found = tempo_range(form) if form else None
    if form is None or found is None:
        return ""
    return f"Breaths as written are comfortable from {found[0]:.0f} to {found[1]:.0f} counts a minute."


def tempo_range(form: Form) -> tuple[float, float] | None:
    """The tempos at which every breath of a form is comfortable for its group."""
    counts = [(m.counts, m.breath) for q in form.postures() for _ in range(q.repeats) for m in q.movements]
    found = comfortable_tempos(counts, comfort_of(form.who.limits()))
    return found if found and found[1] < 1000 else None


def _wishes(spans: Sequence[Span]) -> list[BreathTarget]:
    return [BreathTarget(s.end_ms - s.start_ms, s.breath if s.kind == "movement" else "free") for s in spans]
