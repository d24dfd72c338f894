"""The essential of a movement: what the body must do next. Which foot or leg acts, what it does and which way; which leg gets the
weight, and how much where that is not all; which leg lifts or kicks; which way to turn.

Each essential has short phrases in the terms of the trade. A phrase is only made where the fact holds all that the words
say: where they go on ("to three o'clock", "beside the other"), they are used themselves.
"""

from __future__ import annotations

import re
from typing import NamedTuple

from kemvo.core.facts import Fact, FactKind
from kemvo.core.language.numbers import place_words
from kemvo.core.language.sides import first_side, side_words
from kemvo.core.types import SIDE_WORD

ESSENTIAL: frozenset[FactKind] = frozenset({"step", "lift", "pivot", "kick", "shift", "turn"})
"""The kinds of facts that a shorter wording keeps."""


class Phrases(NamedTuple):
    """An essential in two lengths: as it is usually told, and as a call of a few words. Either may be empty."""

    short: str
    call: str


WAYS: dict[str, tuple[str, str]] = {
    "forward": (" forward", " forward"),
    "back": (" back", " back"),
    "out": (" out", " out"),
    "in": (" in", " in"),
    "up": (" up", " up"),
    "down": (" down", " down"),
    "half": (" half a step", " half a step"),
    "corner": (" to the corner", ", corner"),
    "side": (" to the side", ", side"),
    "behind": (" behind", " behind"),
    "circle": (" in an arc", " in an arc"),
}
"""The way of a step, as usually told and in a call."""

SETS = {"heel": ("heel", "", ""), "toe": ("foot", ", toes first", ", toes"), "ball": ("foot", ", ball first", ", ball")}
"""What of a foot is set down first, as it is called, and what is said of it after the way, as usually told and in a call. "Left
toes in" would be a turn of the toes."""

GOES_ON = re.compile(
    r"^\s*(?:heel|toe|toes|ball)?\s*(?:first\s*)?(?:to(?:wards?)?|into|onto|beside|behind|across|between|next|over|past|around|near|by|at"
    r"|from|through)\b(?!\s+(?:shoulder|hip|fist|a|about)\b)",
    re.IGNORECASE,
)
"""The words go on with where to: the fact alone would lose it."""

BODY = re.compile(r"\b(knee|heel|toes?|foot|leg|thigh|ankle)s?\b", re.IGNORECASE)
NOUN_AFTER = re.compile(r"\s+(?:legs?|foot|feet|heels?|toes?|knees?|sides?|hips?)\b", re.IGNORECASE)
PARTICLE_AFTER = re.compile(
    r"\s+(?:up|down|in|out|round|around|back|away|off|forward|forwards|across|over|inward|outward|inwards|outwards)\b",
    re.IGNORECASE,
)
NAMES = re.compile(
    r"(?:left|right|l|r|the|your|my|our|his|her|this|that|legs?|foot|feet|heels?|toes?|knees?|sides?)", re.IGNORECASE
)
"""Words that name a leg, and do not say what it does."""
ACTS = re.compile(
    r"\b(?:step|pivot|shift|turn|kick|lift|sink|sit|stand|weight|foot|feet|heel|toe|leg|knee|stance|bow)\w*\b",
    re.IGNORECASE,
)
"""Words of feet, weight and turning: a clause with one of them is never dropped."""
ANGLE_AFTER = re.compile(r"\s+(?:by\s+|to\s+|about\s+)?\d+\s*(?:degrees|°|%|percent)?(?:\s+degrees)?", re.IGNORECASE)


def essentials_of(facts: tuple[Fact, ...]) -> tuple[Fact, ...]:
    """Those of the facts that have to be told, in order."""
    return tuple(f for f in facts if f.kind in ESSENTIAL)


def own_words(line: str, f: Fact) -> str:
    """The words of a line that say a fact, to the end of what they name; empty where they are not enough by themselves."""
    end = f.end
    for more in (NOUN_AFTER, PARTICLE_AFTER, ANGLE_AFTER):
        found = more.match(line, end)
        if found:
            end = found.end()
    words = line[f.start : end].strip(" ,;:.")
    said = [w for w in words.split() if not NAMES.fullmatch(w)]
    if not said or len(words.split()) == len(said) == 1 or GOES_ON.match(line[end:]):
        return ""
    return words if tells(words, f) else ""


