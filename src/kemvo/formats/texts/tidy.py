"""What word processors, recorders and habits put around the lines of a text, made plain: bullets of all shapes, underlined headings,
bare numbers, the name of who speaks, the head of a Markdown file. Lines stay where they are."""

from __future__ import annotations

import re
from collections import Counter
from itertools import pairwise

from kemvo.core.text_import.one_line.labels import DECIMAL
from kemvo.formats.text import CLOCK

FEWEST_IN_A_ROW = 3
"""The fewest lines that count on, lines of one speaker, or items between arrows that are taken as meant (own choice)."""


def tidied(text: str) -> str:
    """The text with plain marks, line for line."""
    lines = text.splitlines()
    for tidy in (_head_of_file, _underlined, _boxes, _bullets, _numbers, without_speaker):
        lines = tidy(lines)
    return "\n".join(lines)


_BOX = re.compile(r"^(\s*)(?:[-*+•]\s+)?(?:\[[ xX✓]?\]|[☐☑☒])\s+(?=\S)")
_ASIDE = re.compile(r"^(\s*[-–—]\s+\S.*?)\s+[-–—]\s*$")
_BRACKETED = re.compile(r"^(\s*)\((\d{1,3})\)\s+(?=\S)")


def _boxes(lines: list[str]) -> list[str]:
    """Boxes to tick as bullets, numbers in brackets as numbers, asides between dashes: "[ ] Sink" → "- Sink", "(2) Sink" → "2. Sink",
    "- slowly -" → "- slowly"."""
    return [_ASIDE.sub(r"\1", _BRACKETED.sub(r"\1\2. ", _BOX.sub(r"\1- ", line))) for line in lines]


def _head_of_file(lines: list[str]) -> list[str]:
    """The head between two rules: its title is the title, the rest stays as words."""
    if not lines or not _RULE.fullmatch(lines[0]):
        return lines
    end = next((k for k, line in enumerate(lines[1:MOST_HEAD_LINES], 1) if _RULE.fullmatch(line)), None)
    if end is None or not all(re.match(r"\s*\w[\w -]*:|\s*$", line) for line in lines[1:end]):
        return lines
    head = [
        re.sub(r"^\s*title\s*:\s*[\"']?(.*?)[\"']?\s*$", r"# \1", line, flags=re.IGNORECASE) for line in lines[1:end]
    ]
    return ["", *head, "", *lines[end + 1 :]]


MOST_HEAD_LINES = 20
_RULE = re.compile(r"\s*(?:-{3,}|={3,}|_{3,}|\*{3,}|~{3,})\s*")


def _underlined(lines: list[str]) -> list[str]:
    """A line with a rule under it is a heading, with "=" of the first level; a rule by itself is nothing."""
    out = list(lines)
    for k, line in enumerate(lines):
        if not _RULE.fullmatch(line):
            continue
        out[k] = ""
        over = lines[k - 1] if k else ""
        sign = line.strip()[0]
        if over.strip() and sign in "=-~" and not re.match(r"\s*[#|>]|\s*[-*+•]\s", over):
            out[k - 1] = f"{'#' if sign == '=' else '##'} {over.strip()}"
    return out


def _bullets(lines: list[str]) -> list[str]:
    """Bullets as "- ", further in for every other shape that comes below the first."""
    shapes = list(dict.fromkeys(m[2] for line in lines if (m := _BULLET.match(line))))
    if not any(_BULLET.match(line) and ("\t" in line or shape not in "•") for line in lines for shape in shapes):
        return lines
    return [
        f"{m[1].expandtabs(4)}{'  ' * shapes.index(m[2])}- {line[m.end() :]}" if (m := _BULLET.match(line)) else line
        for line in lines
    ]


_BULLET = re.compile(r"(\s*)(?:([•◦▪▫‣●○∙·⁃\uf0b7§])\s+|(?=o\t)(o)\t\s*)")


def _numbers(lines: list[str]) -> list[str]:
    """Lines that count on in a row with bare numbers ("8 Single whip", "9 Lift hands"), with their numbers marked as such."""
    found = [(k, m) for k, line in enumerate(lines) if (m := _BARE_NUMBER.match(line))]
    numbers = [int(m[2]) for _, m in found]
    fewest = 1 if any(DECIMAL.match(line) for line in lines) else FEWEST_IN_A_ROW
    if len(numbers) < fewest or any(b != a + 1 for a, b in pairwise(numbers)):
        return lines
    out = list(lines)
    for k, m in found:
        out[k] = f"{m[1]}{m[2]}. {lines[k][m.end() :]}"
    return out


_BARE_NUMBER = re.compile(
    r"(\s*)(\d{1,3})\s+(?=[^\W\d_])(?!(?:counts?|beats?|times|breaths?|seconds?|minutes?|percent|degrees)\b)"
)


def without_speaker(lines: list[str]) -> list[str]:
    """Lines without the name of the one who speaks nearly all of them, or of those who speak them in turn."""
    found = [_SPOKEN_BY.match(line) for line in lines]
    names = Counter(m[2] for m in found if m and m[2].lower() not in NO_SPEAKERS)
    said = sum(bool(line.strip()) for line in lines)
    often = {name for name, n in names.items() if n >= FEWEST_IN_A_ROW}
    all_speak = (
        sum(names.values()) >= ALL_SPEAK * said
    )  # then a name that comes once or twice is of one who speaks, too
    if not often or not (all_speak or sum(names[n] for n in often) >= MOSTLY * said):
        return lines
    return [
        m[1] + line[m.end() :] if m and (m[2] in often or (all_speak and m[2] in names)) else line
        for m, line in zip(found, lines, strict=True)
    ]


MOSTLY, ALL_SPEAK = 0.6, 0.9
"""From this share of lines on somebody speaks the text, or several in turn do (own choice)."""
_SPOKEN_BY = re.compile(rf"(\s*(?:[\[(]?{CLOCK}[\])]?\s*[-–—:]?\s*)?)([A-Z][\w.’']*(?: [\w.’']+){{0,2}}):\s+(?=\S)")
NO_SPEAKERS = frozenset(
    "inhale exhale breath in out left right weight feet foot hands hand arms note notes cue posture movement step counts count side name section time"
    " caution gentler option easier harder".split()
)
"""With these before a colon nobody is named."""
