"""What is practised alone at home: the gentler ways unless others are named, and how much room it needs."""

from __future__ import annotations

from kemvo.core.floor.footprint import Needed, in_a_sentence, needed, space
from kemvo.core.floor.walker import trace
from kemvo.core.model.session import Forms, Session
from kemvo.core.model.variants import variants_by_kind
from kemvo.core.practice.pipeline import Practice
from kemvo.core.timing.timeline import by_pass


def has_gentler_ways(session: Session, forms: Forms) -> bool:
    """Whether a pass that names no ways of its own goes over a form that has gentler ones."""
    free = {p.part.form_id for p in session.passes if p.variant is None and not p.off}
    return any("gentler" in variants_by_kind(forms[f]) for f in free if f in forms)


def in_gentler_ways(session: Session) -> Session:
    """A session in the gentler ways, where its passes name no others."""
    passes = (p.model_copy(update={"variant": "gentler"}) if p.variant is None else p for p in session.passes)
    return session.model_copy(update={"passes": tuple(passes)})


def room_words(practice: Practice) -> str:
    """How much room a practice needs around its start, in a sentence; empty where nobody moves."""
    found = []
    for spans in by_pass(practice.timeline.spans).values():
        once = [s for s in spans if s.round.nth == 1]
        form = practice.forms.get(once[0].round.form_id)
        if form and any(s.kind == "movement" for s in once):
            found.append(needed(space(trace(form, once))))
    return in_a_sentence(Needed(*(max(side) for side in zip(*found, strict=True)))) if found else ""
