"""Lines that name a posture: a title over it, a name in a list, a name as people say it, a reference back to one before."""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import Literal

from kemvo.core.facts import Fact
from kemvo.core.model.catalogue import Known
from kemvo.core.text_import.form_builder import FormBuilder
from kemvo.core.text_import.kinds.labels import A_PART, NUMBERED_PART
from kemvo.core.text_import.naming import called_in_catalogue, name_in_list, posture_listed, posture_named, titled_words
from kemvo.core.text_import.one_line.as_before import reference
from kemvo.core.text_import.one_line.labels import unlabelled, unnumbered
from kemvo.core.text_import.one_line.posture_lines import (
    LEADING,
    LONG_NAME_WORDS,
    NAME_SHARE,
    NAME_WORDS,
    NO_NAME,
    NameLine,
    name_line,
)
from kemvo.core.text_import.whole_text.headings import LineRole, tells_movement
from kemvo.core.text_import.whole_text.names_after import closing_name
from kemvo.core.text_import.whole_text.script import moved
from kemvo.core.text_import.whole_text.times import instructs

PART = re.compile(A_PART + r"\s*[:.–—-]", re.IGNORECASE)
""" "Part two: the middle": a title, whatever its words sound like."""
_CALLED = re.compile(
    r"^(?:(?:[Oo]kay|[Aa]nd|[Nn]ow|[Ss]o|[Tt]hen|[Nn]ext),?\s+)*(?:(?:(?:[Tt]he|[Tt]his|[Tt]hat|[Oo]ur)\s+)?(?:\w+\s+)?(?:one|posture|movement)\s+is(?:\s+called)?"
    r"|(?:[Tt]his|[Tt]hat|[Ii]t)(?:\s+one)?\s+is\s+called|[Nn]ext\s+is|we\s+come\s+to|[Ww]e\s+call\s+(?:this|it))\s+"
    r"((?:[A-Z][\w’'-]*\s+)*[A-Z][\w’'-]*(?:,?\s+(?:left|right))?)\s*[.!]*$"
)
""" "Now the second one is Heron Wades.": a name of the instructor's own."""

Became = Literal["title", "note", "section", "posture", "movement", "caution", "gentler", "reference"]
Understood = Literal["understood", "guessed", "not understood"]


def titled(
    building: FormBuilder, text: str, facts: Sequence[Fact], said: NameLine, laid: LineRole, known: Known
) -> tuple[Became, Understood] | None:
    """A line that stands over others: a section's title, or a posture's name. None for any other."""
    colon = text.endswith(":")
    if NUMBERED_PART.match(text) or (laid == "section" and not colon):
        building.section(text.rstrip(": ") if NUMBERED_PART.match(text) else unlabelled(text).rstrip(": "))
        return "section", "understood"
    if laid != "posture" and (laid == "loose" or colon):
        plainly = said.number or said.side or said.counted or building.titles_name or building.knows(said.name)
        if not plainly:
            building.section(text.rstrip(": "), loose=True)
            return "section", "understood"
        building.know_titles()
    elif laid != "posture":
        return None
    if laid != "section" and once_more(building, unnumbered(text), said.number):
        return "posture", "guessed"  # "(other side)" over what is told there
    id_ = name_in_list(facts, said, known)
    building.posture(posture_listed(said, id_, unnumbered(text), known, facts), said)
    return "posture", "understood" if id_ else "guessed"


def once_more(building: FormBuilder, text: str, number: str = "") -> bool:
    """Begin a posture before anew, where a line says no more than that: "same again", "(other side)", "Same as 2"."""
    said = reference(text)
    return said is not None and building.again(said, number)


def named_posture(
    building: FormBuilder, text: str, bare: str, facts: Sequence[Fact], said: NameLine, known: Known
) -> tuple[Became, Understood] | None:
    """A line that names a posture, in a list or as people say it. None for any other."""
    closing = closing_name(text, facts)
    if closing:
        return _closed(building, closing, facts, known)
    named = next((f for f in facts if f.kind == "posture"), None)
    only_named = all(f.kind in ("posture", "counts") for f in facts)
    done = not said.number and instructs(bare)
    if named and not done and named.end - named.start >= NAME_SHARE * len(said.name if only_named else bare):
        posture = posture_named(named, bare, known, said)
        if not (building.names_end and building.name_last(posture)):
            building.posture(posture, said)
        return "posture", "understood"
    apart = done and named is not None and _COLON.match(bare, named.end) is not None
    begun = [] if said.number or (done and not apart) else _begun(facts, bare)
    if begun and bare[begun[-1].end :].strip(" .,;:!?-"):
        for name in begun:
            written = bare[name.start : name.end]
            as_written = name_line(written) if titled_words(written) else NO_NAME
            building.begin(posture_named(name, "", known, as_written), name.side is not None)
    elif begun:
        for name in begun:
            building.posture(posture_named(name, "", known))
        return "posture", "understood"
    called = _CALLED.match(bare) if not tells_movement(facts) else None
    if called:
        building.posture(posture_listed(name_line(called[1].strip(" .")), None, bare, known))
        return "posture", "guessed"
    if once_more(building, unlabelled(bare), said.number):
        return "posture", "guessed"
    told_before = building.knows(said.name)
    listed = bool(said.number or said.counted or told_before)
    plain = called_in_catalogue(said.name, known) if listed or said.counts else None
    if (listed or plain) and not tells_movement(facts):
        most = LONG_NAME_WORDS if building.counts_on(said.number) else NAME_WORDS
        if plain or told_before or len(said.name.split()) <= most:
            building.posture(posture_listed(said, plain, bare, known, facts), said)
            return "posture", "understood" if plain else "guessed"
    return None


def _closed(building: FormBuilder, name: str, facts: Sequence[Fact], known: Known) -> tuple[Became, Understood]:
    """A line that names what was just done: "That's White Crane." It names the posture that is being told, where that has no name yet."""
    said = name_line(name)
    posture = posture_listed(said, name_in_list(facts, said, known), name, known)
    last = building.last()
    if (
        last
        and last.posture.name
        and (posture.id, posture.name) in ((last.posture.id, last.posture.name), ("", last.posture.name))
    ):
        building.notes.append(name)
        return "note", "understood"
    if not building.name_last(posture):
        building.posture(posture)
    return "posture", "guessed"


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


def after_name(text: str, facts: Sequence[Fact]) -> tuple[str, Sequence[Fact]]:
    """What a line tells after the name with which it begins a posture: "Brush knee, left: step out". Its name is no part of the words."""
    begun = _begun(facts, text)
    colon = _COLON.match(text, begun[-1].end) if begun else None
    if colon is None or not text[colon.end() :].strip():
        return text, facts
    return text[colon.end() :], [moved(f, -colon.end()) for f in facts if f.start >= colon.end()]


_COLON = re.compile(r"\s*(?:[,(]?\s*(?:left|right|l|r)\)?)?\s*(?:[:.!]\s+|\s[–—-]\s+)", re.IGNORECASE)
""" "Brush knee, left: step out", "Ward off left. Turn right"."""
