"""Notes in a line of a text: what is meant for the sheet and not for the ear. "(4 counts)", "70 % left", "x3", "hold 3 s"."""

from __future__ import annotations

import re
from typing import NamedTuple

from kemvo.core.text_import.one_line.posture_lines import MOST_TIMES, NUMBERS
from kemvo.core.types import MOST_STILL_MS, Breath

_N = rf"\d{{1,3}}(?:[.,]\d+)?|{'|'.join(NUMBERS)}"
_SHARE = (
    r"(?:weight\s+)?(?:(?P<all>all)|(?P<share>\d{1,3})(?:\s*/\s*\d{1,3})?)\s*%?\s*(?:(?:on|to|into|in)\s+)?(?:the\s+)?"
)

_PATTERNS: dict[str, re.Pattern[str]] = {
    "counts": re.compile(
        rf"(?:for\s+|over\s+|in\s+)?({_N})\s*(?:counts?|beats?|cts?\.?)|counts?\s+(?:of\s+)?({_N})", re.IGNORECASE
    ),
    "hold": re.compile(rf"(?:hold|pause)\s+(?:for\s+)?({_N})\s*(?:s|secs?|seconds?)\.?", re.IGNORECASE),
    "times": re.compile(rf"[x×]\s*(\d{{1,2}})|({_N})\s*(?:x|×|times)", re.IGNORECASE),
    "weight": re.compile(rf"{_SHARE}(?P<side>l|r|left|right)(?:\s+leg|\s+foot)?", re.IGNORECASE),
    "even": re.compile(r"(?:weight\s+)?(?:even|50\s*/\s*50|50\s*%?)", re.IGNORECASE),
    "breath": re.compile(r"(?:breathe\s+|breath\s+)?(in|out)(?:-?\s*breath)?|(inhale|exhale)", re.IGNORECASE),
}
"""What a note may say, whole."""

BY_THEMSELVES = frozenset({"counts", "hold", "times"})
"""These are notes wherever they end a line; the others in brackets, beside one of these, or with their percent."""

_BRACKETS = re.compile(r"\s*[(\[]([^()\[\]]*)[)\]]\s*[.]?$")
_TAIL = re.compile(r"(?:\s*[,;–—]\s*|\s+-\s+|\s+(?=[x×]\s*\d))([^,;–—()\[\]]+?)\s*[.]?$")
_DASHED = re.compile(r"\s+[-–—]\s")
""" "Push forward — exhale": what stands after a dash is a note as in brackets; "Push forward, exhale" is said."""


class Notes(NamedTuple):
    """A line without its notes, and what they say; None where they say nothing. `times`: how often it is done."""

    text: str
    counts: float | None = None
    hold_ms: int | None = None
    left_pct: int | None = None
    breath: Breath | None = None
    times: int = 1


def noted(line: str) -> Notes:
    """The notes at the end of a line taken off it."""
    rest, found, in_brackets = line.strip(), dict[str, re.Match[str]](), False
    while rest:
        brackets = _BRACKETS.search(rest)
        tail = brackets or _TAIL.search(rest)
        if not tail:
            break
        parts = [p.strip() for p in re.split(r"[,;]", tail[1]) if p.strip()]
        said = [
            note
            for p in parts
            if (note := _note(p) or (_note(f"{p} counts") if len(parts) > 1 and p.isdecimal() else None))
        ]
        if not said or len(said) < len(parts) or not rest[: tail.start()].strip():
            break
        apart = brackets is not None or bool(_DASHED.match(tail[0]))
        if not apart and any(what in ("weight", "even") and "%" not in m[0] for what, m in said):
            break  # "…, weight even" is said
        found.update({what: m for what, m in said if what not in found})
        in_brackets = in_brackets or apart
        rest = rest[: tail.start()].rstrip(" ,;-–—")
    plainly = in_brackets or BY_THEMSELVES & found.keys() or ("weight" in found and "%" in found["weight"][0])
    if not found or not plainly or not re.search(r"\w", rest):
        return Notes(line)
    return Notes(
        rest,
        _number(found["counts"][1] or found["counts"][2]) if "counts" in found else None,
        min(MOST_STILL_MS, round(1000 * _number(found["hold"][1]))) if "hold" in found else None,
        _left(found["weight"]) if "weight" in found else 50 if "even" in found else None,
        _breath(found["breath"]) if "breath" in found else None,
        min(MOST_TIMES, max(1, round(_number(found["times"][1] or found["times"][2])))) if "times" in found else 1,
    )


def weight_in(cell: str) -> int | None:
    """The weight on the left leg (percent) that a cell tells, in all ways the sheet takes: "70 l", "all left", "R", "even", "70/30
    L". None for any other words."""
    text = " ".join(_ABOUT_WEIGHT.sub(" ", cell).split())
    if _PATTERNS["even"].fullmatch(text) or text.lower() in ("e", "both", "double"):
        return 50
    alone = re.fullmatch(r"(l|r|left|right)", text, re.IGNORECASE)
    if alone:
        return 100 if text[0].lower() == "l" else 0
    found = _PATTERNS["weight"].fullmatch(text)
    return _left(found) if found else None


_ABOUT_WEIGHT = re.compile(
    r"\b(?:weight|stays?|remains?|rests?|is|goes|on|onto|in|into|to|the|leg|foot|side)\b", re.IGNORECASE
)
""" "Stays on the right leg": only the leg counts."""


def breath_in(cell: str) -> Breath | None:
    """The breath that a cell tells; None for any other words."""
    found = _PATTERNS["breath"].fullmatch(cell.strip())
    return _breath(found) if found else SHORT_BREATHS.get(cell.strip().lower().rstrip("."))


SHORT_BREATHS: dict[str, Breath] = {
    "i": "in", "inh": "in", "inhaling": "in", "breathing in": "in", "e": "out", "ex": "out", "exh": "out", "exhaling": "out", "breathing out": "out",
}  # fmt: skip


def _note(words: str) -> tuple[str, re.Match[str]] | None:
    return next(((what, m) for what, p in _PATTERNS.items() if (m := p.fullmatch(words))), None)


def _number(said: str) -> float:
    word = said.lower().strip()
    return float(NUMBERS[word]) if word in NUMBERS else float(word.replace(",", "."))


def _left(m: re.Match[str]) -> int:
    share = 100 if m["all"] else min(100, int(m["share"]))
    return share if m["side"][0].lower() == "l" else 100 - share


def _breath(m: re.Match[str]) -> Breath:
    word = (m[1] or m[2] or "").lower()
    return "in" if word in ("in", "inhale") else "out"
