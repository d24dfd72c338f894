"""Importing an edited cue file: changed lines become new wordings, new times, or cues of the instructor's own."""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import NamedTuple

from rapidfuzz import fuzz

from kemvo.core.cues.decisions import Decision
from kemvo.core.cues.overrides import STEP_MS, with_choice
from kemvo.core.model.session import CueChoice, OwnCue, Session
from kemvo.core.practice.pipeline import Practice
from kemvo.core.types import Value

SAME_MS = 20
"""Times closer than this are the same: files round them."""

NEAR_MS = 6000
"""A line is the same cue only where it is said at about the same time."""

ALIKE = 62.0
"""From this likeness of their words on (0 to 100), a line at about the time of a cue is that cue in other words (own
choice)."""


class FileCue(NamedTuple):
    """A line of a file: when it begins, the words, the cue's id where the file has kept it, and how far its time may be
    off because the file rounds it."""

    start_ms: int
    text: str
    id: str = ""
    grain_ms: int = SAME_MS


class Taken(Value):
    """What taking a file over comes to: the session, and in a sentence what changes."""

    session: Session
    same: int
    reworded: int
    moved: int
    own: int
    left_out: int
    says: str


def taken(lines: Sequence[FileCue], practice: Practice, session: Session, only: bool) -> Taken:
    """A session that says what the lines of a file say. `only`: what the file does not say is left out; else it stays."""
    said = [d for d in practice.decisions if d.speaks() and d.start_ms is not None]
    pairs, strange = _paired(lines, said)
    same = reworded = moved = 0
    made = session
    for line, d in pairs:
        other = _words(line.text) != _words(d.text)
        off = abs(line.start_ms - (d.start_ms or 0)) > line.grain_ms
        same += not other and not off
        reworded += other
        moved += off
        own = next((c for c in made.own_cues if d.cue.id == f"own.{c.id}.text"), None)
        if own is not None and (other or off):
            changed = own.model_copy(update={"text": line.text, "at_ms": own.at_ms + line.start_ms - (d.start_ms or 0)})
            made = made.model_copy(update={"own_cues": tuple(changed if c.id == own.id else c for c in made.own_cues)})
            continue
        change: dict[str, object] = {}
        if other:
            change["text"] = line.text
            for i in d.together[1:]:
                made = with_choice(made, CueChoice(cue=i, said=False))
        if off:
            change["pin_ms"] = round((line.start_ms - d.cue.target_ms) / STEP_MS) * STEP_MS
        if change:
            made = with_choice(made, CueChoice(cue=d.cue.id, **change))
    for line in strange:
        new = OwnCue(id=_free(made), text=line.text, at_ms=line.start_ms)
        made = made.model_copy(update={"own_cues": (*made.own_cues, new)})
    unsaid = [d for d in said if all(d is not x for _, x in pairs)] if only else []
    for d in unsaid:
        for i in d.together or (d.cue.id,):
            made = with_choice(made, CueChoice(cue=i, said=False))
    left = len(unsaid)
    parts = [f"{n} {what}" for n, what in ((same, "as they are"), (reworded, "in other words"), (moved, "at another time"), (len(strange), "new"), (left, "left out")) if n]  # fmt: skip
    says = f"{len(lines)} lines: {', '.join(parts)}." if parts else "There is nothing in this file to take over."
    return Taken(session=made, same=same, reworded=reworded, moved=moved, own=len(strange), left_out=left, says=says)


def _paired(lines: Sequence[FileCue], said: Sequence[Decision]) -> tuple[list[tuple[FileCue, Decision]], list[FileCue]]:
    """Each line with the cue it is, the surest first; and the lines that are none."""
    free = {d.cue.id: d for d in said}
    chosen: dict[int, Decision] = {}
    for n, line in enumerate(lines):
        if line.id in free:
            chosen[n] = free.pop(line.id)
    tries = sorted(
        (-likeness, abs(line.start_ms - (d.start_ms or 0)), n, d.cue.id)
        for n, line in enumerate(lines)
        if n not in chosen
        for d in free.values()
        if abs(line.start_ms - (d.start_ms or 0)) <= NEAR_MS and (likeness := _likeness(line, d)) >= ALIKE
    )
    for _, _, n, id_ in tries:
        if n not in chosen and id_ in free:
            chosen[n] = free.pop(id_)
    pairs = [(line, chosen[n]) for n, line in enumerate(lines) if n in chosen]
    return pairs, [line for n, line in enumerate(lines) if n not in chosen]


def _likeness(line: FileCue, d: Decision) -> float:
    words = _words(line.text)
    if words == _words(d.text):
        return 101.0
    return max(fuzz.ratio(words, _words(t)) for t in (d.text, d.cue.wordings[0].text))


def _words(text: str) -> str:
    return " ".join(re.findall(r"[^\W_]+", text.casefold()))


def _free(session: Session) -> str:
    used = {c.id for c in session.own_cues}
    n = len(used) + 1
    while f"f{n}" in used:
        n += 1
    return f"f{n}"
