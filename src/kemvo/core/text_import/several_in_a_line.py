"""Lines that hold several things: a row of names ("Commencing, White Crane, Push and Close"), and a name with its movements in brackets
("High Pat on Horse (right foot half steps up)") or, where most lines are so, after a dash or a colon."""

from __future__ import annotations

import re
from collections.abc import Callable, Iterator, Sequence

from kemvo.core.facts import Fact
from kemvo.core.model.catalogue import Known
from kemvo.core.text_import.naming import called_in_catalogue
from kemvo.core.text_import.one_line.labels import NUMBER, numbered_as, unlabelled
from kemvo.core.text_import.one_line.posture_lines import NAME_SHARE, name_line
from kemvo.core.text_import.whole_text.entries import Given
from kemvo.core.text_import.whole_text.headings import like_a_name, tells_movement
from kemvo.core.text_import.whole_text.script import ReadEntry, within

FEWEST_NAMES = 4
MOSTLY_KNOWN = 0.6
"""A row has so many names, and this share of them is known; one less where all are (own choice)."""

_COMMA = re.compile(r"[,;]\s+(?:(?:and|then)\s+)*(?![^()]*\))")
_SEMICOLON = re.compile(r";\s+(?:(?:and|then)\s+)*(?![^()]*\))")
_AND = re.compile(r"\s+(?:and|then)\s+")
_SIDES = re.compile(r"(?:left|right|l|r)", re.IGNORECASE)
_LEAD = re.compile(r"^([^:,;()]{3,60}):\s+")
_DASHED = re.compile(r"(.{3,60}?)\s+[–—-]\s+(\S.*)$")
_COLON = re.compile(r"([^:,;()]{3,40}):\s+(\S.*)$")
_BRACKETED = re.compile(r"^(.{3,80}?)\s*\(([^()]+)\)\s*\.?$")


def one_thing_each(read: Sequence[ReadEntry], known: Known) -> list[ReadEntry]:
    """The entries of a text, with those that hold several things taken apart."""
    whole = [r for r in read if not (r.entry.given or r.entry.flows)]
    firsts = [r for k, r in enumerate(whole) if not k or whole[k - 1].entry.line != r.entry.line]
    names = {r.entry.line: m for how in (_after_dash, _after_colon) for r, m in _mostly(firsts, how)}
    out: list[ReadEntry] = []
    for r in read:
        m = names.pop(r.entry.line, None)
        if m:
            out += _name_and_movements(r, m)
        else:
            out += (r,) if r.entry.given or r.entry.flows else _apart(r, known)
    return out


def _mostly(
    firsts: Sequence[ReadEntry], how: Callable[[ReadEntry], re.Match[str] | None]
) -> list[tuple[ReadEntry, re.Match[str]]]:
    """The lines that begin with a name and go on with its movements, where most lines of the text do."""
    lines = [r for r in firsts if how is _after_colon or numbered_as(r.entry.text)]
    found = [(r, m) for r in lines if (m := how(r))]
    telling = sum(tells_movement([f for f in r.facts if f.start >= m.start(2)]) for r, m in found)
    many = len(found) >= max(FEWEST_NAMES - 1, MOSTLY_KNOWN * len(lines))
    return found if many and 2 * telling >= len(found) else []


def _after_dash(r: ReadEntry) -> re.Match[str] | None:
    """The name and what stands after its dash, in a numbered line ("2. Wade out – weight right; step"); None for any other, and where only
    a side or the like stands there."""
    label = NUMBER.match(r.entry.text)
    m = _DASHED.match(r.entry.text, label.end()) if label else None
    return m if m and name_line(m[0]).name.strip(" .,;:") != m[1].strip(" .,;:") else None


def _after_colon(r: ReadEntry) -> re.Match[str] | None:
    """The name and what stands after its colon: "Breeze left: step out"; None for any other line."""
    text = r.entry.text
    m = _COLON.match(text, len(text) - len(unlabelled(text)))
    if m is None:
        return None
    named = any(f.kind == "posture" and f.start < m.end(1) for f in r.facts)
    return m if named or like_a_name(m[1], [f for f in r.facts if f.end <= m.end(1)]) else None


def _name_and_movements(r: ReadEntry, m: re.Match[str]) -> Iterator[ReadEntry]:
    yield _listed(part_of(r, 0, m.end(1)))
    yield from (part_of(r, a, b) for a, b in _between(_SEMICOLON, r.entry.text, m.start(2), m.end(2)))


def _listed(r: ReadEntry) -> ReadEntry:
    """An entry that is a posture's name, whatever its words sound like."""
    return r._replace(entry=r.entry._replace(given=Given("posture", listed=True, sure=True)))


