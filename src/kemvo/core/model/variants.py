"""Other ways of doing a posture: a gentler one, another footwork. A form is done in its usual ways unless a pass takes others.

A variant is a posture of its own that names the one it can be done in the place of (`Posture.variant_of`); it stands right after it and
is no part of the form's order.
"""

from __future__ import annotations

from collections.abc import Callable, Collection
from typing import NamedTuple

from kemvo.core.model.form import Form, Posture
from kemvo.core.types import Care, VariantId


class VariantRow(NamedTuple):
    """A kind of variant: what it is called, and in a sentence ("7 Heron stands, gentler")."""

    id: VariantId
    title: str
    said: str


VARIANTS: dict[VariantId, VariantRow] = {
    row.id: row
    for row in (
        VariantRow("gentler", "Gentler way", "gentler"),
        VariantRow("footwork", "Other footwork", "with other footwork"),
        VariantRow("other", "Another way", "another way"),
    )
}


def variants_of(form: Form) -> dict[str, list[Posture]]:
    """The variants of every posture that has some, by its id."""
    found: dict[str, list[Posture]] = {}
    for p in form.all_postures():
        if p.variant_of:
            found.setdefault(p.variant_of, []).append(p)
    return found


def variants_by_kind(form: Form) -> dict[VariantId, list[Posture]]:
    """The variants of a form by their kind; of several of one kind for one posture, the first counts."""
    found: dict[VariantId, list[Posture]] = {}
    for of in variants_of(form).values():
        for kind in VARIANTS:
            found.setdefault(kind, []).extend([v for v in of if v.variant == kind][:1])
    return {kind: postures for kind, postures in found.items() if postures}


def done_as(usual: Posture, variant: Posture) -> Posture:
    """A posture done in another way: its id, name and place are its own, its movements and what wants care in them the variant's."""
    return usual.model_copy(
        update={
            "movements": variant.movements,
            "kinds": variant.kinds,
            "gentler": variant.gentler,
            "cautions": variant.cautions or usual.cautions,
            "variant": variant.variant,
        }
    )


def with_ways(form: Form, takes: Callable[[Posture, list[Posture]], Posture | None]) -> Form:
    """The form without variants, in which every posture that has some is done as `takes` chooses (None: as usual)."""
    of = variants_of(form)
    if not of:
        return form

    def done(p: Posture) -> Posture:
        chosen = takes(p, of[p.id]) if p.id in of else None
        return done_as(p, chosen) if chosen else p

    sections = tuple(
        s.model_copy(update={"postures": tuple(done(p) for p in s.postures if not p.variant_of)}) for s in form.sections
    )
    return form.model_copy(update={"sections": sections})


def in_usual_ways(form: Form) -> Form:
    """The form without its variants."""
    return with_ways(form, lambda _, __: None)


def in_ways(form: Form, variant: VariantId) -> Form:
    """The form with every posture done in its variant of a kind, where it has one."""
    return with_ways(form, lambda _, of: next((v for v in of if v.variant == variant), None))


def as_needed(form: Form) -> Form:
    """The form as those it is meant for do it: in the gentler way where a posture has something that they are spared, in the usual
    ways else."""
    spared = form.who.limits().spared
    asks = form.who.group != "everyone" or bool(form.who.also)

    def takes(p: Posture, of: list[Posture]) -> Posture | None:
        wanted = bool(set(p.kinds) & spared) or (asks and not p.kinds)
        return next((v for v in of if v.variant == "gentler"), None) if wanted else None

    return with_ways(form, takes)


CARE_SAID: dict[Care, str] = {
    "kick": "kick",
    "jump": "jump",
    "low": "low stance",
    "one-leg": "standing on one leg",
    "bend": "bending forward",
    "twist": "twisting",
    "high-arms": "arms above the shoulders",
    "partner": "partner work",
}


def difference(usual: Posture, variant: Posture, without: Collection[Care] = ()) -> str:
    """What differs between a posture and a variant of it, in words. `without`: what wants care in the one and is not in the other."""
    said = []
    a, b = len(usual.movements), len(variant.movements)
    if a != b:
        said.append(f"{b} movement{'s' * (b != 1)} instead of {a}")
    x, y = (sum(m.counts for m in p.movements) for p in (usual, variant))
    if x != y:
        said.append(f"{y:g} counts instead of {x:g}")
    if without:
        said.append(f"without {' and '.join(CARE_SAID[c] for c in CARE_SAID if c in without)}")
    words = {m.line.casefold().strip() for m in usual.movements}
    changed = sum(m.line.casefold().strip() not in words for m in variant.movements)
    if changed and a == b:
        said.append(f"{changed} movement{'s' * (changed != 1)} done otherwise")
    return ", ".join(said) or "the same movements"
