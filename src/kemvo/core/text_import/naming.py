"""Postures from the names that a text gives them: as written, with the side that is said, filled from the catalogue."""

from __future__ import annotations

import re
from collections.abc import Sequence
from functools import lru_cache

from kemvo.core.facts import Fact
from kemvo.core.language.sides import first_side, side_words
from kemvo.core.model.catalogue import Known
from kemvo.core.model.form import Posture
from kemvo.core.movement.interpretation import line_facts
from kemvo.core.movement.readings import read as read_line_of
from kemvo.core.text_import.one_line.posture_lines import LEADING, NAME_SHARE, NO_NAME, NameLine
from kemvo.core.types import Side

_TIMES = re.compile(r"(?:[x×]\s*(\d{1,2})|\b(\d{1,2})\s*(?:x|×|times))", re.IGNORECASE)


_OFTEN = re.compile(r"\s*[(\[]([2-9])[)\]]$")
""" "Cloud hands (3)": how often, where a posture has sides; "Opening (8)" may be anything."""


def name_in_list(facts: Sequence[Fact], said: NameLine, known: Known) -> Fact | None:
    """The posture of the catalogue that a line of a list names, with its side."""
    named = next((f for f in facts if f.kind == "posture" and f.end - f.start >= NAME_SHARE * len(said.name)), None)
    return named or called_in_catalogue(said.name, known)


def called_in_catalogue(name: str, known: Known) -> Fact | None:
    """The posture of the catalogue that has just this name, with its side: "push", which in a sentence is no name."""
    titled = titled_words(name) and len(name.split()) > 2
    called = known.called
    id_ = called.get(name.lower()) or (called.get(_TURNED.sub("", name).lower()) if titled else None)
    return Fact(kind="posture", start=0, end=1, id=id_, side=first_side(name)) if id_ else None


_TURNED = re.compile(r"^(?:Zhuan\s*Shen\s+)?(?:(?:Zuo|You)\s+)*", re.IGNORECASE)
""" "Zhuan Shen Zuo Deng Jiao": turn the body, the left: what is done is the rest."""


def posture_listed(said: NameLine, named: Fact | None, text: str, known: Known, facts: Sequence[Fact] = ()) -> Posture:
    """The posture that a line of a list names. `named`: the one of the catalogue, if it is one."""
    if named:
        return posture_named(named, text, known, said)
    both = _two_in_one(said, facts, known)
    if both:
        return both
    side = said.side or _pinyin_side(said.name) or side_beside(said.name)
    return Posture(name=said.name[:200], number=said.number, side=side, repeats=said.times, alternate=said.alternate)


def _two_in_one(said: NameLine, facts: Sequence[Fact], known: Known) -> Posture | None:
    """A posture that a list names by two of the catalogue: "Snake creeps down and golden rooster, left"."""
    named = _of_parts(said.name, known) or [f for f in facts if f.kind == "posture" and f.id in known]
    if len(named) < 2 or sum(f.end - f.start for f in named) < NAME_SHARE * len(said.name):
        return None
    side = said.side or next((f.side for f in named if f.side in ("L", "R")), None) or first_side(said.name)
    entries = [known[f.id or ""] for f in named]
    movements = tuple(m for e in entries for m in e.on(side).movements)
    kinds = tuple(dict.fromkeys(k for e in entries for k in e.posture.kinds))
    return Posture(
        name=_as_written(said.name)[:200], number=said.number, side=side, repeats=said.times, alternate=said.alternate,
        kinds=kinds, movements=movements,
    )  # fmt: skip


def _of_parts(name: str, known: Known) -> list[Fact]:
    """The postures of a name all parts of which are names of the catalogue: "Roll Back, Press & Push"."""
    parts = [p for p in re.split(r"\s*(?:[,&/+]|\band\b)\s*", name) if p]
    called = [called_in_catalogue(p, known) for p in parts]
    found = [f.model_copy(update={"end": len(p) + 1}) for f, p in zip(called, parts, strict=True) if f]
    return found if len(found) == len(parts) > 1 else []


