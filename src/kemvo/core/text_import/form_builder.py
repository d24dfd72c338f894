"""The form builder: grows a form line by line, and fills the gaps at the end."""

from __future__ import annotations

import re
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field
from itertools import islice
from typing import TypeVar, get_args

from kemvo.core.errors import KemvoError, Problem
from kemvo.core.facts import Fact
from kemvo.core.language.sides import mirror_text
from kemvo.core.model.catalogue import Known
from kemvo.core.model.form import (
    FILLED_IN,
    MOST_MOVEMENTS,
    MOST_POSTURES,
    MOST_SECTIONS,
    Form,
    Movement,
    Posture,
    Section,
)
from kemvo.core.model.mirror import mirror_posture
from kemvo.core.model.within import Within
from kemvo.core.movement.fields import carried, filled_in
from kemvo.core.movement.interpretation import FEET, line_facts, said
from kemvo.core.movement.readings import finished, read
from kemvo.core.tables.schools import Manner
from kemvo.core.tables.stances import OPENING_STANCE, stance_in
from kemvo.core.text_import.lasting import as_long, bounded, held, lasting
from kemvo.core.text_import.one_line.as_before import Reference
from kemvo.core.text_import.one_line.labels import number_of
from kemvo.core.text_import.one_line.posture_lines import MOST_TIMES, NO_NAME, NameLine, name_line
from kemvo.core.types import EVEN, Front


@dataclass
class DraftPosture:
    """A posture with the movements that the text tells of it. `counts`: how many it lasts, where only that is said. `again`:
    the one it is done as, where that is said, and whether on its other side. `timed`: the counts until the next words, where the text
    has times; they count where no movement is told. `closed`: its end was said. `hold_ms`: how
    long its last movement is held, where its name's line says so. `gentler_told`: gentler and other ways that the text tells."""

    posture: Posture
    movements: list[Movement] = field(default_factory=list)
    counts: float | None = None
    again: tuple[DraftPosture, bool] | None = None
    other: bool = False
    timed: float | None = None
    closed: bool = False
    hold_ms: int | None = None
    gentler_told: str = ""

    def whole(self) -> Posture:
        """The posture with its movements."""
        return self.posture.model_copy(update={"movements": tuple(self.movements)})


@dataclass
class DraftSection:
    """A section. `loose`: its title stands over it as the name of a posture might, too."""

    title: str
    loose: bool = False
    postures: list[DraftPosture] = field(default_factory=list)

    def is_posture(self) -> bool:
        """Whether all it has is one posture without a name."""
        return self.loose and len(self.postures) == 1 and not self.postures[0].posture.name


