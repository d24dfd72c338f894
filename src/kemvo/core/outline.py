"""A read text made into a form: sections, postures, movements. Nothing of the text is thrown away."""

from __future__ import annotations

import re
from collections.abc import Mapping, Sequence
from itertools import pairwise
from typing import Literal

from kemvo.core.catalogue import Entry
from kemvo.core.filling import carried, filled, filled_in, in_words
from kemvo.core.form import FILLED_IN, Form, Movement, Origins, Posture, Section, with_ids
from kemvo.core.legs import Legs
from kemvo.core.mirror import mirror_posture
from kemvo.core.name_lines import NO_NAME, NameLine, name_line, unnumbered
from kemvo.core.reading.entries import Given
from kemvo.core.reading.facts import Fact
from kemvo.core.reading.script import ReadEntry
from kemvo.core.said import FEET, said
from kemvo.core.schools import Manner
from kemvo.core.sides import side_words
from kemvo.core.stances import OPENING_STANCE, STANCES, stance_in
from kemvo.core.told_in_one import told_apart
from kemvo.core.values import DEFAULT_TEMPO, EVEN, LEAST_COUNTS, MOST_COUNTS, SIDE_WORD, Side, Value

Understood = Literal["understood", "guessed", "not understood"]
Became = Literal["section", "posture", "movement"]

NAME_SHARE = 0.55
"""A line of which a posture's name is at least this share tells the posture, not a movement (own choice)."""

LEADING = frozenset(
    "okay ok so now then and right next well this that which is it it's we we're you you're i i'm i'll we'll you'll come comes"
    " go goes going gonna move moves on onto to into the a an our your my first second third fourth fifth sixth last final"
    " one two three four five six in number posture move movement part here here's comes brings bring takes take us back for let's"
    " let start starts starting begin begins with do doing does called again once more time good great lovely um uh straight".split()
)
"""Words that lead up to a posture that begins: "okay, so now we come to single whip…"; not "from single whip…"."""

NAME_WORDS = 6
"""A numbered line of at most so many words, none of them an instruction, is taken for a posture's name."""

_HEADING = re.compile(r"^(?:section|part|chapter)\b.{0,40}$", re.IGNORECASE)
_AGAIN = re.compile(
    r"^(?:and\s+|now\s+|then\s+)*(?:the\s+)?(?:same|again|once more|repeat|other side|(?:now\s+)?(?:on\s+)?the other side)\b"
    r"[^.]{0,40}\.?$",
    re.IGNORECASE,
)
""" "Same again", "and again, left", "other side": the posture before, once more."""

_COUNTS_ONLY = re.compile(r"(?:over\s+|for\s+|in\s+)?(\d+(?:[.,]\d+)?)\s+counts?\.?", re.IGNORECASE)

_TIMES = re.compile(r"(?:[x×]\s*(\d{1,2})|\b(\d{1,2})\s*(?:x|×|times))", re.IGNORECASE)


class DraftLine(Value):
    """What became of a line of the text, and what was read from it, in words. `begins`: the titles of the postures that
    begin with it."""

    line: int
    text: str
    t_ms: int | None
    state: Understood
    became: Became
    signs: tuple[str, ...]
    begins: tuple[str, ...] = ()


class Draft(Value):
    """A form made of a text, with every line's account."""

    form: Form
    lines: tuple[DraftLine, ...]


