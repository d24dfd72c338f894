"""Fills a movement's fields from the facts of its line; corrections by hand."""

from __future__ import annotations

import re
from collections.abc import Iterable, Mapping, Sequence
from copy import copy
from typing import Any, Literal

from kemvo.core.facts import Fact
from kemvo.core.model.form import FILLED_IN, Correction, Form, Movement, MovementField, Posture
from kemvo.core.movement.fact_words import in_words
from kemvo.core.movement.interpretation import FactOrigin, SaidFact, line_facts
from kemvo.core.movement.readings import read, with_readings
from kemvo.core.movement.receiving_leg import Legs, left_pct
from kemvo.core.types import Value


def fields_of(facts: Sequence[Fact]) -> dict[MovementField, Any]:
    """The fields of a movement that facts say, with their values."""
    said: dict[MovementField, Any] = {}
    for f in facts:
        if f.kind == "shift" and f.side:
            said["left_pct"] = left_pct(f, None)
        elif f.kind == "breath":
            said["breath"] = f.direction
        elif f.kind == "counts" and f.counts:
            said["counts"] = min(64.0, max(0.25, f.counts))
        elif f.kind == "hold" and f.ms is not None:
            said["hold_ms"] = min(f.ms, 30 * 60_000)
    sides = [f.side for f in facts if f.side in ("L", "R")]
    if sides:
        said["side"] = sides[0]
    return said


def _said_by(m: Movement) -> dict[MovementField, Any]:
    return fields_of([s.fact for s in line_facts(read(m))])


def open_to_reading(m: Movement, field: MovementField) -> bool:
    """Whether a field takes what the words say: it was read or filled in before, and not set by hand or given."""
    return getattr(m.origins, field) in ("read", "filled")


HANDS_GO_ON = re.compile(
    r"\b(?:hands?|arms?|palms?)\s+(?:still\s+|then\s+|just\s+)*(?:(?:go|goes|carry|carries|keep|keeps)\s+on\b|keeps?\s+(?:going|moving)\b"
    r"|arrives?\s+(?:only\s+)?(?:with|on|at)\s+(?:the\s+)?(?:second|next|other)\b)",
    re.IGNORECASE,
)
""" "…and the hands arrive with the second step": what the hands do goes on over the end of the movement."""


def filled(m: Movement, facts: Sequence[Fact] | None = None, over: bool = False) -> Movement:
    """The movement with what its words say in those fields that are open to it; with `over`, in all of them.

    `facts`: what its line says, if that is at hand. What the words do not say stays.
    """
    m = m.model_copy(update={"hands_on": True}) if not m.hands_on and HANDS_GO_ON.search(m.line) else m
    fields = _said_by(m) if facts is None else fields_of(facts)
    said = {k: v for k, v in fields.items() if over or open_to_reading(m, k)}
    if not said:
        return m
    origins = m.origins.model_copy(update=dict.fromkeys(map(str, said), "read"))
    return m.model_copy(update={**{str(k): v for k, v in said.items()}, "origins": origins})


def filled_in(p: Posture) -> Posture:
    """A posture whose movements' values count as filled in: words typed over them may change them."""
    return p.model_copy(update={"movements": tuple(m.model_copy(update={"origins": FILLED_IN}) for m in p.movements)})


def with_typed_read(form: Form, before: Form | None = None) -> Form:
    """The form in which every line that was typed has been read into the fields that are open to it. A weight of which its
    words tell no leg goes where `receiving_leg` says, and one that they do not tell is as the movement before left it. Where that
    is another than in `before` (a weight was changed there, or movements were put in, taken out or moved), movements
    that only carried it on go along. All else stays as it is: a posture of the catalogue keeps its own weight until its
    words are changed."""
    form = with_readings(form, before)
    was = _would_carry(before or form)
    legs, begun = Legs(form.opening_left_pct), _Begun()
    sections = []
    for s in form.sections:
        postures = []
        for p in s.postures:
            movements = _typed_read(p.movements, begun.at(p, legs), was)
            same = all(a is b for a, b in zip(movements, p.movements, strict=True))
            postures.append(p if same else p.model_copy(update={"movements": movements}))
        sections.append(s.model_copy(update={"postures": tuple(postures)}))
    return form.model_copy(update={"sections": tuple(sections)})


def _would_carry(form: Form) -> dict[str, int]:
    """Of every movement but a posture's first, by id: the weight it has if it only carries on what is before it."""
    out: dict[str, int] = {}
    legs, begun = Legs(form.opening_left_pct), _Begun()
    for p in form.all_postures():
        at = begun.at(p, legs)
        for i, m in enumerate(p.movements):
            carries = at.after(line_facts(m))
            if i and m.id:
                out[m.id] = carries
            at.left = m.left_pct
    return out


class _Begun:
    """Where the weight is as every posture begins: a variant begins as its posture does, and nothing goes on from it."""

    def __init__(self) -> None:
        self._known: dict[str, Legs] = {}

    def at(self, p: Posture, legs: Legs) -> Legs:
        """The legs with which a posture is gone through; `legs` are those of the form so far."""
        if p.variant_of:
            return copy(self._known.get(p.variant_of, legs))
        self._known[p.id] = copy(legs)
        return legs


