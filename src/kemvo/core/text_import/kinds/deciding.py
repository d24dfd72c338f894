"""What every line of a text is, decided for the whole text, and where that says other than the rules for single lines do."""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Container, Mapping, Sequence
from typing import NamedTuple

from kemvo.core.tables.stances import stance_in
from kemvo.core.text_import.kinds.labels import KINDS, NUMBERED_PART, LineKind, plainly
from kemvo.core.text_import.kinds.model import decide
from kemvo.core.text_import.kinds.signs import manner_of, signs_of
from kemvo.core.text_import.naming import titled_words
from kemvo.core.text_import.one_line.labels import labelled
from kemvo.core.text_import.one_line.posture_lines import ANNOUNCING, LEADING, NAME_SHARE, name_line
from kemvo.core.text_import.whole_text.headings import COMMANDS, LOWEST_PLAIN, LineRole, tells_movement
from kemvo.core.text_import.whole_text.script import ReadEntry

OVERRULES = 0.5
"""From this sureness on, what the whole text says goes before the rules for a single line (chosen on texts not learned from)."""
FEW, OF_FEW = 6, 0.9
"""In a text of fewer lines than FEW there is little to compare with: it must be so sure (own choice)."""
A_SENTENCE = 0.7
"""A sentence that announces nothing is a name only when it is so sure: "Open the door." (own choice)."""
TELLS, NEVER = 0.65, 2.0
"""A line in which a movement was read is none only when it is so sure (own choice); none is ever so sure as NEVER."""
SURE = 0.9
"""Below this, the instructor is asked."""

LEVELS, DEEPEST = 3, 0.25
"""Where lines stand at so many depths, and this share at the deepest, those with others under them are what their depth says."""

BEGINS = "begins"
"""What a line became that begins a posture by its name and tells a movement, too."""

AGREES: dict[LineKind, frozenset[str]] = {
    "title": frozenset({"title"}),
    "section": frozenset({"section"}),
    "posture": frozenset({"posture", BEGINS}),
    "movement": frozenset({"movement"}),
    "note": frozenset({"note"}),
    "talk": frozenset({"note"}),
    "reference": frozenset(),
    "continuation": frozenset(),
    "caution": frozenset(),
    "gentler": frozenset(),
}
"""What the rules for single lines make of a line of a kind, where they agree with it."""


KIND_OF: dict[str, LineKind] = {
    "title": "title", "section": "section", "posture": "posture", "movement": "movement", "note": "note", BEGINS: "posture",
}  # fmt: skip
"""What the rules for single lines make of a line, as a kind."""

OUTCOMES: dict[LineKind, str] = {"talk": "note", "continuation": "movement"}
"""Kinds from which the form becomes as it does from another: between the two nobody has to be asked."""
ONE_QUESTION_IN = 10
"""There is at most one question in so many lines: the most doubtful are asked."""


def questions(kinds: Sequence[LineIs]) -> list[int]:
    """The lines of which the instructor is asked what they are, in order: those that are not sure, and become something else by the answer.
    What was answered counts among them, lines written alike once, so that answers bring no new questions without end."""
    open_ = [
        i
        for i, k in enumerate(kinds)
        if k.sure < SURE and OUTCOMES.get(k.kind, k.kind) != OUTCOMES.get(k.other, k.other)
    ]
    answered = {(k.like, k.kind) for k in kinds if k.said}
    most = max(0, -(-len(kinds) // ONE_QUESTION_IN) - len(answered))
    return sorted(sorted(open_, key=lambda i: kinds[i].sure)[:most])


class LineIs(NamedTuple):
    """What a line is, how sure that is (0 to 1), and the next likeliest. `overrules`: the kind, where the rules for single lines would make
    something else of it; `like`: lines written alike have the same here; `said`: the instructor said so."""

    kind: LineKind
    sure: float
    other: LineKind
    overrules: LineKind | None
    like: str
    said: bool = False


def kinds_of(
    read: Sequence[ReadEntry],
    laid: Sequence[LineRole],
    became: Sequence[str],
    said: Mapping[str, LineKind],
    items_said: bool = False,
    closing: Container[int] = (),
) -> list[LineIs]:
    """The kind of every entry. `said`: what lines are, by their words, where the instructor says so; `items_said`: the instructor says what
    the items of a list are, as they are laid; `closing`: the entries that name what was done before them."""
    held: dict[int, LineKind] = {}
    nested = _nested(read)
    for i, r in enumerate(read):
        if r.entry.given and r.entry.given.sure:
            held[i] = r.entry.given.kind
        at = laid[i]
        marked = bool(r.entry.heading) and r.entry.heading < LOWEST_PLAIN - 1  # a heading is what its level says
        if not r.entry.given and (marked or nested) and (at == "title" or at == "section" or at == "posture"):
            held[i] = at
        if NUMBERED_PART.match(r.entry.text):
            held[i] = "section"
        if i in closing or (became[i] == "posture" and name_line(r.entry.text).other):
            held[i] = "posture"  # "Heron wades, right: the same on the other side"
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
        agrees = became[i] in AGREES[d.kind]
        goes_before = not by_file and not agrees and d.sure >= _needed(r, d.kind, became[i], least)
        if agrees or goes_before or i in held:
            out.append(
                LineIs(d.kind, d.sure, d.other, d.kind if goes_before else None, manner_of(r), r.entry.text in said)
            )
        else:
            by_rules = KIND_OF[became[i]]
            out.append(LineIs(by_rules, d.sure_of[KINDS.index(by_rules)], d.kind, None, manner_of(r)))
    return out


def _nested(read: Sequence[ReadEntry]) -> bool:
    """Whether lines stand at several depths throughout, and not only once or twice."""
    depths = Counter(r.entry.indent for r in read)
    return len(depths) >= LEVELS and depths[max(depths)] >= max(2, DEEPEST * len(read))


def _needed(r: ReadEntry, kind: LineKind, became: str, least: float) -> float:
    """How sure the whole text must be to make something else of a line than its own rules do. `least`: what any line asks for."""
    text = r.entry.text
    tells = tells_movement(r.facts)
    if text.endswith(":") and {kind, became} <= {"section", "posture"}:
        return NEVER  # which of the two, all such lines say together
    if kind == "movement" and became == BEGINS:
        # "Press forward, 70 %" in a sentence is what is done; "now single whip, weight back" begins a posture.
        name = next((text[f.start : f.end] for f in r.facts if f.kind == "posture" and not f.start), "")
        return OF_FEW if name[:1].isupper() and (" " not in name.strip() or not titled_words(name)) else NEVER
    if kind == "movement" and became == "posture":
        named = sum(f.end - f.start for f in r.facts if f.kind == "posture")
        return OF_FEW if named >= NAME_SHARE * len(text) else least  # a name of the catalogue
    if kind == "posture" and not labelled(text):
        said = [w.lower() for w in re.findall(r"[A-Za-z'’]+", text)]
        if len(said) == 1 and said[0] in COMMANDS and text.endswith("."):
            return NEVER  # "Stand."
        led = next((n for n, w in enumerate(said) if w not in LEADING), len(said))
        if (tells or stance_in(text)) and ANNOUNCING.isdisjoint(said[:led]):
            return OF_FEW  # told straight away, without words that lead up to a name
        if text.endswith((".", "!", "?", ",")) and ANNOUNCING.isdisjoint(said[:led]):
            return max(least, A_SENTENCE)
    if became == "movement" and kind not in ("movement", "continuation", "posture") and tells:
        return max(least, TELLS)
    return least