def _goes_with(name: str, more: str) -> bool:
    """Whether a piece only says more of the name before it."""
    return name_line(f"{name.strip()}, {more.strip()}").name == name_line(name).name


def _apart(r: ReadEntry, known: Known) -> Iterator[ReadEntry]:
    text = r.entry.text
    bracketed = _BRACKETED.match(text)
    lead = _LEAD.match(text)
    row = _row(text, lead.end() if lead else 0, r.facts, known)
    if row:
        if lead:
            yield _named(part_of(r, lead.start(), lead.end(1) + 1), known)
        yield from (_listed(_named(part_of(r, a, b), known)) for a, b in row)
    elif bracketed and _names_then_tells(r, bracketed):
        yield part_of(r, 0, bracketed.end(1))
        yield part_of(r, bracketed.start(2), bracketed.end(2))
    else:
        yield r


def _row(text: str, begin: int, facts: Sequence[Fact], known: Known) -> list[tuple[int, int]]:
    """Where the names of a row stand; none where the text is no row of names."""
    end = len(text.rstrip(" ."))
    spans: list[tuple[int, int]] = []
    mark = _SEMICOLON if text.count(";") >= FEWEST_NAMES - 2 else _COMMA
    for a, b in _between(mark, text, begin, end):
        before = text[spans[-1][0] : spans[-1][1]] if spans else ""
        if spans and (_SIDES.fullmatch(text[a:b].strip()) or _goes_with(before, text[a:b])):
            spans[-1] = (spans[-1][0], b)  # "Brush knee L, R, L", "Cloud hands, three times"
        else:
            spans.append((a, b))
    if len(spans) < FEWEST_NAMES - 1:
        return []
    led = re.match(r"(?:\s*(?:and|then|now|so|next)\b,?)+\s*", text[spans[0][0] :], re.IGNORECASE)
    if led:
        spans[0] = (spans[0][0] + led.end(), spans[0][1])

    def is_known(a: int, b: int) -> bool:
        name = name_line(text[a:b]).name
        named = sum(f.end - f.start for f in facts if f.kind == "posture" and a <= f.start and f.end <= b)
        return named >= NAME_SHARE * max(1, len(name)) or called_in_catalogue(name, known) is not None

    last = _between(_AND, text, *spans[-1])
    if len(last) > 1 and all(is_known(a, b) for a, b in last):
        spans[-1:] = last
    names = sum(is_known(a, b) for a, b in spans)
    others = [(a, b) for a, b in spans if not is_known(a, b)]
    plain = all(like_a_name(text[a:b], [f for f in facts if a <= f.start < b]) for a, b in others)
    fewest = FEWEST_NAMES - (not others)
    return spans if plain and len(spans) >= fewest and names >= MOSTLY_KNOWN * len(spans) else []


def _between(mark: re.Pattern[str], text: str, begin: int, end: int) -> list[tuple[int, int]]:
    """Where the pieces between marks stand."""
    out: list[tuple[int, int]] = []
    at = begin
    for m in mark.finditer(text, begin, end):
        out.append((at, m.start()))
        at = m.end()
    return [(a, b) for a, b in [*out, (at, end)] if text[a:b].strip()]


def _names_then_tells(r: ReadEntry, m: re.Match[str]) -> bool:
    """Whether words in brackets tell movements, and those before them only name."""
    before = [f for f in r.facts if f.start < m.end(1)]
    inside = [f for f in r.facts if f.start >= m.start(2)]
    name = unlabelled(m[1])
    titled = all(w[:1].isupper() or len(w) < 5 for w in name.split())  # "High Pat on Horse", not "Lift the hands"
    known = any(f.kind == "posture" and f.end - f.start >= NAME_SHARE * len(name) for f in before)
    telling = sum(f.kind in ("step", "lift", "pivot", "kick", "turn") for f in inside) + len(inside) > 1
    return telling and tells_movement(inside) and (known or (titled and like_a_name(name, before)))


def _named(r: ReadEntry, known: Known) -> ReadEntry:
    """A name of a row, which by itself is one of the catalogue: "Push", which in a sentence is done."""
    name = name_line(r.entry.text).name
    fact = None if any(f.kind == "posture" for f in r.facts) else called_in_catalogue(name, known)
    return r._replace(facts=[fact.model_copy(update={"end": len(name)})]) if fact else r


def part_of(r: ReadEntry, begin: int, end: int) -> ReadEntry:
    """A piece of an entry, with the facts that are read from it."""
    facts = [within(f, begin, end - begin) for f in r.facts if begin <= f.start < end]
    clauses = [c - begin for c in r.clauses if begin <= c < end]
    entry = r.entry._replace(text=r.entry.text[begin:end].strip(), flows=False)
    return ReadEntry(entry, facts, clauses)
