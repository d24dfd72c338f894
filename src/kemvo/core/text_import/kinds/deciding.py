"""What every line of a text is, decided for the whole text, and where that says other than the rules for single lines do."""

from __future__ import annotations

import re
from collections.abc import Mapping, Sequence
from typing import NamedTuple

from kemvo.core.text_import.kinds.labels import NUMBERED_PART, LineKind, plainly
from kemvo.core.text_import.kinds.model import decide
from kemvo.core.text_import.kinds.signs import manner_of, signs_of
from kemvo.core.text_import.one_line.labels import labelled
from kemvo.core.text_import.one_line.posture_lines import LEADING, NAME_SHARE
from kemvo.core.text_import.whole_text.headings import LOWEST_PLAIN, LineRole, tells_movement
from kemvo.core.text_import.whole_text.script import ReadEntry

OVERRULES = 0.5
"""From this sureness on, what the whole text says goes before the rules for a single line (chosen on texts not learned from)."""
FEW, OF_FEW = 6, 0.9
"""In a text of fewer lines than FEW there is little to compare with: it must be so sure (own choice)."""
TELLS, NEVER = 0.65, 2.0
"""A line in which a movement was read is none only when it is so sure (own choice); none is ever so sure as NEVER."""
SURE = 0.9
"""Below this, the instructor is asked."""

LEVELS = 3
"""Where lines stand at so many depths, those with others under them are what their depth says."""

BEGINS = "begins"
"""What a line became that begins a posture by its name and tells a movement, too."""

AGREES: dict[LineKind, frozenset[str]] = {
    "title": frozenset({"title"}),
    "section": frozenset({"section"}),
    "posture": frozenset({"posture", BEGINS}),
    "movement": frozenset({"movement", BEGINS}),
    "note": frozenset({"note"}),
    "talk": frozenset({"note"}),
    "reference": frozenset({"posture"}),
    "continuation": frozenset(),
    "caution": frozenset(),
    "gentler": frozenset(),
}
"""What the rules for single lines make of a line of a kind, where they agree with it."""


class LineIs(NamedTuple):
    """What a line is, how sure that is (0 to 1), and the next likeliest. `overrules`: the kind, where the rules for single lines would make
    something else of it; `like`: lines written alike have the same here."""

    kind: LineKind
    sure: float
    other: LineKind
    overrules: LineKind | None
    like: str


def kinds_of(
    read: Sequence[ReadEntry],
    laid: Sequence[LineRole],
    became: Sequence[str],
    said: Mapping[str, LineKind],
    items_said: bool = False,
) -> list[LineIs]:
    """The kind of every entry. `said`: what lines are, by their words, where the instructor says so; `items_said`: the instructor says what
    the items of a list are, as they are laid."""
    held: dict[int, LineKind] = {}
    nested = len({r.entry.indent for r in read}) >= LEVELS
    for i, r in enumerate(read):
        if r.entry.given and r.entry.given.sure:
            held[i] = r.entry.given.kind
        at = laid[i]
        marked = bool(r.entry.heading) and r.entry.heading < LOWEST_PLAIN - 1  # a heading is what its level says
        if not r.entry.given and (marked or nested) and (at == "title" or at == "section" or at == "posture"):
            held[i] = at
        if NUMBERED_PART.match(r.entry.text):
            held[i] = "section"
        labelled_as = plainly(r.entry.text)
        if labelled_as:
            held[i] = labelled_as
        if items_said and (at == "posture" or at == "movement"):
            held[i] = at
        if r.entry.text in said:
            held[i] = said[r.entry.text]
    least = OVERRULES if len(read) >= FEW else OF_FEW
    out = []
    for i, (r, d) in enumerate(zip(read, decide(signs_of(read, laid, became), held), strict=True)):
        by_file = bool(r.entry.given) and r.entry.text not in said
        goes_before = not by_file and became[i] not in AGREES[d.kind] and d.sure >= _needed(r, d.kind, became[i], least)
        out.append(LineIs(d.kind, d.sure, d.other, d.kind if goes_before else None, manner_of(r)))
    return out


def _needed(r: ReadEntry, kind: LineKind, became: str, least: float) -> float:
    """How sure the whole text must be to make something else of a line than its own rules do. `least`: what any line asks for."""
    text = r.entry.text
    tells = tells_movement(r.facts)
    if text.endswith(":") and {kind, became} <= {"section", "posture"}:
        return NEVER  # which of the two, all such lines say together
    if kind == "movement" and became == "posture":
        named = sum(f.end - f.start for f in r.facts if f.kind == "posture")
        return OF_FEW if named >= NAME_SHARE * len(text) else least  # a name of the catalogue
    if kind == "posture" and tells and not labelled(text):
        first = next(iter(re.findall(r"[a-z'’]+", text.lower())), "")
        return least if first in LEADING else OF_FEW  # told straight away, without words that lead up to a name
    if became == "movement" and kind not in ("movement", "continuation", "posture") and tells:
        return max(least, TELLS)
    return least