class _Building:
    """The form as it grows."""

    def __init__(self) -> None:
        self.sections: list[tuple[str, list[tuple[Posture, list[Movement]]]]] = []
        self.counted: dict[int, float] = {}
        """How many counts a posture lasts, by its place among all, where the text only says that of it."""

    def section(self, title: str) -> None:
        self.sections.append((title, []))

    def postures(self) -> list[Posture]:
        """All postures so far, in order."""
        return [p for _, postures in self.sections for p, _ in postures]

    def posture(self, posture: Posture) -> None:
        if not self.sections:
            self.section("")
        self.sections[-1][1].append((posture, []))

    def begin(self, posture: Posture, sided: bool) -> None:
        """Begin a posture that a line names while it tells a movement, unless it is the one being told. `sided`: the line
        says on which side."""
        last = self.sections[-1][1][-1][0] if self.sections and self.sections[-1][1] else None
        if last is None or last.id != posture.id or (sided and last.side != posture.side):
            self.posture(posture)

    def movement(self, movement: Movement) -> None:
        if not self.sections or not self.sections[-1][1]:
            self.posture(Posture())
        self.sections[-1][1][-1][1].append(movement)

    def lasts(self, counts: float, known: Mapping[str, Entry]) -> bool:
        """Say how many counts the last posture lasts, where its movements come from the catalogue."""
        before = self.postures()
        named = bool(before) and before[-1].id in known and not self.sections[-1][1][-1][1]
        if named:
            self.counted[len(before) - 1] = counts
        return named

    def again(self, other: bool, to: Side | None) -> bool:
        """The posture before once more: on the other side, on a named one, or as it was. False when there is none."""
        if not self.sections or not self.sections[-1][1]:
            return False
        posture, movements = self.sections[-1][1][-1]
        turned = other or (to is not None and posture.side is not None and to != posture.side)
        whole = posture.model_copy(update={"movements": tuple(movements), "number": ""})
        if turned:
            whole = mirror_posture(whole)
        self.sections[-1][1].append((whole.model_copy(update={"movements": ()}), list(whole.movements)))
        return True

    def form(self, title: str, known: Mapping[str, Entry]) -> Form:
        """The finished form; a posture that the text only names takes its movements from the catalogue, and a weight that
        is not told is as the movement before left it."""
        sections = []
        legs = Legs(EVEN)
        all_done: list[Posture] = []
        for name, postures in self.sections:
            done = []
            for posture, movements in postures:
                entry = known.get(posture.id)
                if entry and not movements:
                    own = filled_in(entry.on(posture.side))
                    if counts := self.counted.get(len(all_done)):
                        own = lasting(own, counts)
                    posture = posture.model_copy(
                        update={"movements": own.movements, "gentler": own.gentler, "cautions": own.cautions}
                    )
                else:
                    posture = posture.model_copy(update={"movements": carried(movements, legs)})
                legs.left = posture.movements[-1].left_pct if posture.movements else legs.left
                done.append(posture.model_copy(update={"id": ""}))
                all_done.append(posture)
            sections.append(Section(title=name, postures=tuple(done)))
        return with_ids(Form(title=title, manner=_manner(all_done), sections=tuple(sections)))


def draft(read: Sequence[ReadEntry], catalogue: Sequence[Entry], title: str) -> Draft:
    """Make a form of a read text. `title` is the form's; times become counts at the usual tempo."""
    known = {e.id: e for e in catalogue}
    building = _Building()
    lines = []
    for i, (entry, facts) in enumerate(read):
        done = len(building.postures())
        became, state = _place(building, read, i, known)
        begins = tuple(p.title() for p in building.postures()[done:] if p.name)
        signs = _signs(entry.text, facts) if became != "section" else ()
        lines.append(
            DraftLine(
                line=entry.line,
                text=entry.text,
                t_ms=entry.t_ms,
                state=state,
                became=became,
                signs=signs,
                begins=begins,
            )
        )
    return Draft(form=building.form(title, known), lines=tuple(lines))


def _signs(text: str, facts: Sequence[Fact]) -> tuple[str, ...]:
    stance = stance_in(text)
    return (*(in_words(f) for f in facts), *([STANCES[stance.id].title.lower()] if stance else []))


def _manner(postures: Sequence[Posture]) -> Manner:
    """How the form opens, where its first movement says how the feet stand: "begin with your feet together"."""
    first = next((m for p in postures for m in p.movements), None)
    stance = stance_in(first.line) if first else None
    if first is None or stance is None or any(s.fact.kind in FEET for s in said(first)):
        return Manner()
    opening = next((name for name, id_ in OPENING_STANCE.items() if id_ == stance.id), Manner().opening)
    return Manner(opening=opening)


