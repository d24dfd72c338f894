"""Mends of breath, time and postures."""

from __future__ import annotations

from collections.abc import Iterator

from kemvo.core.model.mirror import mirror_posture
from kemvo.core.review.context import Seen
from kemvo.core.review.findings import GENTLER, Finding
from kemvo.core.review.form_edits import Try, changed, first_span, set_here, set_in
from kemvo.core.timing.timeline import Span
from kemvo.core.types import Breath


def other_breath(look: Seen, f: Finding) -> Iterator[Try]:
    """A breath twice the same way: the other one here, in between, or none."""
    spans = [s for s in look.spans if s.kind == "movement"]
    at = next(i for i, s in enumerate(spans) if s.movement and s.movement.id == f.movement_id)
    now: Breath = spans[at].breath
    between: Breath = "out" if now == "in" else "in"
    free = at - 1
    if free >= 0 and spans[free].breath == "free":
        before = spans[free]
        assert before.performance and before.movement
        yield Try(
            f"Breathe {between} during “{(before.movement.line or 'the movement before')[:40]}”.",
            set_in(look.form, before.performance.posture.id, before.movement.id, breath=between),
        )
    yield Try("Leave this breath free.", set_here(look.form, f, breath="free"))
    yield Try(f"Breathe {between} here.", set_here(look.form, f, breath=between))


def shorter_breath(look: Seen, f: Finding) -> Iterator[Try]:
    """A breath too long: another in between, or its end left free."""
    run = _run(look, f)
    if len(run) > 1:
        between: Breath = "out" if run[0].breath == "in" else "in"
        middle = run[len(run) // 2]
        assert middle.movement and middle.performance
        line = (middle.movement.line or "its middle")[:40]
        for breath, says in ((between, f"Breathe {between} during “{line}”."), ("free", f"Leave “{line}” free.")):
            yield Try(says, set_in(look.form, middle.performance.posture.id, middle.movement.id, breath=breath))
        last = run[-1]
        assert last.movement and last.performance
        yield Try(f"Leave “{(last.movement.line or 'its end')[:40]}” free.", set_in(look.form, last.performance.posture.id, last.movement.id, breath="free"))  # fmt: skip
    if run[0].movement:
        whole = sum(s.end_ms - s.start_ms for s in run)
        limit = look.form.who.limits().breath_ms[1]
        counts = int(run[0].movement.counts * limit / whole * 4) / 4
        if len(run) == 1 and counts >= 0.25:
            yield Try(
                f"{counts:g} counts instead of {run[0].movement.counts:g}.", set_here(look.form, f, counts=counts)
            )
    yield Try("Leave this breath free.", set_here(look.form, f, breath="free"))


def longer_breath(look: Seen, f: Finding) -> Iterator[Try]:
    """A breath too short: more counts for its movement, or none called."""
    yield Try("Leave this breath free.", set_here(look.form, f, breath="free"))
    run = _run(look, f)
    if len(run) == 1 and run[0].movement:
        least = look.form.who.limits().breath_ms[0]
        m = run[0].movement
        counts = -(-m.counts * least / (run[0].end_ms - run[0].start_ms) * 4 // 1) / 4
        if counts <= 64:
            yield Try(f"{counts:g} counts instead of {m.counts:g}.", set_here(look.form, f, counts=counts))


def _run(look: Seen, f: Finding) -> list[Span]:
    """The spans of the breath that begins with the finding's movement."""
    spans = list(look.spans)
    at = spans.index(first_span(look, f))
    end = at
    while end < len(spans) and spans[end].breath == spans[at].breath:
        end += 1
    return spans[at:end]


def shorter_stand(look: Seen, f: Finding) -> Iterator[Try]:
    """Less time on one leg: without the hold, or in fewer counts."""
    span = first_span(look, f)
    m = span.movement
    assert m is not None
    if m.hold_ms:
        yield Try("No hold.", set_here(look.form, f, hold_ms=0))
    for share in (0.75, 0.5, 0.25):
        counts = max(0.25, round(m.counts * share * 4) / 4)
        yield Try(f"{counts:g} counts instead of {m.counts:g}.", set_here(look.form, f, counts=counts, hold_ms=0))


def same_counts(look: Seen, f: Finding) -> Iterator[Try]:
    """Two sides with unequal counts: one gets the other's."""
    postures = look.form.postures()
    p = next(x for x in postures if x.id == f.posture_id)
    name = p.name.casefold().strip()
    other = next((x for x in postures if x.name.casefold().strip() == name and x.side and x.side != p.side and x.id != p.id), None)  # fmt: skip
    if other is None:
        return
    for one, like in ((p, other), (other, p)):
        if len(one.movements) == len(like.movements):
            new = tuple(
                m.model_copy(update={"counts": k.counts}) for m, k in zip(one.movements, like.movements, strict=True)
            )
            yield Try(f"Give “{one.title()}” the counts of “{like.title()}”.", changed(look.form, one.id, lambda x, new=new: x.model_copy(update={"movements": new})))  # type: ignore[misc]  # fmt: skip
    for one, like in ((p, other), (other, p)):
        more = sum(m.counts for m in like.movements) - sum(m.counts for m in one.movements)
        longest = max(one.movements, key=lambda m: m.counts)
        if 0.25 <= longest.counts + more <= 64:
            yield Try(
                f"In “{one.title()}”, {longest.counts + more:g} counts for “{longest.line[:40]}”.",
                set_in(look.form, one.id, longest.id, counts=longest.counts + more),
            )


def alternate(look: Seen, f: Finding) -> Iterator[Try]:
    """A repeated posture that does not change sides."""
    p = next(x for x in look.form.postures() if x.id == f.posture_id)
    if p.repeats > 1:
        yield Try(
            "Let the sides alternate.", changed(look.form, p.id, lambda x: x.model_copy(update={"alternate": True}))
        )
    else:
        yield Try("Do it on the other side.", changed(look.form, p.id, lambda x: mirror_posture(x, look.form.front)))


def gentler(look: Seen, f: Finding) -> Iterator[Try]:
    """A gentler version for what this group is spared, written beside the posture."""
    p = next(x for x in look.form.postures() if x.id == f.posture_id)
    wants = [c for c in look.cares[p.id] if c in look.form.who.limits().spared]
    text = ". ".join(GENTLER[c] for c in wants)
    yield Try(f"Write down: “{text}”.", changed(look.form, p.id, lambda x: x.model_copy(update={"gentler": text})))
