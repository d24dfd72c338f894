"""The role of each line, as headings, indents and list labels show it."""

from __future__ import annotations

import re
from collections.abc import Mapping, Sequence
from itertools import pairwise
from typing import Literal, NamedTuple

from kemvo.core.facts import Fact
from kemvo.core.language import lexicon as lx
from kemvo.core.movement.interpretation import words_in
from kemvo.core.text_import.one_line.labels import LOWER_LABEL, NUMBER_LABEL, numbered_as, unlabelled
from kemvo.core.text_import.one_line.posture_lines import LONG_NAME_WORDS, NAME_WORDS, name_line
from kemvo.core.text_import.whole_text.script import ReadEntry

LineRole = Literal["title", "section", "loose", "posture", "movement", ""]
"""What a line is by its place: the form's title, a section's ("loose": it may be a posture's name, too), a posture's name, a
movement; "" where its place says nothing."""

LOWEST_PLAIN = 8
"""Headings above this level are marked as such; of those below (capitals), the words decide, too."""

MOVES = frozenset({"step", "lift", "pivot", "shift", "turn", "breath", "kick", "hold"})
"""What a line tells that is no name."""


def tells_movement(facts: Sequence[Fact]) -> bool:
    """Whether words tell what is done, and do not only name it."""
    return any(f.kind in MOVES for f in facts)


Flat = Literal["", "postures", "movements"]
"""What the items of a list of one level were taken for; "": the text is no such list."""


def with_roles(read: Sequence[ReadEntry], items: Flat = "") -> tuple[list[LineRole], Flat]:
    """What each entry is by its place. `items`: what the items of a flat list are, where the instructor says so; answers with what
    they were taken for."""
    out: list[LineRole] = [""] * len(read)
    _by_headings(read, out)
    _by_one_over_all(read, out)
    _by_numbers(read, out)
    _by_indents(read, out)
    listed = _flat_items(read, out)
    _by_names(read, out)
    if not listed:
        return out, ""
    names = sum(out[i] == "posture" for i in listed)
    flat: Flat = items or ("postures" if names >= MOSTLY_NAMES * len(listed) else "movements")
    for i in listed:
        out[i] = "posture" if flat == "postures" else "movement"
    return out, flat


def _flat_items(read: Sequence[ReadEntry], out: Sequence[LineRole]) -> list[int]:
    """The items of a list of one level that is all there is, but for a title over it."""
    rest = [i for i in range(len(read)) if out[i] != "title"]
    items = [i for i in rest if LOWER_LABEL.match(read[i].entry.text) or NUMBER_LABEL.match(read[i].entry.text)]
    kinds = {bool(NUMBER_LABEL.match(read[i].entry.text)) for i in items}
    plain = len(kinds) == 1 and all(
        not (r.entry.given or r.entry.heading) or out[i] == "title" for i, r in enumerate(read)
    )
    one = len({read[i].entry.indent for i in items}) == 1 and len({read[i].entry.line for i in rest}) == len(rest)
    return items if plain and one and len(items) == len(rest) >= FEWEST_NAMES else []


def _by_one_over_all(read: Sequence[ReadEntry], out: list[LineRole]) -> None:
    """One short line over a list of items that are all alike is the title."""
    if len(read) <= FEWEST_NAMES or out[0] or read[0].entry.given or read[0].entry.t_ms is not None:
        return
    first, rest = read[0].entry, read[1:]
    listed = all(LOWER_LABEL.match(r.entry.text) or NUMBER_LABEL.match(r.entry.text) for r in rest)
    depths = {r.entry.indent for r in rest}
    words = len(first.text.split())
    labelled = LOWER_LABEL.match(first.text) or NUMBER_LABEL.match(first.text)
    if listed and len(depths) == 1 and not labelled and words <= TITLE_WORDS and not tells_movement(read[0].facts):
        out[0] = "title"


TITLE_WORDS = 8