def _place(
    building: _Building, read: Sequence[ReadEntry], i: int, known: Mapping[str, Entry]
) -> tuple[Became, Understood]:
    entry, facts = read[i]
    text = entry.text.strip()
    if entry.given and not (entry.given.listed and _tells_movement(facts)):
        return _as_given(building, entry.given, text, facts, known)
    list_entry = name_line(text)
    numbered, bare = list_entry.number, unnumbered(text)
    if entry.heading or text.endswith(":"):
        building.section(text.rstrip(": ")[:200])
        return "section", "understood"
    named = next((f for f in facts if f.kind == "posture"), None)
    only_named = all(f.kind == "posture" for f in facts)
    if named and named.end - named.start >= NAME_SHARE * len(list_entry.name if only_named else bare):
        building.posture(_named(named, bare, known, list_entry))
        return "posture", "understood"
    begun = [] if numbered else _begun(facts, bare)
    if begun and bare[begun[-1].end :].strip(" .,;:!?-"):
        for name in begun:
            building.begin(_named(name, "", known), name.side is not None)
    elif begun:
        for name in begun:
            building.posture(_named(name, "", known))
        return "posture", "understood"
    if _HEADING.match(text) and not facts:
        building.section(text[:200])
        return "section", "understood"
    if _AGAIN.match(bare) and building.again(other="other" in bare.lower(), to=_side_in(bare)):
        return "posture", "guessed"
    if (numbered or list_entry.counted) and not facts:
        plain = _called(list_entry.name, known)
        if plain or len(list_entry.name.split()) <= NAME_WORDS:
            building.posture(_listed(list_entry, plain, bare, known))
            return "posture", "understood" if plain else "guessed"
    only = _COUNTS_ONLY.fullmatch(text)
    if only and building.lasts(_bounded(float(only[1].replace(",", "."))), known):
        return "movement", "understood"
    told = told_apart(text, facts)
    for piece, counts in zip(told, _in_shares(_counts(read, i, len(told)), [1.0] * len(told)), strict=True):
        new = Movement(line=piece.text[:2000], counts=counts, origins=FILLED_IN)
        building.movement(filled(new, piece.facts))
    guessed = any(f.guessed or (f.kind == "shift" and f.side != "both" and None in (f.side, f.share)) for f in facts)
    nothing = not facts and stance_in(text) is None
    return "movement", "not understood" if nothing else "guessed" if guessed else "understood"


def _listed(said: NameLine, id_: str | None, text: str, known: Mapping[str, Entry]) -> Posture:
    """The posture that a line of a list names. `id_`: the one of the catalogue, if it is one."""
    if id_:
        return _named(Fact(kind="posture", start=0, end=1, id=id_), text, known, said)
    return Posture(
        name=said.name[:200], number=said.number, side=said.side, repeats=said.times, alternate=said.alternate
    )


def lasting(p: Posture, counts: float) -> Posture:
    """The posture in so many counts, shared out among its movements as before, in quarters."""
    lengths = _in_shares(counts, [m.counts for m in p.movements])
    movements = tuple(m.model_copy(update={"counts": n}) for m, n in zip(p.movements, lengths, strict=True))
    return p.model_copy(update={"movements": movements})


def _in_shares(counts: float, shares: Sequence[float]) -> list[float]:
    """So many counts shared out, in quarters."""
    ends = [round(4 * counts * sum(shares[: i + 1]) / sum(shares)) / 4 for i in range(len(shares))]
    return [max(LEAST_COUNTS, b - a) for a, b in pairwise([0.0, *ends])]


def _tells_movement(facts: Sequence[Fact]) -> bool:
    """Whether words that stand where a posture's name should tell what is done."""
    kinds = {f.kind for f in facts}
    return not kinds.isdisjoint({"step", "lift", "pivot", "shift", "turn", "breath"}) and "posture" not in kinds


