"""The care that is shown where somebody is led through a form: in every pass in which the class does a posture, the first time,
whether or not anything is said."""

from __future__ import annotations

from collections.abc import Sequence

from kemvo.core.model.form import Form, Posture
from kemvo.core.model.session import Forms
from kemvo.core.review.findings import GENTLER
from kemvo.core.timing.opening_pause import cautions_due, class_does
from kemvo.core.timing.timeline import Span


def care_shown(spans: Sequence[Span], forms: Forms) -> list[tuple[str, ...]]:
    """For every span the cautions to be shown while it lasts; empty where its posture has none, or was done before in its pass."""
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
    """What is to be taken care of in a posture: its cautions, and its gentler version where the form is for a group that is spared
    what is in it."""
    spared = form.who.limits().spared if form else frozenset()
    wanted = set(posture.kinds) & spared or (spared and not posture.kinds)
    ways = [posture.gentler] if posture.gentler else [GENTLER[k] for k in posture.kinds if k in spared]
    told = [f"Or gentler: {way[:1].lower()}{way[1:]}" for way in ways if wanted]
    return tuple(c.strip(" .") for c in (*cautions_due(posture), *told))
