"""Caption rows: captions cut anywhere, rejoined into whole sentences or self-contained pieces."""

from __future__ import annotations

import re
from bisect import bisect_left, bisect_right
from collections.abc import Container, Iterator, Sequence
from itertools import pairwise

from kemvo.core.text_import.one_line.posture_lines import LEADING
from kemvo.core.text_import.whole_text.line_joining import UNFINISHED, line_goes_on
from kemvo.core.text_import.whole_text.script import ReadEntry

_SENTENCE_END = re.compile(r"[.!?]+[\"'”’)]*\s+|\n")

LONG = 14
"""A row of captions without punctuation has at most about so many words (own choice)…"""
SHORT = 4
"""…and at least so many, where more are told (own choice)."""


def in_rows(read: Sequence[ReadEntry]) -> list[ReadEntry]:
    """The entries, of which those that flow into each other are put together and cut anew, where sentences end or, without
    punctuation, where the next thing is told. Each has the facts of its words, and the time at which they begin."""
    out: list[ReadEntry] = []
    run: list[ReadEntry] = []
    for i, r in enumerate(read):
        run.append(r)
        if not r.entry.flows or i == len(read) - 1:
            alone = r._replace(entry=r.entry._replace(flows=False))
            out += _rows_of(run) if len(run) > 1 else [alone]
            run = []
    return out


def _rows_of(run: Sequence[ReadEntry]) -> Iterator[ReadEntry]:
    text, offsets = run[0].entry.text, [0]
    for a, b in pairwise(run):
        offsets.append(len(text) + 1)
        # A person cuts where a sentence ends; that shows only where the pieces do not go on.
        text += (
            " " if line_goes_on(a.entry.text, b.entry.text) or not b.entry.text[:1].isupper() else "\n"
        ) + b.entry.text
    facts = [
        f.model_copy(update={"start": f.start + at, "end": f.end + at})
        for r, at in zip(run, offsets, strict=True)
        for f in r.facts
    ]
    named = [_lead(text, f.start) for f in facts if f.kind == "posture"]
    clauses = [c + at for r, at in zip(run, offsets, strict=True) for c in r.clauses]
    names = [m.start() for m in _ANNOUNCES.finditer(text)]
    breaks = sorted({*names, *(m.start() for m in _OTHERWISE.finditer(text))})
    clauses = sorted({c for c in (*clauses, *named, *breaks) if not _led_to(text, c) or c in breaks})
    starts = sorted(_lead(text, f.start) if f.kind == "posture" else f.start for f in facts)
    ends = [m.end() for m in _SENTENCE_END.finditer(text)]
    cuts = [0]
    for begin, end in pairwise([0, *ends, len(text)]):
        announced = [b for b in breaks if begin < b < end]
        if announced or len(text[begin:end].split()) > LONG:
            here = _may_cut(
                text, [c for c in clauses if begin < c < end], [o for o in offsets if begin < o < end], begin, end
            )
            told = [n for n in names if begin <= n < end]
            found = {*_cuts_within(text, begin, end, here, starts), *announced, *_after_names(text, told, here, end)}
            cuts += _no_scraps(text, begin, sorted(found), set(announced))
        cuts.append(end)
    for begin, end in pairwise(cuts):
        words = text[begin:end].strip()
        if words:
            k = bisect_right(offsets, begin) - 1
            mine = [
                f.model_copy(update={"start": f.start - begin, "end": min(f.end, end) - begin})
                for f in facts
                if begin <= f.start < end
            ]
            entry = run[k].entry._replace(
                text=" ".join(words.split()),
                t_ms=_time(run, offsets, k, begin),
                flows=False,
                until_ms=run[-1].entry.until_ms,
            )
            yield ReadEntry(entry, mine)


