"""Fills a movement's fields from the facts of its line; corrections by hand."""

from __future__ import annotations

import re
from collections.abc import Mapping, Sequence
from typing import Any, Literal

from kemvo.core.facts import Fact
from kemvo.core.model.form import FILLED_IN, Correction, Form, Movement, MovementField, Posture
from kemvo.core.movement.body_state import Weight, alone, decided, left_pct, states_before
from kemvo.core.movement.fact_words import in_words
from kemvo.core.movement.interpretation import FactOrigin, SaidFact, line_facts
from kemvo.core.movement.readings import read, with_readings
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
    words tell no leg goes where the body's likeliest way goes (`body_state`), and one that they do not tell is as the movement before left it. Where that
    is another than in `before` (a weight was changed there, or movements were put in, taken out or moved), movements
    that only carried it on go along. All else stays as it is: a posture of the catalogue keeps its own weight until its
    words are changed."""
    form = with_readings(form, before)
    was = _would_carry(before or form)
    taken = {
        p.id or id(p): [filled(m).model_copy(update={"unread": False}) if m.unread else m for m in p.movements]
        for p in form.all_postures()
    }
    follows = {
        p.id or id(p): [
            t.origins.left_pct == "filled" and (m.unread or m.left_pct == was.get(m.id))
            for m, t in zip(p.movements, taken[p.id or id(p)], strict=True)
        ]
        for p in form.all_postures()
    }
    weights = _decided(form, taken, follows)
    sections = []
    for s in form.sections:
        postures = []
        for p in s.postures:
            key = p.id or id(p)
            movements = tuple(_weighed(taken[key], follows[key], weights[key]))
            same = all(a is b for a, b in zip(movements, p.movements, strict=True))
            postures.append(p if same else p.model_copy(update={"movements": movements}))
        sections.append(s.model_copy(update={"postures": tuple(postures)}))
    return form.model_copy(update={"sections": tuple(sections)})


Key = str | int


def _decided(
    form: Form, taken: Mapping[Key, Sequence[Movement]], follows: Mapping[Key, Sequence[bool]]
) -> dict[Key, Sequence[Weight]]:
    """The weights of every posture's movements. A variant begins as its posture does, and nothing goes on from it."""
    order = [p for p in form.all_postures() if not p.variant_of]
    movements = [m for p in order for m in taken[p.id or id(p)]]
    open_ = [f for p in order for f in follows[p.id or id(p)]]
    told = decided(movements, open_, form.opening_left_pct)
    out: dict[Key, Sequence[Weight]] = {}
    begins: dict[str, int] = {}
    at = 0
    for p in order:
        begins[p.id] = at
        out[p.id or id(p)] = told[at : at + len(p.movements)]
        at += len(p.movements)
    for p in form.all_postures():
        if p.variant_of:
            key = p.id or id(p)
            begin = begins.get(p.variant_of, 0)
            before = states_before(movements, open_, form.opening_left_pct, begin)
            opening = told[begin - 1].left_pct if begin else form.opening_left_pct
            out[key] = decided(taken[key], follows[key], opening, before)
    return out


def _would_carry(form: Form) -> dict[str, int]:
    """Of every movement but a posture's first, by id: the weight it has if only it is open, and all others are as they are."""
    order = [p for p in form.all_postures() if not p.variant_of]
    movements = [m for p in order for m in p.movements]
    firsts = {p.movements[0].id for p in form.all_postures() if p.movements}
    out = {
        m.id: w.left_pct
        for m, w in zip(movements, alone(movements, form.opening_left_pct), strict=True)
        if m.id and m.id not in firsts
    }
    begins = {p.id: i for i, p in enumerate(order)}
    for p in form.all_postures():
        if p.variant_of:
            ahead = [m for q in order[: begins.get(p.variant_of, 0)] for m in q.movements]
            told = alone([*ahead, *p.movements], form.opening_left_pct)[len(ahead) :]
            out |= {m.id: w.left_pct for m, w in zip(p.movements[1:], told[1:], strict=True) if m.id}
    return out


def carried(movements: Sequence[Movement], opening: int, open_: Sequence[bool] | None = None) -> list[Movement]:
    """The movements, of which the first begins with so much weight on the left leg (percent), with every weight that is open as words and
    body have it. `open_`: which are; None: those that are only filled in."""
    rows = [read(m) for m in movements]
    open_now = [m.origins.left_pct == "filled" for m in rows] if open_ is None else open_
    return _weighed(rows, open_now, decided(rows, open_now, opening))


def _weighed(movements: Sequence[Movement], open_: Sequence[bool], weights: Sequence[Weight]) -> list[Movement]:
    """The movements with what was decided in those that are open; what stays the same is the same object."""
    return [
        m.model_copy(update={"left_pct": w.left_pct}) if is_open and m.left_pct != w.left_pct else m
        for m, is_open, w in zip(movements, open_, weights, strict=True)
    ]


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
