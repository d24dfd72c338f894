"""The signs by which the kind of a line is told: how it stands, how it is written, what was read in it, and what is beside it."""

from __future__ import annotations

import re
from collections.abc import Iterator, Mapping, Sequence

from kemvo.core.language import lexicon as lx
from kemvo.core.movement.interpretation import words_in
from kemvo.core.tables.stances import stance_in
from kemvo.core.text_import.kinds.labels import label_of
from kemvo.core.text_import.one_line.as_before import reference
from kemvo.core.text_import.one_line.labels import DECIMAL, LOWER_LABEL, numbered_as, unlabelled
from kemvo.core.text_import.one_line.posture_lines import LEADING, name_line
from kemvo.core.text_import.whole_text.entries import ScriptEntry
from kemvo.core.text_import.whole_text.headings import BODY, COMMANDS, MOVES, LineRole, like_a_name
from kemvo.core.text_import.whole_text.script import ReadEntry

WORDS_UP_TO = (1, 2, 3, 5, 8, 12, 18)
"""Lengths of lines that count as alike, in words."""
PASSED_ON = ("label", "long", "case", "end", "tells", "rule", "item", "name", "in")
"""Signs that lines beside tell, too."""
WORD_SIGNS = 40
"""How many of a line's first words are signs of their own."""

_SPOKEN_TO = frozenset("we you i i'm we're you're let's everybody everyone folks us me my our your".split())
_TALK = frozenset(
    "okay ok um uh yeah lovely well hello hi welcome today thanks thank good great sorry nice remember water week know say said don't".split()
)
_CARE = frozenset(
    "careful never not don't avoid stop pain hurt hurts pinch pinches twist twists knee knees back dizzy slippery wall balance sore beyond past stiff shoulder"
    " neck safe care mind watch nobody no without lock locking locked".split()
)
_EASIER = frozenset(
    "or if easier gentler instead option chair seated may can just lower smaller half need only anyone those who people stay hold".split()
)
_AGAIN = frozenset(
    "same again repeat other twice times mirror mirrored side before above ditto likewise reversed opposite vice once more both".split()
)
_FAMILIES = {
    "to people": _SPOKEN_TO,
    "talk": _TALK,
    "care": _CARE,
    "easier": _EASIER,
    "again": _AGAIN,
    "body": BODY,
    "acts": lx.ACTS,
}


def signs_of(read: Sequence[ReadEntry], laid: Sequence[LineRole], became: Sequence[str]) -> list[list[str]]:
    """The signs of every entry. `laid`: what each is by its place; `became`: what the rules for one line make of it."""
    own = [dict(_own(read, i, laid[i], became[i])) for i in range(len(read))]
    telling = [mine["tells"] not in QUIET for mine in own]
    whole = _share(sum(telling), len(own))
    alike: dict[tuple[str, ...], list[bool]] = {}
    for mine, tells in zip(own, telling, strict=True):
        alike.setdefault(manner(mine), []).append(tells)
    out = []
    for i, mine in enumerate(own):
        signs = ["=", *(f"{k}:{v}" for k, v in mine.items() if v != "")]
        signs += _words(read[i].entry.text)
        for by, name in ((-1, "before"), (1, "after"), (2, "second")):
            if 0 <= i + by < len(own):
                signs += [f"{name} {k}:{own[i + by][k]}" for k in PASSED_ON if own[i + by][k] != ""]
            else:
                signs.append(f"{name} none")
        signs += [
            f"rule {became[i]} tells:{mine['tells']}",
            f"rule {became[i]} long:{mine['long']}",
            f"{mine['label']} tells:{mine['tells']}",
        ]
        fellows = alike[manner(mine)]
        signs += [
            f"text {whole} tells:{mine['tells']}",
            f"text {whole} long:{mine['long']}",
            f"text {whole} case:{mine['case']}",
        ]
        if len(fellows) > 1:
            signs += [
                f"fellows {_share(sum(fellows), len(fellows))}",
                f"fellows {_share(sum(fellows), len(fellows))} tells:{mine['tells']}",
            ]
        out.append(signs)
    return out


QUIET = ("nothing", "name", "counts")
"""What lines tell that tell no movement."""


def manner_of(r: ReadEntry) -> str:
    """How a line is written, as a key: lines that have the same are written alike."""
    return " ".join(manner(dict(_own([r], 0, "", ""))))


def manner(own: Mapping[str, str]) -> tuple[str, ...]:
    """How a line is written: its label, how it stands, its capitals, its stop. Lines alike in this are often alike in kind."""
    return tuple(own[k] for k in ("label", "item", "indent", "heading", "case", "end"))


def _share(some: int, all_: int) -> str:
    share = some / max(1, all_)
    return "none" if not some else "few" if share < 0.25 else "some" if share < 0.6 else "most"


def _words(text: str) -> Iterator[str]:
    said = re.findall(r"[a-z'’]+", unlabelled(text).lower())[:WORD_SIGNS]
    yield from {f"w {w}" for w in said}
    for k, w in enumerate(said[:2]):
        yield f"w{k} {w}"
    if len(said) > 1:
        yield f"w0+1 {said[0]} {said[1]}"
    if said:
        yield f"w-1 {said[-1]}"