def _typed_read(movements: Sequence[Movement], legs: Legs, was: Mapping[str, int]) -> tuple[Movement, ...]:
    """The movements of a posture that begins with the weight on these legs. `was`: what they would have carried on."""
    out: list[Movement] = []
    for m in movements:
        taken = filled(m).model_copy(update={"unread": False}) if m.unread else m
        carries = legs.after(line_facts(m))
        follows = m.unread or m.left_pct == was.get(m.id)
        if follows and taken.origins.left_pct == "filled" and taken.left_pct != carries:
            taken = taken.model_copy(update={"left_pct": carries})
        legs.left = taken.left_pct
        out.append(taken)
    return tuple(out)


def carried(movements: Iterable[Movement], legs: Legs) -> tuple[Movement, ...]:
    """The movements, of which the first begins with the weight on these legs, with every weight that is only filled in as
    its words have it, or as the movement before left it."""
    out = []
    for m in movements:
        now = legs.after(line_facts(read(m)))
        if m.origins.left_pct == "filled":
            m = m.model_copy(update={"left_pct": now})
        legs.left = m.left_pct
        out.append(m)
    return tuple(out)


SignChange = Literal["side", "direction", "touch", "size", "toes", "on", "to", "part", "gone", "read"]
"""What of a reading is put right: a field that goes to its next value; its words mean nothing; it counts again as it was read."""


class Sign(Value):
    """A fact as it is shown: its kind, its words, the letters of the line it was read from, where it comes
    from, and the choices that correct it, each with its words."""

    kind: str
    words: str
    start: int
    end: int
    origin: FactOrigin
    choices: tuple[tuple[SignChange, str], ...]


CHOICES: dict[str, tuple[tuple[SignChange, tuple[str | None, ...]], ...]] = {
    "step": (
        ("side", ("L", "R", "both")),
        ("direction", ("forward", "back", "out", "in", "corner", "side", "half", "behind", "up", "down", "circle", None)),
        ("touch", ("heel", "toe", "ball", None)),
        ("size", ("small", "long", None)),
    ),
    "lift": (("side", ("L", "R", "both")),),
    "pivot": (("side", ("L", "R", "both")), ("toes", ("in", "out", None)), ("on", ("heel", "ball", None))),
    "shift": (("side", ("L", "R", "both")),),
    "turn": (("to", ("left", "right", "corner", "front", "back", "around")),),
    "kick": (("side", ("L", "R")), ("part", ("heel", "toe", "sole", None))),
    "breath": (("direction", ("in", "out")),),
}  # fmt: skip
"""What of a fact can be corrected by going through its values."""


def signs(m: Movement) -> list[Sign]:
    """What is read from a movement's line, ready to be shown and corrected."""
    return [_sign(s) for s in line_facts(read(m))]


def _sign(s: SaidFact) -> Sign:
    f = s.fact
    choices: list[tuple[SignChange, str]] = []
    for field, values in CHOICES.get(f.kind, ()):
        at = values.index(v) if (v := getattr(f, field)) in values else -1
        changed = f.model_copy(update={field: values[(at + 1) % len(values)]})
        choices.append((field, in_words(changed)))
    return Sign(
        kind=f.kind,
        words=in_words(f),
        start=f.start,
        end=f.end,
        origin=s.origin,
        choices=(*choices, ("gone", "nothing")),
    )


def corrected(m: Movement, no: int, what: SignChange) -> Movement:
    """The movement whose `no`-th fact of its line is put right: `what` names the field that goes to its next value,
    "gone" that the words mean nothing, "read" that the reading counts again. Corrections stay with the words.

    Raises IndexError when there is no such fact.
    """
    m = read(m)
    facts = line_facts(m)
    fact = facts[no].fact
    words = m.line[fact.start : fact.end]
    here = [s.fact for s in facts if s.fact.start >= fact.start and s.fact.end <= fact.end]
    others = tuple(c for c in m.corrections if c.words != words)
    if what == "read":
        return filled(m.model_copy(update={"corrections": others}))
    if what == "gone":
        new: list[Fact] = [f for f in here if f is not fact]
    else:
        values = dict(CHOICES[fact.kind])[what]
        now = getattr(fact, what)
        following = values[(values.index(now) + 1) % len(values)] if now in values else values[0]
        new = [f.model_copy(update={what: following, "guessed": False}) if f is fact else f for f in here]
    placed = tuple(f.model_copy(update={"start": f.start - fact.start, "end": f.end - fact.start}) for f in new)
    changed = [f for f in new if all(f is not h for h in here)]
    reads = [k for k in fields_of(changed) if getattr(m.origins, k) != "hand"]
    origins = m.origins.model_copy(update=dict.fromkeys(map(str, reads), "read"))
    corrections = (*others, Correction(words=words, facts=placed))
    return filled(m.model_copy(update={"corrections": corrections, "origins": origins}))
