"""The context a check works in: the form, its feet on the floor, and how a finding is worded."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from typing import NamedTuple

from kemvo.core.floor.feet import FloorStep, Trace
from kemvo.core.floor.walker import trace
from kemvo.core.model.form import Form, Posture
from kemvo.core.movement.interpretation import stance_of, words_in
from kemvo.core.review.findings import CHECKS, CheckId, Finding
from kemvo.core.timing.timeline import Span, plan_form
from kemvo.core.types import Care, Side


class Seen(NamedTuple):
    """What the checks look at: a form, its timeline, its trace on the floor, and what wants care in each posture."""

    form: Form
    spans: Sequence[Span]
    trace: Trace
    cares: dict[str, list[Care]]


def seen(form: Form) -> Seen:
    """A form made ready for its checks."""
    spans = plan_form(form).spans
    walked = trace(form, spans)
    by_posture: dict[str, list[FloorStep]] = {p.id: [] for p in form.postures()}
    for step in walked.steps:
        by_posture[step.performance.posture.id].append(step)
    return Seen(form, spans, walked, {p.id: cares(p, by_posture[p.id]) for p in form.postures()})


JUMPS = frozenset("jump jumps jumping leap leaps leaping hop hops".split())


def cares(p: Posture, steps: Iterable[FloorStep]) -> list[Care]:
    """What in a posture wants care: as it is marked, and as its words and feet tell."""
    found = set(p.kinds)
    for step in steps:
        if any(e.kind == "kick" for e in step.events):
            found.add("kick")
        if "off" in (step.after.left.contact, step.after.right.contact):
            found.add("one-leg")
        named = stance_of(step.movement)
        if named and named.id == "low":
            found.add("low")
        if words_in(step.movement.line) & JUMPS:
            found.add("jump")
    return sorted(found)


def found(kind: CheckId, says: str, posture: str = "", movement: str = "", side: Side | None = None) -> Finding:
    """A finding of its kind; `posture`, `movement`: where, by id."""
    row = CHECKS[kind]
    id_ = ":".join(x for x in (kind, movement or posture, side or "") if x)
    return Finding.model_construct(
        id=id_,
        kind=kind,
        level=row.level,
        title=row.title,
        posture_id=posture,
        movement_id=movement,
        side=side,
        says=says,
    )


def at_step(step: FloorStep, kind: CheckId, says: str, side: Side | None = None) -> Finding:
    """A finding about a step."""
    return found(kind, says, step.performance.posture.id, step.movement.id, side)


def of_span(span: Span, kind: CheckId, says: str) -> Finding:
    """A finding about a span of the timeline."""
    assert span.performance and span.movement
    return found(kind, says, span.performance.posture.id, span.movement.id)
