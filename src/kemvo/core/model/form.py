"""A form: the score. Sections hold postures, postures hold movements.

Only what an instructor decides is stored here; durations, curves, totals and cues are derived from it.
"""

from __future__ import annotations

from collections.abc import Callable, Iterator, Sequence
from hashlib import blake2b
from typing import Annotated, Any, Literal

from pydantic import Field, ValidationError

from kemvo.core.errors import from_validation
from kemvo.core.facts import Fact
from kemvo.core.language.sides import first_side
from kemvo.core.model.within import Within
from kemvo.core.tables.groups import Who
from kemvo.core.tables.rooms import Room, Spot
from kemvo.core.tables.schools import Manner
from kemvo.core.types import (
    DEFAULT_TEMPO,
    EVEN,
    SIDE_WORD,
    Breath,
    Care,
    Counts,
    Degrees,
    Front,
    Id,
    LeftPct,
    Line,
    NoControls,
    Notes,
    OneLine,
    Origin,
    Side,
    StanceId,
    StillMs,
    Tags,
    Tempo,
    Title,
    Value,
    VariantId,
)

MovementField = Literal["counts", "hold_ms", "left_pct", "breath", "side"]
"""What a movement holds that can also be read from its words."""


MOST_MOVEMENTS, MOST_POSTURES, MOST_SECTIONS = 400, 400, 100
"""The most movements of a posture, postures of a section, sections of a form."""


class Wordings(Value):
    """An instructor's own words for a cue, longest to shortest. Empty ones are composed by Kemvo."""

    full: Line = ""
    short: Line = ""
    keyword: Line = ""


class Origins(Value):
    """Where each of those values comes from; None: it was given as it is."""

    counts: Origin | None = None
    hold_ms: Origin | None = None
    left_pct: Origin | None = None
    breath: Origin | None = None
    side: Origin | None = None


FILLED_IN = Origins(counts="filled", hold_ms="filled", left_pct="filled", breath="filled", side="filled")


class Correction(Value):
    """What certain words of a line mean, as the instructor put it right. No facts: they mean nothing.

    The facts' places count within `words`. A correction holds wherever the line has these words, and lapses with
    them.
    """

    words: Annotated[str, Field(min_length=1, max_length=500), NoControls]
    facts: Annotated[tuple[Fact, ...], Field(max_length=20)] = ()


class Readings(Value):
    """What a movement's words were read as, once: the facts of its line and of its foot notes, each with the letters it
    was read from. `words`: which words these are (`words_key`); readings of other words do not count. `reader`: the
    version of the reader that read them.
    """

    words: Annotated[str, Field(max_length=40), OneLine] = ""
    reader: Annotated[int, Field(ge=0, le=10_000)] = 0
    line: Annotated[tuple[Fact, ...], Field(max_length=400)] = ()
    foot: Annotated[tuple[Fact, ...], Field(max_length=400)] = ()

    def __hash__(self) -> int:
        return hash(self.words)


def words_key(line: str, foot: str) -> str:
    """A short key that tells the words of a movement from others."""
    return blake2b(f"{line}\0{foot}".encode(), digest_size=8).hexdigest()