def _by_numbers(read: Sequence[ReadEntry], out: list[LineRole]) -> None:
    """Lines that are numbered in a row are postures, also where one of them reads like a movement, if most of them could be names
    or have lines of their own under them."""
    numbered = [
        i
        for i, r in enumerate(read)
        if not out[i] and not r.entry.given and r.entry.t_ms is None and numbered_as(r.entry.text)
    ]
    rising = all(numbered_as(read[b].entry.text) > numbered_as(read[a].entry.text) for a, b in pairwise(numbered))
    if len(numbered) < FEWEST_NAMES or not rising:
        return
    ends = [*numbered[1:], len(read)]
    over = sum(
        any(read[k].entry.line != read[i].entry.line and not read[k].entry.heading for k in range(i + 1, end))
        for i, end in zip(numbered, ends, strict=True)
    )
    names = sum(_is_like_a_name(read[i]) for i in numbered)
    if max(over, names) >= MOSTLY_NUMBERED * len(numbered):
        for i in numbered:
            out[i] = "posture"


MOSTLY_NUMBERED = 0.6
"""Numbered lines name postures where so many of them could, or stand over others (own choice)."""


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
        if r.entry.heading or NUMBER_LABEL.match(r.entry.text) or r.entry.text.endswith(":"):
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
    _by_siblings(read, lines, under, out)


def _by_siblings(
    read: Sequence[ReadEntry], lines: Sequence[_Line], under: Mapping[int, Sequence[int]], out: list[LineRole]
) -> None:
    """A name with a label and nothing under it, after postures that have the same and movements under them, is one, too."""
    over: set[tuple[int | None, int]] = set()
    for k, line in enumerate(lines):
        r = read[line.at]
        if unlabelled(r.entry.text) == r.entry.text:
            continue
        if k in under and out[line.at] == "posture":
            over.add((line.parent, line.depth))
        bare = r._replace(entry=r.entry._replace(text=unlabelled(r.entry.text)))
        if k not in under and (line.parent, line.depth) in over and _is_like_a_name(bare):
            out[line.at] = "posture"


def _all_names(read: Sequence[ReadEntry], lines: Sequence[_Line], which: Sequence[int]) -> bool:
    return all(_is_like_a_name(read[lines[c].at]) for c in which)


def _tree(read: Sequence[ReadEntry], out: Sequence[LineRole]) -> list[_Line]:
    """The lines, each with the last one before it that stands less deep. A heading is nobody's child and nobody's parent."""
    numbered = any(NUMBER_LABEL.match(r.entry.text) for r in read)
    lines: list[_Line] = []
    open_: list[int] = []
    for i, r in enumerate(read):
        e = r.entry
        if i and read[i - 1].entry.line == e.line:
            continue
        depth = 2 * e.indent + (numbered and bool(LOWER_LABEL.match(e.text)))
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
        i for i, r in enumerate(read) if not (out[i] or r.entry.given or r.entry.flows or r.entry.text.endswith(":"))
    ]
    names = [i for i in free if _is_like_a_name(read[i])]
    if len(names) >= FEWEST_NAMES and len(names) >= MOSTLY_NAMES * len(free):
        for i in free:
            text = read[i].entry.text
            # In a long list, what reads like a movement is a name, too: "Turn and left heel kick".
            short = len(text.split()) <= LONG_NAME_WORDS and not text.endswith(".")
            # …and in any, what has its side or its counts after it as names have: "Heel kick, right", "Close 8 counts".
            said = name_line(text)
            if i in names or (short and (len(free) >= LONG_LIST or said.side or said.counts)):
                out[i] = "posture"


FEWEST_NAMES = 3
LONG_LIST = 10
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
    """Whether a line could be nothing but a name."""
    name = name_line(r.entry.text).name
    if any(f.kind == "posture" for f in r.facts):
        return len(_NUMBER_AFTER.sub("", name).split()) <= NAME_WORDS
    return name[:1].isupper() and not r.entry.text.endswith(".") and like_a_name(name, r.facts)


def like_a_name(text: str, facts: Sequence[Fact]) -> bool:
    """Whether words could be nothing but a name: few, no instruction, and no word of the body."""
    name = _NUMBER_AFTER.sub("", name_line(text).name)
    words = name.split()
    titled = words[-1][:1].isupper() if len(words) > 1 else name.endswith("ing")  # "Opening", "Closing"
    plain = words_in(name).isdisjoint(BODY) and bool(words) and (titled or words[0].lower() not in COMMANDS)
    return plain and len(words) <= NAME_WORDS and not tells_movement(facts)


_NUMBER_AFTER = re.compile(r"\s*[(\[]\d{1,3}[)\]]$")