class FormBuilder:
    """The form as it grows."""

    def __init__(self) -> None:
        self.parts: list[DraftSection] = []
        self.title = ""
        self.front: Front = "north"
        self.within: Within | None = None
        self.notes: list[str] = []
        self.titles_name = False
        """Whether titles that could be a section's are known to name postures."""
        self.names_end = False
        """Whether a name was said after its movements already."""
        self.numbers_count = False
        """Whether numbers alone in brackets are counts."""
        self.told_by_place = False
        """Whether numbers, headings or indents of the text say what its postures are."""

    def section(self, title: str, loose: bool = False) -> None:
        """Begin a section."""
        self.parts.append(DraftSection(title[:200], loose))

    def postures(self) -> list[Posture]:
        """All postures so far, in order."""
        return [t.posture for part in self.parts for t in part.postures]

    def last(self) -> DraftPosture | None:
        """The posture that is being told, if one is."""
        return self.parts[-1].postures[-1] if self.parts and self.parts[-1].postures else None

    def posture(self, posture: Posture, said: NameLine = NO_NAME) -> None:
        """Begin a posture. `said`: what its line says besides: how long it lasts, and whether it is the other side of one before."""
        if not self.parts:
            self.section("")
        self.parts[-1].postures.append(
            DraftPosture(posture, counts=said.counts, other=said.other, hold_ms=said.hold_ms)
        )

    def timed(self, counts: float | None, begun: Sequence[Posture]) -> None:
        """Say how many counts there are until the next words, for the postures that these begin."""
        told = [t for part in self.parts for t in part.postures][-len(begun) :] if begun and counts else []
        for t in told:
            t.timed = (counts or 0) / len(told) / t.posture.repeats

    def name_last(self, posture: Posture) -> bool:
        """Give the posture that is being told its name, where it has none. False where it has one."""
        last = self.last()
        if last is None or last.posture.name or not last.movements:
            return False
        self.names_end = True
        last.posture, last.closed = posture.model_copy(update={"movements": ()}), True
        return True

    def begin(self, posture: Posture, sided: bool) -> None:
        """Begin a posture that a line names while it tells a movement, unless it is the one being told. `sided`: the line
        says on which side."""
        last = self.last()
        if last is None or last.posture.id != posture.id or (sided and last.posture.side != posture.side):
            self.posture(posture)

    def movement(self, movement: Movement) -> None:
        """Add a movement to the posture that is being told."""
        last = self.last()
        if last is None or last.closed:
            self.posture(Posture())
        self.parts[-1].postures[-1].movements.append(movement)

    def caution(self, words: str) -> bool:
        """Put a caution to the posture that is being told. False when there is none yet."""
        last = self.last()
        if last is None:
            return False
        cautions = last.posture.cautions
        if words not in cautions:
            last.posture = last.posture.model_copy(update={"cautions": (*cautions, words)})
        return True

    def gentler(self, words: str) -> bool:
        """Put a gentler or another way to the posture that is being told; the text's own goes before the catalogue's. False when there
        is none yet."""
        last = self.last()
        if last is None:
            return False
        told = f"{last.gentler_told.rstrip('. ')}. {words}" if last.gentler_told else words
        last.gentler_told = told[:2000]
        last.posture = last.posture.model_copy(update={"gentler": last.gentler_told})
        return True

    def lasts(self, counts: float) -> bool:
        """Say how many counts the posture lasts that was only named so far. False when there is none."""
        last = self.last()
        if last is None or last.movements or not last.posture.name:
            return False
        last.counts = counts
        return True

    def last_lasts(self, counts: float, words: str) -> bool:
        """Say how many counts the last movement lasts, and add the words that say so. False when there is none."""
        last = self.last()
        if last is None or not last.movements:
            return False
        m = last.movements[-1]
        origins = m.origins.model_copy(update={"counts": "read"})
        line = f"{m.line} {words}"[:2000]
        last.movements[-1] = m.model_copy(update={"counts": counts, "line": line, "origins": origins})
        return True

    def repeated(self, times: int) -> bool:
        """Say how often the posture is done that is being told. False when there is none, or it is told already."""
        last = self.last()
        if last is None or last.posture.repeats > 1 or not 1 < times <= MOST_TIMES:
            return False
        last.posture = last.posture.model_copy(update={"repeats": times})
        return True

    def knows(self, name: str) -> bool:
        """Whether the text has told a posture of this name, or what may be one."""
        titles = [name_line(part.title).name for part in self.parts if part.loose]
        return name.lower() in (n.lower() for n in (*titles, *(p.name for p in self.postures())) if n)

    def counts_on(self, number: str) -> bool:
        """Whether a number goes on from the one of the posture that is being told, which has movements without numbers."""
        last = self.last()
        before = last.posture.number if last and last.movements else ""
        return bool(number_of(before)) and number_of(number) == number_of(before) + 1

    def know_titles(self) -> None:
        """Know that titles name postures: those of the sections that have one unnamed posture do, and all that come."""
        self.titles_name = True
        parts: list[DraftSection] = []
        for part in self.parts:
            if not part.is_posture():
                parts.append(part)
                continue
            if not parts:
                parts.append(DraftSection(""))
            told = part.postures[0]
            said = name_line(part.title)
            named = {"name": said.name, "number": said.number, "side": said.side, "repeats": said.times}
            told.posture = told.posture.model_copy(update=named)
            told.counts = told.counts or said.counts
            parts[-1].postures.append(told)
        self.parts = parts

    def again(self, said: Reference, number: str = "") -> bool:
        """What a line refers back to once more: the posture before, or those that it names; on the other side, on a named one, or as it
        was. `number`: the one that stands before it. False when there is none."""
        last = self.last()
        if said.first or said.name:
            return self._as_referred(said, last, number)
        if last is None or not last.posture.name:
            before = [t for p in self.parts for t in p.postures if said.to and t.posture.side == said.to]
            if last is None or not last.movements or not before:
                return False
            self._once_more(before[-1], said, number)  # after some that have no name yet: "and once more to the left"
            return True
        if not last.movements and last.again is None and self._told_before(last):
            last.other = last.other or said.other
            return True  # "Heron wades, right: the same on the other side"
        if said.other and last.posture.alternate and last.posture.repeats % 2 == 0:
            return True  # its name says already that it is done on both sides
        self._once_more(last, said, number)
        return True

    def _as_referred(self, said: Reference, last: DraftPosture | None, number: str) -> bool:
        """The postures of numbers or of a name once more; under a name that has no movements, what its movements are. False where there
        are none."""
        before = [t for t in self._referred(said) if number or t is not last]
        untold = last is not None and last.posture.name and not last.movements and last.again is None
        if (
            last and untold and len(before) == 1 and not number
        ):  # "11. Heron wades, right", and then "Same as 9, on the other side"
            last.again = (before[0], said.turns(before[0].posture.side, last.posture.side))
            return True
        for t in before:
            self._once_more(t, said, number if len(before) == 1 else "")
        return bool(before)

    def _once_more(self, before: DraftPosture, said: Reference, number: str) -> None:
        posture = before.posture
        turned = said.turns(posture.side)
        once = {"repeats": 1, "alternate": False} if turned and posture.alternate else {}
        new = posture.model_copy(update={"number": number, **once})
        self.parts[-1].postures.append(
            DraftPosture(
                mirror_posture(new) if turned else new, again=(before, turned), counts=before.counts, timed=before.timed
            )
        )

    def _referred(self, said: Reference) -> list[DraftPosture]:
        """The postures of the numbers, or the name, that a line refers back to; none where one of them is not there."""
        told = [t for part in self.parts for t in part.postures]
        if said.name:
            return [t for t in told if said.name.lower() in (t.posture.name.lower(), t.posture.title().lower())][-1:]
        numbers = range(number_of(said.first), number_of(said.last) + 1)
        by_number = {number_of(t.posture.number): t for t in told}
        return [by_number[n] for n in numbers] if numbers and all(n in by_number for n in numbers) else []

    def _told_before(self, told: DraftPosture) -> DraftPosture | None:
        """The last posture of the same name before it of which movements are told."""
        before: DraftPosture | None = None
        for part in self.parts:
            for t in part.postures:
                if t is told:
                    return before
                if t.movements and _plain_name(t.posture) == _plain_name(told.posture):
                    before = t
        return None

    def form(self, title: str, known: Known) -> Form:
        """The finished form. A posture that the text only names takes its movements from where the text told them before,
        else from the catalogue; a weight that is not told is as the movement before left it."""
        loose = [part for part in self.parts if part.loose]
        if loose and all(part.is_posture() for part in loose):
            self.know_titles()  # every title stands over one posture without a name
        sections = []
        self.front = _front([told.whole() for part in self.parts for told in part.postures])
        filled = {id(t): held(self._filled(t, known), t.hold_ms) for part in self.parts for t in part.postures}
        weighed = self._weighed(filled)
        all_done: list[Posture] = []
        for part in self.parts:
            done = []
            for told in part.postures:
                posture = weighed[id(told)]
                all_done.append(posture)
                for some in _in_parts(posture.movements, MOST_MOVEMENTS):
                    done.append(posture.model_copy(update={"id": "", "movements": some}))
            for few in _in_parts(tuple(done), MOST_POSTURES):
                sections.append(Section(title=part.title, postures=few))
        notes = "\n".join([*self.notes, *(s.title for s in sections[MOST_SECTIONS:])])[:20_000]
        sections = _no_more_than(MOST_SECTIONS, sections)
        return finished(
            Form(
                title=self.title or title,
                notes=notes,
                manner=_manner(all_done),
                front=self.front,
                within=self.within,
                sections=tuple(sections),
            )
        )

    def _weighed(self, filled: Mapping[int, Posture]) -> dict[int, Posture]:
        """The postures, with every weight that their words leave open as the whole form has it; those of the catalogue keep theirs."""
        order = [t for part in self.parts for t in part.postures]
        movements = [m for t in order for m in filled[id(t)].movements]
        open_ = [bool(t.movements) and m.origins.left_pct == "filled" for t in order for m in filled[id(t)].movements]
        weighed = iter(carried(movements, EVEN, open_))
        return {
            id(t): filled[id(t)].model_copy(update={"movements": tuple(islice(weighed, len(filled[id(t)].movements)))})
            for t in order
        }

    def _filled(self, told: DraftPosture, known: Known) -> Posture:
        posture, before = told.posture, None
        entry = known.get(posture.id)
        turned = False
        if not told.movements and told.again:
            before, turned = told.again
        elif not told.movements and not entry and posture.name:
            before = self._told_before(told)
            sides = {posture.side, before.posture.side} if before else set()
            turned = sides == {"L", "R"} or (told.other and None in sides)
        if before:
            whole = mirror_posture(before.whole(), self.front) if turned else before.whole()
            told.movements = list(as_long(whole, None, told.timed).movements)
            # What wants care in it, and how it is done gentler, holds as often as it is done.
            cautions = tuple(dict.fromkeys((*whole.cautions, *posture.cautions)))
            posture = posture.model_copy(
                update={"cautions": cautions, "gentler": told.gentler_told or posture.gentler or whole.gentler}
            )
        if entry and not told.movements:
            own = as_long(filled_in(entry.on(posture.side)), told.counts, told.timed)
            cautions = tuple(dict.fromkeys((*own.cautions, *posture.cautions)))
            gentler = told.gentler_told or own.gentler
            more = {"movements": own.movements, "gentler": gentler, "cautions": cautions}
            return posture.model_copy(update=more)
        if posture.movements and not told.movements:
            return posture.model_copy(
                update={"movements": as_long(filled_in(posture), told.counts, told.timed).movements}
            )
        if (told.counts or told.timed) and not told.movements:
            told.movements = [Movement(counts=bounded(told.counts or told.timed or 0), origins=FILLED_IN)]
        elif told.counts and not any(_says_counts(m) for m in told.movements):
            told.movements = list(lasting(told.whole(), told.counts).movements)
        if posture.alternate and posture.repeats % 2 == 0 and _on_both_sides(told.movements):
            posture = posture.model_copy(update={"repeats": posture.repeats // 2, "alternate": False})
        return posture.model_copy(update={"movements": tuple(told.movements)})


def _plain_name(posture: Posture) -> str:
    """The name of a posture, whichever side it names at its end: "Wild horse L"."""
    return _SIDE_AFTER.sub("", posture.name.lower()) if posture.side else posture.name.lower()


_SIDE_AFTER = re.compile(r"[\s,(]+(?:left|right|l|r)\)?$")


T = TypeVar("T")


def _in_parts(all_: tuple[T, ...], most: int) -> list[tuple[T, ...]]:
    """A tuple cut into parts of at most `most`; one empty part where there is nothing."""
    return [all_[i : i + most] for i in range(0, len(all_), most)] or [()]


def _no_more_than(most: int, sections: list[Section]) -> list[Section]:
    """The sections, of which those that are too many go into the last one with all their postures. Raises KemvoError when it
    cannot take them."""
    if len(sections) <= most:
        return sections
    postures = [p for s in sections[most - 1 :] for p in s.postures]
    if len(postures) > MOST_POSTURES:
        raise KemvoError(
            Problem(what="This text has more postures than one form may have.", mend="Bring it in as several forms.")
        )
    return [*sections[: most - 1], sections[most - 1].model_copy(update={"postures": tuple(postures)})]


def _says_counts(m: Movement) -> bool:
    """Whether a movement's own counts are told, in its words or as a note."""
    return m.origins.counts is None or any(s.fact.kind == "counts" for s in line_facts(read(m)))


def _on_both_sides(movements: Sequence[Movement]) -> bool:
    """Whether the second half of the movements is the first on the other side."""
    half = len(movements) // 2
    here, there = movements[:half], movements[half:]
    return bool(half) and [mirror_text(m.line) for m in here] == [m.line for m in there]


def _parts_the_feet(f: Fact) -> bool:
    """Whether feet that were as it begins are not so after it; "feet together" only says how they are."""
    return f.kind in FEET and not (f.kind == "step" and f.side == "both" and f.direction == "in")


def _manner(postures: Sequence[Posture]) -> Manner:
    """How the form opens, where its first movement says how the feet stand: "begin with your feet together"."""
    first = next((m for p in postures for m in p.movements), None)
    stance = stance_in(first.line) if first else None
    if first is None or stance is None or any(_parts_the_feet(s.fact) for s in said(read(first))):
        return Manner()
    opening = next((name for name, id_ in OPENING_STANCE.items() if id_ == stance.id), Manner().opening)
    return Manner(opening=opening)


def _front(postures: Sequence[Posture]) -> Front:
    """What the form's front is on the compass, where its first movement says so: "stand facing south"."""
    first = next((m for p in postures for m in p.movements), None)
    turns = [s.fact.to for s in said(read(first)) if s.fact.kind == "turn"] if first else []
    return next((front for front in get_args(Front) if turns == [front]), "north")
