"""The draft form made from a text: sections, postures, movements. Nothing of the text is thrown away."""

from __future__ import annotations

import re
from collections.abc import Mapping, Sequence
from typing import Literal

from kemvo.core.facts import Fact
from kemvo.core.language import lexicon as lx
from kemvo.core.language.sides import side_words
from kemvo.core.model.catalogue import Entry
from kemvo.core.model.form import FILLED_IN, Form, Movement, Origins, Posture
from kemvo.core.movement.fact_words import in_words
from kemvo.core.movement.fields import filled
from kemvo.core.movement.interpretation import words_in
from kemvo.core.tables.stances import STANCES, stance_in
from kemvo.core.text_import.caption_rows import in_rows
from kemvo.core.text_import.entries import Given
from kemvo.core.text_import.form_builder import Building, bounded, in_shares
from kemvo.core.text_import.headings import BODY, LOWEST_PLAIN, LineRole, tells_movement, with_roles
from kemvo.core.text_import.posture_lines import (
    LEADING,
    LONG_NAME_WORDS,
    NAME_WORDS,
    NO_NAME,
    NameLine,
    name_line,
    unlabelled,
    unnumbered,
)
from kemvo.core.text_import.script import ReadEntry
from kemvo.core.text_import.split_movements import told_apart
from kemvo.core.types import DEFAULT_TEMPO, EVEN, MOST_COUNTS, SIDE_WORD, Side, Value

Understood = Literal["understood", "guessed", "not understood"]
Became = Literal["title", "note", "section", "posture", "movement"]

NAME_SHARE = 0.55
"""A line of which a posture's name is at least this share tells the posture, not a movement (own choice)."""

_A_PART = r"^(?:section|part|chapter)\s+(?:\d+|[ivxl]+|one|two|three|four|five|six|seven|eight|nine|ten|first|last)\b"
_HEADING = re.compile(_A_PART + r".{0,60}$", re.IGNORECASE)
_PART = re.compile(_A_PART + r"\s*[:.–—-]", re.IGNORECASE)
""" "Part two: the middle": a title, whatever its words sound like."""
_AGAIN = re.compile(
    r"^(?:and\s+|now\s+|then\s+)*(?:the\s+)?(?:same|again|once more|repeat|other side|(?:now\s+)?(?:on\s+)?the other side)\b"
    r"[^.]{0,40}\.?$",
    re.IGNORECASE,
)
""" "Same again", "and again, left", "other side": the posture before, once more."""

_CALLED = re.compile(
    r"^(?:(?:[Oo]kay|[Aa]nd|[Nn]ow|[Ss]o|[Tt]hen|[Nn]ext),?\s+)*(?:(?:(?:[Tt]he|[Tt]his|[Tt]hat|[Oo]ur)\s+)?(?:\w+\s+)?(?:one|posture|movement)\s+is(?:\s+called)?"
    r"|(?:[Tt]his|[Tt]hat|[Ii]t)(?:\s+one)?\s+is\s+called|[Nn]ext\s+is|we\s+come\s+to|[Ww]e\s+call\s+(?:this|it))\s+"
    r"((?:[A-Z][\w’'-]*\s+)*[A-Z][\w’'-]*(?:,?\s+(?:left|right))?)\s*[.!]*$"
)
""" "Now the second one is Heron Wades.": a name of the instructor's own."""

_COUNTS_ONLY = re.compile(
    r"[(\[]?(?:over\s+|for\s+|in\s+)?(\d+(?:[.,]\d+)?)\s+(?:counts?|beats?)[)\]]?\.?", re.IGNORECASE
)

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


def draft(read: Sequence[ReadEntry], catalogue: Sequence[Entry], title: str, usual: str = "") -> Draft:
    """Make a form of a read text. `title`: the form's; else the text's own, else `usual`. Times become counts at the usual
    tempo. Captions are put together as rows first."""
    known = {e.id: e for e in catalogue}
    read = in_rows(read)
    building = Building()
    lines = []
    laid = with_roles(read)
    for i, (entry, facts, _) in enumerate(read):
        done = len(building.postures())
        became, state = _place(building, read, i, laid, known)
        begins = tuple(p.title() for p in building.postures()[done:] if p.name)
        signs = _signs(entry.text, facts) if became in ("posture", "movement") else ()
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
    form = building.form(title or usual, known)
    return Draft(form=form.model_copy(update={"title": title}) if title else form, lines=tuple(lines))