def tells(words: str, f: Fact) -> bool:
    """Whether words name the side of a fact."""
    return f.side not in ("L", "R") or any(w.side == f.side for w in side_words(words))


def phrases(line: str, f: Fact) -> Phrases:
    """An essential in the terms of the trade; empty where the fact holds too little of what the words say."""
    words = line[f.start : f.end]
    if f.guessed:
        return Phrases("", "")
    if f.kind == "turn":
        return _turn(words, f)
    if f.kind == "shift":
        return _shift(f)
    other = any(w.side != f.side for w in side_words(words))
    if f.side not in ("L", "R") or other or (not f.to and GOES_ON.match(line[f.end :])):
        return Phrases("", "")
    side = SIDE_WORD[f.side].capitalize()
    match f.kind:
        case "step":
            return _step(f, side)
        case "lift":
            noun = _noun(words, "foot")
            lifts = f"{side} {noun} {'lift' if noun.endswith('s') else 'lifts'}"
            return Phrases(lifts, lifts)
        case "kick":
            return _kick(f, side)
        case _:
            return _pivot(f, side) if "heel" not in words.lower() or f.on == "heel" else Phrases("", "")


def _noun(words: str, usual: str) -> str:
    found = BODY.search(words)
    noun = found[1].lower() if found else usual
    return {"toe": "toes", "thigh": "knee", "ankle": "foot"}.get(noun, noun)


def _step(f: Fact, side: str) -> Phrases:
    noun, first, called_first = SETS[f.touch] if f.touch else ("foot", "", "")
    if f.ahead_cm or (f.direction not in WAYS and not f.to):
        return Phrases("", "")
    way, called = (
        (f" to {place_words(f.to)}", f", {place_words(f.to).removeprefix('the ')}") if f.to else WAYS[f.direction or ""]
    )
    if f.direction == "back" and f.to:
        way, called = f" back{way}", f" back{called}"
    size = f", {f.size} step" if f.size else ""
    return Phrases(f"{side} {noun}{size}{way}{first}", f"{side} {noun}{called}{called_first}")


def _kick(f: Fact, side: str) -> Phrases:
    part = {"heel": "heel", "toe": "toes", "sole": "sole", None: "foot"}[f.part]
    kicks = f"{side} {part} {'kick' if part == 'toes' else 'kicks'}" if f.part else f"{side} leg kicks"
    return Phrases(kicks, kicks)


def _pivot(f: Fact, side: str) -> Phrases:
    if f.angle and f.toes:
        return Phrases(f"{side} toes {f.toes} {f.angle} degrees", f"{side} toes {f.toes}, {f.angle}")
    if f.toes:
        return Phrases(f"{side} toes {f.toes}", f"{side} toes {f.toes}")
    if f.on and not f.angle:
        return Phrases(f"Pivot on the {side.lower()} {f.on}", f"Pivot {side.lower()} {f.on}")
    return Phrases("", "")


ALL = 100


def _shift(f: Fact) -> Phrases:
    if f.side == "both":
        return Phrases("Weight even", "Weight even")
    if f.side is None:
        return Phrases("", "")
    side = SIDE_WORD[f.side]
    if f.share is None:
        return Phrases(f"Weight to the {side} leg", f"Weight to the {side}")
    if f.share >= ALL:
        return Phrases(f"All the weight on the {side} leg", f"All on the {side}")
    return Phrases(f"{f.share} percent on the {side} leg", f"{f.share} percent {side}")


PLACES = {"front": "to the front", "back": "to the back", "corner": "to the corner", "around": "around"}


def _turn(words: str, f: Fact) -> Phrases:
    """A turn keeps the words it is told in: they may be those of a dialect."""
    if not f.to or f.degrees:
        return Phrases("", "")
    if f.to in ("left", "right") and first_side(words) == ("L" if f.to == "left" else "R"):
        return Phrases(f"Turn {f.to}", f"Turn {f.to}")
    to = PLACES.get(f.to)
    return Phrases(f"Turn {to}", f"Turn {to}") if to and f.to in words.lower() else Phrases("", "")
