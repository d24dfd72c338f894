"""Joining lines that run on: wrapped sentences, and captions cut anywhere."""

from __future__ import annotations

import re
from collections.abc import Container, Iterator, Sequence
from itertools import pairwise

from kemvo.core.language import lexicon as lx
from kemvo.core.reading.quantities import COUNTED
from kemvo.core.reading.tokens import without_sounds
from kemvo.core.text_import.one_line.labels import LOWER_LABEL, NUMBER, NUMBER_LABEL
from kemvo.core.text_import.whole_text.entries import ScriptEntry

SELDOM = 0.15
"""Up to this share of lines that break off within a sentence, lines count as cut at its end (own measurement: spoken lines
of one sentence each have at most 0.12 of them; cut after four to ten words, nine in ten texts have more than 0.22)."""

UNFINISHED = frozenset(
    "the a an your my our his her its to into onto of and with from at by is are am will going gonna it's you're we're i'm"
    " as or but for until while than on that we you i they".split()
)
"""With these a line seldom ends, where it ends with its sentence."""

BEFORE_YOU = frozenset("see thank hear to for of with behind from by beside".split())
""" "With my back to you": a whole line."""

UNBEGINNING = frozenset(
    "foot feet leg legs heel heels toe toes knee knees percent % degrees of counts seconds"
    " to into onto then until or but beside behind past towards toward than which".split()
)
"""With these a sentence seldom begins, though people speak so: "onto the right", "then the left"."""

LONGEST_SENTENCE = 1200
"""Letters of a sentence that is put together of lines."""

_ENDED = (".", "!", "?", ":", ";")
_BULLET = re.compile(r"[-*+•]\s")


def cut_at_sentences(entries: Sequence[ScriptEntry]) -> bool:
    """Whether captions without punctuation are cut where a sentence ends, as a person cuts them, and not anywhere, as a
    recogniser does."""
    return _seldom_breaks_off([(a.text, b.text) for a, b in pairwise(entries) if a.flows])


def _seldom_breaks_off(pairs: Sequence[tuple[str, str]]) -> bool:
    return bool(pairs) and sum(breaks_off(a, b) for a, b in pairs) <= SELDOM * len(pairs)


def _labelled(text: str) -> bool:
    """Whether a line begins an item of a list."""
    return any(label.match(text) for label in (NUMBER, NUMBER_LABEL, LOWER_LABEL, _BULLET))


def line_goes_on(before: str, after: str) -> bool:
    """Whether a caption goes on into the next within one sentence: it breaks off, or the next begins as a sentence goes on.
    Captions are cut anywhere, but seldom without a reason."""
    last, first = ["", *_words(before)][-1], _first(after)
    number = last in lx.NUMBERS or last.isdigit()
    return (
        breaks_off(before, after)
        or last in lx.UNENDING
        or first in UNBEGINNING
        or (number and first in COUNTED | set(lx.NUMBERS))
    )


def breaks_off(before: str, after: str) -> bool:
    """Whether a line plainly ends within a sentence, whatever kind of text it is."""
    *_, earlier, last = ["", "", *_words(before)]
    sided = last in ("left", "right", "front", "back", "other", "both")
    return (
        before.rstrip().endswith((",", "-", "–"))
        or (last in UNFINISHED and not (last == "you" and earlier in BEFORE_YOU))
        or (sided and _first(after) in lx.FOOT | lx.HAND | {"side"})
    )


def _words(text: str) -> list[str]:
    found: list[str] = re.findall(r"[a-z'’]+|\d+", without_sounds(text.lower()))
    return found


def _first(text: str) -> str:
    return next(iter(re.findall(r"[a-z'’]+|\d+|%", without_sounds(text.lower()))), "")


def running(entries: Sequence[ScriptEntry], begin: Container[int]) -> list[ScriptEntry]:
    """The lines of a plain text, put together where a sentence is wrapped over several of them.

    `begin`: the numbers of the lines in which something new begins whatever they say (after an empty line, at the mark of a
    list). A sentence that ends with its mark becomes one entry. Where there are no such marks, or every line has its
    time, the lines stay as they are and flow into each other as captions do.
    """
    may = [_may_run_on(a, b, begin) for a, b in pairwise(entries)]
    pairs = [(a.text, b.text) for (a, b), runs in zip(pairwise(entries), may, strict=True) if runs]
    ends = _seldom_breaks_off(pairs)
    out: list[ScriptEntry] = []
    for run in _runs(entries, may):
        if not ends or _is_sentence(run):
            out += _as_one(run)
        else:
            for part in _runs(run, [breaks_off(a.text, b.text) for a, b in pairwise(run)]):
                out += _as_one(part)
    return out


def _is_sentence(run: Sequence[ScriptEntry]) -> bool:
    """Whether lines begin and end together as a written sentence does."""
    return run[0].text[:1].isupper() and run[-1].text.endswith(_ENDED)


def _may_run_on(a: ScriptEntry, b: ScriptEntry, begin: Container[int]) -> bool:
    """Whether nothing says that a line ends its sentence."""
    if a.line == b.line or b.line in begin or a.heading or b.heading or a.text.endswith(_ENDED):
        return False
    if _labelled(b.text):
        return False
    return not b.text[:1].isupper() or breaks_off(a.text, "")


def _runs(entries: Sequence[ScriptEntry], runs_on: Sequence[bool]) -> Iterator[list[ScriptEntry]]:
    run: list[ScriptEntry] = []
    for e, on in zip(entries, [*runs_on, False], strict=False):
        run.append(e)
        if not on:
            yield run
            run = []


def _as_one(run: Sequence[ScriptEntry]) -> list[ScriptEntry]:
    """Lines that run on: one sentence, or lines that flow."""
    whole = " ".join(e.text for e in run)
    timed = sum(e.t_ms is not None for e in run)
    if len(run) > 1 and timed <= 1 and whole.endswith(_ENDED) and len(whole) <= LONGEST_SENTENCE:
        return [run[0]._replace(text=whole, until_ms=run[-1].until_ms)]
    return [e._replace(flows=True) for e in run[:-1]] + [run[-1]]