def _own(read: Sequence[ReadEntry], i: int, laid: LineRole, became: str) -> Iterator[tuple[str, str]]:
    entry, facts, _ = read[i]
    text, before = entry.text.strip(), read[i - 1].entry if i else None
    bare = unlabelled(text)
    said = bare.split()
    yield "label", _label(text)
    yield "long", str(next((n for n in WORDS_UP_TO if len(said) <= n), "more"))
    yield "case", _case(said)
    yield "end", text[-1] if text[-1:] in tuple(".:!?,)") else ""
    yield "tells", _told(facts)
    yield "rule", became
    yield "item", "item" if entry.item else ""
    yield "name", "name" if like_a_name(text, facts) else ""
    yield from _beside(before, entry, read[i + 1].entry if i + 1 < len(read) else None)
    yield "laid", laid
    yield "heading", HEADINGS.get(entry.heading, "3")
    yield "indent", "indented" if entry.indent else ""
    yield "at", _at(i, len(read))
    yield "says", label_of(text) or ""
    yield "colon", "colon" if re.match(r"[^:]{2,40}:\s+\S", bare) else ""
    yield "brackets", "all" if bare[:1] in ("(", "[") else "some" if "(" in bare or "[" in bare else ""
    yield "command", "command" if said and said[0].lower().strip(",:") in COMMANDS else ""
    yield "time", "timed" if entry.t_ms is not None else ""
    yield "named", _named(text, facts)
    yield "refers", "refers" if reference(unlabelled(text)) else ""
    yield "numbers", "numbers" if re.search(r"\d", bare) else ""
    yield "stance", "stance" if stance_in(text) else ""
    counted = name_line(text)
    yield "counted", "counted" if counted.counted or counted.counts else ""
    yield "given", entry.given.kind if entry.given else ""
    led, then = _led(bare)
    yield "led", led
    yield "led then", f"{led} {then}" if led else ""
    words = words_in(bare)
    for name, family in _FAMILIES.items():
        yield f"of {name}", str(min(2, len(words & family))) if words & family else ""


HEADINGS = {0: "", 1: "1", 2: "2", 7: "bold", 8: "capitals"}
"""How headings are told apart by their levels; those between are all "3"."""

SAYS_NEXT = frozenset("next called first second third fourth last into comes is".split())
"""Of the words that announce a posture (`ANNOUNCING`) those that seldom lead up to anything else."""


def _beside(before: ScriptEntry | None, entry: ScriptEntry, after: ScriptEntry | None) -> Iterator[tuple[str, str]]:
    """How an entry stands to the one before it, and whether it is the whole of its line."""
    same = before is not None and before.line == entry.line
    if before is not None:
        yield "in", "deeper" if entry.indent > before.indent else "out" if entry.indent < before.indent else ""
        yield "gap", "same line" if same else "gap" if entry.line > before.line + 1 else ""
    else:
        yield "in", ""
    alone = after is None or after.line != entry.line
    yield "sentence", "goes on" if same else "whole" if alone else "first"


def _at(i: int, of: int) -> str:
    """Where in the text a line stands, as far as that tells."""
    if i < EARLY:
        return ("first", "second")[i] if i < 2 else "early"
    return "last" if i == of - 1 else "late" if i >= of - LATE else ""


EARLY, LATE = 5, 3


def _led(text: str) -> tuple[str, str]:
    """How many words lead up to what a spoken line is about ("okay so next one is…"), and what comes after them."""
    said = re.findall(r"[a-z'’]+", text.lower())
    n = next((k for k, w in enumerate(said) if w not in LEADING), len(said))
    then = said[n] if n < len(said) else ""
    families = (("body", BODY | {"left", "right"}), ("command", COMMANDS), ("people", _SPOKEN_TO))
    what = next((name for name, family in families if then in family), "word" if then else "end")
    announced = "announced " if SAYS_NEXT & set(said[:n]) else ""
    return (f"{announced}{min(n, 4)}", what) if n else ("", what)


def _label(text: str) -> str:
    if DECIMAL.match(text):
        return "decimal"
    if LOWER_LABEL.match(text):
        return "bullet" if text.lstrip()[:1] in "-*+•–" else "letter"
    return "number" if numbered_as(text) else ""


def _case(said: Sequence[str]) -> str:
    letters = [w for w in said if w[:1].isalpha()]
    if not letters:
        return "none"
    if all(w.isupper() for w in letters) and sum(map(len, letters)) > 3:
        return "capitals"
    if len(letters) > 1 and all(w[:1].isupper() or len(w) < 5 for w in letters) and letters[-1][:1].isupper():
        return "titled"
    return "upper" if letters[0][:1].isupper() else "lower"


def _told(facts: Sequence[object]) -> str:
    kinds = [f.kind for f in facts]  # type: ignore[attr-defined]
    moves = [k for k in kinds if k in MOVES]
    feet = any(k in ("step", "lift", "pivot", "kick") for k in kinds)
    if not moves:
        return "nothing" if not kinds else "name" if "posture" in kinds else "counts"
    if set(moves) == {"breath"}:
        return "breath"
    return ("feet" if feet else "weight" if "shift" in kinds else "turn") + ("+" if len(moves) > 1 else "")


def _named(text: str, facts: Sequence[object]) -> str:
    share = sum(f.end - f.start for f in facts if f.kind == "posture") / max(1, len(text))  # type: ignore[attr-defined]
    return "" if not share else "mostly" if share > 0.55 else "partly"