def _signs(text: str, facts: Sequence[Fact]) -> tuple[str, ...]:
    stance = stance_in(text)
    return (*(in_words(f) for f in facts), *([STANCES[stance.id].title.lower()] if stance else []))


def _place(
    building: Building, read: Sequence[ReadEntry], i: int, all_laid: Sequence[LineRole], known: Mapping[str, Entry]
) -> tuple[Became, Understood]:
    """Put an entry where it belongs."""
    entry, facts = read[i].entry, read[i].facts
    laid = all_laid[i]
    text = entry.text.strip()
    if entry.given and (entry.given.sure or not (entry.given.listed and tells_movement(facts))):
        return _as_given(building, entry.given, text, facts, known)
    if laid == "title":
        building.title = text.strip(" :")[:200]
        return "title", "understood"
    said = name_line(text.removesuffix(":"))
    bare = unnumbered(text)
    if (laid and entry.heading < LOWEST_PLAIN) or not tells_movement(facts) or _PART.match(text):
        titled = _titled(building, text, facts, said, laid, known)
        if titled:
            return titled
    if laid != "movement":
        named = _names(building, text, bare, facts, said, known)
        if named:
            return named
    only = _COUNTS_ONLY.fullmatch(text)
    if only:
        counts = bounded(float(only[1].replace(",", ".")))
        if building.lasts(counts):
            return "posture", "understood"
        if i and read[i - 1].entry.line == entry.line and building.last_lasts(counts, text):
            return "movement", "understood"
    nothing = not facts and stance_in(text) is None
    if nothing and not building.parts and (_only_talk(text) or (building.title and any(all_laid[i:]))):
        building.notes.append(text)
        return "note", "understood"
    told = told_apart(unlabelled(text), [_moved(f, len(unlabelled(text)) - len(text)) for f in facts])
    for piece, counts in zip(told, in_shares(_counts(read, i, len(told)), [1.0] * len(told)), strict=True):
        new = Movement(line=piece.text[:2000], counts=counts, origins=FILLED_IN)
        building.movement(filled(new, piece.facts))
    guessed = any(f.guessed or (f.kind == "shift" and f.side != "both" and None in (f.side, f.share)) for f in facts)
    return "movement", "not understood" if nothing else "guessed" if guessed else "understood"


def _only_talk(text: str) -> bool:
    """Whether a line only speaks to people, and says nothing of a body: "okay everybody, welcome back"."""
    words = words_in(text)
    return words.isdisjoint(BODY | lx.ACTS) and not words.isdisjoint(SPOKEN_TO)


SPOKEN_TO = frozenset(
    "we you i i'm i'll we're we'll you're let's okay ok hello hi welcome today everybody everyone guys folks morning evening afternoon thanks"
    " thank good".split()
)


def _moved(f: Fact, by: int) -> Fact:
    return f.model_copy(update={"start": max(0, f.start + by), "end": max(0, f.end + by)}) if by else f


def _titled(
    building: Building, text: str, facts: Sequence[Fact], said: NameLine, laid: LineRole, known: Mapping[str, Entry]
) -> tuple[Became, Understood] | None:
    """A line that stands over others: a section's title, or a posture's name. None for any other."""
    colon = text.endswith(":")
    if _HEADING.match(text) or (laid == "section" and not colon):
        building.section(text.rstrip(": ") if _HEADING.match(text) else unlabelled(text).rstrip(": "))
        return "section", "understood"
    if laid != "posture" and (laid == "loose" or colon):
        plainly = said.number or said.side or said.counted or building.titles_name or building.knows(said.name)
        if not plainly:
            building.section(text.rstrip(": "), loose=True)
            return "section", "understood"
        building.know_titles()
    elif laid != "posture":
        return None
    if laid != "section" and _once_more(building, unnumbered(text)):
        return "posture", "guessed"  # "(other side)" over what is told there
    id_ = _id_of(facts, said, known)
    building.posture(_listed(said, id_, unnumbered(text), known), said.counts, said.other)
    return "posture", "understood" if id_ else "guessed"


