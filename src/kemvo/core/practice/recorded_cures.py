"""The cures of a cue in a recording: those of words as in a session, and the kept talk lowered where it stands in the way."""

from __future__ import annotations

from collections.abc import Iterator
from typing import NamedTuple

from kemvo.core.model.session import Forms, Session
from kemvo.core.practice.cures import BETTER, cures, outcome_of
from kemvo.core.practice.pipeline import Measure, prepare
from kemvo.core.practice.recorded import lay_out_recording, session_of
from kemvo.core.recording.model import KeptTalk, Recording
from kemvo.core.types import in_minutes


class RecordedCure(NamedTuple):
    """A change that lets a cue be said: in words, and the recording with it."""

    says: str
    recording: Recording


def recorded_cures(
    recording: Recording, session: Session, forms: Forms, measure: Measure, cue_id: str
) -> list[RecordedCure]:
    """The cures of a cue, the smallest change first. Raises KemvoError when there is no such cue."""
    own = session_of(recording, session)
    laid = lay_out_recording(recording, own, forms)[1]
    of_words = [
        RecordedCure(c.says, recording.model_copy(update={"cue_choices": c.session.cue_choices}))
        for c in cures(own, forms, measure, cue_id, laid)
    ]
    return [*_without_talk(recording, own, forms, measure, cue_id), *of_words]


def _without_talk(
    recording: Recording, own: Session, forms: Forms, measure: Measure, cue_id: str
) -> Iterator[RecordedCure]:
    """Kept talk lowered where the cue would be said, if that lets it be said better."""
    ready = prepare(own, forms, measure, laid=lay_out_recording(recording, own, forms)[1])
    cue = next((c for c in ready.found.cues if c.id == cue_id), None)
    if cue is None:
        return
    now = outcome_of(ready, own, cue)
    for talk in recording.talk:
        if talk.how != "keep" or talk.from_ms >= cue.due_ms or talk.to_ms <= cue.opens_ms:
            continue
        lowered = tuple(
            KeptTalk(from_ms=t.from_ms, to_ms=t.to_ms, how="lower") if t is talk else t for t in recording.talk
        )
        changed = recording.model_copy(update={"talk": lowered})
        then = outcome_of(prepare(own, forms, measure, laid=lay_out_recording(changed, own, forms)[1]), own, cue)
        if BETTER[then.state] > BETTER[now.state]:
            yield RecordedCure(f"Lower the talk that is kept at {in_minutes(talk.from_ms)}.", changed)
