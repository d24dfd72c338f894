"""The breath of a practice: for every pass, by its school, from when to when the breath goes in or out."""

from __future__ import annotations

from collections.abc import Sequence
from itertools import groupby
from typing import NamedTuple

from kemvo.core.breath import runs
from kemvo.core.breathing import (
    BreathPlan,
    Comfort,
    Way,
    Wish,
    comfortable_tempos,
    cure_tempo,
    drift,
    matched,
    paced,
)
from kemvo.core.form import Form
from kemvo.core.groups import GROUPS, GroupId
from kemvo.core.session import BreathChoice, Forms, Pass, Session
from kemvo.core.timeline import Span, Timeline, by_pass
from kemvo.core.values import DEFAULT_TEMPO, Value


class Breathed(NamedTuple):
    """One breath of a practice, in milliseconds from its beginning."""

    start_ms: int
    end_ms: int
    way: Way
    pass_no: int


class BreathReport(Value):
    """What came of a pass's breath: the school, how many breaths, how many movements keep their wished one, how many
    changes fall within a movement, what is beyond comfort, and a sentence with the cure where there is one."""

    school: str
    breaths: int
    kept: int
    wished: int
    within: int
    strained_ms: int
    says: str


def comfort_of(group: GroupId) -> Comfort:
    """The comfortable breaths of a group: its shortest and longest, for in and out alike."""
    least, most = GROUPS[group].breath_ms
    return Comfort(least, most, least, most)


def choice_of(session: Session, p: Pass) -> BreathChoice:
    """The breath of a pass: its own, else the session's."""
    return p.breath or session.breath


def breaths_of(timeline: Timeline, session: Session, forms: Forms) -> list[Breathed]:
    """All breaths that are called in a practice. Pauses call none."""
    out: list[Breathed] = []
    for no, spans in by_pass(timeline.spans).items():
        p = session.passes[no]
        choice = choice_of(session, p)
        if choice.school == "natural":
            continue
        if choice.school == "written":
            out += [
                Breathed(spans[a].start_ms, spans[b - 1].end_ms, "in" if spans[a].breath == "in" else "out", no)
                for a, b in _written(spans)
            ]
            continue
        for stretch in _moving(spans):
            start = stretch[0].start_ms
            planned = (
                paced(stretch[-1].end_ms - start, choice.per_minute, choice.in_share)
                if choice.school == "paced"
                else _matched(stretch, _group(p, forms)).breaths
            )
            out += [Breathed(start + b.start_ms, start + b.end_ms, b.way, no) for b in planned]
    return out


def _written(spans: Sequence[Span]) -> list[tuple[int, int]]:
    return runs([(s.breath, s.kind, s.end_ms - s.start_ms, s.leg.no) for s in spans])


def report_of(no: int, spans: Sequence[Span], session: Session, forms: Forms) -> BreathReport:
    """What came of the breath of one pass, its spans given."""
    p = session.passes[no]
    choice = choice_of(session, p)
    tempo = p.tempo or (forms[p.part.form_id].tempo if p.part.form_id in forms else DEFAULT_TEMPO)
    stretches = _moving(spans)
    if choice.school == "natural" or not stretches:
        return BreathReport(school=choice.school, breaths=0, kept=0, wished=0, within=0, strained_ms=0, says="")
    if choice.school == "paced":
        first = drift(_wishes(stretches[0]), tempo, choice.per_minute, choice.in_share)
        n = sum(len(paced(s[-1].end_ms - s[0].start_ms, choice.per_minute, choice.in_share)) for s in stretches)
        says = (
            f"A breath takes {first.counts_a_breath:.1f} counts; {first.on_boundaries:.0%} of its changes fall between"
            f" movements. At {first.locks_at:g} counts a minute a breath takes {first.counts} counts and both lock."
        )
        return BreathReport(school="paced", breaths=n // 2, kept=0, wished=0, within=0, strained_ms=0, says=says)
    if choice.school == "written":
        wished = sum(w.breath != "free" for s in stretches for w in _wishes(s))
        return BreathReport(
            school="written", breaths=len(_written(spans)) // 2, kept=wished, wished=wished, within=0, strained_ms=0,
            says=_range(forms, p),
        )  # fmt: skip
    comfort = comfort_of(_group(p, forms))
    plans = [_matched(s, _group(p, forms)) for s in stretches]
    kept, wished = sum(x.kept for x in plans), sum(x.wished for x in plans)
    within, strained = sum(x.within for x in plans), sum(x.strained_ms for x in plans)
    says = f"{kept} of {wished} movements keep their own breath"
    if within:
        says += f"; {within} change{'s' * (within != 1)} of breath fall{'s' * (within == 1)} within a movement"
    if strained:
        says += f"; breaths go {strained / 1000:.1f} s beyond comfort"
    if kept < wished or within or strained:
        cure = cure_tempo(_wishes(stretches[0]), tempo, comfort) if len(stretches[0]) <= CURED else None
        says += f". At {cure:g} counts a minute every movement keeps its own." if cure else "."
    else:
        says += "."
    return BreathReport(
        school="matched", breaths=sum(len(x.breaths) for x in plans) // 2, kept=kept, wished=wished, within=within,
        strained_ms=strained, says=says,
    )  # fmt: skip


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
    found = comfortable_tempos(counts, comfort_of(form.who.group))
    return found if found and found[1] < 1000 else None


def _group(p: Pass, forms: Forms) -> GroupId:
    form = forms.get(p.part.form_id)
    return form.who.group if form else "everyone"


def _moving(spans: Sequence[Span]) -> list[list[Span]]:
    """The stretches of movements and holds between pauses."""
    return [list(part) for still, part in groupby(spans, lambda s: s.kind == "pause") if not still]


def _wishes(spans: Sequence[Span]) -> list[Wish]:
    return [Wish(s.end_ms - s.start_ms, s.breath if s.kind == "movement" else "free") for s in spans]


def _matched(spans: Sequence[Span], group: GroupId) -> BreathPlan:
    return matched(_wishes(spans), comfort_of(group))