class Movement(Value):
    """One thing the legs do, with what waist and hands do meanwhile.

    `counts`: how long. `hold_ms`: a still time after it, untouched by tempo. `left_pct`: the share of
    weight on the left leg when it ends. `breath`: in, out or free. `side`: the side it speaks of, if any.
    `line`: the whole in the instructor's words. `foot`: what the feet do, in words; empty: as the line says.
    `stance`: the stance reached; None: as the words say. `facing`: which way the body faces at its end, in degrees
    from the form's front; None: as the words say. `gaze`: where the eyes go, in words. `hands_on`: the hands go on over its end and
    arrive with the next movement. `corrections`: readings of
    the line put right by hand. `origins`: where a field's value comes from; a field without one was given as it is.
    `unread`: the line was typed, and its fields have not yet taken what it says. `read`: what its words were read as;
    None: they have not been read yet.
    """

    id: Id = ""
    line: Line = ""
    counts: Counts = 2.0
    hold_ms: StillMs = 0
    left_pct: LeftPct = EVEN
    breath: Breath = "free"
    side: Side | None = None
    foot: Line = ""
    stance: StanceId | None = None
    facing: Degrees | None = None
    gaze: Line = ""
    hands_on: bool = False
    cues: Wordings = Wordings()
    corrections: Annotated[tuple[Correction, ...], Field(max_length=50)] = ()
    origins: Origins = Origins()
    unread: bool = False
    read: Readings | None = None

    def is_read(self) -> bool:
        """Whether the readings it has are those of its present words."""
        if self.read is None:
            return not (self.line or self.foot)
        return self.read.words == words_key(self.line, self.foot)

    def reworded(
        self, line: str, facts: Sequence[Fact] = (), foot: str = "", of_foot: Sequence[Fact] = (), **more: Any
    ) -> Movement:
        """The movement in other words whose facts are known, because they follow from those it had. `more`: other fields
        to set."""
        read = Readings(
            words=words_key(line, foot),
            reader=self.read.reader if self.read else 0,
            line=tuple(facts),
            foot=tuple(of_foot),
        )
        return self.model_copy(update={"line": line, "foot": foot, "read": read if line or foot else None, **more})


class Posture(Value):
    """A named posture. `number` is the instructor's own label ("7", "7b"), `repeats` how often it is
    done in a row, `alternate` whether every second time is the other side. `kinds`: what in it wants care.
    `gentler`: how it is done by those who need it gentler, in words. `variant_of`: the posture it can be done in the place of, in
    another way (`variant`); such a posture is no part of the form's order (`model/variants.py`). `filled_as`: what the catalogue put
    into it, as a short key (`model/to_fill.py`); empty: the instructor wrote it."""

    id: Id = ""
    name: Title = ""
    aliases: tuple[Title, ...] = ()
    number: Annotated[str, Field(max_length=12), OneLine] = ""
    side: Side | None = None
    repeats: Annotated[int, Field(ge=1, le=99)] = 1
    alternate: bool = False
    movements: Annotated[tuple[Movement, ...], Field(max_length=MOST_MOVEMENTS)] = ()
    kinds: tuple[Care, ...] = ()
    gentler: Line = ""
    cautions: tuple[Line, ...] = ()
    variant_of: Id = ""
    variant: VariantId | Literal[""] = ""
    filled_as: Annotated[str, Field(max_length=40), OneLine] = ""

    def called(self) -> str:
        """How it is called when it begins: with its number, if it has one."""
        return f"Number {self.number}. {self.title()}" if self.number.strip() else self.title()

    def title(self) -> str:
        """The name with its side: "Part the reeds, left"."""
        name = self.name or "Unnamed posture"
        return f"{name}, {SIDE_WORD[self.side]}" if self.side and first_side(name) != self.side else name


class Section(Value):
    """A part of a form that is taught and repeated together."""

    id: Id = ""
    title: Title = ""
    postures: Annotated[tuple[Posture, ...], Field(max_length=MOST_POSTURES)] = ()


class Phrase(Value):
    """Words that are said otherwise wherever they come in the form: the school's terms."""

    words: Annotated[str, Field(min_length=1, max_length=200), OneLine]
    instead: Annotated[str, Field(max_length=200), OneLine]


class Form(Value):
    """A fixed sequence of postures in sections.

    `tempo` is in counts per minute. `opening_left_pct` is the weight in the opening stance. `lead_ms`: a still time before the first
    movement, untouched by tempo.
    `school` and `notes` are the instructor's own words. `front`: what its front is on the
    compass. `within`: where it stands in a longer form. `manner`: how its school places feet and weight. `who`: for
    whom it is meant. `room`: where it is practised, `start`: where in it, if that
    is settled. `phrases`: words that are said otherwise; `pronunciations`: words the voice says as if they were spelt
    otherwise. `set_aside`: findings of the read-through that are meant to be so. `tags`: words to find it by.
    """

    title: Title = ""
    school: Title = ""
    notes: Notes = ""
    tempo: Tempo = DEFAULT_TEMPO
    opening_left_pct: LeftPct = EVEN
    lead_ms: StillMs = 0
    front: Front = "north"
    within: Within | None = None
    manner: Manner = Manner()
    who: Who = Who()
    room: Room | None = None
    start: Spot | None = None
    phrases: Annotated[tuple[Phrase, ...], Field(max_length=500)] = ()
    pronunciations: Annotated[tuple[Phrase, ...], Field(max_length=500)] = ()
    set_aside: Annotated[tuple[Annotated[str, Field(max_length=200)], ...], Field(max_length=2000)] = ()
    tags: Tags = ()
    sections: Annotated[tuple[Section, ...], Field(max_length=MOST_SECTIONS)] = ()

    def postures(self) -> list[Posture]:
        """The postures in the order they are done, in their usual ways."""
        return [p for s in self.sections for p in s.postures if not p.variant_of]

    def ids(self) -> list[str]:
        """The ids of the postures in the order they are done."""
        return [p.id for p in self.postures()]

    def all_postures(self) -> list[Posture]:
        """All postures as they stand, their variants as well."""
        return [p for s in self.sections for p in s.postures]


