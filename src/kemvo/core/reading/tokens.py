"""A text as words with their places; sides found, misheard words put right."""

from __future__ import annotations

import re
from collections.abc import Callable
from typing import NamedTuple

from kemvo.core.reading import lexicon as lx
from kemvo.core.sides import side_words
from kemvo.core.values import Side

_WORD = re.compile(r"[A-Za-z]+(?:['’-][A-Za-z]+)*|\d+(?:\.\d+)?|%|°")
_HARD = re.compile(r"[.!?;\n]|\s[–—-]\s")


MAYBE_MISHEARD = frozenset(lx.ALIKE) | {"wait", "lift", "left", "hail", "hale", "shoulder", "shoulders"}


LEGS = frozenset("middle centre center left right both".split())
""" "Wait in the middle", "wait on the left": the weight."""


class Token(NamedTuple):
    """A word: as it is meant (lower case), where it stands, its side if it means one, and what comes after it:
    a hard end (full stop, dash), a comma or colon, or nothing."""

    w: str
    start: int
    end: int
    side: Side | None
    hard: bool
    comma: bool


def tokens_of(text: str) -> list[Token]:
    """The words of a text, misheard ones put right."""
    text = text.replace("’", "'")
    found = list(_WORD.finditer(text))
    raw = [m[0].lower() for m in found]
    words = _put_right(
        raw, lambda i: i + 1 < len(found) and not _HARD.search(text[found[i].end() : found[i + 1].start()])
    )
    mended = _with_mended_sides(text, found, raw, words)
    sides = {w.start: w.side for w in side_words(mended)} if len(mended) == len(text) else {}
    if len(mended) != len(text):
        sides = _sides_by_order(mended, found, words)
    out = []
    for i, m in enumerate(found):
        after = text[m.end() : found[i + 1].start() if i + 1 < len(found) else len(text)]
        hard = i + 1 == len(found) or (after != " " and bool(_HARD.search(after)))
        out.append(Token(words[i], m.start(), m.end(), sides.get(m.start()), hard, "," in after or ":" in after))
    return out


WAITS_TO = frozenset("left right forward forwards back over across".split())
""" "Wait left": the weight, unless "wait right there"."""


def _put_right(raw: list[str], joined: Callable[[int], bool]) -> list[str]:
    """The words as they are meant. `joined`: whether the word at an index goes on into the next without a stop."""
    words = list(raw)
    for i, w in enumerate(raw):
        if w not in MAYBE_MISHEARD:
            continue
        near = raw[max(0, i - 2) : i] + raw[i + 1 : i + 3]
        after = raw[i + 1] if i + 1 < len(raw) else ""
        before = raw[i - 1] if i else ""
        if w in lx.ALIKE and (w not in lx.NEEDS_COMPANY or _in_company(w, before, after, near)):
            words[i] = lx.ALIKE[w]
        elif w == "wait" and (
            before in ("the", "your", "all", "more", "of", "body", "same", "equal", "change")
            or (after == "back" and raw[i + 2 : i + 3] != [] and raw[i + 2] in ("on", "in", "into", "onto", "to"))
            or (after == "is" and raw[i + 2 : i + 3] != [] and raw[i + 2] in ("on", "in", "all", "even"))
            or (after in ("in", "on", "to") and not LEGS.isdisjoint(raw[i + 2 : i + 5]))
            or (after in WAITS_TO and raw[i + 2 : i + 3] not in (["there"], ["here"], ["for"], ["until"], ["now"]))
            or after in ("onto", "into", "even", "evenly", "goes", "follows", "shifts", "moves", "transfers")
        ):
            words[i] = "weight"
        elif w == "lift" and before in ("the", "your") and after in lx.FOOT:
            words[i] = "left"
        elif (
            w == "left"
            and before in ("", "and", "then", "now", "so", "okay", "next", "to", "gently")
            and not (before == "to" and i > 1 and raw[i - 2] in ("over", "across", "back", "weight", "it"))
            and joined(i)
            and after in ("your", "the")
            and i + 3 < len(raw)
            and raw[i + 2] in ("left", "right")
            and raw[i + 3] in lx.FOOT
        ):
            words[i] = "lift"
        elif w in ("shoulder", "shoulders") and after in ("width", "widths"):
            words[i] = "shoulder-width"  # a measure, and no shoulder
        elif w in ("hail", "hale") and before in ("in", "and", "an", "x", "ex"):
            words[i] = "exhale" if before in ("x", "ex") else "inhale"
    return words


def _in_company(w: str, before: str, after: str, near: list[str]) -> bool:
    meant = lx.ALIKE[w]
    if meant in ("left", "right"):
        if before == "the" and w in ("write", "rite") and not after:
            return True
        return after in lx.FOOT | lx.HAND | {"side"} or lx.ALIKE.get(after) in lx.FOOT
    if meant == "percent":
        return before in ("per", "pour")
    if w == "food":
        return before in ("left", "right", "back", "front", "other", "write") or "your" in near
    if meant in lx.FOOT:
        return bool({"left", "right", "write", "laughed"} & set(near)) or (
            before in ("the", "your") and after in ("first", "down", "in", "out", "up", "together")
        )
    if meant == "shift":
        return bool({"weight", "wait"} & set(near))
    if meant == "breathe":
        return after in ("in", "out")
    if meant == "sink":
        return after in ("into", "down", "onto")
    if meant == "pivot":
        return bool({"on", "the", "your"} & set(near)) and bool(
            (lx.FOOT | {"heal", "left", "right", "ball"}) & set(near)
        )
    if meant == "step":
        return after in lx.STEP_WAYS or "foot" in near
    if meant == "waist":
        return "turn" in near or "turning" in near
    return bool(lx.FOOT & set(near))


def _with_mended_sides(text: str, found: list[re.Match[str]], raw: list[str], words: list[str]) -> str:
    """The text with misheard side words replaced, so that the rules for left and right see what was meant."""
    if raw == words:
        return text
    out, at = [], 0
    for m, before, meant in zip(found, raw, words, strict=True):
        if before != meant and (meant in ("left", "right") or before in ("left", "right", "wait")):
            out += [text[at : m.start()], meant]
            at = m.end()
    return "".join([*out, text[at:]])


def _sides_by_order(mended: str, found: list[re.Match[str]], words: list[str]) -> dict[int, Side]:
    """Sides of the mended text, by the place of the word in the text as it was."""
    places = [m.start() for m in _WORD.finditer(mended)]
    at = {w.start: w.side for w in side_words(mended)}
    return {found[i].start(): at[p] for i, p in enumerate(places) if p in at and i < len(words)}