def _once_more(building: Building, text: str) -> bool:
    """Begin the posture before anew, where a line says no more than that: "same again", "(other side)"."""
    said = text.strip(" ()[]:-–*")
    return bool(_AGAIN.match(said)) and building.again(other="other" in said.lower(), to=_side_in(said))


def _names(
    building: Building, text: str, bare: str, facts: Sequence[Fact], said: NameLine, known: Mapping[str, Entry]
) -> tuple[Became, Understood] | None:
    """A line that names a posture, in a list or as people say it. None for any other."""
    named = next((f for f in facts if f.kind == "posture"), None)
    only_named = all(f.kind in ("posture", "counts") for f in facts)
    if named and named.end - named.start >= NAME_SHARE * len(said.name if only_named else bare):
        building.posture(_named(named, bare, known, said), said.counts)
        return "posture", "understood"
    begun = [] if said.number else _begun(facts, bare)
    if begun and bare[begun[-1].end :].strip(" .,;:!?-"):
        for name in begun:
            building.begin(_named(name, "", known), name.side is not None)
    elif begun:
        for name in begun:
            building.posture(_named(name, "", known))
        return "posture", "understood"
    called = _CALLED.match(bare) if not tells_movement(facts) else None
    if called:
        building.posture(_listed(name_line(called[1].strip(" .")), None, bare, known))
        return "posture", "guessed"
    if _once_more(building, bare):
        return "posture", "guessed"
    told_before = building.knows(said.name)
    if (said.number or said.counted or told_before) and not tells_movement(facts):
        plain = _called(said.name, known)
        most = LONG_NAME_WORDS if building.counts_on(said.number) else NAME_WORDS
        if plain or told_before or len(said.name.split()) <= most:
            building.posture(_listed(said, plain, bare, known), said.counts, said.other)
            return "posture", "understood" if plain else "guessed"
    return None


def _id_of(facts: Sequence[Fact], said: NameLine, known: Mapping[str, Entry]) -> str | None:
    """The posture of the catalogue that a line of a list names."""
    named = next((f for f in facts if f.kind == "posture" and f.end - f.start >= NAME_SHARE * len(said.name)), None)
    return named.id if named else _called(said.name, known)


def _listed(said: NameLine, id_: str | None, text: str, known: Mapping[str, Entry]) -> Posture:
    """The posture that a line of a list names. `id_`: the one of the catalogue, if it is one."""
    if id_:
        return _named(Fact(kind="posture", start=0, end=1, id=id_), text, known, said)
    return Posture(
        name=said.name[:200], number=said.number, side=said.side, repeats=said.times, alternate=said.alternate
    )


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
            elif "from" not in lead[-2:]:
                break  # "from the opening we go into…" speaks of what comes
            at = f.end
    return out


def _as_given(
    building: Building, given: Given, text: str, facts: Sequence[Fact], known: Mapping[str, Entry]
) -> tuple[Became, Understood]:
    """A line of which its file says what it is."""
    if given.kind == "section":
        building.section(text[:200])
    elif given.listed:
        said = name_line(text)
        id_ = _id_of(facts, said, known)
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
            building.movement(Movement(counts=bounded(given.counts), origins=Origins(left_pct="filled")))
    else:
        movement = Movement(
            line=text[:2000],
            counts=bounded(given.counts or 4.0),
            hold_ms=given.hold_ms,
            breath=given.breath or "free",
            left_pct=EVEN if given.left_pct is None else given.left_pct,
        )
        if given.left_pct is None:
            building.movement(filled(movement.model_copy(update={"origins": FILLED_IN}), facts))
        else:
            building.movement(movement)
    return given.kind, "understood"


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
