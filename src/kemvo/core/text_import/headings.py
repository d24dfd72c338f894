"""The role of each line, as headings, indents and list labels show it."""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import Literal, NamedTuple

from kemvo.core.facts import Fact
from kemvo.core.language import lexicon as lx
from kemvo.core.movement.interpretation import words_in
from kemvo.core.text_import.posture_lines import NAME_WORDS, name_line, unlabelled
from kemvo.core.text_import.script import ReadEntry

LineRole = Literal["title", "section", "loose", "posture", "movement", ""]
"""What a line is by its place: the form's title, a section's ("loose": it may be a posture's name, too), a posture's name, a
movement; "" where its place says nothing."""

LOWEST_PLAIN = 8
"""Headings above this level are marked as such; of those below (capitals), the words decide, too."""

MOVES = frozenset({"step", "lift", "pivot", "shift", "turn", "breath", "kick", "hold"})
"""What a line tells that is no name."""

_LOWER_LABEL = re.compile(r"\s*(?:\(?[a-z][.)]|[-*+•–]|[ivx]{2,}[.)])\s", re.IGNORECASE)
_NUMBER_LABEL = re.compile(r"\s*\(?\d{1,3}[.)]\s")


def tells_movement(facts: Sequence[Fact]) -> bool:
    """Whether words tell what is done, and do not only name it."""
    return any(f.kind in MOVES for f in facts)


def with_roles(read: Sequence[ReadEntry]) -> list[LineRole]:
    """What each entry is by its place."""
    out: list[LineRole] = [""] * len(read)
    _by_headings(read, out)
    _by_indents(read, out)
    _by_names(read, out)
    return out


def _by_headings(read: Sequence[ReadEntry], out: list[LineRole]) -> None:
    """The first is the title's, where it alone is of its level, or tells of nothing; of several other levels the lowest is
    the postures'."""
    levels = {i: r.entry.heading for i, r in enumerate(read) if r.entry.heading}
    alone = levels.get(0) and list(levels.values()).count(levels[0]) == 1
    if levels.get(0) and (alone if levels[0] < LOWEST_PLAIN else _stands_over_nothing(read)):
        out[0] = "title"
        del levels[0]
    kinds = sorted(set(levels.values()))
    for i, level in levels.items():
        out[i] = "loose" if len(kinds) == 1 else "posture" if level == kinds[-1] else "section"


def _stands_over_nothing(read: Sequence[ReadEntry]) -> bool:
    """Whether nothing is told between the first entry and the next that begins something."""
    for r in read[1:]:
        if r.entry.heading or _NUMBER_LABEL.match(r.entry.text) or r.entry.text.endswith(":"):
            return True
        if tells_movement(r.facts):
            return False
    return False


class _Line(NamedTuple):
    """A line of the text as a node of its tree: its first entry, how deep it stands, and the place of its parent."""

    at: int
    depth: int
    parent: int | None


def _by_indents(read: Sequence[ReadEntry], out: list[LineRole]) -> None:
    """A line with lines under it names what they tell: a posture, or, where those have lines under them, or all that stand
    so deep are names, a section."""
    lines = _tree(read, out)
    under: dict[int, list[int]] = {}
    for k, line in enumerate(lines):
        if line.parent is not None:
            under.setdefault(line.parent, []).append(k)
    leaves = {k: all(c not in under for c in children) for k, children in under.items()}
    depths = {lines[k].depth for k, children in under.items() if leaves[k] and not _all_names(read, lines, children)}
    for k, children in under.items():
        at = lines[k].at
        if out[at] or _instructs(read[at]):
            continue
        nested = not leaves[k]
        names = not nested and lines[k].depth not in depths
        out[at] = "section" if nested or names else "posture"
        for c in children:
            if c not in under and not out[lines[c].at]:
                out[lines[c].at] = "posture" if names else "" if nested else "movement"


def _all_names(read: Sequence[ReadEntry], lines: Sequence[_Line], which: Sequence[int]) -> bool:
    return all(_is_like_a_name(read[lines[c].at]) for c in which)


def _tree(read: Sequence[ReadEntry], out: Sequence[LineRole]) -> list[_Line]:
    """The lines, each with the last one before it that stands less deep. A heading is nobody's child and nobody's parent."""
    numbered = any(_NUMBER_LABEL.match(r.entry.text) for r in read)
    lines: list[_Line] = []
    open_: list[int] = []
    for i, r in enumerate(read):
        e = r.entry
        if i and read[i - 1].entry.line == e.line:
            continue
        depth = 2 * e.indent + (numbered and bool(_LOWER_LABEL.match(e.text)))
        if out[i] or e.given or e.t_ms is not None:
            open_.clear()
            lines.append(_Line(i, 0, None))
            continue
        while open_ and lines[open_[-1]].depth >= depth:
            open_.pop()
        lines.append(_Line(i, depth, open_[-1] if open_ else None))
        open_.append(len(lines) - 1)
    return lines


def _by_names(read: Sequence[ReadEntry], out: list[LineRole]) -> None:
    """Where nearly all lines could be nothing but names, they are."""
    free = [
        i
        for i, r in enumerate(read)
        if not (out[i] or r.entry.given or r.entry.flows or r.entry.text.endswith(":")) and r.entry.t_ms is None
    ]
    names = [i for i in free if _is_like_a_name(read[i])]
    if len(names) >= FEWEST_NAMES and len(names) >= MOSTLY_NAMES * len(free):
        for i in names:
            out[i] = "posture"


FEWEST_NAMES = 3
MOSTLY_NAMES = 0.8
"""A list of names has so many, and they are this share of its lines (own choice)."""

COMMANDS = lx.ACTS | frozenset(
    "raise lower press push open close circle hold breathe relax inhale exhale float sweep brush roll scoop part separate cross look"
    " rise settle rest wait pause repeat gather let begin start finish".split()
)
"""With these an instruction begins, and a name in running case seldom."""
BODY = lx.HAND | lx.FOOT | lx.TRUNK | {"weight", "breath", "breathing"}


def _instructs(r: ReadEntry) -> bool:
    """Whether a line with lines under it tells a movement itself: "step out" does, "Heron wades over the shore" only sounds so."""
    words = unlabelled(r.entry.text).lower().split()
    led = words[:1] and (words[0].strip(",:") in COMMANDS or not BODY_OR_SIDE.isdisjoint(words[:2]))
    return tells_movement(r.facts) and len(words) > 1 and bool(led)


BODY_OR_SIDE = BODY | {"left", "right"}


def _is_like_a_name(r: ReadEntry) -> bool:
    """Whether a line could be nothing but a name: short, no instruction, and no word of the body."""
    name = name_line(r.entry.text).name
    words = name.split()
    if any(f.kind == "posture" for f in r.facts):
        return len(words) <= NAME_WORDS
    titled = len(words) > 1 and words[-1][:1].isupper()
    plain = words_in(name).isdisjoint(BODY) and bool(words) and (titled or words[0].lower() not in COMMANDS)
    return plain and name[:1].isupper() and _could_be_name(r)


def _could_be_name(r: ReadEntry) -> bool:
    text = name_line(r.entry.text).name
    return not tells_movement(r.facts) and len(text.split()) <= NAME_WORDS and not r.entry.text.endswith(".")