def read_form(data: object, root: str = "") -> Form:
    """A form from plain data, with ids filled in.

    Raises KemvoError whose problems name the section, posture and movement.
    """
    try:
        return with_ids(Form.model_validate(data))
    except ValidationError as error:
        raise from_validation(error, data, root) from None


def with_ids(form: Form) -> Form:
    """A form in which every section, posture and movement has an id of its own.

    Ids that are there and not yet used stay; others become the first free "s1", "p1", "m1".
    """
    new_section, new_posture, new_movement = (_id_giver(form, kind) for kind in "spm")
    sections = []
    for s in form.sections:
        section_id = new_section(s.id)
        postures = []
        for p in s.postures:
            posture_id = new_posture(p.id)
            movements = tuple(_kept(m, new_movement(m.id)) for m in p.movements)
            same = posture_id == p.id and all(a is b for a, b in zip(movements, p.movements, strict=True))
            postures.append(p if same else p.model_copy(update={"id": posture_id, "movements": movements}))
        same = section_id == s.id and all(a is b for a, b in zip(postures, s.postures, strict=True))
        sections.append(s if same else s.model_copy(update={"id": section_id, "postures": tuple(postures)}))
    return beside_their_usual(form.model_copy(update={"sections": tuple(sections)}))


def beside_their_usual(form: Form) -> Form:
    """The form with every variant right after its posture; one whose posture is not there any more is a posture of the form."""
    ids = {p.id for s in form.sections for p in s.postures if not p.variant_of}
    if all(not p.variant_of for s in form.sections for p in s.postures):
        return form
    of: dict[str, list[Posture]] = {}
    sections = []
    for s in form.sections:
        kept = []
        for p in s.postures:
            if p.variant_of in ids:
                of.setdefault(p.variant_of, []).append(p)
            else:
                kept.append(p.model_copy(update={"variant_of": "", "variant": ""}) if p.variant_of else p)
        sections.append((s, kept))
    made = []
    for s, kept in sections:
        postures = tuple(x for p in kept for x in (p, *of.get(p.id, ())))
        made.append(s if _alike(postures, s.postures) else s.model_copy(update={"postures": postures}))
    return form if _alike(tuple(made), form.sections) else form.model_copy(update={"sections": tuple(made)})


def _alike(a: tuple[object, ...], b: tuple[object, ...]) -> bool:
    return len(a) == len(b) and all(x is y for x, y in zip(a, b, strict=True))


def _kept(movement: Movement, new_id: str) -> Movement:
    return movement if movement.id == new_id else movement.model_copy(update={"id": new_id})


def _ids(form: Form, kind: str) -> Iterator[str]:
    for s in form.sections:
        if kind == "s":
            yield s.id
            continue
        for p in s.postures:
            if kind == "p":
                yield p.id
                continue
            for m in p.movements:
                yield m.id


def _id_giver(form: Form, kind: str) -> Callable[[str], str]:
    """A function that takes a wished id and gives it, or the first free one of that kind."""
    wished = set(_ids(form, kind))
    given: set[str] = set()
    n = 0

    def give(wish: str) -> str:
        nonlocal n
        if wish and wish not in given:
            given.add(wish)
            return wish
        while True:
            n += 1
            new = f"{kind}{n}"
            if new not in wished and new not in given:
                given.add(new)
                return new

    return give
