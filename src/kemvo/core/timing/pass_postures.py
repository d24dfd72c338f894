"""The postures each pass covers: its title, its postures, and what is missing from the form."""

from __future__ import annotations

from kemvo.core.errors import KemvoError, Problem
from kemvo.core.model.form import Form, Posture
from kemvo.core.model.session import Forms, Pass, Session
from kemvo.core.model.to_fill import is_to_fill
from kemvo.core.model.variants import VARIANTS, as_needed, in_usual_ways, in_ways
from kemvo.core.tables.block_kinds import BLOCK_KINDS
from kemvo.core.types import VariantId


def pass_title(p: Pass, forms: Forms) -> str:
    """What a pass is called: its own title, or its form's and its part's."""
    if p.title:
        return p.title
    if not BLOCK_KINDS[p.kind].moves:
        return BLOCK_KINDS[p.kind].title
    form = forms.get(p.part.form_id)
    if form is None:
        return "A form that is missing"
    told = "" if p.kind == "follow" else f"{BLOCK_KINDS[p.kind].title}: "
    title = told + (form.title or "Untitled form")
    postures, whole = postures_of(p, forms), form.postures()
    if len(postures) == len(whole) or not postures:
        return title
    first, last = postures[0].title(), postures[-1].title()
    part = first if len(postures) == 1 else f"{first} – {last}"
    return f"{told}{part}" if told else f"{title}: {part}"


def form_of(p: Pass, forms: Forms) -> Form | None:
    """The form of a pass, in the ways in which the pass does it: those it names, else those that the form's people need."""
    form = forms.get(p.part.form_id)
    if form is None:
        return None
    if p.variant is None:
        return as_needed(form)
    return in_usual_ways(form) if p.variant == "usual" else in_ways(form, p.variant)


def done_otherwise(p: Pass, forms: Forms) -> str:
    """What of a pass is not done in the usual way, in words: "gentler: 7 Heron stands"; empty where all of it is."""
    found: dict[VariantId, list[str]] = {}
    for posture in postures_of(p, forms) if BLOCK_KINDS[p.kind].moves else ():
        if posture.variant:
            found.setdefault(posture.variant, []).append(" ".join(x for x in (posture.number, posture.title()) if x))
    return "; ".join(f"{VARIANTS[v].said}: {', '.join(names)}" for v, names in found.items())


def postures_of(p: Pass, forms: Forms) -> list[Posture]:
    """The postures a pass goes through. An end that is no longer in the form falls back to the form's own."""
    form = form_of(p, forms)
    if form is None:
        return []
    postures = form.postures()
    at = {posture.id: i for i, posture in enumerate(postures)}
    first = at.get(p.part.first, 0)
    last = at.get(p.part.last, len(postures) - 1)
    return postures[min(first, last) : max(first, last) + 1]


def require_a_form(session: Session, forms: Forms) -> None:
    """Raises KemvoError where a session goes over forms and none of them is there: nothing of it could be said."""
    over = [p for p in session.passes if not p.off and BLOCK_KINDS[p.kind].moves]
    if over and not any(p.part.form_id in forms for p in over):
        raise KemvoError(
            Problem(
                what="None of the forms this session goes over is here.",
                where=session.title,
                mend="Choose a form for its passes, or save the session again together with its forms.",
            )
        )


MANY = 4
"""How many postures without movements are named; the rest is counted."""


def missing_parts(session: Session, forms: Forms) -> list[Problem]:
    """What a session asks for that is not there: forms, or ends of parts that were taken out of a form."""
    problems = []
    for i, p in enumerate(session.passes):
        if p.off or not BLOCK_KINDS[p.kind].moves:
            continue
        where = f"pass {i + 1}"
        form = forms.get(p.part.form_id)
        if form is None:
            problems.append(
                Problem(
                    what="The form of this pass is missing.",
                    where=where,
                    mend="Choose another form.",
                    pointer=f"/passes/{i}/part/form_id",
                )
            )
            continue
        ids = {posture.id for posture in form.postures()}
        problems += [
            Problem(
                what=f"The posture this pass should {verb} is no longer in {form.title or 'the form'}; the form’s own {word} one is taken.",
                where=where,
                mend="Choose the part again.",
                pointer=f"/passes/{i}/part/{word}",
            )
            for verb, word, wished in (("begin with", "first", p.part.first), ("end with", "last", p.part.last))
            if wished and wished not in ids
        ]
        done = postures_of(p, forms)
        empty = [x.name or "a posture without a name" for x in done if is_to_fill(x)]
        if empty and len(empty) < len(done):
            few = ", ".join(empty[:MANY]) + (f" and {len(empty) - MANY} more" if len(empty) > MANY else "")
            problems.append(
                Problem(
                    what=f"To be filled, only the name is said so far: {few}.",
                    where=where,
                    mend="Add the movements on the form sheet, or take those that Kemvo knows.",
                )
            )
        if not any(posture.movements for posture in done):
            problems.append(
                Problem(
                    what="There is no movement in this pass yet.",
                    where=where,
                    mend="Add movements to its postures on the form sheet.",
                )
            )
    return problems