_AND = r"(?:(?:and|so|then|now|okay|ok|well)\s+)*"
_ANNOUNCES = re.compile(
    rf"\b{_AND}(?:"
    r"(?:we|you)(?:'re|\s+are|'ll)?\s+(?:then\s+)?(?:come|go|going|get|move|start|begin)\s+(?:on\s+)?(?:to|into|with)\s+(?!(?:the\s+)?(?:left|right|other|middle|centre|center|back|front|your|a\s|our)\b)"
    r"|(?:the\s+|our\s+)?(?:next|last|first|second|third|fourth|fifth|sixth)\s+(?:one|thing|posture|movement|move)\s+is\b"
    r"|this\s+(?:one\s+)?is\s+called\b"
    r"|(?:that|which)\s+(?:takes|brings)\s+us\s+(?:in)?to\b"
    r")",
    re.IGNORECASE,
)
"""Where people who speak without stops announce a posture."""
_OTHERWISE = re.compile(
    rf"\b{_AND}(?:"
    r"(?:be\s+)?careful\b|(?:please\s+)?don'?t\s+(?!know)|the\s+same\s+(?:thing\s+)?(?:on|to)\b|lovely\b|well\s+done\b|thank\s+you\b"
    r")",
    re.IGNORECASE,
)
"""Where they begin something of another kind: a caution, once more, talk."""


def _no_scraps(text: str, begin: int, cuts: Sequence[int], surely: Container[int]) -> list[int]:
    """Cuts of which none leaves a piece of too few words before it. `surely`: those that go before others."""
    out: list[int] = []
    for cut in cuts:
        while out and cut in surely and out[-1] not in surely and len(text[out[-1] : cut].split()) < SHORT:
            out.pop()
        if len(text[out[-1] if out else begin : cut].split()) >= SHORT:
            out.append(cut)
    return out


def _after_names(text: str, announced: Sequence[int], clauses: Sequence[int], end: int) -> list[int]:
    """Where what is told after an announced name begins: at the next clause, if it comes soon."""
    out = []
    for at in announced:
        after = next((c for c in clauses if c > at and c not in announced), end)
        out += [after] if SHORT <= len(text[at:after].split()) <= LONG and after < end else []
    return out


LEADS_TO = UNFINISHED | frozenset("that's this that now so then next called it's here's was like okay and".split())
""" "And that's | brush knee": what leads up to a name stays with it."""


_LAST_WORD = re.compile(r"[\w'’]+\s*$")
A_WORD = 30
"""How many letters are looked back for the word before."""


def _word_before(text: str, at: int) -> tuple[str, int]:
    """The word before a place, and where it begins."""
    since = max(0, at - A_WORD)
    found = _LAST_WORD.search(text[since:at])
    return (found[0].strip().lower(), since + found.start()) if found else ("", at)


def _lead(text: str, name: int) -> int:
    """Where the words begin that lead up to a name: "now we go into | single whip"."""
    at = name
    word, before = _word_before(text, at)
    while word in LEADING and word not in ("it", "that"):
        at = before
        word, before = _word_before(text, at)
    return at


def _led_to(text: str, at: int) -> bool:
    return _word_before(text, at)[0] in LEADS_TO


def _time(run: Sequence[ReadEntry], offsets: Sequence[int], k: int, at: int) -> int | None:
    """When the word at `at` is said: within the caption `k`, by how much of it is said before."""
    begins = run[k].entry.t_ms
    after = run[k + 1].entry.t_ms if k + 1 < len(run) else None
    if begins is None or after is None or after <= begins:
        return begins
    return begins + round((after - begins) * (at - offsets[k]) / max(1, len(run[k].entry.text) + 1))


def _may_cut(text: str, clauses: Sequence[int], captions: Sequence[int], begin: int, end: int) -> list[int]:
    """Where a stretch may be cut: where clauses begin, and within very long ones where captions do."""
    out = list(clauses)
    for at, after in pairwise([begin, *clauses, end]):
        if len(text[at:after].split()) > LONG:
            out += [c for c in captions if at < c < after]
    return sorted(out)


def _cuts_within(text: str, begin: int, end: int, clauses: Sequence[int], facts: Sequence[int]) -> list[int]:
    """Where a long stretch without a sentence's end is cut: at the clause that tells the next thing. `clauses` and `facts`:
    where they begin, in order."""
    out: list[int] = []
    since = begin
    for at, after in pairwise([*clauses, end]):
        before = len(text[since:at].split())
        told = bisect_left(facts, since) < bisect_left(facts, at) or before > LONG
        tells = bisect_left(facts, at) < bisect_left(facts, after)
        if at > since and before >= SHORT and ((told and tells) or before + len(text[at:after].split()) > LONG + SHORT):
            out.append(at)
            since = at
    return out
