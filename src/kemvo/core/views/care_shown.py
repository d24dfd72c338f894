"""The care that is shown where somebody is led through a form: in every pass in which the class does a posture, the first time,
whether or not anything is said."""

from __future__ import annotations

from collections.abc import Sequence

from kemvo.core.model.form import Form, Posture
from kemvo.core.model.session import Forms
from kemvo.core.review.findings import GENTLER
from kemvo.core.tables.groups import STOP
from kemvo.core.timing.opening_pause import cautions_due, class_does, gentler_is_due, or_gentler
from kemvo.core.timing.timeline import Span


def care_shown(spans: Sequence[Span], forms: Forms) -> list[tuple[str, ...]]:
    """For every span what is to be read while it lasts: when to stop, until the first movement; the care of its posture, the first
    time of a pass; else that of the posture that comes after it in its pass, by its name."""
    of_posture = _of_postures(spans, forms)
    moving = next((i for i, s in enumerate(spans) if s.kind == "movement"), len(spans))
    out: list[tuple[str, ...]] = []
    coming: tuple[str, ...] = ()
    for i in range(len(spans) - 1, -1, -1):
        s = spans[i]
        if i + 1 < len(spans) and spans[i + 1].round.no != s.round.no:
            coming = ()
        out.append(((STOP,) if i < moving else ()) + (of_posture[i] or coming))
        if s.performance and s.movement_no == 0 and s.kind == "movement":
            coming = tuple(f"{s.performance.posture.title()}: {c}" for c in of_posture[i])
    return out[::-1]


def _of_postures(spans: Sequence[Span], forms: Forms) -> list[tuple[str, ...]]:
    """For every span the care of its posture; none where that has none, or was done before in its pass."""
    first: dict[tuple[int, str], tuple[int, int]] = {}
    out: list[tuple[str, ...]] = []
    for s in spans:
        if s.performance is None or not class_does(s.round.kind, s.round.facing):
            out.append(())
            continue
        posture = s.performance.posture
        here = (s.round.nth, s.performance.no)
        shown = first.setdefault((s.round.no, posture.id), here) == here
        out.append(care_of(posture, forms.get(s.round.form_id)) if shown else ())
    return out


def care_of(posture: Posture, form: Form | None) -> tuple[str, ...]:
    """What is to be taken care of in a posture: its cautions, and its gentler way (the usual one where it has none of its own) where
    that is due."""
    spared = form.who.limits().spared if form else frozenset()
    ways = [posture.gentler] if posture.gentler else [GENTLER[k] for k in posture.kinds if k in spared]
    told = map(or_gentler, ways) if gentler_is_due(posture, form) else ()
    return tuple(c.strip(" .") for c in (*cautions_due(posture), *told))
