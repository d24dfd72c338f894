"""The booth: the lines of a session that the instructor can speak, in order, each with the time it may take."""

from __future__ import annotations

import re
from collections.abc import Mapping, Sequence

from kemvo.core.cues.kinds import CUE_KINDS
from kemvo.core.cues.terms import in_terms
from kemvo.core.practice.pipeline import Practice
from kemvo.core.scheduling.reasons import leeway
from kemvo.core.types import Value


class BoothLine(Value):
    """A line to speak. `text`: what is heard; `at_ms`: when first; `times`: how often; `may_ms`: how long it may take in
    the narrowest of its places; `now_ms`: how long it takes now, `own`: in the instructor's own voice. `file`: what a
    sound file of it may be called. `kind`: what it is for."""

    text: str
    kind: str
    at_ms: int
    times: int
    may_ms: int
    now_ms: int
    own: bool
    file: str


def booth(practice: Practice, own: Mapping[str, object]) -> list[BoothLine]:
    """The lines of a practice in the order in which they are first heard. `own`: the texts that have a take."""
    found: dict[str, BoothLine] = {}
    room = leeway(practice.decided.talk, practice.decided.answer)
    spoken = [d for d in practice.decisions if d.speaks() and d.start_ms is not None and d.end_ms is not None]
    for d in sorted(spoken, key=lambda d: d.start_ms or 0):
        may = room[d.cue.id]
        before = found.get(d.text)
        if before:
            found[d.text] = before.model_copy(update={"times": before.times + 1, "may_ms": min(before.may_ms, may)})
            continue
        found[d.text] = BoothLine(
            text=d.text,
            kind=CUE_KINDS[d.cue.kind].title,
            at_ms=d.start_ms or 0,
            times=1,
            may_ms=may,
            now_ms=(d.end_ms or 0) - (d.start_ms or 0),
            own=in_terms(d.text, practice.pronunciations) in own,
            file=file_stem(d.text),
        )
    return list(found.values())


def file_stem(text: str) -> str:
    """What a sound file of a line is called: its words in lower case, with hyphens."""
    return "-".join(re.findall(r"[^\W_]+", text.casefold()))[:100]


def line_of_file(name: str, lines: Sequence[BoothLine]) -> BoothLine | None:
    """The line that a sound file is named after: its words, whatever number stands before them."""
    stem = file_stem(re.sub(r"\.[^.]*$", "", name))
    plain = re.sub(r"^(?:line-)?\d+-", "", stem)
    return next((x for x in lines if x.file in (stem, plain)), None)