def posture_named(fact: Fact, text: str, known: Known, said: NameLine = NO_NAME) -> Posture:
    """The posture a line names. `said`: what the line says as one of a list."""
    entry = known[fact.id or ""]
    told: Side | None = fact.side if fact.side in ("L", "R") else None
    both = bool(_BOTH.match(said.name)) and said.side is None
    side = "L" if both else said.side or told or _pinyin_side(said.name)
    said = said._replace(times=2, alternate=True) if both and said.times == 1 else said
    often = _OFTEN.search(said.name) if said.times == 1 and entry.posture.side else None
    if often:
        said = said._replace(name=said.name[: often.start()], times=int(often[1]))
    times = _TIMES.search(text) if said.times == 1 else None
    repeats = int(next(g for g in times.groups() if g)) if times else said.times
    posture = entry.on(side)
    words = said.name.strip() or text[fact.start : fact.end].strip()
    led = re.findall(r"[a-z'’]+", text[: fact.start].lower())
    if (
        led
        and not titled_words(text[: fact.end])
        and not said.number
        and fact.end - fact.start > 1
        and (LEADING | {"was"}).issuperset(led)
    ):
        words = text[fact.start : fact.end]  # "and now single whip": what leads up to a name is none of it
    travels = repeats > 1 and entry.posture.side is not None and _travels(entry.posture)
    alternates = (said.alternate or travels) and entry.posture.side is not None
    return posture.model_copy(
        update={
            "id": entry.id,
            "name": _as_written(words)[:200] or posture.name,
            "number": said.number,
            "side": (side or ("L" if alternates else None)) if entry.posture.side else None,
            "repeats": min(99, max(1, repeats)),
            "alternate": alternates,
            "movements": (),
        }
    )


def _as_written(words: str) -> str:
    """A name as it was written, with a capital."""
    name = words.strip(" .,;:-–—")
    name = name.strip("()[]") if name.count("(") != name.count(")") or name.count("[") != name.count("]") else name
    return name[:1].upper() + name[1:]


@lru_cache(maxsize=512)
def _travels(posture: Posture) -> bool:
    """Whether a posture goes forward or back, so that doing it again is doing it on the other side."""
    facts = [s.fact for m in posture.movements for s in line_facts(read_line_of(m))]
    return any(f.kind == "step" and f.direction in ("forward", "back", "corner") for f in facts)


def titled_words(text: str) -> bool:
    """Whether all words have capitals, as in a list: "You Lan Que Wei", "Play the Lute"."""
    words = re.findall(r"[^\W\d_]+", text)
    return all(w[:1].isupper() or (k and w in SMALL_WORDS) for k, w in enumerate(words))


SMALL_WORDS = frozenset("a an and at from his in into its like of on over s the to under with".split())


def _pinyin_side(name: str) -> Side | None:
    """The side that a name in pinyin says: "Zhuan Shen Zuo Deng Jiao"."""
    words = name.lower().split()
    said: set[Side] = {s for w, s in PINYIN_SIDES.items() if w in words}
    return said.pop() if len(said) == 1 and len(words) > 2 and titled_words(name) else None


_BOTH = re.compile(r"(?:Zuo\s*You|You\s*Zuo)\s+[A-Z]")
""" "Zuo You Chuan Suo": on the left and the right."""
PINYIN_SIDES: dict[str, Side] = {"zuo": "L", "you": "R"}


def side_beside(name: str) -> Side | None:
    """The side that stands before or after a name: "Part the reeds L", "Right wave"; "Kick with the left heel" has none."""
    found = side_words(name)
    beside = len(found) == 1 and (not name[: found[0].start].strip(" (") or not name[found[0].end :].strip(" .)"))
    return found[0].side if beside else None
