"""Texts that name a posture after its movements: "…and push. That was brush knee." """

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import Literal, NamedTuple

from kemvo.core.facts import Fact
from kemvo.core.text_import.whole_text.entries import Given, ScriptEntry
from kemvo.core.text_import.whole_text.script import ReadEntry, within

NamesStand = Literal["", "before", "after"]
"""Where the names of a text were taken to stand; "": it could not be either."""

_CLOSING = re.compile(
    r"^(?:(?:and|so|okay|ok|good|right|there),?\s+)*"
    r"(?:(?:that|this)(?:[’']s| is| was| makes| completes| finishes| would be)|there(?:[’']s| is) (?:your|our))\s+"
    r"(?:(?:called|the end of|it for)\s+)?(?:(?:the|your|our)\s+)?(?P<name>[^,.!?:;]{2,60}?(?:,? (?:left|right))?)\s*[.!]*$",
    re.IGNORECASE,
)
FEWEST = 2
"""The fewest names after their movements that make a text one of that kind."""

MOST_WORDS = 8

NO_NAMES = frozenset("it that this all right good fine enough one done better way how what where why not".split())
""" "That's it", "that's how we do it": no name."""

DOES = frozenset({"step", "lift", "pivot", "shift", "turn", "kick"})


class Ordered(NamedTuple):
    """Entries in the order in which they make a form: each name before its movements. `was`: the place of each in the text;
    `stand`: where the names were taken to stand."""

    read: list[ReadEntry]
    was: list[int]
    stand: NamesStand


def names_first(read: Sequence[ReadEntry], stand: NamesStand = "") -> Ordered:
    """A text whose names all stand after their movements, with every name put before them. `stand`: where the instructor says that
    they stand; a text that can only be read one way is left as it is."""
    closing = [i for i, r in enumerate(read) if _name(r)]
    plain = Ordered(list(read), list(range(len(read))), "")
    if not _could(read, closing):
        return plain
    if stand == "before":
        return plain._replace(stand="before")
    out: list[ReadEntry] = []
    was: list[int] = []
    begin = 0
    for i in closing:
        out += [_named(read[i], read[begin]), *read[begin:i]]
        was += [i, *range(begin, i)]
        begin = i + 1
    return Ordered([*out, *read[begin:]], [*was, *range(begin, len(read))], "after")


def _could(read: Sequence[ReadEntry], closing: Sequence[int]) -> bool:
    """Whether names stand after movements throughout: something is done before each, and nothing after the last; and no line is a
    heading or labelled, which would say where postures begin."""
    if len(closing) < FEWEST or any(r.entry.heading or r.entry.given for r in read):
        return False
    begins = [0, *(i + 1 for i in closing[:-1])]
    told = all(any(_does(r) for r in read[a:b]) for a, b in zip(begins, closing, strict=True))
    return told and not any(_does(r) for r in read[closing[-1] + 1 :])


def _does(r: ReadEntry) -> bool:
    return any(f.kind in DOES for f in r.facts)


def closing_name(text: str, facts: Sequence[Fact]) -> str:
    """The name in a line that only names what was done: "That's White Crane, on the left."; empty in any other."""
    m = _name(ReadEntry(ScriptEntry(None, 0, text), list(facts)))
    named = any(f.kind == "posture" for f in facts) or (m is not None and m["name"][:1].isupper())
    return m["name"][:1].upper() + m["name"][1:] if m and named else ""


def _name(r: ReadEntry) -> re.Match[str] | None:
    """The name in a line that only names what was done."""
    m = _CLOSING.match(r.entry.text.strip())
    if m is None or _does(r):
        return None
    words = m["name"].lower().split()
    named = any(f.kind == "posture" for f in r.facts)
    return m if len(words) <= MOST_WORDS and (named or not NO_NAMES & set(words)) and words[0] not in NO_NAMES else None


def _named(r: ReadEntry, first: ReadEntry) -> ReadEntry:
    """A closing line as the name of a posture that begins with `first`."""
    m = _name(r)
    assert m is not None
    by = m.start("name") + len(r.entry.text) - len(r.entry.text.lstrip())
    facts = [within(f, by, len(m["name"])) for f in r.facts if f.kind == "posture" and f.end > by]
    name = m["name"][:1].upper() + m["name"][1:]
    entry = r.entry._replace(
        text=name, t_ms=first.entry.t_ms, flows=False, given=Given("posture", listed=True, sure=True)
    )
    return ReadEntry(entry, facts)