def _called(name: str, known: Mapping[str, Entry]) -> str | None:
    """The posture of the catalogue that has just this name: "push", which in a sentence is no name."""
    return next((e.id for e in known.values() if name.lower() in (n.lower() for n in e.names())), None)


def _begun(facts: Sequence[Fact], text: str) -> list[Fact]:
    """The postures that a spoken line begins: "so single whip, the weight goes back…"; their names stand at its beginning
    or follow each other, with nothing before them but words that lead up to them."""
    out: list[Fact] = []
    at = 0
    for f in facts:
        if f.kind == "posture":
            lead = re.findall(r"[a-z'’]+", text[at : f.start].lower())
            if LEADING.issuperset(lead):
                out.append(f)
            elif lead[-1:] != ["from"]:
                break
            at = f.end
    return out


def _as_given(
    building: _Building, given: Given, text: str, facts: Sequence[Fact], known: Mapping[str, Entry]
) -> tuple[Became, Understood]:
    """A line of which its file says what it is."""
    if given.kind == "section":
        building.section(text[:200])
    elif given.listed:
        said = name_line(text)
        named_here = next(
            (f for f in facts if f.kind == "posture" and f.end - f.start >= NAME_SHARE * len(said.name)), None
        )
        id_ = named_here.id if named_here else _called(said.name, known)
        building.posture(_listed(said, id_, unnumbered(text), known))
        return "posture", "understood" if id_ else "guessed"
    elif given.kind == "posture":
        sides = [s for s, word in SIDE_WORD.items() if text.endswith(f", {word}")]
        name = text.rsplit(", ", 1)[0] if sides else text
        named = next(
            (f.id or "" for f in facts if f.kind == "posture" and f.end - f.start >= NAME_SHARE * len(text)), ""
        )
        building.posture(Posture(id=named, name=name[:200], side=sides[0] if sides else None))
        if given.counts is not None and named not in known:
            building.movement(Movement(counts=_bounded(given.counts), origins=Origins(left_pct="filled")))
    else:
        movement = Movement(
            line=text[:2000],
            counts=_bounded(given.counts or 4.0),
            hold_ms=given.hold_ms,
            breath=given.breath or "free",
            left_pct=EVEN if given.left_pct is None else given.left_pct,
        )
        if given.left_pct is None:
            building.movement(filled(movement.model_copy(update={"origins": FILLED_IN}), facts))
        else:
            building.movement(movement)
    return given.kind, "understood"


def _bounded(counts: float) -> float:
    return min(MOST_COUNTS, max(LEAST_COUNTS, counts))


def _side_in(text: str) -> Side | None:
    words = side_words(text)
    return words[0].side if words else None


def _named(fact: Fact, text: str, known: Mapping[str, Entry], said: NameLine = NO_NAME) -> Posture:
    """The posture a line names. `said`: what the line says as one of a list."""
    entry = known[fact.id or ""]
    told: Side | None = fact.side if fact.side in ("L", "R") else None
    side = said.side or told or entry.posture.side
    times = _TIMES.search(text) if said.times == 1 else None
    repeats = int(next(g for g in times.groups() if g)) if times else said.times
    posture = entry.on(side)
    return posture.model_copy(
        update={
            "id": entry.id,
            "number": said.number,
            "side": side if entry.posture.side else None,
            "repeats": min(99, max(1, repeats)),
            "alternate": said.alternate and entry.posture.side is not None,
            "movements": (),
        }
    )


def _counts(read: Sequence[ReadEntry], i: int, movements: int) -> float:
    """The counts of the movements of an entry: from the time until the next entry where there are times, else four each."""
    here = read[i].entry.t_ms
    after = next((r.entry.t_ms for r in read[i + 1 :] if r.entry.t_ms is not None and r.entry.t_ms != here), None)
    if here is None or after is None or after < here:
        return 4.0 * movements
    return min(MOST_COUNTS, max(0.5, round((after - here) * DEFAULT_TEMPO / 60_000 * 2) / 2))
